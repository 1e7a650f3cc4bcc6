using System.Globalization;
using System.IO.Compression;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Backups;

/// <summary>A backup that cannot be taken or put back. Carries a sentence that says what is still safe.</summary>
public sealed class BackupException(string message, Exception? inner = null) : Exception(message, inner);

/// <param name="Name">File name in the backups folder.</param>
/// <param name="Why">daily, migration, restore, or by hand.</param>
public sealed record BackupInfo(string Name, long Bytes, DateTimeOffset At, string Why);

/// <summary>Whole backups of the data folder: one ZIP with <c>haar.db</c> and <c>photos/</c>, taken through SQLite's own backup interface while work goes on.</summary>
public sealed class BackupStore(DataFolder folder, TimeProvider time)
{
    /// <summary>Daily ones beyond this many are thrown away, oldest first; those taken by hand stay.</summary>
    public const int DailyKept = 14;

    public IReadOnlyList<BackupInfo> List() =>
        [
            .. new DirectoryInfo(folder.Backups)
                .GetFiles("haar-*.zip")
                .OrderByDescending(f => f.Name, StringComparer.Ordinal)
                .Select(f => new BackupInfo(
                    f.Name,
                    f.Length,
                    f.LastWriteTimeUtc,
                    Path.GetFileNameWithoutExtension(f.Name).Split('-').Last()
                )),
        ];

    /// <summary>Takes one.</summary>
    /// <param name="why">One lower-case word.</param>
    public BackupInfo Take(string why)
    {
        var name = $"haar-{time.GetUtcNow().UtcDateTime.ToString("yyyyMMdd-HHmmssfff", CultureInfo.InvariantCulture)}-{why}.zip";
        var target = Path.Combine(folder.Backups, name);
        var copy = target + ".db.part";
        var part = target + ".part";
        try
        {
            CopyDatabase(folder.Database, copy);
            using (var zip = ZipFile.Open(part, ZipArchiveMode.Create))
            {
                zip.CreateEntryFromFile(copy, "haar.db", CompressionLevel.Fastest);
                foreach (
                    var photo in Directory.EnumerateFiles(folder.Photos, "*.jpg", SearchOption.AllDirectories).Order(StringComparer.Ordinal)
                )
                {
                    zip.CreateEntryFromFile(photo, $"photos/{Path.GetFileName(photo)}", CompressionLevel.NoCompression);
                }
            }

            File.Move(part, target);
        }
        catch (IOException e)
        {
            throw new BackupException(
                "The backup could not be written: the disk is full or not writable. The workshop itself is untouched.",
                e
            );
        }
        finally
        {
            File.Delete(copy);
            File.Delete(part);
        }

        foreach (var old in List().Where(b => b.Why == "daily").Skip(DailyKept))
        {
            File.Delete(Path.Combine(folder.Backups, old.Name));
        }
        return List().First(b => b.Name == name);
    }

    /// <summary>Takes today's daily one if there is none yet.</summary>
    public void TakeDaily()
    {
        var today = time.GetUtcNow().UtcDateTime.ToString("yyyyMMdd", CultureInfo.InvariantCulture);
        if (!List().Any(b => b.Name.StartsWith($"haar-{today}", StringComparison.Ordinal) && b.Why == "daily"))
        {
            Take("daily");
        }
    }

    /// <summary>Puts a backup in the place of the present workshop, after taking one of the present. Nothing is changed unless the backup is whole.</summary>
    /// <param name="file">A name from <see cref="List"/>, or a path to a ZIP.</param>
    public BackupInfo Restore(string file)
    {
        var path = Path.GetFileName(file) == file ? Path.Combine(folder.Backups, file) : Path.GetFullPath(file);
        if (!File.Exists(path))
        {
            throw new BackupException($"There is no backup “{Path.GetFileName(file)}”. Nothing was changed.");
        }
        var scratch = Path.Combine(folder.Backups, $"restore-{Guid.NewGuid():N}");
        try
        {
            Directory.CreateDirectory(scratch);
            var database = Path.Combine(scratch, "haar.db");
            using (var zip = Open(path))
            {
                (
                    zip.GetEntry("haar.db")
                    ?? throw new BackupException("That file is no backup of Haar: it holds no haar.db. Nothing was changed.")
                ).ExtractToFile(database);
                CheckWhole(database);
                var before = File.Exists(folder.Database) ? Take("restore") : null;
                foreach (
                    var entry in zip.Entries.Where(e => e.FullName.StartsWith("photos/", StringComparison.Ordinal) && e.Name.Length > 66)
                )
                {
                    var to = Path.Combine(folder.Photos, entry.Name[..2], Path.GetFileName(entry.Name));
                    Directory.CreateDirectory(Path.GetDirectoryName(to)!);
                    if (!File.Exists(to))
                    {
                        entry.ExtractToFile(to);
                    }
                }

                CopyDatabase(database, folder.Database);
                using var db = folder.Open();
                db.Database.Migrate();
                return before ?? List()[0];
            }
        }
        catch (InvalidDataException e)
        {
            throw new BackupException("The backup is cut off or damaged. Nothing was changed.", e);
        }
        finally
        {
            if (Directory.Exists(scratch))
            {
                Directory.Delete(scratch, true);
            }
        }
    }

    static ZipArchive Open(string path)
    {
        try
        {
            return ZipFile.OpenRead(path);
        }
        catch (InvalidDataException e)
        {
            throw new BackupException("The backup is cut off or damaged. Nothing was changed.", e);
        }
    }

    static void CheckWhole(string database)
    {
        try
        {
            using var c = new SqliteConnection(
                new SqliteConnectionStringBuilder
                {
                    DataSource = database,
                    Mode = SqliteOpenMode.ReadOnly,
                    Pooling = false,
                }.ToString()
            );
            c.Open();
            using var check = c.CreateCommand();
            check.CommandText = "PRAGMA integrity_check";
            if (check.ExecuteScalar() as string != "ok")
            {
                throw new BackupException("The database in that backup is damaged. Nothing was changed.");
            }
            check.CommandText = "SELECT count(*) FROM sqlite_master WHERE name = 'Machines'";
            if (Convert.ToInt64(check.ExecuteScalar(), CultureInfo.InvariantCulture) == 0)
            {
                throw new BackupException("The database in that backup is not Haar's. Nothing was changed.");
            }
            using var db = new HaarDb(new DbContextOptionsBuilder<HaarDb>().UseSqlite(c).Options);
            var known = db.Database.GetMigrations().ToHashSet();
            if (db.Database.GetAppliedMigrations().Any(m => !known.Contains(m)))
            {
                throw new BackupException("That backup was made by a newer Haar: start that one to use it. Nothing was changed.");
            }
        }
        catch (SqliteException e)
        {
            throw new BackupException("The database in that backup is damaged. Nothing was changed.", e);
        }
    }

    /// <summary>SQLite's backup interface: consistent while others write, in either direction.</summary>
    static void CopyDatabase(string from, string to)
    {
        using var source = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = from, Pooling = false }.ToString());
        using var target = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = to,
                Pooling = false,
                DefaultTimeout = 10,
            }.ToString()
        );
        source.Open();
        target.Open();
        source.BackupDatabase(target);
    }
}
