using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Rooms;

/// <summary>
/// What one room has to say of a machine as a whole. Whatever looks at all of a machine (its tideline, its next act, its dangers,
/// first power, the write-up, whether it may leave) asks every room this and knows none of them by name, so that a new kind of row
/// or act is told here, in its own room, and nowhere else.
/// </summary>
public abstract class Room
{
    /// <summary>What fills the basins of its stages.</summary>
    public virtual IEnumerable<Share> Progress(MachineNow m) => [];

    /// <summary>A word or two beneath a basin that is begun; null when it has none.</summary>
    public virtual string? Beneath(MachineNow m, Stage stage) => null;

    /// <summary>What goes on without hands, and until when. A wait that is over is left out by whoever asks.</summary>
    public virtual IEnumerable<HandsOff> Waits(MachineNow m) => [];

    /// <summary>A stage of its own has stopped, and nothing goes on there.</summary>
    public virtual bool Stops(MachineNow m, Stage stage) => false;

    /// <summary>What the hand can do now.</summary>
    public virtual IEnumerable<NextAct> Acts(MachineNow m) => [];

    /// <summary>All that is left to do of it, for the plan: each piece with what comes before it, what it needs, and the wait that follows.</summary>
    public virtual IEnumerable<WorkTask> Work(MachineNow m) => [];

    /// <summary>What it makes of all the work together: what lies where nobody goes this time, and what taking apart for it takes.</summary>
    public virtual IReadOnlyList<WorkTask> Shape(MachineNow m, IReadOnlyList<WorkTask> work) => work;

    /// <summary>Findings that its own rows treat, and how the keys of that work begin: one piece of work stands once, and the finding is looked at after it.</summary>
    public virtual IEnumerable<(Guid FindingId, string Keys)> Treats(MachineNow m) => [];

    /// <summary>All that is left of a stage lies where nobody goes this time, by somebody's choice.</summary>
    public virtual bool LeavesShut(MachineNow m, Stage stage) => false;

    /// <summary>Why a piece of listed work may not be done now; null where this room has nothing against it.</summary>
    public virtual Acts.Permit? Holds(MachineNow m, Job job) => null;

    /// <summary>The two lines that say where the machine stands, where this room has the last word; null where it has not.</summary>
    public virtual Headline? Headline(MachineNow m, NextAct? next) => null;

    /// <summary>When something of it comes out otherwise by itself: a wait ends, a day comes. Instants that are past are left out by whoever asks.</summary>
    public virtual IEnumerable<DateTimeOffset> Changes(MachineNow m) => [];

    /// <summary>What may not be powered, charged or left as it is.</summary>
    public virtual IEnumerable<RaisedDanger> Dangers(MachineFacts f) => [];

    /// <summary>Whether a danger of its that stood is dealt with, by the act that deals with it: not by its fact's being deleted, reworded or no longer said. Null where the danger is another room's.</summary>
    public virtual bool? DealtWith(MachineFacts f, Danger danger) => null;

    /// <summary>Kinds of rows that its dangers are raised from: all that <see cref="Dangers"/> and <see cref="DealtWith"/> may look at.</summary>
    public virtual IReadOnlyList<Type> RaisedFrom => [];

    /// <summary>What must be known of its rows before a board is fed: every entry, also those that are satisfied, so that silence is told from a yes.</summary>
    public virtual IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now) => [];

    /// <summary>When its rows say that hands were last at a board, and at what: soldered, fitted, washed.</summary>
    public virtual IEnumerable<(DateTimeOffset At, string What)> Worked(MachineFacts f) => [];

    /// <summary>A verdict of its own that a person may decide against beside the act, such as that a part comes out; null where that kind is another room's.</summary>
    /// <exception cref="InvalidInputException">There is nothing of that name.</exception>
    public virtual Disputed? Against(Acts.OverruleKind kind, string subject, MachineNow m) => null;

    /// <summary>What it has left to do when the machine is to leave.</summary>
    public virtual IEnumerable<Left> Left(MachineNow m) => [];

    /// <summary>What it adds to the sheet that leaves with the machine.</summary>
    public virtual IEnumerable<Written> WriteUp(WriteUpFacts w) => [];
}

/// <summary>One piece of a stage's work.</summary>
/// <param name="Weight">Against the other pieces; about a minute of hands each.</param>
/// <param name="Done">How much of that weight is done.</param>
public readonly record struct Share(Stage Stage, double Weight, double Done)
{
    public Share(Stage stage, double weight, bool done)
        : this(stage, weight, done ? weight : 0) { }
}

/// <summary>A wait without hands: drying, soaking, curing, the sun.</summary>
/// <param name="For">Beneath its basin: "in the sun".</param>
/// <param name="Then">What is done when it is over, as an order.</param>
/// <param name="Until">Null where nobody knows.</param>
/// <param name="Listed">It is a listed piece of work's, and told by that.</param>
public sealed record HandsOff(Stage Stage, string For, string Then, DateTimeOffset? Until, bool Listed = false);

/// <summary>Where a machine's tide stands, in two lines.</summary>
public sealed record Headline(string Text, string Detail, StageState Tone);

/// <summary>Something that is not done, seen from the door.</summary>
/// <param name="Stage">Whose work it is; a person who closes that stage says that it needs nothing more.</param>
/// <param name="Sentence">Short, for whoever decides whether the machine may leave; many of a kind are one.</param>
/// <param name="Against">Why it must not leave so; null where it may, if it is said.</param>
/// <param name="Holds">It keeps the act of handing over from being proposed.</param>
public sealed record Left(Stage Stage, string Sentence, Verdict? Against = null, bool Holds = true)
{
    /// <summary>The same for the write-up, each by itself.</summary>
    public IReadOnlyList<string> Lines { get; init; } = [];

    /// <summary>How many open things of the machine this counts as.</summary>
    public int Count { get; init; }

    public static readonly string Question = "May it be handed over?";

    public static Left No(Stage stage, string sentence, string why, string change, Basis basis = Basis.Measured) =>
        new(stage, sentence, Verdict.Of(Question, Outcome.No, sentence, basis, new Reason(why)).Changing(change));
}

/// <param name="Permit">Refuses, where there is something to decide against.</param>
/// <param name="Words">What such a decision comes to, after "it": "stays in".</param>
public sealed record Disputed(Acts.Permit Permit, string Words);

/// <summary>
/// One entry of the list of what must be known before power. It is satisfied by a fact that is known now, and by nothing else: a permit
/// that is granted. What no room answers is open.
/// </summary>
/// <param name="Word">Names it in an overrule: wet, residue, traces, cell, exchange, apart.</param>
/// <param name="Title">What must be known, in a few words: "Dry where it was cleaned".</param>
/// <param name="Known">The fact that satisfies it; empty while it is open.</param>
public sealed record BeforePower(string Word, string Title, Acts.Permit Permit, string Known = "")
{
    public const string Question = "May it be powered?";

    /// <summary>The first step that waits for it; steps before that feed nothing of it.</summary>
    public Survey.PowerStepKind From { get; init; } = Survey.PowerStepKind.BareBoard;

    /// <summary>The screen on which it becomes known; empty for first power's own.</summary>
    public string Screen { get; init; } = "";

    /// <summary>Since when it is known; null where that is not kept.</summary>
    public DateTimeOffset? Since { get; init; }

    /// <summary>What makes it open again.</summary>
    public string Lapses { get; init; } = "";

    /// <summary>By a verdict that a person may decide against on these facts, where it is not final.</summary>
    public static BeforePower By(MachineFacts f, string word, string title, Verdict v, params object?[] facts) =>
        new(
            word,
            title,
            Acts.Permit.By(
                v,
                "kind",
                new(Acts.OverruleKind.BeforePower, f.Machine.Id, word, Acts.Overrulable.Fingerprint(facts)),
                f.Overrules
            )
        );

    /// <summary>It is known, by this fact.</summary>
    public static BeforePower Is(string word, string title, string known) => new(word, title, Acts.Permit.Yes(Question), known);

    /// <summary>Nobody has said. A person may decide to go on without knowing, with a reason, while the facts are these.</summary>
    public static BeforePower Open(
        MachineFacts f,
        string word,
        string title,
        string sentence,
        string why,
        string change,
        params object?[] facts
    ) => By(f, word, title, Verdict.Of(Question, Outcome.Unknown, sentence, Basis.Guess, new Reason(why)).Changing(change), facts);
}

/// <summary>The sections of a write-up, in their order.</summary>
public enum WriteUpPart
{
    AsItCame = 0,
    Found,
    Done,
    Replaced,
    Eaten,
    Measured,
    FirstPower,
    Said,
    Apart,
    Overruled,

    /// <summary>A few words for the one sentence on top: "12 capacitors exchanged".</summary>
    Summary,
}

/// <param name="Line">A whole sentence.</param>
public readonly record struct Written(WriteUpPart Part, string Line);

/// <param name="Parts">What each drawer part is, by its id.</param>
public sealed record WriteUpFacts(MachineNow Now, string Currency, IReadOnlyDictionary<Guid, Capacitors.CapacitorSpec> Parts)
{
    public MachineFacts Facts => Now.Facts;
}
