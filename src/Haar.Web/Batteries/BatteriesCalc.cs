using Haar.Core.Batteries;
using Haar.Web.Http;

namespace Haar.Web.Batteries;

/// <param name="SchottkyVolts">Drop of a Schottky diode; 0.25 when left out.</param>
/// <param name="SiliconVolts">Drop of a silicon diode; 0.65 when left out.</param>
public sealed record BatteryOptionsAsk(
    CellSite Site,
    RestorationPolicy School = RestorationPolicy.AsShipped,
    double SchottkyVolts = Replacement.SchottkyVolts,
    double SiliconVolts = Replacement.SiliconVolts
);

/// <param name="LeastVoltsPerCell">At which the chip still keeps its data; the chemistry's end volts when left out.</param>
public sealed record RunTimeAsk(CellChemistry Chemistry, double MilliampHours, double DrainMicroamps, double? LeastVoltsPerCell = null);

public sealed record HoldAsk(double HoldMicrofarads, double FromVolts, double LeastVolts, double DrainMicroamps);

/// <param name="Print">Everything that stands on the cell: "CR2032", "ER14250 3.6V", "Ni-Cd 3.6V 60mAh".</param>
public sealed record CellPrintAsk(string Print);

static class BatteriesCalc
{
    public static void MapBatteriesCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/batteries").WithTags("Calc: batteries");
        g.MapPost("/options", (BatteryOptionsAsk ask) => Replacement.Options(ask.Site, ask.School, ask.SchottkyVolts, ask.SiliconVolts))
            .WithName("CalcBatteryOptions")
            .WithSummary("Every way to replace a cell, judged, best first; and whether the old one may come out now.")
            .WithExample(
                """{"site":{"chemistry":"nickelCadmium","nominalVolts":3.6,"charges":"yes","chargeVolts":4.9,"windowLowVolts":2.4,"windowHighVolts":5.5,"drainMicroamps":18,"keeps":"settings","roomForHolder":"yes"},"school":"periodUpgrade"}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/run-time", (RunTimeAsk ask) => RunTime.Of(ask.Chemistry, ask.MilliampHours, ask.DrainMicroamps, ask.LeastVoltsPerCell))
            .WithName("CalcRunTime")
            .WithSummary("Years that a backup cell lasts, from capacity, drain and self-discharge.")
            .WithExample("""{"chemistry":"lithiumPrimary","milliampHours":220,"drainMicroamps":5,"leastVoltsPerCell":2.25}""")
            .ProducesValidationProblem();
        g.MapPost("/charging", (ChargingReadings ask) => ChargingLine.Detect(ask))
            .WithName("CalcCharging")
            .WithSummary("Does the board charge its cell? From three readings with the cell out, and what to read next.")
            .WithExample("""{"offVolts":0.02,"onVolts":4.9,"loadedVolts":2.1,"loadOhms":1000}""")
            .ProducesValidationProblem();
        g.MapPost("/pack", (PackFacts ask) => PackHealth.Of(ask))
            .WithName("CalcPack")
            .WithSummary("Is a laptop's pack still worth having, and is it safe?")
            .WithExample("""{"chemistry":"lithiumRechargeable","designMilliampHours":3600,"fullChargeMilliampHours":1900,"cycles":420}""")
            .ProducesValidationProblem();
        g.MapPost("/print", (CellPrintAsk ask) => CellPrint.Read(ask.Print))
            .WithName("CalcCellPrint")
            .WithSummary("What cell is it, by what is printed on it? Chemistry, volts, size, whether it may be charged and what leaks out.")
            .WithExample("""{"print":"ER14250 3.6V"}""")
            .ProducesValidationProblem();
        g.MapPost("/hold", (HoldAsk ask) => HoldTime.Of(ask.HoldMicrofarads, ask.FromVolts, ask.LeastVolts, ask.DrainMicroamps))
            .WithName("CalcHold")
            .WithSummary("How long the capacitor beside a memory holds it up with the cell out.")
            .WithExample("""{"holdMicrofarads":100,"fromVolts":3,"leastVolts":2,"drainMicroamps":4}""")
            .ProducesValidationProblem();
    }
}
