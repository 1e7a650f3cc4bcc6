using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>The exact search for the order with the fewest turns and trays.</summary>
public static partial class RebuildOrder
{
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
