using FsCheck.Xunit;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Stripdown;

public class OpeningDepthTests
{
    static readonly DepthPiece[] Tower =
    [
        new("cover", "Cover", PieceKind.Cover),
        new("cage", "Drive cage", PieceKind.Cage, ["cover"]),
        new("board", "Main board", PieceKind.Board, ["cage"]),
    ];
    static readonly DepthWork Cell = new("cell", "Take the cell out", "board", Danger: true);
    static readonly DepthWork Fan = new("fan", "Oil the fan", "cover", true);
    static readonly DepthWork Under = new("under", "Clean below it", "board", true, 5);

    /// <summary>Off 4, 8 and 15 minutes; back a third longer, on whole minutes: 6, 11 and 20.</summary>
    [Fact]
    public void The_shallowest_that_leaves_no_danger_and_what_is_worth_going_on_for()
    {
        var r = OpeningDepth.Of(new(Tower, [Cell, Fan, Under]));
        Assert.Equal(["Shut", "Cover off", "Main board uncovered", "Main board off"], r.Levels.Select(l => l.Name));
        Assert.Equal([0, 10, 29, 64], r.Levels.Select(l => l.Opening.Likely));
        Assert.Equal([Outcome.No, Outcome.No, Outcome.YesIf, Outcome.Yes], r.Levels.Select(l => l.Verdict.Outcome));
        // Five minutes of work are not worth 35 of opening, unless one says so.
        Assert.Equal((2, null, 0.5), (r.Advised, r.Chosen, r.WorthItsOpening));
        Assert.Equal(3, OpeningDepth.Of(new(Tower, [Cell, Fan, Under], WorthItsOpening: 0.1)).Advised);
        Assert.Equal(("Cover, Drive cage, Main board", 64), (string.Join(", ", r.Off), r.Opening.Likely));
        var chosen = OpeningDepth.Of(new(Tower, [Cell, Fan, Under], "board"));
        Assert.Equal((2, 29, Outcome.YesIf), (chosen.Chosen, chosen.Opening.Likely, chosen.Verdict.Outcome));
        // A danger is left behind by nobody's choice.
        Assert.Equal(Outcome.No, OpeningDepth.Of(new(Tower, [Cell, Fan], "cover", true)).Verdict.Outcome);
    }

    [Fact]
    public void What_lies_on_the_bench_costs_no_taking_off()
    {
        var r = OpeningDepth.Of(new([Tower[0] with { IsOff = true }, Tower[1], Tower[2]], [Cell]));
        Assert.Equal(("Drive cage", 25), (string.Join(", ", r.Off), r.Opening.Likely));
        Assert.Equal((Outcome.Yes, 0), (OpeningDepth.Of(new([], [])).Verdict.Outcome, OpeningDepth.Of(new([], [])).Advised));
    }

    [Fact]
    public void What_cannot_be_is_named()
    {
        static string Field(OpeningDepthAsk ask) => Assert.Throws<InvalidInputException>(() => OpeningDepth.Of(ask)).Field;
        Assert.Equal("work[0].piece", Field(new(Tower, [Cell with { Piece = "lid" }])));
        Assert.Equal("work[1].id", Field(new(Tower, [Cell, Cell])));
        Assert.Equal("work[0].minutes", Field(new(Tower, [Cell with { Minutes = double.NaN }])));
        Assert.Equal("pieces[0].behind", Field(new([Tower[0] with { Behind = ["board"] }, Tower[1], Tower[2]], [Cell])));
        Assert.Equal("downTo", Field(new(Tower, [Cell], "lid")));
        Assert.Equal("worthItsOpening", Field(new(Tower, [Cell], WorthItsOpening: -1)));
    }

    /// <summary>Where one piece of work lies is forgotten: no depth is then said to do all, and none is deep enough that was not.</summary>
    [Property(MaxTest = 200)]
    public bool Not_knowing_where_work_lies_makes_no_depth_deep_enough(byte[] places, byte forgotten, bool danger, bool choose)
    {
        var work = places
            .Take(8)
            .Select((p, i) => new DepthWork($"w{i}", $"Do {i}", Tower[p % 3].Id, p % 2 == 0, p, danger && i == 0))
            .ToList();
        if (work.Count == 0)
        {
            return true;
        }
        var down = choose ? "board" : null;
        var at = forgotten % work.Count;
        work[at] = work[at] with { Piece = null };
        var r = OpeningDepth.Of(new(Tower, work, down, true));
        return r.Levels.All(l => l.Verdict.Outcome is not Outcome.Yes && (!work[at].Danger || l.Verdict.Outcome == Outcome.No))
            && r.Verdict.Outcome != Outcome.Yes;
    }
}
