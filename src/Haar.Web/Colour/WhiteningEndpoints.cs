using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Colour;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Photos;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Colour;

/// <param name="ItemId">What is whitened; stays once it is put down.</param>
/// <param name="TargetB">b* that is wanted; null for as far as it goes.</param>
public sealed record WhiteningEdit(
    Guid ItemId,
    double? TargetB = null,
    ThreeState Masked = ThreeState.NotKnown,
    ThreeState Fits = ThreeState.NotKnown
);

public sealed record ColourPolicyAsk(ColourPolicy Policy);

/// <param name="Hours">Until one goes and looks.</param>
/// <param name="Protected">Glasses and gloves are on, nothing is sealed.</param>
public sealed record StartSessionAsk(
    BleachFacts Bleach,
    double Hours,
    ThreeState Protected = ThreeState.NotKnown,
    string Tray = "",
    string? OverruleReason = null
);

/// <param name="LocalHours">What the bench's clock is ahead of UTC.</param>
public sealed record EndSessionAsk(double LocalHours = 0);

/// <param name="Published">Of a bought card; null for paper.</param>
public sealed record TappedCard(Point At, Lab? Published = null);

/// <param name="Unaged">Light never reached it.</param>
public sealed record TappedPatch(string Name, Point At, bool Unaged = false);

/// <param name="Cleaned">The places are clean and dry.</param>
/// <param name="Bloom">A white bloom or streaks are seen.</param>
public sealed record MeasurePhotoAsk(
    Guid PhotoId,
    CardKind Kind,
    IReadOnlyList<TappedCard> Card,
    IReadOnlyList<TappedPatch> Patches,
    ThreeState Cleaned = ThreeState.NotKnown,
    bool Bloom = false
);

/// <param name="Next">Which act is next: "photo", "start", "end", "dry", "done".</param>
/// <param name="MayStart">What a session of the same kind as the last would be answered.</param>
/// <param name="LookAt">When it comes out; null when it is not in the light.</param>
/// <param name="Noise">b* by which one photo differs from the next.</param>
/// <param name="HoursToGo">Forecast in hours of a session like the last; null where none is.</param>
public sealed record WhiteningRow(
    WhiteningRun Run,
    string Name,
    string Next,
    WhiteningResult? Forecast,
    Permit MayStart,
    DateTimeOffset? LookAt,
    double Noise,
    Estimate? HoursToGo,
    IReadOnlyList<WhiteningPoint> Curve,
    string? PhotoHash
);

static class WhiteningEndpoints
{
    public static void MapWhitening(this IEndpointRouteBuilder api)
    {
        api.MapGet(
                "/colour/card.pdf",
                () =>
                {
                    using var pdf = new MemoryStream();
                    Data.Labels.CardSheet.Pdf(pdf);
                    return Results.File(pdf.ToArray(), "application/pdf", "colour card.pdf");
                }
            )
            .WithName("GetColourCard")
            .WithSummary("A card to print and cut out: paper, greys, black and a rule. Readings under it are differences.")
            .WithTags("Colour")
            .Produces(200, contentType: "application/pdf");
        var m = api.MapGroup("/machines/{id:guid}/whitening").WithTags("Colour");
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "Whitening",
            new TypedRows<WhiteningRun, WhiteningEdit>(
                "whitening",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (r, e) => (r.TargetB, r.Masked, r.Fits) = (e.TargetB, e.Masked, e.Fits),
                _ => "To be whitened.",
                _ => "The whitening changed.",
                _ => "No longer to be whitened."
            )
            {
                Beside = async (db, r, e, cancel) =>
                {
                    var entry = db.Entry(r);
                    var item = await db
                        .CleanedItems.FirstOrDefaultAsync(
                            i => i.Id == (entry.State == EntityState.Detached ? e.ItemId : r.ItemId) && i.MachineId == r.MachineId,
                            cancel
                        )
                        .OrNotHere("item");
                    if (entry.State != EntityState.Detached)
                    {
                        return;
                    }
                    if (await db.WhiteningRuns.AnyAsync(x => x.ItemId == item.Id, cancel))
                    {
                        throw new InvalidInputException("itemId", $"{Words.Capital(item.Name)} is whitened already.");
                    }
                    r.ItemId = item.Id;
                },
                Taking = async (db, r, cancel) =>
                {
                    if (r.Running is not null)
                    {
                        throw new InvalidInputException("whitening", "It is in the light, with peroxide on it: take it out first.");
                    }
                    var key = Overrulable.KeyOf(OverruleKind.Whitening, r.Id.ToString());
                    db.RemoveRange(await db.Overrules.Where(o => o.MachineId == r.MachineId && o.Key == key).ToListAsync(cancel));
                },
            }
        );
        m.MapPut(
                "/policy",
                async (Guid id, ColourPolicyAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var machine = await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
                    machine.ColourPolicy = ask.Policy;
                    return (
                        await work.ActAsync(
                            id,
                            ask.Policy switch
                            {
                                ColourPolicy.Whiten => "Its yellowed parts are whitened.",
                                ColourPolicy.Paint => "Its yellowed parts are painted.",
                                ColourPolicy.Leave => "It keeps the colour of its age.",
                                _ => "What is done about its colour is open.",
                            },
                            cancel
                        )
                    ).Said();
                }
            )
            .WithName("ChooseColourPolicy");
        m.MapPost(
                "/{runId:guid}/start",
                (Guid id, Guid runId, StartSessionAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, runId, new StartSession(ask.Bleach, ask.Hours, ask.Protected, ask.Tray), ask.OverruleReason, work, cancel)
            )
            .WithName("StartSession");
        m.MapPost(
                "/{runId:guid}/end",
                (Guid id, Guid runId, EndSessionAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, runId, new EndSession(ask.LocalHours), null, work, cancel)
            )
            .WithName("EndSession");
        m.MapPost(
                "/{runId:guid}/look",
                async (Guid id, Guid runId, MeasurePhotoAsk ask, HaarDb db, PhotoStore store, CancellationToken cancel) =>
                    await MeasureAsync(id, runId, ask, db, store, cancel)
            )
            .WithName("LookAtColour")
            .WithSummary("Measures, and keeps nothing.")
            .WithMetadata(new WritesNoRow());
        m.MapPost(
                "/{runId:guid}/measure",
                async (Guid id, Guid runId, MeasurePhotoAsk ask, HaarDb db, PhotoStore store, UnitOfWork work, CancellationToken cancel) =>
                    await DoAsync(
                        id,
                        runId,
                        new KeepColour(await MeasureAsync(id, runId, ask, db, store, cancel), ask.PhotoId, ask.Bloom),
                        null,
                        work,
                        cancel
                    )
            )
            .WithName("MeasureColour");
        m.MapPost(
                "/{runId:guid}/repeat",
                async (Guid id, Guid runId, MeasurePhotoAsk ask, HaarDb db, PhotoStore store, UnitOfWork work, CancellationToken cancel) =>
                {
                    var colour = await MeasureAsync(id, runId, ask, db, store, cancel);
                    return colour.B is { } b
                        ? await DoAsync(id, runId, new KeepRepeat(b), null, work, cancel)
                        : throw new RefusedException(new(colour.Verdict.Final(), "photoId"));
                }
            )
            .WithName("RepeatColour");
        m.MapPost(
                "/{runId:guid}/finish",
                (Guid id, Guid runId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, runId, new FinishWhitening(), null, work, cancel)
            )
            .WithName("FinishWhitening");
    }

    /// <summary>Which of its parts will look alike; null for fewer than two that were measured under cards that compare.</summary>
    public static MatchResult? Matches(MachineFacts f)
    {
        var measured = f.WhiteningRuns.Where(r => r.Readings.Count > 0).ToList();
        if (measured is not [var first, ..])
        {
            return null;
        }
        var parts = measured
            .Where(r => WhiteningRun.Compare(first.Readings[^1], r.Readings[^1]))
            .Select(r => r.AsMatch(f.CleanedItems.First(i => i.Id == r.ItemId).Name, f.Machine.ColourPolicy))
            .OfType<MatchPart>()
            .Take(12)
            .ToList();
        return parts.Count < 2
            ? null
            : ColourMatch.Of(parts, Math.Clamp(PhotoColour.NoiseOf([.. measured.SelectMany(r => r.Repeats)]), 0, 20));
    }

    static async Task<PhotoColourResult> MeasureAsync(
        Guid id,
        Guid runId,
        MeasurePhotoAsk ask,
        HaarDb db,
        PhotoStore store,
        CancellationToken cancel
    )
    {
        var run = await db
            .WhiteningRuns.AsNoTracking()
            .FirstOrDefaultAsync(r => r.Id == runId && r.MachineId == id, cancel)
            .OrNotHere("whitening");
        var photo = await db
            .Photos.AsNoTracking()
            .FirstOrDefaultAsync(p => p.Id == ask.PhotoId && p.MachineId == id, cancel)
            .OrNotHere("photo");
        if (ask.Card.Count > 24 || ask.Patches.Count > 60)
        {
            throw new InvalidInputException("patches", "At most 24 fields of the card and 60 places.");
        }
        foreach (
            var (field, at) in ask
                .Card.Select((c, i) => ($"card[{i}].at", c.At))
                .Concat(ask.Patches.Select((p, i) => ($"patches[{i}].at", p.At)))
        )
        {
            InvalidInputException.Finite($"{field}.x", at.X, 0, 1, "(a share of the photo)");
            InvalidInputException.Finite($"{field}.y", at.Y, 0, 1, "(a share of the photo)");
        }
        var (card, patches) = await store.ReadAsync(
            photo.Hash,
            p =>
                (
                    ask.Card.Select(c => new CardField(p.Square(c.At).Sample(), c.Published)).ToList(),
                    ask.Patches.Select(x => new ColourPatch(x.Name.Trim(), p.Square(x.At).Sample(), x.Unaged)).ToList()
                ),
            cancel
        );
        return PhotoColour.Measure(ask.Kind, card, patches, ask.Cleaned, run.Repeats.Count > 1 ? run.Repeats : null);
    }

    static Task<Acted> DoAsync(
        Guid id,
        Guid runId,
        Command<WhiteningFacts> command,
        string? reason,
        UnitOfWork work,
        CancellationToken cancel
    ) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                {
                    var run = await db.WhiteningRuns.FirstOrDefaultAsync(r => r.Id == runId && r.MachineId == id, c).OrNotHere("whitening");
                    return new WhiteningFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        run,
                        await db.CleanedItems.FirstAsync(i => i.Id == run.ItemId, c),
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c),
                        command is StartSession ? await Trays.HeldAsync(db, run.ItemId, c) : null
                    );
                },
                reason,
                cancel
            )
            .Said();

    /// <summary>As the case's screen shows them.</summary>
    public static IReadOnlyList<WhiteningRow> Rows(MachineFacts f, Func<Guid?, string?> hash, DateTimeOffset now) =>
        [
            .. f.WhiteningRuns.Select(r =>
            {
                var item = f.CleanedItems.First(i => i.Id == r.ItemId);
                var forecast = r.Forecast();
                var last = r.Sessions is [.., var s] ? s : null;
                return new WhiteningRow(
                    r,
                    item.Name,
                    r.DoneAt is not null ? "done"
                        : r.Running is not null ? "end"
                        : item.Wet || item.Facts.On.Contains(Core.Cleaning.Substance.Peroxide) ? "dry"
                        : r.Readings.Count == 0 || last?.Until is { } until && r.Readings[^1].At < until ? "photo"
                        : "start",
                    forecast,
                    new StartSession(
                        last?.Bleach
                            ?? new()
                            {
                                Percent = 6,
                                As = BleachAs.Bath,
                                Light = BleachLight.Sun,
                            },
                        last?.PlannedHours ?? 3,
                        ThreeState.Yes
                    ).May(new(f.Machine, r, item, f.Overrules), now),
                    r.Running is { } running ? running.From.AddHours(running.PlannedHours) : null,
                    Math.Round(PhotoColour.NoiseOf(r.Repeats), 2),
                    forecast?.HoursToTarget is { } h ? new(Math.Round(h.Low, 1), Math.Round(h.Likely, 1), Math.Round(h.High, 1)) : null,
                    forecast?.Fit is { } fit && r.Comparable is { Count: > 1 } c
                        ?
                        [
                            .. Enumerable
                                .Range(0, 41)
                                .Select(i => (c[^1].Dose / r.Rate + Math.Max(4, forecast.HoursToTarget?.Likely ?? 6)) * i / 40)
                                .Select(x => new WhiteningPoint(Math.Round(x * r.Rate, 3), Math.Round(fit.At(x), 3))),
                        ]
                        : [],
                    hash(r.Readings is [.., var reading] ? reading.PhotoId : item.PhotoId)
                );
            }),
        ];
}
