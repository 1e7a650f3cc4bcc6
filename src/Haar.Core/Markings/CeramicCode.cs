using Haar.Core.Verdicts;

namespace Haar.Core.Markings;

/// <param name="Farads">Null when it is no such code.</param>
/// <param name="Maker">A letter before the code that stands for its maker; empty when there is none.</param>
public sealed record CeramicCodeResult(double? Farads, string Maker, Verdict Verdict);

/// <summary>The letter and digit on a small surface-mount ceramic: two figures by the letter, the power of ten of picofarads by the digit.</summary>
public static class CeramicCode
{
    /// <summary>Source: EIA-198, marking of ceramic chip capacitors; capital and small letters are different.</summary>
    static readonly Dictionary<char, double> Letters = new()
    {
        ['A'] = 1.0,
        ['B'] = 1.1,
        ['C'] = 1.2,
        ['D'] = 1.3,
        ['E'] = 1.5,
        ['F'] = 1.6,
        ['G'] = 1.8,
        ['H'] = 2.0,
        ['J'] = 2.2,
        ['K'] = 2.4,
        ['a'] = 2.5,
        ['L'] = 2.7,
        ['M'] = 3.0,
        ['N'] = 3.3,
        ['b'] = 3.5,
        ['P'] = 3.6,
        ['Q'] = 3.9,
        ['d'] = 4.0,
        ['R'] = 4.3,
        ['e'] = 4.5,
        ['S'] = 4.7,
        ['f'] = 5.0,
        ['T'] = 5.1,
        ['U'] = 5.6,
        ['m'] = 6.0,
        ['V'] = 6.2,
        ['W'] = 6.8,
        ['n'] = 7.0,
        ['X'] = 7.5,
        ['t'] = 8.0,
        ['Y'] = 8.2,
        ['y'] = 9.0,
        ['Z'] = 9.1,
    };

    /// <summary>The digit that stands for tenths: 9 is 10⁻¹.</summary>
    const char Tenths = '9';

    public static CeramicCodeResult Read(string code)
    {
        const string question = "What is this ceramic?";
        var text = code.Trim();
        if (
            text.Length is not (2 or 3)
            || !Letters.TryGetValue(text[^2], out var figures)
            || !char.IsAsciiDigit(text[^1])
            || !(text.Length == 2 || char.IsAsciiLetter(text[0]))
        )
        {
            return new(
                null,
                "",
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "That is no letter-and-digit code of a small ceramic.",
                        Basis.Guess,
                        new Reason("One letter and one digit, before them at most a letter of the maker.", Source: "EIA-198")
                    )
                    .Changing("The same print under a magnifier; most small ceramics carry none at all, and are measured.")
            );
        }
        var farads = Si.Tidy(figures * Math.Pow(10, text[^1] == Tenths ? -1 : text[^1] - '0') * 1e-12);
        var maker = text.Length == 3 ? text[..1] : "";
        // A and a, E and e: the same shape in two sizes, and worn print shows no size.
        var other = char.IsUpper(text[^2]) ? char.ToLowerInvariant(text[^2]) : char.ToUpperInvariant(text[^2]);
        var either = Letters.TryGetValue(other, out var also)
            ? $" If the letter is {(char.IsUpper(other) ? "a capital" : "small")}, it is {Si.Format(Si.Tidy(farads / figures * also), "F")}."
            : "";
        return new(
            farads,
            maker,
            Verdict
                .Of(
                    question,
                    Outcome.YesIf,
                    $"{Si.Format(farads, "F")}{(maker.Length > 0 ? $", {maker} for its maker" : "")}.{either}",
                    Basis.Rule,
                    new Reason(
                        $"{text[^2]} stands for {Si.Plain(figures)}, {text[^1]} for {(text[^1] == Tenths ? "a tenth" : $"10 to the power of {text[^1]}")}, in picofarads.",
                        new("Capacitance", farads, "F"),
                        "EIA-198"
                    )
                )
                .Changing("Its capacitance, measured off the board. Its rated volts are not in the code.")
        );
    }
}
