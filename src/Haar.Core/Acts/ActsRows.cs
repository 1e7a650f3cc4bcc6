using Haar.Core.Acts;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<CircuitWork> CircuitWorks { get; init; } = [];
    public IReadOnlyList<DoneOtherwise> Otherwise { get; init; } = [];
}

public sealed partial record MachineFacts
{
    /// <summary>The last work on its boards that can have left a short; null when there was none.</summary>
    public CircuitWork? LastOnCircuit => CircuitWorks.MaxBy(w => w.At);
}
