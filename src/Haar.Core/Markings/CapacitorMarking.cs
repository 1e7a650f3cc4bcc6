using System.Globalization;
using System.Text.RegularExpressions;
using Haar.Core.Capacitors;

namespace Haar.Core.Markings;

/// <summary>One way in which a marking can be read.</summary>
/// <param name="Microfarads">Nominal capacitance, rounded to 9 significant figures.</param>
/// <param name="RatedVolts">DC volts, or AC volts for a part with a safety class; null when not printed.</param>
/// <param name="ToleranceMinusShare">How far below nominal it may be when new, as a share (0.2 is 20 %); null when not printed.</param>
/// <param name="TolerancePlusShare">How far above.</param>
/// <param name="MaxCelsius">Rated temperature, null when not printed.</param>
/// <param name="SafetyClass">X1, X2, Y1, Y2 ... or null.</param>
/// <param name="How">Which convention this reading follows.</param>
public sealed record CapacitorReading(
    double Microfarads,
    double? RatedVolts,
    double? ToleranceMinusShare,
    double? TolerancePlusShare,
    double? MaxCelsius,
    string? SafetyClass,
    string How
);

/// <summary>Every reading that the conventions allow, most usual first, and what stood in the way of one certain answer.</summary>
/// <param name="Text">As it was given.</param>
/// <param name="Readings">Empty when it cannot be read.</param>
/// <param name="Problems">What could not be read, or contradicts; whole sentences.</param>
public sealed record CapacitorMarkingResult(string Text, IReadOnlyList<CapacitorReading> Readings, IReadOnlyList<string> Problems)
{
    /// <summary>Exactly one reading and nothing left unread.</summary>
    public bool Certain => Readings.Count == 1 && Problems.Count == 0;

    /// <summary>One sentence for the person who holds the part.</summary>
    public string Sentence =>
        (Readings.Count, Problems.Count) switch
        {
            (0, 0) when CapacitorMarking.IsNotReadable(Text) =>
                "Put down without a value: it is neither called sound nor matched until one is found.",
            (0, 0) => "Nothing to read.",
            (0, _) => Problems[0],
            (1, 0) => $"{Describe(Readings[0])}: {Readings[0].How}.",
            (1, _) => $"Read as {Describe(Readings[0])}. {Problems[0]}",
            _ =>
                $"{Readings.Count} readings fit: {string.Join(" or ", Readings.Select(r => $"{Describe(r)} ({r.How})"))}. Say which kind of part it is, or measure it.",
        };

    public static string Describe(CapacitorReading r) =>
        Si.Format(r.Microfarads * 1e-6, "F")
        + (r.RatedVolts is { } v ? $" {Si.Plain(v)} V{(r.SafetyClass is null ? "" : " AC")}" : "")
        + (r.SafetyClass is { } c ? $" {c}" : "");
}

/// <summary>
/// Reads what is printed on a capacitor, strictly: what no convention covers is said and not guessed.
/// Conventions: IEC 60062 (value and tolerance letters, three-digit code in picofarads), EIA-198 and EIA-535
/// (two-character voltage codes, single letters for volts on surface-mount electrolytics and tantalums).
/// </summary>
public static partial class CapacitorMarking
{
    sealed class Draft
    {
        public List<(double Farads, double? Volts, (double, double)? Tolerance, string How)> Values { get; } = [];
        public double? Volts,
            Celsius;
        public (double Minus, double Plus)? Tolerance;
        public string? SafetyClass;
        public List<string> Problems { get; } = [];
    }

    /// <summary>What is typed where the print is worn off, under glue, or never was.</summary>
    public const string NotReadable = "not readable";

    static readonly string[] NotReadableWords = [NotReadable, "unreadable", "illegible", "no marking", "unmarked", "?"];

    /// <summary>Says that there is nothing to be read, instead of what is printed.</summary>
    public static bool IsNotReadable(string? text) => NotReadableWords.Contains((text ?? "").Trim(), StringComparer.OrdinalIgnoreCase);

    /// <summary>Reads <paramref name="text"/>; <paramref name="kind"/> settles what the print alone leaves open.</summary>
    public static CapacitorMarkingResult Read(string? text, CapacitorKind kind = CapacitorKind.Unknown)
    {
        var given = text?.Trim() ?? "";
        var draft = new Draft();
        if (given.Length > 60)
        {
            return new(given, [], ["A marking is at most 60 characters long."]);
        }

        if (given.Any(c => char.IsNumber(c) && !char.IsAsciiDigit(c)))
        {
            return new(given, [], ["It has digits of another script: type the figures as 0 to 9."]);
        }
        if (IsNotReadable(given))
        {
            return new(given, [], []);
        }
        var tokens = Tokens(given);
        foreach (var token in tokens)
        {
            Take(token, tokens, kind, draft);
        }

        return Conclude(given, kind, draft);
    }

    static void Take(string token, string[] all, CapacitorKind kind, Draft d)
    {
        Match m;
        if (token.StartsWith('-'))
        {
            d.Problems.Add($"“{token}” is negative: a capacitance or a rating never is.");
        }
        else if (EiaVolts.TryGetValue(token, out var eia))
        {
            // Before plain volts: no part is rated for 1 V, and 1V is the code for 35.
            SetVolts(d, eia, token);
        }
        else if ((m = Volts().Match(token)).Success && !IsCodeWithVolts(token))
        {
            SetVolts(d, Number(m.Groups[1].Value), token);
        }
        else if ((m = Safety().Match(token)).Success)
        {
            d.SafetyClass = token.ToUpperInvariant();
        }
        else if ((m = Percent().Match(token)).Success)
        {
            var share = Number(m.Groups[1].Value) / 100;
            SetTolerance(d, (share, share), token);
        }
        else if (
            (m = Degrees().Match(token)).Success
            && RatedCelsius.Contains(Number(m.Groups[1].Value))
            && (token.Contains('°', StringComparison.Ordinal) || all.Length > 1)
        )
        {
            d.Celsius = Number(m.Groups[1].Value);
        }
        else if (token.Length == 1 && ToleranceShares.TryGetValue(char.ToUpperInvariant(token[0]), out var tol) && all.Length > 1)
        {
            SetTolerance(d, tol, token);
        }
        else if (
            (m = WithUnit().Match(token)).Success
            && !(m.Groups[2].Value == "F" && kind != CapacitorKind.DoubleLayer && ThreeDigits().IsMatch(token))
        )
        {
            var letter = m.Groups[3].Value;
            var farads = Number(m.Groups[1].Value) * Unit(m.Groups[2].Value);
            var share = Tolerance(letter, farads);
            if (letter.Length > 0 && share is null)
            {
                d.Problems.Add($"“{letter}” in “{token}” is a tolerance below 10 pF only.");
            }
            d.Values.Add((farads, null, share, "value with its unit"));
        }
        else if ((m = LetterAsPoint().Match(token)).Success)
        {
            TakeLetterAsPoint(m, kind, d);
        }
        else if ((m = ThreeDigits().Match(token)).Success)
        {
            TakeCode(m, token, all, kind, d);
        }
        else if ((m = PlainNumber().Match(token)).Success)
        {
            TakePlain(Number(m.Groups[1].Value), all, kind, d, m.Groups[2].Value);
        }
        else
        {
            d.Problems.Add($"“{token}” is in no convention that Haar knows.");
        }
    }

    /// <summary>Three digits and a V: 106V is 10 µF 35 V, since no part is rated for 106 V; 100V is 100 volts.</summary>
    static bool IsCodeWithVolts(string token) =>
        token.Length == 4 && token[3] == 'V' && token[2] is >= '4' and <= '7' && !RatedVolts.Contains(Number(token[..3]));

    static void TakeLetterAsPoint(Match m, CapacitorKind kind, Draft d)
    {
        var value = Number($"{m.Groups[1].Value}.{m.Groups[3].Value}");
        var letter = m.Groups[2].Value;
        var suffix = m.Groups[4].Value;
        (double, double)? tolerance = Tolerance(suffix, value * (letter is "R" or "r" ? 1e-12 : Unit(letter)));
        if (suffix.Length > 0 && tolerance is null)
        {
            d.Problems.Add($"“{suffix}” in “{m.Value}” is a tolerance below 10 pF only.");
        }
        if (letter is not ("R" or "r"))
        {
            d.Values.Add(
                (value * Unit(letter), null, tolerance, $"{letter.Replace('u', 'µ')} stands where the decimal point is (IEC 60062)")
            );
            return;
        }

        if (kind.IsElectrolytic() || kind == CapacitorKind.Unknown)
        {
            d.Values.Add((value * 1e-6, null, tolerance, "R is the decimal point, microfarads on an electrolytic or tantalum"));
        }

        if (!kind.IsElectrolytic())
        {
            d.Values.Add((value * 1e-12, null, tolerance, "R is the decimal point, picofarads on a ceramic or film part"));
        }
    }

    static void TakeCode(Match m, string token, string[] all, CapacitorKind kind, Draft d)
    {
        var prefix = m.Groups[1].Value;
        var digits = m.Groups[2].Value;
        var suffix = m.Groups[3].Value;
        var significant = Number(digits[..2]);
        var power = digits[2] switch
        {
            '8' => -2,
            '9' => -1,
            var c => c - '0',
        };
        var farads = significant * Math.Pow(10, power) * 1e-12;
        const string code = "three-digit code in picofarads (IEC 60062)";
        double? volts =
            prefix.Length == 2 ? EiaVolts.GetValueOrDefault(prefix)
            : prefix.Length == 1 && LetterVolts.TryGetValue(prefix[0], out var pv) ? pv
            : null;
        if (prefix.Length > 0 && volts is null or 0)
        {
            d.Problems.Add($"“{prefix}” in “{token}” is no voltage code.");
            return;
        }

        if (suffix.Length == 0)
        {
            if (prefix.Length == 0 && (kind.IsElectrolytic() || kind == CapacitorKind.Unknown) && digits[2] == '0')
            {
                // 470 on an aluminium can is 470 µF; on a ceramic it is 47 pF. Written volts beside it belong to a can.
                var beside = all.Any(t => Volts().IsMatch(t));
                d.Values.Add((Number(digits) * 1e-6, null, null, "microfarads printed in full, as on an aluminium can"));
                if (kind == CapacitorKind.Unknown && !beside)
                {
                    d.Values.Add((farads, null, null, code));
                }
            }
            else
            {
                d.Values.Add((farads, volts, null, volts is null ? code : $"{prefix} for volts, then {code}"));
                // 221 on a surface-mount can is 220 µF as often as 221 on a ceramic is 220 pF.
                var most =
                    kind.IsAluminium() ? '3'
                    : kind == CapacitorKind.Unknown ? '1'
                    : '0';
                if (prefix.Length == 0 && digits[2] >= '1' && digits[2] <= most)
                {
                    d.Values.Add(
                        (
                            significant * Math.Pow(10, digits[2] - '0') * 1e-6,
                            null,
                            null,
                            "three-digit code in microfarads, as on some surface-mount cans"
                        )
                    );
                }
            }

            return;
        }

        var letter = suffix[0];
        var read = false;
        var surfaceMount = kind is CapacitorKind.AluminiumSurfaceMount or CapacitorKind.TantalumSurfaceMount or CapacitorKind.Polymer;
        if (
            LetterVolts.TryGetValue(letter, out var lv)
            && volts is null
            && (kind == CapacitorKind.Unknown || kind.IsElectrolytic())
            && farads >= 0.9e-7
        )
        {
            d.Values.Add((farads, lv, null, $"{code}, {letter} for volts as on surface-mount electrolytics and tantalums (EIA-535)"));
            read = true;
        }

        if (!(surfaceMount && read))
        {
            if (farads < 9.99e-12 && TolerancePicofarads.TryGetValue(letter, out var pf))
            {
                d.Values.Add((farads, volts, (pf * 1e-12 / farads, pf * 1e-12 / farads), $"{code}, {letter} for tolerance in picofarads"));
                read = true;
            }
            else if (ToleranceShares.TryGetValue(letter, out var share))
            {
                d.Values.Add((farads, volts, share, $"{code}, {letter} for tolerance (IEC 60062)"));
                read = true;
            }
        }

        if (!read)
        {
            d.Problems.Add($"“{letter}” in “{token}” is neither a tolerance nor a voltage that fits {Si.Format(farads, "F")}.");
        }
    }

    static void TakePlain(double number, string[] all, CapacitorKind kind, Draft d, string letter)
    {
        if (letter.Length > 0 && ToleranceShares.TryGetValue(letter[0], out var tolerance))
        {
            SetTolerance(d, tolerance, letter);
        }
        if (number <= 0)
        {
            d.Problems.Add("A capacitance of nothing is not a capacitor.");
            return;
        }

        var beside = all.Any(t => Volts().IsMatch(t) || EiaVolts.ContainsKey(t));
        if (number < 1 || kind.IsElectrolytic() || (kind == CapacitorKind.Unknown && beside))
        {
            d.Values.Add(
                (
                    number * 1e-6,
                    null,
                    null,
                    beside && number >= 1 ? "microfarads and volts, as on an aluminium can" : "a bare number in microfarads"
                )
            );
        }
        else if (kind == CapacitorKind.Unknown)
        {
            d.Values.Add((number * 1e-6, null, null, "a bare number in microfarads, as on an aluminium can"));
            d.Values.Add((number * 1e-12, null, null, "a bare number in picofarads, as on a ceramic"));
        }
        else
        {
            d.Values.Add((number * 1e-12, null, null, "a bare number in picofarads, as on a ceramic"));
        }
    }

    static CapacitorMarkingResult Conclude(string given, CapacitorKind kind, Draft d)
    {
        if (given.Length == 0)
        {
            return new(given, [], []);
        }

        var readings = new List<CapacitorReading>();
        foreach (var (farads, volts, tolerance, how) in d.Values)
        {
            var (least, most) = kind.PlausibleFarads();
            if (farads < least || farads > most)
            {
                continue;
            }

            if (volts is { } a && d.Volts is { } b && a != b)
            {
                if (d.Values.Count == 1)
                {
                    d.Problems.Add($"It says both {Si.Plain(a)} V and {Si.Plain(b)} V.");
                }

                continue;
            }

            var t = tolerance ?? d.Tolerance;
            readings.Add(new(Si.Tidy(farads * 1e6), volts ?? d.Volts, t?.Item1, t?.Item2, d.Celsius, d.SafetyClass, how));
        }

        if (d.Values.Count > 0 && readings.Count == 0 && d.Problems.Count == 0)
        {
            d.Problems.Add(
                $"Read as {Si.Format(d.Values[0].Farads, "F")}, which no part of this kind is made in: check the kind, or the print."
            );
        }
        else if (d.Values.Count == 0 && d.Problems.Count == 0)
        {
            d.Problems.Add("No capacitance is printed there.");
        }

        if (
            Tokens(given) is [var alone]
            && Degrees().Match(alone) is { Success: true } hot
            && RatedCelsius.Contains(Number(hot.Groups[1].Value))
        )
        {
            d.Problems.RemoveAll(p => p.Contains(alone, StringComparison.Ordinal));
            d.Problems.Add(
                readings.Count > 0
                    ? $"It may as well be the rated temperature, {hot.Groups[1].Value} °C: look for another line of print."
                    : $"“{alone}” is a rated temperature; no capacitance is printed there."
            );
        }

        // Two tokens that each give a value must agree; several readings of one token are an ambiguity instead.
        var tokensWithValue = Tokens(given)
            .Count(t =>
                !Volts().IsMatch(t)
                && (
                    WithUnit().IsMatch(t)
                    || LetterAsPoint().IsMatch(t)
                    || (ThreeDigits().IsMatch(t) && !Degrees().IsMatch(t))
                    || PlainNumber().IsMatch(t)
                )
            );
        if (tokensWithValue > 1 && readings.Select(Value).Distinct().Count() > 1)
        {
            return new(given, [], [$"It says both {string.Join(" and ", readings.Select(Value).Distinct())}: one part has one value."]);
        }

        return new(given, [.. readings.DistinctBy(r => (r.Microfarads, r.RatedVolts, r.ToleranceMinusShare))], d.Problems);
    }

    static string Value(CapacitorReading r) => Si.Format(r.Microfarads * 1e-6, "F");

    static void SetVolts(Draft d, double volts, string token)
    {
        if (d.Volts is { } before && before != volts)
        {
            d.Problems.Add($"It says both {Si.Plain(before)} V and {Si.Plain(volts)} V (“{token}”).");
        }

        if (volts <= 0)
        {
            d.Problems.Add("A rating of 0 V is not one.");
            return;
        }

        d.Volts ??= volts;
    }

    static void SetTolerance(Draft d, (double, double) tolerance, string token)
    {
        if (d.Tolerance is { } before && before != tolerance)
        {
            d.Problems.Add($"It gives two tolerances (“{token}”).");
        }

        d.Tolerance ??= tolerance;
    }
}
