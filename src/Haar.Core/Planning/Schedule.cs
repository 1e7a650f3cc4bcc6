using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>From one minute to another, counted from the plan's start; the end does not belong to it.</summary>
public readonly record struct Window(int From, int To);

/// <summary>A piece of work that hands do, as the plan sees it. Not interrupted; uses its places for all of its length.</summary>
public sealed record PlanTask
{
    public string Id { get; init; } = "";
    public string Title { get; init; } = "";

    /// <summary>Hands on, as is likely.</summary>
    public int Minutes { get; init; }

    /// <summary>Of those who take otherwise than that; null for nobody.</summary>
    public IReadOnlyList<PersonMinutes>? MinutesBy { get; init; }

    /// <summary>At best and at worst; null takes half and twice as long.</summary>
    public int? LowMinutes { get; init; }
    public int? HighMinutes { get; init; }

    /// <summary>Kind of work: what is underestimated once is underestimated for all of its kind.</summary>
    public string Kind { get; init; } = "";

    /// <summary>Ids of what must be done, and whose wait must be over, before.</summary>
    public IReadOnlyList<string> After { get; init; } = [];

    /// <summary>That go on without hands when it is done: drying, curing, the post.</summary>
    public int WaitMinutes { get; init; }

    /// <summary>A place that the wait holds, such as the bath; empty for none.</summary>
    public string WaitPlace { get; init; } = "";

    /// <summary>Places that it uses: the iron, the bath, the sill.</summary>
    public IReadOnlyList<string> Places { get; init; } = [];

    /// <summary>Something of it lies in its places already: they are held from now until it is done.</summary>
    public bool HeldBefore { get; init; }

    /// <summary>What one has to be able to do, or be trained for.</summary>
    public IReadOnlyList<string> Skills { get; init; } = [];

    /// <summary>What it puts into the air: dust, solvent.</summary>
    public IReadOnlyList<string> Gives { get; init; } = [];

    /// <summary>Pinned to somebody; empty for whoever can.</summary>
    public string Person { get; init; } = "";

    /// <summary>Not before; null for from the start.</summary>
    public int? From { get; init; }

    /// <summary>It does more harm the longer it waits: it and what it comes after go before everything else.</summary>
    public bool First { get; init; }

    /// <summary>Where it cannot be planned, what comes after it is planned all the same.</summary>
    public bool Optional { get; init; }

    /// <summary>What comes after it must begin within so many minutes of its end; null for whenever.</summary>
    public int? WaitMostMinutes { get; init; }

    /// <summary>Pinned to a minute, as what has begun is.</summary>
    public int? Start { get; init; }

    /// <summary>It and its wait are over by then; null for whenever.</summary>
    public int? Deadline { get; init; }
}

/// <summary>Hands on by one person, as is likely.</summary>
public sealed record PersonMinutes(string Person, int Minutes);

/// <summary>Somebody at the bench.</summary>
public sealed record PlanPerson
{
    public string Name { get; init; } = "";
    public IReadOnlyList<string> Skills { get; init; } = [];

    /// <summary>What may not be in the air while they are there.</summary>
    public IReadOnlyList<string> Avoids { get; init; } = [];
    public IReadOnlyList<Window> Windows { get; init; } = [];
}

/// <summary>A place or a tool. Only one with hours of its own, or of which there are several, need be named: any other is one, and open always.</summary>
public sealed record PlanPlace
{
    public string Name { get; init; } = "";

    /// <summary>Null for always: daylight, the shop's hours.</summary>
    public IReadOnlyList<Window>? Windows { get; init; }

    /// <summary>So many things at a time.</summary>
    public int Count { get; init; } = 1;

    /// <summary>Chance that it can be used in one of its windows, for those that hang on the weather; null for always. Windows that end on the same day, counted from now, are fit together.</summary>
    public double? Fit { get; init; }
}

/// <summary>What is to be planned. Minutes count from now.</summary>
public sealed record ScheduleAsk
{
    public IReadOnlyList<PlanTask> Tasks { get; init; } = [];
    public IReadOnlyList<PlanPerson> People { get; init; } = [];
    public IReadOnlyList<PlanPlace> Places { get; init; } = [];

    /// <summary>Seconds that may be spent on a better one; 0 for the first plan alone.</summary>
    public double Seconds { get; init; } = 2;
}

/// <param name="ReadyAt">When its wait is over too.</param>
public sealed record PlannedTask(string Id, string Person, int Start, int End, int ReadyAt);

/// <param name="Id">That could not be planned.</param>
public sealed record Unplanned(string Id, string Why);

/// <param name="ReadyAt">The latest of all; null where nothing is planned.</param>
/// <param name="Bound">No plan is ready before.</param>
/// <param name="Gap">Of the latest readiness over the bound, as a share.</param>
/// <param name="Late">Minutes that tasks are over their deadlines, summed.</param>
public sealed record ScheduleResult(
    IReadOnlyList<PlannedTask> Tasks,
    IReadOnlyList<Unplanned> Unplanned,
    int? ReadyAt,
    int Bound,
    double? Gap,
    int Late,
    bool Proven,
    Verdict Verdict
);

/// <summary>Who does what when: a list schedule first, then a solver that begins from it, with bounds.</summary>
public static partial class Schedule
{
    public const int MostTasks = 2000,
        MostMinutes = 400 * 24 * 60;

    /// <summary>Checks in the order in which they are promised: deadline, name, length, predecessor, place, circle.</summary>
    /// <exception cref="InvalidInputException">Names the first that cannot be.</exception>
    public static void Check(ScheduleAsk ask)
    {
        if (ask.Tasks.Count is 0 or > MostTasks)
        {
            throw new InvalidInputException("tasks", $"Give 1 to {MostTasks} tasks.");
        }
        if (ask.People.Count is 0 or > 50 || ask.Places.Count > 200)
        {
            throw new InvalidInputException("people", "Give 1 to 50 people, and at most 200 places.");
        }
        InvalidInputException.Finite("seconds", ask.Seconds, 0, 60, "s");
        string Name(PlanTask t) => t.Title.Length > 0 ? $"“{t.Title}”" : $"“{t.Id}”";
        for (var i = 0; i < ask.Tasks.Count; i++)
        {
            if (
                ask.Tasks[i] is { Deadline: { } d } t
                && (d <= 0 || d < (t.Start ?? t.From ?? 0) + (t.MinutesBy ?? []).Select(b => b.Minutes).Append(t.Minutes).Min())
            )
            {
                throw new InvalidInputException(
                    $"tasks[{i}].deadline",
                    $"{Name(t)} would have to be over before it can have begun and ended."
                );
            }
        }
        var ids = new Dictionary<string, int>();
        for (var i = 0; i < ask.Tasks.Count; i++)
        {
            if (ask.Tasks[i].Id.Length == 0 || !ids.TryAdd(ask.Tasks[i].Id, i))
            {
                throw new InvalidInputException(
                    $"tasks[{i}].id",
                    ask.Tasks[i].Id.Length == 0 ? "Each task has an id." : $"Two tasks are called “{ask.Tasks[i].Id}”."
                );
            }
        }
        for (var i = 0; i < ask.Tasks.Count; i++)
        {
            var t = ask.Tasks[i];
            if (
                t.Minutes < 0
                || t.WaitMinutes < 0
                || t.Minutes > MostMinutes
                || t.WaitMinutes > MostMinutes
                || t.LowMinutes is < 0 or > MostMinutes
                || t.HighMinutes is < 0 or > MostMinutes
                || t.MinutesBy?.Any(b => b.Minutes is < 0 or > MostMinutes) == true
                || (t.LowMinutes ?? 0) > t.Minutes
                || (t.HighMinutes ?? MostMinutes) < t.Minutes
                || t.From is < 0 or > MostMinutes
                || t.Start is < 0 or > MostMinutes
                || t.WaitMostMinutes is < 0 or > MostMinutes
                || t.WaitMostMinutes < t.WaitMinutes
            )
            {
                throw new InvalidInputException($"tasks[{i}].minutes", $"{Name(t)} cannot last that long.");
            }
        }
        for (var i = 0; i < ask.Tasks.Count; i++)
        {
            if (ask.Tasks[i].After.FirstOrDefault(a => !ids.ContainsKey(a)) is { } unknown)
            {
                throw new InvalidInputException($"tasks[{i}].after", $"{Name(ask.Tasks[i])} comes after “{unknown}”, which is not there.");
            }
        }
        for (var i = 0; i < ask.Places.Count; i++)
        {
            InvalidInputException.Finite($"places[{i}].count", (double)ask.Places[i].Count, 1, 1000, "");
            InvalidInputException.Finite($"places[{i}].fit", ask.Places[i].Fit, 0, 1, "");
            if (ask.Places[i].Windows?.Any(w => w.From < 0 || w.To < w.From || w.To > MostMinutes) == true)
            {
                throw new InvalidInputException($"places[{i}].windows", $"The hours of {ask.Places[i].Name} end before they begin.");
            }
        }
        var people = new HashSet<string>();
        foreach (var p in ask.People)
        {
            if (p.Name.Length == 0 || !people.Add(p.Name))
            {
                throw new InvalidInputException(
                    "people",
                    p.Name.Length == 0 ? "Each person has a name." : $"Two people are called “{p.Name}”."
                );
            }
            if (p.Windows.Any(w => w.From < 0 || w.To < w.From || w.To > MostMinutes))
            {
                throw new InvalidInputException("people", $"The hours of {p.Name} end before they begin.");
            }
        }
        for (var i = 0; i < ask.Tasks.Count; i++)
        {
            var t = ask.Tasks[i];
            if (t.Places.Any(string.IsNullOrWhiteSpace))
            {
                throw new InvalidInputException($"tasks[{i}].places", $"{Name(t)} names a place of no name.");
            }
            if (t.Places.Distinct().Count() != t.Places.Count)
            {
                throw new InvalidInputException($"tasks[{i}].places", $"{Name(t)} wants more of a place than there is: each is one.");
            }
            if (t.Person.Length > 0 && !people.Contains(t.Person))
            {
                throw new InvalidInputException($"tasks[{i}].person", $"{Name(t)} is given to {t.Person}, who is not there.");
            }
            if (t.MinutesBy?.FirstOrDefault(b => !people.Contains(b.Person)) is { } by)
            {
                throw new InvalidInputException($"tasks[{i}].minutesBy", $"{Name(t)} says how long {by.Person} takes, who is not there.");
            }
        }
        if (Circle(ask.Tasks, ids) is { } circle)
        {
            throw new InvalidInputException(
                "tasks",
                circle.Count == 1
                    ? $"{Name(circle[0])} waits for itself."
                    : $"{Words.And(circle.Select(Name))} wait for one another in a circle."
            );
        }
    }

    static List<PlanTask>? Circle(IReadOnlyList<PlanTask> tasks, Dictionary<string, int> ids)
    {
        var state = new int[tasks.Count];
        var way = new List<int>();
        List<PlanTask>? found = null;
        bool Visit(int i)
        {
            if (state[i] == 1)
            {
                found = [.. way[way.IndexOf(i)..].Select(k => tasks[k])];
                return true;
            }
            if (state[i] == 2)
            {
                return false;
            }
            state[i] = 1;
            way.Add(i);
            foreach (var a in tasks[i].After)
            {
                if (Visit(ids[a]))
                {
                    return true;
                }
            }
            way.RemoveAt(way.Count - 1);
            state[i] = 2;
            return false;
        }
        for (var i = 0; i < tasks.Count; i++)
        {
            if (Visit(i))
            {
                return found;
            }
        }
        return null;
    }

    /// <summary>A plan, its bound, and what could not be planned.</summary>
    /// <exception cref="InvalidInputException">See <see cref="Check"/>.</exception>
    public static ScheduleResult Of(ScheduleAsk ask, CancellationToken cancel = default)
    {
        Check(ask);
        var whole = ask;
        (ask, var without) = Needed(ask);
        if (ask.Tasks.Count == 0)
        {
            return Say(whole, new([], without, null, 0), 0, false);
        }
        ask = Urgent(ask);
        var p = new Problem(ask);
        var first = p.List();
        var bound = p.Bound(first.Unplanned);
        var best = first;
        var proven = first.Unplanned.Count == 0 && first.Late == 0 && first.ReadyAt <= bound;
        if (!proven && first.Unplanned.Count == 0 && ask.Seconds > 0)
        {
            var (better, lower, optimal) = Solver.Improve(p, first, bound, ask.Seconds, cancel);
            best = better is null ? first : p.Justified(better);
            bound = Math.Max(bound, lower);
            proven = optimal || best.Late == 0 && best.ReadyAt <= bound;
        }
        var settled = p.Settled(best);
        // What was put in order may have parted what must follow at once.
        var stands =
            p.EndsInTime(settled) ? settled
            : p.EndsInTime(best) ? best
            : first;
        return Say(whole, stands with { Unplanned = [.. stands.Unplanned, .. without] }, bound, proven && stands == settled);
    }

    /// <summary>What a machine can be finished without, and that cannot be planned, is left out: what comes after it is planned as if it were not there.</summary>
    internal static (ScheduleAsk Ask, IReadOnlyList<Unplanned> Without) Needed(ScheduleAsk ask)
    {
        if (!ask.Tasks.Any(t => t.Optional))
        {
            return (ask, []);
        }
        var optional = ask.Tasks.Where(t => t.Optional).Select(t => t.Id).ToHashSet();
        var without = new Problem(ask).List().Unplanned.Where(u => optional.Contains(u.Id)).ToList();
        if (without.Count == 0)
        {
            return (ask, []);
        }
        var gone = without.Select(u => u.Id).ToHashSet();
        return (
            ask with
            {
                Tasks =
                [
                    .. ask
                        .Tasks.Where(t => !gone.Contains(t.Id))
                        .Select(t => t with { After = [.. t.After.Where(a => !gone.Contains(a))] }),
                ],
            },
            without
        );
    }

    /// <summary>What does more harm the longer it waits takes its place before anything else is planned, by whoever of those who may is soonest; the rest is planned round it.</summary>
    static ScheduleAsk Urgent(ScheduleAsk ask)
    {
        if (!ask.Tasks.Any(t => t.First && t.Start is null))
        {
            return ask;
        }
        var p = new Problem(ask);
        var urgent = new HashSet<int>(Enumerable.Range(0, ask.Tasks.Count).Where(i => ask.Tasks[i].First));
        var way = new Stack<int>(urgent);
        while (way.TryPop(out var i))
        {
            foreach (var b in p.Before[i].Where(urgent.Add))
            {
                way.Push(b);
            }
        }
        var at = p.List([.. Enumerable.Range(0, ask.Tasks.Count).Select(i => (urgent.Contains(i) ? 0 : 1e9) - p.Tail[i])])
            .Tasks.ToDictionary(t => t.Id);
        return ask with
        {
            Tasks =
            [
                .. ask.Tasks.Select(
                    (t, i) => urgent.Contains(i) && at.TryGetValue(t.Id, out var x) ? t with { Start = x.Start, Person = x.Person } : t
                ),
            ],
        };
    }

    static ScheduleResult Say(ScheduleAsk ask, Plan plan, int bound, bool proven)
    {
        const string question = "When is it ready?";
        string Title(string id) => ask.Tasks.First(t => t.Id == id) is { Title.Length: > 0 } t ? t.Title : id;
        var gap = plan.ReadyAt is { } r && bound > 0 ? Math.Round((double)(r - bound) / bound, 4) : (double?)null;
        var last = plan.Tasks.MaxBy(t => t.ReadyAt);
        List<Reason> reasons = [];
        if (last is not null)
        {
            reasons.Add(
                new(
                    $"The last is {Words.Lower(Title(last.Id))}, done after {Span(last.End)}{(last.ReadyAt > last.End ? $" and ready after {Span(last.ReadyAt)}" : "")}.",
                    new("Ready", last.ReadyAt, "min", bound, null)
                )
            );
            reasons.Add(
                new(
                    proven
                        ? "No plan is ready sooner: proven."
                        : $"No plan can be ready before {Span(bound)}; this one is within {Markings.Si.Plain(Math.Round((gap ?? 0) * 100, 1))} %.",
                    Source: "CP-SAT from a list schedule, critical path, bench hours"
                )
            );
        }
        if (TripsSaid(ask, plan.Tasks) is { Length: > 0 } trips)
        {
            reasons.Add(new(trips));
        }
        reasons.AddRange(plan.Unplanned.Select(u => new Reason($"{Words.Capital(Title(u.Id))}: {u.Why}")));
        var verdict =
            plan.Unplanned.Count > 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"{Words.Capital(Title(plan.Unplanned[0].Id))} cannot be planned: {Words.Lower(plan.Unplanned[0].Why)}",
                        Basis.Rule,
                        reasons
                    )
                    .Changing("Other hours, another person, or the task split.")
            : plan.Late > 0
                ? Verdict
                    .Of(question, Outcome.No, $"Not in time: {Span(plan.Late)} late in all.", proven ? Basis.Rule : Basis.Guess, reasons)
                    .Changing("More hours, or fewer wishes.")
            : Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"After {Span(plan.ReadyAt ?? 0)}{(proven ? "" : ", or sooner")}.",
                    proven ? Basis.Rule : Basis.Guess,
                    reasons
                )
                .Changing("Tasks that take longer than is likely.");
        return new(plan.Tasks, plan.Unplanned, plan.ReadyAt, bound, gap, plan.Late, proven, verdict);
    }

    /// <summary>"3 days 4 h", "2 h 10 min", "40 min".</summary>
    public static string Span(int minutes) =>
        minutes >= 2880 ? $"{minutes / 1440} days {minutes % 1440 / 60} h"
        : minutes >= 60
            ? minutes % 60 == 0 ? $"{minutes / 60} h"
                : $"{minutes / 60} h {minutes % 60} min"
        : $"{minutes} min";

    /// <summary>A plan as it is worked on.</summary>
    internal sealed record Plan(IReadOnlyList<PlannedTask> Tasks, IReadOnlyList<Unplanned> Unplanned, int? ReadyAt, int Late);
}
