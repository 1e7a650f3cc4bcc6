using FsCheck.Xunit;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Stripdown;

public class RebuildOrderTests
{
    static readonly DateTimeOffset Now = new(2026, 11, 25, 14, 0, 0, TimeSpan.Zero);

    static RebuildPiece P(
        int n,
        string title,
        int[]? behind = null,
        Orientation lies = Orientation.NotKnown,
        string[]? trays = null,
        string test = "",
        DateTimeOffset? ready = null,
        bool staysOut = false,
        bool back = false,
        bool tested = false,
        string exchanged = ""
    ) =>
        new(
            $"{n}",
            n,
            title,
            [.. (behind ?? []).Select(b => $"{b}")],
            lies,
            trays,
            test,
            ready,
            ready is null ? "" : "glue curing",
            staysOut,
            exchanged,
            back,
            tested
        );

    static List<string> Order(RebuildPlan plan) => [.. plan.Steps.Select(s => s.Act == RebuildAct.Test ? $"t{s.Id}" : s.Id)];

    [Fact]
    public void What_sat_behind_a_piece_goes_on_before_it()
    {
        var plan = RebuildOrder.Plan([P(1, "Lid"), P(2, "Cage", [1]), P(3, "Board", [2])]);
        Assert.Equal(["3", "2", "1"], Order(plan));
        Assert.Equal(Outcome.Yes, plan.Verdict.Outcome);
        Assert.True(plan.Proven);
        Assert.Contains(plan.Steps[0].Why, w => w == "Before cage, which goes over it.");
        Assert.Contains(plan.Steps[1].Why, w => w == "After board, which sits behind it.");
    }

    [Fact]
    public void Not_simply_backwards_where_another_order_turns_the_machine_less()
    {
        // Four pieces free of each other, taken off in turns: backwards the machine is turned three times, together once.
        RebuildPiece[] pieces =
        [
            P(1, "A", lies: Orientation.AsUsed),
            P(2, "B", lies: Orientation.OnBack),
            P(3, "C", lies: Orientation.AsUsed),
            P(4, "D", lies: Orientation.OnBack),
        ];
        var plan = RebuildOrder.Plan(pieces);
        Assert.Equal(1, plan.Turns);
        Assert.Equal(3, plan.BackwardsTurns);
        Assert.True(plan.Proven);
    }

    [Fact]
    public void Of_orders_with_as_few_turns_the_one_that_opens_fewest_trays()
    {
        RebuildPiece[] pieces = [P(1, "A", trays: ["1"]), P(2, "B", trays: ["2"]), P(3, "C", trays: ["1"]), P(4, "D", trays: ["2"])];
        var plan = RebuildOrder.Plan(pieces);
        Assert.Equal(0, plan.Turns);
        Assert.Equal(2, plan.TrayChanges);
        Assert.Equal(4, plan.BackwardsTrayChanges);
    }

    [Fact]
    public void A_turn_is_never_saved_against_the_record()
    {
        RebuildPiece[] pieces =
        [
            P(1, "A", lies: Orientation.AsUsed),
            P(2, "B", [1], Orientation.OnBack),
            P(3, "C", [2], Orientation.AsUsed),
        ];
        var plan = RebuildOrder.Plan(pieces);
        Assert.Equal(["3", "2", "1"], Order(plan));
        Assert.Equal(2, plan.Turns);
        Assert.Contains(
            "turned here because nothing more can be done as it lies",
            string.Join(' ', plan.Steps[1].Why),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_test_comes_at_once_and_before_anything_covers_its_piece()
    {
        var plan = RebuildOrder.Plan([P(1, "Lid"), P(2, "Cage", [1]), P(3, "Board", [2], test: "Bare board beeps"), P(4, "Speaker", [1])]);
        var order = Order(plan);
        Assert.Equal(order.IndexOf("3") + 1, order.IndexOf("t3"));
        Assert.True(order.IndexOf("t3") < order.IndexOf("2"));
        Assert.Equal("Now, before cage covers it.", plan.Steps[order.IndexOf("t3")].Why[0]);
        Assert.DoesNotContain("t3", Order(RebuildOrder.Plan([P(3, "Board", test: "Beeps", back: true, tested: true), P(4, "Lid")])));
    }

    [Fact]
    public void What_still_cures_goes_late_and_what_covers_it_later()
    {
        var until = Now.AddHours(5);
        var plan = RebuildOrder.Plan([P(1, "Lid"), P(2, "Hinge", [1], ready: until), P(3, "Board", [1]), P(4, "Fan")]);
        Assert.Equal(Outcome.YesIf, plan.Verdict.Outcome);
        Assert.Contains("Hinge waits: glue curing", plan.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Equal(["4", "3", "2", "1"], Order(plan));
        Assert.Equal(until, plan.Steps[2].WaitUntil);
        Assert.Equal(until, plan.Steps[3].WaitUntil);
        Assert.Null(plan.Steps[1].WaitUntil);
    }

    [Fact]
    public void A_piece_that_stays_out_passes_on_what_it_sat_between()
    {
        // The cell sat behind the lid and in front of the board: without it, the board still goes before the lid.
        var plan = RebuildOrder.Plan([P(1, "Lid"), P(2, "Cell", [1], staysOut: true), P(3, "Board", [2])]);
        Assert.Equal(["3", "1"], Order(plan));
    }

    [Fact]
    public void A_part_exchanged_says_so_where_it_goes_in()
    {
        var plan = RebuildOrder.Plan([P(1, "Drive", exchanged: "Flash module")]);
        Assert.Equal("Put in the flash module", plan.Steps[0].Title);
        Assert.Contains("In place of drive: its holes and lead may differ.", plan.Steps[0].Why);
    }

    [Fact]
    public void A_contradiction_is_the_shortest_loop_with_what_to_correct()
    {
        var plan = RebuildOrder.Plan([P(1, "A", [2]), P(2, "B", [3]), P(3, "C", [4, 1]), P(4, "D", [1])]);
        Assert.Equal(Outcome.No, plan.Verdict.Outcome);
        Assert.Equal(3, plan.Loop.Count);
        Assert.Equal(["A", "B", "C"], plan.Loop.Select(l => l.Piece).Order());
        Assert.Empty(plan.Steps);
        Assert.Contains(plan.Loop, l => l.Correct.Contains("came off before", StringComparison.Ordinal));
        var own = RebuildOrder.Plan([P(1, "A", [1])]);
        Assert.Single(own.Loop);
    }

    [Fact]
    public void Nothing_recorded_is_not_known_and_everything_back_says_so()
    {
        Assert.Equal(Outcome.Unknown, RebuildOrder.Plan([]).Verdict.Outcome);
        Assert.Equal("Everything is back in.", RebuildOrder.Plan([P(1, "A", back: true)]).Verdict.Sentence);
        Assert.Equal("Everything is back in; 1 test is left.", RebuildOrder.Plan([P(1, "A", back: true, test: "x")]).Verdict.Sentence);
    }

    [Fact]
    public void A_piece_behind_something_unknown_or_named_twice_is_refused()
    {
        Assert.Throws<InvalidInputException>(() => RebuildOrder.Plan([P(1, "A", [9])]));
        Assert.Throws<InvalidInputException>(() => RebuildOrder.Plan([P(1, "A"), P(1, "B")]));
        Assert.Throws<InvalidInputException>(() => RebuildOrder.Plan([P(1, "A")], 0));
    }

    [Fact]
    public void A_hindrance_names_what_goes_first()
    {
        RebuildPiece[] pieces = [P(1, "Lid"), P(2, "Cage", [1]), P(3, "Board", [2], test: "Beeps")];
        Assert.Equal("Board sits behind it and is not back in: board goes first.", RebuildOrder.Hindrance(pieces, "2", Now));
        Assert.Null(RebuildOrder.Hindrance(pieces, "3", Now));
        pieces[2] = pieces[2] with { BackIn = true };
        Assert.Equal("Board would be covered before it is tested: beeps first.", RebuildOrder.Hindrance(pieces, "2", Now));
        Assert.Null(RebuildOrder.Hindrance([pieces[0], pieces[1], pieces[2] with { Tested = true }], "2", Now));
        Assert.Contains("not ready", RebuildOrder.Hindrance([P(1, "A", ready: Now.AddHours(1))], "1", Now), StringComparison.Ordinal);
        Assert.Contains("stays out", RebuildOrder.Hindrance([P(1, "A", staysOut: true)], "1", Now), StringComparison.Ordinal);
    }

    static List<RebuildPiece> Record(int seed, int count)
    {
        var r = new Random(seed);
        return
        [
            .. Enumerable
                .Range(1, count)
                .Select(n =>
                    P(
                        n,
                        $"P{n}",
                        [.. Enumerable.Range(1, n - 1).Where(_ => r.NextDouble() < 0.25)],
                        (Orientation)r.Next(4),
                        r.Next(3) == 0 ? [] : [$"T{r.Next(3)}"],
                        r.Next(5) == 0 ? "test" : ""
                    )
                ),
        ];
    }

    [Property(MaxTest = 60)]
    public void No_order_ever_breaks_the_record(int seed)
    {
        var pieces = Record(seed, 14);
        var plan = RebuildOrder.Plan(pieces);
        var order = Order(plan);
        Assert.Equal(14, order.Count(o => o[0] != 't'));
        foreach (var p in pieces)
        {
            foreach (var b in p.Behind)
            {
                Assert.True(order.IndexOf(p.Id) < order.IndexOf(b));
                if (p.TestBeforeCovered.Length > 0)
                {
                    Assert.True(order.IndexOf($"t{p.Id}") < order.IndexOf(b));
                }
            }
        }

        Assert.True(plan.Turns <= plan.BackwardsTurns);
        Assert.True(plan.Turns < plan.BackwardsTurns || plan.TrayChanges <= plan.BackwardsTrayChanges);
    }

    [Property(MaxTest = 40)]
    public void Proven_is_as_good_as_trying_every_order(int seed)
    {
        var pieces = Record(seed, 7);
        var plan = RebuildOrder.Plan(pieces);
        Assert.True(plan.Proven);
        var best = (int.MaxValue, int.MaxValue);
        void Try(List<RebuildPiece> done, Orientation lies, string[] open, int turns, int trays)
        {
            if ((turns, trays).CompareTo(best) >= 0)
            {
                return;
            }
            if (done.Count == pieces.Count)
            {
                best = (turns, trays);
                return;
            }
            foreach (var p in pieces.Except(done).Where(p => pieces.Where(q => q.Behind.Contains(p.Id)).All(done.Contains)))
            {
                var t = p.Trays!.ToArray();
                Try(
                    [.. done, p],
                    p.Orientation == Orientation.NotKnown ? lies : p.Orientation,
                    t.Length == 0 ? open : t,
                    turns + (p.Orientation != Orientation.NotKnown && lies != Orientation.NotKnown && p.Orientation != lies ? 1 : 0),
                    trays + t.Count(x => !open.Contains(x))
                );
            }
        }

        Try([], Orientation.NotKnown, [], 0, 0);
        Assert.Equal(best, (plan.Turns, plan.TrayChanges));
    }

    [Fact]
    public void A_search_that_is_cut_short_still_keeps_to_the_record_and_says_that_it_is_not_proven()
    {
        var pieces = Record(3, 40).Select(p => p with { Behind = [] }).ToList();
        var plan = RebuildOrder.Plan(pieces, 3);
        Assert.False(plan.Proven);
        Assert.Equal(40, plan.Steps.Count(s => s.Act == RebuildAct.PutBack));
        Assert.Contains("No order has fewer than", plan.Verdict.Reasons[1].Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_module_is_pressed_home_before_it_is_covered_unless_its_latches_are_known_to_be_firm()
    {
        foreach (var latch in Enum.GetValues<Latch>())
        {
            var (cover, module) = (
                new StripStep
                {
                    Id = Guid.NewGuid(),
                    Number = 1,
                    Title = "Cover",
                    Kind = PieceKind.Cover,
                },
                new StripStep
                {
                    Id = Guid.NewGuid(),
                    Number = 2,
                    Title = "Memory",
                    Kind = PieceKind.Module,
                    Latch = latch,
                    BackAt = Now,
                }
            );
            module.Behind = [cover.Id];
            var hindrance = new StripRecord([cover, module], [], [], []).Hindrance(cover.Id, Now);
            // Not looked at is not firm.
            Assert.Equal(
                latch is Latch.Weak or Latch.NotKnown,
                hindrance?.Contains("press it", StringComparison.OrdinalIgnoreCase) ?? false
            );
            var facts = new RebuildActFacts(new([cover, module], [], [], []), [], [], []);
            var at = new Haar.Core.Acts.Moment(Now, new(2026, 11, 25), Guid.NewGuid);
            var pressed = new TestPiece(module.Id, true, "").Decide(facts, at);
            Assert.Equal(latch is Latch.Weak or Latch.NotKnown, pressed is Haar.Core.Acts.Done);
            Assert.Null(facts.Record.Hindrance(cover.Id, Now));
        }
        Assert.Equal(
            "Press its weak latches home, until it stands level and both hold; then count the memory",
            new StripStep { Latch = Latch.Weak, TestBeforeCovered = "Count the memory" }.DueBeforeCovered
        );
    }

    [Fact]
    public void A_wait_without_an_end_comes_last_and_has_no_day()
    {
        var plan = RebuildOrder.Plan([P(1, "Lid"), P(2, "Shell") with { Endless = true, WaitsFor = "the sun" }, P(3, "Board")]);
        Assert.Equal(["3", "1", "2"], Order(plan));
        var last = plan.Steps[^1];
        Assert.Equal((true, null), (last.Waits, last.WaitUntil));
        Assert.All(plan.Steps.SkipLast(1), s => Assert.False(s.Waits));
        Assert.Contains("Shell waits: the sun.", plan.Verdict.Sentence, StringComparison.Ordinal);
        Assert.NotNull(RebuildOrder.Hindrance([P(2, "Shell") with { Endless = true, WaitsFor = "the sun" }], "2", Now.AddYears(50)));
    }
}
