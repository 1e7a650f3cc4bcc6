using Haar.Core.Planning;
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

    static async Task<MachineFacts?> FactsAsync(HaarDb db, Guid id, bool tracked, CancellationToken cancel)
    {
        var machine = await (tracked ? db.Machines : db.Machines.AsNoTracking()).FirstOrDefaultAsync(m => m.Id == id, cancel);
        if (machine is null)
        {
            return null;
        }
        var rows = new MachineFacts { Machine = machine };
        await RowsOfMachine.FillAsync(db, id, rows, tracked, cancel);
        var (wanted, elsewhere) = await DependenciesAsync(db, id, rows.Jobs, cancel);
        return rows with
        {
            OnOrder = (
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
                .ToHashSet(),
            WantedBy = wanted,
            OpenElsewhere = elsewhere,
        };
    }

    /// <summary>Computes one machine's status and stores it; also that of machines whose work comes after this one's.</summary>
    public static async Task RefreshAsync(HaarDb db, Guid id, DateTimeOffset now, CancellationToken cancel = default)
    {
        await StoreAsync(db, id, now, cancel);
        var mine = await db.Jobs.Where(j => j.MachineId == id).Select(j => j.Id).ToListAsync(cancel);
        var waiting = await db.Jobs.Where(j => j.MachineId != id && j.State != JobState.Done).ToListAsync(cancel);
        var depend = waiting.Where(j => j.After.Any(mine.Contains)).Select(j => j.MachineId).Distinct().ToList();
        var needed = await db.Jobs.Where(j => j.MachineId == id && j.State != JobState.Done).ToListAsync(cancel);
        var after = needed.SelectMany(j => j.After).Where(a => !mine.Contains(a)).ToHashSet();
        var before =
            after.Count == 0 ? [] : await db.Jobs.Where(j => after.Contains(j.Id)).Select(j => j.MachineId).Distinct().ToListAsync(cancel);
        foreach (var other in depend.Union(before))
        {
            await StoreAsync(db, other, now, cancel);
        }
        await db.SaveChangesAsync(cancel);
    }

    /// <summary>Computes again what a wait that has ended made stale.</summary>
    public static async Task RefreshStaleAsync(HaarDb db, DateTimeOffset now, CancellationToken cancel = default)
    {
        var stale = await db
            .Statuses.Where(s => s.StaleAt != null && s.StaleAt <= now)
            .OrderBy(s => s.StaleAt)
            .Select(s => s.MachineId)
            .Take(200)
            .ToListAsync(cancel);
        foreach (var id in stale)
        {
            await StoreAsync(db, id, now, cancel);
        }
        if (stale.Count > 0)
        {
            await db.SaveChangesAsync(cancel);
        }
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
        foreach (var id in old)
        {
            await StoreAsync(db, id, now, cancel);
        }
        await db.SaveChangesAsync(cancel);
        return old.Count;
    }

    static async Task StoreAsync(HaarDb db, Guid id, DateTimeOffset now, CancellationToken cancel)
    {
        if (await FactsAsync(db, id, cancel) is not { } facts)
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
        row.StaleAt = status.ValidUntil;
        row.Rules = Rules;
    }

    static async Task<(Dictionary<Guid, int>, HashSet<Guid>)> DependenciesAsync(
        HaarDb db,
        Guid id,
        IReadOnlyList<Job> mine,
        CancellationToken cancel
    )
    {
        // Only unfinished jobs that come after something matter: a short list however many are done.
        var depending = await db
            .Jobs.AsNoTracking()
            .Where(j => j.State != JobState.Done && j.MachineId != id)
            .Select(j => j.After)
            .ToListAsync(cancel);
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
