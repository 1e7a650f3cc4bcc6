namespace Haar.Core.Verdicts;

/// <summary>Small joints of a sentence, so that every rule joins its words in the same way.</summary>
public static class Words
{
    /// <summary>As it stands inside a sentence: "Drive cage" becomes "drive cage", "SCSI card" and "M3" stay.</summary>
    public static string Lower(string s) =>
        s.Length > 1 && char.IsUpper(s[0]) && !char.IsUpper(s[1]) ? char.ToLowerInvariant(s[0]) + s[1..] : s;

    public static string Capital(string s) => s.Length == 0 ? s : $"{char.ToUpperInvariant(s[0])}{s[1..]}";

    /// <summary>"a", "a and b", "a, b and c".</summary>
    public static string And(IEnumerable<string> names)
    {
        var list = names.ToList();
        return list.Count switch
        {
            0 => "",
            1 => list[0],
            _ => $"{string.Join(", ", list[..^1])} and {list[^1]}",
        };
    }

    /// <summary>What somebody typed, ended with a full stop where it has no end of its own.</summary>
    public static string Sentence(string s) =>
        s.Length == 0 ? s
        : s.TrimEnd() is var t && t[^1] is '.' or '!' or '?' or '”' ? t
        : $"{t}.";
}
