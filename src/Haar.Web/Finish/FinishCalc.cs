using Haar.Core.Finish;
using Haar.Web.Http;

namespace Haar.Web.Finish;

/// <param name="RustedPercent">Of the area, from a photo or by eye.</param>
/// <param name="Residue">A leak's residue lies on it; null when nobody looked.</param>
public sealed record RustAsk(double RustedPercent, Coating Coating, ToolReach Reach = ToolReach.Open, bool? Residue = null);

/// <param name="Celsius">Of the air; null when nobody measured.</param>
/// <param name="Humidity">Relative, percent; null when nobody measured.</param>
/// <param name="SurfaceCelsius">Of the part; null takes the air's.</param>
public sealed record PaintAsk(
    double SquareCentimetres,
    int Coats,
    double? Celsius = null,
    double? Humidity = null,
    double? SurfaceCelsius = null,
    PaintFacts? Paint = null
);

static class FinishCalc
{
    public static void MapFinishCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/finish").WithTags("Calc: finish");
        g.MapPost("/rust", (RustAsk ask) => Rust.Plan(ask.RustedPercent, ask.Coating, ask.Reach, ask.Residue))
            .WithName("CalcRust")
            .WithSummary("How rust comes off sheet steel, by its grade after ISO 4628-3, its coating and reach.")
            .WithExample("""{"rustedPercent":6,"coating":"paint","reach":"open","residue":false}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/paint",
                (PaintAsk ask) => Paint.Plan(ask.SquareCentimetres, ask.Coats, ask.Celsius, ask.Humidity, ask.SurfaceCelsius, ask.Paint)
            )
            .WithName("CalcPaint")
            .WithSummary("How much paint, how many cans, and whether it may go on in this air.")
            .Asking("surfaceCelsius", "Measure how warm the surface is.")
            .WithExample("""{"squareCentimetres":4200,"coats":3,"celsius":19,"humidity":55,"surfaceCelsius":19}""")
            .ProducesValidationProblem();
        g.MapPost("/crack", (CrackFacts ask) => Crack.Of(ask))
            .WithName("CalcCrack")
            .WithSummary("How a crack is mended: stopped, glued by what it is made of, backed, cured before it bears.")
            .WithExample("""{"material":"abs","lengthMillimetres":35,"load":"screw","inSight":"yes","clean":"no"}""")
            .ProducesValidationProblem();
        g.MapPost("/mend", (MendFacts ask) => Mend.Of(ask))
            .WithName("CalcMend")
            .WithSummary("Small mends: a button freed, feet and foam by size, a sticker, a fault of a panel by its layer.")
            .Asking("kind", "Say what kind of mend it is.")
            .WithExample("""{"kind":"foam","gapMillimetres":4,"bears":"no"}""")
            .ProducesValidationProblem();
        g.MapPost("/polish", (PolishFacts ask) => Polish.Of(ask))
            .WithName("CalcPolish")
            .WithSummary("Whether polish reaches a scratch, with what, and when another pass is not worth it.")
            .WithExample(
                """{"material":"acrylic","nailCatches":"no","coated":"no","passes":[{"grit":6000,"leftShare":0.5},{"grit":6000,"leftShare":0.7}]}"""
            )
            .ProducesValidationProblem();
    }
}
