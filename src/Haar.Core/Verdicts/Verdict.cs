using System.Text.Json.Serialization;

namespace Haar.Core.Verdicts;

/// <summary>What a judgement came to. There is no default worth having: <see cref="Unknown"/> is an answer, and is 0 so that a forgotten outcome never reads as a yes.</summary>
public enum Outcome
{
    /// <summary>Not enough is known; <see cref="Verdict.WouldChange"/> names the measurement that would settle it.</summary>
    Unknown = 0,
    Yes,

    /// <summary>Yes, on the condition that the sentence names.</summary>
    YesIf,
    No,
}

/// <summary>How well a verdict is founded, best first.</summary>
public enum Basis
{
    /// <summary>On readings taken from this very part or machine.</summary>
    Measured,

    /// <summary>On a published rule or figure, not on a reading.</summary>
    Rule,

    /// <summary>On common practice or an assumption, which the reasons name.</summary>
    Guess,
}

/// <summary>One figure that a verdict rests on, in the unit named; limits are inclusive, and null where there is none.</summary>
/// <param name="Name">What it is, in two or three words.</param>
/// <param name="Value">In <paramref name="Unit"/>; always finite.</param>
/// <param name="Unit">SI symbol without prefix, "%", "years", or empty for a bare number.</param>
/// <param name="LimitLow">Least that is sound.</param>
/// <param name="LimitHigh">Most that is sound.</param>
public sealed record Figure(string Name, double Value, string Unit, double? LimitLow = null, double? LimitHigh = null);

/// <summary>Why, in one sentence, with the figure and where its limit comes from.</summary>
/// <param name="Text">A whole sentence.</param>
/// <param name="Figure">The figure behind it, if there is one.</param>
/// <param name="Source">Standard, data sheet convention or practice that the rule is taken from.</param>
public sealed record Reason(string Text, Figure? Figure = null, string? Source = null);

/// <summary>The one shape of every answer that Haar gives.</summary>
/// <param name="Question">The question, as a person would ask it.</param>
/// <param name="Outcome">Yes, yes-if, no or unknown.</param>
/// <param name="Sentence">One whole sentence that can stand alone, read from a metre away.</param>
/// <param name="Reasons">What it rests on, most telling first.</param>
/// <param name="WouldChange">Facts or measurements that would turn it.</param>
/// <param name="Basis">Measured, rule or guess.</param>
/// <param name="Cautions">Cautions that belong to acting on it.</param>
public sealed record Verdict(
    string Question,
    Outcome Outcome,
    string Sentence,
    IReadOnlyList<Reason> Reasons,
    IReadOnlyList<string> WouldChange,
    [property: JsonPropertyName("founded")] Basis Basis,
    IReadOnlyList<Safety.CautionId> Cautions
)
{
    /// <summary>A person may decide against it, with a reason. False only where going on burns or kills.</summary>
    public bool MayBeOverruled { get; init; } = true;

    public static Verdict Of(string question, Outcome outcome, string sentence, Basis founded, params IEnumerable<Reason> reasons) =>
        new(question, outcome, sentence, [.. reasons], [], founded, []);

    public Verdict Changing(params IEnumerable<string> wouldChange) => this with { WouldChange = [.. WouldChange, .. wouldChange] };

    /// <summary>The same, and no reason stands against it.</summary>
    public Verdict Final() => this with { MayBeOverruled = false };

    public Verdict With(params IEnumerable<Safety.CautionId> cautions) => this with { Cautions = [.. Cautions, .. cautions] };
}

/// <summary>A person's own decision against a verdict. Both are kept.</summary>
public sealed class Overrule
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>What was overruled, as "room/question/subject", such as <c>batteries/data/…</c>.</summary>
    public string Key { get; init; } = "";

    /// <summary>The verdict's sentence as it stood when it was overruled.</summary>
    public string Sentence { get; init; } = "";

    /// <summary>What the verdict came to then. Unknown where it was given before this was kept: such a one holds no longer.</summary>
    public Outcome Outcome { get; init; }

    /// <summary>Fingerprint of the facts that the verdict rested on; the decision holds while they are these.</summary>
    public string Facts { get; init; } = "";
    public string Reason { get; init; } = "";

    /// <summary>Who decided; empty when nobody said.</summary>
    public string By { get; init; } = "";
    public DateTimeOffset At { get; init; }
}

/// <summary>A fact that no rule can work with. Becomes a 4xx that names the field; never a figure that looks right.</summary>
public sealed class InvalidInputException(string field, string message) : Exception(message)
{
    /// <summary>The field in camelCase, as it was sent.</summary>
    public string Field { get; } = field;

    /// <summary>Throws unless <paramref name="value"/> is a finite number within the inclusive range.</summary>
    public static double Finite(string field, double value, double least, double most, string unit)
    {
        if (!double.IsFinite(value) || value < least || value > most)
        {
            throw new InvalidInputException(
                field,
                $"{field} must be a number from {Markings.Si.Plain(least)} to {Markings.Si.Plain(most)}{(unit.Length > 0 ? $" {unit}" : "")}; {(double.IsFinite(value) ? Markings.Si.Plain(value) : "what was sent")} is not."
            );
        }

        return value;
    }

    public static double? Finite(string field, double? value, double least, double most, string unit) =>
        value is { } v ? Finite(field, v, least, most, unit) : null;
}
