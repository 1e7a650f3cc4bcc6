using Haar.Core.Batteries;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Intake;

public sealed record LotAdd(string Name, string CameFrom, decimal? Paid, string Claimed);

public sealed record LotEdit(double BudgetMoney, double BudgetHours, TriageAim Aim, IReadOnlyList<PartPrice> Prices);

public sealed record LotBoxEdit(
    string Name,
    string Kind,
    string ProfileId,
    string Note,
    IReadOnlyList<BoxPart> Parts,
    Estimate Money,
    Estimate Hours,
    double? Complete,
    double Worth,
    BoxLock Lock,
    Guid? PhotoId
);

public sealed record LockAsk(BoxLock Lock);

/// <param name="PartsInStore">Good parts of donors that now stand in the store.</param>
public sealed record Sorted(Guid LogId, string Sentence, IReadOnlyList<Guid> Machines, int PartsInStore);

/// <param name="Plan">Null while there is no box, or while the figures cannot be weighed; <paramref name="Problem"/> says why.</param>
public sealed record LotScreen(
    LotPlan Lot,
    int Version,
    IReadOnlyList<LotBoxRow> Boxes,
    TriagePlan? Plan,
    string? Problem,
    string Currency,
    IReadOnlyList<string> PartKinds
);

public sealed record LotBoxRow(LotBox Box, string? PhotoHash);

static class LotEndpoints
{
    public static void MapLots(this IEndpointRouteBuilder api)
    {
        api.MapPost(
                "/lots",
                async (LotAdd e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var m = new Machine
                    {
                        Id = work.NewId(),
                        Name = e.Name.Trim(),
                        Kind = "a lot, not yet sorted",
                        CameFrom = e.CameFrom.Trim(),
                        Paid = e.Paid,
                        Claimed = e.Claimed.Trim(),
                        ArrivedAt = work.Now,
                        Lot = new(),
                    };
                    Arrivals.Check(m, work.Today.Year);
                    db.Add(m);
                    return (await work.ActAsync(m.Id, $"A lot came in: {m.Name}.", cancel)).Said(m.Id);
                }
            )
            .WithName("TakeLotIn")
            .WithTags("Intake");
        var g = api.MapGroup("/machines/{id:guid}/lot").WithTags("Intake");
        g.MapGet("/", ScreenAsync).WithName("GetLot");
        g.MapPut(
                "/",
                async (Guid id, LotEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var m = await LotAsync(id, db, cancel);
                    UnitOfWork.Match(m, m.Version, based.On);
                    var lot = m.Lot! with
                    {
                        BudgetMoney = e.BudgetMoney,
                        BudgetHours = e.BudgetHours,
                        Aim = e.Aim,
                        Prices = [.. e.Prices.Select(p => p with { Kind = p.Kind.Trim(), Fits = p.Fits.Trim() })],
                    };
                    Lots.Check(lot);
                    m.Lot = lot;
                    return (await work.ActAsync(id, "The lot's budget and prices changed.", cancel)).Said(id);
                }
            )
            .WithName("EditLot");
        g.MapPost(
                "/boxes",
                async (Guid id, LotBoxEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await LotAsync(id, db, cancel);
                    var b = new LotBox
                    {
                        Id = work.NewId(),
                        MachineId = id,
                        Number = (await db.Boxes.Where(x => x.MachineId == id).MaxAsync(x => (int?)x.Number, cancel) ?? 0) + 1,
                    };
                    await ApplyAsync(b, e, db, cancel);
                    db.Add(b);
                    return (await work.ActAsync(id, $"Box {b.Number}: {b.Name}.", cancel)).Said(b.Id);
                }
            )
            .WithName("AddBox");
        g.MapPut(
                "/boxes/{boxId:guid}",
                async (Guid id, Guid boxId, LotBoxEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await LotAsync(id, db, cancel);
                    var b = await db.Boxes.FirstOrDefaultAsync(x => x.Id == boxId && x.MachineId == id, cancel).OrNotHere("box");
                    UnitOfWork.Match(b, b.Version, based.On);
                    await ApplyAsync(b, e, db, cancel);
                    return (await work.ActAsync(id, $"Box {b.Number}, {b.Name}, changed.", cancel)).Said(boxId);
                }
            )
            .WithName("EditBox");
        g.MapPost(
                "/boxes/{boxId:guid}/lock",
                async (Guid id, Guid boxId, LockAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await LotAsync(id, db, cancel);
                    var b = await db.Boxes.FirstOrDefaultAsync(x => x.Id == boxId && x.MachineId == id, cancel).OrNotHere("box");
                    b.Lock = ask.Lock;
                    return (
                        await work.ActAsync(
                            id,
                            $"Box {b.Number}, {b.Name}: {ask.Lock switch { BoxLock.Restore => "to be finished, whatever is worked out", BoxLock.Donor => "a donor, whatever is worked out", BoxLock.Aside => "kept aside", _ => "free" }}.",
                            cancel
                        )
                    ).Said(boxId);
                }
            )
            .WithName("LockBox");
        g.MapDelete(
                "/boxes/{boxId:guid}",
                async (Guid id, Guid boxId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await LotAsync(id, db, cancel);
                    var b = await db.Boxes.FirstOrDefaultAsync(x => x.Id == boxId && x.MachineId == id, cancel).OrNotHere("box");
                    db.Remove(b);
                    return (await work.ActAsync(id, $"Box {b.Number}, {b.Name}, taken off the lot.", cancel)).Said(boxId);
                }
            )
            .WithName("RemoveBox");
        g.MapPost("/sort", SortAsync)
            .WithName("SortLot")
            .WithMetadata(new ThinksFirst())
            .WithSummary("Carries the plan out: boxes become machines and donors, and the donors' good parts stand in the store.");
    }

    static async Task<Machine> LotAsync(Guid id, HaarDb db, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var m = await db.Machines.FirstAsync(x => x.Id == id, cancel);
        return m.Lot is null ? throw new InvalidInputException("lot", $"{m.Name} is a machine, not a lot.")
            : m.Lot.SortedAt is not null
                ? throw new InvalidInputException("lot", "This lot has been sorted: its boxes are machines and donors now.")
            : m;
    }

    static async Task ApplyAsync(LotBox b, LotBoxEdit e, HaarDb db, CancellationToken cancel)
    {
        (b.Name, b.Kind, b.ProfileId, b.Note, b.Parts) = (
            e.Name.Trim(),
            e.Kind.Trim(),
            e.ProfileId.Trim(),
            e.Note.Trim(),
            [.. e.Parts.Select(p => p with { Kind = p.Kind.Trim(), Fits = p.Fits.Trim() })]
        );
        (b.Money, b.Hours, b.Complete, b.Worth, b.Lock, b.PhotoId) = (e.Money, e.Hours, e.Complete, e.Worth, e.Lock, e.PhotoId);
        Lots.Check(b);
        if (e.PhotoId is { } p && !await db.Photos.AnyAsync(x => x.Id == p && x.MachineId == b.MachineId, cancel))
        {
            throw new InvalidInputException("photoId", "That photo is not one of this lot's.");
        }
    }

    static async Task<LotScreen> ScreenAsync(Guid id, HaarDb db, LongAnswers answers, CancellationToken cancel)
    {
        var m = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("lot");
        if (m.Lot is not { } lot)
        {
            throw new NotHereException($"{m.Name} is a machine, not a lot.");
        }
        var boxes = await db.Boxes.AsNoTracking().Where(b => b.MachineId == id).OrderBy(b => b.Number).ToListAsync(cancel);
        var photos = await db.Photos.AsNoTracking().Where(p => p.MachineId == id).ToDictionaryAsync(p => p.Id, p => p.Hash, cancel);
        var currency = (await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel)).Currency;
        var kinds = boxes
            .SelectMany(b => b.Parts)
            .Select(p => p.Kind)
            .Concat(lot.Prices.Select(p => p.Kind))
            .Distinct(StringComparer.OrdinalIgnoreCase)
            .Order(StringComparer.OrdinalIgnoreCase)
            .ToList();
        TriagePlan? plan = null;
        string? problem = null;
        try
        {
            if (boxes.Count > 0)
            {
                plan = await answers.RunAsync(stop => Triage.Of(Lots.Ask(lot, boxes), stop), cancel);
            }
        }
        catch (InvalidInputException e)
        {
            problem = e.Message;
        }

        return new(
            lot,
            m.Version,
            [.. boxes.Select(b => new LotBoxRow(b, b.PhotoId is { } p ? photos.GetValueOrDefault(p) : null))],
            plan,
            problem,
            currency,
            kinds
        );
    }

    /// <summary>The sum is worked out first, and carried out if the boxes are still those.</summary>
    static async Task<Sorted> SortAsync(
        Guid id,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        PackStore packs,
        LongAnswers answers,
        CancellationToken cancel
    )
    {
        var lot = await LotAsync(id, db, cancel);
        UnitOfWork.Match(lot, lot.Version, based.On);
        var ask = Lots.Ask(
            lot.Lot!,
            await db.Boxes.AsNoTracking().Where(b => b.MachineId == id).OrderBy(b => b.Number).ToListAsync(cancel)
        );
        var plan = ask.Boxes.Count == 0 ? null : await answers.RunAsync(stop => Triage.Of(ask, stop), cancel);
        var kinds = (await packs.AllAsync(cancel))
            .SelectMany(x => x.Machines)
            .DistinctBy(x => x.Id)
            .ToDictionary(x => x.Id, x => x.Known());
        db.ChangeTracker.Clear();
        var (log, done) = await work.DoAsync(
            id,
            new SortLot(ask, plan),
            async (d, c) =>
                new LotFacts(
                    await d.Machines.FirstAsync(m => m.Id == id, c),
                    await d.Boxes.Where(b => b.MachineId == id).OrderBy(b => b.Number).ToListAsync(c),
                    kinds
                ),
            null,
            cancel
        );
        return new(
            log.Id,
            log.Sentence,
            [.. done.Added.OfType<Machine>().Select(m => m.Id)],
            done.Added.OfType<Core.Parts.StorePart>().Sum(p => p.Quantity)
        );
    }
}
