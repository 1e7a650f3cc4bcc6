using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Parts;

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
