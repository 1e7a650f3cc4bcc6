namespace Haar.Core.Acts;

/// <summary>One step of a procedure, as data.</summary>
/// <param name="Step">Its word on the wire and on disk.</param>
/// <param name="Words">What the hand does, as it stands inside a sentence: "rinse it".</param>
/// <param name="DoneAt">When it was done; null when it was not.</param>
/// <param name="Applies">Whether this one has it at all, as a part without polarity has no way round; null for always.</param>
/// <param name="ClosedBy">What closes it instead of a word, as a reading does; empty when a word does.</param>
public sealed record ProcedureStep<TState, TStep>(
    TStep Step,
    string Words,
    Func<TState, DateTimeOffset?> DoneAt,
    Func<TState, bool>? Applies = null,
    string ClosedBy = ""
)
    where TStep : struct, Enum;

/// <summary>
/// Steps that are taken in one order only: fitting a part, treating an area, exchanging a cell, first power. Which one is next, and
/// what is said to another, is the same for all of them; what stands in a step's way is its command's to decide.
/// </summary>
/// <param name="finished">Said when nothing is left to do.</param>
/// <param name="steps">In their order.</param>
public sealed class Procedure<TState, TStep>(string finished, params IReadOnlyList<ProcedureStep<TState, TStep>> steps)
    where TStep : struct, Enum
{
    public IReadOnlyList<ProcedureStep<TState, TStep>> Steps { get; } = steps;

    /// <summary>Those that this one has.</summary>
    public IEnumerable<ProcedureStep<TState, TStep>> Of(TState state) => Steps.Where(s => s.Applies?.Invoke(state) ?? true);

    /// <summary>The step that the hand takes next; null when all are done.</summary>
    public TStep? Next(TState state)
    {
        foreach (var s in Of(state))
        {
            if (s.DoneAt(state) is null)
            {
                return s.Step;
            }
        }
        return null;
    }

    /// <summary>When the last step was done; null when none was.</summary>
    public DateTimeOffset? LastAt(TState state) => Of(state).Select(s => s.DoneAt(state)).Max();

    public string Words(TStep step) => Steps.First(s => EqualityComparer<TStep>.Default.Equals(s.Step, step)).Words;

    /// <summary>Is it this step's turn? Else which one's it is.</summary>
    public Permit Turn(TState state, TStep step)
    {
        var next = Next(state);
        if (next is { } n && EqualityComparer<TStep>.Default.Equals(n, step))
        {
            return Steps.First(s => EqualityComparer<TStep>.Default.Equals(s.Step, step)).ClosedBy is { Length: > 0 } by
                ? Permit.No("step", by)
                : Permit.Yes();
        }
        return Permit.No("step", next is { } other ? $"The next step here is “{Words(other)}”, not “{Words(step)}”." : finished);
    }
}
