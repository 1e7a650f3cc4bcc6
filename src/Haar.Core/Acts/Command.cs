using Haar.Core.Verdicts;

namespace Haar.Core.Acts;

/// <summary>When an act is done, by whom, and where the ids of what it makes come from.</summary>
/// <param name="Today">At the bench, in the workshop's own time zone.</param>
/// <param name="NewId">Ids rise with time.</param>
/// <param name="By">Who is at the bench; empty when nobody said.</param>
public sealed record Moment(DateTimeOffset Now, DateOnly Today, Func<Guid> NewId, string By = "");

/// <summary>Facts that an act is decided on; what a person has decided against a verdict is one of them.</summary>
public interface IActFacts
{
    IReadOnlyList<Overrule> Overrules { get; }
}

/// <summary>What an act came to: <see cref="Done"/>, or <see cref="Refused"/> with the verdict that a screen shows before.</summary>
public abstract record Decision;

/// <summary>The act is done: what it changed is in the rows that it was decided on, what it made and took away is here.</summary>
/// <param name="Sentence">For the log; whole, and in the trade's words.</param>
/// <param name="Subject">The row that it was about.</param>
public sealed record Done(string Sentence, Guid? Subject = null) : Decision
{
    public IReadOnlyList<object> Added { get; init; } = [];
    public IReadOnlyList<object> Removed { get; init; } = [];

    public Done Adding(params IEnumerable<object> rows) => this with { Added = [.. Added, .. rows] };

    public Done Removing(params IEnumerable<object> rows) => this with { Removed = [.. Removed, .. rows] };
}

/// <summary>The act is not done, and nothing is changed.</summary>
public sealed record Refused(Permit Permit) : Decision;

/// <summary>
/// An act of one room, as it was asked for. The screen asks <see cref="May"/> to say what comes next, and the act asks it again:
/// one decision, from the facts as they are at that moment, whatever they were when the screen was drawn.
/// </summary>
public abstract record Command<TFacts>
    where TFacts : IActFacts
{
    /// <summary>May it be done now? Changes nothing.</summary>
    /// <exception cref="InvalidInputException">What was asked cannot be read.</exception>
    public abstract Permit May(TFacts facts, DateTimeOffset now);

    /// <summary>Does it, on rows that may be changed. Never called where <see cref="May"/> refuses and nobody overruled.</summary>
    protected abstract Done Do(TFacts facts, Moment at);

    /// <summary>What it does to a circuit: something soldered, fitted, taken out or wetted on a board. Null where it touches none.</summary>
    protected virtual CircuitWork? OnTheCircuit(TFacts facts, Moment at) => null;

    Done DoIt(TFacts facts, Moment at)
    {
        var touched = OnTheCircuit(facts, at);
        var done = Do(facts, at);
        return touched is null ? done : done.Adding(touched);
    }

    /// <param name="reason">Why a person does it against the verdict; counts only where this kind of refusal allows it.</param>
    /// <exception cref="InvalidInputException">What was asked cannot be read, or the reason is none.</exception>
    public Decision Decide(TFacts facts, Moment at, string? reason = null)
    {
        var permit = May(facts, at.Now);
        if (permit.Granted)
        {
            return DoIt(facts, at);
        }
        if (permit.Overrulable is not { } what || string.IsNullOrWhiteSpace(reason))
        {
            return new Refused(permit);
        }
        // Refused by its reason too, before anything is changed.
        var against = what.Against(permit.Verdict, reason, at);
        return DoIt(facts, at).Adding(against);
    }
}
