using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>One piece as the rebuild's order needs it.</summary>
/// <param name="Id">Any text that names it once.</param>
/// <param name="Number">Its strip-down step; also the tie-break: the last off goes on first.</param>
/// <param name="Title">"Drive cage".</param>
/// <param name="Behind">Ids of the pieces that had to be off first; they go on after it.</param>
/// <param name="Orientation">How the machine lies for it.</param>
/// <param name="Trays">Trays that its fasteners lie in.</param>
/// <param name="TestBeforeCovered">A test that is due once it is on and before anything covers it; empty for none.</param>
/// <param name="ReadyAt">It is not ready before this (drying, curing, the post); null when it is ready.</param>
/// <param name="WaitsFor">What that wait is.</param>
/// <param name="StaysOut">It does not go back.</param>
/// <param name="ExchangedFor">What goes in instead; empty for itself.</param>
/// <param name="BackIn">It is on already.</param>
/// <param name="Tested">Its test is done.</param>
/// <param name="Kind">Covers are named as such in the reasons.</param>
public sealed record RebuildPiece(
    string Id,
    int Number,
    string Title,
    IReadOnlyList<string> Behind,
    [property: JsonPropertyName("lies")] Orientation Orientation = Orientation.NotKnown,
    IReadOnlyList<string>? Trays = null,
    string TestBeforeCovered = "",
    DateTimeOffset? ReadyAt = null,
    string WaitsFor = "",
    bool StaysOut = false,
    string ExchangedFor = "",
    bool BackIn = false,
    bool Tested = false,
    PieceKind Kind = PieceKind.Other
);

public enum RebuildAct
{
    PutBack = 0,
    Test,
}

/// <param name="Id">The piece.</param>
/// <param name="Title">An order: "Put back the drive cage".</param>
/// <param name="Why">Why it stands here, most telling first.</param>
/// <param name="Orientation">How the machine lies; not known when it may stay as it is.</param>
/// <param name="Turn">The machine is turned before this.</param>
/// <param name="Opens">Trays opened for it.</param>
/// <param name="WaitUntil">It has to wait until then.</param>
public sealed record RebuildStep(
    string Id,
    int Number,
    RebuildAct Act,
    string Title,
    IReadOnlyList<string> Why,
    [property: JsonPropertyName("lies")] Orientation Orientation,
    bool Turn,
    IReadOnlyList<string> Opens,
    DateTimeOffset? WaitUntil
);

/// <summary>One link of a contradiction: <paramref name="Piece"/> is said to sit behind <paramref name="InFront"/>.</summary>
/// <param name="Correct">What to look at and correct.</param>
public sealed record LoopLink(string Piece, int Number, string InFront, int InFrontNumber, string Correct);

/// <param name="Verdict">Can it be put together?</param>
/// <param name="Steps">In order; empty when the record contradicts itself.</param>
/// <param name="Turns">Times that the machine is turned.</param>
/// <param name="TrayChanges">Times that another tray is opened.</param>
/// <param name="BackwardsTurns">The same for the strip-down simply backwards, for comparison.</param>
/// <param name="BackwardsTrayChanges">The same.</param>
/// <param name="Proven">No order has fewer turns, and none with as few turns fewer tray changes.</param>
/// <param name="Loop">The shortest contradiction; empty when there is none.</param>
public sealed record RebuildPlan(
    Verdict Verdict,
    IReadOnlyList<RebuildStep> Steps,
    int Turns,
    int TrayChanges,
    int BackwardsTurns,
    int BackwardsTrayChanges,
    bool Proven,
    IReadOnlyList<LoopLink> Loop
);

/// <summary>
/// The order of a rebuild, from the record of the strip-down. What sat behind a piece goes on before it; a test comes as soon
/// as its piece is on, which is before anything that covers it; what still dries waits, and everything that can go on without
/// it goes first. Among all orders that keep to this, the one with the fewest turns of the machine, then the fewest tray
/// changes, then nearest to the strip-down backwards.
/// </summary>
public static class RebuildOrder
{
    /// <summary>States searched before it stops and says that the order is not proven. A house number: some seconds on a slow machine.</summary>
    public const int DefaultMostStates = 60_000;

    /// <exception cref="InvalidInputException">A piece named twice, or one that is behind something unknown.</exception>
    public static RebuildPlan Plan(IReadOnlyList<RebuildPiece> pieces, int mostStates = DefaultMostStates)
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

        var search = new Search(pieces, mostStates);
        var (order, proven) = search.Run();
        var steps = search.Describe(order);
        var backwards = search.Describe(search.Backwards());
        var (turns, trays) = Count(steps);
        var (bTurns, bTrays) = Count(backwards);
        var open = steps.Count(s => s.Act == RebuildAct.PutBack);
        var wait = steps.FirstOrDefault(s => s.WaitUntil is not null);
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
                        : $"The record leaves so many orders open that the search stopped after {mostStates} of them: a better one may exist.",
                    new("trays opened", trays, "")
                )
            )
            .Changing("What a piece sat behind.", "How the machine lies at a step.", "Which tray its fasteners lie in.");
        return new(verdict, steps, turns, trays, bTurns, bTrays, proven, []);
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
        if (p.ReadyAt > now)
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
        if (mostStates is < 1 or > 2_000_000)
        {
            throw new InvalidInputException("mostStates", "Between 1 and 2 000 000 states.");
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

    /// <summary>Least-cost search over sets of pieces that are on. Exact, because a piece that costs no turn and no tray can always go on at once: that only opens more.</summary>
    sealed class Search
    {
        readonly RebuildPiece[] p;
        readonly int[][] before;
        readonly int[][] coveredBy;
        readonly int[] phase;
        readonly string[][] trays;
        readonly int mostStates;
        readonly bool[] on;

        public Search(IReadOnlyList<RebuildPiece> pieces, int mostStates)
        {
            this.mostStates = mostStates;
            p = [.. pieces.OrderByDescending(x => x.Number)];
            var index = p.Select((x, i) => (x.Id, i)).ToDictionary(x => x.Id, x => x.i);
            // What stays out passes on what it sat between.
            IEnumerable<int> Front(int i, HashSet<int> seen) =>
                p[i]
                    .Behind.Select(b => index[b])
                    .SelectMany(b =>
                        !p[b].StaysOut ? [b]
                        : seen.Add(b) ? Front(b, seen)
                        : []
                    );
            coveredBy = [.. p.Select((_, i) => Front(i, []).Distinct().ToArray())];
            before =
            [
                .. p.Select((_, i) => Enumerable.Range(0, p.Length).Where(j => !p[j].StaysOut && coveredBy[j].Contains(i)).ToArray()),
            ];
            on = [.. p.Select(x => x.BackIn || x.StaysOut)];
            trays = [.. p.Select(x => (x.Trays ?? []).Where(t => t.Length > 0).Distinct().Order(StringComparer.Ordinal).ToArray())];
            var times = p.Where((x, i) => !on[i] && x.ReadyAt is not null).Select(x => x.ReadyAt!.Value).Distinct().Order().ToList();
            phase = new int[p.Length];
            for (var pass = 0; pass < p.Length; pass++)
            {
                var changed = false;
                for (var i = 0; i < p.Length; i++)
                {
                    var own = on[i] || p[i].ReadyAt is null ? 0 : times.IndexOf(p[i].ReadyAt!.Value) + 1;
                    var need = before[i].Where(b => !on[b]).Select(b => phase[b]).Append(own).Max();
                    if (need > phase[i])
                    {
                        phase[i] = need;
                        changed = true;
                    }
                }

                if (!changed)
                {
                    break;
                }
            }
        }

        bool Available(bool[] done, int i, int inPhase) => !done[i] && phase[i] <= inPhase && before[i].All(b => done[b]);

        int InPhase(bool[] done)
        {
            var least = int.MaxValue;
            for (var i = 0; i < p.Length; i++)
            {
                if (!done[i] && phase[i] < least)
                {
                    least = phase[i];
                }
            }
            return least;
        }

        static (int Turn, int Trays) Cost(Orientation lies, string[] open, Orientation nextOrientation, string[] nextTrays) =>
            (
                nextOrientation != Orientation.NotKnown && lies != Orientation.NotKnown && nextOrientation != lies ? 1 : 0,
                nextTrays.Count(t => !open.Contains(t))
            );

        sealed record Node(bool[] Done, Orientation Orientation, string[] Open, Node? From, IReadOnlyList<int> Added, int Turns, int Trays);

        public (List<int> Order, bool Proven) Run()
        {
            var queue = new PriorityQueue<Node, (int, int, int)>();
            var seen = new HashSet<string>();
            var serial = 0;
            queue.Enqueue(Close([.. on], Orientation.NotKnown, [], null, [], 0, 0), (0, 0, 0));
            var states = 0;
            while (queue.TryDequeue(out var node, out _))
            {
                if (node.Done.All(d => d))
                {
                    return (Unroll(node), true);
                }
                if (!seen.Add(Key(node)))
                {
                    continue;
                }
                if (++states > mostStates)
                {
                    return (Greedy(node), false);
                }
                var inPhase = InPhase(node.Done);
                var tried = new HashSet<string>();
                for (var i = 0; i < p.Length; i++)
                {
                    if (!Available(node.Done, i, inPhase))
                    {
                        continue;
                    }
                    // Pieces that want the same lie and the same trays lead to the same place.
                    if (!tried.Add($"{p[i].Orientation}|{string.Join(',', trays[i])}"))
                    {
                        continue;
                    }
                    var next = Step(node, i);
                    queue.Enqueue(next, (next.Turns, next.Trays, ++serial));
                }
            }

            return (Backwards(), false);
        }

        Node Step(Node node, int i)
        {
            var (turn, open) = Cost(node.Orientation, node.Open, p[i].Orientation, trays[i]);
            var done = (bool[])node.Done.Clone();
            done[i] = true;
            return Close(
                done,
                p[i].Orientation == Orientation.NotKnown ? node.Orientation : p[i].Orientation,
                trays[i].Length == 0 ? node.Open : trays[i],
                node,
                [i],
                node.Turns + turn,
                node.Trays + open
            );
        }

        /// <summary>Puts on everything that costs nothing now.</summary>
        Node Close(bool[] done, Orientation lies, string[] open, Node? from, List<int> added, int turns, int trayCount)
        {
            bool more;
            do
            {
                more = false;
                var inPhase = InPhase(done);
                for (var i = 0; i < p.Length; i++)
                {
                    // A narrower set of open trays is no better, so only a piece of exactly these trays, or of none, is free.
                    if (
                        !Available(done, i, inPhase)
                        || Cost(lies, open, p[i].Orientation, trays[i]) != (0, 0)
                        || (trays[i].Length > 0 && trays[i].Length != open.Length)
                        || (lies == Orientation.NotKnown && p[i].Orientation != Orientation.NotKnown)
                    )
                    {
                        continue;
                    }
                    done[i] = true;
                    added.Add(i);
                    more = true;
                    break;
                }
            } while (more);
            return new(done, lies, open, from, added, turns, trayCount);
        }

        static string Key(Node n) =>
            $"{(int)n.Orientation}|{string.Join(',', n.Open)}|{new string([.. n.Done.Select(d => d ? '1' : '0')])}";

        static List<int> Unroll(Node node)
        {
            var all = new List<int>();
            for (var n = node; n is not null; n = n.From)
            {
                all.InsertRange(0, n.Added);
            }
            return all;
        }

        List<int> Greedy(Node node)
        {
            while (!node.Done.All(d => d))
            {
                var inPhase = InPhase(node.Done);
                node = Enumerable
                    .Range(0, p.Length)
                    .Where(i => Available(node.Done, i, inPhase))
                    .Select(i => Step(node, i))
                    .OrderBy(n => n.Turns)
                    .ThenBy(n => n.Trays)
                    .First();
            }

            return Unroll(node);
        }

        /// <summary>Last off, first on, as far as the record and what still waits allow.</summary>
        public List<int> Backwards()
        {
            var done = (bool[])on.Clone();
            var order = new List<int>();
            while (!done.All(d => d))
            {
                var inPhase = InPhase(done);
                var i = Enumerable.Range(0, p.Length).First(i => Available(done, i, inPhase));
                done[i] = true;
                order.Add(i);
            }

            return order;
        }

        public List<RebuildStep> Describe(List<int> order)
        {
            var steps = new List<RebuildStep>();
            var lies = Orientation.NotKnown;
            string[] open = [];
            // Tests of what is on already come first: nothing may cover it before.
            foreach (var x in p.Where(x => x.BackIn && !x.StaysOut && x.TestBeforeCovered.Length > 0 && !x.Tested))
            {
                steps.Add(Test(x));
            }
            for (var n = 0; n < order.Count; n++)
            {
                var x = p[order[n]];
                var (turn, trayChanges) = Cost(lies, open, x.Orientation, trays[order[n]]);
                var opens = trays[order[n]].Where(t => !open.Contains(t)).ToList();
                steps.Add(
                    new(
                        x.Id,
                        x.Number,
                        RebuildAct.PutBack,
                        x.ExchangedFor.Length > 0 ? $"Put in the {Words.Lower(x.ExchangedFor)}" : $"Put back the {Words.Lower(x.Title)}",
                        Why(order, n, turn > 0, trayChanges > 0, lies),
                        x.Orientation,
                        turn > 0,
                        opens,
                        phase[order[n]] > 0 ? p.Where((_, i) => phase[i] > 0 && phase[i] <= phase[order[n]]).Max(z => z.ReadyAt) : null
                    )
                );
                if (x.Orientation != Orientation.NotKnown)
                {
                    lies = x.Orientation;
                }
                if (trays[order[n]].Length > 0)
                {
                    open = trays[order[n]];
                }
                if (x.TestBeforeCovered.Length > 0 && !x.Tested)
                {
                    steps.Add(Test(x));
                }
            }

            return steps;
        }

        RebuildStep Test(RebuildPiece x)
        {
            var covers = coveredBy[Array.IndexOf(p, x)].Select(c => Words.Lower(p[c].Title)).ToList();
            return new(
                x.Id,
                x.Number,
                RebuildAct.Test,
                x.TestBeforeCovered,
                [
                    covers.Count > 0
                        ? $"Now, before {Words.And(covers)} {(covers.Count == 1 ? "covers" : "cover")} it."
                        : "As soon as it can be: a fault found now costs no taking apart.",
                ],
                Orientation.NotKnown,
                false,
                [],
                null
            );
        }

        List<string> Why(List<int> order, int n, bool turn, bool tray, Orientation lies)
        {
            var i = order[n];
            var why = new List<string>();
            var behindIt = before[i].Where(b => !p[b].StaysOut).Select(b => Words.Lower(p[b].Title)).ToList();
            if (behindIt.Count > 0)
            {
                why.Add($"After {Words.And(behindIt)}, which {(behindIt.Count == 1 ? "sits" : "sit")} behind it.");
            }
            if (coveredBy[i].Length > 0)
            {
                why.Add(
                    $"Before {Words.And([.. coveredBy[i].Select(c => Words.Lower(p[c].Title))])}, which {(coveredBy[i].Length == 1 ? "goes" : "go")} over it."
                );
            }
            if (p[i].StaysOut is false && p[i].ExchangedFor.Length > 0)
            {
                why.Add($"In place of {Words.Lower(p[i].Title)}: its holes and lead may differ.");
            }
            if (phase[i] > 0)
            {
                why.Add(
                    p[i].WaitsFor.Length > 0
                        ? $"Late, because it waits: {p[i].WaitsFor}."
                        : "Late, because what sits behind it still waits."
                );
            }
            if (turn)
            {
                why.Add("The machine is turned here because nothing more can be done as it lies.");
            }
            else if (!tray && n > 0 && lies != Orientation.NotKnown && p[i].Orientation == lies)
            {
                why.Add("Here, because the machine lies right for it and no other tray is needed.");
            }
            if (why.Count == 0)
            {
                why.Add(
                    n == 0
                        ? "First, because it was the last to come off and nothing has to go before it."
                        : "Nothing asks for another place, so it goes on in the strip-down's order, backwards."
                );
            }
            return why;
        }
    }
}
