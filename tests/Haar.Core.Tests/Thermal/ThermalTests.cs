using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Costs;
using Haar.Core.Safety;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Thermal;

public class GapTests
{
    static HotPartFacts Part(double low, double likely, double high, double watts = 20, bool bare = false) =>
        new()
        {
            Watts = watts,
            SquareMillimetres = 400,
            GapMillimetres = new(low, likely, high),
            BareDie = bare,
        };

    [Fact]
    public void The_drop_is_power_times_thickness_over_conductivity_and_area() =>
        Assert.Equal(20 * 0.001 / (4 * 400e-6), Gap.DropKelvin(20, 1, 4, 400), 9);

    [Fact]
    public void Metal_that_nearly_touches_takes_paste() =>
        Assert.Equal(GapFiller.Paste, Gap.Choose("it", Part(0.02, 0.04, 0.06)).Options[0].Filler);

    [Fact]
    public void A_pads_thickness_is_never_bridged_with_paste()
    {
        var r = Gap.Choose("it", Part(0.9, 1, 1.1, watts: 4));
        Assert.Equal(GapFiller.Pad, r.Options[0].Filler);
        Assert.Equal(Outcome.No, r.Options.Single(o => o.Filler == GapFiller.Paste).Verdict.Outcome);
    }

    [Fact]
    public void The_pad_that_came_out_says_how_thick_the_next_one_is()
    {
        // 1.15 mm in its dent, ± a tenth: 1.5 mm is pressed by 16 to 31 %.
        var r = Gap.Choose(
            "it",
            new()
            {
                Watts = 4,
                SquareMillimetres = 900,
                OldPadMillimetres = 1.15,
            }
        );
        Assert.Equal(1.5, r.Options.Single(o => o.Filler == GapFiller.Pad).Millimetres);
        Assert.Equal(4 * 1.15e-3 / (3 * 900e-6), r.Options.Single(o => o.Filler == GapFiller.Pad).DropKelvin!.Value, 2);
    }

    [Fact]
    public void Without_a_gap_nothing_is_said_and_a_bare_die_carries_its_caution()
    {
        Assert.Equal(Outcome.Unknown, Gap.Choose("it", new() { Watts = 4, SquareMillimetres = 900 }).Verdict.Outcome);
        Assert.Contains(CautionId.BareDie, Gap.Choose("it", Part(0.02, 0.04, 0.06, bare: true)).Verdict.Cautions);
    }

    [Property]
    public Property A_pad_that_is_offered_is_pressed_and_never_crushed() =>
        Prop.ForAll(
            Gen.Choose(20, 2600).ToArbitrary(),
            Gen.Choose(0, 300).ToArbitrary(),
            (low, more) =>
            {
                var h = new ThermalDefaults { MostDropKelvin = 100 };
                var gap = new Estimate(low / 1000.0, (low + more / 2.0) / 1000, (low + more) / 1000.0);
                var pad = Gap.Choose(
                        "it",
                        new()
                        {
                            Watts = 0.5,
                            SquareMillimetres = 400,
                            GapMillimetres = gap,
                        },
                        h
                    )
                    .Options.Single(o => o.Filler == GapFiller.Pad);
                return pad.Millimetres is not { } size
                    || 1 - gap.High / size >= h.PadLeastCompression - 1e-9 && 1 - gap.Low / size <= h.PadMostCompression + 1e-9;
            }
        );

    [Theory]
    [InlineData(0, 400)]
    [InlineData(20, 0)]
    [InlineData(double.NaN, 400)]
    public void A_part_without_power_or_face_is_refused(double watts, double area) =>
        Assert.Throws<InvalidInputException>(() => Gap.Choose("it", new() { Watts = watts, SquareMillimetres = area }));
}

public class HeatProofTests
{
    static HeatReading[] At(double room, params double[] celsius) => [.. celsius.Select(c => new HeatReading(c, room))];

    [Fact]
    public void Each_reading_counts_less_its_own_room()
    {
        // 52 K above the room before, 40 K after, although the thermometer fell by 9 only.
        var r = HeatProof.Compare("processor", At(19, 71, 70.5, 71, 71.5, 71), At(22, 62, 62.5, 62, 61.5, 62));
        Assert.Equal(12, r.SavedKelvin!.Value, 6);
        Assert.Equal(Outcome.Yes, r.Verdict.Outcome);
    }

    [Fact]
    public void A_colder_room_is_no_better_paste() =>
        Assert.NotEqual(
            Outcome.Yes,
            HeatProof.Compare("processor", At(24, 64, 64.5, 63.5, 64, 64), At(19, 59, 59.5, 58.5, 59, 59)).Verdict.Outcome
        );

    [Fact]
    public void Another_load_or_too_different_a_room_is_not_compared()
    {
        Assert.Equal(
            Outcome.Unknown,
            HeatProof.Compare("processor", At(20, 70, 70, 70), At(20, 60, 60, 60), sameLoad: false).Verdict.Outcome
        );
        Assert.Equal(Outcome.Unknown, HeatProof.Compare("processor", At(10, 60, 60, 60), At(25, 65, 65, 65)).Verdict.Outcome);
    }

    [Fact]
    public void Fahrenheit_taken_for_celsius_is_caught_by_its_size()
    {
        var e = Assert.Throws<InvalidInputException>(() => HeatProof.Compare("processor", At(20, 160), []));
        Assert.Contains("71.1 °C", e.Message, StringComparison.Ordinal);
        Assert.Equal(
            "before[0].roomCelsius",
            Assert.Throws<InvalidInputException>(() => HeatProof.Compare("processor", At(68, 71), [])).Field
        );
    }

    [Fact]
    public void A_fan_that_starts_late_or_turns_slowly_has_a_dry_bearing()
    {
        Assert.Equal(Outcome.No, Fan.Judge(new() { RatedRpm = 4200, ReadRpm = 3350 }).Outcome);
        Assert.Equal(Outcome.No, Fan.Judge(new() { StartVolts = 8.1 }).Outcome);
        Assert.Equal(
            Outcome.Yes,
            Fan.Judge(
                new()
                {
                    RatedRpm = 4200,
                    ReadRpm = 4000,
                    StartVolts = 5,
                }
            ).Outcome
        );
        Assert.Equal(Outcome.Unknown, Fan.Judge(new()).Outcome);
    }
}
