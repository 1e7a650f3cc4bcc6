namespace Haar.Core.Planning;

/// <summary>One machine at one moment. What several rooms ask for is worked out once, by a part of this type in its own room.</summary>
public sealed partial record MachineNow(MachineFacts Facts, DateTimeOffset Now)
{
    public Intake.Machine Machine => Facts.Machine;

    /// <summary>Stages of which a person said that they need nothing more.</summary>
    public IReadOnlySet<Stage> Closed => field ??= Facts.Closings.Select(c => c.Stage).ToHashSet();

    /// <summary>A machine to be restored; not a lot that is not sorted, and not one that gives its parts.</summary>
    public bool Restored => Machine is { Lot: null, Donor: false };
}
