using Haar.Core.Stripdown;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<StripStep> StripSteps { get; init; } = [];
    public IReadOnlyList<StripFastener> StripFasteners { get; init; } = [];
    public IReadOnlyList<StripConnector> StripConnectors { get; init; } = [];

    /// <summary>What was done and skipped before it was opened.</summary>
    public IReadOnlyList<BeforeAnswer> BeforeAnswers { get; init; } = [];

    /// <summary>How it opens, and how deep this time; null where nobody has said anything.</summary>
    public MachineAccess? Access { get; init; }
}

public sealed partial record MachineFacts
{
    public StripRecord Strip => new(StripSteps, StripFasteners, StripConnectors, Jobs);
}

public sealed partial record MachineNow
{
    /// <summary>What sits in front of what.</summary>
    public AccessMap Access => field ??= AccessMap.Of(Facts);

    /// <summary>Stages of which all that is left lies deeper than the machine is opened this time.</summary>
    public IReadOnlySet<Stage> Shut =>
        field ??= WorkLeft.Of(this).GroupBy(w => w.Stage).Where(g => g.All(w => w.Deeper)).Select(g => g.Key).ToHashSet();

    public ReconcileResult Fasteners => field ??= Facts.Strip.Reconciled();
}
