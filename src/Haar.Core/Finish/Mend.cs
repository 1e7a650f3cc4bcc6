using Haar.Core.Cleaning;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>What is mended, where a rule says how.</summary>
public enum MendKind
{
    /// <summary>A button or key of a case that does not come back.</summary>
    Button = 0,
    Feet,
    Foam,
    Sticker,

    /// <summary>Specks, lines and blooms of a flat panel.</summary>
    PanelFault,
}

/// <summary>How a speck moves against the picture when the head does: that says on which layer it lies.</summary>
public enum PanelLayer
{
    NotKnown = 0,

    /// <summary>It wipes off.</summary>
    OnTheFace,

    /// <summary>It moves against the pixels: between film and glass.</summary>
    UnderTheFilm,

    /// <summary>It stays with the pixels, and is lit from behind.</summary>
    InTheCell,

    /// <summary>It moves behind the pixels, large and soft: in the light's sheets.</summary>
    Behind,
}

/// <summary>One thing to be mended; what its kind does not ask is left.</summary>
public sealed record MendFacts
{
    public MendKind Kind { get; init; }

    /// <summary>Of a button: what has been ruled out, in any order.</summary>
    public IReadOnlyList<ButtonCause> RuledOut { get; init; } = [];

    /// <summary>Of feet: how far the case is to stand off the table, mm; of foam: the gap that it fills.</summary>
    public double? GapMillimetres { get; init; }

    /// <summary>Of feet: across, mm.</summary>
    public double? DiameterMillimetres { get; init; }

    /// <summary>Of the machine, kg; four feet share it.</summary>
    public double? Kilograms { get; init; }

    /// <summary>Of foam: share that it is pressed together by; null takes 30 %.</summary>
    public double? CompressionShare { get; init; }

    /// <summary>Of foam: it carries a weight or a board. Not known counts as yes.</summary>
    public ThreeState Bears { get; init; }

    /// <summary>Of a sticker: it belongs to the machine's history. Not known counts as yes.</summary>
    public ThreeState History { get; init; }
    public PanelLayer Layer { get; init; }
}

/// <summary>Why a button does not come back, in the order in which it is looked for.</summary>
public enum ButtonCause
{
    Dirt = 0,
    Glue,
    Bent,
    Worn,
}

/// <param name="Steps">In order; empty where it is left as it is.</param>
public sealed record MendResult(IReadOnlyList<string> Steps, Verdict Verdict);

/// <summary>Small mends: buttons freed, feet and foam by size, stickers kept or taken off, faults of a panel by their layer.</summary>
public static class Mend
{
    /// <summary>Foam is pressed together by this where nobody said: enough to seal, not enough to bend a board. A house figure.</summary>
    public const double UsualCompression = 0.3;

    /// <summary>Pressure that a rubber foot of 60 Shore A bears for years without flowing, kPa. Data sheets of equipment feet.</summary>
    public const double MostFootKilopascals = 150;

    static readonly (ButtonCause Cause, string Words, string Why)[] Causes =
    [
        (
            ButtonCause.Dirt,
            "Press it under a swab with alcohol, twenty times, and look whether it comes back by itself",
            "Sticky film is the usual cause, and the one that comes off."
        ),
        (
            ButtonCause.Glue,
            "Take it out, and look for glue or melted label on its flanks: label remover, then soap",
            "Glue of a sticker creeps into the gap."
        ),
        (
            ButtonCause.Bent,
            "Lay it on glass beside one that works: a tongue that is bent is warmed and trued, a burr is cut away",
            "Plastic springs set in the sun."
        ),
        (
            ButtonCause.Worn,
            "Its spring or tongue is worn: from a donor, or a leaf of spring bronze behind it",
            "What has lost its spring does not get it back."
        ),
    ];

    /// <exception cref="InvalidInputException">A figure that cannot be.</exception>
    public static MendResult Of(MendFacts f)
    {
        InvalidInputException.Finite("gapMillimetres", f.GapMillimetres, 0.1, 200, "mm");
        InvalidInputException.Finite("diameterMillimetres", f.DiameterMillimetres, 2, 200, "mm");
        InvalidInputException.Finite("kilograms", f.Kilograms, 0.05, 500, "kg");
        InvalidInputException.Finite("compressionShare", f.CompressionShare, 0.02, 0.8, "");
        const string question = "How is it mended?";
        MendResult Say(Outcome o, string sentence, Basis b, IReadOnlyList<string> steps, string change, params IEnumerable<Reason> why) =>
            new(steps, Verdict.Of(question, o, sentence, b, why).Changing(change));
        switch (f.Kind)
        {
            case MendKind.Button:
                var left = Causes.Where(c => !f.RuledOut.Contains(c.Cause)).ToList();
                return left.Count == 0
                    ? Say(Outcome.No, "Everything is ruled out: the button is exchanged.", Basis.Rule, [], "A donor.")
                    : Say(
                        Outcome.Yes,
                        $"{left[0].Words}.",
                        Basis.Rule,
                        [.. left.Select(c => $"{c.Words}.")],
                        "That it comes back.",
                        new Reason(left[0].Why, Source: "practice: dirt, glue, bent, worn, in that order")
                    );
            case MendKind.Feet:
                if (f.GapMillimetres is not { } high || f.DiameterMillimetres is not { } across)
                {
                    return Say(
                        Outcome.Unknown,
                        "How high the old ones stood, and how far across, have to be measured.",
                        Basis.Rule,
                        [],
                        "A rule, and the print that they left."
                    );
                }
                var area = Math.PI * across * across / 4;
                var pressure = f.Kilograms is { } kg ? kg * 9.81 / 4 / (area * 1e-6) / 1000 : (double?)null;
                return Say(
                    pressure is null ? Outcome.YesIf
                        : pressure <= MostFootKilopascals ? Outcome.Yes
                        : Outcome.No,
                    pressure > MostFootKilopascals
                        ? $"Too small: {Si.Plain(Math.Round(pressure.Value))} kPa on each, and rubber flows above {Si.Plain(MostFootKilopascals)}."
                        : $"Rubber of about 60 Shore A, {Si.Plain(across)} mm across and {Si.Plain(high)} mm high{(pressure is null ? ", if the machine is no heavier than such feet are for" : "")}.",
                    pressure is null ? Basis.Guess : Basis.Rule,
                    [
                        "Old glue off, degreased, dry.",
                        "All four of one kind: a felt or furniture pad is too soft and leaves plasticiser on the table.",
                        "Pressed on for a minute, a day before it stands on them.",
                    ],
                    "The machine's weight.",
                    new Reason(
                        pressure is { } p ? $"{Si.Plain(Math.Round(p))} kPa on each of four." : "What it weighs nobody said.",
                        pressure is { } q ? new("Pressure", Math.Round(q, 1), "kPa", null, MostFootKilopascals) : null,
                        "data sheets of equipment feet"
                    )
                );
            case MendKind.Foam:
                if (f.GapMillimetres is not { } gap)
                {
                    return Say(
                        Outcome.Unknown,
                        "How wide the gap is has to be measured: the crumbs do not say it.",
                        Basis.Rule,
                        [],
                        "A lump of putty pressed in it, and measured."
                    );
                }
                var share = f.CompressionShare ?? UsualCompression;
                var thick = gap / (1 - share);
                var dense = f.Bears != ThreeState.No;
                return Say(
                    f.Bears == ThreeState.NotKnown ? Outcome.YesIf : Outcome.Yes,
                    $"Closed-cell polyethylene or EPDM foam, {Si.Plain(Math.Round(thick, 1))} mm, about {(dense ? "60 to 100" : "25 to 35")} kg/m³{(f.Bears == ThreeState.NotKnown ? ", if it carries something" : "")}.",
                    Basis.Rule,
                    [
                        "Crumbs off with a damp cloth and alcohol: dry, they get into fans and switches.",
                        "Cut with a fresh blade, a millimetre over the gap's length.",
                        "No polyurethane: it crumbles in twenty years, as the old one did.",
                    ],
                    "The gap, measured, and what it presses on.",
                    new Reason(
                        $"{Si.Plain(gap)} mm, pressed together by {Si.Plain(share * 100)} %.",
                        new("Thickness", Math.Round(thick, 2), "mm"),
                        f.CompressionShare is null ? "a house figure" : "as given"
                    )
                );
            case MendKind.Sticker:
                return f.History != ThreeState.No
                    ? Say(
                        f.History == ThreeState.Yes ? Outcome.No : Outcome.Unknown,
                        f.History == ThreeState.Yes
                            ? "It stays: it belongs to the machine's history."
                            : "First ask whose it was: an owner's name or a service mark stays.",
                        Basis.Rule,
                        [
                            "Photograph it, flat and in daylight.",
                            "Cover it while the rest is cleaned.",
                            "A lifted edge goes down with a trace of starch paste.",
                        ],
                        "That it is a price label or the like."
                    )
                    : new(
                        [
                            "Photograph it.",
                            "Warm it with a hair drier to about 50 °C, and peel it flat and slowly.",
                            "Label remover on what is left, then soap: on a hidden place first.",
                        ],
                        Verdict
                            .Of(
                                question,
                                Outcome.YesIf,
                                "Warm, peel, then label remover, if a hidden place bears it.",
                                Basis.Rule,
                                new Reason("Pulled cold it tears, and takes print with it.", Source: "practice")
                            )
                            .Changing("What the case is made of.")
                            .With(CautionId.SolventAndFlame)
                    );
            default:
                return f.Layer switch
                {
                    PanelLayer.OnTheFace => Say(
                        Outcome.Yes,
                        "It wipes off: distilled water first, no alcohol on a film.",
                        Basis.Rule,
                        ["Panel off and cold.", "Lint-free cloth, barely damp, from the middle outwards."],
                        "Raking light."
                    ),
                    PanelLayer.UnderTheFilm => Say(
                        Outcome.No,
                        "It lies under the polariser's film: leave it, or the film is exchanged whole.",
                        Basis.Rule,
                        [
                            "Mark it on a photo, with the date.",
                            "Look again in three months: a fault that grows is damp, and the store is too damp.",
                        ],
                        "That it grows."
                    ),
                    PanelLayer.InTheCell => Say(
                        Outcome.No,
                        "It is in the cell itself, and stays.",
                        Basis.Rule,
                        ["Mark it on a photo, with the date."],
                        "Another panel."
                    ),
                    PanelLayer.Behind => Say(
                        Outcome.YesIf,
                        "It lies in the sheets behind, if the panel comes apart without a fold: dust is blown off, mould wiped with alcohol.",
                        Basis.Rule,
                        [
                            "The lamp's inverter is a danger: unplugged, and discharged.",
                            "Sheets off in order, each marked at one corner.",
                            "Mould inside says that the store was damp: below 60 %.",
                        ],
                        "What the speck is."
                    )
                        is var behind
                        ? behind with
                        {
                            Verdict = behind.Verdict.With(CautionId.RodentsAndMould),
                        }
                        : null!,
                    _ => Say(
                        Outcome.Unknown,
                        "Move your head: a speck that stays with the pixels is in the cell, one that moves is before or behind it.",
                        Basis.Rule,
                        [],
                        "On which layer it lies."
                    ),
                };
        }
    }
}
