using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>A machine as the plan sees it.</summary>
/// <param name="DueAt">It has to be ready by then; null for whenever.</param>
public sealed record PlanMachine(Guid Id, string Name, IReadOnlyList<WorkTask> Work, DateTimeOffset? DueAt);

/// <summary>What a plan is made from.</summary>
/// <param name="Zone">Of the bench's clock.</param>
/// <param name="Latitude">For daylight, degrees north.</param>
public sealed record WorkPlanAsk(
    IReadOnlyList<PlanMachine> Machines,
    IReadOnlyList<BenchPerson> People,
    IReadOnlyList<BenchPlace> Places,
    IReadOnlyList<PlanPin> Pins,
    IReadOnlyList<WorkTaken> Taken,
    DateTimeOffset Now,
    TimeZoneInfo Zone,
    double Latitude = WorkPlan.UsualLatitude
);

/// <summary>One piece of work in the plan, with what it is.</summary>
/// <param name="Part">Which go of it, from 1; 0 where it is one.</param>
/// <param name="Said">Somebody has said that it is done: it is only to be written down.</param>
public sealed record PlanEntry(string Id, PlanMachine Machine, WorkTask Work, int Part, int Parts, bool Said = false)
{
    public string Title =>
        Said ? WorkPast.WriteDownTitle(Work)
        : Parts > 1 ? $"{Work.Title}, {Part} of {Parts}"
        : Work.Title;
}

/// <param name="Ask">For the scheduler; minutes from <paramref name="Start"/>.</param>
/// <param name="Left">Machines whose work is not in it, since there is too much for one plan.</param>
/// <param name="Said">What the plan supposes, whole sentences: open waits, guesses, days that are past.</param>
public sealed record WorkPlanProblem(
    ScheduleAsk Ask,
    IReadOnlyDictionary<string, PlanEntry> Entries,
    DateTimeOffset Start,
    IReadOnlyList<string> Left,
    IReadOnlyList<string> Said,
    IReadOnlyList<WorkCorrection> Corrections
)
{
    /// <summary>Who is at something now without being one of the people here: they have no other hours.</summary>
    public IReadOnlyList<string> Guests { get; init; } = [];

    /// <summary>Ids of work that somebody does not do now: with dirty hands only what is dirty anyway, and where they want to sit only what is done so.</summary>
    public IEnumerable<string> NotNow(bool dirtyHands, bool seated) =>
        Entries.Values.Where(e => dirtyHands && !e.Work.Dirty || seated && !e.Work.Seated).Select(e => e.Id);
}

/// <summary>Makes a schedule's question of what the rooms have left to do, the people's hours and what is laid down.</summary>
public static partial class WorkPlan
{
    /// <summary>A wait of which nobody knows the end counts as a week: the usual of the post. A house figure.</summary>
    public const int OpenWaitDays = 7;

    /// <summary>So far ahead hours are looked up.</summary>
    public const int HorizonDays = 90;

    /// <summary>More work than this is planned machine by machine, those due soonest first.</summary>
    public const int MostTasks = 600;

    /// <summary>Of the workshop, where nobody has said; day lengths in temperate Europe.</summary>
    public const double UsualLatitude = 55;

    /// <summary>Of ten days so many are fit for paint and dust outdoors: neither rain nor frost nor wind. A house figure for temperate coasts; a workshop says its own.</summary>
    public const double UsualFitDays = 5;

    /// <summary>Which stages must be through before: looking before opening, everything before the rebuild, and so on. Boards, case and parts go side by side.</summary>
    static int Phase(WorkTask w) => w.OnTheBench ? 7 : 2 * Phase(w.Stage);

    static int Phase(Stage s) =>
        s switch
        {
            Stage.Arrive => 0,
            Stage.Survey => 1,
            Stage.StripDown => 2,
            Stage.Boards or Stage.Case or Stage.Parts => 3,
            Stage.Rebuild => 4,
            Stage.BringUp => 5,
            Stage.System => 6,
            Stage.Prove => 7,
            _ => 8,
        };

    public static WorkPlanProblem Of(WorkPlanAsk ask)
    {
        // On a whole minute, so that a plan made twice within one is the same.
        var start = new DateTimeOffset(ask.Now.Ticks - ask.Now.Ticks % TimeSpan.TicksPerMinute, TimeSpan.Zero);
        int At(DateTimeOffset t) => (int)Math.Clamp(Math.Ceiling((t - start).TotalMinutes), 0, Schedule.MostMinutes);
        var said = new List<string>();
        var corrections = WorkPast.Of(ask.Taken, ask.People);
        var factor = corrections.Where(c => c.Person.Length == 0).ToDictionary(c => c.Kind, c => c.Factor);
        var own = corrections.Where(c => c.Person.Length > 0 && ask.People.Any(p => p.Name == c.Person)).ToLookup(c => c.Kind);
        var entries = new Dictionary<string, PlanEntry>();
        var tasks = new List<PlanTask>();
        var left = new List<string>();
        var ids = new Dictionary<(Guid Machine, string Key), List<string>>();
        var jobs = new Dictionary<string, List<string>>();
        var running = ask.Taken.Where(t => t.End == WorkEnd.Running).ToLookup(t => (t.ForMachineId, t.Key));
        var unfinished = ask
            .Taken.Where(t => t.End is WorkEnd.Unfinished or WorkEnd.Failed)
            .GroupBy(t => (t.ForMachineId, t.Key))
            .ToDictionary(g => g.Key, g => g.OrderBy(t => t.EndedAt ?? t.BegunAt).ToList());
        // A stage of which nothing is listed is done when somebody who was at it says so.
        var ended = ask.Taken.Where(t => t.End == WorkEnd.Done).ToLookup(t => (t.ForMachineId, t.Key));
        var pins = ask.Pins.GroupBy(p => (p.ForMachineId, p.Key)).ToDictionary(g => g.Key, g => g.Last());
        var inPlan = new List<PlanMachine>();
        var names = ask.People.Select(p => p.Name).ToHashSet();
        var deeper = ask.Machines.Select(m => (m.Name, Count: m.Work.Count(w => w.Deeper))).Where(m => m.Count > 0).ToList();
        foreach (
            var m in ask
                .Machines.OrderBy(m => m.DueAt ?? DateTimeOffset.MaxValue)
                .ThenBy(m => m.Id)
                .Select(m => m.Work.Any(w => w.Deeper) ? m with { Work = [.. m.Work.Where(w => !w.Deeper)] } : m)
        )
        {
            if (m.Work.Count == 0)
            {
                continue;
            }
            if (tasks.Count + m.Work.Count > MostTasks)
            {
                left.Add(m.Name);
                continue;
            }
            inPlan.Add(m);
            foreach (var w in m.Work.DistinctBy(w => w.Key).Where(w => !(w.ByWord && ended.Contains((m.Id, w.Key)))))
            {
                var pin = pins.GetValueOrDefault((m.Id, w.Key));
                var saidDone = WorkPast.SaidDone(w, ended[(m.Id, w.Key)]);
                var parts = saidDone is null ? Math.Max(1, pin?.Split ?? 1) : 1;
                var list = ids[(m.Id, w.Key)] = [];
                if (w.JobId is { } job)
                {
                    jobs[$"job/{job}"] = list;
                }
                var by = factor.GetValueOrDefault(w.Kind, 1);
                var minutes = w.Minutes.Likely * by;
                if (unfinished.TryGetValue((m.Id, w.Key), out var goes) && goes[^1].End == WorkEnd.Unfinished)
                {
                    var last = goes[^1];
                    minutes = Math.Max(5, last.LeftMinutes ?? last.PlannedMinutes - (last.TakenMinutes ?? 0));
                }
                var (low, high) = (w.Minutes.Low, w.Minutes.High);
                var wait = w.WaitMinutes;
                if (saidDone is not null)
                {
                    (low, minutes, high) = (WorkPast.WriteDown.Low, WorkPast.WriteDown.Likely, WorkPast.WriteDown.High);
                    // What goes on without hands has gone on since.
                    wait = (int)Math.Clamp(wait - (start - saidDone.EndedAt!.Value).TotalMinutes, 0, wait);
                }
                var scale =
                    saidDone is not null ? 1
                    : w.Minutes.Likely > 0 ? minutes / w.Minutes.Likely
                    : by;
                var begun = running[(m.Id, w.Key)].OrderByDescending(t => t.BegunAt).FirstOrDefault();
                for (var part = 1; part <= parts; part++)
                {
                    var id = $"{m.Id:N}/{w.Key}{(parts > 1 ? $"#{part}" : "")}";
                    list.Add(id);
                    entries[id] = new(id, m, w, parts > 1 ? part : 0, parts, saidDone is not null);
                    var likely = (int)Math.Clamp(Math.Ceiling(minutes / parts), 1, Schedule.MostMinutes);
                    int? pinned = null;
                    // Whoever is here next writes down what was done.
                    var person =
                        saidDone is not null ? ""
                        : pin?.Person is { Length: > 0 } p && names.Contains(p) ? p
                        : "";
                    if (part == 1 && begun is not null)
                    {
                        // What has begun goes on where it is: it ends when what was planned is over, or in five minutes.
                        var gone = (int)Math.Max(0, (start - begun.BegunAt).TotalMinutes);
                        var takes = likely * (own[w.Kind].FirstOrDefault(c => c.Person == begun.Person)?.Factor / by ?? 1);
                        likely = Math.Max(5, (int)Math.Ceiling(takes - 1e-9) - gone);
                        person = begun.Person.Length > 0 && ask.People.Count > 0 ? begun.Person : person;
                        pinned = 0;
                    }
                    else if (part == 1 && pin?.At is { } at && at >= start)
                    {
                        pinned = At(at);
                    }
                    var last = part == parts;
                    // Who is known to be quicker or slower at such work than others are; what somebody said themselves is left alone.
                    List<PersonMinutes> minutesBy =
                    [
                        .. own[w.Kind]
                            .Where(_ => saidDone is null && !unfinished.ContainsKey((m.Id, w.Key)))
                            .Select(c => new PersonMinutes(
                                c.Person,
                                (int)Math.Clamp(Math.Ceiling(minutes * c.Factor / by / parts - 1e-9), 1, Schedule.MostMinutes)
                            )),
                    ];
                    if (part == 1 && begun is not null)
                    {
                        minutesBy = [];
                    }
                    tasks.Add(
                        new()
                        {
                            Id = id,
                            Title = $"{entries[id].Title} ({m.Name})",
                            Minutes = likely,
                            MinutesBy = minutesBy.Exists(x => x.Minutes != likely) ? minutesBy : null,
                            LowMinutes = (int)Math.Min(likely, Math.Floor(low * scale / parts)),
                            HighMinutes = (int)Math.Max(likely, Math.Ceiling(high * scale / parts)),
                            Kind = w.Kind.ToString(),
                            WaitMinutes = last ? wait : 0,
                            WaitMostMinutes = last && saidDone is null ? w.WaitMostMinutes : null,
                            First = w.Grows,
                            Optional = w.Optional,
                            WaitPlace = last ? w.WaitPlace : "",
                            Places = saidDone is null ? [.. w.Places.Concat(AtMachine(m.Id, w)).Distinct()] : [],
                            HeldBefore = w.HeldBefore && part == 1 && saidDone is null,
                            // Mains stays with who is trained for it, also on paper.
                            Skills =
                            [
                                .. w.Skills.Distinct().Where(s => saidDone is null || s == BenchSkill.Mains).Select(s => s.ToString()),
                            ],
                            Gives = saidDone is null ? [.. w.Gives.Distinct().Select(g => g.ToString())] : [],
                            Person = person,
                            From =
                                w.From is { } f && f > start ? At(f)
                                : w.OpenWait ? OpenWaitDays * 24 * 60
                                : null,
                            Start = pinned,
                        }
                    );
                }
            }
        }
        Link(tasks, entries, ids, jobs, inPlan);
        // What somebody is at goes on, whatever the hours say and whatever should have come before.
        var at0 = tasks
            .Where(t => t.Start == 0 && t.Person.Length > 0 && running[(entries[t.Id].Machine.Id, entries[t.Id].Work.Key)].Any())
            .ToList();
        foreach (var t in at0)
        {
            var i = tasks.FindIndex(x => x.Id == t.Id);
            // Two things at once nobody does: the one begun last is the one.
            var only = at0.Where(o => o.Person == t.Person)
                .MaxBy(o => running[(entries[o.Id].Machine.Id, entries[o.Id].Work.Key)].Max(r => r.BegunAt))!;
            tasks[i] = only.Id == t.Id ? t with { After = [] } : t with { Start = null, Person = names.Contains(t.Person) ? t.Person : "" };
        }
        var here = tasks
            .Where(t => t is { Start: 0, After.Count: 0 } && at0.Any(a => a.Id == t.Id))
            .GroupBy(t => t.Person)
            .ToDictionary(g => g.Key, g => g.Max(t => t.Minutes));
        // Whoever is at something without being one of the people here is here for that, and for nothing else.
        var guests = here.Where(h => !names.Contains(h.Key))
            .Select(h => new PlanPerson
            {
                Name = h.Key,
                Skills = [.. tasks.Where(t => t.Person == h.Key).SelectMany(t => t.Skills).Distinct()],
                Windows = [new(0, h.Value)],
            })
            .ToList();
        Due(tasks, entries, inPlan, At, start, said);
        var open = entries.Values.Count(e => e.Work.OpenWait);
        if (open > 0)
        {
            said.Add($"{open} {(open == 1 ? "wait has" : "waits have")} no day: each counts as {OpenWaitDays} days.");
        }
        var guesses = entries.Values.Count(e => e.Work.Guess);
        if (guesses > 0)
        {
            said.Add(
                $"{guesses} {(guesses == 1 ? "stage has" : "stages have")} nothing listed yet, and count as what such a stage usually takes."
            );
        }
        foreach (var (name, count) in deeper)
        {
            said.Add(
                $"{name} is opened less far than all of its work needs, by choice: {count} {(count == 1 ? "piece of work is" : "pieces of work are")} left for another time."
            );
        }
        said.AddRange(BenchPlaces.Supposed(ask.Places, tasks.SelectMany(t => t.Places.Append(t.WaitPlace)).Where(n => n.Length > 0)));
        if (left.Count > 0)
        {
            said.Add($"Not in this plan, since there is too much for one: {Words.And(left)}.");
        }
        foreach (var c in corrections.Where(c => Math.Abs(c.Factor / (c.Person.Length > 0 ? factor[c.Kind] : 1) - 1) >= 0.05))
        {
            said.Add(
                $"{Spoken(c.Kind)} has taken {(c.Person.Length > 0 ? $"{c.Person} " : "")}{Markings.Si.Plain(Math.Round(c.Median, 2))} times what was planned, by {c.From} {(c.From == 1 ? "piece" : "pieces")} of work: planned with {Markings.Si.Plain(Math.Round(c.Factor, 2))}."
            );
        }
        return new(
            new()
            {
                Tasks = tasks,
                People =
                [
                    .. ask
                        .People.Select(p => Person(p, ask, start))
                        .Select(p => here.TryGetValue(p.Name, out var until) ? p with { Windows = [.. p.Windows, new(0, until)] } : p),
                    .. guests,
                ],
                Places =
                [
                    .. BenchPlaces
                        .WithUsual(ask.Places)
                        .Where(p => p.Open != PlaceOpen.Always || p.Count > 1)
                        .Select(p => new PlanPlace
                        {
                            Name = p.Name,
                            Windows = p.Open == PlaceOpen.Always ? null : Daylight(ask, start),
                            Count = Math.Max(1, p.Count),
                            Fit = p.Open == PlaceOpen.Outdoors ? Math.Clamp((p.FitDaysInTen ?? UsualFitDays) / 10, 0, 1) : null,
                        }),
                ],
            },
            entries,
            start,
            left,
            said,
            corrections
        )
        {
            Guests = [.. guests.Select(g => g.Name)],
        };
    }

    /// <summary>One machine is at one bench, and so are its boards; parts of its case may be anywhere.</summary>
    static IEnumerable<string> AtMachine(Guid id, WorkTask w) =>
        w.Stage switch
        {
            Stage.Case or Stage.Parts or Stage.Arrive or Stage.HandOver => [],
            Stage.Boards => [BenchPlaces.Boards(id)],
            _ => [BenchPlaces.Machine(id), BenchPlaces.Boards(id)],
        };

    public static string Spoken(WorkKind kind) => kind == WorkKind.AtTheMachine ? "Work at the machine" : kind.ToString();

    /// <summary>What comes before what: as the rooms say, goes of one piece in turn, and stages after stages.</summary>
    static void Link(
        List<PlanTask> tasks,
        Dictionary<string, PlanEntry> entries,
        Dictionary<(Guid Machine, string Key), List<string>> ids,
        Dictionary<string, List<string>> jobs,
        List<PlanMachine> machines
    )
    {
        var after = tasks.ToDictionary(t => t.Id, _ => new HashSet<string>());
        foreach (var ((machine, key), list) in ids)
        {
            for (var i = 1; i < list.Count; i++)
            {
                after[list[i]].Add(list[i - 1]);
            }
            foreach (var before in entries[list[0]].Work.After)
            {
                if (
                    (ids.GetValueOrDefault((machine, before)) ?? jobs.GetValueOrDefault(before)) is { Count: > 0 } found
                    && found[^1] != list[0]
                )
                {
                    after[list[0]].Add(found[^1]);
                }
            }
        }
        foreach (var m in machines)
        {
            var phases = m
                .Work.SelectMany(w => ids.GetValueOrDefault((m.Id, w.Key)) ?? [])
                .Distinct()
                .GroupBy(id => Phase(entries[id].Work))
                .OrderBy(g => g.Key)
                .ToList();
            for (var i = 1; i < phases.Count; i++)
            {
                var (earlier, later) = (phases[i - 1].ToHashSet(), phases[i].ToHashSet());
                // The ends of the one before the beginnings of the other: the rest follows.
                var ends = earlier.Where(e => !earlier.Any(o => after[o].Contains(e))).ToList();
                foreach (var begins in later.Where(l => !after[l].Overlaps(later)))
                {
                    after[begins].UnionWith(ends);
                }
            }
        }
        foreach (var m in machines)
        {
            // A board that dries is measured and soldered by nobody: what is washed is washed first, but for what comes before the washing.
            var boards = m
                .Work.Where(w => w.Stage == Stage.Boards)
                .SelectMany(w => ids.GetValueOrDefault((m.Id, w.Key)) ?? [])
                .Distinct()
                .ToList();
            var washed = boards.Where(id => entries[id].Work is { Kind: WorkKind.Washing, WaitMinutes: > 0 }).ToHashSet();
            if (washed.Count == 0)
            {
                continue;
            }
            var before = new HashSet<string>(washed);
            var way = new Stack<string>(washed);
            while (way.TryPop(out var id))
            {
                foreach (var b in after[id].Where(before.Add))
                {
                    way.Push(b);
                }
            }
            foreach (
                var id in boards.Where(id => !before.Contains(id) && entries[id].Work is { Kind: not WorkKind.Deciding, Grows: false })
            )
            {
                after[id].UnionWith(washed);
            }
        }
        Cut(after);
        for (var i = 0; i < tasks.Count; i++)
        {
            tasks[i] = tasks[i] with { After = [.. after[tasks[i].Id].Order(StringComparer.Ordinal)] };
        }
    }

    /// <summary>Rows may say what cannot be: work of a stage that is through comes after work of one to come. What would close a circle is left out.</summary>
    static void Cut(Dictionary<string, HashSet<string>> after)
    {
        var state = new Dictionary<string, int>();
        foreach (var root in after.Keys.ToList())
        {
            var way = new Stack<(string Id, Queue<string> Open)>();
            if (state.ContainsKey(root))
            {
                continue;
            }
            state[root] = 1;
            way.Push((root, new(after[root])));
            while (way.Count > 0)
            {
                var (id, rest) = way.Peek();
                if (rest.Count == 0)
                {
                    state[id] = 2;
                    way.Pop();
                    continue;
                }
                var b = rest.Dequeue();
                switch (state.GetValueOrDefault(b))
                {
                    case 0:
                        state[b] = 1;
                        way.Push((b, new(after[b])));
                        break;
                    case 1:
                        after[id].Remove(b);
                        break;
                }
            }
        }
    }

    static void Due(
        List<PlanTask> tasks,
        Dictionary<string, PlanEntry> entries,
        List<PlanMachine> machines,
        Func<DateTimeOffset, int> at,
        DateTimeOffset start,
        List<string> said
    )
    {
        var past = new List<string>();
        foreach (var m in machines.Where(m => m.DueAt is not null))
        {
            if (m.DueAt <= start)
            {
                past.Add(m.Name);
                continue;
            }
            var own = tasks.Where(t => entries[t.Id].Machine == m).ToList();
            var named = own.SelectMany(t => t.After).ToHashSet();
            for (var i = 0; i < tasks.Count; i++)
            {
                // The last of its work carries the machine's day.
                if (entries[tasks[i].Id].Machine == m && !named.Contains(tasks[i].Id))
                {
                    var d = at(m.DueAt!.Value);
                    tasks[i] =
                        d >= (tasks[i].Start ?? tasks[i].From ?? 0) + tasks[i].Minutes && d > 0 ? tasks[i] with { Deadline = d } : tasks[i];
                    if (tasks[i].Deadline is null)
                    {
                        past.Add(m.Name);
                    }
                }
            }
        }
        if (past.Count > 0)
        {
            said.Add(
                $"The day of {Words.And(past.Distinct())} is past, or cannot be kept whatever is done: planned for as early as can be."
            );
        }
    }
}
