using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Planning;

public sealed record JobEdit(
    Stage Stage,
    string Title,
    string Why,
    string Needs,
    int Minutes,
    IReadOnlyList<Guid> After,
    WorkFor For = WorkFor.NotSaid
);

/// <param name="State">done, toDo again, or waiting.</param>
/// <param name="WaitsFor">Needed when waiting.</param>
public sealed record JobMove(JobState State, string? WaitsFor, DateTimeOffset? WaitUntil);

public sealed record CloseStage(string Reason);

public sealed record LogRow(Guid Id, DateTimeOffset At, string Sentence, bool CanUndo, bool Undone, string By);

/// <param name="Screens">Of jobs that a screen does, by the job: battery, capacitors.</param>
/// <param name="Guessed">Of jobs of which nobody has said who may do them, and whose words say something: what they propose.</param>
public sealed record StageScreen(
    Stage Stage,
    IReadOnlyList<Job> Jobs,
    StageClosing? Closing,
    IReadOnlyDictionary<Guid, string> Screens,
    IReadOnlyDictionary<Guid, WorkFor> Guessed
);

/// <param name="Of">What is decided against: comesOut, finding or beforePower. Everything else is overruled where it is done.</param>
/// <param name="Subject">The capacitor, the finding, or what stands before power.</param>
public sealed record OverruleAsk(OverruleKind Of, string Reason, string? Subject = null);

/// <param name="Text">Kept as it is.</param>
public sealed record LogNote(string Text);

static class JobEndpoints
{
    public static void MapPlanning(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Planning");
        m.MapGet(
                "/stages/{stage}",
                async (Guid id, string stage, HaarDb db, CancellationToken cancel) =>
                {
                    var s = stage.As<Stage>("stage");
                    var jobs = await db
                        .Jobs.AsNoTracking()
                        .Where(j => j.MachineId == id && j.Stage == s)
                        .OrderBy(j => j.Id)
                        .ToListAsync(cancel);
                    var findings = await db.Findings.AsNoTracking().Where(f => f.MachineId == id).ToListAsync(cancel);
                    return new StageScreen(
                        s,
                        jobs,
                        await db.Closings.AsNoTracking().FirstOrDefaultAsync(c => c.MachineId == id && c.Stage == s, cancel),
                        jobs.Select(j => (j.Id, Screen: Core.Survey.FindingWork.ScreenOf(j, findings)))
                            .Where(x => x.Screen.Length > 0)
                            .ToDictionary(x => x.Id, x => x.Screen),
                        jobs.Where(j => j is { For: WorkFor.NotSaid, State: not JobState.Done })
                            .Select(j => (j.Id, Guess: WorkSkills.Guess(j.Title, j.Needs)))
                            .Where(x => x.Guess != WorkFor.NotSaid)
                            .ToDictionary(x => x.Id, x => x.Guess)
                    );
                }
            )
            .WithName("GetStage");
        m.MapTyped(
            "/jobs",
            "/jobs/{rowId:guid}",
            "Job",
            new TypedRows<Job, JobEdit>(
                "piece of work",
                x =>
                    new()
                    {
                        Id = x.Id,
                        MachineId = x.MachineId,
                        At = x.At,
                    },
                (j, e) =>
                    (j.Stage, j.Title, j.Why, j.Needs, j.Minutes, j.After, j.For) = (
                        e.Stage,
                        e.Title.Trim(),
                        e.Why.Trim(),
                        e.Needs.Trim(),
                        e.Minutes,
                        [.. e.After],
                        e.For
                    ),
                j => $"To do: {j.Title}.",
                j => $"Changed: {j.Title}.",
                j => $"Taken off the list: {j.Title}."
            )
            {
                Beside = (db, j, _, cancel) => NoLoopAsync(db, j, cancel),
            }
        );
        m.MapPost("/jobs/{jobId:guid}/state", MoveAsync).WithName("MoveJob");
        m.MapPost("/stages/{stage}/close", CloseAsync).WithName("CloseStage");
        m.MapDelete("/stages/{stage}/close", ReopenAsync).WithName("ReopenStage");
        m.MapPost("/overrules", OverruleAsync).WithName("Overrule").WithSummary("A person's decision against a verdict; both are kept.");
        m.MapGet(
                "/log",
                async (Guid id, HaarDb db, CancellationToken cancel, int take = 100) =>
                    await db
                        .Log.AsNoTracking()
                        .Where(l => l.MachineId == id)
                        .OrderByDescending(l => l.At)
                        .ThenByDescending(l => l.Id)
                        .Take(Math.Clamp(take, 1, 1000))
                        .Select(l => new LogRow(
                            l.Id,
                            l.At,
                            l.Sentence,
                            l.Changes != null && l.UndoneAt == null && l.StaysDone == "",
                            l.UndoneAt != null,
                            l.By
                        ))
                        .ToListAsync(cancel)
            )
            .WithName("GetLog");
        m.MapPost(
                "/log",
                async (Guid id, LogNote note, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    TextField.Check("text", note.Text.Trim(), 600, "Say in 1 to 600 characters what is to be kept.");
                    return (await work.ActAsync(id, note.Text.Trim(), cancel)).Said(id);
                }
            )
            .WithName("WriteLog")
            .WithSummary("A sentence of one's own for the machine's log, such as what was worked out beside it.");
        api.MapPost(
                "/log/{entryId:guid}/undo",
                async (Guid entryId, UnitOfWork work, CancellationToken cancel) => (await work.UndoAsync(entryId, cancel)).Said()
            )
            .WithName("Undo")
            .WithTags("Planning");
    }

    /// <summary>Done, to do again, or waiting: asked of every room, wherever it is said.</summary>
    internal static async Task<Acted> MoveAsync(Guid id, Guid jobId, JobMove move, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var job = await db.Jobs.FirstOrDefaultAsync(j => j.Id == jobId && j.MachineId == id, cancel).OrNotHere("piece of work");
        if (move.State == JobState.Waiting && string.IsNullOrWhiteSpace(move.WaitsFor))
        {
            throw new InvalidInputException("waitsFor", "Say what it waits for: drying, the post, the sun.");
        }
        if (move.WaitUntil is { } until && (until < work.Now || until > work.Now.AddYears(5)))
        {
            throw new InvalidInputException("waitUntil", "A wait ends after now and within five years.");
        }
        if (
            move.State == JobState.Done
            && await MachineStatusKeeper.FactsAsync(db, id, cancel) is { } facts
            && AllRooms.InOrder.Select(r => r.Holds(new(facts, work.Now), job)).FirstOrDefault(h => h is not null) is { } held
        )
        {
            throw new RefusedException(held);
        }
        switch (move.State)
        {
            case JobState.Waiting:
                job.WaitFor(work.NewId, move.WaitsFor!.Trim(), move.WaitUntil, work.Now);
                break;
            case JobState.Done:
                job.Finish(work.Now);
                if (CircuitWork.Of(job, work.Now, work.NewId) is { } touched)
                {
                    db.Add(touched);
                }
                break;
            default:
                job.TakeUp();
                break;
        }
        if (
            job is { Settles: true, State: JobState.Done, FindingId: { } raised }
            && await db.Findings.FirstOrDefaultAsync(f => f.Id == raised && f.DealtWithAt == null, cancel) is { } finding
        )
        {
            (finding.DealtWithAt, finding.DealtWith) = (work.Now, $"{job.Title}: done.");
            await Survey.FindingActs.CellOutAsync(finding.Id, db, work, cancel);
        }
        return (
            await work.ActAsync(
                id,
                move.State switch
                {
                    JobState.Done => $"Done: {job.Title}.",
                    JobState.Waiting => $"{job.Title}: waits, {job.WaitsFor}.",
                    _ => $"To do again: {job.Title}.",
                },
                cancel
            )
        ).Said(job.Id);
    }

    static async Task<Acted> CloseAsync(
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromRoute(Name = "stage")] string word,
        CloseStage ask,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var stage = word.As<Stage>("stage");
        if (ask.Reason.Trim().Length is 0 or > 300)
        {
            throw new InvalidInputException("reason", "Say in 1 to 300 characters why this stage needs nothing more.");
        }
        if (stage is Stage.HandOver or Stage.Arrive)
        {
            throw new InvalidInputException("stage", "Arriving and handing over are acts of their own and are not closed by hand.");
        }
        await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        if (await db.Closings.AnyAsync(c => c.MachineId == id && c.Stage == stage, cancel))
        {
            throw new InvalidInputException("stage", "This stage is closed already.");
        }
        db.Add(
            new StageClosing
            {
                Id = work.NewId(),
                MachineId = id,
                Stage = stage,
                Reason = ask.Reason.Trim(),
                At = work.Now,
            }
        );
        return (await work.ActAsync(id, $"{Stages.Words(stage)} closed: {ask.Reason.Trim()}", cancel)).Said();
    }

    static async Task<Acted> ReopenAsync(
        Guid id,
        [Microsoft.AspNetCore.Mvc.FromRoute(Name = "stage")] string word,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var stage = word.As<Stage>("stage");
        db.Remove(await db.Closings.FirstOrDefaultAsync(c => c.MachineId == id && c.Stage == stage, cancel).OrNotHere("closed stage"));
        return (await work.ActAsync(id, $"{Stages.Words(stage)} opened again.", cancel)).Said();
    }

    static Task<Acted> OverruleAsync(Guid id, OverruleAsk ask, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                new DecideAgainst(ask.Of, ask.Subject ?? ""),
                (db, c) => MachineStatusKeeper.FactsAsync(db, id, c).OrNotHere("machine"),
                string.IsNullOrWhiteSpace(ask.Reason) ? "." : ask.Reason,
                cancel
            )
            .Said();

    /// <summary>A piece of work never waits for itself, also not by way of others.</summary>
    static async Task NoLoopAsync(HaarDb db, Job job, CancellationToken cancel)
    {
        var all = await db
            .Jobs.AsNoTracking()
            .Where(j => j.State != JobState.Done && j.Id != job.Id)
            .ToDictionaryAsync(j => j.Id, j => j, cancel);
        var open = new Stack<Guid>(job.After);
        var seen = new HashSet<Guid>();
        while (open.TryPop(out var next))
        {
            if (next == job.Id)
            {
                throw new InvalidInputException("after", "That would make it wait for itself.");
            }
            if (seen.Add(next) && all.TryGetValue(next, out var other))
            {
                foreach (var a in other.After)
                {
                    open.Push(a);
                }
            }
        }
    }
}
