using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Planning;

/// <summary>What dangers are raised from: a few rows, however much a machine has.</summary>
static class DangerFacts
{
    /// <summary>An act that touches none of these tables raises and answers no danger.</summary>
    public static bool MayCome(HaarDb db, IEnumerable<string> tables)
    {
        var from = Dangers.RaisedFrom.Append(typeof(Machine)).Select(t => db.Model.FindEntityType(t)!.GetTableName()).ToHashSet();
        return tables.Any(from.Contains);
    }

    static async Task<MachineFacts?> OfAsync(HaarDb db, Guid id, CancellationToken cancel)
    {
        if (await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel) is not { } machine)
        {
            return null;
        }
        var facts = new MachineFacts { Machine = machine };
        await RowsOfMachine.FillAsync(db, id, facts, true, cancel, [.. RowsOfMachine.Types.Except(Dangers.RaisedFrom)]);
        return facts;
    }

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
        db.AddRange(Dangers.Keep(facts with { Dangers = rows }, now, act, newId, asNoted));
    }
}
