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

    /// <summary>What was spared is not asked for again by the next plan, and nothing wanders.</summary>
    [Property(MaxTest = 200)]
    public Property Planned_again_on_the_same_facts_nothing_moves() =>
        Prop.ForAll(
            ScheduleTests.Any,
            any =>
            {
                var ask = Evenings(any);
                var plan = Schedule.Of(ask);
                var again = Schedule.Again(ask, [.. plan.Tasks.Select(t => new StoodAt(t.Id, t.Person, t.Start))]);
                return (again.Moves.Count == 0 && again.Plan.Tasks.SequenceEqual(plan.Tasks)).Label(
                    string.Join("; ", again.Moves.Select(m => $"{m.Id} {m.From} {m.PersonBefore} to {m.To} {m.Person}: {m.Why}"))
                );
            }
        );
}
