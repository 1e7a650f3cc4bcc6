using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Planning;

namespace Haar.Core.Tests.Planning;

public class ScheduleTripsTests
{
    static PlanTask Task(string id, int minutes, string[]? after = null, string person = "") =>
        new()
        {
            Id = id,
            Minutes = minutes,
            After = after ?? [],
            Person = person,
        };

    /// <summary>Anna has work on three evenings and what comes last on the fourth; Ben could come on the first for one small thing.</summary>
    static ScheduleAsk Ask(params PlanTask[] besides) =>
        new()
        {
            Tasks =
            [
                Task("one", 60, person: "Anna"),
                Task("two", 60, ["one"], "Anna"),
                Task("three", 60, ["two"], "Anna"),
                Task("last", 20, ["three", .. besides.Where(b => b.Id == "wanted").Select(b => b.Id)], "Anna"),
                .. besides,
            ],
            People =
            [
                new() { Name = "Anna", Windows = [new(60, 120), new(1500, 1560), new(2940, 3010), new(4380, 4460)] },
                new() { Name = "Ben", Windows = [new(60, 120), new(1500, 1560)] },
            ],
            Seconds = 0,
        };

    [Fact]
    public void Nobody_comes_in_for_what_somebody_can_do_who_is_there_anyway()
    {
        var r = Schedule.Of(Ask(Task("wanted", 10)));
        var at = r.Tasks.ToDictionary(t => t.Id);
        Assert.Equal(("Anna", 3000), (at["wanted"].Person, at["wanted"].Start));
        Assert.Equal(4400, r.ReadyAt);
        Assert.Equal(4, Assert.Single(Schedule.Trips(Ask(Task("wanted", 10)), r.Tasks)).Value);
        Assert.Contains(r.Verdict.Reasons, x => x.Text.StartsWith("It takes 4 times at the bench: Anna 4.", StringComparison.Ordinal));
    }

    [Fact]
    public void What_nothing_waits_for_is_not_put_off_and_what_is_laid_down_stays()
    {
        Assert.Equal(("Ben", 60), Where(Ask(Task("alone", 10))));
        Assert.Equal(("Ben", 80), Where(Ask(Task("wanted", 10, person: "Ben") with { Start = 80 })));
        Assert.Equal(("Ben", 1500), Where(Ask(Task("wanted", 10, person: "Ben") with { From = 130 })));
        static (string, int) Where(ScheduleAsk ask)
        {
            var t = Schedule.Of(ask).Tasks.Single(t => t.Id is "wanted" or "alone");
            return (t.Person, t.Start);
        }
    }

    /// <summary>Everybody an hour and a half each evening, one half an hour after the other: there is much to spare.</summary>
    static ScheduleAsk Evenings(ScheduleAsk ask) =>
        ask with
        {
            Seconds = 0,
            People =
            [
                .. ask.People.Select(
                    (p, w) =>
                        p with
                        {
                            Windows = [.. Enumerable.Range(0, 12).Select(d => new Window(d * 240 + 30 * (w + 1), d * 240 + 30 * (w + 4)))],
                        }
                ),
            ],
        };

    [Property(MaxTest = 300)]
    public Property Fewer_trips_never_make_anything_late() =>
        Prop.ForAll(
            ScheduleTests.Any,
            any =>
            {
                // Some have a day of their own, which is kept or not.
                var ask = Evenings(any) with
                {
                    Tasks = [.. any.Tasks.Select((t, i) => i % 3 == 1 ? t with { Deadline = 1900 - 170 * i } : t)],
                };
                var p = new Schedule.Problem(ask);
                var before = p.List();
                var after = p.WithFewerTrips(before);
                var (was, now) = (before.Tasks.ToDictionary(t => t.Id), after.Tasks.ToDictionary(t => t.Id));
                var waitedFor = ask.Tasks.SelectMany(t => t.After).ToHashSet();
                ScheduleTests.Holds(ask, new(after.Tasks, after.Unplanned, after.ReadyAt, 0, null, after.Late, false, null!));
                return (
                    was.Keys.ToHashSet().SetEquals(now.Keys)
                    && (after.ReadyAt ?? 0) <= (before.ReadyAt ?? 0)
                    && after.Late <= before.Late
                    && ask.Tasks.Where(t => now.ContainsKey(t.Id) && (t.Start is not null || !waitedFor.Contains(t.Id)))
                        .All(t => now[t.Id].ReadyAt <= was[t.Id].ReadyAt)
                    && Schedule.Trips(ask, after.Tasks).Values.Sum() <= Schedule.Trips(ask, before.Tasks).Values.Sum()
                ).ToProperty();
            }
        );

    /// <summary>Some are for one person, some come later, some have a day, and Ben is slower at some.</summary>
    static ScheduleAsk Mixed(ScheduleAsk ask) =>
        ask with
        {
            Tasks =
            [
                .. ask.Tasks.Select(
                    (t, i) =>
                        t with
                        {
                            Person = (t.Minutes + i) % 5 == 0 ? "Anna" : "",
                            From = t.Minutes % 4 == 0 ? 100 + 40 * i : null,
                            Deadline = t.Minutes % 3 == 0 ? 1900 - 170 * i : null,
                            MinutesBy = ask.People.Count > 1 && t.Minutes % 2 == 0 ? [new("Ben", t.Minutes + 7)] : null,
                        }
                ),
            ],
        };

    /// <summary>What was spared is not asked for again by the next plan, and nothing wanders.</summary>
    [Property(MaxTest = 2000)]
    public Property Planned_again_on_the_same_facts_nothing_moves() =>
        Prop.ForAll(
            ScheduleTests.Any,
            any =>
            {
                foreach (var ask in new[] { Evenings(any), Mixed(Evenings(any)) })
                {
                    var plan = Schedule.Of(ask);
                    var again = Schedule.Again(ask, [.. plan.Tasks.Select(t => new StoodAt(t.Id, t.Person, t.Start))]);
                    Assert.Empty(again.Moves);
                    Assert.Equal(plan.Tasks, again.Plan.Tasks);
                }
            }
        );

    [Fact]
    public void What_a_spared_trip_leaves_free_is_closed_in_the_same_plan()
    {
        // The second of these was moved to Anna's evening late, and left a quarter of an hour before it.
        var ask = new ScheduleAsk
        {
            Tasks =
            [
                Task("t0", 19) with
                {
                    WaitMinutes = 90,
                },
                Task("t1", 29, ["t0"]),
                Task("t2", 34) with
                {
                    WaitMinutes = 90,
                },
                Task("t3", 20) with
                {
                    Places = ["iron"],
                    Gives = ["dust"],
                },
                Task("t4", 23, ["t2"]) with
                {
                    Places = ["iron"],
                },
            ],
            People =
            [
                new()
                {
                    Name = "Anna",
                    Skills = ["solders"],
                    Windows = [new(30, 120), new(270, 360)],
                },
                new()
                {
                    Name = "Ben",
                    Avoids = ["dust"],
                    Windows = [new(60, 150), new(300, 390)],
                },
            ],
            Seconds = 0,
        };
        var plan = Schedule.Of(ask);
        Assert.Equal([30, 64, 84, 270, 299], plan.Tasks.Select(t => t.Start));
        Assert.Empty(Schedule.Again(ask, [.. plan.Tasks.Select(t => new StoodAt(t.Id, t.Person, t.Start))]).Moves);
    }

    [Fact]
    public void While_somebody_is_at_something_the_rest_stays_where_people_have_it_in_their_heads()
    {
        // The order is not the one that a first plan would take: it is the one that they know.
        ScheduleAsk Of(params PlanTask[] tasks) =>
            new()
            {
                Tasks = tasks,
                People = [new() { Name = "Anna", Windows = [new(0, 200), new(1440, 1640)] }],
                Seconds = 0,
            };
        StoodAt[] stood = [new("running", "Anna", -10), new("short", "Anna", 60), new("long", "Anna", 90)];
        var running = Task("running", 60, person: "Anna") with { Start = 0 };
        var again = Schedule.Again(Of(running, Task("long", 90), Task("short", 30), Task("new", 20)), stood);
        Assert.Empty(again.Moves);
        Assert.Equal(["running 0", "short 60", "long 90", "new 180"], again.Plan.Tasks.Select(t => $"{t.Id} {t.Start}"));
        // An evening that nothing fills is filled: a day sooner is worth telling.
        stood = [new("running", "Anna", -10), new("long", "Anna", 1440)];
        Assert.Equal(60, Schedule.Again(Of(running, Task("long", 90)), stood).Plan.Tasks[1].Start);
    }

    /// <summary>What is new is fitted in between what stands, unless somebody is ready sooner otherwise.</summary>
    [Property(MaxTest = 500)]
    public Property Something_new_moves_nothing_that_is_no_better_for_it() =>
        Prop.ForAll(
            ScheduleTests.Any,
            any =>
            {
                var ask = Evenings(any);
                var plan = Schedule.Of(ask);
                var more = ask with { Tasks = [.. ask.Tasks, Task("new", 15)] };
                var again = Schedule.Again(more, [.. plan.Tasks.Select(t => new StoodAt(t.Id, t.Person, t.Start))]);
                ScheduleTests.Holds(more, again.Plan);
                var fresh = Schedule.Of(more);
                Assert.True(again.Plan.Unplanned.Count <= fresh.Unplanned.Count);
                var ready = fresh.ReadyAt ?? 0;
                Assert.True(again.Plan.ReadyAt <= ready + Math.Max(Schedule.WorthMovingMinutes, Schedule.WorthMoving * ready));
            }
        );
}
