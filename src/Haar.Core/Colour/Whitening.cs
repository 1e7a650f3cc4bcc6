using System.Text.Json.Serialization;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>One reading of how yellow a patch is.</summary>
/// <param name="Hours">From the start of the treatment.</param>
/// <param name="B">b* of the patch, clean and dry.</param>
public sealed record WhiteningPoint(double Hours, double B);

/// <summary>What is usual, and goes in where few points leave a band open. House figures.</summary>
public sealed record WhiteningDefaults
{
    /// <summary>By how much b* of one patch differs from photo to photo, one standard deviation: 1 to 2 is usual of a phone with a card.</summary>
    public double Noise { get; init; } = 1;

    /// <summary>Where cases of this age come to rest in b*, and how much that differs from case to case.</summary>
    public double UsualRest { get; init; } = 4;
    public double UsualRestSpread { get; init; } = 3;

    /// <summary>Usual share gone in an hour of full sun or lamp, and by which factor that differs.</summary>
    public double UsualPerHour { get; init; } = 0.12;
    public double UsualPerHourFactor { get; init; } = 2.5;

    /// <summary>
    /// By how much the hours still to go may differ because no case whitens quite by one exponential: a second stain goes slower, a bath
    /// is used up. Spread and mean of the logarithm; simulated with such kinetics, the band then holds as often as it says.
    /// </summary>
    public double KineticsSpread { get; init; } = 0.3;
    public double KineticsSlowing { get; init; } = 0.1;

    /// <summary>Fall of b* an hour below which going on costs more than it gains: plastic and print suffer all the same.</summary>
    public double LeastGainPerHour { get; init; } = 0.2;
}

/// <param name="Start">b* at hour 0.</param>
/// <param name="Rest">b* that it comes to in the end, b∞.</param>
/// <param name="PerHour">k of b*(t) = b∞ + (b₀ − b∞)·e^(−kt).</param>
public sealed record WhiteningFit(double Start, double Rest, double PerHour)
{
    public double At(double hours) => Rest + (Start - Rest) * Math.Exp(-PerHour * hours);
}

/// <param name="Fit">Null where the points rise, or do not slow down.</param>
/// <param name="HoursToTarget">From the last point; low and high hold it four times of five. Null when out of reach or not to be said.</param>
/// <param name="Reachable">Chance that the target is reached at all.</param>
/// <param name="GainPerHour">Of b*, at the last point.</param>
public sealed record WhiteningResult(
    WhiteningFit? Fit,
    Estimate? HoursToTarget,
    double? Reachable,
    double? GainPerHour,
    Verdict Verdict,
    [property: JsonPropertyName("house")] WhiteningDefaults Defaults
);

/// <summary>How whitening goes on: b*(t) = b∞ + (b₀ − b∞)·e^(−kt), fitted, and forecast with a band.</summary>
public static class Whitening
{
    /// <summary>The band holds four times of five.</summary>
    public const double BandShare = 0.8;

    /// <param name="points">In any order; hours from the start.</param>
    /// <param name="target">b* wanted; null for how it stands.</param>
    /// <exception cref="InvalidInputException">Fewer than two points, one hour twice, or a figure that no patch has.</exception>
    public static WhiteningResult Of(IReadOnlyList<WhiteningPoint> points, double? target = null, WhiteningDefaults? house = null)
    {
        var h = house ?? new();
        if (points.Count is < 2 or > 200)
        {
            throw new InvalidInputException("points", "Give 2 to 200 readings of one patch.");
        }
        for (var i = 0; i < points.Count; i++)
        {
            InvalidInputException.Finite($"points[{i}].hours", points[i].Hours, 0, 10_000, "h");
            InvalidInputException.Finite($"points[{i}].b", points[i].B, -100, 100, "");
        }
        InvalidInputException.Finite("target", target, -100, 100, "");
        InvalidInputException.Finite("house.noise", h.Noise, 0.01, 20, "");
        InvalidInputException.Finite("house.usualRest", h.UsualRest, -20, 50, "");
        InvalidInputException.Finite("house.usualRestSpread", h.UsualRestSpread, 0.1, 50, "");
        InvalidInputException.Finite("house.usualPerHour", h.UsualPerHour, 1e-4, 20, "an hour");
        InvalidInputException.Finite("house.usualPerHourFactor", h.UsualPerHourFactor, 1.05, 100, "");
        InvalidInputException.Finite("house.kineticsSpread", h.KineticsSpread, 0, 2, "");
        InvalidInputException.Finite("house.kineticsSlowing", h.KineticsSlowing, -1, 2, "");
        InvalidInputException.Finite("house.leastGainPerHour", h.LeastGainPerHour, 0, 50, "");
        var p = points.OrderBy(x => x.Hours).ToList();
        if (p.Zip(p.Skip(1)).Any(x => x.Second.Hours - x.First.Hours < 1e-6))
        {
            throw new InvalidInputException("points", "Two readings have the same hour: give one of them.");
        }

        const string question = "How long does it go on?";
        var fell = p[0].B - p[^1].B;
        var measured = new Reason(
            $"b* went from {Say(p[0].B)} to {Say(p[^1].B)} in {Say(p[^1].Hours - p[0].Hours)} h; one photo differs from the next by {Si.Plain(h.Noise)}.",
            new("b*", p[^1].B, ""),
            "b* of CIELAB, D65/2°"
        );
        var comesBack = new Reason(
            "Yellowing comes back in the years after, in light and in the dark.",
            Source: "practice; peroxide bleaches what has formed and does not keep more from forming"
        );
        // A difference of two readings has √2 of the noise of one; beyond twice that it is hardly chance.
        var doubt = 2 * Math.Sqrt(2) * h.Noise;
        if (Math.Abs(fell) <= doubt)
        {
            return new(
                null,
                null,
                null,
                null,
                Verdict
                    .Of(question, Outcome.Unknown, "No change that can be measured yet.", Basis.Measured, measured, comesBack)
                    .Changing("Readings further apart, or the mean of several photos of the same patch."),
                h
            );
        }
        if (fell < 0)
        {
            return new(
                null,
                null,
                null,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Stop: it gets yellower, by {Say(-fell)} so far.",
                        Basis.Measured,
                        measured,
                        new Reason("Heat without bleach yellows, and so does a film that dried up.", Source: "practice")
                    )
                    .Changing("The same patch again under the same light, clean and dry."),
                h
            );
        }
        var fit = p.Count < 3 ? null : Fit(p);
        var band = Forecast(p, target, h);
        var gain = fit is null ? band.GainPerHour : fit.PerHour * (fit.At(p[^1].Hours) - fit.Rest);
        var reasons = new List<Reason> { measured };
        if (fit is not null)
        {
            reasons.Add(
                new(
                    $"It comes to rest at {Say(fit.Rest)}, and {Si.Plain(Math.Round(100 * (1 - Math.Exp(-fit.PerHour)), 1))} % of the way is gone every hour.",
                    new("b∞", Math.Round(fit.Rest, 3), ""),
                    "b*(t) = b∞ + (b₀ − b∞)·e^(−kt), least squares in b*"
                )
            );
        }
        reasons.Add(comesBack);
        if (target is not { } goal)
        {
            var enough = gain < h.LeastGainPerHour;
            return new(
                fit,
                null,
                null,
                gain,
                Verdict
                    .Of(
                        question,
                        enough ? Outcome.No : Outcome.Yes,
                        enough
                            ? $"Stop: another hour gains {Si.Plain(Math.Round(gain, 2))}, less than it costs the plastic."
                            : $"Go on: another hour gains {Si.Plain(Math.Round(gain, 1))}.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing("White bloom, streaks, or patches that part from one another: then stop at once."),
                h
            );
        }
        var chance = Math.Round(band.Reachable, 3);
        var at = p[^1].B <= goal;
        var verdict =
            at ? Verdict.Of(question, Outcome.No, $"Stop: it has reached {Say(goal)}.", Basis.Measured, reasons)
            : fit is not null && goal <= fit.Rest && chance < 0.5
                ? Verdict.Of(
                    question,
                    Outcome.No,
                    $"{Say(goal)} is out of reach: it comes to rest at about {Say(fit.Rest)}.",
                    Basis.Measured,
                    reasons
                )
            : chance < 0.2 ? Verdict.Of(question, Outcome.No, $"{Say(goal)} is hardly in reach.", Basis.Guess, reasons)
            : gain < h.LeastGainPerHour
                ? Verdict.Of(
                    question,
                    Outcome.No,
                    $"Stop: another hour gains {Si.Plain(Math.Round(gain, 2))}, less than it costs the plastic.",
                    Basis.Measured,
                    reasons
                )
            : Verdict.Of(
                question,
                Outcome.YesIf,
                $"Another {Hours(band.Hours!.Likely)} h, {Hours(band.Hours.Low)} to {Hours(band.Hours.High)}{(chance < 0.9 ? $", if it gets there at all: {Si.Plain(Math.Round(chance * 100))} %" : "")}.",
                p.Count < 4 ? Basis.Guess : Basis.Measured,
                reasons
            );
        return new(
            fit,
            at || verdict.Outcome == Outcome.No && band.Hours is null ? null : band.Hours,
            chance,
            gain,
            verdict.Changing([
                .. p.Count < 4 ? ["Another reading: three leave the band to what is usual."] : Array.Empty<string>(),
                "White bloom, streaks, or patches that part from one another: then stop at once.",
            ]),
            h
        );
    }

    /// <summary>Three equally spaced points exactly; more by least squares in b*. Null where they do not slow down, or rise.</summary>
    /// <param name="p">At least three, by hour.</param>
    public static WhiteningFit? Fit(IReadOnlyList<WhiteningPoint> p)
    {
        if (p.Count == 3 && Math.Abs(p[2].Hours - p[1].Hours - (p[1].Hours - p[0].Hours)) < 1e-9 * Math.Max(1, p[2].Hours))
        {
            var (first, second) = (p[0].B - p[1].B, p[1].B - p[2].B);
            var ratio = second / first;
            if (!(first > 0 && ratio is > 0 and < 1))
            {
                return null;
            }
            var step = p[1].Hours - p[0].Hours;
            var (k3, rest3) = (-Math.Log(ratio) / step, p[0].B - first / (1 - ratio));
            return new(rest3 + (p[0].B - rest3) * Math.Exp(k3 * p[0].Hours), rest3, k3);
        }
        var span = p[^1].Hours - p[0].Hours;
        double Off(double lnK) => Linear(p, Math.Exp(lnK)).Off;
        // From a thousandth of the span's own rate to a thousand times it: beyond either end no curve is left to be seen.
        var (low, high) = (Math.Log(1e-3 / span), Math.Log(1e3 / span));
        var best = Enumerable.Range(0, 241).Select(i => low + (high - low) * i / 240).MinBy(Off);
        var (a, b) = (best - (high - low) / 240, best + (high - low) / 240);
        for (var i = 0; i < 80; i++)
        {
            var (m, n) = (a + (b - a) * 0.382, a + (b - a) * 0.618);
            (a, b) = Off(m) < Off(n) ? (a, n) : (m, b);
        }
        var k = Math.Exp((a + b) / 2);
        var (rest, swing, _) = Linear(p, k);
        return swing > 0 && k * span is > 2e-3 and < 500 ? new(rest + swing, rest, k) : null;
    }

    /// <summary>Rest, swing and squared error of the least-squares line of b* over e^(−kt).</summary>
    static (double Floor, double Swing, double Off) Linear(IReadOnlyList<WhiteningPoint> p, double k)
    {
        double n = p.Count,
            sx = 0,
            sy = 0,
            sxx = 0,
            sxy = 0;
        foreach (var q in p)
        {
            var x = Math.Exp(-k * q.Hours);
            sx += x;
            sy += q.B;
            sxx += x * x;
            sxy += x * q.B;
        }
        var d = n * sxx - sx * sx;
        var swing = Math.Abs(d) < 1e-300 ? 0 : (n * sxy - sx * sy) / d;
        var rest = (sy - swing * sx) / n;
        return (rest, swing, p.Sum(q => Math.Pow(q.B - rest - swing * Math.Exp(-k * q.Hours), 2)));
    }

    static readonly (double Z, double Share)[] Kinetics = [(-Math.Sqrt(3), 1 / 6.0), (0, 2 / 3.0), (Math.Sqrt(3), 1 / 6.0)];

    /// <summary>All curves that go with the readings, each by how likely it is: noise of the photos, and what is usual of rest and rate.</summary>
    static (Estimate? Hours, double Reachable, double GainPerHour) Forecast(
        IReadOnlyList<WhiteningPoint> p,
        double? target,
        WhiteningDefaults h
    )
    {
        const int steps = 81;
        var last = p[^1].Hours;
        var found = new List<(double Weight, double Hours, double Gain)>(steps * steps);
        for (var i = 0; i < steps; i++)
        {
            // Four spreads either way hold all that matters.
            var zk = -4 + 8.0 * i / (steps - 1);
            var k = h.UsualPerHour * Math.Pow(h.UsualPerHourFactor, zk);
            for (var j = 0; j < steps; j++)
            {
                var zr = -4 + 8.0 * j / (steps - 1);
                var rest = h.UsualRest + zr * h.UsualRestSpread;
                double sxx = 0,
                    sxy = 0;
                foreach (var q in p)
                {
                    var x = Math.Exp(-k * q.Hours);
                    sxx += x * x;
                    sxy += x * (q.B - rest);
                }
                var swing = sxy / sxx;
                if (swing <= 0)
                {
                    continue;
                }
                var off = p.Sum(q => Math.Pow(q.B - rest - swing * Math.Exp(-k * q.Hours), 2));
                // The start is free: summed over, it leaves 1/√Σx².
                var weight = Math.Exp(-0.5 * (off / (h.Noise * h.Noise) + zk * zk + zr * zr)) / Math.Sqrt(sxx);
                var now = swing * Math.Exp(-k * last);
                var hours = target is { } goal
                    ? goal <= rest
                        ? double.PositiveInfinity
                        : Math.Max(0, Math.Log(now / (goal - rest)) / k)
                    : 0;
                // Three points of the spread of the kinetics (Gauss and Hermite), on what is still to go.
                foreach (var (z, part) in Kinetics)
                {
                    found.Add((weight * part, hours * Math.Exp(h.KineticsSlowing + z * h.KineticsSpread), k * now));
                }
            }
        }
        var all = found.Sum(f => f.Weight);
        if (!(all > 0))
        {
            return (null, 0, 0);
        }
        var gain = found.Sum(f => f.Weight * f.Gain) / all;
        var reach = found.Where(f => double.IsFinite(f.Hours)).OrderBy(f => f.Hours).ToList();
        var share = reach.Sum(f => f.Weight);
        if (target is null || share / all < 0.02)
        {
            return (null, share / all, gain);
        }
        double At(double part)
        {
            var sum = 0.0;
            foreach (var f in reach)
            {
                sum += f.Weight;
                if (sum >= part * share)
                {
                    return f.Hours;
                }
            }
            return reach[^1].Hours;
        }
        return (new(At((1 - BandShare) / 2), At(0.5), At((1 + BandShare) / 2)), share / all, gain);
    }

    static string Say(double v) => Si.Plain(Math.Round(v, 1));

    static string Hours(double v) => Si.Plain(v < 10 ? Math.Round(v, 1) : Math.Round(v));
}
