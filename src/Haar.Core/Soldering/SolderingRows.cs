using Haar.Core.Soldering;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    /// <summary>Parts that are soldered in and are no capacitors.</summary>
    public IReadOnlyList<SolderedPart> SolderedParts { get; init; } = [];
}
