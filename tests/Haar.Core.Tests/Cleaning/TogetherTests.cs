using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Drying;
using Haar.Core.Intake;
using Haar.Core.Keyboards;
using Haar.Core.Mechanisms;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Cleaning;

/// <summary>Many pieces, one pass, one answer; and many pieces on the list at once.</summary>
public class TogetherTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 1, 12, 0, 0, TimeSpan.Zero);
    static readonly Machine Machine = new() { Id = Guid.NewGuid(), Name = "Micro" };
    static readonly Moment At = new(Now, new(2026, 6, 1), Guid.NewGuid);

    static CleanedItem Item(string name, Material material = Material.Abs, params Soil[] soils) =>
        new()
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Name = name,
            Facts = new() { Materials = [material], Soils = soils.Length == 0 ? [Soil.Dust] : soils },
            Dries = WetPart.Shell,
            Mains = ThreeState.No,
        };

    static TogetherFacts Of(params CleanedItem[] items) => new(Machine, [.. items.Select(i => new CleaningActFacts(Machine, i, []))], []);

    [Fact]
    public void One_answer_is_a_pass_on_each_of_them()
    {
        var items = new[] { Item("Cap one"), Item("Cap two"), Item("Cap three") };
        var next = Ladder.For(items[0].Facts).Next!;
        var done = Assert.IsType<Done>(new TryTogether(next, 0.8, false, true).Decide(Of(items), At));
        Assert.All(
            items,
            i => Assert.Equal((next, 0.8, false), (i.Facts.Trials[^1].Method, i.Facts.Trials[^1].RemovedShare, i.Facts.Trials[^1].Damage))
        );
        Assert.StartsWith("Cap one, cap two and cap three together.", done.Sentence, StringComparison.Ordinal);
        // The same as one by one: by the same code.
        var alone = Item("Cap one");
        Assert.IsType<Done>(new TryMethod(next, 0.8, false, true, true).Decide(new CleaningActFacts(Machine, alone, []), At));
        Assert.Equal(alone.Facts.Trials, items[0].Facts.Trials);
        Assert.Equal(alone.Sheet, items[0].Sheet with { });
    }

    [Fact]
    public void Damage_on_them_is_a_mend_of_each()
    {
        var items = new[] { Item("Cap one"), Item("Cap two") };
        var done = Assert.IsType<Done>(new TryTogether(Ladder.For(items[0].Facts).Next!, 0, true, true).Decide(Of(items), At));
        Assert.Equal(2, done.Added.OfType<Job>().Count());
    }

    [Fact]
    public void What_one_of_them_may_not_go_through_none_does()
    {
        var (plain, other) = (Item("Shell"), Item("Tube face", Material.Abs, Soil.Droppings));
        var next = Ladder.For(plain.Facts).Next!;
        Assert.NotEqual(next, Ladder.For(other.Facts).Next);
        var refused = Assert.IsType<Refused>(new TryTogether(next, 1, false, true).Decide(Of(plain, other), At));
        Assert.Contains("Tube face", refused.Permit.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Empty(plain.Facts.Trials);
        // It was done all the same: that is kept.
        Assert.IsType<Done>(new TryTogether(next, 1, false, true, AlreadyDone: true).Decide(Of(plain, other), At));
        Assert.Single(other.Facts.Trials);
    }

    [Fact]
    public void What_one_of_them_is_past_is_no_pass_for_all()
    {
        var (first, further) = (Item("Shell"), Item("Lid"));
        var next = Ladder.For(first.Facts).Next!;
        further.Facts = further.Facts with { Trials = [new(next, 0, false)] };
        Assert.True(new TryMethod(next, 1, false, true, true).May(new CleaningActFacts(Machine, further, []), Now).Granted);
        var refused = Assert.IsType<Refused>(new TryTogether(next, 1, false, true).Decide(Of(first, further), At));
        Assert.Contains("Lid is not next in line", refused.Permit.Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_pass_that_nobody_looked_at_wets_them_and_proves_nothing()
    {
        var items = new[] { Item("Cap one", Material.NotKnown), Item("Cap two", Material.NotKnown) };
        var next = Ladder.For(items[0].Facts).Rungs.First(r => r is { SpotTest: true, State: RungState.Later }).Method;
        bool WantsTest(CleanedItem i) => Ladder.For(i.Facts).Rungs.Single(r => r.Method == next).SpotTest;
        Assert.IsType<Done>(new TryTogether(next, 0.4, null, true, AlreadyDone: true).Decide(Of(items), At));
        Assert.All(items, i => Assert.True(WantsTest(i)));
        Assert.IsType<Done>(new TryTogether(next, 0.4, false, true, AlreadyDone: true).Decide(Of(items), At));
        Assert.All(items, i => Assert.False(WantsTest(i)));
        Assert.Throws<InvalidInputException>(() => new TryTogether(next, 1, false, true).May(Of(items[0]), Now));
    }

    [Fact]
    public void How_they_stood_is_noted_once_for_all_of_them()
    {
        CleanedItem[] items = [Item("Serial card", Material.Board, Soil.NotKnown), Item("Network card", Material.Board, Soil.NotKnown)];
        var next = Ladder.For(items[0].Facts).Next!;
        Assert.Equal("noted", Assert.IsType<Refused>(new TryTogether(next, 1, false, true).Decide(Of(items), At)).Permit.Field);
        Assert.Null(items[0].Sheet.NotedAt);
        var done = new TryTogether(next, 1, false, true) { Noted = "No jumpers on them." };
        Assert.IsType<Done>(done.Decide(Of(items), At));
        Assert.All(items, i => Assert.Equal(("No jumpers on them.", Now), (i.Sheet.Noted, i.Sheet.NotedAt)));
    }

    [Fact]
    public void A_candidate_becomes_the_row_of_its_kind_and_is_offered_no_more()
    {
        StripStep Step(int number, PieceKind kind, string title) =>
            new()
            {
                Id = Guid.NewGuid(),
                MachineId = Machine.Id,
                Number = number,
                Kind = kind,
                Title = title,
            };
        var f = new MachineFacts
        {
            Machine = Machine,
            StripSteps =
            [
                Step(1, PieceKind.Cover, "Upper shell"),
                Step(2, PieceKind.Keyboard, "Keyboard"),
                Step(3, PieceKind.Cage, "Drive cage"),
                Step(4, PieceKind.Drive, "Floppy drive"),
            ],
        };
        var rows = Candidates.Of(f).Select(c => Candidates.Row(c, Machine.Id, Guid.NewGuid())).ToList();
        Assert.Equal(4, rows.Count);
        var after = f with
        {
            CleanedItems = [.. rows.OfType<CleanedItem>()],
            Keyboards = [.. rows.OfType<Keyboard>()],
            SheetMetals = [.. rows.OfType<Core.Finish.SheetMetal>()],
            Mechanisms = [.. rows.OfType<Mechanism>()],
        };
        Assert.Empty(Candidates.Of(after));
        Assert.Equal("Upper shell", Assert.Single(after.CleanedItems).Name);
    }
}
