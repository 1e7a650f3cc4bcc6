using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

public abstract partial record MachineRows
{
    public IReadOnlyList<Capacitor> Capacitors { get; init; } = [];
}

public sealed partial record MachineFacts
{
    /// <summary>Capacitors whose new part is ordered and not here.</summary>
    public IReadOnlySet<Guid> OnOrder { get; init; } = new HashSet<Guid>();

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

    /// <summary>What a part's standing readings are; those of the new part once it has been fitted.</summary>
    public static CapacitorReadings ReadingsOf(Capacitor c, IEnumerable<Reading> all)
    {
        var mine = all.Where(r => r.SubjectId == c.Id).ToList();
        var channel = c.Fitting.Channel;
        var farads = mine.Latest(channel, Quantity.Capacitance);
        var esr = mine.Latest(channel, Quantity.Esr);
        var leak = mine.Latest(channel, Quantity.Leakage);
        // The first reading of a part that was fitted here is the one it began with; of one that was found, nobody knows it.
        var began = c.Fitting.FittedAt is null
            ? []
            : mine.Where(r => r.Channel == channel && !r.Voided).OrderBy(r => r.At).ThenBy(r => r.Id).ToList();
        double? First(Quantity q, Reading? latest) =>
            began.FirstOrDefault(r => r.Quantity == q) is { } first && first.Id != latest?.Id ? first.Value : null;
        return new()
        {
            Fresh = c.Fitting.FittedAt is not null,
            FirstMicrofarads = First(Quantity.Capacitance, farads) is { } f0 ? Markings.Si.Tidy(f0 * 1e6) : null,
            FirstEsrOhms = First(Quantity.Esr, esr),
            Microfarads = farads is null ? null : Markings.Si.Tidy(farads.Value * 1e6),
            EsrOhms = esr?.Value,
            EsrFrequencyHertz = esr?.FrequencyHertz ?? 100_000,
            EsrWith = esr is null ? Instrument.NotKnown : Instruments.Of(esr),
            EsrStepOhms = esr?.Step,
            EsrReadTwice =
                esr is null ? ThreeState.NotKnown
                : (
                    esr.Source != "typed"
                    || mine.Any(r =>
                        r.Id != esr.Id
                        && !r.Voided
                        && r.Channel == channel
                        && r.Quantity == Quantity.Esr
                        && Math.Abs(r.Value - esr.Value) <= esr.Value * 0.2
                    )
                )
                    ? ThreeState.Yes
                : ThreeState.No,
            LeakageMicroamps = leak is null ? null : Markings.Si.Tidy(leak.Value * 1e6),
            InCircuit = farads?.InCircuit ?? esr?.InCircuit ?? false,
        };
    }
}

public sealed partial record MachineNow
{
    /// <summary>Counted; one by one they may not be here.</summary>
    public CapacitorSummary Capacitors =>
        field ??= Facts.KeptSummary ?? CapacitorSummary.Of([.. JudgedCapacitors.Select(CapacitorStanding.Of)], Facts.InThePost);

    /// <summary>Those that are here, one by one.</summary>
    public IReadOnlyList<CapacitorAssessment> JudgedCapacitors => field ??= CapacitorAssessments.Of(Facts, Now.Year);
}
