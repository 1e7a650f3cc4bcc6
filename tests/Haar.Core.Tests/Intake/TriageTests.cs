using FsCheck.Xunit;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Intake;

public class TriageTests
{
    static Estimate S(double likely) => new(likely, likely, likely);

    static BoxPart Good(string kind, int n = 1) => new(kind, PartState.Good, "", n);

    static BoxPart Gone(string kind, int n = 1) => new(kind, PartState.Missing, "", n);

    static TriageBox Box(string id, double money, double hours, double? complete, params BoxPart[] parts) =>
        new(id, id, parts, S(money), S(hours), complete);

    static TriageAsk Ask(double money, double hours, IReadOnlyList<TriageBox> boxes, params PartPrice[] prices) =>
        new()
        {
            Boxes = boxes,
            Prices = prices,
            BudgetMoney = money,
            BudgetHours = hours,
        };

    static List<string> Finished(TriagePlan p) => [.. p.Boxes.Where(b => b.Fate == BoxFate.Restore).Select(b => b.Id)];

    [Fact]
    public void A_donor_gives_its_part_and_the_rest_is_bought()
    {
        var p = Triage.Of(
            Ask(
                100,
                20,
                [Box("tower", 10, 3, 120, Gone("supply"), Gone("keyboard")), Box("wreck", 5, 2, 20, Good("supply"), Gone("board"))],
                new PartPrice("keyboard", S(20))
            )
        );
        Assert.Equal(["tower"], Finished(p));
        Assert.Equal("wreck", p.Moves.Single(m => m.Kind == "supply").From);
        Assert.Null(p.Moves.Single(m => m.Kind == "keyboard").From);
        Assert.Equal(30, p.Money.Likely);
        Assert.Equal(4, p.Hours.Likely);
        Assert.True(p.Proven);
    }

    [Fact]
    public void One_good_part_is_never_given_twice()
    {
        // Two towers want the one supply; no price for another: only one can be finished.
        var p = Triage.Of(
            Ask(
                1000,
                100,
                [
                    Box("a", 10, 1, 200, Gone("supply")),
                    Box("b", 12, 1, 200, Gone("supply")),
                    Box("c", 0, 1, 200, Good("supply"), Gone("board")),
                ]
            )
        );
        Assert.Equal(["a"], Finished(p));
        Assert.StartsWith("The next best, b, finishes as many and costs 2 more.", p.RunnerUp, StringComparison.Ordinal);
    }

    [Fact]
    public void A_box_is_worth_more_as_a_donor_when_it_lets_two_be_finished()
    {
        var p = Triage.Of(
            Ask(
                1000,
                100,
                [
                    Box("whole", 10, 1, 200, Good("supply"), Good("drive")),
                    Box("a", 10, 1, 200, Gone("supply")),
                    Box("b", 10, 1, 200, Gone("drive")),
                ]
            )
        );
        Assert.Equal(["a", "b"], Finished(p));
        Assert.Equal(2, p.Boxes.First(b => b.Id == "whole").Parts.Count);
    }

    [Fact]
    public void Both_budgets_bind()
    {
        TriageBox[] boxes = [Box("a", 50, 10, 200), Box("b", 60, 2, 200), Box("c", 10, 9, 200)];
        Assert.Equal(["b", "c"], Finished(Triage.Of(Ask(70, 11, boxes))));
        var tight = Triage.Of(Ask(55, 9, boxes));
        Assert.Equal(["c"], Finished(tight));
        Assert.Contains("more money", tight.Verdict.WouldChange[0], StringComparison.Ordinal);
        Assert.Empty(Finished(Triage.Of(Ask(0, 100, boxes))));
    }

    [Fact]
    public void The_same_number_finished_takes_least_money_and_then_least_hours()
    {
        TriageBox[] boxes = [Box("a", 50, 1, 200), Box("b", 40, 5, 200), Box("c", 40, 4, 200)];
        Assert.Equal(["c"], Finished(Triage.Of(Ask(60, 5, boxes))));
    }

    [Fact]
    public void None_is_worth_it_when_each_costs_more_than_a_complete_one()
    {
        var p = Triage.Of(Ask(1000, 100, [Box("a", 90, 1, 80), Box("b", 10, 1, 50, Gone("board"))], new PartPrice("board", S(60))));
        Assert.Equal(Outcome.No, p.Verdict.Outcome);
        Assert.StartsWith("None is worth it", p.Verdict.Sentence, StringComparison.Ordinal);
        Assert.Contains("costs 90, more than a complete one (80)", p.Boxes[0].Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Locks_hold_and_are_named_as_what_would_change_it()
    {
        TriageBox[] boxes =
        [
            Box("a", 10, 1, 200) with
            {
                Lock = BoxLock.Donor,
            },
            Box("b", 90, 1, 80) with
            {
                Lock = BoxLock.Restore,
            },
            Box("c", 5, 1, 200, Gone("supply")),
            Box("d", 5, 1, 50, Good("supply")) with
            {
                Lock = BoxLock.Aside,
            },
        ];
        var p = Triage.Of(Ask(500, 50, boxes));
        Assert.Equal(["b"], Finished(p));
        Assert.Equal(BoxFate.Aside, p.Boxes[3].Fate);
        Assert.Equal(3, p.Verdict.WouldChange.Count(w => w.Contains("is locked", StringComparison.Ordinal)));
        Assert.Contains("unlock one", Triage.Of(Ask(5, 50, boxes)).Verdict.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Weighed_by_worth_one_dear_box_beats_two()
    {
        TriageBox[] boxes = [Box("a", 100, 1, 500) with { Worth = 5 }, Box("b", 50, 1, 500), Box("c", 50, 1, 500)];
        Assert.Equal(["b", "c"], Finished(Triage.Of(Ask(100, 50, boxes))));
        var p = Triage.Of(Ask(100, 50, boxes) with { Aim = TriageAim.MostWorth });
        Assert.Equal(["a"], Finished(p));
        Assert.Contains("is worth 3 less", p.RunnerUp, StringComparison.Ordinal);
    }

    [Fact]
    public void A_part_fits_only_where_its_fitting_is_the_same()
    {
        var p = Triage.Of(
            Ask(
                100,
                20,
                [
                    new("a", "a", [new("supply", PartState.Missing, "AT")], S(1), S(1), 100),
                    new("b", "b", [new("supply", PartState.Good, "ATX"), Gone("board")], S(1), S(1), 100),
                ]
            )
        );
        Assert.Empty(Finished(p));
    }

    [Fact]
    public void Bad_lots_each_get_a_sentence()
    {
        Assert.Contains(
            "nothing to sort",
            Assert.Throws<InvalidInputException>(() => Triage.Of(Ask(1, 1, []))).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "cannot give to itself",
            Assert.Throws<InvalidInputException>(() => Triage.Of(Ask(1, 1, [Box("a", 1, 1, 1, Good("x"), Gone("x"))]))).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "upside down",
            Assert.Throws<InvalidInputException>(() => Triage.Of(Ask(1, 1, [new("a", "a", [], new(5, 3, 9), S(1))]))).Message,
            StringComparison.Ordinal
        );
        Assert.Throws<InvalidInputException>(() => Triage.Of(Ask(-1, 1, [Box("a", 1, 1, 1)])));
        Assert.Throws<InvalidInputException>(() => Triage.Of(Ask(1, 1, [Box("a", 1, 1, 1), Box("a", 1, 1, 1)])));
        Assert.Throws<InvalidInputException>(() =>
            Triage.Of(Ask(1, 1, [Box("a", 1, 1, 1)], new PartPrice("x", S(1)), new PartPrice("X", S(2))))
        );
        Assert.Throws<InvalidInputException>(() => Triage.Of(Ask(double.NaN, 1, [Box("a", 1, 1, 1)])));
    }

    [Property(MaxTest = 15)]
    public void It_is_as_good_as_trying_every_set_and_every_gift(int seed)
    {
        var r = new Random(seed);
        string[] kinds = ["x", "y", "z"];
        var boxes = Enumerable
            .Range(0, 6)
            .Select(i =>
                Box(
                    $"{i}",
                    r.Next(1, 30),
                    r.Next(1, 8),
                    r.Next(4) == 0 ? null : r.Next(20, 90),
                    [.. kinds.Where(_ => r.Next(3) > 0).Select(k => r.Next(2) == 0 ? Good(k) : Gone(k))]
                )
            )
            .ToList();
        PartPrice[] prices = [new("x", S(r.Next(5, 25))), new("y", S(r.Next(5, 25)))];
        var ask = Ask(r.Next(20, 120), r.Next(5, 30), boxes, prices);
        var plan = Triage.Of(ask);
        Assert.True(plan.Proven);
        Assert.All(plan.Moves.Where(m => m.From is not null).GroupBy(m => (m.From, m.Kind)), g => Assert.Single(g));
        Assert.All(plan.Moves.Where(m => m.From is not null), m => Assert.Equal(BoxFate.Donor, plan.Boxes.First(b => b.Id == m.From).Fate));
        var best = (Finished: 0, Money: 0.0, Hours: 0.0);
        for (var set = 1; set < 1 << 6; set++)
        {
            var chosen = Enumerable.Range(0, 6).Where(i => (set & (1 << i)) != 0).ToList();
            var needs = chosen
                .SelectMany(i => boxes[i].Parts.Where(p => p.State == PartState.Missing).Select(p => (Box: i, p.Kind)))
                .ToList();
            void Give(int n, Dictionary<string, int> left, double[] cost)
            {
                if (n == needs.Count)
                {
                    if (chosen.Any(i => boxes[i].Complete is { } c && cost[i] > c))
                    {
                        return;
                    }
                    var money = chosen.Sum(i => cost[i]);
                    var hours = chosen.Sum(i => boxes[i].Hours.Likely) + 0.5 * needs.Count;
                    if (money > ask.BudgetMoney || hours > ask.BudgetHours)
                    {
                        return;
                    }
                    if (
                        chosen.Count > best.Finished
                        || (chosen.Count == best.Finished && (money < best.Money || (money == best.Money && hours < best.Hours)))
                    )
                    {
                        best = (chosen.Count, money, hours);
                    }
                    return;
                }

                var (box, kind) = needs[n];
                if (left.GetValueOrDefault(kind) > 0)
                {
                    Give(n + 1, new(left) { [kind] = left[kind] - 1 }, cost);
                }
                if (prices.FirstOrDefault(p => p.Kind == kind) is { } price)
                {
                    var more = (double[])cost.Clone();
                    more[box] += price.Money.Likely;
                    Give(n + 1, left, more);
                }
            }

            var supply = kinds.ToDictionary(
                k => k,
                k => Enumerable.Range(0, 6).Except(chosen).Count(i => boxes[i].Parts.Any(p => p.Kind == k && p.State == PartState.Good))
            );
            Give(0, supply, [.. boxes.Select(b => b.Money.Likely)]);
        }

        Assert.Equal(best.Finished, plan.Finished);
        Assert.Equal(best.Money, plan.Money.Likely, 6);
        Assert.Equal(best.Hours, plan.Hours.Likely, 6);
    }

    /// <summary>A large lot, for the tests and the bench alike: repeatable, and never easy.</summary>
    public static TriageAsk Large(int boxes, int kinds, int seed = 11)
    {
        var r = new Random(seed);
        return new()
        {
            Boxes =
            [
                .. Enumerable
                    .Range(0, boxes)
                    .Select(i => new TriageBox(
                        $"{i}",
                        $"Box {i}",
                        [
                            .. Enumerable
                                .Range(0, kinds)
                                .Select(k => new BoxPart(
                                    $"kind {k}",
                                    r.Next(10) switch
                                    {
                                        < 4 => PartState.Good,
                                        < 7 => PartState.Missing,
                                        < 9 => PartState.Damaged,
                                        _ => PartState.NotKnown,
                                    }
                                )),
                        ],
                        new(r.Next(1, 10), 10 + r.Next(30), 60),
                        new(1, 2 + r.Next(8), 20),
                        60 + r.Next(140)
                    )),
            ],
            Prices = [.. Enumerable.Range(0, kinds - 2).Select(k => new PartPrice($"kind {k}", new(5, 8 + r.Next(30), 60)))],
            BudgetMoney = 600,
            BudgetHours = 120,
        };
    }

    [Fact]
    public void Sixty_boxes_of_twelve_kinds_are_proven()
    {
        var p = Triage.Of(Large(60, 12));
        Assert.True(p.Proven);
        Assert.InRange(p.Finished, 1, 60);
        Assert.All(p.Moves.Where(m => m.From is not null).GroupBy(m => (m.From, m.Kind)), g => Assert.Single(g));
        Assert.True(p.Money.Likely <= 600 && p.Hours.Likely <= 120);
    }
}
