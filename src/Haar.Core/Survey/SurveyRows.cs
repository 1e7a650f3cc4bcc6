using Haar.Core.Meters;
using Haar.Core.Safety;
using Haar.Core.Survey;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Finding> Findings { get; init; } = [];
    public IReadOnlyList<ChecklistAnswer> Answers { get; init; } = [];
    public IReadOnlyList<PowerStep> PowerSteps { get; init; } = [];
    public IReadOnlyList<Observation> Observations { get; init; } = [];
    public IReadOnlyList<TestInPieces> TestsInPieces { get; init; } = [];
}

public sealed partial record MachineFacts
{
    /// <summary>From when on what was measured before power counts: after the last danger that nobody has decided against. The least instant when there was none.</summary>
    public DateTimeOffset CountsFrom =>
        Dangers
            .Where(d => !(d.Kind == DangerKind.Finding && OverruledFindings.Contains(d.Subject)))
            .Select(d => d.Since)
            .DefaultIfEmpty(DateTimeOffset.MinValue)
            .Max();

    /// <summary>From when on what was measured in this step counts: shorts are measured again after work on a board, too.</summary>
    DateTimeOffset CountsFromIn(PowerStepKind kind) =>
        kind == PowerStepKind.Shorts && LastOnCircuit is { At: var worked } && worked > CountsFrom ? worked : CountsFrom;

    /// <summary>It was through, and a danger has been found since, or a board was worked on that it measured.</summary>
    public bool Lapsed(PowerStep s) => s.Through && (s.At ?? DateTimeOffset.MinValue) < CountsFromIn(s.Kind);

    /// <summary>Readings of a step that count.</summary>
    public IEnumerable<Reading> ReadingsOf(PowerStep step) =>
        CountsFromIn(step.Kind) is var from ? Readings.Where(r => r.SubjectId == step.Id && !r.Voided && r.At >= from) : [];

    /// <summary>What its supply has earned, from the readings of the step in which it stood alone that count.</summary>
    public SupplyTrustResult SupplyTrust()
    {
        var step = PowerSteps.FirstOrDefault(s => s.Kind == PowerStepKind.SupplyLoaded && !Lapsed(s));
        return Survey.SupplyTrust.Of(Machine, step, step is null ? [] : ReadingsOf(step));
    }

    /// <summary>The last readings of its supply alone, or its step, say that it is bad.</summary>
    public bool SupplyReadBad() =>
        PowerSteps.FirstOrDefault(s => s.Kind == PowerStepKind.SupplyLoaded) is { } step
        && (
            step.State == PowerStepState.Failed
            || PowerAct.Judge(Machine, PowerStepKind.SupplyLoaded, ReadingsOf(step))?.Verdict.Outcome == Verdicts.Outcome.No
        );

    /// <summary>Findings that a person lets stop power no longer, on what they were found to be.</summary>
    public IReadOnlySet<Guid> OverruledFindings =>
        Findings.Where(x => FindingRules.StopsPower(x, Overrules).OverruledBecause is not null).Select(x => x.Id).ToHashSet();
}

public sealed partial record MachineNow
{
    public PowerSession Session => field ??= PowerSession.Of(Facts, Now);
}
