using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Proving;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Proving;

public class SignificanceTestTests
{
    // Exact two-sided probabilities of complete separation: 2 / C(m+n, m).
    [Theory]
    [InlineData(3, 2.0 / 20)]
    [InlineData(4, 2.0 / 70)]
    [InlineData(5, 2.0 / 252)]
    public void Complete_separation_has_its_known_probability(int n, double p) =>
        Assert.Equal(
            p,
            SignificanceTest.Probability(
                [.. Enumerable.Range(0, n).Select(i => (double)i)],
                [.. Enumerable.Range(100, n).Select(i => (double)i)]
            ),
            9
        );

    [Fact]
    public void A_textbook_case_with_overlap()
    {
        // Ranks of x among nine: 1, 2, 3, 5; W = 11, of 126 ways 4 are as far out on either side.
        Assert.Equal(4.0 / 126, SignificanceTest.Probability([1, 2, 3, 5], [4, 6, 7, 8, 9]), 9);
    }

    [Fact]
    public void Ties_count_by_their_midranks() => Assert.Equal(1, SignificanceTest.Probability([5, 5, 5], [5, 5, 5]), 9);

    [Fact]
    public void Four_runs_on_each_side_are_the_least_at_one_in_twenty()
    {
        Assert.Equal(4, SignificanceTest.RunsNeeded(0.05));
        Assert.Equal(5, SignificanceTest.RunsNeeded(0.01));
    }

    [Fact]
    public void A_real_gain_is_said_with_its_size()
    {
        var c = SignificanceTest.Compare("Start", [41.2, 40.8, 41.9, 41.0, 41.4], [33.0, 32.6, 33.4, 32.9, 33.1], "s");
        Assert.Equal(Outcome.Yes, c.Verdict.Outcome);
        Assert.Contains("better", c.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Equal(33.0 / 41.2, c.Ratio!.Value, 9);
        Assert.InRange(c.Ratio.Value, c.RatioLow!.Value, c.RatioHigh!.Value);
        Assert.Equal((41.0, 41.4), (c.Before.SpreadLow, c.Before.SpreadHigh));
    }

    [Fact]
    public void More_is_better_where_more_is_wanted() =>
        Assert.Contains(
            "worse",
            SignificanceTest.Compare("Frames", [30, 31, 30, 32], [20, 21, 22, 20], "", Better.Higher).Verdict.Sentence,
            StringComparison.Ordinal
        );

    [Fact]
    public void Too_few_runs_say_how_many_are_needed()
    {
        var v = SignificanceTest.Compare("Start", [41, 42, 43], [30, 31, 32]).Verdict;
        Assert.Equal(Outcome.Unknown, v.Outcome);
        Assert.Contains("at least 4", v.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_difference_within_the_scatter_is_no_change() =>
        Assert.Equal(Outcome.No, SignificanceTest.Compare("Start", [41, 43, 42, 44, 40], [42, 41, 44, 43, 40.5]).Verdict.Outcome);

    [Fact]
    public void A_difference_that_the_instrument_cannot_show_is_no_change() =>
        Assert.Equal(
            Outcome.No,
            SignificanceTest.Compare("Start", [1, 1, 1, 1, 1], [1.1, 1.1, 1.1, 1.1, 1.1], resolution: 0.1).Verdict.Outcome
        );

    [Fact]
    public void A_median_of_nothing_has_no_ratio() => Assert.Null(SignificanceTest.Compare("x", [0, 0, 0, 0], [1, 2, 3, 4]).Ratio);

    [Fact]
    public void Bad_series_name_their_field()
    {
        Assert.Equal("after", Assert.Throws<InvalidInputException>(() => SignificanceTest.Compare("x", [1], [])).Field);
        Assert.Equal("before[1]", Assert.Throws<InvalidInputException>(() => SignificanceTest.Compare("x", [1, double.NaN], [1])).Field);
    }

    [Fact]
    public void The_approximation_meets_the_exact_count_where_they_join()
    {
        double[] x = [.. Enumerable.Range(0, 30).Select(i => i * 1.0)];
        double[] y = [.. Enumerable.Range(0, 30).Select(i => i + 5.5)];
        double[] longer = [.. y, 40.25];
        Assert.Equal(SignificanceTest.Probability(x, y), SignificanceTest.Probability(x, longer), 0.02);
    }

    [Property]
    public Property It_does_not_matter_which_side_is_called_before() =>
        Prop.ForAll(
            Gen.Choose(1, 50).NonEmptyListOf().Where(l => l.Count < 15).ToArbitrary(),
            Gen.Choose(1, 50).NonEmptyListOf().Where(l => l.Count < 15).ToArbitrary(),
            (a, b) =>
            {
                double[] x = [.. a.Select(v => (double)v)],
                    y = [.. b.Select(v => (double)v)];
                var p = SignificanceTest.Probability(x, y);
                return p is > 0 and <= 1.0000001 && Math.Abs(p - SignificanceTest.Probability(y, x)) < 1e-9;
            }
        );
}
