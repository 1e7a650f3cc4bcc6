using Haar.Core.Markings;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>Rust and sheet metal: freed, trued, painted, and earthed afterwards.</summary>
public sealed class FinishRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Facts.SheetMetals.SelectMany(p => FinishSteps.Procedure.Of(p).Select(s => new Share(Stage.Case, 6, s.DoneAt(p) is not null)));

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m.Facts.SheetMetals.Select(FinishSteps.From).OfType<DateTimeOffset>();

    public override IEnumerable<HandsOff> Waits(MachineNow m) =>
        m
            .Facts.SheetMetals.Where(p => FinishSteps.From(p) > m.Now)
            .Select(p => new HandsOff(
                Stage.Case,
                p.Next == FinishStep.Cure ? "paint curing" : "paint drying",
                $"{Words.Capital(p.Name)}: {FinishSteps.Procedure.Words(p.Next!.Value)}",
                FinishSteps.From(p)
            ));

    /// <summary>How long a remover lies on, by how far it is rusted; null where fleece by hand does it. As the steps of <see cref="Rust"/> say: some hours, or overnight.</summary>
    static double? RemoverHours(SheetMetal p) =>
        p.Rusted() is not { Verdict.Outcome: Outcome.Yes or Outcome.YesIf } r ? null
        : p.Reach == ToolReach.Folds || r.Grade is > 2 and <= 4 ? 4
        : r.Grade > 4 ? 12
        : null;

    /// <summary>Months in which paint dries outdoors in temperate Europe: sheets ask for 10 to 15 °C at least. A house figure; who lives elsewhere paints by the thermometer.</summary>
    static bool Warm(DateTimeOffset now) => now.Month is >= 4 and <= 10;

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Case))
        {
            yield break;
        }
        foreach (var p in m.Facts.SheetMetals.Where(p => p is { Next: not null, StaysAsItIs: false }))
        {
            var before = "";
            var open = FinishSteps.Procedure.Of(p).Where(s => s.DoneAt(p) is null).Select(s => s.Step).ToList();
            WorkTask Task(string word, string title, WorkKind kind, double minutes) =>
                new($"panel/{p.Id}/{word}", $"{Words.Capital(p.Name)}: {title}", Stage.Case, kind, WorkTask.About(minutes))
                {
                    After = before.Length > 0 ? [before] : [],
                    At = p.FromId is { } piece && m.Facts.StripSteps.Any(s => s.Id == piece) ? new(PieceKind.Other, true, piece) : null,
                    Screen = $"cleaning?item={p.Id}",
                };
            // Bare steel rusts again within hours: off with the rust, dried and primed is one go.
            var bare = open.Where(s =>
                    s
                        is FinishStep.ReadResidue
                            or FinishStep.Neutralise
                            or FinishStep.Mask
                            or FinishStep.RemoveRust
                            or FinishStep.Dry
                            or FinishStep.Oil
                            or FinishStep.TrueUp
                            or FinishStep.Prime
                )
                .ToList();
            // A remover works by itself, for hours: laid on in one visit, taken off in another.
            var remover =
                bare.Contains(FinishStep.RemoveRust) && bare[0] is FinishStep.RemoveRust or FinishStep.Mask ? RemoverHours(p) : null;
            if (remover is { } soaks)
            {
                var task = Task("remover", "lay the rust remover on", WorkKind.Washing, 15);
                yield return task with
                {
                    Why = p.Rusted()!.Verdict.Sentence,
                    Needs = "Chelating rust remover, cloths, foil, gloves",
                    Uses = [new("rust remover", Math.Ceiling(p.SquareCentimetres / 20), SupplyUnit.Millilitres)],
                    WaitMinutes = (int)(60 * soaks),
                    WaitFor = "the rust remover",
                };
                before = task.Key;
            }
            if (bare.Count > 0)
            {
                var task = Task(
                    "bare",
                    FinishSteps.Procedure.Words(bare[0])
                        + (bare.Count > 1 ? $", and {bare.Count - 1} more steps up to {FinishSteps.Procedure.Words(bare[^1])}" : ""),
                    WorkKind.Dusty,
                    bare.Sum(s => s == FinishStep.RemoveRust ? 45 : 10)
                );
                yield return task with
                {
                    Why = "What lies bare rusts again within hours: in one go.",
                    Needs = remover is null ? "Fleece, oil, mask, water, primer" : "Fleece, mask, water, primer",
                    Places = [BenchPlaces.Yard],
                    Gives = [Airborne.Dust, Airborne.Solvent],
                    From = FinishSteps.From(p),
                    WaitMinutes = bare.Contains(FinishStep.Prime) ? (int)p.Paint.RecoatFromMinutes : 0,
                    WaitFor = "primer drying",
                };
                before = task.Key;
            }
            if (open.Contains(FinishStep.Coat) || open.Contains(FinishStep.TestCard))
            {
                var coats = Math.Max(1, p.Coats - p.Sheet.Coats.Count);
                var task = Task(
                    "coats",
                    $"{coats} {(coats == 1 ? "coat" : "coats")}",
                    WorkKind.Painting,
                    12 * coats + p.Paint.RecoatFromMinutes * (coats - 1) + 10
                );
                yield return task with
                {
                    Why = "Coats go on within their window, or wrinkle.",
                    Needs = Warm(m.Now)
                        ? "Spray, mask, thermometer, hygrometer"
                        : "Spray, mask, thermometer, hygrometer; a room of 15 to 25 °C that is aired, since it is too cold outdoors",
                    Places = Warm(m.Now) ? [BenchPlaces.Yard] : [],
                    Gives = [Airborne.Solvent],
                    From = before.Length == 0 ? FinishSteps.From(p) : null,
                    WaitMinutes = (int)(60 * p.CureHours),
                    WaitFor = "paint curing",
                };
                before = task.Key;
            }
            if (open.Contains(FinishStep.Cure) || open.Contains(FinishStep.EarthPoints))
            {
                yield return Task("earth", "measure its earth points", WorkKind.Measuring, 10) with
                {
                    Why = "Paint and rust under a screw insulate.",
                    Needs = "Meter",
                    From = before.Length == 0 ? FinishSteps.From(p) : null,
                    WaitsFor = before.Length == 0 && FinishSteps.From(p) > m.Now ? "paint curing" : "",
                };
            }
        }
    }

    public override IEnumerable<(Guid FindingId, string Keys)> Treats(MachineNow m) =>
        m.Facts.SheetMetals.Where(p => p.FromId is not null).Select(p => (p.FromId!.Value, $"panel/{p.Id}/"));

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Case))
        {
            yield break;
        }
        var ready = m.Facts.SheetMetals.Where(p => p is { Next: not null, StaysAsItIs: false } && !(FinishSteps.From(p) > m.Now)).ToList();
        // What lies bare comes first: it rusts again within hours.
        var next = ready
            .OrderByDescending(p => p.Sheet is { RustOffAt: not null, Primer: null, OiledAt: null })
            .ThenByDescending(p => p.Begun)
            .FirstOrDefault();
        if (next is not null)
        {
            var bare = next is { Sheet: { RustOffAt: not null, Primer: null }, Coats: > 0 };
            yield return new(
                $"{Words.Capital(next.Name)}: {FinishSteps.Procedure.Words(next.Next!.Value)}",
                bare ? $"It lies bare, and rusts again within {Si.Plain(Rust.FlashRustHours)} h." : FinishSteps.Stand(next).Sentence,
                Stage.Case,
                next.Next is FinishStep.RemoveRust ? 45
                    : next.Next is FinishStep.Coat or FinishStep.Prime ? 15
                    : 8,
                next.Next switch
                {
                    FinishStep.RemoveRust => "Fleece, remover, mask, water",
                    FinishStep.Prime or FinishStep.Coat => "Spray, mask, thermometer, hygrometer",
                    FinishStep.EarthPoints => "Meter",
                    _ => "",
                },
                false,
                0,
                FinishSteps.Procedure.LastAt(next) ?? m.Machine.ArrivedAt,
                "cleaning"
            );
        }
    }

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        var open = f.SheetMetals.Where(p => p is { HasWorking: true, StaysAsItIs: false, Begun: true } && p.Sheet.EarthAt is null).ToList();
        const string title = "Earth points of panels that were worked on";
        if (open.Count == 0)
        {
            yield return Rooms.BeforePower.Is("earth", title, "No panel was worked on without its earth points being measured.");
        }
        else
        {
            yield return Rooms.BeforePower.By(
                f,
                "earth",
                title,
                Verdict
                    .Of(
                        Rooms.BeforePower.Question,
                        Outcome.No,
                        $"Not yet: the earth points of {Words.And(open.Select(p => Words.Lower(p.Name)))} have not been measured since it was worked on.",
                        Basis.Rule,
                        new Reason(
                            "Paint and rust under a screw insulate, and the case is live when something comes loose.",
                            Source: "IEC 62368-1, 5.6.6"
                        )
                    )
                    .Changing($"At most {Si.Plain(Rust.MostEarthOhms)} Ω to the inlet's earth pin."),
                open.Select(p => $"{p.Id} {p.Sheet.Coats.Count}").ToList()
            ) with
            {
                Screen = "cleaning",
                From = PowerStepKind.SupplyLoaded,
            };
        }
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var open = m.Facts.SheetMetals.Where(p => p is { Next: not null, StaysAsItIs: false }).ToList();
        if (open.Count > 0)
        {
            yield return new(Stage.Case, $"{open.Count} {(open.Count == 1 ? "panel is" : "panels are")} not done.")
            {
                Lines = [.. open.Select(p => $"{Words.Capital(p.Name)}: {FinishSteps.Procedure.Words(p.Next!.Value)}.")],
                Count = open.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.SheetMetals.Where(p => p.StaysAsItIs || p.Next is null)
            .Select(p => new Written(
                WriteUpPart.Done,
                p.StaysAsItIs
                    ? $"{Words.Capital(p.Name)} left as it is: its plating is not ground."
                    : $"{Words.Capital(p.Name)}: {(p.RustedPercent > 0 ? $"rust off ({Si.Plain(p.RustedPercent.Value)} %, Ri {Rust.Grade(p.RustedPercent.Value)})" : "no rust")}{(p.Coats > 0 ? $", primed, {p.Sheet.Coats.Count} {(p.Sheet.Coats.Count == 1 ? "coat" : "coats")}" : "")}{(p.Sheet.EarthOhms is { } o ? $", earth points {Si.Plain(o)} Ω" : "")}."
            ));
}
