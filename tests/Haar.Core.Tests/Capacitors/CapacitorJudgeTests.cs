using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

public class CapacitorJudgeTests
{
    static readonly CapacitorSpec Spec = new()
    {
        Kind = CapacitorKind.AluminiumRadial,
        Microfarads = 47,
        RatedVolts = 16,
    };

    static Verdict Judge(
        double? c = null,
        double? esr = null,
        double? leak = null,
        bool inCircuit = false,
        double hertz = 100_000,
        CapacitorSpec? spec = null,
        params CapacitorSign[] signs
    ) =>
        CapacitorJudge.Judge(
            "C14",
            spec ?? Spec,
            signs,
            new()
            {
                Microfarads = c,
                EsrOhms = esr,
                EsrFrequencyHertz = hertz,
                LeakageMicroamps = leak,
                InCircuit = inCircuit,
            }
        );

    [Theory]
    [InlineData(6.3, .28)]
    [InlineData(10, .24)]
    [InlineData(16, .20)]
    [InlineData(25, .16)]
    [InlineData(35, .14)]
    [InlineData(50, .12)]
    [InlineData(63, .10)]
    [InlineData(100, .08)]
    [InlineData(450, .08)]
    [InlineData(4, .28)]
    public void Tan_delta_by_rated_volts(double volts, double tan) => Assert.Equal(tan, CapacitorJudge.TanDelta(100, volts), 9);

    [Theory]
    [InlineData(1000, .20)]
    [InlineData(1999, .20)]
    [InlineData(2000, .22)]
    [InlineData(4700, .26)]
    public void Tan_delta_rises_by_two_hundredths_for_each_full_thousand_above(double microfarads, double tan) =>
        Assert.Equal(tan, CapacitorJudge.TanDelta(microfarads, 16), 9);

    [Fact]
    public void Esr_at_120_hertz_is_tan_delta_over_two_pi_f_c() =>
        Assert.Equal(0.20 / (2 * Math.PI * 120 * 47e-6), CapacitorJudge.TypicalEsrOhms(47, 16, 120), 9);

    [Property]
    public Property Esr_never_rises_with_frequency() =>
        Prop.ForAll(
            Gen.Choose(120, 1_000_000).ToArbitrary(),
            Gen.Choose(120, 1_000_000).ToArbitrary(),
            (a, b) => CapacitorJudge.TypicalEsrOhms(47, 16, Math.Max(a, b)) <= CapacitorJudge.TypicalEsrOhms(47, 16, Math.Min(a, b)) + 1e-9
        );

    [Fact]
    public void A_part_at_its_values_is_sound() => Assert.Equal(Outcome.Yes, Judge(46, 1.2).Outcome);

    [Fact]
    public void Exactly_twenty_per_cent_lost_is_still_sound_and_a_hair_more_is_not()
    {
        Assert.Equal(Outcome.Yes, Judge(37.6, 1.2).Outcome);
        Assert.Equal(Outcome.No, Judge(37.59, 1.2).Outcome);
    }

    [Fact]
    public void Too_much_capacitance_is_leakage_and_not_health()
    {
        var v = Judge(70, 1);
        Assert.Equal(Outcome.No, v.Outcome);
        Assert.Contains("leakage and not health", v.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Twice_the_initial_esr_is_the_limit()
    {
        var limit = CapacitorJudge.EsrLimit(Spec with { EsrOhms = 0.5 }, 100_000, new())!.Value.Ohms;
        Assert.Equal(1.0, limit, 9);
        Assert.Equal(Outcome.Yes, Judge(47, 1.0, spec: Spec with { EsrOhms = 0.5 }).Outcome);
        Assert.Equal(Outcome.No, Judge(47, 1.01, spec: Spec with { EsrOhms = 0.5 }).Outcome);
    }

    [Theory]
    [InlineData(47, 16, 7.52, 7.53)] // 0.01·C·V
    [InlineData(1, 16, 3, 3.01)] // the floor of 3 µA
    public void Leakage_has_a_share_and_a_floor(double microfarads, double volts, double good, double bad)
    {
        var spec = Spec with { Microfarads = microfarads, RatedVolts = volts };
        Assert.NotEqual(Outcome.No, Judge(microfarads, 0.5, good, spec: spec).Outcome);
        Assert.Equal(Outcome.No, Judge(microfarads, 0.5, bad, spec: spec).Outcome);
    }

    [Fact]
    public void A_good_reading_in_circuit_proves_nothing_and_a_bad_one_stands()
    {
        Assert.Equal(Outcome.Unknown, Judge(48, 1, inCircuit: true).Outcome);
        Assert.Equal(Outcome.Unknown, Judge(90, 1, inCircuit: true).Outcome);
        Assert.Equal(Outcome.No, Judge(20, 1, inCircuit: true).Outcome);
        Assert.Equal(Outcome.No, Judge(48, 50, inCircuit: true).Outcome);
    }

    [Fact]
    public void A_slip_of_the_unit_is_caught_by_its_size() =>
        Assert.Contains("read it again", Judge(0.047, 1).Sentence, StringComparison.Ordinal);

    [Fact]
    public void Nothing_measured_is_unknown_and_says_what_would_settle_it() => Assert.NotEmpty(Judge().WouldChange);

    [Fact]
    public void Capacitance_alone_is_not_enough_for_an_electrolytic() => Assert.Equal(Outcome.YesIf, Judge(47).Outcome);

    [Theory]
    [InlineData(CapacitorSign.Bulging)]
    [InlineData(CapacitorSign.Weeping)]
    [InlineData(CapacitorSign.Cracked)]
    public void What_bulges_weeps_or_cracks_comes_out_whatever_it_measures(CapacitorSign sign) =>
        Assert.Equal(Outcome.No, Judge(47, 1, signs: sign).Outcome);

    [Fact]
    public void The_house_may_move_the_limit()
    {
        var v = CapacitorJudge.Judge("C1", Spec, [], new() { Microfarads = 40, EsrOhms = 1 }, new() { CapacitanceLossShare = 0.1 });
        Assert.Equal(Outcome.No, v.Outcome);
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void A_reading_that_no_part_has_names_its_field(double value) =>
        Assert.Equal("readings.microfarads", Assert.Throws<InvalidInputException>(() => Judge(value, 1)).Field);

    [Property]
    public Property Less_capacitance_is_never_judged_better() =>
        Prop.ForAll(
            Gen.Choose(1, 6500).ToArbitrary(),
            Gen.Choose(1, 6500).ToArbitrary(),
            (a, b) =>
            {
                var (low, high) = (Math.Min(a, b) / 100.0, Math.Max(a, b) / 100.0);
                return low < 0.1 || Judge(low, 1).Outcome != Outcome.Yes || Judge(high, 1).Outcome == Outcome.Yes;
            }
        );
}

public class CapacitorRiskTests
{
    static CapacitorRiskResult Rank(CapacitorKind kind, int made, params CapacitorSign[] signs) =>
        CapacitorRisk.Rank(
            new()
            {
                Kind = kind,
                Microfarads = 47,
                RatedVolts = 16,
            },
            CapacitorRole.Decoupling,
            signs,
            made,
            2026
        );

    [Fact]
    public void The_known_bad_families_rank_above_their_neighbours()
    {
        Assert.True(Rank(CapacitorKind.AluminiumSurfaceMount, 1992).Score > Rank(CapacitorKind.AluminiumSurfaceMount, 2000).Score);
        Assert.True(Rank(CapacitorKind.AluminiumLowEsr, 2002).Score > Rank(CapacitorKind.AluminiumRadial, 1990).Score);
        Assert.True(Rank(CapacitorKind.MainsFilterPaper, 1986).Score > Rank(CapacitorKind.MainsFilterFilm, 1986).Score);
        Assert.Equal("low", Rank(CapacitorKind.Ceramic, 1985).Word);
    }

    [Fact]
    public void Heat_and_signs_only_ever_raise_it()
    {
        foreach (var kind in Enum.GetValues<CapacitorKind>())
        {
            foreach (var sign in Enum.GetValues<CapacitorSign>())
            {
                Assert.True(Rank(kind, 1992, sign).Score >= Rank(kind, 1992).Score);
            }
        }

        Assert.Equal(100, Rank(CapacitorKind.Film, 1992, CapacitorSign.Bulging).Score);
    }

    [Fact]
    public void The_two_schools_differ_on_a_sound_part_of_a_bad_family_only()
    {
        var spec = new CapacitorSpec
        {
            Kind = CapacitorKind.AluminiumSurfaceMount,
            Microfarads = 47,
            RatedVolts = 16,
        };
        var sound = CapacitorJudge.Judge("C1", spec, [], new() { Microfarads = 47, EsrOhms = 1 });
        var risk = Rank(CapacitorKind.AluminiumSurfaceMount, 1992);
        Assert.Equal(Outcome.No, CapacitorRisk.ComesOut("C1", spec, sound, risk, RecapPolicy.Evidence).Outcome);
        Assert.Equal(Outcome.Yes, CapacitorRisk.ComesOut("C1", spec, sound, risk, RecapPolicy.Preventive).Outcome);
        var bad = CapacitorJudge.Judge("C1", spec, [], new() { Microfarads = 20, EsrOhms = 1 });
        Assert.All(Enum.GetValues<RecapPolicy>(), s => Assert.Equal(Outcome.Yes, CapacitorRisk.ComesOut("C1", spec, bad, risk, s).Outcome));
    }

    [Fact]
    public void No_one_keeps_a_paper_filter_across_the_mains()
    {
        var spec = new CapacitorSpec
        {
            Kind = CapacitorKind.MainsFilterPaper,
            Microfarads = 0.1,
            RatedVolts = 250,
            SafetyClass = "X2",
        };
        var sound = CapacitorJudge.Judge("C101", spec, [], new() { Microfarads = 0.1, EsrOhms = 1 });
        var v = CapacitorRisk.ComesOut("C101", spec, sound, Rank(CapacitorKind.MainsFilterPaper, 1986), RecapPolicy.Evidence);
        Assert.Equal(Outcome.Yes, v.Outcome);
        Assert.Contains(Core.Safety.CautionId.LineFilterCapacitor, v.Cautions);
    }

    [Theory]
    [InlineData(2000, 105, 105, 2000)]
    [InlineData(2000, 105, 95, 4000)]
    [InlineData(2000, 105, 45, 128000)]
    [InlineData(1000, 85, 95, 500)]
    public void Ten_kelvin_halve_the_life(double hours, double rated, double at, double life) =>
        Assert.Equal(life, CapacitorRisk.LifeHours(hours, rated, at), 6);
}

public class SubstitutionTests
{
    static readonly DateOnly Today = new(2026, 11, 25);
    static readonly CapacitorSpec Original = new()
    {
        Kind = CapacitorKind.AluminiumRadial,
        Microfarads = 470,
        RatedVolts = 16,
        MaxCelsius = 85,
        DiameterMillimetres = 10,
        HeightMillimetres = 16,
        LeadPitchMillimetres = 5,
    };

    static DrawerCandidate Of(CapacitorSpec spec, int free = 1, int yearsOld = 1) =>
        new(Guid.CreateVersion7(), spec, free, Today.AddYears(-yearsOld), "A1");

    static Substitute Judge(
        Func<CapacitorSpec, CapacitorSpec> change,
        CapacitorRole role = CapacitorRole.Bulk,
        CapacitorSpec? original = null
    ) => Substitution.Judge(original ?? Original, role, Of(change(original ?? Original)), Today);

    [Fact]
    public void The_same_part_will_do() => Assert.Equal(Outcome.Yes, Judge(s => s).Verdict.Outcome);

    [Fact]
    public void Fewer_volts_never_do() => Assert.Equal(Outcome.No, Judge(s => s with { RatedVolts = 10 }).Verdict.Outcome);

    [Fact]
    public void A_cooler_rating_never_does() => Assert.Equal(Outcome.No, Judge(s => s with { MaxCelsius = 70 }).Verdict.Outcome);

    [Fact]
    public void A_timing_part_bears_five_per_cent_and_a_bulk_one_half_as_much_again()
    {
        Assert.Equal(Outcome.No, Judge(s => s with { Microfarads = 560 }, CapacitorRole.Timing).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Judge(s => s with { Microfarads = 680 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Judge(s => s with { Microfarads = 1000 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Judge(s => s with { Microfarads = 330 }).Verdict.Outcome);
    }

    [Fact]
    public void In_switching_duty_esr_is_never_worse_and_not_blindly_lower()
    {
        var lowEsr = Original with { Kind = CapacitorKind.AluminiumLowEsr, EsrOhms = 0.05 };
        Assert.Equal(
            Outcome.No,
            Judge(
                s => s with { Kind = CapacitorKind.AluminiumRadial, EsrOhms = null },
                CapacitorRole.SwitchingOutput,
                lowEsr
            ).Verdict.Outcome
        );
        Assert.Equal(Outcome.Yes, Judge(s => s with { EsrOhms = 0.04 }, CapacitorRole.SwitchingOutput, lowEsr).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Judge(s => s with { EsrOhms = 0.005 }, CapacitorRole.SwitchingOutput, lowEsr).Verdict.Outcome);
    }

    [Theory]
    [InlineData("X2", "X2", true)]
    [InlineData("X2", "X1", true)]
    [InlineData("X2", "Y2", true)]
    [InlineData("Y2", "X1", false)]
    [InlineData("Y2", "Y1", true)]
    [InlineData("X1", "X2", false)]
    [InlineData("X2", null, false)]
    public void Safety_classes_by_their_order(string need, string? has, bool fits)
    {
        var original = new CapacitorSpec
        {
            Kind = CapacitorKind.MainsFilterPaper,
            Microfarads = 0.1,
            RatedVolts = 250,
            SafetyClass = need,
        };
        var v = Substitution.Judge(
            original,
            CapacitorRole.MainsFilter,
            Of(
                new()
                {
                    Kind = CapacitorKind.MainsFilterFilm,
                    Microfarads = 0.1,
                    RatedVolts = 275,
                    SafetyClass = has,
                }
            ),
            Today
        );
        Assert.Equal(!fits, v.Rules.Any(r => r is { Rule: "safety class", Result: RuleResult.Broken }));
    }

    [Fact]
    public void A_polarised_part_never_stands_for_one_that_is_not() =>
        Assert.Equal(
            Outcome.No,
            Judge(
                s => s with { Kind = CapacitorKind.AluminiumRadial },
                CapacitorRole.Coupling,
                Original with
                {
                    Kind = CapacitorKind.Film,
                    Microfarads = 4.7,
                }
            ).Verdict.Outcome
        );

    [Fact]
    public void Size_and_pitch_have_to_fit()
    {
        Assert.Equal(Outcome.No, Judge(s => s with { HeightMillimetres = 25 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Judge(s => s with { LeadPitchMillimetres = 7.5 }).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Judge(s => s with { LeadPitchMillimetres = 3.5 }).Verdict.Outcome);
    }

    [Fact]
    public void Exact_value_first_then_the_oldest_stock_and_nothing_that_is_taken()
    {
        var exactNew = Of(Original, yearsOld: 1);
        var exactOld = Of(Original, yearsOld: 3);
        var larger = Of(Original with { Microfarads = 560 }, yearsOld: 4);
        var gone = Of(Original, free: 0, yearsOld: 5);
        var ranked = Substitution.Rank(Original, CapacitorRole.Bulk, [larger, exactNew, gone, exactOld], Today);
        Assert.Equal([exactOld.Id, exactNew.Id, larger.Id], ranked.Select(r => r.Candidate.Id));
    }

    [Fact]
    public void Stock_of_more_than_five_years_is_formed_first() =>
        Assert.Equal(Outcome.YesIf, Substitution.Judge(Original, CapacitorRole.Bulk, Of(Original, yearsOld: 7), Today).Verdict.Outcome);

    [Property]
    public Property What_will_do_never_breaks_a_rule() =>
        Prop.ForAll(
            Gen.Elements(4.0, 6.3, 10, 16, 25, 35).ToArbitrary(),
            Gen.Choose(100, 1500).ToArbitrary(),
            Gen.Elements(70.0, 85, 105, 125).ToArbitrary(),
            (v, c, t) =>
            {
                var s = Judge(o => o with { RatedVolts = v, Microfarads = c, MaxCelsius = t });
                return s.Verdict.Outcome == Outcome.No == s.Rules.Any(r => r.Result == RuleResult.Broken)
                    && (s.Verdict.Outcome == Outcome.No || (v >= 16 && t >= 85));
            }
        );
}

public class FittingSheetTests
{
    static readonly DateTimeOffset At = new(2026, 11, 25, 12, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Steps_are_taken_in_their_order_only()
    {
        var sheet = new FittingSheet { PartId = Guid.NewGuid() };
        foreach (var step in Enum.GetValues<FittingStep>())
        {
            Assert.Equal(step, sheet.Next(true));
            foreach (var other in Enum.GetValues<FittingStep>().Where(s => s != step))
            {
                Assert.Throws<InvalidInputException>(() => sheet.Take(other, true, At, PadState.Sound));
            }
            sheet = sheet.Take(step, true, At, PadState.Sound);
        }

        Assert.True(sheet.Finished);
        Assert.Null(sheet.Next(true));
    }

    [Fact]
    public void Nothing_is_fitted_that_was_not_set_aside()
    {
        var sheet = new FittingSheet()
            .Take(FittingStep.Remove, true, At)
            .Take(FittingStep.CheckPads, true, At, PadState.Sound)
            .Take(FittingStep.Clean, true, At);
        Assert.Throws<InvalidInputException>(() => sheet.Take(FittingStep.Fit, true, At));
    }

    [Fact]
    public void A_part_without_polarity_has_no_way_round()
    {
        var sheet = new FittingSheet { PartId = Guid.NewGuid() }
            .Take(FittingStep.Remove, false, At)
            .Take(FittingStep.CheckPads, false, At, PadState.Sound)
            .Take(FittingStep.Clean, false, At)
            .Take(FittingStep.Fit, false, At);
        Assert.Equal(FittingStep.Remeasure, sheet.Next(false));
    }
}
