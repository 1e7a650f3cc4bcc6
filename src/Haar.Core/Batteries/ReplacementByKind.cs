using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>The options that depend on what was there: reworks of clock modules, and the same kind again.</summary>
public static partial class Replacement
{
    /// <summary>Known reworks of a clock module with a cell moulded in, with what each can spoil. Risks are a guess from what restorers report.</summary>
    static Draft[] Modules() =>
        [
            new(
                ReplacementKind.ModuleReworked,
                "The module opened and a holder put outside it",
                CellChemistry.LithiumPrimary,
                1,
                CoinMilliampHours,
                0,
                false,
                [
                    "Open the moulding over the cell's two tabs only",
                    "Cut the hidden cell off its tabs, so that the two never work against each other",
                    "Lead to a holder stuck where it can be reached, its plus marked",
                ],
                "in a holder stuck to the case",
                "20 mm above the module stays free; holder 24 × 24 × 6 mm",
                100,
                "A slip breaks the module for good: about one in ten at the first try."
            ),
            new(
                ReplacementKind.ModuleSocketed,
                "A socket, and a module of the same pinout with a fresh date code",
                CellChemistry.LithiumPrimary,
                1,
                48,
                0,
                false,
                [
                    "The module desoldered: 24 or more holes, some in wide ground copper",
                    "A turned-pin socket",
                    "A date code of this year or last: its cell has aged on the shelf too",
                ],
                "moulded into the new module",
                "8 mm higher than the old one",
                null,
                "A pad lifts about once in fifteen boards; the new module's cell is as hidden as the old one's."
            ),
            new(
                ReplacementKind.ModuleOnCarrier,
                "A carrier with a coin holder and the bare clock chip, in a socket",
                CellChemistry.LithiumPrimary,
                1,
                CoinMilliampHours,
                0,
                false,
                [
                    "The module desoldered",
                    "A turned-pin socket",
                    "A carrier board, its chip with an address pin for pin",
                    "A crystal on the carrier",
                ],
                "in a holder on the carrier",
                "30 × 40 × 14 mm above the socket",
                null,
                "A pad lifts about once in fifteen boards; nothing of the old module is harmed."
            ),
        ];

    static Draft LikeForLike(CellSite site, int nickelCells) =>
        site.Cell switch
        {
            CellChemistry.NickelCadmium or CellChemistry.NickelMetalHydride => new(
                ReplacementKind.LikeForLike,
                $"Like for like: a {nickelCells}-cell NiMH pack in the old place",
                CellChemistry.NickelMetalHydride,
                nickelCells,
                NickelBarrelMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            CellChemistry.LithiumRechargeable => new(
                ReplacementKind.LikeForLike,
                "Like for like: the same rechargeable lithium coin",
                CellChemistry.LithiumRechargeable,
                1,
                RechargeableCoinMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            CellChemistry.Alkaline or CellChemistry.ZincCarbon => new(
                ReplacementKind.LikeForLike,
                "Like for like: fresh alkaline cells in the old place",
                CellChemistry.Alkaline,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 3) / 1.5)),
                AlkalineAaMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            CellChemistry.LithiumThionyl => new(
                ReplacementKind.LikeForLike,
                "Like for like: a fresh lithium-thionyl cell of 3.6 V",
                CellChemistry.LithiumThionyl,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 3.6) / 3.6)),
                ThionylHalfAaMilliampHours,
                0,
                false,
                ["A fresh date code: old ones burst", "Welded tabs or a holder: the can is never soldered"],
                "on the board",
                "as the old one"
            ),
            CellChemistry.LithiumCarbonMonofluoride => new(
                ReplacementKind.LikeForLike,
                "Like for like: the same BR coin",
                CellChemistry.LithiumCarbonMonofluoride,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 3) / 3)),
                CoinMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            CellChemistry.LithiumVanadium or CellChemistry.LithiumIonCoin => new(
                ReplacementKind.LikeForLike,
                $"Like for like: the same {(site.Cell == CellChemistry.LithiumVanadium ? "VL" : "LIR")} coin",
                site.Cell,
                1,
                site.Cell == CellChemistry.LithiumVanadium ? VanadiumCoinMilliampHours : IonCoinMilliampHours,
                0,
                false,
                ["The same letters on it: ML, VL and LIR are charged to different volts"],
                "on the board",
                "as the old one"
            ),
            CellChemistry.SilverOxide => new(
                ReplacementKind.LikeForLike,
                "Like for like: the same silver oxide buttons",
                CellChemistry.SilverOxide,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 1.55) / 1.55)),
                SilverButtonMilliampHours,
                0,
                false,
                ["Silver oxide and not alkaline: its volts hold to the end"],
                "on the board",
                "as the old one"
            ),
            CellChemistry.LeadAcid => new(
                ReplacementKind.LikeForLike,
                "Like for like: a sealed lead-acid battery",
                CellChemistry.LeadAcid,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 6) / 2)),
                1200,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
            _ => new(
                ReplacementKind.LikeForLike,
                "Like for like: the same lithium cell",
                CellChemistry.LithiumPrimary,
                Math.Max(1, (int)Math.Round((site.NominalVolts ?? 3) / 3)),
                CoinMilliampHours,
                0,
                false,
                [],
                "on the board",
                "as the old one"
            ),
        };
}
