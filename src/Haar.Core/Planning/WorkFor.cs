using System.Text.RegularExpressions;

namespace Haar.Core.Planning;

/// <summary>Who may do a piece of listed work.</summary>
public enum WorkFor
{
    /// <summary>Nobody has said. Where its words may mean mains or a tube, it counts as that until somebody does.</summary>
    NotSaid = 0,

    Anyone,

    /// <summary>Somebody who solders, with the iron.</summary>
    WhoSolders,

    /// <summary>Somebody trained for mains and picture tubes, as they say of themselves.</summary>
    TheTrained,
}

/// <summary>What a piece of work asks of whoever does it.</summary>
public static partial class WorkSkills
{
    /// <summary>By its own field; where nobody has said, by its words, on the careful side.</summary>
    public static IReadOnlyList<BenchSkill> Of(WorkFor said, string title, string needs) =>
        (said == WorkFor.NotSaid ? Guess(title, needs) : said) switch
        {
            WorkFor.TheTrained => [BenchSkill.Mains],
            WorkFor.WhoSolders => [BenchSkill.Soldering],
            _ => [],
        };

    /// <summary>What its words propose, to be shown and confirmed: whole words, so that no “remains” is mains.</summary>
    public static WorkFor Guess(string title, string needs)
    {
        var text = $"{title} {needs}";
        return Mains().IsMatch(text) ? WorkFor.TheTrained
            : Iron().IsMatch(text) ? WorkFor.WhoSolders
            : WorkFor.NotSaid;
    }

    [GeneratedRegex(
        @"\b(?:mains|(?:picture|cathode[- ]ray) tube|tube|crt|anode|flyback|line[- ]?output|high[- ]?(?:voltage|volts|tension)|fuse|line filter|filter capacitor|power supply|(?:inside|in) the supply|inlet|licensed|trained)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Mains();

    [GeneratedRegex(
        @"\b(?:re-?solder\w*|(?:un|de)?solder\w*|recap\w*|capacitors?|lifted pads?|jumper wires?|iron|wick)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Iron();
}
