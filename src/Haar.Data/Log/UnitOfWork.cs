using System.Text.Json;
using Haar.Core.Acts;
using Haar.Data.Capacitors;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Log;

/// <summary>Somebody else changed it first. Carries both versions, so that nothing is overwritten unseen.</summary>
public sealed class StaleException(object current)
    : Exception(
        "Somebody else has changed this since you opened it. Your change is not lost: look at theirs, then save yours again or keep theirs."
    )
{
    public object Current { get; } = current;
}

/// <summary>Who is at the bench; said once on a device, and written to every act from there.</summary>
public sealed class Hands
{
    public const int MostCharacters = 40;

    public string Name { get; set; } = "";
}

/// <summary>
/// Where every act is done: one transaction in which it is decided on the facts as they are, written with what is needed to undo
/// it, and followed by the dangers and the status of every machine that it touches.
/// </summary>
public sealed partial class UnitOfWork(HaarDb db, TimeProvider time, Live live, Backups.RestoreGate? gate = null, Hands? hands = null)
{
    readonly int generation = gate?.Generation ?? 0;
    static long lastId;

    public DateTimeOffset Now => time.GetUtcNow();

    /// <summary>Today at the bench, in the machine's own time zone.</summary>
    public DateOnly Today => DateOnly.FromDateTime(time.GetLocalNow().DateTime);

    public Moment Moment => new(Now, Today, NewId, hands?.Name ?? "");

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

    /// <summary>Decides an act on the facts of this moment and carries it out: nobody else writes between the two.</summary>
    /// <param name="load">Reads the facts that it is decided on; what it changes of them is saved.</param>
    /// <param name="reason">Why it is done against the verdict; null when it is not.</param>
    /// <exception cref="RefusedException">It may not be done now; carries the verdict. Nothing was changed.</exception>
    public async Task<(LogEntry Entry, Done Done)> DoAsync<TFacts>(
        Guid? machineId,
        Command<TFacts> command,
        Func<HaarDb, CancellationToken, Task<TFacts>> load,
        string? reason = null,
        CancellationToken cancel = default
    )
        where TFacts : IActFacts
    {
        return await InOneAsync(
            async () =>
            {
                if (machineId is { } on)
                {
                    await db.OnTheListAsync(on, cancel);
                }
                var facts = await load(db, cancel);
                var decision = command.Decide(facts, Moment, reason);
                if (decision is not Done done)
                {
                    throw new RefusedException(((Refused)decision).Permit);
                }
                db.AddRange(done.Added);
                db.RemoveRange(done.Removed);
                return (await ActAsync(machineId, done.Sentence, cancel), done);
            },
            cancel
        );
    }

    /// <summary>What is read and what is changed within is one: SQLite has one writer, and this takes its place before anything is read. Given back, with nothing changed, when it throws.</summary>
    public async Task<T> InOneAsync<T>(Func<Task<T>> what, CancellationToken cancel)
    {
        if (db.Database.CurrentTransaction is not null)
        {
            return await what();
        }
        told.Clear();
        using var turn = gate is null ? null : await gate.TurnAsync(cancel);
        await using var transaction = await db.Database.BeginTransactionAsync(cancel);
        var result = await what();
        await transaction.CommitAsync(cancel);
        live.Say(told);
        return result;
    }

    /// <summary>Saves everything tracked as one act.</summary>
    /// <param name="machineId">The machine whose log it belongs to; null for the workshop's.</param>
    /// <param name="sentence">For the log.</param>
    public Task<LogEntry> ActAsync(Guid? machineId, string sentence, CancellationToken cancel = default) =>
        ActAsync(machineId, sentence, null, null, cancel);

    /// <summary>The same for what reached outside: it stays done, and undo says <paramref name="why"/>.</summary>
    public Task<LogEntry> ActOutsideAsync(Guid? machineId, string sentence, string why, CancellationToken cancel = default) =>
        ActAsync(machineId, sentence, null, why, cancel);

    Task<LogEntry> ActAsync(Guid? machineId, string sentence, Guid? undoes, string? staysDone, CancellationToken cancel)
    {
        if (undoes is null)
        {
            Belonging.Check(db);
            KeepHazards();
        }
        var (changes, touched) = Changes();
        if (machineId is { } m)
        {
            touched.Add(m);
        }
        return InOneAsync(() => WriteAsync(machineId, sentence, undoes, staysDone, changes, touched, cancel), cancel);
    }

    async Task<LogEntry> WriteAsync(
        Guid? machineId,
        string sentence,
        Guid? undoes,
        string? staysDone,
        List<Change> changes,
        HashSet<Guid> touched,
        CancellationToken cancel
    )
    {
        var now = Now;
        Pass();
        await db.SaveChangesAsync(cancel);
        if (DangerFacts.MayCome(db, changes.Select(c => c.Table)))
        {
            foreach (var id in touched)
            {
                await DangerFacts.KeepAsync(db, id, sentence, now, NewId, false, cancel);
            }
        }
        changes.AddRange(Changes().Changes);
        var log = new LogEntry
        {
            Id = NewId(),
            MachineId = machineId,
            At = now,
            Sentence = sentence,
            By = hands?.Name ?? "",
            Undoes = undoes,
            StaysDone = staysDone ?? "",
            Changes = JsonSerializer.Serialize(changes, HaarJson.Compact),
        };
        db.Log.Add(log);
        await db.SaveChangesAsync(cancel);
        var parts = RowChange.CapacitorsIn(changes);
        foreach (var id in touched)
        {
            await MachineStatusKeeper.RefreshAsync(db, id, now, parts, cancel);
        }
        told.UnionWith(touched);
        return log;
    }

    /// <summary>What is taken off a list while it is wet or half done leaves its danger behind.</summary>
    void KeepHazards()
    {
        db.ChangeTracker.DetectChanges();
        var gone = db
            .ChangeTracker.Entries()
            .Where(e => e.State == EntityState.Deleted)
            .Select(e => e.Entity)
            .OfType<IHazardRow>()
            .Where(r => r.Hazard is not null)
            .ToList();
        db.AddRange(
            gone.Select(r => new Core.Safety.Danger
            {
                Id = NewId(),
                MachineId = r.MachineId,
                Kind = r.Hazard!.Kind,
                Subject = r.Id,
                Sentence = r.Hazard.Sentence,
                Since = Now,
            })
        );
    }

    readonly HashSet<Guid> told = [];

    /// <summary>What is tracked and changed, in the words of the log, and whose machines it touches.</summary>
    (List<Change> Changes, HashSet<Guid> Touched) Changes()
    {
        db.ChangeTracker.DetectChanges();
        var changes = new List<Change>();
        var touched = new HashSet<Guid>();
        foreach (
            var entry in db
                .ChangeTracker.Entries()
                .Where(e =>
                    e.State is EntityState.Added or EntityState.Modified or EntityState.Deleted
                    && e.Entity is not (LogEntry or MachineStatusRow or MachineWorkRow or KeptPlanRow or CapacitorStandRow)
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
            // A machine is its own: one that is made with no row beside it is kept up as any other.
            if (entry.Entity is Core.Intake.Machine machine)
            {
                touched.Add(machine.Id);
            }
            changes.Add(RowChange.Of(entry));
        }
        return (changes, touched);
    }
}
