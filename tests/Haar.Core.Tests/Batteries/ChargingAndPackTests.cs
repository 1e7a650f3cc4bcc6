using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Batteries;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Batteries;

public class ChargingLineTests
{
    [Fact]
    public void Three_readings_say_yes_with_volts_milliamps_and_what_is_in_the_way()
    {
        var r = ChargingLine.Detect(
            new()
            {
                OffVolts = 0.02,
                OnVolts = 4.9,
                LoadedVolts = 2.1,
                LoadOhms = 1000,
            }
        );
        Assert.Equal(ThreeState.Yes, r.Charges);
        Assert.Equal(2.1, r.Milliamps!.Value, 9);
        // 1 kΩ · (4.9/2.1 − 1)
        Assert.Equal(1333, r.SourceOhms);
        Assert.Empty(r.Measure);
    }

    [Fact]
    public void A_leaky_diode_is_not_taken_for_a_charge()
    {
        var r = ChargingLine.Detect(
            new()
            {
                OffVolts = 0,
                OnVolts = 4.6,
                LoadedVolts = 0.004,
                LoadOhms = 1000,
            }
        );
        Assert.Equal(ThreeState.No, r.Charges);
        Assert.Contains("leak", r.Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Until_the_load_is_on_volts_alone_are_taken_as_a_charge() =>
        Assert.Equal(
            (ThreeState.Yes, Outcome.Unknown),
            ChargingLine.Detect(new() { OffVolts = 0, OnVolts = 4.6 }) is var r ? (r.Charges, r.Verdict.Outcome) : default
        );

    [Fact]
    public void It_says_what_to_read_next_and_which_way_round()
    {
        Assert.Equal(3, ChargingLine.Detect(new()).Measure.Count);
        Assert.Contains(
            "exchanged",
            ChargingLine.Detect(new() { OffVolts = 0, OnVolts = -4.9 }).Verdict.Sentence,
            StringComparison.Ordinal
        );
        Assert.Equal(ThreeState.NotKnown, ChargingLine.Detect(new() { OffVolts = 3.1 }).Charges);
        Assert.Equal(ThreeState.No, ChargingLine.Detect(new() { OffVolts = 0, OnVolts = 0.05 }).Charges);
    }

    [Fact]
    public void A_load_that_raises_the_line_is_a_wrong_reading() =>
        Assert.Equal(
            "loadedVolts",
            Assert
                .Throws<InvalidInputException>(() =>
                    ChargingLine.Detect(
                        new()
                        {
                            OffVolts = 0,
                            OnVolts = 3,
                            LoadedVolts = 4,
                            LoadOhms = 1000,
                        }
                    )
                )
                .Field
        );

    [Fact]
    public void A_line_that_gives_more_than_a_cell_bears_refuses_it()
    {
        var site = new CellSite
        {
            Chemistry = CellChemistry.NickelCadmium,
            NominalVolts = 3.6,
            Charges = ThreeState.Yes,
            ChargeVolts = 3.1,
            ChargeMilliamps = 12,
            WindowLowVolts = 2,
            WindowHighVolts = 5.5,
        };
        var coin = Replacement
            .Options(site, RestorationPolicy.PeriodUpgrade)
            .Options.Single(o => o.Kind == ReplacementKind.RechargeableCoin);
        Assert.Equal(Outcome.No, coin.Verdict.Outcome);
        Assert.Contains("12 mA", coin.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Equal(
            Outcome.No,
            Replacement
                .Options(site, RestorationPolicy.PeriodUpgrade)
                .Options.Single(o => o.Kind == ReplacementKind.LikeForLike)
                .Verdict.Outcome
        );
        Assert.NotEqual(
            Outcome.No,
            Replacement
                .Options(site with { ChargeMilliamps = 1 }, RestorationPolicy.PeriodUpgrade)
                .Options.Single(o => o.Kind == ReplacementKind.RechargeableCoin)
                .Verdict.Outcome
        );
    }

    [Property]
    public Property No_primary_lithium_cell_is_ever_allowed_on_a_charging_line() =>
        Prop.ForAll(
            Gen.Choose(0, 120).ToArbitrary(),
            Gen.Elements(Enum.GetValues<CellChemistry>()).ToArbitrary(),
            Gen.Choose(0, 200).ToArbitrary(),
            (tenths, chemistry, drain) =>
            {
                var site = new CellSite
                {
                    Chemistry = chemistry,
                    NominalVolts = 3.6,
                    Charges = ThreeState.Yes,
                    ChargeVolts = tenths / 10.0,
                    DrainMicroamps = drain,
                    HiddenInModule = drain % 3 == 0,
                    CoinHolder = drain % 2 == 0,
                    RoomForHolder = ThreeState.Yes,
                    WindowLowVolts = 2,
                    WindowHighVolts = 6,
                };
                return Enum.GetValues<RestorationPolicy>()
                    .SelectMany(s => Replacement.Options(site, s).Options)
                    .Where(o =>
                        o.Chemistry == CellChemistry.LithiumPrimary
                        && o.Kind is not (ReplacementKind.CoinWithSchottky or ReplacementKind.CoinWithSilicon)
                    )
                    .All(o => o.Verdict.Outcome == Outcome.No && !o.Verdict.MayBeOverruled);
            }
        );
}

public class CurveTests
{
    [Fact]
    public void The_curve_starts_fresh_and_ends_empty()
    {
        var c = RunTime.Curve(CellChemistry.LithiumPrimary, 220, 5, 1, 0.25);
        Assert.Equal(3.25 - 0.25, c[0].Volts, 3);
        Assert.Equal(0, c[^1].Volts);
        Assert.Empty(RunTime.Curve(CellChemistry.LithiumPrimary, 220, 0, 1, 0));
    }

    [Property]
    public Property Volts_never_rise_and_the_band_holds_the_likely() =>
        Prop.ForAll(
            Gen.Elements(Chemistries.All.Select(c => c.Chemistry).ToArray()).ToArbitrary(),
            Gen.Choose(1, 500).ToArbitrary(),
            Gen.Choose(10, 3000).ToArbitrary(),
            (chemistry, drain, mah) =>
            {
                var c = RunTime.Curve(chemistry, mah, drain, 2, 0.25);
                return c.Zip(c.Skip(1)).All(p => p.Second.Volts <= p.First.Volts + 1e-9)
                    && c.All(p => p.Low <= p.Volts + 1e-9 && p.Volts <= p.High + 1e-9);
            }
        );

    [Fact]
    public void The_curve_crosses_the_least_volts_when_the_run_time_says()
    {
        var run = RunTime.Of(CellChemistry.Alkaline, 2500, 30, 1.1);
        var curve = RunTime.Curve(CellChemistry.Alkaline, 2500, 30, 1, 0);
        var before = curve.Last(p => p.Years <= run.Years.Likely);
        var after = curve.First(p => p.Years > run.Years.Likely);
        Assert.True(before.Volts >= 1.1 - 1e-6 && after.Volts <= 1.1 + 1e-6, $"{before} {after} {run.Years.Likely}");
    }

    [Fact]
    public void A_capacitor_holds_a_memory_for_capacitance_times_volts_over_current() =>
        Assert.Equal(
            100 * (3.0 - 2.0) / 4,
            Replacement
                .HoldSeconds(
                    new()
                    {
                        HoldMicrofarads = 100,
                        NominalVolts = 3,
                        WindowLowVolts = 2,
                        DrainMicroamps = 4,
                    }
                )!
                .Value,
            9
        );

    [Fact]
    public void A_loss_is_let_pass_only_when_its_owner_has_said_so()
    {
        var site = new CellSite { Chemistry = CellChemistry.LithiumPrimary, Keeps = KeptData.UserData };
        Assert.Equal(Outcome.No, Replacement.Data(site).Outcome);
        Assert.Equal(Outcome.YesIf, Replacement.Data(site with { LossAccepted = true }).Outcome);
    }
}

public class PackHealthTests
{
    static readonly PackFacts Pack = new()
    {
        DesignMilliampHours = 3600,
        Swollen = ThreeState.No,
        HotOrWet = ThreeState.No,
        Volts = 14.8,
        Series = 4,
    };

    [Theory]
    [InlineData(3200, Outcome.Yes)]
    [InlineData(2500, Outcome.YesIf)]
    [InlineData(1900, Outcome.No)]
    public void Health_is_what_it_takes_over_what_it_was_made_with(double full, Outcome want) =>
        Assert.Equal(want, PackHealth.Of(Pack with { FullChargeMilliampHours = full }).Verdict.Outcome);

    [Fact]
    public void A_run_down_outweighs_the_gauge()
    {
        var r = PackHealth.Of(Pack with { FullChargeMilliampHours = 3500, RunDownMilliamps = 1200, RunDownMinutes = 60 });
        Assert.Equal((1200.0, true, Basis.Measured), (r.MilliampHours, r.Measured, r.Verdict.Basis));
    }

    [Fact]
    public void Swollen_means_out_whatever_else_it_can_do_and_nobody_overrules_it()
    {
        var v = PackHealth.Of(Pack with { FullChargeMilliampHours = 3600, Swollen = ThreeState.Yes }).Verdict;
        Assert.Equal((Outcome.No, false), (v.Outcome, v.MayBeOverruled));
        Assert.Equal(Outcome.No, PackHealth.Of(Pack with { Volts = 5.1, Series = 3 }).Verdict.Outcome);
    }

    [Fact]
    public void A_rebuild_is_handed_on_and_milliwatt_hours_are_caught()
    {
        Assert.Contains(
            "professional",
            PackHealth.Of(Pack with { FullChargeMilliampHours = 900 }).Verdict.Sentence,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "mWh",
            Assert.Throws<InvalidInputException>(() => PackHealth.Of(Pack with { FullChargeMilliampHours = 38_000 })).Message,
            StringComparison.Ordinal
        );
        Assert.Equal(Outcome.Unknown, PackHealth.Of(Pack).Verdict.Outcome);
    }
}
