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

public sealed record BatchAsk(IReadOnlyList<BatchItem> Items);

static class CleaningCalc
{
    public static void MapCleaningCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/cleaning").WithTags("Calc: cleaning");
        g.MapPost("/ladder", (CleaningFacts ask) => Ladder.For(ask))
            .WithName("CalcLadder")
            .WithSummary("How it is cleaned: the mildest method that is safe here and has a real chance, and when to stop.")
            .WithExample(
                """{"materials":["abs"],"features":["printedLegend"],"soils":["vapourFilm"],"trials":[{"method":"cloth-damp","removedShare":0.2},{"method":"cloth-damp","removedShare":0.05}],"on":[]}"""
            )
            .Asking("on", "Say what was used on it, or lies on it: none of them is an answer too.")
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
        g.MapPost(
                "/dilution",
                (Corrosion.DilutionAsk ask) =>
                    Core.Corrosion.Dilution.Of(ask.StockPercent, ask.WantedPercent, ask.Millilitres, ask.LeftMillilitres)
            )
            .WithName("CalcCleaningDilution")
            .WithSummary("How much out of the bottle, and how much water: C₁V₁ = C₂V₂.")
            .WithExample("""{"stockPercent":12,"wantedPercent":6,"millilitres":4000,"leftMillilitres":5000}""")
            .ProducesValidationProblem();
        g.MapPost("/worth", (WorthFacts ask) => Worth.Of(ask))
            .WithName("CalcWorth")
            .WithSummary("Is it worth the cleaning? Hours and chance against a tested one, and what would earn it trust.")
            .Asking("kind", "Say what kind of part it is.")
            .WithExample(
                """{"hoursLeft":{"low":1,"likely":2,"high":4},"chance":0.7,"replacement":35,"hourWorth":10,"kind":"supply","working":"said","onWhoseWord":"the seller, in spring"}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/batch", (BatchAsk ask) => Batch.Of(ask.Items))
            .WithName("CalcBatch")
            .WithSummary("Which items are cleaned together, split by what harms one of them.")
            .WithExample(
                """{"items":[{"name":"upper shell","facts":{"materials":["abs"],"features":["paint"],"soils":["grease"]}},{"name":"key caps","facts":{"materials":["abs"],"features":["paint"],"soils":["grease"]}},{"name":"badge","facts":{"materials":["aluminium"],"features":["printedLegend"],"soils":["grease"]}}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/odour", (OdourFacts ask) => Odour.Of(ask))
            .WithName("CalcOdour")
            .WithSummary("What is done against a smell, by the distance at which a fresh nose notices it.")
            .WithExample("""{"ratings":[{"centimetres":120,"hoursClosed":12,"warm":"yes","freshNose":"yes"}],"done":["airing"]}""")
            .ProducesValidationProblem();
    }
}
