using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

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

    /// <summary>What is usual of kinds of machines, whoever made them: likelihoods, never facts.</summary>
    public IReadOnlyList<Core.Intake.KindProfile> Kinds { get; init; } = [];

    /// <summary>Ways to clean, beside the usual ones; one of the same id takes its place.</summary>
    public IReadOnlyList<Core.Cleaning.CleaningMethod> Methods { get; init; } = [];

    /// <summary>Materials that the usual ones do not name, by what they behave like.</summary>
    public IReadOnlyList<Core.Cleaning.OwnMaterial> Materials { get; init; } = [];
    public IReadOnlyList<Core.Cleaning.OwnSoil> Soils { get; init; } = [];
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

    /// <summary>As it was sold.</summary>
    public IReadOnlyList<ShippedConfiguration> Configurations { get; init; } = [];

    /// <summary>How it comes apart, with its traps.</summary>
    public IReadOnlyList<StripProfileStep> StripOrder { get; init; } = [];

    public Core.Intake.KnownKind Known() => new(Kind, Model, Class, YearFrom, YearTo, Traits, Rails, CellPlace, Cell);
}

/// <summary>One step of a known strip-down, by numbers of its own.</summary>
public sealed record StripProfileStep
{
    public string Title { get; init; } = "";
    public PieceKind Kind { get; init; }

    [JsonPropertyName("lies")]
    public Orientation Orientation { get; init; }

    /// <summary>1-based numbers of the steps in this list that it sits behind.</summary>
    public IReadOnlyList<int> Behind { get; init; } = [];
    public IReadOnlyList<string> Traps { get; init; } = [];

    [JsonPropertyName("wayRound")]
    public string Polarity { get; init; } = "";
    public string TestBeforeCovered { get; init; } = "";
    public IReadOnlyList<StripProfileFastener> Fasteners { get; init; } = [];
    public IReadOnlyList<StripProfileConnector> Connectors { get; init; } = [];
}

public sealed record StripProfileFastener(
    string Thread,
    double? LengthMillimetres,
    string Head,
    int Count,
    string Hole = "",
    string Pierces = ""
);

public sealed record StripProfileConnector(
    string Kind,
    ThreeState Keyed = ThreeState.NotKnown,
    [property: JsonPropertyName("wayRound")] string Polarity = "",
    string Route = ""
);

public sealed record BoardProfile
{
    public string Id { get; init; } = "";
    public string Name { get; init; } = "";

    /// <summary>Of the straightened picture on the board; null when not known.</summary>
    public double? WidthMillimetres { get; init; }
    public double? HeightMillimetres { get; init; }
    public IReadOnlyList<CapacitorProfile> Capacitors { get; init; } = [];
    public IReadOnlyList<NetProfile> Nets { get; init; } = [];
    public IReadOnlyList<HotPartProfile> HotParts { get; init; } = [];
}

public sealed record NetProfile
{
    public string Name { get; init; } = "";
    public string From { get; init; } = "";
    public string To { get; init; } = "";
    public Side Side { get; init; }
    public IReadOnlyList<Point> Path { get; init; } = [];
    public TraceFacts Trace { get; init; } = new();
}

public sealed record HotPartProfile
{
    public string Name { get; init; } = "";
    public Side Side { get; init; }
    public double? X { get; init; }
    public double? Y { get; init; }
    public HotPartFacts Facts { get; init; } = new();
}

public sealed record CapacitorProfile
{
    public string Designator { get; init; } = "";
    public string Marking { get; init; } = "";
    public CapacitorSpec Spec { get; init; } = new();
    public CapacitorRole Role { get; init; }
    public double? X { get; init; }
    public double? Y { get; init; }
    public Side Side { get; init; }

    /// <summary>Where the board's print has minus.</summary>
    public Direction MinusPrinted { get; init; }
    public double? HeadroomMillimetres { get; init; }
}

public sealed record PartProfile
{
    public CapacitorSpec Spec { get; init; } = new();
    public string Note { get; init; } = "";
}

/// <summary>Rows of a machine made from a plan.</summary>
public static class PlanParts
{
    public static Capacitor Make(CapacitorProfile c, Guid id, Guid machineId, Guid boardId) =>
        new()
        {
            Id = id,
            MachineId = machineId,
            BoardId = boardId,
            Designator = c.Designator,
            Marking = c.Marking,
            Spec = c.Spec,
            Role = c.Role,
            X = c.X,
            Y = c.Y,
            Side = c.Side,
            MinusPrinted = c.MinusPrinted,
            HeadroomMillimetres = c.HeadroomMillimetres,
        };

    public static BoardNet Make(NetProfile n, Guid id, Guid machineId, Guid boardId) =>
        new()
        {
            Id = id,
            MachineId = machineId,
            BoardId = boardId,
            Name = n.Name,
            From = n.From,
            To = n.To,
            Side = n.Side,
            Path = [.. n.Path],
            Trace = n.Trace,
        };

    public static HotPart Make(HotPartProfile h, Guid id, Guid machineId, Guid boardId) =>
        new()
        {
            Id = id,
            MachineId = machineId,
            BoardId = boardId,
            Name = h.Name,
            Side = h.Side,
            X = h.X,
            Y = h.Y,
            Facts = h.Facts,
        };
}
