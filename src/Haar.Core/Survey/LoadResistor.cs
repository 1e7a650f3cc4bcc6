using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <param name="Ohms">Of the next value that is made, which draws no more than was asked.</param>
/// <param name="Amps">That it draws.</param>
/// <param name="Watts">That it turns to heat.</param>
/// <param name="RatedWatts">What it is bought for.</param>
public sealed record LoadResistorResult(double Ohms, double Amps, double Watts, double RatedWatts, Verdict Verdict);

/// <summary>The resistor that loads a rail while a supply is tried.</summary>
public static class LoadResistor
{
    /// <summary>E12 series, IEC 60063.</summary>
    static readonly double[] E12 = [1, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2];

    /// <summary>Powers that wire-wound resistors are sold for.</summary>
    static readonly double[] Sold = [0.25, 0.5, 1, 2, 3, 5, 7, 10, 15, 20, 25, 50, 100, 200, 300];

    /// <summary>Bought for twice the heat, so that it can lie on the bench in still air. Practice; makers rate on a heat sink or at 25 °C.</summary>
    public const double Margin = 2;

    /// <param name="volts">Of the rail, nominal.</param>
    /// <param name="amps">That the rail is to give.</param>
    /// <exception cref="InvalidInputException">No rail of a bench.</exception>
    public static LoadResistorResult Of(double volts, double amps)
    {
        InvalidInputException.Finite("volts", volts, 0.5, 60, "V");
        InvalidInputException.Finite("amps", amps, 0.001, 50, "A");
        var wanted = volts / amps;
        var decade = Math.Pow(10, Math.Floor(Math.Log10(wanted)));
        var ohms = Si.Tidy(E12.Select(e => e * decade).Append(10 * decade).First(o => o >= wanted * (1 - 1e-9)));
        var (draws, watts) = (volts / ohms, volts * volts / ohms);
        var rated = Sold.FirstOrDefault(w => w >= watts * Margin, 0);
        var verdict =
            rated == 0
                ? Verdict
                    .Of(
                        "Which resistor loads this rail?",
                        Outcome.No,
                        $"{Si.Plain(Si.Tidy(Math.Round(watts, 1)))} W is too much for one resistor: share it between several in parallel.",
                        Basis.Rule,
                        new Reason(
                            "P = U²/R, and twice that is what it is bought for.",
                            new("Heat", Si.Tidy(watts), "W", null, Sold[^1] / Margin),
                            "Joule's law"
                        )
                    )
                    .Changing("A smaller current, or several resistors that share it.")
                : Verdict
                    .Of(
                        "Which resistor loads this rail?",
                        Outcome.Yes,
                        $"{Si.Format(ohms, "Ω")}, bought for {Si.Plain(rated)} W: it draws {Si.Format(draws, "A")} and turns {Si.Format(watts, "W")} to heat.",
                        Basis.Rule,
                        new Reason(
                            "R = U/I, and of the values that are made the next higher one.",
                            new("Resistance", ohms, "Ω"),
                            "E12, IEC 60063"
                        ),
                        new Reason(
                            "P = U²/R; it is bought for twice that.",
                            new("Heat", Si.Tidy(watts), "W", null, rated / Margin),
                            "Joule's law; practice"
                        ),
                        new Reason(
                            "At its rating it is hot enough to burn skin and to mark the bench: lay it on brick or metal.",
                            Source: "practice"
                        )
                    )
                    .Changing("Another current, or a fan on it.");
        return new(ohms, Si.Tidy(draws), Si.Tidy(watts), rated, verdict);
    }
}
