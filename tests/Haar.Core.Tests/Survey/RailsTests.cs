using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Intake;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

public class RailsTests
{
    static Verdict Judge(double nominal, double volts, double? ripple = 10, bool loaded = true) =>
        Rails.Powered([new("rail", nominal, volts, ripple)], loaded).Verdict;

    [Theory]
    [InlineData(5, 4.75, 5.25)]
    [InlineData(3.3, 3.135, 3.465)]
    [InlineData(12, 11.4, 12.6)]
    [InlineData(-5, -5.5, -4.5)]
    [InlineData(-12, -13.2, -10.8)]
    public void Limits_are_five_per_cent_above_and_ten_below_ground(double nominal, double least, double most)
    {
        Assert.Equal(Outcome.Yes, Judge(nominal, least).Outcome);
        Assert.Equal(Outcome.Yes, Judge(nominal, most).Outcome);
        Assert.Equal(Outcome.No, Judge(nominal, least - 0.001).Outcome);
        Assert.Equal(Outcome.No, Judge(nominal, most + 0.001).Outcome);
    }

    [Theory]
    [InlineData(5, 50)]
    [InlineData(3.3, 50)]
    [InlineData(12, 120)]
    [InlineData(-5, 120)]
    [InlineData(-12, 120)]
    public void Ripple_is_fifty_millivolts_on_the_low_rails_and_a_hundred_and_twenty_on_the_others(double nominal, double most)
    {
        Assert.Equal(Outcome.Yes, Judge(nominal, nominal, most).Outcome);
        Assert.Equal(Outcome.No, Judge(nominal, nominal, most + 1).Outcome);
    }

    [Fact]
    public void Low_volts_with_high_ripple_point_at_dried_capacitors()
    {
        var v = Rails.Powered([new("+5 V", 5, 5.07, 38), new("+12 V", 12, 11.21, 360)], true).Verdict;
        Assert.Equal("Go no further. +12 V reads 11.21 V and its ripple is 3 times the limit.", v.Sentence);
        Assert.Contains(v.Reasons, r => r.Text.Contains("dried output capacitors", StringComparison.Ordinal));
        Assert.Contains(Core.Safety.CautionId.MainsSupply, v.Cautions);
    }

    [Theory]
    [InlineData(5.6, "regulation lost")]
    [InlineData(0.01, "All rails dead")]
    public void The_pattern_is_named(double volts, string points) =>
        Assert.Contains(
            Rails.Powered([new("+5 V", 5, volts, 5), new("+12 V", 12, volts > 1 ? 12 : 0, 5)], true).Verdict.Reasons,
            r => r.Text.Contains(points, StringComparison.Ordinal)
        );

    [Fact]
    public void Good_without_a_load_is_only_a_condition() => Assert.Equal(Outcome.YesIf, Judge(5, 5, 10, loaded: false).Outcome);

    [Fact]
    public void A_rail_not_read_is_unknown() =>
        Assert.Equal(Outcome.Unknown, Rails.Powered([new("+5 V", 5, 5, 5), new("+12 V", 12)], true).Verdict.Outcome);

    [Fact]
    public void A_short_is_a_short_and_a_low_one_is_watched()
    {
        Assert.Equal(Outcome.No, Rails.Shorts([new("+5 V", 5, OhmsToGround: 0.4)]).Verdict.Outcome);
        Assert.Equal(Outcome.YesIf, Rails.Shorts([new("+5 V", 5, OhmsToGround: 8)]).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Rails.Shorts([new("+5 V", 5, OhmsToGround: 41)]).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, Rails.Shorts([new("+5 V", 5)]).Verdict.Outcome);
    }

    [Fact]
    public void Bad_facts_name_their_field()
    {
        Assert.Equal("rails", Assert.Throws<InvalidInputException>(() => Rails.Powered([], true)).Field);
        Assert.Equal("rails[0].nominalVolts", Assert.Throws<InvalidInputException>(() => Judge(0, 0)).Field);
        Assert.Equal("rails[0].volts", Assert.Throws<InvalidInputException>(() => Judge(5, double.NaN)).Field);
        Assert.Equal("rails[0].rippleMillivolts", Assert.Throws<InvalidInputException>(() => Judge(5, 5, -1)).Field);
    }

    [Property]
    public Property A_rail_is_within_exactly_when_its_volts_and_ripple_are() =>
        Prop.ForAll(
            Gen.Choose(0, 1600).ToArbitrary(),
            Gen.Choose(0, 300).ToArbitrary(),
            (v, ripple) =>
            {
                var volts = v / 100.0;
                return Judge(12, volts, ripple).Outcome == Outcome.Yes == (volts >= 11.4 - 1e-9 && volts <= 12.6 + 1e-9 && ripple <= 120);
            }
        );
}

public class FirstPowerTests
{
    static readonly IReadOnlyList<PowerStepPlan> Plan = FirstPower.Compose(MachineClass.Level386, [Trait.InternalMainsSupply]);

    static PowerStep Step(PowerStepKind kind, PowerStepState state) =>
        new()
        {
            Id = Guid.NewGuid(),
            Kind = kind,
            State = state,
            Sentence = $"{kind}",
        };

    [Fact]
    public void Nothing_goes_on_while_a_step_has_failed()
    {
        var gate = FirstPower.Stand(
            Plan,
            [
                Step(PowerStepKind.Shorts, PowerStepState.Passed),
                Step(PowerStepKind.SupplyLook, PowerStepState.Failed),
                Step(PowerStepKind.SupplyLoaded, PowerStepState.Passed),
            ],
            null
        );
        Assert.Equal(PowerStepKind.SupplyLook, gate.Next);
        Assert.Equal(Outcome.No, gate.Verdict.Outcome);
    }

    [Fact]
    public void All_steps_passed_are_no_yes_while_nobody_has_measured_the_supply() =>
        Assert.Equal(
            Outcome.No,
            FirstPower.Stand(Plan, [.. Enum.GetValues<PowerStepKind>().Select(k => Step(k, PowerStepState.Passed))], null).Verdict.Outcome
        );

    [Fact]
    public void A_supply_inside_carries_its_caution_at_every_step_that_powers_it() =>
        Assert.All(
            Plan.Where(p => p.Kind is PowerStepKind.SupplyLook or PowerStepKind.SupplyLoaded or PowerStepKind.BareBoard),
            p => Assert.Contains(Core.Safety.CautionId.MainsSupply, p.Cautions)
        );

    [Fact]
    public void No_step_tells_anybody_to_open_a_supply() =>
        Assert.All(
            Enum.GetValues<MachineClass>().SelectMany(c => FirstPower.Compose(c, [Trait.InternalMainsSupply, Trait.PictureTube])),
            p => Assert.DoesNotContain("open the", p.How, StringComparison.OrdinalIgnoreCase)
        );

    [Fact]
    public void Through_all_steps_is_a_yes() =>
        Assert.Null(
            FirstPower
                .Stand(
                    Plan,
                    [.. Enum.GetValues<PowerStepKind>().Select(k => Step(k, PowerStepState.Passed))],
                    SupplyTrust.Of(Rails.Powered([new("+5 V", 5, 5, 20)], true), "2 A", 10)
                )
                .Next
        );

    [Theory]
    [InlineData(MachineClass.Pocket, null, "+3 V")]
    [InlineData(MachineClass.Level686, 2002, "+5 V sb")]
    [InlineData(MachineClass.Level286, 1988, "−5 V")]
    public void Rails_are_those_of_the_class_and_decade(MachineClass c, int? year, string rail) =>
        Assert.Contains(FirstPower.UsualRails(c, year, []), r => r.Name == rail);
}
