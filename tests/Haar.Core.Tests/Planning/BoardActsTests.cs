using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Handover;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>What a leak makes of the plan, the hand-over and the write-up.</summary>
public class BoardActsTests
{
    static readonly DateTimeOffset Now = new(2026, 5, 1, 12, 0, 0, TimeSpan.Zero);
    static readonly Board Board = new() { Id = Guid.NewGuid(), Name = "Main board" };

    static CorrosionArea Corner(AreaTreatment? treatment = null, Guid? job = null, DateOnly? inspect = null) =>
        new()
        {
            Id = Guid.NewGuid(),
            BoardId = Board.Id,
            Name = "the corner",
            Source = LeakSource.NickelCell,
            Outline = [new(0.1, 0.1), new(0.4, 0.1), new(0.4, 0.4), new(0.1, 0.4)],
            Inspections = [new(Now.AddDays(-9), CorrosionStage.Bloom, 9)],
            Treatment = treatment ?? new(),
            JobId = job,
            InspectOn = inspect,
        };

    static readonly AreaTreatment Dry = new()
    {
        NeutralisedAt = Now,
        Ph = 7,
        RinsedAt = Now,
        Rinses = 3,
        AlcoholAt = Now,
        DriedAt = Now,
    };

    static MachineFacts Facts(CorrosionArea area, BoardNet? net = null, params Job[] jobs) =>
        new()
        {
            Machine = new Machine
            {
                Id = Guid.NewGuid(),
                Name = "It",
                Kind = "desktop",
                ArrivedAt = Now.AddDays(-20),
                SurveyedAt = Now.AddDays(-19),
            },
            Boards = [Board],
            Areas = [area],
            Nets = net is null ? [] : [net],
            Jobs = jobs,
        };

    static BoardNet Net(DateTimeOffset? mended = null) =>
        new()
        {
            Id = Guid.NewGuid(),
            BoardId = Board.Id,
            Name = "A7",
            Path = [new(0, 0.2), new(0.6, 0.2)],
            Trace = new() { LengthMillimetres = 100 },
            Repair = mended is null ? "" : "Jumper",
            RepairedAt = mended,
        };

    static IEnumerable<NextAct> Acts(MachineFacts f) =>
        MachineStatusRule.Of(f, Now) is var s
            ? s.Next is null
                ? s.Others
                : [s.Next, .. s.Others]
            : [];

    [Fact]
    public void What_leaked_is_neutralised_before_any_net_under_it_is_measured()
    {
        Assert.Contains(Acts(Facts(Corner(), Net())), a => a.Title == "Neutralise it: the corner");
        Assert.DoesNotContain(Acts(Facts(Corner(), Net())), a => a.Title.StartsWith("Measure 1 net", StringComparison.Ordinal));
        Assert.Contains(Acts(Facts(Corner(Dry), Net())), a => a.Title == "Measure 1 net end to end");
    }

    [Fact]
    public void A_step_that_stands_on_the_plan_as_a_piece_of_work_is_not_listed_twice()
    {
        var job = new Job
        {
            Id = Guid.NewGuid(),
            Stage = Stage.Boards,
            Title = "Rinse the corner",
            At = Now,
        };
        var titles = Acts(Facts(Corner(new() { NeutralisedAt = Now, Ph = 7 }, job.Id), null, job)).Select(a => a.Title).ToList();
        Assert.Contains("Rinse the corner", titles);
        Assert.DoesNotContain("Rinse it: the corner", titles);
    }

    [Fact]
    public void A_cleaned_area_is_looked_at_on_its_day() =>
        Assert.Contains(Acts(Facts(Corner(Dry, inspect: new DateOnly(2026, 4, 30)))), a => a.Title == "Look at the corner again");

    [Fact]
    public void A_half_cleaned_board_is_not_handed_over_and_a_cleaned_one_says_so_in_the_write_up()
    {
        Assert.Contains(
            "half cleaned",
            HandoverReadiness.Judge(Facts(Corner(new() { NeutralisedAt = Now, Ph = 7 })), Now).Sentence,
            StringComparison.Ordinal
        );
        var net = Net(Now);
        var facts = Facts(Corner(Dry), net) with
        {
            Readings =
            [
                new()
                {
                    Id = Guid.NewGuid(),
                    SubjectKind = SubjectKind.Net,
                    SubjectId = net.Id,
                    Channel = "new",
                    Quantity = Quantity.Ohms,
                    Value = 0.05,
                    Instrument = Instrument.ZeroedLeads,
                },
            ],
        };
        var lines = WriteUps.Of(facts, "EUR", Now, new Dictionary<Guid, CapacitorSpec>()).Sections.SelectMany(s => s.Lines).ToList();
        Assert.Contains(
            lines,
            l => l.StartsWith("The corner: 9 cm² at stage 1, neutralised, rinsed 3 times to pH 7, dried", StringComparison.Ordinal)
        );
        Assert.Contains(lines, l => l == "A7 mended: Jumper. 50 mΩ end to end.");
        Assert.DoesNotContain(
            "net",
            HandoverReadiness
                .Judge(facts, Now)
                .Reasons.Select(r => r.Text)
                .FirstOrDefault(t => t.Contains("whole", StringComparison.Ordinal))
                ?? "",
            StringComparison.Ordinal
        );
        Assert.NotEqual(Outcome.No, HandoverReadiness.Judge(facts, Now).Outcome);
    }
}
