using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Batteries;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Stripdown;

static class StripEndpoints
{
    public static void MapStripdown(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/strip").WithTags("Stripdown");
        m.MapGet("/", ScreenAsync).WithName("GetStrip");
        m.MapPost("/steps", AddAsync)
            .WithName("AddStripStep")
            .WithSummary("Adds a step. Sent again with the same id, it answers as before and adds nothing.");
        m.MapPut("/steps/{stepId:guid}", EditAsync).WithName("EditStripStep");
        m.MapDelete("/steps/{stepId:guid}", RemoveAsync)
            .WithName("RemoveStripStep")
            .WithSummary("Refused while other steps sat behind it, unless mend=true hands them what it sat behind.");
        m.MapPost("/steps/{stepId:guid}/fasteners", AddFastenerAsync).WithName("AddStripFastener");
        m.MapPut("/fasteners/{fastenerId:guid}", EditFastenerAsync).WithName("EditStripFastener");
        m.MapDelete(
                "/fasteners/{fastenerId:guid}",
                async (Guid id, Guid fastenerId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var f = await db
                        .StripFasteners.FirstOrDefaultAsync(x => x.Id == fastenerId && x.MachineId == id, cancel)
                        .OrNotHere("fastener");
                    db.Remove(f);
                    return (
                        await work.ActAsync(
                            id,
                            $"Fastener taken off the record: {f.Count} × {Reconcile.Size(f.Thread, f.LengthMillimetres, f.Head)}.",
                            cancel
                        )
                    ).Said(fastenerId);
                }
            )
            .WithName("RemoveStripFastener");
        m.MapPost("/steps/{stepId:guid}/connectors", AddConnectorAsync).WithName("AddStripConnector");
        m.MapPut("/connectors/{connectorId:guid}", EditConnectorAsync).WithName("EditStripConnector");
        m.MapDelete(
                "/connectors/{connectorId:guid}",
                async (Guid id, Guid connectorId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var c = await db
                        .StripConnectors.FirstOrDefaultAsync(x => x.Id == connectorId && x.MachineId == id, cancel)
                        .OrNotHere("connector");
                    db.Remove(c);
                    return (await work.ActAsync(id, $"Connector taken off the record: {c.Kind}.", cancel)).Said(connectorId);
                }
            )
            .WithName("RemoveStripConnector");
    }

    static async Task<StripScreen> ScreenAsync(Guid id, HaarDb db, PackStore packs, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        var steps = await db.StripSteps.AsNoTracking().Where(s => s.MachineId == id).OrderBy(s => s.Number).ToListAsync(cancel);
        var fasteners = (
            await db.StripFasteners.AsNoTracking().Where(f => f.MachineId == id).OrderBy(f => f.Id).ToListAsync(cancel)
        ).ToLookup(f => f.StepId);
        var connectors = (
            await db.StripConnectors.AsNoTracking().Where(c => c.MachineId == id).OrderBy(c => c.Id).ToListAsync(cancel)
        ).ToLookup(c => c.StepId);
        var photos = await db.Photos.AsNoTracking().Where(p => p.MachineId == id).ToDictionaryAsync(p => p.Id, p => p.Hash, cancel);
        var jobs = await db
            .Jobs.AsNoTracking()
            .Where(j => j.MachineId == id && j.State != JobState.Done)
            .OrderBy(j => j.Id)
            .ToListAsync(cancel);
        var known = (await packs.OfModelAsync(machine.Model, p => p.StripOrder.Count > 0, cancel))?.StripOrder ?? [];
        var done = steps.Select(s => Key(s.Title)).ToHashSet();
        var hint = Enumerable.Range(0, known.Count).FirstOrDefault(i => !done.Contains(Key(known[i].Title)), -1);
        return new(
            [
                .. steps.Select(s => new StripStepRow(
                    s,
                    s.PhotoId is { } p ? photos.GetValueOrDefault(p) : null,
                    [.. fasteners[s.Id]],
                    [.. connectors[s.Id]],
                    [.. steps.Where(x => x.Behind.Contains(s.Id)).Select(x => x.Number)]
                )),
            ],
            steps.Count == 0 ? 1 : steps.Max(s => s.Number) + 1,
            await db.Closings.AnyAsync(c => c.MachineId == id && c.Stage == Stage.StripDown, cancel),
            hint < 0 ? null : known[hint],
            hint < 0
                ? []
                :
                [
                    .. known[hint]
                        .Behind.Where(n => n >= 1 && n <= known.Count)
                        .Select(n => steps.FirstOrDefault(s => Key(s.Title) == Key(known[n - 1].Title))?.Id)
                        .OfType<Guid>(),
                ],
            hint + 1,
            known.Count,
            jobs,
            steps.LastOrDefault(s => s.Orientation != Orientation.NotKnown)?.Orientation ?? Orientation.NotKnown,
            [.. fasteners.SelectMany(g => g).Select(f => f.Tray).Where(t => t.Length > 0).Distinct().Order(StringComparer.Ordinal)]
        );
    }

    static string Key(string title) => title.Trim().ToLowerInvariant();

    static void Apply(StripStep s, StripStepEdit e)
    {
        (s.Title, s.Kind, s.Orientation, s.Behind, s.PhotoId, s.Marks) = (
            e.Title.Trim(),
            e.Kind,
            e.Orientation,
            [.. e.Behind.Distinct()],
            e.PhotoId,
            [.. e.Marks]
        );
        s.Latch = e.Latch;
        (s.Polarity, s.Note, s.TestBeforeCovered, s.ExchangedFor, s.StaysOut, s.AfterJobId) = (
            e.Polarity.Trim(),
            e.Note.Trim(),
            e.TestBeforeCovered.Trim(),
            e.ExchangedFor.Trim(),
            e.StaysOut,
            e.AfterJobId
        );
        StripFacts.Check(s);
    }

    static async Task RefersAsync(Guid id, StripStepEdit e, HaarDb db, CancellationToken cancel)
    {
        if (e.Behind.Count > 0)
        {
            var behind = e.Behind.Distinct().ToList();
            if (await db.StripSteps.CountAsync(s => s.MachineId == id && behind.Contains(s.Id), cancel) != behind.Count)
            {
                throw new InvalidInputException(
                    "behind",
                    "One of the steps that it sat behind is not here: it may have been taken away on another screen."
                );
            }
        }

        if (e.PhotoId is { } p && !await db.Photos.AnyAsync(x => x.Id == p && x.MachineId == id, cancel))
        {
            throw new InvalidInputException("photoId", "That photo is not one of this machine's, or has not arrived yet.");
        }
        if (e.AfterJobId is { } j && !await db.Jobs.AnyAsync(x => x.Id == j && x.MachineId == id, cancel))
        {
            throw new InvalidInputException("afterJobId", "That piece of work is not one of this machine's.");
        }
    }

    /// <summary>The cell comes out by this way as by every other, by the same act: what it keeps alive is safe first, and then it is out.</summary>
    /// <returns>What is said of it; empty when no cell is in.</returns>
    /// <exception cref="RefusedException">It may not come out.</exception>
    static async Task<string> CellAsync(Guid id, StripStepEdit e, StripStep? was, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        if (
            e.Kind != PieceKind.Cell
            || was?.Kind == PieceKind.Cell
            || !await db.Cells.AnyAsync(c => c.MachineId == id && c.OldOutAt == null, cancel)
        )
        {
            return "";
        }
        var decision = new TakeCellOut().Decide(await CellActLoader.OfAsync(db, id, cancel), work.Moment, null);
        if (decision is not Done done)
        {
            throw new RefusedException(((Refused)decision).Permit with { Field = "step.kind" });
        }
        db.AddRange(done.Added);
        db.RemoveRange(done.Removed);
        return $" {done.Sentence}";
    }

    static async Task<Acted> AddAsync(Guid id, StripStepAdd add, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        if (add.Id == Guid.Empty)
        {
            throw new InvalidInputException("id", "The step needs an id of its own.");
        }
        if (await db.StripSteps.AsNoTracking().FirstOrDefaultAsync(s => s.Id == add.Id, cancel) is { } there)
        {
            return there.MachineId == id
                ? new(Guid.Empty, $"Step {there.Number} is here already.", there.Id)
                : throw new InvalidInputException("id", "Another machine has a step of that id.");
        }

        await RefersAsync(id, add.Step, db, cancel);
        var at = add.At is { } given && given <= work.Now && given > work.Now.AddYears(-1) ? given : work.Now;
        // Two phones may ask in the same moment: the second takes the next number.
        for (var attempt = 0; ; attempt++)
        {
            var step = new StripStep
            {
                Id = add.Id,
                MachineId = id,
                At = at,
                By = add.By.Trim(),
            };
            Apply(step, add.Step);
            step.Number = (await db.StripSteps.Where(s => s.MachineId == id).MaxAsync(s => (int?)s.Number, cancel) ?? 0) + 1;
            db.Add(step);
            var cell = await CellAsync(id, add.Step, null, db, work, cancel);
            try
            {
                return (await work.ActAsync(id, $"Off, step {step.Number}: {step.Title}.{cell}", cancel)).Said(step.Id);
            }
            catch (DbUpdateException e)
                when (e.InnerException is Microsoft.Data.Sqlite.SqliteException { SqliteErrorCode: 19 } && attempt < 20)
            {
                db.ChangeTracker.Clear();
                if (await db.StripSteps.AsNoTracking().AnyAsync(s => s.Id == add.Id, cancel))
                {
                    return new(Guid.Empty, "That step is here already.", add.Id);
                }
            }
        }
    }

    static async Task<Acted> EditAsync(
        Guid id,
        Guid stepId,
        StripStepEdit e,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        await db.OnTheListAsync(id, cancel);
        var s = await db.StripSteps.FirstOrDefaultAsync(x => x.Id == stepId && x.MachineId == id, cancel).OrNotHere("step");
        UnitOfWork.Match(s, s.Version, based.On);
        await RefersAsync(id, e, db, cancel);
        var cell = await CellAsync(id, e, s, db, work, cancel);
        Apply(s, e);
        return (await work.ActAsync(id, $"Step {s.Number}, {s.Title}, changed.{cell}", cancel)).Said(stepId);
    }

    static async Task<Acted> RemoveAsync(Guid id, Guid stepId, HaarDb db, UnitOfWork work, CancellationToken cancel, bool mend = false)
    {
        await db.OnTheListAsync(id, cancel);
        var all = await db.StripSteps.Where(x => x.MachineId == id).OrderBy(x => x.Number).ToListAsync(cancel);
        var s =
            all.FirstOrDefault(x => x.Id == stepId)
            ?? throw new NotHereException("There is no such step here: it may have been taken away on another screen.");
        var named = all.Where(x => x.Behind.Contains(stepId)).ToList();
        if (named.Count > 0 && !mend)
        {
            throw new InvalidInputException(
                "step",
                $"Step {string.Join(", ", named.Select(n => n.Number))} {(named.Count == 1 ? "says that it" : "say that they")} sat behind step {s.Number}, {s.Title}. Take it away all the same, and {(named.Count == 1 ? "it sits" : "they sit")} behind what {s.Title} sat behind."
            );
        }

        foreach (var n in named)
        {
            n.Behind = [.. n.Behind.Where(b => b != stepId).Concat(s.Behind.Where(b => b != n.Id)).Distinct()];
        }
        db.RemoveRange(await db.StripFasteners.Where(f => f.StepId == stepId).ToListAsync(cancel));
        db.RemoveRange(await db.StripConnectors.Where(c => c.StepId == stepId).ToListAsync(cancel));
        db.Remove(s);
        return (await work.ActAsync(id, $"Step {s.Number}, {s.Title}, taken off the record.", cancel)).Said(stepId);
    }

    static async Task<StripStep> StepAsync(Guid id, Guid stepId, HaarDb db, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        return await db.StripSteps.AsNoTracking().FirstOrDefaultAsync(x => x.Id == stepId && x.MachineId == id, cancel).OrNotHere("step");
    }

    static void Apply(StripFastener f, StripFastenerEdit e)
    {
        (f.Thread, f.LengthMillimetres, f.Head, f.Count, f.MissingBefore) = (
            e.Thread.Trim(),
            e.LengthMillimetres,
            e.Head.Trim(),
            e.Count,
            e.MissingBefore
        );
        (f.Hole, f.Marks, f.Tray, f.Pierces) = (e.Hole.Trim(), [.. e.Marks], e.Tray.Trim(), e.Pierces.Trim());
        StripFacts.Check(f);
    }

    static string Say(StripFastener f) =>
        f.Count == 0
            ? $"{f.MissingBefore} missing before you"
            : $"{f.Count} × {Reconcile.Size(f.Thread, f.LengthMillimetres, f.Head)}{(f.Tray.Length > 0 ? $", tray {f.Tray}" : "")}{(f.MissingBefore > 0 ? $", {f.MissingBefore} missing before you" : "")}";

    static async Task<Acted> AddFastenerAsync(
        Guid id,
        Guid stepId,
        StripFastenerAdd add,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var step = await StepAsync(id, stepId, db, cancel);
        if (await db.StripFasteners.AnyAsync(f => f.Id == add.Id, cancel))
        {
            return new(Guid.Empty, "That fastener is here already.", add.Id);
        }
        var f = new StripFastener
        {
            Id = add.Id == Guid.Empty ? work.NewId() : add.Id,
            MachineId = id,
            StepId = stepId,
        };
        Apply(f, add.Fastener);
        db.Add(f);
        return (await work.ActAsync(id, $"Step {step.Number}: {Say(f)}.", cancel)).Said(f.Id);
    }

    static async Task<Acted> EditFastenerAsync(
        Guid id,
        Guid fastenerId,
        StripFastenerEdit e,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        await db.OnTheListAsync(id, cancel);
        var f = await db.StripFasteners.FirstOrDefaultAsync(x => x.Id == fastenerId && x.MachineId == id, cancel).OrNotHere("fastener");
        UnitOfWork.Match(f, f.Version, based.On);
        Apply(f, e);
        if (f.Returns.Sum(r => r.Count) > f.Count + f.MissingBefore)
        {
            throw new InvalidInputException(
                "count",
                $"{f.Returns.Sum(r => r.Count)} are recorded as back in already: there were at least that many holes."
            );
        }
        return (await work.ActAsync(id, $"Fastener changed: {Say(f)}.", cancel)).Said(fastenerId);
    }

    static void Apply(StripConnector c, StripConnectorEdit e)
    {
        (c.Kind, c.Keyed, c.Polarity, c.Route, c.Marks) = (e.Kind.Trim(), e.Keyed, e.Polarity.Trim(), e.Route.Trim(), [.. e.Marks]);
        StripFacts.Check(c);
    }

    static async Task<Acted> AddConnectorAsync(
        Guid id,
        Guid stepId,
        StripConnectorAdd add,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var step = await StepAsync(id, stepId, db, cancel);
        if (await db.StripConnectors.AnyAsync(c => c.Id == add.Id, cancel))
        {
            return new(Guid.Empty, "That connector is here already.", add.Id);
        }
        var c = new StripConnector
        {
            Id = add.Id == Guid.Empty ? work.NewId() : add.Id,
            MachineId = id,
            StepId = stepId,
        };
        Apply(c, add.Connector);
        db.Add(c);
        return (await work.ActAsync(id, $"Step {step.Number}: {c.Kind}{(c.Polarity.Length > 0 ? $", {c.Polarity}" : "")}.", cancel)).Said(
            c.Id
        );
    }

    static async Task<Acted> EditConnectorAsync(
        Guid id,
        Guid connectorId,
        StripConnectorEdit e,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        await db.OnTheListAsync(id, cancel);
        var c = await db.StripConnectors.FirstOrDefaultAsync(x => x.Id == connectorId && x.MachineId == id, cancel).OrNotHere("connector");
        UnitOfWork.Match(c, c.Version, based.On);
        Apply(c, e);
        return (await work.ActAsync(id, $"Connector changed: {c.Kind}.", cancel)).Said(connectorId);
    }
}
