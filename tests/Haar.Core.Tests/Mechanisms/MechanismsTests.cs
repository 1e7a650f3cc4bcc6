using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Mechanisms;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Mechanisms;

/// <summary>Belts and fans.</summary>
public class MechanismsTests
{
    [Fact]
    public void Once_round_two_pulleys()
    {
        // Equal pulleys: two straights and one circle.
        Assert.Equal(2 * 100 + Math.PI * 30, Belt.Path(30, 30, 100), 9);
        // Unequal ones: 2C + π(D + d)/2 + (D − d)²/4C, good to a few hundredths here.
        Assert.Equal(2 * 61 + Math.PI * 25 + 34.0 * 34 / (4 * 61), Belt.Path(8, 42, 61), 0);
        var b = Belt.Of(null, 8, 42, 61);
        Assert.Equal(b.PathMillimetres * 0.94, b.InsideMillimetres, 9);
        Assert.Equal(b.InsideMillimetres / Math.PI, b.DiameterMillimetres, 9);
        Assert.Equal(200, Belt.Of(200, toothed: true).InsideMillimetres);
        Assert.Equal("pathMillimetres", Assert.Throws<InvalidInputException>(() => Belt.Of(null, 8, 42)).Field);
        Assert.Equal("centresMillimetres", Assert.Throws<InvalidInputException>(() => Belt.Of(null, 30, 42, 12)).Field);
    }

    static readonly FanLabel Old = new()
    {
        FrameMillimetres = 80,
        ThicknessMillimetres = 25,
        Volts = 12,
        Amps = 0.14,
        CubicMetresPerHour = 54,
        Pascals = 24,
        Plug = "2 pins",
        AwayFromHub = true,
    };

    [Fact]
    public void A_fan_takes_a_fans_place_by_every_rule()
    {
        Assert.Equal(Outcome.Yes, FanExchange.Judge(Old, Old with { Amps = 0.08 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, FanExchange.Judge(Old, Old with { Volts = 5 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, FanExchange.Judge(Old, Old with { FrameMillimetres = 92 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, FanExchange.Judge(Old, Old with { Amps = 0.2 }).Verdict.Outcome);
        Assert.Equal(Outcome.No, FanExchange.Judge(Old, Old with { Pascals = 10 }).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, FanExchange.Judge(Old with { ThicknessMillimetres = 15 }, Old, 26).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, FanExchange.Judge(Old, Old with { Plug = "3 pins" }).Verdict.Outcome);
    }

    [Property(MaxTest = 200)]
    public Property A_label_that_nobody_can_read_never_makes_it_fit() =>
        Prop.ForAll(
            Arb.From(
                from volts in Gen.Elements(5.0, 12)
                from amps in Gen.Elements(0.05, 0.2)
                from flow in Gen.Elements(30.0, 60)
                from forget in Gen.Choose(0, 5)
                select (volts, amps, flow, forget)
            ),
            x =>
            {
                var offered = Old with { Volts = x.volts, Amps = x.amps, CubicMetresPerHour = x.flow };
                var less = x.forget switch
                {
                    0 => offered with { Volts = null },
                    1 => offered with { Amps = null },
                    2 => offered with { CubicMetresPerHour = null },
                    3 => offered with { Pascals = null },
                    4 => offered with { Plug = "" },
                    _ => offered with { AwayFromHub = null },
                };
                return FanExchange.Judge(Old, less).Verdict.Outcome != Outcome.Yes;
            }
        );
}
