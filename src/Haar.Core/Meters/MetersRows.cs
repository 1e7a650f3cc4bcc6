using Haar.Core.Meters;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Reading> Readings { get; init; } = [];
}
