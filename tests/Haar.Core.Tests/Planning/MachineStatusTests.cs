using Haar.Core.Capacitors;
using Haar.Core.Handover;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Tests.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

public class MachineStatusTests
{
    static readonly DateTimeOffset Now = new(2026, 11, 25, 14, 0, 0, TimeSpan.Zero);
    static readonly Machine Machine = new()
    {
        Id = Guid.NewGuid(),
        Name = "Server",
        Class = MachineClass.Level386,
        YearFrom = 1991,
        YearTo = 1991,
        ArrivedAt = Now.AddDays(-9),
        SurveyedAt = Now.AddDays(-8),
        MainsLead = ThreeState.No,
        Tube = ThreeState.No,
    };

    static MachineFacts Facts() => KnownMachine.Powered(new() { Machine = Machine }, Now.AddDays(-3));

    static Job Job(Stage stage, string title, JobState state = JobState.ToDo, int minutes = 20) =>
        new()
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Stage = stage,
            Title = title,
            State = state,
            Minutes = minutes,
            At = Now.AddDays(-1),
        };

    static StageProgress Of(MachineStatus s, Stage stage) => s.Progress.Single(t => t.Stage == stage);

    [Fact]
    public void There_are_eleven_basins_in_the_order_of_the_work()
    {
        var s = MachineStatusRule.Of(Facts(), Now);
        Assert.Equal(Stages.All, s.Progress.Select(t => t.Stage));
        Assert.Equal(11, s.Progress.Count);
        Assert.Equal(StageState.Done, Of(s, Stage.Survey).State);
    }

    [Fact]
    public void A_danger_comes_first_whatever_else_waits()
    {
        var wanted = Job(Stage.Arrive, "Sort");
        var f = Facts() with
        {
            Jobs = [wanted],
            WantedBy = new Dictionary<Guid, int> { [wanted.Id] = 9 },
            PowerSteps = [],
            Findings =
            [
                new Finding
                {
                    Id = Guid.NewGuid(),
                    Kind = FindingKind.LeakingCell,
                    At = Now,
                },
            ],
        };
        var s = MachineStatusRule.Of(f, Now);
        Assert.Equal("Take the leaking cell out", s.Next!.Title);
        Assert.True(s.Next.Danger);
        Assert.Equal(StageState.Stopped, Of(s, Stage.Survey).State);
        Assert.Equal("Stopped before power.", s.Headline);
    }

    [Fact]
    public void Then_what_other_work_waits_for_then_the_earliest_stage_then_the_oldest()
    {
        NextAct A(string t, int wanted, Stage stage, int days, bool danger = false) =>
            new(t, "", stage, 5, "", danger, wanted, Now.AddDays(-days), "");
        var order = MachineStatusRule
            .Order([
                A("old", 0, Stage.Case, 9),
                A("early", 0, Stage.Boards, 1),
                A("wanted", 2, Stage.System, 0),
                A("danger", 0, Stage.Prove, 0, true),
                A("older", 0, Stage.Case, 10),
            ])
            .Select(a => a.Title);
        Assert.Equal(["danger", "wanted", "early", "older", "old"], order);
    }

    [Fact]
    public void Work_that_comes_after_other_work_is_not_offered_before_it()
    {
        var first = Job(Stage.Boards, "Rinse");
        var second = Job(Stage.StripDown, "Look");
        second.After = [first.Id];
        Assert.Equal("Rinse", MachineStatusRule.Of(Facts() with { Jobs = [first, second] }, Now).Next!.Title);
        var elsewhere = Job(Stage.Case, "Soak");
        elsewhere.After = [Guid.NewGuid()];
        Assert.DoesNotContain(
            MachineStatusRule.Of(Facts() with { Jobs = [elsewhere], OpenElsewhere = elsewhere.After.ToHashSet() }, Now).Others,
            a => a.Title == "Soak"
        );
    }

    [Fact]
    public void A_wait_that_is_over_becomes_work_again()
    {
        var j = Job(Stage.Case, "Turn the shell", JobState.Waiting);
        j.WaitFor(Guid.NewGuid, "in the sun", Now.AddHours(1), Now);
        Assert.Equal(StageState.Waiting, Of(MachineStatusRule.Of(Facts() with { Jobs = [j] }, Now), Stage.Case).State);
        var later = MachineStatusRule.Of(Facts() with { Jobs = [j] }, Now.AddHours(1));
        Assert.Equal("Turn the shell", later.Next!.Title);
        Assert.Equal(StageState.Here, Of(later, Stage.Case).State);
    }

    [Fact]
    public void Water_rises_with_the_minutes_done()
    {
        var f = Facts() with { Jobs = [Job(Stage.Case, "a", JobState.Done, 30), Job(Stage.Case, "b", minutes: 10)] };
        Assert.Equal(0.75, Of(MachineStatusRule.Of(f, Now), Stage.Case).Level, 9);
        Assert.Equal(1, Of(MachineStatusRule.Of(f with { Closings = [new StageClosing { Stage = Stage.Case }] }, Now), Stage.Case).Level);
    }

    [Fact]
    public void Nothing_is_handed_over_with_a_danger_open_or_a_part_half_exchanged()
    {
        Assert.Equal(
            Outcome.No,
            HandoverReadiness
                .Judge(Facts() with { Findings = [new Finding { Id = Guid.NewGuid(), Kind = FindingKind.SwollenCell }] }, Now)
                .Outcome
        );
        var half = new Capacitor
        {
            Id = Guid.NewGuid(),
            Designator = "C1",
            Spec = new() { Kind = CapacitorKind.Film, Microfarads = 1 },
            Fitting = new() { RemovedAt = Now },
        };
        Assert.Equal(Outcome.No, HandoverReadiness.Judge(Facts() with { Capacitors = [half] }, Now).Outcome);
        Assert.Equal(Outcome.YesIf, HandoverReadiness.Judge(Facts(), Now).Outcome);
    }

    [Fact]
    public void The_write_up_says_what_was_found_replaced_overruled_and_left_open()
    {
        var c = new Capacitor
        {
            Id = Guid.NewGuid(),
            Designator = "C14",
            Spec = new()
            {
                Kind = CapacitorKind.AluminiumRadial,
                Microfarads = 47,
                RatedVolts = 16,
            },
            Fitting = new()
            {
                PartId = Guid.NewGuid(),
                RemovedAt = Now,
                FittedAt = Now,
                RemeasuredAt = Now,
                Pads = PadState.Lifted,
            },
        };
        Reading R(string channel, Quantity q, double v) =>
            new()
            {
                Id = Guid.CreateVersion7(),
                SubjectId = c.Id,
                SubjectKind = SubjectKind.Capacitor,
                Channel = channel,
                Quantity = q,
                Value = v,
                At = Now,
            };
        var f = Facts() with
        {
            Capacitors = [c],
            Readings = [R("old", Quantity.Capacitance, 32.4e-6), R("new", Quantity.Capacitance, 46.9e-6), R("new", Quantity.Esr, 0.3)],
            Findings =
            [
                new Finding
                {
                    Id = Guid.NewGuid(),
                    Kind = FindingKind.Rust,
                    Place = "lid",
                    Seen = "Bubbled paint.",
                },
            ],
            Overrules =
            [
                new Overrule
                {
                    Key = "x",
                    Sentence = "C3 stays.",
                    Reason = "Too near the fan",
                },
            ],
            Costs =
            [
                new()
                {
                    What = "Parts",
                    Amount = 4.5m,
                    Minutes = 30,
                },
            ],
            Machine = Machine,
        };
        var w = WriteUps.Of(
            f,
            "EUR",
            Now,
            new Dictionary<Guid, CapacitorSpec>
            {
                [c.Fitting.PartId!.Value] = new()
                {
                    Kind = CapacitorKind.Polymer,
                    Microfarads = 47,
                    RatedVolts = 16,
                },
            }
        );
        string All(string title) => string.Join("\n", w.Sections.Single(s => s.Title == title).Lines);
        Assert.Contains(
            "C14: 47 µF 16 V electrolytic (32.4 µF) exchanged for 47 µF 16 V polymer (46.9 µF, 300 mΩ); pads lifted.",
            All("Replaced and kept"),
            StringComparison.Ordinal
        );
        Assert.Contains("Too near the fan.", All("Overruled, and why"), StringComparison.Ordinal);
        Assert.Contains("Rust, lid: Bubbled paint.", All("Still open"), StringComparison.Ordinal);
        Assert.Equal((4.5m, 30), (w.Costs.Total, w.Costs.Minutes));
    }

    [Theory]
    [InlineData("name", "")]
    [InlineData("yearFrom", "x", 1969)]
    [InlineData("yearTo", "x", 1990, 1985)]
    [InlineData("yearFrom", "x", 2050)]
    public void A_machine_that_cannot_be_names_its_field(string field, string name, int? from = null, int? to = null) =>
        Assert.Equal(
            field,
            Assert
                .Throws<InvalidInputException>(() =>
                    Arrivals.Check(
                        new Machine
                        {
                            Name = name,
                            YearFrom = from,
                            YearTo = to,
                        },
                        2026
                    )
                )
                .Field
        );
}
