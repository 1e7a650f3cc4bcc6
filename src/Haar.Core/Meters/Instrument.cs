namespace Haar.Core.Meters;

/// <summary>What a value was read with, as far as it decides what the value can tell.</summary>
public enum Instrument
{
    /// <summary>Nobody said. It counts as the least able of those that could have read it.</summary>
    NotKnown = 0,

    /// <summary>A multimeter: volts, ohms above about one, AC volts of slow waves.</summary>
    Multimeter,

    /// <summary>An oscilloscope, peak to peak up to 20 MHz, 10 µF and 0.1 µF across the probe.</summary>
    Oscilloscope,

    /// <summary>Four leads, two that feed and two that read: milliohms.</summary>
    FourWire,

    /// <summary>Two leads, zeroed on each other just before.</summary>
    ZeroedLeads,

    /// <summary>A bridge or tester for ESR and capacitance.</summary>
    EsrMeter,
}

public static class Instruments
{
    /// <summary>The instrument of a reading: as it was said, or as its source names it.</summary>
    public static Instrument Of(Reading r) =>
        r.Instrument != Instrument.NotKnown ? r.Instrument
        : Named(r, "oscilloscope") ? Instrument.Oscilloscope
        : Named(r, "multimeter") ? Instrument.Multimeter
        : Named(r, "four wires") || Named(r, "four-wire") || Named(r, "4-wire") ? Instrument.FourWire
        : Named(r, "zeroed leads") ? Instrument.ZeroedLeads
        : Named(r, "ESR meter") ? Instrument.EsrMeter
        : Instrument.NotKnown;

    /// <summary>The source begins with its name: "no oscilloscope here" names none.</summary>
    static bool Named(Reading r, string instrument) => r.Source.TrimStart().StartsWith(instrument, StringComparison.OrdinalIgnoreCase);

    /// <summary>
    /// What the leads and their contacts add to ohms, at most. House figures: four wires take it off; two zeroed leads keep what a
    /// contact scatters by; the pair of a tester has up to 0.2 Ω, and an unknown or plain pair up to 0.5 Ω.
    /// </summary>
    public static double LeadOhms(Instrument with) =>
        with switch
        {
            Instrument.FourWire => 0.001,
            Instrument.ZeroedLeads => 0.010,
            Instrument.EsrMeter => 0.2,
            _ => 0.5,
        };

    /// <summary>The most by which a reading in ohms can be off: its leads, and the smallest step that its range shows.</summary>
    public static double OffByOhms(Reading r) => LeadOhms(Of(r)) + (r.Step ?? 0);

    /// <summary>In the bench's words.</summary>
    public static string Words(this Instrument with) =>
        with switch
        {
            Instrument.Multimeter => "a multimeter",
            Instrument.Oscilloscope => "an oscilloscope",
            Instrument.FourWire => "four wires",
            Instrument.ZeroedLeads => "leads zeroed on each other",
            Instrument.EsrMeter => "an ESR meter, leads as they are",
            _ => "an instrument nobody named",
        };

    /// <summary>Ripple of a switching supply runs to megahertz: only an oscilloscope shows that it is small. Source: ripple and noise clause of desktop supply design guides, 10 Hz to 20 MHz.</summary>
    public static bool SeesRipple(Reading r) => Of(r) == Instrument.Oscilloscope;
}
