using Haar.Core.Acts;
using Haar.Core.Meters;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Web.Survey;

/// <param name="Value">In volts, volts of ripple or ohms, by <paramref name="Quantity"/>.</param>
/// <param name="Instrument">What it was read with; left out, it is what the source names, else not known. Ripple passes by an oscilloscope alone.</param>
public sealed record RailReadingAsk(
    string Rail,
    Quantity Quantity,
    double Value,
    string Source,
    Instrument Instrument = Instrument.NotKnown
);

/// <param name="Saw">What is there now.</param>
public sealed record LookAgainAsk(string Saw);

/// <param name="ConfirmedCautions">The person says that they are trained for what the step's cautions name.</param>
/// <param name="FailedBecause">Set when the person fails a step that has no readings, by what they saw.</param>
public sealed record ClosePowerStepAsk(PowerNotes Notes, bool ConfirmedCautions, string? FailedBecause);

public sealed record OverrulePowerStepAsk(string Reason);

/// <param name="MinutesAgo">Since when it has been on it; 0 is now.</param>
public sealed record LoadAsk(string Load, double MinutesAgo = 0);

/// <param name="Word">Whose word it is, or what was seen when it ran here.</param>
public sealed record RanAsk(LastRan Ran, string Word = "");

public sealed record TestInPiecesAsk(TestInPiecesFacts Test, string? OverruleReason = null);

/// <param name="Earlier">Readings that newer ones replaced, or that a danger has made say nothing.</param>
/// <param name="May">May it be taken now?</param>
/// <param name="Lapsed">It was through, and a danger was found since, or a board was worked on.</param>
/// <param name="Since">The work on a board by which it lapsed; empty where it is another reason.</param>
public sealed record PowerStepView(
    PowerStepPlan Plan,
    PowerStep? Step,
    RailsResult? Rails,
    IReadOnlyList<Reading> Earlier,
    Permit May,
    bool Lapsed,
    string Since
);

/// <summary>One entry of the list of what must be known before it is fed.</summary>
/// <param name="Known">The fact that satisfies it; empty while it is open.</param>
/// <param name="From">The first step that waits for it.</param>
/// <param name="Screen">Where it becomes known; empty for this screen.</param>
/// <param name="Since">Since when it is known; null where that is not kept.</param>
/// <param name="Lapses">What makes it open again.</param>
public sealed record BeforePowerRow(
    string Word,
    string Title,
    Permit Permit,
    string Known,
    PowerStepKind From,
    string Screen,
    DateTimeOffset? Since,
    string Lapses
)
{
    public static BeforePowerRow Of(Core.Rooms.BeforePower b) =>
        new(b.Word, b.Title, b.Permit, b.Known, b.From, b.Screen, b.Since, b.Lapses);
}

/// <summary>A danger that was noted, whose entry is gone, and that nobody has dealt with.</summary>
public sealed record LeftBehindRow(Guid Id, string Sentence, string Why, DateTimeOffset? Since);

/// <param name="Supply">What the supply has earned by measurement.</param>
/// <param name="Observations">What the machine said, beeped and counted.</param>
/// <param name="Before">What is open of <paramref name="List"/>, each with whether a person may decide otherwise.</param>
/// <param name="List">All that must be known before it is fed, with what is.</param>
/// <param name="LeftBehind">Dangers that stand although their entry is gone: they are looked at again.</param>
/// <param name="Ritual">How it is brought to power: what was said of its last running counts while nothing has changed since.</param>
/// <param name="AnsweredOn">The screen on which its danger is answered; empty when there is none.</param>
public sealed record PowerScreen(
    IReadOnlyList<PowerStepView> Steps,
    PowerStepKind? Next,
    Verdict Verdict,
    bool SupplyInside,
    SupplyTrustResult Supply,
    IReadOnlyList<Observation> Observations,
    IReadOnlyList<BeforePowerRow> Before,
    IReadOnlyList<BeforePowerRow> List,
    IReadOnlyList<LeftBehindRow> LeftBehind,
    IReadOnlyList<RailReading> Rails,
    int MachineVersion,
    string AnsweredOn,
    PowerRitual Ritual,
    LastRan Ran,
    string RanWord,
    TestInPieces? InPieces
);
