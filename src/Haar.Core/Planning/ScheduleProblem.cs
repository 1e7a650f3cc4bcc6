using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

public static partial class Schedule
{
    /// <summary>What is asked, by number, with who can do what; and the list schedule.</summary>
    internal sealed partial class Problem
    {
        public ScheduleAsk Ask { get; }
        public IReadOnlyList<PlanTask> Tasks => Ask.Tasks;
        public int[][] Before { get; }

        /// <summary>What comes after each.</summary>
        public int[][] After { get; }

        /// <summary>People who can do each, by number.</summary>
        public int[][] Who { get; }

        /// <summary>Their hours, in order, joined where they touch.</summary>
        public Window[][] Hours { get; }

        /// <summary>How long each takes each person.</summary>
        readonly int[][] lengths;

        /// <summary>How long that person is at it, in minutes.</summary>
        public int Length(int i, int person) => lengths[i][person];

        /// <summary>How long that person is at it against what is likely.</summary>
        public double Pace(int i, int person) => Tasks[i].Minutes > 0 ? (double)lengths[i][person] / Tasks[i].Minutes : 1;

        /// <summary>By whoever of those who can is fastest.</summary>
        public int Least(int i) => Who[i].Length == 0 ? Tasks[i].Minutes : Who[i].Min(w => lengths[i][w]);

        /// <summary>By whoever of those who can is slowest.</summary>
        public int Most(int i) => Who[i].Length == 0 ? Tasks[i].Minutes : Who[i].Max(w => lengths[i][w]);

        /// <summary>Length of what follows each, waits with it, and itself.</summary>
        public int[] Tail { get; }
        readonly List<int> order;
        readonly Dictionary<string, Window[]> placeHours;
        readonly Dictionary<string, int> placeCount;

        public Problem(ScheduleAsk ask)
        {
            Ask = ask;
            var ids = ask.Tasks.Select((t, i) => (t.Id, i)).ToDictionary(x => x.Id, x => x.i);
            Before = [.. ask.Tasks.Select(t => t.After.Distinct().Select(a => ids[a]).ToArray())];
            var after = ask.Tasks.Select(_ => new List<int>()).ToArray();
            for (var i = 0; i < Before.Length; i++)
            {
                foreach (var b in Before[i])
                {
                    after[b].Add(i);
                }
            }
            After = [.. after.Select(a => a.ToArray())];
            Hours = [.. ask.People.Select(p => Joined(p.Windows))];
            Who =
            [
                .. ask.Tasks.Select(t =>
                    Enumerable
                        .Range(0, ask.People.Count)
                        .Where(i =>
                            (t.Person.Length == 0 || ask.People[i].Name == t.Person)
                            && t.Skills.All(s => ask.People[i].Skills.Contains(s))
                            && !t.Gives.Any(g => ask.People[i].Avoids.Contains(g))
                        )
                        .ToArray()
                ),
            ];
            lengths =
            [
                .. ask.Tasks.Select(t =>
                    ask.People.Select(x => t.MinutesBy?.FirstOrDefault(b => b.Person == x.Name)?.Minutes ?? t.Minutes).ToArray()
                ),
            ];
            placeHours = ask
                .Places.Where(p => p.Windows is not null)
                .GroupBy(p => p.Name)
                .ToDictionary(g => g.Key, g => Joined(g.First().Windows!));
            placeCount = ask.Places.GroupBy(p => p.Name).ToDictionary(g => g.Key, g => g.First().Count);
            // What lies somewhere already says that there is room for it.
            foreach (var g in ask.Tasks.Where(t => t.HeldBefore).SelectMany(t => t.Places).GroupBy(x => x))
            {
                placeCount[g.Key] = Math.Max(placeCount.GetValueOrDefault(g.Key, 1), g.Count());
            }
            order = Sorted();
            Tail = new int[ask.Tasks.Count];
            for (var k = order.Count - 1; k >= 0; k--)
            {
                var i = order[k];
                Tail[i] += Least(i) + Tasks[i].WaitMinutes;
                foreach (var b in Before[i])
                {
                    Tail[b] = Math.Max(Tail[b], Tail[i]);
                }
            }
        }

        static Window[] Joined(IReadOnlyList<Window> windows)
        {
            var list = new List<Window>();
            foreach (var w in windows.Where(w => w.To > w.From).OrderBy(w => w.From))
            {
                if (list.Count > 0 && w.From <= list[^1].To)
                {
                    list[^1] = new(list[^1].From, Math.Max(list[^1].To, w.To));
                }
                else
                {
                    list.Add(w);
                }
            }
            return [.. list];
        }

        public Window[]? PlaceHours(string place) => placeHours.GetValueOrDefault(place);

        /// <summary>How many things at a time it holds.</summary>
        public int CountOf(string place) => placeCount.GetValueOrDefault(place, 1);

        List<int> Sorted()
        {
            var left = Before.Select(b => b.Length).ToArray();
            var ready = new Queue<int>(Enumerable.Range(0, Tasks.Count).Where(i => left[i] == 0));
            var sorted = new List<int>();
            while (ready.Count > 0)
            {
                var i = ready.Dequeue();
                sorted.Add(i);
                foreach (var a in After[i])
                {
                    if (--left[a] == 0)
                    {
                        ready.Enqueue(a);
                    }
                }
            }
            return sorted;
        }

        /// <summary>Why nobody can do it at all; null where somebody can.</summary>
        public string? Hopeless(int i)
        {
            var t = Tasks[i];
            if (Who[i].Length == 0)
            {
                return t.Person.Length > 0
                    ? $"{t.Person} may not do it."
                    : $"Nobody here {(t.Skills.Count > 0 ? $"can {Words.And(t.Skills)}" : "can be near it")}.";
            }
            var longest = Who[i].SelectMany(p => Hours[p]).Select(w => w.To - w.From).DefaultIfEmpty(0).Max();
            return longest == 0 ? $"{Words.And(Who[i].Select(p => Ask.People[p].Name))} {(Who[i].Length == 1 ? "has" : "have")} no hours."
                : !Who[i].Any(p => Hours[p].Any(w => w.To - w.From >= Length(i, p)))
                    ? $"It takes {Span(Least(i))} in one go, and the longest time at the bench is {Span(longest)}: split it in {Math.Max(2, (Least(i) + longest - 1) / longest)}."
                : null;
        }

        /// <summary>By the longest tail first, each as early as its people and places allow.</summary>
        /// <param name="rank">Smaller goes first; null takes the tails.</param>
        /// <param name="person">Who does it, by number; null for whoever is soonest.</param>
        public Plan List(IReadOnlyList<double>? rank = null, Func<int, int?>? person = null)
        {
            var busy = Hours.Select(_ => new List<Window>()).ToArray();
            var held = new Dictionary<string, List<Window>>();
            var air = new List<(string What, Window At)>();
            var at = new PlannedTask?[Tasks.Count];
            var unplanned = new List<Unplanned>();
            var open = new HashSet<int>(order);
            var cannot = new HashSet<int>();
            while (open.Count > 0)
            {
                var ready = open.Where(i => Before[i].All(b => !open.Contains(b))).ToList();
                // What is pinned takes its place before others do.
                var next = ready
                    .OrderBy(i =>
                        Tasks[i].Start is not null ? 0
                        : Tasks[i].HeldBefore ? 1
                        : 2
                    )
                    .ThenBy(i => rank is null ? -Urgency(i) : rank[i])
                    .ThenBy(i => i)
                    .First();
                open.Remove(next);
                var t = Tasks[next];
                if (Before[next].FirstOrDefault(b => cannot.Contains(b), -1) is var b and >= 0)
                {
                    cannot.Add(next);
                    unplanned.Add(
                        new(
                            t.Id,
                            $"It comes after {Words.Lower(Tasks[b].Title.Length > 0 ? Tasks[b].Title : Tasks[b].Id)}, which cannot be planned."
                        )
                    );
                    continue;
                }
                if (Hopeless(next) is { } why)
                {
                    cannot.Add(next);
                    unplanned.Add(new(t.Id, why));
                    continue;
                }
                var release = Math.Max(t.From ?? 0, Before[next].Select(x => at[x]?.ReadyAt ?? 0).DefaultIfEmpty(0).Max());
                var best = Best(next, release, person?.Invoke(next));
                if (t.WaitMostMinutes is { } most)
                {
                    best = EndedInTime(next, best, most);
                }
                if (best is not { } found)
                {
                    cannot.Add(next);
                    unplanned.Add(
                        new(
                            t.Id,
                            t.Start is not null ? "Its time is taken, or out of hours."
                                : t.WaitMostMinutes is not null ? "Nobody is here to end it in time."
                                : "There are no hours left in which it fits."
                        )
                    );
                    continue;
                }
                Place(next, found);
                // What must be ended in time has its place before anything else takes it.
                foreach (var ends in Enders(next).Where(open.Contains).ToList())
                {
                    if (t.WaitMostMinutes is not null && Best(ends, at[next]!.ReadyAt, person?.Invoke(ends)) is { } then)
                    {
                        open.Remove(ends);
                        Place(ends, then);
                    }
                }
            }
            List<PlannedTask> planned = [.. at.OfType<PlannedTask>().OrderBy(x => x.Start).ThenBy(x => x.Id, StringComparer.Ordinal)];
            return new(planned, unplanned, planned.Count == 0 ? null : planned.Max(x => x.ReadyAt), Late(planned));

            (int End, int Person)? Best(int i, int release, int? given)
            {
                (int End, int Person)? best = null;
                foreach (var p in given is { } one ? [one] : Who[i])
                {
                    if (Earliest(i, p, release, busy, held, air) is { } start && (best is null || start + Length(i, p) < best.Value.End))
                    {
                        best = (start + Length(i, p), p);
                    }
                }
                return best;
            }

            void Place(int i, (int End, int Person) found)
            {
                var t = Tasks[i];
                var (from, end) = (found.End - Length(i, found.Person), found.End);
                at[i] = new(t.Id, Ask.People[found.Person].Name, from, end, end + t.WaitMinutes);
                Put(busy[found.Person], new(from, end));
                foreach (var (place, w) in Holds(i, from, end))
                {
                    Put(Held(place), w);
                }
                air.AddRange(t.Gives.Select(g => (g, new Window(from, end))));
            }

            // What comes after it and after nothing else that is still open.
            IEnumerable<int> Enders(int i) => After[i].Where(j => Before[j].All(b => b == i || at[b] is not null));

            // Later, until whoever ends it is here within the time; null where that is never.
            (int End, int Person)? EndedInTime(int i, (int End, int Person)? first, int most)
            {
                var enders = Enders(i).ToList();
                for (var tries = 0; first is { } f && tries < MostTries; tries++)
                {
                    var from = f.End - Length(i, f.Person);
                    Put(busy[f.Person], new(from, f.End));
                    var ended = enders.TrueForAll(j =>
                        Best(j, f.End + Tasks[i].WaitMinutes, person?.Invoke(j)) is { } then
                        && then.End - Length(j, then.Person) <= f.End + most
                    );
                    busy[f.Person].Remove(new(from, f.End));
                    if (ended || Tasks[i].Start is not null)
                    {
                        return ended ? f : null;
                    }
                    first = Best(i, from + LaterMinutes, person?.Invoke(i));
                }
                return null;
            }

            List<Window> Held(string place) => held.TryGetValue(place, out var l) ? l : held[place] = [];
        }

        /// <summary>A beginning that nobody can end in time is tried again so much later, and so often: a fortnight of two hours each. House figures.</summary>
        const int LaterMinutes = 120,
            MostTries = 14 * 12;

        /// <summary>Whatever must be ended in time is.</summary>
        public bool EndsInTime(Plan plan)
        {
            var at = plan.Tasks.ToDictionary(t => t.Id);
            return Enumerable
                .Range(0, Tasks.Count)
                .Where(i => Tasks[i].WaitMostMinutes is not null && at.ContainsKey(Tasks[i].Id))
                .All(i =>
                    After[i]
                        .All(j =>
                            !at.TryGetValue(Tasks[j].Id, out var then)
                            || Before[j].Length > 1
                            || then.Start <= at[Tasks[i].Id].End + Tasks[i].WaitMostMinutes!.Value
                        )
                );
        }

        /// <summary>What it holds when it is done then: its places for so long, and where its wait lies.</summary>
        IEnumerable<(string Place, Window At)> Holds(int i, int from, int end)
        {
            var t = Tasks[i];
            foreach (var place in t.Places)
            {
                yield return (place, new(t.HeldBefore ? 0 : from, place == t.WaitPlace ? end + t.WaitMinutes : end));
            }
            if (t.WaitPlace.Length > 0 && !t.Places.Contains(t.WaitPlace))
            {
                yield return (t.WaitPlace, new(end, end + t.WaitMinutes));
            }
        }

        public int Late(IEnumerable<PlannedTask> planned)
        {
            var due = Tasks.Where(t => t.Deadline is not null).ToDictionary(t => t.Id, t => t.Deadline!.Value);
            return planned.Sum(x => due.TryGetValue(x.Id, out var d) ? Math.Max(0, x.ReadyAt - d) : 0);
        }

        /// <summary>The longer what follows, and the nearer its deadline, the sooner.</summary>
        double Urgency(int i) => Tail[i] - (Tasks[i].Deadline is { } d ? Math.Min(0, d - Tail[i] - MostMinutes) / 1000.0 : 0);

        static void Put(List<Window> list, Window w)
        {
            if (w.To <= w.From)
            {
                return;
            }
            var i = list.FindIndex(x => x.From > w.From);
            list.Insert(i < 0 ? list.Count : i, w);
        }

        /// <summary>When fewer than so many of these overlap it; the same minute where they do.</summary>
        static int Free(List<Window> taken, int from, int length, int count)
        {
            if (count == 1)
            {
                return Free(taken, from, length);
            }
            var to = Math.Max(length, 1);
            while (true)
            {
                var over = taken.Where(w => w.From < from + to && from < w.To).ToList();
                // As many as that at one moment, which is one of their beginnings or its own.
                var full = over.Select(w => Math.Max(w.From, from))
                    .Append(from)
                    .Where(at => over.Count(w => w.From <= at && at < w.To) >= count)
                    .ToList();
                if (full.Count == 0)
                {
                    return from;
                }
                from = over.Where(w => w.From <= full.Max() && full.Max() < w.To).Min(w => w.To);
            }
        }

        /// <summary>When the next of these overlaps is over; the same minute where none does.</summary>
        static int Free(IEnumerable<Window> taken, int from, int length)
        {
            foreach (var w in taken)
            {
                if (w.From < from + Math.Max(length, 1) && from < w.To)
                {
                    from = w.To;
                }
            }
            return from;
        }

        static int? Within(Window[] hours, int from, int length)
        {
            foreach (var w in hours)
            {
                var start = Math.Max(from, w.From);
                if (start + length <= w.To && start < Math.Max(w.To, w.From + 1))
                {
                    return start;
                }
            }
            return null;
        }

        /// <param name="only">Hours of each person that count; null for all.</param>
        int? Earliest(
            int i,
            int p,
            int release,
            List<Window>[] busy,
            Dictionary<string, List<Window>> held,
            List<(string What, Window At)> air,
            Window[][]? only = null
        )
        {
            var t = Tasks[i];
            var length = Length(i, p);
            var avoided = Ask.People[p].Avoids;
            var at = t.Start ?? release;
            // Each round goes on to the end of something: there are only so many ends.
            for (var round = 0; round < 100_000; round++)
            {
                if (t.Start is { } pinned && (at != pinned || at < release))
                {
                    return null;
                }
                var was = at;
                if (Within((only ?? Hours)[p], at, length) is not { } inside)
                {
                    return null;
                }
                at = Free(busy[p], inside, length);
                foreach (var place in t.Places)
                {
                    if (PlaceHours(place) is { } hours)
                    {
                        if (Within(hours, at, length) is not { } open)
                        {
                            return null;
                        }
                        at = open;
                    }
                    at =
                        held.TryGetValue(place, out var taken) && !t.HeldBefore
                            ? Free(taken, at, place == t.WaitPlace ? length + t.WaitMinutes : length, CountOf(place))
                            : at;
                }
                if (t.WaitPlace.Length > 0 && !t.Places.Contains(t.WaitPlace) && held.TryGetValue(t.WaitPlace, out var bath))
                {
                    at = Free(bath, at + length, t.WaitMinutes, CountOf(t.WaitPlace)) - length;
                }
                if (avoided.Count > 0)
                {
                    at = Free(air.Where(a => avoided.Contains(a.What)).Select(a => a.At).OrderBy(w => w.From), at, length);
                }
                if (t.Gives.Count > 0)
                {
                    for (var q = 0; q < busy.Length; q++)
                    {
                        if (Ask.People[q].Avoids.Intersect(t.Gives).Any())
                        {
                            at = Free(busy[q], at, length);
                        }
                    }
                }
                if (at == was)
                {
                    return at;
                }
            }
            return null;
        }
    }
}
