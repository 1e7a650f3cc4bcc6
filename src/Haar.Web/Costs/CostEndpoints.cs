using Haar.Core.Costs;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Costs;

public sealed record CostEdit(string What, decimal? Amount, int? Minutes);

public sealed record CostsScreen(IReadOnlyList<CostEntry> Entries, CostSum Sum);

static class CostEndpoints
{
    public static void MapCosts(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/costs").WithTags("Costs");
        m.MapGet("/", async (Guid id, HaarDb db, CancellationToken cancel) =>
        {
            var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
            var entries = await db.Costs.AsNoTracking().Where(c => c.MachineId == id).OrderBy(c => c.At).ToListAsync(cancel);
            var w = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
            return new CostsScreen(entries, CostSums.Of(machine.Paid, entries, w.Currency));
        }).WithName("GetCosts");
        m.MapPost("/", async (Guid id, CostEdit e, HaarDb db, Bench bench, CancellationToken cancel) =>
        {
            await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
            var c = new CostEntry { Id = bench.NewId(), MachineId = id, What = e.What.Trim(), Amount = e.Amount, Minutes = e.Minutes, At = bench.Now };
            CostSums.Check(c);
            db.Add(c);
            return (await bench.ActAsync(id, $"Spent on {c.What}: {string.Join(", ", new[] { c.Amount is { } a ? $"{a:0.00}" : "", c.Minutes is { } n ? $"{n} min" : "" }.Where(s => s.Length > 0))}.", cancel)).Said(c.Id);
        }).WithName("AddCost");
        m.MapDelete("/{costId:guid}", async (Guid id, Guid costId, HaarDb db, Bench bench, CancellationToken cancel) =>
        {
            var c = await db.Costs.FirstOrDefaultAsync(x => x.Id == costId && x.MachineId == id, cancel).OrNotHere("entry");
            db.Remove(c);
            return (await bench.ActAsync(id, $"No longer counted: {c.What}.", cancel)).Said(c.Id);
        }).WithName("RemoveCost");
    }
}
