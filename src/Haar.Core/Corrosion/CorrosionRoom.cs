using Haar.Core.Markings;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

/// <summary>What leaked, and the traces that it reached.</summary>
public sealed class CorrosionRoom : Room
{
    static bool Whole(NetAssessment n) => n.State is NetState.Sound or NetState.Repaired;

    public override IEnumerable<Share> Progress(MachineNow m)
    {
        foreach (var a in m.Facts.Areas)
        {
            foreach (var done in new[] { a.Treatment.NeutralisedAt, a.Treatment.RinsedAt, a.Treatment.AlcoholAt, a.Treatment.DriedAt })
            {
                yield return new(Stage.Boards, 6, done is not null);
            }
            if (a.Stage >= CorrosionStage.MaskLifted)
            {
                yield return new(Stage.Boards, 6, a.Treatment.MaskedAt is not null);
            }
        }
        foreach (var n in m.JudgedNets)
        {
            yield return new(Stage.Boards, 4, Whole(n));
        }
    }

    public override string? Beneath(MachineNow m, Stage stage) =>
        stage == Stage.Boards && m.Facts.Areas.Select(a => a.Next).FirstOrDefault(n => n is not null) is { } next
            ? Words.Lower(AreaTreatment.Words(next))
            : null;

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m.Facts.Areas.Select(a => a.InspectOn).OfType<DateOnly>().Select(d => new DateTimeOffset(d, TimeOnly.MinValue, TimeSpan.Zero));

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Boards))
        {
            yield break;
        }
        // What a listed piece of work treats is that work.
        var planned = m.Facts.Jobs.Where(j => j.State != JobState.Done).Select(j => j.Id).ToHashSet();
        foreach (var a in m.Facts.Areas.Where(a => a.Next is not null))
        {
            if (a.Next <= AreaStep.Alcohol && !(a.JobId is { } job && planned.Contains(job)))
            {
                yield return new(
                    $"area/{a.Id}/wash",
                    $"{Words.Capital(AreaTreatment.Words(a.Next!.Value))}: {a.Name}",
                    Stage.Boards,
                    WorkKind.Washing,
                    new(15, 35, 80)
                )
                {
                    Why = a.Treatment.Wet ? HalfCleaned : "What leaked goes on eating until it is off.",
                    Grows = a.Treatment.Wet,
                    Needs = "Gloves, glasses, pH paper, soft brush, distilled water, alcohol",
                    Uses = [new("pH paper", 3, SupplyUnit.Pieces), new("isopropyl alcohol", 30, SupplyUnit.Millilitres)],
                    Gives = [Airborne.Solvent],
                    At = new(PieceKind.Board, true),
                    WaitMinutes = DryMinutes,
                    WaitFor = "drying",
                    Screen = "capacitors",
                };
            }
            if (a.Stage >= CorrosionStage.MaskLifted && a.Treatment.MaskedAt is null)
            {
                yield return new($"area/{a.Id}/mask", $"New mask: {a.Name}", Stage.Boards, WorkKind.Painting, new(5, 15, 30))
                {
                    After = [$"area/{a.Id}/wash", "nets"],
                    At = new(PieceKind.Board, true),
                    Gives = [Airborne.Solvent],
                    WaitMinutes = 12 * 60,
                    WaitFor = "mask curing",
                    Screen = "capacitors",
                };
            }
        }
        var open = m.JudgedNets.Count(n => n.State is NetState.NotMeasured or NetState.MeasureBetter);
        var bad = m.JudgedNets.Count(n => n.State is NetState.Thin or NetState.Open or NetState.Bridged);
        if (open + bad > 0)
        {
            yield return new(
                "nets",
                open > 0 ? $"Measure {open} {(open == 1 ? "net" : "nets")} end to end" : $"Mend {bad} {(bad == 1 ? "net" : "nets")}",
                Stage.Boards,
                WorkKind.Measuring,
                // Of those not measured some want a wire: nobody knows how many.
                new(3 * open + 8 * bad, 4 * open + 15 * bad, 12 * open + 30 * bad)
            )
            {
                Why = "A trace that looks whole may be eaten through.",
                Needs = "Multimeter, board map, jumper wire, iron",
                Skills = bad > 0 ? [BenchSkill.Soldering] : [],
                Places = bad > 0 ? ["meter", "iron"] : ["meter"],
                After = [.. m.Facts.Areas.Select(a => $"area/{a.Id}/wash")],
                At = new(PieceKind.Board, true),
                Screen = "capacitors",
            };
        }
    }

    const string HalfCleaned = "A board half cleaned corrodes faster than one not touched.";

    /// <summary>A rinsed board is measured, soldered and fed a day later.</summary>
    const int DryMinutes = 24 * 60;

    public override IReadOnlyList<WorkTask> Shape(MachineNow m, IReadOnlyList<WorkTask> work)
    {
        // A listed piece of work that washes an area is that area's washing: as urgent, as wet, and before whatever waits for it.
        var listed = m
            .Facts.Areas.Where(a => a.Next <= AreaStep.Alcohol && a.JobId is not null && work.Any(w => w.JobId == a.JobId))
            .ToDictionary(a => $"area/{a.Id}/wash");
        // New mask goes on when nothing more is soldered: the iron lifts it, and flux gets under it.
        List<string> hot = [.. work.Where(w => w is { Stage: Stage.Boards, Kind: WorkKind.Soldering }).Select(w => w.Key)];
        return
        [
            .. work.Select(w =>
                {
                    var washed = listed.Values.FirstOrDefault(a => a.JobId == w.JobId && w.JobId is not null);
                    return washed is null
                        ? w
                        : w with
                        {
                            Kind = WorkKind.Washing,
                            Grows = washed.Treatment.Wet,
                            At = new(PieceKind.Board, true),
                            Gives = [Airborne.Solvent],
                            WaitMinutes = DryMinutes,
                            WaitFor = "drying",
                        };
                })
                .Select(w =>
                    w with
                    {
                        After =
                        [
                            .. w.After.Select(a => listed.TryGetValue(a, out var area) ? $"job/{area.JobId}" : a),
                            .. w.Kind == WorkKind.Painting && w.Key.StartsWith("area/", StringComparison.Ordinal) ? hot : [],
                        ],
                    }
                ),
        ];
    }

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Boards))
        {
            yield break;
        }
        var f = m.Facts;
        NextAct Act(string title, string why, int minutes, string needs, DateTimeOffset since) =>
            new(title, why, Stage.Boards, minutes, needs, false, 0, since, "capacitors");
        var planned = f.Jobs.Where(j => j.State != JobState.Done).Select(j => j.Id).ToHashSet();
        foreach (var a in f.Areas.Where(a => a.Next is not null && !(a.JobId is { } job && planned.Contains(job))))
        {
            var step = a.Next!.Value;
            yield return Act(
                $"{Words.Capital(AreaTreatment.Words(step))}: {a.Name}",
                step == AreaStep.Neutralise ? "What leaked goes on eating until it is neutralised." : HalfCleaned,
                step == AreaStep.Neutralise ? 30 : 15,
                step is AreaStep.Neutralise ? "Gloves, glasses, pH paper, soft brush"
                    : step == AreaStep.Rinse ? "Distilled water"
                    : "Alcohol, iron off",
                a.Inspections.Count > 0 ? a.Inspections[^1].At : m.Machine.ArrivedAt
            );
        }

        // A net is measured once the area over it is dry, or when it lies under none.
        var dry = f.Areas.Where(a => a.Treatment.DriedAt is not null).Select(a => a.Id).ToHashSet();
        var ready = m.JudgedNets.Where(n => n.UnderAreas.Count == 0 || n.UnderAreas.All(dry.Contains)).ToList();
        var open = ready.Count(n => n.State is NetState.NotMeasured or NetState.MeasureBetter);
        if (open > 0)
        {
            yield return Act(
                $"Measure {open} {(open == 1 ? "net" : "nets")} end to end",
                "A trace that looks whole may be eaten through.",
                4 * open,
                "Multimeter, board map",
                m.Machine.ArrivedAt
            );
        }
        var bad = ready.Where(n => n.State is NetState.Thin or NetState.Open or NetState.Bridged).ToList();
        if (bad.Count > 0)
        {
            yield return Act(
                $"Mend {bad[0].Net.Name}{(bad.Count > 1 ? $" and {bad.Count - 1} more" : "")}",
                bad[0].Trace.Verdict.Sentence,
                15 * bad.Count,
                "Jumper wire, iron, mask",
                m.Machine.ArrivedAt
            );
        }
        var today = DateOnly.FromDateTime(m.Now.UtcDateTime);
        foreach (var a in f.Areas.Where(a => a.Next is null && a.InspectOn <= today))
        {
            yield return Act(
                $"Look at {a.Name} again",
                "Residue left under a chip shows within a season.",
                10,
                "Magnifier, pH paper",
                new DateTimeOffset(a.InspectOn!.Value, TimeOnly.MinValue, TimeSpan.Zero)
            );
        }
    }

    public override IEnumerable<(DateTimeOffset At, string What)> Worked(MachineFacts f) =>
        f
            .Areas.Select(a => (At: a.Treatment.AlcoholAt ?? a.Treatment.RinsedAt ?? a.Treatment.NeutralisedAt, a.Name))
            .Where(w => w.At is not null)
            .Select(w => (w.At!.Value, $"{w.Name}: washed"));

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        static Verdict No(string sentence, Basis basis, string why, string change) =>
            Verdict.Of(Rooms.BeforePower.Question, Outcome.No, sentence, basis, new Reason(why)).Changing(change);

        var wet = f.Areas.Where(a => a.Treatment.Wet).ToList();
        const string screen = "capacitors";
        const string dry = "Its boards are dry",
            clean = "Nothing that leaked is left on its boards",
            whole = "Its traces are whole";
        if (wet.Count == 0)
        {
            yield return Rooms.BeforePower.Is("wet", dry, "Every area on its board maps is dry.");
        }
        else
        {
            yield return Rooms.BeforePower.By(
                f,
                "wet",
                dry,
                No(
                        $"No: {Words.And(wet.Select(a => a.Name))} {(wet.Count == 1 ? "is" : "are")} wet. Nothing is fed before it is dry.",
                        Basis.Rule,
                        "Water and alcohol under a chip conduct, and current through them eats copper within minutes.",
                        "Dried, as long as it takes."
                    )
                    .Final()
            ) with
            {
                Screen = screen,
            };
        }
        var residue = f.Areas.Where(a => a.Stage >= CorrosionStage.Bloom && a.Treatment.RinsedAt is null).ToList();
        // A cell that leaked reached something: where no area is marked, nobody has said how far.
        var leaked = f.Cell?.Site.Leaking == ThreeState.Yes || f.Findings.Any(x => x.Kind == FindingKind.LeakingCell);
        var reach = f.Answers.FirstOrDefault(a => a.Item == "leak-reach")?.Answer;
        if (leaked && f.Areas.Count == 0 && reach is not (LookAnswer.Sound or LookAnswer.NotHere))
        {
            yield return Rooms.BeforePower.Open(
                f,
                "residue",
                clean,
                "Say how far the leak reached: a cell has leaked, and no area is marked.",
                "Residue draws damp and conducts: with power on it, it eats copper faster.",
                "Its edge marked on the board map; or the place looked at and sound, on the look-over.",
                reach?.ToString(),
                f.Cell?.Site.Leaking.ToString()
            ) with
            {
                Screen = screen,
            };
        }
        else if (residue.Count == 0)
        {
            yield return Rooms.BeforePower.Is(
                "residue",
                clean,
                "Every area on its board maps that is more than tarnished is neutralised and rinsed clean."
            );
        }
        else
        {
            yield return Rooms.BeforePower.By(
                f,
                "residue",
                clean,
                No(
                    $"Not yet: what leaked at {Words.And(residue.Select(a => a.Name))} is not neutralised and rinsed clean.",
                    Basis.Rule,
                    "Residue draws damp and conducts: with power on it, it eats copper faster.",
                    "Neutralised, rinsed, dried."
                ),
                residue.Select(a => $"{a.Id} {a.Stage}").ToList()
            ) with
            {
                Screen = screen,
            };
        }
        var judged = f.JudgedNets();
        var nets = judged.Where(n => !Whole(n)).ToList();
        // Where the mask is gone and no net is marked, nobody has looked; new mask went over it only with somebody's word.
        var bare = f
            .Areas.Where(a =>
                a.Stage >= CorrosionStage.MaskLifted && a.Treatment.MaskedAt is null && judged.All(n => !n.UnderAreas.Contains(a.Id))
            )
            .ToList();
        if (nets.Count + bare.Count == 0)
        {
            yield return Rooms.BeforePower.Is("traces", whole, "Every net that is marked on its board maps is measured and whole.");
        }
        else
        {
            var bad = nets.FirstOrDefault(n => n.State is NetState.Thin or NetState.Open or NetState.Bridged);
            yield return Rooms.BeforePower.By(
                f,
                "traces",
                whole,
                No(
                    bad is not null ? $"Not yet: {bad.Net.Name} is not mended."
                        : nets.Count > 0
                            ? $"Not yet: {(nets.Count == 1 ? $"{nets[0].Net.Name} has" : $"{nets.Count} nets have")} not been measured."
                        : $"Not yet: nobody has said which nets run under {Words.And(bare.Select(a => a.Name))}.",
                    nets.Count > 0 ? Basis.Measured : Basis.Rule,
                    "A trace that looks whole may be eaten through, and one that is bridged feeds what it should not.",
                    "Every net under it marked, measured end to end, and mended where it has to be."
                ),
                nets.Select(n => $"{n.Net.Id} {n.State}").Concat(bare.Select(a => a.Id.ToString())).ToList()
            ) with
            {
                Screen = screen,
            };
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var dirty = m.Facts.Areas.Where(a => a.Next is not null).ToList();
        if (dirty.FirstOrDefault(a => a.Treatment.NeutralisedAt is not null) is { } half)
        {
            yield return Rooms.Left.No(
                Stage.HandOver,
                $"Not yet. {Words.Capital(half.Name)} is half cleaned.",
                "A board half cleaned corrodes faster than one not touched.",
                $"Its next step: {AreaTreatment.Words(half.Next!.Value)}."
            );
        }
        if (dirty.Count > 0)
        {
            yield return new(Stage.Boards, $"{dirty.Count} corroded {(dirty.Count == 1 ? "area is" : "areas are")} not cleaned.")
            {
                Lines = [.. dirty.Select(a => $"{Words.Capital(a.Name)}: {AreaTreatment.Words(a.Next!.Value)}.")],
                Count = dirty.Count,
            };
        }
        var nets = m.JudgedNets.Where(n => !Whole(n)).ToList();
        if (nets.Count > 0)
        {
            yield return new(Stage.Boards, $"{nets.Count} {(nets.Count == 1 ? "net is" : "nets are")} not known to be whole.")
            {
                Lines = [.. nets.Select(n => n.Trace.Verdict.Sentence)],
                Count = nets.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        foreach (var a in w.Facts.Areas.Where(a => a.Treatment.NeutralisedAt is not null))
        {
            var last = a.Inspections.Count > 0 ? a.Inspections[^1] : null;
            yield return new(
                WriteUpPart.Eaten,
                $"{Words.Capital(a.Name)}: {(last is null ? "" : $"{Si.Plain(Math.Round(last.SquareCentimetres, 1))} cm² at stage {(int)last.Stage}, ")}neutralised{(a.Treatment.RinsedAt is null ? "" : $", rinsed {a.Treatment.Rinses} times{(a.Treatment.Ph is { } ph ? $" to pH {Si.Plain(ph)}" : "")}")}{(a.Treatment.DriedAt is null ? "" : ", dried")}{(a.Treatment.MaskedAt is null ? "" : ", new mask")}{(a.InspectOn is { } day ? $"; to be looked at by {day:d MMMM yyyy}" : "")}."
            );
        }
        foreach (var n in w.Now.JudgedNets.Where(n => n.Net.RepairedAt is not null))
        {
            yield return new(
                WriteUpPart.Eaten,
                $"{n.Net.Name} mended: {Words.Sentence(n.Net.Repair)}{(n.ReadOhms is { } ohms ? $" {Si.Format(ohms, "Ω")} end to end." : "")}"
            );
        }
    }
}
