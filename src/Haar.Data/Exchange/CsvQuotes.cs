namespace Haar.Data.Exchange;

/// <summary>Quotes of a table: a field in quotes may run over the end of a line; one that is never closed swallows the rows after it.</summary>
static class CsvQuotes
{
    /// <summary>Lines that one field in quotes may run over. A house figure: cells of a parts list have a few.</summary>
    const int MostLines = 12;

    /// <summary>The line on which a quote is opened and not closed within <see cref="MostLines"/>; null where there is none.</summary>
    public static int? OpenOn(string text)
    {
        foreach (var (line, _, open) in Walk(text))
        {
            if (open)
            {
                return line;
            }
        }
        return null;
    }

    /// <summary>The rows of a text, each with the line it begins on; a line end within quotes is a space.</summary>
    public static IEnumerable<(int Line, string Text)> Rows(string text) => Walk(text).Select(w => (w.Line, w.Text));

    /// <summary>A quote opens a field only at its beginning: an inch mark behind a figure is none.</summary>
    static IEnumerable<(int Line, string Text, bool Open)> Walk(string text)
    {
        var row = new System.Text.StringBuilder();
        var (line, began) = (1, 1);
        var quoted = false;
        var start = true;
        for (var i = 0; i < text.Length; i++)
        {
            var c = text[i];
            if (quoted)
            {
                if (c == '"' && i + 1 < text.Length && text[i + 1] == '"')
                {
                    row.Append("\"\"");
                    i++;
                    continue;
                }
                quoted = c != '"';
                // What closes a field that runs over a line is followed by the next one: otherwise another row's quote closes it.
                if (
                    !quoted
                    && line > began
                    && text[(i + 1)..].TrimStart(' ') is { Length: > 0 } rest
                    && rest[0] is not (',' or ';' or '\t' or '\r' or '\n' or '|')
                )
                {
                    quoted = true;
                    break;
                }
                if (c == '\n')
                {
                    line++;
                    if (line - began > MostLines)
                    {
                        break;
                    }
                }
                row.Append(c is '\n' or '\r' ? ' ' : c);
                continue;
            }
            if (c == '"' && start)
            {
                quoted = true;
                start = false;
            }
            else if (c == '\n')
            {
                yield return (began, row.ToString().TrimEnd('\r'), false);
                row.Clear();
                began = ++line;
                start = true;
                continue;
            }
            else
            {
                start = c is ',' or ';' or '\t' || start && (char.IsWhiteSpace(c) || c == '\uFEFF');
            }
            row.Append(c);
        }
        if (row.Length > 0 || quoted)
        {
            yield return (began, row.ToString().TrimEnd('\r'), quoted);
        }
    }

    public static string Sentence(int line) => $"Line {line}: a quote is opened and never closed. Nothing was taken.";
}
