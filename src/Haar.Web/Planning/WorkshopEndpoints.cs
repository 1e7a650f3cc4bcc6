using System.Text.Json.Serialization;
using Haar.Core.Capacitors;
using Haar.Core.Planning;
using Haar.Core.Settings;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Planning;

/// <param name="DaysToEvent">Negative when it is past; null when nothing presses.</param>
public sealed record WorkshopHead(
    string Name,
    string EventName,
    DateOnly? EventDay,
    int? DaysToEvent,
    string Currency,
    string MeterHost,
    int MeterPort,
    bool MeterShowsPart,
    int Version
);

public sealed record ActOnMachine(Guid MachineId, string MachineName, NextAct Act);

public sealed record WithoutHands(Guid MachineId, string MachineName, Guid? JobId, string Title, string WaitsFor, DateTimeOffset? Until);

public sealed record MachineRow(
    Guid Id,
    string Name,
    string Kind,
    int? Year,
    [property: JsonPropertyName("tides")] IReadOnlyList<StageProgress> Progress,
    string Headline,
    string Detail,
    StageState Tone,
    bool HandedOver
);

/// <param name="InHand">Those that are set aside not counted.</param>
/// <param name="SetAside">Set aside until something wakes them.</param>
public sealed record WorkshopCounts(int InHand, int HandedOver, int Stopped, int HandsMinutesLeft, int SetAside);

public sealed record WorkshopScreen(
    WorkshopHead Workshop,
    ActOnMachine? Next,
    IReadOnlyList<ActOnMachine> Others,
    IReadOnlyList<WithoutHands> WithoutHands,
    IReadOnlyList<MachineRow> Machines,
    WorkshopCounts Counts,
    int Page,
    int Pages,
    PlannedFirst? ByPlan
);

/// <summary>What is next is the first of the plan.</summary>
/// <param name="Person">Whose turn it is by the plan.</param>
/// <param name="At">When it is its turn.</param>
public sealed record PlannedFirst(string Person, DateTimeOffset At, string Key);

public sealed record Found(string Kind, string Title, string Detail, string Path);

static class WorkshopEndpoints
{
    const int PageSize = 40;

    public static void MapWorkshop(this IEndpointRouteBuilder api)
    {
        api.MapGet("/workshop", ScreenAsync)
            .WithName("GetWorkshop")
            .WithTags("Workshop")
            .WithSummary("Every machine's tideline, what to do next and why, what goes on without hands, and the day.");
        api.MapGet("/find", FindAsync)
            .WithName("Find")
            .WithTags("Workshop")
            .WithSummary("Machines, parts on boards and drawer parts whose name holds the words.");
    }

    static async Task<WorkshopScreen> ScreenAsync(
        HaarDb db,
        TimeProvider time,
        Data.Log.Hands hands,
        CancellationToken cancel,
        int page = 1,
        bool handedOver = false
    )
    {
        var now = time.GetUtcNow();
        await MachineStatusKeeper.RefreshStaleAsync(db, now, cancel);
        var workshop = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
        var counts = await db
            .Statuses.Where(s => !s.Removed)
            .GroupBy(s => s.HandedOver)
            .Select(g => new
            {
                HandedOver = g.Key,
                Count = g.Count(),
                Stopped = g.Sum(s => s.Stopped ? 1 : 0),
                Minutes = g.Sum(s => s.HandsMinutesLeft),
            })
            .ToListAsync(cancel);
        var hand = counts.FirstOrDefault(c => !c.HandedOver);
        var gone = counts.FirstOrDefault(c => c.HandedOver);
        var shown = (handedOver ? gone?.Count : hand?.Count) ?? 0;
        var pages = Math.Max(1, (shown + PageSize - 1) / PageSize);
        page = Math.Clamp(page, 1, pages);
        var rows = await db
            .Statuses.AsNoTracking()
            .Where(s => !s.Removed && s.HandedOver == handedOver)
            .OrderBy(s => s.ArrivedAt)
            .ThenBy(s => s.MachineId)
            .Skip((page - 1) * PageSize)
            .Take(PageSize)
            .ToListAsync(cancel);
        var first = await db
            .Statuses.AsNoTracking()
            .Where(s => !s.Removed && !s.HandedOver && s.HasNext)
            .OrderByDescending(s => s.Danger)
            .ThenByDescending(s => s.WantedBy)
            .ThenBy(s => s.NextStage)
            .ThenBy(s => s.Since)
            .Take(6)
            .ToListAsync(cancel);
        var acts = first.Select(s => new ActOnMachine(s.MachineId, s.Name, s.Status.Next!)).ToList();
        // A danger goes before any plan; otherwise the plan says what is next.
        PlannedFirst? byPlan = null;
        if (acts is not [{ Act.Danger: true }, ..])
        {
            var planned = await PlanKeeper.FirstsAsync(db, hands.Name, now, cancel);
            if (planned is [var top, ..])
            {
                byPlan = new(top.Person, top.Start, top.Key);
                acts =
                [
                    .. planned
                        .Take(6)
                        .Select(t => new ActOnMachine(
                            t.MachineId,
                            t.Machine,
                            new(
                                t.Title,
                                t.Work.Why,
                                t.Work.Stage,
                                (int)Math.Max(1, Math.Round((t.End - t.Start).TotalMinutes)),
                                t.Work.Needs,
                                false,
                                0,
                                t.Start,
                                t.Work.Screen,
                                t.Work.JobId
                            )
                        )),
                ];
            }
        }
        var waiting = await db
            .Waits.AsNoTracking()
            .Where(w => w.Until == null || w.Until > now)
            .Join(db.Machines.Where(m => m.RemovedAt == null), w => w.MachineId, m => m.Id, (w, m) => new { w, m.Name })
            .Join(
                db.Jobs,
                x => x.w.JobId,
                j => j.Id,
                (x, j) =>
                    new
                    {
                        x.w,
                        x.Name,
                        j.Title,
                    }
            )
            .OrderBy(x => x.w.Until == null)
            .ThenBy(x => x.w.Until)
            .Take(6)
            .Select(x => new WithoutHands(x.w.MachineId, x.Name, x.w.JobId, x.Title, x.w.For, x.w.Until))
            .ToListAsync(cancel);
        // Baths, the light, drying paint: told by the machine's own status.
        var besides = await db
            .Statuses.AsNoTracking()
            .Where(s => s.UnlistedUntil > now && !s.Removed && !s.HandedOver)
            .OrderBy(s => s.UnlistedUntil)
            .Take(6)
            .ToListAsync(cancel);
        waiting.AddRange(
            besides
                .Where(s => s.Status.Unlisted is not null)
                .Select(s => new WithoutHands(s.MachineId, s.Name, null, s.Status.Unlisted!.Then, s.Status.Unlisted.For, s.UnlistedUntil))
        );
        var parked = await ParkedMachines.AllAsync(db, DateOnly.FromDateTime(time.GetLocalNow().DateTime), cancel);
        var woken = parked.Where(p => p.WokenBy.Length > 0).ToDictionary(p => p.Machine.Id, p => p.WokenBy);
        var aside = parked.Count(p => p.Still);
        return new(
            Head(workshop, time),
            acts.FirstOrDefault(),
            [.. acts.Skip(1)],
            [.. waiting.OrderBy(w => w.Until ?? DateTimeOffset.MaxValue).Take(6)],
            [
                .. rows.Select(s => new MachineRow(
                    s.MachineId,
                    s.Name,
                    s.Kind,
                    s.YearFrom,
                    s.Status.Progress,
                    woken.ContainsKey(s.MachineId) ? "Set aside, and can go on." : s.Status.Headline,
                    woken.GetValueOrDefault(s.MachineId) ?? s.Status.Detail,
                    s.Status.Tone,
                    s.HandedOver
                )),
            ],
            new((hand?.Count ?? 0) - aside, gone?.Count ?? 0, hand?.Stopped ?? 0, hand?.Minutes ?? 0, aside),
            page,
            pages,
            byPlan
        );
    }

    internal static WorkshopHead Head(Core.Settings.Workshop w, TimeProvider time) =>
        new(
            w.Name,
            w.EventName,
            w.EventDay,
            w.EventDay is { } day ? day.DayNumber - DateOnly.FromDateTime(time.GetLocalNow().DateTime).DayNumber : null,
            w.Currency,
            w.MeterHost,
            w.MeterPort,
            w.MeterShowsPart,
            w.Version
        );

    static async Task<IReadOnlyList<Found>> FindAsync(string q, HaarDb db, CancellationToken cancel)
    {
        q = q.Trim();
        if (q.Length is 0 or > 80)
        {
            return [];
        }
        // Every word counts, in whatever order they were typed.
        var words = q.Split(' ', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Take(6).ToList();
        static string Like(string w) =>
            $"%{w.Replace("\\", "\\\\", StringComparison.Ordinal).Replace("%", "\\%", StringComparison.Ordinal).Replace("_", "\\_", StringComparison.Ordinal)}%";
        var machines = db.Machines.AsNoTracking().Where(m => m.RemovedAt == null);
        var capacitors = db
            .Capacitors.AsNoTracking()
            .Join(db.Machines.Where(m => m.RemovedAt == null), c => c.MachineId, m => m.Id, (c, m) => new { c, m });
        var jobs = db
            .Jobs.AsNoTracking()
            .Where(j => j.State != JobState.Done)
            .Join(db.Machines.Where(m => m.RemovedAt == null), j => j.MachineId, m => m.Id, (j, m) => new { j, m });
        foreach (var like in words.Select(Like))
        {
            machines = machines.Where(m =>
                EF.Functions.Like(m.Name, like, "\\") || EF.Functions.Like(m.Model, like, "\\") || EF.Functions.Like(m.Kind, like, "\\")
            );
            capacitors = capacitors.Where(x =>
                EF.Functions.Like(x.c.Designator, like, "\\")
                || EF.Functions.Like(x.c.Marking, like, "\\")
                || EF.Functions.Like(x.m.Name, like, "\\")
            );
            jobs = jobs.Where(x => EF.Functions.Like(x.j.Title, like, "\\") || EF.Functions.Like(x.m.Name, like, "\\"));
        }
        var found = await machines
            .OrderBy(m => m.Name)
            .Take(8)
            .Select(m => new Found("machine", m.Name, m.Kind, $"/m/{m.Id}"))
            .ToListAsync(cancel);
        // A machine that is named whole stands for its parts.
        var whole = await machines.Select(m => m.Id).Take(200).ToListAsync(cancel);
        found.AddRange(
            await capacitors
                .Where(x => !whole.Contains(x.m.Id))
                .OrderBy(x => x.c.Designator)
                .Take(8)
                .Select(x => new Found("capacitor", $"{x.c.Designator} · {x.c.Marking}", x.m.Name, $"/m/{x.m.Id}/capacitors?part={x.c.Id}"))
                .ToListAsync(cancel)
        );
        found.AddRange(
            (
                await jobs.Where(x => !whole.Contains(x.m.Id))
                    .OrderBy(x => x.j.Id)
                    .Take(8)
                    .Select(x => new
                    {
                        x.j.Title,
                        x.j.Stage,
                        x.m.Name,
                        x.m.Id,
                    })
                    .ToListAsync(cancel)
            ).Select(x => new Found("work", x.Title, x.Name, $"/m/{x.Id}/{PlanningRoom.ScreenOf(x.Stage)}"))
        );
        if (q.Length > 1)
        {
            found.AddRange(
                (await db.Drawer.AsNoTracking().OrderBy(d => d.Id).Take(5000).ToListAsync(cancel))
                    .Select(d => (Part: d, Name: Substitution.Describe(d.Spec)))
                    .Where(d => words.TrueForAll(w => $"{d.Name} {d.Part.Place}".Contains(w, StringComparison.OrdinalIgnoreCase)))
                    .Take(8)
                    .Select(d => new Found(
                        "drawer",
                        d.Name,
                        $"{d.Part.Quantity} in the drawer{(d.Part.Place.Length > 0 ? $", {d.Part.Place}" : "")}",
                        $"/drawer?part={d.Part.Id}"
                    ))
            );
        }
        return found;
    }
}
