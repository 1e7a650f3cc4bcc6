using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>Beginning, ending and laying down work, and the page that is read before a machine is opened.</summary>
public class PlanActsTests
{
    static readonly DateTimeOffset Now = new(2026, 6, 1, 18, 0, 0, TimeSpan.Zero);
    static readonly Guid Id = Guid.NewGuid();

    static Moment At(double minutes = 0) => new(Now.AddMinutes(minutes), new(2026, 6, 1), Guid.NewGuid);

    static PlanActFacts Facts(WorkTask work, List<WorkTaken>? taken = null, params BenchPerson[] people) =>
        new(Id, "server", [work], people.Length > 0 ? people : [new() { Id = Guid.NewGuid(), Name = "Ines" }], taken ?? [], []);

    static readonly WorkTask Recap = new("recap", "Exchange 4 capacitors", Stage.Boards, WorkKind.Soldering, new(20, 48, 90));

    [Fact]
    public void Work_is_begun_once_by_one_and_ended_once()
    {
        var taken = new List<WorkTaken>();
        var facts = Facts(Recap, taken, new BenchPerson { Name = "Ines" }, new BenchPerson { Name = "Odd" });
        var done = Assert.IsType<Done>(new TakeUpWork("recap", "Ines").Decide(facts, At()));
        var work = Assert.IsType<WorkTaken>(Assert.Single(done.Added));
        taken.Add(work);
        Assert.Equal(48, work.PlannedMinutes);
        Assert.IsType<Refused>(new TakeUpWork("recap", "Odd").Decide(facts, At()));
        Assert.IsType<Refused>(new TakeUpWork("recap", "Ines").Decide(facts, At()));
        Assert.IsType<Done>(new EndWork(work.Id, WorkEnd.Done).Decide(facts, At(63)));
        Assert.Equal((WorkEnd.Done, 63.0), (work.End, work.TakenMinutes));
        // Two people finishing one task: the second is told.
        Assert.Contains(
            "ended already",
            Assert.IsType<Refused>(new EndWork(work.Id, WorkEnd.Failed).Decide(facts, At(64))).Permit.Verdict.Sentence
        );
    }

    [Fact]
    public void A_clock_set_back_and_a_night_are_no_time_at_the_bench()
    {
        foreach (var (at, took) in new[] { (-500.0, 1.0), (3000.0, 360.0) })
        {
            var work = new WorkTaken
            {
                Id = Guid.NewGuid(),
                ForMachineId = Id,
                Key = "recap",
                Title = "x",
                Person = "Ines",
                BegunAt = Now,
            };
            Assert.IsType<Done>(new EndWork(work.Id, WorkEnd.Unfinished).Decide(Facts(Recap, [work]), At(at)));
            Assert.Equal(took, work.TakenMinutes);
        }
    }

    [Fact]
    public void Mains_work_is_begun_by_somebody_trained_alone_and_no_reason_changes_that()
    {
        var mains = Recap with { Skills = [BenchSkill.Mains] };
        var odd = new BenchPerson { Name = "Odd" };
        var ines = new BenchPerson { Name = "Ines", Skills = [BenchSkill.Mains] };
        var refused = Assert.IsType<Refused>(
            new TakeUpWork("recap", "Odd").Decide(Facts(mains, null, odd, ines), At(), "I have done it before")
        );
        Assert.False(refused.Permit.Verdict.MayBeOverruled);
        // A name that nobody knows has not said to be trained either.
        Assert.IsType<Refused>(new TakeUpWork("recap", "Stranger").Decide(Facts(mains, null, odd, ines), At(), "trust me please"));
        Assert.IsType<Done>(new TakeUpWork("recap", "Ines").Decide(Facts(mains, null, odd, ines), At()));
        Assert.IsType<Refused>(new PinWork("recap", "Odd", null).Decide(Facts(mains, null, odd, ines), At()));
    }

    [Fact]
    public void What_somebody_cannot_be_near_and_what_still_waits_is_not_begun()
    {
        var tam = new BenchPerson { Name = "Tam", Avoids = [Airborne.Dust] };
        Assert.IsType<Refused>(new TakeUpWork("recap", "Tam").Decide(Facts(Recap with { Gives = [Airborne.Dust] }, null, tam), At()));
        Assert.IsType<Refused>(
            new TakeUpWork("recap", "Tam").Decide(Facts(Recap with { From = Now.AddHours(1), WaitsFor = "drying" }, null, tam), At())
        );
        Assert.IsType<Done>(
            new TakeUpWork("recap", "Tam").Decide(Facts(Recap with { From = Now.AddHours(1), WaitsFor = "drying" }, null, tam), At(61))
        );
        // Done in between, on its own screen.
        Assert.Contains(
            "no longer",
            Assert.IsType<Refused>(new TakeUpWork("gone", "Tam").Decide(Facts(Recap, null, tam), At())).Permit.Verdict.Sentence
        );
    }

    [Fact]
    public void A_pin_is_laid_changed_and_taken_back_and_the_past_is_no_time()
    {
        var facts = Facts(Recap);
        Assert.IsType<Refused>(new PinWork("recap", "", Now.AddHours(-2)).Decide(facts, At()));
        Assert.IsType<Refused>(new PinWork("recap", "Nobody", null).Decide(facts, At()));
        Assert.Throws<InvalidInputException>(() => new PinWork("recap", "", null, 99).Decide(facts, At()));
        var pin = Assert.IsType<PlanPin>(
            Assert.Single(Assert.IsType<Done>(new PinWork("recap", "Ines", Now.AddHours(3)).Decide(facts, At())).Added)
        );
        facts = facts with { Pins = [pin] };
        Assert.Empty(Assert.IsType<Done>(new PinWork("recap", "", null, 3).Decide(facts, At())).Added);
        Assert.Equal(("", 3), (pin.Person, pin.Split));
        Assert.Same(pin, Assert.Single(Assert.IsType<Done>(new PinWork("recap", "", null).Decide(facts, At())).Removed));
    }

    static BeforeFacts Page(MachineFacts f) =>
        new(f.Machine, BeforeOpening.Of(new MachineNow(f, Now), [], ["Clips snap when cold."]), f.BeforeAnswers);

    [Fact]
    public void Before_it_is_opened_what_cannot_be_had_later_comes_first_and_a_skip_is_kept()
    {
        var f = new MachineFacts
        {
            Machine = new()
            {
                Id = Id,
                Name = "server",
                Traits = [Trait.ScsiDrives, Trait.InternalMainsSupply],
            },
        };
        var page = Page(f);
        Assert.Equal(Outcome.YesIf, page.Page.Verdict.Outcome);
        Assert.Contains(page.Page.Lines, l => l is { Kind: BeforeKind.Copy, Key: "drive" });
        Assert.IsType<Refused>(new AnswerBefore("trap/0", false, "").Decide(page, At()));
        Assert.IsType<Refused>(new AnswerBefore("drive", true, "").Decide(page, At()));
        Assert.IsType<Refused>(new AnswerBefore("nothing", false, "").Decide(page, At()));
        var answers = new List<BeforeAnswer>();
        foreach (var l in page.Page.Lines.Where(l => l is { Done: false, Kind: BeforeKind.Measure or BeforeKind.Copy }))
        {
            answers.Add(
                Assert.IsType<BeforeAnswer>(
                    Assert.Single(
                        Assert.IsType<Done>(new AnswerBefore(l.Key, true, "no time before the van left").Decide(page, At())).Added
                    )
                )
            );
        }
        var after = Page(f with { BeforeAnswers = answers });
        Assert.Equal(Outcome.Yes, after.Page.Verdict.Outcome);
        Assert.All(after.Page.Lines.Where(l => l.Kind == BeforeKind.Copy), l => Assert.Equal("no time before the van left", l.Skipped));
        // Had after all.
        Assert.IsType<Done>(new AnswerBefore("drive", false, "").Decide(after, At()));
        Assert.Contains(Page(f with { BeforeAnswers = answers }).Page.Lines, l => l is { Key: "drive", Done: true });
    }
}
