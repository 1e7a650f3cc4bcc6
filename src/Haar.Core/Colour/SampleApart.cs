using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>A sample of paint beside the part that it is to look like.</summary>
/// <param name="Apart">ΔE00; null where the photo cannot be used.</param>
public sealed record SampleApart(double? Apart, Verdict Verdict)
{
    /// <param name="part">A clean place on the part.</param>
    /// <param name="sample">A place on the sample; wet paint has another shade, so it is dry.</param>
    /// <exception cref="InvalidInputException">A figure that cannot be.</exception>
    public static SampleApart Of(CardKind kind, IReadOnlyList<CardField> card, PatchSample part, PatchSample sample)
    {
        const string question = "Is it the shade?";
        var seen = PhotoColour.Measure(kind, card, [new("part", part), new("sample", sample)], ThreeState.Yes);
        if (seen.Patches is not [var a, var b])
        {
            return new(null, seen.Verdict with { Question = question });
        }
        var apart = Math.Round(ColourDifference.DeltaE2000(a.Lab, b.Lab), 2);
        var near = apart < ColourDifference.PlainFrom;
        return new(
            apart,
            Verdict
                .Of(
                    question,
                    apart < ColourDifference.SeenFrom ? Outcome.Yes
                        : near ? Outcome.YesIf
                        : Outcome.No,
                    apart < ColourDifference.SeenFrom ? "The shade: nobody tells them apart."
                        : near ? $"Near: {Si.Plain(Math.Round(apart, 1))} apart, which is seen where they meet."
                        : $"Another shade: {Si.Plain(Math.Round(apart, 1))} apart, and anybody sees that.",
                    Basis.Measured,
                    new Reason(
                        $"The sample is {Way(b.Lab.L - a.Lab.L, "lighter", "darker")} and {Way(b.Lab.B - a.Lab.B, "yellower", "bluer")}.",
                        new("ΔE00", apart, "", null, ColourDifference.PlainFrom),
                        "CIEDE2000"
                    )
                )
                .Changing("A card that has dried for a day, in daylight.")
        );
    }

    static string Way(double by, string more, string less) =>
        Math.Abs(by) < 0.5 ? $"no {more}" : $"{Si.Plain(Math.Round(Math.Abs(by), 1))} {(by > 0 ? more : less)}";
}
