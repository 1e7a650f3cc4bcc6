using Haar.Data.Demo;
using Haar.Data.Photos;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Time.Testing;

namespace Haar.Data.Tests;

/// <summary>The demo's way to its day is as long on whatever weekday it is opened.</summary>
public class DemoWeekTests
{
    [Fact]
    public async Task The_demo_s_hours_lie_alike_from_every_weekday_of_start()
    {
        var weeks = new List<string>();
        foreach (var day in Enumerable.Range(0, 7))
        {
            var start = new DateTimeOffset(2026, 3, 2 + day, 14, 0, 0, TimeSpan.Zero);
            var clock = new FakeTimeProvider(start);
            await using (var store = await Store.OpenAsync())
            {
                var db = store.Db();
                Assert.True(await new DemoWorkshop(db, new PhotoStore(store.Folder), clock).SeedAsync());
                var people = await db.People.AsNoTracking().OrderBy(p => p.Name).ToListAsync();
                weeks.Add(
                    string.Join(
                        "; ",
                        people.Select(p =>
                            $"{p.Name}: {string.Join(", ", p.Hours.Select(h => $"{(7 + h.Day - start.DayOfWeek) % 7} {h.From}-{h.To}").Order(StringComparer.Ordinal))}"
                        )
                    )
                );
                Assert.Equal(
                    17,
                    (await db.Workshops.SingleAsync()).EventDay!.Value.DayNumber - DateOnly.FromDateTime(start.DateTime).DayNumber
                );
            }
        }
        Assert.Single(weeks.Distinct());
        Assert.NotEmpty(weeks[0]);
    }
}
