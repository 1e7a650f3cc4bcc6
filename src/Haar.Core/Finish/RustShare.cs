using Haar.Core.Colour;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <param name="Percent">Of the outlined area.</param>
/// <param name="Grade">Ri of ISO 4628-3.</param>
public sealed record RustShareResult(double Percent, int Grade, Verdict Verdict);

/// <summary>How much of a panel is rusted, from a photo: pixels of rust's hue against all of them.</summary>
public static class RustShare
{
    /// <summary>Hues of iron oxides and hydroxides in CIELAB, degrees: from red-brown to yellow-brown. Measured on photos of rust; a house figure.</summary>
    public const double HueFrom = 30,
        HueTo = 78;

    /// <summary>Least chroma and most lightness, so that cream paint is none. House figures.</summary>
    public const double LeastChroma = 16,
        MostLightness = 68;

    public static bool IsRust(Lab c)
    {
        var hue = Math.Atan2(c.B, c.A) * 180 / Math.PI;
        return c.L < MostLightness && Math.Sqrt(c.A * c.A + c.B * c.B) >= LeastChroma && hue is >= HueFrom and <= HueTo;
    }

    /// <param name="panel">The outlined part of the photo.</param>
    public static RustShareResult Of(PixelGrid panel)
    {
        var n = panel.Width * panel.Height;
        if (n < 100)
        {
            throw new InvalidInputException("outline", "Outline the panel: that is too small a place.");
        }
        var rusted = 0;
        for (var y = 0; y < panel.Height; y++)
        {
            for (var x = 0; x < panel.Width; x++)
            {
                rusted += IsRust(panel.At(x, y)) ? 1 : 0;
            }
        }
        var percent = Math.Round(100.0 * rusted / n, 2);
        var grade = Rust.Grade(percent);
        return new(
            percent,
            grade,
            Verdict
                .Of(
                    "How much of it is rusted?",
                    Outcome.YesIf,
                    $"About {Si.Plain(Math.Round(percent, percent < 1 ? 2 : 1))} %, Ri {grade}, if nothing else in the outline is of that brown.",
                    Basis.Guess,
                    new Reason(
                        "Pixels of the hue of rust, counted; brown labels, wood and shadows in warm light count too.",
                        new("Rusted", percent, "%"),
                        "ISO 4628-3 grades by share of area"
                    )
                )
                .Changing("The outline drawn closer, or daylight.")
        );
    }
}
