using Haar.Core.Batteries;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Batteries;

/// <summary>Reads what an act on a machine's cell is decided on, from whichever room it is asked.</summary>
public static class CellActLoader
{
    /// <exception cref="NotHereException">No such machine, or it has no cell.</exception>
    public static async Task<CellActFacts> OfAsync(HaarDb db, Guid id, CancellationToken cancel)
    {
        var findings = await db
            .Findings.Where(f =>
                f.MachineId == id && f.DealtWithAt == null && (f.Kind == FindingKind.LeakingCell || f.Kind == FindingKind.SwollenCell)
            )
            .ToListAsync(cancel);
        if (findings.Count > 1)
        {
            // Which of them this cell is, only a person can say.
            findings = [];
        }
        var ids = findings.Select(f => (Guid?)f.Id).ToList();
        return new(
            await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine"),
            await db.Cells.FirstOrDefaultAsync(c => c.MachineId == id, cancel).OrNotHere("cell"),
            await db.Overrules.AsNoTracking().Where(o => o.MachineId == id && o.Key.StartsWith("batteries/")).ToListAsync(cancel),
            findings,
            await db.Jobs.Where(j => ids.Contains(j.FindingId) && j.Settles && j.State != JobState.Done).ToListAsync(cancel)
        );
    }
}
