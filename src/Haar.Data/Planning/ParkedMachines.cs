using Haar.Core.Intake;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Planning;

/// <param name="WokenBy">What it waits for is here, was seen at its price, or its day has come; empty for nothing.</param>
/// <param name="Still">Set aside still: neither its part nor its price takes it in hand by itself, a person does; its day does.</param>
public sealed record ParkedMachine(Machine Machine, string WokenBy, bool Still);

/// <summary>What is set aside, and what wakes it.</summary>
public static class ParkedMachines
{
    public static async Task<IReadOnlyList<ParkedMachine>> AllAsync(HaarDb db, DateOnly today, CancellationToken cancel)
    {
        var parked = await db
            .Machines.AsNoTracking()
            .Where(m => m.ParkedAt != null && m.RemovedAt == null && m.HandedOverAt == null)
            .OrderBy(m => m.Name)
            .ToListAsync(cancel);
        if (parked.Count == 0)
        {
            return [];
        }
        var store = await db
            .Store.AsNoTracking()
            .Where(p => p.Quantity > 0 && p.ForMachineId == null)
            .OrderBy(p => p.Id)
            .ToListAsync(cancel);
        return [.. parked.Select(m => new ParkedMachine(m, Parking.WokenBy(m, store, today), m.Parked(today)))];
    }
}
