using Haar.Core.Batteries;
using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Survey;

namespace Haar.Data.Packs;

/// <summary>A pack as stored: its document, whole.</summary>
public sealed class PackRow
{
    public string Id { get; init; } = "";
    public string Name { get; set; } = "";
    public string Json { get; set; } = "";
    public bool BuiltIn { get; set; }
    public DateTimeOffset At { get; set; }
}

/// <summary>Facts about kinds of machines, boards and parts, as people pass them on. Documented in docs/formats.md.</summary>
public sealed record Pack
{
    public string Format { get; init; } = "haar-pack";
    public int Version { get; init; } = 1;
    /// <summary>Lower-case letters, digits and hyphens.</summary>
    public string Id { get; init; } = "";
    public string Name { get; init; } = "";
    public IReadOnlyList<MachineProfile> Machines { get; init; } = [];
    public IReadOnlyList<BoardProfile> Boards { get; init; } = [];
    public IReadOnlyList<PartProfile> Parts { get; init; } = [];
}

public sealed record MachineProfile
{
    public string Id { get; init; } = "";
    public string Model { get; init; } = "";
    public string Kind { get; init; } = "";
    public MachineClass Class { get; init; }
    public int? YearFrom { get; init; }
    public int? YearTo { get; init; }
    public List<Trait> Traits { get; init; } = [];
    public List<RailReading> Rails { get; init; } = [];
    public CellSite? Cell { get; init; }
    public string CellPlace { get; init; } = "";
    /// <summary>Ids of board profiles, in this pack or another.</summary>
    public IReadOnlyList<string> Boards { get; init; } = [];
}

public sealed record BoardProfile
{
    public string Id { get; init; } = "";
    public string Name { get; init; } = "";
    public IReadOnlyList<CapacitorProfile> Capacitors { get; init; } = [];
}

public sealed record CapacitorProfile
{
    public string Designator { get; init; } = "";
    public string Marking { get; init; } = "";
    public CapacitorSpec Spec { get; init; } = new();
    public CapacitorRole Role { get; init; }
    public double? X { get; init; }
    public double? Y { get; init; }
}

public sealed record PartProfile
{
    public CapacitorSpec Spec { get; init; } = new();
    public string Note { get; init; } = "";
}
