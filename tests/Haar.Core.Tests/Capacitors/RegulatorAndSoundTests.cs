using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

public class RegulatorAndSoundTests
{
    static RuleResult Rule(string rule, CapacitorRole role, CapacitorSpec candidate) =>
        Substitution
            .Judge(
                new()
                {
                    Kind = CapacitorKind.AluminiumRadial,
                    Microfarads = 100,
                    RatedVolts = 16,
                },
                role,
                new(Guid.Empty, candidate, 1, null, ""),
                new(2026, 1, 1)
            )
            .Rules.Single(r => r.Rule == rule)
            .Result;

    static CapacitorSpec Of(CapacitorKind kind, double volts = 50) =>
        new()
        {
            Kind = kind,
            Microfarads = 100,
            RatedVolts = volts,
        };

    [Fact]
    public void A_linear_regulator_needs_the_resistance_that_a_polymer_and_a_ceramic_lack()
    {
        Assert.Equal(RuleResult.Broken, Rule("ESR", CapacitorRole.RegulatorOutput, Of(CapacitorKind.Polymer)));
        Assert.Equal(RuleResult.Broken, Rule("kind", CapacitorRole.RegulatorOutput, Of(CapacitorKind.Ceramic)));
        // Of one kind with the old part: met, as far as anybody knows that it was of that kind and no more.
        Assert.Equal(RuleResult.JustMet, Rule("ESR", CapacitorRole.RegulatorOutput, Of(CapacitorKind.AluminiumRadial, 16)));
    }

    [Fact]
    public void The_sound_path_takes_film_bears_polymer_and_refuses_ceramic()
    {
        Assert.Equal(RuleResult.Met, Rule("kind", CapacitorRole.Coupling, Of(CapacitorKind.Film)));
        Assert.Equal(RuleResult.JustMet, Rule("kind", CapacitorRole.Coupling, Of(CapacitorKind.Polymer)));
        Assert.Equal(RuleResult.Broken, Rule("kind", CapacitorRole.Coupling, Of(CapacitorKind.Ceramic)));
    }

    [Fact]
    public void A_ceramic_for_decoupling_wants_twice_the_volts()
    {
        Assert.Equal(RuleResult.Broken, Rule("kind", CapacitorRole.Decoupling, Of(CapacitorKind.Ceramic, 25)));
        Assert.Equal(RuleResult.Met, Rule("kind", CapacitorRole.Decoupling, Of(CapacitorKind.Ceramic, 50)));
    }
}
