using Haar.Core.Parts;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Parts;

/// <summary>The drawer with what is set aside of each part: counted from the rows, so that no piece is given twice and none is lost.</summary>
public sealed class Stock(HaarDb db)
{
    /// <summary>These parts, tracked.</summary>
    public async Task<List<DrawerPart>> OfAsync(IReadOnlyCollection<Guid> ids, CancellationToken cancel) =>
        await CountedAsync(await db.Drawer.Where(p => ids.Contains(p.Id)).ToListAsync(cancel), cancel);

    /// <summary>One part, tracked; null when there is none.</summary>
    public async Task<DrawerPart?> OneAsync(Guid id, CancellationToken cancel) => (await OfAsync([id], cancel)).FirstOrDefault();

    /// <summary>Parts of which a piece is free, to look at.</summary>
    public async Task<List<DrawerPart>> FreeAsync(CancellationToken cancel) =>
        [
            .. (
                await CountedAsync(await db.Drawer.AsNoTracking().Where(p => p.Quantity > 0).OrderBy(p => p.Id).ToListAsync(cancel), cancel)
            ).Where(p => p.Free > 0),
        ];

    /// <summary>Whether more of any part is set aside than lies there.</summary>
    public Task<bool> OverbookedAsync(CancellationToken cancel) =>
        db.Drawer.AnyAsync(p => p.Quantity < db.Reservations.Count(r => r.PartId == p.Id), cancel);

    /// <summary>Supplies with what is left of each, to look at: counted from what was used, so that taking one use back leaves the others.</summary>
    public async Task<IReadOnlyList<SupplyStock>> ShelfAsync(CancellationToken cancel)
    {
        var supplies = await db.Supplies.AsNoTracking().OrderBy(s => s.Kind).ThenBy(s => s.Id).ToListAsync(cancel);
        if (supplies.Count == 0)
        {
            return [];
        }
        var since = supplies.Min(s => s.CountedAt);
        var uses = (await db.SupplyUses.AsNoTracking().Where(u => u.At > since).ToListAsync(cancel)).ToLookup(u => u.SupplyId);
        return [.. supplies.Select(s => SupplyStock.Of(s, uses[s.Id]))];
    }

    /// <summary>Fills in what is set aside of each.</summary>
    public async Task<List<DrawerPart>> CountedAsync(List<DrawerPart> parts, CancellationToken cancel)
    {
        // One part has its few rows read; many are counted at once.
        var of = parts.Count == 1 ? db.Reservations.Where(r => r.PartId == parts[0].Id) : db.Reservations;
        var counts = await of.GroupBy(r => r.PartId)
            .Select(g => new { g.Key, Count = g.Count() })
            .ToDictionaryAsync(g => g.Key, g => g.Count, cancel);
        foreach (var p in parts)
        {
            p.Reserved = counts.GetValueOrDefault(p.Id);
        }
        return parts;
    }
}

public static class Stocked
{
    public static Stock Stock(this HaarDb db) => new(db);
}
