using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Parts;

/// <param name="Owner">Whose it is; empty for the workshop's own.</param>
/// <param name="DueOn">When it goes back; null where nobody has said.</param>
public sealed record StorePartEdit(
    string Kind,
    string Fits,
    int Quantity,
    PartState State,
    string Place,
    string CameFrom,
    string Owner = "",
    DateOnly? DueOn = null
);

public sealed record StoreFastenerEdit(string Thread, double LengthMillimetres, string Head, int Quantity, string Place);

public sealed record StorePartRow(StorePart Part, string? ForMachine);

public sealed record StoreScreen(IReadOnlyList<StorePartRow> Parts, IReadOnlyList<StoreFastener> Fasteners);

static class StoreEndpoints
{
    public static void MapStore(this IEndpointRouteBuilder api)
    {
        var g = api.MapGroup("/store").WithTags("Parts");
        g.MapGet(
                "/",
                async (HaarDb db, CancellationToken cancel) =>
                {
                    var parts = await db.Store.AsNoTracking().OrderBy(p => p.Kind).ThenBy(p => p.Id).Take(1000).ToListAsync(cancel);
                    var wanted = parts.Select(p => p.ForMachineId).OfType<Guid>().Distinct().ToList();
                    var names = await db
                        .Machines.AsNoTracking()
                        .Where(m => wanted.Contains(m.Id))
                        .ToDictionaryAsync(m => m.Id, m => m.Name, cancel);
                    return new StoreScreen(
                        [.. parts.Select(p => new StorePartRow(p, p.ForMachineId is { } id ? names.GetValueOrDefault(id) : null))],
                        await db
                            .Fasteners.AsNoTracking()
                            .OrderBy(f => f.Thread)
                            .ThenBy(f => f.LengthMillimetres)
                            .ThenBy(f => f.Head)
                            .Take(1000)
                            .ToListAsync(cancel)
                    );
                }
            )
            .WithName("GetStore");
        g.MapPost(
                "/parts",
                async (StorePartEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = new StorePart { Id = work.NewId(), At = work.Now };
                    Apply(p, e);
                    db.Add(p);
                    return (await work.ActAsync(null, $"Into the store: {p.Quantity} × {p.Kind}.", cancel)).Said(p.Id);
                }
            )
            .WithName("AddStorePart");
        g.MapPut(
                "/parts/{partId:guid}",
                async (Guid partId, StorePartEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.Store.FirstOrDefaultAsync(x => x.Id == partId, cancel).OrNotHere("part");
                    UnitOfWork.Match(p, p.Version, based.On);
                    Apply(p, e);
                    return (await work.ActAsync(null, $"Store: {p.Quantity} × {p.Kind}.", cancel)).Said(p.Id);
                }
            )
            .WithName("EditStorePart");
        g.MapDelete(
                "/parts/{partId:guid}",
                async (Guid partId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.Store.FirstOrDefaultAsync(x => x.Id == partId, cancel).OrNotHere("part");
                    db.Remove(p);
                    return (await work.ActAsync(null, $"Out of the store: {p.Kind}.", cancel)).Said(p.Id);
                }
            )
            .WithName("RemoveStorePart");
        g.MapPost(
                "/fasteners",
                async (StoreFastenerEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var f = new StoreFastener { Id = work.NewId() };
                    Apply(f, e);
                    db.Add(f);
                    return (
                        await work.ActAsync(
                            null,
                            $"Into the store: {f.Quantity} × {Core.Stripdown.Reconcile.Size(f.Thread, f.LengthMillimetres, f.Head)}.",
                            cancel
                        )
                    ).Said(f.Id);
                }
            )
            .WithName("AddStoreFastener");
        g.MapPut(
                "/fasteners/{fastenerId:guid}",
                async (Guid fastenerId, StoreFastenerEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var f = await db.Fasteners.FirstOrDefaultAsync(x => x.Id == fastenerId, cancel).OrNotHere("fastener");
                    UnitOfWork.Match(f, f.Version, based.On);
                    Apply(f, e);
                    return (
                        await work.ActAsync(
                            null,
                            $"Store: {f.Quantity} × {Core.Stripdown.Reconcile.Size(f.Thread, f.LengthMillimetres, f.Head)}.",
                            cancel
                        )
                    ).Said(f.Id);
                }
            )
            .WithName("EditStoreFastener");
        g.MapDelete(
                "/fasteners/{fastenerId:guid}",
                async (Guid fastenerId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var f = await db.Fasteners.FirstOrDefaultAsync(x => x.Id == fastenerId, cancel).OrNotHere("fastener");
                    db.Remove(f);
                    return (
                        await work.ActAsync(
                            null,
                            $"Out of the store: {Core.Stripdown.Reconcile.Size(f.Thread, f.LengthMillimetres, f.Head)}.",
                            cancel
                        )
                    ).Said(f.Id);
                }
            )
            .WithName("RemoveStoreFastener");
    }

    static void Apply(StorePart p, StorePartEdit e)
    {
        (p.Kind, p.Fits, p.Quantity, p.State, p.Place, p.CameFrom) = (
            e.Kind.Trim(),
            e.Fits.Trim(),
            e.Quantity,
            e.State,
            e.Place.Trim(),
            e.CameFrom.Trim()
        );
        (p.Owner, p.DueOn) = ((e.Owner ?? "").Trim(), e.DueOn);
        p.Check();
    }

    static void Apply(StoreFastener f, StoreFastenerEdit e)
    {
        (f.Thread, f.LengthMillimetres, f.Head, f.Quantity, f.Place) = (
            e.Thread.Trim(),
            e.LengthMillimetres,
            e.Head.Trim(),
            e.Quantity,
            e.Place.Trim()
        );
        f.Check();
    }
}
