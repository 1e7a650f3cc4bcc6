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

/// <param name="Rows">Empty when there is any problem and nobody said that such lines are left out.</param>
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
        ["designator"] =
        [
            .. "designator|designators|ref|refs|refdes|ref des|ref.|reference|references|reference designator|part|parts|name|place|places|position|location|c".Split(
                '|'
            ),
            .. "bauteil|bauteile|bezeichner|bezeichnung|referenz|repère|repere|référence|emplacement|referencia|posición|posicion|riferimento|sigla|posizione|onderdeel|referentie|beteckning".Split(
                '|'
            ),
        ],
        ["marking"] =
        [
            .. "marking|value|print|printed|code|capacitance|cap|µf|uf|marked|val|capacity".Split('|'),
            .. "wert|kapazität|kapazitaet|aufdruck|valeur|capacité|capacite|marquage|valor|capacidad|valore|capacità|capacita|waarde|capaciteit|värde".Split(
                '|'
            ),
        ],
        ["unit"] = ["unit", "units", "einheit", "unité", "unite", "unidad", "unità", "eenheid"],
        ["size"] =
        [
            "size",
            "size, mm",
            "dimensions",
            "dims",
            "d x h",
            "dxh",
            "ø x h",
            "d×h",
            "maße",
            "größe",
            "taille",
            "tamaño",
            "dimensioni",
            "maat",
        ],
        ["kind"] = ["kind", "type", "sort", "family", "art", "typ", "bauart", "tipo", "soort", "technology"],
        ["role"] = ["role", "what it does there", "what it does", "use", "function"],
        ["volts"] =
        [
            .. "volts|voltage|v|rating|rated volts|rated voltage|volt|wv|vdc".Split('|'),
            .. "spannung|nennspannung|tension|tensión|voltaje|tensione|spanning|spänning".Split('|'),
        ],
        ["celsius"] =
        [
            "celsius",
            "rated °c",
            "°c",
            "temperature",
            "temp",
            "temp.",
            "temperatur",
            "température",
            "temperatura",
            "temperatuur",
        ],
        ["diameter"] = ["diameter", "diameter, mm", "d", "ø", "dia", "durchmesser", "diamètre", "diametre", "diámetro", "diametro"],
        ["height"] = ["height", "height, mm", "h", "höhe", "hoehe", "hauteur", "altura", "alto", "altezza", "hoogte", "length", "l"],
        ["pitch"] = ["pitch", "pitch, mm", "lead pitch", "spacing", "lead spacing", "rastermaß", "raster", "pas", "paso", "passo", "steek"],
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
        ["np"] = CapacitorKind.AluminiumBipolar,
        ["bp"] = CapacitorKind.AluminiumBipolar,
        ["n.p."] = CapacitorKind.AluminiumBipolar,
        ["bipolar"] = CapacitorKind.AluminiumBipolar,
        ["bipolar electrolytic"] = CapacitorKind.AluminiumBipolar,
        ["bipolar electrolytic (np, bp)"] = CapacitorKind.AluminiumBipolar,
        ["non-polar"] = CapacitorKind.AluminiumBipolar,
        ["nonpolar"] = CapacitorKind.AluminiumBipolar,
        ["non-polarised"] = CapacitorKind.AluminiumBipolar,
        ["non-polarized"] = CapacitorKind.AluminiumBipolar,
        ["electrolytic radial"] = CapacitorKind.AluminiumRadial,
        ["electrolytic axial"] = CapacitorKind.AluminiumAxial,
        ["electrolytic smd"] = CapacitorKind.AluminiumSurfaceMount,
        ["elko"] = CapacitorKind.AluminiumRadial,
        ["elco"] = CapacitorKind.AluminiumRadial,
        ["electro"] = CapacitorKind.AluminiumRadial,
        ["alu"] = CapacitorKind.AluminiumRadial,
        ["aluminium"] = CapacitorKind.AluminiumRadial,
        ["aluminum"] = CapacitorKind.AluminiumRadial,
        ["aluminium electrolytic"] = CapacitorKind.AluminiumRadial,
        ["aluminum electrolytic"] = CapacitorKind.AluminiumRadial,
        ["electrolytique"] = CapacitorKind.AluminiumRadial,
        ["électrolytique"] = CapacitorKind.AluminiumRadial,
        ["chimique"] = CapacitorKind.AluminiumRadial,
        ["electrolítico"] = CapacitorKind.AluminiumRadial,
        ["elettrolitico"] = CapacitorKind.AluminiumRadial,
        ["smt"] = CapacitorKind.AluminiumSurfaceMount,
        ["tant"] = CapacitorKind.TantalumBead,
        ["tantal"] = CapacitorKind.TantalumBead,
        ["tantale"] = CapacitorKind.TantalumBead,
        ["tantalio"] = CapacitorKind.TantalumBead,
        ["keramik"] = CapacitorKind.Ceramic,
        ["cer"] = CapacitorKind.Ceramic,
        ["cerámico"] = CapacitorKind.Ceramic,
        ["céramique"] = CapacitorKind.Ceramic,
        ["mlcc"] = CapacitorKind.Ceramic,
        ["folie"] = CapacitorKind.Film,
        ["polyester"] = CapacitorKind.Film,
        ["supercap"] = CapacitorKind.DoubleLayer,
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
    /// Reads a list: a table whose first line names its columns, in any of the usual words and languages, after a title or none; or lines as
    /// people write them, each with the places it means (see <see cref="CapacitorLines"/>).
    /// </summary>
    /// <param name="leaveOut">Lines that cannot be read are left out and the rest is taken; otherwise nothing is.</param>
    public static CapacitorTableResult Read(
        string text,
        Guid machineId,
        Guid boardId,
        IReadOnlySet<string> taken,
        Func<Guid> newId,
        bool leaveOut = false
    )
    {
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
        var list = new List(machineId, boardId, new HashSet<string>(taken, StringComparer.OrdinalIgnoreCase), newId);
        var lines = CsvQuotes.Rows(text).ToList();
        var header = -1;
        for (var i = 0; i < lines.Count && header < 0; i++)
        {
            if (i >= MostAbove || lines[i].Text.Count(char.IsAsciiDigit) > 3)
            {
                break;
            }
            header = lines[i].Text.Trim().Length > 0 && Header(Cells(lines[i].Text)) is not null ? i : -1;
        }
        if (header >= 0)
        {
            ReadTable(lines, header, list);
        }
        else
        {
            ReadLines(lines, list);
        }
        if (list.Rows.Count > MostRows)
        {
            return new([], [$"A board's list is at most {MostRows} rows; nothing was taken."]);
        }
        if (list.Rows.Count == 0 && list.Problems.Count == 0)
        {
            list.Problems.Add("The list has a header and no rows.");
        }
        List<string> problems =
            list.Problems.Count > MostProblems
                ? [.. list.Problems.Take(MostProblems), "There may be more; these come first."]
                : list.Problems;
        return new(problems.Count > 0 && !leaveOut ? [] : list.Rows, problems);
    }

    /// <summary>Lines above a table: its title, the board, a date. A house figure.</summary>
    const int MostAbove = 6;

    /// <summary>What has been read of a list so far.</summary>
    sealed record List(Guid MachineId, Guid BoardId, HashSet<string> Designators, Func<Guid> NewId)
    {
        public List<CapacitorTableRow> Rows { get; } = [];
        public List<string> Problems { get; } = [];
    }

    /// <summary>The cells of a line of names, whatever parts them.</summary>
    static string[] Cells(string line) => [.. line.Trim().Trim('|').Split(Delimiter(line)).Select(c => c.Trim().Trim('"').Trim())];

    static char Delimiter(string line) =>
        new[] { '\t', ';', '|', ',' }.OrderByDescending(d => line.Count(c => c == d)).First() is var d && line.Contains(d) ? d : '\t';

    static void ReadTable(List<(int Line, string Text)> lines, int header, List list)
    {
        var layout = Header(Cells(lines[header].Text))!;
        var delimiter = Delimiter(lines[header].Text);
        foreach (var (line, text) in lines.Skip(header + 1))
        {
            if (CapacitorLines.Nothing(text))
            {
                continue;
            }
            using var csv = new CsvParser(
                new StringReader(delimiter == '|' ? text.Trim().Trim('|') : text),
                new CsvConfiguration(CultureInfo.InvariantCulture)
                {
                    Delimiter = delimiter.ToString(),
                    TrimOptions = TrimOptions.Trim,
                    BadDataFound = null,
                    MaxFieldSize = 400,
                }
            );
            try
            {
                if (csv.Read())
                {
                    var row = csv.Record!;
                    ReadRow(line, n => layout.Field(row, n), row, list);
                }
            }
            catch (CsvHelperException)
            {
                list.Problems.Add($"Line {line}: the row cannot be read (a field is not as a table has it).");
            }
        }
    }

    static void ReadLines(List<(int Line, string Text)> lines, List list)
    {
        CapacitorLine? group = null;
        foreach (var (line, text) in lines)
        {
            if (CapacitorLines.Nothing(text) || list.Rows.Count > MostRows)
            {
                continue;
            }
            if (Formula(text.Split([',', ';', '\t'])))
            {
                list.Problems.Add($"Line {line}: a field begins like a spreadsheet formula; type what is printed on the part.");
                continue;
            }
            // A line of names between spaces alone: what follows is read by how it looks.
            if (
                list.Rows.Count == 0
                && list.Problems.Count == 0
                && Header(text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)) is not null
            )
            {
                continue;
            }
            var read = CapacitorLines.Read(text, w => IsWord(w, KindWords), w => IsWord(w, RoleWords));
            if (read.Places.Count == 0)
            {
                if (text.TrimEnd().EndsWith(':') && read.Marking.Any(char.IsAsciiDigit))
                {
                    group = read;
                }
                else if (
                    !CapacitorLines.Heading(text)
                    || list.Rows.Count > 0 && !text.TrimEnd().EndsWith(':')
                    // Names of columns, and none that is known.
                    || Cells(text).Count(c => c.Length > 0) > 1
                )
                {
                    list.Problems.Add(
                        $"Line {line}: it names no place. Each line begins with a designator, such as “C1 47 16V”, or names its places behind the value; or the first line names the columns: “designator” and “marking” are needed, “kind”, “role”, “volts”, “celsius”, “diameter”, “height”, “pitch”, “signs”, “x” and “y” are understood."
                    );
                }
                else
                {
                    group = null;
                }
                continue;
            }
            if (read.Marking.Length == 0 && group is { } g)
            {
                read = read with
                {
                    Marking = g.Marking,
                    Kind = read.Kind.Length > 0 ? read.Kind : g.Kind,
                    Role = read.Role.Length > 0 ? read.Role : g.Role,
                    DiameterMillimetres = read.DiameterMillimetres ?? g.DiameterMillimetres,
                    HeightMillimetres = read.HeightMillimetres ?? g.HeightMillimetres,
                    PitchMillimetres = read.PitchMillimetres ?? g.PitchMillimetres,
                };
            }
            foreach (var place in read.Places)
            {
                Add(
                    line,
                    place,
                    list,
                    () =>
                    {
                        var c = CapacitorFacts.FromMarking(
                            list.NewId(),
                            list.MachineId,
                            list.BoardId,
                            place,
                            read.Marking,
                            Word("kind", read.Kind, KindWords),
                            Word("role", read.Role, RoleWords),
                            null,
                            out var note
                        );
                        c.Spec = c.Spec with
                        {
                            DiameterMillimetres = read.DiameterMillimetres,
                            HeightMillimetres = read.HeightMillimetres,
                            LeadPitchMillimetres = read.PitchMillimetres,
                        };
                        return (c, string.Join(' ', new[] { note, read.Note }.Where(n => n.Length > 0)));
                    }
                );
            }
        }
    }

    static void Add(int line, string designator, List list, Func<(Capacitor Capacitor, string Note)> make)
    {
        try
        {
            var (c, note) = make();
            CapacitorFacts.Check(c);
            if (!list.Designators.Add(designator))
            {
                throw new InvalidInputException("designator", $"{designator} is on this board already.");
            }
            list.Rows.Add(new(line, c, note));
        }
        catch (InvalidInputException e)
        {
            list.Problems.Add($"Line {line}{(designator.Length is > 0 and < 12 ? $" ({designator})" : "")}: {e.Message}");
        }
    }

    static bool Formula(string[] fields) =>
        fields
            .Select(f => f.Trim())
            .Any(f =>
                f.Length > 1
                && (
                    f[0] is '=' or '@' && char.IsLetter(f[1])
                    || f[0] is '=' or '@' or '+' or '-' && f.Any(ch => ch is '(' or '!' or '|') && f[1] != ' '
                )
            );

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

    static bool IsWord<T>(string text, Dictionary<string, T> words)
        where T : struct, Enum =>
        words.ContainsKey(text)
        || System.Enum.TryParse<T>(text.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal), true, out _);

    static void ReadRow(int line, Func<string, string> Field, string[] record, List list)
    {
        var cell = Field("designator");
        var printed = string.Join(' ', new[] { Field("marking"), Field("unit") }.Where(f => f.Length > 0));
        if (cell.Length == 0 && printed.Length == 0)
        {
            return;
        }
        if (record.Any(f => f.Length > 0 && (f[0] is '=' or '@' || (f[0] is '+' or '-' && f.Any(ch => ch is '(' or '|' or '!')))))
        {
            list.Problems.Add($"Line {line}: a field begins like a spreadsheet formula; type what is printed on the part.");
            return;
        }
        // What a table says in its own columns counts; NP in the kind or beside the value is a bipolar part.
        var read = CapacitorLines.Read(printed, w => IsWord(w, KindWords), w => IsWord(w, RoleWords));
        foreach (var designator in CapacitorLines.Places(cell) ?? [cell])
        {
            Add(
                line,
                designator,
                list,
                () =>
                {
                    var c = CapacitorFacts.FromMarking(
                        list.NewId(),
                        list.MachineId,
                        list.BoardId,
                        designator,
                        read.Places.Count == 0 ? read.Marking : printed,
                        Word("kind", Field("kind").Length > 0 ? Field("kind") : read.Kind, KindWords),
                        Word("role", Field("role"), RoleWords),
                        Number("volts", Bare(Field("volts"), "V")),
                        out var note
                    );
                    c.Spec = c.Spec with
                    {
                        MaxCelsius = Number("celsius", Bare(Bare(Field("celsius"), "C"), "°")) ?? c.Spec.MaxCelsius,
                        DiameterMillimetres = Number("diameter", Bare(Field("diameter"), "mm")) ?? read.DiameterMillimetres,
                        HeightMillimetres = Number("height", Bare(Field("height"), "mm")) ?? read.HeightMillimetres,
                        LeadPitchMillimetres = Number("pitch", Bare(Field("pitch"), "mm")) ?? read.PitchMillimetres,
                    };
                    if (
                        CapacitorLines.Read($"{designator} 1u {Field("size")}", _ => false, _ => false) is
                        { DiameterMillimetres: { } across } size
                    )
                    {
                        c.Spec = c.Spec with { DiameterMillimetres = across, HeightMillimetres = size.HeightMillimetres };
                    }
                    c.X = Number("x", Field("x"));
                    c.Y = Number("y", Field("y"));
                    c.Side = Word("side", Field("side"), SideWords);
                    c.Signs =
                    [
                        .. Field("signs")
                            .Split(['+', ' ', '|'], StringSplitOptions.RemoveEmptyEntries)
                            .Select(s => Enum<CapacitorSign>("signs", s)),
                    ];
                    return (c, note);
                }
            );
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
