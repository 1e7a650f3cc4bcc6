using Haar.Core.Safety;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    /// <summary>Dangers that stand or stood.</summary>
    public IReadOnlyList<Danger> Dangers { get; init; } = [];
}
