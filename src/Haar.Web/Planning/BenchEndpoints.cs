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
    /// <summary>As many as a schedule takes.</summary>
    const int MostPeople = 50,
        MostPlaces = 200;

    public static void MapBench(this IEndpointRouteBuilder api)
    {
        var g = api.MapGroup("/plan/people").WithTags("Planning");
        g.MapPost(
                "/",
                async (PersonEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    if (await db.People.CountAsync(cancel) >= MostPeople)
                    {
                        throw new InvalidInputException("name", $"At most {MostPeople} people are planned for.");
                    }
                    var p = new BenchPerson { Id = work.NewId() };
                    await ApplyAsync(p, e, db, cancel);
                    db.Add(p);
                    return (await work.ActAsync(null, $"At the bench: {p.Name}.", cancel)).Said(p.Id);
                }
            )
            .WithName("AddPerson");
        g.MapPut(
                "/{personId:guid}",
                async (Guid personId, PersonEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.People.FirstOrDefaultAsync(x => x.Id == personId, cancel).OrNotHere("person");
                    UnitOfWork.Match(p, p.Version, based.On);
                    await ApplyAsync(p, e, db, cancel);
                    return (await work.ActAsync(null, $"Hours of {p.Name} changed.", cancel)).Said(p.Id);
                }
            )
            .WithName("EditPerson");
        g.MapPost(
                "/{personId:guid}/day",
                async (Guid personId, PersonDay e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.People.FirstOrDefaultAsync(x => x.Id == personId, cancel).OrNotHere("person");
                    p.Days = [.. p.Days.Where(d => d.Day != e.Day), new(e.Day, e.From, e.To)];
                    p.Check();
                    return (
                        await work.ActAsync(
                            null,
                            e.From is null
                                ? $"{p.Name} is not here on {e.Day:d MMMM}."
                                : $"{p.Name} is here on {e.Day:d MMMM}, {e.From:HH:mm} to {e.To:HH:mm}.",
                            cancel
                        )
                    ).Said(p.Id);
                }
            )
            .WithName("SayDay")
            .WithSummary("One day that is not as the week says: an evening missed, or one more.");
        g.MapDelete(
                "/{personId:guid}",
                async (Guid personId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.People.FirstOrDefaultAsync(x => x.Id == personId, cancel).OrNotHere("person");
                    if (await db.Taken.AnyAsync(t => t.Person == p.Name && t.End == WorkEnd.Running, cancel))
                    {
                        throw new InvalidInputException("person", $"{p.Name} is at something: end that first.");
                    }
                    db.Remove(p);
                    return (await work.ActAsync(null, $"No longer at the bench: {p.Name}.", cancel)).Said(p.Id);
                }
            )
            .WithName("RemovePerson");
        var places = api.MapGroup("/plan/places").WithTags("Planning");
        places
            .MapPost(
                "/",
                async (PlaceEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = new BenchPlace
                    {
                        Id = work.NewId(),
                        Name = e.Name.Trim().ToLowerInvariant(),
                        Open = e.Open,
                        Count = e.Count,
                        FitDaysInTen = e.Open == PlaceOpen.Outdoors ? e.FitDaysInTen : null,
                    };
                    p.Check();
                    if (await db.Places.CountAsync(cancel) >= MostPlaces)
                    {
                        throw new InvalidInputException("name", $"At most {MostPlaces} places.");
                    }
                    if (await db.Places.AnyAsync(x => x.Name == p.Name, cancel))
                    {
                        throw new InvalidInputException("name", $"There is “{p.Name}” already: change that one.");
                    }
                    db.Add(p);
                    return (await work.ActAsync(null, $"A place: {p.Name}.", cancel)).Said(p.Id);
                }
            )
            .WithName("AddPlace");
        places
            .MapPut(
                "/{placeId:guid}",
                async (Guid placeId, PlaceEdit e, IfMatch based, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.Places.FirstOrDefaultAsync(x => x.Id == placeId, cancel).OrNotHere("place");
                    UnitOfWork.Match(p, p.Version, based.On);
                    (p.Name, p.Open, p.Count) = (e.Name.Trim().ToLowerInvariant(), e.Open, e.Count);
                    p.FitDaysInTen = e.Open == PlaceOpen.Outdoors ? e.FitDaysInTen : null;
                    p.Check();
                    if (await db.Places.AnyAsync(x => x.Name == p.Name && x.Id != placeId, cancel))
                    {
                        throw new InvalidInputException("name", $"There is “{p.Name}” already.");
                    }
                    return (await work.ActAsync(null, $"{p.Name} changed.", cancel)).Said(p.Id);
                }
            )
            .WithName("EditPlace");
        places
            .MapDelete(
                "/{placeId:guid}",
                async (Guid placeId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var p = await db.Places.FirstOrDefaultAsync(x => x.Id == placeId, cancel).OrNotHere("place");
                    db.Remove(p);
                    return (await work.ActAsync(null, $"No longer a place: {p.Name}.", cancel)).Said(p.Id);
                }
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

    static async Task ApplyAsync(BenchPerson p, PersonEdit e, HaarDb db, CancellationToken cancel)
    {
        var was = p.Name;
        (p.Name, p.Skills, p.Avoids, p.Hours, p.Days) = (
            e.Name.Trim(),
            [.. e.Skills.Distinct()],
            [.. e.Avoids.Distinct()],
            [.. e.Hours.OrderBy(h => h.Day).ThenBy(h => h.From)],
            e.Days ?? p.Days
        );
        p.Check();
        if (await db.People.AnyAsync(x => x.Id != p.Id && x.Name == p.Name, cancel))
        {
            throw new InvalidInputException("name", $"There is a {p.Name} already: add a letter.");
        }
        if (was.Length > 0 && was != p.Name && await db.Taken.AnyAsync(t => t.Person == was && t.End == WorkEnd.Running, cancel))
        {
            throw new InvalidInputException("name", $"{was} is at something: end that first.");
        }
    }
}
