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
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "HotPart",
            new TypedRows<HotPart, HotPartEdit>(
                "hot part",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (h, e) =>
                    (h.BoardId, h.Name, h.Side, h.X, h.Y, h.Facts, h.Load, h.Fan) = (
                        e.BoardId,
                        e.Name.Trim(),
                        e.Side,
                        e.X,
                        e.Y,
                        e.Facts,
                        e.Load.Trim(),
                        e.Fan
                    ),
                h => $"Hot part: {h.Name}{(h.Facts.Watts is { } w ? $", {Si.Plain(w)} W" : "")}.",
                h => $"{h.Name} changed.",
                h => $"Taken off the list of hot parts: {h.Name}."
            )
            {
                Taking = async (db, h, cancel) => db.RemoveRange(await db.Readings.Where(r => r.SubjectId == h.Id).ToListAsync(cancel)),
            }
        );
        m.MapPost("/{hotId:guid}/readings", ReadAsync).WithName("ReadHotPart");
        m.MapPost("/{hotId:guid}/fitted", FittedAsync).WithName("FitHotPart");
    }

    static Task<HotPart> HotAsync(HaarDb db, Guid id, Guid hotId, CancellationToken cancel) =>
        db.HotParts.FirstOrDefaultAsync(h => h.Id == hotId && h.MachineId == id, cancel).OrNotHere("hot part");

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

    static Task<Acted> FittedAsync(Guid id, Guid hotId, HotFittedAsk ask, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                new FitFiller(ask.Filler),
                async (db, c) =>
                    new HeatFacts(
                        await HotAsync(db, id, hotId, c),
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c)
                    ),
                ask.OverruleReason,
                cancel
            )
            .Said();
}
