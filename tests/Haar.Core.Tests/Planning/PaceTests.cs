using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>What takes one person longer than another: known from the past, and planned with.</summary>
public class PaceTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 1, 12, 0, 0, TimeSpan.Zero);

    static WorkTaken Took(string person, double planned, double took, WorkKind kind = WorkKind.Soldering) =>
        new()
        {
            Id = Guid.NewGuid(),
            Kind = kind,
            Person = person,
            PlannedMinutes = planned,
            TakenMinutes = took,
            End = WorkEnd.Done,
            BegunAt = Now.AddDays(-9),
        };

    [Fact]
    public void Each_persons_own_past_is_held_back_by_everybodys()
    {
        // Of one person alone everybody's says it already.
        Assert.Equal("", Assert.Single(WorkPast.Of([Took("Tam", 30, 60), Took("Tam", 30, 60)])).Person);
        var all = WorkPast.Of([Took("Tam", 30, 60), Took("Ines", 30, 30)]);
        Assert.Equal(["", "Ines", "Tam"], all.Select(c => c.Person));
        // Logarithms: ln 2 of two pieces and three as planned; then each with three like everybody's.
        var kind = Math.Exp(Math.Log(2) / 5);
        Assert.Equal(kind, all[0].Factor, 3);
        Assert.Equal(Math.Exp(3 * Math.Log(kind) / 4), all[1].Factor, 2);
        Assert.Equal(Math.Exp((Math.Log(2) + 3 * Math.Log(kind)) / 4), all[2].Factor, 2);
        Assert.Equal((1, 2.0), (all[2].From, all[2].Median));
        var many = WorkPast.Of(Enumerable.Range(0, 60).SelectMany(_ => new[] { Took("Tam", 30, 60), Took("Ines", 30, 30) }));
        Assert.InRange(many[1].Factor, 1, 1.05);
        Assert.InRange(many[2].Factor, 1.9, 2);
    }

    [Fact]
    public void Somebody_who_is_called_otherwise_keeps_their_pace_and_their_place_in_the_plan()
    {
        WorkTaken[] past = [Took("Tam", 30, 60), Took("Ines", 30, 30)];
        var tam = new BenchPerson { Name = "Thomas", Formerly = [new("Tam", Now.AddDays(-20)), new("Tam", Now.AddDays(-2))] };
        Assert.Equal(["", "Ines", "Thomas"], WorkPast.Of(past, [tam]).Select(c => c.Person));
        // They bore it until before that: it was somebody else's by then.
        tam.Formerly = [new("Tam", Now.AddDays(-20))];
        Assert.Equal(["", "Ines", "Tam"], WorkPast.Of(past, [tam]).Select(c => c.Person));
    }

    static ScheduleAsk Plan(params PlanTask[] tasks) =>
        new()
        {
            Tasks = tasks,
            People = [new() { Name = "Ines", Windows = [new(0, 300)] }, new() { Name = "Tam", Windows = [new(0, 300)] }],
        };

    static PlanTask Task(string id, int ines, int tam, string person = "") =>
        new()
        {
            Id = id,
            Minutes = 60,
            MinutesBy = [new("Ines", ines), new("Tam", tam)],
            Person = person,
        };

    [Fact]
    public void Whoever_has_it_done_soonest_does_it_and_it_takes_as_long_as_they_take()
    {
        var r = Schedule.Of(Plan(Task("a", 90, 40)));
        Assert.Equal(("Tam", 40, true), (r.Tasks[0].Person, r.ReadyAt!.Value, r.Proven));
        Assert.Equal(90, Schedule.Of(Plan(Task("a", 90, 40, "Ines"))).ReadyAt);
        // Two of them by Tam take 80 at the least, the third by Ines beside them 90.
        var three = Schedule.Of(Plan(Task("a", 90, 40), Task("b", 90, 45), Task("c", 200, 40)));
        Assert.Equal((90, true), (three.ReadyAt!.Value, three.Proven));
        // Who takes longer than their evening lasts cannot do it, and somebody else can.
        Assert.Equal("Tam", Assert.Single(Schedule.Of(Plan(Task("a", 400, 290))).Tasks).Person);
        Assert.Contains("in one go", Assert.Single(Schedule.Of(Plan(Task("a", 400, 310))).Unplanned).Why);
        Assert.Equal(
            "tasks[0].minutesBy",
            Assert.Throws<InvalidInputException>(() => Schedule.Of(Plan(Task("a", 1, 1) with { MinutesBy = [new("Zoe", 3)] }))).Field
        );
        Assert.Equal("tasks[0].minutes", Assert.Throws<InvalidInputException>(() => Schedule.Of(Plan(Task("a", 1, -1)))).Field);
        var next = PlanNext.Of(new(Plan(Task("a", 90, 40)), "Ines", MostMinutes: 60));
        Assert.Null(next.Now);
        Assert.Equal(40, PlanNext.Of(new(Plan(Task("a", 90, 40)), "Tam", MostMinutes: 60)).Now!.Minutes);
    }

    static readonly Arbitrary<ScheduleAsk> Any = Arb.From(
        from ask in ScheduleTests.Any.Generator
        from paces in Gen.ArrayOf(Gen.Choose(1, 40), ask.Tasks.Count)
        from who in Gen.ArrayOf(Gen.Elements(0, 1, 2), ask.Tasks.Count)
        select ask with
        {
            Tasks =
            [
                .. ask.Tasks.Select(
                    (t, i) =>
                        who[i] < ask.People.Count
                            ? t with
                            {
                                MinutesBy = [new(ask.People[who[i]].Name, paces[i])],
                                Deadline = null,
                            }
                            : t with
                            {
                                Deadline = null,
                            }
                ),
            ],
        }
    );

    [Property(MaxTest = 60)]
    public Property No_plan_breaks_anything_where_people_differ() =>
        Prop.ForAll(
            Any,
            ask =>
            {
                // In whatever order the tasks are said.
                foreach (var seconds in new[] { 0.0, 2 })
                {
                    var r = Schedule.Of(ask with { Seconds = seconds, Tasks = [.. ask.Tasks.Reverse()] });
                    ScheduleTests.Holds(ask, r);
                    Assert.True(r.Unplanned.Count > 0 || r.ReadyAt >= r.Bound, $"{r.ReadyAt} under {r.Bound}");
                }
            }
        );

    /// <summary>All orders and all people, each task as early as it can.</summary>
    [Property(MaxTest = 20)]
    public Property It_is_as_good_as_brute_force_where_people_differ() =>
        Prop.ForAll(
            Any,
            ask =>
            {
                var asked = ask with { Tasks = [.. ask.Tasks.Take(5).Select(t => t with { HeldBefore = false })], Seconds = 3 };
                var r = Schedule.Of(asked);
                return r.Unplanned.Count > 0 || r.ReadyAt <= ScheduleTests.BruteForce(asked);
            }
        );

    [Fact]
    public void The_chance_draws_as_long_as_each_takes()
    {
        static double Chance(int ines) =>
            PlanChance.Of(new(Plan(Task("a", ines, 300, "Ines") with { LowMinutes = 60, HighMinutes = 60 }), 120) { Seed = 3 }).Now.Chance;
        Assert.InRange(Chance(60), 0.97, 1);
        Assert.InRange(Chance(240), 0, 0.02);
    }

    [Fact]
    public void The_plan_gives_work_to_who_is_quick_at_it()
    {
        var past = Enumerable.Range(0, 30).SelectMany(_ => new[] { Took("Tam", 30, 60), Took("Ines", 30, 30) }).ToList();
        var machine = new PlanMachine(
            Guid.NewGuid(),
            "server",
            [
                new WorkTask("a", "Recap", Stage.Boards, WorkKind.Soldering, new(50, 100, 200)),
                new WorkTask("b", "Wash", Stage.Case, WorkKind.Washing, new(10, 20, 30)),
            ],
            null
        );
        BenchPerson Person(string name) =>
            new()
            {
                Id = Guid.NewGuid(),
                Name = name,
                Hours = [.. Enum.GetValues<DayOfWeek>().Select(d => new WeeklyHours(d, new(10, 0), new(22, 0)))],
            };
        var problem = WorkPlan.Of(new([machine], [Person("Tam"), Person("Ines")], [], [], past, Now, TimeZoneInfo.Utc));
        var task = problem.Ask.Tasks.Single(t => t.Kind == "Soldering");
        var by = task.MinutesBy!.ToDictionary(x => x.Person, x => x.Minutes);
        Assert.InRange(by["Ines"], 100, 110);
        Assert.InRange(by["Tam"], 185, 200);
        Assert.InRange(task.Minutes, 130, 145);
        Assert.Null(problem.Ask.Tasks.Single(t => t.Kind == "Washing").MinutesBy);
        Assert.Equal("Ines", Schedule.Of(problem.Ask).Tasks.Single(t => t.Id == task.Id).Person);
        Assert.Contains(problem.Said, s => s.StartsWith("Soldering has taken Tam 2 times", StringComparison.Ordinal));
        // Who has begun goes on as fast as they do.
        var begun = new WorkTaken
        {
            Id = Guid.NewGuid(),
            ForMachineId = machine.Id,
            Key = "a",
            Kind = WorkKind.Soldering,
            Person = "Tam",
            PlannedMinutes = 100,
            BegunAt = Now,
        };
        var going = WorkPlan.Of(new([machine], [Person("Tam"), Person("Ines")], [], [], [.. past, begun], Now, TimeZoneInfo.Utc));
        task = going.Ask.Tasks.Single(t => t.Kind == "Soldering");
        Assert.InRange(task.Minutes, 185, 200);
        Assert.Equal(("Tam", null), (task.Person, task.MinutesBy));
    }
}
