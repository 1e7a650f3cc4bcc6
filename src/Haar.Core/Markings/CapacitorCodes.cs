using System.Globalization;
using System.Text.RegularExpressions;
using Haar.Core.Capacitors;

namespace Haar.Core.Markings;

/// <summary>The tables of codes and the shapes that a marking can have.</summary>
public static partial class CapacitorMarking
{
    /// <summary>EIA two-character rated voltage codes, volts DC.</summary>
    public static readonly IReadOnlyDictionary<string, double> EiaVolts = new Dictionary<string, double>
    {
        ["0G"] = 4,
        ["0J"] = 6.3,
        ["1A"] = 10,
        ["1C"] = 16,
        ["1E"] = 25,
        ["1V"] = 35,
        ["1H"] = 50,
        ["1J"] = 63,
        ["1K"] = 80,
        ["2A"] = 100,
        ["2C"] = 160,
        ["2D"] = 200,
        ["2E"] = 250,
        ["2G"] = 400,
        ["2W"] = 450,
    };

    /// <summary>Single letter for volts on surface-mount electrolytics and tantalums (EIA-535). The letter e is small on purpose.</summary>
    static readonly Dictionary<char, double> LetterVolts = new()
    {
        ['e'] = 2.5,
        ['G'] = 4,
        ['J'] = 6.3,
        ['A'] = 10,
        ['C'] = 16,
        ['D'] = 20,
        ['E'] = 25,
        ['V'] = 35,
        ['H'] = 50,
    };

    /// <summary>IEC 60062 tolerance letters as shares (minus, plus). B, C and D are picofarads and hold below 10 pF only.</summary>
    static readonly Dictionary<char, (double Minus, double Plus)> ToleranceShares = new()
    {
        ['F'] = (.01, .01),
        ['G'] = (.02, .02),
        ['J'] = (.05, .05),
        ['K'] = (.10, .10),
        ['M'] = (.20, .20),
        ['Z'] = (.20, .80),
    };

    static readonly Dictionary<char, double> TolerancePicofarads = new()
    {
        ['B'] = .1,
        ['C'] = .25,
        ['D'] = .5,
        ['F'] = 1,
        ['G'] = 2,
    };

    static readonly double[] RatedCelsius = [55, 65, 70, 85, 105, 125, 130, 135, 150];

    static string[] Tokens(string given)
    {
        var s = given.Replace('μ', 'u').Replace('µ', 'u').Replace('–', '-').Replace('−', '-').Replace('±', ' ');
        s = UnitAfterSpace().Replace(s, "$1$2");
        s = ValueThenVolts().Replace(s, "$1 $2");
        return s.Split([' ', '/', ';', '\t'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
    }

    static double Number(string s) => double.Parse(s.Replace(',', '.'), CultureInfo.InvariantCulture);

    static double Unit(string letter) =>
        char.ToLowerInvariant(letter[0]) switch
        {
            'p' => 1e-12,
            'n' => 1e-9,
            'u' => 1e-6,
            'm' => 1e-3,
            _ => 1,
        };

    [GeneratedRegex(@"(\d)\s+([pnu]F|[pnu](?=\s|$)|F(?=\s|$)|V(?:DC|AC)?(?=\s|$)|%|°C)")]
    private static partial Regex UnitAfterSpace();

    [GeneratedRegex(@"(?<=\d)([pnum]F?)(\d+(?:[.,]\d+)?V)")]
    private static partial Regex ValueThenVolts();

    [GeneratedRegex(@"^(\d{1,4}(?:[.,]\d+)?)(?:V|v|VDC|VAC|WV|V~|V-)$")]
    private static partial Regex Volts();

    [GeneratedRegex(@"^[XYxy][1-4]$")]
    private static partial Regex Safety();

    [GeneratedRegex(@"^(\d{1,2}(?:[.,]\d+)?)%$")]
    private static partial Regex Percent();

    [GeneratedRegex(@"^(\d{2,3})°?C$")]
    private static partial Regex Degrees();

    [GeneratedRegex(@"^(\d{1,7}(?:[.,]\d+)?)([pnum]F?|F)([FGJKMZ])?$")]
    private static partial Regex WithUnit();

    [GeneratedRegex(@"^(\d{0,3})([pnuRr])(\d{1,3})F?([FGJKMZ])?$")]
    private static partial Regex LetterAsPoint();

    [GeneratedRegex(@"^([012][A-Z]|[eGJACDEVH])?(\d{3})([A-Za-z])?$")]
    private static partial Regex ThreeDigits();

    [GeneratedRegex(@"^\d{1,6}(?:[.,]\d+)?$")]
    private static partial Regex PlainNumber();
}
