using System.Text.Json.Nodes;
using Haar.Data;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Tests;

/// <summary>Several people, or one impatient finger, in the same moment.</summary>
public class AtOnceTests
{
    [Fact]
    public async Task Ten_people_who_look_at_one_area_in_the_same_moment_get_ten_answers()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var (machine, area, before) = await AreaAsync(w);
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 50).Select(_ => w.PostAsync($"/api/machines/{machine}/areas/{area}/looks", new { stage = "bloom" }))
        );
        Assert.True(
            answers.All(a => a.Status == 200),
            string.Join("\n", answers.Where(a => a.Status != 200).Select(a => $"{a.Status} {a.Body["detail"]}").Distinct())
        );
        Assert.Equal(before + 50, (await AreaAsync(w)).Looks);
    }

    static async Task<(Guid Machine, Guid Area, int Looks)> AreaAsync(Workshop w)
    {
        await using var db = new DataFolder(w.Folder).Open();
        var a = await db.Areas.OrderBy(x => x.Id).FirstAsync();
        return (a.MachineId, a.Id, a.Inspections.Count);
    }

    [Fact]
    public async Task Two_edits_of_one_version_are_a_conflict_and_the_second_sees_both()
    {
        await using var w = await Workshop.OpenAsync();
        var settings = await w.GetAsync("/api/workshop/settings");
        var version = settings["version"]!.GetValue<int>();
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(i =>
                {
                    var mine = new JsonObject { ["name"] = $"Workshop {i}" };
                    foreach (var f in new[] { "eventName", "eventDay", "currency", "meterHost", "meterPort", "meterShowsPart" })
                    {
                        mine[f] = settings[f]?.DeepClone();
                    }
                    return w.SendAsync(HttpMethod.Put, "/api/workshop/settings", mine, version);
                })
        );
        Assert.Single(answers, a => a.Status == 200);
        Assert.All(answers.Where(a => a.Status != 200), a => Assert.Equal((412, true), (a.Status, a.Body["current"] is not null)));
    }
}
