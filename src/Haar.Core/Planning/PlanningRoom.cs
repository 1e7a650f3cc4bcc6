using Haar.Core.Rooms;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>Listed work, what it waits for, and what a danger makes urgent.</summary>
public sealed class PlanningRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Facts.Jobs.Select(j => new Share(j.Stage, Math.Max(5, j.Minutes), j.State == JobState.Done));

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m.Facts.Jobs.Where(j => j.Waits(m.Now)).Select(j => j.WaitUntil).OfType<DateTimeOffset>();

    public override IEnumerable<HandsOff> Waits(MachineNow m) =>
        m.Facts.Jobs.Where(j => j.Waits(m.Now)).Select(j => new HandsOff(j.Stage, j.WaitsFor, j.Title, j.WaitUntil, true));

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        var (f, now) = (m.Facts, m.Now);
        var settled = f.Jobs.Where(j => j.FindingId is not null && j.Settles).Select(j => j.FindingId!.Value).ToHashSet();
        var dangers = Safety.Dangers.Of(f).ToList();
        var stops = dangers.Where(d => d.Kind == DangerKind.Finding).Select(d => d.Subject).ToHashSet();
        foreach (var d in dangers.Where(d => !(d.Kind == DangerKind.Finding && settled.Contains(d.Subject))))
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

        var undone = f.Jobs.Where(j => j.State != JobState.Done).Select(j => j.Id).ToHashSet();
        foreach (
            var job in f.Jobs.Where(j =>
                j.State != JobState.Done
                && !j.Waits(now)
                && !j.After.Any(a => undone.Contains(a) || f.OpenElsewhere.Contains(a))
                && AllRooms.InOrder.All(r => r.Holds(m, j) is null)
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
                Survey.FindingWork.ScreenOf(job, f.Findings) is { Length: > 0 } does ? does
                    : danger ? "survey"
                    : ScreenOf(job.Stage),
                job.Id
            );
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var open = m.Facts.Jobs.Where(j => j.State != JobState.Done).ToList();
        if (open.Count > 0)
        {
            yield return new(
                (open.FirstOrDefault(j => !m.Closed.Contains(j.Stage)) ?? open[0]).Stage,
                $"{open.Count} {(open.Count == 1 ? "piece of work is" : "pieces of work are")} still listed."
            )
            {
                Lines = [.. open.Select(j => $"{j.Title}.")],
                Count = open.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        foreach (var j in w.Facts.Jobs.Where(j => j.State == JobState.Done).OrderBy(j => j.DoneAt))
        {
            yield return new(WriteUpPart.Done, $"{j.Title}.");
        }
        foreach (var c in w.Facts.Closings.OrderBy(c => c.Stage))
        {
            yield return new(WriteUpPart.Done, $"{Stages.Words(c.Stage)}: {Words.Sentence(c.Reason)}");
        }
        foreach (var o in w.Facts.Overrules.OrderBy(o => o.At))
        {
            yield return new(WriteUpPart.Overruled, $"“{o.Sentence}” Overruled: {Words.Sentence(o.Reason)}");
        }
    }

    /// <summary>The screen of a stage's listed work.</summary>
    public static string ScreenOf(Stage stage) =>
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
