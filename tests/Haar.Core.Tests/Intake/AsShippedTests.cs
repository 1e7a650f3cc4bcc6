using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Intake;

public class AsShippedTests
{
    static readonly DateOnly Today = new(2026, 11, 25);

    static readonly ShippedConfiguration[] Sold =
    [
        new("one", "with one drive", [new("drive", "105 MB SCSI drive"), new("memory", "4 MB"), new("supply", "230 W supply")]),
        new(
            "two",
            "with two drives",
            [
                new("drive", "210 MB SCSI drive"),
                new("second drive", "210 MB SCSI drive"),
                new("memory", "8 MB"),
                new("supply", "300 W supply"),
            ]
        ),
    ];

    static FoundItem F(string slot, string what = "", string code = "", bool absent = false, ItemFate? said = null) =>
        new()
        {
            Id = Guid.NewGuid(),
            Slot = slot,
            What = what,
            DateCode = code,
            Absent = absent,
            SaidFate = said,
        };

    static AsShippedResult Of(params FoundItem[] found) => AsShipped.Of(Sold, found, 1991, 1991, Today);

    static ItemVerdict Item(AsShippedResult r, string slot) => r.Items.Single(i => i.Slot == slot);

    [Fact]
    public void A_drive_three_years_younger_is_an_earlier_repair()
    {
        var i = Item(Of(F("drive", "210 MB SCSI drive", "9417"), F("memory", "8 MB")), "drive");
        Assert.Equal(ItemFate.SwappedInPeriod, i.Fate);
        Assert.Equal("This drive is 3 years younger than the machine: an earlier repair or upgrade.", i.Sentence);
        Assert.Equal(Basis.Measured, i.Basis);
    }

    [Theory]
    [InlineData("9105", ItemFate.Original)]
    [InlineData("9717", ItemFate.SwappedInPeriod)]
    [InlineData("9817", ItemFate.SwappedLater)]
    [InlineData("0410", ItemFate.SwappedLater)]
    public void The_date_decides_between_period_and_later(string code, ItemFate fate) =>
        Assert.Equal(fate, Item(Of(F("drive", "105 MB SCSI drive", code)), "drive").Fate);

    [Fact]
    public void The_configuration_that_fits_best_is_named_with_what_would_tell_it_from_the_next()
    {
        var r = Of(F("memory", "8 MB"), F("drive", "210 MB SCSI drive"));
        Assert.Equal("two", r.Fits[0].Configuration.Id);
        Assert.StartsWith("with two drives fits best", r.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Contains(
            r.TellApart,
            t =>
                t.StartsWith(
                    "Second drive: 210 MB SCSI drive means with two drives; nothing there means with one drive",
                    StringComparison.Ordinal
                )
        );
    }

    [Fact]
    public void A_later_part_says_nothing_of_what_was_there_before()
    {
        var r = Of(F("drive", "210 MB SCSI drive", "9817"), F("memory", "4 MB"));
        Assert.Equal("one", r.Fits[0].Configuration.Id);
        Assert.Equal(0, r.Fits[0].Contradicts);
    }

    [Fact]
    public void Nothing_noted_is_not_known_and_says_what_to_look_at()
    {
        var r = Of();
        Assert.Equal(Outcome.Unknown, r.Verdict.Outcome);
        Assert.NotEmpty(r.TellApart);
        Assert.All(r.Items, i => Assert.Equal(ItemFate.NotKnown, i.Fate));
        Assert.Equal(Outcome.Unknown, AsShipped.Of([], [], null, null, Today).Verdict.Outcome);
    }

    [Fact]
    public void Missing_added_and_a_persons_own_word()
    {
        var r = Of(
            F("memory", "8 MB"),
            F("second drive", absent: true),
            F("sound card", "8-bit sound card"),
            F("supply", "300 W supply", said: ItemFate.SwappedLater)
        );
        Assert.Equal(ItemFate.Missing, Item(r, "second drive").Fate);
        Assert.Equal(ItemFate.Added, Item(r, "sound card").Fate);
        Assert.Equal((ItemFate.SwappedLater, true), (Item(r, "supply").Fate, Item(r, "supply").Said));
    }

    [Fact]
    public void Two_that_fit_equally_are_said_to()
    {
        var r = AsShipped.Of(
            [new("a", "A", [new("x", "one"), new("y", "two")]), new("b", "B", [new("x", "one"), new("y", "three")])],
            [F("x", "one")],
            1991,
            1991,
            Today
        );
        Assert.Equal(Outcome.Unknown, r.Verdict.Outcome);
        Assert.StartsWith("A and B fit equally well", r.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Single(r.TellApart);
    }

    [Fact]
    public void Bad_facts_name_their_field()
    {
        Assert.Equal("slot", Assert.Throws<InvalidInputException>(() => Of(F("drive", "a"), F("Drive ", "b"))).Field);
        Assert.Equal("code", Assert.Throws<InvalidInputException>(() => AsShipped.Check(F("drive", "a", "xx"))).Field);
        Assert.Equal("what", Assert.Throws<InvalidInputException>(() => AsShipped.Check(F("drive", "a", absent: true))).Field);
        Assert.Throws<InvalidInputException>(() => AsShipped.Of(Sold, [], 1991, 1991, Today, -1));
    }
}
