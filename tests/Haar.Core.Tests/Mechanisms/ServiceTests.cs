using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Mechanisms;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Mechanisms;

/// <summary>What moves is serviced in order, and trusted with something worthless first.</summary>
public class ServiceTests
{
    static MechanismFacts Of(MechanismKind kind, Action<Mechanism>? change = null)
    {
        var m = new Mechanism
        {
            Id = Guid.NewGuid(),
            Name = "Drive",
            Kind = kind,
            Rails = Sliding.MetalOnPlastic,
            HasBelt = ThreeState.No,
            NominalRpm = 300,
        };
        change?.Invoke(m);
        return new(new Machine { Id = Guid.NewGuid() }, m, []);
    }

    static void Take(MechanismFacts f, TakeMechanismStep step) =>
        Assert.True(step.Decide(f, new(DateTimeOffset.UnixEpoch, default, Guid.NewGuid)) is Done, step.May(f, default).Verdict.Sentence);

    static bool May(TakeMechanismStep step, MechanismFacts f) => step.May(f, default).Granted;

    [Fact]
    public void A_floppy_drive_goes_through_its_service()
    {
        var f = Of(MechanismKind.FloppyDrive);
        foreach (var step in new[] { MechanismStep.Photograph, MechanismStep.LookInside, MechanismStep.OldGrease, MechanismStep.Heads })
        {
            Take(f, new(step));
        }
        Assert.False(May(new(MechanismStep.Rails, With: LubricantKind.LightOil), f));
        Assert.False(May(new(MechanismStep.Rails), f));
        Take(f, new(MechanismStep.Rails, With: LubricantKind.PlasticSafeGrease));
        Assert.False(May(new(MechanismStep.TurnByHand), f));
        Take(f, new(MechanismStep.TurnByHand, Good: ThreeState.Yes));
        Assert.False(May(new(MechanismStep.Speed, 291), f));
        Assert.False(May(new(MechanismStep.Speed), f));
        Take(f, new(MechanismStep.Speed, 301.2));
        // Never a precious one first, whatever else is said.
        foreach (var worthless in new[] { ThreeState.NotKnown, ThreeState.No })
        {
            var first = new TakeMechanismStep(MechanismStep.FirstRun, 0, worthless, ThreeState.Yes).May(f, default);
            Assert.False(first is { Granted: true } or { MayBeOverruled: true });
        }
        Assert.False(May(new(MechanismStep.FirstRun, 3, ThreeState.Yes, ThreeState.Yes), f));
        Assert.False(May(new(MechanismStep.FirstRun, null, ThreeState.Yes, ThreeState.Yes), f));
        Take(f, new(MechanismStep.FirstRun, 0, ThreeState.Yes, ThreeState.Yes));
        Take(f, new(MechanismStep.Real, Good: ThreeState.Yes));
        Assert.Null(f.Mechanism.Next);
        Assert.Equal(Outcome.Yes, Service.Stand(f.Mechanism).Outcome);
        Assert.IsType<Done>(new ServiceAgain(MechanismStep.Heads).Decide(f, new(default, default, Guid.NewGuid)));
        Assert.Equal(MechanismStep.Heads, f.Mechanism.Next);
    }

    [Fact]
    public void A_sealed_drive_is_copied_first_and_not_opened()
    {
        foreach (var (data, first) in new[] { (ThreeState.Yes, true), (ThreeState.NotKnown, true), (ThreeState.No, false) })
        {
            var f = Of(MechanismKind.HardDrive, m => m.HoldsData = data);
            Take(f, new(MechanismStep.Photograph));
            Assert.Equal(first ? MechanismStep.CopyFirst : MechanismStep.Outside, f.Mechanism.Next);
            if (first)
            {
                Assert.False(May(new(MechanismStep.CopyFirst), f));
            }
        }
        var steps = Service.Procedure.Of(Of(MechanismKind.HardDrive).Mechanism).Select(s => s.Step).ToList();
        Assert.DoesNotContain(MechanismStep.LookInside, steps);
        Assert.DoesNotContain(MechanismStep.Heads, steps);
        Assert.DoesNotContain(MechanismStep.Rails, steps);
    }

    [Fact]
    public void Lubricant_by_what_slides_and_none_where_it_must_grip_or_read()
    {
        foreach (var where in new[] { Sliding.RubberOrBelt, Sliding.HeadOrOptics, Sliding.Contact })
        {
            Assert.Equal([LubricantKind.None], Lubricant.For(where).Use);
            foreach (var with in Enum.GetValues<LubricantKind>().Where(l => l is not (LubricantKind.None or LubricantKind.NotKnown)))
            {
                Assert.Equal(Outcome.No, Lubricant.For(where, with).Verdict.Outcome);
            }
        }
        Assert.Equal(Outcome.No, Lubricant.For(Sliding.PlasticOnPlastic, LubricantKind.LithiumGrease).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Lubricant.For(Sliding.MetalOnMetal, LubricantKind.LithiumGrease).Verdict.Outcome);
        // Penetrating spray goes nowhere, and what slides is not guessed.
        Assert.All(Enum.GetValues<Sliding>(), s => Assert.NotEqual(Outcome.Yes, Lubricant.For(s, LubricantKind.Spray).Verdict.Outcome));
        Assert.All(Enum.GetValues<LubricantKind>(), l => Assert.Equal(Outcome.Unknown, Lubricant.For(Sliding.NotKnown, l).Verdict.Outcome));
    }

    [Theory]
    [InlineData(300, true)]
    [InlineData(304.5, true)]
    [InlineData(304.6, false)]
    [InlineData(295.5, true)]
    [InlineData(295.4, false)]
    public void Speed_holds_to_one_and_a_half_per_cent(double rpm, bool right) =>
        Assert.Equal(right ? Outcome.Yes : Outcome.No, Speed.Judge(rpm, 300).Outcome);

    [Fact]
    public void Every_kind_has_a_way_to_its_end()
    {
        foreach (var kind in Enum.GetValues<MechanismKind>())
        {
            var f = Of(kind, m => (m.HasBelt, m.HoldsData) = (ThreeState.NotKnown, ThreeState.NotKnown));
            for (var i = 0; i < 20 && f.Mechanism.Next is { } next; i++)
            {
                Take(
                    f,
                    new(
                        next,
                        next switch
                        {
                            MechanismStep.Speed => 300,
                            MechanismStep.FirstRun => 0,
                            _ => 40,
                        },
                        ThreeState.Yes,
                        ThreeState.Yes,
                        LubricantKind.PlasticSafeGrease
                    )
                );
            }
            Assert.Null(f.Mechanism.Next);
        }
    }
}
