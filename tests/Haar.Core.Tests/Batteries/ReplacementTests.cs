using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Batteries;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Batteries;

public class ReplacementTests
{
    /// <summary>A barrel cell that the board charges, feeding a clock chip.</summary>
    static readonly CellSite Barrel = new()
    {
        Chemistry = CellChemistry.NickelCadmium,
        NominalVolts = 3.6,
        Charges = ThreeState.Yes,
        ChargeVolts = 4.9,
        WindowLowVolts = 2.4,
        WindowHighVolts = 5.5,
        DrainMicroamps = 18,
        Keeps = KeptData.Settings,
        RoomForHolder = ThreeState.Yes,
    };

    static ReplacementOption Option(CellSite site, ReplacementKind kind) =>
        Replacement.Options(site, RestorationPolicy.AsShipped).Options.First(o => o.Kind == kind);

    [Fact]
    public void A_primary_lithium_cell_on_a_line_that_charges_is_refused()
    {
        var v = Option(Barrel, ReplacementKind.CoinInHolder).Verdict;
        Assert.Equal(Outcome.No, v.Outcome);
        Assert.StartsWith("Do not fit: this line charges", v.Sentence, StringComparison.Ordinal);
        Assert.Contains(CautionId.LithiumCell, v.Cautions);
    }

    [Fact]
    public void What_burns_cannot_be_overruled_and_what_only_fails_can()
    {
        Assert.False(Option(Barrel, ReplacementKind.CoinInHolder).Verdict.MayBeOverruled);
        Assert.True(Option(Barrel with { WindowLowVolts = 2.7 }, ReplacementKind.CoinWithSilicon).Verdict.MayBeOverruled);
    }

    [Property]
    public Property Whatever_else_is_known_no_unblocked_primary_cell_passes_on_a_charging_line() =>
        Prop.ForAll(
            Gen.Elements(Enum.GetValues<CellChemistry>()).ToArbitrary(),
            Gen.Choose(10, 60).ToArbitrary(),
            Gen.Elements(Enum.GetValues<RestorationPolicy>()).ToArbitrary(),
            (chemistry, tenths, school) =>
                Replacement
                    .Options(
                        Barrel with
                        {
                            Chemistry = chemistry,
                            NominalVolts = tenths / 10.0,
                            WindowLowVolts = null,
                            WindowHighVolts = null,
                            DrainMicroamps = null,
                        },
                        school
                    )
                    .Options.Where(o =>
                        o.Kind is ReplacementKind.CoinInHolder or ReplacementKind.LikeForLike && !Chemistries.Get(o.Chemistry).Rechargeable
                    )
                    .All(o => o.Verdict.Outcome == Outcome.No)
        );

    [Fact]
    public void The_holder_on_a_lead_leaves_the_diodes_drop_off()
    {
        var o = Option(Barrel, ReplacementKind.HolderOnLead);
        Assert.Equal(Outcome.Yes, o.Verdict.Outcome);
        Assert.Equal(3 * 1.60 - 0.25, o.FreshVolts, 9);
        Assert.Equal(3 * 0.9 - 0.25, o.EndVolts, 9);
    }

    [Fact]
    public void A_silicon_diode_can_leave_too_little() =>
        Assert.Equal(Outcome.No, Option(Barrel with { WindowLowVolts = 2.7 }, ReplacementKind.CoinWithSilicon).Verdict.Outcome);

    [Fact]
    public void Volts_above_the_chips_window_are_refused() =>
        Assert.Equal(Outcome.No, Option(Barrel with { WindowHighVolts = 4.0 }, ReplacementKind.HolderOnLead).Verdict.Outcome);

    [Theory]
    [InlineData(4.9, Outcome.No)]
    [InlineData(3.1, Outcome.Yes)]
    [InlineData(2.5, Outcome.No)]
    public void A_rechargeable_coin_wants_its_own_charge(double line, Outcome outcome) =>
        Assert.Equal(
            outcome,
            Option(
                Barrel with
                {
                    ChargeVolts = line,
                    ChargeMilliamps = 1,
                    WindowLowVolts = 2.0,
                    WindowHighVolts = 5.5,
                    NominalVolts = 3,
                },
                ReplacementKind.RechargeableCoin
            ).Verdict.Outcome
        );

    [Fact]
    public void A_rechargeable_cell_that_nothing_charges_is_refused() =>
        Assert.Equal(
            Outcome.No,
            Option(Barrel with { Charges = ThreeState.No, ChargeVolts = null }, ReplacementKind.LikeForLike).Verdict.Outcome
        );

    [Fact]
    public void Not_knowing_whether_it_charges_is_unknown_and_says_what_to_measure()
    {
        var v = Option(
            Barrel with
            {
                Charges = ThreeState.NotKnown,
                ChargeVolts = null,
                WindowLowVolts = 2,
            },
            ReplacementKind.CoinInHolder
        ).Verdict;
        Assert.Equal(Outcome.Unknown, v.Outcome);
        Assert.Contains(v.WouldChange, w => w.Contains("plus pad", StringComparison.Ordinal));
    }

    [Fact]
    public void Somebodys_data_is_copied_or_bridged_before_the_cell_comes_out()
    {
        Assert.Equal(Outcome.No, Replacement.Data(Barrel with { Keeps = KeptData.UserData }).Outcome);
        Assert.Equal(Outcome.Yes, Replacement.Data(Barrel with { Keeps = KeptData.UserData, DataSafe = true }).Outcome);
        // Settings go with the cell: written down first, or lost on purpose.
        Assert.Equal(Outcome.No, Replacement.Data(Barrel).Outcome);
        Assert.Equal(Outcome.Yes, Replacement.Data(Barrel with { DataSafe = true }).Outcome);
        Assert.Equal(Outcome.YesIf, Replacement.Data(Barrel with { LossAccepted = true }).Outcome);
        Assert.Equal(Outcome.Yes, Replacement.Data(Barrel with { Keeps = KeptData.Nothing }).Outcome);
        // Nobody has asked: leaking or not, that comes first.
        foreach (var leaking in Enum.GetValues<ThreeState>())
        {
            var asked = Replacement.Data(Barrel with { Keeps = KeptData.NotKnown, Leaking = leaking });
            Assert.Equal((Outcome.Unknown, false), (asked.Outcome, asked.MayBeOverruled));
        }
    }

    [Fact]
    public void A_module_is_reworked_exchanged_or_given_an_outside_holder_and_nothing_else_each_with_its_risk()
    {
        var options = Replacement
            .Options(
                Barrel with
                {
                    HiddenInModule = true,
                    Charges = ThreeState.No,
                    ChargeVolts = null,
                    Chemistry = CellChemistry.LithiumPrimary,
                    NominalVolts = 3,
                },
                RestorationPolicy.AsShipped
            )
            .Options;
        Assert.Equal(
            [ReplacementKind.HolderOnLead, ReplacementKind.ModuleReworked, ReplacementKind.ModuleSocketed, ReplacementKind.ModuleOnCarrier],
            options.Select(o => o.Kind).Order()
        );
        Assert.All(options, o => Assert.NotEqual("", o.Risk));
    }

    [Fact]
    public void The_best_comes_first_and_the_refused_last()
    {
        var order = Replacement.Options(Barrel, RestorationPolicy.ModernInside).Options.Select(o => o.Verdict.Outcome).ToList();
        Assert.Equal(
            order.OrderBy(o =>
                o switch
                {
                    Outcome.Yes => 0,
                    Outcome.YesIf => 1,
                    Outcome.Unknown => 2,
                    _ => 3,
                }
            ),
            order
        );
    }

    [Fact]
    public void Contradictions_name_their_field()
    {
        Assert.Equal(
            "site.windowHighVolts",
            Assert
                .Throws<InvalidInputException>(() => Replacement.Options(Barrel with { WindowLowVolts = 5, WindowHighVolts = 3 }, default))
                .Field
        );
        Assert.Equal(
            "site.chargeVolts",
            Assert.Throws<InvalidInputException>(() => Replacement.Options(Barrel with { Charges = ThreeState.No }, default)).Field
        );
        Assert.Equal(
            "site.drainMicroamps",
            Assert.Throws<InvalidInputException>(() => Replacement.Options(Barrel with { DrainMicroamps = -1 }, default)).Field
        );
    }
}

public class RunTimeTests
{
    [Fact]
    public void Without_self_discharge_to_speak_of_it_is_capacity_over_drain()
    {
        // 220 mAh at 20 µA: 1.255 years; one per cent a year of self-discharge takes off less than one per cent.
        var r = RunTime.Of(CellChemistry.LithiumPrimary, 220, 20);
        Assert.Equal(220.0 / 0.020 / 8766, r.Years.Likely, 0.01);
    }

    [Fact]
    public void Self_discharge_shortens_it_as_the_equation_says()
    {
        var s = -Math.Log(1 - 0.30);
        var r = RunTime.Of(CellChemistry.NickelMetalHydride, 80, 5);
        Assert.Equal(Math.Log(1 + s * 80 / (0.005 * 8766)) / s, r.Years.Likely, 9);
    }

    [Fact]
    public void Only_what_lies_above_the_chips_volts_counts()
    {
        Assert.Equal(0, Chemistries.Get(CellChemistry.Alkaline).UsableShare(1.7));
        Assert.Equal(1, Chemistries.Get(CellChemistry.Alkaline).UsableShare(0.8));
        Assert.Equal(0.5, Chemistries.Get(CellChemistry.Alkaline).UsableShare(1.28), 9);
    }

    [Property]
    public Property Low_likely_and_high_are_in_order_and_more_drain_never_lasts_longer() =>
        Prop.ForAll(
            Gen.Choose(1, 500).ToArbitrary(),
            Gen.Choose(1, 500).ToArbitrary(),
            Gen.Choose(10, 3000).ToArbitrary(),
            (a, b, capacity) =>
                Enum.GetValues<CellChemistry>()
                    .Where(c => c != CellChemistry.Unknown)
                    .All(c =>
                    {
                        var less = RunTime.Of(c, capacity, Math.Min(a, b)).Years;
                        var more = RunTime.Of(c, capacity, Math.Max(a, b)).Years;
                        return less.Low <= less.Likely
                            && less.Likely <= less.High
                            && more.Likely <= less.Likely + 1e-9
                            && less.High <= RunTime.LongestYears;
                    })
        );

    [Fact]
    public void An_unknown_chemistry_is_refused() =>
        Assert.Equal("chemistry", Assert.Throws<InvalidInputException>(() => RunTime.Of(CellChemistry.Unknown, 100, 5)).Field);
}
