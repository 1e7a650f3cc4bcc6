using Haar.Core.Finish;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    /// <summary>Panels, covers and frames that are freed of rust and painted.</summary>
    public IReadOnlyList<SheetMetal> SheetMetals { get; init; } = [];

    /// <summary>Cracks, scratches and small mends.</summary>
    public IReadOnlyList<Mending> Mendings { get; init; } = [];
}
