using Haar.Core.Planning;
using Haar.Core.Safety;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Planning;

/// <summary>What dangers are raised from: a few rows, however much a machine has.</summary>
static class DangerFacts
{
    /// <summary>The tables of those rows; an act that touches none of them raises and answers no danger.</summary>
    public static readonly IReadOnlySet<string> Tables = new HashSet<string>
    {
        "Machines",
        "Findings",
        "Overrules",
        "Cells",
        "MachinePacks",
    };

    public static async Task<MachineFacts?> OfAsync(HaarDb db, Guid id, CancellationToken cancel) =>
        await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel) is not { } machine
            ? null
            : new()
            {
                Machine = machine,
                Findings = await db.Findings.Where(x => x.MachineId == id && x.DealtWithAt == null).OrderBy(x => x.Id).ToListAsync(cancel),
                Overrules = await db.Overrules.Where(x => x.MachineId == id).OrderBy(x => x.Id).ToListAsync(cancel),
                Cell = await db.Cells.FirstOrDefaultAsync(x => x.MachineId == id, cancel),
                Pack = await db.MachinePacks.FirstOrDefaultAsync(x => x.MachineId == id, cancel),
            };

    /// <summary>Brings a machine's dangers to what its facts raise; tracked, for the caller to save.</summary>
    /// <param name="act">The sentence of the act that did it.</param>
    /// <param name="asNoted">As <see cref="Dangers.Keep"/> has it.</param>
    public static async Task KeepAsync(
        HaarDb db,
        Guid id,
        string act,
        DateTimeOffset now,
        Func<Guid> newId,
        bool asNoted,
        CancellationToken cancel
    )
    {
        if (await OfAsync(db, id, cancel) is not { } facts)
        {
            return;
        }
        var rows = await db.Dangers.Where(d => d.MachineId == id).ToListAsync(cancel);
        db.AddRange(Dangers.Keep(rows, [.. Dangers.Of(facts)], id, now, act, newId, asNoted));
    }
}
