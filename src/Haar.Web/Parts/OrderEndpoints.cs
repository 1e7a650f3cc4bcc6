using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Parts;

/// <param name="Key">Names it in the plan.</param>
/// <param name="For">"Newsletter desktop C14", in order.</param>
public sealed record NeedRow(string Key, string Name, CapacitorRole Role, int Count, IReadOnlyList<string> For);

/// <param name="Name">Of the drawer part.</param>
public sealed record FromDrawer(Guid CapacitorId, Guid MachineId, string For, Guid PartId, string Name, string Place);

/// <param name="Drawer">Free pieces of the drawer that serve; set aside in one act.</param>
/// <param name="Plan">What is ordered for the rest.</param>
/// <param name="Shopping">The rest by value, volts, kind and size, for whoever buys it without a supplier's list.</param>
public sealed record OrderScreen(
    IReadOnlyList<FromDrawer> Drawer,
    IReadOnlyList<NeedRow> Needs,
    OrderResult Plan,
    IReadOnlyList<PartOrder> Orders,
    IReadOnlyList<SupplierRow> Suppliers,
    string Currency,
    IReadOnlyList<ShoppingLine> Shopping
);

/// <param name="Cost">As the screen showed it: a plan that has moved meanwhile is not sent unseen.</param>
public sealed record SendAsk(double Cost, double SpareShare, int SpareLeast, int? LatestDays);

/// <param name="Arrived">What lay in the parcel: pieces by sku.</param>
public sealed record ArrivedAsk(IReadOnlyList<ArrivedLine> Arrived);

/// <param name="ExpectedOn">The day that it comes.</param>
public sealed record ExpectedAsk(DateOnly ExpectedOn);

public sealed record ArrivedLine(string Sku, int Pieces);

public sealed record SentAnswer(Guid LogId, string Sentence, IReadOnlyList<string> Troubles);

static class OrderEndpoints
{
    public static void MapOrders(this IEndpointRouteBuilder api)
    {
        var o = api.MapGroup("/orders").WithTags("Parts");
        o.MapGet("/", ScreenAsync)
            .WithName("GetOrders")
            .WithSummary("Which parts are in the drawer, what has to be bought, the order that costs least, and what is in the post.");
        o.MapPut(
                "/{orderId:guid}/expected",
                (Guid orderId, ExpectedAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    work.DoAsync(
                            null,
                            new ParcelComes(ask.ExpectedOn),
                            async (db, c) =>
                                new ParcelFacts(
                                    await db.Orders.FirstOrDefaultAsync(x => x.Id == orderId, c).OrNotHere("order"),
                                    await db.Waits.Where(w => w.OrderId == orderId).ToListAsync(c),
                                    work.Today
                                ),
                            null,
                            cancel
                        )
                        .Said()
            )
            .WithName("ParcelComes")
            .WithSummary("A parcel comes on another day than was thought: what waits for it waits until then.");
        o.MapGet(
                "/plan.csv",
                async (Orders orders, CancellationToken cancel, double spareShare = 0, int spareLeast = 0, int? latestDays = null) =>
                    Results.Text(
                        await orders.PlanCsvAsync(
                            new()
                            {
                                SpareShare = spareShare,
                                SpareLeast = spareLeast,
                                LatestDays = latestDays,
                            },
                            cancel
                        ),
                        "text/csv"
                    )
            )
            .WithName("ExportOrderPlan")
            .Produces(200, contentType: "text/csv");
        o.MapGet(
                "/shopping-list.csv",
                async (Orders orders, CancellationToken cancel, double spareShare = 0, int spareLeast = 0) =>
                    Results.Text(
                        OfferTable.Write(
                            ShoppingList.Of(
                                (await orders.WantedAsync(cancel)).Needs.Select(n =>
                                    (n.Need, (IReadOnlyList<string>)[.. n.For.Select(f => f.Name)])
                                ),
                                new() { SpareShare = spareShare, SpareLeast = spareLeast }
                            )
                        ),
                        "text/csv"
                    )
            )
            .WithName("ExportShoppingList")
            .WithSummary("What has to be bought by value, volts, kind and size, without any supplier.")
            .Produces(200, contentType: "text/csv");
        o.MapPost("/set-aside", (Orders orders, CancellationToken cancel) => orders.SetAsideAsync(cancel))
            .WithName("SetAside")
            .WithSummary("Sets aside every part that is in the drawer, each piece once.");
        o.MapPost("/send", (SendAsk ask, Orders orders, CancellationToken cancel) => orders.SendAsync(ask, cancel))
            .WithMetadata(new NotTwice())
            .WithName("SendOrders")
            .WithSummary("Writes the orders down, then sends each; one that a supplier does not take stays and can be sent again.");
        o.MapPost("/{orderId:guid}/send", (Guid orderId, Orders orders, CancellationToken cancel) => orders.SendAgainAsync(orderId, cancel))
            .WithMetadata(new NotTwice())
            .WithName("SendOrderAgain");
        o.MapPost("/{orderId:guid}/ask", (Guid orderId, Orders orders, CancellationToken cancel) => orders.AskAsync(orderId, cancel))
            .WithMetadata(new NotTwice())
            .WithName("AskOrder")
            .WithSummary("Asks the supplier how the order stands.");
        o.MapPost(
                "/{orderId:guid}/arrived",
                (Guid orderId, ArrivedAsk ask, Orders orders, CancellationToken cancel) => orders.ArrivedAsync(orderId, ask.Arrived, cancel)
            )
            .WithName("BookIn")
            .WithSummary("Books what came into the drawer and sets it aside for what waited.");
        o.MapPost("/{orderId:guid}/cancel", (Guid orderId, Orders orders, CancellationToken cancel) => orders.CancelAsync(orderId, cancel))
            .WithName("CancelOrder");
        o.MapGet(
                "/{orderId:guid}/csv",
                async (Guid orderId, HaarDb db, CancellationToken cancel) =>
                {
                    var order = await db.Orders.AsNoTracking().FirstOrDefaultAsync(x => x.Id == orderId, cancel).OrNotHere("order");
                    var names = await Orders.NamesAsync(db, order.Lines.SelectMany(l => l.For), cancel);
                    return Results.Text(
                        OfferTable.Write(
                            order.Lines.Select(l =>
                                (
                                    order.Supplier,
                                    l.Sku,
                                    l.Spec,
                                    l.Packs,
                                    l.PackSize,
                                    l.PackPrice,
                                    string.Join(", ", l.For.Select(f => names.GetValueOrDefault(f, "the drawer")))
                                )
                            )
                        ),
                        "text/csv"
                    );
                }
            )
            .WithName("ExportOrder")
            .Produces(200, contentType: "text/csv");
    }

    static async Task<OrderScreen> ScreenAsync(
        Orders orders,
        HaarDb db,
        CancellationToken cancel,
        double spareShare = 0,
        int spareLeast = 0,
        int? latestDays = null
    )
    {
        var wanted = await orders.WantedAsync(cancel);
        var plan = await orders.PlanAsync(
            wanted,
            new()
            {
                SpareShare = spareShare,
                SpareLeast = spareLeast,
                LatestDays = latestDays,
            },
            cancel
        );
        var all = await db.Orders.AsNoTracking().OrderByDescending(x => x.Id).Take(50).ToListAsync(cancel);
        var suppliers = (await db.Suppliers.AsNoTracking().OrderBy(x => x.Name).ToListAsync(cancel))
            .Select(s => new SupplierRow(s.Id, s.Name, s.Address, s.Postage, s.FreeFrom, s.Days, s.Offers.Count, s.ReadAt, s.Version))
            .ToList();
        return new(
            wanted.Drawer,
            [
                .. wanted.Needs.Select(n => new NeedRow(
                    n.Need.Key,
                    Substitution.Describe(n.Need.Spec),
                    n.Need.Role,
                    n.Need.Count,
                    [.. n.For.Select(f => f.Name)]
                )),
            ],
            plan,
            all,
            suppliers,
            await orders.CurrencyAsync(cancel),
            ShoppingList.Of(
                wanted.Needs.Select(n => (n.Need, (IReadOnlyList<string>)[.. n.For.Select(f => f.Name)])),
                new() { SpareShare = spareShare, SpareLeast = spareLeast }
            )
        );
    }
}
