using System.Diagnostics;
using Haar.Core.Stripdown;

namespace Haar.Core.Tests.Stripdown;

/// <summary>The search for the order of a rebuild on records that leave much open.</summary>
public class RebuildSearchTests
{
    /// <summary>Each piece sits behind a few of those before it.</summary>
    /// <param name="reach">How far back; 0 for pieces that are free of each other.</param>
    static List<RebuildPiece> Record(int steps, int seed, int reach, int lies = 4, int trays = 8, int waits = 0)
    {
        var r = new Random(seed);
        var now = new DateTimeOffset(2026, 11, 26, 12, 0, 0, TimeSpan.Zero);
        return
        [
            .. Enumerable
                .Range(1, steps)
                .Select(n => new RebuildPiece(
                    $"{n}",
                    n,
                    $"Piece {n}",
                    [
                        .. Enumerable
                            .Range(Math.Max(1, n - reach), Math.Min(reach, n - 1))
                            .Where(_ => r.Next(reach) < 2)
                            .Take(2)
                            .Select(b => $"{b}"),
                    ],
                    (Orientation)r.Next(lies + 1),
                    r.Next(5) == 0 ? [] : [$"T{r.Next(trays)}"],
                    "",
                    waits > 0 && r.Next(waits) == 0 ? now.AddHours(r.Next(3)) : null
                )),
        ];
    }

    /// <summary>Turns and trays of an order, counted anew.</summary>
    static (int, int) Cost(IReadOnlyList<RebuildPiece> pieces, IEnumerable<string> order)
    {
        var by = pieces.ToDictionary(p => p.Id);
        var (turns, opened, lies) = (0, 0, Orientation.NotKnown);
        HashSet<string> open = [];
        foreach (var p in order.Select(id => by[id]))
        {
            if (p.Orientation != Orientation.NotKnown)
            {
                turns += lies != Orientation.NotKnown && lies != p.Orientation ? 1 : 0;
                lies = p.Orientation;
            }
            if (p.Trays is { Count: > 0 } trays)
            {
                opened += trays.Count(t => !open.Contains(t));
                open = [.. trays];
            }
        }
        return (turns, opened);
    }

    /// <summary>Every order that keeps to the record.</summary>
    static IEnumerable<List<string>> All(IReadOnlyList<RebuildPiece> pieces, List<string> so)
    {
        if (so.Count == pieces.Count)
        {
            yield return [.. so];
            yield break;
        }
        foreach (var p in pieces.Where(p => !so.Contains(p.Id) && pieces.All(x => !x.Behind.Contains(p.Id) || so.Contains(x.Id))))
        {
            so.Add(p.Id);
            foreach (var order in All(pieces, so))
            {
                yield return order;
            }
            so.RemoveAt(so.Count - 1);
        }
    }

    [Fact]
    public void The_same_as_trying_every_order_on_small_records()
    {
        for (var seed = 0; seed < 60; seed++)
        {
            var pieces = Record(7, seed, seed % 4, lies: 3, trays: 3);
            var plan = RebuildOrder.Plan(pieces);
            Assert.True(plan.Proven);
            var best = All(pieces, []).Min(o => Cost(pieces, o));
            Assert.True(best == (plan.Turns, plan.TrayChanges), $"seed {seed}: {best} and {(plan.Turns, plan.TrayChanges)}");
            Assert.Equal(best, Cost(pieces, plan.Steps.Select(s => s.Id)));
        }
    }

    [Theory]
    [InlineData(40, 4)]
    [InlineData(60, 3)]
    [InlineData(60, 8)]
    [InlineData(100, 0)]
    [InlineData(100, 6)]
    [InlineData(100, 20)]
    [InlineData(400, 5)]
    [InlineData(400, 0)]
    public void Any_record_answers_with_an_order_that_keeps_to_it_and_a_bound(int steps, int reach)
    {
        for (var seed = 0; seed < 3; seed++)
        {
            var pieces = Record(steps, seed, reach, waits: seed == 2 ? 6 : 0);
            var watch = Stopwatch.StartNew();
            var plan = RebuildOrder.Plan(pieces);
            TestContext.Current.TestOutputHelper?.WriteLine(
                $"{steps} reach {reach}: {watch.ElapsedMilliseconds} ms, {plan.Turns} turns (at least {plan.LeastTurns}), {plan.TrayChanges} trays (at least {plan.LeastTrayChanges}), proven {plan.Proven}, backwards {plan.BackwardsTurns}, {plan.BackwardsTrayChanges}"
            );
            var order = plan.Steps.Select(s => s.Id).ToList();
            Assert.Equal(steps, order.Distinct().Count());
            var at = order.Select((id, i) => (id, i)).ToDictionary(x => x.id, x => x.i);
            Assert.All(pieces, p => Assert.All(p.Behind, b => Assert.True(at[p.Id] < at[b])));
            Assert.Equal((plan.Turns, plan.TrayChanges), Cost(pieces, order));
            Assert.True(plan.LeastTurns <= plan.Turns);
            Assert.True((plan.Turns, plan.TrayChanges).CompareTo((plan.BackwardsTurns, plan.BackwardsTrayChanges)) <= 0);
            if (!plan.Proven)
            {
                Assert.Contains(plan.Verdict.Reasons, r => r.Text.Contains("No order has fewer than", StringComparison.Ordinal));
            }
        }
    }

    [Fact]
    public void Nobody_may_ask_for_more_than_the_limit_and_who_leaves_ends_it()
    {
        var bad = Assert.Throws<Haar.Core.Verdicts.InvalidInputException>(() =>
            RebuildOrder.Plan(Record(5, 1, 2), RebuildOrder.DefaultMostStates + 1)
        );
        Assert.Equal("mostStates", bad.Field);
        using var left = new CancellationTokenSource();
        left.Cancel();
        Assert.Throws<OperationCanceledException>(() => RebuildOrder.Plan(Record(100, 1, 0), cancel: left.Token));
    }
}
