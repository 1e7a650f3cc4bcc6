using System.Text.Json.Serialization;
using Haar.Core.Parts;
using Haar.Core.Planning;

namespace Haar.Data.Exchange;

/// <summary>One entry of a machine's log, as passed on. What it changed stays behind: an imported act cannot be undone.</summary>
public sealed record LogLine(Guid Id, DateTimeOffset At, string Sentence, DateTimeOffset? UndoneAt, string By = "");

/// <summary>A machine with everything known of it. Documented in docs/formats.md; every list is in the order of its ids, so the same machine always gives the same bytes.</summary>
public sealed record MachineDocument : MachineRows
{
    public const int CurrentVersion = 5;

    [JsonPropertyOrder(-2)]
    public string Format { get; init; } = "haar-machine";

    [JsonPropertyOrder(-2)]
    public int Version { get; init; } = CurrentVersion;

    [JsonPropertyOrder(-2)]
    public required string Currency { get; init; }

    /// <summary>Drawer parts that are reserved or fitted on it.</summary>
    public IReadOnlyList<DrawerPart> Parts { get; init; } = [];
    public IReadOnlyList<LogLine> Log { get; init; } = [];
}
