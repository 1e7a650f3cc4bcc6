using Haar.Core.Intake;
using Haar.Core.Rooms;

namespace Haar.Core.Planning;

/// <summary>
/// Where every machine stands and what comes next. The rule for now, which a solver will replace: a danger first, then what
/// others wait for, then the earliest stage, then the oldest. What there is to do is said by the rooms.
/// </summary>
public static class MachineStatusRule
{
    public static MachineStatus Of(MachineFacts f, DateTimeOffset now)
    {
        var m = new MachineNow(f, now);
        var acts = AllRooms
            .InOrder.SelectMany(r => r.Acts(m))
            .Where(a => m.Restored || (a.Stage == Stage.Arrive && !f.Machine.Donor))
            .Where(a => a.Danger || !AllRooms.InOrder.Any(r => r.LeavesShut(m, a.Stage)))
            .ToList();
        var ordered = Order(acts).ToList();
        var handedOver = f.Machine.HandedOverAt is not null;
        // What is set aside neither nags nor counts; a danger in it does.
        var parked = f.Machine.Parked(DateOnly.FromDateTime(now.UtcDateTime));
        var next = handedOver ? null : ordered.FirstOrDefault(a => !parked || a.Danger);
        var shares = AllRooms.InOrder.SelectMany(r => r.Progress(m)).ToLookup(s => s.Stage);
        var waits = AllRooms
            .InOrder.SelectMany(r => r.Waits(m))
            .Where(w => w.Until is null || w.Until > now)
            .OrderBy(w => w.Until ?? DateTimeOffset.MaxValue)
            .ToList();
        var tides = Stages.All.Select(s => ProgressOf(s, [.. shares[s]], m, next, waits.Find(w => w.Stage == s))).ToList();
        var waiting = waits.FirstOrDefault();
        var (headline, detail, tone) = Say(m, next, waiting);
        var minutes =
            f.Jobs.Where(j => j.State != JobState.Done).Sum(j => j.Minutes) + acts.Where(a => a.JobId is null).Sum(a => a.Minutes);
        return new(
            tides,
            next,
            [.. ordered.Where(a => a != next && (!parked || a.Danger)).Take(6)],
            headline,
            detail,
            tone,
            waiting?.Until,
            handedOver || parked ? 0 : minutes
        )
        {
            ValidUntil = ValidUntil(m),
            Unlisted = waits.Find(w => !w.Listed),
        };
    }

    /// <summary>The next instant at which something here comes out otherwise by itself. Ages count in years, so a year's first day is always one.</summary>
    static DateTimeOffset ValidUntil(MachineNow m) =>
        AllRooms
            .InOrder.SelectMany(r => r.Changes(m))
            .Concat(m.Machine.WakesOn is { } wakes ? [new DateTimeOffset(wakes, TimeOnly.MinValue, TimeSpan.Zero)] : [])
            .Append(new DateTimeOffset(m.Now.Year + 1, 1, 1, 0, 0, 0, TimeSpan.Zero))
            .Where(t => t > m.Now)
            .Min();

    /// <summary>The rule by which any two acts are ordered, on one machine or across all.</summary>
    public static IOrderedEnumerable<NextAct> Order(IEnumerable<NextAct> acts) =>
        acts.OrderByDescending(a => a.Danger).ThenByDescending(a => a.WantedBy).ThenBy(a => a.Stage).ThenBy(a => a.Since);

    static StageProgress ProgressOf(Stage stage, IReadOnlyList<Share> shares, MachineNow m, NextAct? next, HandsOff? waiting)
    {
        var all = shares.Sum(s => s.Weight);
        var level =
            m.Closed.Contains(stage) ? 1
            : all == 0 ? 0
            : shares.Sum(s => s.Done) / all;
        var state =
            level >= 1 ? StageState.Done
            : AllRooms.InOrder.Any(r => r.Stops(m, stage)) ? StageState.Stopped
            : waiting is not null && next?.Stage != stage ? StageState.Waiting
            : next?.Stage == stage ? StageState.Here
            : level > 0 ? StageState.Begun
            : StageState.Empty;
        return new(
            stage,
            level,
            state,
            waiting is not null && state == StageState.Waiting ? waiting.For
                : state is StageState.Done or StageState.Empty ? ""
                : AllRooms.InOrder.Select(r => r.Beneath(m, stage)).FirstOrDefault(b => b is not null) ?? "",
            waiting?.Until
        );
    }

    static Headline Say(MachineNow m, NextAct? next, HandsOff? waiting)
    {
        if (m.Machine.HandedOverAt is { } day)
        {
            return new($"Handed over {day:d MMMM}.", "", StageState.Done);
        }
        if (m.Machine.Parked(DateOnly.FromDateTime(m.Now.UtcDateTime)) && next is null)
        {
            return new(
                "Set aside.",
                Parking.Wakes(m.Machine) is { Length: > 0 } wakes
                    ? $"{m.Machine.ParkedWhy.TrimEnd('.')}; {Verdicts.Words.Lower(wakes)}"
                    : m.Machine.ParkedWhy,
                StageState.Empty
            );
        }
        if (AllRooms.InOrder.Select(r => r.Headline(m, next)).FirstOrDefault(h => h is not null) is { } said)
        {
            return said;
        }
        if (waiting is not null && (next is null || next.Stage > waiting.Stage))
        {
            return new(
                waiting.For.Length > 0 ? Verdicts.Words.Capital(waiting.For) : "Waiting",
                next is null ? waiting.Then : $"Meanwhile: {char.ToLowerInvariant(next.Title[0])}{next.Title[1..]}",
                StageState.Waiting
            );
        }
        return next is null
            ? new("Nothing listed.", "Add work, or close its stages.", StageState.Empty)
            : new($"{next.Title}.", waiting is not null ? $"Meanwhile: {waiting.For}" : next.Beside ?? next.Needs, StageState.Here);
    }
}
