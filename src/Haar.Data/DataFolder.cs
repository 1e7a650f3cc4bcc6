using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace Haar.Data;

/// <summary>The one folder that holds everything: <c>haar.db</c>, <c>photos/</c>, <c>backups/</c>, <c>keys/</c>.</summary>
public sealed class DataFolder
{
    public DataFolder(string root)
    {
        Root = Path.GetFullPath(root);
        foreach (var d in new[] { Root, Photos, Backups, Keys })
        {
            Directory.CreateDirectory(d);
        }
    }

    public string Root { get; }

    /// <summary>What acts pass and a restore closes.</summary>
    public Backups.RestoreGate Gate { get; } = new();

    /// <summary>This process has the folder to itself.</summary>
    public bool HeldHere { get; private set; }

    /// <summary>
    /// Takes the folder for one process; another that serves it would lose its writes when this one restores or migrates. The system
    /// lets go of it when the process ends, however it ends.
    /// </summary>
    /// <returns>Null when another has it. Disposing lets go.</returns>
    public IDisposable? TryHold()
    {
        var path = Path.Combine(Root, "in-use");
        try
        {
            return new Hold(this, new FileStream(path, FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None));
        }
        catch (IOException) when (File.Exists(path))
        {
            return null;
        }
    }

    sealed class Hold : IDisposable
    {
        readonly DataFolder folder;
        readonly FileStream file;

        public Hold(DataFolder folder, FileStream file)
        {
            (this.folder, this.file) = (folder, file);
            folder.HeldHere = true;
        }

        public void Dispose()
        {
            file.Dispose();
            folder.HeldHere = false;
        }
    }

    public string Database => Path.Combine(Root, "haar.db");
    public string Photos => Path.Combine(Root, "photos");
    public string Backups => Path.Combine(Root, "backups");
    public string Keys => Path.Combine(Root, "keys");

    /// <summary>Foreign keys on; a writer waits up to ten seconds for another.</summary>
    public string ConnectionString =>
        new SqliteConnectionStringBuilder
        {
            DataSource = Database,
            ForeignKeys = true,
            DefaultTimeout = 10,
        }.ToString();

    public void Configure(DbContextOptionsBuilder o) => o.UseSqlite(ConnectionString).AddInterceptors(Durable.Instance);

    /// <summary>A context of one's own, outside the web application's services.</summary>
    public HaarDb Open()
    {
        var b = new DbContextOptionsBuilder<HaarDb>();
        Configure(b);
        return new HaarDb(b.Options);
    }
}

/// <summary>synchronous=FULL: what was acknowledged is on the disk, also when the bench loses its power.</summary>
sealed class Durable : Microsoft.EntityFrameworkCore.Diagnostics.DbConnectionInterceptor
{
    public static readonly Durable Instance = new();

    public override void ConnectionOpened(
        System.Data.Common.DbConnection connection,
        Microsoft.EntityFrameworkCore.Diagnostics.ConnectionEndEventData eventData
    ) => Set(connection);

    public override Task ConnectionOpenedAsync(
        System.Data.Common.DbConnection connection,
        Microsoft.EntityFrameworkCore.Diagnostics.ConnectionEndEventData eventData,
        CancellationToken cancellationToken = default
    )
    {
        Set(connection);
        return Task.CompletedTask;
    }

    static void Set(System.Data.Common.DbConnection connection)
    {
        using var c = connection.CreateCommand();
        c.CommandText = "PRAGMA synchronous=FULL";
        c.ExecuteNonQuery();
    }
}

/// <summary>For <c>dotnet ef migrations add</c> only.</summary>
public sealed class DesignTimeFactory : IDesignTimeDbContextFactory<HaarDb>
{
    public HaarDb CreateDbContext(string[] args) => new DataFolder(Path.Combine(Path.GetTempPath(), "haar-design")).Open();
}
