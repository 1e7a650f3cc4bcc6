using System.Text.Json;
using System.Text.Json.Nodes;
using Haar.Core.Verdicts;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace Haar.Data.Log;

/// <summary>Somebody else changed it first. Carries both versions, so that nothing is overwritten unseen.</summary>
public sealed class StaleException(object current)
    : Exception(
        "Somebody else has changed this since you opened it. Your change is not lost: look at theirs, then save yours again or keep theirs."
    )
{
    public object Current { get; } = current;
}

/// <summary>It cannot be undone, because something later was built on it.</summary>
public sealed class UndoException(string message) : Exception(message);

/// <summary>
/// Where every act is done: one transaction that writes the change, its entry in the log with what is needed to undo it, and
/// the standing of every machine that it touches.
/// </summary>
public sealed class UnitOfWork(HaarDb db, TimeProvider time, Live live, Backups.RestoreGate? gate = null)
{
    readonly int generation = gate?.Generation ?? 0;
    static long lastId;

    public DateTimeOffset Now => time.GetUtcNow();

    /// <summary>Today at the bench, in the machine's own time zone.</summary>
    public DateOnly Today => DateOnly.FromDateTime(time.GetLocalNow().DateTime);

    /// <summary>Ids rise with time, so that ordering by id is ordering by age.</summary>
    public Guid NewId()
    {
        // Two ids of one millisecond would be in random order: each takes a millisecond of its own, if need be ahead of the clock.
        var now = Now.ToUnixTimeMilliseconds();
        long before,
            next;
        do
        {
            before = Interlocked.Read(ref lastId);
            next = Math.Max(now, before + 1);
        } while (Interlocked.CompareExchange(ref lastId, next, before) != before);
        return Guid.CreateVersion7(DateTimeOffset.FromUnixTimeMilliseconds(next));
    }

    /// <summary>Throws unless <paramref name="ifMatch"/> is the version that the row has now.</summary>
    public static void Match(object row, int version, int? ifMatch)
    {
        if (ifMatch is { } given && given != version)
        {
            throw new StaleException(row);
        }
    }

    /// <summary>Throws when a backup was put back since this began.</summary>
    public void Pass() => gate?.Pass(generation);

    /// <summary>Saves everything tracked as one act.</summary>
    /// <param name="machineId">The machine whose log it belongs to; null for the workshop's.</param>
    /// <param name="sentence">For the log.</param>
    public async Task<LogEntry> ActAsync(Guid? machineId, string sentence, CancellationToken cancel = default)
    {
        db.ChangeTracker.DetectChanges();
        var changes = new List<Change>();
        var touched = new HashSet<Guid>();
        if (machineId is { } m)
        {
            touched.Add(m);
        }
        foreach (
            var entry in db
                .ChangeTracker.Entries()
                .Where(e =>
                    e.State is EntityState.Added or EntityState.Modified or EntityState.Deleted
                    && e.Entity is not (LogEntry or MachineStatusRow)
                )
                .ToList()
        )
        {
            if (entry.State == EntityState.Modified && entry.Metadata.FindProperty("Version") is not null)
            {
                var version = entry.Property("Version");
                version.CurrentValue = (int)version.OriginalValue! + 1;
            }

            if (entry.Metadata.FindProperty("MachineId") is not null && entry.Property("MachineId").CurrentValue is Guid owner)
            {
                touched.Add(owner);
            }
            var type = entry.Metadata.ClrType;
            changes.Add(
                new(
                    type.Name,
                    Key(entry).ToString()!,
                    entry.State == EntityState.Added
                        ? null
                        : JsonSerializer.SerializeToElement(entry.OriginalValues.ToObject(), type, HaarJson.Compact),
                    entry.State == EntityState.Deleted ? null : JsonSerializer.SerializeToElement(entry.Entity, type, HaarJson.Compact)
                )
            );
        }

        var now = Now;
        var log = new LogEntry
        {
            Id = NewId(),
            MachineId = machineId,
            At = now,
            Sentence = sentence,
            Changes = JsonSerializer.Serialize(changes, HaarJson.Compact),
        };
        await using var transaction = await db.Database.BeginTransactionAsync(cancel);
        Pass();
        if (
            machineId is null
            || db.ChangeTracker.Entries<Core.Intake.Machine>().All(e => e.State != EntityState.Deleted || e.Entity.Id != machineId)
        )
        {
            db.Log.Add(log);
        }

        await db.SaveChangesAsync(cancel);
        foreach (var id in touched)
        {
            await MachineStatusKeeper.RefreshAsync(db, id, now, cancel);
        }
        await transaction.CommitAsync(cancel);
        live.Say(touched);
        return log;
    }

    /// <summary>Puts back what one act changed; itself an act, so that it can be undone too.</summary>
    /// <exception cref="UndoException">It was undone already, keeps no record, or something later stands on it.</exception>
    public async Task<LogEntry> UndoAsync(Guid entryId, CancellationToken cancel = default)
    {
        var entry =
            await db.Log.FirstOrDefaultAsync(l => l.Id == entryId, cancel) ?? throw new UndoException("There is no such entry in the log.");
        if (entry.UndoneAt is not null)
        {
            throw new UndoException("That was undone already.");
        }
        var changes = entry.Changes is null ? null : JsonSerializer.Deserialize<List<Change>>(entry.Changes, HaarJson.Compact);
        if (changes is null || changes.Count == 0)
        {
            throw new UndoException("That act keeps no record of what it changed, so it cannot be undone.");
        }
        foreach (var change in Enumerable.Reverse(changes))
        {
            await RevertAsync(change, cancel);
        }

        entry.UndoneAt = Now;
        return await ActAsync(entry.MachineId, $"Undone: {entry.Sentence}", cancel);
    }

    async Task RevertAsync(Change change, CancellationToken cancel)
    {
        var type = db.Model.GetEntityTypes().First(t => t.ClrType.Name == change.Table);
        object key =
            type.FindPrimaryKey()!.Properties[0].ClrType == typeof(Guid) ? Guid.Parse(change.Key)
            : type.FindPrimaryKey()!.Properties[0].ClrType == typeof(int) ? int.Parse(change.Key)
            : change.Key;
        var current = await db.FindAsync(type.ClrType, [key], cancel);
        var now = current is null ? (JsonElement?)null : JsonSerializer.SerializeToElement(current, type.ClrType, HaarJson.Compact);
        // Read and written once more, so that what a newer Haar added to the row does not look like a change.
        var after = change.After is { } a
            ? JsonSerializer.SerializeToElement(
                JsonSerializer.Deserialize(a, type.ClrType, HaarJson.Compact),
                type.ClrType,
                HaarJson.Compact
            )
            : (JsonElement?)null;
        if (!Same(now, after))
        {
            throw new UndoException("Something later was built on that: undo the newer act first.");
        }

        if (change.Before is not { } before)
        {
            db.Remove(current!);
        }
        else
        {
            var old = JsonSerializer.Deserialize(before, type.ClrType, HaarJson.Compact)!;
            if (current is null)
            {
                db.Add(old);
            }
            else
            {
                var entry = db.Entry(current);
                var version = entry.Metadata.FindProperty("Version") is null ? null : entry.Property("Version").CurrentValue;
                entry.CurrentValues.SetValues(old);
                if (version is not null)
                {
                    entry.Property("Version").CurrentValue = version;
                }
            }
        }
    }

    static bool Same(JsonElement? a, JsonElement? b)
    {
        static JsonNode? Node(JsonElement? e)
        {
            if (e is not { } value)
            {
                return null;
            }
            var o = JsonObject.Create(value)!;
            o.Remove("version");
            return o;
        }

        return JsonNode.DeepEquals(Node(a), Node(b));
    }

    static object Key(EntityEntry entry) => entry.Property(entry.Metadata.FindPrimaryKey()!.Properties[0].Name).CurrentValue!;
}
