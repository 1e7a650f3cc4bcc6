using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Cleaning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Cleaning;

/// <summary>What goes into a tray, and what must not meet.</summary>
public class BathTests
{
    static readonly TrayFacts Tray = new()
    {
        LengthCentimetres = 50,
        WidthCentimetres = 40,
        HeightCentimetres = 15,
        DepthCentimetres = 9,
        DisplacedLitres = 1.5,
    };

    [Fact]
    public void Litres_are_the_tray_less_its_parts_and_the_bottle_follows()
    {
        Assert.Equal(16.5, Bath.Litres(Tray), 9);
        var r = Bath.Of(Tray, Substance.Peroxide, 12, 6, 10_000);
        Assert.Equal((8250, 8250, 1750), (r.StockMillilitres, r.WaterMillilitres, r.LeftMillilitres));
        Assert.Contains(CautionId.Peroxide, r.Verdict.Cautions);
        var few = Bath.Of(Tray, Substance.Peroxide, 12, 6, 500);
        Assert.Equal((Outcome.No, null), (few.Verdict.Outcome, few.LeftMillilitres));
        Assert.Equal(Outcome.Unknown, Bath.Of(Tray, Substance.Peroxide, 12).Verdict.Outcome);
        Assert.Contains(
            Bath.Of(Tray, Substance.Peroxide).Verdict.Reasons,
            x => x.Text.StartsWith("How strong it is nobody said", StringComparison.Ordinal)
        );
        Assert.Contains(
            Bath.Of(Tray, Substance.Peroxide, 35, 10).Verdict.Reasons,
            x => x.Source!.StartsWith("Regulation", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_tray_that_cannot_be_is_said()
    {
        string Field(TrayFacts t) => Assert.Throws<InvalidInputException>(() => Bath.Litres(t)).Field;
        Assert.Equal("tray.depthCentimetres", Field(Tray with { DepthCentimetres = 14 }));
        Assert.Equal("tray.displacedLitres", Field(Tray with { DisplacedLitres = 18 }));
        Assert.Equal("tray", Field(Tray with { PartLengthCentimetres = 45, PartWidthCentimetres = 42 }));
        Assert.Equal("tray", Field(Tray with { PartLengthCentimetres = 55 }));
        Assert.Equal(16.5, Bath.Litres(Tray with { PartLengthCentimetres = 38, PartWidthCentimetres = 48 }), 9);
    }

    [Theory]
    [InlineData(Substance.ChlorineBleach, Substance.Acid)]
    [InlineData(Substance.ChlorineBleach, Substance.Ammonia)]
    [InlineData(Substance.Ammonia, Substance.BareMetal)]
    [InlineData(Substance.Peroxide, Substance.Acetone)]
    [InlineData(Substance.Peroxide, Substance.Acid)]
    [InlineData(Substance.Peroxide, Substance.Alcohol)]
    [InlineData(Substance.Peroxide, Substance.BareMetal)]
    [InlineData(Substance.Alkali, Substance.Aluminium)]
    [InlineData(Substance.Alcohol, Substance.UltrasonicBath)]
    public void What_must_not_meet_never_does_and_nobody_overrules_it(Substance one, Substance other)
    {
        foreach (var order in new[] { new[] { one, other }, [other, one], [Substance.Water, other, Substance.Soap, one] })
        {
            var v = Mixing.May(order).Verdict;
            Assert.Equal((Outcome.No, false), (v.Outcome, v.MayBeOverruled));
            Assert.Contains(CautionId.MustNotMeet, v.Cautions);
        }
        Assert.Equal(Outcome.No, Bath.Of(Tray, one, with: [other]).Verdict.Outcome);
    }

    [Fact]
    public void What_else_is_in_the_tray_is_not_nothing_because_nobody_said()
    {
        Assert.Equal(Outcome.Yes, Bath.Of(Tray, Substance.Peroxide, 12, 6, with: []).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Bath.Of(Tray, Substance.Peroxide, 12, 6).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Bath.Of(Tray, Substance.Soap).Verdict.Outcome);
        Assert.Equal(
            "tray",
            Assert.Throws<InvalidInputException>(() => Bath.Of(Tray with { LengthCentimetres = 500 }, Substance.Soap)).Field
        );
    }

    [Fact]
    public void What_nobody_knows_meets_nothing()
    {
        Assert.Equal(Outcome.Unknown, Mixing.May([Substance.NotKnown]).Verdict.Outcome);
        Assert.Equal(Outcome.No, Mixing.May([Substance.NotKnown, Substance.Soap]).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Mixing.May([Substance.Water, Substance.Soap, Substance.Aluminium]).Verdict.Outcome);
    }

    /// <summary>Naming more, or knowing less of one, never turns a no into a yes.</summary>
    [Property(MaxTest = 300)]
    public Property More_in_the_bath_and_less_known_is_never_safer() =>
        Prop.ForAll(
            Arb.From(Gen.NonEmptyListOf(Gen.Elements(Enum.GetValues<Substance>())).Two()),
            x =>
            {
                var some = Mixing.May(x.Item1).Verdict.Outcome;
                var more = Mixing.May([.. x.Item1, .. x.Item2]).Verdict.Outcome;
                var less = Mixing.May([Substance.NotKnown, .. x.Item1.Skip(1)]).Verdict.Outcome;
                return (some == Outcome.Yes || more != Outcome.Yes) && less != Outcome.Yes;
            }
        );
}
