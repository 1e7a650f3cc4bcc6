using Haar.Core.Boards;
using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Thermal;

public sealed record HotPartEdit(
    Guid? BoardId,
    string Name,
    Side Side,
    double? X,
    double? Y,
    HotPartFacts Facts,
    string Load,
    FanFacts? Fan
);

/// <param name="After">False for before the work.</param>
/// <param name="Celsius">Of the part, one or more.</param>
/// <param name="RoomCelsius">Of the room beside each; one for all of them will do.</param>
public sealed record HeatReadingAsk(bool After, IReadOnlyList<double> Celsius, IReadOnlyList<double> RoomCelsius, string Source);

/// <param name="OverruleReason">Needed for a choice that the gap refuses.</param>
public sealed record HotFittedAsk(GapFiller Filler, string? OverruleReason = null);

static class ThermalEndpoints
{
    public static void MapThermal(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/hot").WithTags("Thermal");
        m.MapPost("/", AddAsync).WithName("AddHotPart");
        m.MapPut("/{hotId:guid}", EditAsync).WithName("EditHotPart");
        m.MapDelete(
                "/{hotId:guid}",
                async (Guid id, Guid hotId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var h = await HotAsync(db, id, hotId, cancel);
                    db.RemoveRange(await db.Readings.Where(r => r.SubjectId == hotId).ToListAsync(cancel));
                    db.Remove(h);
                    return (await work.ActAsync(id, $"Taken off the list of hot parts: {h.Name}.", cancel)).Said(hotId);
                }
            )
            .WithName("RemoveHotPart");
        m.MapPost("/{hotId:guid}/readings", ReadAsync).WithName("ReadHotPart");
        m.MapPost("/{hotId:guid}/fitted", FittedAsync).WithName("FitHotPart");
    }

    static Task<HotPart> HotAsync(HaarDb db, Guid id, Guid hotId, CancellationToken cancel) =>
        db.HotParts.FirstOrDefaultAsync(h => h.Id == hotId && h.MachineId == id, cancel).OrNotHere("hot part");

    static async Task ApplyAsync(HotPart h, HotPartEdit e, HaarDb db, Guid id, CancellationToken cancel)
    {
        if (e.Name.Trim().Length is 0 or > 60)
        {
            throw new InvalidInputException("name", "1 to 60 characters.");
        }
        if (e.Load.Length > 200)
        {
            throw new InvalidInputException("load", "At most 200 characters.");
        }
        InvalidInputException.Finite("x", e.X, 0, 1, "");
        InvalidInputException.Finite("y", e.Y, 0, 1, "");
        if (e.BoardId is { } board && !await db.Boards.AnyAsync(b => b.Id == board && b.MachineId == id, cancel))
        {
            throw new InvalidInputException("boardId", "That board is not one of this machine's.");
        }
        _ = Gap.Choose(e.Name, e.Facts);
        if (e.Fan is { } fan)
        {
            _ = Fan.Judge(fan);
        }
        (h.BoardId, h.Name, h.Side, h.X, h.Y, h.Facts, h.Load, h.Fan) = (
            e.BoardId,
            e.Name.Trim(),
            e.Side,
            e.X,
            e.Y,
            e.Facts,
            e.Load.Trim(),
            e.Fan
        );
    }

    static async Task<Acted> AddAsync(Guid id, HotPartEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var h = new HotPart { Id = work.NewId(), MachineId = id };
        await ApplyAsync(h, e, db, id, cancel);
        db.Add(h);
        return (await work.ActAsync(id, $"Hot part: {h.Name}, {Si.Plain(h.Facts.Watts)} W.", cancel)).Said(h.Id);
    }

    static async Task<Acted> EditAsync(
        Guid id,
        Guid hotId,
        HotPartEdit e,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var h = await HotAsync(db, id, hotId, cancel);
        UnitOfWork.Match(h, h.Version, request.Version());
        await ApplyAsync(h, e, db, id, cancel);
        return (await work.ActAsync(id, $"{h.Name} changed.", cancel)).Said(h.Id);
    }

    static async Task<Acted> ReadAsync(Guid id, Guid hotId, HeatReadingAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var h = await HotAsync(db, id, hotId, cancel);
        if (ask.Celsius.Count is 0 or > 50)
        {
            throw new InvalidInputException("celsius", "Give 1 to 50 readings.");
        }
        if (ask.RoomCelsius.Count != 1 && ask.RoomCelsius.Count != ask.Celsius.Count)
        {
            throw new InvalidInputException("roomCelsius", "Give the room once, or once for each reading.");
        }
        if (ask.Source.Trim().Length is 0 or > 80)
        {
            throw new InvalidInputException("source", "Say where the reading comes from.");
        }
        var pairs = ask.Celsius.Select((c, i) => new HeatReading(c, ask.RoomCelsius[ask.RoomCelsius.Count == 1 ? 0 : i])).ToList();
        _ = HeatProof.Compare(h.Name, pairs, []);
        var channel = ask.After ? "after" : "before";
        foreach (var p in pairs)
        {
            foreach (var (name, value) in new[] { (channel, p.Celsius), ($"{channel} room", p.RoomCelsius) })
            {
                db.Add(
                    new Reading
                    {
                        Id = work.NewId(),
                        MachineId = id,
                        SubjectKind = SubjectKind.HotPart,
                        SubjectId = h.Id,
                        Channel = name,
                        Quantity = Quantity.Celsius,
                        Value = value,
                        Source = ask.Source.Trim(),
                        At = work.Now,
                    }
                );
            }
        }

        return (
            await work.ActAsync(
                id,
                $"{h.Name}, {channel}: {string.Join(", ", ask.Celsius.Select(c => Si.Plain(c)))} °C in a room of {Si.Plain(Math.Round(ask.RoomCelsius.Average(), 1))} °C.",
                cancel
            )
        ).Said(h.Id);
    }

    static async Task<Acted> FittedAsync(Guid id, Guid hotId, HotFittedAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var h = await HotAsync(db, id, hotId, cancel);
        var option = Gap.Choose(h.Name, h.Facts).Options.FirstOrDefault(o => o.Filler == ask.Filler);
        if (option is null || option.Verdict.Outcome == Outcome.No)
        {
            var sentence = option?.Verdict.Sentence ?? "The gap is not known.";
            if ((ask.OverruleReason ?? "").Trim().Length is < 3 or > 500)
            {
                throw new InvalidInputException("overruleReason", $"{sentence} To fit it all the same, say why.");
            }
            db.Add(
                new Overrule
                {
                    Id = work.NewId(),
                    MachineId = id,
                    Key = $"thermal/gap/{h.Id}",
                    Sentence = sentence,
                    Reason = ask.OverruleReason!.Trim(),
                    At = work.Now,
                }
            );
        }

        (h.Fitted, h.FittedAt) = (ask.Filler, work.Now);
        return (await work.ActAsync(id, $"{h.Name}: {(option?.Name ?? ask.Filler.ToString()).ToLowerInvariant()} fitted.", cancel)).Said(
            h.Id
        );
    }
}
