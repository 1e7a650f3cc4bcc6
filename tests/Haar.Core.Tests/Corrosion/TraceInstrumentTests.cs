using Haar.Core.Corrosion;
using Haar.Core.Meters;

namespace Haar.Core.Tests.Corrosion;

/// <summary>Milliohms are told by four wires or zeroed leads, and by nothing else.</summary>
public class TraceInstrumentTests
{
    /// <summary>About 0.13 Ω when whole: 82 mm of 0.3 mm in 35 µm, and two holes.</summary>
    static readonly TraceFacts A7 = new() { LengthMillimetres = 82, Vias = 2 };

    static NetState Read(double ohms, Instrument with, double? step = null, string source = "typed")
    {
        var net = new BoardNet
        {
            Id = Guid.NewGuid(),
            Name = "A7",
            Trace = A7,
        };
        var reading = new Reading
        {
            Id = Guid.NewGuid(),
            SubjectKind = SubjectKind.Net,
            SubjectId = net.Id,
            Channel = "old",
            Quantity = Quantity.Ohms,
            Value = ohms,
            Instrument = with,
            Step = step,
            Source = source,
        };
        return CorrosionAssessments.Nets([net], [], [], [reading])[0].State;
    }

    [Theory]
    [InlineData(Instrument.FourWire, NetState.Sound)]
    [InlineData(Instrument.ZeroedLeads, NetState.Sound)]
    [InlineData(Instrument.EsrMeter, NetState.MeasureBetter)]
    [InlineData(Instrument.Multimeter, NetState.MeasureBetter)]
    [InlineData(Instrument.NotKnown, NetState.MeasureBetter)]
    public void A_whole_trace_is_sound_by_what_can_tell_milliohms(Instrument with, NetState state) => Assert.Equal(state, Read(0.14, with));

    [Theory]
    [InlineData(Instrument.FourWire)]
    [InlineData(Instrument.NotKnown)]
    public void Above_what_leads_can_add_any_ohms_tell_that_it_is_thin(Instrument with) => Assert.Equal(NetState.Thin, Read(5, with));

    [Fact]
    public void A_range_that_shows_tenths_tells_no_milliohms() =>
        Assert.Equal(NetState.MeasureBetter, Read(0.1, Instrument.ZeroedLeads, step: 0.1));

    [Theory]
    [InlineData("four wires")]
    [InlineData("4-wire meter")]
    [InlineData("Zeroed leads of the bench meter")]
    public void A_source_that_names_its_wires_is_taken_by_its_word(string source) =>
        Assert.Equal(NetState.Sound, Read(0.14, Instrument.NotKnown, source: source));

    [Fact]
    public void Nothing_gets_through_whatever_it_was_read_with() =>
        Assert.Equal(NetState.Open, Read(CorrosionAssessments.OpenAsOhms, Instrument.NotKnown));

    [Fact]
    public void Four_wires_are_another_function_of_the_meter() =>
        Assert.Equal(
            ("MEAS:FRES?", "MEAS:RES?"),
            (Scpi.Query(Quantity.Esr, Instrument.FourWire), Scpi.Query(Quantity.Ohms, Instrument.ZeroedLeads))
        );
}
