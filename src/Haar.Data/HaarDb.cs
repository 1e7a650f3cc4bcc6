using Microsoft.EntityFrameworkCore;

namespace Haar.Data;

/// <summary>The workshop's one database. The types are the core's own; each room maps its own beside them (<c>…Tables.cs</c>).</summary>
public sealed partial class HaarDb(DbContextOptions<HaarDb> options) : DbContext(options)
{
    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        // SQLite cannot order DateTimeOffset; ticks in UTC can be ordered and lose nothing.
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<UtcTicks>();
        configurationBuilder.Properties<Enum>().HaveConversion<string>();
        configurationBuilder.Properties<decimal>().HaveConversion<string>();
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.ApplyConfigurationsFromAssembly(typeof(HaarDb).Assembly);
        foreach (var entity in modelBuilder.Model.GetEntityTypes())
        {
            if (entity.FindProperty("Version") is { } version)
            {
                version.IsConcurrencyToken = true;
            }

            if (entity.FindPrimaryKey()?.Properties is [{ ClrType: var type } key] && type == typeof(Guid))
            {
                key.ValueGenerated = Microsoft.EntityFrameworkCore.Metadata.ValueGenerated.Never;
            }
        }
    }
}
