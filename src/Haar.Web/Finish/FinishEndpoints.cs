using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Colour;
using Haar.Core.Finish;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Photos;
using Haar.Web.Cleaning;
using Haar.Web.Colour;
using Haar.Web.Http;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Finish;

/// <param name="RustedPercent">By eye; a photo measures it. Null when nobody looked.</param>
/// <param name="FromId">The piece or finding that it was put down for.</param>
public sealed record PanelEdit(
    string Name,
    double? RustedPercent = null,
    Coating Coating = Coating.NotKnown,
    ToolReach Reach = ToolReach.Open,
    ThreeState Leaked = ThreeState.NotKnown,
    ThreeState Working = ThreeState.NotKnown,
    ThreeState Bent = ThreeState.NotKnown,
    double SquareCentimetres = 1000,
    int Coats = 0,
    PaintFacts? Paint = null,
    double CureHours = 24,
    Guid? FromId = null
);

/// <param name="Corners">Of the panel: top left and on with the clock, as shares of the photo.</param>
public sealed record RustPhotoAsk(Guid PhotoId, IReadOnlyList<Point> Corners);

/// <summary>A sample of paint and the part in one photo, under one card.</summary>
/// <param name="Part">A clean place on the part.</param>
/// <param name="Sample">A place on the dried test card, or on the sample.</param>
public sealed record SamplePhotoAsk(Guid PhotoId, CardKind Kind, IReadOnlyList<TappedCard> Card, Point Part, Point Sample);

/// <param name="Photo">Of the dried test card beside the part: measured on it, and then what was sent as apart does not count.</param>
public sealed record FinishStepAsk(
    FinishStep Step,
    double? Ph = null,
    double? Celsius = null,
    double? Humidity = null,
    double? Apart = null,
    ThreeState Looks = ThreeState.NotKnown,
    ThreeState Wet = ThreeState.NotKnown,
    double? Ohms = null,
    string? OverruleReason = null,
    SamplePhotoAsk? Photo = null
);

public sealed record FinishStepRow(FinishStep Step, string Words, DateTimeOffset? At);

/// <param name="From">When the next step may be done; null for now.</param>
/// <param name="Paint">What the coats take; null for none.</param>
public sealed record PanelRow(
    SheetMetal Panel,
    Verdict Verdict,
    IReadOnlyList<FinishStepRow> Steps,
    DateTimeOffset? From,
    int? Grade,
    PaintResult? Paint,
    DateTimeOffset? BareUntil,
    string? PhotoHash
);

static class FinishEndpoints
{
    public static void MapFinish(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/panels").WithTags("Finish");
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "Panel",
            new TypedRows<SheetMetal, PanelEdit>(
                "panel",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (p, e) =>
                {
                    (p.Name, p.RustedPercent, p.Coating, p.Reach, p.Leaked) = (
                        e.Name.Trim(),
                        e.RustedPercent,
                        e.Coating,
                        e.Reach,
                        e.Leaked
                    );
                    (p.Working, p.Bent, p.SquareCentimetres, p.Coats, p.CureHours) = (
                        e.Working,
                        e.Bent,
                        e.SquareCentimetres,
                        e.Coats,
                        e.CureHours
                    );
                    p.Paint = e.Paint ?? p.Paint;
                    p.FromId = e.FromId ?? p.FromId;
                },
                p => $"To be freed of rust: {p.Name}.",
                p => $"{Words.Capital(p.Name)} changed.",
                p => $"{Words.Capital(p.Name)} taken off the list."
            )
            {
                Beside = async (db, p, e, cancel) =>
                {
                    await MendingEndpoints.FromAsync(db, p.MachineId, e.FromId, cancel);
                    var was = db.Entry(p);
                    // Fewer coats than are laid would undo what was done.
                    if (was.State == EntityState.Modified && p.Coats < p.Sheet.Coats.Count)
                    {
                        throw new InvalidInputException("coats", $"{p.Sheet.Coats.Count} are laid already.");
                    }
                },
                Taking = async (db, p, cancel) =>
                {
                    var prefix = $"finish/coat/{p.Id}";
                    db.RemoveRange(
                        (await db.Overrules.Where(o => o.MachineId == p.MachineId).ToListAsync(cancel)).Where(o =>
                            o.Key.StartsWith(prefix, StringComparison.Ordinal)
                        )
                    );
                },
            }
        );
        m.MapPost(
                "/{panelId:guid}/rust",
                async (Guid id, Guid panelId, RustPhotoAsk ask, HaarDb db, PhotoStore store, UnitOfWork work, CancellationToken cancel) =>
                {
                    var panel = await db
                        .SheetMetals.FirstOrDefaultAsync(p => p.Id == panelId && p.MachineId == id, cancel)
                        .OrNotHere("panel");
                    var photo = await db
                        .Photos.AsNoTracking()
                        .FirstOrDefaultAsync(p => p.Id == ask.PhotoId && p.MachineId == id, cancel)
                        .OrNotHere("photo");
                    var share = await store.ReadAsync(photo.Hash, p => RustShare.Of(p.Quad(ask.Corners, 256, 256)), cancel);
                    if (panel.Sheet.RustOffAt is not null)
                    {
                        throw new InvalidInputException("photoId", "The rust is off already: what it was stays as it was measured.");
                    }
                    (panel.RustedPercent, panel.PhotoId) = (share.Percent, photo.Id);
                    return (await work.ActAsync(id, $"{Words.Capital(panel.Name)}: {Words.Lower(share.Verdict.Sentence)}", cancel)).Said(
                        panel.Id
                    );
                }
            )
            .WithName("MeasureRust");
        m.MapPost(
                "/{panelId:guid}/otherwise",
                (Guid id, Guid panelId, OtherwiseAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, panelId, new PanelOtherwise(ask.Said), null, work, cancel)
            )
            .WithName("PanelOtherwise")
            .WithSummary("The panel was done already, or otherwise; its earth points are still measured.");
        m.MapPost(
                "/{panelId:guid}/step",
                async (Guid id, Guid panelId, FinishStepAsk ask, HaarDb db, PhotoStore store, UnitOfWork work, CancellationToken cancel) =>
                {
                    var measured = ask.Photo is { } photo ? await ApartAsync(id, photo, db, store, cancel) : null;
                    // A photo that cannot be used measures nothing, and says why.
                    if (measured is { Apart: null })
                    {
                        throw new RefusedException(new(measured.Verdict.Final(), "photo"));
                    }
                    return await DoAsync(
                        id,
                        panelId,
                        new TakeFinishStep(
                            ask.Step,
                            ask.Ph,
                            ask.Celsius,
                            ask.Humidity,
                            measured?.Apart ?? ask.Apart,
                            ask.Looks,
                            ask.Wet,
                            ask.Ohms
                        ),
                        ask.OverruleReason,
                        work,
                        cancel
                    );
                }
            )
            .WithName("TakeFinishStep");
        m.MapPost(
                "/{panelId:guid}/sample",
                async (Guid id, Guid panelId, SamplePhotoAsk ask, HaarDb db, PhotoStore store, CancellationToken cancel) =>
                {
                    await db
                        .SheetMetals.AsNoTracking()
                        .FirstOrDefaultAsync(p => p.Id == panelId && p.MachineId == id, cancel)
                        .OrNotHere("panel");
                    return await ApartAsync(id, ask, db, store, cancel);
                }
            )
            .WithName("CompareSample")
            .WithSummary("How far a sample of paint is from the part, on one photo. Keeps nothing.")
            .WithMetadata(new WritesNoRow());
        m.MapPost(
                "/{panelId:guid}/again",
                (Guid id, Guid panelId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, panelId, new RustAgain(), null, work, cancel)
            )
            .WithName("RustAgain");
    }

    static async Task<SampleApart> ApartAsync(Guid id, SamplePhotoAsk ask, HaarDb db, PhotoStore store, CancellationToken cancel)
    {
        var photo = await db
            .Photos.AsNoTracking()
            .FirstOrDefaultAsync(p => p.Id == ask.PhotoId && p.MachineId == id, cancel)
            .OrNotHere("photo");
        if (ask.Card.Count > 24)
        {
            throw new InvalidInputException("card", "At most 24 fields of the card.");
        }
        foreach (
            var (field, at) in ask.Card.Select((c, i) => ($"card[{i}].at", c.At)).Append(("part", ask.Part)).Append(("sample", ask.Sample))
        )
        {
            InvalidInputException.Finite($"{field}.x", at.X, 0, 1, "(a share of the photo)");
            InvalidInputException.Finite($"{field}.y", at.Y, 0, 1, "(a share of the photo)");
        }
        return await store.ReadAsync(
            photo.Hash,
            p =>
                SampleApart.Of(
                    ask.Kind,
                    [.. ask.Card.Select(c => new CardField(p.Square(c.At).Sample(), c.Published))],
                    p.Square(ask.Part).Sample(),
                    p.Square(ask.Sample).Sample()
                ),
            cancel
        );
    }

    static Task<Acted> DoAsync(
        Guid id,
        Guid panelId,
        Command<FinishFacts> command,
        string? reason,
        UnitOfWork work,
        CancellationToken cancel
    ) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                    new FinishFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        await db.SheetMetals.FirstOrDefaultAsync(p => p.Id == panelId && p.MachineId == id, c).OrNotHere("panel"),
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c)
                    ),
                reason,
                cancel
            )
            .Said();

    /// <summary>As the case's screen shows them.</summary>
    public static IReadOnlyList<PanelRow> Rows(MachineFacts f, Func<Guid?, string?> hash) =>
        [
            .. f.SheetMetals.Select(p => new PanelRow(
                p,
                FinishSteps.Stand(p),
                [.. FinishSteps.Procedure.Of(p).Select(s => new FinishStepRow(s.Step, s.Words, s.DoneAt(p)))],
                FinishSteps.From(p),
                p.RustedPercent is { } r ? Rust.Grade(r) : null,
                p.Coats > 0 ? Paint.Plan(p.SquareCentimetres, p.Coats, paint: p.Paint) : null,
                p is { Sheet: { DriedAt: { } dry, Primer: null }, Coats: > 0 } ? dry.AddHours(Rust.FlashRustHours) : null,
                hash(p.PhotoId)
            )),
        ];
}
