using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <param name="Seconds">Likely.</param>
/// <param name="AtLeastSeconds">With the capacitor at the low end of its tolerance and the greatest drain.</param>
public sealed record HoldTimeResult(double Seconds, double AtLeastSeconds, Verdict Verdict);

/// <summary>How long the capacitor beside a memory holds it up with the cell out: t = C·ΔV/I.</summary>
public static class HoldTime
{
    /// <summary>Least of the capacitance printed, as a share: ±20 %, letter M of IEC 60062.</summary>
    public const double LeastCapacitanceShare = 0.8;

    /// <summary>A cell is out and the next one in, clean hands and the new one ready, seconds. A house figure.</summary>
    public const double ExchangeSeconds = 10;

    /// <param name="microfarads">Beside the memory.</param>
    /// <param name="fromVolts">Volts at the memory with the cell in.</param>
    /// <param name="leastVolts">At which it still keeps its data.</param>
    /// <param name="drainMicroamps">What it draws with the machine off.</param>
    /// <exception cref="InvalidInputException">A figure that no board has, or volts that rise.</exception>
    public static HoldTimeResult Of(double microfarads, double fromVolts, double leastVolts, double drainMicroamps)
    {
        InvalidInputException.Finite("holdMicrofarads", microfarads, 0.01, 1e7, "µF");
        InvalidInputException.Finite("fromVolts", fromVolts, 0.1, 60, "V");
        InvalidInputException.Finite("leastVolts", leastVolts, 0, fromVolts, "V");
        InvalidInputException.Finite("drainMicroamps", drainMicroamps, 0.001, 1e6, "µA");
        var likely = microfarads * (fromVolts - leastVolts) / drainMicroamps;
        var least = likely * LeastCapacitanceShare / (1 + RunTime.DrainScatterShare);
        var enough = least >= ExchangeSeconds;
        var verdict = Verdict.Of(
            "Does it keep its data while the cell is changed?",
            enough ? Outcome.YesIf : Outcome.No,
            enough
                ? $"Yes, if the new cell is in within {Time(least)}."
                : $"No. It may be gone after {Time(least)}: copy it, or hold the line up with a second source.",
            Basis.Rule,
            new Reason(
                $"{Si.Format(microfarads * 1e-6, "F")} falling from {Si.Plain(fromVolts)} V to {Si.Plain(leastVolts)} V at {Si.Plain(drainMicroamps)} µA lasts about {Time(likely)}.",
                new("Holds", Math.Round(likely, 1), "s", ExchangeSeconds),
                "t = C·ΔV/I"
            ),
            new Reason(
                $"{Time(least)} where the capacitor has 80 % of what is printed and the memory draws a quarter more.",
                new("Holds at least", Math.Round(least, 1), "s"),
                "IEC 60062, letter M; a house figure for the drain"
            )
        );
        return new(
            likely,
            least,
            verdict.Changing("A second source on the line through a Schottky diode.", "A copy that has been read back.")
        );
    }

    static string Time(double seconds) =>
        seconds switch
        {
            < 1 => "less than a second",
            < 120 => $"{Si.Plain(Math.Floor(seconds))} s",
            < 7200 => $"{Si.Plain(Math.Floor(seconds / 60))} min",
            < 172_800 => $"{Si.Plain(Math.Floor(seconds / 3600))} h",
            _ => $"{Si.Plain(Math.Floor(seconds / 86_400))} days",
        };
}
