using System.Globalization;
using System.Text.RegularExpressions;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>What the print on a cell says.</summary>
/// <param name="Chemistry">Unknown where the print fits two.</param>
/// <param name="NominalVolts">Of the whole cell or pack; null when the print does not say.</param>
/// <param name="Cells">In series.</param>
/// <param name="DiameterMillimetres">Of a round cell whose code carries it.</param>
/// <param name="HeightMillimetres">The same.</param>
public sealed record CellPrintResult(
    CellChemistry Chemistry,
    double? NominalVolts,
    int Cells,
    double? DiameterMillimetres,
    double? HeightMillimetres,
    Verdict Verdict
);

/// <summary>
/// Reads the print on a cell or battery. Letters by IEC 60086-1 (none zinc-carbon, B carbon monofluoride, C manganese dioxide, E thionyl
/// chloride, L alkaline, S silver oxide) and IEC 61951 (H and K, nickel); ML, VL and LIR are the trade's for coins that are charged.
/// </summary>
public static partial class CellPrint
{
    const int MostLength = 120;

    static readonly (string Letters, CellChemistry Chemistry)[] Codes =
    [
        ("LIR", CellChemistry.LithiumIonCoin),
        ("ML", CellChemistry.LithiumRechargeable),
        ("VL", CellChemistry.LithiumVanadium),
        ("CR", CellChemistry.LithiumPrimary),
        ("BR", CellChemistry.LithiumCarbonMonofluoride),
        ("ER", CellChemistry.LithiumThionyl),
        ("LR", CellChemistry.Alkaline),
        ("SR", CellChemistry.SilverOxide),
        ("HR", CellChemistry.NickelMetalHydride),
        ("KR", CellChemistry.NickelCadmium),
        ("R", CellChemistry.ZincCarbon),
    ];

    /// <exception cref="InvalidInputException">Nothing, or more than a cell has room for.</exception>
    public static CellPrintResult Read(string print)
    {
        var text = print.Trim();
        if (text.Length is 0 or > MostLength)
        {
            throw new InvalidInputException("print", "Type what stands on the cell: CR2032, ER14250 3.6V, Ni-Cd 3.6V 60mAh.");
        }
        var volts = Volts().Match(text) is { Success: true } v ? Number(v.Groups[1].Value) : null;
        var found = ByCode(text) ?? ByWord(text, volts);
        if (found is not { } cell)
        {
            return new(
                CellChemistry.Unknown,
                volts,
                1,
                null,
                null,
                Verdict
                    .Of(
                        Question,
                        Outcome.Unknown,
                        "Nothing on it names its chemistry. Until somebody knows, it counts as one that must not be charged.",
                        Basis.Guess,
                        new Reason(
                            volts is 3.6
                                ? "3.6 V is three nickel cells, a thionyl lithium cell or a lithium coin that is charged."
                                : "Volts alone fit more than one kind."
                        )
                    )
                    .Changing("The letters on it: CR, BR, ER, ML, VL, LIR, LR, SR, HR, KR.")
            );
        }
        var facts = Chemistries.Get(cell.Chemistry);
        // The volts printed count; a code without them has its chemistry's.
        var nominal = volts ?? Si.Tidy(facts.NominalVolts * cell.Cells);
        var cells = volts is { } printed ? Math.Max(cell.Cells, (int)Math.Round(printed / facts.NominalVolts)) : cell.Cells;
        if (Math.Abs(nominal - facts.NominalVolts * cells) > 0.12 * facts.NominalVolts * cells)
        {
            return new(
                CellChemistry.Unknown,
                volts,
                1,
                cell.Diameter,
                cell.Height,
                Verdict
                    .Of(
                        Question,
                        Outcome.Unknown,
                        $"The print contradicts itself: {facts.Chemistry.Words()} has {Si.Plain(facts.NominalVolts)} V a cell, and {Si.Plain(nominal)} V is printed.",
                        Basis.Guess
                    )
                    .Changing("The print read once more, with a lens.")
            );
        }
        var size = cell is { Diameter: { } d, Height: { } h } ? $", {Si.Plain(d)} × {Si.Plain(h)} mm" : "";
        var verdict = Verdict.Of(
            Question,
            Outcome.Yes,
            $"{Words.Capital(facts.Chemistry.Words())}, {Si.Plain(nominal)} V{size}: {(facts.Rechargeable ? "it may be charged" : "never charged")}; {LeaksWords(facts.Leaks)}.",
            Basis.Rule,
            new Reason("Read from its print.", Source: "IEC 60086-1 and IEC 61951")
        );
        return new(
            cell.Chemistry,
            nominal,
            cells,
            cell.Diameter,
            cell.Height,
            cell.Chemistry.IsPrimaryLithium() ? verdict.With(CautionId.LithiumCell) : verdict
        );
    }

    const string Question = "What cell is it?";

    static string LeaksWords(LeakReaction leaks) =>
        leaks switch
        {
            LeakReaction.Alkaline => "what leaks is alkaline",
            LeakReaction.Acid => "what leaks is acid",
            _ => "it seldom leaks",
        };

    readonly record struct Cell(CellChemistry Chemistry, int Cells, double? Diameter, double? Height);

    static Cell? ByCode(string text)
    {
        foreach (Match m in Code().Matches(text))
        {
            var letters = m.Groups["letters"].Value.ToUpperInvariant();
            var entry = Codes.FirstOrDefault(c => c.Letters == letters);
            if (entry.Letters is null)
            {
                continue;
            }
            var size = m.Groups["size"].Value;
            var cells = m.Groups["cells"].Success ? int.Parse(m.Groups["cells"].Value, CultureInfo.InvariantCulture) : 1;
            var (d, h) = size.Length switch
            {
                4 => (Number(size[..2]), Number(size[2..]) / 10),
                5 => (Number(size[..2]), Number(size[2..]) / 10),
                _ => ((double?)null, (double?)null),
            };
            return new(entry.Chemistry, Math.Max(1, cells), d, h);
        }
        return null;
    }

    static Cell? ByWord(string text, double? volts)
    {
        bool Says(string pattern) => Regex.IsMatch(text, pattern, RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
        CellChemistry? chemistry =
            Says(@"ni-?\s?mh|metal hydride") ? CellChemistry.NickelMetalHydride
            : Says(@"ni-?\s?c(a)?d|nickel.?cadmium") ? CellChemistry.NickelCadmium
            : Says(@"thionyl|li-?socl") ? CellChemistry.LithiumThionyl
            : Says(@"silver.?oxide") ? CellChemistry.SilverOxide
            : Says(@"alkaline") ? CellChemistry.Alkaline
            : Says(@"zinc.?(carbon|chloride)") ? CellChemistry.ZincCarbon
            : Says(@"lead.?acid|\bpb\b") ? CellChemistry.LeadAcid
            // 3.6 V in the long form is thionyl; a 3 V one that says no more is a primary cell.
            : Says(@"lithium|\bli\b") && !Says("charge|ion")
                ? volts is >= 3.5 and <= 3.7 && Says(@"(½|1/2|2/3|⅔)?\s*aa\b|14250|14500|14335") ? CellChemistry.LithiumThionyl
                    : volts is >= 2.9 and <= 3.1 ? CellChemistry.LithiumPrimary
                    : null
            : null;
        return chemistry is { } c
            ? new(c, volts is { } v ? Math.Max(1, (int)Math.Round(v / Chemistries.Get(c).NominalVolts)) : 1, null, null)
            : null;
    }

    static double? Number(string s) =>
        double.TryParse(s.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var d) ? d : null;

    [GeneratedRegex(@"(?<![\d.,])(\d{1,2}(?:[.,]\d{1,2})?)\s*V\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Volts();

    [GeneratedRegex(
        @"(?<![A-Za-z0-9])(?<cells>\d{1,2})?\s?(?<letters>LIR|ML|VL|CR|BR|ER|LR|SR|HR|KR|R)[\s-]?(?<size>\d{1,5})(?!\d)",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Code();
}
