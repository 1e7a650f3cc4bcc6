using Haar.Core.Acts;
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
                    };
                    p.Check();
                    if (await db.Places.CountAsync(cancel) >= MostPlaces)
                    {
                        throw new InvalidInputException("name", $"At most {MostPlaces} places.");
                    }
                    if (await db.Places.AnyAsync(x => x.Name == p.Name, cancel))
                    {
                        throw new InvalidInputException("name", $"There is a place “{p.Name}” already: each is one.");
                    }
                    db.Add(p);
                    return (await work.ActAsync(null, $"A place: {p.Name}.", cancel)).Said(p.Id);
                }
            )
            .WithName("AddPlace");
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
                async (Guid id, DueAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    var machine = await db.Machines.FirstAsync(x => x.Id == id, cancel);
                    TextField.Check("owner", ask.Owner, 80);
                    if (ask.DueOn is { Year: < 1970 or > 2200 })
                    {
                        throw new InvalidInputException("dueOn", "A day of this century.");
                    }
                    (machine.Owner, machine.DueOn) = (ask.Owner.Trim(), ask.DueOn);
                    return (
                        await work.ActAsync(
                            id,
                            $"{(machine.Owner.Length > 0 ? $"It is {machine.Owner}’s" : "It is the workshop’s own")}{(machine.DueOn is { } d ? $", and is due on {d:d MMMM yyyy}" : "")}.",
                            cancel
                        )
                    ).Said();
                }
            )
            .WithName("SayDue")
            .WithSummary("Whose it is, and when it goes back: a deadline of its own.");
        m.MapPost(
                "/park",
                async (Guid id, ParkAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    TextField.Check("why", ask.Why.Trim(), 200, "Say in 1 to 200 characters why it is set aside.");
                    TextField.Check("wakesFor", ask.WakesFor, 60);
                    if (ask.WakesOn <= work.Today)
                    {
                        throw new InvalidInputException("wakesOn", "A day to come.");
                    }
                    if (await db.Taken.AnyAsync(t => t.ForMachineId == id && t.End == WorkEnd.Running, cancel))
                    {
                        throw new InvalidInputException("id", "Somebody is at it: end that first.");
                    }
                    var machine = await db.Machines.FirstAsync(x => x.Id == id, cancel);
                    (machine.ParkedAt, machine.ParkedWhy, machine.WakesOn, machine.WakesFor) = (
                        work.Now,
                        ask.Why.Trim(),
                        ask.WakesOn,
                        ask.WakesFor.Trim()
                    );
                    return (await work.ActAsync(id, $"Set aside: {Words.Lower(machine.ParkedWhy)}", cancel)).Said();
                }
            )
            .WithName("Park")
            .WithSummary("Set aside with its reason, and what wakes it: it neither nags nor counts until then.");
        m.MapDelete(
                "/park",
                async (Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    var machine = await db.Machines.FirstAsync(x => x.Id == id, cancel);
                    if (machine.ParkedAt is null)
                    {
                        throw new InvalidInputException("id", "It is not set aside.");
                    }
                    (machine.ParkedAt, machine.ParkedWhy, machine.WakesOn, machine.WakesFor) = (null, "", null, "");
                    return (await work.ActAsync(id, "In hand again.", cancel)).Said();
                }
            )
            .WithName("Unpark");
        m.MapGet("/where", WhereWere.OfAsync)
            .WithName("GetWhereWereWe")
            .WithSummary("Coming back after weeks: what was done last, what was tried, what waits, what to lay out.");
        api.MapGet("/plan/waits", WhereWere.WaitsAsync)
            .WithName("GetWaits")
            .WithTags("Planning")
            .WithSummary("Everything that goes on without hands, longest over first.");
    }

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
