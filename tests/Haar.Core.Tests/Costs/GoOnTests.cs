using Haar.Core.Costs;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Costs;

public class GoOnTests
{
    static readonly Expectation Usual = new() { ToFinish = new(20, 45, 110), Complete = new(90, 120, 160) };

    [Theory]
    [InlineData(0, 0, Outcome.Yes)]
    [InlineData(30, 0, Outcome.YesIf)]
    [InlineData(90, 0, Outcome.YesIf)]
    [InlineData(101, 0, Outcome.No)]
    [InlineData(121, 0, Outcome.No)]
    [InlineData(100, 30, Outcome.No)]
    public void Against_what_a_complete_one_costs(double spent, double next, Outcome outcome) =>
        Assert.Equal(outcome, GoOn.Of(spent, Usual, next).Verdict.Outcome);

    [Fact]
    public void A_stop_loss_of_ones_own_comes_before_the_house_rule()
    {
        var r = GoOn.Of(80, Usual with { StopLoss = 70 });
        Assert.Equal("Stop: €80.00 is spent, €10.00 past the point at which a complete one is cheaper.", r.Verdict.Sentence);
        Assert.Equal((70.0, -10.0), (r.StopLoss!.Value, r.Left!.Value));
    }

    [Fact]
    public void Without_a_price_there_is_no_point_to_stop_at()
    {
        var r = GoOn.Of(10, new());
        Assert.Equal(Outcome.Unknown, r.Verdict.Outcome);
        Assert.Null(r.StopLoss);
    }

    [Fact]
    public void A_purchase_is_part_of_what_was_expected_until_it_is_more() =>
        Assert.Equal(
            (70, 70, 120),
            (GoOn.Of(10, Usual, 60).AtTheEnd!.Low, GoOn.Of(10, Usual, 60).AtTheEnd!.Likely, GoOn.Of(10, Usual, 60).AtTheEnd!.High)
        );

    [Fact]
    public void Upside_down_ranges_are_refused()
    {
        Assert.Contains(
            "upside down",
            Assert.Throws<InvalidInputException>(() => GoOn.Of(1, Usual with { ToFinish = new(9, 5, 10) })).Message,
            StringComparison.Ordinal
        );
        Assert.Throws<InvalidInputException>(() => GoOn.Of(-1, Usual));
        Assert.Throws<InvalidInputException>(() => GoOn.Of(1, Usual, double.NaN));
    }
}
