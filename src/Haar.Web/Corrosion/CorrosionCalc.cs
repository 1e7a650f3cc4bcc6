using System.Text.Json.Serialization;
using Haar.Core.Corrosion;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Corrosion;

public sealed record NeutraliseAsk(AreaFacts Area, [property: JsonPropertyName("house")] NeutraliseDefaults? Defaults = null);

public sealed record BathsAsk(IReadOnlyList<AreaFacts> Areas, bool Citric = false);

/// <param name="OneBath">Whether all of them may be one.</param>
public sealed record BathsAnswer(IReadOnlyList<NeutraliseBath> Baths, IReadOnlyList<string> NotKnown, Verdict OneBath);

public sealed record RinseAsk(double FilmMillilitres, double WaterMillilitres, double Share = 0.001);

public sealed record RinseAnswer(int Rinses, double Left, string Sentence);

/// <param name="Overload">Open circuit on the meter.</param>
public sealed record TraceAsk(
    TraceFacts Trace,
    double? ReadOhms = null,
    bool Overload = false,
    string Net = "the net",
    double ContactErrorOhms = Trace.ContactErrorOhms,
    double ThinFactor = Trace.ThinFactor
);

public sealed record JumperAsk(
    TraceFacts Trace,
    string Net = "the net",
    double RiseKelvin = Jumper.RiseKelvin,
    double MostDropMillivolts = Jumper.MostDropMillivolts
);

public sealed record MaskAsk(double SquareCentimetres, IReadOnlyList<MaskKind>? AtHand = null, bool NearHeat = false);

public sealed record ReinspectAsk(
    [property: JsonPropertyName("looks")] IReadOnlyList<AreaInspection> Inspections,
    DateOnly From,
    double? Ph = null
);

/// <param name="StockPercent">Of what is in the bottle.</param>
/// <param name="WantedPercent">Of what is to be used.</param>
/// <param name="Millilitres">Wanted in all.</param>
/// <param name="LeftMillilitres">In the bottle; null when nobody looked.</param>
public sealed record DilutionAsk(double StockPercent, double WantedPercent, double Millilitres, double? LeftMillilitres = null);

/// <param name="Tray">What is in the tray now.</param>
/// <param name="TrayPercent">How strong that is.</param>
/// <param name="WantedPercent">How strong it is to be.</param>
/// <param name="StockPercent">Of what is in the bottle; null when there is water alone.</param>
/// <param name="Bottle">What one bottle holds.</param>
/// <param name="Unit">Of the volumes that are given; answers are in millilitres.</param>
public sealed record StrengthAsk(
    double Tray,
    double TrayPercent,
    double WantedPercent,
    double? StockPercent = null,
    double? Bottle = null,
    VolumeUnit Unit = VolumeUnit.Millilitres
);

public sealed record MixAsk(
    double First,
    double FirstPercent,
    double Second,
    double SecondPercent,
    VolumeUnit Unit = VolumeUnit.Millilitres
);

/// <param name="Inside">Whether the copper lies inside the board.</param>
public sealed record TraceWidthAsk(
    double Amps,
    ThreeState Inside = ThreeState.NotKnown,
    double CopperMicrometres = 35,
    double RiseKelvin = Jumper.RiseKelvin
);

public sealed record SegmentsAsk(IReadOnlyList<TraceFacts> Segments);

public sealed record ParallelAsk(IReadOnlyList<double> Ohms);

static class CorrosionCalc
{
    public static void MapCorrosionCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/corrosion").WithTags("Calc: corrosion");
        g.MapPost("/neutralise", (NeutraliseAsk ask) => Neutralise.Plan(ask.Area, ask.Defaults))
            .WithName("CalcNeutralise")
            .WithSummary("What takes a leak's residue off, how much of it, and when it is done.")
            .WithExample("""{"area":{"name":"memory corner","source":"nickelCell","stage":"copperEaten","squareCentimetres":14}}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/baths",
                (BathsAsk ask) =>
                {
                    if (ask.Areas.Count is 0 or > 200)
                    {
                        throw new InvalidInputException("areas", "Give 1 to 200 areas.");
                    }
                    var baths = Neutralise.Baths(ask.Areas, ask.Citric);
                    var pairs = baths
                        .SelectMany((a, i) => baths.Skip(i + 1).Select(b => Neutralise.MayShare(a.Neutraliser, b.Neutraliser)))
                        .ToList();
                    var unknown = ask.Areas.Where(a => Neutralise.Reaction(a) is null).Select(a => a.Name).ToList();
                    return new BathsAnswer(
                        baths,
                        unknown,
                        pairs.FirstOrDefault(v => v.Outcome == Outcome.No)
                            ?? (unknown.Count > 0 ? Neutralise.NotKnown(unknown) : Neutralise.MayShare(Neutraliser.None, Neutraliser.None))
                    );
                }
            )
            .WithName("CalcBaths")
            .WithSummary("Which areas may lie in one bath: never acid with alkali.")
            .Asking("areas.ph", "Read the pH of the residue, wetted, on paper.")
            .Asking("areas.source", "Say what leaked there.")
            .WithExample(
                """{"areas":[{"name":"memory corner","source":"nickelCell","stage":"bloom","squareCentimetres":14,"ph":11},{"name":"battery door","source":"zincCarbonCell","stage":"bloom","squareCentimetres":3,"ph":4}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost(
                "/rinses",
                (RinseAsk ask) =>
                {
                    var n = Neutralise.Rinses(ask.FilmMillilitres, ask.WaterMillilitres, ask.Share);
                    var left = Math.Pow(ask.FilmMillilitres / (ask.FilmMillilitres + ask.WaterMillilitres), n);
                    return new RinseAnswer(n, left, $"{n} rinses leave {Core.Markings.Si.Plain(Math.Round(left * 100, 4))} %.");
                }
            )
            .WithName("CalcRinses")
            .WithSummary("Rinses until a stated share of the residue is left.")
            .WithExample("""{"filmMillilitres":0.3,"waterMillilitres":7,"share":0.001}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/trace",
                (TraceAsk ask) => Trace.Judge(ask.Net, ask.Trace, ask.ReadOhms, ask.Overload, ask.ContactErrorOhms, ask.ThinFactor)
            )
            .WithName("CalcTrace")
            .WithSummary("Expected resistance of a trace, and what a reading says of its copper.")
            .Asking("trace.widthMillimetres", "Measure how wide the trace is.")
            .Asking("contactErrorOhms", "Say what the probes read on each other, in ohms: 0 by four wires.")
            .WithExample(
                """{"net":"A7","trace":{"lengthMillimetres":82,"widthMillimetres":0.3,"copperMicrometres":35,"vias":2},"readOhms":0.31,"contactErrorOhms":0}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/dilution", (DilutionAsk ask) => Dilution.Of(ask.StockPercent, ask.WantedPercent, ask.Millilitres, ask.LeftMillilitres))
            .WithName("CalcDilution")
            .WithSummary("How much of what is in the bottle, and how much water.")
            .WithExample("""{"stockPercent":20,"wantedPercent":5,"millilitres":500,"leftMillilitres":400}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/strength",
                (StrengthAsk ask) => Mixing.To(ask.Tray, ask.TrayPercent, ask.WantedPercent, ask.StockPercent, ask.Bottle, ask.Unit)
            )
            .WithName("CalcStrength")
            .WithSummary("Brings what is in the tray to another strength: what is added, and how many bottles that takes.")
            .WithExample("""{"tray":4,"trayPercent":3,"wantedPercent":6,"stockPercent":12,"bottle":1,"unit":"litres"}""")
            .ProducesValidationProblem();
        g.MapPost("/mix", (MixAsk ask) => Mixing.Of(ask.First, ask.FirstPercent, ask.Second, ask.SecondPercent, ask.Unit))
            .WithName("CalcMix")
            .WithSummary("How strong two of the same kind are when they are poured together.")
            .WithExample("""{"first":500,"firstPercent":12,"second":1500,"secondPercent":3}""")
            .ProducesValidationProblem();
        g.MapPost("/trace-width", (TraceWidthAsk ask) => TraceSums.Width(ask.Amps, ask.CopperMicrometres, ask.RiseKelvin, ask.Inside))
            .WithName("CalcTraceWidth")
            .WithSummary("How wide a trace must be for a current.")
            .WithExample("""{"amps":2,"inside":"no"}""")
            .ProducesValidationProblem();
        g.MapPost("/segments", (SegmentsAsk ask) => TraceSums.Segments(ask.Segments))
            .WithName("CalcSegments")
            .WithSummary("The resistance of a trace whose width changes on its way.")
            .Asking("segments.widthMillimetres", "Measure how wide each piece is.")
            .WithExample(
                """{"segments":[{"lengthMillimetres":30,"widthMillimetres":1.2},{"lengthMillimetres":12,"widthMillimetres":0.3,"vias":1}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/parallel", (ParallelAsk ask) => TraceSums.Parallel(ask.Ohms))
            .WithName("CalcParallel")
            .WithSummary("Resistances side by side.")
            .WithExample("""{"ohms":[0.21,0.34]}""")
            .ProducesValidationProblem();
        g.MapPost("/jumper", (JumperAsk ask) => Jumper.Choose(ask.Net, ask.Trace, ask.RiseKelvin, ask.MostDropMillivolts))
            .WithName("CalcJumper")
            .WithSummary("Which wire bridges a broken trace.")
            .Asking("trace.amps", "Say what current it carries.")
            .WithExample("""{"net":"+5 V to U12","trace":{"lengthMillimetres":60,"widthMillimetres":1.2,"amps":0.8}}""")
            .ProducesValidationProblem();
        g.MapPost("/mask", (MaskAsk ask) => MaskRepair.Options(ask.SquareCentimetres, ask.AtHand, ask.NearHeat))
            .WithName("CalcMask")
            .WithSummary("What covers bare copper again, also what is at hand.")
            .Asking("nearHeat", "Say whether something beside it gets hot.")
            .WithExample("""{"squareCentimetres":6,"atHand":["nailVarnish"],"nearHeat":false}""")
            .ProducesValidationProblem();
        g.MapPost("/reinspect", (ReinspectAsk ask) => Reinspection.Of(ask.Inspections, ask.Ph, ask.From))
            .WithName("CalcReinspect")
            .WithSummary("When to look at a cleaned area again, and what a change would mean.")
            .WithExample(
                """{"looks":[{"at":"2026-03-01T10:00:00Z","stage":"bloom","squareCentimetres":11},{"at":"2026-09-01T10:00:00Z","stage":"bloom","squareCentimetres":11.4}],"ph":7,"from":"2026-09-01"}"""
            )
            .ProducesValidationProblem();
    }
}
