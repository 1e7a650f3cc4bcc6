using Haar.Core.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Planning;

/// <summary>Loads the facts of a machine and keeps its status row true.</summary>
public static class MachineStatusKeeper
{
    /// <summary>Everything known of one machine; null when there is no such machine.</summary>
    public static async Task<MachineFacts?> FactsAsync(HaarDb db, Guid id, CancellationToken cancel = default)
    {
        var machine = await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel);
        if (machine is null)
        {
            return null;
        }
        var jobs = await db.Jobs.Where(j => j.MachineId == id).OrderBy(j => j.Id).ToListAsync(cancel);
        var (wanted, elsewhere) = await DependenciesAsync(db, id, jobs, cancel);
        return new MachineFacts
        {
            Machine = machine,
            Findings = await db.Findings.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            PowerSteps = await db.PowerSteps.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Cell = await db.Cells.FirstOrDefaultAsync(x => x.MachineId == id, cancel),
            Boards = await db.Boards.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Capacitors = await db.Capacitors.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Readings = await db.Readings.AsNoTracking().Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Proofs = await db.Proofs.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Jobs = jobs,
            Closings = await db.Closings.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Overrules = await db.Overrules.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Costs = await db.Costs.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Observations = await db.Observations.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Answers = await db.Answers.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Items = await db.Items.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            StripSteps = await db.StripSteps.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            StripFasteners = await db.StripFasteners.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            StripConnectors = await db.StripConnectors.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Boxes = machine.Lot is null ? [] : await db.Boxes.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Areas = await db.Areas.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Nets = await db.Nets.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            HotParts = await db.HotParts.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
            Pack = await db.MachinePacks.FirstOrDefaultAsync(x => x.MachineId == id, cancel),
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
            Photos = await db.Photos.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
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
        row.StaleAt = facts.Jobs.Where(j => j.Waits(now) && j.WaitUntil is not null).Select(j => j.WaitUntil).Min();
    }

    static async Task<(Dictionary<Guid, int>, HashSet<Guid>)> DependenciesAsync(
        HaarDb db,
        Guid id,
        List<Job> mine,
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
