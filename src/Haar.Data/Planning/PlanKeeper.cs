using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Haar.Core.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Planning;

/// <summary>Gathers what the plan is made from, and keeps the plan while nothing of that changes.</summary>
public static class PlanKeeper
{
    /// <summary>On the morning of the day all of it is ready: a day's own hours are no time to finish in. A house figure.</summary>
    static readonly TimeOnly ReadyBy = new(8, 0);

    /// <summary>What the plan is made from now, and the fingerprint of it.</summary>
    public static async Task<(WorkPlanAsk Ask, string Facts)> AskAsync(
        HaarDb db,
        DateTimeOffset now,
        TimeZoneInfo zone,
        CancellationToken cancel
    )
    {
        var workshop = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
        DateTimeOffset At(DateOnly day)
        {
            var local = day.ToDateTime(ReadyBy);
            return new DateTimeOffset(local, zone.GetUtcOffset(local)).ToUniversalTime();
        }
        var work = await db.MachineWork.AsNoTracking().ToDictionaryAsync(w => w.MachineId, w => w.Work, cancel);
        var today = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, zone).DateTime);
        // What is lent and set aside for a machine has to have served there before it goes back.
        var lent = (
            await db
                .Store.AsNoTracking()
                .Where(p => p.ForMachineId != null && p.DueOn != null)
                .Select(p => new { Machine = p.ForMachineId!.Value, Day = p.DueOn!.Value })
                .ToListAsync(cancel)
        )
            .GroupBy(p => p.Machine)
            .ToDictionary(g => g.Key, g => g.Min(p => p.Day));
        DateOnly? Due(Guid id, DateOnly? own)
        {
            var day = own ?? workshop.EventDay;
            return lent.TryGetValue(id, out var back) && !(day < back) ? back : day;
        }
        var machines = (
            await db
                .Machines.AsNoTracking()
                .Where(m => m.RemovedAt == null && m.HandedOverAt == null && !m.Donor)
                .OrderBy(m => m.Id)
                .Select(m => new
                {
                    m.Id,
                    m.Name,
                    m.DueOn,
                    m.ParkedAt,
                    m.WakesOn,
                })
                .ToListAsync(cancel)
        ).Where(m => m.ParkedAt is null || m.WakesOn <= today).Select(m => new PlanMachine(m.Id, m.Name, work.GetValueOrDefault(m.Id) ?? [], Due(m.Id, m.DueOn) is { } day ? At(day) : null)).Where(m => m.Work.Count > 0).ToList();
        // What ended long ago says nothing of what is open now; as a past it still counts.
        var taken = await db.Taken.AsNoTracking().OrderByDescending(t => t.BegunAt).Take(2000).ToListAsync(cancel);
        var ask = new WorkPlanAsk(
            machines,
            await db.People.AsNoTracking().OrderBy(p => p.Name).ToListAsync(cancel),
            await db.Places.AsNoTracking().OrderBy(p => p.Name).ToListAsync(cancel),
            await db.Pins.AsNoTracking().OrderBy(p => p.Id).ToListAsync(cancel),
            [.. taken.OrderBy(t => t.Id)],
            now,
            zone
        );
        var facts = JsonSerializer.Serialize(
            new
            {
                MachineStatusKeeper.Rules,
                ask.Machines,
                ask.People,
                ask.Places,
                ask.Pins,
                ask.Taken,
                Zone = zone.Id,
            },
            HaarJson.Compact
        );
        return (ask, Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(facts))));
    }

    /// <summary>The plan as it is: kept where nothing changed, made again round what stood where something has. Null where there is nobody, or nothing to do.</summary>
    /// <param name="seconds">That may go into a better one; 0 for the first that is found.</param>
    /// <param name="solve">Where the search runs.</param>
    public static async Task<(KeptPlan? Plan, WorkPlanProblem Problem)> CurrentAsync(
        HaarDb db,
        DateTimeOffset now,
        TimeZoneInfo zone,
        double seconds,
        Func<Func<CancellationToken, AgainResult>, CancellationToken, Task<AgainResult>> solve,
        CancellationToken cancel
    )
    {
        await MachineStatusKeeper.RefreshStaleAsync(db, now, cancel);
        var (ask, facts) = await AskAsync(db, now, zone, cancel);
        var problem = WorkPlan.Of(ask);
        if (problem.Ask.Tasks.Count == 0 || problem.Ask.People.Count == 0)
        {
            return (null, problem);
        }
        var kept = await db.Plans.AsNoTracking().FirstOrDefaultAsync(p => p.Id == 1, cancel);
        if (kept is not null && kept.Facts == facts && !kept.Plan.Overdue(now) && (kept.Plan.Proven || kept.Seconds >= seconds))
        {
            return (kept.Plan, problem);
        }
        var stood = kept?.Plan.Stood(problem.Start, ask.People) ?? [];
        var again = await solve(c => Schedule.Again(problem.Ask with { Seconds = seconds }, stood, c), cancel);
        var plan = KeptPlan.Of(problem, again).Telling(kept?.Plan.Moves ?? [], now);
        await SaveAsync(
            db,
            new()
            {
                MadeAt = now,
                Facts = facts,
                Seconds = seconds,
                Plan = plan,
            },
            cancel
        );
        return (plan, problem);
    }

    const int MostFirsts = 24;

    /// <summary>What is first at the bench by the plan that is kept, of what is still to be done: for this person before others. Null where no plan is kept that says it.</summary>
    public static async Task<IReadOnlyList<KeptTask>> FirstsAsync(HaarDb db, string person, DateTimeOffset now, CancellationToken cancel)
    {
        var firsts = await db.Plans.AsNoTracking().Where(p => p.Id == 1).Select(p => p.Firsts).FirstOrDefaultAsync(cancel);
        if (firsts is null || firsts.Count == 0)
        {
            return [];
        }
        // What has been set aside since nags no more.
        var of = firsts.Select(t => t.MachineId).Distinct().ToList();
        var today = DateOnly.FromDateTime(now.UtcDateTime);
        var machines = (await db.Machines.AsNoTracking().Where(m => of.Contains(m.Id) && m.RemovedAt == null).ToListAsync(cancel))
            .Where(m => !m.Parked(today))
            .Select(m => m.Id)
            .ToList();
        var open = (await db.MachineWork.AsNoTracking().Where(w => machines.Contains(w.MachineId)).ToListAsync(cancel)).ToDictionary(
            w => w.MachineId,
            w => w.Work.Where(x => !(x.From > now)).Select(x => x.Key).ToHashSet()
        );
        var left = firsts.Where(t => open.GetValueOrDefault(t.MachineId)?.Contains(t.Key) == true).ToList();
        return [.. left.OrderByDescending(t => person.Length > 0 && t.Person == person).ThenBy(t => t.Start)];
    }

    /// <summary>Written over whatever stands there: of two made at once either is as good.</summary>
    static async Task SaveAsync(HaarDb db, KeptPlanRow row, CancellationToken cancel)
    {
        var plan = JsonSerializer.Serialize(row.Plan, HaarJson.Compact);
        var firsts = JsonSerializer.Serialize(row.Plan.Tasks.OrderBy(t => t.Start).Take(MostFirsts), HaarJson.Compact);
        await db.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO "KeptPlans" ("Id", "MadeAt", "Facts", "Seconds", "Plan", "Firsts") VALUES (1, {row.MadeAt.UtcTicks}, {row.Facts}, {row.Seconds}, {plan}, {firsts})
            ON CONFLICT ("Id") DO UPDATE SET "MadeAt" = excluded."MadeAt", "Facts" = excluded."Facts", "Seconds" = excluded."Seconds", "Plan" = excluded."Plan", "Firsts" = excluded."Firsts"
            """,
            cancel
        );
    }
}
