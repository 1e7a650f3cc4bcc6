using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>
/// The order of a rebuild, from the record of the strip-down. What sat behind a piece goes on before it; a test comes as soon
/// as its piece is on, which is before anything that covers it; what still dries waits, and everything that can go on without
/// it goes first. Among all orders that keep to this, the one with the fewest turns of the machine, then the fewest tray
/// changes, then nearest to the strip-down backwards.
/// </summary>
public static partial class RebuildOrder
{
    /// <summary>States searched before it stops and says that the order is not proven; nobody may ask for more. A default: half a second for 60 pieces on a slow machine.</summary>
    public const int DefaultMostStates = 20_000;

    /// <summary>States of a record of this length; a longer one has fewer, so that its answer takes no longer.</summary>
    const int LengthOfDefault = 60;

    /// <exception cref="InvalidInputException">A piece named twice, or one that is behind something unknown.</exception>
    public static RebuildPlan Plan(
        IReadOnlyList<RebuildPiece> pieces,
        int mostStates = DefaultMostStates,
        CancellationToken cancel = default
    )
    {
        const string question = "In which order does it go back together?";
        Check(pieces, mostStates);
        if (pieces.Count == 0)
        {
            return new(
                Verdict
                    .Of(question, Outcome.Unknown, "Nothing has been recorded yet, so there is nothing to put back.", Basis.Rule)
                    .Changing("A strip-down step."),
                [],
                0,
                0,
                0,
                0,
                true,
                []
            );
        }

        if (ShortestLoop(pieces) is { Count: > 0 } loop)
        {
            return new(
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"The record contradicts itself: {string.Join(", ", loop.Select(l => $"{l.Piece} behind {l.InFront}"))}. Correct one of {(loop.Count == 1 ? "it" : $"these {loop.Count}")}.",
                        Basis.Rule,
                        [
                            .. loop.Select(l => new Reason(
                                $"Step {l.Number}, {l.Piece}, is recorded as behind step {l.InFrontNumber}, {l.InFront}."
                            )),
                        ]
                    )
                    .Changing(loop.Select(l => l.Correct)),
                [],
                0,
                0,
                0,
                0,
                true,
                loop
            );
        }

        var fewer = Math.Min(mostStates, DefaultMostStates * LengthOfDefault / Math.Max(LengthOfDefault, pieces.Count));
        var search = new Search(pieces, fewer, cancel);
        var (order, proven, leastTurns, leastTrays) = search.Run();
        var steps = search.Describe(order);
        var backwards = search.Describe(search.Backwards());
        var (turns, trays) = Count(steps);
        var (bTurns, bTrays) = Count(backwards);
        var open = steps.Count(s => s.Act == RebuildAct.PutBack);
        var wait = steps.FirstOrDefault(s => s.Waits);
        var sentence =
            open == 0
                ? (
                    steps.Count == 0
                        ? "Everything is back in."
                        : $"Everything is back in; {steps.Count} {(steps.Count == 1 ? "test is" : "tests are")} left."
                )
                : $"{open} {(open == 1 ? "piece goes" : "pieces go")} back with {Times(turns, "turn")} of the machine and {Times(trays, "tray")} opened.";
        var verdict = Verdict
            .Of(
                question,
                wait is null ? Outcome.Yes : Outcome.YesIf,
                wait is null
                    ? sentence
                    : $"{sentence} {pieces.First(p => p.Id == wait.Id).Title} waits: {(pieces.First(p => p.Id == wait.Id).WaitsFor is { Length: > 0 } w ? w : "what sits behind it is not ready")}.",
                Basis.Rule,
                new Reason(
                    $"Simply backwards{(wait is null ? "" : ", with the same waits,")} it would be {Times(bTurns, "turn")} and {Times(bTrays, "tray")}.",
                    new("turns", turns, ""),
                    "the record of this strip-down"
                ),
                new Reason(
                    proven
                        ? "No order that keeps to the record has fewer turns, and none with as few turns opens fewer trays."
                        : $"The record leaves so many orders open that the search stopped after {fewer} of them. No order has fewer than {Times(leastTurns, "turn")}{(leastTurns == turns ? $" and {Times(leastTrays, "tray")}" : "")}; one in between may exist.",
                    new("trays opened", trays, "")
                )
            )
            .Changing("What a piece sat behind.", "How the machine lies at a step.", "Which tray its fasteners lie in.");
        return new(verdict, steps, turns, trays, bTurns, bTrays, proven, [], proven ? turns : leastTurns, proven ? trays : leastTrays);
    }

    /// <summary>The piece that may go on now, or why this one may not: what it sat in front of is not on, a test is due, or it still waits.</summary>
    /// <returns>Null when nothing stands against it.</returns>
    public static string? Hindrance(IReadOnlyList<RebuildPiece> pieces, string id, DateTimeOffset now)
    {
        var p = pieces.First(x => x.Id == id);
        if (p.StaysOut)
        {
            return $"{p.Title} stays out for good: say first that it goes back after all.";
        }
        if (p.Ready > now)
        {
            return $"{p.Title} is not ready: {p.WaitsFor}.";
        }
        var first = pieces.Where(x => !x.BackIn && !x.StaysOut && x.Behind.Contains(id)).OrderByDescending(x => x.Number).FirstOrDefault();
        if (first is not null)
        {
            return $"{first.Title} sits behind it and is not back in: {Words.Lower(first.Title)} goes first.";
        }
        var untested = pieces.FirstOrDefault(x => x.BackIn && !x.Tested && x.TestBeforeCovered.Length > 0 && x.Behind.Contains(id));
        return untested is null
            ? null
            : $"{untested.Title} would be covered before it is tested: {Words.Lower(untested.TestBeforeCovered).TrimEnd('.')} first.";
    }

    static (int Turns, int Trays) Count(IReadOnlyList<RebuildStep> steps) => (steps.Count(s => s.Turn), steps.Sum(s => s.Opens.Count));

    static string Times(int n, string what) =>
        n == 0 ? $"no {what}{(what == "tray" ? "s" : "")}"
        : n == 1 ? $"one {what}"
        : $"{n} {what}s";

    static void Check(IReadOnlyList<RebuildPiece> pieces, int mostStates)
    {
        if (pieces.Count > 400)
        {
            throw new InvalidInputException("pieces", "At most 400 pieces.");
        }
        if (mostStates is < 1 or > DefaultMostStates)
        {
            throw new InvalidInputException("mostStates", $"Between 1 and {DefaultMostStates} states: more would keep others waiting.");
        }
        var ids = new HashSet<string>();
        foreach (var p in pieces)
        {
            if (p.Id.Length == 0 || !ids.Add(p.Id))
            {
                throw new InvalidInputException("pieces", $"“{p.Title}” has an id that another piece has, or none.");
            }
        }

        foreach (var p in pieces)
        {
            if (p.Behind.FirstOrDefault(b => !ids.Contains(b)) is { } unknown)
            {
                throw new InvalidInputException("pieces", $"{p.Title} is behind “{unknown}”, which is no piece of this record.");
            }
        }
    }

    /// <summary>The shortest circle of "sat behind", by breadth first search from every piece.</summary>
    static List<LoopLink> ShortestLoop(IReadOnlyList<RebuildPiece> pieces)
    {
        var by = pieces.ToDictionary(p => p.Id);
        List<string>? best = null;
        foreach (var start in pieces)
        {
            var from = new Dictionary<string, string>();
            var queue = new Queue<string>([start.Id]);
            while (queue.TryDequeue(out var at) && (best is null || Depth(from, at, start.Id) < best.Count))
            {
                foreach (var b in by[at].Behind)
                {
                    if (b == start.Id)
                    {
                        var path = new List<string> { at };
                        while (path[^1] != start.Id)
                        {
                            path.Add(from[path[^1]]);
                        }
                        path.Reverse();
                        if (best is null || path.Count < best.Count)
                        {
                            best = path;
                        }
                        queue.Clear();
                        break;
                    }

                    if (from.TryAdd(b, at))
                    {
                        queue.Enqueue(b);
                    }
                }
            }
        }

        if (best is null)
        {
            return [];
        }
        return
        [
            .. best.Select(
                (id, i) =>
                {
                    var (a, b) = (by[id], by[best[(i + 1) % best.Count]]);
                    return new LoopLink(
                        a.Title,
                        a.Number,
                        b.Title,
                        b.Number,
                        a.Number < b.Number
                            ? $"Step {a.Number} came off before step {b.Number}, so {Words.Lower(a.Title)} can hardly have sat behind {Words.Lower(b.Title)}: look at this one first."
                            : $"Did {Words.Lower(a.Title)} really sit behind {Words.Lower(b.Title)}?"
                    );
                }
            ),
        ];

        static int Depth(Dictionary<string, string> from, string at, string start)
        {
            var d = 1;
            while (at != start)
            {
                at = from[at];
                d++;
            }
            return d;
        }
    }
}
