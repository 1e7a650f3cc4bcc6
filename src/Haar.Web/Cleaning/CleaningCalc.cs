using Haar.Core.Cleaning;
using Haar.Web.Http;

namespace Haar.Web.Cleaning;

/// <param name="Substances">Whatever goes in together, follows without water between, or lies there.</param>
public sealed record MixingAsk(IReadOnlyList<Substance> Substances);

/// <param name="Of">What the bath is of.</param>
/// <param name="StockPercent">In the bottle; null for something that is used as it is.</param>
/// <param name="WantedPercent">In the bath.</param>
/// <param name="LeftMillilitres">In the bottle now; null when nobody looked.</param>
/// <param name="With">Whatever else lies in it or was on it before.</param>
public sealed record BathAsk(
    TrayFacts Tray,
    Substance Of,
    double? StockPercent = null,
    double? WantedPercent = null,
    double? LeftMillilitres = null,
    IReadOnlyList<Substance>? With = null
);

static class CleaningCalc
{
    public static void MapCleaningCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/cleaning").WithTags("Calc: cleaning");
        g.MapPost("/ladder", (CleaningFacts ask) => Ladder.For(ask))
            .WithName("CalcLadder")
            .WithSummary("How it is cleaned: the mildest method that is safe here and has a real chance, and when to stop.")
            .WithExample(
                """{"materials":["abs"],"features":["printedLegend"],"soils":["vapourFilm"],"trials":[{"method":"cloth-damp","removedShare":0.2},{"method":"cloth-damp","removedShare":0.05}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/mixing", (MixingAsk ask) => Mixing.May(ask.Substances))
            .WithName("CalcMixing")
            .WithSummary("What must not meet: in one bath, one after the other, or as a residue.")
            .WithExample("""{"substances":["peroxide","bareMetal"]}""")
            .ProducesValidationProblem();
        g.MapPost("/bath", (BathAsk ask) => Bath.Of(ask.Tray, ask.Of, ask.StockPercent, ask.WantedPercent, ask.LeftMillilitres, ask.With))
            .WithName("CalcBath")
            .WithSummary("What goes into the tray: litres less the parts, how much out of the bottle, what to mind.")
            .WithExample(
                """{"tray":{"lengthCentimetres":50,"widthCentimetres":40,"heightCentimetres":15,"depthCentimetres":9,"displacedLitres":1.5},"of":"peroxide","stockPercent":12,"wantedPercent":6,"leftMillilitres":10000}"""
            )
            .ProducesValidationProblem();
    }
}
