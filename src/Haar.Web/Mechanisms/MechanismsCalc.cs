using Haar.Core.Mechanisms;
using Haar.Web.Http;

namespace Haar.Web.Mechanisms;

/// <param name="PathMillimetres">Once round by a thread; null where pulleys are given.</param>
/// <param name="FirstMillimetres">Diameter of one pulley where the belt lies.</param>
/// <param name="CentresMillimetres">From axis to axis.</param>
public sealed record BeltAsk(
    double? PathMillimetres = null,
    double? FirstMillimetres = null,
    double? SecondMillimetres = null,
    double? CentresMillimetres = null,
    bool Toothed = false,
    double StretchShare = Belt.StretchShare
);

/// <param name="RoomMillimetres">Depth that there is; null takes the old fan's.</param>
public sealed record FanExchangeAsk(FanLabel Old, FanLabel Offered, double? RoomMillimetres = null);

/// <param name="With">What is at hand; not known for which it should be.</param>
public sealed record LubricantAsk(Sliding Where, LubricantKind With = LubricantKind.NotKnown);

public sealed record SpeedAsk(double Measured, double Nominal, double MostOffShare = Speed.MostOffShare);

static class MechanismsCalc
{
    public static void MapMechanismsCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/mechanisms").WithTags("Calc: mechanisms");
        g.MapPost(
                "/belt",
                (BeltAsk ask) =>
                    Belt.Of(
                        ask.PathMillimetres,
                        ask.FirstMillimetres,
                        ask.SecondMillimetres,
                        ask.CentresMillimetres,
                        ask.Toothed,
                        ask.StretchShare
                    )
            )
            .WithName("CalcBelt")
            .WithSummary("Which drive belt, by its measured path.")
            .WithExample("""{"firstMillimetres":8,"secondMillimetres":42,"centresMillimetres":61}""")
            .ProducesValidationProblem();
        g.MapPost("/lubricant", (LubricantAsk ask) => Lubricant.For(ask.Where, ask.With))
            .WithName("CalcLubricant")
            .WithSummary("Which lubricant goes where, and where none may.")
            .WithExample("""{"where":"metalOnPlastic","with":"lightOil"}""")
            .ProducesValidationProblem();
        g.MapPost("/speed", (SpeedAsk ask) => Speed.Judge(ask.Measured, ask.Nominal, ask.MostOffShare))
            .WithName("CalcSpeed")
            .WithSummary("Does it turn at its speed?")
            .WithExample("""{"measured":296.4,"nominal":300}""")
            .ProducesValidationProblem();
        g.MapPost("/fan", (FanExchangeAsk ask) => FanExchange.Judge(ask.Old, ask.Offered, ask.RoomMillimetres))
            .WithName("CalcFanExchange")
            .WithSummary("May another fan take its place? Size, volts, current, flow, pressure, direction, plug.")
            .Asking("roomMillimetres", "Measure the room for its thickness.")
            .WithExample(
                """{"old":{"frameMillimetres":80,"thicknessMillimetres":25,"volts":12,"amps":0.14,"cubicMetresPerHour":54,"pascals":24,"plug":"2 pins"},"offered":{"frameMillimetres":80,"thicknessMillimetres":25,"volts":12,"amps":0.08,"cubicMetresPerHour":58,"pascals":26,"plug":"3 pins"},"roomMillimetres":26}"""
            )
            .ProducesValidationProblem();
    }
}
