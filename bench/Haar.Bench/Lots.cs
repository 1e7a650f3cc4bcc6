using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Stripdown;

namespace Haar.Bench;

/// <summary>Made-up lots and strip-downs of a given size; the same at every run.</summary>
static class Lots
{
    /// <summary>Four in ten parts are good, five are wanted, one is not tried; two kinds cannot be bought.</summary>
    public static TriageAsk Large(int boxes, int kinds)
    {
        var r = new Random(11);
        return new()
        {
            Boxes =
            [
                .. Enumerable
                    .Range(0, boxes)
                    .Select(i => new TriageBox(
                        $"{i}",
                        $"Box {i}",
                        [
                            .. Enumerable
                                .Range(0, kinds)
                                .Select(k => new BoxPart(
                                    $"kind {k}",
                                    r.Next(10) switch
                                    {
                                        < 4 => PartState.Good,
                                        < 7 => PartState.Missing,
                                        < 9 => PartState.Damaged,
                                        _ => PartState.NotKnown,
                                    }
                                )),
                        ],
                        new(r.Next(1, 10), 10 + r.Next(30), 60),
                        new(1, 2 + r.Next(8), 20),
                        60 + r.Next(140)
                    )),
            ],
            Prices = [.. Enumerable.Range(0, kinds - 2).Select(k => new PartPrice($"kind {k}", new(5, 8 + r.Next(30), 60)))],
            BudgetMoney = 600,
            BudgetHours = 120,
        };
    }

    /// <summary>Each piece behind up to two of the four before it, four ways to lie, six trays.</summary>
    public static List<RebuildPiece> Record(int steps)
    {
        var r = new Random(5);
        return
        [
            .. Enumerable
                .Range(1, steps)
                .Select(n => new RebuildPiece(
                    $"{n}",
                    n,
                    $"Piece {n}",
                    [.. Enumerable.Range(Math.Max(1, n - 4), Math.Min(4, n - 1)).Where(_ => r.Next(2) == 0).Take(2).Select(b => $"{b}")],
                    (Orientation)(1 + r.Next(3)),
                    [$"T{r.Next(6)}"],
                    r.Next(6) == 0 ? "test" : ""
                )),
        ];
    }
}
