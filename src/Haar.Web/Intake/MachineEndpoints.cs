using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Intake;

/// <summary>A machine as typed. Everything but the name can come later.</summary>
/// <param name="KindId">A kind from a pack: what is usual in it is looked for, and stands on the side of care until somebody has looked. Left out, the kind stays; empty, it is none.</param>
/// <param name="ProfileId">A machine profile from a pack: brings its boards, cell and rails along.</param>
public sealed record MachineEdit(
    string Name,
    string Kind,
    string Model,
    MachineClass Class,
    int? YearFrom,
    int? YearTo,
    IReadOnlyList<Trait> Traits,
    string CameFrom,
    decimal? Paid,
    string Claimed,
    [property: JsonPropertyName("recapSchool")] RecapPolicy RecapPolicy,
    [property: JsonPropertyName("restorationSchool")] RestorationPolicy RestorationPolicy,
    string? ProfileId = null,
    ThreeState MainsLead = ThreeState.NotKnown,
    ThreeState Tube = ThreeState.NotKnown,
    ThreeState Battery = ThreeState.NotKnown,
    string? KindId = null
);

public sealed record BoardRow(Guid Id, string Name, Guid? PhotoId, string? PhotoHash, int Version);

public sealed record PhotoRow(Guid Id, string Hash, int Width, int Height, string Caption, DateTimeOffset At);

/// <param name="Stop">Set when power is stopped: the sentence that says why.</param>
/// <param name="Money">Go on, or stop: shown wherever something is spent.</param>
/// <param name="Unidentified">Nobody has said whether mains or a tube is in it.</param>
/// <param name="Cautions">That stand by themselves; what nobody has excluded is among them.</param>
public sealed record MachineHead(
    Machine Machine,
    [property: JsonPropertyName("standing")] MachineStatus Status,
    IReadOnlyList<BoardRow> Boards,
    IReadOnlyList<PhotoRow> Photos,
    bool HasCell,
    string? Stop,
    GoOnResult Money,
    string Currency,
    IReadOnlyList<Core.Safety.CautionId> Cautions,
    bool Unidentified
);

/// <param name="Kind">Null where it is of no kind that a pack here knows.</param>
/// <param name="Open">What may be in it, and nobody has looked.</param>
/// <param name="Hours">Null where neither the pack nor this workshop's finished machines say anything.</param>
public sealed record UsualOfKind(KindProfile? Kind, IReadOnlyList<Possible> Open, KindHours? Hours);

static class MachineEndpoints
{
    public static void MapMachines(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines").WithTags("Intake");
        m.MapPost("/", TakeInAsync)
            .WithName("TakeIn")
            .WithSummary("Takes a machine in.")
            .WithExample(
                """{"name":"Harbour office till","kind":"luggable","model":"","class":"level286","yearFrom":1987,"yearTo":1989,"traits":["internalMainsSupply","barrelCell"],"cameFrom":"a jumble sale","paid":20,"claimed":"","recapSchool":"evidence","restorationSchool":"asShipped"}"""
            );
        m.MapGet("/{id:guid}", HeadAsync).WithName("GetMachine");
        m.MapPut("/{id:guid}", EditAsync).WithName("EditMachine");
        m.MapGet("/{id:guid}/usual", UsualAsync)
            .WithName("GetUsual")
            .WithSummary("What is usual of its kind, what of that nobody has looked at yet, and the hours that such a machine takes.");
        m.MapPost(
                "/{id:guid}/put-back",
                async (Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var machine = await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
                    if (machine.RemovedAt is null)
                    {
                        return new Acted(Guid.Empty, $"{machine.Name} is on the list.", id);
                    }
                    machine.RemovedAt = null;
                    return (await work.ActAsync(id, $"{machine.Name} is on the list again.", cancel)).Said(id);
                }
            )
            .WithName("PutMachineBack");
        m.MapDelete("/{id:guid}", RemoveAsync)
            .WithName("RemoveMachine")
            .WithSummary("Takes it off the list; nothing of it is lost, and undo brings it back.");
    }

    static async Task<Acted> TakeInAsync(MachineEdit e, HaarDb db, UnitOfWork work, PackStore packs, CancellationToken cancel)
    {
        var machine = new Machine { Id = work.NewId(), ArrivedAt = work.Now };
        Apply(machine, e);
        Arrivals.Check(machine, work.Today.Year);
        db.Add(machine);
        await KindAsync(machine, e, packs, cancel);
        await Stripdown.OpeningEndpoints.TakeKnownAsync(db, work, machine, packs, cancel);
        machine.Rails = [.. await UsualRailsAsync(machine, packs, cancel)];
        if (e.ProfileId is { Length: > 0 } profileId)
        {
            var all = await packs.AllAsync(cancel);
            var profile =
                all.SelectMany(p => p.Machines).FirstOrDefault(p => p.Id == profileId)
                ?? throw new InvalidInputException("profileId", "That profile is in no pack here.");
            Bring(db, work, machine, profile, all);
        }
        else if (UsualCell.Of(machine.Traits) is { } site)
        {
            db.Add(
                new MachineCell
                {
                    Id = work.NewId(),
                    MachineId = machine.Id,
                    Site = site,
                }
            );
        }

        return (await work.ActAsync(machine.Id, $"Taken in: {machine.Name}.", cancel)).Said(machine.Id);
    }

    /// <summary>What its kind usually has; else what is usual of its class, its years, and all that is usual in it.</summary>
    static async Task<IReadOnlyList<RailReading>> UsualRailsAsync(Machine m, PackStore packs, CancellationToken cancel) =>
        m.KindId is { Length: > 0 } id && (await packs.KindsAsync(cancel)).FirstOrDefault(k => k.Id == id) is { Rails.Count: > 0 } kind
            ? kind.Rails
            : FirstPower.UsualRails(
                m.Class,
                m.YearTo,
                [.. m.Traits, .. m.Possible.Where(p => p.Likelihood == Likelihood.Usual).Select(p => p.Trait)]
            );

    /// <exception cref="InvalidInputException">No pack here has that kind.</exception>
    static async Task KindAsync(Machine m, MachineEdit e, PackStore packs, CancellationToken cancel)
    {
        var id = e.KindId ?? m.KindId;
        if (id.Length == 0)
        {
            (m.KindId, m.Possible) = ("", []);
        }
        else if (await packs.KindAsync(id, cancel) is { } kind)
        {
            Kinds.Take(m, kind);
        }
        else if (id != m.KindId)
        {
            throw new InvalidInputException("kindId", "That kind is in no pack here.");
        }
        else
        {
            // Its pack was taken away: what was usual of it still is.
            m.Possible = [.. m.Possible.Where(p => !m.Traits.Contains(p.Trait))];
        }
    }

    static void Bring(HaarDb db, UnitOfWork work, Machine machine, MachineProfile profile, IReadOnlyList<Pack> packs)
    {
        if (profile.Rails.Count > 0)
        {
            machine.Rails = [.. profile.Rails];
        }
        if (profile.Cell is { } cell)
        {
            db.Add(
                new MachineCell
                {
                    Id = work.NewId(),
                    MachineId = machine.Id,
                    Place = profile.CellPlace,
                    Site = cell,
                }
            );
        }
        foreach (var boardId in profile.Boards)
        {
            if (packs.SelectMany(p => p.Boards).FirstOrDefault(b => b.Id == boardId) is not { } plan)
            {
                continue;
            }
            var board = new Board
            {
                Id = work.NewId(),
                MachineId = machine.Id,
                Name = plan.Name,
            };
            db.Add(board);
            db.AddRange(plan.Capacitors.Select(c => PlanParts.Make(c, work.NewId(), machine.Id, board.Id)));
            db.AddRange(plan.Nets.Select(n => PlanParts.Make(n, work.NewId(), machine.Id, board.Id)));
            db.AddRange(plan.HotParts.Select(h => PlanParts.Make(h, work.NewId(), machine.Id, board.Id)));
        }
    }

    static void Apply(Machine m, MachineEdit e)
    {
        m.Name = e.Name.Trim();
        m.Kind = e.Kind.Trim();
        m.Model = e.Model.Trim();
        m.Class = e.Class;
        m.YearFrom = e.YearFrom;
        m.YearTo = e.YearTo;
        m.Traits = [.. e.Traits.Distinct().Order()];
        (m.MainsLead, m.Tube, m.Battery) = (e.MainsLead, e.Tube, e.Battery);
        Kinds.Settle(m);
        m.CameFrom = e.CameFrom.Trim();
        m.Paid = e.Paid;
        m.Claimed = e.Claimed.Trim();
        m.RecapPolicy = e.RecapPolicy;
        m.RestorationPolicy = e.RestorationPolicy;
    }

    static async Task<MachineHead> HeadAsync(Guid id, HaarDb db, TimeProvider time, CancellationToken cancel)
    {
        var now = time.GetUtcNow();
        var row = await db.Statuses.AsNoTracking().FirstOrDefaultAsync(s => s.MachineId == id, cancel).OrNotHere("machine");
        if (row.StaleAt <= now)
        {
            await MachineStatusKeeper.RefreshStaleAsync(db, now, cancel);
            row = await db.Statuses.AsNoTracking().FirstAsync(s => s.MachineId == id, cancel);
        }

        var machine = await db.Machines.AsNoTracking().FirstAsync(m => m.Id == id, cancel);
        if (machine.RemovedAt is not null)
        {
            throw new NotHereException($"“{machine.Name}” was taken off the list. Undo in the workshop's log brings it back.");
        }
        var photos = await db
            .Photos.AsNoTracking()
            .Where(p => p.MachineId == id)
            .OrderBy(p => p.Id)
            .Select(p => new PhotoRow(p.Id, p.Hash, p.Width, p.Height, p.Caption, p.At))
            .ToListAsync(cancel);
        var boards = await db.Boards.AsNoTracking().Where(b => b.MachineId == id).OrderBy(b => b.Id).ToListAsync(cancel);
        var hasCell = await db.Cells.AnyAsync(c => c.MachineId == id, cancel);
        var currency = (await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel)).Currency;
        var spent =
            (
                await db.Costs.AsNoTracking().Where(c => c.MachineId == id && c.Amount != null).Select(c => c.Amount).ToListAsync(cancel)
            ).Sum() ?? 0;
        var money = GoOn.Of(Math.Max(0, (double)((machine.Paid ?? 0) + spent)), machine.Expectation, 0, currency);
        return new(
            machine,
            row.Status,
            [.. boards.Select(b => new BoardRow(b.Id, b.Name, b.PhotoId, photos.FirstOrDefault(p => p.Id == b.PhotoId)?.Hash, b.Version))],
            photos,
            hasCell,
            row.Stopped ? "Board stays unplugged" : null,
            money,
            currency,
            Hazards.Cautions(machine),
            Hazards.Unidentified(machine)
        );
    }

    static async Task<Acted> EditAsync(
        Guid id,
        MachineEdit e,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        PackStore packs,
        CancellationToken cancel
    )
    {
        var machine = await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        UnitOfWork.Match(machine, machine.Version, based.On);
        Apply(machine, e);
        Arrivals.Check(machine, work.Today.Year);
        await KindAsync(machine, e, packs, cancel);
        await Stripdown.OpeningEndpoints.TakeKnownAsync(db, work, machine, packs, cancel);
        if (machine.Rails.Count == 0)
        {
            machine.Rails = [.. await UsualRailsAsync(machine, packs, cancel)];
        }
        if (UsualCell.Of(machine.Traits) is { } site && !await db.Cells.AnyAsync(c => c.MachineId == id, cancel))
        {
            db.Add(
                new MachineCell
                {
                    Id = work.NewId(),
                    MachineId = id,
                    Site = site,
                }
            );
        }

        return (await work.ActAsync(id, $"What is known of {machine.Name} changed.", cancel)).Said(id);
    }

    static async Task<UsualOfKind> UsualAsync(Guid id, HaarDb db, PackStore packs, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        if (await packs.KindAsync(machine.KindId, cancel) is not { } kind)
        {
            return new(null, machine.Possible, null);
        }
        var finished = await db
            .Machines.AsNoTracking()
            .Where(m => m.KindId == kind.Id && m.HandedOverAt != null && m.RemovedAt == null)
            .Select(m => db.Costs.Where(c => c.MachineId == m.Id).Sum(c => c.Minutes) ?? 0)
            .ToListAsync(cancel);
        return new(kind, machine.Possible, Kinds.Forecast(kind, [.. finished.Where(m => m > 0)]));
    }

    static async Task<Acted> RemoveAsync(Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var machine = await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        machine.RemovedAt = work.Now;
        return (await work.ActAsync(id, $"{machine.Name} taken off the list.", cancel)).Said(id);
    }
}
