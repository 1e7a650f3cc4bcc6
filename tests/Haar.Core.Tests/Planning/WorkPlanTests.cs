using FsCheck;
using FsCheck.Xunit;
using Haar.Core.Acts;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>The plan from what the rooms have left: hours, stages, pins, what has begun, what the past says, and replanning round it.</summary>
public class WorkPlanTests
{
    // A Monday, 12:00 UTC.
    static readonly DateTimeOffset Now = new(2026, 6, 1, 12, 0, 0, TimeSpan.Zero);

    static WorkTask Work(string key, int minutes = 30, Stage stage = Stage.Boards, WorkKind kind = WorkKind.Soldering) =>
        new(key, $"Do {key}", stage, kind, new(minutes, minutes, minutes));

    static PlanMachine Machine(string name, DateTimeOffset? due, params WorkTask[] work) => new(Guid.NewGuid(), name, work, due);

    static BenchPerson Person(string name, params BenchSkill[] skills) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = name,
            Skills = skills,
            Hours = [.. Enum.GetValues<DayOfWeek>().Select(d => new WeeklyHours(d, new(18, 0), new(21, 0)))],
        };

    static WorkPlanAsk Ask(IReadOnlyList<PlanMachine> machines, params BenchPerson[] people) =>
        new(machines, people, [], [], [], Now, TimeZoneInfo.Utc);

    static KeptPlan Plan(WorkPlanAsk ask, KeptPlan? before = null)
    {
        var p = WorkPlan.Of(ask);
        return KeptPlan.Of(p, Schedule.Again(p.Ask with { Seconds = 0 }, before?.Stood(p.Start, ask.People) ?? []));
    }

    [Fact]
    public void Work_lies_in_the_hours_and_stages_follow_one_another()
    {
        var m = Machine(
            "server",
            null,
            Work("close", 20, Stage.Rebuild),
            Work("recap", 60),
            Work("wash", 20, Stage.Case) with
            {
                WaitMinutes = 600,
                WaitFor = "drying",
            },
            Work("look", 10, Stage.Survey)
        );
        var plan = Plan(Ask([m], Person("Ines")));
        Assert.Empty(plan.Unplanned);
        Assert.All(plan.Tasks, t => Assert.InRange(t.Start.Hour, 18, 20));
        KeptTask Of(string key) => plan.Tasks.Single(t => t.Key == key);
        Assert.Equal("look", plan.Tasks[0].Key);
        // Not put together while the shell is wet.
        Assert.True(Of("close").Start >= Of("wash").ReadyAt);
        Assert.True(Of("close").Start >= Of("recap").End);
    }

    [Fact]
    public void Mains_work_goes_to_somebody_trained_or_to_nobody()
    {
        var m = Machine("terminal", null, Work("filter") with { Skills = [BenchSkill.Mains] });
        Assert.Equal("Ines", Plan(Ask([m], Person("Odd"), Person("Ines", BenchSkill.Mains))).Tasks.Single().Person);
        var none = Plan(Ask([m], Person("Odd")));
        Assert.Single(none.Unplanned);
        Assert.Equal(Outcome.No, none.Verdict.Outcome);
    }

    [Fact]
    public void A_day_that_differs_takes_its_place_and_a_missed_evening_moves_the_work_with_why()
    {
        var ines = Person("Ines");
        var m = Machine("micro", null, Work("a"), Work("b") with { After = ["a"] });
        var ask = Ask([m], ines);
        var plan = Plan(ask);
        Assert.Equal(1, plan.Tasks[0].Start.Day);
        ines.Days = [new(new(2026, 6, 1), null, null)];
        ines.Check();
        var after = Plan(ask, plan);
        Assert.All(after.Tasks, t => Assert.Equal(2, t.Start.Day));
        Assert.Equal(2, after.Moves.Count);
        Assert.Equal("There are no hours for it where it stood.", after.Moves[0].Why);
        Assert.Contains("is ready later", after.Moves[1].Why);
    }

    [Fact]
    public void A_wait_that_lasts_longer_moves_only_what_hangs_on_it()
    {
        var late = Work("fit") with { From = Now.AddHours(1), WaitsFor = "the post" };
        var m = Machine("laptop", null, late);
        var other = Machine("editor", null, Work("x"), Work("y") with { After = ["x"] });
        var ask = Ask([m, other], Person("Tam"));
        var plan = Plan(ask);
        var then = Plan(ask with { Machines = [m with { Work = [late with { From = Now.AddDays(3) }] }, other] }, plan);
        Assert.Equal(["fit"], then.Moves.Select(x => x.Title["Do ".Length..]));
        Assert.Equal("What it waits for comes later.", then.Moves[0].Why);
        // Without an end it counts as a week, and that is said.
        var open = Plan(ask with { Machines = [m with { Work = [late with { From = null, OpenWait = true }] }, other] });
        Assert.True(open.Tasks.Single(t => t.Key == "fit").Start >= Now.AddDays(7));
        Assert.Contains(open.Said, s => s.Contains("has no day", StringComparison.Ordinal));
    }

    [Fact]
    public void What_has_begun_goes_on_where_it_is_whatever_the_hours_say()
    {
        var m = Machine("micro", null, Work("a", 60), Work("b", 30) with { After = ["a"] });
        var begun = new WorkTaken
        {
            Id = Guid.NewGuid(),
            ForMachineId = m.Id,
            Key = "b",
            Person = "Ines",
            PlannedMinutes = 30,
            BegunAt = Now.AddMinutes(-10),
        };
        var plan = Plan(Ask([m], Person("Ines")) with { Taken = [begun] });
        Assert.Empty(plan.Unplanned);
        var b = plan.Tasks.Single(t => t.Key == "b");
        Assert.Equal((Now, Now.AddMinutes(20), true), (b.Start, b.End, b.Pinned));
    }

    [Fact]
    public void Pins_hold_and_a_split_makes_goes_of_one()
    {
        var m = Machine("editor", null, Work("long", 400), Work("small"));
        var ask = Ask([m], Person("Ines"), Person("Odd"));
        var whole = Plan(ask);
        Assert.Contains("split it in 3", whole.Unplanned.Single().Why);
        PlanPin Pin(string key, string person = "", DateTimeOffset? at = null, int split = 0) =>
            new()
            {
                Id = Guid.NewGuid(),
                ForMachineId = m.Id,
                Key = key,
                Person = person,
                At = at,
                Split = split,
            };
        var at = Now.Date.AddDays(2).AddHours(19);
        var plan = Plan(ask with { Pins = [Pin("long", split: 3), Pin("small", "Odd", new(at, TimeSpan.Zero))] });
        Assert.Empty(plan.Unplanned);
        Assert.Equal(3, plan.Tasks.Count(t => t.Key == "long"));
        var small = plan.Tasks.Single(t => t.Key == "small");
        Assert.Equal(("Odd", new DateTimeOffset(at, TimeSpan.Zero), true), (small.Person, small.Start, small.Pinned));
    }

    [Fact]
    public void A_circle_in_the_rows_is_cut_and_never_breaks_the_plan()
    {
        var m = Machine("m", null, Work("a") with { After = ["b"] }, Work("b") with { After = ["c"] }, Work("c") with { After = ["a"] });
        Assert.Equal(3, Plan(Ask([m], Person("Ines"))).Tasks.Count);
        // A task that waits for itself, and one that waits for nothing that is there.
        Assert.Equal(
            2,
            Plan(
                Ask([Machine("n", null, Work("a") with { After = ["a"] }, Work("b") with { After = ["gone"] })], Person("Ines"))
            ).Tasks.Count
        );
    }

    [Fact]
    public void A_day_that_is_past_is_said_and_planned_for_as_early_as_can_be()
    {
        var p = WorkPlan.Of(Ask([Machine("late", Now.AddDays(-1), Work("a")), Machine("soon", Now.AddDays(4), Work("a"))], Person("Ines")));
        Assert.Null(p.Ask.Tasks.Single(t => t.Title.Contains("late", StringComparison.Ordinal)).Deadline);
        Assert.NotNull(p.Ask.Tasks.Single(t => t.Title.Contains("soon", StringComparison.Ordinal)).Deadline);
        Assert.Contains(p.Said, s => s.StartsWith("The day of late is past", StringComparison.Ordinal));
    }

    [Fact]
    public void Nobody_no_hours_and_nothing_to_do_make_no_plan_and_no_error()
    {
        Assert.Empty(WorkPlan.Of(Ask([Machine("m", null, Work("a"))])).Ask.People);
        Assert.Empty(WorkPlan.Of(Ask([], Person("Ines"))).Ask.Tasks);
        var idle = Person("Ines");
        idle.Hours = [];
        var plan = Plan(Ask([Machine("m", null, Work("a"))], idle));
        Assert.Contains("has no hours", plan.Unplanned.Single().Why);
    }

    [Fact]
    public void The_past_corrects_estimates_by_kind_and_one_piece_of_work_does_not_decide()
    {
        WorkTaken Took(WorkKind kind, double planned, double took, WorkEnd end = WorkEnd.Done) =>
            new()
            {
                Id = Guid.NewGuid(),
                Kind = kind,
                PlannedMinutes = planned,
                TakenMinutes = took,
                End = end,
                BegunAt = Now.AddDays(-9),
            };
        var one = WorkPast.Of([Took(WorkKind.Soldering, 30, 60)]).Single();
        Assert.Equal((WorkKind.Soldering, 1, 2.0), (one.Kind, one.From, one.Median));
        Assert.Equal(Math.Pow(2, 1 / 4.0), one.Factor, 3);
        var many = WorkPast.Of(Enumerable.Range(0, 60).Select(_ => Took(WorkKind.Soldering, 30, 60))).Single();
        Assert.InRange(many.Factor, 1.9, 2);
        // What was not ended, failed, or ran through the night says nothing, or little.
        Assert.Empty(WorkPast.Of([Took(WorkKind.Soldering, 30, 60, WorkEnd.Failed), Took(WorkKind.Soldering, 0, 60)]));
        Assert.True(WorkPast.Of([Took(WorkKind.Washing, 1, 9999)]).Single().Factor <= WorkPast.MostFactor);
        var plan = WorkPlan.Of(
            Ask([Machine("m", null, Work("a", 60), Work("b", 60, kind: WorkKind.Washing))], Person("Ines")) with
            {
                Taken = [.. Enumerable.Range(0, 60).Select(_ => Took(WorkKind.Soldering, 30, 60))],
            }
        );
        Assert.InRange(plan.Ask.Tasks[0].Minutes, 112, 120);
        Assert.Equal(60, plan.Ask.Tasks[1].Minutes);
        Assert.Contains(plan.Said, s => s.StartsWith("Soldering has taken 2 times", StringComparison.Ordinal));
    }

    [Fact]
    public void What_was_left_unfinished_keeps_what_is_left_of_it()
    {
        var m = Machine("m", null, Work("a", 90));
        var half = new WorkTaken
        {
            Id = Guid.NewGuid(),
            ForMachineId = m.Id,
            Key = "a",
            Person = "Ines",
            PlannedMinutes = 90,
            TakenMinutes = 50,
            BegunAt = Now.AddDays(-1),
            EndedAt = Now.AddDays(-1).AddMinutes(50),
            End = WorkEnd.Unfinished,
        };
        Assert.Equal(40, WorkPlan.Of(Ask([m], Person("Ines")) with { Taken = [half] }).Ask.Tasks.Single().Minutes);
        half.LeftMinutes = 15;
        Assert.Equal(15, WorkPlan.Of(Ask([m], Person("Ines")) with { Taken = [half] }).Ask.Tasks.Single().Minutes);
        // What did not come out is done again from the beginning.
        half.End = WorkEnd.Failed;
        Assert.Equal(90, WorkPlan.Of(Ask([m], Person("Ines")) with { Taken = [half] }).Ask.Tasks.Single().Minutes);
    }

    [Fact]
    public void Daylight_is_short_in_winter_and_work_outdoors_lies_in_it()
    {
        Assert.InRange(2 * WorkPlan.HalfDayHours(172, 55), 16.5, 17.5);
        Assert.InRange(2 * WorkPlan.HalfDayHours(355, 55), 6.5, 7.5);
        Assert.Equal(12, 2 * WorkPlan.HalfDayHours(81, 0), 1);
        var person = Person("Ines");
        person.Hours = [.. Enum.GetValues<DayOfWeek>().Select(d => new WeeklyHours(d, new(0, 0), new(23, 59)))];
        var ask = Ask([Machine("m", null, Work("paint") with { Places = ["yard"] })], person) with
        {
            Now = new(2026, 12, 21, 18, 0, 0, TimeSpan.Zero),
            Places =
            [
                new()
                {
                    Id = Guid.NewGuid(),
                    Name = "yard",
                    Open = PlaceOpen.Daylight,
                },
            ],
        };
        Assert.InRange(Plan(ask).Tasks.Single().Start.Hour, 8, 15);
    }

    [Fact]
    public void Somebody_who_is_not_among_the_people_here_may_be_at_it_and_the_plan_goes_round_that()
    {
        var m = Machine("m", null, Work("a", 60), Work("b", 30) with { After = ["a"] });
        WorkTaken At(string key, string person, int minutesAgo) =>
            new()
            {
                Id = Guid.NewGuid(),
                ForMachineId = m.Id,
                Key = key,
                Person = person,
                PlannedMinutes = 60,
                BegunAt = Now.AddMinutes(-minutesAgo),
            };
        // At noon nobody has hours: it goes on nevertheless, and what comes after it is planned.
        var ask = Ask([m], Person("Ines")) with
        {
            Taken = [At("a", "A guest", 10)],
        };
        var plan = Plan(ask);
        Assert.Empty(plan.Unplanned);
        Assert.Equal(("A guest", Now, Now.AddMinutes(50)), (plan.Tasks[0].Person, plan.Tasks[0].Start, plan.Tasks[0].End));
        Assert.Equal(("Ines", 18), (plan.Tasks[1].Person, plan.Tasks[1].Start.Hour));
        var problem = WorkPlan.Of(ask);
        Assert.Equal(["A guest"], problem.Guests);
        // Nobody asks a guest for an evening.
        Assert.DoesNotContain(Rescues.Of(problem.Ask, problem, [m], 20_000), r => r.Person == "A guest");
        // Of two things that an import says they are at it is the one begun last; the other waits for whoever can.
        var both = Plan(ask with { Taken = [At("a", "A guest", 10), At("b", "A guest", 30)] });
        Assert.Equal(["A guest", "Ines"], both.Tasks.Select(t => t.Person));
        // With nobody here there is no plan, and so none round a guest.
        Assert.Empty(WorkPlan.Of(Ask([m]) with { Taken = [At("a", "A guest", 10)] }).Ask.People);
    }

    /// <summary>What nobody has said of a place is not that it is always open.</summary>
    [Fact]
    public void A_place_of_which_nothing_is_said_counts_as_usual_and_the_plan_says_so()
    {
        var day = Person("Ines");
        day.Hours = [.. Enum.GetValues<DayOfWeek>().Select(d => new WeeklyHours(d, new(0, 0), new(23, 59)))];
        WorkPlanAsk Of(params string[] places) =>
            Ask([Machine("m", null, Work("paint") with { Places = places })], day) with
            {
                Now = new(2026, 12, 21, 18, 0, 0, TimeSpan.Zero),
            };
        Assert.InRange(Plan(Of("yard")).Tasks.Single().Start.Hour, 8, 15);
        Assert.InRange(Plan(Of("sill")).Tasks.Single().Start.Hour, 8, 15);
        Assert.Equal(18, Plan(Of("iron")).Tasks.Single().Start.Hour);
        var yard = WorkPlan.Of(Of("yard"));
        Assert.Contains("When the yard may be used nobody has said: it counts as is usual, by day, when the weather is fit.", yard.Said);
        Assert.Equal(WorkPlan.UsualFitDays / 10, yard.Ask.Places.Single(p => p.Name == "yard").Fit);
        Assert.Empty(WorkPlan.Of(Of("iron")).Said);
        Assert.Contains(WorkPlan.Of(Of("loft")).Said, x => x.Contains("loft", StringComparison.Ordinal));
        // Said otherwise it is as they say, and so it is when they have said that it is always open.
        var said = Of("yard") with
        {
            Places = [new() { Name = "yard" }],
        };
        Assert.Equal(18, Plan(said).Tasks.Single().Start.Hour);
        Assert.Empty(WorkPlan.Of(said).Said);
    }

    [Fact]
    public void The_clock_that_is_put_forward_takes_an_hour_and_no_plan()
    {
        var zone = TimeZoneInfo.FindSystemTimeZoneById("Europe/Berlin");
        var night = Person("Ines");
        night.Hours = [new(DayOfWeek.Sunday, new(1, 0), new(4, 0))];
        var ask = Ask([Machine("m", null, Work("a", 110), Work("b", 30))], night) with
        {
            Now = new(2026, 3, 28, 12, 0, 0, TimeSpan.Zero),
            Zone = zone,
        };
        var w = WorkPlan.Of(ask).Ask.People[0].Windows[0];
        Assert.Equal(120, w.To - w.From);
        Assert.Equal(2, Plan(ask).Tasks.Count);
    }

    [Property(MaxTest = 120)]
    public bool No_plan_breaks_an_hour_an_order_or_a_skill(byte[] lengths, byte seed)
    {
        var random = new Random(seed);
        var work = lengths
            .Take(14)
            .Select(
                (l, i) =>
                    Work($"w{i}", 5 + l % 90, (Stage)(l % 11)) with
                    {
                        After = i > 0 && l % 3 == 0 ? [$"w{random.Next(i)}"] : [],
                        Skills = l % 7 == 0 ? [BenchSkill.Mains] : [],
                        WaitMinutes = l % 5 == 0 ? 300 : 0,
                        Gives = l % 4 == 0 ? [Airborne.Dust] : [],
                    }
            )
            .ToArray();
        var tam = Person("Tam");
        tam.Avoids = [Airborne.Dust];
        var ask = Ask([Machine("m", Now.AddDays(20), work)], Person("Ines", BenchSkill.Mains), tam);
        if (work.Length == 0)
        {
            return true;
        }
        var problem = WorkPlan.Of(ask);
        var plan = Plan(ask);
        var by = plan.Tasks.ToDictionary(t => t.Id);
        var after = problem.Ask.Tasks.ToDictionary(t => t.Id, t => t.After);
        return plan.Unplanned.Count == 0
            && plan.Tasks.All(t => t.Start.TimeOfDay >= TimeSpan.FromHours(18) && t.End.TimeOfDay <= TimeSpan.FromHours(21))
            && plan.Tasks.All(t => after[t.Id].All(a => by[a].ReadyAt <= t.Start))
            && plan.Tasks.All(t => !t.Work.Skills.Contains(BenchSkill.Mains) || t.Person == "Ines")
            && plan.Tasks.All(t =>
                t.Work.Gives.Count == 0 || plan.Tasks.All(o => o.Person != "Tam" || o.End <= t.Start || o.Start >= t.End)
            )
            && plan.Tasks.All(t => plan.Tasks.All(o => o.Id == t.Id || o.Person != t.Person || o.End <= t.Start || o.Start >= t.End));
    }

    [Property(MaxTest = 60)]
    public bool Planned_again_on_the_same_facts_nothing_moves(byte[] lengths)
    {
        var work = lengths.Take(12).Select((l, i) => Work($"w{i}", 5 + l % 60, (Stage)(l % 11))).ToArray();
        if (work.Length == 0)
        {
            return true;
        }
        var ask = Ask([Machine("m", null, work)], Person("Ines"), Person("Odd"));
        var plan = Plan(ask);
        var again = Plan(ask, plan);
        return again.Moves.Count == 0
            && again.Tasks.Select(t => (t.Id, t.Start, t.Person)).SequenceEqual(plan.Tasks.Select(t => (t.Id, t.Start, t.Person)));
    }

    [Fact]
    public void An_evening_says_what_to_lay_out_and_the_shelf_is_asked_in_time_for_the_post()
    {
        var use = new SupplyNeed("rust remover", 100, SupplyUnit.Millilitres);
        var m = Machine(
            "server",
            null,
            Work("rust") with
            {
                Needs = "Fleece, pH paper",
                Uses = [use],
            },
            Work("more") with
            {
                Needs = "fleece; mask",
                Uses = [use],
                After = ["rust"],
                WaitMinutes = 0,
            }
        );
        var plan = Plan(Ask([m], Person("Ines")));
        SupplyStock Stock(double left, int? days = 2) =>
            new(
                new()
                {
                    Id = Guid.NewGuid(),
                    Kind = "rust remover",
                    Counted = left,
                    DaysToCome = days,
                },
                left
            );
        var evening = Evening.Of(plan, "Ines", Now, Now.AddHours(14));
        Assert.Equal(["Fleece", "pH paper", "Mask"], evening.LayOut);
        Assert.Equal(
            Outcome.No,
            Supplies.Enough([.. evening.Tasks.SelectMany(t => t.Work.Uses)], [Stock(120)], new(2026, 6, 1)).Verdict.Outcome
        );
        Assert.Equal(Outcome.No, Evening.Of(plan, "Odd", Now, Now.AddHours(14)).Verdict.Outcome);
        var shortage = Shortages.Of(plan, [Stock(120)], new(2026, 6, 1)).Single();
        Assert.Equal((80.0, true), (shortage.Missing, shortage.Late));
        Assert.Contains("more", shortage.For);
        Assert.Empty(Shortages.Of(plan, [Stock(250)], new(2026, 6, 1)));
        Assert.Null(Shortages.Of(plan, [Stock(10, null)], new(2026, 6, 1)).Single().OrderBy);
    }

    static ScheduleAsk Alone(int[] minutes, params Window[] hours) =>
        new()
        {
            Tasks = [.. minutes.Select((m, i) => new PlanTask { Id = $"t{i}", Minutes = m })],
            People = [new() { Name = "Ines", Windows = hours }],
            Seconds = 0,
        };

    static Wish[] Each(int[] minutes, int by) => [.. minutes.Select((_, i) => new Wish($"w{i}", [$"t{i}"], by))];

    [Fact]
    public void Wishes_that_clash_are_as_few_as_prove_it()
    {
        int[] minutes = [100, 90, 10];
        var ask = Alone(minutes, new Window(0, 120), new(1440, 1560));
        var r = Clash.Of(ask, Each(minutes, 600));
        // 100 and 90 do not go into 120 minutes; the ten besides would not matter.
        Assert.Equal(["w0", "w1"], r.Wishes.Order());
        Assert.Equal(Outcome.No, r.Verdict.Outcome);
        Assert.Empty(Clash.Of(ask, Each(minutes, 1600)).Wishes);
        // One that cannot be alone clashes with nothing but its day.
        Assert.Equal(["w0"], Clash.Of(Alone([300], new Window(0, 120)), Each([300], 600)).Wishes);
        // Different days: what is due first stands against what is due first.
        Assert.Equal(["w0"], Clash.Of(ask, [new("w0", ["t0"], 50), new("w1", ["t1"], 1600)]).Wishes);
        Assert.Empty(Clash.Of(ask, []).Wishes);
    }

    [Property(MaxTest = 150)]
    public bool A_clash_is_impossible_and_without_any_one_of_it_nothing_proves_it(byte[] lengths, byte hours)
    {
        int[] minutes = [.. lengths.Take(6).Select(l => 5 + l % 60)];
        if (minutes.Length == 0)
        {
            return true;
        }
        var ask = Alone(minutes, new Window(0, 60 + hours % 60), new(1440, 1560));
        var wishes = Each(minutes, 700);
        var clash = Clash.Of(ask, wishes).Wishes;
        var set = wishes.Where(w => clash.Contains(w.Name)).ToList();
        var room = 60 + hours % 60;
        int Sum(IEnumerable<Wish> of) => of.Sum(w => minutes[int.Parse(w.Name[1..], System.Globalization.CultureInfo.InvariantCulture)]);
        return clash.Count == 0
            ? Sum(wishes) <= room
            : Sum(set) > room && set.All(w => set.Count == 1 || Sum(set.Where(x => x != w)) <= room);
    }

    [Fact]
    public void A_guess_that_somebody_did_is_done_and_what_a_room_still_lists_is_not()
    {
        var m = Machine(
            "m",
            null,
            Work("stage/Rebuild", 60, Stage.Rebuild) with
            {
                Guess = true,
                ByWord = true,
            },
            Work("item", 20, Stage.Case),
            Work("close", 10, Stage.HandOver)
        );
        WorkTaken Did(string key) =>
            new()
            {
                Id = Guid.NewGuid(),
                ForMachineId = m.Id,
                Key = key,
                Person = "Ines",
                PlannedMinutes = 60,
                TakenMinutes = 50,
                BegunAt = Now.AddDays(-1),
                EndedAt = Now.AddHours(-23),
                End = WorkEnd.Done,
            };
        var plan = Plan(Ask([m], Person("Ines")) with { Taken = [Did("stage/Rebuild"), Did("item")] });
        Assert.Equal(["item", "close"], plan.Tasks.Select(t => t.Key));
    }

    [Fact]
    public void What_somebody_said_is_done_is_only_written_down_until_it_changes()
    {
        var wash = Work("area/wash", 60, Stage.Boards) with
        {
            Since = Now.AddDays(-3),
            WaitMinutes = 1440,
            Skills = [BenchSkill.Soldering],
            Places = ["iron"],
        };
        var taken = new WorkTaken
        {
            Id = Guid.NewGuid(),
            Key = "area/wash",
            Person = "Ines",
            PlannedMinutes = 60,
            TakenMinutes = 50,
            BegunAt = Now.AddHours(-11),
            EndedAt = Now.AddHours(-10),
            End = WorkEnd.Done,
        };
        PlanTask Of(WorkTask w, WorkEnd end = WorkEnd.Done)
        {
            var m = Machine("m", null, w);
            taken.End = end;
            return WorkPlan.Of(Ask([m], Person("Ines"), Person("Tam")) with { Taken = [Copy(taken, m.Id)] }).Ask.Tasks.Single();
        }
        var said = Of(wash);
        Assert.Equal((5, 840, ""), (said.Minutes, said.WaitMinutes, said.Person));
        Assert.StartsWith("Write down what was done", said.Title, StringComparison.Ordinal);
        Assert.Empty(said.Places.Concat(said.Skills));
        // It has changed since, nobody kept since when it is so, or it did not come out: all of it is to be done.
        Assert.Equal(60, Of(wash with { Since = Now.AddHours(-9) }).Minutes);
        Assert.Equal(60, Of(wash with { Since = null }).Minutes);
        Assert.Equal(60, Of(wash, WorkEnd.Failed).Minutes);
        Assert.Equal(60, Of(wash with { JobId = Guid.NewGuid() }).Minutes);
        // A clock that was set back makes no wait longer than it was.
        taken.EndedAt = Now.AddHours(5);
        Assert.Equal(1440, Of(wash).WaitMinutes);
        static WorkTaken Copy(WorkTaken t, Guid machine) =>
            new()
            {
                Id = t.Id,
                ForMachineId = machine,
                Key = t.Key,
                Person = t.Person,
                PlannedMinutes = t.PlannedMinutes,
                TakenMinutes = t.TakenMinutes,
                BegunAt = t.BegunAt,
                EndedAt = t.EndedAt,
                End = t.End,
            };
    }

    [Fact]
    public void Work_that_is_laid_down_can_be_late_as_any_other_and_what_runs_cannot()
    {
        var m = Machine("m", null, Work("a"), Work("b"));
        var pin = new PlanPin
        {
            Id = Guid.NewGuid(),
            ForMachineId = m.Id,
            Key = "a",
            At = Now.AddHours(7),
        };
        var plan = Plan(Ask([m], Person("Ines")) with { Pins = [pin] });
        Assert.True(plan.Tasks.Single(t => t.Key == "a").Pinned);
        Assert.False(plan.Overdue(Now.AddHours(6)));
        Assert.True(plan.Overdue(Now.AddHours(8)));
        var running = Plan(
            Ask([Machine("n", null) with { Id = m.Id, Work = [Work("a")] }], Person("Ines")) with
            {
                Taken =
                [
                    new()
                    {
                        Id = Guid.NewGuid(),
                        ForMachineId = m.Id,
                        Key = "a",
                        Person = "Ines",
                        PlannedMinutes = 30,
                        BegunAt = Now,
                    },
                ],
            }
        );
        Assert.False(running.Overdue(Now.AddHours(8)));
    }
}
