using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

public enum CellWiring
{
    Series = 0,
    Parallel,
}

/// <param name="Volts">Measured, without a load.</param>
/// <param name="MilliampHours">Rated, or better what it gave when it was last emptied; null when nobody knows.</param>
public sealed record OneCell(double Volts, double? MilliampHours = null);

/// <param name="Volts">Of all together.</param>
/// <param name="MilliampHours">Of all together; null when that of one is not known.</param>
/// <param name="Weakest">Which cell holds the others back, counted from 1; null when none does.</param>
public sealed record CellsTogetherResult(double? Volts, double? MilliampHours, int? Weakest, Verdict Verdict);

/// <summary>Cells one after another, or side by side.</summary>
public static class CellsTogether
{
    public const int MostCells = 40;

    /// <summary>In series a cell of so much less than the best is driven below nought while the others still give. A house figure; packs are matched within 5 to 10 %.</summary>
    public const double MatchedShare = 0.1;

    /// <summary>Side by side the fuller cell charges the emptier one as soon as they touch. A house figure.</summary>
    public const double EqualVolts = 0.05;

    /// <exception cref="InvalidInputException">No cells, too many, or a figure that no cell has.</exception>
    public static CellsTogetherResult Of(IReadOnlyList<OneCell> cells, CellWiring wiring, CellChemistry chemistry = CellChemistry.Unknown)
    {
        if (cells.Count is 0 or > MostCells)
        {
            throw new InvalidInputException("cells", $"Give 1 to {MostCells} cells.");
        }
        for (var i = 0; i < cells.Count; i++)
        {
            InvalidInputException.Finite($"cells[{i}].volts", cells[i].Volts, 0, 5, "V");
            InvalidInputException.Finite($"cells[{i}].milliampHours", cells[i].MilliampHours, 0.1, 1_000_000, "mAh");
        }
        return wiring == CellWiring.Series ? Series(cells) : Parallel(cells, chemistry);
    }

    /// <summary>A cell that shows so much less than the best of them is empty, shorted or the wrong way round. A house figure; cells of one kind differ by hundredths when they are alike.</summary>
    public const double DeadShare = 0.15;

    static CellsTogetherResult Series(IReadOnlyList<OneCell> cells)
    {
        const string question = "What do these cells give one after another?";
        var (most, lowest) = (cells.Max(c => c.Volts), cells.Min(c => c.Volts));
        if (most <= 0 || lowest < most * (1 - DeadShare))
        {
            var dead = Index(cells, c => c.Volts == lowest);
            return new(
                Si.Tidy(cells.Sum(c => c.Volts)),
                null,
                dead,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not together: cell {dead} shows {Si.Plain(lowest)} V and the best {Si.Plain(most)} V. It is empty, shorted or the wrong way round.",
                        Basis.Measured,
                        new Reason(
                            "The others drive an empty cell below nought.",
                            new("Lowest", lowest, "V", Si.Tidy(most * (1 - DeadShare)))
                        )
                    )
                    .Changing("That cell charged and measured again, or another in its place.")
            );
        }
        var volts = Si.Tidy(cells.Sum(c => c.Volts));
        var known = cells.All(c => c.MilliampHours is not null);
        double? least = known ? cells.Min(c => c.MilliampHours!.Value) : null;
        var sum = new Reason($"{cells.Count} cells: their volts add up.", new("Volts", volts, "V"), "cells in series carry one current");
        if (least is not { } capacity)
        {
            return new(
                volts,
                null,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"{Si.Plain(volts)} V; how long is not known: nobody has said what each of them holds.",
                        Basis.Rule,
                        sum
                    )
                    .Changing("What each cell gives when it is emptied.")
            );
        }
        var best = cells.Max(c => c.MilliampHours!.Value);
        var weakest = capacity < best * (1 - MatchedShare) ? Index(cells, c => c.MilliampHours == capacity) : (int?)null;
        var holds = new Reason(
            $"The weakest holds {Si.Plain(capacity)} mAh, the best {Si.Plain(best)} mAh.",
            new("Weakest", Si.Tidy(capacity * 3.6), "C", Si.Tidy(best * (1 - MatchedShare) * 3.6)),
            "the first to be empty is charged the wrong way round by the others; matched within 10 %"
        );
        return new(
            volts,
            capacity,
            weakest,
            weakest is { } w
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not together: cell {w} is empty first, and the others then drive it below nought until it leaks. They give {Si.Plain(volts)} V for {Si.Plain(capacity)} mAh until then.",
                        Basis.Rule,
                        holds,
                        sum
                    )
                    .Changing($"Another cell in place of cell {w}, or all of them new.")
                : Verdict
                    .Of(question, Outcome.Yes, $"{Si.Plain(volts)} V and {Si.Plain(capacity)} mAh.", Basis.Rule, sum, holds)
                    .Changing("What each gives after a year.")
        );
    }

    static CellsTogetherResult Parallel(IReadOnlyList<OneCell> cells, CellChemistry chemistry)
    {
        const string question = "May these cells be side by side?";
        var spread = cells.Max(c => c.Volts) - cells.Min(c => c.Volts);
        var all = cells.All(c => c.MilliampHours is not null) ? Si.Tidy(cells.Sum(c => c.MilliampHours!.Value)) : (double?)null;
        var differ = new Reason(
            $"Their volts differ by {Si.Format(Si.Tidy(spread), "V")}.",
            new("Difference", Si.Tidy(spread), "V", null, EqualVolts),
            "the fuller charges the emptier through nothing but their own resistance"
        );
        if (spread > EqualVolts)
        {
            var low = Index(cells, c => c.Volts == cells.Min(x => x.Volts));
            return new(
                null,
                all,
                low,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not as they are: the others charge cell {low} the moment they touch.",
                        Basis.Measured,
                        differ
                    )
                    .Changing("Cells of equal volts, or a diode before each.")
            );
        }
        var facts = chemistry == CellChemistry.Unknown ? null : Chemistries.Get(chemistry);
        if (cells.Max(c => c.Volts) < LeastVolts)
        {
            return new(
                null,
                all,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not as they are: the best of them shows {Si.Plain(cells.Max(c => c.Volts))} V. They are empty or shorted.",
                        Basis.Measured,
                        new Reason("No cell that can be used shows so little.", new("Best", cells.Max(c => c.Volts), "V", LeastVolts))
                    )
                    .Changing("Each charged by itself, and measured a day later.")
                    .With(Lithium(chemistry))
            );
        }
        if (facts is not { Rechargeable: true } && cells.Count > 1)
        {
            return new(
                Si.Tidy(cells.Average(c => c.Volts)),
                all,
                null,
                Verdict
                    .Of(
                        question,
                        facts is null ? Outcome.Unknown : Outcome.No,
                        facts is null
                            ? "Not known: what may not be charged needs a diode each, and nobody has said what these are."
                            : "Not without a diode before each: the first to weaken is charged by the others, and these must not be charged.",
                        Basis.Rule,
                        differ
                    )
                    .Changing(facts is null ? "Their chemistry." : "A diode before each of them.")
                    .With([CautionId.LithiumCell])
            );
        }
        return new(
            Si.Tidy(cells.Average(c => c.Volts)),
            all,
            null,
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"{Si.Plain(Math.Round(cells.Average(c => c.Volts), 3))} V{(all is { } c ? $" and {Si.Plain(c)} mAh" : "")}.",
                    Basis.Measured,
                    differ
                )
                .Changing("The volts of each, a day apart.")
                .With(Lithium(chemistry))
        );
    }

    /// <summary>Below it no cell of any kind has anything left: a nickel cell is empty at 0.9 to 1.0 V (IEC 61951), the lowest of all.</summary>
    public const double LeastVolts = 0.9;

    static CautionId[] Lithium(CellChemistry chemistry) =>
        chemistry == CellChemistry.Unknown || chemistry.ToString().Contains("Lithium", StringComparison.Ordinal)
            ? [CautionId.LithiumCell]
            : [];

    static int Index(IReadOnlyList<OneCell> cells, Func<OneCell, bool> which) => cells.TakeWhile(c => !which(c)).Count() + 1;
}
