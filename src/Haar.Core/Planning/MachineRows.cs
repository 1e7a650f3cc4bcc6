using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Proving;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>
/// Every row that a machine owns, room by room: what the rules look at, what its document holds, what is checked when one comes
/// in. A room that has a new kind of row says so here, once; loading, export, import and their checks follow from it.
/// </summary>
public abstract record MachineRows
{
    [System.Text.Json.Serialization.JsonPropertyOrder(-1)]
    public required Machine Machine { get; init; }

    // Intake
    public IReadOnlyList<FoundItem> Items { get; init; } = [];
    public IReadOnlyList<LotBox> Boxes { get; init; } = [];
    public IReadOnlyList<Photo> Photos { get; init; } = [];

    // Survey
    public IReadOnlyList<Finding> Findings { get; init; } = [];
    public IReadOnlyList<ChecklistAnswer> Answers { get; init; } = [];
    public IReadOnlyList<PowerStep> PowerSteps { get; init; } = [];
    public IReadOnlyList<Observation> Observations { get; init; } = [];
    public IReadOnlyList<TestInPieces> TestsInPieces { get; init; } = [];

    /// <summary>Dangers that stand or stood.</summary>
    public IReadOnlyList<Danger> Dangers { get; init; } = [];

    // Strip-down
    public IReadOnlyList<StripStep> StripSteps { get; init; } = [];
    public IReadOnlyList<StripFastener> StripFasteners { get; init; } = [];
    public IReadOnlyList<StripConnector> StripConnectors { get; init; } = [];

    // Boards
    public MachineCell? Cell { get; init; }
    public MachinePack? Pack { get; init; }
    public IReadOnlyList<Board> Boards { get; init; } = [];
    public IReadOnlyList<Capacitor> Capacitors { get; init; } = [];

    /// <summary>Pieces set aside for places on its boards.</summary>
    public IReadOnlyList<Reservation> Reservations { get; init; } = [];
    public IReadOnlyList<CorrosionArea> Areas { get; init; } = [];
    public IReadOnlyList<BoardNet> Nets { get; init; } = [];
    public IReadOnlyList<HotPart> HotParts { get; init; } = [];
    public IReadOnlyList<Reading> Readings { get; init; } = [];

    // Planning, money, proof
    public IReadOnlyList<Job> Jobs { get; init; } = [];
    public IReadOnlyList<StageClosing> Closings { get; init; } = [];
    public IReadOnlyList<Overrule> Overrules { get; init; } = [];
    public IReadOnlyList<CostEntry> Costs { get; init; } = [];
    public IReadOnlyList<Proof> Proofs { get; init; } = [];
}
