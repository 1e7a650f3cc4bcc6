using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <param name="LeftMilliampHours">By self-discharge alone.</param>
public sealed record ShelfResult(double LeftMilliampHours, double LeftShare, Verdict Verdict);

/// <param name="Milliamps">A tenth of its capacity.</param>
/// <param name="SeriesOhms">Between the supply and the cell; null when the supply is not known.</param>
/// <param name="WasteWatts">What that resistor turns into warmth.</param>
public sealed record ChargeResult(double Milliamps, double Hours, double? SeriesOhms, double? WasteWatts, Verdict Verdict);

/// <summary>What a cell loses on the shelf, and how it is filled again.</summary>
public static class Charge
{
    /// <summary>A tenth of the capacity for sixteen hours fills a nickel cell whatever it held, and hurts none. Source: IEC 61951-1 and -2, charge at 0.1 It.</summary>
    public const double ChargeShare = 0.1;

    public const double ChargeHours = 16;

    /// <summary>Less than a third of what was bought is not worth fitting. A house figure.</summary>
    public const double WorthShare = 1.0 / 3;

    /// <summary>Q = Q₀·(1 − yearly loss)^years, at room temperature.</summary>
    /// <exception cref="InvalidInputException">A figure that no cell has, or no chemistry.</exception>
    public static ShelfResult Shelf(CellChemistry chemistry, double milliampHours, double years)
    {
        InvalidInputException.Finite("milliampHours", milliampHours, 0.1, 1_000_000, "mAh");
        InvalidInputException.Finite("years", years, 0, 100, "years");
        if (chemistry == CellChemistry.Unknown)
        {
            throw new InvalidInputException("chemistry", "Say what cell it is: its print says so.");
        }
        var facts = Chemistries.Get(chemistry);
        var share = Math.Pow(1 - facts.SelfDischargePerYear, years);
        var left = Si.Tidy(milliampHours * share);
        const string question = "What is left of it on the shelf?";
        var loses = new Reason(
            $"It loses about {Si.Plain(Math.Round(facts.SelfDischargePerYear * 100, 1))} % a year by itself.",
            new("A year", facts.SelfDischargePerYear, ""),
            "self-discharge of its chemistry at 20 °C; twice that in a warm room"
        );
        var percent = Si.Plain(Math.Round(share * 100));
        var old = years > facts.CheckYears;
        var verdict =
            share < WorthShare && !facts.Rechargeable
                ? Verdict.Of(
                    question,
                    Outcome.No,
                    $"{percent} %, about {Si.Plain(Math.Round(left))} mAh: buy a new one.",
                    Basis.Rule,
                    loses
                )
            : old && !facts.Rechargeable
                ? Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"About {percent} % by the sum, if its seal has held: look for a white or a wet rim, and measure it on a load.",
                    Basis.Rule,
                    loses
                )
            : Verdict.Of(
                question,
                Outcome.YesIf,
                facts.Rechargeable
                    ? $"About {percent} %: charge it before use, and count what it gives."
                    : $"About {percent} %, {Si.Plain(Math.Round(left))} mAh, if it lay cool.",
                Basis.Rule,
                loses
            );
        return new(left, Math.Round(share, 4), verdict.Changing("Its volts on a load of some milliamps."));
    }

    /// <summary>I = Q/10 for 16 h; R = (U − Ucell)/I, P = I²·R.</summary>
    /// <param name="cells">In series.</param>
    /// <param name="supplyVolts">What it is charged from; null when not known.</param>
    /// <exception cref="InvalidInputException">A figure that no cell has.</exception>
    public static ChargeResult Of(CellChemistry chemistry, double milliampHours, int cells = 1, double? supplyVolts = null)
    {
        InvalidInputException.Finite("milliampHours", milliampHours, 0.1, 1_000_000, "mAh");
        InvalidInputException.Finite("supplyVolts", supplyVolts, 0.5, 100, "V");
        if (cells is < 1 or > CellsTogether.MostCells)
        {
            throw new InvalidInputException("cells", $"Between 1 and {CellsTogether.MostCells} cells in series.");
        }
        const string question = "How is it charged?";
        var milliamps = Si.Tidy(milliampHours * ChargeShare);
        if (chemistry is not (CellChemistry.NickelCadmium or CellChemistry.NickelMetalHydride))
        {
            var known = chemistry != CellChemistry.Unknown;
            var charges = known && Chemistries.Get(chemistry).Rechargeable;
            return new(
                0,
                0,
                null,
                null,
                Verdict
                    .Of(
                        question,
                        known ? Outcome.No : Outcome.Unknown,
                        charges ? "Not by a current and a clock: this cell wants its own volts, held within a few hundredths."
                            : known ? "It is not charged at all."
                            : "Not known: nobody has said what cell it is, and one that must not be charged vents or burns.",
                        Basis.Rule,
                        new Reason(
                            "A tenth of its capacity for sixteen hours is for nickel cells alone.",
                            Source: "IEC 61951-1 and -2, charge at 0.1 It"
                        )
                    )
                    .Changing(known ? "A charger made for its chemistry." : "Its chemistry, from its print.")
                    .With(charges || chemistry.IsPrimaryLithium() || !known ? [CautionId.LithiumCell] : [])
            );
        }
        // A nickel cell ends at about 1.45 V while it is charged so.
        var cell = 1.45 * cells;
        double? ohms = supplyVolts is { } u && u > cell ? Si.Tidy((u - cell) / (milliamps * 1e-3)) : null;
        double? watts = ohms is { } r ? Si.Tidy(r * milliamps * milliamps * 1e-6) : null;
        var sum = new Reason(
            $"A tenth of {Si.Plain(milliampHours)} mAh for {Si.Plain(ChargeHours)} h.",
            new("Current", Si.Tidy(milliamps * 1e-3), "A"),
            "IEC 61951-1 and -2, charge at 0.1 It"
        );
        if (supplyVolts <= cell)
        {
            return new(
                milliamps,
                ChargeHours,
                null,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not from {Si.Plain(supplyVolts!.Value)} V: {cells} {(cells == 1 ? "cell ends" : "cells end")} at {Si.Plain(Math.Round(cell, 2))} V.",
                        Basis.Rule,
                        sum
                    )
                    .Changing("A supply of more volts.")
            );
        }
        return new(
            milliamps,
            ChargeHours,
            ohms,
            watts,
            Verdict
                .Of(
                    question,
                    supplyVolts is null ? Outcome.Unknown : Outcome.YesIf,
                    $"{Si.Plain(milliamps)} mA for {Si.Plain(ChargeHours)} h{(ohms is { } o ? $", through {Si.Format(o, "Ω")} that takes {Si.Format(watts!.Value, "W")}" : "")}{(supplyVolts is null ? ", through what is not known: say what it is charged from" : "")}. End it by the clock, and stop if a cell gets warm.",
                    Basis.Rule,
                    sum
                )
                .Changing(
                    supplyVolts is null ? "The volts of the supply: then the resistor too." : "What it gives when it is emptied afterwards."
                )
        );
    }
}
