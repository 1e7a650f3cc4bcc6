using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Parts;

public sealed record SupplierEdit(string Name, string Address, double Postage, double? FreeFrom, int Days);

/// <param name="Text">CSV: sku, marking, kind, volts, celsius, diameter, height, pitch, pack, price, from2, price2, from3, price3, stock.</param>
public sealed record OffersCsv(string Text);

public sealed record SupplierRow(
    Guid Id,
    string Name,
    string Address,
    double Postage,
    double? FreeFrom,
    int Days,
    int Offers,
    DateTimeOffset? ReadAt,
    int Version
);

static class SupplierEndpoints
{
    public static void MapSuppliers(this IEndpointRouteBuilder api)
    {
        var s = api.MapGroup("/suppliers").WithTags("Parts");
        s.MapGet(
                "/",
                async (HaarDb db, CancellationToken cancel) =>
                    (await db.Suppliers.AsNoTracking().OrderBy(x => x.Name).ToListAsync(cancel)).Select(Row).ToList()
            )
            .WithName("GetSuppliers");
        s.MapPost(
                "/",
                async (SupplierEdit e, HaarDb db, UnitOfWork work, OutboundPolicy outbound, CancellationToken cancel) =>
                {
                    var x = new Supplier { Id = work.NewId() };
                    Apply(x, e, outbound);
                    db.Add(x);
                    return (await work.ActAsync(null, $"Supplier: {x.Name}.", cancel)).Said(x.Id);
                }
            )
            .WithName("AddSupplier");
        s.MapPut(
                "/{supplierId:guid}",
                async (
                    Guid supplierId,
                    SupplierEdit e,
                    IfMatch based,
                    HaarDb db,
                    UnitOfWork work,
                    OutboundPolicy outbound,
                    CancellationToken cancel
                ) =>
                {
                    var x = await db.Suppliers.FirstOrDefaultAsync(y => y.Id == supplierId, cancel).OrNotHere("supplier");
                    UnitOfWork.Match(x, x.Version, based.On);
                    Apply(x, e, outbound);
                    return (await work.ActAsync(null, $"Supplier changed: {x.Name}.", cancel)).Said(x.Id);
                }
            )
            .WithName("EditSupplier");
        s.MapDelete(
                "/{supplierId:guid}",
                async (Guid supplierId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var x = await db.Suppliers.FirstOrDefaultAsync(y => y.Id == supplierId, cancel).OrNotHere("supplier");
                    db.Remove(x);
                    return (await work.ActAsync(null, $"Supplier taken off the list: {x.Name}.", cancel)).Said(x.Id);
                }
            )
            .WithName("RemoveSupplier");
        s.MapPost("/{supplierId:guid}/read", ReadAsync)
            .WithMetadata(new NotTwice())
            .WithName("ReadSupplier")
            .WithSummary("Asks the supplier for its list.");
        s.MapPost("/{supplierId:guid}/csv", CsvAsync).WithName("ImportOffers").WithSummary("Takes a whole list or nothing.");
    }

    static SupplierRow Row(Supplier s) => new(s.Id, s.Name, s.Address, s.Postage, s.FreeFrom, s.Days, s.Offers.Count, s.ReadAt, s.Version);

    static void Apply(Supplier s, SupplierEdit e, OutboundPolicy outbound)
    {
        (s.Name, s.Address, s.Postage, s.FreeFrom, s.Days) = (e.Name.Trim(), e.Address.Trim(), e.Postage, e.FreeFrom, e.Days);
        s.Check();
        if (Uri.TryCreate(s.Address, UriKind.Absolute, out var address))
        {
            outbound.Check("address", address.Host);
        }
    }

    static async Task<Acted> ReadAsync(Guid supplierId, HaarDb db, UnitOfWork work, SupplierClient client, CancellationToken cancel)
    {
        var s = await db.Suppliers.FirstOrDefaultAsync(x => x.Id == supplierId, cancel).OrNotHere("supplier");
        if (s.Address.Length == 0)
        {
            throw new InvalidInputException("address", "This supplier has no address to ask: give it one, or take a list in.");
        }
        var c = await client.CatalogueAsync(s.Address, cancel);
        var currency = (await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel)).Currency;
        if (!string.Equals(c.Currency, currency, StringComparison.OrdinalIgnoreCase))
        {
            throw new SupplierException(
                $"Its prices are in {c.Currency} and the workshop reckons in {currency}: they cannot be compared. The list from before stands."
            );
        }
        (s.Postage, s.FreeFrom, s.Days, s.ReadAt) = (c.Postage, c.FreeFrom, c.Days, work.Now);
        try
        {
            s.Check();
        }
        catch (InvalidInputException e)
        {
            throw new SupplierException($"The supplier's list cannot be ({e.Field}): {e.Message} The list from before stands.");
        }
        s.Offers = SupplierClient.Offers(s, c.Offers);
        return (await work.ActAsync(null, $"{s.Name}: {s.Offers.Count} offers read.", cancel)).Said(s.Id);
    }

    static async Task<Acted> CsvAsync(Guid supplierId, OffersCsv csv, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var s = await db.Suppliers.FirstOrDefaultAsync(x => x.Id == supplierId, cancel).OrNotHere("supplier");
        var (offers, problems) = OfferTable.Read(csv.Text, s.Id.ToString());
        if (problems.Count > 0)
        {
            throw new InvalidInputException("text", string.Join("\n", problems.Append("Nothing was taken.")));
        }
        (s.Offers, s.ReadAt) = (offers, work.Now);
        return (await work.ActAsync(null, $"{s.Name}: {offers.Count} offers taken from a list.", cancel)).Said(s.Id);
    }
}
