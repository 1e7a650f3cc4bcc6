using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Backups;

/// <summary>What a database file is found to be.</summary>
public enum DatabaseState
{
    /// <summary>No file, or one of no length.</summary>
    Missing = 0,

    /// <summary>SQLite's own check passes and it is Haar's.</summary>
    Sound,

    /// <summary>A sound database that is not Haar's, or none of whose tables are there yet.</summary>
    Foreign,

    /// <summary>Not a database, cut off, or overwritten in places.</summary>
    Damaged,
}

/// <summary>Looks at a database file without changing it.</summary>
public static class DatabaseCheck
{
    public static DatabaseState Of(string path)
    {
        if (!File.Exists(path) || new FileInfo(path).Length == 0)
        {
            return DatabaseState.Missing;
        }
        try
        {
            using var c = Open(path);
            using var check = c.CreateCommand();
            check.CommandText = "PRAGMA integrity_check";
            if (check.ExecuteScalar() as string != "ok")
            {
                return DatabaseState.Damaged;
            }
            check.CommandText = "SELECT count(*) FROM sqlite_master WHERE name = 'Machines'";
            return Convert.ToInt64(check.ExecuteScalar(), CultureInfo.InvariantCulture) == 0 ? DatabaseState.Foreign : DatabaseState.Sound;
        }
        catch (SqliteException e) when (e.SqliteErrorCode is 11 or 26 or 1 || e.SqliteExtendedErrorCode == 522)
        {
            // SQLITE_CORRUPT, SQLITE_NOTADB, SQLITE_ERROR (a schema that does not parse), SQLITE_IOERR_SHORT_READ (cut off). Any other
            // fault of the disk, such as no room, says nothing of the file: it is not called damaged, and not set aside.
            return DatabaseState.Damaged;
        }
    }

    /// <summary>Whether this Haar knows every migration that a database has been through.</summary>
    public static bool IsFromNewer(string path)
    {
        using var c = Open(path);
        using var db = new HaarDb(new DbContextOptionsBuilder<HaarDb>().UseSqlite(c).Options);
        var known = db.Database.GetMigrations().ToHashSet();
        return db.Database.GetAppliedMigrations().Any(m => !known.Contains(m));
    }

    /// <summary>Hashes of the photos that a database speaks of.</summary>
    public static HashSet<string> Photos(string path)
    {
        using var c = Open(path);
        using var ask = c.CreateCommand();
        ask.CommandText = "SELECT DISTINCT Hash FROM Photos";
        using var rows = ask.ExecuteReader();
        var hashes = new HashSet<string>();
        while (rows.Read())
        {
            hashes.Add(rows.GetString(0));
        }
        return hashes;
    }

    static SqliteConnection Open(string path)
    {
        var c = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = path,
                Mode = SqliteOpenMode.ReadOnly,
                Pooling = false,
            }.ToString()
        );
        try
        {
            c.Open();
            return c;
        }
        catch
        {
            c.Dispose();
            throw;
        }
    }
}
