using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

/// <summary>How a machine is brought to power follows from how it came, and every way can be gone with a multimeter.</summary>
public class RitualTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 2, 18, 0, 0, TimeSpan.Zero);

    static Guid Id() => Guid.CreateVersion7();

    static Moment At(double minutes = 0) => new(Now.AddMinutes(minutes), new DateOnly(2026, 6, 2), Id, "Ines");

    static MachineFacts Looked(MachineClass c, ThreeState tube, params Trait[] traits) =>
        KnownMachine.LookedOver(
            new()
            {
                Machine = new()
                {
                    Id = Id(),
                    Name = "Till",
                    Class = c,
                    Tube = tube,
                    Traits = [.. traits],
                    Rails = [.. FirstPower.UsualRails(c, 1995, traits)],
                },
            },
            Now.AddDays(-1)
        );

    static MachineFacts Desktop() => Looked(MachineClass.Level486, ThreeState.No, Trait.InternalMainsSupply);

    static IEnumerable<PowerStepKind> Kinds(MachineFacts f) => PowerSession.Of(f, Now).Plan.Select(p => p.Kind);

    static Done Does(Command<MachineFacts> c, MachineFacts f, double minutes = 0) => Assert.IsType<Done>(c.Decide(f, At(minutes)));

    static MachineFacts With(MachineFacts f, Done done) =>
        f with
        {
            PowerSteps = [.. f.PowerSteps, .. done.Added.OfType<PowerStep>()],
            Readings = [.. f.Readings, .. done.Added.OfType<Reading>()],
        };

    static readonly PowerNotes Nothing = new("", "no smoke, nothing hot", "even", "nothing", "");

    [Fact]
    public void Never_seen_running_begins_with_nothing_and_nobody_said_is_never()
    {
        var f = Desktop();
        Assert.Contains(PowerStepKind.BareBoard, Kinds(f));
        Does(new SayRan(LastRan.Never), f);
        Assert.Contains(PowerStepKind.BareBoard, Kinds(f));
        Assert.Contains(PowerStepKind.Shorts, Kinds(f));
    }

    [Fact]
    public void A_word_spares_the_bare_board_and_no_measurement()
    {
        var f = Desktop();
        Assert.Throws<InvalidInputException>(() => new SayRan(LastRan.ForSomebody).May(f, Now));
        Does(new SayRan(LastRan.ForSomebody, "the seller’s: it booted last week"), f);
        Assert.Equal(PowerRitual.AsItRan, PowerSession.Of(f, Now).Ritual);
        Assert.DoesNotContain(PowerStepKind.BareBoard, Kinds(f));
        Assert.Contains(PowerStepKind.Shorts, Kinds(f));
        Assert.Contains(PowerStepKind.SupplyLoaded, Kinds(f));
    }

    [Fact]
    public void What_runs_here_is_looked_at_and_switched_on()
    {
        var f = Desktop();
        Does(new SayRan(LastRan.Here, "it came up to its prompt for half an hour"), f);
        Assert.Equal([PowerStepKind.SupplyLook, PowerStepKind.Picture, PowerStepKind.WhatItSaid], Kinds(f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.SupplyLook, Nothing, true, null), f));
        var session = PowerSession.Of(f, Now);
        Assert.True(session.May(PowerStepKind.Picture).Granted);
        // What stands before power stands before it all the same.
        f = f with
        {
            Findings =
            [
                new()
                {
                    Id = Id(),
                    Kind = FindingKind.LeakingCell,
                    At = Now,
                },
            ],
        };
        Assert.False(PowerSession.Of(f, Now).May(PowerStepKind.Picture).Granted);
    }

    [Fact]
    public void A_document_brings_a_word_and_no_running_machine_and_what_was_soldered_with_it()
    {
        Machine m = new()
        {
            Ran = LastRan.Here,
            RanWord = "it booted",
            RanAt = Now,
        };
        Rituals.TakenIn(m);
        Assert.Equal(LastRan.ForSomebody, m.Ran);
        // A part that was fitted after the shorts were measured, in a document that has no row of it.
        var f = KnownMachine.Powered(Desktop(), Now.AddHours(-3)) with
        {
            Capacitors =
            [
                new()
                {
                    Id = Id(),
                    Designator = "C9",
                    Fitting = new()
                    {
                        RemovedAt = Now.AddHours(-2),
                        FittedAt = Now.AddHours(-1),
                        RemeasuredAt = Now,
                    },
                },
            ],
        };
        var missing = Assert.Single(CircuitWork.Missing(f, Id));
        Assert.Equal(Now.AddHours(-1), missing.At);
        Assert.Equal(PowerStepKind.Shorts, PowerSession.Of(f with { CircuitWorks = [missing] }, Now).Next);
        Assert.Empty(CircuitWork.Missing(f with { CircuitWorks = [missing] }, Id));
        // No shorts were measured, and somebody said before it that the machine ran: that word is older than the work too.
        var machine = Desktop().Machine;
        (machine.Ran, machine.RanAt) = (LastRan.ForSomebody, Now.AddHours(-2));
        var worded = new MachineFacts { Machine = machine, Capacitors = f.Capacitors };
        Assert.Equal(Now.AddHours(-1), Assert.Single(CircuitWork.Missing(worded, Id)).At);
        machine.RanAt = Now;
        Assert.Empty(CircuitWork.Missing(worded, Id));
    }

    [Fact]
    public void A_supply_that_was_read_bad_feeds_nothing_because_somebody_saw_it_run()
    {
        var f = KnownMachine.Powered(Desktop(), Now.AddHours(-3));
        var step = f.PowerSteps.First(s => s.Kind == PowerStepKind.SupplyLoaded);
        f = f with
        {
            Readings =
            [
                .. f.Readings,
                new()
                {
                    Id = Id(),
                    SubjectKind = SubjectKind.Rail,
                    SubjectId = step.Id,
                    Channel = "+5 V",
                    Quantity = Quantity.Volts,
                    Value = 6.4,
                    At = Now.AddHours(-1),
                },
            ],
        };
        Does(new SayRan(LastRan.Here, "it runs"), f);
        f.PowerSteps.First(s => s.Kind == PowerStepKind.Picture).State = PowerStepState.NotYet;
        Assert.False(PowerSession.Of(f, Now).May(PowerStepKind.Picture).Granted);
    }

    [Theory]
    [InlineData("solder")]
    [InlineData("piece")]
    [InlineData("danger")]
    [InlineData("failed")]
    [InlineData("future")]
    public void A_word_lapses_when_the_machine_is_no_longer_what_it_was(string how)
    {
        var f = Desktop();
        Does(new SayRan(LastRan.Here, "it runs"), f);
        var later = Now.AddHours(1);
        f = how switch
        {
            "solder" => f with { CircuitWorks = [CircuitWork.Of(f.Machine.Id, "C1 fitted", later, Id)] },
            "piece" => f with
            {
                StripSteps =
                [
                    new()
                    {
                        Id = Id(),
                        Kind = PieceKind.Board,
                        At = later,
                    },
                ],
            },
            "danger" => f with
            {
                Dangers =
                [
                    new()
                    {
                        Id = Id(),
                        Kind = Core.Safety.DangerKind.RowGone,
                        Since = later,
                    },
                ],
            },
            "failed" => f with
            {
                PowerSteps =
                [
                    new()
                    {
                        Id = Id(),
                        Kind = PowerStepKind.Picture,
                        State = PowerStepState.Failed,
                        At = later,
                    },
                ],
            },
            _ => f,
        };
        if (how == "future")
        {
            f.Machine.RanAt = Now.AddYears(3);
        }
        Assert.Equal(PowerRitual.FromNothing, PowerSession.Of(f, Now.AddHours(2)).Ritual);
        // A cover taken off to look changes nothing.
        f = Desktop();
        Does(new SayRan(LastRan.Here, "it runs"), f);
        f = f with
        {
            StripSteps =
            [
                new()
                {
                    Id = Id(),
                    Kind = PieceKind.Cover,
                    At = later,
                },
            ],
        };
        Assert.Equal(PowerRitual.RunsHere, PowerSession.Of(f, Now.AddHours(2)).Ritual);
    }

    [Fact]
    public void A_tube_is_measured_at_its_plug_and_nothing_is_probed_behind_its_covers()
    {
        var f = Looked(MachineClass.Terminal, ThreeState.Yes, Trait.PictureTube, Trait.InternalMainsSupply);
        f.Machine.Rails = [];
        Assert.DoesNotContain(PowerStepKind.BareBoard, Kinds(f));
        Assert.DoesNotContain(PowerStepKind.OneMemory, Kinds(f));
        Assert.Throws<InvalidInputException>(() => new ReadRail(PowerStepKind.Shorts, "+5 V", Quantity.Ohms, 40, "typed").May(f, Now));
        f = With(f, Does(new ReadRail(PowerStepKind.Shorts, PowerReadings.Plug, Quantity.Ohms, 34, "typed"), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.Shorts, Nothing, true, null), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.SupplyLook, Nothing, true, null), f));
        f = With(f, Does(new PutOnLoad("the machine itself"), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.SupplyLoaded, Nothing, true, null), f, 4));
        // Four minutes are not ten.
        var soon = PowerSession.Of(f, Now.AddMinutes(4));
        Assert.Equal((PowerStepKind.Picture, false), (soon.Next, soon.May(PowerStepKind.Picture).Granted));
        Does(new TakePowerStepAgain(PowerStepKind.SupplyLoaded), f, 5);
        Does(new PutOnLoad("the machine itself", 11), f, 16);
        Does(new ClosePowerStep(PowerStepKind.SupplyLoaded, Nothing, true, null), f, 16);
        Assert.True(PowerSession.Of(f, Now.AddMinutes(16)).May(PowerStepKind.Picture).Granted);
    }

    [Fact]
    public void A_short_at_the_plug_stops_it()
    {
        var f = Looked(MachineClass.Terminal, ThreeState.Yes, Trait.PictureTube, Trait.InternalMainsSupply);
        f = With(f, Does(new ReadRail(PowerStepKind.Shorts, PowerReadings.Plug, Quantity.Ohms, 0.4, "typed"), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.Shorts, Nothing, true, null), f));
        Assert.Equal(PowerStepState.Failed, f.PowerSteps[0].State);
        Assert.False(PowerSession.Of(f, Now).May(PowerStepKind.SupplyLoaded).Granted);
    }

    [Fact]
    public void What_feeds_a_tube_waits_for_everything_that_a_board_waits_for()
    {
        var f = Looked(MachineClass.Terminal, ThreeState.Yes, Trait.PictureTube, Trait.InternalMainsSupply);
        f = With(f, Does(new ReadRail(PowerStepKind.Shorts, PowerReadings.Plug, Quantity.Ohms, 34, "typed"), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.Shorts, Nothing, true, null), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.SupplyLook, Nothing, true, null), f));
        Assert.True(PowerSession.Of(f, Now).May(PowerStepKind.SupplyLoaded).Granted);
        var wet = f with
        {
            CleanedItems =
            [
                new()
                {
                    Id = Id(),
                    Name = "shell",
                    Sheet = new() { WetAt = Now },
                },
            ],
        };
        Assert.False(PowerSession.Of(wet, Now).May(PowerStepKind.SupplyLoaded).Granted);
        // What is no danger by itself, and would wait for the bare board: here the supply and the board are fed in one.
        var residue = f with
        {
            Areas =
            [
                new()
                {
                    Id = Id(),
                    Name = "the corner",
                    Source = Core.Corrosion.LeakSource.NickelCell,
                    Inspections = [new(Now.AddDays(-1), Core.Corrosion.CorrosionStage.Bloom, 2)],
                },
            ],
        };
        Assert.False(PowerSession.Of(residue, Now).May(PowerStepKind.SupplyLoaded).Granted);
    }

    [Fact]
    public void A_laptop_is_asked_for_its_adapter_alone()
    {
        var f = Looked(MachineClass.Level586, ThreeState.No, Trait.LithiumPack, Trait.ExternalAdapter);
        f.Machine.Rails = [new("adapter", 15), new("+5 V", 5), new("+3.3 V", 3.3)];
        f = With(f, Does(new ReadRail(PowerStepKind.Shorts, "adapter", Quantity.Ohms, 900, "typed"), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.Shorts, Nothing, true, null), f));
        Assert.Equal(PowerStepState.Passed, f.PowerSteps[0].State);
        // One that was read inside all the same counts.
        f = With(f, Does(new ReadRail(PowerStepKind.Shorts, "+5 V", Quantity.Ohms, 0.3, "typed"), f));
        f = With(f, Does(new ClosePowerStep(PowerStepKind.Shorts, Nothing, true, null), f));
        Assert.Equal(PowerStepState.Failed, f.PowerSteps[0].State);
        Assert.Equal(
            [("adapter", 15d)],
            FirstPower.UsualRails(MachineClass.Level586, 1998, [Trait.LithiumPack]).Select(r => (r.Name, r.NominalVolts))
        );
    }

    [Fact]
    public void A_multimeter_says_that_ripple_alone_is_wanting()
    {
        RailsResult read = Rails.Powered([new("+5 V", 5, 5.02), new("+12 V", 12, 12.1)], true);
        Assert.True(SupplyTrust.Of(read, "2 A on +5", 12).OnlyRippleMissing);
        Assert.False(SupplyTrust.Of(read, "2 A on +5", 4).OnlyRippleMissing);
        Assert.False(SupplyTrust.Of(read, "", 12).OnlyRippleMissing);
        Assert.False(SupplyTrust.Of(Rails.Powered([new("+5 V", 5, 4.2)], true), "2 A", 12).OnlyRippleMissing);
    }

    [Fact]
    public void Shorts_are_measured_again_after_work_on_a_board()
    {
        var f = KnownMachine.Powered(Desktop(), Now.AddHours(-3));
        Assert.Null(PowerSession.Of(f, Now).Next);
        var worked = f with { CircuitWorks = [CircuitWork.Of(f.Machine.Id, "C14 fitted", Now.AddHours(-1), Id)] };
        var session = PowerSession.Of(worked, Now);
        Assert.Equal(PowerStepKind.Shorts, session.Next);
        Assert.Contains(PowerStepKind.Shorts, session.Lapsed);
        Assert.False(session.May(PowerStepKind.Picture).Granted);
        // What was read before the iron says nothing after it, however the step is closed.
        Assert.IsType<Refused>(new ClosePowerStep(PowerStepKind.Shorts, Nothing, true, null).Decide(worked, At()));
        foreach (var r in worked.Machine.Rails)
        {
            worked = With(worked, Does(new ReadRail(PowerStepKind.Shorts, r.Name, Quantity.Ohms, 150, "typed"), worked));
        }
        Does(new ClosePowerStep(PowerStepKind.Shorts, Nothing, true, null), worked);
        Assert.Null(PowerSession.Of(worked, Now).Next);
        // Work that is older than the reading changes nothing.
        Assert.Null(PowerSession.Of(f with { CircuitWorks = [CircuitWork.Of(f.Machine.Id, "C1", Now.AddHours(-4), Id)] }, Now).Next);
    }
}
