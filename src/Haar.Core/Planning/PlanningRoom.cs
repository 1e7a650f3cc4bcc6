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

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        var raised = m.Facts.Findings.ToDictionary(f => f.Id);
        foreach (var j in m.Facts.Jobs.Where(j => j.State != JobState.Done && !m.Closed.Contains(j.Stage)))
        {
            var finding = j.FindingId is { } id ? raised.GetValueOrDefault(id) : null;
            var waits = j.Waits(m.Now);
            yield return new($"job/{j.Id}", j.Title, j.Stage, KindOf(j, m.Facts.Findings), WorkTask.About(j.Minutes))
            {
                Why = j.Why,
                Needs = j.Needs,
                After = [.. j.After.Select(a => $"job/{a}")],
                From = j.State == JobState.Waiting ? j.WaitUntil : null,
                // A parcel that should be here and is not booked in is late, and nobody knows by how much.
                OpenWait = waits && j.WaitUntil is null || j is { State: JobState.Waiting, OrderId: not null } && !waits,
                // Also when it is over, until somebody has gone.
                WaitsFor = j.State == JobState.Waiting ? j.WaitsFor : "",
                // By the finding, which nobody talks down; else by its own field.
                Skills =
                    finding is not null && Survey.FindingRules.ForTheTrained(finding.Kind)
                        ? [BenchSkill.Mains]
                        : WorkSkills.Of(j.For, j.Title, j.Needs),
                Danger = j.Settles && finding is { Open: true } && Survey.FindingRules.Meaning(finding.Kind).StopsPower,
                Grows = j.Settles && finding is { Open: true } && Survey.FindingRules.Grows(finding.Kind),
                Screen = Survey.FindingWork.ScreenOf(j, m.Facts.Findings) is { Length: > 0 } does ? does : ScreenOf(j.Stage),
                JobId = j.Id,
                OrderId = j.State == JobState.Waiting ? j.OrderId : null,
                // What it is about lies on a board; of what is about nothing in particular nobody knows.
                At =
                    j.Stage == Stage.Boards && (j.SubjectId is not null || j.OrderId is not null)
                        ? new(Stripdown.PieceKind.Board, true)
                        : null,
            };
        }
        // What nobody has listed is not nothing: a stage to come counts as what it usually takes.
        foreach (var (stage, title, minutes, kind) in Usual)
        {
            if (!m.Closed.Contains(stage) && Has(m.Machine, stage) && Listed(m, stage) is false)
            {
                yield return new($"stage/{stage}", title, stage, kind, minutes)
                {
                    Guess = true,
                    ByWord = true,
                    Why = "Nothing is listed there yet.",
                    Screen = ScreenOf(stage),
                };
            }
        }
    }

    /// <summary>Whether such a machine has that stage at all: a terminal, a home micro and an organiser have what they run in their chips.</summary>
    static bool Has(Intake.Machine machine, Stage stage) =>
        stage != Stage.System
        || machine.Class is not (Intake.MachineClass.Terminal or Intake.MachineClass.EightBit or Intake.MachineClass.Pocket);

    /// <summary>Hands-on minutes of a stage of which nothing is known: from practice on small machines, wide. House figures.</summary>
    static readonly (Stage Stage, string Title, Estimate Minutes, WorkKind Kind)[] Usual =
    [
        (Stage.StripDown, "Take it apart as far as its work needs", new(15, 40, 120), WorkKind.Assembling),
        (Stage.Rebuild, "Put it together again", new(20, 60, 150), WorkKind.Assembling),
        (Stage.BringUp, "Bring it up: settings, clock, drives", new(15, 45, 180), WorkKind.AtTheMachine),
        (Stage.System, "Install or mend its system", new(20, 75, 300), WorkKind.AtTheMachine),
        (Stage.Prove, "Measure before and after", new(10, 25, 60), WorkKind.AtTheMachine),
        (Stage.HandOver, "Read the write-up and hand it over", new(10, 15, 40), WorkKind.Deciding),
    ];

    /// <summary>Whether any room has something there, done or to do.</summary>
    static bool Listed(MachineNow m, Stage stage) => AllRooms.InOrder.Any(r => r.Progress(m).Any(s => s.Stage == stage && s.Weight > 0));

    /// <summary>As the rule has it that made it; where a person typed it, by who does it and by its stage.</summary>
    static WorkKind KindOf(Job j, IEnumerable<Survey.Finding> findings) =>
        Survey.FindingWork.KindOf(j, findings) ?? (j.For == WorkFor.WhoSolders ? WorkKind.Soldering : KindOf(j.Stage));

    static WorkKind KindOf(Stage stage) =>
        stage switch
        {
            Stage.Survey or Stage.Arrive => WorkKind.Looking,
            Stage.Boards => WorkKind.Soldering,
            Stage.Case => WorkKind.Washing,
            Stage.StripDown or Stage.Rebuild or Stage.Parts => WorkKind.Assembling,
            Stage.HandOver => WorkKind.Deciding,
            _ => WorkKind.AtTheMachine,
        };

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
        foreach (var o in w.Facts.Otherwise.OrderBy(o => o.At))
        {
            yield return new(WriteUpPart.Done, o.Sentence);
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
