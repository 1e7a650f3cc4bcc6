using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Data.Backups;
using Haar.Data.Log;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Time.Testing;

[assembly: CaptureConsole]

namespace Haar.Data.Tests;

/// <summary>A data folder of its own with a real SQLite file, and a clock that only the test moves.</summary>
public sealed class Store : IAsyncDisposable
{
    readonly List<HaarDb> opened = [];

    Store(DataFolder folder) => Folder = folder;

    public DataFolder Folder { get; }
    public FakeTimeProvider Clock { get; } = new(new DateTimeOffset(2026, 3, 2, 18, 0, 0, TimeSpan.Zero));
    public DateTimeOffset Now => Clock.GetUtcNow();

    public static async Task<Store> OpenAsync()
    {
        var store = new Store(new DataFolder(Path.Combine(Path.GetTempPath(), "haar-tests", Guid.NewGuid().ToString("N"))));
        File.Copy(await Begun.Value, store.Folder.Database);
        return store;
    }

    /// <summary>A workshop that was just begun, brought up once for all tests of this run; each gets a copy of its file.</summary>
    static readonly Lazy<Task<string>> Begun = new(async () =>
    {
        var store = new Store(new DataFolder(Path.Combine(Path.GetTempPath(), "haar-tests", $"begun-{Guid.NewGuid():N}")));
        await DatabaseStart.RunAsync(store.Db(), store.Folder, store.Backups, store.Clock);
        // One file, whole: what lies in the write-ahead log goes into it.
        await store.Db().Database.ExecuteSqlRawAsync("PRAGMA wal_checkpoint(TRUNCATE)");
        foreach (var db in store.opened)
        {
            await db.DisposeAsync();
        }
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(store.Folder.Root, true);
        return store.Folder.Database;
    });

    public BackupStore Backups => new(Folder, Clock);

    /// <summary>A context that has read nothing yet, as each request has.</summary>
    public HaarDb Db()
    {
        var db = Folder.Open();
        opened.Add(db);
        return db;
    }

    /// <summary>One request: its own context, and the unit of work on it.</summary>
    public (HaarDb Db, UnitOfWork Work) Request()
    {
        var db = Db();
        return (db, new UnitOfWork(db, Clock, new Live()));
    }

    public async Task<Guid> TakeInAsync(string name = "Harbour office till")
    {
        var (db, work) = Request();
        var machine = new Machine
        {
            Id = work.NewId(),
            Name = name,
            MainsLead = Core.Verdicts.ThreeState.No,
            Tube = Core.Verdicts.ThreeState.No,
            ArrivedAt = Now,
        };
        db.Machines.Add(machine);
        await work.ActAsync(machine.Id, $"Taken in: {name}.");
        return machine.Id;
    }

    public async Task<Guid> AddJobAsync(Guid machine, string title, Action<Job>? more = null, params Guid[] after)
    {
        var (db, work) = Request();
        var job = new Job
        {
            Id = work.NewId(),
            MachineId = machine,
            Stage = Stage.Case,
            Title = title,
            After = [.. after],
            At = Now,
        };
        more?.Invoke(job);
        db.Jobs.Add(job);
        await work.ActAsync(machine, $"To do: {title}.");
        return job.Id;
    }

    public async Task ChangeJobAsync(Guid id, Action<Job> change)
    {
        var (db, work) = Request();
        var job = db.Jobs.Single(j => j.Id == id);
        change(job);
        await work.ActAsync(job.MachineId, $"Changed: {job.Title}.");
    }

    public MachineStatusRow Status(Guid machine) => Db().Statuses.Single(s => s.MachineId == machine);

    public async ValueTask DisposeAsync()
    {
        foreach (var db in opened)
        {
            await db.DisposeAsync();
        }
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(Folder.Root, true);
    }
}
