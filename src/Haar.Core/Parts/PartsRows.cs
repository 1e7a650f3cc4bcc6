using Haar.Core.Parts;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    /// <summary>Pieces set aside for places on its boards.</summary>
    public IReadOnlyList<Reservation> Reservations { get; init; } = [];
}
