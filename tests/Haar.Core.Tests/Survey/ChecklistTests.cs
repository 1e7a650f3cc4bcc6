using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

public class ChecklistTests
{
    static List<string> Ids(MachineClass c, Trait[] traits, int? from, int? to, params FindingKind[] found) =>
        [.. Checklist.Compose(c, traits, from, to, found).Items.Select(i => i.Id)];

    [Fact]
    public void Only_what_applies_is_asked()
    {
        var server = Ids(MachineClass.Level386, [Trait.InternalMainsSupply, Trait.BarrelCell, Trait.ScsiDrives], 1991, 1991);
        Assert.Contains("barrel-cell", server);
        Assert.Contains("tantalum", server);
        Assert.DoesNotContain("tube", server);
        Assert.DoesNotContain("low-esr-caps", server);
        Assert.DoesNotContain("pack", server);
        var pocket = Ids(MachineClass.Pocket, [Trait.CoinCell, Trait.BatteryBackedMemory], 1991, 1991);
        Assert.Contains("card", pocket);
        Assert.DoesNotContain("supply", pocket);
        Assert.DoesNotContain("modules", pocket);
    }

    [Theory]
    [InlineData(1998, false)]
    [InlineData(1999, true)]
    [InlineData(2007, true)]
    [InlineData(2008, false)]
    public void The_years_of_the_bad_electrolytics_count_at_both_ends(int year, bool listed) =>
        Assert.Equal(listed, Ids(MachineClass.Level686, [Trait.InternalMainsSupply], year, year).Contains("low-esr-caps"));

    [Fact]
    public void A_machine_of_no_known_year_is_asked_more_not_less() =>
        Assert.Contains("smd-caps", Ids(MachineClass.Unknown, [], null, null));

    [Fact]
    public void Droppings_bring_the_wet_branch_and_forbid_the_vacuum()
    {
        var r = Checklist.Compose(MachineClass.Level386, [], 1991, 1991, [FindingKind.Rodents]);
        Assert.Contains(r.Items, i => i.Id == "wet-clean");
        Assert.Contains(r.Items, i => i.Id == "gnawed");
        Assert.DoesNotContain(r.Items, i => i.Id == "rodents");
        Assert.Contains(
            r.Refused,
            x => x.Act.StartsWith("Vacuuming", StringComparison.Ordinal) && x.Why.Contains("droppings were found", StringComparison.Ordinal)
        );
        Assert.Contains(r.Refused, x => x.Act == "Switching on");
        Assert.Empty(Checklist.Compose(MachineClass.Level386, [], 1991, 1991, []).Refused);
    }

    [Fact]
    public void Walked_outside_to_inside_with_a_reason_and_a_look_for_each()
    {
        var all = Enum.GetValues<Trait>();
        foreach (var c in Enum.GetValues<MachineClass>())
        {
            var items = Checklist.Compose(c, all, 1995, 2002, Enum.GetValues<FindingKind>()).Items;
            Assert.Equal(items.Select(i => i.Zone).Order(), items.Select(i => i.Zone));
            Assert.Equal(items.Count, items.Select(i => i.Id).Distinct().Count());
            Assert.All(items, i => Assert.True(i.Because.Length > 0 && i.LooksLike.Length > 0));
        }
    }

    [Fact]
    public void Tubes_and_mains_carry_their_caution_and_nothing_is_opened()
    {
        var items = Checklist
            .Compose(MachineClass.Terminal, [Trait.PictureTube, Trait.InternalMainsSupply, Trait.MainsFilterPaper], 1986, 1986, [])
            .Items;
        Assert.Contains(CautionId.PictureTube, items.Single(i => i.Id == "tube").Cautions);
        Assert.Contains(CautionId.LineFilterCapacitor, items.Single(i => i.Id == "mains-filter").Cautions);
        Assert.All(
            items.Where(i => i.Zone == Zone.Supply && i.Id != "earth"),
            i => Assert.Contains("cover", i.Title, StringComparison.OrdinalIgnoreCase)
        );
    }

    [Fact]
    public void Years_upside_down_are_refused() =>
        Assert.Throws<InvalidInputException>(() => Checklist.Compose(MachineClass.Unknown, [], 1995, 1990, []));

    [Fact]
    public void Implied_work_depends_only_on_what_is_before_it_and_one_piece_settles_it()
    {
        foreach (var kind in Enum.GetValues<FindingKind>())
        {
            var work = FindingWork.Of(kind);
            for (var i = 0; i < work.Count; i++)
            {
                Assert.True(work[i].After is null || work[i].After < i);
            }
            Assert.True(work.Count == 0 || work.Count(w => w.Settles) == 1);
            if (FindingRules.Meaning(kind).StopsPower)
            {
                Assert.NotEmpty(work);
            }
        }
    }
}

public class SupplyTrustTests
{
    static RailsResult Rails(double v5 = 5.05, double? ripple = 20, bool loaded = true) =>
        Core.Survey.Rails.Powered([new("+5 V", 5, v5, ripple), new("+12 V", 12, 12.1, ripple)], loaded);

    [Fact]
    public void Trust_is_earned_by_measurement_alone()
    {
        Assert.Equal(Trust.None, SupplyTrust.Of((RailsResult?)null, "2 A on +5", 90).Trust);
        Assert.Equal(Trust.Idle, SupplyTrust.Of(Rails(loaded: false), "", 90).Trust);
        Assert.Equal(Trust.Idle, SupplyTrust.Of(Rails(ripple: null), "2 A on +5", 90).Trust);
        Assert.Equal(Trust.Loaded, SupplyTrust.Of(Rails(), "2 A on +5", 59.9).Trust);
        Assert.Equal(Trust.SoakedAnHour, SupplyTrust.Of(Rails(), "2 A on +5", 60).Trust);
        Assert.Equal(Trust.None, SupplyTrust.Of(Rails(4.2), "2 A on +5", 60).Trust);
    }

    [Fact]
    public void One_nobody_can_vouch_for_is_refused_to_a_good_board()
    {
        Assert.Equal(Outcome.No, SupplyTrust.Of((RailsResult?)null, "", 0).Verdict.Outcome);
        Assert.Equal(Outcome.No, SupplyTrust.Of(Rails(loaded: false), "", 0).Verdict.Outcome);
        Assert.Equal(Outcome.No, SupplyTrust.Of(Rails(), "2 A", 9.9).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, SupplyTrust.Of(Rails(), "2 A", 10).Verdict.Outcome);
        // Cells have no ripple, and a minute on a resistor tells.
        Assert.Equal(Outcome.Yes, SupplyTrust.Of(Rails(ripple: null), "a 10 Ω resistor", 1, cells: true).Verdict.Outcome);
        Assert.Equal(Outcome.No, SupplyTrust.Of(Rails(ripple: null), "a 10 Ω resistor", 0.9, cells: true).Verdict.Outcome);
        Assert.Throws<InvalidInputException>(() => SupplyTrust.Of(Rails(), "2 A", -1));
    }

    [Theory]
    [InlineData("2.0 A on +5, 1.0 A on +12", true)]
    [InlineData("a 5 Ω resistor on +5 V, a lamp on each of the others", true)]
    [InlineData("10R on +5", true)]
    [InlineData("0,5 A", true)]
    [InlineData("an old drive", true)]
    [InlineData("none", false)]
    [InlineData("no load", false)]
    [InlineData("None yet, lamp to come", false)]
    [InlineData("0 A", false)]
    [InlineData("idle", false)]
    [InlineData("unloaded", false)]
    [InlineData("-", false)]
    [InlineData("5 min", false)]
    [InlineData("on the bench", false)]
    [InlineData("", false)]
    public void A_load_is_stated_or_is_none(string load, bool stated) => Assert.Equal(stated, StatedLoad.Is(load));

    static PowerStep Step(PowerStepKind k, PowerStepState s = PowerStepState.Passed) => new() { Kind = k, State = s };

    [Fact]
    public void The_gate_keeps_an_idle_supply_off_the_board_until_it_is_overruled()
    {
        var plan = FirstPower.Compose(MachineClass.Level686, [Trait.InternalMainsSupply]);
        PowerStep[] steps = [Step(PowerStepKind.Shorts), Step(PowerStepKind.SupplyLook), Step(PowerStepKind.SupplyLoaded)];
        var idle = SupplyTrust.Of(Rails(loaded: false), "", 0);
        var gate = FirstPower.Stand(plan, steps, idle);
        Assert.Equal((PowerStepKind.BareBoard, Outcome.No), (gate.Next, gate.Verdict.Outcome));
        Assert.Equal(Outcome.YesIf, FirstPower.Stand(plan, steps, SupplyTrust.Of(Rails(), "2 A", 10)).Verdict.Outcome);
        steps[2].State = PowerStepState.Overruled;
        Assert.Equal(Outcome.YesIf, FirstPower.Stand(plan, steps, idle).Verdict.Outcome);
    }

    [Fact]
    public void Each_kind_of_machine_gets_its_own_steps()
    {
        List<PowerStepKind> Kinds(MachineClass c, params Trait[] t) => [.. FirstPower.Compose(c, t).Select(p => p.Kind)];
        Assert.Equal(8, Kinds(MachineClass.Level686, Trait.InternalMainsSupply, Trait.AtaDrives).Count);
        Assert.DoesNotContain(PowerStepKind.OneMemory, Kinds(MachineClass.EightBit, Trait.ExternalAdapter, Trait.LinearSupply));
        Assert.DoesNotContain(PowerStepKind.Drives, Kinds(MachineClass.Terminal, Trait.PictureTube));
        Assert.Contains(PowerStepKind.Drives, Kinds(MachineClass.EightBit, Trait.TapeLoading));
        var tube = FirstPower.Compose(MachineClass.Terminal, [Trait.PictureTube]).First(p => p.Kind == PowerStepKind.SupplyLoaded);
        Assert.False(tube.MustRead);
        Assert.True(tube.Feeds);
        Assert.Contains(CautionId.PictureTube, tube.Cautions);
        Assert.Contains(
            "unregulated",
            FirstPower.Compose(MachineClass.EightBit, [Trait.LinearSupply]).First(p => p.Kind == PowerStepKind.SupplyLoaded).How,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "pack",
            FirstPower.Compose(MachineClass.Level586, [Trait.LithiumPack]).First(p => p.Kind == PowerStepKind.BareBoard).Title,
            StringComparison.Ordinal
        );
        Assert.All(Enum.GetValues<MachineClass>(), c => Assert.All(FirstPower.Compose(c, []), p => Assert.NotEmpty(p.Expected)));
    }

    [Fact]
    public void A_machine_powered_before_a_step_was_asked_for_does_not_go_back() =>
        Assert.Null(
            FirstPower
                .Stand(
                    FirstPower.Compose(MachineClass.Level386, [Trait.AtaDrives]),
                    [
                        Step(PowerStepKind.Shorts),
                        Step(PowerStepKind.SupplyLook),
                        Step(PowerStepKind.SupplyLoaded),
                        Step(PowerStepKind.BareBoard),
                        Step(PowerStepKind.WhatItSaid),
                    ],
                    SupplyTrust.Of(Rails(), "2 A", 10)
                )
                .Next
        );
}
