using FsCheck;
using FsCheck.Xunit;
using Haar.Core.Acts;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Parts;

/// <summary>What work uses up against what lies on the shelf.</summary>
public class SuppliesTests
{
    static readonly DateOnly Today = new(2026, 6, 1);
    static readonly DateTimeOffset Now = new(2026, 6, 1, 18, 0, 0, TimeSpan.Zero);

    static SupplyStock On(string kind, double left, SupplyUnit unit = SupplyUnit.Millilitres, DateOnly? until = null, bool tool = false) =>
        new(
            new()
            {
                Id = Guid.NewGuid(),
                Kind = kind,
                Unit = unit,
                Counted = left,
                CountedAt = Now.AddDays(-1),
                OpenedOn = until,
                KeepsMonths = until is null ? null : 0,
                Tool = tool,
            },
            left
        );

    static Moment At => new(Now, Today, Guid.NewGuid);

    [Fact]
    public void Enough_missing_and_never_counted_are_three_answers()
    {
        SupplyNeed[] need = [new("isopropyl alcohol", 40, SupplyUnit.Millilitres)];
        Assert.Equal(Outcome.Yes, Supplies.Enough(need, [On("Isopropyl Alcohol", 40)], Today).Verdict.Outcome);
        var none = Supplies.Enough(need, [On("isopropyl alcohol", 25)], Today);
        Assert.Equal(Outcome.No, none.Verdict.Outcome);
        Assert.Equal("No: 15 ml of isopropyl alcohol are missing.", none.Verdict.Sentence);
        Assert.Equal(Outcome.Unknown, Supplies.Enough(need, [], Today).Verdict.Outcome);
        // In another unit it is another thing: nobody weighs alcohol into a litre.
        Assert.Equal(Outcome.Unknown, Supplies.Enough(need, [On("isopropyl alcohol", 900, SupplyUnit.Grams)], Today).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Supplies.Enough([], [], Today).Verdict.Outcome);
    }

    [Fact]
    public void What_is_past_its_day_does_not_count_and_what_spoils_first_goes_first()
    {
        SupplyNeed[] need = [new("pH paper", 3, SupplyUnit.Pieces)];
        var spoilt = On("pH paper", 50, SupplyUnit.Pieces, Today.AddDays(-1));
        var soon = On("pH paper", 2, SupplyUnit.Pieces, Today);
        var late = On("pH paper", 5, SupplyUnit.Pieces, Today.AddMonths(4));
        var line = Supplies.Enough(need, [late, spoilt, soon], Today).Lines.Single();
        Assert.Equal(7, line.Left);
        Assert.Equal([(soon.Supply.Id, 2.0), (late.Supply.Id, 1.0)], line.From.Select(f => (f.Id, f.Amount)));
        Assert.Equal(Outcome.No, Supplies.Enough(need, [spoilt], Today).Verdict.Outcome);
    }

    [Fact]
    public void A_tool_is_needed_and_not_used_up()
    {
        var iron = On("soldering iron", 1, SupplyUnit.Pieces, tool: true);
        var uses = Supplies.Take([new("soldering iron", 1, SupplyUnit.Pieces)], [iron], At, null, out var said);
        Assert.Empty(uses);
        Assert.Equal("", said);
    }

    [Fact]
    public void A_substitute_is_judged_or_refused_and_what_nobody_judged_is_not_taken()
    {
        Assert.Equal(Outcome.YesIf, Supplies.MayStandIn("isopropyl alcohol", "Denatured alcohol").Outcome);
        Assert.Equal(Outcome.No, Supplies.MayStandIn("isopropyl alcohol", "acetone").Outcome);
        Assert.Equal(Outcome.No, Supplies.MayStandIn("peroxide", "household bleach").Outcome);
        Assert.Equal(Outcome.Unknown, Supplies.MayStandIn("isopropyl alcohol", "perfume").Outcome);
        // Named only where it is at hand.
        var r = Supplies.Enough(
            [new("isopropyl alcohol", 40, SupplyUnit.Millilitres)],
            [On("isopropyl alcohol", 0), On("denatured alcohol", 9)],
            Today
        );
        Assert.Equal("denatured alcohol", Assert.Single(r.Lines.Single().Instead).Of);
    }

    [Fact]
    public void What_is_left_is_counted_from_uses_since_it_was_counted()
    {
        var s = On("label remover", 60).Supply;
        SupplyUse Use(double amount, double hours) =>
            new()
            {
                Id = Guid.NewGuid(),
                SupplyId = s.Id,
                Amount = amount,
                At = s.CountedAt.AddHours(hours),
            };
        Assert.Equal(45, SupplyStock.Of(s, [Use(10, 1), Use(5, 2), Use(40, -1)]).Left);
        Assert.Equal(0, SupplyStock.Of(s, [Use(100, 1)]).Left);
    }

    [Property(MaxTest = 300)]
    public bool No_more_is_taken_than_lies_there_or_is_wanted(NonNegativeInt[] lefts, PositiveInt want)
    {
        var stock = lefts
            .Take(8)
            .Select((l, i) => On("citric acid", l.Get % 100, SupplyUnit.Grams, i % 3 == 0 ? Today.AddDays(i - 2) : null))
            .ToList();
        SupplyNeed[] need = [new("citric acid", want.Get % 300, SupplyUnit.Grams)];
        var uses = Supplies.Take(need, stock, At, null, out _);
        return uses.Sum(u => u.Amount) <= need[0].Amount + 1e-9
            && uses.All(u => u.Amount <= stock.Single(s => s.Supply.Id == u.SupplyId).Left + 1e-9)
            && uses.All(u => Supplies.Good(stock.Single(s => s.Supply.Id == u.SupplyId).Supply, Today));
    }

    [Fact]
    public void Figures_that_cannot_be_are_refused()
    {
        foreach (var bad in new[] { double.NaN, -1, double.PositiveInfinity })
        {
            Assert.Throws<InvalidInputException>(() => Supplies.Enough([new("x", bad, SupplyUnit.Grams)], [], Today));
        }
        Assert.Throws<InvalidInputException>(() => Supplies.Enough([new("", 1, SupplyUnit.Grams)], [], Today));
    }
}
