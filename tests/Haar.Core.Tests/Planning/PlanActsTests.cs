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

    [Fact]
    public void Knowing_less_of_a_machine_never_says_open_it()
    {
        var all = new Machine
        {
            Id = Id,
            Name = "server",
            Traits = [Trait.ScsiDrives, Trait.BatteryBackedMemory, Trait.InternalMainsSupply],
        };
        Assert.Equal(Outcome.YesIf, Page(new() { Machine = all }).Page.Verdict.Outcome);
        foreach (var trait in all.Traits.ToList())
        {
            var less = new Machine
            {
                Id = Id,
                Name = "server",
                Traits = [.. all.Traits.Where(t => t != trait)],
            };
            var page = Page(new() { Machine = less }).Page;
            Assert.Equal(Outcome.YesIf, page.Verdict.Outcome);
            Assert.Contains(page.Lines, l => l is { Key: "drive", Done: false });
            Assert.Contains(page.Lines, l => l is { Key: "cell", Done: false });
        }
        // Looked for and not found, it is not asked for.
        var none = Page(
            new()
            {
                Machine = new()
                {
                    Id = Id,
                    Name = "board",
                    Absent = [Trait.AtaDrives, Trait.ScsiDrives],
                    Battery = ThreeState.No,
                },
            }
        ).Page;
        Assert.DoesNotContain(none.Lines, l => l.Kind == BeforeKind.Copy);
    }

    [Fact]
    public void Inside_a_case_that_may_hold_a_tube_everything_is_for_the_trained_and_a_mains_finding_anywhere()
    {
        IReadOnlyList<WorkTask> Left(Machine m, params Core.Survey.Finding[] findings) =>
            WorkLeft.Of(new(new() { Machine = m, Findings = findings }, Now));
        // Nobody has said anything of it.
        var unknown = Left(new() { Id = Id, Name = "?" });
        Assert.All(
            unknown.Where(w => w.Stage is Stage.StripDown or Stage.Rebuild or Stage.BringUp),
            w => Assert.Contains(BenchSkill.Mains, w.Skills)
        );
        Assert.Contains(unknown, w => w.Stage == Stage.StripDown);
        var known = new Machine
        {
            Id = Id,
            Name = "desktop",
            Traits = [Trait.InternalMainsSupply],
            Tube = ThreeState.No,
        };
        Assert.DoesNotContain(Left(known), w => w.Skills.Contains(BenchSkill.Mains));
        foreach (var kind in new[] { Core.Survey.FindingKind.CrackedMainsFilter, Core.Survey.FindingKind.ChafedLead })
        {
            // Its listed work was taken off: the finding stands, and is no more anybody's than before.
            var found = Left(
                known,
                new Core.Survey.Finding
                {
                    Id = Guid.NewGuid(),
                    MachineId = Id,
                    Kind = kind,
                    Seen = "seen",
                }
            );
            Assert.Contains(BenchSkill.Mains, found.Single(w => w.Key.StartsWith("finding/", StringComparison.Ordinal)).Skills);
        }
        Assert.Empty(
            Left(
                new()
                {
                    Id = Id,
                    Name = "gone",
                    RemovedAt = Now,
                }
            )
        );
    }

    [Fact]
    public void What_is_set_aside_is_not_begun_and_parking_asks_who_is_at_it()
    {
        Assert.IsType<Refused>(new TakeUpWork("recap", "Ines").Decide(Facts(Recap) with { Parked = true }, At()));
        ParkingFacts Of(bool running) => new(new() { Id = Id, Name = "server" }, running, new(2026, 6, 1));
        Assert.IsType<Refused>(new Park("no supply", null, "").Decide(Of(true), At()));
        Assert.IsType<Refused>(new Park("no supply", new(2026, 6, 1), "").Decide(Of(false), At()));
        Assert.Throws<InvalidInputException>(() => new Park(" ", null, "").Decide(Of(false), At()));
        var facts = Of(false);
        Assert.IsType<Done>(new Park("no supply", new(2026, 6, 9), "supply").Decide(facts, At()));
        Assert.Equal((true, false), (facts.Machine.Parked(new(2026, 6, 8)), facts.Machine.Parked(new(2026, 6, 9))));
        Core.Parts.StorePart Part(int quantity, Guid? set = null) =>
            new()
            {
                Kind = "Supply",
                Fits = "ATX",
                Quantity = quantity,
                ForMachineId = set,
            };
        Assert.Equal("", Parking.WokenBy(facts.Machine, [Part(0), Part(1, Guid.NewGuid())], new(2026, 6, 2)));
        Assert.Contains("in the store", Parking.WokenBy(facts.Machine, [Part(1)], new(2026, 6, 2)));
        Assert.Contains("day", Parking.WokenBy(facts.Machine, [], new(2026, 6, 9)));
        // One that is lent is nobody's to build in.
        var lent = Part(1);
        lent.Owner = "the harbour master";
        Assert.Equal("", Parking.WokenBy(facts.Machine, [lent], new(2026, 6, 2)));
        Assert.IsType<Done>(new Unpark().Decide(facts, At()));
        Assert.IsType<Refused>(new Unpark().Decide(facts, At()));
    }

    [Fact]
    public void A_price_that_was_seen_wakes_what_waits_for_it_and_the_lowest_stands()
    {
        var m = new Machine { Id = Id, Name = "server" };
        var facts = new ParkingFacts(m, false, new(2026, 6, 1));
        string Woken() => Parking.WokenBy(m, [], new(2026, 6, 2));
        Assert.IsType<Refused>(new SeePrice(10).Decide(facts, At()));
        Assert.IsType<Refused>(new Park("too dear", null, "supply", -1).Decide(facts, At()));
        Assert.IsType<Done>(new Park("too dear", null, "supply", 20).Decide(facts, At()));
        Assert.Equal("Wakes for supply in the store, or seen for 20.00 or less.", Parking.Wakes(m));
        Assert.Equal("", Woken());
        Assert.Contains("it wakes at 20.00", Assert.IsType<Done>(new SeePrice(20.01m).Decide(facts, At())).Sentence);
        Assert.Equal("", Woken());
        Assert.IsType<Done>(new SeePrice(20).Decide(facts, At()));
        Assert.IsType<Done>(new SeePrice(35).Decide(facts, At()));
        Assert.Equal("Supply was seen for 20.00.", Woken());
        Assert.IsType<Refused>(new SeePrice(-1).Decide(facts, At()));
        // In hand again it is forgotten; set aside without a price, none wakes it.
        Assert.IsType<Done>(new Unpark().Decide(facts, At()));
        Assert.IsType<Done>(new Park("no room", null, "").Decide(facts, At()));
        Assert.Equal((null, null, "", ""), (m.WakesBelow, m.SeenFor, Woken(), Parking.Wakes(m)));
        Assert.IsType<Refused>(new SeePrice(1).Decide(facts, At()));
    }
}
