using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Haar.Core.Capacitors;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Data.Exchange;

/// <summary>One row of a board's capacitor list, read.</summary>
/// <param name="Line">In the file, from 1.</param>
/// <param name="Note">What was ambiguous and how it was taken; empty when nothing was.</param>
public sealed record CapacitorRow(int Line, Capacitor Capacitor, string Note);

/// <param name="Rows">Empty when there is any problem: a list is taken whole or not at all.</param>
/// <param name="Problems">One sentence each, with its line.</param>
public sealed record CapacitorTableResult(IReadOnlyList<CapacitorRow> Rows, IReadOnlyList<string> Problems);

/// <summary>Reads and writes a board's capacitors as CSV: designator, marking, kind, role, volts, temperature, diameter, height, pitch, x, y, signs.</summary>
public static class CapacitorTable
{
    public const int MostRows = 5000;
    public const int MostBytes = 2_000_000;
    const int MostProblems = 20;

    /// <summary>Reads a list. Comma, semicolon or tab; a header line with "designator" and "marking" at least.</summary>
    public static CapacitorTableResult Read(string text, Guid machineId, Guid boardId, IReadOnlySet<string> taken, Func<Guid> newId)
    {
        var problems = new List<string>();
        var rows = new List<CapacitorRow>();
        if (text.Length > MostBytes)
        {
            return new([], [$"A board's list is at most {MostBytes / 1_000_000} MB; nothing was taken."]);
        }
        if (text.Contains('\0', StringComparison.Ordinal))
        {
            return new([], ["That is not a text file; nothing was taken."]);
        }
        if (CsvQuotes.OpenOn(text) is { } open)
        {
            return new([], [CsvQuotes.Sentence(open)]);
        }
        using var csv = new CsvReader(
            new StringReader(text),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                DetectDelimiter = true,
                DetectDelimiterValues = [",", ";", "\t"],
                TrimOptions = TrimOptions.Trim,
                MissingFieldFound = null,
                BadDataFound = null,
                PrepareHeaderForMatch = h => h.Header.Trim().TrimStart('\uFEFF').ToLowerInvariant(),
                MaxFieldSize = 400,
            }
        );
        var designators = new HashSet<string>(taken, StringComparer.OrdinalIgnoreCase);
        try
        {
            if (!csv.Read() || !csv.ReadHeader())
            {
                return new([], ["The list is empty."]);
            }
            var header = csv.HeaderRecord!.Select(h => h.Trim().TrimStart('\uFEFF').ToLowerInvariant()).ToHashSet();
            if (!header.Contains("designator") || !header.Contains("marking"))
            {
                return new(
                    [],
                    [
                        "The first line has to name the columns; “designator” and “marking” are needed, “kind”, “role”, “volts”, “celsius”, “diameter”, “height”, “pitch”, “signs”, “x” and “y” are understood.",
                    ]
                );
            }

            while (csv.Read())
            {
                if (rows.Count >= MostRows)
                {
                    return new([], [$"A board's list is at most {MostRows} rows; nothing was taken."]);
                }

                ReadRow(csv, machineId, boardId, designators, newId, rows, problems);
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
                $"Line {csv.Parser.Row}: the row cannot be read ({(e is FieldValidationException ? "a field" : "its quotes or a field")} is not as a table has it)."
            );
        }

        if (rows.Count == 0 && problems.Count == 0)
        {
            problems.Add("The list has a header and no rows.");
        }
        return new(problems.Count > 0 ? [] : rows, problems);
    }

    static void ReadRow(
        CsvReader csv,
        Guid machineId,
        Guid boardId,
        HashSet<string> designators,
        Func<Guid> newId,
        List<CapacitorRow> rows,
        List<string> problems
    )
    {
        var line = csv.Parser.RawRow;
        string Field(string name) => csv.TryGetField<string>(name, out var v) ? v?.Trim() ?? "" : "";
        var designator = Field("designator");
        if (designator.Length == 0 && Field("marking").Length == 0)
        {
            return;
        }
        if (
            csv.Parser.Record!.Any(f =>
                f.Length > 0 && (f[0] is '=' or '@' || (f[0] is '+' or '-' && f.Any(ch => ch is '(' or '|' or '!')))
            )
        )
        {
            problems.Add($"Line {line}: a field begins like a spreadsheet formula; type what is printed on the part.");
            return;
        }

        try
        {
            var kind = Enum<CapacitorKind>("kind", Field("kind"));
            var role = Enum<CapacitorRole>("role", Field("role"));
            var c = CapacitorFacts.FromMarking(
                newId(),
                machineId,
                boardId,
                designator,
                Field("marking"),
                kind,
                role,
                Number("volts", Field("volts")),
                out var note
            );
            c.Spec = c.Spec with
            {
                MaxCelsius = Number("celsius", Field("celsius")) ?? c.Spec.MaxCelsius,
                DiameterMillimetres = Number("diameter", Field("diameter")),
                HeightMillimetres = Number("height", Field("height")),
                LeadPitchMillimetres = Number("pitch", Field("pitch")),
            };
            c.X = Number("x", Field("x"));
            c.Y = Number("y", Field("y"));
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
            var h in new[] { "designator", "marking", "kind", "role", "volts", "celsius", "diameter", "height", "pitch", "x", "y", "signs" }
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
            csv.NextRecord();
        }

        csv.Flush();
        return writer.ToString();
    }

    static string Word(Enum value) => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(value.ToString());

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
