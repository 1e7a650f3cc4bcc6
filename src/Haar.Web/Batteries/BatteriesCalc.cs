using Haar.Core.Batteries;
using Haar.Web.Http;

namespace Haar.Web.Batteries;

/// <param name="SchottkyVolts">Drop of a Schottky diode; 0.25 when left out.</param>
/// <param name="SiliconVolts">Drop of a silicon diode; 0.65 when left out.</param>
public sealed record BatteryOptionsAsk(CellSite Site, RestorationSchool School = RestorationSchool.AsShipped, double SchottkyVolts = Replacement.SchottkyVolts, double SiliconVolts = Replacement.SiliconVolts);

/// <param name="LeastVoltsPerCell">At which the chip still keeps its data; the chemistry's end volts when left out.</param>
public sealed record RunTimeAsk(CellChemistry Chemistry, double MilliampHours, double DrainMicroamps, double? LeastVoltsPerCell = null);

static class BatteriesCalc
{
    public static void MapBatteriesCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/batteries").WithTags("Calc: batteries");
        g.MapPost("/options", (BatteryOptionsAsk ask) => Replacement.Options(ask.Site, ask.School, ask.SchottkyVolts, ask.SiliconVolts))
            .WithName("CalcBatteryOptions").WithSummary("Every way to replace a cell, judged, best first; and whether the old one may come out now.")
            .WithExample("""{"site":{"chemistry":"nickelCadmium","nominalVolts":3.6,"charges":"yes","chargeVolts":4.9,"windowLowVolts":2.4,"windowHighVolts":5.5,"drainMicroamps":18,"keeps":"settings","roomForHolder":"yes"},"school":"periodUpgrade"}""").ProducesValidationProblem();
        g.MapPost("/run-time", (RunTimeAsk ask) => RunTime.Of(ask.Chemistry, ask.MilliampHours, ask.DrainMicroamps, ask.LeastVoltsPerCell))
            .WithName("CalcRunTime").WithSummary("Years that a backup cell lasts, from capacity, drain and self-discharge.")
            .WithExample("""{"chemistry":"lithiumPrimary","milliampHours":220,"drainMicroamps":5,"leastVoltsPerCell":2.25}""").ProducesValidationProblem();
    }
}
