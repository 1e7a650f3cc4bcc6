using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Capacitors;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Parts;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Parts;

/// <summary>The order over all boards: what is wanted, the plan, sending, and booking in.</summary>
public sealed partial class Orders(HaarDb db, UnitOfWork work, SupplierClient client, SupplierPatience patience, LongAnswers answers)
{
    /// <summary>How long the screen waits for the proof, seconds.</summary>
    const double ProofSeconds = 8;

    public sealed record Place(Guid CapacitorId, Guid MachineId, string Name);

    public sealed record Wanted(IReadOnlyList<FromDrawer> Drawer, IReadOnlyList<(OrderNeed Need, IReadOnlyList<Place> For)> Needs);

    public async Task<string> CurrencyAsync(CancellationToken cancel) =>
        (await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel)).Currency;

    public static async Task<Dictionary<Guid, string>> NamesAsync(HaarDb db, IEnumerable<Guid> capacitors, CancellationToken cancel)
    {
        var ids = capacitors.ToHashSet();
        return await db
            .Capacitors.AsNoTracking()
            .Where(c => ids.Contains(c.Id))
            .Join(db.Machines, c => c.MachineId, m => m.Id, (c, m) => new { c.Id, Name = m.Name + " " + c.Designator })
            .ToDictionaryAsync(x => x.Id, x => x.Name, cancel);
    }

    /// <summary>Every part that comes out, has nothing set aside and is not in the post: shared out over the drawer, and the rest merged by what it is.</summary>
    public async Task<Wanted> WantedAsync(CancellationToken cancel)
    {
        var open = await OpenPlacesAsync(cancel);
        var drawer = await db.Stock().FreeAsync(cancel);
        var index = new DrawerIndex(drawer.Select(p => new DrawerCandidate(p.Id, p.Spec, p.Free, p.BoughtOn, p.Place)), work.Today);
        var shared = Allocation.Of(
            [
                .. open.Select(o => new DrawerWant(
                    o.Capacitor.Id,
                    [.. index.Usable(o.Capacitor.Spec, o.Capacitor.Role, o.Capacitor.HeadroomMillimetres).Select(s => s.Candidate.Id)]
                )),
            ],
            drawer.ToDictionary(p => p.Id, p => p.Free)
        );
        var parts = drawer.ToDictionary(p => p.Id);
        var fromDrawer = open.Where(o => shared.ContainsKey(o.Capacitor.Id))
            .Select(o => new FromDrawer(
                o.Capacitor.Id,
                o.Capacitor.MachineId,
                $"{o.Machine} {o.Capacitor.Designator}",
                shared[o.Capacitor.Id],
                Substitution.Describe(parts[shared[o.Capacitor.Id]].Spec),
                parts[shared[o.Capacitor.Id]].Place
            ))
            .ToList();
        var needs = open.Where(o => !shared.ContainsKey(o.Capacitor.Id))
            .GroupBy(o => (o.Capacitor.Spec, o.Capacitor.Role, o.Capacitor.HeadroomMillimetres))
            .Select(g =>
                (
                    new OrderNeed(
                        $"{Substitution.Describe(g.Key.Spec)}, {Substitution.RoleName(g.Key.Role)}{(g.Key.HeadroomMillimetres is { } h ? $", under {Core.Markings.Si.Plain(h)} mm" : "")}{(g.Key.Spec.DiameterMillimetres is { } d ? $", {Core.Markings.Si.Plain(d)} mm" : "")}",
                        g.Key.Spec,
                        g.Key.Role,
                        g.Count(),
                        g.Key.HeadroomMillimetres
                    ),
                    (IReadOnlyList<Place>)
                        [.. g.Select(o => new Place(o.Capacitor.Id, o.Capacitor.MachineId, $"{o.Machine} {o.Capacitor.Designator}"))]
                )
            )
            .ToList();
        return new(fromDrawer, needs);
    }

    /// <summary>From what is kept of each capacitor; only a machine whose parts were judged in another year, or by other rules, is looked at whole.</summary>
    async Task<List<(Capacitor Capacitor, string Machine)>> OpenPlacesAsync(CancellationToken cancel)
    {
        var machines = await db
            .Machines.Where(m => m.RemovedAt == null && m.HandedOverAt == null && !m.Donor)
            .OrderBy(m => m.ArrivedAt)
            .ThenBy(m => m.Id)
            .Select(m => new { m.Id, m.Name })
            .ToListAsync(cancel);
        var old = await CapacitorStandings.OldAsync(db, work.Today.Year, cancel);
        var awaited = await MachineStatusKeeper.OnOrderAsync(db, cancel);
        var kept = (
            await db
                .CapacitorStands.AsNoTracking()
                .Where(s =>
                    (s.Stand == CapacitorStand.ComesOut || s.Stand == CapacitorStand.Exchanging)
                    && !db.Reservations.Any(r => r.CapacitorId == s.Id)
                )
                .Join(
                    db.Capacitors.AsNoTracking(),
                    s => s.Id,
                    c => c.Id,
                    (s, c) =>
                        new
                        {
                            Capacitor = c,
                            s.Score,
                            s.Stand,
                        }
                )
                .ToListAsync(cancel)
        ).ToLookup(x => x.Capacitor.MachineId);
        var places = new List<(Capacitor, string)>();
        foreach (var m in machines)
        {
            var open = old.Contains(m.Id)
                ? await JudgedAsync(m.Id, cancel)
                : kept[m.Id]
                    .OrderBy(x => x.Stand == CapacitorStand.Exchanging ? 0 : 1)
                    .ThenByDescending(x => x.Score)
                    .ThenBy(x => x.Capacitor.Designator, Designators.InOrder)
                    .Select(x => x.Capacitor);
            places.AddRange(open.Where(c => c.Fitting.FittedAt is null && !awaited.Contains(c.Id)).Select(c => (c, m.Name)));
        }

        return places;
    }

    async Task<IEnumerable<Capacitor>> JudgedAsync(Guid machineId, CancellationToken cancel) =>
        await MachineStatusKeeper.FactsAsync(db, machineId, cancel) is not { } facts
            ? []
            : CapacitorAssessments
                .ByUrgency(CapacitorAssessments.Of(facts, work.Today.Year))
                .Where(r =>
                    r.Stand is CapacitorStand.ComesOut or CapacitorStand.Exchanging
                    && facts.Reservations.All(x => x.CapacitorId != r.Capacitor.Id)
                )
                .Select(r => r.Capacitor);

    public async Task<OrderResult> PlanAsync(Wanted wanted, OrderPolicy policy, CancellationToken cancel)
    {
        var suppliers = new List<Supplier>();
        var leftOut = new List<Reason>();
        foreach (var s in await db.Suppliers.AsNoTracking().OrderBy(s => s.Id).ToListAsync(cancel))
        {
            // One list that cannot be hides no other's.
            try
            {
                OrderPlan.Check(s.Offers, [s.Terms]);
                suppliers.Add(s);
            }
            catch (InvalidInputException e)
            {
                leftOut.Add(new($"{s.Name} is left out: its list cannot be ({e.Field}). Read it again, or take another list in."));
            }
        }
        var currency = await CurrencyAsync(cancel);
        var plan = await answers.RunAsync(
            stop =>
                OrderPlan.Of(
                    [.. wanted.Needs.Select(n => n.Need)],
                    [.. suppliers.SelectMany(s => s.Offers)],
                    [.. suppliers.Select(s => s.Terms)],
                    work.Today,
                    policy,
                    currency,
                    ProofSeconds,
                    stop
                ),
            cancel
        );
        return leftOut.Count == 0 ? plan : plan with { Verdict = plan.Verdict with { Reasons = [.. plan.Verdict.Reasons, .. leftOut] } };
    }

    public async Task<string> PlanCsvAsync(OrderPolicy policy, CancellationToken cancel)
    {
        var wanted = await WantedAsync(cancel);
        var plan = await PlanAsync(wanted, policy, cancel);
        return OfferTable.Write(
            plan.Parcels.SelectMany(p =>
                p.Lines.Select(l =>
                    (
                        p.Supplier.Name,
                        l.Offer.Sku,
                        l.Offer.Spec,
                        l.Packs,
                        l.Offer.PackSize,
                        l.PackPrice,
                        string.Join(", ", l.For.Select(f => $"{f.Pieces} × {f.Need}"))
                    )
                )
            )
        );
    }

    public async Task<Acted> SetAsideAsync(CancellationToken cancel)
    {
        var wanted = await WantedAsync(cancel);
        if (wanted.Drawer.Count == 0)
        {
            throw new InvalidInputException("drawer", "Nothing in the drawer will do for what is wanted.");
        }
        // What was free when that was worked out may be gone when it is taken: each place and piece is asked for again.
        return await work.InOneAsync(
            async () =>
            {
                var parts = (await db.Stock().OfAsync([.. wanted.Drawer.Select(d => d.PartId).Distinct()], cancel)).ToDictionary(p => p.Id);
                var given = new List<FromDrawer>();
                foreach (var d in wanted.Drawer)
                {
                    if (parts.GetValueOrDefault(d.PartId) is { Free: > 0 } part && await WaitsAsync(d.CapacitorId, cancel) is { } cap)
                    {
                        db.Add(part.Reserve(cap, work.NewId(), work.Now));
                        given.Add(d);
                    }
                }
                return given.Count == 0
                    ? throw new InvalidInputException("drawer", "All of it was set aside a moment ago.")
                    : (
                        await work.ActAsync(
                            null,
                            $"Set aside from the drawer: {given.Count} {(given.Count == 1 ? "piece" : "pieces")} for {given.Select(d => d.MachineId).Distinct().Count()} machines.",
                            cancel
                        )
                    ).Said();
            },
            cancel
        );
    }

    /// <summary>The place, if it still waits for a part; null when it has one, or is on no board any more.</summary>
    async Task<Capacitor?> WaitsAsync(Guid capacitorId, CancellationToken cancel) =>
        await db.Reservations.AnyAsync(r => r.CapacitorId == capacitorId, cancel) ? null
        : await db.Capacitors.FirstOrDefaultAsync(c => c.Id == capacitorId, cancel) is { Fitting.FittedAt: null } cap ? cap
        : null;
}
