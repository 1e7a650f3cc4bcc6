using System.Globalization;
using System.Text.RegularExpressions;
using Haar.Core.Capacitors;

namespace Haar.Data.Exchange;

/// <summary>One line of a list, with the places it names and what it says of them.</summary>
/// <param name="Places">Designators; one part for each. Empty where the line names none.</param>
/// <param name="Marking">What is left for the reader of markings.</param>
/// <param name="Note">What was left out or does not add up; empty for nothing.</param>
sealed record CapacitorLine(
    IReadOnlyList<string> Places,
    string Marking,
    string Kind,
    string Role,
    double? DiameterMillimetres,
    double? HeightMillimetres,
    double? PitchMillimetres,
    string Note
);

/// <summary>
/// Reads one line as people write it: "C1: 47uF 16V", "C1-C3 47/16 8x11,5", "3x 47µF @ 16V: C1, C2, C7", "| C1 | 47u |", "- C4 = 10u (NP)".
/// A comma between figures is a decimal one where nothing else can be meant.
/// </summary>
static partial class CapacitorLines
{
    /// <summary>Most places that one range may name: a slip of the finger names no thousand parts.</summary>
    const int MostOfRange = 200;

    /// <summary>Words that carry nothing.</summary>
    static readonly HashSet<string> Idle = new(StringComparer.OrdinalIgnoreCase)
    {
        "cap",
        "caps",
        "capacitor",
        "capacitors",
        "pcs",
        "pc",
        "each",
        "value",
        "at",
        "for",
        "and",
        "und",
        "et",
        "y",
        "e",
        "ca",
        "approx",
        "qty",
        "stk",
        "stück",
    };

    /// <summary>True of a line that holds no part: empty, a remark, a rule of a table, a heading.</summary>
    public static bool Nothing(string line)
    {
        var s = line.Trim().TrimStart('\uFEFF').Trim();
        return s.Length == 0 || s[0] is '#' || s.StartsWith("//", StringComparison.Ordinal) || TableRule().IsMatch(s);
    }

    /// <summary>A heading: words, and no figure that could be a value.</summary>
    public static bool Heading(string line) =>
        !line.Any(char.IsAsciiDigit) && line.Any(char.IsLetter)
        || line.TrimEnd().EndsWith(':') && !Place().IsMatch(line) && !ValueLike().IsMatch(line);

    /// <summary>The designators that a cell or the head of a line names, ranges written out; null where something else stands there.</summary>
    public static IReadOnlyList<string>? Places(string text)
    {
        var places = new List<string>();
        var rest = Take(text, true, places);
        return rest.Trim(' ', ',', ';', '/', '&', '+', '(', ')').Length == 0 && places.Count > 0 ? places : null;
    }

    /// <param name="isKind">Whether a phrase names a kind; of several, the longest is taken.</param>
    /// <param name="isRole">The same of what it does there.</param>
    public static CapacitorLine Read(string line, Func<string, bool> isKind, Func<string, bool> isRole)
    {
        var s = line.TrimStart('\uFEFF').Replace('\u00a0', ' ').Replace("\"", "", StringComparison.Ordinal);
        s = Trailing().Replace(s, "");
        s = Bullet().Replace(s, "");
        s = s.Replace('|', ' ').Replace("**", "", StringComparison.Ordinal).Replace("`", "", StringComparison.Ordinal);
        s = DecimalComma().Replace(s, "$1.$2");
        var notes = new List<string>();
        var places = new List<string>();
        // At the head any designator counts; further on only those that begin as a capacitor's does, since 1C106 and the like are print.
        s = Take(s, true, places);
        s = Take(s, false, places);
        // Remarks in brackets, once the places in them are taken; NP in brackets is a kind.
        s = Brackets().Replace(s, m => Bipolar().IsMatch(m.Value) ? " NP " : Remark(m.Value, notes));
        double? across = null,
            high = null,
            pitch = null;
        s = Pitch().Replace(s, m => Set(ref pitch, m.Groups[1].Value));
        s = Lengths().Replace(s, m => Set(ref across, m.Groups[1].Value) + Set(ref high, m.Groups[2].Value));
        s = Size()
            .Replace(
                s,
                m =>
                {
                    var (d, h) = (Figure(m.Groups[1].Value), Figure(m.Groups[2].Value));
                    if (d is < 2 or > 100 || h is < 2 or > 150)
                    {
                        return m.Value;
                    }
                    (across, high) = (d, h);
                    return " ";
                }
            );
        var count = (int?)null;
        s = Count()
            .Replace(
                s,
                m =>
                {
                    count ??= int.Parse(m.Groups[1].Value + m.Groups[2].Value + m.Groups[3].Value, CultureInfo.InvariantCulture);
                    return " ";
                }
            );
        if (count is { } said && places.Count > 0 && said != places.Count)
        {
            notes.Add($"{said} are said and {places.Count} named.");
        }
        s = AtVolts().Replace(s, " $1");
        var words = s.Split([' ', ',', ';', '\t', '=', '→', '@'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Select(Bare)
            .Where(w => w.Length > 0 && !Idle.Contains(w))
            .ToList();
        var (kind, role) = ("", "");
        var marking = new List<string>();
        for (var i = 0; i < words.Count; i++)
        {
            var taken = false;
            for (var n = Math.Min(5, words.Count - i); n >= 1 && !taken; n--)
            {
                var phrase = string.Join(' ', words.Skip(i).Take(n));
                if (char.IsAsciiDigit(phrase[0]))
                {
                    continue;
                }
                if (kind.Length == 0 && isKind(phrase))
                {
                    (kind, taken) = (phrase, true);
                }
                else if (role.Length == 0 && isRole(phrase))
                {
                    (role, taken) = (phrase, true);
                }
                if (taken)
                {
                    i += n - 1;
                }
            }
            if (!taken)
            {
                marking.Add(words[i]);
            }
        }
        return new(places, string.Join(' ', marking), kind, role, across, high, pitch, string.Join(' ', notes));
    }

    /// <summary>Without the signs round it; a minus before a figure stays, since a value that is negative is to be said.</summary>
    static string Bare(string word)
    {
        var w = word.Trim(':', '–', '.', '(', ')', '[', ']').TrimEnd('-');
        return w.StartsWith('-') && !(w.Length > 1 && (char.IsAsciiDigit(w[1]) || w[1] is '.' or ',')) ? w.TrimStart('-') : w;
    }

    static string Remark(string text, List<string> notes)
    {
        var inner = text.Trim('(', ')', '[', ']', ' ', ',');
        if (inner.Length > 0)
        {
            notes.Add($"Left out: “{(inner.Length > 40 ? $"{inner[..40]}…" : inner)}”.");
        }
        return " ";
    }

    static string Set(ref double? field, string text)
    {
        field = Figure(text) ?? field;
        return " ";
    }

    static double? Figure(string text) =>
        double.TryParse(text.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var v) ? v : null;

    /// <summary>Takes designators out of <paramref name="s"/>: those at its head, or all that begin as a capacitor's does.</summary>
    static string Take(string s, bool head, List<string> places)
    {
        var regex = head ? Head() : Place();
        var kept = "";
        while (regex.Match(s) is { Success: true } m)
        {
            var (letters, first) = (m.Groups["letters"].Value, m.Groups["number"].Value);
            // X2 after C1 is its class, and J107 its print.
            if (head && kept.Length > 0 && !letters.Equals(kept, StringComparison.OrdinalIgnoreCase))
            {
                return s;
            }
            kept = letters;
            if (m.Groups["to"].Success)
            {
                var (from, to) = (
                    int.Parse(first, CultureInfo.InvariantCulture),
                    int.Parse(m.Groups["to"].Value, CultureInfo.InvariantCulture)
                );
                if (to < from || to - from >= MostOfRange)
                {
                    return s;
                }
                places.AddRange(Enumerable.Range(from, to - from + 1).Select(n => $"{letters}{n}"));
            }
            else
            {
                places.Add($"{letters}{first}{m.Groups["suffix"].Value}");
                places.AddRange(m.Groups["more"].Captures.Select(c => $"{letters}{c.Value.Trim('/', ' ')}"));
            }
            s = $"{s[..m.Index]} {s[(m.Index + m.Length)..]}";
        }
        return s;
    }

    /// <summary>C1-C3, C1 to C3, C1..3; between spaces a dash before a bare figure parts a place from its value.</summary>
    const string Range =
        @"(?:\s*(?:-|–|\.\.+|…|\bto\b|\bbis\b|\bthrough\b|\bà\b)\s*\k<letters>(?<to>\d{1,4})(?![\w.])|(?:-|–|\.\.+|…)(?<to>\d{1,4})(?![\w.]))";

    [GeneratedRegex(
        @"^[\s,;/&+]*(?<letters>[A-Za-z]{1,4})(?<number>\d{1,4})(?:"
            + Range
            + @"|(?<suffix>[A-Za-z]?)(?<more>/\d{1,4}(?![\w.]))*)(?=$|[\s,;:/&+=|()→-])(?:\s*[:=→]|-(?=\d))?",
        RegexOptions.CultureInvariant
    )]
    private static partial Regex Head();

    [GeneratedRegex(
        @"(?<![\w.])(?<letters>C|EC|CE|TC|CT|CP|PC|CX|CY|CC|BC|VC)(?<number>\d{1,4})(?:"
            + Range
            + @"|(?<suffix>[A-Za-z]?)(?<more>/\d{1,4}(?![\w.]))*)(?![\w.])",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Place();

    [GeneratedRegex(@"^[\s|:-]*-[\s|:-]*$|^[=_*~-]{3,}$")]
    private static partial Regex TableRule();

    [GeneratedRegex(@"\d+\s*(?:[pnuµμm]F?\b|V\b)")]
    private static partial Regex ValueLike();

    [GeneratedRegex(@"\s(?://|#|--).*$")]
    private static partial Regex Trailing();

    [GeneratedRegex(@"^\s*(?:[-*•·–]\s+|\[[ xX]\]\s*|\d{1,3}[.)]\s+(?=[A-Za-z]))+")]
    private static partial Regex Bullet();

    [GeneratedRegex(
        @"(?<=^|[\s;x×øØ(|])(\d{1,4}),(\d{1,3})(?=\s*(?:[uµμnp]F?\b|mm\b|mf\b|mfd\b|[x×]|$|\s(?!\d+\s*V)|[;|)]))",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex DecimalComma();

    [GeneratedRegex(@"\([^()]*\)|\[[^\[\]]*\]")]
    private static partial Regex Brackets();

    [GeneratedRegex(@"\b(?:NP|BP|bipolar|non-?polar(?:ised|ized)?|unpolari[sz]ed)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Bipolar();

    [GeneratedRegex(@"(?<![\w.])(?:pitch|LS|RM|P)\s*[:=]?\s*(\d{1,2}(?:[.,]\d+)?)\s*(?:mm\b)?(?![\w.])", RegexOptions.IgnoreCase)]
    private static partial Regex Pitch();

    [GeneratedRegex(
        @"(?<![\w.])[DØø]\s*[:=]?\s*(\d{1,3}(?:[.,]\d+)?)\s*(?:mm)?\s*,?\s*[HL]\s*[:=]?\s*(\d{1,3}(?:[.,]\d+)?)\s*(?:mm\b)?",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Lengths();

    [GeneratedRegex(@"(?<![\w.])[DØø]?\s?(\d{1,3}(?:[.,]\d+)?)\s?(?:mm)?\s?[x×*]\s?[HL]?(\d{1,3}(?:[.,]\d+)?)\s*(?:mm\b)?(?![\w.])")]
    private static partial Regex Size();

    [GeneratedRegex(
        @"(?<![\w.])(?:(\d{1,3})\s?[x×](?=\s|\d)|[x×]\s?(\d{1,3})(?![\w.])|(?<=\s|^)(\d{1,3})\s?(?:pcs|pc|off|stk|stück)\b)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Count();

    [GeneratedRegex(@"\s*@\s*(\d)")]
    private static partial Regex AtVolts();
}
