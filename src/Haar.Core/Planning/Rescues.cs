namespace Haar.Core.Planning;

/// <summary>What could be done so that it is ready after all: proposed from the plan itself.</summary>
public static class Rescues
{
    /// <summary>An evening more, minutes. A house figure.</summary>
    public const int EveningMinutes = 150;

    /// <param name="readyBy">Minutes from the start.</param>
    public static IReadOnlyList<Rescue> Of(ScheduleAsk ask, WorkPlanProblem problem, IReadOnlyList<PlanMachine> due, int readyBy)
    {
        var rescues = new List<Rescue>();
        foreach (var p in ask.People.Where(p => !problem.Guests.Contains(p.Name)).Take(8))
        {
            // One that they do not have yet: from the next day on, at the hour at which they usually begin.
            var usual = p.Windows.Count == 0 ? 18 * 60 : p.Windows[0].From % 1440;
            foreach (var (count, word) in new[] { (1, "one evening more"), (3, "three evenings more") })
            {
                var hours = new List<Window>();
                for (var day = 0; day < 60 && hours.Count < count; day++)
                {
                    var w = new Window(usual + day * 1440, usual + day * 1440 + EveningMinutes);
                    if (w.To <= readyBy && w.From > 0 && p.Windows.All(x => x.To <= w.From || x.From >= w.To))
                    {
                        hours.Add(w);
                    }
                }
                if (hours.Count == count)
                {
                    rescues.Add(new($"{p.Name}, {word}", count, p.Name, hours));
                }
            }
        }
        // A machine that is shown another time costs more than any evening.
        foreach (var m in due.OrderByDescending(m => m.Work.Sum(w => w.Minutes.Likely)).Take(3))
        {
            var ids = problem
                .Entries.Values.Where(e => e.Machine.Id == m.Id)
                .Select(e => e.Id)
                .Where(id => ask.Tasks.Any(t => t.Id == id))
                .ToList();
            if (ids.Count > 0 && ids.Count < ask.Tasks.Count)
            {
                rescues.Add(new($"{m.Name} left for after the day", 10, Without: ids));
            }
        }
        return rescues;
    }
}
