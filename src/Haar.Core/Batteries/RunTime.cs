using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <param name="Years">Until the volts no longer suffice.</param>
/// <param name="UsableShare">Share of the capacity that lies above the least volts.</param>
/// <param name="CheckAfterYears">When to look at it: before the low end, and no later than its chemistry leaks.</param>
public sealed record RunTimeResult(Estimate Years, double UsableShare, double CheckAfterYears)
{
    public string Sentence =>
        Years.Low >= RunTime.LongestYears
            ? $"{RunTime.LongestYears} years, as long as any sealed cell is trusted: look at it {Span(CheckAfterYears)}."
            : $"About {Figure(Years.Likely)} years, {Figure(Years.Low)} to {Figure(Years.High)}: look at it {Span(CheckAfterYears)}.";

    static string Figure(double years) => Markings.Si.Plain(Math.Round(years, years < 10 ? 1 : 0));

    static string Span(double years) =>
        years < 1.5 ? $"after {Math.Max(1, Math.Round(years * 12))} months" : $"after {Figure(Math.Floor(years * 2) / 2)} years";
}

/// <param name="Years">Since it was fitted.</param>
/// <param name="Low">Volts at the chip of the weakest cell of its type under the greatest drain.</param>
/// <param name="Volts">Likely.</param>
/// <param name="High">Of the strongest under the least drain.</param>
public sealed record VoltsPoint(double Years, double Low, double Volts, double High);

/// <summary>How long a backup cell lasts: capacity against drain and self-discharge together.</summary>
public static class RunTime
{
    public const double HoursPerYear = 8766;

    /// <summary>Capacity scatter between cells of one type, ± share; typical data-sheet spread.</summary>
    public const double CapacityScatterShare = 0.15;

    /// <summary>Drain scatter with temperature and chip, ± share. A house figure.</summary>
    public const double DrainScatterShare = 0.25;

    /// <summary>No sealed cell is trusted longer than this, whatever the sum says: seals age. A house figure.</summary>
    public const double LongestYears = 15;

    /// <summary>
    /// Solves dQ/dt = −I − s·Q until Q₁, what is left when the volts no longer suffice: t = ln((Q₀ + I/s)/(Q₁ + I/s))/s, where s = −ln(1 − yearly loss).
    /// Without drain the result is <see cref="LongestYears"/>.
    /// </summary>
    /// <param name="milliampHours">Rated capacity, above 0.</param>
    /// <param name="drainMicroamps">What the chip draws with the machine off; 0 or more.</param>
    /// <param name="leastVoltsPerCell">Least volts of one cell at which the chip still keeps its data; null takes the chemistry's end volts.</param>
    /// <exception cref="InvalidInputException">A figure that no cell has.</exception>
    public static RunTimeResult Of(CellChemistry chemistry, double milliampHours, double drainMicroamps, double? leastVoltsPerCell = null)
    {
        var facts = Chemistries.Get(chemistry);
        InvalidInputException.Finite("milliampHours", milliampHours, 0.1, 1_000_000, "mAh");
        InvalidInputException.Finite("drainMicroamps", drainMicroamps, 0, 1_000_000, "µA");
        InvalidInputException.Finite("leastVoltsPerCell", leastVoltsPerCell, 0, 5, "V");
        var usable = facts.UsableShare(Math.Max(leastVoltsPerCell ?? facts.EndVolts, facts.EndVolts));
        double Years(double capacity, double drain)
        {
            // What lies below the least volts leaks away by itself too, so it counts in the self-discharge.
            var (full, left) = (milliampHours * capacity, milliampHours * capacity * (1 - usable));
            var i = drainMicroamps * drain / 1000 * HoursPerYear;
            var s = -Math.Log(1 - facts.SelfDischargePerYear);
            var years = i <= 0 ? LongestYears : Math.Log((full + i / s) / (left + i / s)) / s;
            return Math.Min(years, LongestYears);
        }

        var span = new Estimate(
            Years(1 - CapacityScatterShare, 1 + DrainScatterShare),
            Years(1, 1),
            Years(1 + CapacityScatterShare, 1 - DrainScatterShare)
        );
        return new(span, usable, Math.Min(facts.CheckYears, facts.Rechargeable ? facts.CheckYears : span.Low * 0.8));
    }

    /// <summary>
    /// Volts at the chip from the day it is fitted, 25 points to 1.15 times the likely end of the cell itself. From
    /// Q(t) = (Q₀ + I/s)·e^(−s·t) − I/s, and the chemistry's volts at what is used. Empty without a drain, since nothing falls then.
    /// </summary>
    /// <param name="cells">In series.</param>
    /// <param name="dropVolts">Of a diode in the way.</param>
    public static IReadOnlyList<VoltsPoint> Curve(
        CellChemistry chemistry,
        double milliampHours,
        double drainMicroamps,
        int cells,
        double dropVolts
    )
    {
        var facts = Chemistries.Get(chemistry);
        InvalidInputException.Finite("milliampHours", milliampHours, 0.1, 1_000_000, "mAh");
        InvalidInputException.Finite("drainMicroamps", drainMicroamps, 0, 1_000_000, "µA");
        if (drainMicroamps <= 0)
        {
            return [];
        }
        var s = -Math.Log(1 - facts.SelfDischargePerYear);
        double Volts(double years, double capacity, double drain)
        {
            var (q0, i) = (milliampHours * capacity, drainMicroamps * drain / 1000 * HoursPerYear);
            var q = (q0 + i / s) * Math.Exp(-s * years) - i / s;
            return q <= 0 ? 0 : Math.Max(0, facts.VoltsAt(1 - q / q0) * cells - dropVolts);
        }

        var empty = Math.Log(1 + s * milliampHours / (drainMicroamps / 1000 * HoursPerYear)) / s;
        var end = Math.Min(LongestYears, empty * 1.15);
        return
        [
            .. Enumerable
                .Range(0, 25)
                .Select(k => k * end / 24)
                .Select(t => new VoltsPoint(
                    Math.Round(t, 3),
                    Math.Round(Volts(t, 1 - CapacityScatterShare, 1 + DrainScatterShare), 3),
                    Math.Round(Volts(t, 1, 1), 3),
                    Math.Round(Volts(t, 1 + CapacityScatterShare, 1 - DrainScatterShare), 3)
                )),
        ];
    }
}
