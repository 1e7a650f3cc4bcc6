using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Planning;

/// <summary>Who works here and when, the places that one thing at a time holds, and what a machine is due for or set aside for.</summary>
static class BenchEndpoints
{
    public static void MapBench(this IEndpointRouteBuilder api)
    {
        var g = api.MapGroup("/plan/people").WithTags("Planning");
        g.MapPost("/", (PersonEdit e, UnitOfWork work, CancellationToken cancel) => DoAsync(e.As(null), work, cancel))
            .WithName("AddPerson");
        g.MapPut(
                "/{personId:guid}",
                (Guid personId, PersonEdit e, IfMatch based, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(e.As(personId), work, cancel, person: personId, based: based)
            )
            .WithName("EditPerson");
        g.MapPost(
                "/{personId:guid}/day",
                (Guid personId, PersonDay e, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(new SayPersonDay(personId, e.Day, e.From, e.To), work, cancel, person: personId)
            )
            .WithName("SayDay")
            .WithSummary("One day that is not as the week says: an evening missed, or one more.");
        g.MapDelete(
                "/{personId:guid}",
                (Guid personId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(new RemovePerson(personId), work, cancel, person: personId)
            )
            .WithName("RemovePerson");
        var places = api.MapGroup("/plan/places").WithTags("Planning");
        places
            .MapPost("/", (PlaceEdit e, UnitOfWork work, CancellationToken cancel) => DoAsync(e.As(null), work, cancel))
            .WithName("AddPlace");
        places
            .MapPut(
                "/{placeId:guid}",
                (Guid placeId, PlaceEdit e, IfMatch based, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(e.As(placeId), work, cancel, place: placeId, based: based)
            )
            .WithName("EditPlace");
        places
            .MapDelete(
                "/{placeId:guid}",
                (Guid placeId, UnitOfWork work, CancellationToken cancel) => DoAsync(new RemovePlace(placeId), work, cancel, place: placeId)
            )
            .WithName("RemovePlace");
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Planning");
        m.MapPut(
                "/due",
                (Guid id, DueAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    ParkingAsync(id, new SayDue(ask.Owner, ask.DueOn), work, cancel)
            )
            .WithName("SayDue")
            .WithSummary("Whose it is, and when it goes back: a deadline of its own.");
        m.MapPost(
                "/park",
                (Guid id, ParkAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    ParkingAsync(id, new Park(ask.Why, ask.WakesOn, ask.WakesFor, ask.WakesBelow), work, cancel)
            )
            .WithName("Park")
            .WithSummary("Set aside with its reason, and what wakes it: it neither nags nor counts until then.");
        m.MapPost(
                "/park/price",
                (Guid id, PriceAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    ParkingAsync(id, new SeePrice(ask.Price), work, cancel)
            )
            .WithName("SeePrice")
            .WithSummary("What it waits for was seen at a price: at its own or less, that wakes it.");
        m.MapDelete("/park", (Guid id, UnitOfWork work, CancellationToken cancel) => ParkingAsync(id, new Unpark(), work, cancel))
            .WithName("Unpark");
        m.MapGet("/where", WhereWere.OfAsync)
            .WithName("GetWhereWereWe")
            .WithSummary("Coming back after weeks: what was done last, what was tried, what waits, what to lay out.");
        api.MapGet("/plan/waits", WhereWere.WaitsAsync)
            .WithName("GetWaits")
            .WithTags("Planning")
            .WithSummary("Everything that goes on without hands, longest over first.");
    }

    static Task<Acted> ParkingAsync(Guid id, Command<ParkingFacts> command, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                    new ParkingFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        await db.Taken.AnyAsync(t => t.ForMachineId == id && t.End == WorkEnd.Running, c),
                        work.Today
                    ),
                null,
                cancel
            )
            .Said();

    /// <param name="person">Whom it is about; null for nobody who is here yet.</param>
    static Task<Acted> DoAsync(
        Command<BenchActFacts> command,
        UnitOfWork work,
        CancellationToken cancel,
        Guid? person = null,
        Guid? place = null,
        IfMatch? based = null
    ) =>
        work.DoAsync(
                null,
                command,
                async (db, c) =>
                {
                    var facts = new BenchActFacts(
                        await db.People.ToListAsync(c),
                        await db.Places.ToListAsync(c),
                        await db.Taken.AsNoTracking().Where(t => t.End == WorkEnd.Running).ToListAsync(c),
                        await db.Pins.ToListAsync(c)
                    );
                    if (person is not null)
                    {
                        var row =
                            facts.People.FirstOrDefault(p => p.Id == person)
                            ?? throw new NotHereException("There is no such person here: they may have been taken away on another screen.");
                        UnitOfWork.Match(row, row.Version, based?.On);
                    }
                    if (place is not null)
                    {
                        var row =
                            facts.Places.FirstOrDefault(p => p.Id == place)
                            ?? throw new NotHereException("There is no such place here: it may have been taken away on another screen.");
                        UnitOfWork.Match(row, row.Version, based?.On);
                    }
                    return facts;
                },
                null,
                cancel
            )
            .Said();
}
