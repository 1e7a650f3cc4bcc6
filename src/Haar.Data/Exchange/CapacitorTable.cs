using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Data.Exchange;

/// <summary>One row of a board's capacitor list, read.</summary>
/// <param name="Line">In the file, from 1.</param>
/// <param name="Note">What was ambiguous and how it was taken; empty when nothing was.</param>
public sealed record CapacitorTableRow(int Line, Capacitor Capacitor, string Note);

/// <param name="Rows">Empty when there is any problem: a list is taken whole or not at all.</param>
/// <param name="Problems">One sentence each, with its line.</param>
public sealed record CapacitorTableResult(IReadOnlyList<CapacitorTableRow> Rows, IReadOnlyList<string> Problems);

/// <summary>Reads and writes a board's capacitors as CSV: designator, marking, kind, role, volts, temperature, diameter, height, pitch, x, y, signs.</summary>
public static class CapacitorTable
{
    public const int MostRows = 5000;
    public const int MostBytes = 2_000_000;
    const int MostProblems = 20;

    /// <summary>Columns by the words that people put over them.</summary>
    static readonly Dictionary<string, string[]> Columns = new()
    {
        ["designator"] = ["designator", "ref", "refdes", "ref des", "reference", "references", "part", "name", "place", "position", "c"],
        ["marking"] = ["marking", "value", "print", "printed", "code", "capacitance", "cap", "µf", "uf", "marked", "val"],
        ["kind"] = ["kind", "type", "sort", "family"],
        ["role"] = ["role", "what it does there", "what it does", "use", "function"],
        ["volts"] = ["volts", "voltage", "v", "rating", "rated volts", "rated voltage"],
        ["celsius"] = ["celsius", "rated °c", "°c", "temperature", "temp", "temp."],
        ["diameter"] = ["diameter", "diameter, mm", "d", "ø", "dia"],
        ["height"] = ["height", "height, mm", "h"],
        ["pitch"] = ["pitch", "pitch, mm", "lead pitch", "spacing", "lead spacing"],
        ["signs"] = ["signs", "it", "looks"],
        ["x"] = ["x"],
        ["y"] = ["y"],
        ["side"] = ["side", "layer"],
    };

    /// <summary>Kinds in the words of the screens and of the trade.</summary>
    static readonly Dictionary<string, CapacitorKind> KindWords = new(StringComparer.OrdinalIgnoreCase)
    {
        ["not known"] = CapacitorKind.Unknown,
        ["radial electrolytic"] = CapacitorKind.AluminiumRadial,
        ["radial"] = CapacitorKind.AluminiumRadial,
        ["electrolytic"] = CapacitorKind.AluminiumRadial,
        ["axial electrolytic"] = CapacitorKind.AluminiumAxial,
        ["axial"] = CapacitorKind.AluminiumAxial,
        ["surface-mount electrolytic"] = CapacitorKind.AluminiumSurfaceMount,
        ["smd electrolytic"] = CapacitorKind.AluminiumSurfaceMount,
        ["smd"] = CapacitorKind.AluminiumSurfaceMount,
        ["low-esr electrolytic"] = CapacitorKind.AluminiumLowEsr,
        ["low-esr"] = CapacitorKind.AluminiumLowEsr,
        ["low esr"] = CapacitorKind.AluminiumLowEsr,
        ["tantalum bead"] = CapacitorKind.TantalumBead,
        ["tantalum"] = CapacitorKind.TantalumBead,
        ["surface-mount tantalum"] = CapacitorKind.TantalumSurfaceMount,
        ["smd tantalum"] = CapacitorKind.TantalumSurfaceMount,
        ["mains filter, moulded paper"] = CapacitorKind.MainsFilterPaper,
        ["mains filter, film"] = CapacitorKind.MainsFilterFilm,
        ["double-layer backup"] = CapacitorKind.DoubleLayer,
    };

    /// <summary>The same of what a part does there.</summary>
    static readonly Dictionary<string, CapacitorRole> RoleWords = new(StringComparer.OrdinalIgnoreCase)
    {
        ["not known"] = CapacitorRole.Unknown,
        ["output of a switching supply"] = CapacitorRole.SwitchingOutput,
        ["coupling (sound, signal)"] = CapacitorRole.Coupling,
        ["output of a linear regulator"] = CapacitorRole.RegulatorOutput,
    };

    static readonly Dictionary<string, Side> SideWords = new(StringComparer.OrdinalIgnoreCase)
    {
        ["top"] = Side.Front,
        ["bottom"] = Side.Back,
    };

    /// <summary>Which field of a row is which column.</summary>
    sealed record Layout(IReadOnlyDictionary<string, int> At)
    {
        public string Field(string[] row, string name) => At.TryGetValue(name, out var i) && i < row.Length ? row[i].Trim() : "";
    }

    /// <summary>
    /// Reads a list: comma, semicolon or tab between fields, or spaces alone. With a line of names above it, which may be any of the usual ones,
    /// or without: then the designator comes first, and what follows is told apart by how it looks.
    /// </summary>
    public static CapacitorTableResult Read(string text, Guid machineId, Guid boardId, IReadOnlySet<string> taken, Func<Guid> newId)
    {
        var problems = new List<string>();
        var rows = new List<CapacitorTableRow>();
        if (text.Length > MostBytes)
        {
            return new([], [$"A board's list is at most {MostBytes / 1_000_000} MB; nothing was taken."]);
        }
        if (text.Contains('\0', StringComparison.Ordinal))
        {
            return new([], ["That is not a text file; nothing was taken."]);
        }
        if (string.IsNullOrWhiteSpace(text))
        {
            return new([], ["The list is empty."]);
        }
        if (CsvQuotes.OpenOn(text) is { } open)
        {
            return new([], [CsvQuotes.Sentence(open)]);
        }
        // "C1 47 16V", one a line: what a thumb types.
        var spaced = !text.AsSpan().ContainsAny(',', ';', '\t');
        using var csv = new CsvParser(
            new StringReader(text),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                DetectDelimiter = !spaced,
                Delimiter = spaced ? "\t" : ",",
                DetectDelimiterValues = [",", ";", "\t"],
                TrimOptions = TrimOptions.Trim,
                BadDataFound = null,
                IgnoreBlankLines = true,
                MaxFieldSize = 400,
            }
        );
        var designators = new HashSet<string>(taken, StringComparer.OrdinalIgnoreCase);
        Layout? layout = null;
        var first = true;
        try
        {
            while (csv.Read())
            {
                var row = csv.Record!;
                if (first)
                {
                    first = false;
                    layout = Header(row);
                    if (layout is not null)
                    {
                        continue;
                    }
                    if (!LooksLikeDesignator(Split(row, spaced)[0]))
                    {
                        return new(
                            [],
                            [
                                "Each line begins with a designator, such as “C1 47 16V”; or the first line names the columns: “designator” and “marking” are needed, “kind”, “role”, “volts”, “celsius”, “diameter”, “height”, “pitch”, “signs”, “x” and “y” are understood.",
                            ]
                        );
                    }
                }
                if (rows.Count >= MostRows)
                {
                    return new([], [$"A board's list is at most {MostRows} rows; nothing was taken."]);
                }

                ReadRow(
                    csv.RawRow,
                    layout is null ? Tell(Split(row, spaced)) : n => layout.Field(row, n),
                    row,
                    machineId,
                    boardId,
                    designators,
                    newId,
                    rows,
                    problems
                );
                if (problems.Count >= MostProblems)
                {
                    problems.Add("There may be more; these come first.");
                    break;
                }
            }
        }
        catch (CsvHelperException e)
        {
            problems.Add(
                $"Line {csv.RawRow}: the row cannot be read ({(e is FieldValidationException ? "a field" : "its quotes or a field")} is not as a table has it)."
            );
        }

        if (rows.Count == 0 && problems.Count == 0)
        {
            problems.Add("The list has a header and no rows.");
        }
        return new(problems.Count > 0 ? [] : rows, problems);
    }

    /// <summary>Null where the row names no columns: it is a part then.</summary>
    static Layout? Header(string[] row)
    {
        var names = row.Select(h => h.Trim().TrimStart('\uFEFF').ToLowerInvariant().Replace('μ', 'µ')).ToList();
        var at = new Dictionary<string, int>();
        foreach (var (column, words) in Columns)
        {
            var i = names.FindIndex(n => words.Contains(n));
            if (i >= 0)
            {
                at[column] = i;
            }
        }
        return at.ContainsKey("designator") && at.ContainsKey("marking") ? new(at) : null;
    }

    /// <summary>The fields of a row. Between spaces alone: the designator, what is printed, and the words at the end that name a kind.</summary>
    static string[] Split(string[] row, bool spaced)
    {
        if (!spaced || row[0].Split([' ', '\u00a0'], StringSplitOptions.RemoveEmptyEntries) is not { Length: > 1 } words)
        {
            return row;
        }
        for (var i = 1; i < words.Length; i++)
        {
            var end = string.Join(' ', words[i..]);
            if (!char.IsAsciiDigit(end[0]) && IsWord(end, KindWords))
            {
                return [words[0], string.Join(' ', words[1..i]), end];
            }
        }
        return [words[0], string.Join(' ', words[1..])];
    }

    static bool LooksLikeDesignator(string s) =>
        s.Length is > 1 and <= 12 && char.IsAsciiLetter(s[0]) && char.IsAsciiDigit(s[^1]) && s.All(char.IsAsciiLetterOrDigit);

    /// <summary>Tells the fields of a row without names apart by how they look.</summary>
    static Func<string, string> Tell(string[] row)
    {
        var told = new Dictionary<string, string> { ["designator"] = row[0].Trim() };
        var marking = new List<string>();
        foreach (var field in row.Skip(1).Select(f => f.Trim()).Where(f => f.Length > 0))
        {
            if (!told.ContainsKey("kind") && !char.IsAsciiDigit(field[0]) && IsWord<CapacitorKind>(field, KindWords))
            {
                told["kind"] = field;
            }
            else if (!told.ContainsKey("role") && !char.IsAsciiDigit(field[0]) && IsWord<CapacitorRole>(field, RoleWords))
            {
                told["role"] = field;
            }
            else
            {
                marking.Add(field);
            }
        }
        // What is left belongs to the print: value, volts, tolerance, temperature.
        told["marking"] = string.Join(" ", marking);
        return name => told.GetValueOrDefault(name, "");
    }

    static bool IsWord<T>(string text, Dictionary<string, T> words)
        where T : struct, Enum =>
        words.ContainsKey(text)
        || System.Enum.TryParse<T>(text.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal), true, out _);

    static void ReadRow(
        int line,
        Func<string, string> Field,
        string[] record,
        Guid machineId,
        Guid boardId,
        HashSet<string> designators,
        Func<Guid> newId,
        List<CapacitorTableRow> rows,
        List<string> problems
    )
    {
        var designator = Field("designator");
        if (designator.Length == 0 && Field("marking").Length == 0)
        {
            return;
        }
        if (record.Any(f => f.Length > 0 && (f[0] is '=' or '@' || (f[0] is '+' or '-' && f.Any(ch => ch is '(' or '|' or '!')))))
        {
            problems.Add($"Line {line}: a field begins like a spreadsheet formula; type what is printed on the part.");
            return;
        }

        try
        {
            var kind = Word("kind", Field("kind"), KindWords);
            var role = Word("role", Field("role"), RoleWords);
            var c = CapacitorFacts.FromMarking(
                newId(),
                machineId,
                boardId,
                designator,
                Field("marking"),
                kind,
                role,
                Number("volts", Bare(Field("volts"), "V")),
                out var note
            );
            c.Spec = c.Spec with
            {
                MaxCelsius = Number("celsius", Bare(Field("celsius"), "°C")) ?? c.Spec.MaxCelsius,
                DiameterMillimetres = Number("diameter", Bare(Field("diameter"), "mm")),
                HeightMillimetres = Number("height", Bare(Field("height"), "mm")),
                LeadPitchMillimetres = Number("pitch", Bare(Field("pitch"), "mm")),
            };
            c.X = Number("x", Field("x"));
            c.Y = Number("y", Field("y"));
            c.Side = Word("side", Field("side"), SideWords);
            c.Signs =
            [
                .. Field("signs")
                    .Split(['+', ' ', '|'], StringSplitOptions.RemoveEmptyEntries)
                    .Select(s => Enum<CapacitorSign>("signs", s)),
            ];
            CapacitorFacts.Check(c);
            if (!designators.Add(designator))
            {
                throw new InvalidInputException("designator", $"{designator} is on this board already.");
            }
            rows.Add(new(line, c, note));
        }
        catch (InvalidInputException e)
        {
            problems.Add($"Line {line}{(designator.Length is > 0 and < 12 ? $" ({designator})" : "")}: {e.Message}");
        }
    }

    /// <summary>Writes a list that <see cref="Read"/> takes; fields that a spreadsheet would run are escaped.</summary>
    public static string Write(IEnumerable<Capacitor> capacitors)
    {
        using var writer = new StringWriter { NewLine = "\r\n" };
        using var csv = new CsvWriter(
            writer,
            new CsvConfiguration(CultureInfo.InvariantCulture) { InjectionOptions = InjectionOptions.Escape }
        );
        foreach (
            var h in new[]
            {
                "designator",
                "marking",
                "kind",
                "role",
                "volts",
                "celsius",
                "diameter",
                "height",
                "pitch",
                "x",
                "y",
                "signs",
                "side",
            }
        )
        {
            csv.WriteField(h);
        }
        csv.NextRecord();
        foreach (var c in capacitors)
        {
            csv.WriteField(c.Designator);
            csv.WriteField(c.Marking);
            csv.WriteField(Word(c.Spec.Kind));
            csv.WriteField(Word(c.Role));
            foreach (
                var n in new[]
                {
                    c.Spec.RatedVolts,
                    c.Spec.MaxCelsius,
                    c.Spec.DiameterMillimetres,
                    c.Spec.HeightMillimetres,
                    c.Spec.LeadPitchMillimetres,
                    c.X,
                    c.Y,
                }
            )
            {
                csv.WriteField(n?.ToString(CultureInfo.InvariantCulture) ?? "");
            }
            csv.WriteField(string.Join("|", c.Signs.Select(s => Word(s))));
            csv.WriteField(Word(c.Side));
            csv.NextRecord();
        }

        csv.Flush();
        return writer.ToString();
    }

    static string Word(Enum value) => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(value.ToString());

    /// <summary>In the words of the screens, or by the name of the interface.</summary>
    static T Word<T>(string field, string text, Dictionary<string, T> words)
        where T : struct, Enum => words.TryGetValue(text, out var v) ? v : Enum<T>(field, text);

    /// <summary>"16V" and "16 V" are 16.</summary>
    static string Bare(string text, string unit) =>
        text.EndsWith(unit, StringComparison.OrdinalIgnoreCase) ? text[..^unit.Length].TrimEnd() : text;

    internal static T Enum<T>(string field, string text)
        where T : struct, Enum
    {
        var plain = text.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal);
        return plain.Length == 0 ? default
            : !char.IsDigit(plain[0]) && System.Enum.TryParse<T>(plain, true, out var v) ? v
            : throw new InvalidInputException(
                field,
                $"“{Shown(text)}” is no {field}: one of {string.Join(", ", System.Enum.GetValues<T>().Select(e => Word(e)))}."
            );
    }

    /// <summary>A decimal comma is taken when it can mean nothing else.</summary>
    internal static double? Number(string field, string text) =>
        text.Length == 0 ? null
        : double.TryParse(
            text.Count(ch => ch == ',') == 1 && !text.Contains('.', StringComparison.Ordinal) ? text.Replace(',', '.') : text,
            NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingSign,
            CultureInfo.InvariantCulture,
            out var v
        ) && double.IsFinite(v)
            ? v
        : throw new InvalidInputException(field, $"“{Shown(text)}” is no number.");

    static string Shown(string s) => new([.. s.Where(ch => !char.IsControl(ch)).Take(24)]);
}
