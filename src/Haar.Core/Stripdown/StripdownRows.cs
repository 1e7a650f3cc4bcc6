using Haar.Core.Stripdown;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<StripStep> StripSteps { get; init; } = [];
    public IReadOnlyList<StripFastener> StripFasteners { get; init; } = [];
    public IReadOnlyList<StripConnector> StripConnectors { get; init; } = [];

    /// <summary>What was done and skipped before it was opened.</summary>
    public IReadOnlyList<BeforeAnswer> BeforeAnswers { get; init; } = [];
}

public sealed partial record MachineFacts
{
    public StripRecord Strip => new(StripSteps, StripFasteners, StripConnectors, Jobs);
}

public sealed partial record MachineNow
{
    public ReconcileResult Fasteners => field ??= Facts.Strip.Reconciled();
}
