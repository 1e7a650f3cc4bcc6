using Haar.Core.Proving;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Proof> Proofs { get; init; } = [];
}
