using System.Text.Json.Serialization;
using Haar.Core.Planning;

namespace Haar.Data.Planning;

/// <summary>
/// A machine's <see cref="MachineStatus"/> as it was computed in the act that last touched it, so that the workshop reads one
/// row a machine. Never the truth itself: it can be thrown away and computed again.
/// </summary>
public sealed class MachineStatusRow
{
    public Guid MachineId { get; init; }
    public string Name { get; set; } = "";
    public string Kind { get; set; } = "";
    public int? YearFrom { get; set; }

    [JsonPropertyName("standing")]
    public MachineStatus Status { get; set; } = null!;
    public bool HasNext { get; set; }
    public bool Danger { get; set; }
    public int WantedBy { get; set; }
    public int NextStage { get; set; }
    public DateTimeOffset Since { get; set; }
    public int HandsMinutesLeft { get; set; }
    public bool HandedOver { get; set; }

    /// <summary>Taken off the list by a person; nothing of it is lost.</summary>
    public bool Removed { get; set; }
    public bool Stopped { get; set; }
    public DateTimeOffset ArrivedAt { get; set; }

    /// <summary>When the first wait ends that is no listed work's; null for none. What it is stands in the status.</summary>
    public DateTimeOffset? UnlistedUntil { get; set; }

    /// <summary>From this instant on it has to be computed again: a wait ends, or a day comes.</summary>
    public DateTimeOffset? StaleAt { get; set; }

    /// <summary>The build of the rules that it was computed with.</summary>
    public string Rules { get; set; } = "";
}
