using Haar.Core.Meters;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>Thresholds of the house for judging a reading. Defaults: end-of-life criteria of IEC 60384-4 (aluminium electrolytics) and usual data-sheet leakage.</summary>
public sealed record CapacitorLimits
{
    /// <summary>Share of nominal capacitance lost at end of life; a reading exactly at it is still sound.</summary>
    public double CapacitanceLossShare { get; init; } = 0.20;

    /// <summary>Times the initial ESR at end of life.</summary>
    public double EsrFactor { get; init; } = 2;

    /// <summary>Leakage limit in amps for each microfarad-volt: 0.01 µA/(µF·V).</summary>
    public double LeakagePerCapacitanceVolt { get; init; } = 0.01;

    /// <summary>The leakage limit never falls below this.</summary>
    public double LeakageFloorMicroamps { get; init; } = 3;

    /// <summary>Beyond its plus tolerance by this share of nominal, a reading means leakage and not health.</summary>
    public double HighShare { get; init; } = 0.20;

    /// <summary>ESR at 100 kHz over ESR at 120 Hz, where no data sheet is given.</summary>
    public double EsrRatioAt100Kilohertz { get; init; } = 0.44;
}

/// <summary>What was measured on one part. Null is not measured.</summary>
public sealed record CapacitorReadings
{
    public double? Microfarads { get; init; }
    public double? EsrOhms { get; init; }

    /// <summary>The meter's own test frequency for ESR.</summary>
    public double EsrFrequencyHertz { get; init; } = 100_000;
    public double? LeakageMicroamps { get; init; }

    /// <summary>What the ESR was read with; not known counts as a tester whose leads were not zeroed.</summary>
    public Instrument EsrWith { get; init; }

    /// <summary>The smallest step that the range of the ESR shows, Ω; null when nobody said.</summary>
    public double? EsrStepOhms { get; init; }

    /// <summary>The ESR came from a meter, or was read twice and came out alike: no slip of the unit.</summary>
    public ThreeState EsrReadTwice { get; init; }

    /// <summary>The most by which the ESR can be too high: leads only add.</summary>
    internal double EsrOffBy => Instruments.LeadOhms(EsrWith == Instrument.NotKnown ? Instrument.EsrMeter : EsrWith) + (EsrStepOhms ?? 0);

    /// <summary>Measured without lifting a leg.</summary>
    public bool InCircuit { get; init; }

    /// <summary>What this very part read when it was new; null where nobody knows. End of life counts from there, and from the nominal value only in its place.</summary>
    public double? FirstMicrofarads { get; init; }
    public double? FirstEsrOhms { get; init; }

    /// <summary>It is new: this is its first reading, and it has lost nothing yet.</summary>
    public bool Fresh { get; init; }

    public bool Any => Microfarads is not null || EsrOhms is not null || LeakageMicroamps is not null;
}
