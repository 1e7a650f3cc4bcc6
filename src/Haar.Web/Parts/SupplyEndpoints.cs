using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Parts;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Parts;

/// <param name="Amount">What lies there now; a tool counts in pieces.</param>
/// <param name="KeepsMonths">From the day on which it was opened; null keeps.</param>
/// <param name="DaysToCome">From the order to the shelf.</param>
public sealed record SupplyEdit(
    string Kind,
    double Amount,
    SupplyUnit Unit = SupplyUnit.Millilitres,
    string Name = "",
    bool Tool = false,
    DateOnly? OpenedOn = null,
    int? KeepsMonths = null,
    int? DaysToCome = null,
    string Place = ""
);

/// <param name="Amount">By a look, a measure or the scale.</param>
public sealed record SupplyCount(double Amount);

/// <param name="Word">"good", "spoilt" or "empty".</param>
public sealed record SupplyRow(Supply Supply, double Left, DateOnly? KeepsUntil, string Word);

/// <param name="Kinds">Names of kinds that work asks for: what is put down under one of them is counted by itself.</param>
public sealed record SuppliesScreen(IReadOnlyList<SupplyRow> Supplies, IReadOnlyList<string> Kinds);

static class SupplyEndpoints
{
    public static void MapSupplies(this IEndpointRouteBuilder api)
    {
        var g = api.MapGroup("/store/supplies").WithTags("Parts");
        g.MapGet(
                "/",
                async (HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var today = work.Today;
                    return new SuppliesScreen(
                        [
                            .. (await db.Stock().ShelfAsync(cancel)).Select(s => new SupplyRow(
                                s.Supply,
                                Math.Round(s.Left, 2),
                                s.Supply.KeepsUntil,
                                !Supplies.Good(s.Supply, today) ? "spoilt"
                                    : s.Left <= 0 ? "empty"
                                    : "good"
                            )),
                        ],
                        [
                            .. Core
                                .Cleaning.Methods.Usual.SelectMany(m => m.Uses)
                                .Select(u => u.Supply)
                                .Concat(Supplies.StandIns.SelectMany(s => new[] { s.For, s.Of }))
                                .Distinct()
                                .Order(StringComparer.Ordinal),
                        ]
                    );
                }
            )
            .WithName("GetSupplies");
        g.MapPost(
                "/",
                async (SupplyEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var s = new Supply { Id = work.NewId() };
                    Apply(s, e, work);
                    db.Add(s);
                    return (await work.ActAsync(null, $"On the shelf: {Said(s)}.", cancel)).Said(s.Id);
                }
            )
            .WithName("AddSupply");
        g.MapPut(
                "/{supplyId:guid}",
                async (Guid supplyId, SupplyEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var s = await db.Supplies.FirstOrDefaultAsync(x => x.Id == supplyId, cancel).OrNotHere("supply");
                    UnitOfWork.Match(s, s.Version, based.On);
                    Apply(s, e, work);
                    return (await work.ActAsync(null, $"Shelf: {Said(s)}.", cancel)).Said(s.Id);
                }
            )
            .WithName("EditSupply");
        g.MapPost(
                "/{supplyId:guid}/count",
                async (Guid supplyId, SupplyCount ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var s = await db.Supplies.FirstOrDefaultAsync(x => x.Id == supplyId, cancel).OrNotHere("supply");
                    (s.Counted, s.CountedAt) = (ask.Amount, work.Now);
                    s.Check();
                    return (await work.ActAsync(null, $"Counted: {Said(s)}.", cancel)).Said(s.Id);
                }
            )
            .WithName("CountSupply");
        g.MapDelete(
                "/{supplyId:guid}",
                async (Guid supplyId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var s = await db.Supplies.FirstOrDefaultAsync(x => x.Id == supplyId, cancel).OrNotHere("supply");
                    db.RemoveRange(await db.SupplyUses.Where(u => u.SupplyId == s.Id).ToListAsync(cancel));
                    db.Remove(s);
                    return (await work.ActAsync(null, $"Off the shelf: {s.Kind}.", cancel)).Said(s.Id);
                }
            )
            .WithName("RemoveSupply");
    }

    static string Said(Supply s) =>
        $"{(s.Tool ? "" : $"{Supplies.Amount(s.Counted, s.Unit)} ")}{(s.Name.Length > 0 ? s.Name : s.Kind)}".Trim();

    static void Apply(Supply s, SupplyEdit e, UnitOfWork work)
    {
        (s.Kind, s.Name, s.Unit, s.Tool, s.Place) = (
            (e.Kind ?? "").Trim(),
            (e.Name ?? "").Trim(),
            e.Tool ? SupplyUnit.Pieces : e.Unit,
            e.Tool,
            (e.Place ?? "").Trim()
        );
        (s.OpenedOn, s.KeepsMonths, s.DaysToCome) = (e.OpenedOn, e.KeepsMonths, e.DaysToCome);
        (s.Counted, s.CountedAt) = (e.Amount, work.Now);
        if (e.OpenedOn > work.Today)
        {
            throw new InvalidInputException("openedOn", "A day up to today.");
        }
        s.Check();
    }
}
