using Haar.Core.Acts;
using Haar.Core.Cleaning;
using Haar.Core.Drying;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
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
    MovingAir Air = MovingAir.Still
);

/// <param name="RemovedShare">Of what was there before this pass, 0 to 1.</param>
/// <param name="SpotTested">A hidden place bore it before.</param>
public sealed record TryMethodAsk(string Method, double RemovedShare, bool Damage = false, bool ByEye = true, bool SpotTested = false);

/// <param name="ScaleGrams">Least step of the scale.</param>
/// <param name="TestedBy">Of something that takes the mains: who is trained for it and tested its insulation, and what it read.</param>
public sealed record DryItemAsk(double ScaleGrams = 1, string? TestedBy = null, string? OverruleReason = null);

public sealed record WeighItemAsk(double Grams);

/// <param name="TakesMains">Or may, as far as anybody has said.</param>
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
    string Needs
);

public sealed record CleaningScreen(IReadOnlyList<CleanedRow> Items);

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
                },
                i => $"To be cleaned: {i.Name}.",
                i => $"{Words.Capital(i.Name)} changed.",
                i => $"No longer to be cleaned: {i.Name}."
            )
            {
                Taking = async (db, i, cancel) =>
                {
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
                (Guid id, Guid itemId, TryMethodAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(
                        id,
                        itemId,
                        new TryMethod(ask.Method, ask.RemovedShare, ask.Damage, ask.ByEye, ask.SpotTested),
                        null,
                        work,
                        cancel
                    )
            )
            .WithName("TryMethod");
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

    static async Task<CleaningScreen> ScreenAsync(Guid id, HaarDb db, TimeProvider time, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        var items = await db.CleanedItems.AsNoTracking().Where(i => i.MachineId == id).OrderBy(i => i.Id).ToListAsync(cancel);
        var overrules = await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(cancel);
        var now = time.GetUtcNow();
        return new([
            .. items.Select(i =>
            {
                var ladder = Ladder.For(i.Facts);
                return new CleanedRow(
                    i,
                    ladder,
                    i.Wet,
                    i.TakesMains,
                    i.Wet ? i.DryingNeeded() : null,
                    i.DryFrom(),
                    i.Wet ? new DryItem().May(new(machine, i, overrules), now) : null,
                    Methods.Usual.FirstOrDefault(x => x.Id == ladder.Next)?.Needs ?? ""
                );
            }),
        ]);
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
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c)
                    );
                },
                reason,
                cancel
            )
            .Said();
}
