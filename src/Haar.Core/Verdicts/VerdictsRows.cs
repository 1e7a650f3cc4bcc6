using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Overrule> Overrules { get; init; } = [];
}
