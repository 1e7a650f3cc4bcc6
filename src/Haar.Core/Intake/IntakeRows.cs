using Haar.Core.Intake;
using Haar.Core.Photos;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<FoundItem> Items { get; init; } = [];
    public IReadOnlyList<LotBox> Boxes { get; init; } = [];
}
