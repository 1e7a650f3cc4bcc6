using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.StandIns.Meters;

namespace Haar.Web.Tests;

/// <summary>Undo, and work that waits for other work.</summary>
public partial class JourneyTests
{
    [Fact]
    public async Task Every_act_is_in_the_log_and_can_be_undone_and_done_again()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync("Tide clock");
        var act = await w.DoAsync(
            $"/api/machines/{id}/survey/findings",
            new
            {
                kind = "rust",
                place = "lid",
                seen = "Bubbles.",
                photoId = (string?)null,
            }
        );
        var undone = await w.DoAsync($"/api/log/{act["logId"]!.GetValue<string>()}/undo");
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/survey"))["findings"]!.AsArray());
        await w.DoAsync($"/api/log/{undone["logId"]!.GetValue<string>()}/undo");
        Assert.Single((await w.GetAsync($"/api/machines/{id}/survey"))["findings"]!.AsArray());
        var log = (await w.GetAsync($"/api/machines/{id}/log")).AsArray();
        Assert.Equal(4, log.Count);
        Assert.Equal(409, (await w.PostAsync($"/api/log/{act["logId"]!.GetValue<string>()}/undo")).Status);
    }

    [Fact]
    public async Task A_long_list_is_undone_whole_or_not_at_all()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var board = (await w.DoAsync($"/api/machines/{id}/boards", new { name = "Main", photoId = (string?)null }))[
            "id"
        ]!.GetValue<string>();
        async Task<string> TakeAsync(string letter) =>
            (
                await w.DoAsync(
                    $"/api/machines/{id}/boards/{board}/csv",
                    new { text = string.Join('\n', Enumerable.Range(1, 40).Select(i => $"{letter}{i} 47 16V electrolytic")) }
                )
            )["logId"]!.GetValue<string>();
        async Task<int> CountAsync() => (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!.AsArray().Count;
        var gone = await TakeAsync("C");
        var stays = await TakeAsync("D");
        await w.DoAsync($"/api/log/{gone}/undo");
        Assert.Equal(40, await CountAsync());
        var measured = (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]![7]!["capacitor"]!["id"]!.GetValue<string>();
        await w.DoAsync(
            $"/api/machines/{id}/capacitors/{measured}/readings",
            new
            {
                microfarads = 46,
                esrOhms = 0.4,
                esrFrequencyHertz = (double?)null,
                leakageMicroamps = (double?)null,
                inCircuit = false,
                source = "typed",
            }
        );
        var (status, body) = await w.PostAsync($"/api/log/{stays}/undo");
        Assert.Equal(409, status);
        Assert.Contains("a reading", body!.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(40, await CountAsync());
    }

    [Fact]
    public async Task What_something_later_stands_on_cannot_be_undone()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var act = await w.DoAsync(
            $"/api/machines/{id}/survey/findings",
            new
            {
                kind = "rust",
                place = "lid",
                seen = "Bubbles.",
                photoId = (string?)null,
            }
        );
        await w.DoAsync($"/api/machines/{id}/survey/findings/{act["id"]!.GetValue<string>()}/dealt-with", new { how = "Brushed." });
        var (status, body) = await w.PostAsync($"/api/log/{act["logId"]!.GetValue<string>()}/undo");
        Assert.Equal(409, status);
        Assert.Contains("undo the newer act first", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_machine_taken_off_the_list_comes_back_by_undo()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var (_, removed) = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}");
        Assert.Empty((await w.GetAsync("/api/workshop"))["machines"]!.AsArray());
        Assert.Equal(404, (await w.SendAsync(HttpMethod.Get, $"/api/machines/{id}")).Status);
        await w.DoAsync($"/api/log/{removed["logId"]!.GetValue<string>()}/undo");
        Assert.Single((await w.GetAsync("/api/workshop"))["machines"]!.AsArray());
    }

    [Fact]
    public async Task Work_waits_for_other_work_on_another_machine()
    {
        await using var w = await Workshop.OpenAsync();
        var (a, b) = (await w.TakeInAsync("One"), await w.TakeInAsync("Two"));
        object Job(string title, params string[] after) =>
            new
            {
                stage = "case",
                title,
                why = "",
                needs = "",
                minutes = 10,
                after,
            };
        var first = (await w.DoAsync($"/api/machines/{a}/jobs", Job("Empty the bath")))["id"]!.GetValue<string>();
        var second = (await w.DoAsync($"/api/machines/{b}/jobs", Job("Soak the lid", first)))["id"]!.GetValue<string>();
        Assert.Equal("Empty the bath", (await w.GetAsync($"/api/machines/{a}"))["standing"]!["next"]!["title"]!.GetValue<string>());
        Assert.Equal(1, (await w.GetAsync($"/api/machines/{a}"))["standing"]!["next"]!["wantedBy"]!.GetValue<int>());
        Assert.DoesNotContain(
            "Soak the lid",
            (await w.GetAsync($"/api/machines/{b}"))["standing"]!.ToJsonString(),
            StringComparison.Ordinal
        );
        await w.DoAsync(
            $"/api/machines/{a}/jobs/{first}/state",
            new
            {
                state = "done",
                waitsFor = (string?)null,
                waitUntil = (string?)null,
            }
        );
        Assert.Contains("Soak the lid", (await w.GetAsync($"/api/machines/{b}"))["standing"]!.ToJsonString(), StringComparison.Ordinal);
        var (status, _) = await w.SendAsync(HttpMethod.Put, $"/api/machines/{b}/jobs/{second}", Job("Soak the lid", second), 0);
        Assert.Equal(400, status);
    }
}
