using Haar.Core.Acts;
using Haar.Core.Meters;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Web.Survey;

/// <param name="Value">In volts, volts of ripple or ohms, by <paramref name="Quantity"/>.</param>
public sealed record RailReadingAsk(string Rail, Quantity Quantity, double Value, string Source);

/// <param name="ConfirmedCautions">The person says that they are trained for what the step's cautions name.</param>
/// <param name="FailedBecause">Set when the person fails a step that has no readings, by what they saw.</param>
public sealed record ClosePowerStepAsk(PowerNotes Notes, bool ConfirmedCautions, string? FailedBecause);

public sealed record OverrulePowerStepAsk(string Reason);

public sealed record LoadAsk(string Load);

public sealed record TestInPiecesAsk(TestInPiecesFacts Test, string? OverruleReason = null);

/// <param name="Earlier">Readings that newer ones replaced, or that a danger has made say nothing.</param>
/// <param name="May">May it be taken now?</param>
/// <param name="Lapsed">It was through, and a danger was found since.</param>
public sealed record PowerStepView(
    PowerStepPlan Plan,
    PowerStep? Step,
    RailsResult? Rails,
    IReadOnlyList<Reading> Earlier,
    Permit May,
    bool Lapsed
);

/// <summary>What stands before the board is fed.</summary>
public sealed record BeforePowerRow(string Word, Permit Permit);

/// <param name="Supply">What the supply has earned by measurement.</param>
/// <param name="Observations">What the machine said, beeped and counted.</param>
/// <param name="Before">What stands before the board is fed, each with whether a person may decide otherwise.</param>
/// <param name="AnsweredOn">The screen on which its danger is answered; empty when there is none.</param>
public sealed record PowerScreen(
    IReadOnlyList<PowerStepView> Steps,
    PowerStepKind? Next,
    Verdict Verdict,
    bool SupplyInside,
    SupplyTrustResult Supply,
    IReadOnlyList<Observation> Observations,
    IReadOnlyList<BeforePowerRow> Before,
    IReadOnlyList<RailReading> Rails,
    int MachineVersion,
    string AnsweredOn,
    TestInPieces? InPieces
);
