using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

/// <summary>Who does what when: known optima, what no plan may break, and equal to brute force where that can be tried.</summary>
public class ScheduleTests
{
    static PlanTask Task(string id, int minutes, string[]? after = null, int wait = 0, string[]? places = null) =>
        new()
        {
            Id = id,
            Minutes = minutes,
            After = after ?? [],
            WaitMinutes = wait,
            Places = places ?? [],
        };

    static readonly PlanPerson Anna = new() { Name = "Anna", Windows = [new(0, 10_000)] };
    static readonly PlanPerson Ben = Anna with { Name = "Ben" };

    static ScheduleAsk Ask(IReadOnlyList<PlanTask> tasks, params PlanPerson[] people) => new() { Tasks = tasks, People = people };

    [Fact]
    public void A_wait_needs_no_hands_and_is_filled()
    {
        // Washed 10, dries 60; meanwhile 40 of something else: ready at 80 with the last 10.
        var r = Schedule.Of(Ask([Task("wash", 10, wait: 60), Task("fit", 10, ["wash"]), Task("other", 40)], Anna));
        Assert.Equal((80, true), (r.ReadyAt, r.Proven));
        Assert.Equal(0, r.Tasks.Single(t => t.Id == "wash").Start);
    }

    [Fact]
    public void Two_people_share_the_work_and_one_iron_is_one()
    {
        Assert.Equal(20, Schedule.Of(Ask([Task("a", 20), Task("b", 20)], Anna, Ben)).ReadyAt);
        Assert.Equal(40, Schedule.Of(Ask([Task("a", 20, places: ["iron"]), Task("b", 20, places: ["iron"])], Anna, Ben)).ReadyAt);
        // A bath is held by what soaks in it.
        var soak = Task("soak", 5, wait: 100, places: ["bath"]) with
        {
            WaitPlace = "bath",
        };
        Assert.Equal(210, Schedule.Of(Ask([soak, soak with { Id = "next" }], Anna, Ben)).ReadyAt);
        // Daylight.
        var sun = Ask([Task("sun", 30, places: ["sill"])], Anna) with
        {
            Places = [new() { Name = "sill", Windows = [new(500, 900)] }],
        };
        Assert.Equal(530, Schedule.Of(sun).ReadyAt);
    }

    [Fact]
    public void Hours_skills_allergies_and_pins_hold()
    {
        var evening = Anna with { Windows = [new(0, 60), new(1440, 1500)], Skills = ["solders"] };
        var r = Schedule.Of(
            Ask([Task("a", 50), Task("b", 50) with { Skills = ["solders"] }], evening, Ben with { Windows = [new(0, 60)] })
        );
        Assert.Equal("Anna", r.Tasks.Single(t => t.Id == "b").Person);
        Assert.Equal(50, r.ReadyAt);
        // Whoever cannot be near dust is not at the bench while there is some.
        var dust = Task("sand", 30) with
        {
            Gives = ["dust"],
            Person = "Ben",
        };
        var near = Schedule.Of(Ask([dust, Task("solder", 30) with { Person = "Anna" }], Anna with { Avoids = ["dust"] }, Ben));
        Assert.Equal(60, near.ReadyAt);
        Assert.Equal(
            "Nobody here can be near it.",
            Schedule.Of(Ask([dust with { Person = "" }], Anna with { Avoids = ["dust"] })).Unplanned[0].Why
        );
        var pinned = Schedule.Of(Ask([Task("a", 10) with { Start = 33 }, Task("b", 40)], Anna));
        Assert.Equal(33, pinned.Tasks.Single(t => t.Id == "a").Start);
    }

    [Fact]
    public void What_cannot_be_is_named_and_a_split_offered()
    {
        var r = Schedule.Of(
            Ask([Task("strip", 200), Task("then", 5, ["strip"]), Task("free", 5)], Anna with { Windows = [new(0, 90), new(1440, 1530)] })
        );
        Assert.Equal(["strip", "then"], r.Unplanned.Select(u => u.Id).Order());
        Assert.Contains("split it in 3", r.Unplanned.Single(u => u.Id == "strip").Why, StringComparison.Ordinal);
        Assert.Equal(Outcome.No, r.Verdict.Outcome);
        Assert.Equal("free", Assert.Single(r.Tasks).Id);
        Assert.Contains(
            "no hours",
            Schedule.Of(Ask([Task("a", 5)], Anna with { Windows = [] })).Unplanned[0].Why,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "can mains",
            Schedule.Of(Ask([Task("a", 5) with { Skills = ["mains"] }], Anna)).Unplanned[0].Why,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Deadlines_are_kept_where_they_can_be_and_said_where_not()
    {
        // The long chain first would be too late for the short one.
        var tasks = new[] { Task("long", 60), Task("long2", 60, ["long"]), Task("due", 30) with { Deadline = 40 } };
        var r = Schedule.Of(Ask(tasks, Anna));
        Assert.Equal((0, 150), (r.Late, r.ReadyAt));
        var never = Schedule.Of(Ask([Task("a", 50) with { Deadline = 60 }, Task("b", 50) with { Deadline = 60 }], Anna));
        Assert.Equal((40, Outcome.No), (never.Late, never.Verdict.Outcome));
    }

    [Theory]
    [InlineData("deadline", """{"id":"a","minutes":30,"deadline":10}""")]
    [InlineData("Two tasks", """{"id":"a","minutes":1}|{"id":"a","minutes":1}""")]
    [InlineData("cannot last", """{"id":"a","minutes":-4}""")]
    [InlineData("not there", """{"id":"a","minutes":1,"after":["x"]}""")]
    [InlineData("more of a place", """{"id":"a","minutes":1,"places":["iron","iron"]}""")]
    [InlineData("waits for itself", """{"id":"a","minutes":1,"after":["a"]}""")]
    [InlineData("in a circle", """{"id":"a","minutes":1,"after":["b"]}|{"id":"b","minutes":1,"after":["a"]}""")]
    public void What_contradicts_itself_is_named(string what, string tasks)
    {
        var options = new System.Text.Json.JsonSerializerOptions(System.Text.Json.JsonSerializerDefaults.Web);
        var ask = Ask([.. tasks.Split('|').Select(t => System.Text.Json.JsonSerializer.Deserialize<PlanTask>(t, options)!)], Anna);
        var e = Assert.Throws<InvalidInputException>(() => Schedule.Of(ask));
        Assert.True((e.Field + e.Message).Contains(what, StringComparison.OrdinalIgnoreCase), e.Field + ": " + e.Message);
    }

    internal static readonly Arbitrary<ScheduleAsk> Any = Arb.From(
        from n in Gen.Choose(1, 6)
        from tasks in Gen.ArrayOf(
            from minutes in Gen.Choose(5, 45)
            from wait in Gen.Elements(0, 0, 30, 90)
            from place in Gen.Elements("", "", "iron", "bath")
            from skill in Gen.Elements("", "", "solders")
            from gives in Gen.Elements("", "", "", "dust")
            from after in Gen.Choose(0, 7)
            from holds in Gen.Elements(false, true)
            select (minutes, wait, place, skill, gives, after, holds),
            n
        )
        from second in Gen.Elements(true, false)
        from baths in Gen.Choose(1, 2)
        from lies in Gen.Elements(false, true)
        from daylight in Gen.Elements(false, true)
        select new ScheduleAsk
        {
            Seconds = 3,
            Places =
            [
                new()
                {
                    Name = "bath",
                    Count = baths,
                    Windows = daylight ? [new(20, 400), new(600, 1900)] : null,
                },
            ],
            Tasks =
            [
                .. tasks.Select(
                    (t, i) =>
                        new PlanTask
                        {
                            Id = $"t{i}",
                            Minutes = t.minutes,
                            WaitMinutes = t.wait,
                            Places = t.place.Length > 0 ? [t.place] : [],
                            WaitPlace = t.holds && t.place == "bath" ? "bath" : "",
                            HeldBefore = lies && i == 0 && t.place == "bath",
                            Skills = t.skill.Length > 0 ? [t.skill] : [],
                            Gives = t.gives.Length > 0 ? [t.gives] : [],
                            After = i > 0 && t.after < 4 ? [$"t{t.after % i}"] : [],
                        }
                ),
            ],
            People =
            [
                new()
                {
                    Name = "Anna",
                    Skills = ["solders"],
                    Windows = [new(0, 90), new(200, 320), new(500, 2000)],
                },
                .. second
                    ? new[]
                    {
                        new PlanPerson
                        {
                            Name = "Ben",
                            Avoids = ["dust"],
                            Windows = [new(30, 120), new(240, 1400)],
                        },
                    }
                    : [],
            ],
        }
    );

    /// <summary>What no plan may break.</summary>
    internal static void Holds(ScheduleAsk ask, ScheduleResult r)
    {
        var at = r.Tasks.ToDictionary(t => t.Id);
        var people = ask.People.ToDictionary(p => p.Name);
        foreach (var place in ask.Tasks.SelectMany(t => t.Places).Distinct())
        {
            var of = ask.Places.FirstOrDefault(p => p.Name == place);
            var held = ask
                .Tasks.Where(t => t.Places.Contains(place) && at.ContainsKey(t.Id))
                .Select(t => (From: t.HeldBefore ? 0 : at[t.Id].Start, To: t.WaitPlace == place ? at[t.Id].ReadyAt : at[t.Id].End, t.Id))
                .ToList();
            Assert.All(
                held,
                h =>
                    Assert.True(
                        held.Count(o => o.From <= h.From && h.From < o.To) <= (of?.Count ?? 1),
                        $"{place} holds too much with {h.Id}"
                    )
            );
            Assert.All(
                held,
                h =>
                    Assert.True(
                        of?.Windows?.Any(w => w.From <= at[h.Id].Start && at[h.Id].End <= w.To) != false,
                        $"{place} is shut for {h.Id}"
                    )
            );
        }
        foreach (var t in ask.Tasks.Where(t => at.ContainsKey(t.Id)))
        {
            var x = at[t.Id];
            var takes = t.MinutesBy?.FirstOrDefault(b => b.Person == x.Person)?.Minutes ?? t.Minutes;
            Assert.Equal((x.Start + takes, x.End + t.WaitMinutes), (x.End, x.ReadyAt));
            Assert.All(t.After, a => Assert.True(at[a].ReadyAt <= x.Start, $"{t.Id} before {a}"));
            Assert.Contains(people[x.Person].Windows, w => w.From <= x.Start && x.End <= w.To);
            Assert.All(t.Skills, s => Assert.Contains(s, people[x.Person].Skills));
            Assert.Empty(t.Gives.Intersect(people[x.Person].Avoids));
            foreach (var o in ask.Tasks.Where(o => at.ContainsKey(o.Id) && string.CompareOrdinal(o.Id, t.Id) > 0))
            {
                var y = at[o.Id];
                bool Meets(int a, int b, int c, int d) => a < d && c < b;
                Assert.False(x.Person == y.Person && Meets(x.Start, x.End, y.Start, y.End), $"{x.Person} does {t.Id} and {o.Id} at once");
                Assert.False(
                    Meets(x.Start, x.End, y.Start, y.End)
                        && (people[x.Person].Avoids.Intersect(o.Gives).Any() || people[y.Person].Avoids.Intersect(t.Gives).Any()),
                    $"{t.Id} in the dust of {o.Id}"
                );
            }
        }
    }

    [Property(MaxTest = 60)]
    public Property No_plan_breaks_an_order_an_hour_a_place_a_skill_or_an_allergy() =>
        Prop.ForAll(
            Any,
            ask =>
            {
                var r = Schedule.Of(ask);
                Holds(ask, r);
                Holds(ask, Schedule.Of(ask with { Seconds = 0 }));
                return (r.Unplanned.Count > 0 || r.ReadyAt >= r.Bound).Label($"{r.ReadyAt} under {r.Bound}");
            }
        );

    [Fact]
    public void A_place_of_which_there_are_two_holds_two_and_what_lies_in_one_holds_it_until_it_is_out()
    {
        PlanTask Soak(string id, bool lies = false) =>
            new()
            {
                Id = id,
                Minutes = 10,
                WaitMinutes = 100,
                Places = ["bath"],
                WaitPlace = lies ? "" : "bath",
                HeldBefore = lies,
                From = lies ? 50 : null,
            };
        ScheduleAsk Of(int count, params PlanTask[] tasks) => Ask(tasks, Anna) with { Places = [new() { Name = "bath", Count = count }] };
        Assert.Equal(330, Schedule.Of(Of(1, Soak("a"), Soak("b"), Soak("c"))).ReadyAt);
        Assert.Equal(220, Schedule.Of(Of(2, Soak("a"), Soak("b"), Soak("c"))).ReadyAt);
        // It comes out at 50 at the soonest, and only then the other goes in.
        var r = Schedule.Of(Of(1, Soak("b"), Soak("a", true)));
        Assert.Equal((50, 60), (r.Tasks.Single(t => t.Id == "a").Start, r.Tasks.Single(t => t.Id == "b").Start));
        // Two that lie somewhere say themselves that there is room for two.
        Assert.Empty(Schedule.Of(Of(1, Soak("a", true), Soak("b", true))).Unplanned);
        Assert.Equal("places[0].count", Assert.Throws<InvalidInputException>(() => Schedule.Of(Of(0, Soak("a")))).Field);
    }

    /// <summary>Twelve of ten minutes for the two who solder, in evenings of an hour: the third evening is needed, whoever else is here.</summary>
    [Fact]
    public void The_bound_knows_who_can_do_it_what_comes_before_and_what_comes_after()
    {
        Window[] evenings = [.. Enumerable.Range(0, 9).Select(d => new Window(d * 1440, d * 1440 + 60))];
        var people = new[]
        {
            new PlanPerson
            {
                Name = "Anna",
                Skills = ["solders"],
                Windows = evenings,
            },
            new PlanPerson { Name = "Ben", Windows = evenings },
        };
        PlanTask[] tasks =
        [
            Task("first", 60),
            .. Enumerable.Range(0, 7).Select(i => Task($"s{i}", 10, ["first"]) with { Skills = ["solders"] }),
            Task("close", 30, [.. Enumerable.Range(0, 7).Select(i => $"s{i}")]),
        ];
        var r = Schedule.Of(Ask(tasks, people) with { Seconds = 0 });
        // Open it on the first evening, solder for 70 minutes on the second and third, close it on the third.
        Assert.Equal((2 * 1440 + 40, 2 * 1440 + 40, true), (r.ReadyAt!.Value, r.Bound, r.Proven));
        // One iron for both who solder is as good as one who does.
        tasks = [.. tasks.Select(t => t.Skills.Count > 0 ? t with { Skills = [], Places = ["iron"] } : t)];
        Assert.Equal(2 * 1440 + 40, Schedule.Of(Ask(tasks, people) with { Seconds = 0 }).Bound);
    }

    /// <summary>All orders and all people, each task as early as it can: the best of them is the best there is.</summary>
    [Property(MaxTest = 25)]
    public Property It_is_as_good_as_brute_force() =>
        Prop.ForAll(
            Any,
            ask =>
            {
                // What lies somewhere before goes first in a list, and need not in the best plan: it has a test of its own.
                var p = new Schedule.Problem(
                    ask with
                    {
                        Tasks = [.. ask.Tasks.Take(5).Select(t => t with { Deadline = null, HeldBefore = false })],
                    }
                );
                var asked = p.Ask;
                var r = Schedule.Of(asked);
                if (r.Unplanned.Count > 0)
                {
                    return true.ToProperty();
                }
                var best = BruteForce(asked);
                return (r.Proven && r.ReadyAt == best).Label($"{r.ReadyAt} (bound {r.Bound}, proven {r.Proven}), brute force {best}");
            }
        );

    /// <summary>The soonest that all orders and all people come to; each task as early as it can.</summary>
    internal static int BruteForce(ScheduleAsk asked)
    {
        var p = new Schedule.Problem(asked);
        var best = int.MaxValue;
        foreach (var order in Orders([.. Enumerable.Range(0, asked.Tasks.Count)]))
        {
            var rank = new double[order.Length];
            for (var i = 0; i < order.Length; i++)
            {
                rank[order[i]] = i;
            }
            var choices = p.Who.Aggregate(1, (n, w) => n * w.Length);
            for (var c = 0; c < choices; c++)
            {
                int? Person(int task)
                {
                    var left = c;
                    for (var k = 0; k < task; k++)
                    {
                        left /= p.Who[k].Length;
                    }
                    return p.Who[task][left % p.Who[task].Length];
                }
                var plan = p.List(rank, Person);
                best = plan.Unplanned.Count == 0 ? Math.Min(best, plan.ReadyAt!.Value) : best;
            }
        }
        return best;
    }

    static IEnumerable<int[]> Orders(List<int> left)
    {
        if (left.Count == 0)
        {
            yield return [];
        }
        foreach (var x in left)
        {
            foreach (var rest in Orders([.. left.Where(y => y != x)]))
            {
                yield return [x, .. rest];
            }
        }
    }
}

/// <summary>What somebody does now, what a machine is opened for, and how likely the day is kept.</summary>
public class PlanRulesTests
{
    static readonly PlanPerson Anna = new() { Name = "Anna", Windows = [new(0, 120), new(1440, 1560)] };

    static PlanTask Task(string id, int minutes, params string[] after) =>
        new()
        {
            Id = id,
            Title = id,
            Minutes = minutes,
            After = after,
        };

    static ScheduleAsk Ask(params PlanTask[] tasks) => new() { Tasks = tasks, People = [Anna] };

    [Fact]
    public void Now_is_what_most_hangs_on_and_something_else_is_the_next_best()
    {
        var plan = Ask(
            Task("alone", 30),
            Task("first", 20) with
            {
                WaitMinutes = 300,
            },
            Task("then", 60, "first"),
            Task("iron", 90) with
            {
                Places = ["iron"],
            }
        );
        var r = PlanNext.Of(new(plan, "Anna"));
        Assert.Equal(("first", 380), (r.Now!.Id, r.Now.Hangs));
        Assert.Equal(["iron", "alone"], r.Others.Select(o => o.Id));
        Assert.Equal("iron", PlanNext.Of(new(plan, "Anna", NotThese: ["first"])).Now!.Id);
        Assert.Equal("alone", PlanNext.Of(new(plan, "Anna", ["iron"], NotThese: ["first"])).Now!.Id);
        Assert.Null(PlanNext.Of(new(plan, "Anna", MostMinutes: 10)).Now);
        Assert.Contains(
            "not at the bench",
            PlanNext.Of(new(plan with { People = [Anna with { Windows = [new(60, 90)] }] }, "Anna")).Verdict.Sentence,
            StringComparison.Ordinal
        );
        Assert.Throws<InvalidInputException>(() => PlanNext.Of(new(plan, "Zoe")));
    }

    static readonly OpeningPiece[] Pieces =
    [
        new("cover", "Cover", [], 2, 3),
        new("cage", "Drive cage", ["cover"], 6, 8),
        new("board", "Main board", ["cage", "card"], 15, 20),
        new("card", "Card", ["cover"], 1, 1),
    ];

    [Fact]
    public void A_machine_is_opened_once()
    {
        var r = Opening.Of(
            new(
                Pieces,
                [
                    new("cell", "Cell", ["cage"], 10, true),
                    new("fan", "Fan", ["cover"]),
                    new("caps", "Caps", ["board"], 90),
                    new("dust", "Dust", []),
                ]
            )
        );
        Assert.Equal(["cover", "cage"], r.Off);
        Assert.Equal(19, r.Minutes);
        Assert.Equal([("fan", 0, 5.0), ("caps", 2, 19.0)], r.Offers.Select(o => (o.Id, o.More.Count, o.SavedMinutes)));
        Assert.Equal(37, r.Offers[1].ExtraMinutes);
        Assert.Equal(Outcome.No, Opening.Of(new(Pieces, [new("fan", "Fan", ["cover"])])).Verdict.Outcome);
        Assert.Throws<InvalidInputException>(() =>
            Opening.Of(new([new("a", "A", ["b"]), new("b", "B", ["a"])], [new("w", "W", ["a"], 1, true)]))
        );
        Assert.Throws<InvalidInputException>(() => Opening.Of(new(Pieces, [new("w", "W", ["lid"], 1, true)])));
    }

    /// <summary>No piece comes off before what it sits behind, none that nothing wanted lies behind, and none twice.</summary>
    [Property(MaxTest = 200)]
    public Property As_few_pieces_as_can_be_in_an_order_that_can_be() =>
        Prop.ForAll(
            Arb.From(
                from behind in Gen.ArrayOf(Gen.Choose(0, 40), 12)
                from wanted in Gen.ArrayOf(Gen.Choose(0, 11), 3)
                select (behind, wanted)
            ),
            x =>
            {
                OpeningPiece[] pieces = [.. x.behind.Select((b, i) => new OpeningPiece($"{i}", $"{i}", b < i ? [$"{b}", $"{i - 1}"] : []))];
                OpeningWork[] work = [.. x.wanted.Select((w, i) => new OpeningWork($"w{i}", "", [$"{w}"], 1, true))];
                var off = Opening.Of(new(pieces, work)).Off.ToList();
                var must = new HashSet<string>();
                void Add(string id)
                {
                    if (must.Add(id))
                    {
                        pieces.Single(p => p.Id == id).Behind.ToList().ForEach(Add);
                    }
                }
                work.ToList().ForEach(w => Add(w.At[0]));
                return must.SetEquals(off)
                    && off.Count == must.Count
                    && pieces.Where(p => off.Contains(p.Id)).All(p => p.Behind.All(b => off.IndexOf(b) < off.IndexOf(p.Id)));
            }
        );

    [Fact]
    public void The_chance_agrees_with_what_can_be_worked_out_and_with_a_long_simulation()
    {
        // One task from 10 to 30, likely 20, without common factors to speak of: half of the runs within 20, times the factors' own spread.
        var plan = Ask(Task("a", 20) with { LowMinutes = 10, HighMinutes = 30 });
        var r = PlanChance.Of(new(plan, 20, Runs: 20_000));
        Assert.InRange(r.Now.Chance, 0.42, 0.58);
        Assert.Equal(1, PlanChance.Of(new(plan, 119)).Now.Chance, 0.01);
        var many = Ask([.. Enumerable.Range(0, 12).Select(i => Task($"t{i}", 15))]);
        var few = PlanChance.Of(new(many, 1500, Runs: 1000, Seed: 3)).Now.Chance;
        Assert.Equal(PlanChance.Of(new(many, 1500, Runs: 20_000, Seed: 8)).Now.Chance, few, 0.05);
        Assert.Equal(few, PlanChance.Of(new(many, 1500, Runs: 1000, Seed: 3)).Now.Chance);
        Assert.Equal(20, PlanChance.Triangular(10, 20, 30, 0.5), 9);
    }

    [Fact]
    public void Weather_is_drawn_by_the_day_and_is_one_for_all_places()
    {
        // One hour on each of two days, and the paint goes on on whichever is fit: 1 − 0.4² that one of them is.
        Window[] days = [new(0, 120), new(1440, 1560)];
        var plan = Ask(Task("paint", 20) with { LowMinutes = 20, HighMinutes = 20, Places = ["yard"] }) with
        {
            Places =
            [
                new()
                {
                    Name = "yard",
                    Windows = days,
                    Fit = 0.6,
                },
            ],
        };
        Assert.Equal(0.84, PlanChance.Of(new(plan, 2000, Runs: 20_000)).Now.Chance, 0.02);
        Assert.Equal(0.6, PlanChance.Of(new(plan, 200, Runs: 20_000)).Now.Chance, 0.02);
        // On the same day the sill is as fit as the yard: both, as often as one.
        var both = plan with
        {
            Tasks = [.. plan.Tasks, Task("shell", 20) with { LowMinutes = 20, HighMinutes = 20, Places = ["sill"] }],
            Places = [.. plan.Places, plan.Places[0] with { Name = "sill" }],
        };
        Assert.Equal(0.6, PlanChance.Of(new(both, 200, Runs: 20_000)).Now.Chance, 0.02);
        Assert.Equal(1, PlanChance.Of(new(plan with { Places = [plan.Places[0] with { Fit = null }] }, 200)).Now.Chance);
        // Never fit: never ready, and no number that looks right.
        Assert.Equal(
            (0.0, null),
            PlanChance.Of(new(plan with { Places = [plan.Places[0] with { Fit = 0 }] }, 2000)).Now is var n
                ? (n.Chance, n.ReadyAt[0])
                : default
        );
    }

    [Fact]
    public void What_lies_in_the_bath_is_taken_out_before_another_goes_in_also_in_a_run()
    {
        PlanTask Of(string id, bool lies) =>
            Task(id, 10) with
            {
                LowMinutes = 10,
                HighMinutes = 10,
                Places = ["bath"],
                HeldBefore = lies,
                From = lies ? 60 : null,
            };
        // Only the second evening is left for the other, since it cannot go in before 60 and Anna leaves at 120: both fit, in that order.
        var chance = PlanChance.Of(new(Ask(Of("in", false), Of("out", true)), 110)).Now.Chance;
        Assert.InRange(chance, 0.9, 1);
        var next = PlanNext.Of(new(Ask(Of("in", false), Of("out", true)), "Anna"));
        Assert.Null(next.Now);
        Assert.Equal(
            "in",
            PlanNext.Of(new(Ask(Of("in", false), Of("out", true)) with { Places = [new() { Name = "bath", Count = 2 }] }, "Anna")).Now!.Id
        );
    }

    [Fact]
    public void Rescues_are_compared_with_the_same_draws_and_the_cheapest_gain_stands_first()
    {
        var plan = Ask([.. Enumerable.Range(0, 8).Select(i => Task($"t{i}", 30))]);
        var r = PlanChance.Of(
            new(
                plan,
                1500,
                [
                    new("nothing", 0, "Anna", []),
                    new("Another evening", 2, "Anna", [new(600, 720)]),
                    new("Leave two out", 5, Without: ["t1", "t2"]),
                ]
            )
        );
        Assert.Equal(0, r.Rescues.Single(x => x.Name == "nothing").Gain);
        Assert.Equal("Another evening", r.Rescues[0].Name);
        Assert.True(r.Rescues[0].Gain > 0.1, $"{r.Rescues[0]}");
        Assert.Throws<InvalidInputException>(() => PlanChance.Of(new(plan, 1500, [new("x", 0, "Zoe")])));
    }
}
