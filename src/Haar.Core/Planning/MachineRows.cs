using System.Text.Json.Serialization;
using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>
/// Every row that a machine owns: what the rules look at, what its document holds, what is checked when one comes in. Each room
/// says in its own part of this (<c>…Rows.cs</c>) what it has, once; loading, export, import and their checks follow from it.
/// </summary>
public abstract partial record MachineRows
{
    [JsonPropertyOrder(-1)]
    public required Machine Machine { get; init; }

    public IReadOnlyList<Job> Jobs { get; init; } = [];

    /// <summary>What its work waits for.</summary>
    public IReadOnlyList<Wait> Waits { get; init; } = [];
    public IReadOnlyList<StageClosing> Closings { get; init; } = [];
}
