using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Colour;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Colour;

/// <summary>Colour from a photo with a card, whatever the lamp and the camera's curve did.</summary>
public class PhotoColourTests
{
    static readonly Lab White = new(95.2, -0.4, 1.1),
        Grey = new(50.1, -0.2, 0.3);

    /// <summary>As a camera shows it: each channel by a gain, all by a power.</summary>
    static PatchSample Seen(Lab lab, double[] gain, double power = 1, double noise = 0)
    {
        var l = Srgb.FromXyz(lab.ToXyz());
        double Of(int i) => Math.Clamp(255 * Srgb.Encoded(Math.Clamp(gain[i] * Math.Pow(Math.Max(l[i], 0), power), 0, 1)) + noise, 0, 255);
        return new(Of(0), Of(1), Of(2));
    }

    static readonly double[] Warm = [0.86, 0.78, 0.6];

    static PhotoColourResult Measure(Lab patch, double[] gain, double power = 1, CardKind kind = CardKind.Published, double noise = 0) =>
        PhotoColour.Measure(
            kind,
            [new(Seen(White, gain, power), White), new(Seen(Grey, gain, power), Grey)],
            [new("lid", Seen(patch, gain, power, noise))],
            ThreeState.Yes
        );

    [Fact]
    public void A_lamp_and_a_camera_s_curve_are_taken_out()
    {
        var patch = new Lab(79.4, 0.8, 24.6);
        foreach (
            var (gain, power) in new[] { (new[] { 1.0, 1, 1 }, 1.0), (Warm, 1.0), ([0.5, 0.6, 0.75], 1.0), (Warm, 0.85), (Warm, 1.15) }
        )
        {
            var got = Measure(patch, gain, power).Patches[0].Lab;
            Assert.InRange(ColourDifference.DeltaE2000(patch, got), 0, power == 1 ? 0.25 : 0.6);
        }
    }

    static readonly Arbitrary<(Lab Patch, double[] Gain)> Any = Arb.From(
        from l in Gen.Choose(45, 92)
        from a in Gen.Choose(-5, 8)
        from b in Gen.Choose(-3, 30)
        from r in Gen.Choose(55, 95)
        from g in Gen.Choose(55, 95)
        from u in Gen.Choose(45, 95)
        select (new Lab(l, a, b), new[] { r / 100.0, g / 100.0, u / 100.0 })
    );

    [Property(MaxTest = 300)]
    public Property Any_light_in_reach_gives_the_same_colour() =>
        Prop.ForAll(
            Any,
            x =>
            {
                var r = Measure(x.Patch, x.Gain);
                // Blown out or hardly lit is refused instead.
                return r.Patches.Count == 0 || ColourDifference.DeltaE2000(x.Patch, r.Patches[0].Lab) < 0.5;
            }
        );

    [Fact]
    public void Paper_gives_differences_only_and_says_so()
    {
        var r = PhotoColour.Measure(
            CardKind.PlainPaper,
            [new(Seen(PhotoColour.WhitePaper, Warm))],
            [new("lid", Seen(new(80, 1, 20), Warm)), new("under the foot", Seen(new(85, -1, 7), Warm), true)],
            ThreeState.Yes
        );
        Assert.False(r.Absolute);
        Assert.Equal(Outcome.YesIf, r.Verdict.Outcome);
        Assert.Contains("only under the same card", r.Verdict.Sentence, StringComparison.Ordinal);
        Assert.InRange(r.Patches[0].Apart!.Value, 7, 14);
        Assert.Null(r.Patches[1].Apart);
        Assert.InRange(r.B!.Value, 19.5, 20.5);
    }

    [Fact]
    public void What_cannot_be_used_is_refused_with_what_to_do()
    {
        var patch = new ColourPatch("lid", Seen(new(80, 1, 20), Warm));
        var card = new CardField(Seen(White, Warm), White);
        PhotoColourResult Of(CardKind kind, IReadOnlyList<CardField> fields, ColourPatch p, ThreeState clean = ThreeState.Yes) =>
            PhotoColour.Measure(kind, fields, [p], clean);
        foreach (
            var (what, r) in new[]
            {
                ("no card", Of(CardKind.None, [], patch)),
                ("There is no card", Of(CardKind.Published, [], patch)),
                ("values", Of(CardKind.Published, [new(card.Seen)], patch)),
                ("Clean", Of(CardKind.Published, [card], patch, ThreeState.NotKnown)),
                ("Blown out", Of(CardKind.Published, [card], patch with { Seen = patch.Seen with { ClippedShare = 0.2 } })),
                ("Too dark", Of(CardKind.Published, [card], new("lid", new(9, 8, 7)))),
                ("shadow", Of(CardKind.Published, [card], patch with { Seen = patch.Seen with { Unevenness = 0.6 } })),
                ("too coloured", Of(CardKind.Published, [new(new(240, 110, 60), White)], patch)),
                (
                    "Two kinds of light",
                    Of(
                        CardKind.Published,
                        [card, new(Seen(Grey, [0.6, 0.75, 0.95]), Grey), new(Seen(new(70, 0, 0), Warm), new(70, 0, 0))],
                        patch
                    )
                ),
            }
        )
        {
            Assert.Empty(r.Patches);
            Assert.Null(r.B);
            Assert.Contains(what, r.Verdict.Sentence, StringComparison.OrdinalIgnoreCase);
            Assert.NotEmpty(r.Verdict.WouldChange);
            Assert.True(r.Verdict.Outcome is Outcome.No or Outcome.Unknown, what);
        }
        Assert.Throws<InvalidInputException>(() => Of(CardKind.Published, [card], new("lid", new(double.NaN, 1, 1))));
        Assert.Throws<InvalidInputException>(() => PhotoColour.Measure(CardKind.Published, [card], [], ThreeState.Yes));
    }

    [Fact]
    public void How_far_a_photo_can_be_trusted_is_measured_and_few_photos_lean_on_what_is_usual()
    {
        Assert.Equal(1, PhotoColour.NoiseOf([]), 9);
        Assert.Equal(1, PhotoColour.NoiseOf([20]), 9);
        // (2·1 + 0.5) / 3 for two that are one apart.
        Assert.Equal(Math.Sqrt(2.5 / 3), PhotoColour.NoiseOf([20, 21]), 9);
        Assert.True(PhotoColour.NoiseOf([20, 26, 17]) > 2.5);
        Assert.InRange(PhotoColour.NoiseOf([.. Enumerable.Repeat(20.0, 40)]), 0.1, 0.25);
    }

    [Fact]
    public void A_spot_of_pixels_is_averaged_in_linear_light_and_says_what_is_blown_out()
    {
        // Half black and half white is not the middle grey of the code values.
        var half = new PixelGrid(2, 1, [0, 0, 0, 1, 1, 1]).Sample();
        Assert.Equal(255 * Srgb.Encoded(0.5), half.Red, 6);
        Assert.Equal(0.5, half.ClippedShare, 9);
        var even = new PixelGrid(4, 4, [.. Enumerable.Repeat(0.4f, 48)]).Sample();
        Assert.Equal(0, even.Unevenness, 6);
        var shade = new PixelGrid(2, 2, [0.4f, 0.4f, 0.4f, 0.2f, 0.2f, 0.2f, 0.4f, 0.4f, 0.4f, 0.2f, 0.2f, 0.2f]).Sample();
        Assert.Equal(1, shade.Unevenness, 5);
        Assert.Throws<InvalidInputException>(() => new PixelGrid(0, 0, []).Sample());
    }

    [Fact]
    public void From_xyz_to_light_and_back_is_the_same()
    {
        foreach (var lab in new[] { White, Grey, new Lab(79, 3, 25), new Lab(30, -5, -12) })
        {
            var l = Srgb.FromXyz(lab.ToXyz());
            Assert.InRange(ColourDifference.DeltaE2000(lab, Lab.Of(Srgb.ToXyz(l[0], l[1], l[2]))), 0, 0.01);
        }
    }
}

/// <summary>What a session counts as.</summary>
public class DoseTests
{
    static readonly BleachFacts Bath = new()
    {
        Percent = 6,
        As = BleachAs.Bath,
        Light = BleachLight.Lamp,
    };

    [Fact]
    public void Hours_strength_light_and_warmth_multiply()
    {
        var noon = new DateTime(2026, 6, 20, 12, 0, 0);
        Assert.Equal(3, Dose.Of(Bath, noon, 3).Hours, 9);
        Assert.Equal(3 * Math.Sqrt(2), Dose.Of(Bath with { Percent = 12 }, noon, 3).Hours, 9);
        Assert.Equal(6, Dose.Of(Bath with { Celsius = 35 }, noon, 3).Hours, 9);
        Assert.Equal(2.4, Dose.Of(Bath with { As = BleachAs.Film }, noon, 3).Hours, 9);
        Assert.Equal(1.5, Dose.Of(Bath with { LampStrength = 0.5 }, noon, 3).Hours, 9);
    }

    [Fact]
    public void The_sun_goes_by_date_hour_cloud_and_latitude()
    {
        var sun = Bath with { Light = BleachLight.Sun, CloudShare = 0 };
        double At(int month, int hour, BleachFacts b) => Dose.Of(b, new DateTime(2026, month, 20, hour, 0, 0), 1).Light;
        Assert.InRange(At(6, 12, sun), 0.95, 1.1);
        Assert.True(At(12, 12, sun) < 0.3);
        Assert.Equal(0, At(12, 22, sun));
        // Kasten and Czeplak: a covered sky lets a quarter through.
        Assert.Equal(At(6, 12, sun) * 0.25, At(6, 12, sun with { CloudShare = 1 }), 9);
        Assert.True(At(6, 12, sun with { Latitude = 35 }) > At(6, 12, sun with { Latitude = 65 }));
        // Height of the sun at noon of midsummer, 55° north: 90 − 55 + 23.4.
        Assert.Equal(58.4, Math.Asin(Dose.SunHeight(55, 172, 12)) * 180 / Math.PI, 0.3);
    }

    [Fact]
    public void What_nobody_said_counts_as_nothing()
    {
        foreach (
            var b in new[]
            {
                Bath with
                {
                    Percent = null,
                },
                Bath with
                {
                    As = BleachAs.NotKnown,
                },
                Bath with
                {
                    Light = BleachLight.NotKnown,
                },
            }
        )
        {
            var r = Dose.Of(b, new DateTime(2026, 6, 20, 12, 0, 0), 3);
            Assert.Equal((0, Outcome.Unknown), (r.Hours, r.Verdict.Outcome));
        }
        Assert.Throws<InvalidInputException>(() => Dose.Of(Bath with { Percent = 60 }, default, 1));
        Assert.Throws<InvalidInputException>(() => Dose.Of(Bath, default, double.NaN));
    }
}

/// <summary>Which two will look alike.</summary>
public class ColourMatchTests
{
    static MatchPart Part(string name, double b, ThreeState whitens = ThreeState.Yes, ThreeState fits = ThreeState.Yes) =>
        new()
        {
            Name = name,
            Colour = new(84 - (b - 7) * ColourMatch.LightnessPerB, -0.8 + (b - 7) * ColourMatch.RedPerB, b),
            Whitens = whitens,
            Fits = fits,
        };

    [Fact]
    public void The_yellower_is_whitened_until_it_meets_the_other()
    {
        var upper = Part("upper", 22) with { Points = [new(0, 28), new(4, 22), new(8, 18)] };
        var r = ColourMatch.Of([Part("lower", 12), upper with { Colour = Part("x", 18).Colour }]);
        var pair = r.Pairs[0];
        Assert.Equal("upper", pair.Which);
        // b∞ = 10, k = ln(1.5)/4: from 18 to 12 takes ln(4)/k.
        Assert.Equal(Math.Log(4) / (Math.Log(1.5) / 4), pair.Hours!.Value, 3.5);
        Assert.Equal(Outcome.YesIf, pair.Verdict.Outcome);
        Assert.True(pair.Apart < ColourDifference.SeenFrom);
    }

    [Fact]
    public void Holes_that_are_others_wet_paint_and_what_may_not_be_whitened_do_not_match()
    {
        MatchPair Of(MatchPart a, MatchPart b) => ColourMatch.Of([a, b]).Pairs[0];
        Assert.Equal(Outcome.No, Of(Part("a", 8), Part("b", 8, fits: ThreeState.No)).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, Of(Part("a", 8), Part("paint", 8) with { Paint = true }).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Of(Part("a", 8), Part("paint", 8) with { Paint = true, Dried = ThreeState.Yes }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Of(Part("a", 8), Part("b", 25, ThreeState.No)).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, Of(Part("a", 8), Part("b", 25, ThreeState.NotKnown)).Verdict.Outcome);
        // Alike as they are, if their holes are: nobody has said so.
        Assert.Equal(Outcome.YesIf, Of(Part("a", 8), Part("b", 8.2, fits: ThreeState.NotKnown)).Verdict.Outcome);
    }

    [Fact]
    public void The_best_pair_stands_first_and_knowing_less_never_makes_a_yes()
    {
        var r = ColourMatch.Of([Part("a", 8), Part("b", 24), Part("c", 8.3)]);
        Assert.Equal(("a", "c"), (r.Pairs[0].First, r.Pairs[0].Second));
        Assert.Equal(3, r.Pairs.Count);
        foreach (var fits in new[] { ThreeState.NotKnown, ThreeState.No })
        {
            Assert.NotEqual(Outcome.Yes, ColourMatch.Of([Part("a", 8), Part("c", 8, fits: fits)]).Pairs[0].Verdict.Outcome);
        }
        Assert.Throws<InvalidInputException>(() => ColourMatch.Of([Part("a", 8)]));
    }
}
