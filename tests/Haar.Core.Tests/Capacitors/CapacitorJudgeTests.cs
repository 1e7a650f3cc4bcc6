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
    [InlineData(450, .25)] // above 100 V it rises again
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
    public void Twenty_per_cent_of_its_first_reading_is_the_end_and_of_its_nominal_value_a_suspicion()
    {
        Assert.Equal(Outcome.Yes, Judge(37.6, 1.2).Outcome);
        // It may have begun as low as its tolerance: dead below 0.8 × (1 − 0.2).
        Assert.Equal(Outcome.Unknown, Judge(37.59, 1.2).Outcome);
        Assert.Equal(Outcome.Unknown, Judge(30.1, 1.2).Outcome);
        Assert.Equal(Outcome.No, Judge(30.07, 1.2).Outcome);
        Verdict First(double began, double now) =>
            CapacitorJudge.Judge(
                "C1",
                Spec,
                [],
                new()
                {
                    Microfarads = now,
                    EsrOhms = 1.2,
                    FirstMicrofarads = began,
                }
            );
        Assert.Equal(Outcome.No, First(47, 37.59).Outcome);
        Assert.Equal(Outcome.Yes, First(40, 32.1).Outcome);
        Assert.Equal(Outcome.No, First(40, 31.9).Outcome);
        // A new one has lost nothing yet: under 0.8 of nominal it is no good one.
        Assert.Equal(
            Outcome.No,
            CapacitorJudge
                .Judge(
                    "C1",
                    Spec,
                    [],
                    new()
                    {
                        Microfarads = 37.5,
                        EsrOhms = 1.2,
                        Fresh = true,
                    }
                )
                .Outcome
        );
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
        Assert.Equal(Outcome.Yes, Judge(47, 0.5, spec: Spec with { EsrOhms = 0.5 }).Outcome);
        // What is printed is the most of a new one: above it, up to twice, only what it began with tells.
        Assert.Equal(Outcome.YesIf, Judge(47, 1.0, spec: Spec with { EsrOhms = 0.5 }).Outcome);
        Verdict First(double began, double now) =>
            CapacitorJudge.Judge(
                "C1",
                Spec with
                {
                    EsrOhms = 0.5,
                },
                [],
                new()
                {
                    Microfarads = 47,
                    EsrOhms = now,
                    EsrWith = Core.Meters.Instrument.FourWire,
                    FirstEsrOhms = began,
                }
            );
        Assert.Equal(Outcome.Yes, First(0.4, 0.79).Outcome);
        Assert.Equal(Outcome.No, First(0.4, 0.81).Outcome);
        Assert.Equal(Outcome.No, Judge(47, 1.21, spec: Spec with { EsrOhms = 0.5 }).Outcome);
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
        var v = CapacitorJudge.Judge("C1", Spec, [], new() { Microfarads = 33, EsrOhms = 1 }, new() { CapacitanceLossShare = 0.1 });
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
