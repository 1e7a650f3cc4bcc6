using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Photos;
using Haar.Core.Proving;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>Everything known of one machine, as the rules that look at the whole of it need it.</summary>
public sealed record MachineFacts
{
    public required Machine Machine { get; init; }
    public IReadOnlyList<Finding> Findings { get; init; } = [];
    public IReadOnlyList<PowerStep> PowerSteps { get; init; } = [];
    public MachineCell? Cell { get; init; }
    public IReadOnlyList<Board> Boards { get; init; } = [];
    public IReadOnlyList<Capacitor> Capacitors { get; init; } = [];
    public IReadOnlyList<Reading> Readings { get; init; } = [];
    public IReadOnlyList<Proof> Proofs { get; init; } = [];
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

    /// <summary>Capacitors whose new part is ordered and not here.</summary>
    public IReadOnlySet<Guid> OnOrder { get; init; } = new HashSet<Guid>();

    /// <summary>Ids of jobs on any machine that other, unfinished jobs come after, with how many.</summary>
    public IReadOnlyDictionary<Guid, int> WantedBy { get; init; } = new Dictionary<Guid, int>();

    /// <summary>Jobs of other machines that this one's come after and that are not done.</summary>
    public IReadOnlySet<Guid> OpenElsewhere { get; init; } = new HashSet<Guid>();

    public IReadOnlyList<NetAssessment> JudgedNets() => CorrosionAssessments.Nets(Nets, Areas, Boards, Readings);

    public StripRecord Strip => new(StripSteps, StripFasteners, StripConnectors, Jobs);

    /// <summary>What its supply has earned, from the readings of the step in which it stood alone.</summary>
    public SupplyTrustResult SupplyTrust()
    {
        var step = PowerSteps.FirstOrDefault(s => s.Kind == PowerStepKind.SupplyLoaded);
        return Survey.SupplyTrust.Of(Machine, step, Readings);
    }

    public bool Overruled(string key) => Overrules.Any(o => o.Key == key);

    public IReadOnlySet<Guid> OverruledFindings =>
        Overrules
            .Where(o => o.Key.StartsWith("survey/finding/", StringComparison.Ordinal))
            .Select(o => Guid.Parse(o.Key["survey/finding/".Length..]))
            .ToHashSet();

    /// <summary>What a part's standing readings are; those of the new part once it has been fitted.</summary>
    public static CapacitorReadings ReadingsOf(Capacitor c, IEnumerable<Reading> all)
    {
        var mine = all.Where(r => r.SubjectId == c.Id).ToList();
        var channel = c.Fitting.FittedAt is null ? "old" : "new";
        var farads = mine.Latest(channel, Quantity.Capacitance);
        var esr = mine.Latest(channel, Quantity.Esr);
        var leak = mine.Latest(channel, Quantity.Leakage);
        return new()
        {
            Microfarads = farads is null ? null : Markings.Si.Tidy(farads.Value * 1e6),
            EsrOhms = esr?.Value,
            EsrFrequencyHertz = esr?.FrequencyHertz ?? 100_000,
            LeakageMicroamps = leak is null ? null : Markings.Si.Tidy(leak.Value * 1e6),
            InCircuit = farads?.InCircuit ?? esr?.InCircuit ?? false,
        };
    }
}
