using System.Globalization;
using System.Text.RegularExpressions;
using Haar.Core.Capacitors;

namespace Haar.Core.Markings;

/// <summary>The tables of codes and the shapes that a marking can have.</summary>
public static partial class CapacitorMarking
{
    /// <summary>EIA two-character rated voltage codes, volts DC.</summary>
    public static readonly IReadOnlyDictionary<string, double> EiaVolts = TwoCharacterVolts();

    /// <summary>A letter for the figure and a digit for the power of ten: 1C is 1.6 × 10¹, 2W 4.5 × 10². Figures under 2.5 V are on no part.</summary>
    static Dictionary<string, double> TwoCharacterVolts()
    {
        var figures = new Dictionary<char, double>
        {
            ['A'] = 1,
            ['B'] = 1.25,
            ['C'] = 1.6,
            ['D'] = 2,
            ['E'] = 2.5,
            ['F'] = 3.15,
            ['V'] = 3.5,
            ['G'] = 4,
            ['W'] = 4.5,
            ['H'] = 5,
            ['J'] = 6.3,
            ['K'] = 8,
            // Seen beside the standard's own: 0L, 2P, 2Q, 2Z.
            ['L'] = 5.5,
            ['P'] = 2.2,
            ['Q'] = 1.1,
            ['Z'] = 1.8,
        };
        return Enumerable
            .Range(0, 4)
            .SelectMany(power => figures.Select(f => ($"{power}{f.Key}", Si.Tidy(f.Value * Math.Pow(10, power)))))
            // 0V is a rating of nothing, which somebody typed, far sooner than 3.5 V.
            .Where(x => x.Item2 >= 2.5 && x.Item1 != "0V")
            .ToDictionary(x => x.Item1, x => x.Item2);
    }

    /// <summary>Volts that parts are rated for: a bare number beside a value is volts only where it is one of these. IEC 60384-1 and the usual series of makers.</summary>
    static readonly HashSet<double> RatedVolts =
    [
        2.5,
        4,
        5.5,
        6.3,
        10,
        12.5,
        16,
        20,
        25,
        35,
        40,
        50,
        63,
        80,
        100,
        125,
        160,
        200,
        250,
        275,
        300,
        315,
        350,
        385,
        400,
        450,
        500,
        600,
        630,
        1000,
    ];

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
        s = SmallFarad().Replace(s, "$1$2F");
        s = OldMicrofarads().Replace(s, "$1u");
        s = UnitAfterSpace().Replace(s, "$1$2");
        s = ValueThenVolts().Replace(s, "$1 $2");
        s = LetterForVolts().Replace(s, "$1.$2V");
        s = NumberThenVolts()
            .Replace(s, m => RatedVolts.Contains(Number(m.Groups[2].Value)) ? $"{m.Groups[1].Value} {m.Groups[2].Value}V" : m.Value);
        return s.Split([' ', '/', ';', '\t', '\r', '\n'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
    }

    /// <summary>A tolerance letter beside a value: picofarads below 10 pF, a share above. Null where there is none, or it fits none.</summary>
    static (double, double)? Tolerance(string letter, double farads) =>
        letter.Length == 0 ? null
        : farads < 9.99e-12 && TolerancePicofarads.TryGetValue(letter[0], out var pf) ? (pf * 1e-12 / farads, pf * 1e-12 / farads)
        : ToleranceShares.TryGetValue(letter[0], out var share) ? share
        : null;

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

    /// <summary>uf, nf and pf, as a thumb types them.</summary>
    [GeneratedRegex(@"(\d\s*)([pnu])f(?![a-z])")]
    private static partial Regex SmallFarad();

    /// <summary>MFD, MF and UF are microfarads on older parts.</summary>
    [GeneratedRegex(@"(?<![A-Za-z0-9])(\d+(?:[.,]\d+)?|[.,]\d+)\s*(?:MFD|mfd|Mfd|MF|UF)(?![a-z])")]
    private static partial Regex OldMicrofarads();

    /// <summary>A value, then a bare number at the end: "100/16", "475K 35", "47 16".</summary>
    [GeneratedRegex(
        @"^(\s*(?:\d{1,6}(?:[.,]\d+)?|[.,]\d+)(?:[pnum]F?)?[FGJKMZ]?|\s*\d{0,3}[pnuRr]\d{1,3}[FGJKMZ]?)\s*[/\s]\s*(\d{1,4}(?:[.,]\d+)?)(?=\s*$|\s+\d{2,3}\s*°C\s*$)"
    )]
    private static partial Regex NumberThenVolts();

    /// <summary>V where the point is: 6V3.</summary>
    [GeneratedRegex(@"(?<![A-Za-z0-9])(\d{1,2})V(\d)(?![A-Za-z0-9])")]
    private static partial Regex LetterForVolts();

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

    [GeneratedRegex(@"^(\d{1,7}(?:[.,]\d+)?|[.,]\d+)([pnum]F?|F)([BCDFGJKMZ])?$")]
    private static partial Regex WithUnit();

    [GeneratedRegex(@"^(\d{0,3})([pnumRr])(\d{1,3})F?([BCDFGJKMZ])?$")]
    private static partial Regex LetterAsPoint();

    [GeneratedRegex(@"^([0-3][A-Z]|[eGJACDEVH])?(\d{3})([A-Za-z])?$")]
    private static partial Regex ThreeDigits();

    [GeneratedRegex(@"^(\d{1,6}(?:[.,]\d+)?|[.,]\d+)([FGJKMZ])?$")]
    private static partial Regex PlainNumber();
}
