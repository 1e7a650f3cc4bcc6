using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Finish;
using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Finish;

/// <summary>Mends in their order: cracks that cure, scratches that stop paying, buttons, and what is left as it is.</summary>
public class MendStepsTests
{
    static readonly DateTimeOffset Start = new(2026, 6, 1, 18, 0, 0, TimeSpan.Zero);
    static readonly Machine Machine = new() { Id = Guid.NewGuid(), Name = "M" };

    static Mending Crack() =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = "crack at the hinge",
            Kind = MendingKind.Crack,
            Crack = new()
            {
                Material = Material.Abs,
                LengthMillimetres = 30,
                Load = CrackLoad.Screw,
                Clean = ThreeState.No,
            },
        };

    static Decision Take(Mending m, DateTimeOffset at, string? step = null, ThreeState helped = ThreeState.NotKnown, double? left = null) =>
        new TakeMendingStep(step ?? m.Next() ?? "", helped, left).Decide(new(Machine, m, []), new(at, new(2026, 6, 1), Guid.NewGuid));

    static Decision End(Mending m, bool asItIs, DateTimeOffset? at = null) =>
        new FinishMending(asItIs).Decide(new(Machine, m, []), new(at ?? Start, new(2026, 6, 1), Guid.NewGuid));

    [Fact]
    public void A_crack_is_mended_in_order_and_bears_only_when_it_has_cured()
    {
        var m = Crack();
        var steps = m.Steps();
        // Out of turn.
        Assert.IsType<Refused>(Take(m, Start, steps[^1]));
        var glue = steps.ToList().FindIndex(s => s.StartsWith("Solvent cement", StringComparison.Ordinal));
        for (var i = 0; i <= glue; i++)
        {
            Assert.IsType<Done>(Take(m, Start));
        }
        // It is held for ten minutes first.
        Assert.IsType<Refused>(Take(m, Start.AddMinutes(9)));
        var at = Start.AddMinutes(10);
        while (m.Next() != steps[^1])
        {
            Assert.IsType<Done>(Take(m, at));
        }
        Assert.IsType<Refused>(Take(m, Start.AddHours(23.9)));
        Assert.IsType<Refused>(End(m, false, Start.AddHours(23.9)));
        Assert.IsType<Done>(Take(m, Start.AddHours(24)));
        Assert.IsType<Done>(End(m, false, Start.AddHours(24)));
        Assert.False(m.Open);
        Assert.IsType<Refused>(Take(m, Start.AddHours(25), steps[0]));
    }

    [Fact]
    public void A_crack_in_something_unknown_is_not_glued_and_a_reason_does_not_change_that()
    {
        var m = Crack();
        m.Crack = m.Crack with { Material = Material.NotKnown };
        var refused = Assert.IsType<Refused>(
            new TakeMendingStep("glue it").Decide(new(Machine, m, []), new(Start, new(2026, 6, 1), Guid.NewGuid), "I know what I do")
        );
        Assert.Equal(Outcome.Unknown, refused.Permit.Verdict.Outcome);
        Assert.False(refused.Permit.Verdict.MayBeOverruled);
        // Leaving it is always one's own.
        Assert.IsType<Done>(End(m, true));
        Assert.True(m.Sheet.LeftAsItIs);
    }

    [Fact]
    public void The_material_found_out_in_between_changes_the_steps_and_an_old_one_is_refused()
    {
        var m = Crack();
        var before = m.Next()!;
        Assert.IsType<Done>(Take(m, Start));
        m.Crack = m.Crack with { Material = Material.Nylon };
        Assert.Contains(m.Steps(), s => s.Contains("epoxy", StringComparison.Ordinal));
        Assert.IsType<Refused>(
            Take(m, Start, Core.Finish.Crack.Of(Crack().Crack).Steps.First(s => s.StartsWith("Solvent", StringComparison.Ordinal)))
        );
        Assert.NotEqual(before, m.Next());
    }

    [Fact]
    public void A_button_is_tried_cause_by_cause_until_it_comes_back()
    {
        var m = new Mending
        {
            Id = Guid.NewGuid(),
            Name = "power button",
            Kind = MendingKind.Button,
        };
        Assert.IsType<Refused>(Take(m, Start));
        Assert.IsType<Done>(Take(m, Start, helped: ThreeState.No));
        Assert.Contains("glue", m.Next()!, StringComparison.OrdinalIgnoreCase);
        Assert.IsType<Done>(Take(m, Start, helped: ThreeState.Yes));
        Assert.False(m.Open);
        var worn = new Mending
        {
            Id = Guid.NewGuid(),
            Name = "button",
            Kind = MendingKind.Button,
        };
        for (var i = 0; i < 4; i++)
        {
            Assert.IsType<Done>(Take(worn, Start, helped: ThreeState.No));
        }
        Assert.Null(worn.Next());
        Assert.Equal(Outcome.No, worn.Verdict().Outcome);
    }

    [Fact]
    public void Scratches_are_polished_until_a_pass_gains_hardly_anything()
    {
        var m = new Mending
        {
            Id = Guid.NewGuid(),
            Name = "window",
            Kind = MendingKind.Scratches,
            Scratches = new()
            {
                Material = Material.Acrylic,
                NailCatches = ThreeState.No,
                Coated = ThreeState.No,
            },
        };
        Assert.IsType<Refused>(Take(m, Start));
        Assert.Equal("leftShare", Assert.IsType<Refused>(Take(m, Start, left: 0.55)).Permit.Field);
        Assert.IsType<Done>(Take(m, Start, left: 0.6));
        Assert.IsType<Done>(Take(m, Start, left: 1));
        Assert.Null(m.Next());
        Assert.StartsWith("Stop", m.Verdict().Sentence);
        Assert.IsType<Done>(End(m, false));
    }

    [Fact]
    public void Nothing_done_is_not_mended()
    {
        var m = new Mending
        {
            Id = Guid.NewGuid(),
            Name = "feet",
            Kind = MendingKind.Feet,
        };
        Assert.IsType<Refused>(End(m, false));
        Assert.IsType<Done>(End(m, true));
        Assert.IsType<Refused>(End(m, true));
    }

    [Fact]
    public void A_sample_of_paint_is_told_from_the_part_by_its_colour()
    {
        var card = new CardField(new(240, 240, 240));
        var part = new PatchSample(214, 206, 182);
        Assert.Equal(Outcome.Yes, SampleApart.Of(CardKind.Printed, [card], part, part).Verdict.Outcome);
        var other = SampleApart.Of(CardKind.Printed, [card], part, new(205, 190, 140));
        Assert.Equal(Outcome.No, other.Verdict.Outcome);
        Assert.True(other.Apart > ColourDifference.PlainFrom);
        Assert.Contains("yellower", other.Verdict.Reasons[0].Text);
        // Blown out it measures nothing.
        Assert.Null(SampleApart.Of(CardKind.Printed, [card], part with { ClippedShare = 0.5 }, part).Apart);
        Assert.Null(SampleApart.Of(CardKind.None, [], part, part).Apart);
    }

    [Fact]
    public void A_measured_card_needs_no_eye_and_an_eye_that_says_no_is_heard()
    {
        SheetMetal Panel() =>
            new()
            {
                Id = Guid.NewGuid(),
                Name = "cover",
                RustedPercent = 0,
                Leaked = ThreeState.No,
                Working = ThreeState.No,
                Coats = 1,
                Sheet = new() { Primer = new(Start, 20, 50) },
            };
        Decision Card(double? apart, ThreeState looks) =>
            new TakeFinishStep(FinishStep.TestCard, Apart: apart, Looks: looks).Decide(
                new(Machine, Panel(), []),
                new(Start, new(2026, 6, 1), Guid.NewGuid)
            );
        Assert.IsType<Done>(Card(1.4, ThreeState.NotKnown));
        Assert.IsType<Refused>(Card(1.4, ThreeState.No));
        Assert.IsType<Refused>(Card(3.5, ThreeState.Yes));
        Assert.IsType<Refused>(Card(null, ThreeState.NotKnown));
        Assert.IsType<Done>(Card(null, ThreeState.Yes));
    }

    [Fact]
    public void Glued_and_then_found_to_be_something_unknown_it_is_not_mended()
    {
        var m = Crack();
        while (m.Next() is not null)
        {
            Assert.IsType<Done>(Take(m, m.From() ?? Start));
        }
        m.Crack = m.Crack with { Material = Material.NotKnown };
        Assert.Equal(Outcome.Unknown, Assert.IsType<Refused>(End(m, false, Start.AddDays(9))).Permit.Verdict.Outcome);
        m.Crack = m.Crack with { Material = Material.Rubber };
        Assert.IsType<Refused>(End(m, false, Start.AddDays(9)));
        Assert.IsType<Done>(End(m, true));
    }
}
