using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;

namespace Haar.Core.Keyboards;

/// <summary>Keyboards, key by key.</summary>
public sealed class KeyboardsRoom : Room
{
    static int Open(Keyboard k) =>
        k.Caps.Count(c =>
            c.State is CapState.Off or CapState.Donor or CapState.Missing
            || c.Trouble != KeyTrouble.None && c.Tries is not [.., { Helped: true }]
        );

    public override IEnumerable<Share> Progress(MachineNow m) =>
        m.Facts.Keyboards.Select(k => new Share(Stage.Case, 25, k.Caps.Count == 0 ? 0 : 25 * (1 - (double)Open(k) / k.Caps.Count)));

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        foreach (var k in m.Closed.Contains(Stage.Case) ? [] : m.Facts.Keyboards)
        {
            var away = k.Away.Count();
            var trouble = k.Caps.Count(c => KeyLadder.Next(c, k.Switch).Rung is not null);
            if (k.Caps.Count == 0)
            {
                yield return new(
                    $"keys/{k.Id}/map",
                    $"{Words.Capital(k.Name)}: photograph it and take its caps off",
                    Stage.Case,
                    WorkKind.Mechanics,
                    new(15, 35, 70)
                )
                {
                    Why = "Its caps come off by the map that the photo becomes.",
                    Needs = "Camera, cap puller",
                    At = k.FromId is { } piece && m.Facts.StripSteps.Any(s => s.Id == piece) ? new(PieceKind.Keyboard, true, piece) : null,
                    Screen = $"cleaning?item={k.Id}",
                };
            }
            else if (away + trouble > 0)
            {
                yield return new(
                    $"keys/{k.Id}/back",
                    $"{Words.Capital(k.Name)}: {(trouble > 0 ? $"{trouble} {(trouble == 1 ? "key" : "keys")} with trouble" : "")}{(trouble > 0 && away > 0 ? ", " : "")}{(away > 0 ? $"{away} caps back" : "")}",
                    Stage.Case,
                    WorkKind.Mechanics,
                    WorkTask.About(Math.Max(2, away / 4.0) + 10 * trouble)
                )
                {
                    Why = "By the map, each as it was.",
                    Needs = "The caps, the map, alcohol, swabs",
                    After = k.ItemId is { } item ? [$"item/{item}/dry"] : [],
                    At = k.FromId is { } piece && m.Facts.StripSteps.Any(s => s.Id == piece) ? new(PieceKind.Keyboard, true, piece) : null,
                    Screen = $"cleaning?item={k.Id}",
                };
            }
        }
    }

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Case))
        {
            yield break;
        }
        foreach (var k in m.Facts.Keyboards)
        {
            var item = m.Facts.CleanedItems.FirstOrDefault(i => i.Id == k.ItemId);
            var away = k.Away.Count();
            if (k.Caps.Count == 0)
            {
                yield return Act(
                    $"Photograph {Words.Lower(k.Name)} from straight above",
                    "Its caps come off by the map that the photo becomes.",
                    5,
                    "Camera"
                );
            }
            else if (away > 0 && item is null or { Wet: false, Sheet.DoneAt: not null })
            {
                yield return Act(
                    $"{away} {(away == 1 ? "cap goes" : "caps go")} back on {Words.Lower(k.Name)}",
                    "By the map, each as it was.",
                    Math.Max(2, away / 4),
                    "The caps, the map"
                );
            }
            else if (away == 0 && k.Caps.FirstOrDefault(c => KeyLadder.Next(c, k.Switch).Rung is not null) is { } cap)
            {
                yield return Act(
                    $"{Words.Capital(k.Name)}, key {cap.Legend}",
                    KeyLadder.Next(cap, k.Switch).Verdict.Sentence,
                    10,
                    "Cap puller, alcohol, swabs"
                );
            }
        }

        NextAct Act(string title, string why, int minutes, string needs) =>
            new(title, why, Stage.Case, minutes, needs, false, 0, m.Machine.ArrivedAt, "cleaning");
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        foreach (var k in m.Facts.Keyboards)
        {
            var (away, missing, dead) = (
                k.Away.Count(),
                k.Caps.Count(c => c.State == CapState.Missing),
                k.Caps.Count(c => c.Trouble != KeyTrouble.None && c.Tries is not [.., { Helped: true }])
            );
            if (away + missing + dead > 0)
            {
                List<string> said =
                [
                    .. away > 0 ? [$"{away} {(away == 1 ? "cap is" : "caps are")} off"] : Array.Empty<string>(),
                    .. missing > 0 ? [$"{missing} missing"] : Array.Empty<string>(),
                    .. dead > 0 ? [$"{dead} {(dead == 1 ? "key does" : "keys do")} not work"] : Array.Empty<string>(),
                ];
                var line = $"{Words.Capital(k.Name)}: {Words.And(said)}.";
                yield return new(Stage.Case, line)
                {
                    Lines = [line],
                    Count = 1,
                    Holds = away > 0,
                };
            }
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.Keyboards.Where(k => k.Caps.Any(c => c.State is CapState.Back))
            .Select(k =>
            {
                var donors = k.Caps.Where(c => c is { State: CapState.Back, From.Length: > 0 }).ToList();
                var mended = k.Caps.Count(c => c.Tries is [.., { Helped: true }]);
                return new Written(
                    WriteUpPart.Done,
                    $"{Words.Capital(k.Name)}: {k.Caps.Count(c => c.State == CapState.Back)} caps washed and put back by the map{(donors.Count > 0 ? $", {donors.Count} of them from {Words.And(donors.Select(d => d.From).Distinct())}" : "")}{(mended > 0 ? $", {mended} {(mended == 1 ? "key" : "keys")} working again" : "")}."
                );
            });
}
