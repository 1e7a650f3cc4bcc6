using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Soldering;

/// <summary>What it is, as far as it decides how its pins lie beside one another and whether flux can run into it.</summary>
public enum SolderedKind
{
    Connector = 0,
    Switch,
    Socket,
    Chip,
    Other,
}

public enum SolderWork
{
    /// <summary>The old one comes out, another goes in.</summary>
    Exchange = 0,

    /// <summary>It stays, and its joints are made again.</summary>
    Resolder,
}

/// <summary>What flux is put on, beside what the wire carries.</summary>
public enum Flux
{
    /// <summary>Only the wire's own.</summary>
    InTheWire = 0,
    Gel,
    Liquid,
}

public enum Lacquer
{
    NotKnown = 0,
    None,

    /// <summary>The maker's own coat, hard for years.</summary>
    Old,

    /// <summary>Put on here: lacquer or mask, which has to cure before an iron comes near.</summary>
    Fresh,
}

public enum SolderStep
{
    /// <summary>How it sits, before it comes off.</summary>
    Note = 0,
    Remove,
    CheckPads,
    MendPads,
    Clean,
    Solder,
    CheckWayRound,
    CountJoints,
    MeasureNeighbours,
    Wash,
    Dry,
}

/// <summary>One joint as it was counted on the photo.</summary>
/// <param name="X">Share of the photo's width.</param>
/// <param name="Y">Share of its height.</param>
/// <param name="Good">Wetted all round, and no more solder than it needs.</param>
public sealed record JointMark(double X, double Y, bool Good = true);

/// <summary>How far the work on one part has come; a null instant is a step not yet done.</summary>
public sealed record SolderSheet
{
    /// <summary>How often the work was done before this.</summary>
    public int Round { get; init; }
    public DateTimeOffset? NotedAt { get; init; }

    /// <summary>Where pin 1, a notch or a key points, seen with the part's side of the board in front.</summary>
    public Direction WayBefore { get; init; }
    public DateTimeOffset? RemovedAt { get; init; }
    public DateTimeOffset? PadsAt { get; init; }
    public PadState? Pads { get; init; }
    public DateTimeOffset? MendedAt { get; init; }
    public DateTimeOffset? CleanedAt { get; init; }
    public DateTimeOffset? SolderedAt { get; init; }
    public Flux Flux { get; init; }
    public DateTimeOffset? WayAt { get; init; }
    public Direction WaySeen { get; init; }
    public DateTimeOffset? CountedAt { get; init; }

    /// <summary>The photo on which the joints were counted.</summary>
    public Guid? PhotoId { get; init; }
    public IReadOnlyList<JointMark> Joints { get; init; } = [];
    public DateTimeOffset? MeasuredAt { get; init; }

    /// <summary>Pairs of neighbours that were measured.</summary>
    public int Pairs { get; init; }

    /// <summary>Pairs that read joined and are joined by the board itself: "12-13, both ground".</summary>
    public IReadOnlyList<string> JoinedByBoard { get; init; } = [];
    public DateTimeOffset? WashedAt { get; init; }
    public DateTimeOffset? DriedAt { get; init; }

    /// <summary>Alcohol or water was put on it, and it is not dry.</summary>
    [JsonIgnore]
    public bool Wet => WashedAt is not null && DriedAt is null;
}

/// <summary>A part that is soldered in and is no capacitor: a connector, a switch, a socket, a chip.</summary>
public sealed class SolderedPart : ICheckedRow, IHazardRow
{
    public const int MostPins = 1000;

    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Guid BoardId { get; init; }
    public string Name { get; set; } = "";
    public SolderedKind Kind { get; set; }
    public SolderWork Work { get; set; }

    /// <summary>Why: "pin 7 broken", "cracked joints".</summary>
    public string Why { get; set; } = "";
    public Side Side { get; set; }
    public double? X { get; set; }
    public double? Y { get; set; }
    public int Pins { get; set; } = 1;

    /// <summary>Rows of pins; of a chip or socket, sides that have pins.</summary>
    public int Rows { get; set; } = 1;

    /// <summary>It can be put in wrongly: it has a pin 1, a key, a latch's side. Not known counts as yes.</summary>
    public ThreeState HasWayRound { get; set; }

    /// <summary>Its contacts lie open to what runs along the pins. Not known counts as yes for what plugs or switches.</summary>
    public ThreeState OpenContacts { get; set; }
    public Lacquer Lacquer { get; set; }

    /// <summary>When the fresh coat was put on.</summary>
    public DateTimeOffset? LacqueredAt { get; set; }

    /// <summary>How long the coat cures, by its can; null when nobody read it.</summary>
    public double? CureHours { get; set; }
    public SolderSheet Sheet { get; set; } = new();
    public int Version { get; set; }

    [JsonIgnore]
    public bool WaysRound => HasWayRound != ThreeState.No;

    [JsonIgnore]
    public bool Open => OpenContacts == ThreeState.Yes || OpenContacts == ThreeState.NotKnown && Kind != SolderedKind.Chip;

    public SolderStep? Next => SolderSteps.Procedure.Next(this);

    [JsonIgnore]
    public bool Begun => SolderSteps.Procedure.LastAt(this) is not null;

    /// <summary>Begun, and not finished.</summary>
    [JsonIgnore]
    public bool Half => Begun && Next is not null;

    public void Check()
    {
        TextField.Check("name", Name, 60, "Say in 1 to 60 characters which part it is: J4, the power switch.");
        TextField.Check("why", Why, 200);
        InvalidInputException.Finite("x", X, 0, 1, "(a share of the photo)");
        InvalidInputException.Finite("y", Y, 0, 1, "(a share of the photo)");
        InvalidInputException.Finite("cureHours", CureHours, 0, 24 * 60, "h");
        _ = Joints.Neighbours(Kind, Pins, Rows);
    }

    /// <inheritdoc />
    [JsonIgnore]
    public Hazard? Hazard =>
        Sheet.Wet ? new(Safety.DangerKind.WetRowGone, $"{Name} was wet.")
        : Half ? new(Safety.DangerKind.RowGone, $"{Name} was half soldered.")
        : null;
}
