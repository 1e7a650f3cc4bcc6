namespace Haar.Core.Planning;

public static partial class Schedule
{
    internal sealed partial class Problem
    {
        /// <summary>So many earliest beginnings, and as many of what follows, are tried of each group. A house figure: the bound is right with any.</summary>
        const int MostSteps = 24;

        /// <summary>
        /// No plan is ready before: the longest chain within the hours of whoever can do it; and of any work that only some people can do, or
        /// that holds one place, the hours of those people from its earliest beginning on, with the shortest of what follows it.
        /// </summary>
        public int Bound(IReadOnlyList<Unplanned> unplanned)
        {
            var without = unplanned.Select(u => u.Id).ToHashSet();
            var count = Tasks.Count;
            var head = new int[count];
            var bound = 0;
            var here = order.Where(i => !without.Contains(Tasks[i].Id)).ToList();
            foreach (var i in here)
            {
                head[i] = Begins(i, Math.Max(Tasks[i].Start ?? Tasks[i].From ?? 0, Before[i].Select(Ready).DefaultIfEmpty(0).Max()));
                bound = Math.Max(bound, Ready(i));
            }
            int Ready(int i) => without.Contains(Tasks[i].Id) ? 0 : head[i] + Least(i) + Tasks[i].WaitMinutes;
            // What follows each when it ends, without any hours: tells sets of work by what comes after them.
            var tail = new int[count];
            var after = Enumerable.Range(0, count).Select(_ => new List<int>()).ToArray();
            for (var k = here.Count - 1; k >= 0; k--)
            {
                var i = here[k];
                tail[i] += Tasks[i].WaitMinutes;
                foreach (var b in Before[i].Where(b => !without.Contains(Tasks[b].Id)))
                {
                    after[b].Add(i);
                    tail[b] = Math.Max(tail[b], Least(i) + tail[i]);
                }
            }
            var rank = new int[count];
            for (var k = 0; k < here.Count; k++)
            {
                rank[here[k]] = k;
            }
            var ready = new int[count];
            foreach (var (of, hours) in Groups(here))
            {
                var heads = Steps(of.Select(i => head[i]));
                foreach (var from in heads)
                {
                    var late = of.Where(i => head[i] >= from).OrderByDescending(i => tail[i]).ToList();
                    var tails = Steps(late.Select(i => tail[i]));
                    tails.Reverse();
                    var (work, k) = (0, 0);
                    foreach (var least in tails)
                    {
                        for (; k < late.Count && tail[late[k]] >= least; k++)
                        {
                            work += Least(late[k]);
                        }
                        var end = Filled(hours, from, work);
                        if (end + least > bound - 2 * 24 * 60)
                        {
                            bound = Math.Max(bound, Followed(late, k, end));
                        }
                    }
                }
            }
            return bound;

            // One of these ends no sooner than at that minute, and what follows it has hours of its own.
            int Followed(List<int> set, int many, int end)
            {
                var least = int.MaxValue;
                // Those of which least follows first: one that is no later than the bound ends the search.
                for (var k = many - 1; k >= 0 && least > bound; k--)
                {
                    least = Math.Min(least, Then(set[k], end));
                }
                return least == int.MaxValue ? 0 : least;
            }

            int Then(int i, int ends)
            {
                ready[i] = Math.Max(ends, head[i] + Least(i)) + Tasks[i].WaitMinutes;
                var done = ready[i];
                var next = new SortedSet<(int Rank, int Task)>(after[i].Select(a => (rank[a], a)));
                foreach (var a in after[i])
                {
                    ready[a] = ready[i];
                }
                while (next.Count > 0)
                {
                    var first = next.Min;
                    next.Remove(first);
                    var a = first.Task;
                    var over = Begins(a, Math.Max(head[a], ready[a])) + Least(a) + Tasks[a].WaitMinutes;
                    ready[a] = over;
                    done = Math.Max(done, over);
                    foreach (var b in after[a])
                    {
                        ready[b] = next.Add((rank[b], b)) ? over : Math.Max(ready[b], over);
                    }
                }
                return done;
            }
        }

        /// <summary>The soonest that anybody who can do it has the time, within the hours of its places; that minute itself where nobody ever has.</summary>
        int Begins(int i, int from)
        {
            var at = Who[i].Select(p => Within(Hours[p], from, Length(i, p))).OfType<int>().DefaultIfEmpty(from).Min();
            foreach (var place in Tasks[i].Places)
            {
                if (PlaceHours(place) is { } hours && Within(hours, at, Least(i)) is { } open)
                {
                    at = Math.Max(at, open);
                }
            }
            return at;
        }

        /// <summary>Work that only some people can do, with their hours one beside the other; and work that holds one place, with the hours in which any of them is there.</summary>
        IEnumerable<(List<int> Of, List<(int From, int To, int Here)> Hours)> Groups(List<int> here)
        {
            foreach (var people in here.Select(i => Who[i]).DistinctBy(w => string.Join(',', w)))
            {
                yield return ([.. here.Where(i => Who[i].All(people.Contains))], Beside(people, int.MaxValue));
            }
            foreach (var place in here.SelectMany(i => Tasks[i].Places).Distinct())
            {
                var of = here.Where(i => Tasks[i].Places.Contains(place)).ToList();
                yield return (of, Beside([.. of.SelectMany(i => Who[i]).Distinct()], CountOf(place)));
            }
        }

        /// <summary>How many of these people are there, from when to when, and no more than so many.</summary>
        List<(int From, int To, int Here)> Beside(int[] people, int most)
        {
            var spans = new List<(int, int, int)>();
            var (here, last) = (0, 0);
            foreach (
                var (at, by) in people
                    .SelectMany(p => Hours[p])
                    .SelectMany(w => new[] { (At: w.From, By: 1), (At: w.To, By: -1) })
                    .OrderBy(m => m.At)
            )
            {
                if (here > 0 && at > last)
                {
                    spans.Add((last, at, Math.Min(here, most)));
                }
                (last, here) = (at, here + by);
            }
            return spans;
        }

        /// <summary>When they have worked for so long from a minute on; the end of all hours where they never have.</summary>
        static int Filled(List<(int From, int To, int Here)> hours, int from, int minutes)
        {
            var end = from;
            foreach (var (f, to, here) in hours)
            {
                if (minutes <= 0)
                {
                    break;
                }
                if (to <= from)
                {
                    continue;
                }
                var begin = Math.Max(f, from);
                var most = (to - begin) * here;
                if (most >= minutes)
                {
                    return begin + (minutes + here - 1) / here;
                }
                minutes -= most;
                end = to;
            }
            return end;
        }

        /// <summary>At most so many of them, spread, with the least and the greatest.</summary>
        static List<int> Steps(IEnumerable<int> of)
        {
            var all = of.Distinct().Order().ToList();
            return all.Count <= MostSteps
                ? all
                : [.. Enumerable.Range(0, MostSteps).Select(k => all[(int)((long)k * (all.Count - 1) / (MostSteps - 1))]).Distinct()];
        }
    }
}
