using Haar.Core.Colour;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    /// <summary>Cleaned items that are whitened.</summary>
    public IReadOnlyList<WhiteningRun> WhiteningRuns { get; init; } = [];
}
