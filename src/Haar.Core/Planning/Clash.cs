using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>Work that is wished to be ready by its day: a machine.</summary>
/// <param name="ReadyBy">Minutes from the start.</param>
public sealed record Wish(string Name, IReadOnlyList<string> Tasks, int ReadyBy);

/// <param name="Wishes">Names of wishes that cannot all come true, and of which every smaller set is not proven impossible; empty where nothing is.</param>
/// <param name="Over">Minutes by which they miss at the least.</param>
public sealed record ClashResult(IReadOnlyList<string> Wishes, int Over, Verdict Verdict);

/// <summary>
/// Which wishes cannot all come true, as few of them as prove it: left out one after another, and put back where the rest might come
/// true without it. Impossible is what the bounds prove (the longest chain within hours, the work within the hours of who can do it):
/// what no bound proves counts as possible, so that nobody is told to give up what might be done.
/// </summary>
public static class Clash
{
    /// <exception cref="InvalidInputException">A schedule that cannot be, or more than 200 wishes.</exception>
    public static ClashResult Of(ScheduleAsk ask, IReadOnlyList<Wish> wishes)
    {
        if (wishes.Count > 200)
        {
            throw new InvalidInputException("wishes", "At most 200 wishes.");
        }
        Schedule.Check(ask);
        const string question = "Which wishes clash?";
        var over = Over(ask, wishes);
        if (over <= 0)
        {
            return new(
                [],
                0,
                Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        "Nothing proves that they could not all come true.",
                        Basis.Rule,
                        new Reason("No bound is over its day.")
                    )
                    .Changing("Fewer hours, or more work.")
            );
        }
        var left = wishes.ToList();
        // The smallest first: a set of few large ones says more than one of many small.
        foreach (var w in wishes.OrderBy(w => w.Tasks.Count).ThenBy(w => w.Name, StringComparer.Ordinal))
        {
            List<Wish> without = [.. left.Where(x => x != w)];
            if (without.Count > 0 && Over(ask, without) > 0)
            {
                left = without;
            }
        }
        over = Over(ask, left);
        return new(
            [.. left.Select(w => w.Name)],
            over,
            Verdict
                .Of(
                    question,
                    Outcome.No,
                    left.Count == 1
                        ? $"{left[0].Name} cannot be ready by its day, whatever else is left."
                        : $"{Words.And(left.Select(w => w.Name))} cannot all be ready by their day; without any one of them the others might.",
                    Basis.Rule,
                    new Reason(
                        $"At the least they are {Schedule.Span(over)} late.",
                        new("Late", over, "min"),
                        "longest chain, and work against hours"
                    )
                )
                .Changing("More hours, another person, a later day, or one of them left out.")
        );
    }

    /// <summary>By how much the bounds say that some day is missed; 0 or less where none is.</summary>
    static int Over(ScheduleAsk ask, IReadOnlyList<Wish> wishes)
    {
        var worst = int.MinValue;
        // All that is due by a day has to be done by it.
        foreach (var day in wishes.Select(w => w.ReadyBy).Distinct())
        {
            var wanted = wishes.Where(w => w.ReadyBy <= day).SelectMany(w => w.Tasks).ToHashSet();
            // What comes before it has to be done too.
            var by = ask.Tasks.ToDictionary(t => t.Id);
            var open = new Queue<string>(wanted.Where(by.ContainsKey));
            while (open.Count > 0)
            {
                foreach (var a in by[open.Dequeue()].After.Where(wanted.Add))
                {
                    open.Enqueue(a);
                }
            }
            var tasks = ask.Tasks.Where(t => wanted.Contains(t.Id)).Select(t => t with { Deadline = null }).ToList();
            if (tasks.Count == 0)
            {
                continue;
            }
            var problem = new Schedule.Problem(ask with { Tasks = tasks });
            var hopeless = Enumerable.Range(0, tasks.Count).Any(i => problem.Hopeless(i) is not null);
            worst = Math.Max(worst, hopeless ? Schedule.MostMinutes : problem.Bound([]) - day);
        }
        return worst;
    }
}
