using Haar.Core.Planning;
using Haar.Core.Settings;
using Haar.Data.Backups;
using Haar.Data.Packs;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data;

/// <summary>Brings the database up: a backup before any migration, the migrations, the rows that are always there, the day's backup.</summary>
public static class DatabaseStart
{
    /// <param name="anew">Begin an empty workshop also where backups of another lie.</param>
    /// <exception cref="BackupException">Damaged, missing beside backups, from a newer Haar, or the backup before a migration cannot be taken.</exception>
    /// <returns>The migrations that were applied; empty when it was up to date.</returns>
    public static async Task<IReadOnlyList<string>> RunAsync(
        HaarDb db,
        DataFolder folder,
        BackupStore backups,
        TimeProvider time,
        bool anew = false,
        CancellationToken cancel = default
    )
    {
        var existed = File.Exists(folder.Database) && new FileInfo(folder.Database).Length > 0;
        if (!existed && !anew && backups.List() is [var newest, ..] all)
        {
            throw new BackupException(
                $"The workshop's database is missing from {folder.Root}, and {(all.Count == 1 ? "a backup lies" : $"{all.Count} backups lie")} beside it. Put the newest back with ./haar restore {newest.Name} or begin an empty workshop with ./haar start --anew. Nothing was changed."
            );
        }
        // A file that only looks like a database would be found out at the first act: find it out now.
        if (existed && !IsDatabase(folder.Database))
        {
            throw new BackupException(
                $"The workshop's database in {folder.Root} is damaged. {(backups.List() is [var good, ..] ? $"Put the newest backup back with ./haar restore {good.Name}: the damaged file is set aside, not thrown away." : "There is no backup beside it: put one back with ./haar restore FILE.")} Nothing was changed."
            );
        }
        if (existed)
        {
            await TakeOverLockAsync(db, cancel);
        }
        var applied = existed ? (await db.Database.GetAppliedMigrationsAsync(cancel)).ToList() : [];
        var known = db.Database.GetMigrations().ToList();
        if (applied.Except(known).FirstOrDefault() is { } newer)
        {
            throw new BackupException(
                $"This workshop was last opened by a newer Haar (it knows “{newer}”). Start that one, or restore an older backup. Nothing was changed."
            );
        }

        var pending = known.Except(applied).ToList();
        if (pending.Count > 0)
        {
            if (applied.Count > 0)
            {
                backups.Take("migration");
            }
            await db.Database.MigrateAsync(cancel);
        }

        if (!await db.Workshops.AnyAsync(cancel))
        {
            db.Workshops.Add(new Workshop { Name = "My workshop" });
            await db.SaveChangesAsync(cancel);
        }

        await PackStore.SeedAsync(db, time.GetUtcNow(), cancel: cancel);
        if (existed)
        {
            try
            {
                backups.TakeDaily();
            }
            catch (BackupException e)
            {
                // The workshop opens all the same: what can be read has to be reachable, above all then.
                Console.Error.WriteLine(e.Message);
            }
        }
        return pending;
    }

    static bool IsDatabase(string path)
    {
        var head = new byte[16];
        using var file = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        return file.ReadAtLeast(head, head.Length, false) == head.Length && head.AsSpan().SequenceEqual("SQLite format 3\0"u8);
    }

    /// <summary>A start that was killed while it migrated leaves EF's lock behind, for which every later start would wait. This process has the folder to itself, so nobody is migrating.</summary>
    static async Task TakeOverLockAsync(HaarDb db, CancellationToken cancel)
    {
        if (
            await db
                .Database.SqlQuery<int>($"SELECT count(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsLock'")
                .SingleAsync(cancel) > 0
            && await db.Database.ExecuteSqlAsync($"DELETE FROM \"__EFMigrationsLock\"", cancel) > 0
        )
        {
            Console.Error.WriteLine("The last start was cut short while it brought the database up to date: that is finished now.");
        }
    }
}
