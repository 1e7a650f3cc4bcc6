using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Drying;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Drying;

/// <summary>How long, how warm, and when it counts as dry.</summary>
public class DryingTests
{
    [Theory]
    [InlineData(0, 6.112)]
    [InlineData(20, 23.33)]
    [InlineData(40, 73.70)]
    public void Saturation_pressure_as_the_tables_have_it(double celsius, double hectopascals) =>
        Assert.Equal(hectopascals, DryingTime.SaturationHectopascals(celsius), 1);

    [Fact]
    public void Base_times_hold_at_twenty_degrees_half_damp_in_still_air()
    {
        Assert.Equal(1, DryingTime.Factor(20, 20, 50), 9);
        Assert.Equal(48, DryingTime.Of(WetPart.Board, WettedBy.Water, 20).Hours);
        Assert.Equal(8, DryingTime.Of(WetPart.Board, WettedBy.Alcohol, 20).Hours);
        // Forty degrees with a fan: the half day of the trade.
        Assert.InRange(DryingTime.Of(WetPart.Board, WettedBy.Water, 40, air: MovingAir.Fan).Hours!.Value, 3, 6);
        Assert.Equal(2, DryingTime.Of(WetPart.Shell, WettedBy.Alcohol, 45, air: MovingAir.Dehydrator).Hours);
    }

    [Fact]
    public void Air_that_is_full_dries_nothing()
    {
        var r = DryingTime.Of(WetPart.Board, WettedBy.Water, 20, 20, 99);
        Assert.Equal((null, Outcome.No), (r.Hours, r.Verdict.Outcome));
        Assert.Equal("celsius", Assert.Throws<InvalidInputException>(() => DryingTime.Of(WetPart.Board, WettedBy.Water, 15)).Field);
    }

    /// <summary>Warmer, drier, more air and more known never take longer; what is not known never takes less than anything it may be on a bench.</summary>
    [Property(MaxTest = 300)]
    public Property Knowing_less_never_dries_sooner()
    {
        var asked =
            from part in Gen.Elements(WetPart.Shell, WetPart.HollowShell, WetPart.Board, WetPart.Connectors, WetPart.Membrane)
            from wetted in Gen.Elements(WettedBy.Water, WettedBy.Alcohol, WettedBy.Unrinsed)
            from celsius in Gen.Choose(20, 60)
            from damp in Gen.Choose(10, 80)
            from air in Gen.Elements(Enum.GetValues<MovingAir>())
            select (part, wetted, celsius, damp, air);
        return Prop.ForAll(
            Arb.From(asked),
            x =>
            {
                double Hours(WetPart part, WettedBy by, double celsius, double damp, MovingAir air) =>
                    DryingTime.Of(part, by, celsius, 20, damp, air).Hours ?? double.MaxValue;
                var hours = Hours(x.part, x.wetted, x.celsius, x.damp, x.air);
                return Hours(WetPart.NotKnown, x.wetted, x.celsius, x.damp, x.air) >= hours
                    && Hours(x.part, WettedBy.NotKnown, x.celsius, x.damp, x.air) >= hours
                    && Hours(x.part, x.wetted, x.celsius, x.damp, MovingAir.Still) >= hours
                    && Hours(x.part, x.wetted, x.celsius + 5, x.damp, x.air) <= hours
                    && Hours(x.part, x.wetted, x.celsius, x.damp + 5, x.air) >= hours;
            }
        );
    }

    [Fact]
    public void The_lowest_limit_of_anything_on_it_decides()
    {
        Assert.Equal(50, DryingTemperature.Of([HeatShy.Abs, HeatShy.PaperLabel, HeatShy.BareBoard]).MostCelsius);
        Assert.Equal(40, DryingTemperature.Of([]).MostCelsius);
        Assert.Equal(40, DryingTemperature.Of([HeatShy.Metal, HeatShy.NotKnown]).MostCelsius);
        foreach (var shy in new[] { HeatShy.Cell, HeatShy.PictureTube, HeatShy.LiquidCrystalPanel })
        {
            var v = DryingTemperature.Of([HeatShy.Metal, shy]).Verdict;
            Assert.Equal((Outcome.No, false), (v.Outcome, v.MayBeOverruled));
        }
        Assert.Equal(Outcome.No, DryingTemperature.Of([HeatShy.Metal], solvent: ThreeState.Yes).Verdict.Outcome);
    }

    [Fact]
    public void A_temperature_without_a_unit_is_asked_about()
    {
        var v = DryingTemperature.Of([HeatShy.BareBoard], 110).Verdict;
        Assert.Equal(Outcome.Unknown, v.Outcome);
        Assert.StartsWith("110 of what? 110 °F is 43 °C", v.Sentence, StringComparison.Ordinal);
        Assert.Equal(
            Outcome.Yes,
            DryingTemperature.Of([HeatShy.BareBoard], 110, TemperatureUnit.Fahrenheit, ThreeState.No).Verdict.Outcome
        );
        // Nobody has said whether solvent is on it, or what it is: no warmth is allowed by silence.
        Assert.Equal(Outcome.Unknown, DryingTemperature.Of([HeatShy.BareBoard], 110, TemperatureUnit.Fahrenheit).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, DryingTemperature.Of([], 30, TemperatureUnit.Celsius, ThreeState.No).Verdict.Outcome);
        Assert.Equal(Outcome.No, DryingTemperature.Of([HeatShy.BareBoard], 110, TemperatureUnit.Celsius).Verdict.Outcome);
        // Between the dial and the limit only a thermometer beside the part tells.
        Assert.Equal(Outcome.YesIf, DryingTemperature.Of([HeatShy.BareBoard], 75, TemperatureUnit.Celsius, ThreeState.No).Verdict.Outcome);
    }

    [Property(MaxTest = 200)]
    public Property More_on_it_never_bears_more() =>
        Prop.ForAll(
            Arb.From(Gen.SubListOf(Enum.GetValues<HeatShy>()).Two()),
            x =>
            {
                double Most(IEnumerable<HeatShy> on) => DryingTemperature.Of([.. on]).MostCelsius ?? double.MinValue;
                return x.Item1.Count == 0 || Most(x.Item1.Concat(x.Item2)) <= Most(x.Item1);
            }
        );

    [Fact]
    public void Alcohol_takes_no_water_out_of_coils_and_foils()
    {
        foreach (var part in new[] { WetPart.Coils, WetPart.Membrane, WetPart.HollowShell, WetPart.NotKnown })
        {
            Assert.Equal(DryingTime.Of(part, WettedBy.Water, 20).Hours, DryingTime.Of(part, WettedBy.Alcohol, 20).Hours);
        }
        Assert.True(DryingTime.Of(WetPart.Board, WettedBy.Alcohol, 20).Hours < DryingTime.Of(WetPart.Board, WettedBy.Water, 20).Hours);
    }

    static Weighing[] Weighed(params (double Hours, double Grams)[] w) => [.. w.Select(x => new Weighing(x.Hours, x.Grams))];

    [Fact]
    public void Weighing_proves_wet_and_never_dry()
    {
        Assert.Equal(Outcome.No, DryingTime.IsDry(5, 9, Weighed((8, 412), (9, 410)), 1).Outcome);
        // Equal weighings before the time prove nothing.
        Assert.Equal(Outcome.No, DryingTime.IsDry(5, 3, Weighed((2, 412), (3, 412)), 1).Outcome);
        Assert.Equal(Outcome.Unknown, DryingTime.IsDry(5, 6, [], 1).Outcome);
        Assert.Equal(Outcome.Unknown, DryingTime.IsDry(5, 6, Weighed((6, 412)), 1).Outcome);
        Assert.Equal(Outcome.Unknown, DryingTime.IsDry(5, 6, Weighed((5.9, 412), (6, 412)), 1).Outcome);
        Assert.Equal(Outcome.Yes, DryingTime.IsDry(5, 6, Weighed((5, 412), (6, 411.5)), 1, ThreeState.No).Outcome);
        // Equal is less than a step of the scale apart, either way, on a scale that shows a few drops.
        Assert.Equal(Outcome.No, DryingTime.IsDry(5, 6, Weighed((5, 412), (6, 411)), 1, ThreeState.No).Outcome);
        Assert.Equal(Outcome.Unknown, DryingTime.IsDry(5, 6, Weighed((5, 411), (6, 420)), 1, ThreeState.No).Outcome);
        Assert.Equal(Outcome.Unknown, DryingTime.IsDry(5, 6, Weighed((5, 415), (6, 411)), 5, ThreeState.No).Outcome);
        Assert.Equal(Outcome.Unknown, DryingTime.IsDry(5, 6, Weighed((5, 611), (6, 411)), 1000, ThreeState.No).Outcome);
        // Power to a wet part is nobody's to decide: before its time no reason counts.
        Assert.False(DryingTime.IsDry(5, 0, [], 1, ThreeState.No).MayBeOverruled);
        Assert.False(DryingTime.IsDry(5, 6, [], 1, ThreeState.NotKnown).MayBeOverruled);
        Assert.True(DryingTime.IsDry(5, 6, [], 1, ThreeState.No).MayBeOverruled);
        // What takes the mains is not put back by drying alone, and no reason stands against that.
        var mains = DryingTime.IsDry(5, 60, Weighed((50, 412), (60, 412)), 1, ThreeState.Yes);
        Assert.Equal((Outcome.No, false), (mains.Outcome, mains.MayBeOverruled));
    }
}
