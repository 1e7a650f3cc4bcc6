using Microsoft.EntityFrameworkCore;

namespace Haar.Data;

/// <summary>Which trays of the workshop hold something: a tray is one, whichever machine's part lies in it.</summary>
public static class Trays
{
    /// <summary>By their lower-case names, with what lies there.</summary>
    /// <param name="but">An item whose own does not count.</param>
    public static async Task<IReadOnlyDictionary<string, string>> HeldAsync(HaarDb db, Guid but, CancellationToken cancel)
    {
        var held = new Dictionary<string, string>();
        var items = await db.CleanedItems.AsNoTracking().ToListAsync(cancel);
        foreach (var i in items.Where(i => i.Id != but && i.Sheet.Soak is { Method.Length: > 0 }))
        {
            held[i.Sheet.Soak!.Tray.ToLowerInvariant()] = i.Name;
        }
        foreach (var r in await db.WhiteningRuns.AsNoTracking().ToListAsync(cancel))
        {
            if (r.ItemId != but && r.Running is { Tray.Length: > 0 } s)
            {
                held[s.Tray.ToLowerInvariant()] = items.FirstOrDefault(i => i.Id == r.ItemId)?.Name ?? "something";
            }
        }
        return held;
    }
}
