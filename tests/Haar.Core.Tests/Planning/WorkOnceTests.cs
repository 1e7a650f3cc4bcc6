using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Tests.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>One piece of work stands once, whichever rooms speak of it, and with all that is known of it.</summary>
public class WorkOnceTests
{
    static readonly DateTimeOffset Now = new(2026, 11, 25, 14, 0, 0, TimeSpan.Zero);
    static readonly Machine Machine = new()
    {
        Id = Guid.NewGuid(),
        Name = "Desktop",
        Class = MachineClass.Level386,
        YearFrom = 1991,
        YearTo = 1991,
        ArrivedAt = Now.AddDays(-9),
        SurveyedAt = Now.AddDays(-8),
        MainsLead = ThreeState.No,
        Tube = ThreeState.No,
    };

    static readonly Finding Weeps = new()
    {
        Id = Guid.NewGuid(),
        MachineId = Machine.Id,
        Kind = FindingKind.WeepingCapacitor,
        Place = "By the sound chip",
        Seen = "Wet and dull.",
        At = Now.AddDays(-8),
    };

    static CorrosionArea Corner(AreaTreatment treatment, Guid? job = null) =>
        new()
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Name = "the corner",
            Source = LeakSource.NickelCell,
            Inspections = [new(Now.AddDays(-8), CorrosionStage.MaskLifted, 9)],
            Treatment = treatment,
            JobId = job,
        };

    static Job Rinse(JobState state = JobState.ToDo) =>
        new()
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Stage = Stage.Boards,
            Title = "Rinse the corner",
            State = state,
            Minutes = 25,
            At = Now.AddDays(-1),
        };

    static IReadOnlyList<WorkTask> Work(MachineFacts f) => WorkLeft.Of(new MachineNow(f, Now));

    static MachineFacts Facts() => KnownMachine.Powered(new() { Machine = Machine }, Now.AddDays(-3));

    [Fact]
    public void What_was_found_and_is_exchanged_from_the_map_is_only_looked_at_again()
    {
        var alone = Work(Facts() with { Findings = [Weeps] }).Single(w => w.Key == $"finding/{Weeps.Id}");
        Assert.StartsWith("Exchange the weeping capacitor", alone.Title, StringComparison.Ordinal);
        Capacitor weeping = new()
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Designator = "C14",
            Signs = [CapacitorSign.Weeping],
        };
        var work = Work(Facts() with { Findings = [Weeps], Capacitors = [weeping] });
        var again = work.Single(w => w.Key == $"finding/{Weeps.Id}");
        Assert.Equal("Look again: by the sound chip", again.Title);
        var map = work.Where(w => w.Key.StartsWith("capacitors/", StringComparison.Ordinal)).Select(w => w.Key).ToList();
        Assert.NotEmpty(map);
        Assert.Subset(again.After.ToHashSet(), map.ToHashSet());
        // A capacitor that is sound is not the one that was found.
        weeping = new()
        {
            Id = weeping.Id,
            MachineId = Machine.Id,
            Designator = "C14",
        };
        Assert.Equal(
            alone.Title,
            Work(Facts() with { Findings = [Weeps], Capacitors = [weeping] }).Single(w => w.Key == $"finding/{Weeps.Id}").Title
        );
    }

    [Fact]
    public void What_grows_worse_is_as_urgent_in_the_room_that_treats_it()
    {
        var salt = new Finding
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Kind = FindingKind.SaltOrDamp,
            Place = "Lower shell",
            Seen = "White crust.",
            At = Now.AddDays(-8),
        };
        Core.Cleaning.CleanedItem shell = new()
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Name = "Lower shell",
            FindingId = salt.Id,
            Facts = new() { Materials = [Core.Cleaning.Material.Abs], Soils = [Core.Cleaning.Soil.Salt] },
        };
        Assert.True(Work(Facts() with { Findings = [salt] }).Single(w => w.Key == $"finding/{salt.Id}").Grows);
        var work = Work(Facts() with { Findings = [salt], CleanedItems = [shell] });
        var item = work.First(w => w.Key.StartsWith($"item/{shell.Id}/", StringComparison.Ordinal));
        Assert.True(item.Grows);
        var again = work.Single(w => w.Key == $"finding/{salt.Id}");
        Assert.StartsWith("Look again", again.Title, StringComparison.Ordinal);
        Assert.True(again.Danger);
        Assert.Contains(item.Key, again.After);
    }

    [Fact]
    public void A_listed_rinse_of_an_area_is_its_washing_and_comes_first_while_acid_lies_on_it()
    {
        var rinse = Rinse();
        var area = Corner(new() { NeutralisedAt = Now.AddDays(-1) }, rinse.Id);
        var work = Work(Facts() with { Areas = [area], Jobs = [rinse] });
        Assert.DoesNotContain(work, w => w.Key == $"area/{area.Id}/wash");
        var task = work.Single(w => w.Key == $"job/{rinse.Id}");
        Assert.Equal(WorkKind.Washing, task.Kind);
        Assert.True(task.Grows);
        Assert.True(task.WaitMinutes >= 12 * 60);
        // Work that waits for the area waits for it.
        Assert.Contains(task.Key, work.Single(w => w.Key == $"area/{area.Id}/mask").After);
        Capacitor unmeasured = new()
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Designator = "C1",
        };
        var measure = Work(Facts() with { Areas = [area], Jobs = [rinse], Capacitors = [unmeasured] })
            .Single(w => w.Key == "capacitors/measure");
        Assert.Contains(task.Key, measure.After);
        Assert.DoesNotContain($"area/{area.Id}/wash", measure.After);
        // Nothing was laid on it yet: it is washing, and no hurry.
        var dry = Corner(new(), rinse.Id);
        Assert.False(Work(Facts() with { Areas = [dry], Jobs = [rinse] }).Single(w => w.Key == task.Key).Grows);
        // The same without a listed piece of work.
        var own = Corner(new() { NeutralisedAt = Now.AddDays(-1) });
        Assert.True(Work(Facts() with { Areas = [own] }).Single(w => w.Key == $"area/{own.Id}/wash").Grows);
    }

    [Fact]
    public void New_mask_goes_on_when_nothing_more_is_soldered_on_the_boards()
    {
        var area = Corner(
            new()
            {
                NeutralisedAt = Now.AddDays(-3),
                RinsedAt = Now.AddDays(-3),
                AlcoholAt = Now.AddDays(-3),
                DriedAt = Now.AddDays(-1),
            }
        );
        var fit = new Job
        {
            Id = Guid.NewGuid(),
            MachineId = Machine.Id,
            Stage = Stage.Boards,
            Title = "Fit the socket",
            Minutes = 20,
            For = WorkFor.WhoSolders,
            At = Now,
        };
        var work = Work(Facts() with { Areas = [area], Jobs = [fit] });
        Assert.Contains($"job/{fit.Id}", work.Single(w => w.Key == $"area/{area.Id}/mask").After);
    }
}
