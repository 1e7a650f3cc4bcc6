using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Meters;

/// <param name="DriftShare">Of the reference part, start to end.</param>
/// <param name="ScatterShare">Of one part read again.</param>
public sealed record SeriesCheck(double? DriftShare, double? ScatterShare, Verdict Verdict);

/// <summary>A sitting at the meter: one reference part read at its start and end shows drift, one part read twice shows the scatter of the hand.</summary>
public static class MeasurementSeries
{
    /// <summary>UnitOfWork capacitance meters drift by less than this once warm; data sheets promise 0.5 to 1 %. A house figure.</summary>
    public const double MostDriftShare = 0.01;

    /// <summary>Two readings of one part by one hand. A house figure.</summary>
    public const double MostScatterShare = 0.03;

    /// <param name="referenceStart">In any unit, the same for both.</param>
    /// <param name="repeats">Readings of one part, two or more; empty when none was read twice.</param>
    /// <exception cref="InvalidInputException">A figure that is no reading.</exception>
    public static SeriesCheck Check(
        double? referenceStart,
        double? referenceEnd,
        IReadOnlyList<double> repeats,
        double mostDriftShare = MostDriftShare,
        double mostScatterShare = MostScatterShare
    )
    {
        InvalidInputException.Finite("referenceStart", referenceStart, 1e-15, 1e9, "");
        InvalidInputException.Finite("referenceEnd", referenceEnd, 1e-15, 1e9, "");
        InvalidInputException.Finite("mostDriftShare", mostDriftShare, 1e-5, 0.5, "");
        InvalidInputException.Finite("mostScatterShare", mostScatterShare, 1e-5, 0.5, "");
        for (var i = 0; i < repeats.Count; i++)
        {
            InvalidInputException.Finite($"repeats[{i}]", repeats[i], 1e-15, 1e9, "");
        }
        const string question = "Can this sitting's readings be kept?";
        var drift = referenceEnd / referenceStart - 1;
        var scatter = repeats.Count < 2 ? (double?)null : (repeats.Max() - repeats.Min()) / repeats.Average();
        var reasons = new List<Reason>();
        if (drift is { } d)
        {
            reasons.Add(
                new(
                    $"The reference moved by {Si.Plain(Math.Round(d * 100, 2))} % from start to end.",
                    new("Drift", Math.Round(d * 100, 3), "%", -mostDriftShare * 100, mostDriftShare * 100),
                    "one part, read first and last"
                )
            );
        }
        if (scatter is { } s)
        {
            reasons.Add(
                new(
                    $"One part read {repeats.Count} times scatters by {Si.Plain(Math.Round(s * 100, 2))} %.",
                    new("Scatter", Math.Round(s * 100, 3), "%", null, mostScatterShare * 100),
                    "one part, read again"
                )
            );
        }
        var verdict =
            Math.Abs(drift ?? 0) > mostDriftShare
                ? Verdict.Of(
                    question,
                    Outcome.No,
                    $"No: the meter drifted by {Si.Plain(Math.Round(drift!.Value * 100, 1))} %. Let it warm up, zero its leads, and read the sitting again.",
                    Basis.Measured,
                    reasons
                )
            : scatter > mostScatterShare
                ? Verdict.Of(
                    question,
                    Outcome.No,
                    $"No: the same part reads {Si.Plain(Math.Round(scatter.Value * 100, 1))} % apart. A probe or a leg does not touch well.",
                    Basis.Measured,
                    reasons
                )
            : drift is null
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        scatter is null
                            ? "Nobody knows: read one good part first and last, and one part twice."
                            : "The hand is steady; whether the meter drifted nobody knows. Read one good part first and last.",
                        Basis.Guess,
                        reasons
                    )
                    .Changing("A reference part read at the start and at the end.", "One part read twice.")
            : Verdict.Of(question, Outcome.Yes, "They can: neither the meter nor the hand moved.", Basis.Measured, reasons);
        return new(drift, scatter, verdict);
    }
}
