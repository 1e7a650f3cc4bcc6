using Haar.Core.Acts;

namespace Haar.Core.Planning;

/// <summary>A wait without hands: drying, curing, the sun, the post. There while it lasts; what ended it is in the log.</summary>
public sealed class Wait : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>The piece of work that it frees.</summary>
    public Guid JobId { get; init; }

    /// <summary>"drying at 40 °C".</summary>
    public string For { get; set; } = "";

    /// <summary>When it is over; null where nobody knows, and a person says so.</summary>
    public DateTimeOffset? Until { get; set; }

    /// <summary>The order in the post that ends it; null where it is none.</summary>
    public Guid? OrderId { get; set; }
    public DateTimeOffset Since { get; init; }
    public int Version { get; set; }

    public void Check() => TextField.Check("waitsFor", For, 120, "Say what it waits for: drying, the post, the sun.");
}
