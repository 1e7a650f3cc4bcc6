using System.IO.Compression;
using Haar.Data.Backups;
using Haar.Data.Photos;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Tests;

/// <summary>Backups when they are needed: the database overwritten, cut in half, empty, gone; photos damaged; files that are none.</summary>
public class RestoreTests
{
    public enum Harm
    {
        Overwritten,
        CutInHalf,
        Empty,
        Missing,
        HeaderGone,
    }

    static void Do(Harm harm, string path)
    {
        SqliteConnection.ClearAllPools();
        foreach (var end in new[] { "-wal", "-shm" })
        {
            File.Delete(path + end);
        }
        var bytes = File.ReadAllBytes(path);
        switch (harm)
        {
            case Harm.Overwritten:
                new Random(4).NextBytes(bytes.AsSpan(4096, bytes.Length - 8192));
                File.WriteAllBytes(path, bytes);
                break;
            case Harm.CutInHalf:
                File.WriteAllBytes(path, bytes[..(bytes.Length / 2)]);
                break;
            case Harm.Empty:
                File.WriteAllBytes(path, []);
                break;
            case Harm.Missing:
                File.Delete(path);
                break;
            default:
                bytes.AsSpan(0, 100).Clear();
                File.WriteAllBytes(path, bytes);
                break;
        }
    }

    static async Task<(Store Store, BackupInfo Backup, StoredPhoto Photo)> WithOneAsync()
    {
        var store = await Store.OpenAsync();
        var id = await store.TakeInAsync("Weather kiosk");
        var photo = new PhotoStore(store.Folder).Add(Pictures.Png(40, 30));
        var (db, work) = store.Request();
        db.Photos.Add(
            new Core.Photos.Photo
            {
                Id = work.NewId(),
                MachineId = id,
                Hash = photo.Hash,
                Width = 40,
                Height = 30,
                At = store.Now,
            }
        );
        await work.ActAsync(id, "Photo taken.");
        // What lies in the write-ahead log goes into the file, so that harm to the file is harm.
        await store.Db().Database.ExecuteSqlRawAsync("PRAGMA wal_checkpoint(TRUNCATE)");
        return (store, store.Backups.Take("hand"), photo);
    }

    static string[] Names(Store store) => [.. store.Db().Machines.Select(m => m.Name).OrderBy(n => n)];

    [Theory]
    [InlineData(Harm.Overwritten)]
    [InlineData(Harm.CutInHalf)]
    [InlineData(Harm.Empty)]
    [InlineData(Harm.Missing)]
    [InlineData(Harm.HeaderGone)]
    public async Task Restore_works_when_it_is_needed(Harm harm)
    {
        var (store, backup, _) = await WithOneAsync();
        await using var _1 = store;
        Do(harm, store.Folder.Database);
        var restored = store.Backups.Restore(backup.Name);
        Assert.Equal(["Weather kiosk"], Names(store));
        Assert.Equal(DatabaseState.Sound, DatabaseCheck.Of(store.Folder.Database));
        Assert.Null(restored.Before);
        if (harm is Harm.Empty or Harm.Missing)
        {
            Assert.Null(restored.SetAside);
        }
        else
        {
            Assert.True(File.Exists(Path.Combine(restored.SetAside!, "haar.db")));
            Assert.Contains("set aside", restored.Sentence, StringComparison.Ordinal);
        }
        // And what is restored takes acts and backups again.
        await store.TakeInAsync("Ferry clock");
        Assert.Equal(2, Names(store).Length);
        Assert.Equal(DatabaseState.Sound, DatabaseCheck.Of(store.Folder.Database));
        store.Backups.Take("hand");
    }

    [Theory]
    [InlineData(Harm.Overwritten)]
    [InlineData(Harm.CutInHalf)]
    [InlineData(Harm.HeaderGone)]
    public async Task A_damaged_database_is_never_backed_up_and_never_pushes_a_good_backup_out(Harm harm)
    {
        var (store, _, _) = await WithOneAsync();
        await using var _1 = store;
        for (var day = 0; day < BackupStore.DailyKept; day++)
        {
            store.Backups.TakeDaily();
            store.Clock.Advance(TimeSpan.FromDays(1));
        }
        var before = store.Backups.List().Select(b => b.Name).ToList();
        Do(harm, store.Folder.Database);
        var said = Assert.Throws<BackupException>(store.Backups.TakeDaily);
        Assert.Contains(before[0], said.Message, StringComparison.Ordinal);
        Assert.Equal(before, store.Backups.List().Select(b => b.Name));
        Assert.Empty(Directory.GetFiles(store.Folder.Backups, "*.part"));
    }

    [Theory]
    [InlineData(Harm.Empty)]
    [InlineData(Harm.Missing)]
    [InlineData(Harm.HeaderGone)]
    public async Task A_start_without_its_database_asks_where_backups_lie_and_opens_no_empty_workshop(Harm harm)
    {
        var (store, backup, _) = await WithOneAsync();
        await using var _1 = store;
        Do(harm, store.Folder.Database);
        var before = File.Exists(store.Folder.Database) ? File.ReadAllBytes(store.Folder.Database) : null;
        var asked = await Assert.ThrowsAsync<BackupException>(() =>
            DatabaseStart.RunAsync(store.Db(), store.Folder, store.Backups, store.Clock)
        );
        Assert.Contains($"./haar restore {backup.Name}", asked.Message, StringComparison.Ordinal);
        Assert.Equal(before, File.Exists(store.Folder.Database) ? File.ReadAllBytes(store.Folder.Database) : null);
        if (harm != Harm.HeaderGone)
        {
            await DatabaseStart.RunAsync(store.Db(), store.Folder, store.Backups, store.Clock, anew: true);
            Assert.Empty(Names(store));
        }
    }

    [Fact]
    public async Task A_start_that_was_killed_while_it_migrated_starts_again()
    {
        await using var store = await Store.OpenAsync();
        await store.TakeInAsync();
        await store
            .Db()
            .Database.ExecuteSqlRawAsync(
                """
                CREATE TABLE IF NOT EXISTS "__EFMigrationsLock" ("Id" INTEGER NOT NULL PRIMARY KEY, "Timestamp" TEXT NOT NULL);
                INSERT INTO "__EFMigrationsLock" VALUES (1, '2026-03-02');
                DELETE FROM "__EFMigrationsHistory" WHERE "MigrationId" LIKE '%NOTHING';
                """
            );
        await DatabaseStart
            .RunAsync(store.Db(), store.Folder, store.Backups, store.Clock)
            .WaitAsync(TimeSpan.FromSeconds(20), TestContext.Current.CancellationToken);
        await store.Db().Database.MigrateAsync().WaitAsync(TimeSpan.FromSeconds(20), TestContext.Current.CancellationToken);
        Assert.Single(Names(store));
    }

    [Fact]
    public async Task Photos_are_checked_against_their_hash_and_put_back()
    {
        var (store, backup, photo) = await WithOneAsync();
        await using var _1 = store;
        var photos = new PhotoStore(store.Folder);
        var full = photos.PathOf(photo.Hash, PhotoSize.Full);
        var good = await File.ReadAllBytesAsync(full);
        await File.WriteAllBytesAsync(full, new byte[200]);
        Assert.Equal(1, store.Backups.Restore(backup.Name).PhotosBack);
        Assert.Equal(good, await File.ReadAllBytesAsync(full));
        File.Delete(full);
        var restored = store.Backups.Restore(backup.Name);
        Assert.Equal((1, 0, 0), (restored.PhotosBack, restored.PhotosDamaged, restored.PhotosMissing));
        Assert.NotNull(photos.Find(photo.Hash, PhotoSize.Thumb));
    }

    [Fact]
    public async Task Backups_that_Haar_takes_share_a_photo_once_and_each_still_gives_it_back()
    {
        var (store, _, photo) = await WithOneAsync();
        await using var _1 = store;
        var first = store.Backups.Take("daily");
        var second = store.Backups.Take("migration");
        var photos = new PhotoStore(store.Folder);
        var full = photos.PathOf(photo.Hash, PhotoSize.Full);
        var good = await File.ReadAllBytesAsync(full, TestContext.Current.CancellationToken);
        var pool = Path.Combine(store.Folder.Backups, "photos");
        Assert.Single(Directory.EnumerateFiles(pool, "*.jpg", SearchOption.AllDirectories));
        using (var zip = ZipFile.OpenRead(Path.Combine(store.Folder.Backups, first.Name)))
        {
            Assert.DoesNotContain(zip.Entries, e => e.FullName.EndsWith(".jpg", StringComparison.Ordinal));
        }
        // Damaged here, also where it is backed up once more: the good copy stays, and comes back.
        await File.WriteAllBytesAsync(full, new byte[300], TestContext.Current.CancellationToken);
        var third = store.Backups.Take("daily");
        Assert.Equal(1, store.Backups.Restore(third.Name).PhotosBack);
        Assert.Equal(good, await File.ReadAllBytesAsync(full, TestContext.Current.CancellationToken));

        // Downloaded, one holds everything, and is restored where there is no pool.
        using var whole = new MemoryStream();
        store.Backups.Whole(second.Name, whole);
        await using var elsewhere = await Store.OpenAsync();
        var file = Path.Combine(elsewhere.Folder.Root, "from-elsewhere.zip");
        await File.WriteAllBytesAsync(file, whole.ToArray(), TestContext.Current.CancellationToken);
        Assert.Equal((1, 0, 0), elsewhere.Backups.Restore(file) is var r ? (r.PhotosBack, r.PhotosDamaged, r.PhotosMissing) : default);

        // When no backup lists it any more, its copy goes.
        foreach (var b in store.Backups.List().Skip(1).Where(b => b.Why != "hand"))
        {
            store.Backups.Remove(b.Name);
        }
        Assert.Single(Directory.EnumerateFiles(pool, "*.jpg", SearchOption.AllDirectories));
        store.Backups.Take("hand");
        foreach (var b in store.Backups.List().Where(b => b.Why != "hand").ToList())
        {
            store.Backups.Remove(b.Name);
        }
        Assert.Empty(Directory.EnumerateFiles(pool, "*.jpg", SearchOption.AllDirectories));
    }

    [Fact]
    public async Task A_photo_in_a_backup_that_is_not_what_its_name_says_is_left_out_and_said()
    {
        var (store, backup, photo) = await WithOneAsync();
        await using var _1 = store;
        var path = Path.Combine(store.Folder.Backups, backup.Name);
        using (var zip = ZipFile.Open(path, ZipArchiveMode.Update))
        {
            zip.GetEntry($"photos/{photo.Hash}.jpg")!.Delete();
            await using var other = zip.CreateEntry($"photos/{photo.Hash}.jpg").Open();
            other.Write(new byte[300]);
        }
        File.Delete(new PhotoStore(store.Folder).PathOf(photo.Hash, PhotoSize.Full));
        var restored = store.Backups.Restore(backup.Name);
        Assert.Equal((0, 1, 1), (restored.PhotosBack, restored.PhotosDamaged, restored.PhotosMissing));
        Assert.Contains("1 photo in the backup could not be used", restored.Sentence, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("photos/../../../escaped.jpg")]
    [InlineData("/elsewhere/escaped.jpg")]
    [InlineData("photos\\..\\escaped.jpg")]
    [InlineData("photos/..aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa.jpg/../x")]
    [InlineData("c:/escaped.jpg")]
    public async Task A_backup_whose_files_leave_their_folder_is_refused_whole(string name)
    {
        var (store, backup, _) = await WithOneAsync();
        await using var _1 = store;
        using (var zip = ZipFile.Open(Path.Combine(store.Folder.Backups, backup.Name), ZipArchiveMode.Update))
        {
            await using var entry = zip.CreateEntry(name).Open();
            entry.Write("x"u8);
        }
        await store.TakeInAsync("Ferry clock");
        Assert.Contains(
            "leaves its folder",
            Assert.Throws<BackupException>(() => store.Backups.Restore(backup.Name)).Message,
            StringComparison.Ordinal
        );
        Assert.Equal(2, Names(store).Length);
    }

    [Fact]
    public async Task An_act_that_began_before_a_restore_is_refused_and_nothing_acknowledged_is_lost()
    {
        var (store, backup, _) = await WithOneAsync();
        await using var _1 = store;
        var db = store.Db();
        var late = new Log.UnitOfWork(db, store.Clock, new(), store.Folder.Gate);
        db.Machines.Add(
            new()
            {
                Id = late.NewId(),
                Name = "Too late",
                ArrivedAt = store.Now,
            }
        );
        store.Backups.Restore(backup.Name);
        await Assert.ThrowsAsync<RestoredException>(() => late.ActAsync(null, "Taken in: Too late."));
        Assert.Equal(["Weather kiosk"], Names(store));
    }

    [Fact]
    public async Task An_act_in_the_middle_of_its_writing_is_let_finish_and_is_in_the_backup_before_the_restore()
    {
        var (store, backup, _) = await WithOneAsync();
        await using var _1 = store;
        await using var db = store.Folder.Open();
        var writing = await db.Database.BeginTransactionAsync(TestContext.Current.CancellationToken);
        db.Machines.Add(
            new()
            {
                Id = Guid.CreateVersion7(),
                Name = "In the middle",
                ArrivedAt = store.Now,
            }
        );
        await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        var restoring = Task.Run(() => store.Backups.Restore(backup.Name), TestContext.Current.CancellationToken);
        var generation = 0;
        while (store.Folder.Gate.Generation == generation)
        {
            await Task.Yield();
        }
        await writing.CommitAsync(TestContext.Current.CancellationToken);
        var restored = await restoring;
        Assert.Equal(["Weather kiosk"], Names(store));
        store.Backups.Restore(restored.Before!.Name);
        Assert.Contains("In the middle", Names(store));
    }

    [Fact]
    public async Task What_was_read_while_a_backup_was_put_back_is_not_acted_on()
    {
        var (store, _, _) = await WithOneAsync();
        await using var _1 = store;
        var closed = store.Folder.Gate.Close();
        var during = new Log.UnitOfWork(store.Db(), store.Clock, new(), store.Folder.Gate);
        Assert.Throws<RestoredException>(during.Pass);
        closed.Dispose();
        Assert.Throws<RestoredException>(during.Pass);
        new Log.UnitOfWork(store.Db(), store.Clock, new(), store.Folder.Gate).Pass();
    }

    [Fact]
    public async Task Acknowledged_acts_are_in_the_workshop_or_in_the_backup_before_the_restore_while_five_people_write()
    {
        var (store, backup, _) = await WithOneAsync();
        await using var _1 = store;
        var acknowledged = new System.Collections.Concurrent.ConcurrentBag<string>();
        using var end = new CancellationTokenSource();
        var writers = Enumerable
            .Range(0, 5)
            .Select(w =>
                Task.Run(async () =>
                {
                    for (var i = 0; !end.IsCancellationRequested; i++)
                    {
                        await using var db = store.Folder.Open();
                        var work = new Log.UnitOfWork(db, TimeProvider.System, new(), store.Folder.Gate);
                        var name = $"{w}-{i}";
                        db.Machines.Add(
                            new()
                            {
                                Id = Guid.CreateVersion7(),
                                Name = name,
                                ArrivedAt = store.Now,
                            }
                        );
                        try
                        {
                            await work.ActAsync(null, name);
                            acknowledged.Add(name);
                        }
                        catch (RestoredException)
                        {
                            // Refused, and said so.
                        }
                    }
                })
            )
            .ToList();
        await UntilAsync(() => acknowledged.Count > 5);
        var restored = store.Backups.Restore(backup.Name);
        var after = acknowledged.Count;
        await UntilAsync(() => acknowledged.Count > after + 5);
        await end.CancelAsync();
        await Task.WhenAll(writers);
        var now = Names(store).ToHashSet();
        store.Backups.Restore(restored.Before!.Name);
        now.UnionWith(Names(store));
        Assert.Subset(now, acknowledged.ToHashSet());

        async Task UntilAsync(Func<bool> done)
        {
            while (!done() && !writers.Any(w => w.IsCompleted))
            {
                await Task.Delay(20, TestContext.Current.CancellationToken);
            }
            Assert.DoesNotContain(writers, w => w.IsCompleted);
        }
    }

    [Fact]
    public async Task A_folder_is_held_by_one_process_at_a_time()
    {
        await using var store = await Store.OpenAsync();
        using (var held = store.Folder.TryHold())
        {
            Assert.NotNull(held);
            Assert.Null(new DataFolder(store.Folder.Root).TryHold());
        }
        using var again = store.Folder.TryHold();
        Assert.NotNull(again);
    }
}
