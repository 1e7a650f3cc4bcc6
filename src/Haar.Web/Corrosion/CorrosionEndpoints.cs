using Haar.Core.Boards;
using Haar.Core.Corrosion;
using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Corrosion;

/// <param name="PhBefore">Of wet paper on the residue, before; settles what leaked when nobody knows.</param>
/// <param name="SquareCentimetres">Only where the board has no scale; else it is worked out.</param>
public sealed record AreaEdit(
    string Name,
    Side Side,
    LeakSource Source,
    IReadOnlyList<Point> Outline,
    CorrosionStage Stage,
    double? SquareCentimetres = null,
    double? PhBefore = null
);

public sealed record AreaInspectionAsk(CorrosionStage Stage, double? SquareCentimetres = null);

/// <param name="Ph">Of wet paper, to end the neutralising.</param>
/// <param name="Rinses">How often it was rinsed.</param>
/// <param name="HoursAgo">When it was done, if it is written down later; 0 is now.</param>
/// <param name="Celsius">Of the air that it dried in; null is the room's.</param>
/// <param name="OverruleReason">Why new mask goes over nets that were not measured.</param>
public sealed record AreaStepAsk(
    AreaStep Step,
    double? Ph = null,
    int Rinses = 0,
    double HoursAgo = 0,
    double? Celsius = null,
    string? OverruleReason = null
);

public sealed record NetEdit(string Name, string From, string To, Side Side, IReadOnlyList<Point> Path, TraceFacts Trace);

/// <param name="Ohms">End to end; null with <paramref name="Open"/>.</param>
/// <param name="Open">Open circuit on the meter.</param>
/// <param name="Instrument">What it was read with; left out, it is what the source names, else not known: then the leads may have added half an ohm.</param>
/// <param name="Step">The smallest step that the range shows, in ohms; null when not known.</param>
public sealed record NetReadingAsk(
    double? Ohms,
    bool Open,
    string Source,
    Instrument Instrument = Instrument.NotKnown,
    double? Step = null
);

public sealed record NetRepairAsk(string Repair);

static class CorrosionEndpoints
{
    public static void MapCorrosion(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Corrosion");
        m.MapTypedOnBoard(
            "/boards/{boardId:guid}/areas",
            "/areas/{rowId:guid}",
            "Area",
            new TypedRows<CorrosionArea, AreaEdit>(
                "area",
                x =>
                    new()
                    {
                        Id = x.Id,
                        MachineId = x.MachineId,
                        BoardId = x.On,
                        Inspections = [new(x.At, CorrosionStage.Bloom, 0)],
                    },
                (a, e) => (a.Name, a.Side, a.Source, a.PhBefore, a.Outline) = (e.Name.Trim(), e.Side, e.Source, e.PhBefore, [.. e.Outline]),
                a => $"On the map: {Seen(a)}.",
                a => $"Changed: {Seen(a)}.",
                a => $"Taken off the map: {a.Name}."
            )
            {
                Beside = async (db, a, e, cancel) =>
                {
                    var board = await db.Boards.AsNoTracking().FirstAsync(x => x.Id == a.BoardId, cancel);
                    var last = a.Inspections[^1];
                    var before = last.SquareCentimetres > 0 ? last.SquareCentimetres : (double?)null;
                    a.Inspections =
                    [
                        .. a.Inspections.SkipLast(1),
                        new(last.At, e.Stage, Size(board, e.Side, e.Outline, e.SquareCentimetres ?? before)),
                    ];
                },
                Taking = async (db, a, cancel) =>
                {
                    var mask = Core.Acts.Overrulable.KeyOf(Core.Acts.OverruleKind.Mask, a.Id.ToString());
                    db.RemoveRange(await db.Overrules.Where(o => o.MachineId == a.MachineId && o.Key == mask).ToListAsync(cancel));
                },
            }
        );
        m.MapPost("/areas/{areaId:guid}/looks", LookAsync)
            .WithName("LookAtArea")
            .WithSummary("A new look: stage and size on this day; says when to look again.");
        m.MapPost("/areas/{areaId:guid}/step", StepAsync).WithName("TakeAreaStep");
        m.MapPost(
                "/areas/{areaId:guid}/otherwise",
                (Guid id, Guid areaId, OtherwiseAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    work.DoAsync(id, new AreaOtherwise(ask.Said, ask.Ph), (db, c) => FactsAsync(db, id, areaId, c), null, cancel).Said()
            )
            .WithName("AreaOtherwise")
            .WithSummary("It was cleaned already, or otherwise; pH paper stands for the residue, and time for the drying.");
        m.MapTypedOnBoard(
            "/boards/{boardId:guid}/nets",
            "/nets/{rowId:guid}",
            "Net",
            new TypedRows<BoardNet, NetEdit>(
                "net",
                x =>
                    new()
                    {
                        Id = x.Id,
                        MachineId = x.MachineId,
                        BoardId = x.On,
                    },
                (n, e) =>
                    (n.Name, n.From, n.To, n.Side, n.Path, n.Trace) = (
                        e.Name.Trim(),
                        e.From.Trim(),
                        e.To.Trim(),
                        e.Side,
                        [.. e.Path],
                        e.Trace
                    ),
                n => $"To be measured end to end: {n.Name}.",
                n => $"{n.Name} changed.",
                n => $"Taken off the map: {n.Name}."
            )
            {
                Taking = async (db, n, cancel) => db.RemoveRange(await db.Readings.Where(r => r.SubjectId == n.Id).ToListAsync(cancel)),
            }
        );
        m.MapPost("/nets/{netId:guid}/readings", ReadNetAsync).WithName("ReadNet");
        m.MapPost("/nets/{netId:guid}/repair", RepairAsync)
            .WithName("RepairNet")
            .WithSummary("A jumper or tinned copper; the net is measured again after it.");
    }

    static string Seen(CorrosionArea a) =>
        $"{a.Name}, {Si.Plain(Math.Round(a.Inspections[^1].SquareCentimetres, 1))} cm² at stage {(int)a.Stage}";

    static Task<CorrosionArea> AreaAsync(HaarDb db, Guid id, Guid areaId, CancellationToken cancel) =>
        db.Areas.FirstOrDefaultAsync(a => a.Id == areaId && a.MachineId == id, cancel).OrNotHere("area");

    static Task<BoardNet> NetAsync(HaarDb db, Guid id, Guid netId, CancellationToken cancel) =>
        db.Nets.FirstOrDefaultAsync(n => n.Id == netId && n.MachineId == id, cancel).OrNotHere("net");

    /// <summary>From the outline where the board has a scale, else as typed.</summary>
    static double Size(Board b, Side side, IReadOnlyList<Point> outline, double? typed) =>
        b.Map.Of(side) is { WidthMillimetres: { } w, HeightMillimetres: { } h }
            ? Math.Round(Outline.SquareCentimetres(outline, w, h), 3)
            : InvalidInputException.Finite(
                "squareCentimetres",
                typed
                    ?? throw new InvalidInputException(
                        "squareCentimetres",
                        "This side has no scale yet: set one length on it, or say how many cm² it is."
                    ),
                0.01,
                5000,
                "cm²"
            );

    static string Name(string field, string text, int most = 60) =>
        text.Trim() is { Length: > 0 } t && t.Length <= most ? t : throw new InvalidInputException(field, $"1 to {most} characters.");

    static async Task<Acted> LookAsync(Guid id, Guid areaId, AreaInspectionAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var a = await AreaAsync(db, id, areaId, cancel);
        var cm2 =
            InvalidInputException.Finite("squareCentimetres", ask.SquareCentimetres, 0, 5000, "cm²")
            ?? (a.Inspections.Count > 0 ? a.Inspections[^1].SquareCentimetres : 0);
        a.Inspections = [.. a.Inspections, new(work.Now, ask.Stage, cm2)];
        var r = Reinspection.Of(a.Inspections, a.Treatment.Ph, work.Today);
        a.InspectOn = r.On;
        // What is still eating is cleaned once more, from the start.
        if (r.Verdict.Outcome == Outcome.No)
        {
            a.Treatment = new();
        }
        return (
            await work.ActAsync(
                id,
                $"Looked at {a.Name}: stage {(int)ask.Stage}, {Si.Plain(Math.Round(cm2, 1))} cm². {r.Verdict.Sentence}",
                cancel
            )
        ).Said(a.Id);
    }

    static Task<Acted> StepAsync(Guid id, Guid areaId, AreaStepAsk ask, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                new TakeAreaStep(ask.Step, ask.Ph, ask.Rinses, ask.HoursAgo, ask.Celsius),
                (db, c) => FactsAsync(db, id, areaId, c),
                ask.OverruleReason,
                cancel
            )
            .Said();

    static async Task<AreaActFacts> FactsAsync(HaarDb db, Guid id, Guid areaId, CancellationToken cancel)
    {
        var area = await AreaAsync(db, id, areaId, cancel);
        var nets = await db.Nets.AsNoTracking().Where(n => n.BoardId == area.BoardId).ToListAsync(cancel);
        return new(
            await db.Machines.FirstAsync(m => m.Id == id, cancel),
            area,
            CorrosionAssessments.Nets(
                nets,
                [area],
                await db.Boards.AsNoTracking().Where(b => b.Id == area.BoardId).ToListAsync(cancel),
                await db.Readings.AsNoTracking().Where(r => r.MachineId == id && r.SubjectKind == SubjectKind.Net).ToListAsync(cancel)
            ),
            area.JobId is { } job ? await db.Jobs.Where(j => j.Id == job).ToListAsync(cancel) : [],
            await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).ToListAsync(cancel)
        );
    }

    static async Task<Acted> ReadNetAsync(Guid id, Guid netId, NetReadingAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var n = await NetAsync(db, id, netId, cancel);
        if (ask.Ohms is null == !ask.Open)
        {
            throw new InvalidInputException("ohms", "Give the ohms, or say that it is open circuit; not both.");
        }
        if (ask.Source.Trim().Length is 0 or > 80)
        {
            throw new InvalidInputException("source", "Say where the reading comes from: typed, or the meter.");
        }
        InvalidInputException.Finite("ohms", ask.Ohms, 0, 1e9, "Ω");
        if (ask is { Source: "typed", Ohms: { } typed } && Trace.UnitSlip(n.Trace, typed) is { } slip)
        {
            throw new InvalidInputException("ohms", slip);
        }

        InvalidInputException.Finite("step", ask.Step, 0, 1e6, "Ω");
        var reading = new Reading
        {
            Id = work.NewId(),
            MachineId = id,
            SubjectKind = SubjectKind.Net,
            SubjectId = n.Id,
            Channel = n.RepairedAt is null ? "old" : "new",
            Quantity = Quantity.Ohms,
            Value = ask.Open ? CorrosionAssessments.OpenAsOhms : ask.Ohms!.Value,
            Source = ask.Source.Trim(),
            Instrument = ask.Instrument,
            Step = ask.Step,
            At = work.Now,
        };
        db.Add(reading);
        var judged = CorrosionAssessments.Nets([n], [], [], [reading])[0];
        return (await work.ActAsync(id, judged.Trace.Verdict.Sentence, cancel)).Said(n.Id);
    }

    static async Task<Acted> RepairAsync(Guid id, Guid netId, NetRepairAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var n = await NetAsync(db, id, netId, cancel);
        (n.Repair, n.RepairedAt) = (Name("repair", ask.Repair, 200), work.Now);
        return (await work.ActAsync(id, $"{n.Name} mended: {n.Repair}. To be measured again.", cancel)).Said(n.Id);
    }
}
