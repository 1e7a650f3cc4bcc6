using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Capacitors;

public class DecisionTests
{
    [Fact]
    public void The_forecast_counts_what_goes_now_what_is_likely_to_and_what_prevention_takes()
    {
        List<ForecastPart> parts =
        [
            .. Enumerable.Range(0, 9).Select(i => new ForecastPart($"C{i}", CapacitorKind.AluminiumSurfaceMount, 90, true)),
            .. Enumerable.Range(9, 19).Select(i => new ForecastPart($"C{i}", CapacitorKind.AluminiumSurfaceMount, 60, false)),
        ];
        var f = RecapForecast.Of(parts);
        // 1 − e^(−0.5·0.36·2) = 0.302; 19 of them make 5.7.
        Assert.Equal((9, 15, 28), (f.Now, f.Likely, f.Preventive));
        Assert.StartsWith(
            "By evidence 9 now, 15 within two years likely; preventive 28 now.",
            f.Verdict.Sentence,
            StringComparison.Ordinal
        );
        Assert.True(f.EvidenceCost.Low <= f.EvidenceCost.Likely && f.EvidenceCost.Likely <= f.EvidenceCost.High);
    }

    [Fact]
    public void Hours_that_cost_nothing_and_risky_pads_speak_for_waiting()
    {
        List<ForecastPart> parts = [new("C1", CapacitorKind.AluminiumSurfaceMount, 60, false, Price: 5)];
        Assert.Equal(Outcome.No, RecapForecast.Of(parts, new() { HourWorth = 0 }).Rows[0].Verdict.Outcome);
        Assert.Equal(Outcome.Yes, RecapForecast.Of(parts, new() { HourWorth = 40 }).Rows[0].Verdict.Outcome);
    }

    [Theory]
    [InlineData(Direction.Left, Direction.Left, Direction.Left, Outcome.Yes)]
    [InlineData(Direction.Left, Direction.NotKnown, Direction.Left, Outcome.YesIf)]
    [InlineData(Direction.Left, Direction.NotKnown, Direction.Right, Outcome.No)]
    [InlineData(Direction.Left, Direction.Right, Direction.Left, Outcome.Unknown)]
    [InlineData(Direction.NotKnown, Direction.NotKnown, Direction.Left, Outcome.Unknown)]
    [InlineData(Direction.NotKnown, Direction.Up, Direction.Up, Outcome.YesIf)]
    public void Photo_print_and_second_look_have_to_agree(Direction before, Direction printed, Direction seen, Outcome want) =>
        Assert.Equal(want, Polarity.Check("C14", before, printed, seen).Outcome);

    [Fact]
    public void Low_ones_come_before_tall_ones_and_each_once()
    {
        FittingPlace[] parts =
        [
            new(Guid.NewGuid(), "C1", CapacitorKind.AluminiumRadial, new(0.9, 0.9), 25),
            new(Guid.NewGuid(), "C2", CapacitorKind.AluminiumSurfaceMount, new(0.1, 0.1)),
            new(Guid.NewGuid(), "C3", CapacitorKind.AluminiumSurfaceMount, new(0.15, 0.1)),
            new(Guid.NewGuid(), "C4", CapacitorKind.AluminiumRadial, null),
        ];
        var turns = FittingOrder.Of(parts);
        Assert.Equal(["C2", "C3", "C4", "C1"], turns.Select(t => t.Designator));
        Assert.Equal([1, 2, 3, 4], turns.Select(t => t.Number));
        Assert.True(
            FittingOrder.Joint(CapacitorKind.AluminiumRadial, wideCopper: true, leadFree: true).Celsius
                > FittingOrder.Joint(CapacitorKind.AluminiumRadial).Celsius
        );
    }

    [Theory]
    [InlineData(CapacitorKind.TantalumSurfaceMount, true, SolderTool.HotAir)]
    [InlineData(CapacitorKind.Ceramic, true, SolderTool.HotAir)]
    [InlineData(CapacitorKind.TantalumSurfaceMount, false, SolderTool.TwoIrons)]
    [InlineData(CapacitorKind.AluminiumSurfaceMount, true, SolderTool.TwoIrons)]
    [InlineData(CapacitorKind.Polymer, true, SolderTool.IronAndWick)]
    [InlineData(CapacitorKind.AluminiumRadial, true, SolderTool.IronAndWick)]
    public void Hot_air_is_for_solid_parts_on_wide_copper_and_never_for_a_can(CapacitorKind kind, bool wideCopper, SolderTool tool) =>
        Assert.Equal(tool, FittingOrder.Joint(kind, wideCopper).Tool);

    [Fact]
    public void A_torn_pad_takes_a_wire_a_lifted_one_glue()
    {
        Assert.Contains("AWG", string.Join(" ", PadRepair.Of("C14", PadState.Lifted, traceWhole: false).Steps), StringComparison.Ordinal);
        Assert.Contains("glue", string.Join(" ", PadRepair.Of("C14", PadState.Lifted).Steps), StringComparison.Ordinal);
        Assert.Empty(PadRepair.Of("C14", PadState.Sound).Steps);
    }

    [Fact]
    public void A_first_timer_is_sent_to_a_scrap_board_and_a_practised_hand_is_not()
    {
        var work = new RecapWork(28, 28, 5, 4, 200, 140, 21, SolderExperience.Never, []);
        Assert.Equal(Outcome.No, DoItOrNot.Of(work).Verdict.Outcome);
        Assert.Contains("a second iron or hot tweezers", DoItOrNot.Of(work).Missing);
        Assert.Equal(
            Outcome.Yes,
            DoItOrNot.Of(work with { Experience = SolderExperience.Practised, Owned = Enum.GetValues<BenchTool>() }).Verdict.Outcome
        );
        Assert.Equal(Outcome.YesIf, DoItOrNot.Of(new(2, 0, 0, 0, 60, null, null, SolderExperience.Never, [])).Verdict.Outcome);
    }

    [Fact]
    public void A_sitting_with_a_drifting_meter_or_a_loose_probe_is_not_kept()
    {
        Assert.Equal(Outcome.Yes, MeasurementSeries.Check(47.1, 47.2, [32.4, 32.6]).Verdict.Outcome);
        Assert.Equal(Outcome.No, MeasurementSeries.Check(47.1, 48.3, []).Verdict.Outcome);
        Assert.Equal(Outcome.No, MeasurementSeries.Check(null, null, [32.4, 35]).Verdict.Outcome);
        Assert.Equal(Outcome.Unknown, MeasurementSeries.Check(null, null, []).Verdict.Outcome);
    }

    [Fact]
    public void Designators_go_as_a_finger_does() =>
        Assert.Equal(["C2", "C10", "C10A", "L1"], new[] { "L1", "C10A", "C10", "C2" }.Order(Designators.InOrder));

    [Fact]
    public void An_order_line_that_is_out_of_stock_waits_for_nothing()
    {
        var line = new PartOrderLine("x", new() { Microfarads = 1 }, 5, 2, 1, [Guid.NewGuid()]);
        Assert.Equal(10, line.Open);
        Assert.Equal(3, (line with { State = OrderLineState.Fewer, ConfirmedPacks = 1, ArrivedPieces = 2 }).Open);
        Assert.Equal(0, (line with { State = OrderLineState.OutOfStock }).Open);
    }
}
