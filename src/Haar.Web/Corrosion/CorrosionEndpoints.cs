using Haar.Core.Boards;
using Haar.Core.Corrosion;
using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
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
/// <param name="Open">The meter reads no end.</param>
public sealed record NetReadingAsk(double? Ohms, bool Open, string Source);

public sealed record NetRepairAsk(string Repair);

static class CorrosionEndpoints
{
    public static void MapCorrosion(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Corrosion");
        m.MapPost("/boards/{boardId:guid}/areas", AddAreaAsync).WithName("AddArea");
        m.MapPut("/areas/{areaId:guid}", EditAreaAsync).WithName("EditArea");
        m.MapDelete(
                "/areas/{areaId:guid}",
                async (Guid id, Guid areaId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var a = await AreaAsync(db, id, areaId, cancel);
                    var mask = Core.Acts.Overrulable.KeyOf(Core.Acts.OverruleKind.Mask, areaId.ToString());
                    db.RemoveRange(await db.Overrules.Where(o => o.MachineId == id && o.Key == mask).ToListAsync(cancel));
                    db.Remove(a);
                    return (await work.ActAsync(id, $"Taken off the map: {a.Name}.", cancel)).Said(areaId);
                }
            )
            .WithName("RemoveArea");
        m.MapPost("/areas/{areaId:guid}/looks", LookAsync)
            .WithName("LookAtArea")
            .WithSummary("A new look: stage and size on this day; says when to look again.");
        m.MapPost("/areas/{areaId:guid}/step", StepAsync).WithName("TakeAreaStep");
        m.MapPost("/boards/{boardId:guid}/nets", AddNetAsync).WithName("AddNet");
        m.MapPut("/nets/{netId:guid}", EditNetAsync).WithName("EditNet");
        m.MapDelete(
                "/nets/{netId:guid}",
                async (Guid id, Guid netId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var n = await NetAsync(db, id, netId, cancel);
                    db.RemoveRange(await db.Readings.Where(r => r.SubjectId == netId).ToListAsync(cancel));
                    db.Remove(n);
                    return (await work.ActAsync(id, $"Taken off the map: {n.Name}.", cancel)).Said(netId);
                }
            )
            .WithName("RemoveNet");
        m.MapPost("/nets/{netId:guid}/readings", ReadNetAsync).WithName("ReadNet");
        m.MapPost("/nets/{netId:guid}/repair", RepairAsync)
            .WithName("RepairNet")
            .WithSummary("A jumper or tinned copper; the net is measured again after it.");
    }

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

    static async Task<Acted> AddAreaAsync(Guid id, Guid boardId, AreaEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var b = await db.Boards.AsNoTracking().FirstOrDefaultAsync(x => x.Id == boardId && x.MachineId == id, cancel).OrNotHere("board");
        Outline.Check("outline", e.Outline);
        var cm2 = Size(b, e.Side, e.Outline, e.SquareCentimetres);
        var a = new CorrosionArea
        {
            Id = work.NewId(),
            MachineId = id,
            BoardId = boardId,
            Name = Name("name", e.Name),
            Side = e.Side,
            Source = e.Source,
            PhBefore = InvalidInputException.Finite("phBefore", e.PhBefore, 0, 14, ""),
            Outline = [.. e.Outline],
            Inspections = [new(work.Now, e.Stage, cm2)],
        };
        db.Add(a);
        return (await work.ActAsync(id, $"On the map: {a.Name}, {Si.Plain(Math.Round(cm2, 1))} cm² at stage {(int)e.Stage}.", cancel)).Said(
            a.Id
        );
    }

    static async Task<Acted> EditAreaAsync(
        Guid id,
        Guid areaId,
        AreaEdit e,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var a = await AreaAsync(db, id, areaId, cancel);
        UnitOfWork.Match(a, a.Version, request.Version());
        var b = await db.Boards.AsNoTracking().FirstAsync(x => x.Id == a.BoardId, cancel);
        Outline.Check("outline", e.Outline);
        (a.Name, a.Side, a.Source, a.PhBefore, a.Outline) = (
            Name("name", e.Name),
            e.Side,
            e.Source,
            InvalidInputException.Finite("phBefore", e.PhBefore, 0, 14, ""),
            [.. e.Outline]
        );
        a.Inspections =
        [
            .. a.Inspections.SkipLast(1),
            new(
                a.Inspections.Count > 0 ? a.Inspections[^1].At : work.Now,
                e.Stage,
                Size(b, e.Side, e.Outline, e.SquareCentimetres ?? (a.Inspections.Count > 0 ? a.Inspections[^1].SquareCentimetres : null))
            ),
        ];
        return (
            await work.ActAsync(
                id,
                $"{a.Name} changed: {Si.Plain(Math.Round(a.Inspections[^1].SquareCentimetres, 1))} cm² at stage {(int)e.Stage}.",
                cancel
            )
        ).Said(a.Id);
    }

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

    static void Check(NetEdit e)
    {
        Name("name", e.Name);
        if (e.From.Length > 60 || e.To.Length > 60)
        {
            throw new InvalidInputException("from", "At most 60 characters.");
        }
        _ = Trace.Ohms(e.Trace);
        if (e.Path.Count == 1 || e.Path.Count > 400)
        {
            throw new InvalidInputException("path", "A run has two to 400 points, or none.");
        }
        for (var i = 0; i < e.Path.Count; i++)
        {
            InvalidInputException.Finite($"path[{i}].x", e.Path[i].X, 0, 1, "");
            InvalidInputException.Finite($"path[{i}].y", e.Path[i].Y, 0, 1, "");
        }
    }

    static async Task<Acted> AddNetAsync(Guid id, Guid boardId, NetEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        Check(e);
        await db.OnTheListAsync(id, cancel);
        await db.Boards.AsNoTracking().FirstOrDefaultAsync(x => x.Id == boardId && x.MachineId == id, cancel).OrNotHere("board");
        var n = new BoardNet
        {
            Id = work.NewId(),
            MachineId = id,
            BoardId = boardId,
            Name = e.Name.Trim(),
            From = e.From.Trim(),
            To = e.To.Trim(),
            Side = e.Side,
            Path = [.. e.Path],
            Trace = e.Trace,
        };
        db.Add(n);
        return (await work.ActAsync(id, $"To be measured end to end: {n.Name}.", cancel)).Said(n.Id);
    }

    static async Task<Acted> EditNetAsync(
        Guid id,
        Guid netId,
        NetEdit e,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        Check(e);
        var n = await NetAsync(db, id, netId, cancel);
        UnitOfWork.Match(n, n.Version, request.Version());
        (n.Name, n.From, n.To, n.Side, n.Path, n.Trace) = (e.Name.Trim(), e.From.Trim(), e.To.Trim(), e.Side, [.. e.Path], e.Trace);
        return (await work.ActAsync(id, $"{n.Name} changed.", cancel)).Said(n.Id);
    }

    static async Task<Acted> ReadNetAsync(Guid id, Guid netId, NetReadingAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var n = await NetAsync(db, id, netId, cancel);
        if (ask.Ohms is null == !ask.Open)
        {
            throw new InvalidInputException("ohms", "Give the ohms, or say that the meter reads no end; not both.");
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

        db.Add(
            new Reading
            {
                Id = work.NewId(),
                MachineId = id,
                SubjectKind = SubjectKind.Net,
                SubjectId = n.Id,
                Channel = n.RepairedAt is null ? "old" : "new",
                Quantity = Quantity.Ohms,
                Value = ask.Open ? CorrosionAssessments.OpenAsOhms : ask.Ohms!.Value,
                Source = ask.Source.Trim(),
                At = work.Now,
            }
        );
        return (await work.ActAsync(id, Trace.Judge(n.Name, n.Trace, ask.Ohms, ask.Open).Verdict.Sentence, cancel)).Said(n.Id);
    }

    static async Task<Acted> RepairAsync(Guid id, Guid netId, NetRepairAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var n = await NetAsync(db, id, netId, cancel);
        (n.Repair, n.RepairedAt) = (Name("repair", ask.Repair, 200), work.Now);
        return (await work.ActAsync(id, $"{n.Name} mended: {n.Repair}. To be measured again.", cancel)).Said(n.Id);
    }
}
