using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <param name="DeltaE">CIEDE2000.</param>
/// <param name="Lighter">L* of the second less that of the first.</param>
/// <param name="Yellower">b* of the second less that of the first.</param>
public sealed record ColourDifferenceResult(double DeltaE, double Lighter, double Yellower, Verdict Verdict);

/// <summary>How far apart two colours look.</summary>
public static class ColourDifference
{
    /// <summary>Side by side on flat parts, most people see no difference below this. Usual for paint and plastics; a house figure.</summary>
    public const double SeenFrom = 1;

    /// <summary>From here on two parts of one case look like parts of two. A house figure.</summary>
    public const double PlainFrom = 3;

    /// <summary>CIEDE2000 with kL = kC = kH = 1, after Sharma, Wu and Dalal (2005), whose 34 pairs it is tested by.</summary>
    public static double DeltaE2000(Lab one, Lab two)
    {
        const double twentyFiveTo7 = 6103515625;
        static double Degrees(double radians) => radians * 180 / Math.PI;
        static double Cos(double degrees) => Math.Cos(degrees * Math.PI / 180);
        var (c1, c2) = (double.Hypot(one.A, one.B), double.Hypot(two.A, two.B));
        var mean7 = Math.Pow((c1 + c2) / 2, 7);
        var g = 0.5 * (1 - Math.Sqrt(mean7 / (mean7 + twentyFiveTo7)));
        var (a1, a2) = ((1 + g) * one.A, (1 + g) * two.A);
        var (chroma1, chroma2) = (double.Hypot(a1, one.B), double.Hypot(a2, two.B));
        static double Hue(double a, double b) => a == 0 && b == 0 ? 0 : (Degrees(Math.Atan2(b, a)) + 360) % 360;
        var (h1, h2) = (Hue(a1, one.B), Hue(a2, two.B));
        var grey = chroma1 * chroma2 == 0;
        var turn =
            grey ? 0
            : h2 - h1 > 180 ? h2 - h1 - 360
            : h2 - h1 < -180 ? h2 - h1 + 360
            : h2 - h1;
        var (dl, dc) = (two.L - one.L, chroma2 - chroma1);
        var dh = 2 * Math.Sqrt(chroma1 * chroma2) * Math.Sin(turn / 2 * Math.PI / 180);
        var (l, c) = ((one.L + two.L) / 2, (chroma1 + chroma2) / 2);
        var h =
            grey ? h1 + h2
            : Math.Abs(h1 - h2) <= 180 ? (h1 + h2) / 2
            : h1 + h2 < 360 ? (h1 + h2 + 360) / 2
            : (h1 + h2 - 360) / 2;
        var t = 1 - 0.17 * Cos(h - 30) + 0.24 * Cos(2 * h) + 0.32 * Cos(3 * h + 6) - 0.20 * Cos(4 * h - 63);
        var theta = 30 * Math.Exp(-Math.Pow((h - 275) / 25, 2));
        var c7 = Math.Pow(c, 7);
        var rc = 2 * Math.Sqrt(c7 / (c7 + twentyFiveTo7));
        var off = Math.Pow(l - 50, 2);
        var sl = 1 + 0.015 * off / Math.Sqrt(20 + off);
        var sc = 1 + 0.045 * c;
        var sh = 1 + 0.015 * c * t;
        var rt = -Math.Sin(2 * theta * Math.PI / 180) * rc;
        var (pl, pc, ph) = (dl / sl, dc / sc, dh / sh);
        return Math.Sqrt(Math.Max(0, pl * pl + pc * pc + ph * ph + rt * pc * ph));
    }

    /// <param name="noise">ΔE00 by which the same patch differs from photo to photo; null when nobody has tried.</param>
    /// <exception cref="InvalidInputException">No colour that a surface has.</exception>
    public static ColourDifferenceResult Between(Lab first, Lab second, double? noise = null)
    {
        Lab.Check("first", first);
        Lab.Check("second", second);
        InvalidInputException.Finite("noise", noise, 0, 50, "");
        var e = DeltaE2000(first, second);
        var (lighter, yellower) = (second.L - first.L, second.B - first.B);
        string How()
        {
            var said = new List<string>();
            if (Math.Abs(yellower) >= 0.5)
            {
                said.Add($"{Si.Plain(Math.Round(Math.Abs(yellower), 1))} {(yellower > 0 ? "yellower" : "less yellow")}");
            }
            if (Math.Abs(lighter) >= 0.5)
            {
                said.Add($"{Si.Plain(Math.Round(Math.Abs(lighter), 1))} {(lighter > 0 ? "lighter" : "darker")}");
            }
            return said.Count == 0 ? "" : $" The second is {Words.And(said)}.";
        }

        const string question = "Do they look alike?";
        var figure = new Reason(
            $"They are {Si.Plain(Math.Round(e, 2))} apart; from {Si.Plain(SeenFrom)} a trained eye sees it side by side, from {Si.Plain(PlainFrom)} anybody does.",
            new("ΔE00", Math.Round(e, 4), "", null, SeenFrom),
            "CIEDE2000, kL = kC = kH = 1; house figures for what is seen"
        );
        var verdict =
            noise is { } n && (e <= n || e < SeenFrom && e + n >= SeenFrom)
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"No difference that these photos can show: one patch differs by {Si.Plain(n)} from photo to photo.",
                        Basis.Measured,
                        figure
                    )
                    .Changing("Three photos of each under one light, with the card beside it.")
            : e < SeenFrom && noise is null
                ? Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"They look alike, {Si.Plain(Math.Round(e, 1))} apart, if these two colours are as good as that.",
                    Basis.Measured,
                    figure
                )
            : e < SeenFrom
                ? Verdict.Of(question, Outcome.Yes, $"They look alike: {Si.Plain(Math.Round(e, 1))} apart.", Basis.Measured, figure)
            : e < PlainFrom
                ? Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"Alike if they do not sit side by side: {Si.Plain(Math.Round(e, 1))} apart.{How()}",
                    Basis.Measured,
                    figure
                )
            : Verdict.Of(question, Outcome.No, $"They look like two: {Si.Plain(Math.Round(e, 1))} apart.{How()}", Basis.Measured, figure);
        return new(
            e,
            lighter,
            yellower,
            noise is null ? verdict.Changing("How far apart two photos of one patch come out: take the same one three times.") : verdict
        );
    }
}
