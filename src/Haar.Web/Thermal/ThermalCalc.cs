using System.Text.Json.Serialization;
using Haar.Core.Markings;
using Haar.Core.Thermal;
using Haar.Web.Http;

namespace Haar.Web.Thermal;

public sealed record GapAsk(
    HotPartFacts Part,
    string Name = "the part",
    [property: JsonPropertyName("house")] ThermalDefaults? Defaults = null
);

public sealed record DropAsk(double Watts, double Millimetres, double Conductivity, double SquareMillimetres);

public sealed record DropAnswer(double Kelvin, string Sentence);

public sealed record HeatAsk(
    IReadOnlyList<HeatReading> Before,
    IReadOnlyList<HeatReading> After,
    string Name = "the part",
    bool SameLoad = false,
    double ResolutionKelvin = 0.5
);

static class ThermalCalc
{
    public static void MapThermalCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/thermal").WithTags("Calc: thermal");
        g.MapPost("/gap", (GapAsk ask) => Gap.Choose(ask.Name, ask.Part, ask.Defaults))
            .WithName("CalcGap")
            .WithSummary("Paste or pad, by the gap.")
            .Asking("part.bareDie", "Say whether the die is bare.")
            .WithExample(
                """{"name":"processor","part":{"watts":28,"squareMillimetres":169,"gapMillimetres":{"low":0.02,"likely":0.04,"high":0.06},"bareDie":true}}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/drop",
                (DropAsk ask) =>
                {
                    Core.Verdicts.InvalidInputException.Finite("watts", ask.Watts, 0, 1000, "W");
                    Core.Verdicts.InvalidInputException.Finite("millimetres", ask.Millimetres, 0, 100, "mm");
                    Core.Verdicts.InvalidInputException.Finite("conductivity", ask.Conductivity, 0.01, 1000, "W/(m·K)");
                    Core.Verdicts.InvalidInputException.Finite("squareMillimetres", ask.SquareMillimetres, 0.1, 1e6, "mm²");
                    var kelvin = Gap.DropKelvin(ask.Watts, ask.Millimetres, ask.Conductivity, ask.SquareMillimetres);
                    return new DropAnswer(
                        kelvin,
                        kelvin > new ThermalDefaults().MostDropKelvin
                            ? $"{Si.Format(kelvin, "K")} across it: too much, a thinner layer or a better one is needed."
                            : $"{Si.Format(kelvin, "K")} across it."
                    );
                }
            )
            .WithName("CalcDrop")
            .WithSummary("Kelvin across a layer.")
            .WithExample("""{"watts":28,"millimetres":0.05,"conductivity":4,"squareMillimetres":169}""")
            .ProducesValidationProblem();
        g.MapPost("/fan", (FanFacts ask) => Fan.Judge(ask))
            .WithName("CalcFan")
            .WithSummary("Is a fan's bearing sound?")
            .WithExample("""{"ratedVolts":12,"ratedRpm":4200,"readRpm":3100,"startVolts":7.9,"noise":"rattle","play":false}""")
            .Asking("noise", "Say how it sounds.")
            .Asking("play", "Say whether a finger feels play at its hub.")
            .ProducesValidationProblem();
        g.MapPost("/before-after", (HeatAsk ask) => HeatProof.Compare(ask.Name, ask.Before, ask.After, ask.SameLoad, ask.ResolutionKelvin))
            .WithName("CalcHeat")
            .WithSummary("Did it help? Each temperature less its own room, at one load.")
            .Asking("sameLoad", "Say whether both were read under the same load.")
            .WithExample(
                """{"name":"processor","before":[{"celsius":71,"roomCelsius":19},{"celsius":72,"roomCelsius":19},{"celsius":70,"roomCelsius":19},{"celsius":71.5,"roomCelsius":19},{"celsius":71,"roomCelsius":19}],"after":[{"celsius":60,"roomCelsius":21},{"celsius":61,"roomCelsius":21},{"celsius":60.5,"roomCelsius":21},{"celsius":60,"roomCelsius":21},{"celsius":61,"roomCelsius":21}],"sameLoad":true}"""
            )
            .ProducesValidationProblem();
    }
}
