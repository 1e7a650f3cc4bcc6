using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Haar.Data.Tests;

/// <summary>What an older Haar had set aside in a fitting sheet is a row after the update, and a piece that was fitted stays fitted.</summary>
public class SetAsideMigrationTests
{
    [Fact]
    public async Task Pieces_set_aside_become_rows_and_work_in_the_post_names_its_order()
    {
        await using var store = await Store.OpenAsync();
        var cancel = TestContext.Current.CancellationToken;
        var machine = await store.TakeInAsync();
        var (db, work) = store.Request();
        var board = new Board
        {
            Id = work.NewId(),
            MachineId = machine,
            Name = "Main",
        };
        var part = new DrawerPart
        {
            Id = work.NewId(),
            Quantity = 3,
            Spec = new() { Microfarads = 47 },
        };
        Capacitor Place(string designator) =>
            new()
            {
                Id = work.NewId(),
                MachineId = machine,
                BoardId = board.Id,
                Designator = designator,
                Spec = new() { Microfarads = 47 },
            };
        var (aside, fitted, lost) = (Place("C1"), Place("C2"), Place("C3"));
        var order = new PartOrder
        {
            Id = work.NewId(),
            SupplierId = Guid.NewGuid(),
            Supplier = "S",
            State = PartOrderState.Confirmed,
            Lines = [new("a", new() { Microfarads = 47 }, 1, 1, 1, [lost.Id])],
        };
        var job = new Job
        {
            Id = work.NewId(),
            MachineId = machine,
            Title = "Fit the capacitors that are in the post",
        };
        job.WaitFor(work.NewId, "capacitors in the post", null, work.Now);
        db.AddRange(board, part, aside, fitted, lost, order, job);
        await work.ActAsync(machine, "As it was.", cancel);

        // Back to the database of the Haar before, with its way of setting aside.
        await db.GetService<IMigrator>().MigrateAsync("20261126080855_OrderOnce", cancel);
        await db.Database.ExecuteSqlAsync(
            $"UPDATE Capacitors SET Fitting = json_object('partId', lower({part.Id.ToString()})) WHERE Id = {aside.Id}",
            cancel
        );
        await db.Database.ExecuteSqlAsync(
            $"UPDATE Capacitors SET Fitting = json_object('partId', lower({part.Id.ToString()}), 'removedAt', '2026-01-01T10:00:00+00:00', 'fittedAt', '2026-01-01T11:00:00+00:00') WHERE Id = {fitted.Id}",
            cancel
        );
        await db.Database.ExecuteSqlAsync(
            $"UPDATE Capacitors SET Fitting = json_object('partId', lower({Guid.NewGuid().ToString()})) WHERE Id = {lost.Id}",
            cancel
        );
        await db.GetService<IMigrator>().MigrateAsync(null, cancel);

        var now = store.Db();
        var row = Assert.Single(now.Reservations);
        Assert.Equal((machine, aside.Id, part.Id), (row.MachineId, row.CapacitorId, row.PartId));
        var caps = now.Capacitors.ToDictionary(c => c.Designator, c => c.Fitting);
        Assert.Null(caps["C1"].PartId);
        Assert.Equal(part.Id, caps["C2"].PartId);
        // A piece of a part that the drawer no longer has was set aside for nobody.
        Assert.Null(caps["C3"].PartId);
        Assert.Equal(order.Id, now.Jobs.Single(j => j.Id == job.Id).OrderId);
        Assert.Equal(2, (await new Parts.Stock(now).OneAsync(part.Id, cancel))!.Free);
    }
}
