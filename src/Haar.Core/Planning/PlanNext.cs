using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <param name="Person">Who asks.</param>
/// <param name="Without">Places that they will not use now: the iron.</param>
/// <param name="MostMinutes">They have no longer; null for as long as it takes.</param>
/// <param name="NotThese">Ids that were offered already.</param>
public sealed record PlanNextAsk(
    ScheduleAsk Plan,
    string Person,
    IReadOnlyList<string>? Without = null,
    int? MostMinutes = null,
    IReadOnlyList<string>? NotThese = null
);

/// <param name="Hangs">Minutes of work and waits that hang on it, itself in it.</param>
public sealed record PlanChoice(string Id, string Title, int Minutes, int Hangs, string Why);

/// <param name="Now">Null where nothing can be begun.</param>
public sealed record PlanNextResult(PlanChoice? Now, IReadOnlyList<PlanChoice> Others, Verdict Verdict);

/// <summary>What somebody does now: of all that can be begun, what most hangs on.</summary>
public static class PlanNext
{
    /// <exception cref="InvalidInputException">The plan cannot be, or nobody of that name is in it.</exception>
    public static PlanNextResult Of(PlanNextAsk ask)
    {
        Schedule.Check(ask.Plan);
        var p = new Schedule.Problem(ask.Plan);
        var person = Enumerable
            .Range(0, ask.Plan.People.Count)
            .Where(i => ask.Plan.People[i].Name == ask.Person)
            .Select(i => (int?)i)
            .FirstOrDefault();
        if (person is not { } who)
        {
            throw new InvalidInputException("person", $"{(ask.Person.Length == 0 ? "Nobody" : ask.Person)} is not in the plan.");
        }
        InvalidInputException.Finite("mostMinutes", ask.MostMinutes is { } most ? most : null, 0, Schedule.MostMinutes, "min");
        var here = p.Hours[who].FirstOrDefault(w => w.From <= 0 && w.To > 0);
        var left = Math.Min(here.To, ask.MostMinutes ?? int.MaxValue);
        var (without, not) = (ask.Without ?? [], ask.NotThese ?? []);
        // What lies somewhere, and what somebody is at, holds its place.
        var held = p
            .Tasks.Where(t => t.HeldBefore || t.Start == 0)
            .SelectMany(t => t.Places.Select(x => (Place: x, t.Id)))
            .ToLookup(x => x.Place, x => x.Id);
        bool Taken(string place, PlanTask t) => held[place].Count(id => id != t.Id) >= p.CountOf(place) && !t.HeldBefore;
        var can = Enumerable
            .Range(0, p.Tasks.Count)
            .Where(i =>
                p.Before[i].Length == 0
                && p.Who[i].Contains(who)
                && (p.Tasks[i].From ?? 0) <= 0
                && p.Tasks[i].Start is null or 0
                && p.Length(i, who) <= left
                && !p.Tasks[i].Places.Intersect(without).Any()
                && !p.Tasks[i].Places.Any(x => Taken(x, p.Tasks[i]))
                && p.Tasks[i].Places.All(x => p.PlaceHours(x) is not { } hours || hours.Any(w => w.From <= 0 && w.To >= p.Length(i, who)))
                && !not.Contains(p.Tasks[i].Id)
            )
            .OrderBy(i => p.Tasks[i].Deadline is { } d ? d - p.Tail[i] : int.MaxValue / 2 - p.Tail[i])
            .ThenByDescending(i => p.Tail[i])
            .ThenBy(i => p.Length(i, who))
            .ThenBy(i => i)
            .Select(i => Choice(p, i, who))
            .ToList();
        const string question = "What is done now?";
        return new(
            can.FirstOrDefault(),
            [.. can.Skip(1).Take(5)],
            can.Count > 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        $"{Words.Capital(can[0].Title)}.",
                        Basis.Rule,
                        new Reason(can[0].Why, new("Hangs on it", can[0].Hangs, "min"))
                    )
                    .Changing("What takes longer than is likely, or comes in between.")
                : Verdict
                    .Of(
                        question,
                        Outcome.No,
                        left <= 0 ? $"{ask.Person} is not at the bench now." : $"Nothing that can be begun now is for {ask.Person}.",
                        Basis.Rule,
                        new Reason(
                            left <= 0 ? "Their hours are others." : "All of it waits, is another's, or takes longer than there is time."
                        )
                    )
                    .Changing("More time, another place, or that a wait is over.")
        );
    }

    static PlanChoice Choice(Schedule.Problem p, int i, int who)
    {
        var t = p.Tasks[i];
        var after = Enumerable.Range(0, p.Tasks.Count).Count(k => p.Before[k].Contains(i));
        return new(
            t.Id,
            t.Title.Length > 0 ? t.Title : t.Id,
            p.Length(i, who),
            p.Tail[i],
            t.Deadline is { } d && d - p.Tail[i] < 24 * 60
                    ? $"It has to be ready in {Schedule.Span(d)}, and {Schedule.Span(p.Tail[i])} hang on it."
                : t.WaitMinutes > 0 && after > 0
                    ? $"Begun now, its wait of {Schedule.Span(t.WaitMinutes)} goes on by itself, and {after} {(after == 1 ? "piece" : "pieces")} of work can follow."
                : after > 0 ? $"{Schedule.Span(p.Tail[i])} of work and waits hang on it."
                : "Nothing waits for it: it fits the time."
        );
    }
}
