using System.Text.Json.Serialization;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

public enum StageState
{
    Empty = 0,
    Begun,
    Here,
    Waiting,
    Stopped,
    Done,
}

/// <summary>One basin of a machine's tideline.</summary>
/// <param name="Level">Share of the stage's work that is done, 0 to 1.</param>
/// <param name="State">Its colour and mark.</param>
/// <param name="Waits">A word or two beneath; empty when nothing.</param>
/// <param name="WaitUntil">When a wait without hands ends.</param>
public sealed record StageProgress(Stage Stage, double Level, StageState State, string Waits, DateTimeOffset? WaitUntil);

/// <summary>Something that the hand can do now.</summary>
/// <param name="Title">An order, without the machine's name.</param>
/// <param name="Why">One sentence.</param>
/// <param name="Stage">Where it is done.</param>
/// <param name="Minutes">Hands-on, likely.</param>
/// <param name="Needs">On the bench.</param>
/// <param name="Danger">It deals with a danger.</param>
/// <param name="WantedBy">How many other pieces of work wait for it.</param>
/// <param name="Since">Since when it has been possible or known.</param>
/// <param name="Screen">Which part of the machine's screens it is done on.</param>
/// <param name="JobId">The job, when it is one.</param>
public sealed record NextAct(
    string Title,
    string Why,
    Stage Stage,
    int Minutes,
    string Needs,
    bool Danger,
    int WantedBy,
    DateTimeOffset Since,
    string Screen,
    Guid? JobId = null
);

/// <summary>Where a machine stands: its tideline, its next act, and the two lines that say so. Computed, never typed.</summary>
/// <param name="Headline">Where its tide stands, in a few words.</param>
/// <param name="Detail">A second line.</param>
/// <param name="Tone">The state that the headline is coloured by.</param>
/// <param name="HandsMinutesLeft">Hands-on minutes of everything listed and not done.</param>
public sealed record MachineStatus(
    [property: JsonPropertyName("tides")] IReadOnlyList<StageProgress> Progress,
    NextAct? Next,
    IReadOnlyList<NextAct> Others,
    string Headline,
    string Detail,
    StageState Tone,
    DateTimeOffset? WaitUntil,
    int HandsMinutesLeft
);

/// <summary>
/// Where every machine stands and what comes next. The rule for now, which a solver will replace: a danger first, then what
/// others wait for, then the earliest stage, then the oldest.
/// </summary>
public static class MachineStatusRule
{
    public static MachineStatus Of(MachineFacts f, DateTimeOffset now)
    {
        var year = now.Year;
        var caps = CapacitorAssessments.Of(f, year);
        var plan = FirstPower.Compose(f.Machine.Class, f.Machine.Traits);
        var gate = FirstPower.Stand(plan, f.PowerSteps, f.Findings, f.OverruledFindings, f.SupplyTrust());
        var closed = f.Closings.Select(c => c.Stage).ToHashSet();
        var acts = Acts(f, caps, gate, plan, closed, now).ToList();
        var ordered = Order(acts).ToList();
        var next = f.Machine.HandedOverAt is null ? ordered.FirstOrDefault() : null;
        var tides = Stages.All.Select(s => ProgressOf(s, f, caps, plan, gate, closed, next, now)).ToList();
        var waiting = f.Jobs.Where(j => j.Waits(now)).OrderBy(j => j.WaitUntil ?? DateTimeOffset.MaxValue).FirstOrDefault();
        var (headline, detail, tone) = Say(f, gate, next, waiting, caps);
        var minutes =
            f.Jobs.Where(j => j.State != JobState.Done).Sum(j => j.Minutes) + acts.Where(a => a.JobId is null).Sum(a => a.Minutes);
        return new(
            tides,
            next,
            [.. ordered.Skip(1).Take(6)],
            headline,
            detail,
            tone,
            waiting?.WaitUntil,
            f.Machine.HandedOverAt is null ? minutes : 0
        );
    }

    /// <summary>The rule by which any two acts are ordered, on one machine or across all.</summary>
    public static IOrderedEnumerable<NextAct> Order(IEnumerable<NextAct> acts) =>
        acts.OrderByDescending(a => a.Danger).ThenByDescending(a => a.WantedBy).ThenBy(a => a.Stage).ThenBy(a => a.Since);

    static IEnumerable<NextAct> Acts(
        MachineFacts f,
        IReadOnlyList<CapacitorAssessment> caps,
        FirstPower.Gate gate,
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
        var stops = f
            .Findings.Where(x => x.Open && !f.OverruledFindings.Contains(x.Id) && FindingRules.Meaning(x.Kind).StopsPower)
            .Select(x => x.Id)
            .ToHashSet();
        foreach (var finding in f.Findings.Where(x => x.Open && !f.OverruledFindings.Contains(x.Id) && !byFinding.Contains(x.Id)))
        {
            var meaning = FindingRules.Meaning(finding.Kind);
            if (meaning.Work.Length > 0)
            {
                yield return new(
                    meaning.Work,
                    $"{meaning.Why}{(meaning.StopsPower ? " Power stays off until it is dealt with." : "")}",
                    meaning.StopsPower ? Stage.Survey : meaning.WorkStage,
                    20,
                    "",
                    meaning.StopsPower,
                    0,
                    finding.At,
                    "survey"
                );
            }
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

        if (gate.Next is { } stepNext && m.SurveyedAt is not null && !closed.Contains(Stage.Survey) && gate.Verdict.Outcome != Outcome.No)
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
        else if (gate.Next is not null && f.PowerSteps.Any(s => s.State == PowerStepState.Failed))
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
            && caps.All(c => c.Stand is CapacitorStand.Sound or CapacitorStand.Exchanged)
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

    static StageProgress ProgressOf(
        Stage stage,
        MachineFacts f,
        IReadOnlyList<CapacitorAssessment> caps,
        IReadOnlyList<PowerStepPlan> plan,
        FirstPower.Gate gate,
        HashSet<Stage> closed,
        NextAct? next,
        DateTimeOffset now
    )
    {
        double done = 0,
            all = 0;
        void Count(double weight, bool isDone)
        {
            all += weight;
            done += isDone ? weight : 0;
        }

        var jobs = f.Jobs.Where(j => j.Stage == stage).ToList();
        foreach (var j in jobs)
        {
            Count(Math.Max(5, j.Minutes), j.State == JobState.Done);
        }
        var m = f.Machine;
        var stopped = false;
        var waits = "";
        switch (stage)
        {
            case Stage.Arrive:
                Count(1, m.Lot is null || m.Lot.SortedAt is not null);
                if (m.Lot is { SortedAt: null })
                {
                    Count(1, f.Boxes.Count > 0);
                    waits = "unsorted";
                }
                break;
            case Stage.Survey when m.Lot is not null || m.Donor:
                break;
            case Stage.StripDown:
                // Nobody knows how many steps are to come: each fills a tenth of what is left of the basin.
                if (f.StripSteps.Count > 0)
                {
                    all += 100;
                    done += 100 * (1 - Math.Pow(0.9, f.StripSteps.Count)) * 0.9;
                    waits = $"step {f.StripSteps.Max(s => s.Number) + 1}";
                }
                break;
            case Stage.Rebuild:
                foreach (var s in f.StripSteps.Where(s => !s.StaysOut))
                {
                    Count(10, s.BackAt is not null);
                }
                if (f.StripSteps.Count > 0)
                {
                    var fasteners = f.Strip.Reconciled();
                    Count(10, fasteners.Wrong + fasteners.LeftOver + fasteners.InTrays == 0);
                    waits =
                        fasteners.LeftOver > 0
                            ? $"{fasteners.LeftOver} left over"
                            : $"{f.StripSteps.Count(s => !s.StaysOut && s.BackAt is null)} to go";
                }

                break;
            case Stage.Survey:
                Count(20, m.SurveyedAt is not null);
                foreach (var p in plan)
                {
                    Count(8, f.PowerSteps.Any(s => s.Kind == p.Kind && s.Through));
                }
                stopped = gate.Verdict.Outcome == Outcome.No && gate.Next is not null;
                waits =
                    stopped ? "stopped"
                    : m.SurveyedAt is not null && gate.Next is not null ? "first power"
                    : "";
                break;
            case Stage.Boards:
                if (f.Cell is { } cell)
                {
                    Count(10, cell.OldOutAt is not null);
                    Count(20, cell.FittedAt is not null);
                }
                foreach (var c in caps)
                {
                    Count(8, c.Stand is CapacitorStand.Sound or CapacitorStand.Exchanged);
                }
                foreach (var (weight, through) in BoardActs.Progress(f))
                {
                    Count(weight, through);
                }
                var left = caps.Count(c => c.Stand is CapacitorStand.ComesOut or CapacitorStand.Exchanging);
                var uncleaned = f.Areas.FirstOrDefault(a => a.Next is not null);
                waits =
                    uncleaned is not null ? Words.Lower(AreaTreatment.Words(uncleaned.Next!.Value))
                    : left > 0 ? $"{left} to go"
                    : caps.Any(c => c.Stand == CapacitorStand.NotMeasured)
                        ? $"{caps.Count(c => c.Stand == CapacitorStand.NotMeasured)} to measure"
                    : "";
                break;
            case Stage.Prove:
                foreach (var p in f.Proofs)
                {
                    Count(10, f.Readings.Any(r => r.SubjectId == p.Id && r.Channel == "after" && !r.Voided));
                }
                break;
            case Stage.HandOver:
                if (m.HandedOverAt is not null)
                {
                    Count(1, true);
                }
                break;
            default:
                break;
        }

        var waiting = jobs.Where(j => j.Waits(now)).OrderBy(j => j.WaitUntil ?? DateTimeOffset.MaxValue).FirstOrDefault();
        var level =
            closed.Contains(stage) ? 1
            : all == 0 ? 0
            : done / all;
        var state =
            level >= 1 ? StageState.Done
            : stopped ? StageState.Stopped
            : waiting is not null && next?.Stage != stage ? StageState.Waiting
            : next?.Stage == stage ? StageState.Here
            : level > 0 ? StageState.Begun
            : StageState.Empty;
        return new(
            stage,
            level,
            state,
            waiting is not null && state == StageState.Waiting ? waiting.WaitsFor
                : state is StageState.Done or StageState.Empty ? ""
                : waits,
            waiting?.WaitUntil
        );
    }

    static (string, string, StageState) Say(
        MachineFacts f,
        FirstPower.Gate gate,
        NextAct? next,
        Job? waiting,
        IReadOnlyList<CapacitorAssessment> caps
    )
    {
        if (f.Machine.HandedOverAt is { } day)
        {
            return ($"Handed over {day:d MMMM}.", "", StageState.Done);
        }

        if (f.Machine.Donor)
        {
            return ("A donor.", "Its good parts stand in the store", StageState.Empty);
        }
        if (f.Machine.Lot is { SortedAt: null })
        {
            return ($"{next?.Title}.", f.Boxes.Count == 0 ? "" : "Nothing of it is decided yet", StageState.Here);
        }
        var stopped = gate.Next is not null && gate.Verdict.Outcome == Outcome.No;
        if (stopped)
        {
            return ("Stopped before power.", next?.Title ?? gate.Verdict.Sentence, StageState.Stopped);
        }

        if (waiting is not null && (next is null || next.Stage > waiting.Stage))
        {
            return (
                $"{char.ToUpperInvariant(waiting.WaitsFor.FirstOrDefault('W'))}{(waiting.WaitsFor.Length > 1 ? waiting.WaitsFor[1..] : "aiting")}",
                next is null ? waiting.Title : $"Meanwhile: {char.ToLowerInvariant(next.Title[0])}{next.Title[1..]}",
                StageState.Waiting
            );
        }

        var out_ = caps.Count(c => c.Stand is CapacitorStand.ComesOut or CapacitorStand.Exchanging);
        return next is null
            ? ("Nothing listed.", "Add work, or close its stages.", StageState.Empty)
            : (
                $"{next.Title}.",
                waiting is not null ? $"Meanwhile: {waiting.WaitsFor}"
                : out_ > 0 && next.Screen == "capacitors"
                    ? $"{out_} come out, {caps.Count(c => c.Stand == CapacitorStand.NotMeasured)} not measured"
                : next.Needs,
                StageState.Here
            );
    }
}
