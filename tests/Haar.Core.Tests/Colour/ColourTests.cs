using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Colour;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Colour;

/// <summary>CIELAB, CIEDE2000 and yellowness against published figures.</summary>
public class ColourTests
{
    /// <summary>The 34 pairs of Sharma, Wu and Dalal (2005), table 1.</summary>
    [Theory]
    [InlineData(50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425)]
    [InlineData(50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615)]
    [InlineData(50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412)]
    [InlineData(50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000)]
    [InlineData(50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0000)]
    [InlineData(50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0000)]
    [InlineData(50, 0, 0, 50, -1, 2, 2.3669)]
    [InlineData(50, -1, 2, 50, 0, 0, 2.3669)]
    [InlineData(50, 2.4900, -0.0010, 50, -2.4900, 0.0009, 7.1792)]
    [InlineData(50, 2.4900, -0.0010, 50, -2.4900, 0.0010, 7.1792)]
    [InlineData(50, 2.4900, -0.0010, 50, -2.4900, 0.0011, 7.2195)]
    [InlineData(50, 2.4900, -0.0010, 50, -2.4900, 0.0012, 7.2195)]
    [InlineData(50, -0.0010, 2.4900, 50, 0.0009, -2.4900, 4.8045)]
    [InlineData(50, -0.0010, 2.4900, 50, 0.0010, -2.4900, 4.8045)]
    [InlineData(50, -0.0010, 2.4900, 50, 0.0011, -2.4900, 4.7461)]
    [InlineData(50, 2.5, 0, 50, 0, -2.5, 4.3065)]
    [InlineData(50, 2.5, 0, 73, 25, -18, 27.1492)]
    [InlineData(50, 2.5, 0, 61, -5, 29, 22.8977)]
    [InlineData(50, 2.5, 0, 56, -27, -3, 31.9030)]
    [InlineData(50, 2.5, 0, 58, 24, 15, 19.4535)]
    [InlineData(50, 2.5, 0, 50, 3.1736, 0.5854, 1.0000)]
    [InlineData(50, 2.5, 0, 50, 3.2972, 0, 1.0000)]
    [InlineData(50, 2.5, 0, 50, 1.8634, 0.5757, 1.0000)]
    [InlineData(50, 2.5, 0, 50, 3.2592, 0.3350, 1.0000)]
    [InlineData(60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644)]
    [InlineData(63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630)]
    [InlineData(61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731)]
    [InlineData(35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645)]
    [InlineData(22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373)]
    [InlineData(36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146)]
    [InlineData(90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441)]
    [InlineData(90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381)]
    [InlineData(6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377)]
    [InlineData(2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082)]
    public void The_published_pairs(double l1, double a1, double b1, double l2, double a2, double b2, double published)
    {
        Assert.Equal(published, ColourDifference.DeltaE2000(new(l1, a1, b1), new(l2, a2, b2)), 4);
        Assert.Equal(published, ColourDifference.DeltaE2000(new(l2, a2, b2), new(l1, a1, b1)), 4);
    }

    [Theory]
    [InlineData(255, 255, 255, 100, 0, 0)]
    [InlineData(0, 0, 0, 0, 0, 0)]
    [InlineData(255, 0, 0, 53.24, 80.09, 67.20)]
    [InlineData(0, 255, 0, 87.73, -86.18, 83.18)]
    [InlineData(0, 0, 255, 32.30, 79.19, -107.86)]
    [InlineData(119, 119, 119, 50.03, 0, 0)]
    public void The_corners_of_srgb(double r, double g, double b, double l, double a, double bStar)
    {
        var lab = Srgb.ToLab(r, g, b);
        Assert.Equal(l, lab.L, 1);
        Assert.Equal(a, lab.A, 1);
        Assert.Equal(bStar, lab.B, 1);
    }

    [Property(MaxTest = 500)]
    public Property A_colour_goes_there_and_back() =>
        Prop.ForAll(
            Arb.From(Gen.Choose(0, 255).Three()),
            c =>
            {
                var lab = Srgb.ToLab(c.Item1, c.Item2, c.Item3);
                var back = Lab.Of(lab.ToXyz());
                return Math.Abs(back.L - lab.L) + Math.Abs(back.A - lab.A) + Math.Abs(back.B - lab.B) < 1e-9
                    && Math.Abs(Srgb.Encoded(Srgb.Linear(c.Item1 / 255.0)) * 255 - c.Item1) < 1e-4;
            }
        );

    [Fact]
    public void White_has_no_yellowness_and_black_has_none_to_give()
    {
        Assert.Equal(0, Yellowness.Index(Xyz.White)!.Value, 2);
        Assert.Null(Yellowness.Index(new(0, 0, 0)));
        var black = Yellowness.Of(new(0, 0, 0), new(90, 0, 3));
        Assert.Equal((null, Outcome.Unknown), (black.Index, black.Verdict.Outcome));
        Assert.True(Yellowness.Index(new Lab(80, 0, 25).ToXyz()) > Yellowness.Index(new Lab(80, 0, 10).ToXyz()));
    }

    [Fact]
    public void Yellowed_is_said_only_against_a_spot_that_light_never_reached()
    {
        var aged = new Lab(79, 1, 25);
        Assert.Equal(Outcome.Unknown, Yellowness.Of(aged).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Yellowness.Of(aged, new(86, -1, 6)).Verdict.Outcome);
        Assert.Equal(Outcome.No, Yellowness.Of(aged, aged).Verdict.Outcome);
    }

    [Fact]
    public void What_photos_cannot_show_is_not_called_alike()
    {
        Lab one = new(85, 0, 6),
            other = new(85, 0, 7.6);
        Assert.Equal(Outcome.YesIf, ColourDifference.Between(one, other).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, ColourDifference.Between(one, other, 1.5).Verdict.Outcome);
        // Near enough, and no photo good enough to say so; nobody knowing how good it is says it less still.
        Lab near = new(85, 0, 6.9);
        Assert.Equal(Outcome.Yes, ColourDifference.Between(one, near, 0.1).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, ColourDifference.Between(one, near, 0.5).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, ColourDifference.Between(one, near).Verdict.Outcome);
        Assert.Equal(Outcome.No, ColourDifference.Between(one, new(80, 2, 24), 1.5).Verdict.Outcome);
        Assert.Contains("18 yellower", ColourDifference.Between(one, new(80, 2, 24)).Verdict.Sentence, StringComparison.Ordinal);
        Assert.Equal("first.l", Assert.Throws<InvalidInputException>(() => ColourDifference.Between(new(101, 0, 0), one)).Field);
    }

    // Whitening.

    static WhiteningPoint[] Points(params (double Hours, double B)[] p) => [.. p.Select(x => new WhiteningPoint(x.Hours, x.B))];

    [Fact]
    public void Three_equally_spaced_points_are_fitted_exactly()
    {
        // b∞ 6, b₀ 24, k = ln 2 / 3 h: 24, 15, 10.5.
        var fit = Whitening.Fit(Points((0, 24), (3, 15), (6, 10.5)))!;
        Assert.Equal(24, fit.Start, 9);
        Assert.Equal(6, fit.Rest, 9);
        Assert.Equal(Math.Log(2) / 3, fit.PerHour, 9);
        // Hours count from the start also where nobody read it there.
        var late = Whitening.Fit(Points((3, 15), (6, 10.5), (9, 8.25)))!;
        Assert.Equal(24, late.Start, 6);
    }

    [Fact]
    public void More_points_by_least_squares_whatever_their_spacing()
    {
        var truth = new WhiteningFit(26, 5, 0.21);
        var fit = Whitening.Fit(Points([.. new[] { 0, 1, 2.5, 4, 7, 12.0 }.Select(t => (t, truth.At(t)))]))!;
        Assert.Equal(truth.Start, fit.Start, 4);
        Assert.Equal(truth.Rest, fit.Rest, 4);
        Assert.Equal(truth.PerHour, fit.PerHour, 4);
    }

    [Fact]
    public void Points_that_rise_or_speed_up_give_no_fit_and_say_so()
    {
        Assert.Null(Whitening.Fit(Points((0, 12), (3, 15), (6, 21))));
        Assert.Null(Whitening.Fit(Points((0, 24), (3, 21), (6, 12))));
        var rising = Whitening.Of(Points((0, 12), (3, 15), (6, 21)), 8);
        Assert.Equal((null, Outcome.No), (rising.Fit, rising.Verdict.Outcome));
        Assert.StartsWith("Stop: it gets yellower", rising.Verdict.Sentence, StringComparison.Ordinal);
        var within = Whitening.Of(Points((0, 24), (3, 25), (6, 23.5)), 8);
        Assert.Equal("No change that can be measured yet.", within.Verdict.Sentence);
        Assert.Equal("points", Assert.Throws<InvalidInputException>(() => Whitening.Of(Points((0, 24), (0, 20)))).Field);
        Assert.Equal("points", Assert.Throws<InvalidInputException>(() => Whitening.Of(Points((0, 24)))).Field);
    }

    [Fact]
    public void A_target_under_where_it_comes_to_rest_is_out_of_reach()
    {
        var truth = new WhiteningFit(26, 9, 0.3);
        var points = Points([.. new[] { 0, 2, 4, 6, 9, 12, 16.0 }.Select(t => (t, truth.At(t)))]);
        var r = Whitening.Of(points, 4, new() { Noise = 0.3 });
        Assert.Equal(Outcome.No, r.Verdict.Outcome);
        Assert.Contains("out of reach", r.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Equal(Outcome.No, Whitening.Of(Points((0, 24), (3, 15), (6, 9.5)), 10).Verdict.Outcome);
        // Little is gained any more.
        Assert.StartsWith(
            "Stop: another hour gains",
            Whitening.Of(points, null, new() { Noise = 0.3 }).Verdict.Sentence,
            StringComparison.Ordinal
        );
    }

    /// <summary>Simulated sessions with the noise of photos: the hours that it really takes lie in the band as often as the band says, give or take the chance of the draw.</summary>
    [Fact]
    public void The_band_holds_the_truth_as_often_as_it_says()
    {
        var dice = new Random(20261126);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - dice.NextDouble())) * Math.Cos(2 * Math.PI * dice.NextDouble());
        int said = 0,
            held = 0;
        for (var run = 0; run < 400; run++)
        {
            var h = new WhiteningDefaults();
            var truth = new WhiteningFit(
                20 + 8 * dice.NextDouble(),
                h.UsualRest + h.UsualRestSpread * Normal(),
                h.UsualPerHour * Math.Pow(h.UsualPerHourFactor, Normal())
            );
            var points = Points([.. new[] { 0, 2, 4.0 }.Select(t => (t, truth.At(t) + h.Noise * Normal()))]);
            var target = truth.Rest + 0.2 * (truth.Start - truth.Rest);
            var r = Whitening.Of(points, target, h);
            if (r.HoursToTarget is not { } hours || r.Verdict.Outcome != Outcome.YesIf)
            {
                continue;
            }
            var really = Math.Max(0, Math.Log((truth.Start - truth.Rest) / (target - truth.Rest)) / truth.PerHour - 4);
            said++;
            held += really >= hours.Low && really <= hours.High ? 1 : 0;
        }
        Assert.True(said > 150, $"{said} of 400 were forecast");
        Assert.InRange((double)held / said, Whitening.BandShare - 0.12, 1);
    }

    /// <summary>
    /// The same where the truth is none of the fit's own: two kinds of stain of which one goes slowly, a bleach that is used up, a rate
    /// that follows the clouds. Noise of the camera is in all of them.
    /// </summary>
    [Theory]
    [InlineData("two stains")]
    [InlineData("used up")]
    [InlineData("stretched")]
    [InlineData("clouds")]
    public void The_band_holds_with_kinetics_that_are_not_those_of_the_fit(string kinetics)
    {
        var dice = new Random(19910217);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - dice.NextDouble())) * Math.Cos(2 * Math.PI * dice.NextDouble());
        int said = 0,
            held = 0;
        for (var run = 0; run < 400; run++)
        {
            var h = new WhiteningDefaults();
            var (start, rest) = (20 + 8 * dice.NextDouble(), h.UsualRest + h.UsualRestSpread * Normal());
            var k = h.UsualPerHour * Math.Pow(h.UsualPerHourFactor, Normal());
            var phase = dice.NextDouble() * Math.PI;
            double Left(double t) =>
                kinetics switch
                {
                    "two stains" => 0.7 * Math.Exp(-k * t) + 0.3 * Math.Exp(-0.4 * k * t),
                    "used up" => Math.Exp(-k / 0.04 * (1 - Math.Exp(-0.04 * t))),
                    "stretched" => Math.Exp(-Math.Pow(k * t, 0.88)),
                    _ => Math.Exp(-k * (t + 0.5 * (Math.Sin(1.1 * t + phase) - Math.Sin(phase)))),
                };
            double At(double t) => rest + (start - rest) * Left(t);
            var points = Points([.. new[] { 0, 2, 4, 6.0 }.Select(t => (t, At(t) + h.Noise * Normal()))]);
            var target = rest + 0.3 * (start - rest);
            var r = Whitening.Of(points, target, h);
            if (r.HoursToTarget is not { } hours || r.Verdict.Outcome != Outcome.YesIf)
            {
                continue;
            }
            // What is left falls all the time: the hour is found by halving.
            var (low, high) = (0.0, 4000.0);
            for (var i = 0; i < 60; i++)
            {
                var m = (low + high) / 2;
                (low, high) = Left(m) > 0.3 ? (m, high) : (low, m);
            }
            var really = Math.Max(0, high - 6);
            said++;
            held += really >= hours.Low && really <= hours.High ? 1 : 0;
        }
        Assert.True(said > 100, $"{said} of 400 were forecast");
        Assert.True((double)held / said >= Whitening.BandShare - 0.12, $"{kinetics}: {held} of {said}");
    }
}
