using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Haar.Data.Tests;

/// <summary>The model that was compiled ahead is the one that the mapping says, and the migrations reach it.</summary>
public class ModelTests
{
    static string Text(IReadOnlyModel model) =>
        string.Join(
            '\n',
            model
                .GetEntityTypes()
                .OrderBy(t => t.Name, StringComparer.Ordinal)
                .SelectMany(t =>
                    t.GetProperties()
                        .OrderBy(p => p.Name, StringComparer.Ordinal)
                        .Select(p =>
                            $"{t.GetTableName()}.{p.GetColumnName()} <- {t.ClrType.Name}.{p.Name}: {p.ClrType.Name} as {p.GetProviderClrType()?.Name ?? p.GetValueConverter()?.ProviderClrType.Name} null={p.IsNullable} token={p.IsConcurrencyToken}"
                        )
                        .Concat(t.GetKeys().Select(k => $"{t.GetTableName()} key {string.Join(',', k.Properties.Select(p => p.Name))}"))
                        .Concat(
                            t.GetForeignKeys()
                                .Select(f =>
                                    $"{t.GetTableName()} -> {f.PrincipalEntityType.GetTableName()} by {string.Join(',', f.Properties.Select(p => p.Name))} {f.DeleteBehavior}"
                                )
                                .Order(StringComparer.Ordinal)
                        )
                        .Concat(
                            t.GetIndexes()
                                .Select(i => $"{t.GetTableName()} index {string.Join(',', i.Properties.Select(p => p.Name))} {i.IsUnique}")
                                .Order(StringComparer.Ordinal)
                        )
                )
        );

    [Fact]
    public async Task The_compiled_model_is_the_one_that_the_mapping_says()
    {
        await using var store = await Store.OpenAsync();
        var db = store.Db();
        Assert.Equal("HaarDbModel", db.Model.GetType().Name);
        // When this fails, the mapping has changed: docs/architecture.md says how the model is compiled again.
        Assert.Equal(Text(db.GetService<IDesignTimeModel>().Model), Text(db.Model));
    }

    [Fact]
    public async Task No_change_of_the_mapping_lacks_its_migration()
    {
        await using var store = await Store.OpenAsync();
        Assert.False(store.Db().Database.HasPendingModelChanges());
        Assert.Empty(await store.Db().Database.GetPendingMigrationsAsync(TestContext.Current.CancellationToken));
        Assert.NotEmpty(store.Db().GetService<IMigrationsAssembly>().Migrations);
    }

    [Fact]
    public async Task Names_that_were_once_kept_stay_on_the_disk()
    {
        await using var store = await Store.OpenAsync();
        var columns = await store
            .Db()
            .Database.SqlQuery<string>(
                $"SELECT m.name || '.' || p.name AS Value FROM sqlite_master m JOIN pragma_table_info(m.name) p WHERE m.type = 'table'"
            )
            .ToListAsync(TestContext.Current.CancellationToken);
        foreach (
            var kept in new[]
            {
                "Machines.RecapSchool",
                "Machines.RestorationSchool",
                "Readings.Struck",
                "Observations.Struck",
                "StripSteps.Lies",
                "StripSteps.WayRound",
                "StripConnectors.WayRound",
                "Areas.Looks",
                "Standings.Standing",
            }
        )
        {
            Assert.Contains(kept, columns);
        }
    }
}
