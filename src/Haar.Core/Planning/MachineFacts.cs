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
public sealed record MachineFacts : MachineRows, Acts.IActFacts
{
    /// <summary>Capacitors whose new part is ordered and not here.</summary>
    public IReadOnlySet<Guid> OnOrder { get; init; } = new HashSet<Guid>();

    /// <summary>Ids of jobs on any machine that other, unfinished jobs come after, with how many.</summary>
    public IReadOnlyDictionary<Guid, int> WantedBy { get; init; } = new Dictionary<Guid, int>();

    /// <summary>Jobs of other machines that this one's come after and that are not done.</summary>
    public IReadOnlySet<Guid> OpenElsewhere { get; init; } = new HashSet<Guid>();

    public IReadOnlyList<NetAssessment> JudgedNets() => CorrosionAssessments.Nets(Nets, Areas, Boards, Readings);

    /// <summary>Drawer parts that are fitted on it, or set aside for it.</summary>
    public IEnumerable<Guid> PartsUsed =>
        Capacitors
            .SelectMany(c => new[] { c.Fitting.PartId, c.Fitting.OtherPartId })
            .OfType<Guid>()
            .Concat(Reservations.Select(r => r.PartId));

    /// <summary>Capacitors counted from what is kept of each; null where they are all here to be judged.</summary>
    public CapacitorSummary? KeptSummary { get; init; }

    /// <summary>Those whose new part is in the post, with none set aside meanwhile.</summary>
    public IReadOnlySet<Guid> InThePost => OnOrder.Except(Reservations.Select(r => r.CapacitorId)).ToHashSet();

    public CapacitorSummary Summary(int year) =>
        KeptSummary ?? CapacitorSummary.Of([.. CapacitorAssessments.Of(this, year).Select(CapacitorStanding.Of)], InThePost);

    public StripRecord Strip => new(StripSteps, StripFasteners, StripConnectors, Jobs);

    /// <summary>From when on what was measured before power counts: after the last danger that nobody has decided against. The least instant when there was none.</summary>
    public DateTimeOffset CountsFrom =>
        Dangers
            .Where(d => !(d.Kind == Safety.DangerKind.Finding && OverruledFindings.Contains(d.Subject)))
            .Select(d => d.Since)
            .DefaultIfEmpty(DateTimeOffset.MinValue)
            .Max();

    /// <summary>It was through, and a danger has been found since.</summary>
    public bool Lapsed(PowerStep s) => s.Through && (s.At ?? DateTimeOffset.MinValue) < CountsFrom;

    /// <summary>Readings of a step that count.</summary>
    public IEnumerable<Reading> ReadingsOf(PowerStep step) =>
        Readings.Where(r => r.SubjectId == step.Id && !r.Voided && r.At >= CountsFrom);

    /// <summary>What its supply has earned, from the readings of the step in which it stood alone that count.</summary>
    public SupplyTrustResult SupplyTrust()
    {
        var step = PowerSteps.FirstOrDefault(s => s.Kind == PowerStepKind.SupplyLoaded && !Lapsed(s));
        return Survey.SupplyTrust.Of(Machine, step, step is null ? [] : ReadingsOf(step));
    }

    /// <summary>Findings that a person lets stop power no longer, on what they were found to be.</summary>
    public IReadOnlySet<Guid> OverruledFindings =>
        Findings.Where(x => FindingRules.StopsPower(x, Overrules).OverruledBecause is not null).Select(x => x.Id).ToHashSet();

    /// <summary>What a part's standing readings are; those of the new part once it has been fitted.</summary>
    public static CapacitorReadings ReadingsOf(Capacitor c, IEnumerable<Reading> all)
    {
        var mine = all.Where(r => r.SubjectId == c.Id).ToList();
        var channel = c.Fitting.Channel;
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
