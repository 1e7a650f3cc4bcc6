using Haar.Core.Capacitors;
using Haar.Core.Costs;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Parts;

/// <summary>What goes out to suppliers, and what they say and send.</summary>
public sealed partial class Orders
{
    public async Task<SentAnswer> SendAsync(SendAsk ask, CancellationToken cancel)
    {
        // Read before anything is planned: what is ordered after this was not known to the plan, and may be the same.
        var last = (await db.Orders.MaxAsync(o => (Guid?)o.Id, cancel))?.ToString() ?? "none";
        var wanted = await WantedAsync(cancel);
        var plan = await PlanAsync(
            wanted,
            new()
            {
                SpareShare = ask.SpareShare,
                SpareLeast = ask.SpareLeast,
                LatestDays = ask.LatestDays,
            },
            cancel
        );
        if (plan.Parcels.Count == 0)
        {
            throw new InvalidInputException("plan", plan.Verdict.Sentence);
        }
        if (Math.Abs(plan.Cost - ask.Cost) > 0.005)
        {
            throw new InvalidInputException(
                "cost",
                $"The plan has moved while you looked at it: it comes to {plan.Cost:0.00} now. Look at it again before it is sent; nothing was ordered."
            );
        }
        var waiting = wanted.Needs.ToDictionary(n => n.Need.Key, n => new Queue<Place>(n.For));
        var made = new List<PartOrder>();
        foreach (var parcel in plan.Parcels)
        {
            var lines = parcel
                .Lines.Select(l =>
                {
                    var places = l
                        .For.SelectMany(f => Enumerable.Range(0, f.Pieces).Select(_ => waiting[f.Need].TryDequeue(out var p) ? p : null))
                        .OfType<Place>()
                        .ToList();
                    return new PartOrderLine(
                        l.Offer.Sku,
                        l.Offer.Spec,
                        l.Offer.PackSize,
                        l.Packs,
                        l.PackPrice,
                        [.. places.Select(p => p.CapacitorId)]
                    );
                })
                .ToList();
            made.Add(
                new PartOrder
                {
                    Id = work.NewId(),
                    SupplierId = Guid.Parse(parcel.Supplier.Id),
                    Supplier = parcel.Supplier.Name,
                    After = made.Count == 0 ? last : null,
                    State = PartOrderState.Sending,
                    SendingSince = work.Now,
                    Lines = lines,
                    Postage = parcel.Postage,
                    At = work.Now,
                    ExpectedOn = work.Today.AddDays(parcel.Days),
                }
            );
        }

        db.AddRange(made);
        foreach (var order in made)
        {
            var places = order.Lines.SelectMany(l => l.For).ToHashSet();
            foreach (
                var (id, count) in wanted
                    .Needs.SelectMany(n => n.For)
                    .Where(p => places.Contains(p.CapacitorId))
                    .DistinctBy(p => p.CapacitorId)
                    .CountBy(p => p.MachineId)
            )
            {
                // As many as one has the patience for at a time: an evening holds no more.
                var goes = (count + InOneGo - 1) / InOneGo;
                for (var go = 0; go < goes; go++)
                {
                    var job = new Job
                    {
                        Id = work.NewId(),
                        MachineId = id,
                        Stage = Stage.Boards,
                        Title =
                            goes == 1
                                ? "Fit the capacitors that are in the post"
                                : $"Fit the capacitors that are in the post, {go + 1} of {goes}",
                        Why = $"They are ordered at {order.Supplier}; the board waits for them.",
                        Needs = "Iron, tweezers, flux, alcohol",
                        For = WorkFor.WhoSolders,
                        Minutes = Core.Capacitors.CapacitorsRoom.ExchangeMinutes * Math.Min(InOneGo, count - go * InOneGo),
                        At = work.Now,
                    };
                    job.WaitFor(work.NewId, "capacitors in the post", Parcels.Here(order.ExpectedOn), work.Now, order.Id);
                    db.Add(job);
                }
            }
        }

        // Written down first: an order that a supplier never answers is still here. After each order there is one next one: whoever
        // presses at the same moment finds that place taken.
        LogEntry log;
        try
        {
            log = await work.ActOutsideAsync(
                null,
                $"Ordered: {made.Sum(o => o.Lines.Count)} lines in {made.Count} {(made.Count == 1 ? "parcel" : "parcels")}, {plan.Cost.ToString("0.00", System.Globalization.CultureInfo.InvariantCulture)} {await CurrencyAsync(cancel)}.",
                WentOut,
                cancel
            );
        }
        catch (DbUpdateException e) when (e.InnerException is Microsoft.Data.Sqlite.SqliteException { SqliteErrorCode: 19 })
        {
            throw new InvalidInputException(
                "order",
                "That was ordered a moment ago, on another screen or by a second press, and goes out once. Look at what is still wanted."
            );
        }
        var troubles = new List<string>();
        foreach (var order in made)
        {
            // What has begun to go out goes out, whoever closes the page meanwhile.
            await TrySendAsync(order, CancellationToken.None);
            if (order.Trouble.Length > 0)
            {
                troubles.Add($"{order.Supplier}: {order.Trouble}");
            }
        }

        return new(log.Id, log.Sentence, troubles);
    }

    const int InOneGo = Core.Capacitors.CapacitorsRoom.InOneGo;

    const string TheirWord = "It is what the supplier said, and is not ours to undo: ask again.";

    const string WentOut = "It went out to the supplier and cannot be taken back by undo: close the order, and tell them.";

    public async Task<Acted> SendAgainAsync(Guid orderId, CancellationToken cancel)
    {
        var order = await OrderAsync(orderId, cancel);
        if (!order.MayBeSent(work.Now, patience.AnswerTime * 2))
        {
            throw new InvalidInputException(
                "order",
                order.State == PartOrderState.Sending
                    ? "The order is being sent to the supplier now."
                    : "The supplier has this order already."
            );
        }
        // Only one can take it out of its state; the other finds it changed.
        (order.State, order.SendingSince) = (PartOrderState.Sending, work.Now);
        await work.ActOutsideAsync(null, $"{order.Supplier}: sent again.", WentOut, cancel);
        return (await TrySendAsync(order, CancellationToken.None)).Said(orderId);
    }

    Task<PartOrder> OrderAsync(Guid orderId, CancellationToken cancel) =>
        db.Orders.FirstOrDefaultAsync(o => o.Id == orderId, cancel).OrNotHere("order");

    async Task<LogEntry> TrySendAsync(PartOrder order, CancellationToken cancel)
    {
        var supplier = await db.Suppliers.AsNoTracking().FirstOrDefaultAsync(s => s.Id == order.SupplierId, cancel);
        if (supplier is null || supplier.Address.Length == 0)
        {
            order.State = PartOrderState.Confirmed;
            order.Lines = [.. order.Lines.Select(l => l with { State = OrderLineState.Confirmed, ConfirmedPacks = l.Packs })];
            return await work.ActOutsideAsync(null, $"{order.Supplier}: written down; send the list yourself.", WentOut, cancel);
        }

        try
        {
            await TakeAsync(
                order,
                await client.OrderAsync(
                    supplier.Address,
                    new(order.Id.ToString(), [.. order.Lines.Select(l => new SupplierOrderAskLine(l.Sku, l.Packs))]),
                    cancel
                ),
                cancel
            );
            return await work.ActOutsideAsync(
                null,
                $"{order.Supplier} took the order: {order.TheirNumber}, here by {order.ExpectedOn:d MMMM}.{Wrong(order)}",
                WentOut,
                cancel
            );
        }
        catch (SupplierException e)
        {
            (order.Trouble, order.State) = (e.Message, PartOrderState.NotSent);
            return await work.ActOutsideAsync(null, $"{order.Supplier}: {e.Message}", WentOut, cancel);
        }
    }

    static string Wrong(PartOrder order) =>
        order
            .Lines.Where(l =>
                l.Note.Length > 0
                || l.State is OrderLineState.OutOfStock or OrderLineState.Substituted or OrderLineState.Fewer or OrderLineState.Late
            )
            .Select(l => $" {l.Sku}: {(l.Note.Length > 0 ? l.Note : l.State.ToString().ToLowerInvariant())}")
            .FirstOrDefault()
        ?? "";

    /// <exception cref="SupplierException">It speaks of another order.</exception>
    async Task TakeAsync(PartOrder order, SupplierOrder said, CancellationToken cancel)
    {
        if (said.Reference != order.Id.ToString())
        {
            throw new SupplierException("The supplier answered about another order. Nothing was changed; ask again.");
        }
        var waiting = order.Lines.SelectMany(l => l.For).ToHashSet();
        SupplierAnswer.Take(order, said, await db.Capacitors.Where(c => waiting.Contains(c.Id)).ToListAsync(cancel), work.Today);
        // What is late is late for the work that waits for it.
        Parcels.Move(order, await db.Waits.Where(w => w.OrderId == order.Id).ToListAsync(cancel));
    }

    public async Task<Acted> AskAsync(Guid orderId, CancellationToken cancel)
    {
        var order = await OrderAsync(orderId, cancel);
        var supplier = await db.Suppliers.AsNoTracking().FirstOrDefaultAsync(s => s.Id == order.SupplierId, cancel);
        if (supplier is null || supplier.Address.Length == 0 || order.TheirNumber.Length == 0)
        {
            throw new InvalidInputException("order", "This order was not sent over the supplier's interface: nobody can be asked.");
        }
        try
        {
            var said = await client.StateAsync(supplier.Address, order.TheirNumber, cancel);
            await TakeAsync(order, said, cancel);
            var delivered = said.Lines.Sum(l => l.DeliveredPacks);
            return (
                await work.ActOutsideAsync(
                    null,
                    $"{order.Supplier} says: {(delivered > 0 ? $"{delivered} packs are delivered" : "on its way")}, all by {order.ExpectedOn:d MMMM}.{Wrong(order)}",
                    TheirWord,
                    cancel
                )
            ).Said(orderId);
        }
        catch (SupplierException e)
        {
            order.Trouble = e.Message;
            return (await work.ActOutsideAsync(null, $"{order.Supplier}: {e.Message}", TheirWord, cancel)).Said(orderId);
        }
    }

    public Task<Acted> ArrivedAsync(Guid orderId, IReadOnlyList<ArrivedLine> arrived, CancellationToken cancel) =>
        work.InOneAsync(() => BookInAsync(orderId, arrived, cancel), cancel);

    async Task<Acted> BookInAsync(Guid orderId, IReadOnlyList<ArrivedLine> arrived, CancellationToken cancel)
    {
        var order = await OrderAsync(orderId, cancel);
        if (!order.Open)
        {
            throw new InvalidInputException("order", "This order is closed.");
        }
        if (arrived.Count == 0 || arrived.All(a => a.Pieces == 0))
        {
            throw new InvalidInputException("arrived", "Say what lay in the parcel.");
        }
        var (pieces, given) = (0, 0);
        // The postage is shared out by what each piece is worth.
        var value = order.Lines.Sum(l => l.PackPrice * l.Packs);
        var paid = new Dictionary<Guid, (int Pieces, decimal Money)>();
        foreach (var a in arrived.Where(a => a.Pieces != 0))
        {
            var (line, places) = order.Book(a.Sku, a.Pieces);
            var part = new DrawerPart
            {
                Id = work.NewId(),
                Spec = line.Coming,
                Quantity = a.Pieces,
                Place = "",
                BoughtOn = work.Today,
                Price = (decimal)Math.Round(line.PackPrice / line.PackSize, 4),
            };
            db.Add(part);
            foreach (var capId in places)
            {
                if (await WaitsAsync(capId, cancel) is { } cap)
                {
                    db.Add(part.Reserve(cap, work.NewId(), work.Now, booked: true));
                    var each = line.PackPrice / line.PackSize;
                    var post = value > 0 ? order.Postage * each / value : 0;
                    var sum = paid.GetValueOrDefault(cap.MachineId);
                    paid[cap.MachineId] = (sum.Pieces + 1, sum.Money + (decimal)(each + post));
                    given++;
                }
            }

            pieces += a.Pieces;
        }

        foreach (var (machine, sum) in paid)
        {
            if (
                CostEntry.OfPieces(
                    work.NewId(),
                    machine,
                    $"{sum.Pieces} {(sum.Pieces == 1 ? "capacitor" : "capacitors")} from {order.Supplier}, with its share of the postage",
                    sum.Money,
                    1,
                    work.Now,
                    order.Id
                ) is
                { } cost
            )
            {
                db.Add(cost);
            }
        }
        await FreeWorkAsync(order, cancel);
        return (
            await work.ActAsync(null, $"From {order.Supplier}: {pieces} pieces booked in, {given} set aside for what waited.", cancel)
        ).Said(orderId);
    }

    public async Task<Acted> CancelAsync(Guid orderId, CancellationToken cancel)
    {
        var order = await OrderAsync(orderId, cancel);
        if (!order.Open)
        {
            throw new InvalidInputException("order", "This order is closed.");
        }
        order.State = PartOrderState.Cancelled;
        await FreeWorkAsync(order, cancel);
        return (
            await work.ActAsync(null, $"Order at {order.Supplier} closed{(order.TheirNumber.Length > 0 ? ": tell them too" : "")}.", cancel)
        ).Said(orderId);
    }

    /// <summary>Work that waited for this order goes on where nothing more of it is awaited.</summary>
    async Task FreeWorkAsync(PartOrder order, CancellationToken cancel)
    {
        var awaited = order.Awaited.ToHashSet();
        var still = await db.Capacitors.Where(c => awaited.Contains(c.Id)).Select(c => c.MachineId).Distinct().ToListAsync(cancel);
        foreach (var job in await db.Jobs.Where(j => j.Wait!.OrderId == order.Id && !still.Contains(j.MachineId)).ToListAsync(cancel))
        {
            job.Finish(work.Now);
        }
    }
}
