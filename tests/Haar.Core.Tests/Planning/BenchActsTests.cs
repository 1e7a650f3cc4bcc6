using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Planning;

public class BenchActsTests
{
    static readonly Moment At = new(new(2026, 6, 1, 18, 0, 0, TimeSpan.Zero), new(2026, 6, 1), Guid.NewGuid);
    static readonly WeeklyHours Monday = new(DayOfWeek.Monday, new(18, 0), new(21, 0));
    static readonly BenchPerson Ines = new() { Id = Guid.NewGuid(), Name = "Ines" };
    static readonly BenchPlace Bath = new() { Id = Guid.NewGuid(), Name = "bath" };

    static BenchActFacts Facts(BenchPerson? person = null, WorkTaken[]? running = null, PlanPin[]? pins = null) =>
        new(person is null ? [] : [person], [Bath], running ?? [], pins ?? []);

    static BenchPerson Person() =>
        new()
        {
            Id = Ines.Id,
            Name = "Ines",
            Days = [new(new(2026, 6, 8), null, null)],
        };

    static KeepPerson Keep(Guid? id, string name, params WeeklyHours[] hours) => new(id, name, [], [], hours);

    static string Field(Decision d) => Assert.IsType<Refused>(d).Permit.Field;

    [Fact]
    public void A_name_is_had_once_and_there_is_an_end_to_how_many()
    {
        var made = Assert.IsType<BenchPerson>(Assert.IsType<Done>(Keep(null, " Tam ", Monday).Decide(Facts(Person()), At)).Added.Single());
        Assert.Equal(("Tam", Monday), (made.Name, made.Hours.Single()));
        Assert.Equal("name", Field(Keep(null, "Ines ", Monday).Decide(Facts(Person()), At)));
        Assert.Equal("personId", Field(Keep(Guid.NewGuid(), "Odd", Monday).Decide(Facts(Person()), At)));
        var full = Facts() with
        {
            People = [.. Enumerable.Range(0, 50).Select(i => new BenchPerson { Id = Guid.NewGuid(), Name = $"P{i}" })],
        };
        Assert.Equal("name", Field(Keep(null, "Odd", Monday).Decide(full, At)));
        Assert.Throws<InvalidInputException>(() => Keep(null, "Odd", Monday with { To = new(17, 0) }).Decide(Facts(), At));
        Assert.Equal("name", Field(new KeepPlace(null, " BATH", PlaceOpen.Always, 1, null).Decide(Facts(), At)));
        Assert.Throws<InvalidInputException>(() => new KeepPlace(null, "sill", PlaceOpen.Always, 0, null).Decide(Facts(), At));
    }

    [Fact]
    public void Another_name_takes_along_what_was_laid_down_and_nobody_goes_who_is_at_something()
    {
        var pin = new PlanPin { Person = "Ines" };
        var other = new PlanPin { Person = "Tam" };
        var person = Person();
        Assert.IsType<Done>(Keep(person.Id, "Ines B", Monday).Decide(Facts(person, pins: [pin, other]), At));
        Assert.Equal(("Ines B", "Ines B", "Tam"), (person.Name, pin.Person, other.Person));
        // What was done and planned under the old name stays theirs; of that name later it is somebody else's.
        Assert.Equal([new FormerName("Ines", At.Now)], person.Formerly);
        Assert.Equal("Ines B", BenchPerson.CalledNow([person], "Ines", At.Now.AddDays(-1)));
        Assert.Equal("Ines", BenchPerson.CalledNow([person], "Ines", At.Now));
        Assert.Equal("Tam", BenchPerson.CalledNow([person], "Tam", At.Now.AddDays(-1)));
        // Days that differ stay where none are sent.
        Assert.Single(person.Days);
        var at = new WorkTaken { Person = "Ines B" };
        Assert.Equal("name", Field(Keep(person.Id, "Ines", Monday).Decide(Facts(person, [at]), At)));
        Assert.IsType<Done>(Keep(person.Id, "Ines B").Decide(Facts(person, [at]), At));
        Assert.Equal("person", Field(new RemovePerson(person.Id).Decide(Facts(person, [at]), At)));
        Assert.Same(person, Assert.IsType<Done>(new RemovePerson(person.Id).Decide(Facts(person), At)).Removed.Single());
        Assert.Equal("place", Field(new RemovePlace(Guid.NewGuid()).Decide(Facts(), At)));
    }

    [Fact]
    public void One_day_that_differs_takes_the_place_of_what_was_said_of_it()
    {
        var person = Person();
        var day = new DateOnly(2026, 6, 8);
        Assert.Contains(
            "is here",
            Assert.IsType<Done>(new SayPersonDay(person.Id, day, new(10, 0), new(12, 0)).Decide(Facts(person), At)).Sentence
        );
        Assert.Equal([new DayHours(day, new(10, 0), new(12, 0))], person.Days);
        Assert.Throws<InvalidInputException>(() => new SayPersonDay(person.Id, day, new(10, 0), null).Decide(Facts(person), At));
        Assert.Throws<InvalidInputException>(() => new SayPersonDay(person.Id, day, new(10, 0), new(9, 0)).Decide(Facts(person), At));
        Assert.Single(person.Days);
    }
}
