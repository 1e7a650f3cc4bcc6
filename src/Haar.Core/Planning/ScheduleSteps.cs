namespace Haar.Core.Planning;

/// <summary>A question of which all times are whole steps, asked in steps instead of minutes.</summary>
static class ScheduleSteps
{
    /// <summary>The greatest number of minutes that divides every length, wait, beginning and hour; 1 where there is none.</summary>
    public static int Of(ScheduleAsk ask)
    {
        var step = 0;
        void Take(int? minutes) => step = (int)System.Numerics.BigInteger.GreatestCommonDivisor(step, minutes ?? 0);
        foreach (var t in ask.Tasks)
        {
            Take(t.Minutes);
            foreach (var by in t.MinutesBy ?? [])
            {
                Take(by.Minutes);
            }
            Take(t.WaitMinutes);
            Take(t.WaitMostMinutes);
            Take(t.From);
            Take(t.Start);
            Take(t.Deadline);
        }
        foreach (var w in ask.People.SelectMany(p => p.Windows).Concat(ask.Places.SelectMany(p => p.Windows ?? [])))
        {
            Take(w.From);
            Take(w.To);
        }
        return Math.Max(1, step);
    }

    public static ScheduleAsk In(ScheduleAsk ask, int step)
    {
        Window[] Hours(IEnumerable<Window> windows) => [.. windows.Select(w => new Window(w.From / step, w.To / step))];
        return ask with
        {
            Tasks =
            [
                .. ask.Tasks.Select(t =>
                    t with
                    {
                        Minutes = t.Minutes / step,
                        MinutesBy = t.MinutesBy?.Select(b => b with { Minutes = b.Minutes / step }).ToList(),
                        LowMinutes = null,
                        HighMinutes = null,
                        WaitMinutes = t.WaitMinutes / step,
                        WaitMostMinutes = t.WaitMostMinutes / step,
                        From = t.From / step,
                        Start = t.Start / step,
                        Deadline = t.Deadline / step,
                    }
                ),
            ],
            People = [.. ask.People.Select(p => p with { Windows = Hours(p.Windows) })],
            Places = [.. ask.Places.Select(p => p with { Windows = p.Windows is null ? null : Hours(p.Windows) })],
        };
    }

    /// <summary>The same plan counted otherwise.</summary>
    public static Schedule.Plan Times(Schedule.Plan plan, int by, int over) =>
        plan with
        {
            Tasks =
            [
                .. plan.Tasks.Select(t => t with { Start = t.Start * by / over, End = t.End * by / over, ReadyAt = t.ReadyAt * by / over }),
            ],
            ReadyAt = plan.ReadyAt * by / over,
            Late = plan.Late * by / over,
        };
}
