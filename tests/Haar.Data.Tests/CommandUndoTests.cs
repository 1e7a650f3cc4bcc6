using System.Collections;
using System.Text;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Tests.Survey;
using Haar.Data.Log;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Tests;

/// <summary>
/// Every command that is decided on a machine's rows, found by reflection, with what screens change besides: undone from the last to
/// the first the rows are those of the start, and redone those of the end.
/// </summary>
public class CommandUndoTests
{
    /// <summary>Acts of a walk; each is its own entry of the log.</summary>
    const int Length = 30;

    [Theory]
    [InlineData(3)]
    [InlineData(8)]
    [InlineData(13)]
    public async Task Whatever_was_done_is_undone_to_its_start_and_redone_to_its_end(int seed)
    {
        await using var store = await Store.OpenAsync();
        var walk = new RandomActs(seed);
        var (db, work) = store.Request();
        // The drawer is the workshop's, and no row of the walk.
        var beside = store.Db();
        beside.AddRange(RandomActs.Drawer);
        await beside.SaveChangesAsync(TestContext.Current.CancellationToken);
        db.AddRange(Rows(walk.Facts).Where(r => r is not Core.Safety.Danger));
        await work.ActAsync(walk.Facts.Machine.Id, "Begun.", TestContext.Current.CancellationToken);
        db.AddRange(Rows(walk.Facts).OfType<Core.Safety.Danger>().Where(d => !db.Dangers.Any(x => x.Subject == d.Subject)));
        await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        var states = new List<(Guid Entry, string Before, string Said)>();
        for (var i = 0; i < Length; i++)
        {
            var before = await RowsAsync(store);
            walk.Act();
            var now = Rows(walk.Facts).ToHashSet(ReferenceEqualityComparer.Instance);
            db.ChangeTracker.DetectChanges();
            foreach (var entry in db.ChangeTracker.Entries().Where(e => Walked(walk.Facts, e.Entity) && !now.Contains(e.Entity)).ToList())
            {
                entry.State = EntityState.Deleted;
            }
            // Dangers are kept by the act itself; those of the walk are its own copy of the same rule.
            db.AddRange(now.Where(r => r is not Core.Safety.Danger && db.Entry(r!).State == EntityState.Detached)!);
            if (!db.ChangeTracker.HasChanges())
            {
                continue;
            }
            try
            {
                var log = await work.ActAsync(walk.Facts.Machine.Id, $"{i}: {walk.Story[^1]}", TestContext.Current.CancellationToken);
                states.Add((log.Id, before, log.Sentence));
            }
            catch (Core.Verdicts.InvalidInputException e)
            {
                TestContext.Current.TestOutputHelper?.WriteLine($"{walk.Story[^1]}: {e.Message}");
                // A row that no screen would keep ends the walk here; what was done until then is undone.
                break;
            }
        }
        Assert.True(states.Count > Length / 3, $"{states.Count} acts");
        var end = await RowsAsync(store);
        var redo = new Stack<(Guid Entry, string Before, string Said)>();
        foreach (var (entry, before, said) in states.AsEnumerable().Reverse())
        {
            var at = await RowsAsync(store);
            var undone = await store.Request().Work.UndoAsync(entry, TestContext.Current.CancellationToken);
            Assert.True(
                before == await RowsAsync(store),
                $"Undone, and not as it was before: {said}\n{Differing(before, await RowsAsync(store))}"
            );
            redo.Push((undone.Id, at, said));
        }
        foreach (var (entry, after, said) in redo)
        {
            await store.Request().Work.UndoAsync(entry, TestContext.Current.CancellationToken);
            Assert.True(
                after == await RowsAsync(store),
                $"Redone, and not as it was after: {said}\n{Differing(after, await RowsAsync(store))}"
            );
        }
        Assert.Equal(end, await RowsAsync(store));
    }

    static IEnumerable<object> Rows(MachineFacts f) =>
        typeof(MachineFacts)
            .GetProperties()
            .Where(p => p.CanWrite)
            .SelectMany(p =>
                p.GetValue(f) switch
                {
                    Machine m => [m],
                    IEnumerable list
                        when p.PropertyType.IsGenericType && p.PropertyType.GetGenericTypeDefinition() == typeof(IReadOnlyList<>) =>
                        list.Cast<object>(),
                    { } one when one.GetType().GetProperty("MachineId") is not null => [one],
                    _ => Enumerable.Empty<object>(),
                }
            );

    /// <summary>A kind of row that the walk knows: others are made by the act itself.</summary>
    static bool Walked(MachineFacts f, object row) =>
        row is not (Machine or Core.Safety.Danger)
        && typeof(MachineFacts)
            .GetProperties()
            .Any(p => p.CanWrite && p.PropertyType.ToString().Contains(row.GetType().FullName!, StringComparison.Ordinal));

    /// <summary>Every row of every table but the log and what is computed from the others; versions aside.</summary>
    static async Task<string> RowsAsync(Store store)
    {
        await using var db = store.Folder.Open();
        var text = new StringBuilder();
        await db.Database.OpenConnectionAsync();
        foreach (var type in db.Model.GetEntityTypes().OrderBy(t => t.GetTableName(), StringComparer.Ordinal))
        {
            var table = type.GetTableName()!;
            if (table is "Log" or "Standings" or "CapacitorStands" or "MachineWork" or "KeptPlans")
            {
                continue;
            }
            var columns = type.GetProperties().Select(p => p.GetColumnName()).Where(c => c != "Version").Order(StringComparer.Ordinal);
            await using var command = db.Database.GetDbConnection().CreateCommand();
            command.CommandText = $"SELECT {string.Join(", ", columns.Select(c => $"\"{c}\""))} FROM \"{table}\" ORDER BY 1, 2, 3";
            await using var reader = await command.ExecuteReaderAsync();
            while (await reader.ReadAsync())
            {
                var row = new object[reader.FieldCount];
                reader.GetValues(row);
                text.Append(table).Append(": ").AppendJoin(" | ", row).Append('\n');
            }
        }
        return string.Join('\n', text.ToString().Split('\n').Order(StringComparer.Ordinal));
    }

    static string Differing(string a, string b)
    {
        var (x, y) = (a.Split('\n'), b.Split('\n'));
        return string.Join('\n', x.Except(y).Select(l => $"- {l}").Concat(y.Except(x).Select(l => $"+ {l}")));
    }
}
