using Haar.Core.Planning;
using Haar.Core.Settings;
using Haar.Data.Backups;
using Haar.Data.Packs;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data;

/// <summary>Brings the database up: a backup before any migration, the migrations, the rows that are always there, the day's backup.</summary>
public static class DatabaseStart
{
    /// <returns>The migrations that were applied; empty when it was up to date.</returns>
    public static async Task<IReadOnlyList<string>> RunAsync(
        HaarDb db,
        DataFolder folder,
        BackupStore backups,
        TimeProvider time,
        CancellationToken cancel = default
    )
    {
        var existed = File.Exists(folder.Database) && new FileInfo(folder.Database).Length > 0;
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

        await PackStore.SeedAsync(db, time.GetUtcNow(), cancel);
        if (existed)
        {
            backups.TakeDaily();
        }
        return pending;
    }
}
