using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Drying;
using Haar.Core.Finish;
using Haar.Core.Keyboards;
using Haar.Core.Mechanisms;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Parts;
using Haar.Data.Photos;
using Haar.Data.Planning;
using Haar.Web.Colour;
using Haar.Web.Finish;
using Haar.Web.Http;
using Haar.Web.Keyboards;
using Haar.Web.Mechanisms;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Cleaning;

static class CleaningEndpoints
{
    public static void MapCleaning(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/cleaning").WithTags("Cleaning");
        m.MapGet("/", CaseScreen.OfAsync).WithName("GetCleaning");
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "CleanedItem",
            new TypedRows<CleanedItem, CleanedItemEdit>(
                "item",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (i, e) =>
                {
                    i.Name = e.Name.Trim();
                    i.Facts = i.Facts with
                    {
                        Materials = [.. e.Materials.Distinct()],
                        Features = e.Features is null ? null : [.. e.Features.Distinct()],
                        Soils = [.. e.Soils.Distinct()],
                        On = [.. (e.On ?? i.Facts.On).Distinct()],
                        InSight = e.InSight,
                        Replacement = e.Replacement,
                        HourWorth = e.HourWorth,
                    };
                    (i.Dries, i.Mains, i.DryingCelsius, i.Air) = (e.Dries, e.Mains, e.DryingCelsius, e.Air);
                    (i.PieceId, i.FindingId, i.PhotoId) = (e.PieceId ?? i.PieceId, e.FindingId ?? i.FindingId, e.PhotoId ?? i.PhotoId);
                    i.Worth = e.Worth ?? i.Worth;
                },
                i => $"To be cleaned: {i.Name}.",
                i => $"{Words.Capital(i.Name)} changed.",
                i => $"No longer to be cleaned: {i.Name}."
            )
            {
                Beside = async (db, i, e, cancel) =>
                {
                    await FromAsync(db, i.MachineId, e.PieceId, e.FindingId, e.PhotoId, cancel);
                    var own = await PackStore.CleaningAsync(db, cancel);
                    T Find<T>(IEnumerable<T> all, Func<T, string> name, string id, string field) =>
                        all.FirstOrDefault(x => name(x) == id) ?? throw new InvalidInputException(field, $"No pack here knows “{id}”.");
                    // What lies in a bath comes out of it by the method that it went in by, whatever packs have gone since.
                    var soaks = i.Sheet.Soak?.Method is { Length: > 0 } method
                        ? i.Facts.OwnMethods.FirstOrDefault(m => m.Id == method)
                        : null;
                    i.Facts = own.On(
                        i.Facts with
                        {
                            OwnMaterials = e.OwnMaterials is null
                                ? i.Facts.OwnMaterials
                                :
                                [
                                    .. e
                                        .OwnMaterials.Distinct()
                                        .Select(m => Find(own.Materials.Concat(i.Facts.OwnMaterials), x => x.Id, m, "ownMaterials")),
                                ],
                            OwnSoils = e.OwnSoils is null
                                ? i.Facts.OwnSoils
                                :
                                [
                                    .. e
                                        .OwnSoils.Distinct()
                                        .Select(s => Find(own.Soils.Concat(i.Facts.OwnSoils), x => x.Id, s, "ownSoils")),
                                ],
                        }
                    );
                    if (soaks is not null && i.Facts.OwnMethods.All(m => m.Id != soaks.Id))
                    {
                        i.Facts = i.Facts with { OwnMethods = [.. i.Facts.OwnMethods, soaks] };
                    }
                },
                Taking = async (db, i, cancel) =>
                {
                    if (await db.WhiteningRuns.AnyAsync(r => r.ItemId == i.Id, cancel))
                    {
                        throw new InvalidInputException("item", $"{Words.Capital(i.Name)} is whitened: take its whitening away first.");
                    }
                    if (await db.Keyboards.AnyAsync(k => k.ItemId == i.Id, cancel))
                    {
                        throw new InvalidInputException("item", $"{Words.Capital(i.Name)} belong to a keyboard whose caps are off.");
                    }
                    if (i.Wet)
                    {
                        throw new InvalidInputException("item", $"{Words.Capital(i.Name)} is wet: it stays on the list until it is dry.");
                    }
                    var key = Overrulable.KeyOf(OverruleKind.Dry, i.Id.ToString());
                    db.RemoveRange(await db.Overrules.Where(o => o.MachineId == i.MachineId && o.Key == key).ToListAsync(cancel));
                },
            }
        );
        m.MapPost(
                "/{itemId:guid}/otherwise",
                (Guid id, Guid itemId, OtherwiseAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new CleanedOtherwise(ask.Said, ask.Wetted), null, work, cancel)
            )
            .WithName("CleanedOtherwise")
            .WithSummary("It was cleaned already, or otherwise; where a liquid may have gone on it, it dries first.");
        m.MapPost(
                "/{itemId:guid}/try",
                async (Guid id, Guid itemId, TryMethodAsk ask, HaarDb db, PhotoStore store, UnitOfWork work, CancellationToken cancel) =>
                {
                    var measured = ask.Photos is { } pair ? await CompareAsync(id, pair, db, store, cancel) : null;
                    // Photos that cannot be compared measure nothing, and say why.
                    if (measured is { RemovedShare: null })
                    {
                        throw new RefusedException(new(measured.Verdict.Final(), "photos"));
                    }
                    return await DoAsync(
                        id,
                        itemId,
                        new TryMethod(
                            ask.Method,
                            measured?.RemovedShare ?? ask.RemovedShare,
                            measured?.Damage == true ? true : ask.Damage,
                            measured is null,
                            ask.SpotTested,
                            ask.Loosened,
                            ask.Breadths,
                            ask.AlreadyDone,
                            ask.HoursAgo
                        ),
                        null,
                        work,
                        cancel
                    );
                }
            )
            .WithName("TryMethod");
        m.MapPost(
                "/list",
                (Guid id, ListAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                    work.InOneAsync(() => ListAsync(id, ask.From, db, work, cancel), cancel)
            )
            .WithName("ListCandidates")
            .WithSummary("What came off or was found goes on the case's list, any number of them in one act.");
        m.MapPost(
                "/together",
                (Guid id, TryTogetherAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    work.DoAsync(
                            id,
                            new TryTogether(
                                ask.Method,
                                ask.RemovedShare,
                                ask.Damage,
                                ask.SpotTested,
                                ask.AlreadyDone,
                                ask.HoursAgo,
                                ask.Noted
                            ),
                            (db, c) => TogetherAsync(id, ask.Items, db, c),
                            cancel: cancel
                        )
                        .Said()
            )
            .WithName("TryTogether")
            .WithSummary("One pass over several items, answered once for all of them, and undone as one.");
        m.MapPost(
                "/{itemId:guid}/compare",
                async (Guid id, Guid itemId, PatchPairAsk ask, HaarDb db, PhotoStore store, CancellationToken cancel) =>
                {
                    await db
                        .CleanedItems.AsNoTracking()
                        .FirstOrDefaultAsync(i => i.Id == itemId && i.MachineId == id, cancel)
                        .OrNotHere("item");
                    return await CompareAsync(id, ask, db, store, cancel);
                }
            )
            .WithName("ComparePatches")
            .WithMetadata(new WritesNoRow());
        m.MapPost(
                "/{itemId:guid}/before",
                async (Guid id, Guid itemId, NoteBeforeAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await FromAsync(db, id, null, null, ask.PhotoId, cancel);
                    return await DoAsync(id, itemId, new NoteBefore(ask.Noted, ask.PhotoId), null, work, cancel);
                }
            )
            .WithName("NoteBefore");
        m.MapPost(
                "/{itemId:guid}/soak",
                (Guid id, Guid itemId, StartSoakAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(
                        id,
                        itemId,
                        new StartSoak(
                            ask.Method,
                            ask.Tray,
                            ask.Size,
                            ask.StockPercent,
                            ask.WantedPercent,
                            ask.LeftMillilitres,
                            ask.Minutes,
                            ask.SpotTested
                        ),
                        null,
                        work,
                        cancel
                    )
            )
            .WithName("StartSoak");
        m.MapPost(
                "/{itemId:guid}/seat",
                (Guid id, Guid itemId, SeatTests ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new TestSeat(ask), null, work, cancel)
            )
            .WithName("TestSeat");
        m.MapPost(
                "/{itemId:guid}/odour",
                (Guid id, Guid itemId, OdourRating ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new RateOdour(ask), null, work, cancel)
            )
            .WithName("RateOdour");
        m.MapPost(
                "/{itemId:guid}/odour/rung",
                (Guid id, Guid itemId, OdourRungAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new TakeOdourRung(ask.Rung), null, work, cancel)
            )
            .WithName("TakeOdourRung");
        m.MapPost(
                "/{itemId:guid}/rinse",
                (Guid id, Guid itemId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new RinseItem(), null, work, cancel)
            )
            .WithName("RinseItem");
        m.MapPost(
                "/{itemId:guid}/weigh",
                (Guid id, Guid itemId, WeighItemAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new WeighItem(ask.Grams), null, work, cancel)
            )
            .WithName("WeighItem");
        m.MapPost(
                "/{itemId:guid}/dry",
                (Guid id, Guid itemId, DryItemAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new DryItem(ask.ScaleGrams, ask.TestedBy ?? "", ask.HoursAgo), ask.OverruleReason, work, cancel)
            )
            .WithName("DryItem");
        m.MapPost(
                "/{itemId:guid}/finish",
                (Guid id, Guid itemId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, itemId, new FinishItem(), null, work, cancel)
            )
            .WithName("FinishItem");
    }

    /// <summary>Pieces, findings and photos that are named are this machine's.</summary>
    public static async Task FromAsync(HaarDb db, Guid id, Guid? piece, Guid? finding, Guid? photo, CancellationToken cancel)
    {
        if (piece is { } p && !await db.StripSteps.AnyAsync(s => s.Id == p && s.MachineId == id, cancel))
        {
            throw new NotHereException("There is no such piece of the strip-down here.");
        }
        if (finding is { } f && !await db.Findings.AnyAsync(x => x.Id == f && x.MachineId == id, cancel))
        {
            throw new NotHereException("There is no such finding here.");
        }
        if (photo is { } h && !await db.Photos.AnyAsync(x => x.Id == h && x.MachineId == id, cancel))
        {
            throw new NotHereException("There is no such photo of this machine here.");
        }
    }

    static async Task<PatchPairResult> CompareAsync(Guid id, PatchPairAsk ask, HaarDb db, PhotoStore store, CancellationToken cancel)
    {
        async Task<(PixelGrid Patch, PatchSample? Card)> ReadAsync(Guid photoId, IReadOnlyList<Point> corners, Point? card)
        {
            var photo = await db
                .Photos.AsNoTracking()
                .FirstOrDefaultAsync(p => p.Id == photoId && p.MachineId == id, cancel)
                .OrNotHere("photo");
            return await store.ReadAsync(
                photo.Hash,
                p => (p.Quad(corners, PatchPair.Side, PatchPair.Side, PatchPair.Margin), card is { } at ? p.Square(at).Sample() : null),
                cancel
            );
        }
        var before = await ReadAsync(ask.BeforePhotoId, ask.BeforeCorners, ask.BeforeCard);
        var after = await ReadAsync(ask.AfterPhotoId, ask.AfterCorners, ask.AfterCard);
        return PatchPair.Compare(before.Patch, after.Patch, before.Card, after.Card);
    }

    static async Task<Acted> ListAsync(Guid id, IReadOnlyList<Guid> from, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var wanted = from.ToHashSet();
        var offered = (await CaseScreen.CandidatesAsync(id, db, cancel))
            .Where(c => wanted.Contains(c.PieceId ?? c.FindingId ?? Guid.Empty))
            .ToList();
        if (offered.Count == 0)
        {
            throw new InvalidInputException(
                "from",
                "None of these waits for the list: they are on it already, or are no pieces of this machine."
            );
        }
        var own = await PackStore.CleaningAsync(db, cancel);
        var rows = offered.Select(c => Candidates.Row(c, id, work.NewId())).ToList();
        foreach (var i in rows.OfType<CleanedItem>())
        {
            i.Facts = own.On(i.Facts);
        }
        db.AddRange(rows);
        var log = await work.ActAsync(id, $"On the case's list: {Words.And(offered.Select(c => Words.Lower(c.Name)))}.", cancel);
        var made = rows.Count == 1 ? (Guid?)db.Entry(rows[0]).Property("Id").CurrentValue : null;
        return new(log.Id, log.Sentence, made);
    }

    static async Task<TogetherFacts> TogetherAsync(Guid id, IReadOnlyList<Guid> items, HaarDb db, CancellationToken cancel)
    {
        var wanted = items.Distinct().ToList();
        var found = await db.CleanedItems.Where(i => i.MachineId == id && wanted.Contains(i.Id)).OrderBy(i => i.Id).ToListAsync(cancel);
        if (found.Count < wanted.Count)
        {
            throw new NotHereException("One of them is not on this machine's list.");
        }
        var machine = await db.Machines.FirstAsync(x => x.Id == id, cancel);
        var overrules = await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(cancel);
        var shelf = await db.Stock().ShelfAsync(cancel);
        return new(machine, [.. found.Select(i => new CleaningActFacts(machine, i, overrules, null, shelf))], overrules);
    }

    static Task<Acted> DoAsync(
        Guid id,
        Guid itemId,
        Command<CleaningActFacts> command,
        string? reason,
        UnitOfWork work,
        CancellationToken cancel
    ) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                {
                    var item = await db.CleanedItems.FirstOrDefaultAsync(i => i.Id == itemId && i.MachineId == id, c).OrNotHere("item");
                    return new CleaningActFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        item,
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c),
                        command is StartSoak ? await Trays.HeldAsync(db, itemId, c) : null,
                        command is StartSoak or TryMethod ? await db.Stock().ShelfAsync(c) : null
                    );
                },
                reason,
                cancel
            )
            .Said();
}
