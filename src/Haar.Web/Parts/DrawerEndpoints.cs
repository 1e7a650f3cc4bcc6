using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Labels;
using Haar.Data.Log;
using Haar.Data.Parts;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Parts;

public sealed record DrawerEdit(CapacitorSpec Spec, int Quantity, string Place, DateOnly? BoughtOn, decimal? Price);

/// <param name="Quantity">Pieces that lie there.</param>
public sealed record DrawerCount(int Quantity);

public sealed record ReservedFor(Guid MachineId, string Machine, Guid CapacitorId, string Designator);

public sealed record DrawerRow(DrawerPart Part, string Name, int Free, IReadOnlyList<ReservedFor> For);

public sealed record DrawerScreen(
    IReadOnlyList<DrawerRow> Parts,
    int Pieces,
    int Reserved,
    decimal Worth,
    string Currency,
    int Page,
    int Pages
);

static class DrawerEndpoints
{
    const int PageSize = 200;

    public static void MapDrawer(this IEndpointRouteBuilder api)
    {
        var d = api.MapGroup("/drawer").WithTags("Parts");
        d.MapGet("/", ScreenAsync).WithName("GetDrawer");
        d.MapGet(
                "/labels.pdf",
                (HttpRequest request, HaarDb db, int skip = 0) =>
                {
                    if (skip is < 0 or > 23)
                    {
                        throw new InvalidInputException("skip", "0 to 23 labels are gone from the first sheet.");
                    }
                    var parts = db.Drawer.AsNoTracking().Where(p => p.Quantity > 0).OrderBy(p => p.Place).ThenBy(p => p.Id).Take(2000);
                    // Page by page: read, drawn and sent, and none of it kept.
                    return Blocking.Answer(
                        to =>
                            LabelSheet.Pdf(
                                parts.AsEnumerable().Select(p => LabelOf(p, $"{request.Scheme}://{request.Host}/drawer?part={p.Id}")),
                                to,
                                skip
                            ),
                        "application/pdf",
                        "drawer labels.pdf"
                    );
                }
            )
            .WithName("GetDrawerLabels")
            .WithSummary("A sheet of drawer labels, A4, 24 to a sheet; each QR code opens its count.")
            .Produces(200, contentType: "application/pdf");
        d.MapPost(
                "/{partId:guid}/count",
                (Guid partId, DrawerCount ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                    work.InOneAsync(() => CountAsync(partId, ask, db, work, cancel), cancel)
            )
            .WithName("CountDrawerPart")
            .WithSummary("What lies there by count. A reserved piece that was taken by hand frees its place, which is wanted again.");
        d.MapPost(
                "/",
                async (DrawerEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    NotFromTheFuture(e, work.Today);
                    var p = new DrawerPart { Id = work.NewId() };
                    Apply(p, e);
                    db.Add(p);
                    return (await work.ActAsync(null, $"Into the drawer: {p.Quantity} × {Substitution.Describe(p.Spec)}.", cancel)).Said(
                        p.Id
                    );
                }
            )
            .WithName("AddDrawerPart");
        d.MapPut(
                "/{partId:guid}",
                (Guid partId, DrawerEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                    work.InOneAsync(() => EditAsync(partId, e, based, db, work, cancel), cancel)
            )
            .WithName("EditDrawerPart");
        d.MapDelete(
                "/{partId:guid}",
                (Guid partId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                    work.InOneAsync(() => RemoveAsync(partId, db, work, cancel), cancel)
            )
            .WithName("RemoveDrawerPart");
    }

    static async Task<Acted> CountAsync(Guid partId, DrawerCount ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var p = await db.Stock().OneAsync(partId, cancel).OrNotHere("drawer part");
        var lost = p.Count(ask.Quantity, await db.Reservations.Where(r => r.PartId == partId).ToListAsync(cancel));
        var places = lost.Select(r => r.CapacitorId).ToList();
        var names = await db.Capacitors.Where(c => places.Contains(c.Id)).Select(c => c.Designator).ToListAsync(cancel);
        db.RemoveRange(lost);
        var taken = lost.Count > 0 ? $" Set aside no longer for {string.Join(", ", names)}: somebody took it." : "";
        return (await work.ActAsync(null, $"Counted: {p.Quantity} × {Substitution.Describe(p.Spec)}.{taken}", cancel)).Said(p.Id);
    }

    static async Task<Acted> EditAsync(Guid partId, DrawerEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        NotFromTheFuture(e, work.Today);
        var p = await db.Stock().OneAsync(partId, cancel).OrNotHere("drawer part");
        UnitOfWork.Match(p, p.Version, based.On);
        if (e.Quantity < p.Reserved)
        {
            throw new InvalidInputException(
                "quantity",
                $"{p.Reserved} pieces are set aside for boards: release them first, or leave that many."
            );
        }
        Apply(p, e);
        return (await work.ActAsync(null, $"Drawer: {p.Quantity} × {Substitution.Describe(p.Spec)}.", cancel)).Said(p.Id);
    }

    static async Task<Acted> RemoveAsync(Guid partId, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var p = await db.Stock().OneAsync(partId, cancel).OrNotHere("drawer part");
        if (p.Reserved > 0)
        {
            throw new InvalidInputException("part", $"{p.Reserved} pieces are set aside for boards: release them first.");
        }
        db.Remove(p);
        return (await work.ActAsync(null, $"Out of the drawer: {Substitution.Describe(p.Spec)}.", cancel)).Said(p.Id);
    }

    static Label LabelOf(DrawerPart p, string address)
    {
        // The font of the labels has no micro sign: u stands for it, as ISO 2955 has it.
        var words = Substitution.Describe(p.Spec).Replace('µ', 'u').Split(' ');
        var value = p.Spec.RatedVolts is null ? 2 : 4;
        string[] lines =
        [
            string.Join(' ', words.Skip(value)),
            p.Spec is { DiameterMillimetres: { } w, HeightMillimetres: { } h }
                ? $"{Core.Markings.Si.Plain(w)} × {Core.Markings.Si.Plain(h)} mm"
                : "",
            p.BoughtOn is { } day ? $"bought {day:MMMM yyyy}" : "",
        ];
        return new(
            p.Place.Length > 0 ? p.Place : "–",
            "Drawer",
            string.Join(' ', words.Take(value)),
            [.. lines.Where(l => l.Length > 0)],
            address
        );
    }

    static async Task<DrawerScreen> ScreenAsync(HaarDb db, CancellationToken cancel, int page = 1)
    {
        var count = await db.Drawer.CountAsync(cancel);
        var pages = Math.Max(1, (count + PageSize - 1) / PageSize);
        page = Math.Clamp(page, 1, pages);
        var parts = await db.Stock()
            .CountedAsync(
                await db
                    .Drawer.AsNoTracking()
                    .OrderBy(p => p.Place)
                    .ThenBy(p => p.Id)
                    .Skip((page - 1) * PageSize)
                    .Take(PageSize)
                    .ToListAsync(cancel),
                cancel
            );
        var ids = parts.Where(p => p.Reserved > 0).Select(p => p.Id).ToList();
        var by = (
            await db
                .Reservations.AsNoTracking()
                .Where(r => ids.Contains(r.PartId))
                .Join(
                    db.Capacitors,
                    r => r.CapacitorId,
                    c => c.Id,
                    (r, c) =>
                        new
                        {
                            r.PartId,
                            Capacitor = c.Id,
                            c.Designator,
                            c.MachineId,
                        }
                )
                .Join(
                    db.Machines,
                    x => x.MachineId,
                    m => m.Id,
                    (x, m) =>
                        new
                        {
                            x.PartId,
                            x.Capacitor,
                            x.Designator,
                            x.MachineId,
                            m.Name,
                        }
                )
                .ToListAsync(cancel)
        ).ToLookup(r => r.PartId, r => new ReservedFor(r.MachineId, r.Name, r.Capacitor, r.Designator));
        var currency = (await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel)).Currency;
        return new(
            [.. parts.Select(p => new DrawerRow(p, Substitution.Describe(p.Spec), p.Free, [.. by[p.Id]]))],
            parts.Sum(p => p.Quantity),
            parts.Sum(p => p.Reserved),
            parts.Sum(p => p.Quantity * (p.Price ?? 0)),
            currency,
            page,
            pages
        );
    }

    static void Apply(DrawerPart p, DrawerEdit e) =>
        (p.Spec, p.Quantity, p.Place, p.BoughtOn, p.Price) = (e.Spec, e.Quantity, e.Place.Trim(), e.BoughtOn, e.Price);

    static void NotFromTheFuture(DrawerEdit e, DateOnly today)
    {
        if (e.BoughtOn > today)
        {
            throw new InvalidInputException("boughtOn", "A day from 1970 to today.");
        }
    }
}
