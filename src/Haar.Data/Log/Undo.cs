using System.Text.Json;
using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Core.Stripdown;
using Haar.Data.Parts;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Log;

/// <summary>It cannot be undone, because something later was built on it, or because it went outside.</summary>
public sealed class UndoException(string message) : Exception(message);

public sealed partial class UnitOfWork
{
    /// <summary>Puts back what one act changed; itself an act, so that it can be undone too. Nothing is taken away that the act did not bring.</summary>
    /// <exception cref="UndoException">It was undone already, keeps no record, went outside, or something later stands on it.</exception>
    public async Task<LogEntry> UndoAsync(Guid entryId, CancellationToken cancel = default)
    {
        try
        {
            return await InOneAsync(() => PutBackAsync(entryId, cancel), cancel);
        }
        catch (DbUpdateException e) when (e.InnerException is Microsoft.Data.Sqlite.SqliteException { SqliteErrorCode: 19 })
        {
            throw new UndoException(
                "Something later has taken its place, or what it belonged to is gone: undo the newer act first. Nothing was changed."
            );
        }
    }

    async Task<LogEntry> PutBackAsync(Guid entryId, CancellationToken cancel)
    {
        var entry =
            await db.Log.FirstOrDefaultAsync(l => l.Id == entryId, cancel) ?? throw new UndoException("There is no such entry in the log.");
        if (entry.UndoneAt is not null)
        {
            throw new UndoException("That was undone already.");
        }
        if (entry.StaysDone.Length > 0)
        {
            throw new UndoException(entry.StaysDone);
        }
        var changes = entry.Changes is null ? null : JsonSerializer.Deserialize<List<Change>>(entry.Changes, HaarJson.Compact);
        if (changes is null || changes.Count == 0)
        {
            throw new UndoException("That act keeps no record of what it changed, so it cannot be undone.");
        }
        var leaving = changes.Where(c => c.Before is null).Select(c => (c.Table, c.Key)).ToHashSet();
        // Each is asked by itself what stands on it; of many, only those that anything speaks of at all.
        var named = new Dictionary<string, HashSet<Guid>>();
        foreach (var many in leaving.GroupBy(l => l.Table).Where(g => g.Count() > 10))
        {
            named[many.Key] = await StandsOn.NamedAsync(db, RowChange.TypeOf(db.Model, many.Key), cancel);
        }
        var redone = entry.Undoes is null ? (Guid?)null : (await FirstAsync(entry, cancel)).First.Id;
        foreach (var change in Enumerable.Reverse(changes))
        {
            // What this undo puts back as it was does not stand on what this undo takes away.
            var back = changes
                .Where(c => c.Before is { } was && !was.GetRawText().Contains(change.Key, StringComparison.OrdinalIgnoreCase))
                .Select(c => (c.Table, c.Key));
            await RevertAsync(
                change,
                change.Before is null ? [.. leaving, .. back] : leaving,
                named.GetValueOrDefault(change.Table),
                redone,
                cancel
            );
        }

        await StandsAsync(changes, cancel);
        entry.UndoneAt = Now;
        var undone = await ActAsync(entry.MachineId, await SaidAsync(entry, cancel), entry.Id, null, cancel);
        // A piece that has gone elsewhere meanwhile is not set aside a second time.
        return await db.Stock().OverbookedAsync(cancel)
            ? throw new UndoException(
                "The drawer has given that piece to another place since: put that one back first. Nothing was changed."
            )
            : undone;
    }

    /// <summary>What an undo leaves must be able to stand: no screws in a piece that is out, no piece out beneath one that is in, no two live orders for one place.</summary>
    async Task StandsAsync(List<Change> changes, CancellationToken cancel)
    {
        db.ChangeTracker.DetectChanges();
        var moved = db.ChangeTracker.Entries<StripStep>().Where(e => e.State == EntityState.Modified).Select(e => e.Entity).ToList();
        foreach (var step in moved.Where(s => s.BackAt is null))
        {
            if (
                await db.StripFasteners.Where(f => f.StepId == step.Id).ToListAsync(cancel) is var held
                && held.Any(f => f.Returns.Any(r => !r.FromStore))
            )
            {
                throw new UndoException($"The screws of {step.Title} are in: undo those first. Nothing was changed.");
            }
            var behind = step.Behind;
            if (
                await db.StripSteps.FirstOrDefaultAsync(s => behind.Contains(s.Id) && s.BackAt != null, cancel) is { BackAt: not null } over
            )
            {
                throw new UndoException($"{over.Title} goes over {step.Title} and is back in: undo that first. Nothing was changed.");
            }
        }
        foreach (
            var order in db
                .ChangeTracker.Entries<PartOrder>()
                .Where(e =>
                    e.State is EntityState.Modified or EntityState.Added
                    && e.Entity.State is not (PartOrderState.Here or PartOrderState.Cancelled)
                )
                .Select(e => e.Entity)
                .ToList()
        )
        {
            var places = order.Awaited.ToHashSet();
            var others = await db
                .Orders.AsNoTracking()
                .Where(o => o.Id != order.Id && o.State != PartOrderState.Here && o.State != PartOrderState.Cancelled)
                .ToListAsync(cancel);
            if (others.FirstOrDefault(o => o.Awaited.Any(places.Contains)) is { } twin)
            {
                throw new UndoException(
                    $"The same parts are on their way from {twin.Supplier} by now: cancel that order first. Nothing was changed."
                );
            }
        }
    }

    /// <summary>An undo that is undone is the act done again.</summary>
    async Task<string> SaidAsync(LogEntry entry, CancellationToken cancel)
    {
        var (first, steps) = await FirstAsync(entry, cancel);
        return steps % 2 == 0 ? $"Undone: {first.Sentence}" : $"Done again: {first.Sentence}";
    }

    /// <summary>The act itself, of what undoes it or does it again; and how many times it was undone and done again.</summary>
    async Task<(LogEntry First, int Steps)> FirstAsync(LogEntry entry, CancellationToken cancel)
    {
        var (first, steps) = (entry, 0);
        while (first.Undoes is { } id && await db.Log.AsNoTracking().FirstOrDefaultAsync(l => l.Id == id, cancel) is { } before)
        {
            (first, steps) = (before, steps + 1);
        }
        return (first, steps);
    }

    /// <summary>Of these, the rows that did not speak of it before that act: what was left when it was done is left when it is done again.</summary>
    async Task<IReadOnlyList<object>> LaterAsync(IReadOnlyList<object> over, string of, Guid act, CancellationToken cancel)
    {
        var later = new List<object>();
        foreach (var row in over)
        {
            var key = RowChange.Key(db.Entry(row)).ToString()!;
            var spoken = await db
                .Log.AsNoTracking()
                .Where(l => l.Changes != null && l.Changes.Contains(key) && l.Changes.Contains(of))
                .Select(l => l.Id)
                .ToListAsync(cancel);
            if (!spoken.Exists(l => l.CompareTo(act) < 0))
            {
                later.Add(row);
            }
        }
        return later;
    }

    async Task RevertAsync(Change change, HashSet<(string, string)> leaving, HashSet<Guid>? named, Guid? redone, CancellationToken cancel)
    {
        var type = RowChange.TypeOf(db.Model, change.Table);
        var key = RowChange.KeyOf(type).ClrType;
        object id =
            key == typeof(Guid) ? Guid.Parse(change.Key)
            : key == typeof(int) ? int.Parse(change.Key, System.Globalization.CultureInfo.InvariantCulture)
            : change.Key;
        var current = await db.FindAsync(type.ClrType, [id], cancel);
        var entry = current is null ? null : db.Entry(current);
        if (!RowChange.Same(RowChange.Now(entry), change.After, type))
        {
            throw new UndoException("Something later was built on that: undo the newer act first.");
        }

        if (change.Before is not { } before)
        {
            var over =
                named is not null && id is Guid g && !named.Contains(g)
                    ? []
                    : await StandsOn.OfAsync(db, type, id, leaving, cancel, redone is null ? 5 : int.MaxValue);
            if (redone is { } act)
            {
                over = await LaterAsync(over, change.Key, act, cancel);
            }
            if (over.Count > 0)
            {
                throw new UndoException(
                    $"Something later stands on that: {Core.Verdicts.Words.And(over.Select(StandsOn.Words).Distinct().Take(3))}. Undo that first, or take it away by itself."
                );
            }
            if (current is Machine machine)
            {
                // A machine is taken off the list, and its log with all that was said stays.
                machine.RemovedAt = Now;
                return;
            }
            db.Remove(current!);
        }
        else if (entry is null)
        {
            db.Add(RowChange.Make(before, type, db));
        }
        else
        {
            var version = entry.Metadata.FindProperty("Version") is null ? null : entry.Property("Version").CurrentValue;
            RowChange.Write(before, entry);
            if (version is not null)
            {
                entry.Property("Version").CurrentValue = version;
            }
        }
    }
}
