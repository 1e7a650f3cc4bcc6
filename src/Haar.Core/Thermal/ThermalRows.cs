using Haar.Core.Thermal;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<HotPart> HotParts { get; init; } = [];
}
