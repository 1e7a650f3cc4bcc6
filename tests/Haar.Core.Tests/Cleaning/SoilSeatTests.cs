using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Cleaning;

/// <summary>Where a soil sits, what is loose and not off yet, and what a pass takes from the shelf.</summary>
public class SoilSeatTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 1, 18, 0, 0, TimeSpan.Zero);

    static CleaningFacts Abs(params CleaningTrial[] trials) =>
        new()
        {
            Materials = [Material.Abs],
            Features = [],
            Soils = [Soil.NotKnown],
            Trials = trials,
        };

    [Theory]
    [InlineData("yes", "notKnown", "NotKnown", "notKnown", "notKnown", Seat.On)]
    [InlineData("no", "yes", "NotKnown", "notKnown", "notKnown", Seat.Behind)]
    [InlineData("no", "no", "Pitted", "notKnown", "notKnown", Seat.Surface)]
    [InlineData("no", "no", "Raised", "notKnown", "notKnown", Seat.On)]
    [InlineData("no", "no", "Level", "yes", "notKnown", Seat.On)]
    [InlineData("no", "no", "Level", "no", "no", Seat.Surface)]
    [InlineData("no", "no", "Level", "no", "yes", Seat.In)]
    [InlineData("no", "no", "Level", "no", "notKnown", Seat.NotKnown)]
    [InlineData("notKnown", "notKnown", "NotKnown", "notKnown", "notKnown", Seat.NotKnown)]
    public void Mild_tests_say_where_it_sits(string swab, string moves, string nail, string spirit, string cover, Seat seat)
    {
        var r = SoilSeat.Of(
            new()
            {
                SwabTakes = Enum.Parse<ThreeState>(swab, true),
                Moves = Enum.Parse<ThreeState>(moves, true),
                Nail = Enum.Parse<NailFeels>(nail),
                SpiritTakes = Enum.Parse<ThreeState>(spirit, true),
                SameUnderCover = Enum.Parse<ThreeState>(cover, true),
            }
        );
        Assert.Equal(seat, r.Seat);
        Assert.Equal(seat == Seat.NotKnown, r.Next.Length > 0);
        Assert.Equal(seat == Seat.NotKnown ? Outcome.Unknown : Outcome.Yes, r.Verdict.Outcome);
    }

    [Fact]
    public void The_mildest_test_is_asked_first_and_alcohol_only_after_a_spot_test()
    {
        var t = new SeatTests();
        Assert.Contains("swab with a little water", SoilSeat.Of(t).Next);
        t = t with { SwabTakes = ThreeState.No };
        Assert.Contains("Move your head", SoilSeat.Of(t).Next);
        t = t with { Moves = ThreeState.No };
        Assert.Contains("fingernail", SoilSeat.Of(t).Next);
        t = t with { Nail = NailFeels.Level };
        Assert.Contains("hidden place bore it", SoilSeat.Of(t).Next);
    }

    [Fact]
    public void What_is_behind_or_is_the_surface_is_not_cleaned_from_the_front()
    {
        var behind = Ladder.For(
            Abs() with
            {
                Seat = new() { Moves = ThreeState.Yes, SwabTakes = ThreeState.No },
            }
        );
        Assert.Equal(Outcome.No, behind.Verdict.Outcome);
        Assert.Null(behind.Next);
        var yellow = new SeatTests
        {
            SwabTakes = ThreeState.No,
            Moves = ThreeState.No,
            Nail = NailFeels.Level,
            SpiritTakes = ThreeState.No,
            SameUnderCover = ThreeState.No,
        };
        Assert.Contains("yellowed", Ladder.For(Abs() with { Seat = yellow }).Verdict.Sentence);
        // What is drawn in may still be tried, and it is said.
        var drawn = Ladder.For(Abs() with { Seat = yellow with { SameUnderCover = ThreeState.Yes } });
        Assert.NotNull(drawn.Next);
        Assert.Contains(drawn.Verdict.Reasons, r => r.Text.StartsWith("Drawn in", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_loose_is_carried_off_before_anything_harder_and_is_not_counted_as_off()
    {
        var f = Abs(new CleaningTrial("cloth-damp", 0.6), new CleaningTrial("alcohol", 0, Loosened: 0.6)) with { Soils = [Soil.Grease] };
        var l = Ladder.For(f);
        Assert.Equal(0.4, l.LeftShare, 6);
        Assert.Equal("cloth-damp", l.Next);
        Assert.StartsWith("Carry off what lies loose", l.Verdict.Sentence);
        // Carried off, and the method that loosened it has not had its turn.
        var after = Ladder.For(f with { Trials = [.. f.Trials, new("cloth-damp", 0.6)] });
        Assert.DoesNotContain("Carry off", after.Verdict.Sentence);
        Assert.NotEqual(RungState.Tried, after.Rungs.Single(r => r.Method == "alcohol").State);
        // Nothing loose and nothing off: it has had its turn.
        var without = Ladder.For(f with { Trials = [f.Trials[0], new("alcohol", 0)] });
        Assert.Equal(RungState.Tried, without.Rungs.Single(r => r.Method == "alcohol").State);
    }

    [Fact]
    public void What_carries_is_still_never_what_the_part_does_not_bear()
    {
        // Droppings are never brushed dry, loose or not.
        var f = new CleaningFacts
        {
            Materials = [Material.BareSteel],
            Features = [],
            Soils = [Soil.Droppings],
            Trials = [new("soap", 0, Loosened: 0.8)],
        };
        var l = Ladder.For(f);
        Assert.NotEqual("brush-dry", l.Next);
        Assert.Equal(RungState.Out, l.Rungs.Single(r => r.Method == "brush-dry").State);
    }

    static CleaningActFacts Facts(double alcohol) =>
        new(
            new Machine { Id = Guid.NewGuid(), Name = "M" },
            new CleanedItem
            {
                Id = Guid.NewGuid(),
                Name = "lid",
                Facts = Abs() with { Soils = [Soil.Grease] },
                Mains = ThreeState.No,
            },
            [],
            null,
            [
                new(
                    new()
                    {
                        Id = Guid.NewGuid(),
                        Kind = "isopropyl alcohol",
                        Counted = alcohol,
                        CountedAt = Now.AddDays(-1),
                    },
                    alcohol
                ),
            ]
        );

    static Decision Wipe(CleaningActFacts f, double breadths, double loosened = 0, double off = 0.2) =>
        new TryMethod("alcohol", off, false, true, true, loosened, breadths).Decide(f, new(Now, new(2026, 6, 1), Guid.NewGuid));

    [Fact]
    public void A_pass_takes_what_it_uses_off_the_shelf_and_says_so()
    {
        var f = Facts(45);
        var done = Assert.IsType<Done>(Wipe(f, 3));
        Assert.Equal(30, Assert.IsType<SupplyUse>(Assert.Single(done.Added)).Amount);
        Assert.Contains("30 ml of isopropyl alcohol off the shelf, 15 ml left", done.Sentence);
        // No more than lies there; a pass that was done stays done.
        done = Assert.IsType<Done>(Wipe(Facts(45), 20));
        Assert.Equal(45, Assert.IsType<SupplyUse>(Assert.Single(done.Added)).Amount);
        Assert.Contains("at its end", done.Sentence);
        Assert.Empty(Assert.IsType<Done>(Wipe(Facts(0), 1)).Added);
    }

    [Fact]
    public void More_than_all_of_it_cannot_have_moved_and_loose_is_seen_in_fifths()
    {
        Assert.Throws<InvalidInputException>(() => Wipe(Facts(45), 1, 0.4, 0.8));
        Assert.Equal("loosened", Assert.IsType<Refused>(Wipe(Facts(45), 1, 0.33)).Permit.Field);
        Assert.IsType<Done>(Wipe(Facts(45), 1, 0.4));
    }
}
