using System.Text.Json.Serialization;
using Haar.Core.Colour;
using Haar.Core.Markings;
using Haar.Web.Http;

namespace Haar.Web.Colour;

/// <param name="Red">0 to 255, as in the photo; the same of green and blue.</param>
public sealed record LabAsk(double Red, double Green, double Blue);

public sealed record LabAnswer(Lab Lab, double? Yellowness, string Sentence);

/// <param name="Noise">ΔE00 by which one patch differs from photo to photo; null when nobody tried.</param>
public sealed record ColourDifferenceAsk(Lab First, Lab Second, double? Noise = null);

/// <param name="Unaged">Of a spot that light never reached; null when none was found.</param>
public sealed record YellownessAsk(Lab Patch, Lab? Unaged = null);

/// <param name="Target">b* wanted; null for whether another hour is worth it.</param>
public sealed record WhiteningAsk(
    IReadOnlyList<WhiteningPoint> Points,
    double? Target = null,
    [property: JsonPropertyName("house")] WhiteningDefaults? Defaults = null
);

static class ColourCalc
{
    public static void MapColourCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/colour").WithTags("Calc: colour");
        g.MapPost(
                "/lab",
                (LabAsk ask) =>
                {
                    var lab = Srgb.ToLab(ask.Red, ask.Green, ask.Blue);
                    var yellow = Yellowness.Index(lab.ToXyz());
                    static string Say(double v) => Si.Plain(Math.Round(v, 1));
                    return new LabAnswer(
                        lab,
                        yellow,
                        $"L* {Say(lab.L)}, a* {Say(lab.A)}, b* {Say(lab.B)}{(yellow is { } y ? $"; yellowness {Say(y)}" : "; black has no yellowness")}."
                    );
                }
            )
            .WithName("CalcLab")
            .WithSummary("A colour of a photo in CIELAB, D65 and 2°, and its yellowness.")
            .WithExample("""{"red":214,"green":196,"blue":150}""")
            .ProducesValidationProblem();
        g.MapPost("/difference", (ColourDifferenceAsk ask) => ColourDifference.Between(ask.First, ask.Second, ask.Noise))
            .WithName("CalcColourDifference")
            .WithSummary("Do two colours look alike? By CIEDE2000.")
            .WithExample("""{"first":{"l":79.4,"a":0.8,"b":24.6},"second":{"l":84.1,"a":-0.6,"b":9.2}}""")
            .ProducesValidationProblem();
        g.MapPost("/yellowness", (YellownessAsk ask) => Yellowness.Of(ask.Patch, ask.Unaged))
            .WithName("CalcYellowness")
            .WithSummary("Has it yellowed? By ASTM E313, against a spot that light never reached.")
            .WithExample("""{"patch":{"l":79.4,"a":0.8,"b":24.6},"unaged":{"l":86.2,"a":-0.9,"b":6.1}}""")
            .ProducesValidationProblem();
        g.MapPost("/whitening", (WhiteningAsk ask) => Whitening.Of(ask.Points, ask.Target, ask.Defaults))
            .WithName("CalcWhitening")
            .WithSummary("How long whitening goes on: b*(t) = b∞ + (b₀ − b∞)·e^(−kt), with a band.")
            .WithExample("""{"points":[{"hours":0,"b":24.6},{"hours":3,"b":17.2},{"hours":6,"b":12.9}],"target":9}""")
            .ProducesValidationProblem();
    }
}
