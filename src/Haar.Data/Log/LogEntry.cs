using System.Text.Json;

namespace Haar.Data.Log;

/// <summary>One row that an act changed. Before is null for a new row, after for one taken away.</summary>
public sealed record Change(string Table, string Key, JsonElement? Before, JsonElement? After);

/// <summary>One act, in the words of the person's log, with what it changed so that it can be undone.</summary>
public sealed class LogEntry
{
    public Guid Id { get; init; }

    /// <summary>Null for acts on the workshop as a whole, such as the drawer's.</summary>
    public Guid? MachineId { get; init; }
    public DateTimeOffset At { get; init; }

    /// <summary>A whole sentence.</summary>
    public string Sentence { get; init; } = "";

    /// <summary>Null when it cannot be undone (imported, or older than the undo record).</summary>
    public string? Changes { get; init; }

    /// <summary>Set when a later entry undid it.</summary>
    public DateTimeOffset? UndoneAt { get; set; }
}
