using Haar.Core.Photos;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Photo> Photos { get; init; } = [];
}
