namespace Haar.Core.Planning;

public static partial class Schedule
{
    internal sealed partial class Problem
    {
        /// <summary>So often a plan is put in order once more. Each round is better than the one before, and hardly any needs a third; a house figure.</summary>
        const int MostRounds = 8;

        /// <summary>
        /// The plan with no trip to spare and no gap that it could close by itself: put in order once more it stays as it is, so that planning
        /// again on the same facts moves nothing.
        /// </summary>
        public Plan Settled(Plan plan)
        {
            var now = WithFewerTrips(plan);
            for (var round = 0; round < MostRounds; round++)
            {
                var starts = now.Tasks.ToDictionary(t => t.Id, t => (t.Person, t.Start));
                var next = InOrderOf(id => starts.TryGetValue(id, out var s) ? s : null);
                if (!Better(next, now))
                {
                    break;
                }
                now = next;
            }
            return now;
        }

        /// <summary>
        /// What stood, each where it stood, with what is new fitted in between; null where a piece can no longer be where it was.
        /// What is laid down, or has begun, is where that is.
        /// </summary>
        public Plan? AsItStood(IReadOnlyDictionary<string, StoodAt> stood)
        {
            PlanTask At(PlanTask t) =>
                !stood.TryGetValue(t.Id, out var s) ? t
                : t.Start is null ? t with { Start = s.Start, Person = s.Person }
                : t.Person.Length == 0 ? t with { Person = s.Person }
                : t;
            var ask = Ask with { Tasks = [.. Tasks.Select(At)] };
            if (
                ask.Tasks.Where((t, i) => t.Start < 0 || Tasks[i].Person.Length > 0 && t.Person != Tasks[i].Person).Any()
                || ask.Tasks.Any(t => t.Person.Length > 0 && Ask.People.All(p => p.Name != t.Person))
            )
            {
                return null;
            }
            var plan = new Problem(ask).List([.. ask.Tasks.Select(t => t.Start ?? (double)MostMinutes)]);
            return plan.Unplanned.Any(u => stood.ContainsKey(u.Id)) ? null : plan;
        }

        /// <summary>In the order and by the people of a plan, each as early as can be, with no trip to spare.</summary>
        public Plan InOrderOf(Func<string, (string Person, int Start)?> at, Func<string, double>? otherwise = null)
        {
            var people = Ask.People.Select((x, i) => (x.Name, i)).ToDictionary(x => x.Name, x => x.i);
            return WithFewerTrips(
                List(
                    [.. Tasks.Select(t => at(t.Id)?.Start ?? otherwise?.Invoke(t.Id) ?? MostMinutes)],
                    i => at(Tasks[i].Id) is { } s && people.TryGetValue(s.Person, out var w) && Who[i].Contains(w) ? w : null
                )
            );
        }

        /// <summary>More of it planned, else more in time, else ready sooner, else what nothing waits for sooner, else fewer trips, else all of it sooner.</summary>
        public bool Better(Plan one, Plan other) => Rank(one).CompareTo(Rank(other)) < 0;

        /// <summary>Better by enough that what people have in their heads is worth moving: more, in time, ready sooner, fewer trips, or sooner by half a day in all.</summary>
        public bool WorthMovingTo(Plan one, Plan other)
        {
            var (a, b) = (Rank(one), Rank(other));
            return a.CompareTo(b) < 0
                && (
                    (a.Unplanned, a.Late, a.Ready).CompareTo((b.Unplanned, b.Late, b.Ready)) < 0
                    || a.Trips < b.Trips
                    || b.All - a.All >= SoonerMinutes
                );
        }

        (int Unplanned, int Late, int Ready, long Last, int Trips, long All) Rank(Plan plan)
        {
            var waitedFor = Tasks.SelectMany(t => t.After).ToHashSet();
            return (
                plan.Unplanned.Count,
                plan.Late,
                plan.ReadyAt ?? 0,
                plan.Tasks.Where(t => !waitedFor.Contains(t.Id)).Sum(t => (long)t.ReadyAt),
                Trips(Ask, plan.Tasks).Values.Sum(),
                plan.Tasks.Sum(t => (long)t.Start)
            );
        }
    }
}
