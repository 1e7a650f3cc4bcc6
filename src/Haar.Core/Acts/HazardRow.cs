using Haar.Core.Safety;

namespace Haar.Core.Acts;

/// <summary>What a row says of its machine that must not be forgotten with the row.</summary>
/// <param name="Sentence">What it was, as a whole sentence.</param>
public sealed record Hazard(DangerKind Kind, string Sentence);

/// <summary>
/// A row that can stand for something wet, half done or about to vent. Taken off its list while it does, the danger stays: it is the
/// thing that is wet, and not the entry.
/// </summary>
public interface IHazardRow
{
    Guid Id { get; }
    Guid MachineId { get; }

    /// <summary>What would be forgotten with it now; null for nothing.</summary>
    Hazard? Hazard { get; }
}
