using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <param name="Seconds">Until it is down to the safe volts through that resistor.</param>
/// <param name="Joules">Stored at the start.</param>
/// <param name="PeakWatts">What the resistor takes in the first instant.</param>
public sealed record BleedDownResult(double Seconds, double Joules, double PeakWatts, Verdict Verdict);

/// <summary>How long a capacitor is let down through a resistor before a hand or a meter goes near it.</summary>
public static class BleedDown
{
    /// <summary>What a meter on its capacitance range and a chip both bear. A house figure; touch alone bears more (60 V DC, IEC 61140).</summary>
    public const double SafeVolts = 5;

    /// <summary>A film resistor bears two and a half times its rated volts for five seconds: 6.25 times its watts. Source: short-time overload test of IEC 60115-1.</summary>
    public const double OverloadTimes = 6.25;

    /// <summary>The smallest resistor with leads that is sold, W. Source: usual ratings of leaded film resistors, from an eighth up.</summary>
    const double SmallestWatts = 0.125;

    /// <summary>The test's own time. After it the watts that it is rated for are all that it bears.</summary>
    const double OverloadSeconds = 5;

    /// <summary>t = R·C·ln(U₀/U), E = ½·C·U₀², P = U₀²/R.</summary>
    /// <param name="ratedWatts">Of the resistor; null when nobody looked.</param>
    /// <exception cref="InvalidInputException">A figure that no capacitor or resistor has.</exception>
    public static BleedDownResult Of(double microfarads, double volts, double ohms, double? ratedWatts = null, double safeVolts = SafeVolts)
    {
        InvalidInputException.Finite("microfarads", microfarads, 1e-6, 1e7, "µF");
        InvalidInputException.Finite("volts", volts, 0, 100_000, "V");
        InvalidInputException.Finite("ohms", ohms, 0.1, 1e9, "Ω");
        InvalidInputException.Finite("ratedWatts", ratedWatts, 0.01, 1000, "W");
        InvalidInputException.Finite("safeVolts", safeVolts, 0.1, 60, "V");
        var farads = microfarads * 1e-6;
        var (joules, peak) = (farads * volts * volts / 2, volts * volts / ohms);
        var seconds = volts <= safeVolts ? 0 : ohms * farads * Math.Log(volts / safeVolts);
        // The watts fall to a tenth in about 1.15 time constants; a slow discharge is a lasting load.
        var bears = ratedWatts * (seconds <= OverloadSeconds ? OverloadTimes : 1);
        const string question = "How long until it is let down?";
        var sums = new[]
        {
            new Reason(
                $"{Si.Format(ohms, "Ω")} and {Si.Format(farads, "F")}: {Si.Format(Si.Tidy(ohms * farads), "s")} to a little over a third.",
                new("Time constant", Si.Tidy(ohms * farads), "s"),
                "t = R·C·ln(U₀/U)"
            ),
            new Reason(
                $"{Si.Format(Si.Tidy(joules), "J")} are stored at {Si.Plain(volts)} V.",
                new("Energy", Si.Tidy(joules), "J"),
                "E = ½·C·U²"
            ),
            new Reason(
                $"The resistor takes {Si.Format(Si.Tidy(peak), "W")} at first.",
                new("At first", Si.Tidy(peak), "W", null, bears),
                "P = U²/R; short-time overload of IEC 60115-1"
            ),
        };
        var wait = seconds <= 0 ? "It is below that already" : $"Wait {Span(seconds)}";
        var verdict =
            bears < peak
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not through this resistor: it takes {Si.Format(Si.Tidy(peak), "W")} at first and bears {Si.Format(Si.Tidy(bears.Value), "W")}, and burnt through it lets nothing down.",
                        Basis.Rule,
                        sums
                    )
                    .Changing("More ohms, or a resistor of more watts.")
                : Verdict
                    .Of(
                        question,
                        // Nobody has said that the resistor bears it, where it takes more than a small one has.
                        ratedWatts is null
                        && peak > SmallestWatts
                            ? Outcome.Unknown
                            : Outcome.YesIf,
                        $"{(ratedWatts is null && peak > SmallestWatts ? $"If the resistor bears {Si.Format(Si.Tidy(peak), "W")} at first: {Words.Lower(wait)}" : wait)}, then measure its volts: touch it only if it reads under {Si.Plain(safeVolts)} V.",
                        Basis.Rule,
                        sums
                    )
                    .Changing(
                        ratedWatts is null ? "Its volts, measured. The watts that the resistor is rated for." : "Its volts, measured."
                    );
        return new(Si.Tidy(seconds), Si.Tidy(joules), Si.Tidy(peak), verdict.With([CautionId.ChargedCapacitor]));
    }

    static string Span(double seconds) =>
        seconds < 1 ? "a second"
        : seconds < 120 ? $"{Si.Plain(Math.Ceiling(seconds))} s"
        : seconds < 7200 ? $"{Si.Plain(Math.Ceiling(seconds / 60))} minutes"
        : $"{Si.Plain(Math.Ceiling(seconds / 3600))} hours";
}

/// <summary>What a capacitor lets through.</summary>
public static class Reactance
{
    /// <summary>X = 1/(2πfC), ohms.</summary>
    /// <exception cref="InvalidInputException">A figure that no capacitor has.</exception>
    public static double Ohms(double microfarads, double hertz)
    {
        InvalidInputException.Finite("microfarads", microfarads, 1e-6, 1e7, "µF");
        InvalidInputException.Finite("hertz", hertz, 0.001, 1e10, "Hz");
        return 1 / (2 * Math.PI * hertz * microfarads * 1e-6);
    }
}
