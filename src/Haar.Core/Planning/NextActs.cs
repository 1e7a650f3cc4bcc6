using System.Text.Json.Serialization;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>What the hand can do now on one machine.</summary>
public static partial class MachineStatusRule
{
    static IEnumerable<NextAct> Acts(
        MachineFacts f,
        CapacitorSummary caps,
        PowerSession gate,
        IReadOnlyList<PowerStepPlan> plan,
        HashSet<Stage> closed,
        DateTimeOffset now
    )
    {
        var m = f.Machine;
        if (m.Lot is { } lot)
        {
            if (lot.SortedAt is null)
            {
                yield return f.Boxes.Count == 0
                    ? new(
                        "Write down what is in each box",
                        "A lot is a few machines and many donors: which few shows only when all are open.",
                        Stage.Arrive,
                        30,
                        "Torch, gloves, camera",
                        false,
                        0,
                        m.ArrivedAt,
                        "lot"
                    )
                    : new(
                        $"Sort the lot of {f.Boxes.Count} {(f.Boxes.Count == 1 ? "box" : "boxes")}",
                        "Nothing of it is worth an hour before it is clear which few are finished and which give.",
                        Stage.Arrive,
                        10 + 5 * f.Boxes.Count,
                        "",
                        false,
                        0,
                        m.ArrivedAt,
                        "lot"
                    );
            }

            yield break;
        }

        if (m.Donor)
        {
            yield break;
        }
        var byFinding = f.Jobs.Where(j => j.FindingId is not null && j.Settles).Select(j => j.FindingId!.Value).ToHashSet();
        var dangers = Dangers.Of(f).ToList();
        var stops = dangers.Where(d => d.Kind == DangerKind.Finding).Select(d => d.Subject).ToHashSet();
        foreach (var d in dangers.Where(d => !(d.Kind == DangerKind.Finding && byFinding.Contains(d.Subject))))
        {
            yield return new(
                d.Work,
                $"{d.Why} Power stays off until it is dealt with.",
                Stage.Survey,
                20,
                "",
                true,
                0,
                d.Since ?? f.Dangers.LastOrDefault(r => r.Stands && r.Kind == d.Kind && r.Subject == d.Subject)?.Since ?? now,
                d.Screen
            );
        }
        foreach (
            var finding in f.Findings.Where(x =>
                x.Open
                && !FindingRules.Meaning(x.Kind).StopsPower
                && !byFinding.Contains(x.Id)
                && FindingRules.Meaning(x.Kind).Work.Length > 0
            )
        )
        {
            var meaning = FindingRules.Meaning(finding.Kind);
            yield return new(meaning.Work, meaning.Why, meaning.WorkStage, 20, "", false, 0, finding.At, "survey");
        }

        var undone = f.Jobs.Where(j => j.State != JobState.Done).Select(j => j.Id).ToHashSet();
        foreach (
            var job in f.Jobs.Where(j =>
                j.State != JobState.Done && !j.Waits(now) && !j.After.Any(a => undone.Contains(a) || f.OpenElsewhere.Contains(a))
            )
        )
        {
            var wanted = f.WantedBy.GetValueOrDefault(job.Id);
            var why = job.State == JobState.Waiting ? $"Its wait is over: {job.WaitsFor}." : job.Why;
            var danger = job.Settles && job.FindingId is { } raised && stops.Contains(raised);
            yield return new(
                job.Title,
                danger ? $"{why} Power stays off until it is dealt with."
                    : wanted > 0 ? $"{why} {wanted} other {(wanted == 1 ? "piece of work waits" : "pieces of work wait")} for it.".Trim()
                    : why,
                danger ? Stage.Survey : job.Stage,
                job.Minutes,
                job.Needs,
                danger,
                wanted,
                job.WaitUntil ?? job.At,
                danger ? "survey" : ScreenOf(job.Stage),
                job.Id
            );
        }

        if (m.SurveyedAt is null && !closed.Contains(Stage.Survey))
        {
            yield return new(
                "Look it over, outside to inside",
                "Nothing is powered before somebody has looked: a leak, a crack or a nest shows to the eye first.",
                Stage.Survey,
                20,
                "Torch, gloves, camera",
                false,
                0,
                m.ArrivedAt,
                "survey"
            );
        }

        if (f.StripSteps.Count > 0 && !closed.Contains(Stage.StripDown))
        {
            var n = f.StripSteps.Max(s => s.Number) + 1;
            yield return new(
                $"Strip down: step {n}",
                $"{f.StripSteps.OrderByDescending(s => s.Number).First().Title} came off last. What is recorded now is what goes back right later.",
                Stage.StripDown,
                20,
                "Phone, trays, driver",
                false,
                0,
                f.StripSteps.Min(s => s.At),
                "stripdown"
            );
        }
        else if (f.StripSteps.Count > 0 && !closed.Contains(Stage.Rebuild) && Rebuild(f, now) is { } rebuild)
        {
            yield return rebuild;
        }

        if (!closed.Contains(Stage.Boards))
        {
            foreach (var act in BoardActs.Of(f, caps, now))
            {
                yield return act;
            }
        }

        if (
            gate.Next is { } stepNext
            && m.SurveyedAt is not null
            && !closed.Contains(Stage.Survey)
            && gate.May(stepNext).Granted
            && !gate.Stopped
        )
        {
            yield return new(
                $"First power: {plan.First(p => p.Kind == stepNext).Title.ToLowerInvariant()}",
                gate.Verdict.Sentence,
                Stage.Survey,
                15,
                "Multimeter",
                false,
                0,
                m.SurveyedAt.Value,
                "power"
            );
        }
        else if (gate.Next is not null && f.PowerSteps.Any(s => s.State == PowerStepState.Failed && !gate.Lapsed.Contains(s.Kind)))
        {
            yield return new(
                "Fit a tested supply, or hand this one over",
                gate.Verdict.Sentence,
                Stage.Survey,
                30,
                "A supply that has been tested",
                true,
                0,
                m.ArrivedAt,
                "power"
            );
        }

        if (f.Proofs.Count == 0 && gate.Next is null && f.Jobs.All(j => j.State == JobState.Done) && !closed.Contains(Stage.Prove))
        {
            yield return new(
                "Measure one thing before and after",
                "Work that nobody measured is work that nobody can show.",
                Stage.Prove,
                20,
                "Stopwatch",
                false,
                0,
                now,
                "prove"
            );
        }

        if (
            m.HandedOverAt is null
            && gate.Next is null
            && f.StripSteps.All(s => s.StaysOut || s.BackAt is not null)
            && f.Findings.All(x => !x.Open)
            && Stages
                .All.SkipLast(1)
                .All(s =>
                    closed.Contains(s)
                    || s is Stage.Arrive or Stage.Survey or Stage.Boards or Stage.Prove
                    || f.Jobs.All(j => j.Stage != s || j.State == JobState.Done)
                )
            && caps.Settled
            && BoardActs.Progress(f).All(p => p.Done)
        )
        {
            yield return new(
                "Hand it over",
                "Everything listed is done: read the write-up once more and sign it off.",
                Stage.HandOver,
                15,
                "",
                false,
                0,
                now,
                "handover"
            );
        }
    }

    static NextAct? Rebuild(MachineFacts f, DateTimeOffset now)
    {
        var strip = f.Strip;
        var plan = strip.Plan(now);
        var since = f.StripSteps.Max(s => s.At);
        if (plan.Loop.Count > 0)
        {
            return new("Correct the strip-down's record", plan.Verdict.Sentence, Stage.Rebuild, 10, "", false, 0, since, "rebuild");
        }
        var fasteners = strip.Reconciled();
        if (fasteners.Wrong + fasteners.LeftOver > 0)
        {
            return new(
                fasteners.Wrong > 0
                    ? "Take the wrong screw out again"
                    : $"Find the home of {(fasteners.LeftOver == 1 ? "one screw" : $"{fasteners.LeftOver} screws")} left over",
                fasteners.Verdict.Sentence,
                Stage.Rebuild,
                10,
                "",
                false,
                0,
                since,
                "fasteners"
            );
        }
        return plan.Steps.FirstOrDefault(s => s.WaitUntil is null) is { } step
            ? new(
                step.Title,
                step.Why[0],
                Stage.Rebuild,
                10,
                step.Opens.Count > 0 ? $"Tray {string.Join(", ", step.Opens)}" : "",
                false,
                0,
                since,
                "rebuild"
            )
            : null;
    }

    static string ScreenOf(Stage stage) =>
        stage switch
        {
            Stage.Arrive => "arrive",
            Stage.Survey => "surveywork",
            Stage.StripDown => "stripwork",
            Stage.Boards => "boards",
            Stage.Case => "case",
            Stage.Parts => "parts",
            Stage.Rebuild => "rebuildwork",
            Stage.BringUp => "bringup",
            Stage.System => "system",
            Stage.Prove => "prove",
            _ => "handover",
        };
}
