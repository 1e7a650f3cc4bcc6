using System.Text.RegularExpressions;

namespace Haar.Core.Survey;

/// <summary>Whether words state a load that a supply can be measured on.</summary>
public static partial class StatedLoad
{
    /// <summary>
    /// A load is a current, a power or a resistance with its unit, or a thing that draws current. "None", "idle", a dash or a word that
    /// says neither is no load: what nobody has stated is not taken for one.
    /// </summary>
    public static bool Is(string load) => !Nothing().IsMatch(load) && (Figure().IsMatch(load) || Thing().IsMatch(load));

    [GeneratedRegex(
        @"^\s*(no|none|nothing|without|un|not|idle|open|zero|0+([.,]0+)?\s*(a|ma|w|amps?|watts?)?\s*$)\b|unloaded|no load",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Nothing();

    [GeneratedRegex(
        @"([1-9]\d*([.,]\d+)?|0[.,]0*[1-9]\d*)\s*(a|ma|w|Ω|\u2126|ohms?|r|amps?|amperes?|watts?)\b|\d\s*[Ω\u2126]",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Figure();

    [GeneratedRegex(@"resistor|lamp|bulb|dummy|heater|electronic load|load box|drive|motor|fan\b", RegexOptions.IgnoreCase)]
    private static partial Regex Thing();
}
