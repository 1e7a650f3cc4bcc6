using System.Text.Json.Serialization;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>
/// Where every machine stands and what comes next. The rule for now, which a solver will replace: a danger first, then what
/// others wait for, then the earliest stage, then the oldest.
/// </summary>
public static partial class MachineStatusRule
{
    public static MachineStatus Of(MachineFacts f, DateTimeOffset now)
    {
        var year = now.Year;
        var caps = f.Summary(year);
        var gate = PowerSession.Of(f, now);
        var plan = gate.Plan;
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
        )
        {
            ValidUntil = ValidUntil(f, now),
        };
    }

    /// <summary>The next instant at which something here comes out otherwise by itself. Ages count in years, so a year's first day is always one.</summary>
    static DateTimeOffset ValidUntil(MachineFacts f, DateTimeOffset now)
    {
        static DateTimeOffset Morning(DateOnly day) => new(day, TimeOnly.MinValue, TimeSpan.Zero);
        return f
            .Jobs.Where(j => j.Waits(now))
            .Select(j => j.WaitUntil)
            .OfType<DateTimeOffset>()
            .Concat(f.TestsInPieces.Where(t => t.Covers(f, now)).Select(t => t.At + TestInPieces.Good))
            .Concat(f.Areas.Select(a => a.InspectOn).Append(f.Cell?.NextCheck).OfType<DateOnly>().Select(Morning))
            .Append(new DateTimeOffset(now.Year + 1, 1, 1, 0, 0, 0, TimeSpan.Zero))
            .Where(t => t > now)
            .Min();
    }

    /// <summary>The rule by which any two acts are ordered, on one machine or across all.</summary>
    public static IOrderedEnumerable<NextAct> Order(IEnumerable<NextAct> acts) =>
        acts.OrderByDescending(a => a.Danger).ThenByDescending(a => a.WantedBy).ThenBy(a => a.Stage).ThenBy(a => a.Since);

    static StageProgress ProgressOf(
        Stage stage,
        MachineFacts f,
        CapacitorSummary caps,
        IReadOnlyList<PowerStepPlan> plan,
        PowerSession gate,
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
                    Count(8, f.PowerSteps.Any(s => s.Kind == p.Kind && s.Through) && !gate.Lapsed.Contains(p.Kind));
                }
                stopped = gate.Stopped && gate.Next is not null;
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
                all += 8 * caps.All;
                done += 8 * (caps.Of(CapacitorStand.Sound) + caps.Of(CapacitorStand.Exchanged));
                foreach (var (weight, through) in BoardActs.Progress(f))
                {
                    Count(weight, through);
                }
                var left = caps.Of(CapacitorStand.ComesOut) + caps.Of(CapacitorStand.Exchanging);
                var uncleaned = f.Areas.FirstOrDefault(a => a.Next is not null);
                waits =
                    uncleaned is not null ? Words.Lower(AreaTreatment.Words(uncleaned.Next!.Value))
                    : left > 0 ? $"{left} to go"
                    : caps.Of(CapacitorStand.NotMeasured) > 0 ? $"{caps.Of(CapacitorStand.NotMeasured)} to measure"
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

    static (string, string, StageState) Say(MachineFacts f, PowerSession gate, NextAct? next, Job? waiting, CapacitorSummary caps)
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
        if (gate.Stopped && gate.Next is not null)
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

        var out_ = caps.Of(CapacitorStand.ComesOut) + caps.Of(CapacitorStand.Exchanging);
        return next is null
            ? ("Nothing listed.", "Add work, or close its stages.", StageState.Empty)
            : (
                $"{next.Title}.",
                waiting is not null ? $"Meanwhile: {waiting.WaitsFor}"
                : out_ > 0 && next.Screen == "capacitors" ? $"{out_} come out, {caps.Of(CapacitorStand.NotMeasured)} not measured"
                : next.Needs,
                StageState.Here
            );
    }
}
