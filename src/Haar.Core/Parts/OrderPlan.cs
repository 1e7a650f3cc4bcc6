using Haar.Core.Capacitors;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Parts;

/// <summary>Places that want the same part, on any board of any machine.</summary>
/// <param name="Key">Names it in the answer.</param>
/// <param name="Count">Pieces.</param>
public sealed record OrderNeed(string Key, CapacitorSpec Spec, CapacitorRole Role, int Count, double? HeadroomMillimetres = null);

/// <summary>From so many packs on, one pack costs so much.</summary>
public sealed record PriceBreak(int FromPacks, double PackPrice);

/// <param name="Sku">The supplier's own number.</param>
/// <param name="Breaks">Rising in packs; the first is from 1.</param>
/// <param name="StockPacks">Null when the supplier does not say.</param>
public sealed record SupplierOffer(
    string Supplier,
    string Sku,
    CapacitorSpec Spec,
    int PackSize,
    IReadOnlyList<PriceBreak> Breaks,
    int? StockPacks = null
);

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
public sealed record OrderResult(
    IReadOnlyList<OrderParcel> Parcels,
    double Cost,
    double Bound,
    bool Proven,
    int Days,
    IReadOnlyList<Uncovered> Uncovered,
    OrderAlternative? FromOne,
    Verdict Verdict,
    OrderPolicy Policy
);

public sealed record OrderAlternative(string Supplier, double Cost, int Days);

/// <summary>One order for all boards: values merged, spares, packs and price breaks, postage and days, for the least money. A mixed-integer program (<see cref="OrderModel"/>), which proves it or gives the bound.</summary>
public static class OrderPlan
{
    public const int MostNeeds = 400,
        MostOffers = 10_000;

    /// <summary>Pairs of a part and an offer that are weighed; beyond, the dearest offers of each part are left out, and nothing is called proven. A default.</summary>
    const int MostFits = 24_000;

    /// <param name="seconds">For the whole answer, with the building of its model.</param>
    /// <param name="cancel">Ends the search.</param>
    /// <exception cref="InvalidInputException">A count, price or pack that cannot be.</exception>
    public static OrderResult Of(
        IReadOnlyList<OrderNeed> needs,
        IReadOnlyList<SupplierOffer> offers,
        IReadOnlyList<SupplierTerms> suppliers,
        DateOnly today,
        OrderPolicy? policy = null,
        string currency = "EUR",
        double seconds = 10,
        CancellationToken cancel = default
    )
    {
        var watch = System.Diagnostics.Stopwatch.StartNew();
        policy ??= new();
        Check(needs, offers, suppliers, policy);
        var merged = needs.GroupBy(n => n.Key).Select(g => g.First() with { Count = g.Sum(n => n.Count) }).ToList();
        var terms = suppliers.Where(s => policy.LatestDays is not { } d || s.Days <= d).ToDictionary(s => s.Id);
        var usable = offers.Select((o, i) => (o, i)).Where(x => terms.ContainsKey(x.o.Supplier) && x.o.StockPacks is null or > 0).ToList();
        var (eligible, all) = Weighed(Fits(merged, usable, today, policy, cancel), offers, merged.Count);
        var wanted = merged.Select(n => Wanted(n, policy)).ToArray();
        OrderSolved? found = null,
            alone = null;
        var model = new OrderModel(merged, wanted, offers, terms, eligible, cancel: cancel);
        double Left() => Math.Max(0, seconds - watch.Elapsed.TotalSeconds);
        if (model.Cheapest(Left() * 0.75) is { } cheapest)
        {
            found = model.Tidied(cheapest, Math.Min(seconds / 16, Left()));
        }
        if (found is { Parcels.Count: > 1 } && watch.Elapsed.TotalSeconds < seconds * 0.9)
        {
            alone = new OrderModel(merged, wanted, offers, terms, eligible, oneSupplier: true, cancel).Cheapest(Left());
        }
        if (found is not null && !all)
        {
            // What was left out could be part of a cheaper order after all.
            found = found with
            {
                Proven = false,
                Bound = 0,
            };
        }
        var best = found ?? new([], 0, 0, eligible.Count == 0, wanted.Index().ToDictionary(w => w.Index, w => w.Item));
        var one =
            best.Parcels.Count > 1 && alone is { Parcels: [var only], Proven: true }
                ? new OrderAlternative(only.Supplier.Name, alone.Cost, only.Days)
                : null;
        if (found is null && !best.Proven)
        {
            var late = Verdict
                .Of("What is ordered, and where?", Outcome.Unknown, "No order was found in the time given.", Basis.Guess)
                .Changing("More time.", "Fewer parts at once.");
            return new([], 0, 0, false, 0, [], null, late, policy);
        }

        var uncovered = best
            .Missing.Select(m => new Uncovered(
                merged[m.Key].Key,
                m.Value,
                Why(m.Key, merged[m.Key], eligible, usable.Select(u => u.o).ToList())
            ))
            .ToList();
        return new(
            best.Parcels,
            best.Cost,
            best.Bound,
            best.Proven,
            best.Parcels.Count == 0 ? 0 : best.Parcels.Max(p => p.Days),
            uncovered,
            one,
            Say(best.Parcels, best.Cost, best.Bound, best.Proven, all, uncovered, one, merged, currency),
            policy
        );
    }

    /// <summary>The pairs that are weighed, and whether those are all.</summary>
    static (List<OrderFit> Fits, bool All) Weighed(List<OrderFit> fits, IReadOnlyList<SupplierOffer> offers, int needs)
    {
        if (fits.Count <= MostFits)
        {
            return (fits, true);
        }
        double PerPiece(OrderFit f) => offers[f.Offer].Breaks.Min(b => b.PackPrice) / offers[f.Offer].PackSize;
        return (
            [
                .. fits.GroupBy(f => f.Need)
                    .SelectMany(g => g.OrderBy(f => f.Fit == Outcome.Yes ? 0 : 1).ThenBy(PerPiece).Take(Math.Max(1, MostFits / needs))),
            ],
            false
        );
    }

    static List<OrderFit> Fits(
        List<OrderNeed> needs,
        List<(SupplierOffer o, int i)> usable,
        DateOnly today,
        OrderPolicy policy,
        CancellationToken cancel
    )
    {
        var byOffer = new Dictionary<Guid, int>();
        var index = new DrawerIndex(
            usable.Select(u =>
            {
                var id = new Guid(u.i + 1, 0, 0, new byte[8]);
                byOffer[id] = u.i;
                return new DrawerCandidate(id, u.o.Spec, 1, null, "");
            }),
            today
        );
        return
        [
            .. needs.SelectMany(
                (n, k) =>
                {
                    cancel.ThrowIfCancellationRequested();
                    return index
                        .Usable(n.Spec, n.Role, n.HeadroomMillimetres)
                        // Where nobody knows the volts, the class or the kind, nothing is bought on a guess.
                        .Where(s => s.Outcome == Outcome.Yes || s.Outcome == Outcome.YesIf && policy.Conditional)
                        .Select(s => new OrderFit(
                            k,
                            byOffer[s.Candidate.Id],
                            s.Outcome,
                            Math.Abs(s.Candidate.Spec.Microfarads / n.Spec.Microfarads - 1) <= Substitution.SameValueShare
                        ));
                }
            ),
        ];
    }

    static int Wanted(OrderNeed n, OrderPolicy p) => Wanted(n.Count, p);

    /// <summary>Pieces with their spares.</summary>
    internal static int Wanted(int count, OrderPolicy p) => count + Math.Max(p.SpareLeast, (int)Math.Ceiling(count * p.SpareShare - 1e-9));

    static string Why(int k, OrderNeed n, List<OrderFit> eligible, List<SupplierOffer> usable) =>
        !n.Spec.ValueKnown ? "Nobody could read its value: find it on a plan, or on a twin."
        : eligible.Any(e => e.Need == k) ? "The suppliers have too few in stock."
        : usable.Any(o => Math.Abs(o.Spec.Microfarads / n.Spec.Microfarads - 1) < 0.25)
            ? "What they have of this value breaks a rule (volts, size, ESR or mounting), or nobody knows the volts, the kind or the class that decides."
        : "Nobody lists this value.";

    static Verdict Say(
        List<OrderParcel> parcels,
        double cost,
        double bound,
        bool proven,
        bool all,
        List<Uncovered> uncovered,
        OrderAlternative? one,
        List<OrderNeed> needs,
        string currency
    )
    {
        const string question = "What is ordered, and where?";
        string Money(double v) => Costs.Money.Of(v, currency);
        if (parcels.Count == 0)
        {
            return Verdict
                .Of(
                    question,
                    needs.Count == 0 ? Outcome.No : Outcome.Unknown,
                    needs.Count == 0 ? "Nothing has to be ordered." : "Nobody has any of it in time.",
                    Basis.Rule,
                    uncovered.Select(u => new Reason($"{u.Pieces} × {u.Need}: {u.Why}"))
                )
                .Changing("A later day.", "Another supplier's list.");
        }
        var days = parcels.Max(p => p.Days);
        var reasons = new List<Reason>
        {
            new(
                proven ? "Proven: no order that covers the same costs less."
                    : !all ? "Not proven: so many offers will do that only the cheapest of each part were weighed."
                    : $"Not proven in the time given: at best {Money(bound)}.",
                new("Cost", cost, currency, bound),
                "mixed-integer program, CP-SAT"
            ),
        };
        if (one is not null)
        {
            reasons.Add(
                new(
                    $"All from {one.Supplier} would cost {Money(one.Cost)}, {Money(one.Cost - cost)} more.",
                    new("From one", one.Cost, currency)
                )
            );
        }
        reasons.AddRange(uncovered.Select(u => new Reason($"Not covered, {u.Pieces} × {u.Need}: {u.Why}")));
        var parcelWord = parcels.Count == 1 ? "one parcel" : $"{parcels.Count} parcels";
        var sentence =
            $"{Words.Capital(parcelWord)} for {Money(cost)} in all, here in {days} {(days == 1 ? "day" : "days")}.{(uncovered.Count > 0 ? $" {uncovered.Sum(u => u.Pieces)} pieces are not to be had." : "")}";
        // A part that fits on a condition is ordered on it: nobody knows the place, or the part, well enough for more.
        var onCondition = parcels.SelectMany(p => p.Lines).SelectMany(l => l.For).Where(f => f.Fit != Outcome.Yes).Sum(f => f.Pieces);
        if (onCondition > 0)
        {
            sentence += $" {onCondition} of {(onCondition == 1 ? "it fits" : "them fit")} on a condition: look before it is sent.";
        }
        return Verdict
            .Of(
                question,
                uncovered.Count > 0 || onCondition > 0 ? Outcome.YesIf : Outcome.Yes,
                sentence,
                proven ? Basis.Rule : Basis.Guess,
                reasons
            )
            .Changing(one is not null && one.Cost - cost < 3 ? [$"One parcel less for {Money(one.Cost - cost)} more."] : []);
    }

    static void Check(
        IReadOnlyList<OrderNeed> needs,
        IReadOnlyList<SupplierOffer> offers,
        IReadOnlyList<SupplierTerms> suppliers,
        OrderPolicy policy
    )
    {
        if (needs.Count > MostNeeds)
        {
            throw new InvalidInputException("needs", $"At most {MostNeeds} needs.");
        }
        if (offers.Count > MostOffers)
        {
            throw new InvalidInputException("offers", $"At most {MostOffers} offers.");
        }
        InvalidInputException.Finite("policy.spareShare", policy.SpareShare, 0, 5, "");
        if (policy.SpareLeast is < 0 or > 1000)
        {
            throw new InvalidInputException("policy.spareLeast", "Spares from 0 to 1000.");
        }
        for (var i = 0; i < needs.Count; i++)
        {
            if (needs[i].Key.Trim().Length == 0)
            {
                throw new InvalidInputException($"needs[{i}].key", "Give each need a key.");
            }
            if (needs[i].Count is < 1 or > 10_000)
            {
                throw new InvalidInputException($"needs[{i}].count", "1 to 10 000 pieces.");
            }
            CapacitorJudge.Check(needs[i].Spec, place: true);
        }

        if (suppliers.GroupBy(s => s.Id).Any(g => g.Count() > 1))
        {
            throw new InvalidInputException("suppliers", "Two suppliers have one id.");
        }
        for (var i = 0; i < suppliers.Count; i++)
        {
            InvalidInputException.Finite($"suppliers[{i}].postage", suppliers[i].Postage, 0, 10_000, "");
            InvalidInputException.Finite($"suppliers[{i}].freeFrom", suppliers[i].FreeFrom, 0, 1e6, "");
            if (suppliers[i].Days is < 0 or > 400)
            {
                throw new InvalidInputException($"suppliers[{i}].days", "Days from 0 to 400.");
            }
        }

        Check(offers, suppliers);
    }

    /// <summary>What a list of offers has to be.</summary>
    /// <exception cref="InvalidInputException">A price, pack, stock or part that cannot be.</exception>
    public static void Check(IReadOnlyList<SupplierOffer> offers, IReadOnlyList<SupplierTerms> suppliers)
    {
        var ids = suppliers.Select(s => s.Id).ToHashSet();
        for (var i = 0; i < offers.Count; i++)
        {
            var o = offers[i];
            if (o.Sku.Trim().Length is 0 or > 60)
            {
                throw new InvalidInputException($"offers[{i}].sku", "The supplier's own number, 1 to 60 characters.");
            }
            if (!ids.Contains(o.Supplier))
            {
                throw new InvalidInputException($"offers[{i}].supplier", $"There is no supplier “{o.Supplier}” in the list.");
            }
            if (o.PackSize is < 1 or > 100_000)
            {
                throw new InvalidInputException($"offers[{i}].packSize", "1 to 100 000 pieces a pack.");
            }
            if (o.StockPacks is < 0)
            {
                throw new InvalidInputException($"offers[{i}].stockPacks", "0 or more packs.");
            }
            if (
                o.Breaks.Count is 0 or > 12
                || o.Breaks[0].FromPacks > 1
                || o.Breaks.Zip(o.Breaks.Skip(1)).Any(p => p.Second.FromPacks <= p.First.FromPacks)
            )
            {
                throw new InvalidInputException($"offers[{i}].breaks", "Price breaks rise in packs, the first from 1.");
            }
            foreach (var b in o.Breaks)
            {
                InvalidInputException.Finite($"offers[{i}].breaks", b.PackPrice, 0, 100_000, "");
            }
            CapacitorJudge.Check(o.Spec);
        }
    }
}
