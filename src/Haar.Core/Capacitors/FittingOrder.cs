using Haar.Core.Boards;
using Haar.Core.Corrosion;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

public enum SolderTool
{
    TwoIrons = 0,
    IronAndWick,
    HotAir,
}

/// <param name="Celsius">At the tip.</param>
/// <param name="DwellSeconds">On one joint; longer lifts the pad.</param>
public sealed record JointSettings(SolderTool Tool, int Celsius, double DwellSeconds, string How);

/// <param name="Place">As shares of the picture; null when not marked.</param>
public sealed record FittingPlace(
    Guid Id,
    string Designator,
    CapacitorKind Kind,
    Point? Place,
    double? HeightMillimetres = null,
    bool Weeping = false,
    bool WideCopper = false,
    bool LeadFree = false
);

/// <param name="Number">From 1.</param>
public sealed record FittingTurn(int Number, Guid Id, string Designator, JointSettings Joint, string Why);

/// <summary>In which order the hand goes over the board: by tool, low before tall, and within those along the shortest way.</summary>
public static class FittingOrder
{
    /// <summary>Tin-lead melts at 183 °C and tin-silver-copper at 217; a tip runs 130 to 170 K above, more where wide copper carries the heat off (IPC-7711 practice).</summary>
    public static JointSettings Joint(CapacitorKind kind, bool wideCopper = false, bool leadFree = false, bool weeping = false)
    {
        // Hot air only for solid parts: a can of liquid electrolyte boils and bursts in it. Nozzle 350 to 380 °C for 20 to 40 s (rework practice of the same guide).
        if (wideCopper && (kind == CapacitorKind.TantalumSurfaceMount || kind == CapacitorKind.Ceramic))
        {
            return new(
                SolderTool.HotAir,
                leadFree ? 380 : 350,
                30,
                "Wide copper carries an iron's heat off: warm the board first, tape over what melts beside it, little air, and lift with tweezers when both ends shine."
            );
        }

        var celsius = 320 + (leadFree ? 30 : 0) + (wideCopper ? 30 : 0);
        if (kind.IsSurfaceMount() || kind == CapacitorKind.Ceramic)
        {
            return new(
                SolderTool.TwoIrons,
                celsius,
                wideCopper ? 4 : 3,
                weeping
                    ? "Wash the joints first: electrolyte keeps solder from melting. Then both ends at once with fresh solder, and lift; never twist."
                    : "Both ends at once, fresh solder on each, and lift; never twist."
            );
        }

        return new(
            SolderTool.IronAndWick,
            celsius + 10,
            wideCopper ? 5 : 3,
            "Fresh solder in, one leg after the other rocked out, then wick the holes clear. Legs of the new one a millimetre above the board."
        );
    }

    public static IReadOnlyList<FittingTurn> Of(IReadOnlyList<FittingPlace> parts)
    {
        var turns = new List<FittingTurn>();
        var at = new Point(0, 0);
        // Tall ones last: they stand in the way of the iron.
        foreach (
            var group in parts
                .GroupBy(p => (Tall: p.HeightMillimetres > 15, Joint(p.Kind, p.WideCopper).Tool))
                .OrderBy(g => g.Key.Tall)
                .ThenBy(g => g.Key.Tool)
        )
        {
            foreach (var p in Shortest([.. group.OrderBy(p => p.Designator, Designators.InOrder)], at))
            {
                if (p.Place is { } place)
                {
                    at = place;
                }
                turns.Add(
                    new(
                        turns.Count + 1,
                        p.Id,
                        p.Designator,
                        Joint(p.Kind, p.WideCopper, p.LeadFree, p.Weeping),
                        group.Key.Tall
                            ? "Tall: after the low ones, so that it does not stand in the way."
                            : group.Key.Tool switch
                            {
                                SolderTool.TwoIrons => "With two irons, while they are hot.",
                                SolderTool.HotAir => "With hot air, after the irons.",
                                _ => "With iron and wick.",
                            }
                    )
                );
            }
        }

        return turns;
    }

    /// <summary>Nearest neighbour, then every crossing taken out (2-opt). Unmarked parts come last, by designator.</summary>
    static IEnumerable<FittingPlace> Shortest(List<FittingPlace> parts, Point from)
    {
        static double Far(Point a, Point b) => double.Hypot(a.X - b.X, a.Y - b.Y);
        var left = parts.Where(p => p.Place is not null).ToList();
        var way = new List<FittingPlace>();
        var at = from;
        while (left.Count > 0)
        {
            var next = left.MinBy(p => Far(at, p.Place!.Value))!;
            left.Remove(next);
            way.Add(next);
            at = next.Place!.Value;
        }

        for (var better = way.Count is > 3 and < 400; better; )
        {
            better = false;
            for (var i = 0; i < way.Count - 2; i++)
            {
                for (var j = i + 1; j < way.Count - 1; j++)
                {
                    var (a, b, c, d) = (way[i].Place!.Value, way[i + 1].Place!.Value, way[j].Place!.Value, way[j + 1].Place!.Value);
                    if (Far(a, c) + Far(b, d) < Far(a, b) + Far(c, d) - 1e-9)
                    {
                        way.Reverse(i + 1, j - i);
                        better = true;
                    }
                }
            }
        }

        return way.Concat(parts.Where(p => p.Place is null));
    }
}

/// <param name="Steps">In order.</param>
/// <param name="Minutes">Likely.</param>
public sealed record PadRepairPlan(IReadOnlyList<string> Steps, int Minutes, string Needs, Verdict Verdict);

/// <summary>What is done about a pad that is not sound.</summary>
public static class PadRepair
{
    /// <param name="traceWhole">Whether its trace was found whole; null where nobody has measured it, and then that comes first.</param>
    /// <param name="trace">The trace that the pad fed, when it is known; its wire is chosen from it.</param>
    public static PadRepairPlan Of(string designator, PadState pads, bool? traceWhole = null, TraceFacts? trace = null)
    {
        var question = $"What about the pad under {designator}?";
        var wire = Jumper.Choose(designator, trace ?? new TraceFacts { LengthMillimetres = 15, WidthMillimetres = 0.5 }).Chosen;
        string[] glued =
        [
            "Let it cool: a hot pad tears.",
            "Lay it flat again and glue it with epoxy for pads; clamp it under tape until it is hard.",
            "Tin it briefly, fit the part, and measure to the next pin.",
        ];
        string[] wired =
        [
            "Cut the loose pad off at its edge.",
            $"AWG {wire?.Awg ?? 30} wire from the part's leg to the next pin or via on that net.",
            "Glue the part down before it is soldered, so that the wire carries no weight.",
            "Ohms end to end, then mask over the wire.",
        ];
        var loose = new Reason("A part on a lifted pad works loose with the first warm-up.");
        return (pads, traceWhole) switch
        {
            (PadState.Sound, _) => new([], 0, "", Verdict.Of(question, Outcome.Yes, "It is sound: clean it and fit.", Basis.Rule)),
            (PadState.Corroded, _) => new(
                ["Scrape to bright copper, no further.", "pH paper, then alcohol.", "Tin it with flux; it must wet all over."],
                12,
                "Glass-fibre pen, flux, pH paper",
                Verdict
                    .Of(question, Outcome.YesIf, "Scrape it bright and tin it: if solder wets it all over, it holds.", Basis.Rule)
                    .Changing("Solder that rolls off it.")
                    .With(CautionId.LeadAndFlux)
            ),
            (_, true) => new(
                glued,
                30,
                "Epoxy for pads, tape, tweezers",
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        "Lifted, but its trace is whole: glue it down again before the new part goes on.",
                        Basis.Measured,
                        loose
                    )
                    .With(CautionId.LeadAndFlux)
            ),
            (_, false) => new(
                wired,
                45,
                $"AWG {wire?.Awg ?? 30} wire, glue, mask, multimeter",
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Lifted and torn off: a wire of AWG {wire?.Awg ?? 30} to the next pin takes its place.",
                        Basis.Measured,
                        loose
                    )
                    .With(CautionId.LeadAndFlux)
            ),
            _ => new(
                [
                    "Ohms from the pad to the next pin or via on its net, before anything is glued.",
                    $"It reads whole: {Words.Lower(glued[0])} {glued[1]} {glued[2]}",
                    $"It is open: {Words.Lower(wired[0])} {wired[1]} {wired[2]} {wired[3]}",
                ],
                45,
                $"Multimeter; epoxy for pads or AWG {wire?.Awg ?? 30} wire",
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "Lifted: measure first whether its trace is whole. Whole, it is glued down again; torn, a wire takes its place.",
                        Basis.Rule,
                        loose
                    )
                    .Changing("Ohms from the pad to the next pin on its net.")
                    .With(CautionId.LeadAndFlux)
            ),
        };
    }
}
