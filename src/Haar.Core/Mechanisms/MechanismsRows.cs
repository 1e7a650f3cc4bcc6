using Haar.Core.Mechanisms;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    /// <summary>Drives, printers, fans, hinges and latches that are serviced.</summary>
    public IReadOnlyList<Mechanism> Mechanisms { get; init; } = [];
}
