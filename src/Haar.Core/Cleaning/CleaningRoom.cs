using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Safety;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What is cleaned, rung by rung, and dry before it meets power.</summary>
public sealed class CleaningRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Facts.CleanedItems.Select(i => new Share(Stage.Case, 15, i.Open ? 15 * (1 - Ladder.For(i.Facts).LeftShare) * 0.8 : 15));

    /// <summary>What works by itself for so long is left, and looked at another time. A house figure.</summary>
    const int LongSoakMinutes = 30;

    /// <summary>Dried warmer than this it is not dried in the room. A house figure.</summary>
    const double WarmCelsius = 25;

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Case))
        {
            yield break;
        }
        foreach (var i in m.Facts.CleanedItems.Where(i => i.Open && i.Sheet.Soak is not { Method.Length: 0 }))
        {
            var name = Words.Lower(i.Name);
            var ladder = i.Rungs();
            var at = i.PieceId is { } piece && m.Facts.StripSteps.Any(s => s.Id == piece) ? new Reach(PieceKind.Other, true, piece) : null;
            var method = Methods.Of(i.Facts).FirstOrDefault(x => x.Id == (i.Sheet.Soak?.Method ?? ladder.Next));
            var wash = i.Sheet.Soak is not null || !i.Wet && method is not null;
            var dries = (int)Math.Ceiling(60 * (i.DryingNeeded().Hours ?? 24));
            // Warmed, it dries in the airing cupboard; otherwise on any bench.
            var dryPlace = i.DryingCelsius > WarmCelsius ? BenchPlaces.AiringCupboard : "";
            var soaks = method is { Bath: true, DwellMinutes: >= LongSoakMinutes } && i.Sheet.Soak is null;
            if (wash && method is not null && soaks)
            {
                yield return new(
                    $"item/{i.Id}/soak",
                    $"{Words.Capital(i.Name)} into the bath: {Words.Lower(method.Name.Split(',')[0])}",
                    Stage.Case,
                    WorkKind.Washing,
                    new(5, 10, 25)
                )
                {
                    Why = ladder.Verdict.Sentence,
                    Needs = method.Needs,
                    Uses = [.. method.Uses.Select(u => u with { Amount = 2 * u.Amount })],
                    Places = [BenchPlaces.Bath],
                    WaitMinutes = method.DwellMinutes,
                    WaitFor = "in the bath",
                    WaitPlace = BenchPlaces.Bath,
                    At = at,
                    Screen = $"cleaning?item={i.Id}",
                };
            }
            if (wash && method is not null)
            {
                yield return new(
                    $"item/{i.Id}/pass",
                    i.Sheet.Soak is not null || soaks
                        ? $"Take {name} out of the bath and rinse it"
                        : $"{Words.Capital(i.Name)}: {Words.Lower(method.Name.Split(',')[0])}",
                    Stage.Case,
                    method.Strength >= 8 ? WorkKind.Dusty : WorkKind.Washing,
                    // The first rung may do, and three may not: nobody knows before.
                    new(method.HandsMinutes, 2 * method.HandsMinutes + 5, 6 * method.HandsMinutes + 15)
                )
                {
                    Why = ladder.Verdict.Sentence,
                    Needs = method.Needs,
                    Uses = soaks || i.Sheet.Soak is not null ? [] : [.. method.Uses.Select(u => u with { Amount = 2 * u.Amount })],
                    After = soaks ? [$"item/{i.Id}/soak"] : [],
                    Places = method.Bath ? [BenchPlaces.Bath] : [],
                    HeldBefore = i.Sheet.Soak is not null,
                    From = i.Sheet.Soak?.Until,
                    WaitsFor = i.Sheet.Soak is not null ? "in the bath" : "",
                    Gives =
                        method.Substance is Substance.Alcohol or Substance.Hydrocarbon ? [Airborne.Solvent]
                        : method.Strength >= 8 ? [Airborne.Dust]
                        : [],
                    WaitMinutes =
                        method.Wets ? dries
                        : method is { Bath: false, DwellMinutes: >= LongSoakMinutes } ? method.DwellMinutes
                        : 0,
                    WaitFor = method.Wets ? "drying" : Words.Lower(method.Name.Split(',')[0]),
                    WaitPlace = method.Wets ? dryPlace : "",
                    At = at,
                    Screen = $"cleaning?item={i.Id}",
                };
            }
            if (i.Wet || method?.Wets == true)
            {
                yield return new(
                    $"item/{i.Id}/dry",
                    $"Weigh {name}, and see whether it is dry",
                    Stage.Case,
                    WorkKind.Measuring,
                    new(3, 5, 10)
                )
                {
                    Why = "Least time, and two equal weighings.",
                    Needs = "Scale",
                    After = [$"item/{i.Id}/pass"],
                    From = i.Sheet.Soak is null && i.Wet ? i.DryFrom() : null,
                    WaitsFor = i.Sheet.Soak is null && i.Wet ? "drying" : "",
                    At = at,
                    Screen = $"cleaning?item={i.Id}",
                };
            }
        }
    }

    public override IEnumerable<(Guid FindingId, string Keys)> Treats(MachineNow m) =>
        m.Facts.CleanedItems.Where(i => i.FindingId is not null).Select(i => (i.FindingId!.Value, $"item/{i.Id}/"));

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Case))
        {
            yield break;
        }
        var open = m.Facts.CleanedItems.Where(i => i.Open).ToList();
        var soaked = open.Find(i => i.Sheet.Soak is { Method.Length: > 0 } soak && soak.Until <= m.Now);
        var dry = open.Find(i => i.Wet && i.Sheet.Soak is null && i.DryFrom() <= m.Now);
        var next = open.Find(i => !i.Wet);
        if (soaked is not null)
        {
            yield return Act(
                $"Take {Words.Lower(soaked.Name)} out of the bath",
                "Its time is over.",
                10,
                "Gloves, water",
                soaked.Sheet.Soak!.From
            );
        }
        else if (dry is not null)
        {
            yield return Act(
                $"Weigh {Words.Lower(dry.Name)}, and see whether it is dry",
                "Its time is over; two equal weighings go with it.",
                5,
                "Scale",
                dry.Sheet.WetAt!.Value
            );
        }
        else if (next is not null)
        {
            var ladder = next.Rungs();
            var method = Methods.Of(next.Facts).FirstOrDefault(x => x.Id == ladder.Next);
            yield return Act(
                method is null
                    ? $"{Words.Capital(next.Name)}: enough"
                    : $"{Words.Capital(next.Name)}: {Words.Lower(method.Name.Split(',')[0])}",
                ladder.Verdict.Sentence,
                method?.HandsMinutes ?? 1,
                method?.Needs ?? "",
                m.Machine.ArrivedAt
            );
        }

        NextAct Act(string title, string why, int minutes, string needs, DateTimeOffset since) =>
            new(title, why, Stage.Case, Math.Max(1, minutes), needs, false, 0, since, "cleaning");
    }

    public override IEnumerable<HandsOff> Waits(MachineNow m)
    {
        foreach (var i in m.Facts.CleanedItems)
        {
            if (i.Sheet.Soak is { Method.Length: 0 })
            {
                // Whitened: told by that.
                continue;
            }
            if (i.Sheet.Soak is { } soak)
            {
                yield return new(Stage.Case, "in the bath", $"Take {Words.Lower(i.Name)} out of the bath", soak.Until);
            }
            else if (i.DryFrom() is { } dry)
            {
                yield return new(Stage.Case, "drying", $"Weigh {Words.Lower(i.Name)}, and see whether it is dry", dry);
            }
        }
    }

    public override string? Beneath(MachineNow m, Stage stage) =>
        stage == Stage.Case && m.Facts.CleanedItems.Any(i => i.Wet) ? "drying" : null;

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m.Facts.CleanedItems.Select(i => i.Sheet.Soak?.Until ?? i.DryFrom()).OfType<DateTimeOffset>();

    public override IEnumerable<RaisedDanger> Dangers(MachineFacts f) =>
        f
            .CleanedItems.Where(i => i is { Wet: true, TakesMains: true })
            .Select(i => new RaisedDanger(
                DangerKind.WetMains,
                i.Id,
                $"{Words.Capital(i.Name)} is wet{(i.Mains == ThreeState.Yes ? ", and takes the mains" : "; nobody has said that it takes no mains")}.",
                i.Mains == ThreeState.Yes
                    ? $"Keep {Words.Lower(i.Name)} unplugged, and have it tested"
                    : $"Say whether {Words.Lower(i.Name)} takes the mains",
                "Water in windings and under sleeves conducts the mains, and drying alone does not end that.",
                [CautionId.MainsSupply],
                i.Sheet.WetAt,
                "cleaning"
            ));

    public override bool? DealtWith(MachineFacts f, Danger danger) =>
        danger.Kind == DangerKind.WetMains ? f.CleanedItems.Any(i => i.Id == danger.Subject && !i.Wet) : null;

    public override IReadOnlyList<Type> RaisedFrom => [typeof(CleanedItem)];

    public override IEnumerable<BeforePower> BeforePower(MachineFacts f, DateTimeOffset now)
    {
        var wet = f.CleanedItems.Where(i => i.Wet).ToList();
        const string title = "What was washed is dry";
        if (wet.Count == 0)
        {
            yield return Rooms.BeforePower.Is(
                "wetItems",
                title,
                f.CleanedItems.Count == 0 ? "Nothing of it was washed here." : "Nothing that was washed is still wet."
            );
            yield break;
        }
        yield return Rooms.BeforePower.By(
            f,
            "wetItems",
            title,
            Verdict
                .Of(
                    Rooms.BeforePower.Question,
                    Outcome.No,
                    $"No: {Words.And(wet.Select(i => Words.Lower(i.Name)))} {(wet.Count == 1 ? "is" : "are")} wet. Nothing is fed before it is dry.",
                    Basis.Rule,
                    new Reason("Water in a connector or under a chip conducts, and eats.", Source: "practice")
                )
                .Changing("Its least time, and two equal weighings.")
                .Final()
        ) with
        {
            Screen = "cleaning",
        };
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        if (m.Facts.CleanedItems.FirstOrDefault(i => i.Wet) is { } wet)
        {
            yield return Rooms.Left.No(
                Stage.HandOver,
                $"Not yet. {Words.Capital(wet.Name)} is wet.",
                "What is shut up wet moulds, and shorts when it is fed.",
                "That it is dry."
            );
        }
        var open = m.Facts.CleanedItems.Where(i => i.Open).ToList();
        if (open.Count > 0)
        {
            yield return new(Stage.Case, $"{open.Count} {(open.Count == 1 ? "item is" : "items are")} not clean yet.")
            {
                Lines = [.. open.Select(i => $"{Words.Capital(i.Name)}: {i.Rungs().Verdict.Sentence}")],
                Count = open.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.CleanedItems.Where(i => !i.Open)
            .Select(i =>
            {
                var by = i
                    .Facts.Trials.Select(t => Methods.Of(i.Facts).FirstOrDefault(m => m.Id == t.Method)?.Name ?? t.Method)
                    .Distinct()
                    .Select(Words.Lower)
                    .ToList();
                return new Written(
                    WriteUpPart.Done,
                    by.Count == 0 ? $"{Words.Capital(i.Name)} left as it is." : $"{Words.Capital(i.Name)} cleaned: {Words.And(by)}."
                );
            });
}
