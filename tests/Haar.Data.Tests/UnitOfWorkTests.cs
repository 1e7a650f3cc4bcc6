using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Data.Log;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Tests;

/// <summary>An act is one transaction: the change, its sentence in the log, and what undoes it.</summary>
public class UnitOfWorkTests
{
    [Fact]
    public async Task An_act_writes_the_change_and_its_sentence_together()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var db = store.Db();
        Assert.Equal("Harbour office till", db.Machines.Single().Name);
        var entry = db.Log.Single();
        Assert.Equal((id, "Taken in: Harbour office till.", store.Now), (entry.MachineId!.Value, entry.Sentence, entry.At));
    }

    [Fact]
    public async Task What_cannot_be_saved_leaves_no_sentence_behind()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var (db, work) = store.Request();
        db.Jobs.Add(
            new Job
            {
                Id = work.NewId(),
                MachineId = Guid.NewGuid(),
                Title = "Of nobody's machine",
            }
        );
        await Assert.ThrowsAsync<DbUpdateException>(() => work.ActAsync(id, "Never happened.", TestContext.Current.CancellationToken));
        Assert.Equal("Taken in: Harbour office till.", store.Db().Log.Single().Sentence);
        Assert.Empty(store.Db().Jobs);
    }

    [Fact]
    public async Task A_changed_row_has_the_next_version_and_an_older_one_is_refused_with_both()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var (db, work) = store.Request();
        var machine = db.Machines.Single(m => m.Id == id);
        var before = machine.Version;
        machine.Name = "Till";
        await work.ActAsync(id, "Renamed.", TestContext.Current.CancellationToken);
        Assert.Equal(before + 1, store.Db().Machines.Single().Version);
        UnitOfWork.Match(machine, machine.Version, machine.Version);
        var stale = Assert.Throws<StaleException>(() => UnitOfWork.Match(machine, machine.Version, before));
        Assert.Same(machine, stale.Current);
    }

    [Fact]
    public async Task Two_requests_that_change_one_row_at_once_are_not_both_done()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var ((a, first), (b, second)) = (store.Request(), store.Request());
        a.Machines.Single(m => m.Id == id).Name = "First";
        b.Machines.Single(m => m.Id == id).Name = "Second";
        await first.ActAsync(id, "First.", TestContext.Current.CancellationToken);
        await Assert.ThrowsAsync<DbUpdateConcurrencyException>(() => second.ActAsync(id, "Second.", TestContext.Current.CancellationToken));
        Assert.Equal("First", store.Db().Machines.Single().Name);
        Assert.DoesNotContain(store.Db().Log, l => l.Sentence == "Second.");
    }

    [Theory]
    [InlineData("swollen", true)]
    [InlineData("charges", false)]
    public async Task An_act_of_an_older_Haar_is_undone_although_a_newer_one_keeps_more_of_the_row(string lacked, bool asItWas)
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var (db, work) = store.Request();
        db.Cells.Add(
            new()
            {
                Id = work.NewId(),
                MachineId = id,
                Site = new() { Charges = Core.Verdicts.ThreeState.Yes },
            }
        );
        var act = await work.ActAsync(id, "The cell.", TestContext.Current.CancellationToken);
        // As it was written before the column had that field: what a newer Haar writes for it by itself is no change; what a person said is.
        var older = store.Db();
        var entry = older.Log.Single(l => l.Id == act.Id);
        var changes = System.Text.Json.Nodes.JsonNode.Parse(entry.Changes!)!.AsArray();
        var lacking = 0;
        foreach (var after in changes.Select(c => (c!["after"] ?? c["After"]) as System.Text.Json.Nodes.JsonObject))
        {
            if (after?["Site"] is { } site)
            {
                var fields = System.Text.Json.Nodes.JsonNode.Parse(site.GetValue<string>())!.AsObject();
                lacking += fields.Remove(lacked) ? 1 : 0;
                after["Site"] = fields.ToJsonString();
            }
        }
        Assert.Equal(1, lacking);
        await older
            .Log.Where(l => l.Id == act.Id)
            .ExecuteUpdateAsync(s => s.SetProperty(l => l.Changes, changes.ToJsonString()), TestContext.Current.CancellationToken);
        var undo = store.Request().Work.UndoAsync(act.Id, TestContext.Current.CancellationToken);
        if (asItWas)
        {
            await undo;
            Assert.Empty(store.Db().Cells);
        }
        else
        {
            await Assert.ThrowsAsync<UndoException>(() => undo);
        }
    }

    [Fact]
    public async Task Undo_puts_back_what_was_there_and_is_an_act_that_can_be_undone()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var job = await store.AddJobAsync(id, "Soak the lid");
        await store.ChangeJobAsync(job, j => j.Title = "Wash the lid");
        var change = store.Db().Log.Single(l => l.Sentence == "Changed: Wash the lid.");

        var undone = await store.Request().Work.UndoAsync(change.Id, TestContext.Current.CancellationToken);
        Assert.Equal("Undone: Changed: Wash the lid.", undone.Sentence);
        Assert.Equal("Soak the lid", store.Db().Jobs.Single().Title);
        Assert.NotNull(store.Db().Log.Single(l => l.Id == change.Id).UndoneAt);

        await store.Request().Work.UndoAsync(undone.Id, TestContext.Current.CancellationToken);
        Assert.Equal("Wash the lid", store.Db().Jobs.Single().Title);
    }

    [Fact]
    public async Task An_act_is_undone_once_and_not_under_something_newer()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var job = await store.AddJobAsync(id, "Soak the lid");
        await store.ChangeJobAsync(job, j => j.Minutes = 40);
        var (added, changed) = (
            store.Db().Log.Single(l => l.Sentence.StartsWith("To do")),
            store.Db().Log.Single(l => l.Sentence.StartsWith("Changed"))
        );
        var refused = await Assert.ThrowsAsync<UndoException>(() =>
            store.Request().Work.UndoAsync(added.Id, TestContext.Current.CancellationToken)
        );
        Assert.Contains("later", refused.Message, StringComparison.Ordinal);
        Assert.Equal(40, store.Db().Jobs.Single().Minutes);

        await store.Request().Work.UndoAsync(changed.Id, TestContext.Current.CancellationToken);
        var twice = await Assert.ThrowsAsync<UndoException>(() =>
            store.Request().Work.UndoAsync(changed.Id, TestContext.Current.CancellationToken)
        );
        Assert.Contains("already", twice.Message, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Undoing_what_was_added_takes_it_away_and_redoing_brings_it_back_as_it_was()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var job = await store.AddJobAsync(id, "Rinse the corner", j => (j.Why, j.Needs, j.Minutes) = ("The leak", "Brush", 25));
        var added = store.Db().Log.Single(l => l.Sentence.StartsWith("To do"));
        var undone = await store.Request().Work.UndoAsync(added.Id, TestContext.Current.CancellationToken);
        Assert.Empty(store.Db().Jobs);
        await store.Request().Work.UndoAsync(undone.Id, TestContext.Current.CancellationToken);
        var again = store.Db().Jobs.Single();
        Assert.Equal((job, "The leak", "Brush", 25), (again.Id, again.Why, again.Needs, again.Minutes));
    }

    [Fact]
    public async Task What_an_undo_puts_back_does_not_stand_on_what_it_takes_away()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var (db, work) = store.Request();
        Haar.Core.Keyboards.Keyboard keys = new()
        {
            Id = work.NewId(),
            MachineId = id,
            Name = "keyboard",
        };
        db.Add(keys);
        await work.ActAsync(id, "To be cleaned: keyboard.", TestContext.Current.CancellationToken);
        // Laid: one act makes the picture and has the keyboard name it.
        (db, work) = store.Request();
        var photo = new Haar.Core.Photos.Photo
        {
            Id = work.NewId(),
            MachineId = id,
            Caption = "straight",
        };
        db.Add(photo);
        db.Keyboards.Single().PictureId = photo.Id;
        var laid = await work.ActAsync(id, "Laid.", TestContext.Current.CancellationToken);
        (_, work) = store.Request();
        var undone = await work.UndoAsync(laid.Id, TestContext.Current.CancellationToken);
        Assert.Null(store.Db().Keyboards.Single().PictureId);
        Assert.Empty(store.Db().Photos);
        (_, work) = store.Request();
        await work.UndoAsync(undone.Id, TestContext.Current.CancellationToken);
        Assert.Equal(photo.Id, store.Db().Keyboards.Single().PictureId);
        // What names it by a later act stands on it all the same.
        (db, work) = store.Request();
        db.Add(
            new Haar.Core.Boards.Board
            {
                Id = work.NewId(),
                MachineId = id,
                Name = "Main",
                PhotoId = photo.Id,
            }
        );
        await work.ActAsync(id, "A board.", TestContext.Current.CancellationToken);
        var redone = store.Db().Log.OrderBy(l => l.Id).ToList()[^2];
        (_, work) = store.Request();
        await Assert.ThrowsAsync<UndoException>(() => work.UndoAsync(redone.Id, TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task An_entry_that_is_not_there_or_kept_no_record_says_so()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var (db, work) = store.Request();
        Assert.Contains(
            "no such entry",
            (await Assert.ThrowsAsync<UndoException>(() => work.UndoAsync(Guid.NewGuid(), TestContext.Current.CancellationToken))).Message,
            StringComparison.Ordinal
        );
        var imported = new LogEntry
        {
            Id = work.NewId(),
            MachineId = id,
            At = store.Now,
            Sentence = "From another workshop.",
        };
        db.Log.Add(imported);
        await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        await Assert.ThrowsAsync<UndoException>(() => store.Request().Work.UndoAsync(imported.Id, TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task Ids_rise_however_many_are_made_in_one_instant()
    {
        await using var store = await Store.OpenAsync();
        var work = store.Request().Work;
        var ids = Enumerable.Range(0, 500).Select(_ => work.NewId()).ToList();
        Assert.Equal(ids.Count, ids.Distinct().Count());
        Assert.Equal(ids, ids.OrderBy(i => i.ToString(), StringComparer.Ordinal));
    }

    [Fact]
    public async Task Whoever_listens_hears_of_every_machine_that_was_touched()
    {
        await using var store = await Store.OpenAsync();
        var (a, b) = (await store.TakeInAsync("One"), await store.TakeInAsync("Two"));
        var live = new Live();
        using var listener = live.Listen();
        Assert.Equal(1, live.Listeners);
        var db = store.Db();
        var work = new UnitOfWork(db, store.Clock, live);
        foreach (var m in await db.Machines.ToListAsync(TestContext.Current.CancellationToken))
        {
            db.Jobs.Add(
                new Job
                {
                    Id = work.NewId(),
                    MachineId = m.Id,
                    Title = "Look",
                    At = store.Now,
                }
            );
        }
        await work.ActAsync(null, "Both.", TestContext.Current.CancellationToken);
        // Nothing had begun to read: it is heard all the same.
        var heard = new List<Guid>();
        await foreach (var id in listener.TouchedAsync(TestContext.Current.CancellationToken))
        {
            heard.Add(id);
            if (heard.Count == 2)
            {
                break;
            }
        }
        Assert.Equal(new HashSet<Guid> { a, b }, heard.ToHashSet());
        listener.Dispose();
        Assert.Equal(0, live.Listeners);
    }
}
