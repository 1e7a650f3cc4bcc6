using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>What lies on the steel.</summary>
public enum Coating
{
    NotKnown = 0,

    /// <summary>Blank, or rusted through.</summary>
    Bare,
    Zinc,

    /// <summary>Zinc with a yellow, iridescent film: hexavalent chromate.</summary>
    YellowPassivated,

    /// <summary>Dull silver or golden on old fasteners and chassis of apparatus.</summary>
    Cadmium,
    Paint,

    /// <summary>Of before 1980, or nobody knows: lead and chromate pigments.</summary>
    OldPaint,
}

/// <summary>What can be got at.</summary>
public enum ToolReach
{
    Open = 0,

    /// <summary>Folds, seams, inside of tubes.</summary>
    Folds,

    /// <summary>Threads, rails and earth points: they fit and conduct, and stay so.</summary>
    Working,
}

/// <param name="Grade">Ri 0 to 5 of ISO 4628-3.</param>
/// <param name="Steps">In order.</param>
public sealed record RustResult(int Grade, IReadOnlyList<string> Steps, Verdict Verdict);

/// <summary>Rust on sheet steel: how far it has gone, and by what it comes off.</summary>
public static class Rust
{
    /// <summary>Most rusted share, percent, of grades Ri 0 to Ri 4: ISO 4628-3:2016, table 1. Above the last it is Ri 5.</summary>
    static readonly double[] Most = [0, 0.05, 0.5, 1, 8];

    /// <summary>Most resistance of a protective bonding conductor, Ω: IEC 62368-1, 5.6.6.</summary>
    public const double MostEarthOhms = 0.1;

    /// <summary>Bare steel rusts again within this, at a bench that is not bone dry. Practice of painters; hours.</summary>
    public const double FlashRustHours = 4;

    /// <summary>The grade whose limit the share does not exceed.</summary>
    /// <param name="percent">Of the area.</param>
    public static int Grade(double percent)
    {
        InvalidInputException.Finite("rustedPercent", percent, 0, 100, "%");
        var i = Array.FindIndex(Most, m => percent <= m + 1e-12);
        return i < 0 ? 5 : i;
    }

    /// <param name="residue">Of a leak, not yet neutralised; null when nobody looked, and then it is asked first.</param>
    /// <exception cref="InvalidInputException">A share that cannot be.</exception>
    public static RustResult Plan(double rustedPercent, Coating coating, ToolReach reach = ToolReach.Open, bool? residue = null)
    {
        var grade = Grade(rustedPercent);
        const string question = "How does the rust come off?";
        var why = new Reason($"{Si.Plain(rustedPercent)} % of it is rusted: Ri {grade}.", new("Rusted", rustedPercent, "%"), "ISO 4628-3");
        if (grade == 0)
        {
            return new(
                grade,
                [],
                Verdict
                    .Of(question, Outcome.No, "There is no rust to take off.", Basis.Measured, why)
                    .Changing("A look in folds and under feet.")
            );
        }
        if (residue is not false)
        {
            return new(
                grade,
                [residue == true ? "Neutralise what leaked, rinse and dry." : "Lay wet pH paper on it: 6 to 8 is clean."],
                Verdict
                    .Of(
                        question,
                        residue == true ? Outcome.No : Outcome.Unknown,
                        residue == true
                            ? "Neutralise what leaked first: rust comes back through it."
                            : "First, whether a leak's residue lies on it.",
                        Basis.Rule,
                        why
                    )
                    .Changing("Wet pH paper that reads 6 to 8.")
            );
        }
        List<string> steps = [];
        if (reach == ToolReach.Working)
        {
            steps.Add("Mask threads, rails and earth points before any coat: they stay bare, with a film of oil.");
        }
        if (coating is Coating.YellowPassivated or Coating.Cadmium)
        {
            steps.Add(
                "Wipe it with a cloth and mild soap; do not sand, brush or dip it. Mask and gloves; the cloth goes with hazardous waste."
            );
            return new(
                grade,
                steps,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        coating == Coating.Cadmium
                            ? "It stays as it is: cadmium is not sanded, brushed or dipped."
                            : "It stays as it is: yellow passivation holds chromate and is not sanded or brushed.",
                        Basis.Rule,
                        why,
                        new Reason(
                            "Dust of cadmium and of hexavalent chromate causes cancer.",
                            Source: "Regulation (EC) No 1272/2008, annex VI"
                        )
                    )
                    .Changing("A replacement, or somebody equipped for it.")
                    .Final()
            );
        }
        var wet = coating is Coating.OldPaint or Coating.NotKnown;
        if (wet)
        {
            steps.Add(
                "Nothing dry: its paint may hold lead or chromate. Wet abrasive or a chemical remover, mask, wipe up, no vacuum without a fine filter."
            );
        }
        steps.Add(
            (grade, reach) switch
            {
                (_, ToolReach.Folds) =>
                    "Chelating remover as a bath or soaked in cloth: it reaches into folds, and nothing is ground away.",
                (<= 2, _) => "Abrasive fleece with oil or water, by hand.",
                (<= 4, _) => "Chelating remover for some hours, then fleece.",
                _ => "Chelating remover overnight, then look whether it is eaten through: a thin place is patched, not ground.",
            }
        );
        steps.Add($"Rinse, dry warm, and coat within {Si.Plain(FlashRustHours)} h: bare steel rusts again.");
        steps.Add($"Measure the earth points afterwards: at most {Si.Plain(MostEarthOhms)} Ω to the inlet's earth pin.");
        return new(
            grade,
            steps,
            Verdict
                .Of(
                    question,
                    wet ? Outcome.YesIf : Outcome.Yes,
                    wet
                        ? $"Ri {grade}: wet, with a mask, by {(reach == ToolReach.Folds || grade > 2 ? "remover" : "fleece")}{(coating == Coating.NotKnown ? ", unless it has a yellow sheen: yellow passivation holds chromate, and stays as it is" : "")}."
                        : $"Ri {grade}: by {(reach == ToolReach.Folds || grade > 2 ? "remover, then fleece" : "fleece, by hand")}.",
                    Basis.Rule,
                    why,
                    new Reason(
                        wet ? "What paint it is nobody knows, or it is old: it counts as holding lead." : "The mildest that reaches it.",
                        Source: wet ? "the careful assumption" : "practice"
                    )
                )
                .Changing("What the coating is, and how far the rust goes under it.")
                .With(CautionId.SolventAndFlame)
        );
    }
}
