using Haar.Core.Capacitors;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

/// <summary>Letting a capacitor down, what it lets through, and the letter and digit on a small one.</summary>
public class BleedDownTests
{
    [Fact]
    public void Time_energy_and_watts_are_those_of_the_formulas()
    {
        // 220 µF, 320 V, 2.2 kΩ: 0.484 s·ln(64) = 2.013 s; 11.264 J; 46.5 W.
        var r = BleedDown.Of(220, 320, 2200, 10);
        Assert.Equal(0.484 * Math.Log(64), r.Seconds, 6);
        Assert.Equal(11.264, r.Joules, 6);
        Assert.Equal(320.0 * 320 / 2200, r.PeakWatts, 4);
        Assert.Equal(Outcome.YesIf, r.Verdict.Outcome);
    }

    [Fact]
    public void A_resistor_that_burns_lets_nothing_down() => Assert.Equal(Outcome.No, BleedDown.Of(220, 320, 2200, 5).Verdict.Outcome);

    [Fact]
    public void A_resistor_that_nobody_looked_at_is_not_known_to_bear_it()
    {
        Assert.Equal(Outcome.Unknown, BleedDown.Of(220, 320, 2200).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, BleedDown.Of(220, 5.5, 2200).Verdict.Outcome);
    }

    [Fact]
    public void It_is_never_safe_by_the_sum_alone()
    {
        foreach (var volts in new[] { 0, 4, 12, 320, 20_000.0 })
        {
            var v = BleedDown.Of(100, volts, 1e6).Verdict;
            Assert.NotEqual(Outcome.Yes, v.Outcome);
            Assert.Contains(CautionId.ChargedCapacitor, v.Cautions);
        }
    }

    [Fact]
    public void Reactance_of_a_tenth_of_a_microfarad_at_a_hundred_kilohertz() => Assert.Equal(15.9155, Reactance.Ohms(0.1, 100_000), 4);

    [Theory]
    [InlineData("A5", 100e-9, "")]
    [InlineData("S3", 4.7e-9, "")]
    [InlineData("KJ2", 220e-12, "K")]
    [InlineData("W9", 0.68e-12, "")]
    [InlineData("a4", 25e-9, "")]
    public void A_letter_and_a_digit(string code, double farads, string maker)
    {
        var r = CeramicCode.Read(code);
        Assert.Equal(farads, r.Farads!.Value, farads * 1e-9);
        Assert.Equal(maker, r.Maker);
    }

    [Theory]
    [InlineData("")]
    [InlineData("A")]
    [InlineData("104")]
    [InlineData("I5")]
    [InlineData("AB55")]
    public void What_is_none_is_said_to_be_none(string code) =>
        Assert.Equal((null, Outcome.Unknown), (CeramicCode.Read(code).Farads, CeramicCode.Read(code).Verdict.Outcome));

    [Fact]
    public void A_letter_that_is_another_when_it_is_small_is_said() =>
        Assert.Contains("If the letter is small, it is 250 nF", CeramicCode.Read("A5").Verdict.Sentence, StringComparison.Ordinal);
}
