using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Haar.Web.Meters;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Survey;

/// <param name="Value">In volts, volts of ripple or ohms, by <paramref name="Quantity"/>.</param>
public sealed record RailReadingAsk(string Rail, Quantity Quantity, double Value, string Source);

public sealed record PowerNotes(string Load, string Seen, string Heard, string Smelled, string Said);

/// <param name="ConfirmedCautions">The person says that they are trained for what the step's cautions name.</param>
/// <param name="FailedBecause">Set when the person fails a step that has no readings, by what they saw.</param>
public sealed record ClosePowerStep(PowerNotes Notes, bool ConfirmedCautions, string? FailedBecause);

public sealed record OverrulePowerStep(string Reason);

public sealed record LoadAsk(string Load);

/// <param name="Earlier">Readings that newer ones replaced.</param>
public sealed record PowerStepView(PowerStepPlan Plan, PowerStep? Step, RailsResult? Rails, IReadOnlyList<Reading> Earlier);

/// <param name="Supply">What the supply has earned by measurement.</param>
/// <param name="Observations">What the machine said, beeped and counted.</param>
public sealed record PowerScreen(
    IReadOnlyList<PowerStepView> Steps,
    PowerStepKind? Next,
    Verdict Verdict,
    bool SupplyInside,
    SupplyTrustResult Supply,
    IReadOnlyList<Observation> Observations
);
