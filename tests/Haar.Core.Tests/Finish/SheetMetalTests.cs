using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Finish;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Finish;

/// <summary>A panel from its rust to its earth points, with the windows in between.</summary>
public class SheetMetalTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 20, 10, 0, 0, TimeSpan.Zero);

    static FinishFacts Panel(Action<SheetMetal>? change = null)
    {
        var m = new SheetMetal
        {
            Id = Guid.NewGuid(),
            Name = "Side cover",
            RustedPercent = 5,
            Coating = Coating.Paint,
            Leaked = ThreeState.No,
            Working = ThreeState.Yes,
            Coats = 2,
        };
        change?.Invoke(m);
        return new(new Machine { Id = Guid.NewGuid() }, m, []);
    }

    static void Take(FinishFacts f, TakeFinishStep step, DateTimeOffset at) =>
        Assert.True(step.Decide(f, new(at, default, Guid.NewGuid)) is Done, step.May(f, at).Verdict.Sentence);

    static readonly TakeFinishStep Coat = new(FinishStep.Coat, Celsius: 19, Humidity: 50);

    /// <summary>Up to where the first coat goes on.</summary>
    static FinishFacts Primed()
    {
        var f = Panel();
        Take(f, new(FinishStep.Mask), Now);
        Take(f, new(FinishStep.RemoveRust, Wet: ThreeState.Yes), Now);
        Take(f, new(FinishStep.Dry), Now);
        Take(f, new(FinishStep.Prime, Celsius: 19, Humidity: 50), Now.AddHours(1));
        Take(f, new(FinishStep.TestCard, Looks: ThreeState.Yes), Now.AddHours(1));
        return f;
    }

    [Fact]
    public void It_goes_from_rust_to_earth_points_in_order()
    {
        var f = Primed();
        Assert.False(Coat.May(f, Now.AddMinutes(61)).Granted);
        Take(f, Coat, Now.AddMinutes(75));
        Take(f, Coat, Now.AddMinutes(90));
        Assert.Equal(FinishStep.Cure, f.Panel.Next);
        Assert.False(new TakeFinishStep(FinishStep.Cure).May(f, Now.AddHours(5)).Granted);
        Take(f, new(FinishStep.Cure), Now.AddHours(26));
        // Painted over: it does not earth, and no reason stands against that.
        var high = new TakeFinishStep(FinishStep.EarthPoints, Ohms: 2.4).May(f, Now.AddHours(27));
        Assert.True(high is { Granted: false, MayBeOverruled: false });
        Take(f, new(FinishStep.EarthPoints, Ohms: 0.06), Now.AddHours(27));
        Assert.Null(f.Panel.Next);
    }

    [Fact]
    public void Bare_steel_has_a_window_and_a_coat_has_one()
    {
        var f = Panel();
        Take(f, new(FinishStep.Mask), Now);
        Take(f, new(FinishStep.RemoveRust, Wet: ThreeState.Yes), Now);
        Take(f, new(FinishStep.Dry), Now);
        var late = new TakeFinishStep(FinishStep.Prime, Celsius: 19, Humidity: 50).May(f, Now.AddHours(6));
        Assert.True(late is { Granted: false, MayBeOverruled: true });
        Assert.Contains("6 h", late.Verdict.Sentence, StringComparison.Ordinal);
        Assert.IsType<Done>(new RustAgain().Decide(f, new(Now.AddHours(6), default, Guid.NewGuid)));
        Assert.Equal(FinishStep.RemoveRust, f.Panel.Next);
        var primed = Primed();
        Take(primed, Coat, Now.AddMinutes(75));
        foreach (var (minutes, may) in new[] { (5, false), (10, true), (60, true), (61, false), (24 * 60 - 1, false), (24 * 60, true) })
        {
            Assert.Equal(may, Coat.May(primed, Now.AddMinutes(75 + minutes)).Granted);
        }
        // Weather.
        Assert.False((Coat with { Humidity = 92 }).May(primed, Now.AddMinutes(90)).Granted);
        Assert.False((Coat with { Celsius = null }).May(primed, Now.AddMinutes(90)) is { Granted: true } or { MayBeOverruled: true });
    }

    [Fact]
    public void Residue_first_old_paint_wet_and_plating_that_poisons_not_at_all()
    {
        var leaked = Panel(m => m.Leaked = ThreeState.NotKnown);
        Assert.Equal(FinishStep.ReadResidue, leaked.Panel.Next);
        Take(leaked, new(FinishStep.ReadResidue, Ph: 9.5), Now);
        Assert.Equal(FinishStep.Neutralise, leaked.Panel.Next);
        Assert.False(new TakeFinishStep(FinishStep.Neutralise, Ph: 9).May(leaked, Now).Granted);
        Take(leaked, new(FinishStep.Neutralise, Ph: 7.5), Now);
        Assert.Equal(FinishStep.Mask, leaked.Panel.Next);

        foreach (var coating in new[] { Coating.OldPaint, Coating.NotKnown })
        {
            var old = Panel(m => (m.Coating, m.Leaked, m.Working) = (coating, ThreeState.Yes, ThreeState.No));
            Take(old, new(FinishStep.ReadResidue, Ph: 7), Now);
            Assert.False(new TakeFinishStep(FinishStep.RemoveRust).May(old, Now).Granted);
            Assert.True(new TakeFinishStep(FinishStep.RemoveRust, Wet: ThreeState.Yes).May(old, Now).Granted);
        }
        foreach (var coating in new[] { Coating.Cadmium, Coating.YellowPassivated })
        {
            var plated = Panel(m => (m.Coating, m.Coats) = (coating, 0));
            Assert.True(plated.Panel.StaysAsItIs);
            Assert.Equal(Outcome.No, FinishSteps.Stand(plated.Panel).Outcome);
            foreach (var step in Enum.GetValues<FinishStep>())
            {
                Assert.False(
                    new TakeFinishStep(step, 7, 20, 50, 0, ThreeState.Yes, ThreeState.Yes, 0.01).May(plated, Now)
                        is { Granted: true }
                            or { MayBeOverruled: true }
                );
            }
        }
    }

    [Fact]
    public void What_was_worked_on_is_not_fed_before_its_earth_points_are_measured()
    {
        var f = Primed();
        var facts = new MachineFacts { Machine = f.Machine, SheetMetals = [f.Panel] };
        var stands = Assert.Single(new FinishRoom().BeforePower(facts, Now));
        Assert.False(stands.Permit.Granted);
        Assert.Contains("earth points of side cover", stands.Permit.Verdict.Sentence, StringComparison.Ordinal);
        f.Panel.Working = ThreeState.No;
        Assert.True(Assert.Single(new FinishRoom().BeforePower(facts, Now)).Permit.Granted);
        f.Panel.Working = ThreeState.NotKnown;
        Assert.False(Assert.Single(new FinishRoom().BeforePower(facts, Now)).Permit.Granted);
    }

    [Fact]
    public void What_is_not_painted_gets_a_film_of_oil()
    {
        var f = Panel(m => (m.Coats, m.Working) = (0, ThreeState.No));
        Take(f, new(FinishStep.RemoveRust, Wet: ThreeState.Yes), Now);
        Take(f, new(FinishStep.Dry), Now);
        Assert.Equal(FinishStep.Oil, f.Panel.Next);
        Take(f, new(FinishStep.Oil), Now);
        Assert.Null(f.Panel.Next);
    }

    [Fact]
    public void A_shade_is_judged_dry_and_a_bent_panel_by_what_mates_with_it()
    {
        var f = Panel(m => (m.Working, m.Bent, m.RustedPercent) = (ThreeState.No, ThreeState.Yes, 0));
        Assert.Equal(FinishStep.TrueUp, f.Panel.Next);
        Assert.False(new TakeFinishStep(FinishStep.TrueUp).May(f, Now).Granted);
        Take(f, new(FinishStep.TrueUp, Looks: ThreeState.Yes), Now);
        Take(f, new(FinishStep.Prime, Celsius: 19, Humidity: 50), Now);
        Assert.False(new TakeFinishStep(FinishStep.TestCard).May(f, Now).Granted);
        Assert.False(new TakeFinishStep(FinishStep.TestCard, Apart: 6, Looks: ThreeState.Yes).May(f, Now).Granted);
    }

    [Fact]
    public void Rust_is_counted_on_a_photo_and_cream_paint_is_none()
    {
        static PixelGrid Of(int rusted)
        {
            var g = new float[3 * 40 * 40];
            for (var i = 0; i < 1600; i++)
            {
                var (r, gr, b) = i < rusted ? (0.2f, 0.06f, 0.02f) : (0.62f, 0.57f, 0.43f);
                (g[3 * i], g[3 * i + 1], g[3 * i + 2]) = (r, gr, b);
            }
            return new(40, 40, g);
        }
        Assert.Equal((0, 0), (RustShare.Of(Of(0)).Percent, RustShare.Of(Of(0)).Grade));
        Assert.Equal((5, 4), (RustShare.Of(Of(80)).Percent, RustShare.Of(Of(80)).Grade));
        Assert.Equal(5, RustShare.Of(Of(1600)).Grade);
        Assert.Equal(Basis.Guess, RustShare.Of(Of(80)).Verdict.Basis);
        Assert.Throws<InvalidInputException>(() => RustShare.Of(new(2, 2, new float[12])));
    }
}

/// <summary>Cracks and scratches.</summary>
public class MendingTests
{
    [Fact]
    public void A_crack_is_glued_by_what_it_is_made_of()
    {
        Assert.Contains("ABS", Crack.Of(new() { Material = Material.Abs }).Adhesive, StringComparison.Ordinal);
        Assert.Contains("epoxy", Crack.Of(new() { Material = Material.Polycarbonate }).Adhesive, StringComparison.Ordinal);
        Assert.Equal(48, Crack.Of(new() { Material = Material.Acrylic }).CureHours);
        Assert.Equal(Outcome.Unknown, Crack.Of(new()).Verdict.Outcome);
        Assert.Equal(Outcome.No, Crack.Of(new() { Material = Material.Glass }).Verdict.Outcome);
        // Backed where a screw pulls, or nobody knows what does.
        foreach (var (load, backed) in new[] { (CrackLoad.Screw, true), (CrackLoad.NotKnown, true), (CrackLoad.Handling, false) })
        {
            Assert.Equal(
                backed,
                Crack.Of(new() { Material = Material.Abs, Load = load }).Steps.Any(s => s.StartsWith("Back it", StringComparison.Ordinal))
            );
        }
        Assert.Equal(Outcome.No, Crack.Of(new() { Material = Material.Abs, Threadlocker = true }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Crack.Of(new() { Threadlocker = true }).Verdict.Outcome);
        Assert.DoesNotContain(Crack.Of(new() { Material = Material.Magnesium }).Steps, s => s.Contains("Drill", StringComparison.Ordinal));
        Assert.Throws<InvalidInputException>(() => Crack.Of(new() { LengthMillimetres = -1 }));
    }

    static readonly PolishFacts Hair = new()
    {
        Material = Material.Acrylic,
        NailCatches = ThreeState.No,
        Coated = ThreeState.No,
    };

    [Fact]
    public void Polish_reaches_hair_scratches_and_stops_when_a_pass_gains_little()
    {
        Assert.Equal(6000, Polish.Of(Hair).NextGrit);
        Assert.Equal(1500, Polish.Of(Hair with { NailCatches = ThreeState.Yes }).NextGrit);
        Assert.Equal(2000, Polish.Of(Hair with { NailCatches = ThreeState.Yes, Passes = [new(1500, 0.5)] }).NextGrit);
        var third = Polish.Of(Hair with { Passes = [new(6000, 0.5), new(6000, 0.7), new(6000, 0.95)] });
        Assert.Equal((null, Outcome.No), (third.NextGrit, third.Verdict.Outcome));
        Assert.Equal(Outcome.No, Polish.Of(Hair with { Passes = [new(6000, 0.08)] }).Verdict.Outcome);
    }

    [Fact]
    public void A_coat_glass_and_magnesium_are_not_polished_and_knowing_less_is_never_a_yes()
    {
        Assert.Equal(Outcome.No, Polish.Of(Hair with { Coated = ThreeState.Yes }).Verdict.Outcome);
        Assert.Equal(Outcome.No, Polish.Of(Hair with { Material = Material.CoatedGlass }).Verdict.Outcome);
        Assert.False(Polish.Of(Hair with { Material = Material.Magnesium }).Verdict.MayBeOverruled);
        foreach (
            var less in new[]
            {
                Hair with
                {
                    Coated = ThreeState.NotKnown,
                },
                Hair with
                {
                    NailCatches = ThreeState.NotKnown,
                },
                Hair with
                {
                    Material = Material.NotKnown,
                },
            }
        )
        {
            Assert.Equal(Outcome.Unknown, Polish.Of(less).Verdict.Outcome);
        }
        Assert.Throws<InvalidInputException>(() => Polish.Of(Hair with { Passes = [new(6000, 1.5)] }));
    }

    [Fact]
    public void Small_mends_by_measure_and_in_order()
    {
        MendResult Button(params ButtonCause[] out_) => Mend.Of(new() { Kind = MendKind.Button, RuledOut = out_ });
        Assert.Contains("alcohol", Button().Verdict.Sentence, StringComparison.Ordinal);
        Assert.Equal(3, Button(ButtonCause.Dirt).Steps.Count);
        Assert.Equal(Outcome.No, Button(Enum.GetValues<ButtonCause>()).Verdict.Outcome);
        // 4 mm pressed by 30 % wants 5.7.
        var foam = Mend.Of(
            new()
            {
                Kind = MendKind.Foam,
                GapMillimetres = 4,
                Bears = ThreeState.No,
            }
        );
        Assert.Contains("5.7 mm", foam.Verdict.Sentence, StringComparison.Ordinal);
        Assert.NotEqual(Outcome.Yes, Mend.Of(new() { Kind = MendKind.Foam, GapMillimetres = 4 }).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, Mend.Of(new() { Kind = MendKind.Foam }).Verdict.Outcome);
        // 40 kg on four feet of 15 mm: 555 kPa.
        var feet = new MendFacts
        {
            Kind = MendKind.Feet,
            GapMillimetres = 8,
            DiameterMillimetres = 15,
            Kilograms = 40,
        };
        Assert.Equal(Outcome.No, Mend.Of(feet).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Mend.Of(feet with { Kilograms = 8 }).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Mend.Of(feet with { Kilograms = null }).Verdict.Outcome);
        // A sticker of nobody knows whom stays.
        foreach (
            var (history, outcome) in new[]
            {
                (ThreeState.Yes, Outcome.No),
                (ThreeState.NotKnown, Outcome.Unknown),
                (ThreeState.No, Outcome.YesIf),
            }
        )
        {
            Assert.Equal(outcome, Mend.Of(new() { Kind = MendKind.Sticker, History = history }).Verdict.Outcome);
        }
        Assert.Equal(Outcome.Unknown, Mend.Of(new() { Kind = MendKind.PanelFault }).Verdict.Outcome);
        Assert.Throws<InvalidInputException>(() => Mend.Of(new() { Kind = MendKind.Feet, GapMillimetres = -1 }));
    }
}
