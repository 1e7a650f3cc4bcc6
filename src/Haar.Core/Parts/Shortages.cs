using Haar.Core.Planning;

namespace Haar.Core.Parts;

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
