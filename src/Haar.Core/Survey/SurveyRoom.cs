using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>What was found by looking.</summary>
public sealed class SurveyRoom : Room
{
    static string Named(Finding x) => $"{Words.Capital(FindingRules.Meaning(x.Kind).Words)}{(x.Place.Length > 0 ? $", {x.Place}" : "")}";

    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Restored ? [new(Stage.Survey, 20, m.Machine.SurveyedAt is not null)] : [];

    public override IReadOnlyList<Type> RaisedFrom => [typeof(Finding), typeof(Overrule)];

    public override IEnumerable<RaisedDanger> Dangers(MachineFacts f) =>
        f
            .Findings.Where(x => x.Open && FindingRules.Meaning(x.Kind).StopsPower && !f.OverruledFindings.Contains(x.Id))
            .Select(x =>
            {
                var m = FindingRules.Meaning(x.Kind);
                return new RaisedDanger(DangerKind.Finding, x.Id, $"{Named(x)}: {x.Seen}", m.Work, m.Why, m.Cautions, x.At, "survey")
                {
                    Found = x.Kind,
                };
            });

    public override bool? DealtWith(MachineFacts f, Danger danger) =>
        danger.Kind == DangerKind.Finding
            ? f.Findings.Any(x => x.Id == danger.Subject && (!x.Open || f.OverruledFindings.Contains(x.Id)))
            : null;

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now) => LookList.Of(f);

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        var closed = m.Closed.Contains(Stage.Survey);
        if (!closed && m.Machine.SurveyedAt is null)
        {
            yield return new("survey/look", "Look it over, outside to inside", Stage.Survey, WorkKind.Looking, new(10, 25, 60))
            {
                Why = "Nothing is powered before somebody has looked.",
                Needs = "Torch, gloves, camera",
                Screen = "survey",
            };
        }
        var settled = m.Facts.Jobs.Where(j => j.FindingId is not null && j.Settles).Select(j => j.FindingId!.Value).ToHashSet();
        foreach (var x in m.Facts.Findings.Where(x => x.Open && !settled.Contains(x.Id)))
        {
            // Of a stage that somebody closed nothing more is wanted, but what keeps power off.
            if (
                FindingRules.Meaning(x.Kind) is { Work.Length: > 0 } meaning
                && (meaning.StopsPower || !closed && !m.Closed.Contains(meaning.WorkStage))
            )
            {
                yield return new($"finding/{x.Id}", meaning.Work, meaning.WorkStage, WorkKind.Looking, WorkTask.About(20))
                {
                    Why = meaning.Why,
                    Danger = meaning.StopsPower,
                    Grows = FindingRules.Grows(x.Kind),
                    Skills = FindingRules.ForTheTrained(x.Kind) ? [BenchSkill.Mains] : [],
                    Screen = "survey",
                };
            }
        }
    }

    /// <summary>What another room treats by its own rows is only looked at again here, when it is done there; what does more harm the longer it waits is as urgent there.</summary>
    public override IReadOnlyList<WorkTask> Shape(MachineNow m, IReadOnlyList<WorkTask> work)
    {
        var treated = AllRooms.InOrder.SelectMany(r => r.Treats(m)).ToLookup(t => $"finding/{t.FindingId}", t => t.Keys);
        if (treated.Count == 0)
        {
            return work;
        }
        static bool Begins(string key, IEnumerable<string> by) => by.Any(b => key.StartsWith(b, StringComparison.Ordinal));
        var urgent = work.Where(w => w.Grows).SelectMany(w => treated[w.Key]).ToList();
        return
        [
            .. work.Select(w => Begins(w.Key, urgent) ? w with { Grows = true } : w)
                .Select(w =>
                    treated[w.Key].ToList() is not { Count: > 0 } by
                        ? w
                        : w with
                        {
                            Title = $"Look again: {Words.Lower(Place(m, w.Key))}",
                            Why =
                                "It was found at the look-over, and is treated by work of its own: see that it is dealt with, and say so.",
                            Kind = WorkKind.Looking,
                            Minutes = WorkTask.About(5),
                            Grows = false,
                            After = [.. w.After, .. work.Select(x => x.Key).Where(k => Begins(k, by))],
                        }
                ),
        ];
    }

    static string Place(MachineNow m, string key)
    {
        var x = m.Facts.Findings.First(x => $"finding/{x.Id}" == key);
        return x.Place.Length > 0 ? x.Place : FindingRules.Meaning(x.Kind).Words;
    }

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (Intake.Hazards.Unidentified(m.Machine))
        {
            yield return new(
                "Unplug it, then say what it is: mains lead, tube, battery",
                "Nobody has said whether mains or a picture tube is in it: until then it counts as both, and nothing is cut or opened.",
                Stage.Survey,
                3,
                "",
                true,
                0,
                m.Machine.ArrivedAt,
                "survey"
            );
        }
        var settled = m.Facts.Jobs.Where(j => j.FindingId is not null && j.Settles).Select(j => j.FindingId!.Value).ToHashSet();
        foreach (var x in m.Facts.Findings.Where(x => x.Open && !settled.Contains(x.Id)))
        {
            if (FindingRules.Meaning(x.Kind) is { StopsPower: false, Work.Length: > 0 } meaning)
            {
                yield return new(meaning.Work, meaning.Why, meaning.WorkStage, 20, "", false, 0, x.At, "survey");
            }
        }
        if (m.Machine.SurveyedAt is null && !m.Closed.Contains(Stage.Survey))
        {
            yield return new(
                "Look it over, outside to inside",
                "Nothing is powered before somebody has looked: a leak, a crack or a nest shows to the eye first.",
                Stage.Survey,
                20,
                "Torch, gloves, camera",
                false,
                0,
                m.Machine.ArrivedAt,
                "survey"
            );
        }
    }

    public override Disputed? Against(OverruleKind kind, string subject, MachineNow m)
    {
        if (kind != OverruleKind.Finding)
        {
            return null;
        }
        var x =
            m.Facts.Findings.FirstOrDefault(x => Guid.TryParse(subject, out var id) && id == x.Id)
            ?? throw new InvalidInputException("subject", "There is no such finding on this machine.");
        var stops = FindingRules.StopsPower(x, m.Facts.Overrules);
        return stops.Granted
            ? new(Permit.No("subject", "It stops no power: there is nothing to overrule."), "")
            : new(stops, "no longer stops power");
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var open = m.Facts.Findings.Where(x => x.Open).ToList();
        if (open.Count == 0)
        {
            yield break;
        }
        var danger = open.FirstOrDefault(x => FindingRules.Meaning(x.Kind).StopsPower);
        var against = danger is null ? null : FindingRules.Meaning(danger.Kind);
        yield return new(
            Stage.HandOver,
            $"{open.Count} {(open.Count == 1 ? "finding is" : "findings are")} still open.",
            against is null
                ? null
                : Verdict
                    .Of(
                        Rooms.Left.Question,
                        Outcome.No,
                        $"Not yet. A danger is open: {against.Words}{(danger!.Place.Length > 0 ? $", {danger.Place}" : "")}.",
                        Basis.Rule,
                        new Reason(against.Why)
                    )
                    .Changing($"{against.Work}, and say so on the finding.")
                    .With(against.Cautions)
        )
        {
            Lines = [.. open.Select(x => $"{Named(x)}: {x.Seen}")],
            Count = open.Count,
        };
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        var f = w.Facts;
        foreach (var x in f.Findings.OrderBy(x => x.At))
        {
            yield return new(WriteUpPart.Found, $"{Named(x)}: {x.Seen}{(x.Open ? "" : $" {Words.Sentence(x.DealtWith)}")}".Trim());
        }
        foreach (var o in f.Observations.Where(o => !o.Voided).OrderBy(o => o.At))
        {
            var what = o.Kind switch
            {
                ObservationKind.Beep => "It beeped",
                ObservationKind.ErrorCode => "Error code",
                ObservationKind.MemoryCount => "It counted",
                ObservationKind.Sound => "Heard",
                ObservationKind.Smell => "Smelled",
                ObservationKind.Picture => "Picture",
                _ => "It said",
            };
            yield return new(WriteUpPart.Said, $"{what}: {Words.Sentence(o.Text)}");
        }
        yield return new(WriteUpPart.Summary, $"{f.Findings.Count} {(f.Findings.Count == 1 ? "finding" : "findings")}");
    }
}
