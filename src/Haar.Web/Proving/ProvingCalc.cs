using Haar.Core.Proving;
using Haar.Web.Http;

namespace Haar.Web.Proving;

/// <param name="Resolution">Least step that the instrument shows; 0 when left out.</param>
/// <param name="Alpha">Chance of a false alarm that is borne; 0.05 when left out.</param>
public sealed record SignificanceAsk(
    IReadOnlyList<double> Before,
    IReadOnlyList<double> After,
    string What = "it",
    string Unit = "",
    Better Better = Better.Lower,
    double Resolution = 0,
    double Alpha = SignificanceTest.DefaultAlpha
);

static class ProvingCalc
{
    public static void MapProvingCalc(this IEndpointRouteBuilder calc) =>
        calc.MapGroup("/proving")
            .WithTags("Calc: proving")
            .MapPost(
                "/is-it-real",
                (SignificanceAsk ask) =>
                    SignificanceTest.Compare(ask.What, ask.Before, ask.After, ask.Unit, ask.Better, ask.Resolution, ask.Alpha)
            )
            .WithName("CalcSignificance")
            .WithSummary("Two series of runs: median, spread, ratio, and whether the change is real.")
            .Asking("resolution", "Say the least step of what it was read with.")
            .WithExample(
                """{"what":"Start to desktop","unit":"s","before":[41.2,40.8,41.9,41.0,41.4],"after":[33.0,32.6,33.4,32.9,33.1],"resolution":0.1}"""
            )
            .ProducesValidationProblem();
}
