using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

/// <param name="On">The day to look again.</param>
public sealed record ReinspectionResult(DateOnly On, double Months, Verdict Verdict);

/// <summary>When to look at a cleaned area again, and what a change by then would mean.</summary>
public static class Reinspection
{
    /// <summary>Months by stage when it was left at pH 6 to 8, and half of that when nobody measured. House figures: what stays under a chip shows within a damp season.</summary>
    static double Months(CorrosionStage stage) =>
        stage switch
        {
            CorrosionStage.Tarnish => 12,
            CorrosionStage.Bloom => 9,
            CorrosionStage.MaskLifted => 6,
            CorrosionStage.CopperEaten => 4,
            _ => 3,
        };

    public const double LongestMonths = 24,
        GrowthShare = 0.15;

    /// <param name="looks">Oldest first, at least one.</param>
    /// <param name="ph">Paper at the end of the cleaning; null when nobody measured.</param>
    /// <param name="from">The day of the last look or of the cleaning, whichever is later.</param>
    /// <exception cref="InvalidInputException">No look, a size that cannot be, or looks out of order.</exception>
    public static ReinspectionResult Of(IReadOnlyList<AreaInspection> looks, double? ph, DateOnly from)
    {
        if (looks.Count == 0)
        {
            throw new InvalidInputException("looks", "Nobody has looked at it yet.");
        }
        for (var i = 0; i < looks.Count; i++)
        {
            InvalidInputException.Finite($"looks[{i}].squareCentimetres", looks[i].SquareCentimetres, 0, 5000, "cm²");
            if (i > 0 && looks[i].At < looks[i - 1].At)
            {
                throw new InvalidInputException($"looks[{i}].at", "The looks come oldest first.");
            }
        }

        InvalidInputException.Finite("ph", ph, 0, 14, "");
        const string question = "When should it be looked at again?";
        var last = looks[^1];
        var before = looks.Count > 1 ? looks[^2] : null;
        var clean = ph is >= Neutralise.LeastPh and <= Neutralise.MostPh;
        var grown =
            before is not null
            && (last.Stage > before.Stage || last.SquareCentimetres > before.SquareCentimetres * (1 + GrowthShare) + 0.2);
        var months = Months(last.Stage) * (clean ? 1 : 0.5);
        if (grown)
        {
            months = Math.Min(months, 1);
        }
        else if (before is not null)
        {
            months = Math.Min(LongestMonths, months * 2);
        }
        var on = from.AddDays((int)Math.Round(months * 30.44));
        var reasons = new List<Reason>
        {
            new(
                $"Stage {(int)last.Stage}, {Markings.Si.Plain(Math.Round(last.SquareCentimetres, 1))} cm².",
                new("Area", Math.Round(last.SquareCentimetres, 2), "cm²")
            ),
            new(
                clean ? $"It was left at pH {Markings.Si.Plain(ph!.Value)}."
                    : ph is null ? "Nobody measured its pH at the end, so the time is halved."
                    : $"It was left at pH {Markings.Si.Plain(ph.Value)}, so the time is halved.",
                ph is { } p ? new("pH", p, "", Neutralise.LeastPh, Neutralise.MostPh) : null
            ),
        };
        if (before is not null)
        {
            reasons.Insert(
                0,
                new(
                    $"Stage {(int)before.Stage} and {Markings.Si.Plain(Math.Round(before.SquareCentimetres, 1))} cm² the time before.",
                    new("Before", Math.Round(before.SquareCentimetres, 2), "cm²")
                )
            );
        }

        var verdict = grown
            ? Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"It is still eating: from stage {(int)before!.Stage} and {Markings.Si.Plain(Math.Round(before.SquareCentimetres, 1))} cm² to stage {(int)last.Stage} and {Markings.Si.Plain(Math.Round(last.SquareCentimetres, 1))} cm². Clean it again, also under the chips, and look in a month.",
                    Basis.Measured,
                    reasons
                )
                .Changing("Residue lifted out from under the nearest socket.")
            : Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"Look at it by {on.ToString("d MMMM yyyy", System.Globalization.CultureInfo.InvariantCulture)}. {(before is null ? "If it has spread or gone a stage further by then, residue is still under it: clean it again." : "It has not moved since the last look.")}",
                    before is null ? Basis.Guess : Basis.Measured,
                    reasons
                )
                .Changing(clean ? [] : ["pH paper on it: 6 to 8 doubles the time."]);
        return new(on, months, verdict);
    }
}
