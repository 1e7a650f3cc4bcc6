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
using Haar.Data.Photos;
using Haar.Data.Planning;
using Haar.Web.Colour;
using Haar.Web.Finish;
using Haar.Web.Http;
using Haar.Web.Keyboards;
using Haar.Web.Mechanisms;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Cleaning;

/// <param name="Features">Null when nobody looked: then lettering and labels count as there.</param>
/// <param name="On">Cleaners and residues that are on it.</param>
/// <param name="Replacement">Price of a tested one; null when not known.</param>
/// <param name="DryingCelsius">Where it dries; null takes the room.</param>
public sealed record CleanedItemEdit(
    string Name,
    IReadOnlyList<Material> Materials,
    IReadOnlyList<Feature>? Features,
    IReadOnlyList<Soil> Soils,
    IReadOnlyList<Substance>? On = null,
    bool InSight = true,
    double? Replacement = null,
    double? HourWorth = null,
    WetPart Dries = WetPart.NotKnown,
    ThreeState Mains = ThreeState.NotKnown,
    double? DryingCelsius = null,
    MovingAir Air = MovingAir.Still,
    IReadOnlyList<string>? OwnMaterials = null,
    IReadOnlyList<string>? OwnSoils = null,
    Guid? PieceId = null,
    Guid? FindingId = null,
    Guid? PhotoId = null,
    WorthFacts? Worth = null
);

/// <summary>One marked patch in two photos, under one card.</summary>
/// <param name="BeforeCorners">Of the patch: top left and on with the clock, as shares of the photo.</param>
/// <param name="BeforeCard">A place on the card.</param>
public sealed record PatchPairAsk(
    Guid BeforePhotoId,
    IReadOnlyList<Point> BeforeCorners,
    Point? BeforeCard,
    Guid AfterPhotoId,
    IReadOnlyList<Point> AfterCorners,
    Point? AfterCard
);

/// <param name="RemovedShare">Of what was there before this pass, 0 to 1.</param>
/// <param name="SpotTested">A hidden place bore it before.</param>
/// <param name="Photos">Measured on these, and then the share that was sent does not count; null by eye, in fifths.</param>
public sealed record TryMethodAsk(
    string Method,
    double RemovedShare,
    bool Damage = false,
    bool SpotTested = false,
    PatchPairAsk? Photos = null
);

/// <param name="Tray">Its name: one thing at a time lies in it.</param>
/// <param name="Minutes">Until one goes and looks; null takes the method's own time.</param>
public sealed record StartSoakAsk(
    string Method,
    string Tray,
    TrayFacts Size,
    double? StockPercent = null,
    double? WantedPercent = null,
    double? LeftMillilitres = null,
    double? Minutes = null,
    bool SpotTested = false
);

public sealed record NoteBeforeAsk(string Noted = "", Guid? PhotoId = null);

public sealed record OdourRungAsk(OdourRung Rung);

/// <param name="ScaleGrams">Least step of the scale.</param>
/// <param name="TestedBy">Of something that takes the mains: who is trained for it and tested its insulation, and what it read.</param>
public sealed record DryItemAsk(double ScaleGrams = 1, string? TestedBy = null, string? OverruleReason = null);

public sealed record WeighItemAsk(double Grams);

/// <param name="TakesMains">Or may, as far as anybody has said.</param>
/// <param name="Soaks">The next method may be a bath, of <paramref name="Substance"/>.</param>
/// <param name="Drying">How long it dries; null when it is not wet.</param>
/// <param name="DryFrom">When the least time is over.</param>
/// <param name="MayDry">What the act of calling it dry would be answered.</param>
/// <param name="Needs">Of the next method: what to lay out.</param>
public sealed record CleanedRow(
    CleanedItem Item,
    LadderResult Ladder,
    bool Wet,
    bool TakesMains,
    DryingTimeResult? Drying,
    DateTimeOffset? DryFrom,
    Permit? MayDry,
    string Needs,
    IReadOnlyList<string> Before,
    WorthResult? Worth,
    OdourResult? Odour,
    string? PhotoHash,
    bool Soaks,
    Substance? Substance
);

/// <summary>Everything that Case has: what is cleaned, whitened, freed of rust, taken apart key by key, serviced; and what could be.</summary>
public sealed record CleaningScreen(
    IReadOnlyList<CleanedRow> Items,
    IReadOnlyList<Candidate> Candidates,
    BatchResult? Batch,
    ColourPolicy ColourPolicy,
    IReadOnlyList<WhiteningRow> Whitenings,
    IReadOnlyList<PanelRow> Panels,
    IReadOnlyList<KeyboardRow> Keyboards,
    IReadOnlyList<MechanismRow> Mechanisms,
    IReadOnlyList<OwnMaterial> OwnMaterials,
    IReadOnlyList<OwnSoil> OwnSoils
);

static class CleaningEndpoints
{
    public static void MapCleaning(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/cleaning").WithTags("Cleaning");
        m.MapGet("/", ScreenAsync).WithName("GetCleaning");
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
                            ask.Damage || measured?.Damage == true,
                            measured is null,
                            ask.SpotTested
                        ),
                        null,
                        work,
                        cancel
                    );
                }
            )
            .WithName("TryMethod");
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
                    DoAsync(id, itemId, new DryItem(ask.ScaleGrams, ask.TestedBy ?? ""), ask.OverruleReason, work, cancel)
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

    static async Task<CleaningScreen> ScreenAsync(Guid id, HaarDb db, TimeProvider time, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        var facts = new MachineFacts { Machine = machine };
        await RowsOfMachine.FillAsync(
            db,
            id,
            facts,
            false,
            cancel,
            RowsOfMachine
                .Types.Except([
                    typeof(CleanedItem),
                    typeof(WhiteningRun),
                    typeof(SheetMetal),
                    typeof(Keyboard),
                    typeof(Mechanism),
                    typeof(StripStep),
                    typeof(Finding),
                    typeof(Overrule),
                    typeof(Photo),
                ])
                .ToList()
        );
        var now = time.GetUtcNow();
        var photos = facts.Photos.ToDictionary(p => p.Id, p => p.Hash);
        string? Hash(Guid? photo) => photo is { } p ? photos.GetValueOrDefault(p) : null;
        var own = await PackStore.CleaningAsync(db, cancel);
        var waiting = facts.CleanedItems.Where(i => i is { Open: true, Wet: false, GoesAnyway: false }).ToList();
        return new(
            [
                .. facts.CleanedItems.Select(i =>
                {
                    var ladder = i.Rungs();
                    var next = Methods.Of(i.Facts).FirstOrDefault(x => x.Id == ladder.Next);
                    return new CleanedRow(
                        i,
                        ladder,
                        i.Wet,
                        i.TakesMains,
                        i.Wet ? i.DryingNeeded() : null,
                        i.DryFrom(),
                        i.Wet ? new DryItem().May(new(machine, i, facts.Overrules), now) : null,
                        next?.Needs ?? "",
                        i.Sheet.NotedAt is null ? Ladder.BeforeWet(i.Facts) : [],
                        i.IsItWorth(),
                        i.Facts.AllSoils.Contains(Soil.Odour) ? Odour.Of(i.Odour) : null,
                        Hash(i.PhotoId),
                        next?.Bath == true,
                        next?.Substance
                    );
                }),
            ],
            Candidates.Of(facts),
            waiting.Count > 1 ? Batch.Of([.. waiting.Select(i => new BatchItem(i.Name, i.Facts, i.Dries))]) : null,
            machine.ColourPolicy,
            WhiteningEndpoints.Rows(facts, Hash, now),
            FinishEndpoints.Rows(facts, Hash),
            KeyboardEndpoints.Rows(facts, Hash),
            MechanismEndpoints.Rows(facts),
            own.Materials,
            own.Soils
        );
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
                        command is StartSoak ? await Trays.HeldAsync(db, itemId, c) : null
                    );
                },
                reason,
                cancel
            )
            .Said();
}
