using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Cleaning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Cleaning;

/// <summary>The mildest thing that works, and when to stop.</summary>
public class LadderTests
{
    static CleaningFacts Shell(params Soil[] soils) =>
        new()
        {
            Materials = [Material.Abs],
            Features = [],
            Soils = soils,
        };

    [Fact]
    public void It_begins_at_the_mildest_with_a_real_chance_and_goes_on_when_that_gains_no_more()
    {
        Assert.Equal("brush-dry", Ladder.For(Shell(Soil.Dust)).Next);
        var film = Shell(Soil.VapourFilm);
        Assert.Equal("cloth-damp", Ladder.For(film).Next);
        // It gains: once more.
        Assert.Equal("cloth-damp", Ladder.For(film with { Trials = [new("cloth-damp", 0.4)] }).Next);
        // Less than a tenth of what is left: the next rung.
        var on = Ladder.For(film with { Trials = [new("cloth-damp", 0.4), new("cloth-damp", 0.05)] });
        Assert.Equal("soap", on.Next);
        Assert.Equal(0.57, on.LeftShare, 9);
        Assert.StartsWith("water and soap", on.Then, StringComparison.Ordinal);
    }

    [Fact]
    public void It_stops_when_it_is_clean_and_a_hidden_place_is_clean_sooner()
    {
        CleaningTrial[] most = [new("soap", 0.85)];
        Assert.NotNull(Ladder.For(Shell(Soil.Grease) with { Trials = most }).Next);
        var hidden = Ladder.For(Shell(Soil.Grease) with { Trials = most, InSight = false });
        Assert.Equal((null, Outcome.No), (hidden.Next, hidden.Verdict.Outcome));
        Assert.StartsWith("Stop: it is clean enough", hidden.Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void What_did_damage_is_out_and_hours_beyond_the_price_stop_it()
    {
        var hurt = Ladder.For(Shell(Soil.Ink) with { Trials = [new("alcohol", 0.2, Damage: true)] });
        Assert.Equal("It did damage here.", hurt.Rungs.Single(r => r.Method == "alcohol").Why);
        Assert.NotEqual("alcohol", hurt.Next);
        var dear = Shell(Soil.Ink) with { Trials = [new("alcohol", 0.3), new("alcohol", 0.3)], Replacement = 1, HourWorth = 15 };
        Assert.StartsWith("Stop: the hours", Ladder.For(dear).Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Lettering_and_labels_that_nobody_looked_for_count_as_there()
    {
        var known = Ladder.For(Shell(Soil.Grease) with { Trials = [new("cloth-damp", 0)] });
        Assert.Equal("soap", known.Next);
        var unknown = Ladder.For(Shell(Soil.Grease) with { Features = null });
        // A label can be looked for and covered before a mild wash, and nothing harder counts on that.
        Assert.Equal(("soap", true), (unknown.Next, unknown.Rungs.Single(r => r.Method == "soap").SpotTest));
        Assert.Equal(Outcome.YesIf, unknown.Verdict.Outcome);
        Assert.Contains(unknown.Before, b => b.Contains("label", StringComparison.Ordinal));
        Assert.Equal(
            RungState.Out,
            Ladder.For(Shell(Soil.Grease) with { Features = [Feature.PaperLabel] }).Rungs.Single(r => r.Method == "soap").State
        );
        Assert.Equal(RungState.Out, unknown.Rungs.Single(r => r.Method == "melamine").State);
        // What must stay binds every method.
        var stays = Ladder.For(Shell(Soil.Adhesive) with { Features = [Feature.MarkOfItsHistory] });
        Assert.Equal(RungState.Out, stays.Rungs.Single(r => r.Method == "label-oil").State);
    }

    [Fact]
    public void Unknown_soil_is_tried_mildly_and_wetted()
    {
        var r = Ladder.For(Shell());
        Assert.Equal("cloth-damp", r.Next);
        Assert.Contains(CautionId.RodentsAndMould, r.Verdict.Cautions);
        // Nothing moves it: it may be the surface.
        var stuck = Shell() with
        {
            Trials = [new("cloth-damp", 0), new("soap", 0), new("alcohol", 0), new("melamine", 0)],
        };
        Assert.Contains("pits, or yellowing", Ladder.For(stuck).Verdict.Sentence, StringComparison.Ordinal);
        // Droppings are never brushed dry.
        Assert.Equal(RungState.Out, Ladder.For(Shell(Soil.Dust, Soil.Droppings)).Rungs.Single(x => x.Method == "brush-dry").State);
    }

    static LadderResult On(Material material, Soil soil, params Substance[] on) =>
        Ladder.For(
            new()
            {
                Materials = [material],
                Features = [],
                Soils = [soil],
                On = on,
            }
        );

    [Theory]
    [InlineData(Material.Abs, "disinfect")]
    [InlineData(Material.BareSteel, "disinfect-alcohol")]
    [InlineData(Material.Aluminium, "disinfect-alcohol")]
    [InlineData(Material.Board, "disinfect-alcohol")]
    public void Droppings_and_mould_are_disinfected_before_anything_is_wiped(Material material, string first)
    {
        foreach (var soil in new[] { Soil.Droppings, Soil.Mould })
        {
            var r = On(material, soil);
            Assert.Equal(first, r.Next);
            Assert.Contains(CautionId.RodentsAndMould, r.Verdict.Cautions);
            Assert.Equal(0, r.Rungs.Single(x => x.Method == "pressure-wash").Chance);
        }
        // Done once, it is cleaned as any soil.
        var then = Ladder.For(
            new()
            {
                Materials = [material],
                Features = [],
                Soils = [Soil.Droppings],
                Trials = [new(first, 0.3)],
            }
        );
        Assert.DoesNotContain("disinfect", then.Next ?? "disinfect", StringComparison.Ordinal);
    }

    [Fact]
    public void Acid_on_aluminium_and_a_leak_with_bleach_on_it_end_in_water_and_not_in_stop()
    {
        Assert.Equal("rinse-water", On(Material.Aluminium, Soil.AcidLeak).Next);
        var bleached = On(Material.Abs, Soil.AlkalineLeak, Substance.ChlorineBleach);
        Assert.StartsWith("First rinse it with plenty of water", bleached.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Contains(CautionId.MustNotMeet, bleached.Verdict.Cautions);
    }

    [Theory]
    [InlineData(Soil.Grease)]
    [InlineData(Soil.NotKnown)]
    [InlineData(Soil.Ink)]
    public void What_nobody_can_name_is_rinsed_off_before_anything_abrasive(Soil soil)
    {
        var r = On(Material.Abs, soil, Substance.NotKnown);
        Assert.Null(r.Next);
        Assert.StartsWith("First rinse it with plenty of water", r.Verdict.Sentence, StringComparison.Ordinal);
        Assert.False(r.Verdict.MayBeOverruled);
    }

    [Fact]
    public void Passivated_plating_never_meets_a_brush() =>
        Assert.All(
            On(Material.PlatedSteel, Soil.Tarnish).Rungs.Where(r => r.Method is "steel-brush" or "melamine"),
            r => Assert.Equal(RungState.Out, r.State)
        );

    [Fact]
    public void Light_metals_have_rules_of_their_own()
    {
        var magnesium = Ladder.For(
            new()
            {
                Materials = [Material.Magnesium],
                Features = [],
                Soils = [Soil.Oxide],
            }
        );
        foreach (var id in new[] { "steel-brush", "rust-remover", "mild-acid" })
        {
            Assert.Equal(RungState.Out, magnesium.Rungs.Single(r => r.Method == id).State);
        }
        var leak = Ladder.For(
            new()
            {
                Materials = [Material.Aluminium],
                Features = [],
                Soils = [Soil.AlkalineLeak],
            }
        );
        Assert.Equal(
            "trials[0].method",
            Assert.Throws<InvalidInputException>(() => Ladder.For(Shell(Soil.Dust) with { Trials = [new("sandblast", 0.1)] })).Field
        );
        Assert.Equal(
            "mild-acid",
            Ladder
                .For(
                    new()
                    {
                        Materials = [Material.Board],
                        Features = [],
                        Soils = [Soil.AlkalineLeak],
                    }
                )
                .Next
        );
        Assert.NotEqual("bicarbonate", leak.Next);
    }

    [Fact]
    public void What_lies_on_it_and_must_not_is_rinsed_before_anything_else()
    {
        var r = Ladder.For(
            new()
            {
                Materials = [Material.Aluminium],
                Features = [],
                Soils = [Soil.Dust],
                On = [Substance.Alkali],
            }
        );
        Assert.Equal((null, Outcome.No), (r.Next, r.Verdict.Outcome));
        Assert.StartsWith("First rinse it", r.Verdict.Sentence, StringComparison.Ordinal);
        // Water itself is never out for it.
        Assert.NotEqual(RungState.Out, r.Rungs.Single(x => x.Method == "cloth-damp").State);
        var bleached = Ladder.For(Shell(Soil.AlkalineLeak) with { On = [Substance.ChlorineBleach] });
        Assert.Contains("chlorine gas", bleached.Rungs.Single(x => x.Method == "mild-acid").Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_material_that_nobody_named_may_be_magnesium()
    {
        var unknown = Ladder.For(new() { Features = [], Soils = [Soil.Oxide] });
        Assert.All(unknown.Rungs.Where(r => r.Strength >= Ladder.KnownOnlyFrom), r => Assert.Equal(RungState.Out, r.State));
        Assert.Equal(
            Outcome.No,
            Ladder
                .For(
                    new()
                    {
                        Features = [],
                        Soils = [Soil.Dust],
                        On = [Substance.Acid],
                    }
                )
                .Verdict.Outcome
        );
        Assert.Equal(
            Outcome.No,
            Ladder
                .For(
                    new()
                    {
                        Materials = [Material.Board],
                        Features = [],
                        Soils = [Soil.Dust],
                        On = [Substance.ChlorineBleach],
                    }
                )
                .Verdict.Outcome
        );
    }

    static readonly Arbitrary<(CleaningFacts Facts, int Forget)> Asked = Arb.From(
        from materials in Gen.SubListOf(Enum.GetValues<Material>())
        from features in Gen.SubListOf(Enum.GetValues<Feature>())
        from soils in Gen.SubListOf(Enum.GetValues<Soil>())
        from laid in Gen.SubListOf(Enum.GetValues<Substance>())
        from trials in Gen.ListOf(
            from m in Gen.Elements(Methods.Usual.Select(m => m.Id).ToArray())
            from share in Gen.Choose(0, 10)
            from damage in Gen.Elements(false, false, false, true)
            from loose in Gen.Elements(0.0, 0.0, 0.3)
            select new CleaningTrial(m, share / 10.0, damage) { Loosened = Math.Min(loose, 1 - share / 10.0) }
        )
        from forget in Gen.Choose(0, 2)
        select (
            new CleaningFacts
            {
                Materials = [.. materials],
                Features = [.. features],
                Soils = [.. soils],
                On = laid.Count > 3 ? [] : [.. laid],
                Trials = [.. trials.Take(6)],
            },
            forget
        )
    );

    /// <summary>No milder step that is safe, untried and has a chance is passed over; nothing that is out is proposed.</summary>
    [Property(MaxTest = 2000)]
    public Property No_milder_safe_step_is_skipped() =>
        Prop.ForAll(
            Asked,
            x =>
            {
                var r = Ladder.For(x.Facts);
                if (r.Next is null)
                {
                    return true;
                }
                var next = r.Rungs.Single(n => n.State == RungState.Next);
                var again = x.Facts.Trials.LastOrDefault()?.Method == next.Method;
                var skipped = r.Rungs.Where(n =>
                    n.State == RungState.Later && n.Strength < next.Strength && x.Facts.Trials.All(t => t.Method != n.Method)
                );
                // What the last method left comes off first, and what lies loose is carried off, whatever else would be milder.
                var first = Ladder.Owed(x.Facts) == r.Next || Ladder.Loose(x.Facts) && Methods.Usual.Single(m => m.Id == r.Next).Carries;
                return next.Method == r.Next && (first || next.Chance >= Ladder.RealChance && (again || !skipped.Any()));
            }
        );

    /// <summary>Also one that only carries off what lies loose, or takes off what the last one left, and has no chance with the soil by itself.</summary>
    [Fact]
    public void Each_that_is_not_known_to_be_safe_on_it_is_spot_tested_whatever_chance_it_has()
    {
        foreach (var material in Enum.GetValues<Material>())
        {
            foreach (var soil in Enum.GetValues<Soil>())
            {
                var rungs = Ladder.For(Shell(soil) with { Materials = [material] }).Rungs;
                Assert.All(
                    rungs.Where(r => r.State != RungState.Out),
                    r =>
                        Assert.Equal(
                            Methods.Usual.Single(m => m.Id == r.Method).Materials.GetValueOrDefault(material) != Bears.Safe,
                            r.SpotTest
                        )
                );
            }
        }
    }

    /// <summary>With a material, the look for lettering, or all soils forgotten, nothing is proposed without a spot test that was not safe before.</summary>
    [Property(MaxTest = 2000)]
    public Property Knowing_less_proposes_nothing_without_a_spot_test() =>
        Prop.ForAll(
            Asked,
            x =>
            {
                var less = x.Forget switch
                {
                    0 => x.Facts with { Materials = [] },
                    1 => x.Facts with { Features = null },
                    _ => x.Facts with { Materials = [.. x.Facts.Materials.Select((m, i) => i == 0 ? Material.NotKnown : m)] },
                };
                var r = Ladder.For(less);
                var before = Ladder.For(x.Facts);
                return (
                    r.Verdict.Outcome != Outcome.Yes
                    // What it bore without damage is known, whatever else is forgotten.
                    || x.Facts.Trials.Any(t => t.Method == r.Next && t.Damage == false)
                    || before.Rungs.Single(n => n.Method == r.Next) is { SpotTest: false, State: not RungState.Out }
                ).Label(
                    $"{x.Forget}: {r.Next}; {string.Join(',', x.Facts.Materials)}; {string.Join(',', x.Facts.Features ?? [])}; {string.Join(',', x.Facts.Soils)}; {string.Join(',', x.Facts.On)}; {string.Join(',', x.Facts.Trials)}"
                );
            }
        );

    [Fact]
    public void Every_method_says_where_it_is_from_and_why_it_is_never_used_somewhere()
    {
        Assert.Equal(Methods.Usual.Count, Methods.Usual.Select(m => m.Id).Distinct().Count());
        Assert.All(
            Methods.Usual,
            m =>
            {
                Assert.NotEmpty(m.Source);
                Assert.True(
                    m.Why.Length > 0 || !m.Materials.Values.Contains(Bears.Never) && !m.Features.Values.Contains(Bears.Never),
                    m.Id
                );
                Assert.All(m.Moves.Values, c => Assert.InRange(c, 0, 1));
                Assert.InRange(m.Strength, 1, 10);
            }
        );
    }
}
