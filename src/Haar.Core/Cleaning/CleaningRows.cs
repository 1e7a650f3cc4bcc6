using Haar.Core.Cleaning;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    /// <summary>What is cleaned, and how far it has come.</summary>
    public IReadOnlyList<CleanedItem> CleanedItems { get; init; } = [];
}
