using Haar.Core.Corrosion;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Corrosion;

/// <summary>C₁V₁ = C₂V₂, and what is in the bottle.</summary>
public class DilutionTests
{
    [Theory]
    [InlineData(20, 5, 500, 125, 375)]
    [InlineData(25, 5, 1000, 200, 800)]
    [InlineData(5, 5, 300, 300, 0)]
    [InlineData(100, 10, 50, 5, 45)]
    public void So_much_of_it_and_so_much_water(double stock, double wanted, double millilitres, double of, double water)
    {
        var r = Dilution.Of(stock, wanted, millilitres);
        Assert.Equal((of, water), (r.StockMillilitres, r.WaterMillilitres));
        Assert.Equal(Outcome.Yes, r.Verdict.Outcome);
        Assert.Equal(water == 0, r.Verdict.Sentence.EndsWith("as it is.", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_left_in_the_bottle_is_looked_at_and_nothing_is_made_stronger()
    {
        var short_ = Dilution.Of(20, 5, 500, 100).Verdict;
        Assert.Equal(Outcome.No, short_.Outcome);
        Assert.Contains("makes 400 ml", short_.Sentence, StringComparison.Ordinal);
        Assert.Equal(Outcome.Yes, Dilution.Of(20, 5, 500, 125).Verdict.Outcome);
        Assert.Contains("upwards", Assert.Throws<InvalidInputException>(() => Dilution.Of(5, 10, 100)).Message, StringComparison.Ordinal);
        Assert.Throws<InvalidInputException>(() => Dilution.Of(0, 0, 100));
        Assert.Throws<InvalidInputException>(() => Dilution.Of(20, 5, double.NaN));
    }
}
