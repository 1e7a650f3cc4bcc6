using Haar.Core.Capacitors;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

/// <summary>The resistor that loads a rail: of the values made, and for twice the heat.</summary>
public class LoadResistorTests
{
    [Theory]
    [InlineData(5, 1, 5.6, 10)]
    [InlineData(12, 0.5, 27, 15)]
    [InlineData(5, 0.5, 10, 5)]
    [InlineData(12, 1, 12, 25)]
    [InlineData(5, 0.01, 560, 0.25)]
    public void A_value_that_is_made_draws_no_more_than_was_asked(double volts, double amps, double ohms, double rated)
    {
        var r = LoadResistor.Of(volts, amps);
        Assert.Equal((ohms, rated), (r.Ohms, r.RatedWatts));
        Assert.True(r.Amps <= amps * (1 + 1e-9));
        Assert.True(r.RatedWatts >= 2 * r.Watts * (1 - 1e-9));
    }

    [Fact]
    public void Too_much_for_one_is_shared_and_what_is_no_rail_is_refused()
    {
        Assert.Equal(Outcome.No, LoadResistor.Of(48, 20).Verdict.Outcome);
        Assert.Throws<InvalidInputException>(() => LoadResistor.Of(230, 1));
        Assert.Throws<InvalidInputException>(() => LoadResistor.Of(5, 0));
    }

    [Fact]
    public void An_ESR_limit_is_the_sheets_or_the_kinds_or_not_known()
    {
        Assert.Equal(0.06, CapacitorJudge.MostEsr(CapacitorKind.AluminiumLowEsr, 1000, 16, 0.03, 100_000).Ohms!.Value, 6);
        Assert.NotNull(CapacitorJudge.MostEsr(CapacitorKind.AluminiumRadial, 100, 16, null, 100_000).Ohms);
        foreach (
            var (kind, volts) in new (CapacitorKind, double?)[]
            {
                (CapacitorKind.AluminiumLowEsr, 16),
                (CapacitorKind.AluminiumRadial, null),
                (CapacitorKind.Unknown, 16),
                (CapacitorKind.TantalumBead, 16),
                (CapacitorKind.Film, 63),
            }
        )
        {
            var r = CapacitorJudge.MostEsr(kind, 100, volts, null, 100_000);
            Assert.Equal((null, Outcome.Unknown), (r.Ohms, r.Verdict.Outcome));
        }
    }
}
