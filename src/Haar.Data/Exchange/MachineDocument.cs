using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Proving;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

namespace Haar.Data.Exchange;

/// <summary>One entry of a machine's log, as passed on. What it changed stays behind: an imported act cannot be undone.</summary>
public sealed record LogLine(Guid Id, DateTimeOffset At, string Sentence, DateTimeOffset? UndoneAt);

/// <summary>A machine with everything known of it. Documented in docs/formats.md; every list is in the order of its ids, so the same machine always gives the same bytes.</summary>
public sealed record MachineDocument
{
    public const int CurrentVersion = 3;

    public string Format { get; init; } = "haar-machine";
    public int Version { get; init; } = CurrentVersion;
    public required string Currency { get; init; }
    public required Machine Machine { get; init; }
    public IReadOnlyList<Finding> Findings { get; init; } = [];
    public MachineCell? Cell { get; init; }
    public IReadOnlyList<Board> Boards { get; init; } = [];
    public IReadOnlyList<Capacitor> Capacitors { get; init; } = [];
    public IReadOnlyList<PowerStep> PowerSteps { get; init; } = [];
    public IReadOnlyList<Proof> Proofs { get; init; } = [];
    public IReadOnlyList<Reading> Readings { get; init; } = [];
    public IReadOnlyList<Job> Jobs { get; init; } = [];
    public IReadOnlyList<StageClosing> Closings { get; init; } = [];
    public IReadOnlyList<Overrule> Overrules { get; init; } = [];
    public IReadOnlyList<CostEntry> Costs { get; init; } = [];
    public IReadOnlyList<Photo> Photos { get; init; } = [];
    public IReadOnlyList<Observation> Observations { get; init; } = [];
    public IReadOnlyList<ChecklistAnswer> Answers { get; init; } = [];
    public IReadOnlyList<FoundItem> Items { get; init; } = [];
    public IReadOnlyList<StripStep> StripSteps { get; init; } = [];
    public IReadOnlyList<StripFastener> StripFasteners { get; init; } = [];
    public IReadOnlyList<StripConnector> StripConnectors { get; init; } = [];
    public IReadOnlyList<LotBox> Boxes { get; init; } = [];
    public IReadOnlyList<CorrosionArea> Areas { get; init; } = [];
    public IReadOnlyList<BoardNet> Nets { get; init; } = [];
    public IReadOnlyList<HotPart> HotParts { get; init; } = [];
    public MachinePack? Pack { get; init; }

    /// <summary>Drawer parts that are reserved or fitted on it.</summary>
    public IReadOnlyList<DrawerPart> Parts { get; init; } = [];
    public IReadOnlyList<LogLine> Log { get; init; } = [];
}
