using Haar.Core.Batteries;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Batteries;

/// <summary>Cells together, on the shelf and on charge.</summary>
public class ChargeTests
{
    static OneCell[] Cells(params double[] capacities) => [.. capacities.Select(c => new OneCell(1.25, c))];

    [Fact]
    public void In_series_volts_add_up_and_the_weakest_says_how_long()
    {
        var r = CellsTogether.Of(Cells(600, 590, 560), CellWiring.Series);
        Assert.Equal((3.75, 560.0, null, Outcome.Yes), (r.Volts!.Value, r.MilliampHours!.Value, r.Weakest, r.Verdict.Outcome));
        r = CellsTogether.Of(Cells(600, 420, 590), CellWiring.Series);
        Assert.Equal((420.0, 2, Outcome.No), (r.MilliampHours!.Value, r.Weakest!.Value, r.Verdict.Outcome));
        // Just within a tenth of the best.
        Assert.Null(CellsTogether.Of(Cells(600, 540), CellWiring.Series).Weakest);
        Assert.Equal(2, CellsTogether.Of(Cells(600, 539), CellWiring.Series).Weakest);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(0.9)]
    public void A_cell_that_is_empty_or_dead_joins_no_pack(double volts)
    {
        var r = CellsTogether.Of([new(1.28, 600), new(volts, 600), new(1.27, 600)], CellWiring.Series);
        Assert.Equal((Outcome.No, 2), (r.Verdict.Outcome, r.Weakest!.Value));
        Assert.Equal(Outcome.No, CellsTogether.Of([new(0, 600)], CellWiring.Series).Verdict.Outcome);
    }

    [Fact]
    public void From_what_it_is_charged_is_asked() =>
        Assert.Equal(Outcome.Unknown, Charge.Of(CellChemistry.NickelCadmium, 60, 3).Verdict.Outcome);

    [Fact]
    public void A_cell_of_which_nobody_knows_what_it_holds_makes_no_pack()
    {
        var r = CellsTogether.Of([new(1.25, 600), new(1.25)], CellWiring.Series);
        Assert.Equal((2.5, null, Outcome.Unknown), (r.Volts!.Value, r.MilliampHours, r.Verdict.Outcome));
    }

    [Theory]
    [InlineData(CellChemistry.NickelMetalHydride, Outcome.Yes)]
    [InlineData(CellChemistry.LithiumPrimary, Outcome.No)]
    [InlineData(CellChemistry.LithiumThionyl, Outcome.No)]
    [InlineData(CellChemistry.Unknown, Outcome.Unknown)]
    public void Side_by_side_only_what_may_be_charged(CellChemistry chemistry, Outcome outcome) =>
        Assert.Equal(outcome, CellsTogether.Of(Cells(600, 600), CellWiring.Parallel, chemistry).Verdict.Outcome);

    [Fact]
    public void Side_by_side_the_fuller_charges_the_emptier()
    {
        var r = CellsTogether.Of([new(1.35, 600), new(1.2, 600)], CellWiring.Parallel, CellChemistry.NickelCadmium);
        Assert.Equal((Outcome.No, 2), (r.Verdict.Outcome, r.Weakest!.Value));
        r = CellsTogether.Of([new(1.25, 600), new(1.25, 500)], CellWiring.Parallel, CellChemistry.NickelCadmium);
        Assert.Equal((1.25, 1100.0), (r.Volts!.Value, r.MilliampHours!.Value));
    }

    [Fact]
    public void A_tenth_for_sixteen_hours_through_the_resistor_that_the_rest_of_the_volts_need()
    {
        // 60 mAh: 6 mA. Three cells end at 4.35 V; 9 V leave 4.65 V over 775 Ω, 27.9 mW.
        var r = Charge.Of(CellChemistry.NickelCadmium, 60, 3, 9);
        Assert.Equal((6.0, 16.0), (r.Milliamps, r.Hours));
        Assert.Equal(775, r.SeriesOhms!.Value, 6);
        Assert.Equal(0.0279, r.WasteWatts!.Value, 6);
        Assert.Equal(Outcome.No, Charge.Of(CellChemistry.NickelCadmium, 60, 3, 4.35).Verdict.Outcome);
    }

    [Fact]
    public void Nothing_but_a_nickel_cell_is_charged_by_a_clock()
    {
        foreach (var c in Enum.GetValues<CellChemistry>())
        {
            var r = Charge.Of(c, 200);
            var nickel = c is CellChemistry.NickelCadmium or CellChemistry.NickelMetalHydride;
            Assert.Equal(nickel, r.Milliamps > 0);
            Assert.Equal(
                nickel ? Outcome.Unknown
                    : c == CellChemistry.Unknown ? Outcome.Unknown
                    : Outcome.No,
                r.Verdict.Outcome
            );
        }
    }

    [Fact]
    public void A_shelf_takes_its_share_a_year()
    {
        var yearly = Chemistries.Get(CellChemistry.LithiumPrimary).SelfDischargePerYear;
        var r = Charge.Shelf(CellChemistry.LithiumPrimary, 220, 3);
        Assert.Equal(220 * Math.Pow(1 - yearly, 3), r.LeftMilliampHours, 6);
        Assert.Equal(220, Charge.Shelf(CellChemistry.LithiumPrimary, 220, 0).LeftMilliampHours, 9);
        Assert.NotEqual(Outcome.Yes, Charge.Shelf(CellChemistry.Alkaline, 2500, 30).Verdict.Outcome);
        Assert.Throws<InvalidInputException>(() => Charge.Shelf(CellChemistry.Unknown, 220, 1));
    }
}
