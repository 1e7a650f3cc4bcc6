using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

public class FittingSheetTests
{
    static readonly DateTimeOffset At = new(2026, 11, 25, 12, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Steps_are_taken_in_their_order_only()
    {
        foreach (var pads in Enum.GetValues<PadState>())
        {
            var sheet = new FittingSheet();
            foreach (var step in Enum.GetValues<FittingStep>().Where(s => s != FittingStep.MendPads || pads == PadState.Lifted))
            {
                Assert.Equal(step, sheet.Next(true));
                foreach (var other in Enum.GetValues<FittingStep>().Where(s => s != step))
                {
                    Assert.Throws<InvalidInputException>(() => sheet.Take(other, true, At, pads));
                }
                sheet = sheet.Take(step, true, At, pads);
            }

            Assert.True(sheet.Finished);
            Assert.Null(sheet.Next(true));
        }
    }

    [Fact]
    public void A_part_without_polarity_has_no_way_round()
    {
        var sheet = new FittingSheet { PartId = Guid.NewGuid() }
            .Take(FittingStep.Remove, false, At)
            .Take(FittingStep.CheckPads, false, At, PadState.Sound)
            .Take(FittingStep.Clean, false, At)
            .Take(FittingStep.Fit, false, At);
        Assert.Equal(FittingStep.Remeasure, sheet.Next(false));
    }
}
