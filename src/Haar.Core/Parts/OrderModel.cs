using System.Globalization;
using Google.OrTools.Graph;
using Google.OrTools.Sat;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Parts;

/// <summary>An offer that will do for a need; both by their place in the lists.</summary>
sealed record OrderFit(int Need, int Offer, Outcome Fit, bool SameValue);

/// <param name="Missing">Pieces by need that cannot be had.</param>
sealed record OrderSolved(List<OrderParcel> Parcels, double Cost, double Bound, bool Proven, Dictionary<int, int> Missing);

/// <summary>
/// The order as a mixed-integer program, money in whole cents: packs of an offer by the price break that applies, pieces of each offer to each need,
/// one postage a supplier unless the goods reach its free one. As much is covered as can be (a largest flow says how much), for the least money;
/// among orders of that price one with few conditions, few other values and few lines. OR-Tools CP-SAT solves and proves it.
/// </summary>
sealed class OrderModel
{
    readonly int[] wanted;
    readonly IReadOnlyList<OrderNeed> needs;
    readonly IReadOnlyList<SupplierOffer> offers;
    readonly Dictionary<string, SupplierTerms> terms;
    readonly List<OrderFit> fits;
    readonly ILookup<int, OrderFit> ofOffer;
    readonly CancellationToken cancel;
    readonly List<int> used;
    readonly CpModel model = new();
    readonly Dictionary<(int Need, int Offer), IntVar> pieces;
    readonly IntVar[] missing;
    readonly Dictionary<int, List<(PriceBreak Break, IntVar Packs, BoolVar On)>> packs = [];
    readonly Dictionary<string, List<LinearExpr>> spent = [];
    readonly Dictionary<string, BoolVar> supplierOn;
    readonly Dictionary<string, BoolVar> postageFree = [];
    readonly LinearExpr price;
    readonly LinearExpr untidy;
    CpSolver? last;

    static long Cents(double v) => (long)Math.Round(v * 100, MidpointRounding.AwayFromZero);

    public OrderModel(
        IReadOnlyList<OrderNeed> needs,
        int[] wanted,
        IReadOnlyList<SupplierOffer> offers,
        Dictionary<string, SupplierTerms> terms,
        List<OrderFit> fits,
        bool oneSupplier = false,
        CancellationToken cancel = default
    )
    {
        (this.needs, this.wanted, this.offers, this.terms, this.fits, this.cancel) = (needs, wanted, offers, terms, fits, cancel);
        ofOffer = fits.ToLookup(f => f.Offer);
        used = [.. fits.Select(f => f.Offer).Distinct().Order()];
        pieces = fits.ToDictionary(f => (f.Need, f.Offer), f => model.NewIntVar(0, wanted[f.Need], $"x{f.Need},{f.Offer}"));
        supplierOn = used.Select(o => offers[o].Supplier).Distinct().ToDictionary(s => s, s => model.NewBoolVar($"s{s}"));
        missing = [.. wanted.Select((w, k) => model.NewIntVar(0, w, $"m{k}"))];
        var ofNeed = fits.ToLookup(f => f.Need);
        for (var k = 0; k < wanted.Length; k++)
        {
            model.Add(LinearExpr.Sum(ofNeed[k].Select(f => pieces[(k, f.Offer)])) + missing[k] == wanted[k]);
        }
        foreach (var o in used)
        {
            Offer(o);
        }
        // True already, and it lets the relaxed problem see the postage: nothing comes for a need without its supplier's parcel.
        foreach (var g in fits.GroupBy(f => (f.Need, offers[f.Offer].Supplier)))
        {
            model.Add(LinearExpr.Sum(g.Select(f => pieces[(f.Need, f.Offer)])) <= supplierOn[g.Key.Supplier] * wanted[g.Key.Need]);
        }
        price = LinearExpr.Sum(supplierOn.SelectMany(s => Parcel(s.Key, s.Value)));
        untidy = LinearExpr.Sum(
            packs
                .Values.SelectMany(p => p.Select(t => (LinearExpr)t.On))
                .Concat(fits.Where(f => f.Fit != Outcome.Yes).Select(f => (LinearExpr)pieces[(f.Need, f.Offer)]))
                .Concat(fits.Where(f => !f.SameValue).Select(f => (LinearExpr)pieces[(f.Need, f.Offer)]))
        );
        if (oneSupplier)
        {
            model.AddAtMostOne(supplierOn.Values);
        }
        model.Add(LinearExpr.Sum(missing) == wanted.Sum() - MostCovered());
    }

    void Offer(int o)
    {
        var offer = offers[o];
        var mine = ofOffer[o].ToList();
        // A price break can make more packs cheaper than fewer, and goods up to free postage can cost less than the stamp: the top covers both.
        var enough = (mine.Sum(f => wanted[f.Need]) + offer.PackSize - 1) / offer.PackSize;
        var most = Math.Min(
            offer.StockPacks ?? int.MaxValue,
            Math.Max(enough, offer.Breaks.Max(b => b.FromPacks)) + Filler(offer, terms[offer.Supplier])
        );
        var tiers = new List<(PriceBreak Break, IntVar Packs, BoolVar On)>();
        foreach (
            var (b, next) in offer.Breaks.Select((b, i) => (b, offer.Breaks.ElementAtOrDefault(i + 1))).Where(x => x.b.FromPacks <= most)
        )
        {
            // The supplier bills the break that applies: nobody may pay an earlier one to reach free postage.
            var top = next is null ? most : Math.Min(most, next.FromPacks - 1);
            var on = model.NewBoolVar($"b{o},{b.FromPacks}");
            var y = model.NewIntVar(0, top, $"y{o},{b.FromPacks}");
            model.Add(y <= top * on);
            model.Add(y >= Math.Max(1, b.FromPacks) * on);
            tiers.Add((b, y, on));
            if (!spent.TryGetValue(offer.Supplier, out var list))
            {
                spent[offer.Supplier] = list = [];
            }
            list.Add(y * Cents(b.PackPrice));
        }

        packs[o] = tiers;
        model.Add(LinearExpr.Sum(tiers.Select(t => t.On)) <= supplierOn[offer.Supplier]);
        model.Add(LinearExpr.Sum(mine.Select(f => pieces[(f.Need, o)])) <= LinearExpr.Sum(tiers.Select(t => t.Packs * offer.PackSize)));
    }

    IEnumerable<LinearExpr> Parcel(string supplier, BoolVar on)
    {
        var t = terms[supplier];
        var goods = spent.GetValueOrDefault(supplier) ?? [];
        foreach (var g in goods)
        {
            yield return g;
        }
        yield return on * Cents(t.Postage);
        if (t.FreeFrom is not { } from || t.Postage <= 0 || goods.Count == 0)
        {
            yield break;
        }
        var free = postageFree[supplier] = model.NewBoolVar($"f{supplier}");
        model.AddImplication(free, on);
        model.Add(LinearExpr.Sum(goods) >= free * Cents(from));
        yield return free * -Cents(t.Postage);
    }

    /// <summary>Packs beyond the need that could still be cheaper than the postage they save.</summary>
    static int Filler(SupplierOffer offer, SupplierTerms terms) =>
        terms.FreeFrom is null || terms.Postage <= 0
            ? 0
            : (int)Math.Min(500, Math.Ceiling(terms.Postage / Math.Max(0.01, offer.Breaks.Min(b => b.PackPrice))));

    /// <summary>Pieces that can be had at most, whatever they cost: a largest flow from the offers' stock to the needs.</summary>
    int MostCovered()
    {
        // Nodes: 0 the source, 1 the sink, then the needs, then the offers.
        var flow = new MaxFlow();
        var total = wanted.Sum();
        var node = used.Index().ToDictionary(x => x.Item, x => 2 + wanted.Length + x.Index);
        foreach (var (o, n) in node)
        {
            flow.AddArcWithCapacity(0, n, Math.Min(total, (long)(offers[o].StockPacks ?? total) * offers[o].PackSize));
        }
        foreach (var f in fits)
        {
            flow.AddArcWithCapacity(node[f.Offer], 2 + f.Need, wanted[f.Need]);
        }
        for (var k = 0; k < wanted.Length; k++)
        {
            flow.AddArcWithCapacity(2 + k, 1, wanted[k]);
        }
        return fits.Count == 0 ? 0
            : flow.Solve(0, 1) == MaxFlow.Status.OPTIMAL ? (int)flow.OptimalFlow()
            : throw new InvalidOperationException("The largest flow was not found.");
    }

    /// <summary>The cheapest order that covers as much as can be covered; null when none keeps the limits or none was found in the time.</summary>
    /// <param name="seconds">Of which half go to one worker on the relaxed problem, which nearly always proves it, and the rest to a portfolio that starts from what that found.</param>
    public OrderSolved? Cheapest(double seconds)
    {
        if (fits.Count == 0)
        {
            return null;
        }
        model.Minimize(price);
        var (solver, status) = Run("num_workers:1,linearization_level:2", seconds / 2);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Infeasible))
        {
            if (status == CpSolverStatus.Feasible)
            {
                Hint(solver);
            }
            var (second, then) = Run("num_workers:8", seconds / 2);
            var better = status != CpSolverStatus.Feasible || second.ObjectiveValue <= solver.ObjectiveValue;
            if (then is CpSolverStatus.Optimal or CpSolverStatus.Infeasible || then == CpSolverStatus.Feasible && better)
            {
                (solver, status) = (second, then);
            }
        }

        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return null;
        }
        last = solver;
        return Read(solver, status == CpSolverStatus.Optimal);
    }

    /// <summary>An order of the same price with fewer conditions, other values and lines, if one is found in the time; else the same one. Call after <see cref="Cheapest"/>.</summary>
    public OrderSolved Tidied(OrderSolved cheapest, double seconds)
    {
        if (last is null)
        {
            return cheapest;
        }
        Hint(last);
        model.Add(price <= Cents(cheapest.Cost));
        model.Minimize(untidy);
        var (solver, status) = Run("num_workers:1,linearization_level:2", seconds);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? Read(solver, cheapest.Proven) with
            {
                Bound = cheapest.Bound,
            }
            : cheapest;
    }

    (CpSolver Solver, CpSolverStatus Status) Run(string how, double seconds)
    {
        var solver = new CpSolver
        {
            StringParameters = string.Create(CultureInfo.InvariantCulture, $"{how},max_time_in_seconds:{seconds},random_seed:7"),
        };
        cancel.ThrowIfCancellationRequested();
        using var left = cancel.Register(solver.StopSearch);
        var status = solver.Solve(model);
        cancel.ThrowIfCancellationRequested();
        return (solver, status);
    }

    void Hint(CpSolver solver)
    {
        model.ClearHints();
        foreach (var v in pieces.Values.Concat(missing).Concat(packs.Values.SelectMany(p => p.Select(t => t.Packs))))
        {
            model.AddHint(v, solver.Value(v));
        }
        foreach (var b in supplierOn.Values.Concat(postageFree.Values).Concat(packs.Values.SelectMany(p => p.Select(t => t.On))))
        {
            model.AddHint(b, solver.BooleanValue(b));
        }
    }

    OrderSolved Read(CpSolver solver, bool proven)
    {
        var parcels = supplierOn
            .Where(s => solver.BooleanValue(s.Value))
            .Select(s => s.Key)
            .Order(StringComparer.Ordinal)
            .Select(id =>
            {
                var own = used.Where(o => offers[o].Supplier == id)
                    .SelectMany(o =>
                        packs[o]
                            .Where(t => solver.BooleanValue(t.On))
                            .Select(t =>
                            {
                                var count = (int)solver.Value(t.Packs);
                                var shares = ofOffer[o]
                                    .Where(f => solver.Value(pieces[(f.Need, o)]) > 0)
                                    .Select(f => new OrderShare(needs[f.Need].Key, (int)solver.Value(pieces[(f.Need, o)]), f.Fit))
                                    .ToList();
                                return new OrderLine(
                                    offers[o],
                                    count,
                                    t.Break.PackPrice,
                                    Math.Round(count * t.Break.PackPrice, 2),
                                    shares,
                                    count * offers[o].PackSize - shares.Sum(x => x.Pieces)
                                );
                            })
                    )
                    .ToList();
                return new OrderParcel(
                    terms[id],
                    own,
                    Math.Round(own.Sum(l => l.Cost), 2),
                    postageFree.TryGetValue(id, out var f) && solver.BooleanValue(f) ? 0 : terms[id].Postage,
                    terms[id].Days
                );
            })
            .Where(p => p.Lines.Count > 0)
            .ToList();
        var sum = Math.Round(parcels.Sum(p => p.Goods + p.Postage), 2);
        var gone = Enumerable
            .Range(0, needs.Count)
            .Where(k => solver.Value(missing[k]) > 0)
            .ToDictionary(k => k, k => (int)solver.Value(missing[k]));
        return new(parcels, sum, proven ? sum : Math.Max(0, Math.Round(solver.BestObjectiveBound / 100, 2)), proven, gone);
    }
}
