using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>One piece as the rebuild's order needs it.</summary>
/// <param name="Id">Any text that names it once.</param>
/// <param name="Number">Its strip-down step; also the tie-break: the last off goes on first.</param>
/// <param name="Title">"Drive cage".</param>
/// <param name="Behind">Ids of the pieces that had to be off first; they go on after it.</param>
/// <param name="Orientation">How the machine lies for it.</param>
/// <param name="Trays">Trays that its fasteners lie in.</param>
/// <param name="TestBeforeCovered">A test that is due once it is on and before anything covers it; empty for none.</param>
/// <param name="ReadyAt">It is not ready before this (drying, curing, the post); null when it is ready.</param>
/// <param name="WaitsFor">What that wait is.</param>
/// <param name="StaysOut">It does not go back.</param>
/// <param name="ExchangedFor">What goes in instead; empty for itself.</param>
/// <param name="BackIn">It is on already.</param>
/// <param name="Tested">Its test is done.</param>
/// <param name="Kind">Covers are named as such in the reasons.</param>
/// <param name="Endless">It waits, and nobody can say until when: it comes last, until somebody says that it is ready.</param>
public sealed record RebuildPiece(
    string Id,
    int Number,
    string Title,
    IReadOnlyList<string> Behind,
    [property: JsonPropertyName("lies")] Orientation Orientation = Orientation.NotKnown,
    IReadOnlyList<string>? Trays = null,
    string TestBeforeCovered = "",
    DateTimeOffset? ReadyAt = null,
    string WaitsFor = "",
    bool StaysOut = false,
    string ExchangedFor = "",
    bool BackIn = false,
    bool Tested = false,
    PieceKind Kind = PieceKind.Other,
    bool Endless = false
)
{
    /// <summary>When it is ready; the last instant of all where nobody can say, null where it is.</summary>
    [JsonIgnore]
    public DateTimeOffset? Ready => Endless ? DateTimeOffset.MaxValue : ReadyAt;
}

public enum RebuildAct
{
    PutBack = 0,
    Test,
}

/// <param name="Id">The piece.</param>
/// <param name="Title">An order: "Put back the drive cage".</param>
/// <param name="Why">Why it stands here, most telling first.</param>
/// <param name="Orientation">How the machine lies; not known when it may stay as it is.</param>
/// <param name="Turn">The machine is turned before this.</param>
/// <param name="Opens">Trays opened for it.</param>
/// <param name="WaitUntil">It has to wait until then; null where it does not wait, or nobody knows for how long.</param>
/// <param name="Waits">It has to wait.</param>
public sealed record RebuildStep(
    string Id,
    int Number,
    RebuildAct Act,
    string Title,
    IReadOnlyList<string> Why,
    [property: JsonPropertyName("lies")] Orientation Orientation,
    bool Turn,
    IReadOnlyList<string> Opens,
    DateTimeOffset? WaitUntil,
    bool Waits = false
);

/// <summary>One link of a contradiction: <paramref name="Piece"/> is said to sit behind <paramref name="InFront"/>.</summary>
/// <param name="Correct">What to look at and correct.</param>
public sealed record LoopLink(string Piece, int Number, string InFront, int InFrontNumber, string Correct);

/// <param name="Verdict">Can it be put together?</param>
/// <param name="Steps">In order; empty when the record contradicts itself.</param>
/// <param name="Turns">Times that the machine is turned.</param>
/// <param name="TrayChanges">Times that another tray is opened.</param>
/// <param name="BackwardsTurns">The same for the strip-down simply backwards, for comparison.</param>
/// <param name="BackwardsTrayChanges">The same.</param>
/// <param name="Proven">No order has fewer turns, and none with as few turns fewer tray changes.</param>
/// <param name="Loop">The shortest contradiction; empty when there is none.</param>
/// <param name="LeastTurns">No order has fewer; the same as <paramref name="Turns"/> when it is proven.</param>
/// <param name="LeastTrayChanges">No order with that many turns opens fewer trays; 0 where nothing is known.</param>
public sealed record RebuildPlan(
    Verdict Verdict,
    IReadOnlyList<RebuildStep> Steps,
    int Turns,
    int TrayChanges,
    int BackwardsTurns,
    int BackwardsTrayChanges,
    bool Proven,
    IReadOnlyList<LoopLink> Loop,
    int LeastTurns = 0,
    int LeastTrayChanges = 0
);
