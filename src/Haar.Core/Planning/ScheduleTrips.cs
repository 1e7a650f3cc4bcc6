using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

public static partial class Schedule
{
    /// <summary>How often each person comes in for a plan: times at the bench in which it has something for them. Those for whom it has nothing are not in it.</summary>
    public static IReadOnlyDictionary<string, int> Trips(ScheduleAsk ask, IEnumerable<PlannedTask> tasks)
    {
        var p = new Problem(ask);
        var people = ask.People.Select((x, i) => (x.Name, i)).ToDictionary(x => x.Name, x => x.i);
        return tasks
            .GroupBy(t => t.Person)
            .ToDictionary(g => g.Key, g => g.Select(t => p.HoursOf(people[g.Key], t.Start)).Distinct().Count());
    }

    /// <summary>One sentence of it; empty where nobody comes.</summary>
    public static string TripsSaid(ScheduleAsk ask, IEnumerable<PlannedTask> tasks)
    {
        var trips = Trips(ask, tasks);
        var all = trips.Values.Sum();
        return all == 0
            ? ""
            : $"It takes {all} {(all == 1 ? "time" : "times")} at the bench: {Words.And(ask.People.Where(p => trips.ContainsKey(p.Name)).Select(p => $"{p.Name} {trips[p.Name]}"))}. Nobody comes in for what can be done when somebody is there anyway.";
    }

    internal sealed partial class Problem
    {
        /// <summary>In which of their hours, by number, that is; -1 for none.</summary>
        public int HoursOf(int person, int start) => Array.FindLastIndex(Hours[person], h => h.From <= start);

        /// <summary>The same order and people, each as early as can be: nothing of it is later than it was.</summary>
        public Plan Justified(Plan plan)
        {
            var at = plan.Tasks.ToDictionary(t => t.Id);
            var people = Ask.People.Select((x, i) => (x.Name, i)).ToDictionary(x => x.Name, x => x.i);
            var early = List([.. Tasks.Select(t => (double)at[t.Id].Start)], i => people[at[Tasks[i].Id].Person]);
            return early.Unplanned.Count == 0 && early.Late <= plan.Late && early.ReadyAt <= plan.ReadyAt ? early : plan;
        }

        /// <summary>
        /// Nobody comes in for what can be done when somebody is there anyway. What others wait for may be done later, as long as they need not wait for it;
        /// what nothing waits for is never later. So no machine is ready later, and nothing that has begun, is laid down or lies in its place is touched.
        /// </summary>
        public Plan WithFewerTrips(Plan plan)
        {
            var bench = new Bench(this, plan);
            foreach (var (person, hours) in bench.Stays())
            {
                bench.TrySpare(person, hours);
            }
            return bench.Plan();
        }

        /// <summary>A plan of which pieces are taken up and put down again elsewhere.</summary>
        sealed class Bench
        {
            readonly Problem p;
            readonly Plan was;
            readonly int[] who;
            readonly PlannedTask?[] at;
            readonly List<int>[] after;
            readonly List<Window>[] busy;
            readonly Dictionary<string, List<Window>> held = [];
            readonly List<(string What, Window At)> air = [];

            public Bench(Problem p, Plan plan)
            {
                (this.p, was) = (p, plan);
                var ids = p.Tasks.Select((t, i) => (t.Id, i)).ToDictionary(x => x.Id, x => x.i);
                var people = p.Ask.People.Select((x, i) => (x.Name, i)).ToDictionary(x => x.Name, x => x.i);
                at = new PlannedTask?[p.Tasks.Count];
                who = new int[p.Tasks.Count];
                busy = [.. p.Hours.Select(_ => new List<Window>())];
                after = [.. p.Tasks.Select(_ => new List<int>())];
                for (var i = 0; i < p.Tasks.Count; i++)
                {
                    foreach (var b in p.Before[i])
                    {
                        after[b].Add(i);
                    }
                }
                foreach (var t in plan.Tasks)
                {
                    Set(ids[t.Id], people[t.Person], t.Start);
                }
            }

            /// <summary>Times at the bench at which nothing stands that cannot be moved. The shortest are the easiest to spare, and the farthest off have surprised nobody yet.</summary>
            public List<(int Person, int Hours)> Stays() =>
                [
                    .. Used()
                        .Where(s => s.Key.Hours >= 0 && p.Hours[s.Key.Person][s.Key.Hours].From > 0)
                        .Where(s => s.All(i => p.Tasks[i] is { Start: null, HeldBefore: false }))
                        .OrderBy(s => s.Sum(i => p.Tasks[i].Minutes))
                        .ThenByDescending(s => p.Hours[s.Key.Person][s.Key.Hours].From)
                        .Select(s => s.Key),
                ];

            IEnumerable<IGrouping<(int Person, int Hours), int>> Used() =>
                Enumerable.Range(0, at.Length).Where(i => at[i] is not null).GroupBy(i => (who[i], p.HoursOf(who[i], at[i]!.Start)));

            /// <summary>Puts all of it into other times at which somebody comes anyway; leaves it as it was where one piece finds none.</summary>
            public void TrySpare(int person, int hours)
            {
                var used = Used().Select(u => u.Key).Where(u => u != (person, hours)).ToHashSet();
                var only = p.Hours.Select((h, w) => h.Where((_, k) => used.Contains((w, k))).ToArray()).ToArray();
                // In order: what comes before another of them is put down first.
                var moved = Enumerable
                    .Range(0, at.Length)
                    .Where(i => at[i] is { } t && who[i] == person && p.HoursOf(person, t.Start) == hours)
                    .OrderBy(i => at[i]!.Start)
                    .ThenBy(p.order.IndexOf)
                    .ToList();
                var before = moved.Select(i => (Task: i, Who: who[i], at[i]!.Start)).ToList();
                var latest = Latest(moved);
                foreach (var i in moved)
                {
                    Unset(i);
                }
                foreach (var i in moved)
                {
                    var release = Math.Max(p.Tasks[i].From ?? 0, p.Before[i].Select(b => at[b]?.ReadyAt ?? 0).DefaultIfEmpty(0).Max());
                    (int End, int Who)? best = null;
                    foreach (var w in p.Who[i].Where(w => only[w].Length > 0))
                    {
                        if (
                            p.Earliest(i, w, release, busy, held, air, only) is { } start
                            && start + p.Length(i, w) is var end
                            && end <= latest[i]
                            && (best is null || end < best.Value.End)
                        )
                        {
                            best = (end, w);
                        }
                    }
                    if (best is not { } found)
                    {
                        foreach (var m in moved.Where(m => at[m] is not null))
                        {
                            Unset(m);
                        }
                        foreach (var (task, w, start) in before)
                        {
                            Set(task, w, start);
                        }
                        return;
                    }
                    Set(i, found.Who, found.End - p.Length(i, found.Who));
                }
            }

            /// <summary>Latest end of each, in hands, at which nothing else has to give way and no day is missed.</summary>
            Dictionary<int, int> Latest(List<int> moved)
            {
                var latest = new Dictionary<int, int>();
                foreach (var i in Enumerable.Reverse(moved))
                {
                    var (t, now) = (p.Tasks[i], at[i]!);
                    var to = after[i].Count == 0 ? now.End : int.MaxValue;
                    foreach (var a in after[i])
                    {
                        var begins = latest.TryGetValue(a, out var moving) ? moving - p.Most(a) : at[a]?.Start ?? now.ReadyAt;
                        to = Math.Min(to, begins - t.WaitMinutes);
                    }
                    if (t.Deadline is { } d)
                    {
                        to = Math.Min(to, Math.Max(now.End, d - t.WaitMinutes));
                    }
                    latest[i] = to;
                }
                return latest;
            }

            public Plan Plan()
            {
                List<PlannedTask> planned = [.. at.OfType<PlannedTask>().OrderBy(x => x.Start).ThenBy(x => x.Id, StringComparer.Ordinal)];
                return new(planned, was.Unplanned, planned.Count == 0 ? null : planned.Max(x => x.ReadyAt), p.Late(planned));
            }

            void Set(int i, int person, int start)
            {
                var t = p.Tasks[i];
                var end = start + p.Length(i, person);
                (who[i], at[i]) = (person, new(t.Id, p.Ask.People[person].Name, start, end, end + t.WaitMinutes));
                Put(busy[person], new(start, end));
                foreach (var (place, w) in Holds(i))
                {
                    Put(held.TryGetValue(place, out var l) ? l : held[place] = [], w);
                }
                air.AddRange(t.Gives.Select(g => (g, new Window(start, end))));
            }

            void Unset(int i)
            {
                var (t, now) = (p.Tasks[i], at[i]!);
                busy[who[i]].Remove(new(now.Start, now.End));
                foreach (var (place, w) in Holds(i))
                {
                    held[place].Remove(w);
                }
                foreach (var g in t.Gives)
                {
                    air.Remove((g, new(now.Start, now.End)));
                }
                at[i] = null;
            }

            IEnumerable<(string Place, Window At)> Holds(int i) => p.Holds(i, at[i]!.Start, at[i]!.End);
        }
    }
}
