using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <param name="Index">Null for black, which has none.</param>
public sealed record YellownessResult(double? Index, Verdict Verdict);

/// <summary>Yellowness index of ASTM E313 for D65 and the 2° observer.</summary>
public static class Yellowness
{
    /// <summary>ASTM E313, table 1, D65/2°.</summary>
    public const double Cx = 1.2985,
        Cz = 1.1335;

    /// <summary>YI = 100·(Cx·X − Cz·Z)/Y; null for black, which has no yellowness.</summary>
    public static double? Index(Xyz c) => c.Y <= 1e-9 ? null : 100 * (Cx * c.X - Cz * c.Z) / c.Y;

    /// <param name="patch">Of the surface.</param>
    /// <param name="unaged">Of a spot that light never reached: under a foot, behind a label; null when none was found.</param>
    public static YellownessResult Of(Lab patch, Lab? unaged = null)
    {
        Lab.Check("patch", patch);
        if (unaged is { } spot)
        {
            Lab.Check("unaged", spot);
        }
        const string question = "Has it yellowed?";
        if (Index(patch.ToXyz()) is not { } yi)
        {
            return new(
                null,
                Verdict.Of(
                    question,
                    Outcome.Unknown,
                    "Black has no yellowness.",
                    Basis.Rule,
                    new Reason("The index divides by its lightness.", Source: "ASTM E313")
                )
            );
        }
        var figure = new Reason(
            $"Its yellowness index is {Si.Plain(Math.Round(yi, 1))}.",
            new("YI", Math.Round(yi, 3), ""),
            "ASTM E313, D65/2°"
        );
        if (unaged is not { } was || Index(was.ToXyz()) is not { } began)
        {
            return new(
                yi,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"Yellowness {Si.Plain(Math.Round(yi, 1))}; what it was when new is not known.",
                        Basis.Measured,
                        figure
                    )
                    .Changing("A spot that light never reached: under a foot, behind a label, inside a lip.")
            );
        }
        var gained = yi - began;
        var against = new Reason(
            $"The spot that light never reached has {Si.Plain(Math.Round(began, 1))}.",
            new("YI unaged", Math.Round(began, 3), ""),
            "ASTM E313, D65/2°"
        );
        var apart = ColourDifference.DeltaE2000(was, patch);
        return new(
            yi,
            gained > 0 && apart >= ColourDifference.SeenFrom
                ? Verdict.Of(
                    question,
                    Outcome.Yes,
                    $"It has gained {Si.Plain(Math.Round(gained, 1))} in yellowness.",
                    Basis.Measured,
                    figure,
                    against
                )
                : Verdict.Of(question, Outcome.No, "It has not yellowed that anybody could see.", Basis.Measured, figure, against)
        );
    }
}
