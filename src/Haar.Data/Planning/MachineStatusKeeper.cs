using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Data.Capacitors;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Planning;

/// <summary>Loads the facts of a machine and keeps its status row true.</summary>
public static class MachineStatusKeeper
{
    /// <summary>Which build of the rules a status was computed with: another build may come to another one.</summary>
    public static readonly string Rules = typeof(MachineStatusRule).Module.ModuleVersionId.ToString("N");

    /// <summary>Everything known of one machine; null when there is no such machine.</summary>
    public static Task<MachineFacts?> FactsAsync(HaarDb db, Guid id, CancellationToken cancel = default) =>
        FactsAsync(db, id, false, cancel);

    /// <summary>The same to be changed by an act: what it changes of them is saved with it.</summary>
    public static Task<MachineFacts?> FactsToChangeAsync(HaarDb db, Guid id, CancellationToken cancel = default) =>
        FactsAsync(db, id, true, cancel);

    static async Task<MachineFacts?> FactsAsync(
        HaarDb db,
        Guid id,
        bool tracked,
        CancellationToken cancel,
        params IReadOnlyList<Type> without
    )
    {
        var machine = await (tracked ? db.Machines : db.Machines.AsNoTracking()).FirstOrDefaultAsync(m => m.Id == id, cancel);
        if (machine is null)
        {
            return null;
        }
        var rows = new MachineFacts { Machine = machine };
        await RowsOfMachine.FillAsync(db, id, rows, tracked, cancel, without);
        var (wanted, elsewhere) = await DependenciesAsync(db, id, rows.Jobs, cancel);
        return rows with { OnOrder = await OnOrderAsync(db, cancel), WantedBy = wanted, OpenElsewhere = elsewhere };
    }

    /// <summary>Capacitors, of all machines, whose new part is ordered and not here.</summary>
    public static async Task<HashSet<Guid>> OnOrderAsync(HaarDb db, CancellationToken cancel) =>
        (
            await db
                .Orders.AsNoTracking()
                .Where(o =>
                    o.State == Core.Parts.PartOrderState.NotSent
                    || o.State == Core.Parts.PartOrderState.Sending
                    || o.State == Core.Parts.PartOrderState.Confirmed
                    || o.State == Core.Parts.PartOrderState.PartlyHere
                )
                .ToListAsync(cancel)
        )
            .SelectMany(o => o.Awaited)
            .ToHashSet();

    /// <summary>What a status is computed from: everything but the capacitors and their readings, which are counted from what is kept of each.</summary>
    static async Task<MachineFacts?> StatusFactsAsync(
        HaarDb db,
        Guid id,
        DateTimeOffset now,
        IReadOnlySet<Guid>? changed,
        CancellationToken cancel
    )
    {
        var facts = await FactsAsync(db, id, false, cancel, typeof(Capacitor), typeof(Reading), typeof(Core.Photos.Photo));
        return facts is null
            ? null
            : facts with
            {
                Readings = await db
                    .Readings.AsNoTracking()
                    .Where(r => r.MachineId == id && r.SubjectKind != SubjectKind.Capacitor)
                    .OrderBy(r => r.Id)
                    .ToListAsync(cancel),
                KeptSummary = await CapacitorStandings.SummaryAsync(db, facts, changed, now.Year, cancel),
            };
    }

    /// <summary>Computes one machine's status and stores it; also that of machines whose work comes after this one's.</summary>
    public static Task RefreshAsync(HaarDb db, Guid id, DateTimeOffset now, CancellationToken cancel = default) =>
        RefreshAsync(db, id, now, null, cancel);

    /// <param name="changed">Capacitors that an act has touched; null when it may be any.</param>
    internal static async Task RefreshAsync(HaarDb db, Guid id, DateTimeOffset now, IReadOnlySet<Guid>? changed, CancellationToken cancel)
    {
        await StoreAsync(db, id, now, changed, cancel);
        var dependent = await Dependent(db).ToListAsync(cancel);
        if (dependent.Count > 0)
        {
            var mine = (await db.Jobs.Where(j => j.MachineId == id).Select(j => j.Id).ToListAsync(cancel)).ToHashSet();
            var depend = dependent.Where(j => j.MachineId != id && j.After.Any(mine.Contains)).Select(j => j.MachineId);
            var after = dependent.Where(j => j.MachineId == id).SelectMany(j => j.After).Where(a => !mine.Contains(a)).ToHashSet();
            var before =
                after.Count == 0
                    ? []
                    : await db.Jobs.Where(j => after.Contains(j.Id)).Select(j => j.MachineId).Distinct().ToListAsync(cancel);
            foreach (var other in depend.Union(before))
            {
                await StoreAsync(db, other, now, None, cancel);
            }
        }
        await db.SaveChangesAsync(cancel);
    }

    static readonly IReadOnlySet<Guid> None = new HashSet<Guid>();

    /// <summary>Unfinished work that comes after other work, on any machine.</summary>
    static IQueryable<Job> Dependent(HaarDb db) =>
        db.Jobs.FromSqlRaw("""SELECT * FROM "Jobs" WHERE "After" <> '[]' AND "State" <> 'Done' """).AsNoTracking();

    /// <summary>Computes again what a wait that has ended made stale.</summary>
    public static async Task RefreshStaleAsync(HaarDb db, DateTimeOffset now, CancellationToken cancel = default)
    {
        var stale = await db
            .Statuses.Where(s => s.StaleAt != null && s.StaleAt <= now)
            .OrderBy(s => s.StaleAt)
            .Select(s => s.MachineId)
            .Take(200)
            .ToListAsync(cancel);
        if (stale.Count == 0)
        {
            return;
        }
        await using var transaction = await db.Database.BeginTransactionAsync(cancel);
        foreach (var id in stale)
        {
            await StoreAsync(db, id, now, null, cancel);
        }
        await db.SaveChangesAsync(cancel);
        await transaction.CommitAsync(cancel);
    }

    /// <summary>Computes again what another build of the rules, or a day that has come, made stale: a few at a time.</summary>
    /// <returns>How many there were.</returns>
    public static async Task<int> RefreshOldAsync(HaarDb db, DateTimeOffset now, int most, CancellationToken cancel = default)
    {
        var old = await db
            .Statuses.Where(s => s.Rules != Rules || s.StaleAt != null && s.StaleAt <= now)
            .OrderBy(s => s.MachineId)
            .Select(s => s.MachineId)
            .Take(most)
            .ToListAsync(cancel);
        if (old.Count > 0)
        {
            await using var transaction = await db.Database.BeginTransactionAsync(cancel);
            foreach (var id in old)
            {
                await StoreAsync(db, id, now, null, cancel);
            }
            await db.SaveChangesAsync(cancel);
            await transaction.CommitAsync(cancel);
        }
        return old.Count;
    }

    static async Task StoreAsync(HaarDb db, Guid id, DateTimeOffset now, IReadOnlySet<Guid>? changed, CancellationToken cancel)
    {
        if (await StatusFactsAsync(db, id, now, changed, cancel) is not { } facts)
        {
            return;
        }
        var status = MachineStatusRule.Of(facts, now);
        var row = await db.Statuses.FirstOrDefaultAsync(s => s.MachineId == id, cancel);
        if (row is null)
        {
            row = new MachineStatusRow { MachineId = id };
            db.Statuses.Add(row);
        }

        row.Name = facts.Machine.Name;
        row.Kind = facts.Machine.Kind;
        row.YearFrom = facts.Machine.YearFrom;
        row.ArrivedAt = facts.Machine.ArrivedAt;
        row.HandedOver = facts.Machine.HandedOverAt is not null;
        row.Removed = facts.Machine.RemovedAt is not null;
        row.Status = status;
        row.HasNext = status.Next is not null;
        row.Danger = status.Next?.Danger ?? false;
        row.WantedBy = status.Next?.WantedBy ?? 0;
        row.NextStage = (int)(status.Next?.Stage ?? Stage.HandOver);
        row.Since = status.Next?.Since ?? facts.Machine.ArrivedAt;
        row.Stopped = status.Tone == StageState.Stopped;
        row.HandsMinutesLeft = status.HandsMinutesLeft;
        row.UnlistedUntil = status.Unlisted?.Until;
        row.StaleAt = status.ValidUntil;
        row.Rules = Rules;
        await KeepWorkAsync(db, facts, now, cancel);
    }

    /// <summary>What is left to do, for the plan. A machine that plans nothing (a lot, a donor, one that has left) has none.</summary>
    static async Task KeepWorkAsync(HaarDb db, MachineFacts facts, DateTimeOffset now, CancellationToken cancel)
    {
        var id = facts.Machine.Id;
        var work = WorkLeft.Of(new(facts, now));
        var row = await db.MachineWork.FirstOrDefaultAsync(w => w.MachineId == id, cancel);
        // Each is as old as it has been so: what was taken up before says nothing of what has changed since.
        var before = (row?.Work ?? []).DistinctBy(w => w.Key).ToDictionary(w => w.Key);
        work =
        [
            .. work.Select(w => w with { Since = before.GetValueOrDefault(w.Key) is { } was && Same(was, w) ? was.Since ?? now : now }),
        ];
        if (row is not null)
        {
            row.Work = work;
        }
        else if (work.Count > 0)
        {
            db.MachineWork.Add(new() { MachineId = id, Work = work });
        }
    }

    /// <summary>The same work, whatever has passed of a wait meanwhile.</summary>
    static bool Same(WorkTask a, WorkTask b)
    {
        static string Of(WorkTask w) =>
            System.Text.Json.JsonSerializer.Serialize(
                w with
                {
                    Since = null,
                    From = null,
                    WaitsFor = "",
                    After = [],
                    Deeper = false,
                    Behind = false,
                },
                HaarJson.Compact
            );
        return Of(a) == Of(b);
    }

    static async Task<(Dictionary<Guid, int>, HashSet<Guid>)> DependenciesAsync(
        HaarDb db,
        Guid id,
        IReadOnlyList<Job> mine,
        CancellationToken cancel
    )
    {
        // Only unfinished jobs that come after something matter: a short list however many are done.
        var depending = (await Dependent(db).ToListAsync(cancel)).Where(j => j.MachineId != id).Select(j => j.After);
        var wanted = depending
            .Concat(mine.Where(j => j.State != JobState.Done).Select(j => j.After))
            .SelectMany(a => a)
            .GroupBy(a => a)
            .ToDictionary(g => g.Key, g => g.Count());
        var own = mine.Select(j => j.Id).ToHashSet();
        var others = mine.SelectMany(j => j.After).Where(a => !own.Contains(a)).ToHashSet();
        var open =
            others.Count == 0
                ? []
                : (
                    await db.Jobs.Where(j => others.Contains(j.Id) && j.State != JobState.Done).Select(j => j.Id).ToListAsync(cancel)
                ).ToHashSet();
        return (wanted, open);
    }
}
