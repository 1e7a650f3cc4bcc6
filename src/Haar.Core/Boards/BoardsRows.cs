using Haar.Core.Boards;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Board> Boards { get; init; } = [];
}
