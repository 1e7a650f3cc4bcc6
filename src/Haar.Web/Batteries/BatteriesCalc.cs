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

/// <param name="Cells">In the order in which they sit.</param>
/// <param name="Chemistry">Whether they may be charged decides side by side.</param>
public sealed record CellsTogetherAsk(IReadOnlyList<OneCell> Cells, CellWiring Wiring, CellChemistry Chemistry = CellChemistry.Unknown);

public sealed record ShelfAsk(CellChemistry Chemistry, double MilliampHours, double Years);

/// <param name="Cells">In series.</param>
/// <param name="SupplyVolts">What it is charged from; null when not known.</param>
public sealed record ChargeAsk(CellChemistry Chemistry, double MilliampHours, int Cells = 1, double? SupplyVolts = null);

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
        g.MapPost("/together", (CellsTogetherAsk ask) => CellsTogether.Of(ask.Cells, ask.Wiring, ask.Chemistry))
            .WithName("CalcCellsTogether")
            .WithSummary("Cells in series or in parallel: their volts, their capacity, and the weakest.")
            .WithExample(
                """{"cells":[{"volts":1.28,"milliampHours":600},{"volts":1.27,"milliampHours":590},{"volts":1.25,"milliampHours":420}],"wiring":"series","chemistry":"nickelCadmium"}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/shelf", (ShelfAsk ask) => Charge.Shelf(ask.Chemistry, ask.MilliampHours, ask.Years))
            .WithName("CalcShelf")
            .WithSummary("What a cell has lost by lying on the shelf for years.")
            .WithExample("""{"chemistry":"nickelMetalHydride","milliampHours":600,"years":1.5}""")
            .ProducesValidationProblem();
        g.MapPost("/charge", (ChargeAsk ask) => Charge.Of(ask.Chemistry, ask.MilliampHours, ask.Cells, ask.SupplyVolts))
            .WithName("CalcCharge")
            .WithSummary("A charge at a tenth of capacity: the current, the hours, the series resistor and what it wastes.")
            .Asking("cells", "Say how many cells are one after another.")
            .WithExample("""{"chemistry":"nickelCadmium","milliampHours":60,"cells":3,"supplyVolts":9}""")
            .ProducesValidationProblem();
        g.MapPost("/hold", (HoldAsk ask) => HoldTime.Of(ask.HoldMicrofarads, ask.FromVolts, ask.LeastVolts, ask.DrainMicroamps))
            .WithName("CalcHold")
            .WithSummary("How long the capacitor beside a memory holds it up with the cell out.")
            .WithExample("""{"holdMicrofarads":100,"fromVolts":3,"leastVolts":2,"drainMicroamps":4}""")
            .ProducesValidationProblem();
    }
}
