using Haar.Core.Boards;
using Haar.Core.Corrosion;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<CorrosionArea> Areas { get; init; } = [];
    public IReadOnlyList<BoardNet> Nets { get; init; } = [];
}

public sealed partial record MachineFacts
{
    public IReadOnlyList<NetAssessment> JudgedNets() => CorrosionAssessments.Nets(Nets, Areas, Boards, Readings);
}

public sealed partial record MachineNow
{
    public IReadOnlyList<NetAssessment> JudgedNets => field ??= Facts.JudgedNets();
}
