using System.Text.Json.Serialization;

namespace Haar.Core.Planning;

public enum StageState
{
    Empty = 0,
    Begun,
    Here,
    Waiting,
    Stopped,
    Done,
}

/// <summary>One basin of a machine's tideline.</summary>
/// <param name="Level">Share of the stage's work that is done, 0 to 1.</param>
/// <param name="State">Its colour and mark.</param>
/// <param name="Waits">A word or two beneath; empty when nothing.</param>
/// <param name="WaitUntil">When a wait without hands ends.</param>
public sealed record StageProgress(Stage Stage, double Level, StageState State, string Waits, DateTimeOffset? WaitUntil);

/// <summary>Something that the hand can do now.</summary>
/// <param name="Title">An order, without the machine's name.</param>
/// <param name="Why">One sentence.</param>
/// <param name="Stage">Where it is done.</param>
/// <param name="Minutes">Hands-on, likely.</param>
/// <param name="Needs">On the bench.</param>
/// <param name="Danger">It deals with a danger.</param>
/// <param name="WantedBy">How many other pieces of work wait for it.</param>
/// <param name="Since">Since when it has been possible or known.</param>
/// <param name="Screen">Which part of the machine's screens it is done on.</param>
/// <param name="JobId">The job, when it is one.</param>
public sealed record NextAct(
    string Title,
    string Why,
    Stage Stage,
    int Minutes,
    string Needs,
    bool Danger,
    int WantedBy,
    DateTimeOffset Since,
    string Screen,
    Guid? JobId = null
)
{
    /// <summary>What stands beneath it where it is the headline, instead of what it needs.</summary>
    [JsonIgnore]
    public string? Beside { get; init; }
}

/// <summary>Where a machine stands: its tideline, its next act, and the two lines that say so. Computed, never typed.</summary>
/// <param name="Headline">Where its tide stands, in a few words.</param>
/// <param name="Detail">A second line.</param>
/// <param name="Tone">The state that the headline is coloured by.</param>
/// <param name="HandsMinutesLeft">Hands-on minutes of everything listed and not done.</param>
public sealed record MachineStatus(
    [property: JsonPropertyName("tides")] IReadOnlyList<StageProgress> Progress,
    NextAct? Next,
    IReadOnlyList<NextAct> Others,
    string Headline,
    string Detail,
    StageState Tone,
    DateTimeOffset? WaitUntil,
    int HandsMinutesLeft
)
{
    /// <summary>Until when all of this stays true if nobody does anything: a wait ends, a day comes on which something is looked at again, or a year begins.</summary>
    public DateTimeOffset? ValidUntil { get; init; }

    /// <summary>The first wait without hands that is no listed piece of work's: a bath, the light, drying paint; null for none.</summary>
    public Rooms.HandsOff? Unlisted { get; init; }
}
