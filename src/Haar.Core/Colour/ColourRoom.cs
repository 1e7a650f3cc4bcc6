using Haar.Core.Markings;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>Colour that age has given: measured, whitened by sessions, and stopped in time.</summary>
public sealed class ColourRoom : Room
{
    static string Name(MachineFacts f, WhiteningRun r) => f.CleanedItems.FirstOrDefault(i => i.Id == r.ItemId)?.Name ?? "the part";

    /// <summary>Share of the way from the first reading to what is wanted.</summary>
    static double Way(WhiteningRun r) =>
        r.DoneAt is not null ? 1
        : r.Comparable is [var first, .., var last] && r.TargetB is { } goal && first.B - goal > 0.5
            ? Math.Clamp((first.B - last.B) / (first.B - goal), 0, 0.95)
        : r.Readings.Count > 0 ? 0.1
        : 0;

    public override IEnumerable<Share> Progress(MachineNow m) => m.Facts.WhiteningRuns.Select(r => new Share(Stage.Case, 20, 20 * Way(r)));

    public override IEnumerable<HandsOff> Waits(MachineNow m) =>
        m
            .Facts.WhiteningRuns.Where(r => r.Running is not null)
            .Select(r => new HandsOff(
                Stage.Case,
                r.Running!.Bleach.Light == BleachLight.Sun ? "in the sun" : "under the lamp",
                $"Take {Words.Lower(Name(m.Facts, r))} out of the light",
                r.Running.From.AddHours(r.Running.PlannedHours)
            ));

    public override IEnumerable<DateTimeOffset> Changes(MachineNow m) =>
        m.Facts.WhiteningRuns.Select(r => r.Running).OfType<WhiteningSession>().Select(s => s.From.AddHours(s.PlannedHours));

    /// <summary>In the light in one go, where nobody has said otherwise or would have to stay for longer. A house figure.</summary>
    const double SessionHours = 3;

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        if (m.Closed.Contains(Stage.Case))
        {
            yield break;
        }
        foreach (var r in m.Facts.WhiteningRuns.Where(r => r.DoneAt is null))
        {
            var (name, screen) = (Words.Lower(Name(m.Facts, r)), $"cleaning?item={r.Id}");
            // Planned in sessions that fit an evening or a morning: what nobody can end in time is not begun.
            var hours = Math.Min(r.Sessions is [.., var last] ? last.PlannedHours : SessionHours, SessionHours);
            var place = r.Sessions is [.., { Bleach.Light: not BleachLight.Sun }] ? BenchPlaces.Lamp : BenchPlaces.Sill;
            // Without two readings nobody knows: two sessions are usual.
            var more =
                m.Machine.ColourPolicy != ColourPolicy.Whiten ? 0
                : r.Forecast() is { HoursToTarget: { } h } ? (int)Math.Clamp(Math.Ceiling(h.Likely / Math.Max(hours, 0.5)), 0, 8)
                : r.Forecast() is { Verdict.Outcome: Outcome.No } ? 0
                : 2;
            if (r.Running is { } s)
            {
                yield return new(
                    $"colour/{r.Id}/out",
                    $"Take {name} out of the light, rinse and photograph it",
                    Stage.Case,
                    WorkKind.Washing,
                    new(10, 20, 40)
                )
                {
                    Why = "What dries on it leaves streaks.",
                    Needs = "Gloves, glasses, water, card",
                    From = s.From.AddHours(s.PlannedHours),
                    Places = [s.Bleach.Light == BleachLight.Sun ? BenchPlaces.Sill : BenchPlaces.Lamp],
                    HeldBefore = true,
                    WaitsFor = s.Bleach.Light == BleachLight.Sun ? "in the sun" : "under the lamp",
                    WaitMinutes = 12 * 60,
                    WaitFor = "drying",
                    Screen = screen,
                };
                more = Math.Max(0, more - 1);
            }
            else if (r.Readings.Count == 0)
            {
                yield return new($"colour/{r.Id}/out", $"Photograph {name} under the card", Stage.Case, WorkKind.Measuring, new(3, 6, 15))
                {
                    Why = "What is not measured cannot be compared.",
                    Needs = "Grey or white card",
                    Screen = screen,
                };
            }
            for (var i = 0; i < more; i++)
            {
                yield return new(
                    $"colour/{r.Id}/in/{i}",
                    $"{Words.Capital(name)} into the light",
                    Stage.Case,
                    WorkKind.Washing,
                    new(8, 15, 30)
                )
                {
                    Why = r.Forecast()?.Verdict.Sentence ?? "As far as its policy wants it.",
                    Needs = "Peroxide, tray, gloves, glasses",
                    Optional = true,
                    After = i == 0 ? [$"colour/{r.Id}/out"] : [$"colour/{r.Id}/look/{i - 1}"],
                    Places = [place],
                    WaitMinutes = (int)(60 * hours),
                    WaitFor = "in the light",
                    // Longer than this in the light dries the film out and blooms; a session that nobody can end is not begun.
                    WaitMostMinutes = (int)(60 * Math.Max(hours, StartSession.MostHours)),
                    WaitPlace = place,
                    Screen = screen,
                };
                yield return new(
                    $"colour/{r.Id}/look/{i}",
                    $"Take {name} out of the light, rinse and photograph it",
                    Stage.Case,
                    WorkKind.Washing,
                    new(10, 20, 40)
                )
                {
                    Why = "What dries on it leaves streaks.",
                    Needs = "Gloves, glasses, water, card",
                    Optional = true,
                    After = [$"colour/{r.Id}/in/{i}"],
                    WaitMinutes = 12 * 60,
                    WaitFor = "drying",
                    Screen = screen,
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
        foreach (var r in m.Facts.WhiteningRuns.Where(r => r.DoneAt is null))
        {
            var name = Words.Lower(Name(m.Facts, r));
            var item = m.Facts.CleanedItems.FirstOrDefault(i => i.Id == r.ItemId);
            if (r.Running is { } s)
            {
                if (s.From.AddHours(s.PlannedHours) <= m.Now)
                {
                    yield return Act(
                        $"Take {name} out of the light",
                        "Its time is over; what dries on it leaves streaks.",
                        15,
                        "Gloves, glasses, water",
                        s.From
                    );
                }
            }
            else if (
                item is { Wet: false }
                && (r.Readings.Count == 0 || r.Sessions is [.., { Until: { } ended }] && r.Readings[^1].At < ended)
            )
            {
                yield return Act(
                    $"Photograph {name} under the card",
                    "What is not measured cannot be compared.",
                    5,
                    "Grey or white card",
                    m.Machine.ArrivedAt
                );
            }
            else if (item is { Wet: false } && m.Machine.ColourPolicy == ColourPolicy.Whiten)
            {
                yield return r.Forecast() is { Verdict.Outcome: Outcome.No } stop
                    ? Act($"{Words.Capital(name)}: white enough", stop.Verdict.Sentence, 1, "", m.Machine.ArrivedAt)
                    : Act(
                        $"{Words.Capital(name)} into the light",
                        r.Forecast()?.Verdict.Sentence ?? "The first session.",
                        20,
                        "Peroxide, gloves, glasses, tray",
                        m.Machine.ArrivedAt
                    );
            }
        }

        static NextAct Act(string title, string why, int minutes, string needs, DateTimeOffset since) =>
            new(title, why, Stage.Case, minutes, needs, false, 0, since, "cleaning");
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        if (m.Facts.WhiteningRuns.FirstOrDefault(r => r.Running is not null) is { } running)
        {
            yield return Rooms.Left.No(
                Stage.HandOver,
                $"Not yet. {Words.Capital(Name(m.Facts, running))} is in the light, with peroxide on it.",
                "It has to come out, be rinsed and dried.",
                "That it is dry."
            );
        }
        var open = m.Facts.WhiteningRuns.Where(r => r.DoneAt is null).ToList();
        if (open.Count > 0)
        {
            yield return new(Stage.Case, $"{open.Count} {(open.Count == 1 ? "part is" : "parts are")} not white enough yet.")
            {
                Lines =
                [
                    .. open.Select(r =>
                        $"{Words.Capital(Name(m.Facts, r))}: {r.Forecast()?.Verdict.Sentence ?? "not measured twice yet."}"
                    ),
                ],
                Count = open.Count,
            };
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w) =>
        w
            .Facts.WhiteningRuns.Where(r => r.Comparable.Count >= 2 && r.Sessions.Count > 0)
            .Select(r => new Written(
                WriteUpPart.Done,
                $"{Words.Capital(Name(w.Facts, r))} whitened: b* {Si.Plain(Math.Round(r.Comparable[0].B, 1))} to {Si.Plain(Math.Round(r.Comparable[^1].B, 1))} in {r.Sessions.Count} {(r.Sessions.Count == 1 ? "session" : "sessions")}{(r.Readings[^1].Absolute ? "" : "; differences under one card")}. It will yellow again."
            ));
}
