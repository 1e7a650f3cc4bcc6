using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Corrosion;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Corrosion;

/// <summary>What is mixed, and what copper carries.</summary>
public class SumsTests
{
    [Fact]
    public void Stronger_by_what_is_in_the_bottle()
    {
        // 4 l of 3 % to 6 % with 12 %: 4·3/6 = 2 l.
        var r = Mixing.To(4, 3, 6, 12, 0.75, VolumeUnit.Litres);
        Assert.Equal((2000.0, 6000.0, 3), (r.AddMillilitres, r.AllMillilitres, r.Bottles!.Value));
        Assert.Throws<InvalidInputException>(() => Mixing.To(4, 3, 6, 6));
        Assert.Throws<InvalidInputException>(() => Mixing.To(4, 3, 6));
    }

    [Fact]
    public void Weaker_by_water()
    {
        var r = Mixing.To(500, 12, 3);
        Assert.Equal((1500.0, 2000.0, null), (r.AddMillilitres, r.AllMillilitres, r.Bottles));
        Assert.Equal(0, Mixing.To(500, 12, 12).AddMillilitres);
    }

    [Fact]
    public void A_gallon_is_231_cubic_inches() => Assert.Equal(231 * Math.Pow(2.54, 3), Mixing.Millilitres(1, VolumeUnit.UsGallons), 6);

    [Fact]
    public void Two_poured_together() => Assert.Equal(5.25, Mixing.Of(500, 12, 1500, 3).Percent, 9);

    [Property]
    public Property What_is_in_both_stays_in_them() =>
        Prop.ForAll(
            Gen.Choose(1, 500).Select(v => v / 10.0).Four().ToArbitrary(),
            v =>
            {
                var (have, a, b, c) = v;
                var (stock, wanted, now) = (a + b + c + 1, b + c, c * 0.9);
                if (stock > 100)
                {
                    return;
                }
                var r = Mixing.To(have, now, wanted, stock);
                Assert.Equal(r.AllMillilitres * wanted, have * now + r.AddMillilitres * stock, r.AllMillilitres * wanted * 1e-6 + 1e-6);
            }
        );

    [Theory]
    [InlineData(ThreeState.No)]
    [InlineData(ThreeState.Yes)]
    [InlineData(ThreeState.NotKnown)]
    public void A_trace_of_that_width_carries_the_current_and_a_thinner_one_does_not(ThreeState inside)
    {
        foreach (var amps in new[] { 0.2, 1, 3, 12 })
        {
            var mm = TraceSums.Width(amps, 35, 10, inside).Millimetres;
            Assert.True(Jumper.Ipc2221Amps(mm * 0.035, 10, inside != ThreeState.No) >= amps);
            Assert.True(Jumper.Ipc2221Amps((mm - 0.02) * 0.035, 10, inside != ThreeState.No) < amps);
        }
    }

    [Fact]
    public void Not_known_where_it_lies_is_no_narrower_than_inside() =>
        Assert.Equal(TraceSums.Width(2, 35, 10, ThreeState.Yes).Millimetres, TraceSums.Width(2, 35, 10, ThreeState.NotKnown).Millimetres);

    [Fact]
    public void Pieces_add_up_and_side_by_side_less_than_the_least()
    {
        TraceFacts a = new() { LengthMillimetres = 30, WidthMillimetres = 1.2 },
            b = new() { LengthMillimetres = 12, Vias = 1 };
        Assert.Equal(Trace.Ohms(a) + Trace.Ohms(b), TraceSums.Segments([a, b]).Ohms, 9);
        Assert.Equal(50, TraceSums.Parallel([100, 100]).Ohms, 9);
        Assert.True(TraceSums.Parallel([0.21, 0.34]).Ohms < 0.21);
        Assert.Throws<InvalidInputException>(() => TraceSums.Parallel([]));
    }
}
