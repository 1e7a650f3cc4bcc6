using Haar.Core.Costs;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<CostEntry> Costs { get; init; } = [];
}
