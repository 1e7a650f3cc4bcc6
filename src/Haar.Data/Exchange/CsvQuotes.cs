namespace Haar.Data.Exchange;

/// <summary>A table here has one row a line: no field runs over the end of one.</summary>
static class CsvQuotes
{
    /// <summary>The first line on which a quote is opened and not closed; null where there is none. Such a quote swallows the rows that follow it.</summary>
    public static int? OpenOn(string text)
    {
        var line = 1;
        var odd = false;
        foreach (var c in text)
        {
            if (c == '\n')
            {
                if (odd)
                {
                    return line;
                }
                line++;
            }
            else if (c == '"')
            {
                odd = !odd;
            }
        }
        return odd ? line : null;
    }

    public static string Sentence(int line) => $"Line {line}: a quote is opened and never closed. Nothing was taken.";
}
