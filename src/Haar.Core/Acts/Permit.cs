using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Acts;

/// <summary>Whether an act may be done, from the facts as they are. Shown before it, and answered by it.</summary>
/// <param name="Verdict">Yes or yes-if where it may be done without more.</param>
/// <param name="Field">What of the request the refusal is about, as it was sent.</param>
public sealed record Permit(Verdict Verdict, [property: JsonIgnore] string Field)
{
    /// <summary>The decision that a person may take against it; null where nobody may.</summary>
    [JsonIgnore]
    public Overrulable? Overrulable { get; init; }

    /// <summary>Why somebody has done so already, on these very facts; null when nobody has.</summary>
    public string? OverruledBecause { get; init; }

    /// <summary>Somebody overruled it once, and the facts are others since: it counts no longer.</summary>
    public bool OverruleLapsed { get; init; }

    public bool Granted => Verdict.Outcome is Outcome.Yes or Outcome.YesIf || OverruledBecause is not null;

    /// <summary>A reason would do.</summary>
    public bool MayBeOverruled => !Granted && Overrulable is not null;

    /// <summary>It may be done.</summary>
    public static Permit Yes(string question = "May it be done now?") => new(Verdict.Of(question, Outcome.Yes, "Yes.", Basis.Rule), "");

    /// <summary>It is not its turn, or not there: nothing that a reason could change.</summary>
    public static Permit No(string field, string sentence, string question = "May it be done now?") =>
        new(Verdict.Of(question, Outcome.No, sentence, Basis.Rule).Final(), field);

    /// <summary>By a verdict. Where it refuses, a person may decide against it unless it is one of the closed list.</summary>
    public static Permit By(Verdict verdict, string field, Overrulable what, IEnumerable<Overrule> overrules)
    {
        if (verdict.Outcome is Outcome.Yes or Outcome.YesIf || !verdict.MayBeOverruled)
        {
            return new(verdict, field);
        }
        var given = overrules.Where(o => o.Key == what.Key).OrderBy(o => o.Id).ToList();
        var holds = given.LastOrDefault(o => what.HeldBy(o, verdict.Outcome));
        return new(verdict, field)
        {
            Overrulable = what,
            OverruledBecause = holds?.Reason,
            OverruleLapsed = holds is null && given.Count > 0,
        };
    }
}

/// <summary>An act that the core refuses; carries the same verdict as the screen that proposes it.</summary>
public sealed class RefusedException(Permit permit) : Exception(permit.Verdict.Sentence)
{
    public Permit Permit { get; } = permit;
}
