using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>The cell that a trait stands for, until it is described.</summary>
public static class UsualCell
{
    /// <returns>Null where none of the traits is a cell on a board.</returns>
    public static CellSite? Of(IReadOnlyCollection<Trait> traits) =>
        traits.Contains(Trait.BarrelCell)
            ? new()
            {
                Chemistry = CellChemistry.NickelCadmium,
                NominalVolts = 3.6,
                Charges = ThreeState.Yes,
            }
        : traits.Contains(Trait.CoinCell) || traits.Contains(Trait.HiddenCell)
            ? new()
            {
                Chemistry = CellChemistry.LithiumPrimary,
                NominalVolts = 3,
                HiddenInModule = traits.Contains(Trait.HiddenCell),
                CoinHolder = traits.Contains(Trait.CoinCell),
                Keeps = traits.Contains(Trait.BatteryBackedMemory) ? KeptData.UserData : KeptData.NotKnown,
            }
        : null;
}
