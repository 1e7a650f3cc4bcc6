using FsCheck;
using FsCheck.Xunit;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>A plan that somebody would follow: what does harm goes first, what must be ended is, and one machine is at one bench.</summary>
public class PlanSenseTests
{
    static readonly PlanPerson Ines = new() { Name = "Ines", Windows = [new(0, 180), new(1440, 1620), new(2880, 3060)] };
    static readonly PlanPerson Odd = Ines with { Name = "Odd" };

    static ScheduleResult Of(IReadOnlyList<PlanTask> tasks, params PlanPerson[] people) =>
        Schedule.Of(
            new()
            {
                Tasks = tasks,
                People = people,
                Seconds = 1,
            }
        );

    static PlanTask Task(string id, int minutes, params string[] after) =>
        new()
        {
            Id = id,
            Title = id,
            Minutes = minutes,
            After = after,
        };

    static PlannedTask At(ScheduleResult r, string id) => r.Tasks.Single(t => t.Id == id);

    [Fact]
    public void What_grows_worse_is_done_first_though_the_rest_is_ready_later_for_it()
    {
        // By itself the long chain goes first, since it decides when all is ready.
        PlanTask[] tasks = [Task("long", 150), Task("longer", 150, "long"), Task("leak", 60), Task("unplug", 20)];
        Assert.NotEqual(0, At(Of(tasks, Ines), "leak").Start);
        tasks[2] = tasks[2] with { First = true, After = ["unplug"] };
        var r = Of(tasks, Ines);
        Assert.Equal((0, 20), (At(r, "unplug").Start, At(r, "leak").Start));
        Assert.Empty(r.Unplanned);
    }

    [Fact]
    public void It_goes_to_whoever_may_and_is_soonest()
    {
        var solders = Odd with { Skills = ["solders"], Windows = [new(1440, 1620)] };
        var r = Of([Task("a", 170), Task("leak", 30) with { First = true, Skills = ["solders"] }], Ines, solders);
        Assert.Equal(("Odd", 1440), (At(r, "leak").Person, At(r, "leak").Start));
    }

    [Fact]
    public void A_wait_that_must_be_ended_is_begun_only_when_somebody_is_there_to_end_it()
    {
        // Two hours in the light, five at most: begun at the start of an evening and ended in it, or not begun.
        PlanTask[] tasks = [Task("first", 90), Task("in", 15) with { WaitMinutes = 120, WaitMostMinutes = 300 }, Task("out", 20, "in")];
        var r = Of(tasks, Ines);
        Assert.Empty(r.Unplanned);
        Assert.InRange(At(r, "out").Start - At(r, "in").End, 120, 300);
        // Nobody is ever there within that time.
        tasks[1] = tasks[1] with
        {
            WaitMinutes = 400,
            WaitMostMinutes = 500,
        };
        r = Of(tasks, Ines);
        Assert.Contains(r.Unplanned, u => u.Id == "in");
        Assert.DoesNotContain(r.Tasks, t => t.Id == "in");
    }

    [Fact]
    public void What_a_machine_can_be_finished_without_holds_up_nothing_where_it_cannot_be_planned()
    {
        PlanTask[] tasks = [Task("light", 15) with { Skills = ["magic"] }, Task("close", 30, "light")];
        Assert.Equal(2, Of(tasks, Ines).Unplanned.Count);
        tasks[0] = tasks[0] with { Optional = true };
        var r = Of(tasks, Ines);
        Assert.Equal("light", Assert.Single(r.Unplanned).Id);
        Assert.Single(r.Tasks);
        // And so it is planned again, and has its chance.
        var ask = new ScheduleAsk
        {
            Tasks = tasks,
            People = [Ines, Odd],
            Seconds = 0,
        };
        Assert.Single(Schedule.Again(ask, [new("close", "Ines", 0)]).Plan.Tasks);
        Assert.Single(Schedule.Of(ask with { Tasks = [tasks[0]] }).Unplanned);
    }

    [Property(MaxTest = 60)]
    public void Nothing_that_must_be_ended_lies_too_long_in_any_plan(PositiveInt seed)
    {
        Random random = new(seed.Get);
        List<PlanTask> tasks = [];
        for (var i = 0; i < 4; i++)
        {
            var wait = random.Next(30, 200);
            tasks.Add(Task($"in{i}", random.Next(5, 30)) with { WaitMinutes = wait, WaitMostMinutes = wait + random.Next(0, 200) });
            tasks.Add(Task($"out{i}", random.Next(5, 40), $"in{i}"));
            tasks.Add(Task($"other{i}", random.Next(10, 90)) with { First = random.Next(4) == 0 });
        }
        var r = Of(tasks, Ines, Odd);
        foreach (var t in tasks.Where(t => t.WaitMostMinutes is not null))
        {
            var (begun, ended) = (
                r.Tasks.FirstOrDefault(x => x.Id == t.Id),
                r.Tasks.FirstOrDefault(x => x.Id == t.Id.Replace("in", "out", StringComparison.Ordinal))
            );
            Assert.Equal(begun is null, ended is null);
            Assert.True(begun is null || ended!.Start <= begun.End + t.WaitMostMinutes, $"{t.Id} lies too long");
        }
    }

    // A Monday, 12:00 UTC.
    static readonly DateTimeOffset Now = new(2026, 6, 1, 12, 0, 0, TimeSpan.Zero);

    static WorkTask Work(string key, Stage stage, WorkKind kind = WorkKind.Soldering) =>
        new(key, $"Do {key}", stage, kind, new(30, 30, 30));

    static IReadOnlyList<PlanTask> Tasks(params WorkTask[] work) =>
        WorkPlan
            .Of(
                new(
                    [new(Guid.NewGuid(), "server", work, null)],
                    [
                        new()
                        {
                            Id = Guid.NewGuid(),
                            Name = "Ines",
                            Skills = [],
                        },
                    ],
                    [],
                    [],
                    [],
                    Now,
                    TimeZoneInfo.Utc
                )
            )
            .Ask.Tasks;

    [Fact]
    public void A_board_is_washed_and_dry_before_it_is_measured_or_soldered_but_for_what_comes_before_the_washing()
    {
        var tasks = Tasks(
            Work("cell-out", Stage.Boards),
            Work("wash", Stage.Boards, WorkKind.Washing) with
            {
                WaitMinutes = 1440,
                After = ["cell-out"],
            },
            Work("measure", Stage.Boards, WorkKind.Measuring)
        );
        PlanTask Task(string key) => tasks.Single(t => t.Id.EndsWith("/" + key, StringComparison.Ordinal));
        Assert.Contains(Task("wash").Id, Task("measure").After);
        Assert.DoesNotContain(Task("wash").Id, Task("cell-out").After);
    }

    [Fact]
    public void One_machine_is_at_one_bench_and_its_case_may_be_elsewhere()
    {
        var tasks = Tasks(Work("a", Stage.Boards), Work("b", Stage.Boards), Work("look", Stage.Survey), Work("shell", Stage.Case));
        PlanTask Task(string key) => tasks.Single(t => t.Id.EndsWith("/" + key, StringComparison.Ordinal));
        Assert.NotEmpty(Task("a").Places.Intersect(Task("b").Places));
        Assert.NotEmpty(Task("a").Places.Intersect(Task("look").Places));
        Assert.Empty(Task("shell").Places);
    }

    [Fact]
    public void A_board_is_fed_on_the_bench_before_its_case_is_closed()
    {
        var tasks = Tasks(
            Work("close", Stage.Rebuild),
            Work("power", Stage.BringUp) with
            {
                OnTheBench = true,
            },
            Work("recap", Stage.Boards)
        );
        PlanTask Task(string key) => tasks.Single(t => t.Id.EndsWith("/" + key, StringComparison.Ordinal));
        Assert.Contains(Task("power").Id, Task("close").After);
        Assert.Contains(Task("recap").Id, Task("power").After);
    }
}
