using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Drying;
using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Colour;

/// <summary>Into the light and out of it again: what has to hold before, and when to stop.</summary>
public class WhiteningRunTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 20, 10, 0, 0, TimeSpan.Zero);
    static readonly BleachFacts Bleach = new()
    {
        Percent = 6,
        As = BleachAs.Bath,
        Light = BleachLight.Lamp,
    };
    static readonly StartSession Start = new(Bleach, 3, ThreeState.Yes);

    static WhiteningFacts Facts(params (double Dose, double B)[] readings) =>
        new(
            new() { Id = Guid.NewGuid(), ColourPolicy = ColourPolicy.Whiten },
            new()
            {
                Id = Guid.NewGuid(),
                Masked = ThreeState.Yes,
                TargetB = 7,
                Readings = [.. readings.Select((r, i) => new ColourReading(Now.AddHours(i - 10), r.Dose, r.B, 0.5, true, []))],
            },
            new()
            {
                Id = Guid.NewGuid(),
                Name = "Upper shell",
                Facts = new()
                {
                    Materials = [Material.Abs],
                    Features = [],
                    Soils = [Soil.VapourFilm],
                },
                Mains = ThreeState.No,
            },
            []
        );

    static Done Act(Command<WhiteningFacts> c, WhiteningFacts f, DateTimeOffset at) =>
        Assert.IsType<Done>(c.Decide(f, new(at, DateOnly.FromDateTime(at.Date), Guid.NewGuid)));

    [Fact]
    public void A_session_goes_from_the_light_to_dry_and_is_measured_again()
    {
        var f = Facts((0, 24.6));
        Act(Start, f, Now);
        Assert.False(Start.May(f, Now).Granted);
        // While it lies there it is wet, and neither rinsed, dried, nor met by another cleaner.
        var lies = new CleaningActFacts(f.Machine, f.Item, []);
        Assert.Equal((true, true), (f.Item.Wet, f.Item.Facts.On.Contains(Substance.Peroxide)));
        Assert.False(new RinseItem().May(lies, Now).Granted);
        Assert.False(new DryItem().May(lies, Now.AddYears(1)) is { Granted: true } or { MayBeOverruled: true });
        Assert.False(new TryMethod("cloth-damp", 1, false, true, true).May(lies, Now).Granted);
        Assert.Single(new CleaningRoom().BeforePower(new Core.Planning.MachineFacts { Machine = f.Machine, CleanedItems = [f.Item] }, Now));
        Assert.False(new KeepColour(Colour(18), null, false).May(f, Now.AddHours(2)).Granted);
        Act(new EndSession(), f, Now.AddHours(3));
        Assert.Equal((3, true), (f.Run.Dose, f.Item.Wet));
        Assert.Equal([Substance.Peroxide], f.Item.Facts.On);
        // Wet, and peroxide on it: not measured, not done, not back into the light unmeasured.
        Assert.False(new KeepColour(Colour(18), null, false).May(f, Now.AddHours(4)).Granted);
        Assert.False(new FinishWhitening().May(f, Now.AddHours(4)).Granted);
        f.Item.Sheet = f.Item.Sheet with { WetAt = null };
        f.Item.Facts = f.Item.Facts with { On = [] };
        var again = Start.May(f, Now.AddHours(9));
        Assert.True(again is { Granted: false, MayBeOverruled: true });
        Act(new KeepColour(Colour(18), null, false), f, Now.AddHours(10));
        Assert.Equal([(0, 24.6), (3, 18)], f.Run.Readings.Select(r => (r.Dose, r.B)));
        Assert.True(Start.May(f, Now.AddHours(11)).Granted);
    }

    static PhotoColourResult Colour(double b) =>
        new(
            true,
            [new("lid", new(80, 0, b), 20, false, null), new("under", new(85, -1, 7), 9, true, null)],
            b,
            0.5,
            1,
            Verdict.Of("", Outcome.Yes, "", Basis.Measured)
        );

    [Fact]
    public void Taking_a_fact_away_never_lets_it_into_the_light()
    {
        foreach (
            var (what, less) in new (string, Action<WhiteningFacts>)[]
            {
                ("policy", f => f.Machine.ColourPolicy = ColourPolicy.NotDecided),
                ("leave", f => f.Machine.ColourPolicy = ColourPolicy.Leave),
                ("masked", f => f.Run.Masked = ThreeState.NotKnown),
                ("material", f => f.Item.Facts = f.Item.Facts with { Materials = [] }),
                ("metal", f => f.Item.Facts = f.Item.Facts with { Materials = [Material.Abs, Material.BareSteel] }),
                ("acid", f => f.Item.Facts = f.Item.Facts with { On = [Substance.Acid] }),
                ("unknown cleaner", f => f.Item.Facts = f.Item.Facts with { On = [Substance.NotKnown] }),
                ("bloom", f => f.Run.Readings = [f.Run.Readings[0] with { Bloom = true }]),
            }
        )
        {
            var f = Facts((0, 24.6));
            Assert.True(Start.May(f, Now).Granted);
            less(f);
            var permit = Start.May(f, Now);
            Assert.False(permit.Granted, what);
            Assert.False(permit.MayBeOverruled, what);
        }
        foreach (
            var c in new[]
            {
                Start with
                {
                    Protected = ThreeState.NotKnown,
                },
                Start with
                {
                    Bleach = Bleach with { Percent = null },
                },
                Start with
                {
                    Bleach = Bleach with { Light = BleachLight.NotKnown },
                },
                Start with
                {
                    Bleach = Bleach with { As = BleachAs.NotKnown },
                },
            }
        )
        {
            Assert.False(c.May(Facts((0, 24.6)), Now) is { Granted: true } or { MayBeOverruled: true });
        }
    }

    [Fact]
    public void Stop_rules_may_be_decided_against_with_a_reason_and_hold_again_when_the_readings_change()
    {
        // It rises, it has reached what is wanted, it parts.
        foreach (var f in new[] { Facts((0, 20), (3, 26)), Facts((0, 20), (3, 12), (6, 6.5)), Facts((0, 24)) })
        {
            if (f.Run.Readings.Count == 1)
            {
                f.Run.Readings = [f.Run.Readings[0], new(Now, 3, 18, 3, true, [])];
            }
            var permit = Start.May(f, Now);
            Assert.True(permit is { Granted: false, MayBeOverruled: true });
            Assert.StartsWith("Stop", permit.Verdict.Sentence, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void Strong_peroxide_and_a_germicidal_lamp_say_what_they_are()
    {
        var strong = (Start with { Bleach = Bleach with { Percent = 18 } }).May(Facts((0, 24.6)), Now);
        Assert.Contains(strong.Verdict.Reasons, r => r.Text.Contains("not sold to everyone", StringComparison.Ordinal));
        Assert.Contains(CautionId.Peroxide, strong.Verdict.Cautions);
        var lamp = (Start with { Bleach = Bleach with { Light = BleachLight.LampUvC }, Protected = ThreeState.No }).May(
            Facts((0, 24.6)),
            Now
        );
        Assert.Contains("ozone", lamp.Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_tray_holds_one_thing()
    {
        var f = Facts((0, 24.6)) with { Held = new Dictionary<string, string> { ["the long tray"] = "a lid" } };
        Assert.Contains(
            "a lid lies in it",
            (Start with { Tray = "The long tray " }).May(f, Now).Verdict.Sentence,
            StringComparison.Ordinal
        );
        Assert.True((Start with { Tray = "the short tray" }).May(f, Now).Granted);
    }

    [Fact]
    public void Readings_under_another_card_are_not_compared()
    {
        var f = Facts((0, 24.6), (3, 18));
        f.Run.Readings = [.. f.Run.Readings, new(Now, 6, 30, 0.4, false, [])];
        Assert.Null(f.Run.Forecast());
        f.Run.Readings = [.. f.Run.Readings, new(Now, 9, 22, 0.4, false, [])];
        Assert.NotNull(f.Run.Forecast());
        Assert.Equal(2, f.Run.Comparable.Count);
        // Paper and a printed card are two, though neither is absolute.
        f.Run.Readings = [.. f.Run.Readings, new(Now, 12, 20, 0.4, false, []) { Card = CardKind.Printed }];
        Assert.Null(f.Run.Forecast());
    }

    /// <summary>A night in the sun's place, a lamp of a searchlight's strength, years of doses: a forecast, or none, and never a fault.</summary>
    [Theory]
    [InlineData(0.001)]
    [InlineData(0)]
    [InlineData(9000)]
    public void Whatever_a_session_came_to_the_forecast_can_be_asked(double dose)
    {
        var f = Facts((0, 24.6), (3, 18), (6, 14));
        f.Run.Sessions = [new(Now.AddHours(-12), 12, Bleach, Now, dose)];
        Assert.NotNull(f.Run.Forecast());
        f.Run.Readings = [.. f.Run.Readings, new(Now, 9999, 9, 0.4, true, [])];
        Assert.NotNull(f.Run.Forecast());
        Assert.NotNull(Start.May(f, Now).Verdict);
    }

    [Fact]
    public void What_no_reading_can_be_is_refused_before_it_is_kept()
    {
        foreach (
            var bad in new ColourReading[]
            {
                new(Now, -5, 20, 0.4, true, []),
                new(Now, 3, 400, 0.4, true, []),
                new(Now, double.NaN, 20, 0.4, true, []),
                new(Now, 3, 20, -1, true, []),
            }
        )
        {
            Assert.Throws<InvalidInputException>(() => new WhiteningRun { Readings = [bad] }.Check());
        }
        Assert.Throws<InvalidInputException>(() => new WhiteningRun { Sessions = [new(Now, 3, Bleach, Now, -1)] }.Check());
        Assert.Throws<InvalidInputException>(() => new WhiteningRun { Repeats = [double.PositiveInfinity] }.Check());
        new WhiteningRun { Readings = [new(Now, 3, 20, 0.4, true, [])], Sessions = [new(Now, 3, Bleach)] }.Check();
    }

    [Fact]
    public void A_session_that_nobody_ended_counts_no_longer_than_it_can()
    {
        var f = Facts((0, 24.6));
        Act(Start, f, Now);
        Act(new EndSession(), f, Now.AddDays(400));
        Assert.InRange(f.Run.Dose, 0, 500);
        // A clock that was set back.
        Act(Start, Facts((0, 24.6)), Now);
        var back = Facts((0, 24.6));
        Act(Start, back, Now);
        Act(new EndSession(), back, Now.AddHours(-5));
        Assert.Equal(0, back.Run.Dose);
    }
}
