using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

public enum CellChemistry
{
    Unknown = 0,
    NickelCadmium,
    NickelMetalHydride,
    Alkaline,
    ZincCarbon,
    LithiumPrimary,
    LithiumRechargeable,
    LeadAcid,

    /// <summary>3.6 V, primary: the ½AA and AA cells of long life. Its leak is an acid.</summary>
    LithiumThionyl,

    /// <summary>3 V, primary: BR coins, for warm places.</summary>
    LithiumCarbonMonofluoride,

    /// <summary>3.7 V, charged to 4.2 V: LIR coins.</summary>
    LithiumIonCoin,

    /// <summary>3 V, charged to 3.4 V: VL coins.</summary>
    LithiumVanadium,

    /// <summary>1.55 V, primary: SR buttons.</summary>
    SilverOxide,
}

/// <summary>What leaks out of a cell, and so what neutralises it.</summary>
public enum LeakReaction
{
    None,
    Alkaline,
    Acid,
}

/// <summary>Facts of one chemistry, for one cell.</summary>
/// <param name="Chemistry">Which.</param>
/// <param name="NominalVolts">As printed.</param>
/// <param name="FreshVolts">Open circuit, new or freshly charged.</param>
/// <param name="EndVolts">At which it counts as empty.</param>
/// <param name="Rechargeable">Whether it may be charged at all.</param>
/// <param name="SelfDischargePerYear">Share of what is left that is lost in a year at 20 °C.</param>
/// <param name="Leaks">Reaction of what leaks.</param>
/// <param name="CheckYears">How often to look at one that is fitted.</param>
/// <param name="Curve">Volts by share of capacity used, at microamps, falling.</param>
public sealed record CellFacts(
    CellChemistry Chemistry,
    double NominalVolts,
    double FreshVolts,
    double EndVolts,
    bool Rechargeable,
    double SelfDischargePerYear,
    LeakReaction Leaks,
    double CheckYears,
    IReadOnlyList<(double Used, double Volts)> Curve
)
{
    /// <summary>Share of capacity that can be used before one cell falls below <paramref name="volts"/>; 0 when it starts below, 1 when even its end is above. Linear between points.</summary>
    public double UsableShare(double volts)
    {
        if (volts >= Curve[0].Volts)
        {
            return 0;
        }

        for (var i = 1; i < Curve.Count; i++)
        {
            if (Curve[i].Volts <= volts)
            {
                var (a, b) = (Curve[i - 1], Curve[i]);
                return a.Used + (a.Volts - volts) / (a.Volts - b.Volts) * (b.Used - a.Used);
            }
        }

        return 1;
    }

    /// <summary>Volts of one cell when <paramref name="used"/> of its capacity is gone, 0 to 1; linear between points.</summary>
    public double VoltsAt(double used)
    {
        for (var i = 1; i < Curve.Count; i++)
        {
            if (used <= Curve[i].Used)
            {
                var (a, b) = (Curve[i - 1], Curve[i]);
                return a.Volts + (used - a.Used) / (b.Used - a.Used) * (b.Volts - a.Volts);
            }
        }

        return Curve[^1].Volts;
    }
}

/// <summary>Chemistries of the trade. Nominal and end volts by IEC 60086 (primary) and IEC 61951 (nickel); self-discharge and curves as typical data sheets print them at low drain and 20 °C.</summary>
public static class Chemistries
{
    public static readonly IReadOnlyList<CellFacts> All =
    [
        new(
            CellChemistry.NickelCadmium,
            1.2,
            1.35,
            1.0,
            true,
            0.90,
            LeakReaction.Alkaline,
            1,
            [(0, 1.35), (.1, 1.28), (.5, 1.24), (.9, 1.18), (1, 1.0)]
        ),
        new(
            CellChemistry.NickelMetalHydride,
            1.2,
            1.38,
            1.0,
            true,
            0.30,
            LeakReaction.Alkaline,
            2,
            [(0, 1.38), (.1, 1.30), (.5, 1.25), (.9, 1.17), (1, 1.0)]
        ),
        new(
            CellChemistry.Alkaline,
            1.5,
            1.60,
            0.9,
            false,
            0.03,
            LeakReaction.Alkaline,
            2,
            [(0, 1.60), (.1, 1.48), (.3, 1.36), (.5, 1.28), (.7, 1.20), (.9, 1.07), (1, 0.9)]
        ),
        new(
            CellChemistry.ZincCarbon,
            1.5,
            1.60,
            0.9,
            false,
            0.08,
            LeakReaction.Acid,
            1,
            [(0, 1.60), (.2, 1.40), (.5, 1.24), (.8, 1.08), (1, 0.9)]
        ),
        new(
            CellChemistry.LithiumPrimary,
            3.0,
            3.25,
            2.0,
            false,
            0.01,
            LeakReaction.None,
            5,
            [(0, 3.25), (.05, 3.05), (.7, 2.95), (.9, 2.80), (1, 2.0)]
        ),
        new(
            CellChemistry.LithiumRechargeable,
            3.0,
            3.10,
            2.0,
            true,
            0.05,
            LeakReaction.None,
            3,
            [(0, 3.10), (.1, 2.75), (.6, 2.50), (.9, 2.30), (1, 2.0)]
        ),
        // Open circuit 3.67 V: more than many a backup pin bears. Passivation holds its self-discharge down.
        new(
            CellChemistry.LithiumThionyl,
            3.6,
            3.67,
            2.0,
            false,
            0.01,
            LeakReaction.Acid,
            3,
            [(0, 3.67), (.05, 3.62), (.8, 3.55), (.95, 3.40), (1, 2.0)]
        ),
        new(
            CellChemistry.LithiumCarbonMonofluoride,
            3.0,
            3.10,
            2.0,
            false,
            0.01,
            LeakReaction.None,
            5,
            [(0, 3.10), (.05, 2.85), (.8, 2.78), (.95, 2.55), (1, 2.0)]
        ),
        new(
            CellChemistry.LithiumIonCoin,
            3.7,
            4.20,
            2.75,
            true,
            0.10,
            LeakReaction.None,
            2,
            [(0, 4.20), (.1, 3.95), (.5, 3.75), (.9, 3.50), (1, 2.75)]
        ),
        new(
            CellChemistry.LithiumVanadium,
            3.0,
            3.40,
            2.5,
            true,
            0.02,
            LeakReaction.None,
            3,
            [(0, 3.40), (.1, 2.95), (.8, 2.85), (.95, 2.70), (1, 2.5)]
        ),
        new(
            CellChemistry.SilverOxide,
            1.55,
            1.60,
            1.2,
            false,
            0.05,
            LeakReaction.Alkaline,
            2,
            [(0, 1.60), (.05, 1.56), (.9, 1.53), (.97, 1.40), (1, 1.2)]
        ),
        new(CellChemistry.LeadAcid, 2.0, 2.15, 1.75, true, 0.40, LeakReaction.Acid, 1, [(0, 2.15), (.5, 2.0), (1, 1.75)]),
    ];

    /// <exception cref="InvalidInputException">The chemistry is not known.</exception>
    public static CellFacts Get(CellChemistry chemistry) =>
        All.FirstOrDefault(c => c.Chemistry == chemistry)
        ?? throw new InvalidInputException(
            "chemistry",
            "Say which chemistry the cell is: without it there is no capacity and no voltage to work with."
        );

    /// <summary>Volts between which a rechargeable lithium coin is charged; null for what has no such window. Typical data sheets of ML, VL and LIR coins.</summary>
    public static (double Least, double Most)? ChargeWindow(this CellChemistry chemistry) =>
        chemistry switch
        {
            CellChemistry.LithiumRechargeable => (Replacement.RechargeableCoinLeastVolts, Replacement.RechargeableCoinMostVolts),
            CellChemistry.LithiumVanadium => (3.25, 3.55),
            CellChemistry.LithiumIonCoin => (3.9, 4.25),
            _ => null,
        };

    /// <summary>A lithium cell that vents and burns when it is charged.</summary>
    public static bool IsPrimaryLithium(this CellChemistry chemistry) =>
        chemistry is CellChemistry.LithiumPrimary or CellChemistry.LithiumThionyl or CellChemistry.LithiumCarbonMonofluoride;

    public static string Words(this CellChemistry chemistry) =>
        chemistry switch
        {
            CellChemistry.NickelCadmium => "nickel-cadmium",
            CellChemistry.NickelMetalHydride => "nickel-metal hydride",
            CellChemistry.Alkaline => "alkaline",
            CellChemistry.ZincCarbon => "zinc-carbon",
            CellChemistry.LithiumPrimary => "primary lithium",
            CellChemistry.LithiumRechargeable => "rechargeable lithium",
            CellChemistry.LeadAcid => "lead-acid",
            CellChemistry.LithiumThionyl => "lithium-thionyl",
            CellChemistry.LithiumCarbonMonofluoride => "primary lithium (BR)",
            CellChemistry.LithiumIonCoin => "lithium-ion coin",
            CellChemistry.LithiumVanadium => "vanadium-lithium coin",
            CellChemistry.SilverOxide => "silver oxide",
            _ => "unknown",
        };
}
