using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>Something that could be done so that it is ready after all.</summary>
/// <param name="Cost">In whatever one counts: money, favours.</param>
/// <param name="Person">With <paramref name="Hours"/>: who gets more of them.</param>
/// <param name="Without">Ids of tasks that are left out.</param>
public sealed record Rescue(
    string Name,
    double Cost = 0,
    string Person = "",
    IReadOnlyList<Window>? Hours = null,
    IReadOnlyList<string>? Without = null
);

/// <param name="ReadyBy">The day, in minutes from now.</param>
/// <param name="Runs">1,000 unless said.</param>
public sealed record RescueAsk(ScheduleAsk Plan, int ReadyBy, IReadOnlyList<Rescue>? Rescues = null, int Runs = 1000, int Seed = 1);

/// <param name="Chance">That all is ready by the day.</param>
/// <param name="ReadyAt">A tenth, half and nine tenths of the runs are ready by then; null where fewer are ready at all.</param>
public sealed record ChanceResult(double Chance, IReadOnlyList<int?> ReadyAt);

/// <param name="Gain">In chance.</param>
public sealed record RescueResult(string Name, double Cost, double Chance, double Gain);

/// <param name="Rescues">The cheapest a gain first.</param>
public sealed record PlanChanceResult(ChanceResult Now, IReadOnlyList<RescueResult> Rescues, Verdict Verdict);

/// <summary>How likely it is that all is ready by the day: the plan in its order, run a thousand times.</summary>
/// <remarks>
/// Lengths are triangular between best and worst, times a factor of the person and one of the kind of work that is the same for a
/// whole run: without those a plan of many tasks is far too sure of itself, since what is underestimated once is underestimated
/// again. Rescues are run with the same draws, so that they compare.
/// </remarks>
public static class PlanChance
{
    /// <summary>Spread of the logarithm of the common factors. House figures.</summary>
    public const double PersonSpread = 0.15,
        KindSpread = 0.2;

    /// <exception cref="InvalidInputException">A plan that cannot be, or figures that cannot.</exception>
    public static PlanChanceResult Of(RescueAsk ask, CancellationToken cancel = default)
    {
        InvalidInputException.Finite("readyBy", (double)ask.ReadyBy, 1, Schedule.MostMinutes, "min");
        InvalidInputException.Finite("runs", (double)ask.Runs, 10, 100_000, "");
        if (ask.Rescues?.Count > 50)
        {
            throw new InvalidInputException("rescues", "At most 50 rescues.");
        }
        var now = Chance(ask.Plan, ask, cancel);
        var rescues = new List<RescueResult>();
        for (var i = 0; i < (ask.Rescues?.Count ?? 0); i++)
        {
            var r = ask.Rescues![i];
            InvalidInputException.Finite($"rescues[{i}].cost", r.Cost, 0, 1e9, "");
            if (r.Person.Length > 0 && ask.Plan.People.All(p => p.Name != r.Person))
            {
                throw new InvalidInputException($"rescues[{i}].person", $"{r.Person} is not in the plan.");
            }
            var without = (r.Without ?? []).ToHashSet();
            var changed = ask.Plan with
            {
                Tasks =
                [
                    .. ask
                        .Plan.Tasks.Where(t => !without.Contains(t.Id))
                        .Select(t => t with { After = [.. t.After.Where(a => !without.Contains(a))] }),
                ],
                People = [.. ask.Plan.People.Select(p => p.Name == r.Person ? p with { Windows = [.. p.Windows, .. r.Hours ?? []] } : p)],
            };
            if (changed.Tasks.Count == 0)
            {
                throw new InvalidInputException($"rescues[{i}].without", "Something has to be left to do.");
            }
            var then = Chance(changed, ask, cancel);
            rescues.Add(new(r.Name, r.Cost, then.Chance, Math.Round(then.Chance - now.Chance, 4)));
        }
        rescues =
        [
            .. rescues.OrderByDescending(r => r.Gain > 0.005).ThenBy(r => r.Cost / Math.Max(r.Gain, 1e-6)).ThenByDescending(r => r.Gain),
        ];
        const string question = "Will it be ready for the day?";
        var percent = Math.Round(now.Chance * 100);
        var best = rescues is [{ Gain: > 0.005 } first, ..] ? first : null;
        return new(
            now,
            rescues,
            Verdict
                .Of(
                    question,
                    now.Chance >= 0.9 ? Outcome.Yes
                        : now.Chance >= 0.1 ? Outcome.YesIf
                        : Outcome.No,
                    now.Chance >= 0.9 ? $"Most likely: {percent} %."
                        : best is not null ? $"{percent} %; {Words.Lower(best.Name)} makes it {Math.Round(best.Chance * 100)} %."
                        : $"{percent} %.",
                    Basis.Guess,
                    new Reason(
                        now.ReadyAt[1] is { } half
                            ? $"Half of {ask.Runs} runs are ready after {Schedule.Span(half)}."
                            : $"Fewer than half of {ask.Runs} runs are ready within the hours that there are.",
                        new("Chance", percent, "%"),
                        "the plan's order, lengths drawn with factors common to a person and a kind of work"
                    )
                )
                .Changing([
                    .. rescues.Where(r => r.Gain > 0.005).Take(3).Select(r => $"{Words.Capital(r.Name)}: {Math.Round(r.Chance * 100)} %."),
                ])
        );
    }

    static ChanceResult Chance(ScheduleAsk plan, RescueAsk ask, CancellationToken cancel)
    {
        Schedule.Check(plan);
        var p = new Schedule.Problem(plan);
        var first = p.List();
        if (first.Unplanned.Count > 0)
        {
            return new(0, [null, null, null]);
        }
        var index = plan.Tasks.Select((t, i) => (t.Id, i)).ToDictionary(x => x.Id, x => x.i);
        var people = plan.People.Select((x, i) => (x.Name, i)).ToDictionary(x => x.Name, x => x.i);
        var order = first.Tasks.Select(t => (Task: index[t.Id], Person: people[t.Person])).ToArray();
        var places = plan
            .Tasks.SelectMany(t => t.Places.Append(t.WaitPlace))
            .Where(x => x.Length > 0)
            .Distinct()
            .Select((x, i) => (x, i))
            .ToDictionary(x => x.x, x => x.i);
        var ready = new int[ask.Runs];
        for (var run = 0; run < ask.Runs; run++)
        {
            cancel.ThrowIfCancellationRequested();
            ready[run] = Run(p, order, places, ask.Seed, run);
        }
        Array.Sort(ready);
        int? At(double share) => ready[(int)(share * (ready.Length - 1))] is var r && r < int.MaxValue ? r : null;
        return new(Math.Round((double)ready.Count(r => r <= ask.ReadyBy) / ready.Length, 4), [At(0.1), At(0.5), At(0.9)]);
    }

    /// <summary>A number between 0 and 1 that depends on these alone: the same task in the same run draws the same, whatever else is changed.</summary>
    static double Draw(int seed, int run, string what)
    {
        var h = 14695981039346656037UL ^ (ulong)(uint)seed * 0x9E3779B97F4A7C15UL ^ (ulong)(uint)run * 0xC2B2AE3D27D4EB4FUL;
        foreach (var c in what)
        {
            h = (h ^ c) * 1099511628211UL;
        }
        // The finaliser of SplitMix64.
        h = (h ^ h >> 30) * 0xBF58476D1CE4E5B9UL;
        h = (h ^ h >> 27) * 0x94D049BB133111EBUL;
        return ((h ^ h >> 31) >> 11) * (1.0 / (1UL << 53));
    }

    static double Factor(int seed, int run, string what, double spread)
    {
        var (u, v) = (1 - Draw(seed, run, what + "/u"), Draw(seed, run, what + "/v"));
        return Math.Exp(spread * Math.Sqrt(-2 * Math.Log(u)) * Math.Cos(2 * Math.PI * v));
    }

    /// <summary>Between best and worst, most often as is likely.</summary>
    internal static double Triangular(double low, double likely, double high, double u)
    {
        if (high - low < 1e-9)
        {
            return likely;
        }
        var knee = (likely - low) / (high - low);
        return u < knee ? low + Math.Sqrt(u * (high - low) * (likely - low)) : high - Math.Sqrt((1 - u) * (high - low) * (high - likely));
    }

    static int Run(Schedule.Problem p, (int Task, int Person)[] order, Dictionary<string, int> places, int seed, int run)
    {
        var free = new int[p.Hours.Length];
        var held = new int[places.Count];
        var ready = new int[p.Tasks.Count];
        var air = new List<(string What, int From, int To)>();
        var by = new Dictionary<string, double>();
        double Common(string what, double spread) => by.TryGetValue(what, out var f) ? f : by[what] = Factor(seed, run, what, spread);
        var last = 0;
        foreach (var (i, who) in order)
        {
            var t = p.Tasks[i];
            var drawn =
                Triangular(t.LowMinutes ?? t.Minutes / 2.0, t.Minutes, t.HighMinutes ?? t.Minutes * 2.0, Draw(seed, run, t.Id))
                * Common($"person {p.Ask.People[who].Name}", PersonSpread)
                * Common($"kind {t.Kind}", KindSpread);
            var minutes = (int)Math.Ceiling(drawn - 1e-9);
            var at = Math.Max(Math.Max(t.Start ?? t.From ?? 0, free[who]), p.Before[i].Select(b => ready[b]).DefaultIfEmpty(0).Max());
            for (var round = 0; ; round++)
            {
                var was = at;
                foreach (var place in t.Places)
                {
                    at = Math.Max(at, held[places[place]]);
                    if (p.PlaceHours(place) is { } hours)
                    {
                        at = Fit(hours, at, minutes);
                    }
                }
                if (
                    at == int.MaxValue
                    || Fit(p.Hours[who], at, minutes) is var fits && fits == int.MaxValue && Cut(p.Hours[who], at, minutes) is null
                )
                {
                    return int.MaxValue;
                }
                at = fits < int.MaxValue ? fits : at;
                if (t.WaitPlace.Length > 0 && !t.Places.Contains(t.WaitPlace))
                {
                    at = Math.Max(at, held[places[t.WaitPlace]] - minutes);
                }
                foreach (var (what, from, to) in air)
                {
                    if (p.Ask.People[who].Avoids.Contains(what) && at < to && from < at + minutes)
                    {
                        at = to;
                    }
                }
                if (at == was || round > 1000)
                {
                    break;
                }
            }
            // What turns out longer than any time that is left is gone on with the next time.
            var end = Fit(p.Hours[who], at, minutes) == at ? at + minutes : Cut(p.Hours[who], at, minutes)!.Value;
            free[who] = end;
            ready[i] = end + t.WaitMinutes;
            foreach (var place in t.Places)
            {
                held[places[place]] = place == t.WaitPlace ? ready[i] : end;
            }
            if (t.WaitPlace.Length > 0)
            {
                held[places[t.WaitPlace]] = ready[i];
            }
            air.AddRange(t.Gives.Select(g => (g, at, end)));
            last = Math.Max(last, ready[i]);
        }
        return last;

        static int Fit(Window[] hours, int from, int minutes)
        {
            foreach (var w in hours)
            {
                var start = Math.Max(from, w.From);
                if (start + minutes <= w.To)
                {
                    return start;
                }
            }
            return int.MaxValue;
        }

        static int? Cut(Window[] hours, int from, int minutes)
        {
            foreach (var w in hours.Where(w => w.To > from))
            {
                var here = w.To - Math.Max(from, w.From);
                if (minutes <= here)
                {
                    return Math.Max(from, w.From) + minutes;
                }
                minutes -= here;
            }
            return null;
        }
    }
}
