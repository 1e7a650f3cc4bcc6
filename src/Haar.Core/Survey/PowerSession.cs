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
        var feeds = Plan.First(p => p.Kind == kind).Feeds;
        return Against([.. Before.Where(b => feeds || b.From <= kind)], kind >= PowerStepKind.BareBoard ? Idle : null) is { } against
            ? new(against, "kind")
            : Permit.Yes(Question);
    }

    /// <summary>All that must be known, with what is; <see cref="Before"/> is what of it is open.</summary>
    public required IReadOnlyList<BeforePower> List { get; init; }

    /// <summary>How it is brought to power, by how it came and what was done to it since.</summary>
    public PowerRitual Ritual { get; init; }

    /// <summary>Why the supply may feed no board, where its step was taken; null when it may.</summary>
    public Verdict? Idle { get; init; }

    /// <summary>The verdict of an open danger; null when there is none.</summary>
    public Verdict? Danger { get; init; }

    /// <summary>The screen on which the first open danger is answered; empty when there is none.</summary>
    public string AnsweredOn { get; init; } = "";

    public static PowerSession Of(MachineFacts f, DateTimeOffset now)
    {
        var ritual = Rituals.Of(f, now);
        var plan = FirstPower.Compose(f.Machine.Class, Intake.Hazards.CarefulTraits(f.Machine), ritual);
        var supply = f.SupplyTrust();
        // What was read of it outranks a word: a supply that was found bad feeds nothing because somebody saw it run.
        if (ritual == PowerRitual.RunsHere && supply.Trust < Trust.Loaded && !f.SupplyReadBad())
        {
            supply = Survey.SupplyTrust.RunsHere(f.Machine.RanWord);
        }
        var list = PowerList.Of(f, now);
        var before = list.Where(h => !h.Permit.Granted).ToList();
        var lapsed = f.PowerSteps.Where(s => s.Through && (f.Lapsed(s) || !Holds(f, plan, s))).Select(s => s.Kind).ToList();
        var steps = f.PowerSteps.Where(s => !lapsed.Contains(s.Kind)).ToList();
        var gate = FirstPower.Stand(plan, steps, supply);
        var dangers = Dangers.Of(f);
        var danger = FirstPower.Against(dangers);
        // One that failed later on, before an earlier one was taken again, is not what stands: the list is.
        var failed = steps.Any(s =>
            s.State == PowerStepState.Failed && plan.Any(p => p.Kind == s.Kind) && (gate.Next is not { } next || s.Kind <= next)
        );
        var idle = !failed && gate.Verdict.Outcome == Outcome.No ? gate.Verdict : null;
        var feeds = Against(before, idle);
        var verdict =
            danger
            ?? (
                failed ? gate.Verdict
                : feeds is not null ? feeds with { Cautions = [.. feeds.Cautions.Union(gate.Verdict.Cautions)] }
                : gate.Verdict
            );
        return new(plan, gate.Next, verdict, danger is not null || failed || idle is not null, supply, before, lapsed)
        {
            List = list,
            Danger = danger,
            AnsweredOn = dangers.Count > 0 ? dangers[0].Screen : "",
            Idle = idle,
            Ritual = ritual,
            LeftBehind = [.. dangers.Where(d => d.LeftBehind is not null)],
        };
    }

    /// <summary>Dangers of which the entry is gone, and that nobody has dealt with.</summary>
    public IReadOnlyList<RaisedDanger> LeftBehind { get; init; } = [];

    /// <summary>
    /// A step that was through is through while what it rests on still says so: its readings, of every rail as the rails are now, or
    /// what was seen. Decided against with a reason, it stands by that while the facts are those.
    /// </summary>
    static bool Holds(MachineFacts f, IReadOnlyList<PowerStepPlan> plan, PowerStep s)
    {
        if (plan.FirstOrDefault(p => p.Kind == s.Kind) is not { } of)
        {
            return true;
        }
        if (s.State == PowerStepState.Overruled)
        {
            return OverrulePowerStep.Stands(f, s);
        }
        var seen = (s.Seen + s.Heard + s.Said).Trim().Length > 0;
        if (!of.Reads)
        {
            return seen;
        }
        var read = PowerAct.Judge(f.Machine, s.Kind, f.ReadingsOf(s));
        return read is null ? !of.MustRead && seen : (of.MustRead || seen) && read.Verdict.Outcome is Outcome.Yes or Outcome.YesIf;
    }

    /// <summary>Everything that is open, as one verdict; null when nothing is.</summary>
    static Verdict? Against(List<BeforePower> before, Verdict? idle) =>
        before.Count == 0 ? idle
        : before.Count == 1 && idle is null ? Against(before)
        : Against(idle is null ? before : [.. before, new("supply", "Its supply", new(idle, "kind"))]);

    static Verdict Against(List<BeforePower> before)
    {
        // What is known to be wrong is said before what is not known.
        before = [.. before.OrderBy(b => b.Permit.Verdict.Outcome == Outcome.No ? 0 : 1)];
        var first = before[0].Permit.Verdict;
        var all = first with
        {
            Question = Question,
            Outcome = before.Any(b => b.Permit.Verdict.Outcome == Outcome.No) ? Outcome.No : Outcome.Unknown,
            Sentence =
                before.Count == 1 ? first.Sentence
                : before.All(b => b.Permit.Verdict.Outcome == Outcome.Unknown) ? $"Leave it off: {before.Count} things are not known yet."
                : $"Leave it off: {before.Count} things come first.",
            Reasons =
            [
                .. before.SelectMany(b => b.Permit.Verdict.Reasons.Prepend(new Reason(b.Permit.Verdict.Sentence))).DistinctBy(r => r.Text),
            ],
            WouldChange = [.. before.SelectMany(b => b.Permit.Verdict.WouldChange).Distinct()],
            MayBeOverruled = before.All(b => b.Permit.MayBeOverruled),
            Cautions = [.. before.SelectMany(b => b.Permit.Verdict.Cautions).Distinct()],
        };
        return all;
    }
}
