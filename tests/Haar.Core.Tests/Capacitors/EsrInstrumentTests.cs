using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

/// <summary>An ESR is worth what it was read with.</summary>
public class EsrInstrumentTests
{
    /// <summary>470 µF 16 V: usual 0.25 Ω when new at 100 kHz at most, so its limit lies a little under 0.1 to 0.3 Ω.</summary>
    static readonly CapacitorSpec Bulk = new()
    {
        Kind = CapacitorKind.AluminiumRadial,
        Microfarads = 470,
        RatedVolts = 16,
    };

    static double Limit => CapacitorJudge.MostEsr(Bulk.Kind, Bulk.Microfarads, Bulk.RatedVolts, null, 100_000).Ohms!.Value;

    static Outcome Judge(double esr, Instrument with, double? step = null, bool twice = false) =>
        CapacitorJudge
            .Judge(
                "C1",
                Bulk,
                [],
                new()
                {
                    Microfarads = 465,
                    EsrOhms = esr,
                    EsrWith = with,
                    EsrStepOhms = step,
                    EsrReadTwice = twice ? ThreeState.Yes : ThreeState.NotKnown,
                }
            )
            .Outcome;

    [Fact]
    public void What_is_above_the_limit_by_less_than_the_leads_add_is_not_known()
    {
        var above = Limit + 0.05;
        Assert.Equal(Outcome.No, Judge(above, Instrument.FourWire));
        Assert.Equal(Outcome.No, Judge(above, Instrument.ZeroedLeads));
        Assert.Equal(Outcome.Unknown, Judge(above, Instrument.EsrMeter));
        Assert.Equal(Outcome.Unknown, Judge(above, Instrument.NotKnown));
        Assert.Equal(Outcome.Unknown, Judge(above, Instrument.ZeroedLeads, step: 0.1));
        Assert.Equal(Outcome.No, Judge(Limit + 0.3, Instrument.NotKnown));
    }

    [Fact]
    public void Leads_only_add_so_what_is_within_the_limit_with_them_is_within_it() =>
        Assert.Equal(Judge(Limit * 0.4, Instrument.FourWire), Judge(Limit * 0.4, Instrument.NotKnown));

    [Fact]
    public void Milliohms_typed_as_ohms_are_read_again_and_stand_when_they_come_out_alike()
    {
        var slip = Limit * 0.4 * 1000;
        Assert.Equal(Outcome.Unknown, Judge(slip, Instrument.FourWire));
        Assert.Equal(Outcome.No, Judge(slip, Instrument.FourWire, twice: true));
    }
}
