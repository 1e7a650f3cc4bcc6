using Haar.Core.Batteries;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>Who may do a piece of listed work.</summary>
public class WorkForTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 2, 18, 0, 0, TimeSpan.Zero);

    static WorkTask Task(Job job, params Finding[] findings) =>
        new PlanningRoom()
            .Work(
                new(
                    new MachineFacts
                    {
                        Machine = new() { Id = job.MachineId, Name = "Till" },
                        Jobs = [job],
                        Findings = findings,
                    },
                    Now
                )
            )
            .Single(w => w.JobId == job.Id);

    static Job Typed(string title, WorkFor who = WorkFor.NotSaid, string needs = "") =>
        new()
        {
            Id = Guid.NewGuid(),
            Title = title,
            Needs = needs,
            For = who,
            Stage = Stage.Case,
        };

    [Theory]
    [InlineData("Discharge the picture tube")]
    [InlineData("Replace the fuse inside the power supply")]
    [InlineData("Exchange the line filter")]
    [InlineData("Adjust the high voltage")]
    [InlineData("New mains inlet")]
    public void What_may_be_mains_or_tube_work_is_for_the_trained_until_somebody_says(string title)
    {
        Assert.Equal([BenchSkill.Mains], Task(Typed(title)).Skills);
        // Whoever says that it is not has said so.
        Assert.Empty(Task(Typed(title, WorkFor.Anyone)).Skills);
    }

    [Theory]
    [InlineData("Brush off the remains of the foam")]
    [InlineData("Sort the domains of the address list")]
    [InlineData("Tidy the tubes of paint away")]
    public void Letters_within_another_word_say_nothing(string title) => Assert.Empty(Task(Typed(title)).Skills);

    [Theory]
    [InlineData("Resolder the jack")]
    [InlineData("Recap the sound board")]
    public void Soldering_is_known_by_its_words_too(string title) => Assert.Equal([BenchSkill.Soldering], Task(Typed(title)).Skills);

    [Fact]
    public void What_is_said_counts_over_any_words()
    {
        Assert.Equal([BenchSkill.Mains], Task(Typed("Look inside", WorkFor.TheTrained)).Skills);
        Assert.Equal([BenchSkill.Soldering], Task(Typed("Put it right", WorkFor.WhoSolders)).Skills);
    }

    [Fact]
    public void Work_of_a_finding_says_by_itself_who_does_it_and_what_it_takes()
    {
        foreach (var kind in Enum.GetValues<FindingKind>())
        {
            foreach (var implied in FindingWork.Of(kind))
            {
                var finding = new Finding { Id = Guid.NewGuid(), Kind = kind };
                var job = Typed(implied.Title, implied.For, implied.Needs);
                (job.FindingId, job.Stage) = (finding.Id, implied.Stage);
                var task = Task(job, finding);
                Assert.NotEqual(WorkFor.NotSaid, implied.For);
                Assert.True(
                    implied.For != WorkFor.WhoSolders || task.Skills.Contains(BenchSkill.Soldering) && task.Kind == WorkKind.Soldering,
                    implied.Title
                );
                Assert.True(!FindingRules.ForTheTrained(kind) || task.Skills.Contains(BenchSkill.Mains), implied.Title);
            }
        }
    }

    [Fact]
    public void What_follows_a_leak_is_not_done_while_the_cell_is_in()
    {
        var finding = new Finding { Id = Guid.NewGuid(), Kind = FindingKind.LeakingCell };
        var job = Typed("Neutralise what it reached, then rinse and dry", WorkFor.Anyone);
        job.FindingId = finding.Id;
        MachineNow At() =>
            new(
                new MachineFacts
                {
                    Machine = new() { Id = Guid.NewGuid(), Name = "Till" },
                    Jobs = [job],
                    Findings = [finding],
                },
                Now
            );
        var held = AllRooms.InOrder.Select(r => r.Holds(At(), job)).FirstOrDefault(h => h is not null);
        Assert.Contains("still in", held!.Verdict.Sentence, StringComparison.Ordinal);
        finding.DealtWithAt = Now;
        Assert.All(AllRooms.InOrder, r => Assert.Null(r.Holds(At(), job)));
    }
}
