using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

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
        var plan = FirstPower.Compose(f.Machine.Class, Intake.Hazards.CarefulTraits(f.Machine));
        var supply = f.SupplyTrust();
        var lapsed = f.PowerSteps.Where(f.Lapsed).Select(s => s.Kind).ToList();
        var steps = f.PowerSteps.Where(s => !lapsed.Contains(s.Kind)).ToList();
        var gate = FirstPower.Stand(plan, steps, [], new HashSet<Guid>(), supply);
        var dangers = Dangers.Of(f).ToList();
        var danger = FirstPower.Against(dangers);
        var before = AllRooms.InOrder.SelectMany(r => r.BeforePower(f, now)).Where(h => !h.Permit.Granted).ToList();
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
}
