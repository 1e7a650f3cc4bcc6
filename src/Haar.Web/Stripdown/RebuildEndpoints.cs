using Haar.Core.Acts;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Stripdown;

/// <param name="SecondLook">Somebody looked a second time that everything is the right way round.</param>
/// <param name="Leads">Every lead of it is plugged in; left out, each says so by itself.</param>
public sealed record PutBackAsk(bool SecondLook, ThreeState Leads = ThreeState.NotKnown);

public sealed record TestedAsk(bool Passed, string Said);

/// <param name="FromStoreId">Spares that it was taken from; null for the tray.</param>
public sealed record FastenerBackAsk(int Count, string Thread, double? LengthMillimetres, string Head, Guid? FromStoreId);

public sealed record LookedAsk(bool Right);

/// <param name="Hindrance">Why it may not go back now; null when it may.</param>
/// <param name="WantsSecondLook">Something of it can go in the wrong way round.</param>
public sealed record RebuildPieceRow(StripStepRow Row, string? Hindrance, bool WantsSecondLook);

/// <param name="Pieces">Every piece, by its id.</param>
/// <param name="Apart">The strip-down is finished; until then the order is only a look ahead.</param>
public sealed record RebuildScreen(
    RebuildPlan Plan,
    IReadOnlyList<RebuildPieceRow> Pieces,
    ReconcileResult Fasteners,
    bool Apart,
    DateTimeOffset Now
);

public sealed record NoPowerScreen(Verdict Verdict, IReadOnlyList<SeatingCheck> Checks, IReadOnlyList<string> Cleared, Silence Silence);

static class RebuildEndpoints
{
    public static void MapRebuild(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/rebuild").WithTags("Stripdown");
        m.MapGet("/", ScreenAsync).WithName("GetRebuild");
        m.MapPost("/{stepId:guid}/back", BackAsync).WithName("PutBack");
        m.MapPost("/{stepId:guid}/out", OutAsync).WithName("TakeOutAgain");
        m.MapPost("/{stepId:guid}/tested", TestedAsync).WithName("TestedBeforeCovered");
        m.MapPost("/fasteners/{fastenerId:guid}", FastenerAsync)
            .WithName("PutFastenerBack")
            .WithSummary("Refuses a screw of another thread, or one that is longer than what came out.");
        m.MapDelete("/fasteners/{fastenerId:guid}", FastenerOutAsync).WithName("TakeFastenerOut");
        m.MapPost("/connectors/{connectorId:guid}", ConnectorAsync).WithName("PlugIn");
        m.MapGet(
                "/nothing-on",
                async (Guid id, HaarDb db, CancellationToken cancel, string? silence = null) =>
                    await NoPowerAsync(id, db, silence?.As<Silence>("silence"), cancel)
            )
            .WithName("GetNoPower");
        m.MapPost("/nothing-on/{check}", LookedAsync).WithName("LookedAtSeating");
    }

    static async Task<StripRecord> RecordAsync(Guid id, HaarDb db, CancellationToken cancel) =>
        new(
            await db.StripSteps.Where(s => s.MachineId == id).OrderBy(s => s.Number).ToListAsync(cancel),
            await db.StripFasteners.Where(f => f.MachineId == id).OrderBy(f => f.Id).ToListAsync(cancel),
            await db.StripConnectors.Where(c => c.MachineId == id).OrderBy(c => c.Id).ToListAsync(cancel),
            await db.Jobs.AsNoTracking().Where(j => j.MachineId == id).ToListAsync(cancel)
        );

    static async Task<RebuildScreen> ScreenAsync(Guid id, HaarDb db, TimeProvider time, LongAnswers answers, CancellationToken cancel)
    {
        await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        var now = time.GetUtcNow();
        var record = await RecordAsync(id, db, cancel);
        var pieces = record.Pieces(now);
        var plan = await answers.RunAsync(stop => RebuildOrder.Plan(pieces, cancel: stop), cancel);
        var photos = await db.Photos.AsNoTracking().Where(p => p.MachineId == id).ToDictionaryAsync(p => p.Id, p => p.Hash, cancel);
        var store = await db.Fasteners.AsNoTracking().ToListAsync(cancel);
        var loop = plan.Loop.Count > 0;
        return new(
            plan,
            [
                .. record.Steps.Select(s => new RebuildPieceRow(
                    new(
                        s,
                        s.PhotoId is { } p ? photos.GetValueOrDefault(p) : null,
                        [.. record.Fasteners.Where(f => f.StepId == s.Id)],
                        [.. record.Connectors.Where(c => c.StepId == s.Id)],
                        []
                    ),
                    loop || s.BackAt is not null ? null : RebuildOrder.Hindrance(pieces, s.Id.ToString(), now),
                    record.WantsSecondLook(s)
                )),
            ],
            record.Reconciled(store),
            await db.Closings.AnyAsync(c => c.MachineId == id && c.Stage == Core.Planning.Stage.StripDown, cancel),
            now
        );
    }

    static async Task<RebuildActFacts> FactsAsync(Guid id, HaarDb db, Guid? store, CancellationToken cancel) =>
        new(
            await RecordAsync(id, db, cancel),
            store is { } s ? [await db.Fasteners.FirstOrDefaultAsync(x => x.Id == s, cancel).OrNotHere("spare")] : [],
            await db.Answers.Where(a => a.MachineId == id && a.Item.StartsWith("nothing-on/")).ToListAsync(cancel),
            []
        );

    static async Task<Acted> DoAsync(
        Guid id,
        Guid stepId,
        Command<RebuildActFacts> command,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        await db.OnTheListAsync(id, cancel);
        await db.StripSteps.AsNoTracking().FirstOrDefaultAsync(s => s.Id == stepId && s.MachineId == id, cancel).OrNotHere("step");
        return await work.DoAsync(id, command, (x, c) => FactsAsync(id, x, null, c), null, cancel).Said();
    }

    static Task<Acted> BackAsync(Guid id, Guid stepId, PutBackAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
        DoAsync(id, stepId, new PutPieceBack(stepId, ask.SecondLook, ask.Leads), db, work, cancel);

    static Task<Acted> OutAsync(Guid id, Guid stepId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
        DoAsync(id, stepId, new TakePieceOutAgain(stepId), db, work, cancel);

    static Task<Acted> TestedAsync(Guid id, Guid stepId, TestedAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
        DoAsync(id, stepId, new TestPiece(stepId, ask.Passed, ask.Said), db, work, cancel);

    static async Task<Acted> FastenerAsync(
        Guid id,
        Guid fastenerId,
        FastenerBackAsk ask,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        await db.OnTheListAsync(id, cancel);
        await db
            .StripFasteners.AsNoTracking()
            .FirstOrDefaultAsync(x => x.Id == fastenerId && x.MachineId == id, cancel)
            .OrNotHere("fastener");
        return await work.DoAsync(
                id,
                new PutFastenerBack(fastenerId, ask.Count, ask.Thread, ask.LengthMillimetres, ask.Head, ask.FromStoreId),
                (x, c) => FactsAsync(id, x, ask.FromStoreId, c),
                null,
                cancel
            )
            .Said();
    }

    static async Task<Acted> FastenerOutAsync(Guid id, Guid fastenerId, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var f = await db.StripFasteners.FirstOrDefaultAsync(x => x.Id == fastenerId && x.MachineId == id, cancel).OrNotHere("fastener");
        if (f.Returns.Count == 0)
        {
            throw new InvalidInputException("fastener", "None of them is back in.");
        }
        var last = f.Returns[^1];
        f.Returns = [.. f.Returns.SkipLast(1)];
        return (
            await work.ActAsync(id, $"{last.Count} × {Reconcile.Size(last.Thread, last.LengthMillimetres, last.Head)} out again.", cancel)
        ).Said(fastenerId);
    }

    static async Task<Acted> ConnectorAsync(Guid id, Guid connectorId, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var c = await db.StripConnectors.FirstOrDefaultAsync(x => x.Id == connectorId && x.MachineId == id, cancel).OrNotHere("connector");
        c.BackAt = c.BackAt is null ? work.Now : null;
        return (
            await work.ActAsync(
                id,
                c.BackAt is null
                    ? $"Unplugged again: {c.Kind}."
                    : $"Plugged in: {c.Kind}{(c.Polarity.Length > 0 ? $", {c.Polarity}" : "")}.",
                cancel
            )
        ).Said(connectorId);
    }

    static async Task<NoPowerScreen> NoPowerAsync(Guid id, HaarDb db, Silence? asked, CancellationToken cancel)
    {
        var f = await MachineStatusKeeper.FactsAsync(db, id, cancel).OrNotHere("machine");
        var cleared = f
            .Answers.Where(a => a.Item.StartsWith("nothing-on/", StringComparison.Ordinal) && a.Answer == LookAnswer.Sound)
            .Select(a => a.Item["nothing-on/".Length..])
            .ToHashSet();
        var silence = asked ?? Observations.Silence(f.Observations);
        var (verdict, checks) = NoPowerDiagnosis.Of(f.Strip.Touched(), f.Strip.Reconciled().LeftOver, cleared, silence);
        return new(verdict, checks, [.. cleared], silence);
    }

    static async Task<Acted> LookedAsync(Guid id, string check, LookedAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var screen = await NoPowerAsync(id, db, null, cancel);
        var found =
            screen.Checks.FirstOrDefault(c => c.Id == check)
            ?? throw new NotHereException("That is not on the list: it was looked at already, or the record changed.");
        var item = $"nothing-on/{check}";
        var answer = await db.Answers.FirstOrDefaultAsync(a => a.MachineId == id && a.Item == item, cancel);
        if (answer is null)
        {
            answer = new ChecklistAnswer
            {
                Id = work.NewId(),
                MachineId = id,
                Item = item,
            };
            db.Add(answer);
        }

        (answer.Answer, answer.At) = (ask.Right ? LookAnswer.Sound : LookAnswer.Bad, work.Now);
        return (await work.ActAsync(id, ask.Right ? $"Looked at and right: {found.Title}." : $"That was it: {found.Title}.", cancel)).Said(
            answer.Id
        );
    }
}
