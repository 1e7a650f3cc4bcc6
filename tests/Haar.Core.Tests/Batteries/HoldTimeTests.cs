using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Batteries;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Batteries;

public sealed class HoldTimeTests
{
    [Fact]
    public void It_is_capacitance_by_volts_by_current_and_counts_at_its_least()
    {
        var hold = HoldTime.Of(100, 3, 2, 4);
        Assert.Equal(25, hold.Seconds, 9);
        Assert.Equal(16, hold.AtLeastSeconds, 9);
        Assert.Equal((Outcome.YesIf, "Yes, if the new cell is in within 16 s."), (hold.Verdict.Outcome, hold.Verdict.Sentence));
    }

    [Fact]
    public void What_is_gone_before_a_hand_is_there_is_no()
    {
        Assert.Equal(Outcome.No, HoldTime.Of(10, 3, 2, 4).Verdict.Outcome);
        Assert.Equal(Outcome.No, HoldTime.Of(1e7, 3, 3, 4).Verdict.Outcome);
        Assert.Contains("less than a second", HoldTime.Of(0.1, 3, 2, 4).Verdict.Sentence, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(0, 3, 2, 4, "holdMicrofarads")]
    [InlineData(100, double.NaN, 2, 4, "fromVolts")]
    [InlineData(100, 3, 3.1, 4, "leastVolts")]
    [InlineData(100, 3, 2, 0, "drainMicroamps")]
    public void A_figure_that_no_board_has_is_named(double farads, double from, double least, double drain, string field) =>
        Assert.Equal(field, Assert.Throws<InvalidInputException>(() => HoldTime.Of(farads, from, least, drain)).Field);

    [Property]
    public Property More_drain_never_holds_longer() =>
        Prop.ForAll(
            Gen.Choose(1, 100_000).Two().ToArbitrary(),
            p => HoldTime.Of(47, 3, 2, Math.Max(p.Item1, p.Item2)).Seconds <= HoldTime.Of(47, 3, 2, Math.Min(p.Item1, p.Item2)).Seconds
        );
}
