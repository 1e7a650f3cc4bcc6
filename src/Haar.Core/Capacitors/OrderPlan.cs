using Google.OrTools.Sat;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>Places that want the same part, on any board of any machine.</summary>
/// <param name="Key">Names it in the answer.</param>
/// <param name="Count">Pieces.</param>
public sealed record OrderNeed(string Key, CapacitorSpec Spec, CapacitorRole Role, int Count, double? HeadroomMillimetres = null);

/// <summary>From so many packs on, one pack costs so much.</summary>
public sealed record PriceBreak(int FromPacks, double PackPrice);

/// <param name="Sku">The supplier's own number.</param>
/// <param name="Breaks">Rising in packs; the first is from 1.</param>
/// <param name="StockPacks">Null when the supplier does not say.</param>
public sealed record SupplierOffer(string Supplier, string Sku, CapacitorSpec Spec, int PackSize, IReadOnlyList<PriceBreak> Breaks, int? StockPacks = null);

/// <param name="Postage">Of one parcel.</param>
/// <param name="Days">Until it is here.</param>
/// <param name="FreeFrom">Value of goods from which postage is free; null when never.</param>
public sealed record SupplierTerms(string Id, string Name, double Postage, int Days, double? FreeFrom = null);

/// <summary>The house's policy.</summary>
public sealed record OrderPolicy
{
    /// <summary>Spare pieces as a share of each need, rounded up.</summary>
    public double SpareShare { get; init; }
    /// <summary>Spare pieces at the least.</summary>
    public int SpareLeast { get; init; }
    /// <summary>Suppliers that take longer are left out; null takes all.</summary>
    public int? LatestDays { get; init; }
    /// <summary>Also parts that will do on a condition only.</summary>
    public bool Conditional { get; init; } = true;
}

/// <param name="Packs">Of the offer.</param>
/// <param name="For">Need keys and pieces that it serves.</param>
/// <param name="Over">Pieces that are left for the drawer.</param>
public sealed record OrderLine(SupplierOffer Offer, int Packs, double PackPrice, double Cost, IReadOnlyList<OrderShare> For, int Over);

public sealed record OrderShare(string Need, int Pieces, Outcome Fit);

public sealed record OrderParcel(SupplierTerms Supplier, IReadOnlyList<OrderLine> Lines, double Goods, double Postage, int Days);

/// <param name="Why">Why nobody has it.</param>
public sealed record Uncovered(string Need, int Pieces, string Why);

/// <param name="Proven">No cheaper order covers the same needs.</param>
/// <param name="Bound">No order costs less than this.</param>
/// <param name="FromOne">The cheapest order from one supplier that covers as much, for comparison; null when none does.</param>
/// <param name="Days">Until the last parcel.</param>
public sealed record OrderResult(IReadOnlyList<OrderParcel> Parcels, double Cost, double Bound, bool Proven, int Days, IReadOnlyList<Uncovered> Uncovered, OrderAlternative? FromOne, Verdict Verdict, OrderPolicy Policy);

public sealed record OrderAlternative(string Supplier, double Cost, int Days);

/// <summary>One order for all boards: values merged, spares, packs and price breaks, postage and days, for the least money. A mixed-integer program solved by OR-Tools CP-SAT, which proves it or gives the bound.</summary>
public static class OrderPlan
{
    public const int MostNeeds = 400, MostOffers = 10_000;

    sealed record Eligible(int Need, int Offer, Outcome Fit);

    /// <param name="seconds">Time for the proof.</param>
    /// <exception cref="BadFactException">A count, price or pack that cannot be.</exception>
    public static OrderResult Of(IReadOnlyList<OrderNeed> needs, IReadOnlyList<SupplierOffer> offers, IReadOnlyList<SupplierTerms> suppliers, DateOnly today, OrderPolicy? policy = null, string currency = "EUR", double seconds = 10)
    {
        policy ??= new();
        Check(needs, offers, suppliers, policy);
        var merged = needs.GroupBy(n => n.Key).Select(g => g.First() with { Count = g.Sum(n => n.Count) }).ToList();
        var terms = suppliers.Where(s => policy.LatestDays is not { } d || s.Days <= d).ToDictionary(s => s.Id);
        var usable = offers.Select((o, i) => (o, i)).Where(x => terms.ContainsKey(x.o.Supplier) && x.o.StockPacks is null or > 0).ToList();
        var eligible = Fits(merged, usable, today, policy);
        var best = Solve(merged, offers, terms, eligible, policy, seconds);
        OrderAlternative? one = null;
        if (best.Parcels.Count > 1)
        {
            one = terms.Values.Select(t => (t, r: Solve(merged, offers, terms, [.. eligible.Where(e => offers[e.Offer].Supplier == t.Id)], policy, seconds / 4)))
                .Where(x => x.r.Missing.Values.Sum() <= best.Missing.Values.Sum() && x.r.Parcels.Count == 1)
                .OrderBy(x => x.r.Cost).Select(x => new OrderAlternative(x.t.Name, x.r.Cost, x.t.Days)).FirstOrDefault();
        }

        var uncovered = best.Missing.Select(m => new Uncovered(merged[m.Key].Key, m.Value, Why(m.Key, merged[m.Key], eligible, usable.Select(u => u.o).ToList()))).ToList();
        return new(best.Parcels, best.Cost, best.Bound, best.Proven, best.Parcels.Count == 0 ? 0 : best.Parcels.Max(p => p.Days), uncovered, one, Say(best.Parcels, best.Cost, best.Bound, best.Proven, uncovered, one, merged, currency), policy);
    }

    static List<Eligible> Fits(List<OrderNeed> needs, List<(SupplierOffer o, int i)> usable, DateOnly today, OrderPolicy policy)
    {
        var byOffer = new Dictionary<Guid, int>();
        var index = new DrawerIndex(usable.Select(u =>
        {
            var id = new Guid(u.i + 1, 0, 0, new byte[8]);
            byOffer[id] = u.i;
            return new DrawerCandidate(id, u.o.Spec, 1, null, "");
        }), today);
        return [.. needs.SelectMany((n, k) => index.Usable(n.Spec, n.Role, n.HeadroomMillimetres)
            .Where(s => policy.Conditional || s.Verdict.Outcome == Outcome.Yes)
            .Select(s => new Eligible(k, byOffer[s.Candidate.Id], s.Verdict.Outcome)))];
    }

    sealed record Solved(List<OrderParcel> Parcels, double Cost, double Bound, bool Proven, Dictionary<int, int> Missing);

    static int Wanted(OrderNeed n, OrderPolicy p) => n.Count + Math.Max(p.SpareLeast, (int)Math.Ceiling(n.Count * p.SpareShare - 1e-9));

    static Solved Solve(List<OrderNeed> needs, IReadOnlyList<SupplierOffer> offers, Dictionary<string, SupplierTerms> terms, List<Eligible> eligible, OrderPolicy policy, double seconds)
    {
        if (eligible.Count == 0) { return new([], 0, 0, true, Enumerable.Range(0, needs.Count).ToDictionary(k => k, k => Wanted(needs[k], policy))); }
        static long Cents(double v) => (long)Math.Round(v * 100, MidpointRounding.AwayFromZero);
        var model = new CpModel();
        var wanted = needs.Select(n => Wanted(n, policy)).ToArray();
        var total = wanted.Sum();
        var used = eligible.Select(e => e.Offer).Distinct().Order().ToList();
        var pieces = eligible.ToDictionary(e => (e.Need, e.Offer), e => model.NewIntVar(0, wanted[e.Need], $"x{e.Need},{e.Offer}"));
        var missing = needs.Select((_, k) => model.NewIntVar(0, wanted[k], $"m{k}")).ToArray();
        foreach (var k in Enumerable.Range(0, needs.Count)) { model.Add(LinearExpr.Sum(eligible.Where(e => e.Need == k).Select(e => pieces[(k, e.Offer)])) + missing[k] == wanted[k]); }
        var packs = new Dictionary<int, List<(PriceBreak Break, IntVar Packs, BoolVar On)>>();
        var spent = new Dictionary<string, List<LinearExpr>>();
        var supplierOn = used.Select(o => offers[o].Supplier).Distinct().ToDictionary(s => s, s => model.NewBoolVar($"s{s}"));
        var lines = new List<BoolVar>();
        foreach (var o in used)
        {
            var offer = offers[o];
            var mine = eligible.Where(e => e.Offer == o).ToList();
            // A price break can make more packs cheaper than fewer, and goods up to free postage can cost less than the stamp: the top covers both.
            var enough = (Math.Min(total, mine.Sum(e => wanted[e.Need])) + offer.PackSize - 1) / offer.PackSize;
            var most = Math.Min(offer.StockPacks ?? int.MaxValue, Math.Max(enough, offer.Breaks.Max(b => b.FromPacks)) + Filler(offer, terms[offer.Supplier]));
            var tiers = new List<(PriceBreak, IntVar, BoolVar)>();
            foreach (var (b, next) in offer.Breaks.Select((b, i) => (b, offer.Breaks.ElementAtOrDefault(i + 1))).Where(x => x.b.FromPacks <= most))
            {
                // The supplier bills the break that applies: nobody may pay an earlier one to reach free postage.
                var top = next is null ? most : Math.Min(most, next.FromPacks - 1);
                var on = model.NewBoolVar($"b{o},{b.FromPacks}");
                var y = model.NewIntVar(0, most, $"y{o},{b.FromPacks}");
                model.Add(y <= top * on);
                model.Add(y >= Math.Max(1, b.FromPacks) * on);
                model.AddImplication(on, supplierOn[offer.Supplier]);
                tiers.Add((b, y, on));
                lines.Add(on);
                if (!spent.TryGetValue(offer.Supplier, out var list)) { spent[offer.Supplier] = list = []; }
                list.Add(y * Cents(b.PackPrice));
            }

            packs[o] = tiers;
            model.AddAtMostOne(tiers.Select(t => t.Item3));
            model.Add(LinearExpr.Sum(mine.Select(e => pieces[(e.Need, o)])) <= LinearExpr.Sum(tiers.Select(t => t.Item2 * offer.PackSize)));
        }

        var cost = new List<LinearExpr>();
        var postageFree = new Dictionary<string, BoolVar>();
        foreach (var (id, on) in supplierOn)
        {
            var t = terms[id];
            cost.AddRange(spent.GetValueOrDefault(id) ?? []);
            cost.Add(on * Cents(t.Postage));
            if (t.FreeFrom is { } from && t.Postage > 0 && spent.TryGetValue(id, out var goods))
            {
                var free = model.NewBoolVar($"f{id}");
                model.AddImplication(free, on);
                model.Add(LinearExpr.Sum(goods) >= Cents(from)).OnlyEnforceIf(free);
                cost.Add(free * -Cents(t.Postage));
                postageFree[id] = free;
            }
        }

        // Least missing first, then least money, then parts without a condition, then fewest lines. The weights keep that order.
        var price = LinearExpr.Sum(cost);
        var second = LinearExpr.Sum(lines.Select(l => (LinearExpr)l).Concat(eligible.Where(e => e.Fit != Outcome.Yes).Select(e => (LinearExpr)pieces[(e.Need, e.Offer)])));
        var weight = lines.Count + total + 1;
        var penalty = (long)weight * 100_000_000;
        model.Minimize(LinearExpr.Sum(missing) * penalty + price * weight + second);
        var solver = new CpSolver { StringParameters = $"num_workers:8,max_time_in_seconds:{seconds.ToString(System.Globalization.CultureInfo.InvariantCulture)},random_seed:7" };
        var status = solver.Solve(model);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible)) { return new([], 0, 0, false, Enumerable.Range(0, needs.Count).ToDictionary(k => k, k => wanted[k])); }
        var parcels = supplierOn.Where(s => solver.Value(s.Value) == 1).Select(s => s.Key).Order(StringComparer.Ordinal).Select(id =>
        {
            var own = used.Where(o => offers[o].Supplier == id).SelectMany(o => packs[o].Where(t => solver.Value(t.On) == 1).Select(t =>
            {
                var count = (int)solver.Value(t.Packs);
                var shares = eligible.Where(e => e.Offer == o && solver.Value(pieces[(e.Need, o)]) > 0).Select(e => new OrderShare(needs[e.Need].Key, (int)solver.Value(pieces[(e.Need, o)]), e.Fit)).ToList();
                return new OrderLine(offers[o], count, t.Break.PackPrice, Math.Round(count * t.Break.PackPrice, 2), shares, count * offers[o].PackSize - shares.Sum(x => x.Pieces));
            })).ToList();
            var goods = Math.Round(own.Sum(l => l.Cost), 2);
            var t = terms[id];
            return new OrderParcel(t, own, goods, postageFree.TryGetValue(id, out var f) && solver.Value(f) == 1 ? 0 : t.Postage, t.Days);
        }).Where(p => p.Lines.Count > 0).ToList();
        var sum = Math.Round(parcels.Sum(p => p.Goods + p.Postage), 2);
        var gone = Enumerable.Range(0, needs.Count).Where(k => solver.Value(missing[k]) > 0).ToDictionary(k => k, k => (int)solver.Value(missing[k]));
        var proven = status == CpSolverStatus.Optimal;
        var bound = proven ? sum : Math.Max(0, Math.Round((solver.BestObjectiveBound - gone.Values.Sum() * (double)penalty) / weight / 100, 2));
        return new(parcels, sum, bound, proven, gone);
    }

    /// <summary>Packs beyond the need that could still be cheaper than the postage they save.</summary>
    static int Filler(SupplierOffer offer, SupplierTerms terms) =>
        terms.FreeFrom is null || terms.Postage <= 0 ? 0 : (int)Math.Min(500, Math.Ceiling(terms.Postage / Math.Max(0.01, offer.Breaks.Min(b => b.PackPrice))));

    static string Why(int k, OrderNeed n, List<Eligible> eligible, List<SupplierOffer> usable) =>
        eligible.Any(e => e.Need == k) ? "The suppliers have too few in stock."
        : usable.Any(o => Math.Abs(o.Spec.Microfarads / n.Spec.Microfarads - 1) < 0.25) ? "What they have of this value breaks a rule: volts, size, ESR or mounting."
        : "Nobody lists this value.";

    static Verdict Say(List<OrderParcel> parcels, double cost, double bound, bool proven, List<Uncovered> uncovered, OrderAlternative? one, List<OrderNeed> needs, string currency)
    {
        const string question = "What is ordered, and where?";
        string Money(double v) => $"{v.ToString("0.00", System.Globalization.CultureInfo.InvariantCulture)} {currency}";
        if (parcels.Count == 0) { return Verdict.Of(question, needs.Count == 0 ? Outcome.No : Outcome.Unknown, needs.Count == 0 ? "Nothing has to be ordered." : "Nobody has any of it in time.", Founded.Rule, uncovered.Select(u => new Reason($"{u.Pieces} × {u.Need}: {u.Why}"))).Changing("A later day.", "Another supplier's list."); }
        var days = parcels.Max(p => p.Days);
        var reasons = new List<Reason>
        {
            new(proven ? "Proven: no order that covers the same costs less." : $"Not proven in the time given: at best {Money(bound)}.", new("Cost", cost, currency, bound), "mixed-integer program, CP-SAT"),
        };
        if (one is not null) { reasons.Add(new($"All from {one.Supplier} would cost {Money(one.Cost)}, {Money(one.Cost - cost)} more.", new("From one", one.Cost, currency))); }
        reasons.AddRange(uncovered.Select(u => new Reason($"Not covered, {u.Pieces} × {u.Need}: {u.Why}")));
        var parcelWord = parcels.Count == 1 ? "one parcel" : $"{parcels.Count} parcels";
        var sentence = $"{Words.Capital(parcelWord)} for {Money(cost)} in all, here in {days} {(days == 1 ? "day" : "days")}.{(uncovered.Count > 0 ? $" {uncovered.Sum(u => u.Pieces)} pieces are not to be had." : "")}";
        return Verdict.Of(question, uncovered.Count > 0 ? Outcome.YesIf : Outcome.Yes, sentence, proven ? Founded.Rule : Founded.Guess, reasons).Changing(one is not null && one.Cost - cost < 3 ? [$"One parcel less for {Money(one.Cost - cost)} more."] : []);
    }

    static void Check(IReadOnlyList<OrderNeed> needs, IReadOnlyList<SupplierOffer> offers, IReadOnlyList<SupplierTerms> suppliers, OrderPolicy policy)
    {
        if (needs.Count > MostNeeds) { throw new BadFactException("needs", $"At most {MostNeeds} needs."); }
        if (offers.Count > MostOffers) { throw new BadFactException("offers", $"At most {MostOffers} offers."); }
        BadFactException.Finite("policy.spareShare", policy.SpareShare, 0, 5, "");
        if (policy.SpareLeast is < 0 or > 1000) { throw new BadFactException("policy.spareLeast", "Spares from 0 to 1000."); }
        for (var i = 0; i < needs.Count; i++)
        {
            if (needs[i].Key.Trim().Length == 0) { throw new BadFactException($"needs[{i}].key", "Give each need a key."); }
            if (needs[i].Count is < 1 or > 10_000) { throw new BadFactException($"needs[{i}].count", "1 to 10 000 pieces."); }
            CapacitorJudge.Check(needs[i].Spec);
        }

        if (suppliers.GroupBy(s => s.Id).Any(g => g.Count() > 1)) { throw new BadFactException("suppliers", "Two suppliers have one id."); }
        for (var i = 0; i < suppliers.Count; i++)
        {
            BadFactException.Finite($"suppliers[{i}].postage", suppliers[i].Postage, 0, 10_000, "");
            BadFactException.Finite($"suppliers[{i}].freeFrom", suppliers[i].FreeFrom, 0, 1e6, "");
            if (suppliers[i].Days is < 0 or > 400) { throw new BadFactException($"suppliers[{i}].days", "Days from 0 to 400."); }
        }

        var ids = suppliers.Select(s => s.Id).ToHashSet();
        for (var i = 0; i < offers.Count; i++)
        {
            var o = offers[i];
            if (!ids.Contains(o.Supplier)) { throw new BadFactException($"offers[{i}].supplier", $"There is no supplier “{o.Supplier}” in the list."); }
            if (o.PackSize is < 1 or > 100_000) { throw new BadFactException($"offers[{i}].packSize", "1 to 100 000 pieces a pack."); }
            if (o.StockPacks is < 0) { throw new BadFactException($"offers[{i}].stockPacks", "0 or more packs."); }
            if (o.Breaks.Count is 0 or > 12 || o.Breaks[0].FromPacks > 1 || o.Breaks.Zip(o.Breaks.Skip(1)).Any(p => p.Second.FromPacks <= p.First.FromPacks)) { throw new BadFactException($"offers[{i}].breaks", "Price breaks rise in packs, the first from 1."); }
            foreach (var b in o.Breaks) { BadFactException.Finite($"offers[{i}].breaks", b.PackPrice, 0, 100_000, ""); }
            CapacitorJudge.Check(o.Spec);
        }
    }
}
