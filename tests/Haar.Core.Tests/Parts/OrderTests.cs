using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

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
        var r = OrderPlan.Of([bulk], [Offer("a", "larger", 120, 1, 1), Offer("a", "same", 100, 1, 1)], [new("a", "A", 2, 3)], Today);
        Assert.Equal(("same", Outcome.Yes), (r.Parcels[0].Lines.Single().Offer.Sku, r.Parcels[0].Lines[0].For.Single().Fit));
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

public class DrawerAtOnceTests
{
    static readonly DateOnly Today = new(2026, 1, 1);

    static Gen<CapacitorSpec> AnySpec =>
        from kind in Gen.Elements(
            CapacitorKind.AluminiumRadial,
            CapacitorKind.AluminiumSurfaceMount,
            CapacitorKind.AluminiumLowEsr,
            CapacitorKind.Polymer,
            CapacitorKind.Ceramic,
            CapacitorKind.Film,
            CapacitorKind.TantalumBead
        )
        from value in Gen.Elements(1.0, 4.7, 10, 22, 47, 56, 100, 220)
        from volts in Gen.Elements<double?>(6.3, 16, 25, 50, null)
        from celsius in Gen.Elements<double?>(85, 105, null)
        from height in Gen.Elements<double?>(5.4, 11, 20, null)
        select new CapacitorSpec
        {
            Kind = kind,
            Microfarads = value,
            RatedVolts = volts,
            MaxCelsius = celsius,
            HeightMillimetres = height,
        };

    [Property]
    public Property The_drawer_laid_out_by_value_answers_as_the_whole_one_does() =>
        Prop.ForAll(
            AnySpec.ToArbitrary(),
            Gen.Elements(Enum.GetValues<CapacitorRole>()).ToArbitrary(),
            AnySpec.ListOf().ToArbitrary(),
            (original, role, stock) =>
            {
                var drawer = stock
                    .Select((s, i) => new DrawerCandidate(new Guid(i, 0, 0, new byte[8]), s, 1 + i % 3, Today.AddDays(-i * 300), "A"))
                    .ToList();
                var slow = Substitution
                    .Rank(original, role, drawer, Today)
                    .Where(s => s.Verdict.Outcome != Outcome.No)
                    .Select(s => new Fit(s.Candidate, s.Verdict.Outcome));
                return slow.SequenceEqual(new DrawerIndex(drawer, Today).Usable(original, role));
            }
        );

    [Property]
    public Property No_substitute_that_is_offered_breaks_a_rule() =>
        Prop.ForAll(
            AnySpec.ToArbitrary(),
            Gen.Elements(Enum.GetValues<CapacitorRole>()).ToArbitrary(),
            AnySpec.ListOf().ToArbitrary(),
            (original, role, stock) =>
            {
                var drawer = stock.Select((s, i) => new DrawerCandidate(new Guid(i, 0, 0, new byte[8]), s, 1, null, "A")).ToList();
                return new DrawerIndex(drawer, Today)
                        .Usable(original, role)
                        .All(s =>
                            Substitution.Judge(original, role, s.Candidate, Today).Rules.All(r => r.Result != RuleResult.Broken)
                            && (original.RatedVolts is not { } need || s.Candidate.Spec.RatedVolts is not { } has || has >= need)
                        )
                    && Combination
                        .Find(original, role, drawer, Today)
                        .All(p =>
                            p.Rules.All(r => r.Result != RuleResult.Broken)
                            && (original.RatedVolts is not { } n || p.Spec.RatedVolts is not { } h || h >= n)
                        );
            }
        );

    [Property]
    public Property Nothing_is_reserved_twice_and_as_many_places_as_can_be_are_served() =>
        Prop.ForAll(
            Gen.Choose(1, 7).ToArbitrary(),
            Gen.Choose(0, 2).ArrayOf(4).ToArbitrary(),
            Gen.Choose(0, 15).ArrayOf(7).ToArbitrary(),
            (count, free, masks) =>
            {
                var parts = Enumerable.Range(0, 4).Select(i => new Guid(i + 1, 0, 0, new byte[8])).ToList();
                var wants = Enumerable
                    .Range(0, count)
                    .Select(w => new DrawerWant(new Guid(100 + w, 0, 0, new byte[8]), [.. parts.Where((_, i) => (masks[w] >> i & 1) == 1)]))
                    .ToList();
                var given = Allocation.Of(wants, parts.Select((p, i) => (p, free[i])).ToDictionary(x => x.p, x => x.Item2));
                int Best(int w, int[] left) =>
                    w == count
                        ? 0
                        : Math.Max(
                            Best(w + 1, left),
                            wants[w]
                                .Options.Select(o => parts.IndexOf(o))
                                .Where(i => left[i] > 0)
                                .Select(i =>
                                {
                                    var l = (int[])left.Clone();
                                    l[i]--;
                                    return 1 + Best(w + 1, l);
                                })
                                .DefaultIfEmpty(0)
                                .Max()
                        );
                return given.GroupBy(g => g.Value).All(g => g.Count() <= free[parts.IndexOf(g.Key)])
                    && given.All(g => wants.Single(w => w.Id == g.Key).Options.Contains(g.Value))
                    && given.Count == Best(0, free);
            }
        );

    [Fact]
    public void The_place_with_one_choice_gets_it_before_the_place_with_two()
    {
        var (a, b) = (Guid.NewGuid(), Guid.NewGuid());
        var (picky, easy) = (Guid.NewGuid(), Guid.NewGuid());
        var given = Allocation.Of([new(easy, [a, b]), new(picky, [a])], new Dictionary<Guid, int> { [a] = 1, [b] = 1 });
        Assert.Equal((a, b), (given[picky], given[easy]));
    }
}

public class CombinationTests
{
    static readonly DateOnly Today = new(2026, 1, 1);

    static DrawerCandidate Part(int n, double uf, double volts, int free = 2, CapacitorKind kind = CapacitorKind.AluminiumRadial) =>
        new(
            new Guid(n, 0, 0, new byte[8]),
            new()
            {
                Kind = kind,
                Microfarads = uf,
                RatedVolts = volts,
                MaxCelsius = 105,
            },
            free,
            null,
            "A"
        );

    static readonly CapacitorSpec Bulk = new()
    {
        Kind = CapacitorKind.AluminiumRadial,
        Microfarads = 1000,
        RatedVolts = 25,
    };

    [Fact]
    public void In_parallel_capacitance_adds_and_the_weaker_volts_count()
    {
        var s = Combination.InParallel(Part(1, 470, 25).Spec with { EsrOhms = 0.2 }, Part(2, 560, 35).Spec with { EsrOhms = 0.2 });
        Assert.Equal((1030, 25), (s.Microfarads, s.RatedVolts!.Value));
        Assert.Equal(0.1, s.EsrOhms!.Value, 12);
    }

    [Fact]
    public void In_series_it_halves_and_volts_add()
    {
        var s = Combination.InSeries(Part(1, 2200, 16).Spec, Part(1, 2200, 16).Spec);
        Assert.Equal((1100, 32), (s.Microfarads, s.RatedVolts!.Value));
    }

    [Fact]
    public void Two_are_found_where_one_will_not_do_and_two_in_series_ask_for_resistors()
    {
        Assert.Equal(Joined.Parallel, Combination.Find(Bulk, CapacitorRole.Bulk, [Part(1, 560, 25)], Today)[0].Joined);
        var series = Combination.Find(Bulk, CapacitorRole.Bulk, [Part(1, 2200, 16)], Today)[0];
        Assert.Equal(Joined.Series, series.Joined);
        Assert.Contains("resistor", series.Needs, StringComparison.Ordinal);
        Assert.Empty(Combination.Find(Bulk, CapacitorRole.Bulk, [Part(1, 560, 25, free: 1)], Today));
    }

    [Fact]
    public void Never_across_the_mains() =>
        Assert.Empty(
            Combination.Find(
                new()
                {
                    Kind = CapacitorKind.MainsFilterFilm,
                    Microfarads = 0.1,
                    RatedVolts = 275,
                    SafetyClass = "X2",
                },
                CapacitorRole.MainsFilter,
                [Part(1, 0.05, 400, 4, CapacitorKind.Film)],
                Today
            )
        );
}

public class RegulatorAndSoundTests
{
    static RuleResult Rule(string rule, CapacitorRole role, CapacitorSpec candidate) =>
        Substitution
            .Judge(
                new()
                {
                    Kind = CapacitorKind.AluminiumRadial,
                    Microfarads = 100,
                    RatedVolts = 16,
                },
                role,
                new(Guid.Empty, candidate, 1, null, ""),
                new(2026, 1, 1)
            )
            .Rules.Single(r => r.Rule == rule)
            .Result;

    static CapacitorSpec Of(CapacitorKind kind, double volts = 50) =>
        new()
        {
            Kind = kind,
            Microfarads = 100,
            RatedVolts = volts,
        };

    [Fact]
    public void A_linear_regulator_needs_the_resistance_that_a_polymer_and_a_ceramic_lack()
    {
        Assert.Equal(RuleResult.Broken, Rule("ESR", CapacitorRole.RegulatorOutput, Of(CapacitorKind.Polymer)));
        Assert.Equal(RuleResult.Broken, Rule("kind", CapacitorRole.RegulatorOutput, Of(CapacitorKind.Ceramic)));
        Assert.Equal(RuleResult.Met, Rule("ESR", CapacitorRole.RegulatorOutput, Of(CapacitorKind.AluminiumRadial, 16)));
    }

    [Fact]
    public void The_sound_path_takes_film_bears_polymer_and_refuses_ceramic()
    {
        Assert.Equal(RuleResult.Met, Rule("kind", CapacitorRole.Coupling, Of(CapacitorKind.Film)));
        Assert.Equal(RuleResult.JustMet, Rule("kind", CapacitorRole.Coupling, Of(CapacitorKind.Polymer)));
        Assert.Equal(RuleResult.Broken, Rule("kind", CapacitorRole.Coupling, Of(CapacitorKind.Ceramic)));
    }

    [Fact]
    public void A_ceramic_for_decoupling_wants_twice_the_volts()
    {
        Assert.Equal(RuleResult.Broken, Rule("kind", CapacitorRole.Decoupling, Of(CapacitorKind.Ceramic, 25)));
        Assert.Equal(RuleResult.Met, Rule("kind", CapacitorRole.Decoupling, Of(CapacitorKind.Ceramic, 50)));
    }
}

public class DecisionTests
{
    [Fact]
    public void The_forecast_counts_what_goes_now_what_is_likely_to_and_what_prevention_takes()
    {
        List<ForecastPart> parts =
        [
            .. Enumerable.Range(0, 9).Select(i => new ForecastPart($"C{i}", CapacitorKind.AluminiumSurfaceMount, 90, true)),
            .. Enumerable.Range(9, 19).Select(i => new ForecastPart($"C{i}", CapacitorKind.AluminiumSurfaceMount, 60, false)),
        ];
        var f = RecapForecast.Of(parts);
        // 1 − e^(−0.5·0.36·2) = 0.302; 19 of them make 5.7.
        Assert.Equal((9, 15, 28), (f.Now, f.Likely, f.Preventive));
        Assert.StartsWith(
            "By evidence 9 now, 15 within two years likely; preventive 28 now.",
            f.Verdict.Sentence,
            StringComparison.Ordinal
        );
        Assert.True(f.EvidenceCost.Low <= f.EvidenceCost.Likely && f.EvidenceCost.Likely <= f.EvidenceCost.High);
    }

    [Fact]
    public void Hours_that_cost_nothing_and_risky_pads_speak_for_waiting()
    {
        List<ForecastPart> parts = [new("C1", CapacitorKind.AluminiumSurfaceMount, 60, false, Price: 5)];
        Assert.Equal(Outcome.No, RecapForecast.Of(parts, new() { HourWorth = 0 }).Rows[0].Verdict.Outcome);
        Assert.Equal(Outcome.Yes, RecapForecast.Of(parts, new() { HourWorth = 40 }).Rows[0].Verdict.Outcome);
    }

    [Theory]
    [InlineData(Direction.Left, Direction.NotKnown, Direction.Left, Outcome.Yes)]
    [InlineData(Direction.Left, Direction.NotKnown, Direction.Right, Outcome.No)]
    [InlineData(Direction.Left, Direction.Right, Direction.Left, Outcome.Unknown)]
    [InlineData(Direction.NotKnown, Direction.NotKnown, Direction.Left, Outcome.Unknown)]
    [InlineData(Direction.NotKnown, Direction.Up, Direction.Up, Outcome.Yes)]
    public void Photo_print_and_second_look_have_to_agree(Direction before, Direction printed, Direction seen, Outcome want) =>
        Assert.Equal(want, Polarity.Check("C14", before, printed, seen).Outcome);

    [Fact]
    public void Low_ones_come_before_tall_ones_and_each_once()
    {
        FittingPlace[] parts =
        [
            new(Guid.NewGuid(), "C1", CapacitorKind.AluminiumRadial, new(0.9, 0.9), 25),
            new(Guid.NewGuid(), "C2", CapacitorKind.AluminiumSurfaceMount, new(0.1, 0.1)),
            new(Guid.NewGuid(), "C3", CapacitorKind.AluminiumSurfaceMount, new(0.15, 0.1)),
            new(Guid.NewGuid(), "C4", CapacitorKind.AluminiumRadial, null),
        ];
        var turns = FittingOrder.Of(parts);
        Assert.Equal(["C2", "C3", "C4", "C1"], turns.Select(t => t.Designator));
        Assert.Equal([1, 2, 3, 4], turns.Select(t => t.Number));
        Assert.True(
            FittingOrder.Joint(CapacitorKind.AluminiumRadial, wideCopper: true, leadFree: true).Celsius
                > FittingOrder.Joint(CapacitorKind.AluminiumRadial).Celsius
        );
    }

    [Theory]
    [InlineData(CapacitorKind.TantalumSurfaceMount, true, SolderTool.HotAir)]
    [InlineData(CapacitorKind.Ceramic, true, SolderTool.HotAir)]
    [InlineData(CapacitorKind.TantalumSurfaceMount, false, SolderTool.TwoIrons)]
    [InlineData(CapacitorKind.AluminiumSurfaceMount, true, SolderTool.TwoIrons)]
    [InlineData(CapacitorKind.Polymer, true, SolderTool.IronAndWick)]
    [InlineData(CapacitorKind.AluminiumRadial, true, SolderTool.IronAndWick)]
    public void Hot_air_is_for_solid_parts_on_wide_copper_and_never_for_a_can(CapacitorKind kind, bool wideCopper, SolderTool tool) =>
        Assert.Equal(tool, FittingOrder.Joint(kind, wideCopper).Tool);

    [Fact]
    public void A_torn_pad_takes_a_wire_a_lifted_one_glue()
    {
        Assert.Contains("AWG", string.Join(" ", PadRepair.Of("C14", PadState.Lifted, traceWhole: false).Steps), StringComparison.Ordinal);
        Assert.Contains("glue", string.Join(" ", PadRepair.Of("C14", PadState.Lifted).Steps), StringComparison.Ordinal);
        Assert.Empty(PadRepair.Of("C14", PadState.Sound).Steps);
    }

    [Fact]
    public void A_first_timer_is_sent_to_a_scrap_board_and_a_practised_hand_is_not()
    {
        var work = new RecapWork(28, 28, 5, 4, 200, 140, 21, SolderExperience.Never, []);
        Assert.Equal(Outcome.No, DoItOrNot.Of(work).Verdict.Outcome);
        Assert.Contains("a second iron or hot tweezers", DoItOrNot.Of(work).Missing);
        Assert.Equal(
            Outcome.Yes,
            DoItOrNot.Of(work with { Experience = SolderExperience.Practised, Owned = Enum.GetValues<BenchTool>() }).Verdict.Outcome
        );
        Assert.Equal(Outcome.YesIf, DoItOrNot.Of(new(2, 0, 0, 0, 60, null, null, SolderExperience.Never, [])).Verdict.Outcome);
    }

    [Fact]
    public void A_sitting_with_a_drifting_meter_or_a_loose_probe_is_not_kept()
    {
        Assert.Equal(Outcome.Yes, MeasurementSeries.Check(47.1, 47.2, [32.4, 32.6]).Verdict.Outcome);
        Assert.Equal(Outcome.No, MeasurementSeries.Check(47.1, 48.3, []).Verdict.Outcome);
        Assert.Equal(Outcome.No, MeasurementSeries.Check(null, null, [32.4, 35]).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, MeasurementSeries.Check(null, null, []).Verdict.Outcome);
    }

    [Fact]
    public void Designators_go_as_a_finger_does() =>
        Assert.Equal(["C2", "C10", "C10A", "L1"], new[] { "L1", "C10A", "C10", "C2" }.Order(Designators.InOrder));

    [Fact]
    public void An_order_line_that_is_out_of_stock_waits_for_nothing()
    {
        var line = new PartOrderLine("x", new() { Microfarads = 1 }, 5, 2, 1, [Guid.NewGuid()]);
        Assert.Equal(10, line.Open);
        Assert.Equal(3, (line with { State = OrderLineState.Fewer, ConfirmedPacks = 1, ArrivedPieces = 2 }).Open);
        Assert.Equal(0, (line with { State = OrderLineState.OutOfStock }).Open);
    }
}
