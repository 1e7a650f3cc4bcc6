using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <param name="LayOut">What is wanted on the bench, each once, in the order in which it is first wanted.</param>
/// <param name="Shelf">What is used up, against the shelf.</param>
/// <param name="Minutes">Hands on.</param>
public sealed record EveningResult(
    IReadOnlyList<KeptTask> Tasks,
    IReadOnlyList<string> LayOut,
    EnoughResult Shelf,
    int Minutes,
    Verdict Verdict
);

/// <summary>One person's time at the bench: the work in its order, and what to lay out before.</summary>
public static class Evening
{
    /// <param name="from">Work that begins from then on, or has begun.</param>
    /// <param name="until">And before then.</param>
    public static EveningResult Of(
        KeptPlan plan,
        string person,
        DateTimeOffset from,
        DateTimeOffset until,
        IReadOnlyList<SupplyStock> stock,
        DateOnly today
    )
    {
        var tasks = plan
            .Tasks.Where(t => t.Person == person && t.End > from && t.Start < until)
            .OrderBy(t => t.Start)
            .ThenBy(t => t.Id, StringComparer.Ordinal)
            .ToList();
        var lay = tasks
            .SelectMany(t => t.Work.Needs.Split([',', ';'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
            .Select(n => n.TrimEnd('.'))
            .Where(n => n.Length > 0)
            .DistinctBy(n => n.ToLowerInvariant())
            // "pH paper" keeps its own letters.
            .Select(n => n.Length > 1 && char.IsUpper(n[1]) ? n : Words.Capital(n))
            .ToList();
        var shelf = Supplies.Enough([.. tasks.SelectMany(t => t.Work.Uses)], stock, today);
        var minutes = (int)tasks.Sum(t => (t.End - t.Start).TotalMinutes);
        const string question = "What is done in this time?";
        return new(
            tasks,
            lay,
            shelf,
            minutes,
            tasks.Count == 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Nothing is planned for {person} then.",
                        Basis.Rule,
                        new Reason("Their hours are others, or all of it waits.")
                    )
                    .Changing("Other hours, or work that is laid down for then.")
                : Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        $"{tasks.Count} {(tasks.Count == 1 ? "piece" : "pieces")} of work, {Schedule.Span(minutes)} of hands: {tasks[0].Machine} first.",
                        Basis.Rule,
                        new Reason(
                            $"{tasks.Select(t => t.MachineId).Distinct().Count()} {(tasks.Select(t => t.MachineId).Distinct().Count() == 1 ? "machine" : "machines")}.",
                            new("Hands", minutes, "min")
                        )
                    )
                    .Changing("What takes longer than is likely.")
        );
    }
}

/// <summary>What will run short: the shelf against all of the plan, in time for the post.</summary>
/// <param name="WantedAt">When there is no longer enough.</param>
/// <param name="OrderBy">The last day on which an order comes in time; null where nobody has said how long one takes.</param>
/// <param name="Late">That day is past.</param>
public sealed record ShortSupply(
    string Supply,
    double Missing,
    SupplyUnit Unit,
    DateTimeOffset WantedAt,
    string For,
    DateOnly? OrderBy,
    bool Late,
    IReadOnlyList<string> Instead
);

public static class Shortages
{
    /// <summary>In the order in which they run short.</summary>
    public static IReadOnlyList<ShortSupply> Of(KeptPlan plan, IReadOnlyList<SupplyStock> stock, DateOnly today)
    {
        var short_ = new List<ShortSupply>();
        foreach (
            var g in plan
                .Tasks.OrderBy(t => t.Start)
                .SelectMany(t => t.Work.Uses.Select(u => (Task: t, Use: u)))
                .GroupBy(x => (Kind: x.Use.Supply.ToLowerInvariant(), x.Use.Unit))
        )
        {
            var all = stock
                .Where(s => string.Equals(s.Supply.Kind, g.Key.Kind, StringComparison.OrdinalIgnoreCase) && s.Supply.Unit == g.Key.Unit)
                .ToList();
            var wanted = 0.0;
            foreach (var (task, use) in g)
            {
                wanted += use.Amount;
                var day = DateOnly.FromDateTime(task.Start.UtcDateTime);
                // What is past its day by then does not count.
                var there = all.Where(s => Supplies.Good(s.Supply, day)).Sum(s => s.Left);
                if (wanted > there + 1e-9)
                {
                    var days = all.Select(s => s.Supply.DaysToCome).Where(d => d is not null).Min();
                    DateOnly? by = days is { } d ? day.AddDays(-d) : null;
                    short_.Add(
                        new(
                            use.Supply,
                            Math.Round(g.Sum(x => x.Use.Amount) - there, 1),
                            use.Unit,
                            task.Start,
                            $"{task.Title} ({task.Machine})",
                            by,
                            by < today,
                            [
                                .. Supplies
                                    .StandIns.Where(s =>
                                        string.Equals(s.For, use.Supply, StringComparison.OrdinalIgnoreCase)
                                        && stock.Any(x =>
                                            string.Equals(x.Supply.Kind, s.Of, StringComparison.OrdinalIgnoreCase) && x.Left > 0
                                        )
                                    )
                                    .Select(Supplies.Sentence),
                            ]
                        )
                    );
                    break;
                }
            }
        }
        return [.. short_.OrderBy(s => s.WantedAt)];
    }
}
