using Haar.Core.Planning;
using Haar.Data.Demo;
using Haar.Data.Photos;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Time.Testing;

namespace Haar.Data.Tests;

/// <summary>The demo's way to its day is as long on whatever weekday it is opened.</summary>
public class DemoWeekTests
{
    static string Laid(IEnumerable<BenchPerson> people, DayOfWeek starts) =>
        string.Join(
            "; ",
            people
                .OrderBy(p => p.Name, StringComparer.Ordinal)
                .Select(p =>
                    $"{p.Name}: {string.Join(", ", p.Hours.Select(h => $"{(7 + h.Day - starts) % 7} {h.From}-{h.To}").Order(StringComparer.Ordinal))}"
                )
        );

    [Fact]
    public async Task The_demo_s_hours_lie_alike_from_every_weekday_of_start()
    {
        var laid = Enum.GetValues<DayOfWeek>().Select(d => Laid(DemoWorkshop.PeopleFrom(d, Guid.NewGuid), d)).Distinct().ToList();
        Assert.Single(laid);
        Assert.NotEmpty(laid[0]);
        // And so it is seeded, with its day as far off.
        var start = new DateTimeOffset(2026, 3, 3, 14, 0, 0, TimeSpan.Zero);
        await using var store = await Store.OpenAsync();
        var db = store.Db();
        Assert.True(await new DemoWorkshop(db, new PhotoStore(store.Folder), new FakeTimeProvider(start)).SeedAsync());
        Assert.Equal(laid[0], Laid(await db.People.AsNoTracking().ToListAsync(), start.DayOfWeek));
        Assert.Equal(17, (await db.Workshops.SingleAsync()).EventDay!.Value.DayNumber - DateOnly.FromDateTime(start.DateTime).DayNumber);
    }
}
