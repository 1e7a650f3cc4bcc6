using System.Numerics;

namespace Haar.Core.Stripdown;

/// <summary>What no order of a rebuild can go below.</summary>
public static partial class RebuildOrder
{
    sealed partial class Search
    {
        static readonly int Lies = Enum.GetValues<Orientation>().Length;

        (int[][] Turns, int[][] Trays) Chains()
        {
            var (turns, openings) = (new int[p.Length][], new int[p.Length][]);
            var after = new List<int>[p.Length];
            for (var i = 0; i < p.Length; i++)
            {
                after[i] = [];
            }
            for (var i = 0; i < p.Length; i++)
            {
                foreach (var b in before[i])
                {
                    after[b].Add(i);
                }
            }
            // From the last pieces back to the first: those with everything behind them first.
            var left = after.Select(a => a.Count).ToArray();
            var ready = new Queue<int>(Enumerable.Range(0, p.Length).Where(i => left[i] == 0));
            while (ready.TryDequeue(out var i))
            {
                turns[i] = new int[Lies];
                for (var lies = 0; lies < Lies; lies++)
                {
                    var own = (int)p[i].Orientation;
                    var next = own == 0 ? lies : own;
                    turns[i][lies] =
                        (own != 0 && lies != 0 && own != lies ? 1 : 0)
                        + after[i].Where(a => !on[a]).Select(a => turns[a][next]).DefaultIfEmpty(0).Max();
                }
                openings[i] = new int[traySets.Count];
                for (var open = 0; open < traySets.Count; open++)
                {
                    var next = traySet[i] == 0 ? open : traySet[i];
                    openings[i][open] =
                        Count(traySets[traySet[i]] & ~traySets[open])
                        + after[i].Where(a => !on[a]).Select(a => openings[a][next]).DefaultIfEmpty(0).Max();
                }
                foreach (var b in before[i])
                {
                    if (--left[b] == 0)
                    {
                        ready.Enqueue(b);
                    }
                }
            }
            return (turns, openings);
        }

        /// <summary>What no order from here can go below: each lie that is wanted has to be turned to, each tray to be opened, and a chain of pieces turns and opens as it must.</summary>
        (int Turns, int Trays) Least(ulong[] done, int lies, int open, int turns, int trayCount)
        {
            var (wanted, needed) = (0U, UInt128.Zero);
            var (chainTurns, chainTrays) = (0, 0);
            for (var w = 0; w < words; w++)
            {
                var last = w == words - 1 && (p.Length & 63) != 0 ? (1UL << (p.Length & 63)) - 1 : ulong.MaxValue;
                for (var x = ~done[w] & last; x != 0; x &= x - 1)
                {
                    var i = (w << 6) + BitOperations.TrailingZeroCount(x);
                    wanted |= 1U << (int)p[i].Orientation;
                    needed |= traySets[traySet[i]];
                    chainTurns = Math.Max(chainTurns, turnsOn[i][lies]);
                    chainTrays = Math.Max(chainTrays, traysOn[i][open]);
                }
            }
            wanted &= ~1U;
            var apart = BitOperations.PopCount(wanted) - (lies == 0 && wanted != 0 || (wanted & (1U << lies)) != 0 ? 1 : 0);
            return (turns + Math.Max(apart, chainTurns), trayCount + Math.Max(Count(needed & ~traySets[open]), chainTrays));
        }
    }
}
