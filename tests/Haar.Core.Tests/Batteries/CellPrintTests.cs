using Haar.Core.Batteries;
using Haar.Core.Corrosion;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Batteries;

/// <summary>What stands on a cell, and what follows from it.</summary>
public class CellPrintTests
{
    [Theory]
    [InlineData("CR2032", CellChemistry.LithiumPrimary, 3, 20, 3.2)]
    [InlineData("BR1225 3V", CellChemistry.LithiumCarbonMonofluoride, 3, 12, 2.5)]
    [InlineData("ML2032", CellChemistry.LithiumRechargeable, 3, 20, 3.2)]
    [InlineData("VL2330", CellChemistry.LithiumVanadium, 3, 23, 3.0)]
    [InlineData("LIR2032 3.7V", CellChemistry.LithiumIonCoin, 3.7, 20, 3.2)]
    [InlineData("ER14250 3.6V", CellChemistry.LithiumThionyl, 3.6, 14, 25.0)]
    [InlineData("ER 14250", CellChemistry.LithiumThionyl, 3.6, 14, 25.0)]
    public void A_code_with_its_size(string print, CellChemistry chemistry, double volts, double across, double high)
    {
        var r = CellPrint.Read(print);
        Assert.Equal((chemistry, volts, across, high), (r.Chemistry, r.NominalVolts, r.DiameterMillimetres, r.HeightMillimetres));
        Assert.Equal(Outcome.Yes, r.Verdict.Outcome);
        Assert.Equal(Chemistries.Get(chemistry).Rechargeable, r.Verdict.Sentence.Contains("may be charged", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("LR44", CellChemistry.Alkaline, 1.5)]
    [InlineData("SR44", CellChemistry.SilverOxide, 1.55)]
    [InlineData("LR6 AA 1.5V", CellChemistry.Alkaline, 1.5)]
    [InlineData("R6", CellChemistry.ZincCarbon, 1.5)]
    [InlineData("6LR61 9V", CellChemistry.Alkaline, 9)]
    [InlineData("2CR5 6V", CellChemistry.LithiumPrimary, 6)]
    [InlineData("Ni-Cd 3.6V 60mAh", CellChemistry.NickelCadmium, 3.6)]
    [InlineData("NiMH 3,6 V", CellChemistry.NickelMetalHydride, 3.6)]
    [InlineData("Lithium 3.6V ½AA", CellChemistry.LithiumThionyl, 3.6)]
    [InlineData("LITHIUM BATTERY 3V", CellChemistry.LithiumPrimary, 3)]
    public void A_code_or_words(string print, CellChemistry chemistry, double volts)
    {
        var r = CellPrint.Read(print);
        Assert.Equal((chemistry, volts), (r.Chemistry, r.NominalVolts));
    }

    [Theory]
    [InlineData("3.6V")]
    [InlineData("Lithium")]
    [InlineData("Lithium 3.6V")]
    [InlineData("Made somewhere")]
    [InlineData("CR2032 1.5V")]
    public void What_fits_two_is_not_known(string print)
    {
        var r = CellPrint.Read(print);
        Assert.Equal((CellChemistry.Unknown, Outcome.Unknown), (r.Chemistry, r.Verdict.Outcome));
        Assert.NotEmpty(r.Verdict.WouldChange);
    }

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    public void Nothing_is_asked_for(string print) =>
        Assert.Equal("print", Assert.Throws<InvalidInputException>(() => CellPrint.Read(print)).Field);

    [Fact]
    public void A_thionyl_cell_is_no_coin_and_leaves_an_acid()
    {
        var site = new CellSite
        {
            Chemistry = CellChemistry.LithiumThionyl,
            NominalVolts = 3.6,
            Charges = ThreeState.No,
            WindowLowVolts = 2,
            WindowHighVolts = 3.5,
            DrainMicroamps = 5,
        };
        // Noted as a primary lithium cell, its volts say what it is.
        foreach (var s in new[] { site, site with { Chemistry = CellChemistry.LithiumPrimary } })
        {
            var same = Replacement.Options(s, default).Options.Single(o => o.Kind == ReplacementKind.LikeForLike);
            Assert.Equal(CellChemistry.LithiumThionyl, same.Chemistry);
            Assert.Equal(Outcome.No, same.Verdict.Outcome);
            Assert.Contains("3.67 V", same.Verdict.Sentence, StringComparison.Ordinal);
        }
        var plan = Neutralise.Plan(new("the corner", CellChemistry.LithiumThionyl.Source(), CorrosionStage.Bloom, 4));
        Assert.Equal(Neutraliser.Bicarbonate, plan.Neutraliser);
        Assert.Contains(Haar.Core.Safety.CautionId.ThionylLeak, plan.Verdict.Cautions);
    }

    [Theory]
    [InlineData(CellChemistry.LithiumPrimary)]
    [InlineData(CellChemistry.LithiumThionyl)]
    [InlineData(CellChemistry.LithiumCarbonMonofluoride)]
    public void Every_primary_lithium_cell_on_a_line_that_charges_is_refused_for_good(CellChemistry chemistry)
    {
        var same = Replacement
            .Options(
                new()
                {
                    Chemistry = chemistry,
                    Charges = ThreeState.Yes,
                    ChargeVolts = 4.9,
                },
                default
            )
            .Options.Single(o => o.Kind == ReplacementKind.LikeForLike);
        Assert.Equal((Outcome.No, false), (same.Verdict.Outcome, same.Verdict.MayBeOverruled));
    }

    [Theory]
    [InlineData(CellChemistry.LithiumRechargeable, 3.0, true)]
    [InlineData(CellChemistry.LithiumRechargeable, 3.4, false)]
    [InlineData(CellChemistry.LithiumVanadium, 3.4, true)]
    [InlineData(CellChemistry.LithiumVanadium, 3.0, false)]
    [InlineData(CellChemistry.LithiumIonCoin, 4.2, true)]
    [InlineData(CellChemistry.LithiumIonCoin, 4.9, false)]
    public void A_coin_that_is_charged_has_its_own_volts(CellChemistry chemistry, double line, bool fits)
    {
        var same = Replacement
            .Options(
                new()
                {
                    Chemistry = chemistry,
                    NominalVolts = 3,
                    Charges = ThreeState.Yes,
                    ChargeVolts = line,
                    ChargeMilliamps = 0.5,
                },
                default
            )
            .Options.Single(o => o.Kind == ReplacementKind.LikeForLike);
        Assert.Equal(fits, same.Verdict.Outcome != Outcome.No);
    }
}
