using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>A part that may sit beside another.</summary>
public sealed record MatchPart
{
    public string Name { get; init; } = "";
    public Lab Colour { get; init; }

    /// <summary>How it whitens, from its own readings; null takes what is usual, and is then a guess.</summary>
    public IReadOnlyList<WhiteningPoint> Points { get; init; } = [];

    /// <summary>It may be whitened; a painted or printed part, or one whose policy is to leave it, may not. Not known counts as no.</summary>
    public ThreeState Whitens { get; init; }

    /// <summary>Its holes, slots and edges are those of its place.</summary>
    public ThreeState Fits { get; init; }

    /// <summary>A sample of paint; <see cref="Dried"/> then says whether its test card has.</summary>
    public bool Paint { get; init; }
    public ThreeState Dried { get; init; }
}

/// <param name="Hours">That the yellower of the two is whitened on, of full summer sun at 6 %; 0 as they are. Null where they never look alike.</param>
/// <param name="Which">The one that is whitened; empty for none.</param>
/// <param name="Apart">ΔE00 then, or now where they never do.</param>
public sealed record MatchPair(string First, string Second, double? Hours, string Which, double Apart, Verdict Verdict);

/// <param name="Pairs">The best first.</param>
public sealed record MatchResult(IReadOnlyList<MatchPair> Pairs, Verdict Verdict);

/// <summary>Which two parts, of different donors or one of paint, will look alike, and after how many hours of whitening.</summary>
public static class ColourMatch
{
    /// <summary>By how much L* rises for each b* that goes: slope of whitened ABS cases. A house figure.</summary>
    public const double LightnessPerB = 0.25;

    /// <summary>And a* falls. A house figure.</summary>
    public const double RedPerB = 0.08;

    /// <param name="noise">ΔE00 by which one patch differs from photo to photo.</param>
    /// <exception cref="InvalidInputException">Fewer than two parts, more than twelve, or a figure that cannot be.</exception>
    public static MatchResult Of(IReadOnlyList<MatchPart> parts, double noise = PhotoColour.UsualNoise)
    {
        if (parts.Count is < 2 or > 12)
        {
            throw new InvalidInputException("parts", "Give 2 to 12 parts.");
        }
        InvalidInputException.Finite("noise", noise, 0, 20, "");
        for (var i = 0; i < parts.Count; i++)
        {
            Lab.Check($"parts[{i}].colour", parts[i].Colour);
            if (parts[i].Name.Trim().Length == 0)
            {
                throw new InvalidInputException($"parts[{i}].name", "Give each part a name.");
            }
        }
        var pairs = parts
            .SelectMany((a, i) => parts.Skip(i + 1).Select(b => Pair(a, b, noise)))
            .OrderBy(p =>
                p.Verdict.Outcome switch
                {
                    Outcome.Yes => 0,
                    Outcome.YesIf => 1,
                    Outcome.Unknown => 2,
                    _ => 3,
                }
            )
            .ThenBy(p => p.Hours ?? double.MaxValue)
            .ThenBy(p => p.Apart)
            .ToList();
        return new(pairs, pairs[0].Verdict with { Question = "Which two will look alike?" });
    }

    static MatchPair Pair(MatchPart a, MatchPart b, double noise)
    {
        const string question = "Will they look alike?";
        var now = ColourDifference.DeltaE2000(a.Colour, b.Colour);
        var names = $"{Words.Capital(a.Name)} and {Words.Lower(b.Name)}";
        MatchPair Say(
            double? hours,
            string which,
            double apart,
            Outcome o,
            string sentence,
            Basis basis,
            string change,
            params IEnumerable<Reason> more
        ) =>
            new(
                a.Name,
                b.Name,
                hours,
                which,
                Math.Round(apart, 2),
                Verdict
                    .Of(
                        question,
                        o,
                        sentence,
                        basis,
                        [
                            new Reason(
                                $"They are {Si.Plain(Math.Round(now, 1))} apart now, and a photo is good to {Si.Plain(Math.Round(noise, 1))}.",
                                new("ΔE00", Math.Round(now, 2), "", null, ColourDifference.SeenFrom),
                                "CIEDE2000"
                            ),
                            .. more,
                        ]
                    )
                    .Changing(change)
            );
        if (a.Fits == ThreeState.No || b.Fits == ThreeState.No)
        {
            var out_ = a.Fits == ThreeState.No ? a : b;
            return Say(
                null,
                "",
                now,
                Outcome.No,
                $"{names}: the holes or edges of {Words.Lower(out_.Name)} are not those of its place.",
                Basis.Rule,
                "Another part."
            );
        }
        foreach (var p in new[] { a, b })
        {
            if (p is { Paint: true, Dried: not ThreeState.Yes })
            {
                return Say(
                    null,
                    "",
                    now,
                    Outcome.Unknown,
                    $"{names}: wet paint has another shade. Let the test card of {Words.Lower(p.Name)} dry, and measure it then.",
                    Basis.Rule,
                    "The test card, dry."
                );
            }
        }
        var fitsSaid = a.Fits == ThreeState.Yes && b.Fits == ThreeState.Yes;
        var open = new[] { a, b }.Where(p => p.Fits != ThreeState.Yes).Select(p => Words.Lower(p.Name)).ToList();
        var condition = fitsSaid ? "" : $", if their holes and edges are the same: nobody has said so of {Words.And(open)}";
        if (now < ColourDifference.SeenFrom)
        {
            return Say(
                0,
                "",
                now,
                fitsSaid && now + noise < ColourDifference.PlainFrom ? Outcome.Yes : Outcome.YesIf,
                $"{names} look alike as they are{condition}.",
                Basis.Measured,
                "A look at both in daylight, side by side."
            );
        }
        var (yellow, other) = a.Colour.B >= b.Colour.B ? (a, b) : (b, a);
        if (yellow.Paint || yellow.Whitens != ThreeState.Yes)
        {
            return Say(
                null,
                "",
                now,
                yellow.Whitens == ThreeState.NotKnown && !yellow.Paint ? Outcome.Unknown : Outcome.No,
                yellow.Whitens == ThreeState.NotKnown && !yellow.Paint
                    ? $"{names} look like two; whether {Words.Lower(yellow.Name)} may be whitened nobody has said."
                    : $"{names} look like two, and {Words.Lower(yellow.Name)} is not whitened.",
                Basis.Measured,
                yellow.Paint ? "Another shade." : "Whether it may be whitened."
            );
        }
        var usual = new WhiteningDefaults();
        WhiteningFit? fit = null;
        var begun = 0.0;
        if (yellow.Points.Count >= 2)
        {
            // Its own readings; where they show nothing, what is usual is all there is.
            fit = Whitening.Of(yellow.Points).Fit;
            begun = yellow.Points.Max(p => p.Hours);
        }
        var own = fit is not null;
        var curve = fit ?? new(yellow.Colour.B, usual.UsualRest, usual.UsualPerHour);
        var start = own ? begun : 0;
        var shift = yellow.Colour.B - curve.At(start);
        (double Hours, double Apart) best = (0, now);
        for (var h = 0.0; h <= 80; h += 0.25)
        {
            var gone = yellow.Colour.B - (curve.At(start + h) + shift);
            var then = new Lab(
                Math.Min(100, yellow.Colour.L + LightnessPerB * gone),
                yellow.Colour.A - RedPerB * gone,
                yellow.Colour.B - gone
            );
            var apart = ColourDifference.DeltaE2000(then, other.Colour);
            if (apart < best.Apart - 1e-9)
            {
                best = (h, apart);
            }
        }
        var how = new Reason(
            own ? "By how it has whitened so far." : "How it whitens nobody has measured yet: by what is usual.",
            Source: own ? "its own readings" : "house figures"
        );
        return best.Apart < ColourDifference.SeenFrom
            ? Say(
                best.Hours,
                yellow.Name,
                best.Apart,
                Outcome.YesIf,
                $"{names} will look alike after about {Si.Plain(Math.Round(best.Hours, 1))} h more on {Words.Lower(yellow.Name)}{condition}.",
                own ? Basis.Measured : Basis.Guess,
                "Two readings of it on the way.",
                how
            )
            : Say(
                null,
                yellow.Name,
                best.Apart,
                own ? Outcome.No : Outcome.Unknown,
                $"{names} will not look alike: at the nearest, {Si.Plain(Math.Round(best.Apart, 1))} apart.",
                own ? Basis.Measured : Basis.Guess,
                "A part from another donor, or paint on both.",
                how
            );
    }
}
