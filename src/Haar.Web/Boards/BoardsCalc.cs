using Haar.Core.Boards;
using Haar.Core.Markings;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Boards;

public sealed record StraightenCalcAsk(IReadOnlyList<Point> Corners, int PhotoWidth, int PhotoHeight, double? Aspect = null);

public sealed record ScaleCalcAsk(KnownLength Known, int PixelsWide, int PixelsHigh);

public sealed record ScaleAnswer(double WidthMillimetres, double HeightMillimetres, string Sentence);

public sealed record OutlineAsk(IReadOnlyList<Point> Outline, double WidthMillimetres, double HeightMillimetres);

public sealed record OutlineAnswer(double SquareCentimetres, double Share, string Sentence);

public sealed record RegisterCalcAsk(
    IReadOnlyList<SidePair> Pairs,
    Turned Turned = Turned.Sideways,
    double? WidthMillimetres = null,
    double? HeightMillimetres = null
);

static class BoardsCalc
{
    public static void MapBoardsCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/boards").WithTags("Calc: boards");
        g.MapPost("/straighten", (StraightenCalcAsk ask) => Straighten.Of(ask.Corners, ask.PhotoWidth, ask.PhotoHeight, ask.Aspect))
            .WithName("CalcStraighten")
            .WithSummary("The projective map from a photo's four corners, and the board's own proportions.")
            .WithExample(
                """{"corners":[{"x":0.12,"y":0.1},{"x":0.9,"y":0.14},{"x":0.95,"y":0.9},{"x":0.06,"y":0.86}],"photoWidth":2400,"photoHeight":1800}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/scale",
                (ScaleCalcAsk ask) =>
                {
                    var (w, h) = BoardScale.Of(ask.Known, ask.PixelsWide, ask.PixelsHigh);
                    return new ScaleAnswer(
                        w,
                        h,
                        $"The picture is {Si.Plain(Math.Round(w))} mm wide and {Si.Plain(Math.Round(h))} mm high."
                    );
                }
            )
            .WithName("CalcScale")
            .WithSummary("How large a straightened picture is, from one known length.")
            .WithExample(
                """{"known":{"from":{"x":0.1,"y":0.1},"to":{"x":0.9,"y":0.1},"millimetres":176},"pixelsWide":1200,"pixelsHigh":809}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/outline",
                (OutlineAsk ask) =>
                {
                    Outline.Check("outline", ask.Outline);
                    InvalidInputException.Finite("widthMillimetres", ask.WidthMillimetres, 1, 2000, "mm");
                    InvalidInputException.Finite("heightMillimetres", ask.HeightMillimetres, 1, 2000, "mm");
                    var area = Outline.SquareCentimetres(ask.Outline, ask.WidthMillimetres, ask.HeightMillimetres);
                    var share = Outline.Share(ask.Outline);
                    return new OutlineAnswer(
                        area,
                        share,
                        $"{Si.Plain(Math.Round(area, 1))} cm², {Si.Plain(Math.Round(share * 100, 1))} % of the board."
                    );
                }
            )
            .WithName("CalcOutline")
            .WithSummary("Area of an outline in cm².")
            .WithExample(
                """{"outline":[{"x":0.1,"y":0.6},{"x":0.3,"y":0.6},{"x":0.3,"y":0.8},{"x":0.1,"y":0.8}],"widthMillimetres":220,"heightMillimetres":148}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/register", (RegisterCalcAsk ask) => Registration.Of(ask.Pairs, ask.Turned, ask.WidthMillimetres, ask.HeightMillimetres))
            .WithName("CalcRegister")
            .WithSummary("Whether back and front lie on each other.")
            .Asking("widthMillimetres", "Say how wide the board is, in millimetres.")
            .Asking("heightMillimetres", "Say how high the board is, in millimetres.")
            .Asking("pairs.front.x", "Say where the hole is on the front.")
            .Asking("pairs.front.y", "Say where the hole is on the front.")
            .Asking("pairs.back.x", "Say where the hole is on the back.")
            .Asking("pairs.back.y", "Say where the hole is on the back.")
            .WithExample(
                """{"pairs":[{"front":{"x":0.1,"y":0.1},"back":{"x":0.9,"y":0.1}},{"front":{"x":0.9,"y":0.9},"back":{"x":0.1,"y":0.9}}],"widthMillimetres":220,"heightMillimetres":148}"""
            )
            .ProducesValidationProblem();
    }
}
