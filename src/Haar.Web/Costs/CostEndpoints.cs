using Haar.Core.Costs;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Costs;

public sealed record CostEdit(string What, decimal? Amount, int? Minutes);

/// <param name="GoOn">Go on, or stop?</param>
/// <param name="Version">Of the machine, for changing what is expected.</param>
public sealed record CostsScreen(IReadOnlyList<CostEntry> Entries, CostSum Sum, Expectation Expectation, GoOnResult GoOn, int Version);

/// <param name="Next">What this decision would cost; 0 when left out.</param>
public sealed record GoOnAsk(
    double Spent,
    Expectation Expectation,
    double Next = 0,
    string Currency = "EUR",
    double StopLossShare = GoOn.StopLossShare
);

static class CostEndpoints
{
    public static void MapCosts(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/costs").WithTags("Costs");
        m.MapGet(
                "/",
                async (Guid id, HaarDb db, CancellationToken cancel) =>
                {
                    var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
                    var entries = await db.Costs.AsNoTracking().Where(c => c.MachineId == id).OrderBy(c => c.At).ToListAsync(cancel);
                    var w = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
                    var sum = CostSums.Of(machine.Paid, entries, w.Currency);
                    return new CostsScreen(
                        entries,
                        sum,
                        machine.Expectation,
                        GoOn.Of(Math.Max(0, (double)sum.Total), machine.Expectation, 0, w.Currency),
                        machine.Version
                    );
                }
            )
            .WithName("GetCosts");
        m.MapPost(
                "/",
                async (Guid id, CostEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
                    var c = new CostEntry
                    {
                        Id = work.NewId(),
                        MachineId = id,
                        What = e.What.Trim(),
                        Amount = e.Amount,
                        Minutes = e.Minutes,
                        At = work.Now,
                    };
                    db.Add(c);
                    return (
                        await work.ActAsync(
                            id,
                            $"Spent on {c.What}: {string.Join(", ", new[] { c.Amount is { } a ? $"{a:0.00}" : "", c.Minutes is { } n ? $"{n} min" : "" }.Where(s => s.Length > 0))}.",
                            cancel
                        )
                    ).Said(c.Id);
                }
            )
            .WithName("AddCost");
        m.MapPut(
                "/expectation",
                async (Guid id, Expectation e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var machine = await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
                    UnitOfWork.Match(machine, machine.Version, based.On);
                    _ = GoOn.Of(0, e);
                    machine.Expectation = e;
                    return (
                        await work.ActAsync(
                            id,
                            $"Expected: {(e.ToFinish is { } f ? $"{f.Low:0.##} to {f.High:0.##} to finish" : "nothing said about finishing")}{(e.StopLoss is { } s ? $", stop at {s:0.##}" : "")}.",
                            cancel
                        )
                    ).Said(id);
                }
            )
            .WithName("SetExpectation");
        m.MapDelete(
                "/{costId:guid}",
                async (Guid id, Guid costId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var c = await db.Costs.FirstOrDefaultAsync(x => x.Id == costId && x.MachineId == id, cancel).OrNotHere("entry");
                    db.Remove(c);
                    return (await work.ActAsync(id, $"No longer counted: {c.What}.", cancel)).Said(c.Id);
                }
            )
            .WithName("RemoveCost");
    }

    public static void MapCostsCalc(this IEndpointRouteBuilder calc) =>
        calc.MapGroup("/costs")
            .WithTags("Calc: costs")
            .MapPost("/go-on", (GoOnAsk ask) => GoOn.Of(ask.Spent, ask.Expectation, ask.Next, ask.Currency, ask.StopLossShare))
            .WithName("CalcGoOn")
            .WithSummary("Go on, or stop: what is spent and still to come against what a complete one costs.")
            .WithExample(
                """{"spent":42.5,"expectation":{"toFinish":{"low":20,"likely":45,"high":110},"complete":{"low":90,"likely":120,"high":160}},"next":12,"currency":"EUR"}"""
            )
            .ProducesValidationProblem();
}
