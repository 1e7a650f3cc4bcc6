using Haar.Core.Batteries;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public MachineCell? Cell { get; init; }
    public MachinePack? Pack { get; init; }
}
