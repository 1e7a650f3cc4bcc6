using Haar.Core.Colour;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <param name="RemovedShare">Of what lay on the patch, 0 to 1; null where the two cannot be compared.</param>
/// <param name="Damage">The surface is rougher than before: scratches, bloom, lettering gone.</param>
/// <param name="Alike">How far the marked corners of the two look alike, −1 to 1.</param>
public sealed record PatchPairResult(double? RemovedShare, bool Damage, double? Alike, Verdict Verdict);

/// <summary>Two photos of one marked patch, laid over each other: what a pass took off, and what it did.</summary>
public static class PatchPair
{
    /// <summary>Cells a side that a patch is laid out in, its border and a margin of a quarter round it.</summary>
    public const int Side = 48;

    /// <summary>Share of the side, at each edge, that is margin: there the marks lie that say it is the same patch.</summary>
    public const double Margin = 0.2;

    /// <summary>Margins that are less alike than this are of two places. A house figure.</summary>
    public const double LeastAlike = 0.3;

    /// <summary>Spread of lightness that a margin needs before it can be told again, in L*. A house figure.</summary>
    public const double LeastStructure = 1.5;

    /// <summary>A patch less far from clean than this had nothing to take off. ΔE00, a house figure.</summary>
    public const double LeastSoil = 2;

    /// <summary>New roughness, in L* from cell to cell, that counts as damage. A house figure.</summary>
    public const double MostRougher = 1.2;

    /// <param name="before">Straightened on its corners, with its margin.</param>
    /// <param name="after">The same.</param>
    /// <param name="cardBefore">The card in the first photo; null when there is none.</param>
    /// <param name="cardAfter">And in the second.</param>
    public static PatchPairResult Compare(PixelGrid before, PixelGrid after, PatchSample? cardBefore, PatchSample? cardAfter)
    {
        const string question = "What came off?";
        PatchPairResult Not(Outcome o, string sentence, string why, string change, double? alike = null) =>
            new(null, false, alike, Verdict.Of(question, o, sentence, Basis.Measured, new Reason(why)).Changing(change));
        if (before.Width != Side || before.Height != Side || after.Width != Side || after.Height != Side)
        {
            throw new InvalidInputException("patch", $"Both patches are laid out in {Side} by {Side}.");
        }
        if (cardBefore is not { } c0 || cardAfter is not { } c1)
        {
            return Not(
                Outcome.Unknown,
                "Without a card in both photos a brighter lamp would count as cleaner.",
                "Every camera guesses the light anew.",
                "The same card beside the patch, before and after."
            );
        }
        foreach (var (name, c) in new[] { ("first", c0), ("second", c1) })
        {
            PhotoColour.Check(name, c);
            if (c.ClippedShare > PhotoColour.MostClipped || Math.Max(c.Red, Math.Max(c.Green, c.Blue)) is > 253.5 or < PhotoColour.Darkest)
            {
                return Not(
                    Outcome.No,
                    $"The card of the {name} photo is blown out or too dark.",
                    "It cannot say what the light was.",
                    "That photo again, exposed by the card."
                );
            }
        }
        var (was, now) = (Labs(before, c0), Labs(after, c1));
        bool Rim(int i) => Math.Min(Math.Min(i % Side, Side - 1 - i % Side), Math.Min(i / Side, Side - 1 - i / Side)) < Margin * Side;
        var rim = Enumerable.Range(0, Side * Side).Where(Rim).ToList();
        var inner = Enumerable.Range(0, Side * Side).Where(i => !Rim(i)).ToList();
        var (spread0, spread1, alike) = Correlate([.. rim.Select(i => was[i].L)], [.. rim.Select(i => now[i].L)]);
        if (spread0 < LeastStructure || spread1 < LeastStructure)
        {
            return Not(
                Outcome.Unknown,
                "Nothing round the patch says that both photos show the same one.",
                "Its margin is of one shade.",
                "Tape at its corners, or a pencil mark, in both photos.",
                alike
            );
        }
        if (alike < LeastAlike)
        {
            return Not(
                Outcome.No,
                "The two photos do not show the same patch: their margins do not agree.",
                $"They are alike to {Si.Plain(Math.Round(alike * 100))} %, and {Si.Plain(LeastAlike * 100)} % is the least.",
                "The same corners tapped in the same order, from the upper left and on with the clock.",
                alike
            );
        }
        // The cleanest that either shows, so that a patch is never cleaner than clean.
        var all = inner.Select(i => now[i]).Concat(inner.Select(i => was[i])).OrderByDescending(c => c.L - Math.Abs(c.B)).ToList();
        var tenth = all.Take(Math.Max(1, all.Count / 20)).ToList();
        var clean = new Lab(tenth.Average(c => c.L), tenth.Average(c => c.A), tenth.Average(c => c.B));
        var (soil0, soil1) = (
            inner.Average(i => ColourDifference.DeltaE2000(was[i], clean)),
            inner.Average(i => ColourDifference.DeltaE2000(now[i], clean))
        );
        var (rough0, rough1) = (Rough(was, inner), Rough(now, inner));
        var damage = rough1 - rough0 > MostRougher;
        if (soil0 < LeastSoil)
        {
            return Not(
                Outcome.Unknown,
                "There is nothing on the patch that the photos could show coming off.",
                $"It is {Si.Plain(Math.Round(soil0, 1))} from the cleanest place in it.",
                "A dirtier patch, or a look by eye.",
                alike
            );
        }
        var share = Math.Clamp(1 - soil1 / soil0, 0, 1);
        return new(
            Math.Round(share, 3),
            damage,
            Math.Round(alike, 3),
            Verdict
                .Of(
                    question,
                    damage ? Outcome.No : Outcome.Yes,
                    $"{Si.Plain(Math.Round(share * 100))} % of it came off{(damage ? ", and the surface is rougher than before" : "")}.",
                    Basis.Measured,
                    new Reason(
                        $"From {Si.Plain(Math.Round(soil0, 1))} to {Si.Plain(Math.Round(soil1, 1))} away from the cleanest place of the patch.",
                        new("ΔE00", Math.Round(soil1, 2), ""),
                        "CIEDE2000, mean over the patch"
                    ),
                    new Reason(
                        $"Its roughness went from {Si.Plain(Math.Round(rough0, 2))} to {Si.Plain(Math.Round(rough1, 2))}.",
                        new("Roughness", Math.Round(rough1 - rough0, 2), "", null, MostRougher),
                        "lightness from cell to cell"
                    )
                )
                .Changing("The same photo in another light from the side: raking light shows scratches best.")
        );
    }

    static Lab[] Labs(PixelGrid g, PatchSample card)
    {
        // White paper or a grey card alike: both photos under the same one.
        double[] gain =
        [
            0.5 / Math.Max(Srgb.Linear(card.Red / 255), 1e-4),
            0.5 / Math.Max(Srgb.Linear(card.Green / 255), 1e-4),
            0.5 / Math.Max(Srgb.Linear(card.Blue / 255), 1e-4),
        ];
        return
        [
            .. Enumerable
                .Range(0, g.Width * g.Height)
                .Select(i => Lab.Of(Srgb.ToXyz(g.Light[3 * i] * gain[0], g.Light[3 * i + 1] * gain[1], g.Light[3 * i + 2] * gain[2]))),
        ];
    }

    static (double, double, double) Correlate(double[] a, double[] b)
    {
        var (ma, mb) = (a.Average(), b.Average());
        var (sa, sb) = (Math.Sqrt(a.Average(x => (x - ma) * (x - ma))), Math.Sqrt(b.Average(x => (x - mb) * (x - mb))));
        return (sa, sb, sa < 1e-9 || sb < 1e-9 ? 0 : a.Zip(b).Average(p => (p.First - ma) * (p.Second - mb)) / (sa * sb));
    }

    /// <summary>Mean difference of lightness between neighbours.</summary>
    static double Rough(Lab[] c, List<int> inner) => inner.Where(i => i % Side + 1 < Side).Average(i => Math.Abs(c[i].L - c[i + 1].L));
}
