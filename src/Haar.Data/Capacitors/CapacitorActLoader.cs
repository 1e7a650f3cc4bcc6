using Haar.Core.Acts;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Data.Parts;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Capacitors;

/// <summary>Reads what an act on one capacitor is decided on: its own rows, however many others the machine has.</summary>
public static class CapacitorActLoader
{
    /// <param name="parts">Drawer parts that are asked for, beside those that are set aside.</param>
    /// <exception cref="NotHereException">No such capacitor on this machine.</exception>
    public static async Task<CapacitorActFacts> OfAsync(
        HaarDb db,
        Guid machineId,
        Guid capacitorId,
        DateOnly today,
        CancellationToken cancel,
        params IReadOnlyList<Guid> parts
    )
    {
        var cap = await db
            .Capacitors.FirstOrDefaultAsync(c => c.Id == capacitorId && c.MachineId == machineId, cancel)
            .OrNotHere("capacitor");
        var aside = await db.Reservations.Where(r => r.CapacitorId == capacitorId).OrderBy(r => r.Id).ToListAsync(cancel);
        var wanted = aside.Select(r => r.PartId).Concat(parts).Distinct().ToList();
        return new(
            await db.Machines.FirstAsync(m => m.Id == machineId, cancel),
            cap,
            await db
                .Readings.AsNoTracking()
                .Where(r => r.SubjectId == capacitorId && r.SubjectKind == SubjectKind.Capacitor)
                .OrderBy(r => r.Id)
                .ToListAsync(cancel),
            aside,
            wanted.Count == 0 ? [] : await db.Stock().OfAsync(wanted, cancel),
            await db.Jobs.Where(j => j.MachineId == machineId && j.SubjectId == capacitorId).ToListAsync(cancel),
            await db.Overrules.AsNoTracking().Where(o => o.MachineId == machineId).OrderBy(o => o.Id).ToListAsync(cancel),
            today
        );
    }

    /// <summary>Takes a capacitor off its board's list, with everything that is only its own; all of it is named in the log.</summary>
    public static async Task RemoveAsync(HaarDb db, Capacitor c, CancellationToken cancel)
    {
        db.RemoveRange(await db.Reservations.Where(r => r.CapacitorId == c.Id).ToListAsync(cancel));
        db.RemoveRange(await db.Readings.Where(r => r.SubjectId == c.Id).ToListAsync(cancel));
        var keys = new[] { OverruleKind.ComesOut, OverruleKind.Substitute }.Select(k => Overrulable.KeyOf(k, c.Id.ToString())).ToList();
        db.RemoveRange(await db.Overrules.Where(o => o.MachineId == c.MachineId && keys.Contains(o.Key)).ToListAsync(cancel));
        db.Remove(c);
    }
}
