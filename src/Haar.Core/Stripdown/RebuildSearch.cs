using System.Numerics;

namespace Haar.Core.Stripdown;

/// <summary>The exact search for the order with the fewest turns and trays.</summary>
public static partial class RebuildOrder
{
    /// <summary>
    /// Best-first search over sets of pieces that are on, with bounds from below on the turns and trays that are left (A*, Hart, Nilsson
    /// and Raphael 1968, with the two costs compared in that order). Exact as far as it goes: a piece that costs no turn and no tray can
    /// always go on at once, since that only opens more. A narrow search in breadth gives the order that has to be beaten; where the
    /// exact search ends before it is through, its lowest bound is what no order can go below.
    /// </summary>
    sealed partial class Search
    {
        /// <summary>Orders followed side by side for the first answer. A default.</summary>
        const int Breadth = 24;

        readonly RebuildPiece[] p;
        readonly int[][] before;
        readonly int[][] coveredBy;
        readonly int[] phase;
        readonly string[][] trays;
        readonly int mostStates;
        readonly CancellationToken cancel;
        readonly bool[] on;

        readonly int words;
        readonly ulong[][] beforeBits;
        readonly ulong[][] phaseBits;

        /// <summary>Of each piece: which set of trays, and which of the trays' bits it holds.</summary>
        readonly int[] traySet;
        readonly List<UInt128> traySets = [0];
        readonly Dictionary<(Orientation, int), ulong[]> free = [];

        /// <summary>Turns and openings from a piece on along what follows it, by how the machine lies and what is open before it.</summary>
        readonly int[][] turnsOn;
        readonly int[][] traysOn;

        public Search(IReadOnlyList<RebuildPiece> pieces, int mostStates, CancellationToken cancel)
        {
            (this.mostStates, this.cancel) = (mostStates, cancel);
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
            var times = p.Where((x, i) => !on[i] && x.Ready is not null).Select(x => x.Ready!.Value).Distinct().Order().ToList();
            phase = new int[p.Length];
            for (var pass = 0; pass < p.Length; pass++)
            {
                var changed = false;
                for (var i = 0; i < p.Length; i++)
                {
                    var own = on[i] || p[i].Ready is not { } ready ? 0 : times.IndexOf(ready) + 1;
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

            words = (p.Length + 63) / 64;
            beforeBits = [.. before.Select(Bits)];
            phaseBits =
            [
                .. Enumerable.Range(0, phase.Max() + 1).Select(k => Bits(Enumerable.Range(0, p.Length).Where(i => phase[i] <= k))),
            ];
            var labels = trays.SelectMany(t => t).Distinct().Order(StringComparer.Ordinal).ToList();
            traySet =
            [
                .. trays.Select(t =>
                {
                    // Beyond 128 trays the last bit stands for all the others; no workshop has as many.
                    var set = t.Aggregate(UInt128.Zero, (s, x) => s | (UInt128.One << Math.Min(127, labels.IndexOf(x))));
                    var known = traySets.IndexOf(set);
                    if (known < 0)
                    {
                        known = traySets.Count;
                        traySets.Add(set);
                    }
                    return known;
                }),
            ];
            (turnsOn, traysOn) = Chains();
        }

        ulong[] Bits(IEnumerable<int> set)
        {
            var bits = new ulong[words];
            foreach (var i in set)
            {
                bits[i >> 6] |= 1UL << (i & 63);
            }
            return bits;
        }

        static int Count(UInt128 bits) => (int)UInt128.PopCount(bits);

        bool Available(ulong[] done, int i)
        {
            var b = beforeBits[i];
            for (var w = 0; w < words; w++)
            {
                if ((b[w] & ~done[w]) != 0)
                {
                    return false;
                }
            }
            return true;
        }

        /// <summary>What may be looked at now: not on yet, and of the earliest time that is still open.</summary>
        ulong[] Open(ulong[] done)
        {
            foreach (var mask in phaseBits)
            {
                var any = false;
                var open = new ulong[words];
                for (var w = 0; w < words; w++)
                {
                    open[w] = mask[w] & ~done[w];
                    any |= open[w] != 0;
                }
                if (any)
                {
                    return open;
                }
            }
            return new ulong[words];
        }

        static IEnumerable<int> Each(ulong[] bits)
        {
            for (var w = 0; w < bits.Length; w++)
            {
                for (var x = bits[w]; x != 0; x &= x - 1)
                {
                    yield return (w << 6) + BitOperations.TrailingZeroCount(x);
                }
            }
        }

        sealed class Node(ulong[] done, int lies, int open, Node? from, List<int> added, int turns, int trays)
        {
            public ulong[] Done => done;
            public int Lies => lies;
            public int Open => open;
            public Node? From => from;
            public List<int> Added => added;
            public int Turns => turns;
            public int Trays => trays;
            public (int Turns, int Trays) Least { get; set; }

            public (int, int, UInt128, UInt128) Hashed
            {
                get
                {
                    // Two hashes of 64 bits each over the set (FNV-1a and a multiplicative one); a set that shares both with another is not met in the life of this world.
                    var (a, b) = (14695981039346656037UL, 0x9E3779B97F4A7C15UL);
                    foreach (var word in done)
                    {
                        a = (a ^ word) * 1099511628211UL;
                        a ^= a >> 29;
                        b = BitOperations.RotateLeft(b ^ word, 23) * 0xBF58476D1CE4E5B9UL;
                    }
                    return (lies, open, a, b);
                }
            }
        }

        /// <returns>The order, whether it is proven, and the turns and trays that no order can go below.</returns>
        public (List<int> Order, bool Proven, int LeastTurns, int LeastTrays) Run()
        {
            var start = Close(Bits(Enumerable.Range(0, p.Length).Where(i => on[i])), 0, 0, null, [], 0, 0);
            var best = Broad(start);
            var queue = new PriorityQueue<Node, (int, int, int)>();
            var reached = new Dictionary<(int, int, UInt128, UInt128), (int, int)>();
            var serial = 0;
            queue.Enqueue(start, (start.Least.Turns, start.Least.Trays, 0));
            var states = 0;
            var bound = start.Least;
            while (queue.TryDequeue(out var node, out _))
            {
                // Bounds rise along the search; one that is lower belongs to a way that was met from two sides.
                bound = Greater(node.Least, bound) ? node.Least : bound;
                if (!Greater((best.Turns, best.Trays), node.Least))
                {
                    return (Unroll(best), true, best.Turns, best.Trays);
                }
                if (reached.TryGetValue(node.Hashed, out var had) && Greater((node.Turns, node.Trays), had))
                {
                    continue;
                }
                if (Done(node))
                {
                    return (Unroll(node), true, node.Turns, node.Trays);
                }
                if (++states > mostStates)
                {
                    return (Unroll(best), false, bound.Turns, bound.Turns < best.Turns ? 0 : bound.Trays);
                }
                cancel.ThrowIfCancellationRequested();
                foreach (var next in Next(node))
                {
                    var key = next.Hashed;
                    if (
                        !Greater((best.Turns, best.Trays), next.Least)
                        || reached.TryGetValue(key, out var before) && !Greater(before, (next.Turns, next.Trays))
                    )
                    {
                        continue;
                    }
                    reached[key] = (next.Turns, next.Trays);
                    queue.Enqueue(next, (next.Least.Turns, next.Least.Trays, ++serial));
                }
            }

            return (Unroll(best), true, best.Turns, best.Trays);
        }

        /// <summary>A good order at once: the <see cref="Breadth"/> most promising of each length are followed.</summary>
        Node Broad(Node start)
        {
            List<Node> level = [start];
            while (!Done(level[0]))
            {
                cancel.ThrowIfCancellationRequested();
                level =
                [
                    .. level
                        .SelectMany(n => Done(n) ? [n] : Next(n))
                        .OrderBy(n => n.Least.Turns)
                        .ThenBy(n => n.Least.Trays)
                        .DistinctBy(n => n.Hashed)
                        .Take(Breadth),
                ];
                if (level.Find(n => Done(n) && n.Least == level[0].Least) is { } through)
                {
                    return through;
                }
            }
            return level[0];
        }

        static bool Greater((int Turns, int Trays) a, (int Turns, int Trays) b) => a.CompareTo(b) > 0;

        bool Done(Node n) => Each(Open(n.Done)).All(_ => false);

        List<Node> Next(Node node)
        {
            var next = new List<Node>();
            var tried = new HashSet<(Orientation, int)>();
            foreach (var i in Each(Open(node.Done)))
            {
                // Pieces that want the same lie and the same trays lead to the same place.
                if (Available(node.Done, i) && tried.Add((p[i].Orientation, traySet[i])))
                {
                    next.Add(Step(node, i));
                }
            }
            return next;
        }

        Node Step(Node node, int i)
        {
            var own = (int)p[i].Orientation;
            var done = (ulong[])node.Done.Clone();
            done[i >> 6] |= 1UL << (i & 63);
            return Close(
                done,
                own == 0 ? node.Lies : own,
                traySet[i] == 0 ? node.Open : traySet[i],
                node,
                [i],
                node.Turns + (own != 0 && node.Lies != 0 && own != node.Lies ? 1 : 0),
                node.Trays + Count(traySets[traySet[i]] & ~traySets[node.Open])
            );
        }

        /// <summary>Puts on everything that costs nothing now. A narrower set of open trays is no better, so only a piece of exactly these trays, or of none, is free.</summary>
        Node Close(ulong[] done, int lies, int open, Node? from, List<int> added, int turns, int trayCount)
        {
            if (!free.TryGetValue(((Orientation)lies, open), out var costsNothing))
            {
                costsNothing = Bits(
                    Enumerable
                        .Range(0, p.Length)
                        .Where(i =>
                            ((int)p[i].Orientation is 0 || (int)p[i].Orientation == lies) && (traySet[i] == 0 || traySet[i] == open)
                        )
                );
                free[((Orientation)lies, open)] = costsNothing;
            }
            bool more;
            do
            {
                more = false;
                var now = Open(done);
                for (var w = 0; w < words; w++)
                {
                    now[w] &= costsNothing[w];
                }
                foreach (var i in Each(now))
                {
                    if (Available(done, i))
                    {
                        done[i >> 6] |= 1UL << (i & 63);
                        added.Add(i);
                        more = true;
                        break;
                    }
                }
            } while (more);
            return new(done, lies, open, from, added, turns, trayCount) { Least = Least(done, lies, open, turns, trayCount) };
        }

        static List<int> Unroll(Node node)
        {
            var parts = new List<List<int>>();
            for (var n = node; n is not null; n = n.From)
            {
                parts.Add(n.Added);
            }
            parts.Reverse();
            return [.. parts.SelectMany(x => x)];
        }

        int InPhase(bool[] done) => Enumerable.Range(0, p.Length).Where(i => !done[i]).Select(i => phase[i]).DefaultIfEmpty(0).Min();

        bool Available(bool[] done, int i, int inPhase) => !done[i] && phase[i] <= inPhase && before[i].All(b => done[b]);

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
    }
}
