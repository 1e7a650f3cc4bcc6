using System.Text.Json;

namespace Haar.Data.Log;

/// <summary>One row that an act changed, by its table and columns. Before is null for a new row, after for one taken away.</summary>
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

    /// <summary>Who was at the bench; empty when nobody said.</summary>
    public string By { get; init; } = "";

    /// <summary>The entry that this one undid; null when it undid none.</summary>
    public Guid? Undoes { get; init; }

    /// <summary>Why it cannot be undone although its changes are known, as when it went outside; empty when it can.</summary>
    public string StaysDone { get; init; } = "";

    /// <summary>Null when it cannot be undone (imported, or older than the undo record).</summary>
    public string? Changes { get; init; }

    /// <summary>Set when a later entry undid it.</summary>
    public DateTimeOffset? UndoneAt { get; set; }
}
