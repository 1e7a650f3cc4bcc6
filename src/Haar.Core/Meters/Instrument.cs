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
        : Instrument.NotKnown;

    /// <summary>The source begins with its name: "no oscilloscope here" names none.</summary>
    static bool Named(Reading r, string instrument) => r.Source.TrimStart().StartsWith(instrument, StringComparison.OrdinalIgnoreCase);

    /// <summary>Ripple of a switching supply runs to megahertz: only an oscilloscope shows that it is small. Source: ripple and noise clause of desktop supply design guides, 10 Hz to 20 MHz.</summary>
    public static bool SeesRipple(Reading r) => Of(r) == Instrument.Oscilloscope;
}
