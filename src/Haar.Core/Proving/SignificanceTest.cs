using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Proving;

/// <summary>Which way is better.</summary>
public enum Better
{
    Lower = 0,
    Higher,
}

/// <summary>One thing measured before and after the work. Runs are kept as readings of channel "before" and "after".</summary>
public sealed class Proof : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string What { get; set; } = "";
    public string Unit { get; set; } = "s";
    public Better Better { get; set; }

    /// <summary>Least step that the instrument shows; 0 when not known.</summary>
    public double Resolution { get; set; }
    public DateTimeOffset At { get; init; }
    public int Version { get; set; }

    public void Check()
    {
        Acts.TextField.Check("what", What, 120, "Say in 1 to 120 characters what is measured.");
        Acts.TextField.Check("unit", Unit, 20);
        InvalidInputException.Finite("resolution", Resolution, 0, 1e12, Unit);
    }
}

/// <param name="Count">Runs.</param>
/// <param name="Median">Middle value; the mean of the two middle ones of an even count.</param>
/// <param name="SpreadLow">First quartile.</param>
/// <param name="SpreadHigh">Third quartile.</param>
public sealed record Series(int Count, double Median, double SpreadLow, double SpreadHigh);

/// <param name="Ratio">Median after over median before; null when the one before is 0 or of the other sign.</param>
/// <param name="RatioLow">Low end of a 95 % interval from all pairs.</param>
/// <param name="RatioHigh">High end.</param>
/// <param name="Probability">Chance that shuffling the runs alone would part them at least so far.</param>
/// <param name="AlphaUsed">The threshold used.</param>
public sealed record Comparison(
    Series Before,
    Series After,
    double? Ratio,
    double? RatioLow,
    double? RatioHigh,
    double Probability,
    double AlphaUsed,
    Verdict Verdict
);

/// <summary>
/// Is the change real? A two-sided rank test (Mann and Whitney 1947), exact with ties by counting every way to share the ranks
/// out, up to 60 runs in all, and by the normal approximation with tie correction above. It asks nothing of the shape of the scatter.
/// </summary>
public static class SignificanceTest
{
    /// <summary>House threshold: one false alarm in twenty.</summary>
    public const double DefaultAlpha = 0.05;

    const int MostExact = 60;

    /// <exception cref="InvalidInputException">A series is empty or holds what is not a number.</exception>
    public static Comparison Compare(
        string what,
        IReadOnlyList<double> before,
        IReadOnlyList<double> after,
        string unit = "",
        Better better = Better.Lower,
        double resolution = 0,
        double alpha = DefaultAlpha
    )
    {
        Check("before", before);
        Check("after", after);
        InvalidInputException.Finite("alpha", alpha, 0.0001, 0.5, "");
        InvalidInputException.Finite("resolution", resolution, 0, 1e12, "");
        var (b, a) = (Summary(before), Summary(after));
        var p = Probability(before, after);
        var (ratio, low, high) = Ratios(before, after, b.Median, a.Median);
        var verdict = Decide(what, unit, better, resolution, alpha, b, a, p, ratio, low, high);
        return new(b, a, ratio, low, high, p, alpha, verdict);
    }

    public static Series Summary(IReadOnlyList<double> values)
    {
        var sorted = values.Order().ToArray();
        return new(sorted.Length, Quantile(sorted, .5), Quantile(sorted, .25), Quantile(sorted, .75));
    }

    /// <summary>Two-sided probability that chance alone parts two series at least so far.</summary>
    public static double Probability(IReadOnlyList<double> x, IReadOnlyList<double> y)
    {
        var all = x.Concat(y).Order().ToArray();
        // Twice the midrank, so that it stays a whole number with ties.
        int Rank2(double v)
        {
            var first = Array.FindIndex(all, e => e == v);
            var last = Array.FindLastIndex(all, e => e == v);
            return first + 1 + last + 1;
        }

        var ranks = x.Concat(y).Select(Rank2).ToArray();
        var (m, n) = (x.Count, y.Count);
        var observed = ranks.Take(m).Sum();
        var mean = m * (m + n + 1);
        var distance = Math.Abs(observed - mean);
        if (distance == 0)
        {
            return 1;
        }

        if (m + n > MostExact)
        {
            var total = (double)(m + n);
            var ties = all.GroupBy(v => v).Sum(g => Math.Pow(g.Count(), 3) - g.Count());
            var sigma = Math.Sqrt(m * n / 12.0 * (total + 1 - ties / (total * (total - 1))));
            return sigma == 0 ? 1 : Math.Min(1, 2 * UpperNormal((distance / 2.0 - 0.5) / sigma));
        }

        var most = ranks.Sum();
        var ways = new double[m + 1, most + 1];
        ways[0, 0] = 1;
        foreach (var r in ranks)
        {
            for (var k = m; k >= 1; k--)
            {
                for (var s = most; s >= r; s--)
                {
                    ways[k, s] += ways[k - 1, s - r];
                }
            }
        }

        double extreme = 0,
            allWays = 0;
        for (var s = 0; s <= most; s++)
        {
            allWays += ways[m, s];
            if (Math.Abs(s - mean) >= distance)
            {
                extreme += ways[m, s];
            }
        }

        return extreme / allWays;
    }

    /// <summary>Fewest runs on each side with which a clean parting can pass the threshold: smallest n with 2/C(2n,n) ≤ α.</summary>
    public static int RunsNeeded(double alpha)
    {
        var ways = 2.0;
        var n = 1;
        while (2 / ways > alpha)
        {
            n++;
            ways = ways * (2 * n) * (2 * n - 1) / (n * (double)n);
        }

        return n;
    }

    static Verdict Decide(
        string what,
        string unit,
        Better better,
        double resolution,
        double alpha,
        Series b,
        Series a,
        double p,
        double? ratio,
        double? low,
        double? high
    )
    {
        var question = $"Has “{what}” really changed?";
        var dimension = unit.Length == 0 ? "" : $" {unit}";
        var reasons = new List<Reason>
        {
            new(
                $"Median {Si.Plain(b.Median)}{dimension} before ({b.Count} runs, half of them within {Si.Plain(b.SpreadLow)} to {Si.Plain(b.SpreadHigh)}).",
                new("Before", b.Median, unit)
            ),
            new(
                $"Median {Si.Plain(a.Median)}{dimension} after ({a.Count} runs, half of them within {Si.Plain(a.SpreadLow)} to {Si.Plain(a.SpreadHigh)}).",
                new("After", a.Median, unit)
            ),
            new(
                $"Chance alone would part them so far in {Percent(p)} of shuffles; the limit is {Percent(alpha)}.",
                new("Probability", p, "", null, alpha),
                "rank test of Mann and Whitney"
            ),
        };
        if (ratio is { } r)
        {
            reasons.Insert(
                2,
                new(
                    $"Ratio {Si.Plain(Math.Round(r, 3))}{(low is { } l && high is { } h ? $", between {Si.Plain(Math.Round(l, 3))} and {Si.Plain(Math.Round(h, 3))}" : "")}.",
                    new("Ratio", r, "")
                )
            );
        }

        var difference = a.Median - b.Median;
        if (resolution > 0 && Math.Abs(difference) <= resolution * (1 + 1e-9) && difference != 0)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"No. The medians differ by {Si.Plain(Math.Abs(difference))}{dimension}, which is no more than the instrument shows.",
                    Basis.Measured,
                    reasons
                )
                .Changing("An instrument that resolves less.");
        }

        var needed = RunsNeeded(alpha);
        if (p > alpha && Math.Min(b.Count, a.Count) < needed)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"Too few runs to say: take at least {needed} before and {needed} after.",
                    Basis.Guess,
                    reasons
                )
                .Changing($"{Math.Max(0, needed - b.Count)} more runs before and {Math.Max(0, needed - a.Count)} after.");
        }

        if (p > alpha)
        {
            return Verdict
                .Of(question, Outcome.No, "No. The difference lies within the scatter of the runs.", Basis.Measured, reasons)
                .Changing("More runs, if a small change matters.");
        }

        var gain = better == Better.Lower ? difference < 0 : difference > 0;
        var much = ratio is { } q
            ? better == Better.Lower && gain
                ? $"{Si.Plain(Math.Round((1 - q) * 100))} % less"
                : $"{Si.Plain(Math.Round(Math.Abs(q - 1) * 100))} % {(q > 1 ? "more" : "less")}"
            : $"{Si.Plain(Math.Abs(difference))}{dimension} {(difference > 0 ? "more" : "less")}";
        return Verdict
            .Of(
                question,
                Outcome.Yes,
                $"Yes, it is real, and {(gain ? "better" : "worse")}: {Si.Plain(b.Median)} to {Si.Plain(a.Median)}{dimension}, {much}.",
                Basis.Measured,
                reasons
            )
            .Changing("The same runs on another day.");
    }

    static (double?, double?, double?) Ratios(
        IReadOnlyList<double> before,
        IReadOnlyList<double> after,
        double medianBefore,
        double medianAfter
    )
    {
        if (medianBefore == 0 || Math.Sign(medianBefore) != Math.Sign(medianAfter))
        {
            return (null, null, null);
        }

        var ratio = medianAfter / medianBefore;
        if (before.Any(v => v <= 0) || after.Any(v => v <= 0) || (long)before.Count * after.Count > 250_000)
        {
            return (ratio, null, null);
        }

        var pairs = before.SelectMany(b => after.Select(a => a / b)).Order().ToArray();
        var (m, n) = (before.Count, after.Count);
        // Distribution-free interval for a shift, on the logarithm (Hodges and Lehmann 1963).
        var k = (int)Math.Floor(m * n / 2.0 - 1.96 * Math.Sqrt(m * n * (m + n + 1) / 12.0));
        k = Math.Clamp(k, 0, pairs.Length / 2);
        return (ratio, pairs[k], pairs[^(k + 1)]);
    }

    static double Quantile(double[] sorted, double q)
    {
        var at = (sorted.Length - 1) * q;
        var low = (int)Math.Floor(at);
        return Si.Tidy(low + 1 < sorted.Length ? sorted[low] + (at - low) * (sorted[low + 1] - sorted[low]) : sorted[low]);
    }

    /// <summary>Abramowitz and Stegun 26.2.17, error below 7.5e-8.</summary>
    static double UpperNormal(double z)
    {
        if (z <= 0)
        {
            return 0.5;
        }

        var t = 1 / (1 + 0.2316419 * z);
        var poly = t * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return Math.Exp(-z * z / 2) / Math.Sqrt(2 * Math.PI) * poly;
    }

    static string Percent(double share) => share < 0.001 ? "less than 0.1 %" : $"{Si.Plain(Math.Round(share * 100, 1))} %";

    static void Check(string field, IReadOnlyList<double> values)
    {
        if (values.Count is 0 or > 5000)
        {
            throw new InvalidInputException(field, "A series is 1 to 5000 runs.");
        }

        for (var i = 0; i < values.Count; i++)
        {
            InvalidInputException.Finite($"{field}[{i}]", values[i], -1e15, 1e15, "");
        }
    }
}
