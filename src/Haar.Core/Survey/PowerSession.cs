using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Corrosion;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>Something that stands before the board is fed, and is no danger by itself.</summary>
/// <param name="Word">Names it in an overrule: wet, residue, traces, cell, exchange, apart.</param>
public sealed record BeforePower(string Word, Permit Permit);

/// <summary>
/// A machine's first power as one session: its steps, its dangers, what its supply has earned, and what else stands before it.
/// The survey, the screen of first power, the tideline and the acts all ask this one.
/// </summary>
/// <param name="Next">The step to take; null when all are through.</param>
/// <param name="Verdict">May it be powered?</param>
/// <param name="Stopped">It is a danger, a failed step or the supply that stops it, and not merely work to be done first.</param>
/// <param name="Before">What stands before the board is fed.</param>
/// <param name="Lapsed">Steps that were through, and are not since a danger was found.</param>
public sealed record PowerSession(
    IReadOnlyList<PowerStepPlan> Plan,
    PowerStepKind? Next,
    Verdict Verdict,
    bool Stopped,
    SupplyTrustResult Supply,
    IReadOnlyList<BeforePower> Before,
    IReadOnlyList<PowerStepKind> Lapsed
)
{
    const string Question = "May it be powered?";

    /// <summary>May this step be taken now? Steps that feed no board wait for nothing but dangers and the steps before them.</summary>
    public Permit May(PowerStepKind kind)
    {
        if (Plan.All(p => p.Kind != kind))
        {
            return Permit.No("kind", "This machine has no such step: what it does not have is not asked for.");
        }
        if (Danger is not null)
        {
            return Permit.No("kind", Danger.Sentence);
        }
        if (Next is { } next && kind > next)
        {
            return Permit.No("kind", $"“{Plan.First(p => p.Kind == next).Title}” comes first: nothing goes on before it is through.");
        }
        return kind < PowerStepKind.BareBoard ? Permit.Yes(Question)
            : Feeds is { } against ? new(against, "kind")
            : Permit.Yes(Question);
    }

    /// <summary>The verdict of an open danger; null when there is none.</summary>
    public Verdict? Danger { get; init; }

    /// <summary>The screen on which the first open danger is answered; empty when there is none.</summary>
    public string AnsweredOn { get; init; } = "";

    /// <summary>Why no board may be fed now; null when it may.</summary>
    public Verdict? Feeds { get; init; }

    public static PowerSession Of(MachineFacts f, DateTimeOffset now)
    {
        var plan = FirstPower.Compose(f.Machine.Class, f.Machine.Traits);
        var supply = f.SupplyTrust();
        var lapsed = f.PowerSteps.Where(f.Lapsed).Select(s => s.Kind).ToList();
        var steps = f.PowerSteps.Where(s => !lapsed.Contains(s.Kind)).ToList();
        var gate = FirstPower.Stand(plan, steps, [], new HashSet<Guid>(), supply);
        var dangers = Dangers.Of(f).ToList();
        var danger = FirstPower.Against(dangers);
        var before = Hindrances(f, now).Where(h => !h.Permit.Granted).ToList();
        var idle =
            gate.Next == PowerStepKind.BareBoard && gate.Verdict.Outcome == Outcome.No && steps.All(s => s.State != PowerStepState.Failed);
        var feeds =
            idle ? gate.Verdict
            : before.Count > 0 ? Against(before)
            : null;
        var failed = gate.Verdict.Outcome == Outcome.No && !idle;
        var verdict =
            danger
            ?? (
                failed ? gate.Verdict
                : feeds is not null ? feeds with { Cautions = [.. feeds.Cautions.Union(gate.Verdict.Cautions)] }
                : gate.Verdict
            );
        return new(plan, gate.Next, verdict, danger is not null || failed || idle, supply, before, lapsed)
        {
            Danger = danger,
            AnsweredOn = dangers.FirstOrDefault()?.Screen ?? "",
            Feeds = feeds,
        };
    }

    static Verdict Against(List<BeforePower> before)
    {
        var first = before[0].Permit.Verdict;
        var all = first with
        {
            Question = Question,
            Sentence = before.Count == 1 ? first.Sentence : $"Leave it off: {before.Count} things come first.",
            Reasons =
            [
                .. before.SelectMany(b => b.Permit.Verdict.Reasons.Prepend(new Reason(b.Permit.Verdict.Sentence))).DistinctBy(r => r.Text),
            ],
            WouldChange = [.. before.SelectMany(b => b.Permit.Verdict.WouldChange).Distinct()],
            MayBeOverruled = before.All(b => b.Permit.MayBeOverruled),
        };
        return all;
    }

    /// <summary>What has to be put right before a board is fed. Wet ones are nobody's to overrule.</summary>
    static IEnumerable<BeforePower> Hindrances(MachineFacts f, DateTimeOffset now)
    {
        BeforePower One(string word, Verdict v, params object?[] facts) =>
            new(word, Permit.By(v, "kind", new(OverruleKind.BeforePower, f.Machine.Id, word, Overrulable.Fingerprint(facts)), f.Overrules));

        var wet = f.Areas.Where(a => a.Treatment.Wet).ToList();
        if (wet.Count > 0)
        {
            yield return One(
                "wet",
                Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        $"No: {Words.And(wet.Select(a => a.Name))} {(wet.Count == 1 ? "is" : "are")} wet. Nothing is fed before it is dry.",
                        Basis.Rule,
                        new Reason("Water and alcohol under a chip conduct, and current through them eats copper within minutes.")
                    )
                    .Changing("Dried, as long as it takes.")
                    .Final()
            );
        }
        var residue = f.Areas.Where(a => a.Stage >= CorrosionStage.Bloom && a.Treatment.NeutralisedAt is null).ToList();
        if (residue.Count > 0)
        {
            yield return One(
                "residue",
                Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        $"Not yet: what leaked at {Words.And(residue.Select(a => a.Name))} is not neutralised.",
                        Basis.Rule,
                        new Reason("Residue draws damp and conducts: with power on it, it eats copper faster.")
                    )
                    .Changing("Neutralised, rinsed, dried."),
                residue.Select(a => $"{a.Id} {a.Stage}").ToList()
            );
        }
        var judged = f.JudgedNets();
        var nets = judged.Where(n => n.State is not (NetState.Sound or NetState.Repaired)).ToList();
        // Where the mask is gone and no net is marked, nobody has looked; new mask went over it only with somebody's word.
        var bare = f
            .Areas.Where(a =>
                a.Stage >= CorrosionStage.MaskLifted && a.Treatment.MaskedAt is null && judged.All(n => !n.UnderAreas.Contains(a.Id))
            )
            .ToList();
        if (nets.Count + bare.Count > 0)
        {
            yield return One(
                "traces",
                Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        nets.Any(n => n.State is NetState.Thin or NetState.Open)
                                ? $"Not yet: {nets.First(n => n.State is NetState.Thin or NetState.Open).Net.Name} is not mended."
                            : nets.Count > 0
                                ? $"Not yet: {(nets.Count == 1 ? $"{nets[0].Net.Name} has" : $"{nets.Count} nets have")} not been measured."
                            : $"Not yet: nobody has said which nets run under {Words.And(bare.Select(a => a.Name))}.",
                        nets.Count > 0 ? Basis.Measured : Basis.Rule,
                        new Reason("A trace that looks whole may be eaten through, and one that is bridged feeds what it should not.")
                    )
                    .Changing("Every net under it marked, measured end to end, and mended where it has to be."),
                nets.Select(n => $"{n.Net.Id} {n.State}").Concat(bare.Select(a => a.Id.ToString())).ToList()
            );
        }
        if (
            f.Cell is { FittedAt: not null, Chosen: { } chosen } cell
            && new CellActFacts(f.Machine, cell, f.Overrules) is var cellFacts
            && cellFacts.Option(chosen) is var option
            && !(option is not null && cellFacts.Permit(option, "kind").Granted)
            && CellActs.MustComeOut(cell, f.Machine.RestorationPolicy) is null
        )
        {
            yield return One(
                "cell",
                Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        "Not yet: what is known of the cell's line has changed since a cell was fitted, and it is not clear that it may stay.",
                        Basis.Rule,
                        new Reason(option?.Verdict.Sentence ?? "What was fitted is no way to replace this cell, as it is known now.")
                    )
                    .Changing("The charging line measured, or what was fitted taken out."),
                cell.Site,
                chosen.ToString()
            );
        }
        var half =
            f.KeptSummary?.Half.Select(h => (h.Id, h.Designator, h.Next)).ToList()
            ??
            [
                .. f
                    .Capacitors.Where(c => c.Fitting.Half)
                    .OrderBy(c => c.Id)
                    .Select(c => (c.Id, c.Designator, c.Fitting.Next(c.Spec.Polarised))),
            ];
        if (half.Count > 0)
        {
            yield return One(
                "exchange",
                Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        $"Not yet: {half[0].Designator}{(half.Count > 1 ? $" and {half.Count - 1} more are" : " is")} half exchanged.",
                        Basis.Rule,
                        new Reason("A part the wrong way round bursts at the first switch-on; nobody has looked twice yet.")
                    )
                    .Changing("Fitted, its way round looked at twice, measured again."),
                half.Select(c => $"{c.Id} {c.Next}").ToList()
            );
        }
        var apart = f.StripSteps.Where(s => s.Apart).ToList();
        if (apart.Count > 0 && !f.TestsInPieces.Any(t => t.Covers(f, now)))
        {
            yield return One(
                "apart",
                Verdict
                    .Of(
                        Question,
                        Outcome.No,
                        $"Not yet: it is in pieces. {apart.OrderByDescending(s => s.Number).First().Title}{(apart.Count > 1 ? $" and {apart.Count - 1} more are" : " is")} out.",
                        Basis.Rule,
                        new Reason("Loose screws short, a missing shield or fan cooks what it kept cool, and a bare board slides.")
                    )
                    .Changing("Put together again; or a test in pieces, with what it lies on and for how long.")
                    .Final(),
                apart.Select(s => s.Id.ToString()).ToList()
            );
        }
    }
}
