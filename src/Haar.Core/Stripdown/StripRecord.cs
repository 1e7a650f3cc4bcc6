using Haar.Core.Batteries;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>One machine's strip-down as it was recorded, turned into what the rules ask for.</summary>
public sealed record StripRecord(
    IReadOnlyList<StripStep> Steps,
    IReadOnlyList<StripFastener> Fasteners,
    IReadOnlyList<StripConnector> Connectors,
    IReadOnlyList<Job> Jobs
)
{
    public IReadOnlyList<RebuildPiece> Pieces(DateTimeOffset now)
    {
        var known = Steps.Select(s => s.Id).ToHashSet();
        var jobs = Jobs.ToDictionary(j => j.Id);
        return
        [
            .. Steps
                .OrderBy(s => s.Number)
                .Select(s =>
                {
                    var job = s.AfterJobId is { } id ? jobs.GetValueOrDefault(id) : null;
                    var open = job is not null && job.State != JobState.Done;
                    var ready = open && job!.WaitUntil is { } until && until > now ? until : (DateTimeOffset?)null;
                    return new RebuildPiece(
                        s.Id.ToString(),
                        s.Number,
                        s.Title,
                        [.. s.Behind.Where(known.Contains).Select(b => b.ToString())],
                        s.Orientation,
                        [.. Fasteners.Where(f => f.StepId == s.Id && f.Tray.Length > 0).Select(f => f.Tray).Distinct()],
                        s.DueBeforeCovered,
                        ready,
                        open
                            ? job!.WaitsFor.Length > 0
                                ? job.WaitsFor
                                : job.Title
                            : "",
                        s.StaysOut,
                        s.ExchangedFor,
                        s.BackAt is not null,
                        s.TestedAt is not null,
                        s.Kind,
                        // Work that is not done, and a wait without an end, are over when somebody says so.
                        open && ready is null
                    );
                }),
        ];
    }

    public RebuildPlan Plan(DateTimeOffset now) => RebuildOrder.Plan(Pieces(now));

    public IReadOnlyList<FastenerFact> FastenerFacts()
    {
        var steps = Steps.ToDictionary(s => s.Id);
        return
        [
            .. Fasteners
                .Where(f => steps.ContainsKey(f.StepId))
                .OrderBy(f => steps[f.StepId].Number)
                .ThenBy(f => f.Id)
                .Select(f =>
                {
                    var s = steps[f.StepId];
                    var pierces = f.Pierces.Length > 0 ? f.Pierces : "";
                    return new FastenerFact(
                        f.Id.ToString(),
                        s.Number,
                        s.Title,
                        f.Thread,
                        f.LengthMillimetres,
                        f.Head,
                        f.Count,
                        f.MissingBefore,
                        f.Hole,
                        f.Tray,
                        pierces,
                        [.. f.Returns.Select(r => new FastenerBack(r.Count, r.Thread, r.LengthMillimetres, r.Head, r.FromStore))],
                        s.BackAt is not null && !s.StaysOut
                    );
                }),
        ];
    }

    public ReconcileResult Reconciled(IEnumerable<StoreFastener>? store = null) =>
        Reconcile.Of(
            FastenerFacts(),
            [.. (store ?? []).Select(s => new SpareFastener(s.Id.ToString(), s.Thread, s.LengthMillimetres, s.Head, s.Quantity, s.Place))]
        );

    public IReadOnlyList<TouchedPiece> Touched() =>
        [
            .. Steps
                .OrderBy(s => s.Number)
                .Select(s => new TouchedPiece(
                    s.Id.ToString(),
                    s.Number,
                    s.Title,
                    s.Kind,
                    s.BackAt is not null,
                    s.StaysOut,
                    s.ExchangedFor,
                    s.Polarity,
                    s.SecondLookAt is not null,
                    [
                        .. Connectors
                            .Where(c => c.StepId == s.Id)
                            .Select(c => new TouchedLead(
                                c.Id.ToString(),
                                c.Kind,
                                c.Keyed switch
                                {
                                    ThreeState.Yes => true,
                                    ThreeState.No => false,
                                    _ => null,
                                },
                                c.Polarity,
                                c.BackAt is not null
                            )),
                    ]
                )),
        ];

    /// <summary>Why this piece may not go back now; null when it may.</summary>
    public string? Hindrance(Guid stepId, DateTimeOffset now) => RebuildOrder.Hindrance(Pieces(now), stepId.ToString(), now);

    /// <summary>Something about this step can go in the wrong way round.</summary>
    public bool WantsSecondLook(StripStep s) =>
        s.Polarity.Length > 0 || Connectors.Any(c => c.StepId == s.Id && c.Polarity.Length > 0 && c.Keyed != ThreeState.Yes);
}
