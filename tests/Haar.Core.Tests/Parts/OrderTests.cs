using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Parts;

public class OrderTests
{
    static readonly DateOnly Today = new(2026, 1, 1);

    static CapacitorSpec Spec(double microfarads, double volts = 16) =>
        new()
        {
            Kind = CapacitorKind.AluminiumRadial,
            Microfarads = microfarads,
            RatedVolts = volts,
            MaxCelsius = 105,
        };

    static SupplierOffer Offer(
        string supplier,
        string sku,
        double microfarads,
        int pack,
        double price,
        int? stock = null,
        params PriceBreak[] more
    ) => new(supplier, sku, Spec(microfarads), pack, [new(1, price), .. more], stock);

    static OrderNeed Need(double microfarads, int count) => new($"{microfarads}", Spec(microfarads), CapacitorRole.Timing, count);

    [Fact]
    public void One_parcel_beats_two_when_postage_outweighs_the_price()
    {
        var r = OrderPlan.Of(
            [Need(10, 1), Need(47, 1)],
            [Offer("a", "a1", 10, 1, 0.5), Offer("a", "a2", 47, 1, 0.9), Offer("b", "b1", 10, 1, 0.1), Offer("b", "b2", 47, 1, 1.4)],
            [new("a", "A", 5, 3), new("b", "B", 5, 3)],
            Today
        );
        Assert.Equal(6.4, r.Cost);
        Assert.Equal("a", Assert.Single(r.Parcels).Supplier.Id);
        Assert.True(r.Proven);
    }

    [Fact]
    public void A_price_break_can_make_ten_cheaper_than_nine()
    {
        var r = OrderPlan.Of([Need(10, 9)], [Offer("a", "a1", 10, 1, 1, null, new PriceBreak(10, 0.5))], [new("a", "A", 0, 3)], Today);
        Assert.Equal((5.0, 10, 1), (r.Cost, r.Parcels[0].Lines[0].Packs, r.Parcels[0].Lines[0].Over));
    }

    [Fact]
    public void Goods_up_to_free_postage_are_worth_it_when_they_cost_less_than_the_stamp()
    {
        var r = OrderPlan.Of([Need(10, 19)], [Offer("a", "a1", 10, 1, 1)], [new("a", "A", 6, 3, 20)], Today);
        Assert.Equal(20, r.Cost);
        Assert.Equal(0, r.Parcels[0].Postage);
    }

    [Fact]
    public void Spares_are_ordered_with_the_rest_and_late_suppliers_left_out()
    {
        var offers = new[] { Offer("a", "a1", 10, 1, 1), Offer("b", "b1", 10, 1, 0.1) };
        SupplierTerms[] suppliers = [new("a", "A", 1, 3), new("b", "B", 1, 20)];
        Assert.Equal("b", OrderPlan.Of([Need(10, 5)], offers, suppliers, Today).Parcels[0].Supplier.Id);
        var soon = OrderPlan.Of([Need(10, 5)], offers, suppliers, Today, new() { LatestDays = 7, SpareShare = 0.2 });
        Assert.Equal(("a", 6), (soon.Parcels[0].Supplier.Id, soon.Parcels[0].Lines[0].Packs));
    }

    [Fact]
    public void What_nobody_has_is_named_with_why_and_the_rest_is_ordered()
    {
        var r = OrderPlan.Of([Need(10, 5), Need(333, 1)], [Offer("a", "a1", 10, 1, 1, 3)], [new("a", "A", 1, 3)], Today);
        Assert.Equal([("10", 2), ("333", 1)], r.Uncovered.Select(u => (u.Need, u.Pieces)));
        Assert.Contains("stock", r.Uncovered[0].Why, StringComparison.Ordinal);
        Assert.Equal(Outcome.YesIf, r.Verdict.Outcome);
        Assert.Equal(4, r.Cost);
    }

    [Fact]
    public void Of_two_orders_at_one_price_the_one_without_a_condition_is_taken()
    {
        OrderNeed bulk = new("bulk", Spec(100), CapacitorRole.Bulk, 3);
        SupplierTerms[] suppliers = [new("a", "A", 2, 3)];
        (string, Outcome) Taken(double? ohms)
        {
            SupplierOffer Of(string sku, double value)
            {
                var o = Offer("a", sku, value, 1, 1);
                return o with { Spec = o.Spec with { EsrOhms = ohms } };
            }
            var need = bulk with { Spec = bulk.Spec with { EsrOhms = ohms } };
            var line = OrderPlan.Of([need], [Of("larger", 120), Of("same", 100)], suppliers, Today).Parcels[0].Lines.Single();
            return (line.Offer.Sku, line.For.Single().Fit);
        }
        Assert.Equal(("same", Outcome.Yes), Taken(0.3));
        // Both on a condition, since nobody has a sheet of either: then the one of the same value.
        Assert.Equal(("same", Outcome.YesIf), Taken(null));
    }

    [Fact]
    public void Two_parcels_are_set_beside_the_cheapest_single_one_that_covers_as_much()
    {
        var offers = new[]
        {
            Offer("a", "a1", 10, 1, 1),
            Offer("a", "a2", 47, 1, 9),
            Offer("b", "b1", 10, 1, 9),
            Offer("b", "b2", 47, 1, 1),
            Offer("c", "c1", 10, 1, 0.5),
        };
        SupplierTerms[] suppliers = [new("a", "A", 1, 3), new("b", "B", 1.5, 5), new("c", "C", 9, 1)];
        var r = OrderPlan.Of([Need(10, 2), Need(47, 2)], offers, suppliers, Today);
        Assert.Equal((6.5, 2), (r.Cost, r.Parcels.Count));
        Assert.Equal(new OrderAlternative("A", 21, 3), r.FromOne);
        // C alone would be cheaper, and leaves two places open.
        Assert.Empty(r.Uncovered);
    }

    [Fact]
    public void An_order_that_was_left_on_its_way_can_be_sent_again_and_one_that_is_on_its_way_cannot()
    {
        var now = new DateTimeOffset(2026, 11, 26, 9, 0, 0, TimeSpan.Zero);
        var patience = TimeSpan.FromSeconds(12);
        PartOrder Order(PartOrderState state, DateTimeOffset? since = null) => new() { State = state, SendingSince = since };
        Assert.True(Order(PartOrderState.NotSent).MayBeSent(now, patience));
        Assert.False(Order(PartOrderState.Sending, now.AddSeconds(-3)).MayBeSent(now, patience));
        Assert.True(Order(PartOrderState.Sending, now.AddSeconds(-13)).MayBeSent(now, patience));
        // Nobody knows since when: whoever sent it is gone.
        Assert.True(Order(PartOrderState.Sending).MayBeSent(now, patience));
        Assert.False(Order(PartOrderState.Confirmed, now.AddDays(-1)).MayBeSent(now, patience));
        Assert.False(Order(PartOrderState.Here).MayBeSent(now, patience));
    }

    [Fact]
    public void Without_time_nothing_is_claimed()
    {
        var r = OrderPlan.Of([Need(10, 5)], [Offer("a", "a1", 10, 1, 1)], [new("a", "A", 1, 3)], Today, seconds: 0);
        Assert.Equal((Outcome.Unknown, false), (r.Verdict.Outcome, r.Proven));
        Assert.Empty(r.Uncovered);
    }

    [Fact]
    public void Contradictions_are_named()
    {
        Assert.Equal(
            "offers[0].supplier",
            Assert
                .Throws<InvalidInputException>(() => OrderPlan.Of([Need(10, 1)], [Offer("x", "1", 10, 1, 1)], [new("a", "A", 1, 3)], Today))
                .Field
        );
        Assert.Equal(
            "offers[0].breaks",
            Assert
                .Throws<InvalidInputException>(() =>
                    OrderPlan.Of([Need(10, 1)], [Offer("a", "1", 10, 1, 1, null, new PriceBreak(1, 0.5))], [new("a", "A", 1, 3)], Today)
                )
                .Field
        );
        Assert.Equal("needs[0].count", Assert.Throws<InvalidInputException>(() => OrderPlan.Of([Need(10, 0)], [], [], Today)).Field);
    }

    public sealed record Case(List<OrderNeed> Needs, List<SupplierOffer> Offers, List<SupplierTerms> Suppliers);

    static readonly Gen<Case> Small =
        from values in Gen.Choose(1, 3)
        from counts in Gen.Choose(1, 3).ArrayOf(values)
        from suppliers in Gen.Choose(1, 2)
        from postage in Gen.Choose(0, 3).ArrayOf(2)
        from free in Gen.Choose(0, 9).ArrayOf(2)
        from prices in Gen.Choose(7, 30).ArrayOf(6)
        from packs in Gen.Choose(1, 3).ArrayOf(6)
        from breaks in Gen.Choose(0, 3).ArrayOf(6)
        from stock in Gen.Choose(0, 4).ArrayOf(6)
        select new Case(
            [.. counts.Select((c, i) => Need(10 * Math.Pow(4, i), c))],
            [
                .. Enumerable
                    .Range(0, values)
                    .SelectMany(v => Enumerable.Range(0, suppliers).Select(s => (v, s, k: v * 2 + s)))
                    .Select(x =>
                        Offer(
                            $"s{x.s}",
                            $"s{x.s}v{x.v}",
                            10 * Math.Pow(4, x.v),
                            packs[x.k],
                            prices[x.k] / 10.0,
                            stock[x.k] == 0 ? null : stock[x.k] + 1,
                            breaks[x.k] < 2 ? [] : [new PriceBreak(breaks[x.k], Math.Round(prices[x.k] / 14.0, 2))]
                        )
                    ),
            ],
            [
                .. Enumerable
                    .Range(0, suppliers)
                    .Select(s => new SupplierTerms($"s{s}", $"S{s}", postage[s], 3, free[s] < 2 ? null : free[s])),
            ]
        );

    /// <summary>Every way to buy, tried.</summary>
    static (int Missing, double Cost) BruteForce(Case c)
    {
        var most = c.Offers.Select(o => Math.Min(o.StockPacks ?? 99, 10)).ToArray();
        var best = (int.MaxValue, double.MaxValue);
        var packs = new int[c.Offers.Count];
        void Try(int i)
        {
            if (i == packs.Length)
            {
                var missing = c.Needs.Sum(n =>
                    Math.Max(
                        0,
                        n.Count
                            - Enumerable
                                .Range(0, packs.Length)
                                .Where(k => Math.Abs(c.Offers[k].Spec.Microfarads - n.Spec.Microfarads) < 0.01)
                                .Sum(k => packs[k] * c.Offers[k].PackSize)
                    )
                );
                var cost = 0.0;
                foreach (var s in c.Suppliers)
                {
                    var goods = Enumerable
                        .Range(0, packs.Length)
                        .Where(k => c.Offers[k].Supplier == s.Id && packs[k] > 0)
                        .Sum(k => packs[k] * c.Offers[k].Breaks.Where(b => b.FromPacks <= packs[k]).Min(b => b.PackPrice));
                    if (goods > 0)
                    {
                        cost += goods + (s.FreeFrom is { } f && goods >= f - 1e-9 ? 0 : s.Postage);
                    }
                }

                if (missing < best.Item1 || missing == best.Item1 && cost < best.Item2 - 1e-9)
                {
                    best = (missing, cost);
                }
                return;
            }

            for (packs[i] = 0; packs[i] <= most[i]; packs[i]++)
            {
                Try(i + 1);
            }
            packs[i] = 0;
        }

        Try(0);
        return best;
    }

    [Property(MaxTest = 40)]
    public Property The_order_is_the_cheapest_of_all_ways_to_buy() =>
        Prop.ForAll(
            Small.Where(c => c.Offers.Count <= 4).ToArbitrary(),
            c =>
            {
                var r = OrderPlan.Of(c.Needs, c.Offers, c.Suppliers, Today);
                var (missing, cost) = BruteForce(c);
                return (r.Proven && r.Uncovered.Sum(u => u.Pieces) == missing && Math.Abs(r.Cost - cost) < 0.006).Label(
                    $"{r.Cost} against {cost}, missing {r.Uncovered.Sum(u => u.Pieces)} against {missing}: {System.Text.Json.JsonSerializer.Serialize(new { needs = c.Needs.Select(n => (n.Key, n.Count).ToString()), offers = c.Offers.Select(o => $"{o.Sku} pack {o.PackSize} stock {o.StockPacks} {string.Join('/', o.Breaks)}"), c.Suppliers, lines = r.Parcels.SelectMany(p => p.Lines.Select(l => $"{l.Offer.Sku} × {l.Packs} at {l.PackPrice}, postage {p.Postage}")) })}"
                );
            }
        );

    [Property(MaxTest = 60)]
    public Property An_order_covers_all_needs_that_can_be_covered_and_no_stock_is_oversold() =>
        Prop.ForAll(
            Small.ToArbitrary(),
            c =>
            {
                var r = OrderPlan.Of(c.Needs, c.Offers, c.Suppliers, Today);
                var lines = r.Parcels.SelectMany(p => p.Lines).ToList();
                return c.Needs.All(n =>
                        lines.SelectMany(l => l.For).Where(f => f.Need == n.Key).Sum(f => f.Pieces)
                            + r.Uncovered.Where(u => u.Need == n.Key).Sum(u => u.Pieces)
                        == n.Count
                    )
                    && lines.All(l =>
                        l.For.Sum(f => f.Pieces) + l.Over == l.Packs * l.Offer.PackSize && l.Packs <= (l.Offer.StockPacks ?? int.MaxValue)
                    )
                    && lines.All(l =>
                        l.PackPrice == l.Offer.Breaks.Last(b => b.FromPacks <= l.Packs).PackPrice
                        || l.Offer.Breaks.Any(b => b.PackPrice == l.PackPrice && b.FromPacks <= l.Packs)
                    );
            }
        );
}
