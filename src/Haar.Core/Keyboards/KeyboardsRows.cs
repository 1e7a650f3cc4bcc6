using Haar.Core.Keyboards;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Keyboard> Keyboards { get; init; } = [];
}
