using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>What an act on who and what the plan counts on is decided on: all of them, since names are had once.</summary>
/// <param name="Running">What somebody is at now.</param>
public sealed record BenchActFacts(
    IReadOnlyList<BenchPerson> People,
    IReadOnlyList<BenchPlace> Places,
    IReadOnlyList<WorkTaken> Running,
    IReadOnlyList<PlanPin> Pins
) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];

    /// <summary>As many as a schedule takes.</summary>
    public const int MostPeople = 50,
        MostPlaces = 200;
}

/// <summary>Somebody works here, or works otherwise than was said.</summary>
/// <param name="PersonId">Null for somebody new.</param>
/// <param name="Days">Null leaves those that differ as they are.</param>
public sealed record KeepPerson(
    Guid? PersonId,
    string Name,
    IReadOnlyList<BenchSkill> Skills,
    IReadOnlyList<Airborne> Avoids,
    IReadOnlyList<WeeklyHours> Hours,
    IReadOnlyList<DayHours>? Days = null
) : Command<BenchActFacts>
{
    public override Permit May(BenchActFacts f, DateTimeOffset now)
    {
        var was = f.People.FirstOrDefault(p => p.Id == PersonId);
        var said = As(new());
        said.Check();
        return PersonId is not null && was is null ? Permit.No("personId", "There is nobody of that id here.")
            : was is null && f.People.Count >= BenchActFacts.MostPeople
                ? Permit.No("name", $"At most {BenchActFacts.MostPeople} people are planned for.")
            : f.People.Any(p => p.Id != PersonId && p.Name == said.Name)
                ? Permit.No("name", $"There is a {said.Name} already: add a letter.")
            : was is not null && was.Name != said.Name && f.Running.Any(t => t.Person == was.Name)
                ? Permit.No("name", $"{was.Name} is at something: end that first.")
            : Permit.Yes();
    }

    BenchPerson As(BenchPerson p)
    {
        (p.Name, p.Skills, p.Avoids, p.Hours, p.Days) = (
            Name.Trim(),
            [.. Skills.Distinct()],
            [.. Avoids.Distinct()],
            [.. Hours.OrderBy(h => h.Day).ThenBy(h => h.From)],
            Days ?? p.Days
        );
        return p;
    }

    protected override Done Do(BenchActFacts f, Moment at)
    {
        if (f.People.FirstOrDefault(p => p.Id == PersonId) is not { } p)
        {
            p = As(new() { Id = at.NewId() });
            return new Done($"At the bench: {p.Name}.", p.Id).Adding(p);
        }
        var was = p.Name;
        As(p);
        if (was != p.Name)
        {
            p.Formerly = [.. p.Formerly, new(was, at.Now)];
        }
        // What was laid down for them is theirs under whatever name.
        foreach (var pin in f.Pins.Where(x => x.Person == was && was != p.Name))
        {
            pin.Person = p.Name;
        }
        return new(was == p.Name ? $"Hours of {p.Name} changed." : $"{was} is called {p.Name} here now.", p.Id);
    }
}

/// <summary>One day that is not as the week says: an evening missed, or one more.</summary>
/// <param name="From">Null, with <paramref name="To"/>, for not there at all.</param>
public sealed record SayPersonDay(Guid PersonId, DateOnly Day, TimeOnly? From, TimeOnly? To) : Command<BenchActFacts>
{
    public override Permit May(BenchActFacts f, DateTimeOffset now)
    {
        if (f.People.FirstOrDefault(p => p.Id == PersonId) is not { } person)
        {
            return Permit.No("personId", "There is nobody of that id here.");
        }
        new BenchPerson { Name = person.Name, Days = With(person) }.Check();
        return Permit.Yes();
    }

    IReadOnlyList<DayHours> With(BenchPerson p) => [.. p.Days.Where(d => d.Day != Day), new(Day, From, To)];

    protected override Done Do(BenchActFacts f, Moment at)
    {
        var p = f.People.First(x => x.Id == PersonId);
        p.Days = With(p);
        return new(
            From is null ? $"{p.Name} is not here on {Day:d MMMM}." : $"{p.Name} is here on {Day:d MMMM}, {From:HH:mm} to {To:HH:mm}.",
            p.Id
        );
    }
}

/// <summary>Somebody no longer works here; what they have done stays.</summary>
public sealed record RemovePerson(Guid PersonId) : Command<BenchActFacts>
{
    public override Permit May(BenchActFacts f, DateTimeOffset now) =>
        f.People.FirstOrDefault(p => p.Id == PersonId) is not { } person ? Permit.No("person", "There is nobody of that id here.")
        : f.Running.Any(t => t.Person == person.Name) ? Permit.No("person", $"{person.Name} is at something: end that first.")
        : Permit.Yes();

    protected override Done Do(BenchActFacts f, Moment at)
    {
        var p = f.People.First(x => x.Id == PersonId);
        return new Done($"No longer at the bench: {p.Name}.", p.Id).Removing(p);
    }
}

/// <summary>A place or a tool of which there are so many, or one that is otherwise than was said.</summary>
/// <param name="PlaceId">Null for a new one.</param>
/// <param name="FitDaysInTen">Of a place outdoors; null takes what is usual.</param>
public sealed record KeepPlace(Guid? PlaceId, string Name, PlaceOpen Open, int Count, double? FitDaysInTen) : Command<BenchActFacts>
{
    public override Permit May(BenchActFacts f, DateTimeOffset now)
    {
        var was = f.Places.FirstOrDefault(p => p.Id == PlaceId);
        var said = As(new());
        said.Check();
        return PlaceId is not null && was is null ? Permit.No("placeId", "There is no place of that id.")
            : was is null && f.Places.Count >= BenchActFacts.MostPlaces ? Permit.No("name", $"At most {BenchActFacts.MostPlaces} places.")
            : f.Places.Any(p => p.Id != PlaceId && p.Name == said.Name)
                ? Permit.No("name", $"There is “{said.Name}” already: change that one.")
            : Permit.Yes();
    }

    BenchPlace As(BenchPlace p)
    {
        (p.Name, p.Open, p.Count) = (Name.Trim().ToLowerInvariant(), Open, Count);
        p.FitDaysInTen = Open == PlaceOpen.Outdoors ? FitDaysInTen : null;
        return p;
    }

    protected override Done Do(BenchActFacts f, Moment at)
    {
        if (f.Places.FirstOrDefault(p => p.Id == PlaceId) is { } p)
        {
            return new($"{Words.Capital(As(p).Name)} changed.", p.Id);
        }
        p = As(new() { Id = at.NewId() });
        return new Done($"A place: {p.Name}.", p.Id).Adding(p);
    }
}

/// <summary>What was said of it no longer counts: work that asks for it takes it as is usual of its name (<see cref="BenchPlaces"/>).</summary>
public sealed record RemovePlace(Guid PlaceId) : Command<BenchActFacts>
{
    public override Permit May(BenchActFacts f, DateTimeOffset now) =>
        f.Places.Any(p => p.Id == PlaceId) ? Permit.Yes() : Permit.No("place", "There is no place of that id.");

    protected override Done Do(BenchActFacts f, Moment at)
    {
        var p = f.Places.First(x => x.Id == PlaceId);
        return new Done(
            BenchPlaces.Usual.FirstOrDefault(u => u.Name == p.Name) is { } usual
                ? $"What was said of the {p.Name} no longer counts: one, as is usual, there {BenchPlaces.Words(usual.Open)}."
                : $"No longer a place: {p.Name}.",
            p.Id
        ).Removing(p);
    }
}
