using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Parts;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Planning;

static class PlanEndpoints
{
    public static void MapPlan(this IEndpointRouteBuilder api)
    {
        var g = api.MapGroup("/plan").WithTags("Planning");
        g.MapGet("/", (HaarDb db, PlanService plans, CancellationToken cancel) => ScreenAsync(db, plans, false, cancel))
            .WithName("GetPlan")
            .WithSummary("The plan as it is: kept where nothing changed, made again round what stood where something has.");
        g.MapPost("/better", (HaarDb db, PlanService plans, CancellationToken cancel) => ScreenAsync(db, plans, true, cancel))
            .WithName("BetterPlan")
            .WithSummary("The same after a search of a few seconds, with the bound.")
            .WithMetadata(new WritesNoRow());
        g.MapGet("/tonight", TonightAsync)
            .WithName("GetTonight")
            .WithSummary("One person's time at the bench: the work in order, and what to lay out.");
        g.MapPost("/else", async (SomethingElseAsk ask, PlanService plans, CancellationToken cancel) => await ElseAsync(ask, plans, cancel))
            .WithName("SomethingElse")
            .WithSummary("The next best for somebody now: in ten minutes, without the iron, with dirty hands, sitting down.")
            .WithMetadata(new WritesNoRow());
        g.MapGet("/day", DayAsync)
            .WithName("GetTheDay")
            .WithSummary("The chance to be ready by the day, which machine is at risk, and what would help, from a thousand runs.");
        g.MapPost(
                "/take",
                (TakeUpAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(ask.MachineId, new TakeUpWork(ask.Key ?? "", (ask.Person ?? "").Trim()), work, cancel)
            )
            .WithName("TakeUpWork");
        g.MapPost(
                "/taken/{takenId:guid}/end",
                async (Guid takenId, EndWorkAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var taken = await db.Taken.AsNoTracking().FirstOrDefaultAsync(t => t.Id == takenId, cancel).OrNotHere("work");
                    var there = await db.Machines.AnyAsync(m => m.Id == taken.ForMachineId && m.RemovedAt == null, cancel);
                    var end = new EndWork(takenId, ask.End, ask.TakenMinutes, ask.LeftMinutes);
                    return await work.InOneAsync(
                        async () =>
                        {
                            var acted = await DoAsync(taken.ForMachineId, end, work, cancel, there);
                            // Listed work that is done is done on its list too; a room that has something against it refuses both.
                            if (there && ask.End == WorkEnd.Done && WorkTask.JobOf(taken.Key) is { } job)
                            {
                                if (await db.Jobs.AnyAsync(j => j.Id == job && j.State != JobState.Done, cancel))
                                {
                                    await JobEndpoints.MoveAsync(taken.ForMachineId, job, new(JobState.Done, null, null), db, work, cancel);
                                }
                            }
                            return acted;
                        },
                        cancel
                    );
                }
            )
            .WithName("EndWork");
        g.MapPost(
                "/pin",
                (PinAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(ask.MachineId, new PinWork(ask.Key ?? "", (ask.Person ?? "").Trim(), ask.At, ask.Split), work, cancel)
            )
            .WithName("PinWork")
            .WithSummary("Lays a piece of work down: when, by whom, in how many goes. All empty frees it again.");
    }

    /// <param name="onTheList">What is begun has to be; what ends may be of a machine that has been taken off meanwhile.</param>
    static Task<Acted> DoAsync(
        Guid machineId,
        Command<PlanActFacts> command,
        UnitOfWork work,
        CancellationToken cancel,
        bool onTheList = true
    ) =>
        work.DoAsync(
                onTheList ? machineId : null,
                command,
                async (db, c) =>
                {
                    var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == machineId, c).OrNotHere("machine");
                    return new PlanActFacts(
                        machineId,
                        machine.Name,
                        (await db.MachineWork.AsNoTracking().FirstOrDefaultAsync(w => w.MachineId == machineId, c))?.Work ?? [],
                        await db.People.AsNoTracking().ToListAsync(c),
                        await db.Taken.Where(t => t.ForMachineId == machineId || t.End == WorkEnd.Running).ToListAsync(c),
                        await db.Pins.Where(p => p.ForMachineId == machineId).ToListAsync(c),
                        machine.Parked(work.Today)
                    );
                },
                null,
                cancel
            )
            .Said();

    static async Task<PlanScreen> ScreenAsync(HaarDb db, PlanService plans, bool better, CancellationToken cancel)
    {
        var (plan, problem) = better ? await plans.BetterAsync(cancel) : await plans.CurrentAsync(cancel);
        var workshop = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
        var now = plans.Now;
        var ready = plan?.Tasks.GroupBy(t => t.MachineId).ToDictionary(g => g.Key, g => g.Max(t => t.ReadyAt)) ?? [];
        var hours = problem.Ask.People.ToDictionary(
            p => p.Name,
            p => p.Windows.Take(40).Select(w => new PlanHours(problem.Start.AddMinutes(w.From), problem.Start.AddMinutes(w.To))).ToList()
        );
        var people = await db.People.AsNoTracking().OrderBy(p => p.Name).ToListAsync(cancel);
        var places = await db.Places.AsNoTracking().OrderBy(p => p.Name).ToListAsync(cancel);
        var stock = await db.Stock().ShelfAsync(cancel);
        return new(
            now,
            plan,
            plan is { Proven: false, Unplanned.Count: 0 } && !better,
            [
                .. problem
                    .Entries.Values.Select(e => e.Machine)
                    .DistinctBy(m => m.Id)
                    .Select(m => new PlanMachineRow(
                        m.Id,
                        m.Name,
                        m.DueAt,
                        ready.TryGetValue(m.Id, out var r) ? r : null,
                        problem.Ask.Tasks.Where(t => problem.Entries[t.Id].Machine.Id == m.Id).Sum(t => t.Minutes)
                    ))
                    .OrderBy(m => m.DueAt ?? DateTimeOffset.MaxValue)
                    .ThenByDescending(m => m.ReadyAt),
            ],
            [.. people.Select(p => new PlanPersonRow(p, hours.GetValueOrDefault(p.Name) ?? []))],
            places,
            BenchPlaces.NotSaid(places),
            await db.Pins.AsNoTracking().OrderBy(p => p.Id).ToListAsync(cancel),
            await db.Taken.AsNoTracking().Where(t => t.End == WorkEnd.Running).OrderBy(t => t.BegunAt).ToListAsync(cancel),
            plan is null ? [] : Shortages.Of(plan, stock, plans.Today),
            problem.Corrections,
            [
                .. (await ParkedMachines.AllAsync(db, plans.Today, cancel)).Select(p => new ParkedRow(
                    p.Machine.Id,
                    p.Machine.Name,
                    p.Machine.ParkedWhy,
                    Parking.Wakes(p.Machine),
                    p.WokenBy
                )),
            ],
            workshop.EventName,
            workshop.EventDay,
            plan is { LateMinutes: > 0 } or { Unplanned.Count: > 0 } ? ClashOf(problem) : null
        );
    }

    static ClashResult ClashOf(WorkPlanProblem problem) =>
        Clash.Of(
            problem.Ask,
            [
                .. problem
                    .Entries.Values.GroupBy(e => e.Machine.Id)
                    .Where(g => g.First().Machine.DueAt > problem.Start)
                    .Select(g => new Wish(
                        g.First().Machine.Name,
                        [.. g.Select(e => e.Id)],
                        (int)Math.Min(Schedule.MostMinutes, (g.First().Machine.DueAt!.Value - problem.Start).TotalMinutes)
                    ))
                    .Take(200),
            ]
        );

    static async Task<TonightScreen> TonightAsync(HaarDb db, PlanService plans, CancellationToken cancel, string person = "", int hours = 0)
    {
        if (hours is < 0 or > 24)
        {
            throw new InvalidInputException("hours", "0 to 24 hours; 0 takes what is left of the day.");
        }
        var (plan, problem) = await plans.CurrentAsync(cancel);
        var names = problem.Ask.People.Select(p => p.Name).ToList();
        person = person.Trim();
        if (person.Length > 0 && !names.Contains(person))
        {
            throw new NotHereException($"{person} is not among the people here.");
        }
        var from = plans.Now;
        var local = TimeZoneInfo.ConvertTime(from, plans.Zone);
        // What is left of the day, or of the night that it ends in.
        var end = local.Date.AddHours(local.Hour >= 3 ? 27 : 3);
        var until = hours > 0 ? from.AddHours(hours) : new DateTimeOffset(end, plans.Zone.GetUtcOffset(end)).ToUniversalTime();
        var window = problem.Ask.People.FirstOrDefault(p => p.Name == person)?.Windows is [var first, ..] ? first : (Window?)null;
        if (hours == 0 && window is { } w && problem.Start.AddMinutes(w.From) > until)
        {
            // Not here today: the next time that they are.
            (from, until) = (problem.Start.AddMinutes(w.From), problem.Start.AddMinutes(w.To));
        }
        var stock = await db.Stock().ShelfAsync(cancel);
        var evening = plan is null || person.Length == 0 ? null : Evening.Of(plan, person, from, until);
        var mine =
            person.Length == 0
                ? []
                : await db
                    .Taken.AsNoTracking()
                    .Where(t => t.Person == person)
                    .OrderByDescending(t => t.BegunAt)
                    .Take(50)
                    .ToListAsync(cancel);
        return new(
            person,
            names,
            from,
            until,
            evening,
            evening is null ? null : Supplies.Enough([.. evening.Tasks.SelectMany(t => t.Work.Uses).Take(200)], stock, plans.Today),
            mine.FirstOrDefault(t => t.End == WorkEnd.Running),
            [.. mine.Where(t => t.EndedAt > plans.Now.AddHours(-14))],
            plan is null ? [] : [.. plan.Moves.Where(m => m.Person == person || m.PersonBefore == person).Take(6)]
        );
    }

    static async Task<SomethingElse> ElseAsync(SomethingElseAsk ask, PlanService plans, CancellationToken cancel)
    {
        var (_, problem) = await plans.CurrentAsync(cancel);
        if (problem.Ask.Tasks.Count == 0 || problem.Ask.People.Count == 0)
        {
            return new(
                [],
                Verdict.Of("What else?", Outcome.No, "Nothing is planned.", Basis.Rule).Changing("People with hours, and work.")
            );
        }
        var not = (ask.NotThese ?? []).ToHashSet();
        not.UnionWith(problem.NotNow(ask.Dirty, ask.Seated));
        // They are here, or would not ask.
        var people = problem
            .Ask.People.Select(p =>
                p.Name == ask.Person ? p with { Windows = [.. p.Windows, new(0, Math.Max(1, ask.MostMinutes ?? 180))] } : p
            )
            .ToList();
        var next = PlanNext.Of(new(problem.Ask with { People = people }, ask.Person ?? "", ask.Without, ask.MostMinutes, [.. not]));
        return new(
            [
                .. (next.Now is null ? next.Others : next.Others.Prepend(next.Now)).Select(c =>
                {
                    var e = problem.Entries[c.Id];
                    return new ElseRow(
                        c.Id,
                        e.Machine.Id,
                        e.Machine.Name,
                        e.Work.Key,
                        e.Title,
                        c.Why,
                        e.Work.Needs,
                        c.Minutes,
                        e.Work.Path(e.Machine.Id)
                    );
                }),
            ],
            next.Verdict
        );
    }

    /// <param name="help">With what would help, which takes some seconds; the chance alone comes at once.</param>
    static async Task<DayScreen> DayAsync(HaarDb db, PlanService plans, LongAnswers answers, CancellationToken cancel, bool help = true)
    {
        var (plan, problem) = await plans.CurrentAsync(cancel);
        var workshop = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
        var left = workshop.EventDay is { } day ? day.DayNumber - plans.Today.DayNumber : (int?)null;
        var due = problem.Entries.Values.Select(e => e.Machine).DistinctBy(m => m.Id).Where(m => m.DueAt > problem.Start).ToList();
        if (plan is null || due.Count == 0)
        {
            return new(workshop.EventName, workshop.EventDay, left, null, [], plan?.Unplanned ?? [], problem.Said);
        }
        int At(DateTimeOffset t) => (int)(t - problem.Start).TotalMinutes;
        var last = due.Max(m => m.DueAt!.Value);
        var groups = due.Select(m => new PlanGroup(
            m.Id.ToString(),
            [.. problem.Entries.Values.Where(e => e.Machine.Id == m.Id).Select(e => e.Id)],
            At(m.DueAt!.Value)
        ));
        // What cannot be planned by anybody keeps its machine from being ready; the rest is still asked.
        var hopeless = plan.Unplanned.Select(u => u.Id).ToHashSet();
        var ask = problem.Ask with
        {
            Tasks =
            [
                .. problem
                    .Ask.Tasks.Where(t => !hopeless.Contains(t.Id))
                    .Select(t => t with { After = [.. t.After.Where(a => !hopeless.Contains(a))] }),
            ],
        };
        if (ask.Tasks.Count == 0)
        {
            return new(workshop.EventName, workshop.EventDay, left, null, [], plan.Unplanned, problem.Said);
        }
        var chance = await answers.RunAsync(
            c => PlanChance.Of(new(ask, At(last), help ? Rescues.Of(ask, problem, due, At(last)) : []) { Groups = [.. groups] }, c),
            cancel
        );
        var stuck = plan.Unplanned.Select(u => u.MachineId).ToHashSet();
        return new(
            workshop.EventName,
            workshop.EventDay,
            left,
            chance,
            [
                .. chance
                    .Now.Groups.Select(g =>
                    {
                        var m = due.First(x => x.Id.ToString() == g.Name);
                        return new RiskRow(
                            m.Id,
                            m.Name,
                            stuck.Contains(m.Id) ? 0 : g.Chance,
                            stuck.Contains(m.Id) || g.ReadyAt is not { } r ? null : problem.Start.AddMinutes(r),
                            m.DueAt!.Value
                        );
                    })
                    .OrderBy(r => r.Chance),
            ],
            plan.Unplanned,
            problem.Said
        );
    }
}
