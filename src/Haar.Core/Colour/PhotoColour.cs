using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>The mean of a spot of a photo, averaged in linear light and written again as sRGB.</summary>
/// <param name="Red">0 to 255; the same of green and blue.</param>
/// <param name="ClippedShare">Of its pixels, those at the end of the scale in any channel, 0 to 1.</param>
/// <param name="Unevenness">Of the light over it: brightest quarter against darkest, less one; 0 is even.</param>
public sealed record PatchSample(double Red, double Green, double Blue, double ClippedShare = 0, double Unevenness = 0);

/// <summary>What lay beside the part.</summary>
public enum CardKind
{
    None = 0,

    /// <summary>Bought, with the values of its fields in CIELAB: figures are absolute.</summary>
    Published,

    /// <summary>Printed by ourselves: differences only.</summary>
    Printed,

    /// <summary>Plain white paper: differences only.</summary>
    PlainPaper,
}

/// <param name="Published">By the card's sheet; null takes white paper.</param>
public sealed record CardField(PatchSample Seen, Lab? Published = null);

/// <param name="Unaged">Light never reached it: under a foot, behind a label.</param>
public sealed record ColourPatch(string Name, PatchSample Seen, bool Unaged = false);

/// <param name="Yellowness">ASTM E313; null for black.</param>
/// <param name="Apart">ΔE00 from the spot that light never reached; null where none is given.</param>
public sealed record MeasuredPatch(string Name, Lab Lab, double? Yellowness, bool Unaged, double? Apart);

/// <param name="Absolute">Not only differences.</param>
/// <param name="Patches">Empty where the photo cannot be used.</param>
/// <param name="B">Mean b* of the patches that light has reached; null where there are none.</param>
/// <param name="Evenness">Largest ΔE00 between two of them; null for fewer than two.</param>
/// <param name="Noise">b* by which one patch differs from photo to photo, one standard deviation.</param>
public sealed record PhotoColourResult(
    bool Absolute,
    IReadOnlyList<MeasuredPatch> Patches,
    double? B,
    double? Evenness,
    double Noise,
    Verdict Verdict
)
{
    /// <summary>What lay beside the part: figures that are not absolute compare under the same one only.</summary>
    public CardKind Card { get; init; }
}

/// <summary>Colour from a photo with a card: the card's fields say what the light and the camera did.</summary>
public static class PhotoColour
{
    /// <summary>Share of blown-out pixels that spoils a mean. A house figure.</summary>
    public const double MostClipped = 0.01;

    /// <summary>Below this a channel is noise and black level, of 255. A house figure.</summary>
    public const double Darkest = 24;

    /// <summary>Light over a spot that differs by more than this is a shadow's edge or a shine. A house figure.</summary>
    public const double MostUneven = 0.25;

    /// <summary>Two fields that are off by more than this after the correction stood in two lights. ΔE of a*b*, a house figure.</summary>
    public const double MostMixed = 4;

    /// <summary>One channel that the light gives less than this of the strongest leaves too little to correct. A house figure.</summary>
    public const double MostTinted = 0.35;

    /// <summary>Printer and office papers, measured on white backing; brighteners shift b* below zero, which is why paper gives differences only.</summary>
    public static readonly Lab WhitePaper = new(94, 0, -1);

    /// <summary>Noise of b* that is usual of a phone with a card, one standard deviation, and how many photos that counts as. House figures.</summary>
    public const double UsualNoise = 1,
        UsualWeight = 2;

    /// <summary>How far one photo can be trusted, from the same patch in several: what is usual counts like two more of them.</summary>
    /// <param name="b">b* of one patch in photos taken anew.</param>
    public static double NoiseOf(IReadOnlyList<double> b)
    {
        for (var i = 0; i < b.Count; i++)
        {
            InvalidInputException.Finite($"repeats[{i}]", b[i], -150, 150, "");
        }
        var mean = b.Count == 0 ? 0 : b.Average();
        return Math.Sqrt(
            (UsualWeight * UsualNoise * UsualNoise + b.Sum(x => (x - mean) * (x - mean))) / (UsualWeight + Math.Max(0, b.Count - 1))
        );
    }

    /// <summary>From linear light of the camera to what the card says it was, each channel by itself: one field gives its gain, more also its curve.</summary>
    sealed record Correction(double[] Gain, double[] Power)
    {
        public double[] Of(double[] linear) => [.. linear.Select((v, i) => Gain[i] * Math.Pow(Math.Max(v, 1e-6), Power[i]))];
    }

    static double[] Light(PatchSample s) => [Srgb.Linear(s.Red / 255), Srgb.Linear(s.Green / 255), Srgb.Linear(s.Blue / 255)];

    /// <summary>Channels are 0 to 255, shares 0 to 1.</summary>
    /// <exception cref="InvalidInputException">They are not.</exception>
    public static void Check(string field, PatchSample s)
    {
        InvalidInputException.Finite($"{field}.red", s.Red, 0, 255, "");
        InvalidInputException.Finite($"{field}.green", s.Green, 0, 255, "");
        InvalidInputException.Finite($"{field}.blue", s.Blue, 0, 255, "");
        InvalidInputException.Finite($"{field}.clippedShare", s.ClippedShare, 0, 1, "");
        InvalidInputException.Finite($"{field}.unevenness", s.Unevenness, 0, 1e6, "");
    }

    /// <param name="cleaned">The patches were cleaned and are dry; not known counts as no.</param>
    /// <param name="repeats">b* of one patch in several photos; null takes what is usual.</param>
    /// <exception cref="InvalidInputException">A figure that no photo has, or too many patches.</exception>
    public static PhotoColourResult Measure(
        CardKind kind,
        IReadOnlyList<CardField> card,
        IReadOnlyList<ColourPatch> patches,
        ThreeState cleaned,
        IReadOnlyList<double>? repeats = null
    )
    {
        if (patches.Count is < 1 or > 60)
        {
            throw new InvalidInputException("patches", "Tap 1 to 60 places on the part.");
        }
        if (card.Count > 24)
        {
            throw new InvalidInputException("card", "At most 24 fields of the card.");
        }
        for (var i = 0; i < card.Count; i++)
        {
            Check($"card[{i}].seen", card[i].Seen);
            if (card[i].Published is { } lab)
            {
                Lab.Check($"card[{i}].published", lab);
            }
        }
        for (var i = 0; i < patches.Count; i++)
        {
            Check($"patches[{i}].seen", patches[i].Seen);
        }
        var noise = NoiseOf(repeats ?? []);
        const string question = "What colour is it?";
        PhotoColourResult Not(Outcome outcome, string sentence, string why, string change) =>
            new(false, [], null, null, noise, Verdict.Of(question, outcome, sentence, Basis.Measured, new Reason(why)).Changing(change));
        if (kind == CardKind.None || card.Count == 0)
        {
            return Not(
                Outcome.Unknown,
                "There is no card in the photo: a lamp's colour cannot be told from the plastic's.",
                "Every camera guesses the light, and guesses anew for each photo.",
                "The same photo with a grey or white card beside the part."
            );
        }
        if (kind == CardKind.Published && card.Any(c => c.Published is null))
        {
            return Not(
                Outcome.Unknown,
                "A bought card counts by the values on its sheet: give L*, a* and b* of each field that is tapped.",
                "Without them it is a piece of grey card.",
                "The values, or say that it is plain paper."
            );
        }
        if (cleaned != ThreeState.Yes)
        {
            return Not(
                Outcome.Unknown,
                "Clean the places first, and let them dry: otherwise the dirt is measured.",
                "A film of dust or tobacco is as yellow as what it lies on; water darkens.",
                "That the places are clean and dry."
            );
        }
        var seen = card.Select(c => ("the card", c.Seen))
            .Concat(patches.Select(p => (p.Name.Length > 0 ? p.Name : "a place", p.Seen)))
            .ToList();
        if (seen.FirstOrDefault(s => s.Seen.ClippedShare > MostClipped || Brightest(s.Seen) > 253.5) is ({ } blown, not null))
        {
            return Not(
                Outcome.No,
                $"Blown out: {blown} is at the end of the scale.",
                "What is at the end of the scale could be any brighter.",
                "A photo exposed less: tap the card in the camera, and pull the brightness down."
            );
        }
        if (seen.FirstOrDefault(s => Brightest(s.Seen) < Darkest) is ({ } dark, not null))
        {
            return Not(
                Outcome.No,
                $"Too dark: {dark} is lost in noise.",
                "Down there the camera's black level is as large as the colour.",
                "More light, or a longer exposure."
            );
        }
        if (seen.FirstOrDefault(s => s.Seen.Unevenness > MostUneven) is ({ } shadow, not null))
        {
            return Not(
                Outcome.No,
                $"There is a shadow or a shine on {shadow}.",
                "Half of it would be measured in another light than the rest.",
                "Light from one side as broad as a window, none of it mirrored into the camera."
            );
        }
        var lights = card.Select(c => Light(c.Seen)).ToList();
        var brightest = lights.Zip(card).MaxBy(l => l.First.Max());
        var cast = Cast(brightest.First, brightest.Second.Published ?? WhitePaper);
        if (cast.Min() / cast.Max() < MostTinted)
        {
            return Not(
                Outcome.No,
                "The light is too coloured: one of its colours hardly reaches the camera.",
                "What is not in the light cannot come back from the part.",
                "Daylight from a window, or a lamp of good colour rendering."
            );
        }
        var correction = Fit(lights, card);
        var off = lights
            .Zip(card)
            .Select(l =>
            {
                var (a, b) = (ToLab(correction.Of(l.First)), l.Second.Published ?? WhitePaper);
                return Math.Sqrt((a.A - b.A) * (a.A - b.A) + (a.B - b.B) * (a.B - b.B));
            })
            .Max();
        if (card.Count > 1 && off > MostMixed)
        {
            return Not(
                Outcome.No,
                "Two kinds of light fall on the card: its fields do not agree.",
                $"After the correction they are still {Si.Plain(Math.Round(off, 1))} off in a* and b*.",
                "One kind of light: lamps off beside a window, or curtains closed."
            );
        }
        var labs = patches.Select(p => ToLab(correction.Of(Light(p.Seen)))).ToList();
        var unaged = patches.Zip(labs).Where(p => p.First.Unaged).Select(p => p.Second).ToList();
        Lab? reference = unaged.Count == 0 ? null : new(unaged.Average(x => x.L), unaged.Average(x => x.A), unaged.Average(x => x.B));
        List<MeasuredPatch> measured =
        [
            .. patches.Zip(
                labs,
                (p, l) =>
                    new MeasuredPatch(
                        p.Name,
                        Rounded(l),
                        Yellowness.Index(l.ToXyz()) is { } y ? Math.Round(y, 2) : null,
                        p.Unaged,
                        reference is { } r && !p.Unaged ? Math.Round(ColourDifference.DeltaE2000(r, l), 2) : null
                    )
            ),
        ];
        var aged = patches.Zip(labs).Where(p => !p.First.Unaged).Select(p => p.Second).ToList();
        double? even =
            aged.Count < 2 ? null : aged.SelectMany((x, i) => aged.Skip(i + 1).Select(y => ColourDifference.DeltaE2000(x, y))).Max();
        double? b = aged.Count == 0 ? null : aged.Average(x => x.B);
        var absolute = kind == CardKind.Published;
        var list = new List<Reason>
        {
            new(
                absolute
                    ? "The card's published values make the figures absolute."
                    : "Without published values these are differences only: they compare with photos under the same card, and with nothing else.",
                Source: "CIELAB, D65 and 2°"
            ),
            new(
                $"One photo differs from the next by {Si.Plain(Math.Round(noise, 1))} in b*.",
                new("Noise", Math.Round(noise, 2), ""),
                repeats is { Count: > 1 } ? $"one patch in {repeats.Count} photos" : "usual of a phone with a card"
            ),
        };
        if (even is { } e)
        {
            list.Add(
                new(
                    e < ColourDifference.SeenFrom
                        ? "Its patches look alike."
                        : $"Its patches are up to {Si.Plain(Math.Round(e, 1))} apart.",
                    new("Evenness", Math.Round(e, 2), "", null, ColourDifference.SeenFrom),
                    "ΔE00, CIE 142"
                )
            );
        }
        return new(
            absolute,
            measured,
            b is { } mean ? Math.Round(mean, 2) : null,
            even is { } apart ? Math.Round(apart, 2) : null,
            noise,
            Verdict
                .Of(
                    question,
                    absolute ? Outcome.Yes : Outcome.YesIf,
                    $"{(b is { } v ? $"b* {Si.Plain(Math.Round(v, 1))}" : "Measured")}{(reference is { } u ? $", where light never reached it {Si.Plain(Math.Round(u.B, 1))}" : "")}{(absolute ? "" : ", to be compared only under the same card")}.",
                    Basis.Measured,
                    list
                )
                .Changing(
                    repeats is { Count: > 2 }
                        ? "A bought card with published values."
                        : "The same patch in three photos: that says how far one can be trusted."
                )
        )
        {
            Card = kind,
        };
    }

    static double Brightest(PatchSample s) => Math.Max(s.Red, Math.Max(s.Green, s.Blue));

    static double[] Cast(double[] seen, Lab published)
    {
        var should = Should(published);
        return [.. seen.Select((v, i) => Math.Max(v, 1e-6) / Math.Max(should[i], 1e-6))];
    }

    static double[] Should(Lab lab) => [.. Srgb.FromXyz(lab.ToXyz()).Select(v => Math.Clamp(v, 1e-4, 2))];

    static Correction Fit(List<double[]> lights, IReadOnlyList<CardField> card)
    {
        var (gain, power) = (new double[3], new double[3]);
        for (var c = 0; c < 3; c++)
        {
            var x = lights.Select(l => Math.Log(Math.Max(l[c], 1e-6))).ToList();
            var y = card.Select(f => Math.Log(Should(f.Published ?? WhitePaper)[c])).ToList();
            var (mx, my) = (x.Average(), y.Average());
            var spread = x.Sum(v => (v - mx) * (v - mx));
            // Fields of one lightness say nothing of the curve.
            power[c] = spread < 0.05 ? 1 : Math.Clamp(x.Zip(y).Sum(v => (v.First - mx) * (v.Second - my)) / spread, 0.5, 2);
            gain[c] = Math.Exp(my - power[c] * mx);
        }
        return new(gain, power);
    }

    static Lab ToLab(double[] linear)
    {
        var c = Lab.Of(Srgb.ToXyz(linear[0], linear[1], linear[2]));
        return new(Math.Clamp(c.L, 0, 100), Math.Clamp(c.A, -150, 150), Math.Clamp(c.B, -150, 150));
    }

    static Lab Rounded(Lab c) => new(Math.Round(c.L, 2), Math.Round(c.A, 2), Math.Round(c.B, 2));
}
