using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

/// <param name="Awg">Gauge number.</param>
/// <param name="DiameterMillimetres">Of the bare copper.</param>
/// <param name="Ohms">Of the length asked for.</param>
/// <param name="DropMillivolts">At the current.</param>
/// <param name="MostAmps">The lesser of IPC-2221 for that section, outside, at the rise allowed, and of usual chassis wiring.</param>
public sealed record JumperWire(int Awg, double DiameterMillimetres, double Ohms, double DropMillivolts, double MostAmps, bool Enough);

/// <param name="Chosen">The thinnest that is enough, which lies flattest; null when none up to AWG 18 is.</param>
public sealed record JumperResult(
    JumperWire? Chosen,
    IReadOnlyList<JumperWire> Wires,
    double Amps,
    double TraceAmps,
    IReadOnlyList<string> Route,
    Verdict Verdict
);

/// <summary>Which wire bridges a broken trace: by current and drop.</summary>
public static class Jumper
{
    /// <summary>Rise above the board that a repair may have, K. A house figure; IPC-2221 charts start at 10.</summary>
    public const double RiseKelvin = 10;

    /// <summary>Most drop along a signal or a small supply, mV. A house figure: 1 % of 5 V.</summary>
    public const double MostDropMillivolts = 50;

    /// <summary>The common gauges, thinnest first.</summary>
    public static IReadOnlyList<int> Awgs => Gauges;

    static readonly int[] Gauges = [36, 34, 32, 30, 28, 26, 24, 22, 20, 18];

    /// <summary>IPC-2221 (6.2): I = k·ΔT^0.44·A^0.725, A in square mils, k = 0.048 outside and 0.024 inside; amps.</summary>
    public static double Ipc2221Amps(double squareMillimetres, double riseKelvin, bool inside = false) =>
        (inside ? 0.024 : 0.048) * Math.Pow(riseKelvin, 0.44) * Math.Pow(squareMillimetres / (0.0254 * 0.0254), 0.725);

    /// <summary>Diameter in millimetres: 0.127·92^((36−n)/39), ASTM B258.</summary>
    public static double AwgMillimetres(int awg) => 0.127 * Math.Pow(92, (36 - awg) / 39.0);

    /// <summary>Single wires in a case carry about an amp for 116 circular mils; the chassis-wiring column of common wire tables (AWG 30: 0.86 A, AWG 24: 3.5 A). Below what IPC-2221 gives a flat trace of the same section, since a round wire sheds its heat worse.</summary>
    public const double CircularMilsPerAmp = 116;

    public static double ChassisAmps(int awg) => Math.Pow(AwgMillimetres(awg) / 0.0254, 2) / CircularMilsPerAmp;

    /// <summary>Ohms a metre of solid copper at 20 °C.</summary>
    public static double AwgOhmsPerMetre(int awg) => Trace.CopperOhmMetres / (Math.PI / 4 * Math.Pow(AwgMillimetres(awg) * 1e-3, 2));

    /// <param name="trace">The trace it stands in for. Its length is the straight run; a wire is a quarter longer.</param>
    /// <exception cref="InvalidInputException">A figure that no repair has.</exception>
    public static JumperResult Choose(
        string net,
        TraceFacts trace,
        double riseKelvin = RiseKelvin,
        double mostDropMillivolts = MostDropMillivolts
    )
    {
        _ = Trace.Ohms(trace);
        InvalidInputException.Finite("riseKelvin", riseKelvin, 1, 60, "K");
        InvalidInputException.Finite("mostDropMillivolts", mostDropMillivolts, 1, 2000, "mV");
        var carried = Ipc2221Amps(trace.WidthMillimetres * trace.CopperMicrometres * 1e-3, riseKelvin);
        var amps = trace.Amps ?? carried;
        var length = trace.LengthMillimetres * 1.25;
        var wires = Gauges
            .Select(g =>
            {
                var ohms = AwgOhmsPerMetre(g) * length / 1000;
                var most = Math.Min(ChassisAmps(g), Ipc2221Amps(Math.PI / 4 * Math.Pow(AwgMillimetres(g), 2), riseKelvin));
                var drop = ohms * amps * 1000;
                return new JumperWire(
                    g,
                    Math.Round(AwgMillimetres(g), 3),
                    Si.Tidy(ohms),
                    Math.Round(drop, 2),
                    Math.Round(most, 3),
                    most >= amps && drop <= mostDropMillivolts
                );
            })
            .ToList();
        var chosen = wires.FirstOrDefault(w => w.Enough);
        var question = $"Which wire bridges {net}?";
        string[] route =
        [
            $"Cut {Si.Plain(Math.Ceiling(length + 4))} mm: the run and a quarter for the bends, 2 mm bare at each end.",
            "Along the board, not across chips or holes; round the screw posts, not over them.",
            "Tin both ends first, then lay it on: an iron held long lifts the pad.",
            "A dot of glue every 25 mm, then ohms end to end again.",
        ];
        var reasons = new List<Reason>
        {
            new(
                trace.Amps is null
                    ? $"Nobody has said what it carries, so it must carry what the trace could: {Si.Format(carried, "A")}."
                    : $"It carries {Si.Format(amps, "A")}.",
                new("Current", Si.Tidy(amps), "A"),
                "IPC-2221 (6.2), outside, " + $"{Si.Plain(riseKelvin)} K"
            ),
        };
        if (chosen is null)
        {
            return new(
                null,
                wires,
                amps,
                carried,
                route,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"No wire up to AWG 18 keeps {Si.Format(amps, "A")} over {Si.Plain(Math.Round(length))} mm within {Si.Plain(mostDropMillivolts)} mV and {Si.Plain(riseKelvin)} K. Lay two side by side, or copper foil.",
                        Basis.Rule,
                        reasons
                    )
                    .Changing("A shorter way round.", "The current that it really carries.")
            );
        }

        reasons.Add(
            new(
                $"AWG {chosen.Awg} is {Si.Plain(chosen.DiameterMillimetres)} mm thick, bears {Si.Format(chosen.MostAmps, "A")} and drops {Si.Plain(chosen.DropMillivolts)} mV over {Si.Plain(Math.Round(length))} mm.",
                new("Drop", chosen.DropMillivolts, "mV", null, mostDropMillivolts),
                "ASTM B258 and ρ of copper"
            )
        );
        return new(
            chosen,
            wires,
            amps,
            carried,
            route,
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"AWG {chosen.Awg} wire, {Si.Plain(Math.Ceiling(length + 4))} mm: the thinnest that carries {Si.Format(amps, "A")} and drops {Si.Plain(chosen.DropMillivolts)} mV.",
                    Basis.Rule,
                    reasons
                )
                .Changing(trace.Amps is null ? ["The current that it really carries."] : [])
        );
    }
}

public enum MaskKind
{
    UvMask = 0,
    ConformalLacquer,
    NailVarnish,
}

/// <param name="Millilitres">For both coats.</param>
/// <param name="CureMinutes">Until the next step; of the last coat.</param>
public sealed record MaskOption(MaskKind Kind, string Name, int Coats, double Millilitres, int CureMinutes, string Cure, Verdict Verdict);

/// <summary>What covers bare copper again, best first; also what is at hand.</summary>
public static class MaskRepair
{
    /// <summary>Dry coats: UV mask 30 to 60 µm a coat, lacquers 25 to 50 µm; half of a lacquer is solvent. Typical data sheets.</summary>
    const double UvMicrometres = 50,
        LacquerMicrometres = 40,
        LacquerSolids = 0.4;

    /// <exception cref="InvalidInputException">An area of nothing.</exception>
    public static IReadOnlyList<MaskOption> Options(
        double squareCentimetres,
        IReadOnlyCollection<MaskKind>? atHand = null,
        bool nearHeat = false
    )
    {
        InvalidInputException.Finite("squareCentimetres", squareCentimetres, 0.01, 5000, "cm²");
        double Ml(int coats, double micrometres, double solids) =>
            Math.Round(Math.Max(0.05, squareCentimetres * micrometres * 1e-4 * coats / solids * 1.5), 2);
        MaskOption Make(
            MaskKind kind,
            string name,
            int coats,
            double ml,
            int minutes,
            string cure,
            Outcome outcome,
            string sentence,
            string why,
            Basis founded
        ) =>
            new(
                kind,
                name,
                coats,
                ml,
                minutes,
                cure,
                Verdict
                    .Of($"{name}?", outcome, sentence, founded, new Reason(why))
                    .With(kind == MaskKind.UvMask ? [] : [Safety.CautionId.SolventAndFlame])
            );
        List<MaskOption> all =
        [
            Make(
                MaskKind.UvMask,
                "UV-curing solder mask",
                1,
                Ml(1, UvMicrometres, 1),
                10,
                "10 minutes under a 365 to 405 nm lamp, or an hour of sun; then hard to a fingernail",
                Outcome.Yes,
                "It is mask again: thin, hard, and it bears an iron.",
                "It hardens all through under the lamp and takes soldering beside it.",
                Basis.Rule
            ),
            Make(
                MaskKind.ConformalLacquer,
                "Acrylic conformal lacquer",
                2,
                Ml(2, LacquerMicrometres, LacquerSolids),
                240,
                "30 minutes between coats, 4 hours until it is handled, a day until it is hard",
                nearHeat ? Outcome.YesIf : Outcome.Yes,
                nearHeat
                    ? "It keeps damp off, if nothing beside it goes over 100 °C."
                    : "It keeps damp off and comes away with alcohol, so the next repair is easy.",
                "Made for boards; never over connectors, switches or trimmers.",
                Basis.Rule
            ),
            Make(
                MaskKind.NailVarnish,
                "Clear nail varnish",
                2,
                Ml(2, LacquerMicrometres, LacquerSolids * 0.75),
                720,
                "an hour between coats, overnight until it is hard",
                Outcome.YesIf,
                "It does until better is at hand, if it is clear, without glitter, and kept away from heat.",
                "Nitrocellulose: it yellows, and an iron burns it. No pigment, since some conduct.",
                Basis.Guess
            ),
        ];
        return
        [
            .. all.OrderBy(o => atHand is null || atHand.Count == 0 || atHand.Contains(o.Kind) ? 0 : 1)
                .ThenBy(o => o.Verdict.Outcome == Outcome.Yes ? 0 : 1)
                .ThenBy(o => o.Kind),
        ];
    }
}
