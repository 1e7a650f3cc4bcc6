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

/// <param name="Cleaned">The places are clean and dry.</param>
/// <param name="Repeats">b* of one patch in photos taken anew; null for what is usual.</param>
public sealed record MeasureColourAsk(
    CardKind Kind,
    IReadOnlyList<CardField> Card,
    IReadOnlyList<ColourPatch> Patches,
    Core.Verdicts.ThreeState Cleaned = Core.Verdicts.ThreeState.NotKnown,
    IReadOnlyList<double>? Repeats = null
);

/// <param name="Noise">ΔE00 by which one patch differs from photo to photo.</param>
public sealed record MatchAsk(IReadOnlyList<MatchPart> Parts, double Noise = PhotoColour.UsualNoise);

/// <param name="From">By the clock at the bench.</param>
public sealed record DoseAsk(BleachFacts Bleach, DateTime From, double Hours);

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
            .Asking("unaged.l", "Read the unaged spot whole.")
            .Asking("unaged.a", "Read the unaged spot whole.")
            .Asking("unaged.b", "Read the unaged spot whole.")
            .WithExample("""{"patch":{"l":79.4,"a":0.8,"b":24.6},"unaged":{"l":86.2,"a":-0.9,"b":6.1}}""")
            .ProducesValidationProblem();
        g.MapPost("/whitening", (WhiteningAsk ask) => Whitening.Of(ask.Points, ask.Target, ask.Defaults))
            .WithName("CalcWhitening")
            .WithSummary("How long whitening goes on: b*(t) = b∞ + (b₀ − b∞)·e^(−kt), with a band.")
            .WithExample("""{"points":[{"hours":0,"b":24.6},{"hours":3,"b":17.2},{"hours":6,"b":12.9}],"target":9}""")
            .ProducesValidationProblem();
        g.MapPost("/measure", (MeasureColourAsk ask) => PhotoColour.Measure(ask.Kind, ask.Card, ask.Patches, ask.Cleaned, ask.Repeats))
            .WithName("CalcMeasureColour")
            .WithSummary("Colour from a photo with a card: corrected for the light and the camera's curve, in CIELAB.")
            .Asking("card.seen.clippedShare", "Say what share of the card is clipped.")
            .Asking("card.seen.unevenness", "Say how uneven the card is lit.")
            .Asking("card.published.l", "Say what is printed on the card.")
            .Asking("card.published.a", "Say what is printed on the card.")
            .Asking("card.published.b", "Say what is printed on the card.")
            .Asking("patches.seen.clippedShare", "Say what share of the patch is clipped.")
            .Asking("patches.seen.unevenness", "Say how uneven the patch is.")
            .WithExample(
                """{"kind":"published","card":[{"seen":{"red":236,"green":228,"blue":205,"clippedShare":0,"unevenness":0.01},"published":{"l":95.8,"a":-0.3,"b":0.9}},{"seen":{"red":124,"green":119,"blue":106,"clippedShare":0,"unevenness":0.01},"published":{"l":50.2,"a":-0.1,"b":0.2}}],"patches":[{"name":"lid","seen":{"red":203,"green":183,"blue":134,"clippedShare":0,"unevenness":0.01}},{"name":"under the foot","seen":{"red":205,"green":196,"blue":171,"clippedShare":0,"unevenness":0.01},"unaged":true}],"cleaned":"yes"}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/dose", (DoseAsk ask) => Dose.Of(ask.Bleach, ask.From, ask.Hours))
            .WithName("CalcDose")
            .WithSummary("What a whitening session counts as: hours × strength × light × warmth.")
            .WithExample(
                """{"bleach":{"percent":12,"as":"film","light":"sun","cloudShare":0.3,"latitude":56,"celsius":24},"from":"2026-06-20T10:00:00","hours":4}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/match", (MatchAsk ask) => ColourMatch.Of(ask.Parts, ask.Noise))
            .WithName("CalcColourMatch")
            .WithSummary("Which two parts will look alike, after how many hours of whitening; or a paint sample against the shell.")
            .Asking("parts.paint", "Say whether it is painted.")
            .Asking("parts.colour.l", "Read its colour whole.")
            .Asking("parts.colour.a", "Read its colour whole.")
            .Asking("parts.colour.b", "Read its colour whole.")
            .WithExample(
                """{"parts":[{"name":"upper shell","colour":{"l":78,"a":1.4,"b":22},"whitens":"yes","fits":"yes","points":[{"hours":0,"b":27},{"hours":4,"b":22}],"paint":false},{"name":"lower shell","colour":{"l":82,"a":0.2,"b":12},"whitens":"yes","fits":"yes","paint":false},{"name":"donor’s lid","colour":{"l":84,"a":-0.4,"b":8},"fits":"no","paint":false}]}"""
            )
            .ProducesValidationProblem();
    }
}
