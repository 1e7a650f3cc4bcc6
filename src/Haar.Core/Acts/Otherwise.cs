using Haar.Core.Verdicts;

namespace Haar.Core.Acts;

/// <summary>What somebody did instead of a procedure's steps, or in another order, as they say it.</summary>
/// <param name="What">In their words: "exchanged by the owner for a 47 µF 25 V".</param>
/// <param name="HoursAgo">When; 0 is now.</param>
/// <param name="By">Who did it; empty for whoever is at the bench.</param>
/// <param name="CameOut">No keeps what was done, and counts nothing as done. Not known is an answer only where something that is asked for later shows it.</param>
public sealed record SaidOtherwise(string What, double HoursAgo = 0, string By = "", ThreeState CameOut = ThreeState.NotKnown)
{
    const double MostYears = 40;

    public void Check()
    {
        TextField.Check("what", What, 200, "Say in 1 to 200 characters what was done instead.");
        TextField.Check("by", By, 40);
        InvalidInputException.Finite("hoursAgo", HoursAgo, 0, MostYears * 366 * 24, "h");
    }
}

/// <summary>Kept of work that was done otherwise than by its steps.</summary>
public sealed class DoneOtherwise : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>The part, area or piece that it was done on.</summary>
    public Guid SubjectId { get; init; }

    /// <summary>Its name then: "C14".</summary>
    public string Name { get; init; } = "";
    public string What { get; init; } = "";
    public string By { get; init; } = "";
    public DateTimeOffset At { get; init; }
    public ThreeState CameOut { get; init; }

    /// <summary>What nobody can claim of it, a whole sentence.</summary>
    public string NotClaimed { get; init; } = "";

    public void Check()
    {
        TextField.Check("name", Name, 200);
        TextField.Check("what", What, 200, "Say in 1 to 200 characters what was done instead.");
        TextField.Check("by", By, 40);
        TextField.Check("notClaimed", NotClaimed, 400);
    }

    /// <summary>For the log and the write-up.</summary>
    public string Sentence =>
        $"{Words.Capital(Name)}, done otherwise: {What.TrimEnd('.')}{(By.Length > 0 ? $", by {By}" : "")}. {(CameOut == ThreeState.No ? "It did not come out: nothing counts as done." : NotClaimed)}";
}

/// <summary>
/// "I did it already, or otherwise": a procedure's steps count as done by somebody's word, and what no word can stand for (a reading, a
/// second look, a drying time) is still asked for. Never for what the closed list holds.
/// </summary>
public abstract record DoOtherwise<TFacts>(SaidOtherwise Said) : Command<TFacts>
    where TFacts : IActFacts
{
    /// <summary>What it was done on.</summary>
    protected abstract (Guid MachineId, Guid Id, string Name) About(TFacts f);

    /// <summary>What nobody can claim of it now.</summary>
    protected abstract string NotClaimed(TFacts f);

    /// <summary>Whether anything is left that a word can stand for.</summary>
    protected abstract Permit Possible(TFacts f, DateTimeOffset now);

    /// <summary>A reading or a look that is still asked for shows how it came out; where none is, the person says so.</summary>
    protected virtual bool ShownLater => true;

    /// <summary>Marks the steps; what it added or took away.</summary>
    protected abstract Done Mark(TFacts f, DateTimeOffset when, Done done);

    public sealed override Permit May(TFacts f, DateTimeOffset now)
    {
        Said.Check();
        if (Said.CameOut == ThreeState.NotKnown && !ShownLater)
        {
            throw new InvalidInputException("cameOut", "Say whether it came out: nothing that is asked for later shows it.");
        }
        return Said.CameOut == ThreeState.No ? Permit.Yes() : Possible(f, now);
    }

    protected sealed override Done Do(TFacts f, Moment at)
    {
        var (machine, id, name) = About(f);
        var row = new DoneOtherwise
        {
            Id = at.NewId(),
            MachineId = machine,
            SubjectId = id,
            Name = name,
            What = Said.What.Trim(),
            By = Said.By.Trim(),
            At = at.Now.AddHours(-Said.HoursAgo),
            CameOut = Said.CameOut,
            NotClaimed = NotClaimed(f),
        };
        var done = new Done(row.Sentence, id).Adding(row);
        return Said.CameOut == ThreeState.No ? done : Mark(f, row.At, done);
    }

    /// <summary>Work on a board that was done otherwise touched its circuit all the same.</summary>
    protected CircuitWork Touched(TFacts f, Moment at) =>
        CircuitWork.Of(About(f).MachineId, $"{About(f).Name}, done otherwise", at.Now.AddHours(-Said.HoursAgo), at.NewId);
}
