using System.IO.Compression;
using System.Security.Cryptography;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Backups;

/// <param name="Before">The backup that was taken of what was there; null when that was damaged or missing.</param>
/// <param name="SetAside">The folder that the damaged files lie in; null when they were sound.</param>
/// <param name="PhotosBack">Photos that were missing or damaged, and are whole again.</param>
/// <param name="PhotosDamaged">Photos in the backup that are not what their name promises; they were left out.</param>
/// <param name="PhotosMissing">Photos that the workshop speaks of and that neither it nor the backup has.</param>
public sealed record Restored(BackupInfo? Before, string? SetAside, int PhotosBack, int PhotosDamaged, int PhotosMissing)
{
    public string Sentence
    {
        get
        {
            static string Photos(int n) => n == 1 ? "1 photo" : $"{n} photos";
            var parts = new List<string> { "Restored." };
            if (Before is not null)
            {
                parts.Add($"What was there before is kept as {Before.Name}.");
            }
            if (SetAside is not null)
            {
                parts.Add($"The database that was there was damaged: it is set aside in {SetAside}.");
            }
            if (PhotosBack > 0)
            {
                parts.Add($"{Photos(PhotosBack)} put back.");
            }
            if (PhotosDamaged > 0)
            {
                parts.Add($"{Photos(PhotosDamaged)} in the backup could not be used: damaged.");
            }
            if (PhotosMissing > 0)
            {
                parts.Add($"{Photos(PhotosMissing)} can be found neither here nor in this backup; an older one may have them.");
            }
            return string.Join(' ', parts);
        }
    }
}

public sealed partial class BackupStore
{
    /// <summary>An unpacked database is at most this large. A default.</summary>
    const long MostDatabase = 8_000_000_000;

    /// <summary>
    /// Puts a backup in the place of the present workshop. Nothing is changed unless the backup is whole. What is there now is backed up
    /// first when it is sound, and set aside as it is when it is damaged. Acts that are under way are refused meanwhile.
    /// </summary>
    /// <param name="file">A name from <see cref="List"/>, or a path to a ZIP.</param>
    /// <exception cref="BackupException">No such backup, damaged, from a newer Haar, or somebody is writing all the time.</exception>
    public Restored Restore(string file)
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
            using var zip = Open(path);
            Unpack(zip, database);
            using var closed = folder.Gate.Close();
            var state = DatabaseCheck.Of(folder.Database);
            BackupInfo? before = null;
            string? aside = null;
            if (state == DatabaseState.Sound)
            {
                WaitForWriters();
                before = Take("restore");
            }
            else if (state != DatabaseState.Missing)
            {
                using var alone = folder.TryHold();
                if (alone is null && !folder.HeldHere)
                {
                    throw new BackupException("Haar is open on this damaged workshop: end it first, then restore. Nothing was changed.");
                }
                aside = SetAside();
            }

            var (back, damaged) = RestorePhotos(zip);
            var (shared, lost) = RestoreShared(zip, Path.GetDirectoryName(path)!);
            (back, damaged) = (back + shared, damaged + lost);
            CopyDatabase(database, folder.Database);
            using (var db = folder.Open())
            {
                db.Database.Migrate();
            }
            SqliteConnection.ClearAllPools();
            if (DatabaseCheck.Of(folder.Database) != DatabaseState.Sound)
            {
                throw new BackupException("The restored database does not pass its check: the disk may be failing. Try another disk.");
            }
            var missing = DatabaseCheck
                .Photos(folder.Database)
                .Count(hash => hash.Length < 2 || !File.Exists(Path.Combine(folder.Photos, hash[..2], $"{hash}.jpg")));
            return new(before, aside, back, damaged, missing);
        }
        catch (InvalidDataException e)
        {
            throw new BackupException("The backup is cut off or damaged. Nothing was changed.", e);
        }
        catch (SqliteException e) when (e.SqliteErrorCode is 5 or 6)
        {
            throw new BackupException("People are writing all the time: nothing was changed. Try again in a moment.", e);
        }
        catch (Exception e) when (e is IOException || e is SqliteException { SqliteErrorCode: 13 })
        {
            throw new BackupException(
                "There is not enough room on the disk to restore: make room and do it again. The backup is untouched.",
                e
            );
        }
        finally
        {
            if (Directory.Exists(scratch))
            {
                Directory.Delete(scratch, true);
            }
        }
    }

    /// <summary>Whoever had passed the gate before it closed is let finish, so that the backup of what was there holds that act too.</summary>
    void WaitForWriters()
    {
        using var last = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = folder.Database,
                Pooling = false,
                DefaultTimeout = 10,
            }.ToString()
        );
        last.Open();
        // Immediate: it begins when no other writes.
        using var turn = last.BeginTransaction();
    }

    /// <summary>Checks the whole backup and takes the database out of it.</summary>
    static void Unpack(ZipArchive zip, string database)
    {
        foreach (var entry in zip.Entries)
        {
            var steps = entry.FullName.Split('/', '\\');
            if (Path.IsPathRooted(entry.FullName) || steps.Contains("..") || entry.FullName.Contains(':', StringComparison.Ordinal))
            {
                throw new BackupException($"That backup holds a file that leaves its folder ({entry.FullName}). Nothing was changed.");
            }
        }
        var inside =
            zip.GetEntry("haar.db")
            ?? throw new BackupException("That file is no backup of Haar: it holds no haar.db. Nothing was changed.");
        if (inside.Length > MostDatabase)
        {
            throw new BackupException("The database in that backup is larger than Haar takes. Nothing was changed.");
        }
        inside.ExtractToFile(database);
        switch (DatabaseCheck.Of(database))
        {
            case DatabaseState.Missing or DatabaseState.Damaged:
                throw new BackupException("The database in that backup is damaged. Nothing was changed.");
            case DatabaseState.Foreign:
                throw new BackupException("The database in that backup is not Haar's. Nothing was changed.");
        }
        if (DatabaseCheck.IsFromNewer(database))
        {
            throw new BackupException("That backup was made by a newer Haar: start that one to use it. Nothing was changed.");
        }
    }

    /// <summary>Photos are named by their content: what is not what its name says is not taken, and what is damaged here is replaced.</summary>
    (int Back, int Damaged) RestorePhotos(ZipArchive zip)
    {
        var (back, damaged) = (0, 0);
        foreach (var entry in zip.Entries.Where(e => e.FullName.StartsWith("photos/", StringComparison.Ordinal)))
        {
            // The smaller sizes are made from the full one when they are asked for.
            if (
                entry.Name.Length != 68
                || !entry.Name.EndsWith(".jpg", StringComparison.Ordinal)
                || entry.Length > Photos.PhotoStore.MostBytes
            )
            {
                continue;
            }
            var hash = entry.Name[..64];
            if (!hash.All(char.IsAsciiHexDigitLower))
            {
                continue;
            }
            var to = Path.Combine(folder.Photos, hash[..2], entry.Name);
            if (File.Exists(to) && HashOf(to) == hash)
            {
                continue;
            }
            var bytes = Bytes(entry);
            if (bytes is null || Convert.ToHexStringLower(SHA256.HashData(bytes)) != hash)
            {
                damaged++;
                continue;
            }
            PutBack(to, hash, bytes);
            back++;
        }
        return (back, damaged);
    }

    /// <summary>The smaller sizes are made anew from the full one.</summary>
    void PutBack(string to, string hash, byte[] bytes)
    {
        DurableFile.Write(to, bytes);
        foreach (var size in new[] { "thumb", "screen" })
        {
            File.Delete(Path.Combine(folder.Photos, hash[..2], $"{hash}.{size}.jpg"));
        }
    }

    static byte[]? Bytes(ZipArchiveEntry entry)
    {
        try
        {
            using var from = entry.Open();
            var bytes = new byte[entry.Length];
            from.ReadExactly(bytes);
            return bytes;
        }
        catch (Exception e) when (e is InvalidDataException or EndOfStreamException)
        {
            return null;
        }
    }

    static string HashOf(string path)
    {
        using var file = File.OpenRead(path);
        return Convert.ToHexStringLower(SHA256.HashData(file));
    }

    /// <summary>Moves the database and what belongs to it out of the way, as it is.</summary>
    string SetAside()
    {
        SqliteConnection.ClearAllPools();
        var aside = Path.Combine(folder.Root, $"damaged-{time.GetUtcNow().UtcDateTime:yyyyMMdd-HHmmssfff}");
        Directory.CreateDirectory(aside);
        foreach (var end in new[] { "", "-wal", "-shm", "-journal" })
        {
            if (File.Exists(folder.Database + end))
            {
                File.Move(folder.Database + end, Path.Combine(aside, "haar.db" + end));
            }
        }
        DurableFile.FlushFolder(folder.Root);
        return aside;
    }
}
