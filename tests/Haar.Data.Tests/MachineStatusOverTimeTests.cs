using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Data.Planning;

namespace Haar.Data.Tests;

/// <summary>A machine's status is computed in the act that touches it, and again when a wait ends.</summary>
public class MachineStatusOverTimeTests
{
    /// <summary>Ages count in years: nothing that is said holds longer.</summary>
    static readonly DateTimeOffset NewYear = new(2027, 1, 1, 0, 0, 0, TimeSpan.Zero);

    [Fact]
    public async Task A_machine_just_taken_in_is_looked_over_first()
    {
        await using var store = await Store.OpenAsync();
        var status = store.Status(await store.TakeInAsync());
        Assert.Equal("Look it over, outside to inside", status.Status.Next!.Title);
        Assert.True(status.HasNext);
        Assert.Equal(NewYear, status.StaleAt);
    }

    [Fact]
    public async Task A_wait_is_said_with_its_end_and_over_when_the_clock_has_passed_it()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var job = await store.AddJobAsync(id, "Dry the board");
        await store.ChangeJobAsync(
            job,
            j =>
            {
                j.WaitFor(Guid.NewGuid, "drying", store.Now.AddHours(4), store.Now);
            }
        );
        var waiting = store.Status(id);
        Assert.Equal(store.Now.AddHours(4), waiting.StaleAt);
        Assert.DoesNotContain(waiting.Status.Others.Append(waiting.Status.Next!), a => a.JobId == job);
        Assert.Equal(StageState.Waiting, waiting.Status.Progress.Single(t => t.Stage == Stage.Case).State);

        store.Clock.Advance(TimeSpan.FromHours(3));
        await MachineStatusKeeper.RefreshStaleAsync(store.Db(), store.Now, TestContext.Current.CancellationToken);
        Assert.Equal(waiting.StaleAt, store.Status(id).StaleAt);

        store.Clock.Advance(TimeSpan.FromHours(1));
        await MachineStatusKeeper.RefreshStaleAsync(store.Db(), store.Now, TestContext.Current.CancellationToken);
        var over = store.Status(id);
        Assert.Equal(NewYear, over.StaleAt);
        var act = over.Status.Others.Append(over.Status.Next!).Single(a => a.JobId == job);
        Assert.Contains("Its wait is over: drying.", act.Why, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_first_of_several_waits_decides_when_it_is_looked_at_again()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        foreach (var hours in new[] { 48, 2, 12 })
        {
            await store.AddJobAsync(id, $"Wait {hours}", j => j.WaitFor(Guid.NewGuid, "curing", store.Now.AddHours(hours), store.Now));
        }
        await store.AddJobAsync(id, "Wait for the post", j => j.WaitFor(Guid.NewGuid, "the post", null, store.Now));
        Assert.Equal(store.Now.AddHours(2), store.Status(id).StaleAt);
    }

    [Fact]
    public async Task Work_on_another_machine_that_comes_first_holds_this_one_until_it_is_done()
    {
        await using var store = await Store.OpenAsync();
        var (donor, wanting) = (await store.TakeInAsync("Donor"), await store.TakeInAsync("Wanting"));
        var first = await store.AddJobAsync(donor, "Take the drive out");
        var then = await store.AddJobAsync(wanting, "Fit the drive", null, first);
        bool Offered() => store.Status(wanting).Status is var s && s.Others.Append(s.Next!).Any(a => a.JobId == then);
        Assert.False(Offered());
        Assert.Equal(1, store.Status(donor).Status is var d ? d.Others.Append(d.Next!).Single(a => a.JobId == first).WantedBy : 0);

        await store.ChangeJobAsync(first, j => (j.State, j.DoneAt) = (JobState.Done, store.Now));
        Assert.True(Offered());

        await store.ChangeJobAsync(first, j => (j.State, j.DoneAt) = (JobState.ToDo, null));
        Assert.False(Offered());
    }

    [Fact]
    public async Task A_danger_comes_before_everything_and_leaves_when_it_is_answered()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        await store.AddJobAsync(id, "Polish the lid");
        var (db, work) = store.Request();
        var finding = new Finding
        {
            Id = work.NewId(),
            MachineId = id,
            Kind = FindingKind.LeakingCell,
            Seen = "Green crust",
            At = store.Now,
        };
        db.Findings.Add(finding);
        await work.ActAsync(id, "Found: a leaking cell.", TestContext.Current.CancellationToken);
        Assert.True(store.Status(id).Danger);
        Assert.Equal(Stage.Survey, store.Status(id).Status.Next!.Stage);

        var found = store.Db().Log.Single(l => l.Sentence == "Found: a leaking cell.");
        await store.Request().Work.UndoAsync(found.Id, TestContext.Current.CancellationToken);
        Assert.False(store.Status(id).Danger);
    }

    [Fact]
    public async Task Minutes_left_are_those_of_what_is_not_done()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        var before = store.Status(id).HandsMinutesLeft;
        var (a, _) = (await store.AddJobAsync(id, "A", j => j.Minutes = 40), await store.AddJobAsync(id, "B", j => j.Minutes = 15));
        Assert.Equal(before + 55, store.Status(id).HandsMinutesLeft);
        await store.ChangeJobAsync(a, j => j.State = JobState.Done);
        Assert.Equal(before + 15, store.Status(id).HandsMinutesLeft);
    }

    [Fact]
    public async Task A_status_can_be_thrown_away_and_computed_again_the_same()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        await store.AddJobAsync(id, "Soak the lid");
        string Text() => System.Text.Json.JsonSerializer.Serialize(store.Status(id), HaarJson.Compact);
        var before = Text();
        var db = store.Db();
        db.Statuses.RemoveRange(db.Statuses);
        await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        await MachineStatusKeeper.RefreshAsync(store.Db(), id, store.Now, TestContext.Current.CancellationToken);
        Assert.Equal(before, Text());
    }

    [Fact]
    public async Task A_machine_handed_over_has_nothing_next_and_no_minutes()
    {
        await using var store = await Store.OpenAsync();
        var id = await store.TakeInAsync();
        await store.AddJobAsync(id, "Soak the lid");
        var (db, work) = store.Request();
        db.Machines.Single().HandedOverAt = store.Now;
        await work.ActAsync(id, "Handed over.", TestContext.Current.CancellationToken);
        var status = store.Status(id);
        Assert.True(status.HandedOver);
        Assert.Null(status.Status.Next);
        Assert.Equal(0, status.HandsMinutesLeft);
    }
}
