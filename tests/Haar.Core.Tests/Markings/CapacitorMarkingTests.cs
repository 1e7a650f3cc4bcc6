using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Markings;

namespace Haar.Core.Tests.Markings;

public class CapacitorMarkingTests
{
    [Theory]
    [InlineData("475", CapacitorKind.Ceramic, 4.7, null)]
    [InlineData("104", CapacitorKind.Film, 0.1, null)]
    [InlineData("107", CapacitorKind.TantalumBead, 100, null)]
    [InlineData("4R7", CapacitorKind.AluminiumRadial, 4.7, null)]
    [InlineData("4R7", CapacitorKind.Ceramic, 4.7e-6, null)]
    [InlineData("2n2", CapacitorKind.Unknown, 0.0022, null)]
    [InlineData("6u8", CapacitorKind.Unknown, 6.8, null)]
    [InlineData("6µ8 35V", CapacitorKind.TantalumBead, 6.8, 35.0)]
    [InlineData("47 16V", CapacitorKind.AluminiumSurfaceMount, 47, 16.0)]
    [InlineData("47 16V", CapacitorKind.Unknown, 47, 16.0)]
    [InlineData("226C", CapacitorKind.TantalumSurfaceMount, 22, 16.0)]
    [InlineData("C226", CapacitorKind.TantalumSurfaceMount, 22, 16.0)]
    [InlineData("1C106", CapacitorKind.AluminiumSurfaceMount, 10, 16.0)]
    [InlineData("1H104K", CapacitorKind.Film, 0.1, 50.0)]
    [InlineData("470", CapacitorKind.AluminiumRadial, 470, null)]
    [InlineData("470", CapacitorKind.Ceramic, 47e-6, null)]
    [InlineData("2200 25V 105°C", CapacitorKind.AluminiumAxial, 2200, 25.0)]
    [InlineData("0.1", CapacitorKind.Film, 0.1, null)]
    [InlineData("4,7 µF 63 V", CapacitorKind.AluminiumRadial, 4.7, 63.0)]
    [InlineData("47uF16V", CapacitorKind.AluminiumRadial, 47, 16.0)]
    [InlineData("100n", CapacitorKind.Unknown, 0.1, null)]
    [InlineData("0.047u X2 275V~", CapacitorKind.MainsFilterFilm, 0.047, 275.0)]
    [InlineData("100/16", CapacitorKind.AluminiumRadial, 100, 16.0)]
    [InlineData("100/16", CapacitorKind.Unknown, 100, 16.0)]
    [InlineData("100/6.3", CapacitorKind.AluminiumRadial, 100, 6.3)]
    [InlineData("22UF25V", CapacitorKind.AluminiumRadial, 22, 25.0)]
    [InlineData("475K 35", CapacitorKind.TantalumBead, 4.7, 35.0)]
    [InlineData(".047", CapacitorKind.Film, 0.047, null)]
    [InlineData(".1uF", CapacitorKind.Unknown, 0.1, null)]
    [InlineData("1000MFD", CapacitorKind.AluminiumRadial, 1000, null)]
    [InlineData("1000 MFD 25 V", CapacitorKind.AluminiumAxial, 1000, 25.0)]
    [InlineData("50MF 15V", CapacitorKind.AluminiumAxial, 50, 15.0)]
    [InlineData("1m0", CapacitorKind.AluminiumRadial, 1000, null)]
    [InlineData("220 6V3", CapacitorKind.AluminiumSurfaceMount, 220, 6.3)]
    [InlineData("47\n16V", CapacitorKind.AluminiumSurfaceMount, 47, 16.0)]
    [InlineData("47\r\n16V", CapacitorKind.Unknown, 47, 16.0)]
    [InlineData("106V", CapacitorKind.TantalumSurfaceMount, 10, 35.0)]
    [InlineData("2200M 25V", CapacitorKind.AluminiumRadial, 2200, 25.0)]
    [InlineData("221", CapacitorKind.AluminiumSurfaceMount, 220, null)]
    [InlineData("221", CapacitorKind.Ceramic, 220e-6, null)]
    [InlineData("3A102K", CapacitorKind.Film, 0.001, 1000.0)]
    public void Reads_one_value(string text, CapacitorKind kind, double microfarads, double? volts)
    {
        var r = CapacitorMarking.Read(text, kind);
        Assert.True(r.Certain, r.Sentence);
        Assert.Equal(microfarads, r.Readings[0].Microfarads, microfarads * 1e-6);
        Assert.Equal(volts, r.Readings[0].RatedVolts);
    }

    [Theory]
    [InlineData("0G", 4)]
    [InlineData("0J", 6.3)]
    [InlineData("1A", 10)]
    [InlineData("1C", 16)]
    [InlineData("1E", 25)]
    [InlineData("1V", 35)]
    [InlineData("1H", 50)]
    [InlineData("1J", 63)]
    [InlineData("1K", 80)]
    [InlineData("2A", 100)]
    [InlineData("2C", 160)]
    [InlineData("2D", 200)]
    [InlineData("2E", 250)]
    [InlineData("2G", 400)]
    [InlineData("2W", 450)]
    [InlineData("0E", 2.5)]
    [InlineData("1B", 12.5)]
    [InlineData("1D", 20)]
    [InlineData("1G", 40)]
    [InlineData("2B", 125)]
    [InlineData("2F", 315)]
    [InlineData("2V", 350)]
    [InlineData("2H", 500)]
    [InlineData("2J", 630)]
    [InlineData("3A", 1000)]
    [InlineData("3C", 1600)]
    public void Reads_every_EIA_voltage_code(string code, double volts) =>
        Assert.Equal(volts, CapacitorMarking.Read($"10u {code}").Readings.Single().RatedVolts);

    [Theory]
    [InlineData("104F", .01, .01)]
    [InlineData("104G", .02, .02)]
    [InlineData("104J", .05, .05)]
    [InlineData("104K", .1, .1)]
    [InlineData("104M", .2, .2)]
    [InlineData("104Z", .2, .8)]
    public void Reads_tolerance_letters(string text, double minus, double plus)
    {
        var r = CapacitorMarking.Read(text, CapacitorKind.Ceramic).Readings.Single();
        Assert.Equal((minus, plus), (r.ToleranceMinusShare, r.TolerancePlusShare));
    }

    [Fact]
    public void Picofarad_tolerances_hold_below_ten_picofarads_only()
    {
        Assert.Equal(0.25 / 5, CapacitorMarking.Read("509C", CapacitorKind.Ceramic).Readings.Single().TolerancePlusShare!.Value, 6);
        Assert.False(CapacitorMarking.Read("101B", CapacitorKind.Ceramic).Certain);
    }

    [Theory]
    [InlineData("4R7")]
    [InlineData("470")]
    [InlineData("475J")]
    [InlineData("47")]
    [InlineData("221")]
    public void Says_when_two_readings_fit(string text)
    {
        var r = CapacitorMarking.Read(text);
        Assert.False(r.Certain);
        Assert.Equal(2, r.Readings.Count);
        Assert.Contains("2 readings fit", r.Sentence, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("-47u", "negative")]
    [InlineData("475 47uF", "both")]
    [InlineData("10u 1C 25V", "both 16 V and 25 V")]
    [InlineData("banana", "no convention")]
    [InlineData("47u 0V", "0 V")]
    [InlineData("0", "nothing")]
    [InlineData("85°C", "rated temperature")]
    [InlineData("105C", "may as well be the rated temperature")]
    [InlineData("16V", "No capacitance")]
    [InlineData("100V", "No capacitance")]
    [InlineData("47 17", "both")]
    [InlineData("٤٧ 16V", "another script")]
    [InlineData("４７u", "another script")]
    [InlineData("475 XYZ", "XYZ")]
    public void Says_what_cannot_be_read_or_contradicts(string text, string part)
    {
        var r = CapacitorMarking.Read(text);
        Assert.False(r.Certain);
        Assert.Contains(r.Problems, p => p.Contains(part, StringComparison.Ordinal));
    }

    [Fact]
    public void An_impossible_value_for_the_kind_is_refused() =>
        Assert.NotEmpty(CapacitorMarking.Read("22p", CapacitorKind.AluminiumRadial).Problems);

    [Property]
    public Property A_value_written_out_is_read_back() =>
        Prop.ForAll(
            Gen.Choose(100, 99999).ToArbitrary(),
            Gen.Elements(6.3, 10, 16, 25, 35, 50, 63).ToArbitrary(),
            (n, volts) =>
            {
                var microfarads = n / 100.0;
                var r = CapacitorMarking.Read(FormattableString.Invariant($"{microfarads}u {volts}V"), CapacitorKind.AluminiumRadial);
                return r.Certain
                    && Math.Abs(r.Readings[0].Microfarads - microfarads) < microfarads * 1e-6
                    && r.Readings[0].RatedVolts == volts;
            }
        );

    [Property]
    public void Anything_at_all_gets_an_answer_and_never_a_wrong_number(NonNull<string> text)
    {
        foreach (var kind in Enum.GetValues<CapacitorKind>())
        {
            var r = CapacitorMarking.Read(text.Get, kind);
            Assert.All(r.Readings, x => Assert.True(double.IsFinite(x.Microfarads) && x.Microfarads > 0));
            Assert.NotEmpty(r.Sentence);
        }
    }
}
