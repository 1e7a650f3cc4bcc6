using System.Text.Json.Serialization;
using Haar.Core.Costs;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Thermal;

public enum GapFiller
{
    Paste = 0,
    Putty,
    Pad,
}

/// <summary>A hot part and what sits on it.</summary>
public sealed record HotPartFacts
{
    /// <summary>That it turns to heat; null when nobody knows, as of most chips at a bench.</summary>
    public double? Watts { get; init; }

    /// <summary>Of the face that touches, mm²; null when it was not measured.</summary>
    public double? SquareMillimetres { get; init; }

    /// <summary>Between part and sink with the sink screwed down, millimetres: low, likely, high. Null when not known.</summary>
    public Estimate? GapMillimetres { get; init; }

    /// <summary>Thickness of the pad that came out, as it lay, measured; its dent where it was pressed. Null when it was none.</summary>
    public double? OldPadMillimetres { get; init; }

    /// <summary>Silicon without a lid.</summary>
    public bool BareDie { get; init; }
}

/// <summary>Numbers of the house.</summary>
public sealed record ThermalDefaults
{
    /// <summary>W/(m·K). Usual data sheets: paste 3 to 8, putty 2 to 6, pad 1.5 to 6.</summary>
    public double PasteConductivity { get; init; } = 4;
    public double PuttyConductivity { get; init; } = 3;
    public double PadConductivity { get; init; } = 3;

    /// <summary>Thickest film that paste bridges without pumping out, mm.</summary>
    public double PasteMostMillimetres { get; init; } = 0.1;
    public double PuttyMostMillimetres { get; init; } = 1.5;

    /// <summary>Share by which a pad is pressed together.</summary>
    public double PadLeastCompression { get; init; } = 0.10;
    public double PadMostCompression { get; init; } = 0.35;

    /// <summary>Above this drop a choice is refused, K.</summary>
    public double MostDropKelvin { get; init; } = 20;
}

/// <param name="Millimetres">Thickness to buy (pad) or film that it makes (paste, putty).</param>
/// <param name="DropKelvin">P·t/(k·A).</param>
/// <param name="Amount">How much of it.</param>
public sealed record GapOption(GapFiller Filler, string Name, double? Millimetres, double? DropKelvin, string Amount, Verdict Verdict);

/// <param name="GapMillimetres">As used.</param>
public sealed record GapResult(
    Estimate? GapMillimetres,
    IReadOnlyList<GapOption> Options,
    Verdict Verdict,
    [property: JsonPropertyName("house")] ThermalDefaults Defaults
);

/// <summary>Paste or pad? By the gap: a pad's thickness cannot be bridged with paste.</summary>
public static class Gap
{
    /// <summary>Pads as they are sold, mm.</summary>
    public static readonly IReadOnlyList<double> PadSizes = [0.5, 0.75, 1.0, 1.25, 1.5, 1.75, 2.0, 2.5, 3.0];

    /// <summary>What a pad has been pressed to after years stays so: its dent is the gap, to a tenth. A house figure.</summary>
    public const double OldPadScatter = 0.1;

    /// <summary>Kelvin across a layer: P·t/(k·A).</summary>
    public static double DropKelvin(double watts, double millimetres, double conductivity, double squareMillimetres) =>
        watts * millimetres * 1e-3 / (conductivity * squareMillimetres * 1e-6);

    /// <summary>The same for a part; null where its heat or its face is not known.</summary>
    static double? Drop(HotPartFacts p, double millimetres, double conductivity) =>
        p is { Watts: { } watts, SquareMillimetres: { } face } ? DropKelvin(watts, millimetres, conductivity, face) : null;

    static double? Rounded(double? v, int digits) => v is { } x ? Math.Round(x, digits) : null;

    static Figure? Across(double? drop, ThermalDefaults h) =>
        drop is { } d ? new("Across it", Math.Round(d, 1), "K", null, h.MostDropKelvin) : null;

    /// <summary>What it costs, where that can be worked out.</summary>
    static string Costs(double? drop, HotPartFacts p) =>
        drop is { } d
            ? $"it costs {Si.Plain(Math.Round(d, 1))} K at {Si.Plain(p.Watts!.Value)} W"
            : "what it costs needs its watts and its face";

    /// <exception cref="InvalidInputException">A figure that no part has.</exception>
    public static GapResult Choose(string name, HotPartFacts p, ThermalDefaults? house = null)
    {
        house ??= new();
        Check(p, house);
        var question = $"Paste or pad on {name}?";
        var cautions = p.BareDie ? new[] { CautionId.BareDie } : [];
        var gap =
            p.GapMillimetres
            ?? (p.OldPadMillimetres is { } old ? new Estimate(old * (1 - OldPadScatter), old, old * (1 + OldPadScatter)) : null);
        if (gap is null)
        {
            return new(
                null,
                [],
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "Cannot say yet: the gap is not known. Measure the pad that came out, or press a pellet of modelling clay under the sink and measure that.",
                        Basis.Guess,
                        new Reason("Paste bridges a tenth of a millimetre; a pad's thickness it cannot.", Source: "data sheets of pastes")
                    )
                    .Changing("The thickness of what came out, in its dent.", "The gap with the sink screwed down.")
                    .With(cautions),
                house
            );
        }

        var options = new List<GapOption> { Paste(p, gap, house), Putty(p, gap, house), Pad(p, gap, house) };
        options =
        [
            .. options
                .Select(o => o with { Verdict = o.Verdict.With(cautions) })
                .OrderBy(o =>
                    o.Verdict.Outcome switch
                    {
                        Outcome.Yes => 0,
                        Outcome.YesIf => 1,
                        _ => 2,
                    }
                )
                .ThenBy(o => o.DropKelvin ?? 1e9),
        ];
        var best = options[0];
        var why = new Reason(
            p.GapMillimetres is null
                ? $"What came out was {Si.Plain(p.OldPadMillimetres!.Value)} mm thick in its dent: that is the gap."
                : $"The gap is {Si.Plain(gap.Low)} to {Si.Plain(gap.High)} mm.",
            new("Gap", Math.Round(gap.Likely, 3), "mm"),
            p.GapMillimetres is null ? "measured on the old pad" : "as given"
        );
        var rest = options.Skip(1).Select(o => new Reason(o.Verdict.Sentence)).ToList();
        var verdict =
            best.Verdict.Outcome == Outcome.No
                ? Verdict
                    .Of(question, Outcome.No, $"None of them: {Verdicts.Words.Lower(best.Verdict.Sentence)}", Basis.Rule, [why, .. rest])
                    .Changing("A copper shim with paste on both sides.", "A sink that sits closer.")
                : best.Verdict with
                {
                    Question = question,
                    Reasons = [why, .. best.Verdict.Reasons, .. rest],
                };
        return new(gap, options, verdict.With(best.Verdict.Outcome == Outcome.No ? cautions : []), house);
    }

    static GapOption Paste(HotPartFacts p, Estimate gap, ThermalDefaults h)
    {
        var film = Math.Max(0.03, gap.Likely);
        var drop = Drop(p, film, h.PasteConductivity);
        var where = p.BareDie ? "spread thin over the whole die, edge to edge" : "one dot in the middle";
        var amount = where;
        if (p.SquareMillimetres is { } face)
        {
            var ml = face * film * 1.5 / 1000;
            // A ball of that volume: what a hand can judge.
            var ball = Math.Cbrt(6 * ml * 1000 / Math.PI);
            amount = $"{Si.Plain(Math.Round(ml, 3))} ml, a ball {Si.Plain(Math.Round(ball, 1))} mm across; {where}";
        }
        var figure = Across(drop, h);
        return gap.High > h.PasteMostMillimetres
            ? new(
                GapFiller.Paste,
                "Paste",
                null,
                null,
                "",
                Verdict.Of(
                    "Paste?",
                    Outcome.No,
                    $"No paste: it bridges {Si.Plain(h.PasteMostMillimetres)} mm, and the gap is up to {Si.Plain(Math.Round(gap.High, 2))} mm.",
                    Basis.Rule,
                    new Reason(
                        "A thick bed of paste runs out with the heat and leaves air.",
                        new("Gap", Math.Round(gap.High, 3), "mm", null, h.PasteMostMillimetres),
                        "data sheets of pastes"
                    )
                )
            )
            : new(
                GapFiller.Paste,
                "Paste",
                Math.Round(film, 3),
                Rounded(drop, 2),
                amount,
                Verdict.Of(
                    "Paste?",
                    Outcome.Yes,
                    $"Paste, a film of {Si.Plain(Math.Round(film, 2))} mm: {Costs(drop, p)}.",
                    Basis.Rule,
                    new Reason("Metal nearly touches metal, and paste only fills the scratches.", figure, "ΔT = P·t/(k·A)")
                )
            );
    }

    static GapOption Putty(HotPartFacts p, Estimate gap, ThermalDefaults h)
    {
        var drop = Drop(p, gap.Likely, h.PuttyConductivity);
        var amount = p.SquareMillimetres is { } face ? $"{Si.Plain(Math.Round(face * gap.Likely * 1.3 / 1000, 2))} ml" : "";
        var figure = Across(drop, h);
        return gap.High > h.PuttyMostMillimetres
                ? new(
                    GapFiller.Putty,
                    "Putty",
                    null,
                    null,
                    "",
                    Verdict.Of(
                        "Putty?",
                        Outcome.No,
                        $"No putty: above {Si.Plain(h.PuttyMostMillimetres)} mm it slumps.",
                        Basis.Rule,
                        new Reason("Nothing holds it in the gap.", new("Gap", Math.Round(gap.High, 2), "mm", null, h.PuttyMostMillimetres))
                    )
                )
            : drop > h.MostDropKelvin
                ? new(
                    GapFiller.Putty,
                    "Putty",
                    gap.Likely,
                    Rounded(drop, 2),
                    amount,
                    Verdict.Of(
                        "Putty?",
                        Outcome.No,
                        $"No putty: {Si.Plain(Math.Round(drop.Value))} K across it at {Si.Plain(p.Watts!.Value)} W is too much.",
                        Basis.Rule,
                        new Reason("Thickness costs kelvins.", figure, "ΔT = P·t/(k·A)")
                    )
                )
            : new(
                GapFiller.Putty,
                "Putty",
                Math.Round(gap.Likely, 2),
                Rounded(drop, 2),
                amount,
                Verdict.Of(
                    "Putty?",
                    Outcome.YesIf,
                    $"Putty does if the sink is never moved again: across {Si.Plain(Math.Round(gap.Likely, 2))} mm {Costs(drop, p)}.",
                    Basis.Rule,
                    new Reason("It follows any gap, and does not come back when the sink is lifted.", figure, "ΔT = P·t/(k·A)")
                )
            );
    }

    static GapOption Pad(HotPartFacts p, Estimate gap, ThermalDefaults h)
    {
        // A pad must still be pressed where the gap is widest and not crushed where it is narrowest.
        var fits = PadSizes
            .Where(s => s * (1 - h.PadLeastCompression) >= gap.High - 1e-9 && s * (1 - h.PadMostCompression) <= gap.Low + 1e-9)
            .ToList();
        if (fits.Count == 0)
        {
            var thin = gap.High < PadSizes[0] * (1 - h.PadMostCompression);
            return new(
                GapFiller.Pad,
                "Pad",
                null,
                null,
                "",
                Verdict.Of(
                    "Pad?",
                    Outcome.No,
                    thin
                        ? $"No pad: the thinnest is {Si.Plain(PadSizes[0])} mm, and it cannot be pressed into {Si.Plain(Math.Round(gap.High, 2))} mm{(p.BareDie ? " without cracking the die" : "")}."
                        : $"No pad on the shelf is pressed by {Si.Plain(h.PadLeastCompression * 100)} to {Si.Plain(h.PadMostCompression * 100)} % in a gap of {Si.Plain(Math.Round(gap.Low, 2))} to {Si.Plain(Math.Round(gap.High, 2))} mm.",
                    Basis.Rule,
                    new Reason(
                        "A pad not pressed does not touch; one crushed lifts the sink off its other parts.",
                        new("Gap", Math.Round(gap.Likely, 2), "mm")
                    )
                )
            );
        }

        var size = fits[0];
        var drop = Drop(p, gap.Likely, h.PadConductivity);
        var press = (1 - gap.Likely / size) * 100;
        var figure = Across(drop, h);
        var amount = p.SquareMillimetres is { } face
            ? $"{Si.Plain(Math.Round(face / 100, 1))} cm² of {Si.Plain(size)} mm pad"
            : $"{Si.Plain(size)} mm pad, cut to its face";
        return drop > h.MostDropKelvin
            ? new(
                GapFiller.Pad,
                $"Pad, {Si.Plain(size)} mm",
                size,
                Rounded(drop, 2),
                amount,
                Verdict.Of(
                    "Pad?",
                    Outcome.No,
                    $"No pad: {Si.Plain(Math.Round(drop.Value))} K across it at {Si.Plain(p.Watts!.Value)} W is too much.",
                    Basis.Rule,
                    new Reason("Thickness costs kelvins.", figure, "ΔT = P·t/(k·A)")
                )
            )
            : new(
                GapFiller.Pad,
                $"Pad, {Si.Plain(size)} mm",
                size,
                Rounded(drop, 2),
                amount,
                drop is null
                    ? Verdict
                        .Of(
                            "Pad?",
                            Outcome.YesIf,
                            $"A {Si.Plain(size)} mm pad, pressed by {Si.Plain(Math.Round(press))} %, if it turns little to heat: a pad costs kelvins by its watts and its face.",
                            Basis.Rule,
                            new Reason($"{Si.Plain(size)} mm pressed to {Si.Plain(Math.Round(gap.Likely, 2))} mm.")
                        )
                        .Changing("Its watts and its face, or what came out: a pad where a pad was is as its makers had it.")
                    : Verdict.Of(
                        "Pad?",
                        Outcome.Yes,
                        $"A {Si.Plain(size)} mm pad: pressed by {Si.Plain(Math.Round(press))} %, {Costs(drop, p)}.",
                        Basis.Rule,
                        new Reason($"{Si.Plain(size)} mm pressed to {Si.Plain(Math.Round(gap.Likely, 2))} mm.", figure, "ΔT = P·t/(k·A)")
                    )
            );
    }

    static void Check(HotPartFacts p, ThermalDefaults h)
    {
        InvalidInputException.Finite("watts", p.Watts, 0.01, 500, "W");
        InvalidInputException.Finite("squareMillimetres", p.SquareMillimetres, 1, 50_000, "mm²");
        if (p.GapMillimetres is { } g)
        {
            Estimate.Check("gapMillimetres", g, 20, "mm");
        }
        InvalidInputException.Finite("oldPadMillimetres", p.OldPadMillimetres, 0.05, 20, "mm");
        InvalidInputException.Finite("house.pasteConductivity", h.PasteConductivity, 0.2, 100, "W/(m·K)");
        InvalidInputException.Finite("house.puttyConductivity", h.PuttyConductivity, 0.2, 100, "W/(m·K)");
        InvalidInputException.Finite("house.padConductivity", h.PadConductivity, 0.2, 100, "W/(m·K)");
        InvalidInputException.Finite("house.pasteMostMillimetres", h.PasteMostMillimetres, 0.01, 1, "mm");
        InvalidInputException.Finite("house.puttyMostMillimetres", h.PuttyMostMillimetres, 0.1, 10, "mm");
        InvalidInputException.Finite("house.mostDropKelvin", h.MostDropKelvin, 1, 100, "K");
        InvalidInputException.Finite("house.padLeastCompression", h.PadLeastCompression, 0, 0.5, "");
        InvalidInputException.Finite("house.padMostCompression", h.PadMostCompression, h.PadLeastCompression, 0.8, "");
    }
}
