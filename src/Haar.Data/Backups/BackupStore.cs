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

/// <summary>Whole backups of the data folder: a ZIP with <c>haar.db</c> and its photos, or the list of those that backups share, taken through SQLite's own backup interface while work goes on.</summary>
public sealed partial class BackupStore(DataFolder folder, TimeProvider time)
{
    /// <summary>Daily ones beyond this many are thrown away, oldest first; those taken by hand stay.</summary>
    public const int DailyKept = 14;

    static readonly Lock turn = new();

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

    /// <summary>Deletes one, to make room.</summary>
    /// <exception cref="BackupException">There is none of that name, or it is the newest, which always stays.</exception>
    public void Remove(string name)
    {
        using var alone = turn.EnterScope();
        var all = List();
        if (all.All(b => b.Name != name))
        {
            throw new BackupException($"There is no backup “{name}”.");
        }
        if (all[0].Name == name)
        {
            throw new BackupException("The newest backup stays: take another one first.");
        }
        File.Delete(Path.Combine(folder.Backups, name));
        Sweep();
    }

    /// <summary>Takes one.</summary>
    /// <param name="why">One lower-case word.</param>
    public BackupInfo Take(string why)
    {
        // One after another: copies that a backup is about to list are not cleared away by the end of another.
        using var alone = turn.EnterScope();
        string NameAt(DateTimeOffset at) => $"haar-{at.UtcDateTime.ToString("yyyyMMdd-HHmmssfff", CultureInfo.InvariantCulture)}-{why}.zip";
        var at = time.GetUtcNow();
        while (File.Exists(Path.Combine(folder.Backups, NameAt(at))))
        {
            at = at.AddMilliseconds(1);
        }
        var name = NameAt(at);
        var target = Path.Combine(folder.Backups, name);
        var copy = target + ".db.part";
        var part = target + ".part";
        try
        {
            if (DatabaseCheck.Of(folder.Database) != DatabaseState.Sound)
            {
                throw new BackupException(
                    List() is [var newest, ..]
                        ? $"The database is damaged, so no backup of it was taken; the good ones are kept. The newest is {newest.Name}: ./haar restore {newest.Name}"
                        : "The database is damaged, so no backup of it was taken."
                );
            }
            CopyDatabase(folder.Database, copy);
            using (var file = new FileStream(part, FileMode.CreateNew))
            {
                using var zip = new ZipArchive(file, ZipArchiveMode.Create, true);
                zip.CreateEntryFromFile(copy, "haar.db", CompressionLevel.Fastest);
                if (why == "hand")
                {
                    foreach (var photo in PhotoFiles())
                    {
                        zip.CreateEntryFromFile(photo, $"photos/{Path.GetFileName(photo)}", CompressionLevel.NoCompression);
                    }
                }
                else
                {
                    Share(zip);
                }
                zip.Dispose();
                file.Flush(true);
            }

            File.Move(part, target);
            DurableFile.FlushFolder(folder.Backups);
        }
        catch (Exception e) when (e is IOException || e is SqliteException { SqliteErrorCode: 13 or 10 })
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

        var gone = List().Where(b => b.Why == "daily").Skip(DailyKept).ToList();
        foreach (var old in gone)
        {
            File.Delete(Path.Combine(folder.Backups, old.Name));
        }
        if (gone.Count > 0)
        {
            Sweep();
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
        for (var tries = 0; ; tries++)
        {
            try
            {
                source.BackupDatabase(target);
                return;
            }
            catch (SqliteException e) when (e.SqliteErrorCode is 5 or 6 && tries < 200)
            {
                // Somebody writes: their turn first.
                Thread.Sleep(50);
            }
        }
    }
}
