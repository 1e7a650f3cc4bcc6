using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Batteries;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Batteries;

public sealed record CellEdit(string Place, CellSite Site);

public sealed record ChooseReplacement(ReplacementKind Kind, string? OverruleReason);

public sealed record TakeCellStep(CellStep Step, string? OverruleReason);

/// <param name="DataOverruled">Why the person took the cell out although its data was not safe; null when they did not.</param>
public sealed record BatteryScreen(
    MachineCell? Cell,
    ReplacementPlan? Plan,
    RestorationPolicy School,
    string? DataOverruled,
    string? ChoiceOverruled,
    PackScreen? Pack,
    IReadOnlyList<CellStepRow> Steps,
    CellStep? Next
);

/// <summary>One step of the exchange, and whether it may be taken now.</summary>
public sealed record CellStepRow(CellStep Step, Permit May);

public sealed record PackScreen(PackFacts Facts, PackResult Result, int Version);

/// <summary>Where the cell sits on a board's front; null takes the mark away.</summary>
public sealed record CellPlaceAsk(Guid? BoardId, double? X, double? Y);

static class BatteryEndpoints
{
    const string DataKey = "batteries/data";

    public static void MapBatteries(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/battery").WithTags("Batteries");
        m.MapGet("/", ScreenAsync).WithName("GetBattery");
        m.MapPut("/", EditAsync).WithName("EditBattery");
        m.MapPost("/choose", ChooseAsync).WithName("ChooseReplacement");
        m.MapPost("/step", StepAsync).WithName("TakeCellStep");
        m.MapPost("/charging", ChargingAsync)
            .WithName("ReadChargingLine")
            .WithSummary("Readings with the cell out: what they say is written into the cell's site.");
        m.MapPut("/place", PlaceAsync).WithName("PlaceCell");
        m.MapPut("/pack", PackAsync).WithName("EditPack");
    }

    static async Task<BatteryScreen> ScreenAsync(Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        var cell = await db.Cells.AsNoTracking().FirstOrDefaultAsync(c => c.MachineId == id, cancel);
        var overrules = await db
            .Overrules.AsNoTracking()
            .Where(o => o.MachineId == id && o.Key.StartsWith("batteries/"))
            .OrderBy(o => o.Id)
            .ToListAsync(cancel);
        var facts = cell is null ? null : new CellActFacts(machine, cell, overrules);
        return new(
            cell,
            cell is null ? null : Replacement.Options(cell.Site, machine.RestorationPolicy),
            machine.RestorationPolicy,
            overrules.LastOrDefault(o => o.Key == DataKey)?.Reason,
            cell?.Chosen is { } chosen ? overrules.LastOrDefault(o => o.Key == $"batteries/choice/{chosen}")?.Reason : null,
            await db.MachinePacks.AsNoTracking().FirstOrDefaultAsync(p => p.MachineId == id, cancel) is { } pack
                ? new PackScreen(pack.Facts, PackHealth.Of(pack.Facts), pack.Version)
                : null,
            facts is null ? [] : [.. Enum.GetValues<CellStep>().Select(s => new CellStepRow(s, CellActs.Of(s).May(facts, work.Now)))],
            facts is null ? null : CellActs.Next(facts)
        );
    }

    static async Task<Acted> EditAsync(Guid id, CellEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var machine = await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        if (e.Place.Length > 120)
        {
            throw new InvalidInputException("place", "At most 120 characters.");
        }
        _ = Replacement.Options(e.Site, machine.RestorationPolicy);
        var cell = await db.Cells.FirstOrDefaultAsync(c => c.MachineId == id, cancel);
        if (cell is null)
        {
            cell = new MachineCell { Id = work.NewId(), MachineId = id };
            db.Add(cell);
        }
        else
        {
            UnitOfWork.Match(cell, cell.Version, based.On);
        }

        cell.Place = e.Place.Trim();
        cell.Site = e.Site;
        return (await work.ActAsync(id, "What is known of the cell changed.", cancel)).Said(cell.Id);
    }

    static async Task<Acted> ChargingAsync(Guid id, ChargingReadings readings, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var cell = await db.Cells.FirstOrDefaultAsync(c => c.MachineId == id, cancel).OrNotHere("cell");
        var r = ChargingLine.Detect(readings);
        if (r.Charges == ThreeState.NotKnown)
        {
            throw new InvalidInputException(
                readings.OnVolts is < 0 ? "onVolts"
                    : readings.OnVolts is null ? "onVolts"
                    : "offVolts",
                r.Verdict.Sentence
            );
        }
        cell.Site = cell.Site with
        {
            Charges = r.Charges,
            ChargeVolts = r.Charges == ThreeState.Yes ? Math.Round(r.Volts ?? 0, 3) : null,
            ChargeMilliamps = r.Charges == ThreeState.Yes && r.Milliamps is { } ma ? Math.Round(ma, 3) : null,
        };
        return (await work.ActAsync(id, $"Charging line: {r.Verdict.Sentence}", cancel)).Said(cell.Id);
    }

    static async Task<Acted> PlaceAsync(Guid id, CellPlaceAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var cell = await db.Cells.FirstOrDefaultAsync(c => c.MachineId == id, cancel).OrNotHere("cell");
        InvalidInputException.Finite("x", ask.X, 0, 1, "");
        InvalidInputException.Finite("y", ask.Y, 0, 1, "");
        if (ask.BoardId is { } board && !await db.Boards.AnyAsync(b => b.Id == board && b.MachineId == id, cancel))
        {
            throw new InvalidInputException("boardId", "That board is not one of this machine's.");
        }
        (cell.BoardId, cell.X, cell.Y) = (ask.BoardId, ask.X, ask.Y);
        return (await work.ActAsync(id, "The cell's place on the map.", cancel)).Said(cell.Id);
    }

    static async Task<Acted> PackAsync(Guid id, PackFacts facts, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var result = PackHealth.Of(facts);
        var pack = await db.MachinePacks.FirstOrDefaultAsync(p => p.MachineId == id, cancel);
        if (pack is null)
        {
            pack = new MachinePack { Id = work.NewId(), MachineId = id };
            db.Add(pack);
        }
        else
        {
            UnitOfWork.Match(pack, pack.Version, based.On);
        }
        pack.Facts = facts;
        return (await work.ActAsync(id, $"Pack: {result.Verdict.Sentence}", cancel)).Said(pack.Id);
    }

    static async Task<Acted> ChooseAsync(Guid id, ChooseReplacement ask, UnitOfWork work, CancellationToken cancel) =>
        await work.DoAsync(id, new ChooseCell(ask.Kind), (db, c) => CellActLoader.OfAsync(db, id, c), ask.OverruleReason, cancel).Said();

    static async Task<Acted> StepAsync(Guid id, TakeCellStep ask, UnitOfWork work, CancellationToken cancel) =>
        await work.DoAsync(id, CellActs.Of(ask.Step), (db, c) => CellActLoader.OfAsync(db, id, c), ask.OverruleReason, cancel).Said();
}
