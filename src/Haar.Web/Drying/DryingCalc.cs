using System.Text.Json.Serialization;
using Haar.Core.Drying;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Drying;

/// <param name="Celsius">Where it dries.</param>
/// <param name="RoomHumidity">Relative, percent.</param>
public sealed record DryingTimeAsk(
    WetPart Part,
    WettedBy By,
    double Celsius,
    double RoomCelsius = 20,
    double RoomHumidity = 50,
    MovingAir Air = MovingAir.Still,
    [property: JsonPropertyName("house")] DryingDefaults? Defaults = null
);

/// <param name="On">Everything on the part; nothing named counts as not known.</param>
/// <param name="Asked">As read off the dial; null where none is set yet.</param>
/// <param name="Solvent">There is solvent or fuel on it.</param>
public sealed record DryingTemperatureAsk(
    IReadOnlyList<HeatShy> On,
    double? Asked = null,
    TemperatureUnit Unit = TemperatureUnit.NotSaid,
    [property: JsonConverter(typeof(OnceATick))] ThreeState Solvent = ThreeState.NotKnown
);

/// <param name="LeastHours">That its kind needs.</param>
/// <param name="Hours">That it has dried.</param>
/// <param name="ScaleGrams">Least step of the scale.</param>
/// <param name="Mains">It takes the mains, or sits in a supply.</param>
public sealed record IsDryAsk(
    double LeastHours,
    double Hours,
    IReadOnlyList<Weighing>? Weighings = null,
    double ScaleGrams = 1,
    [property: JsonConverter(typeof(OnceATick))] ThreeState Mains = ThreeState.NotKnown
);

static class DryingCalc
{
    public static void MapDryingCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/drying").WithTags("Calc: drying");
        g.MapPost(
                "/time",
                (DryingTimeAsk ask) =>
                    DryingTime.Of(ask.Part, ask.By, ask.Celsius, ask.RoomCelsius, ask.RoomHumidity, ask.Air, ask.Defaults)
            )
            .WithName("CalcDryingTime")
            .WithSummary("How long a part dries, by what it is, what wetted it, warmth, damp and air.")
            .WithExample("""{"part":"board","by":"water","celsius":40,"roomCelsius":18,"roomHumidity":60,"air":"fan"}""")
            .ProducesValidationProblem();
        g.MapPost("/temperature", (DryingTemperatureAsk ask) => DryingTemperature.Of(ask.On, ask.Asked, ask.Unit, ask.Solvent))
            .WithName("CalcDryingTemperature")
            .WithSummary("How warm a part may get while it dries: the lowest limit of anything on it.")
            .WithExample("""{"on":["abs","paperLabel"],"asked":110,"unit":"fahrenheit","solvent":"no"}""")
            .ProducesValidationProblem();
        g.MapPost("/dry", (IsDryAsk ask) => DryingTime.IsDry(ask.LeastHours, ask.Hours, ask.Weighings ?? [], ask.ScaleGrams, ask.Mains))
            .WithName("CalcIsDry")
            .WithSummary("Is it dry? Least time and two equal weighings, both.")
            .WithExample(
                """{"leastHours":5.5,"hours":6,"weighings":[{"hours":4.5,"grams":411},{"hours":6,"grams":411}],"scaleGrams":1,"mains":"no"}"""
            )
            .ProducesValidationProblem();
    }
}
