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

/// <summary>Work that is asked for by itself: a machine.</summary>
/// <param name="ReadyBy">Its own day, in minutes from now; null takes the plan's.</param>
public sealed record PlanGroup(string Name, IReadOnlyList<string> Tasks, int? ReadyBy = null);

/// <param name="Chance">That all of it is ready by its day.</param>
/// <param name="ReadyAt">Half of the runs are ready by then; null where fewer are at all.</param>
public sealed record GroupChance(string Name, double Chance, int? ReadyAt);

/// <param name="ReadyBy">The day, in minutes from now.</param>
/// <param name="Runs">1,000 unless said.</param>
public sealed record RescueAsk(ScheduleAsk Plan, int ReadyBy, IReadOnlyList<Rescue>? Rescues = null, int Runs = 1000, int Seed = 1)
{
    /// <summary>Of which each is told by itself.</summary>
    public IReadOnlyList<PlanGroup>? Groups { get; init; }
}

/// <param name="Chance">That all is ready by the day.</param>
/// <param name="ReadyAt">A tenth, half and nine tenths of the runs are ready by then; null where fewer are ready at all.</param>
public sealed record ChanceResult(double Chance, IReadOnlyList<int?> ReadyAt)
{
    /// <summary>Of each group that was asked for.</summary>
    public IReadOnlyList<GroupChance> Groups { get; init; } = [];
}

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
        if (ask.Groups?.Count > 1000)
        {
            throw new InvalidInputException("groups", "At most 1,000 groups.");
        }
        Schedule.Check(ask.Plan);
        if (Schedule.Needed(ask.Plan).Ask is { Tasks.Count: > 0 } needed)
        {
            ask = ask with { Plan = needed };
        }
        var laid = new Schedule.Problem(ask.Plan).List();
        IReadOnlyList<string>? order = laid.Unplanned.Count == 0 ? [.. laid.Tasks.Select(t => t.Id)] : null;
        var now = Chance(ask.Plan, ask, order, cancel);
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
            var then = Chance(changed, ask, order, cancel);
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
                        : best is not null ? $"{percent} %; {best.Name} makes it {Math.Round(best.Chance * 100)} %."
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

    /// <param name="known">The order of before, so that a rescue is told from a plan in another order; null lays one down.</param>
    static ChanceResult Chance(ScheduleAsk plan, RescueAsk ask, IReadOnlyList<string>? known, CancellationToken cancel)
    {
        Schedule.Check(plan);
        var p = new Schedule.Problem(plan);
        var first = known is null ? p.List() : null;
        if (first?.Unplanned.Count > 0)
        {
            return new(0, [null, null, null]);
        }
        var index = plan.Tasks.Select((t, i) => (t.Id, i)).ToDictionary(x => x.Id, x => x.i);
        var order = (known ?? [.. first!.Tasks.Select(t => t.Id)]).Where(index.ContainsKey).Select(id => index[id]).ToArray();
        var places = new PlaceNumbers(p);
        var ready = new int[ask.Runs];
        var groups = (ask.Groups ?? [])
            .Select(g => (Group: g, Of: g.Tasks.Where(index.ContainsKey).Select(t => index[t]).ToArray(), Ready: new int[ask.Runs]))
            .ToList();
        for (var run = 0; run < ask.Runs; run++)
        {
            cancel.ThrowIfCancellationRequested();
            (ready[run], var each) = Run(p, order, places, ask.Seed, run);
            foreach (var g in groups)
            {
                g.Ready[run] = g.Of.Select(i => each[i]).DefaultIfEmpty(0).Max();
            }
        }
        Array.Sort(ready);
        foreach (var g in groups)
        {
            Array.Sort(g.Ready);
        }
        int? At(double share) => ready[(int)(share * (ready.Length - 1))] is var r && r < int.MaxValue ? r : null;
        return new(Math.Round((double)ready.Count(r => r <= ask.ReadyBy) / ready.Length, 4), [At(0.1), At(0.5), At(0.9)])
        {
            Groups =
            [
                .. groups.Select(g => new GroupChance(
                    g.Group.Name,
                    Math.Round((double)g.Ready.Count(r => r <= (g.Group.ReadyBy ?? ask.ReadyBy)) / g.Ready.Length, 4),
                    g.Ready[g.Ready.Length / 2] is var half && half < int.MaxValue ? half : null
                )),
            ],
        };
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

    /// <summary>How far down the plan's order somebody who is free looks for what can be begun. A house figure.</summary>
    const int LookAhead = 10;

    /// <summary>One run: whoever is free takes the first in the plan's order that can be begun soonest, and nobody stands idle for one who is late.</summary>
    /// <param name="order">Tasks by number, as the plan has them begin.</param>
    /// <returns>When all is ready, and when each is; the greatest number for never.</returns>
    static (int All, int[] Each) Run(Schedule.Problem p, int[] order, PlaceNumbers places, int seed, int run)
    {
        var count = p.Tasks.Count;
        var free = new int[p.Hours.Length];
        var held = places.Held();
        var hours = places.HoursOf(seed, run);
        var ready = new int[count];
        var minutes = new double[count];
        var kinds = new Dictionary<string, double>();
        var persons = p.Ask.People.Select(x => Factor(seed, run, $"person {x.Name}", PersonSpread)).ToArray();
        foreach (var i in order)
        {
            var t = p.Tasks[i];
            if (!kinds.TryGetValue(t.Kind, out var kind))
            {
                kinds[t.Kind] = kind = Factor(seed, run, $"kind {t.Kind}", KindSpread);
            }
            minutes[i] =
                Triangular(t.LowMinutes ?? t.Minutes / 2.0, t.Minutes, t.HighMinutes ?? t.Minutes * 2.0, Draw(seed, run, t.Id)) * kind;
        }
        Array.Fill(ready, -1);
        var air = new List<(string What, int From, int To)>();
        var open = order.ToList();
        var last = 0;
        while (open.Count > 0)
        {
            var (best, who, start, length) = (-1, -1, int.MaxValue, 0);
            var seen = 0;
            for (var k = 0; k < open.Count && seen < LookAhead; k++)
            {
                var i = open[k];
                var release = p.Tasks[i].Start ?? p.Tasks[i].From ?? 0;
                var waits = false;
                foreach (var b in p.Before[i])
                {
                    waits |= ready[b] < 0;
                    release = Math.Max(release, ready[b]);
                }
                if (waits)
                {
                    continue;
                }
                seen++;
                foreach (var w in p.Who[i])
                {
                    var takes = (int)Math.Ceiling(minutes[i] * persons[w] * p.Pace(i, w) - 1e-9);
                    if (Begins(p, i, w, Math.Max(release, free[w]), takes, held, hours, places, air) is var at && at < start)
                    {
                        (best, who, start, length) = (k, w, at, takes);
                    }
                }
            }
            if (best < 0)
            {
                // Nothing that is left can be begun by anybody: it and what comes after it is never ready.
                foreach (var i in open)
                {
                    ready[i] = int.MaxValue;
                }
                return (int.MaxValue, ready);
            }
            var task = open[best];
            open.RemoveAt(best);
            var chosen = p.Tasks[task];
            // What turns out longer than any time that is left is gone on with the next time.
            var end = Fit(p.Hours[who], start, length) == start ? start + length : Cut(p.Hours[who], start, length)!.Value;
            free[who] = end;
            ready[task] = end + chosen.WaitMinutes;
            foreach (var place in places.Of[task])
            {
                // What lay there leaves its own room; anything else takes the one that is free longest.
                Take(held[place], chosen.HeldBefore, place == places.Wait[task] ? ready[task] : end);
            }
            if (places.Wait[task] is >= 0 and var bath && !places.Of[task].Contains(bath))
            {
                Take(held[bath], false, ready[task]);
            }
            air.AddRange(chosen.Gives.Select(g => (g, start, end)));
            last = Math.Max(last, ready[task]);
        }
        return (last, ready);
    }

    static void Take(int[] rooms, bool its, int until)
    {
        var at = Array.IndexOf(rooms, its ? int.MaxValue : rooms.Min());
        rooms[Math.Max(at, 0)] = until;
    }

    /// <summary>When it can be begun by somebody; the greatest number for never.</summary>
    static int Begins(
        Schedule.Problem p,
        int i,
        int who,
        int at,
        int minutes,
        int[][] held,
        Window[]?[] open,
        PlaceNumbers places,
        List<(string What, int From, int To)> air
    )
    {
        for (var round = 0; ; round++)
        {
            var was = at;
            foreach (var place in places.Of[i])
            {
                at = p.Tasks[i].HeldBefore ? at : Math.Max(at, held[place].Min());
                if (at == int.MaxValue)
                {
                    return at;
                }
                if (open[place] is { } hours)
                {
                    at = Fit(hours, at, minutes) is var f && f < int.MaxValue ? f : Fit(hours, at, 1);
                    if (at == int.MaxValue)
                    {
                        return at;
                    }
                }
            }
            var fits = Fit(p.Hours[who], at, minutes);
            if (fits == int.MaxValue)
            {
                if (Cut(p.Hours[who], at, minutes) is null)
                {
                    return int.MaxValue;
                }
                fits = Fit(p.Hours[who], at, 1);
            }
            at = fits;
            if (places.Wait[i] is >= 0 and var bath && !places.Of[i].Contains(bath))
            {
                if (held[bath].Min() == int.MaxValue)
                {
                    return int.MaxValue;
                }
                at = Math.Max(at, held[bath].Min() - minutes);
            }
            if (p.Ask.People[who].Avoids.Count > 0)
            {
                foreach (var (what, from, to) in air)
                {
                    if (at < to && from < at + minutes && p.Ask.People[who].Avoids.Contains(what))
                    {
                        at = to;
                    }
                }
            }
            if (at == was || round > 1000)
            {
                return at;
            }
        }
    }

    static int Fit(Window[] hours, int from, int minutes)
    {
        // The first that is not over.
        var (low, high) = (0, hours.Length);
        while (low < high)
        {
            var mid = (low + high) / 2;
            if (hours[mid].To > from)
            {
                high = mid;
            }
            else
            {
                low = mid + 1;
            }
        }
        for (var k = low; k < hours.Length; k++)
        {
            var start = Math.Max(from, hours[k].From);
            if (start + minutes <= hours[k].To)
            {
                return start;
            }
        }
        return int.MaxValue;
    }

    static int? Cut(Window[] hours, int from, int minutes)
    {
        foreach (var w in hours)
        {
            if (w.To <= from)
            {
                continue;
            }
            var here = w.To - Math.Max(from, w.From);
            if (minutes <= here)
            {
                return Math.Max(from, w.From) + minutes;
            }
            minutes -= here;
        }
        return null;
    }

    /// <summary>Places by number: those that each task uses, the one that its wait holds or -1, and their hours.</summary>
    sealed class PlaceNumbers
    {
        public int[][] Of { get; }
        public int[] Wait { get; }
        public Window[]?[] Hours { get; }
        readonly double?[] fit;
        readonly int[] count,
            lying;

        /// <summary>Until when each of their rooms is held: those in which something lies, until that is out.</summary>
        public int[][] Held() => [.. count.Select((c, i) => Enumerable.Range(0, c).Select(k => k < lying[i] ? int.MaxValue : 0).ToArray())];

        /// <summary>Their hours in one run: without the days that turn out unfit. The weather is one for all of them.</summary>
        public Window[]?[] HoursOf(int seed, int run)
        {
            if (Array.TrueForAll(fit, f => f is null))
            {
                return Hours;
            }
            return
            [
                .. Hours.Select(
                    (h, i) => fit[i] is { } f && h is not null ? [.. h.Where(w => Draw(seed, run, $"weather {w.To / 1440}") < f)] : h
                ),
            ];
        }

        public PlaceNumbers(Schedule.Problem p)
        {
            var names = p.Tasks.SelectMany(t => t.Places.Append(t.WaitPlace)).Where(x => x.Length > 0).Distinct().ToList();
            var number = names.Select((x, i) => (x, i)).ToDictionary(x => x.x, x => x.i);
            Of = [.. p.Tasks.Select(t => t.Places.Select(x => number[x]).ToArray())];
            Wait = [.. p.Tasks.Select(t => t.WaitPlace.Length > 0 ? number[t.WaitPlace] : -1)];
            Hours = [.. names.Select(p.PlaceHours)];
            count = [.. names.Select(p.CountOf)];
            lying = [.. names.Select(n => p.Tasks.Count(t => t.HeldBefore && t.Places.Contains(n)))];
            var fits = p.Ask.Places.Where(x => x.Fit is not null).GroupBy(x => x.Name).ToDictionary(g => g.Key, g => g.First().Fit);
            fit = [.. names.Select(n => fits.GetValueOrDefault(n))];
        }
    }
}
