using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Capacitors;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Capacitors;

public sealed record CapacitorEdit(
    string Designator,
    string Marking,
    CapacitorKind Kind,
    CapacitorRole Role,
    double? RatedVolts,
    double? MaxCelsius,
    double? DiameterMillimetres,
    double? HeightMillimetres,
    double? LeadPitchMillimetres,
    IReadOnlyList<CapacitorSign> Signs,
    double? X,
    double? Y,
    Side Side = Side.Front,
    Direction MinusBefore = Direction.NotKnown,
    Direction MinusPrinted = Direction.NotKnown,
    double? HeadroomMillimetres = null,
    double? EsrOhms = null
);

/// <param name="Microfarads">Typed values; those not read are null.</param>
/// <param name="Source">"typed", or the meter's identification.</param>
/// <param name="EsrWith">What the ESR was read with; left out, the leads may have added 0.2 Ω.</param>
/// <param name="EsrStepOhms">The smallest step that its range shows; null when not known.</param>
public sealed record CapacitorReadingAsk(
    double? Microfarads,
    double? EsrOhms,
    double? EsrFrequencyHertz,
    double? LeakageMicroamps,
    bool InCircuit,
    string Source,
    Instrument EsrWith = Instrument.NotKnown,
    double? EsrStepOhms = null
);

/// <param name="CapacitorIds">Whose last reading is struck; one that was read twice is named twice. What was replaced stands again.</param>
public sealed record VoidReadingsAsk(IReadOnlyList<Guid> CapacitorIds);

static class CapacitorEndpoints
{
    public static void MapCapacitors(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Capacitors");
        m.MapPost("/boards/{boardId:guid}/capacitors", AddAsync).WithName("AddCapacitor");
        m.MapPut("/capacitors/{capacitorId:guid}", EditAsync).WithName("EditCapacitor");
        m.MapDelete("/capacitors/{capacitorId:guid}", RemoveAsync).WithName("RemoveCapacitor");
        m.MapPost("/capacitors/{capacitorId:guid}/readings", ReadAsync).WithName("ReadCapacitor");
        m.MapPost("/capacitors/readings/strike", VoidAsync)
            .WithName("VoidCapacitorReadings")
            .WithSummary("Strikes the last reading of each, as after a sitting in which the meter drifted.");
    }

    static Capacitor Make(Guid capId, Guid id, Guid boardId, CapacitorEdit e)
    {
        var c = CapacitorFacts.FromMarking(capId, id, boardId, e.Designator, e.Marking, e.Kind, e.Role, e.RatedVolts, out _);
        c.Spec = c.Spec with
        {
            MaxCelsius = e.MaxCelsius ?? c.Spec.MaxCelsius,
            DiameterMillimetres = e.DiameterMillimetres,
            HeightMillimetres = e.HeightMillimetres,
            LeadPitchMillimetres = e.LeadPitchMillimetres,
            EsrOhms = InvalidInputException.Finite("esrOhms", e.EsrOhms, 1e-4, 1e4, "Ω"),
        };
        c.Signs = [.. e.Signs.Distinct()];
        (c.X, c.Y, c.Side) = (e.X, e.Y, e.Side);
        (c.MinusBefore, c.MinusPrinted) = (e.MinusBefore, e.MinusPrinted);
        c.HeadroomMillimetres = InvalidInputException.Finite("headroomMillimetres", e.HeadroomMillimetres, 0.2, 500, "mm");
        CapacitorFacts.Check(c);
        return c;
    }

    static async Task<Acted> AddAsync(Guid id, Guid boardId, CapacitorEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.Boards.FirstOrDefaultAsync(b => b.Id == boardId && b.MachineId == id, cancel).OrNotHere("board");
        var c = Make(work.NewId(), id, boardId, e);
        if (await db.Capacitors.AnyAsync(x => x.BoardId == boardId && EF.Functions.Collate(x.Designator, "NOCASE") == c.Designator, cancel))
        {
            throw new InvalidInputException("designator", $"{c.Designator} is on this board already.");
        }
        db.Add(c);
        return (await work.ActAsync(id, $"{c.Designator} on the board: {Substitution.Describe(c.Spec)}.", cancel)).Said(c.Id);
    }

    static async Task<Acted> EditAsync(
        Guid id,
        Guid capacitorId,
        CapacitorEdit e,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var c = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        UnitOfWork.Match(c, c.Version, based.On);
        var made = Make(c.Id, id, c.BoardId, e);
        if (
            await db.Capacitors.AnyAsync(
                x => x.BoardId == c.BoardId && x.Id != c.Id && EF.Functions.Collate(x.Designator, "NOCASE") == made.Designator,
                cancel
            )
        )
        {
            throw new InvalidInputException("designator", $"{made.Designator} is on this board already.");
        }
        (c.Designator, c.Marking, c.Spec, c.Role, c.Signs, c.X, c.Y) = (
            made.Designator,
            made.Marking,
            made.Spec with
            {
                SafetyClass = made.Spec.SafetyClass ?? c.Spec.SafetyClass,
                EsrFrequencyHertz = c.Spec.EsrFrequencyHertz,
                RippleAmps = c.Spec.RippleAmps,
            },
            made.Role,
            made.Signs,
            made.X,
            made.Y
        );
        (c.Side, c.HeadroomMillimetres) = (made.Side, made.HeadroomMillimetres);
        c.SetPolarity(made.MinusBefore, made.MinusPrinted);
        return (await work.ActAsync(id, $"{c.Designator} changed: {Substitution.Describe(c.Spec)}.", cancel)).Said(c.Id);
    }

    static async Task<Acted> RemoveAsync(Guid id, Guid capacitorId, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var c = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        await CapacitorActLoader.RemoveAsync(db, c, cancel);
        return (await work.ActAsync(id, $"{c.Designator} taken off the board's list.", cancel)).Said(c.Id);
    }

    static Task<Acted> ReadAsync(Guid id, Guid capacitorId, CapacitorReadingAsk ask, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                new ReadCapacitor(
                    ask.Microfarads,
                    ask.EsrOhms,
                    ask.EsrFrequencyHertz,
                    ask.LeakageMicroamps,
                    ask.InCircuit,
                    ask.Source,
                    ask.EsrWith,
                    ask.EsrStepOhms
                ),
                (db, c) => CapacitorActLoader.OfAsync(db, id, capacitorId, work.Today, c),
                null,
                cancel
            )
            .Said();

    static async Task<Acted> VoidAsync(Guid id, VoidReadingsAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        if (ask.CapacitorIds.Count is 0 or > 2000)
        {
            throw new InvalidInputException("capacitorIds", "Name 1 to 2000 capacitors.");
        }
        var of = ask.CapacitorIds.ToHashSet();
        var caps = await db.Capacitors.AsNoTracking().Where(c => c.MachineId == id && of.Contains(c.Id)).ToListAsync(cancel);
        if (caps.Count < of.Count)
        {
            throw new InvalidInputException("capacitorIds", "One of them is not on this machine.");
        }
        var readings = (
            await db
                .Readings.Where(r => r.MachineId == id && r.SubjectKind == SubjectKind.Capacitor && of.Contains(r.SubjectId) && !r.Voided)
                .ToListAsync(cancel)
        ).ToLookup(r => r.SubjectId);
        var struck = ask.CapacitorIds.Where(c => readings[c].ToList().VoidLast()).ToHashSet();
        if (struck.Count == 0)
        {
            throw new InvalidInputException("capacitorIds", "None of them has a reading to strike.");
        }
        var names = caps.Where(c => struck.Contains(c.Id)).Select(c => c.Designator).Order(Designators.InOrder).ToList();
        return (
            await work.ActAsync(
                id,
                $"Struck: the last {(names.Count == 1 ? $"reading of {names[0]}" : $"readings of {names.Count} capacitors, {names[0]} to {names[^1]}")}.",
                cancel
            )
        ).Said();
    }
}
