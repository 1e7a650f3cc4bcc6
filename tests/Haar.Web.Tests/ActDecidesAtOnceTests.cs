using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Haar.Web.Tests;

/// <summary>The other side: twice at once, out of order, the fact changed in between.</summary>
public partial class ActDecidesTests
{
    static async Task<(int Reservations, int MostOnePlace, bool Overbooked)> StockAsync(Workshop w)
    {
        using var scope = w.Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<HaarDb>();
        var rows = await db.Reservations.AsNoTracking().ToListAsync();
        var parts = await db.Drawer.AsNoTracking().ToDictionaryAsync(p => p.Id, p => p.Quantity);
        return (
            rows.Count,
            rows.GroupBy(r => r.CapacitorId).Select(g => g.Count()).DefaultIfEmpty().Max(),
            rows.GroupBy(r => r.PartId).Any(g => g.Count() > parts[g.Key])
        );
    }

    [Fact]
    public async Task Setting_aside_for_all_boards_pressed_eight_times_at_once_gives_each_place_one_piece()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => w.PostAsync("/api/orders/set-aside")));
        Assert.All(answers, a => Assert.True(a.Status is 200 or 400, a.Body.ToJsonString()));
        var (count, most, over) = await StockAsync(w);
        Assert.True(count > 0);
        Assert.Equal(1, most);
        Assert.False(over);
    }

    [Fact]
    public async Task The_last_piece_asked_for_by_many_and_counted_away_at_once_is_never_given_twice()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var part = await DrawerAsync(w, 47, 16, 2);
        var caps = new List<string>();
        for (var i = 1; i <= 8; i++)
        {
            caps.Add(await AddAsync(w, id, board, $"C{i}"));
        }
        var asks = caps.Select(c =>
                w.PostAsync($"/api/machines/{id}/capacitors/{c}/reserve", new { partId = part, overruleReason = (string?)null })
            )
            .Append(w.PostAsync($"/api/drawer/{part}/count", new { quantity = 1 }))
            .Append(w.SendAsync(HttpMethod.Delete, $"/api/drawer/{part}"));
        var answers = await Task.WhenAll(asks);
        Assert.All(answers, a => Assert.True(a.Status is 200 or 400 or 404, a.Body.ToJsonString()));
        Assert.False((await StockAsync(w)).Overbooked);
    }

    [Fact]
    public async Task Undo_does_not_give_a_piece_back_that_has_another_place_by_now()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var (c1, c2) = (await AddAsync(w, id, board), await AddAsync(w, id, board, "C2"));
        var part = await DrawerAsync(w, 47, 16, 1);
        object Ask() => new { partId = part, overruleReason = (string?)null };
        await w.DoAsync($"/api/machines/{id}/capacitors/{c1}/reserve", Ask());
        var (_, back) = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/capacitors/{c1}/reserve");
        await w.DoAsync($"/api/machines/{id}/capacitors/{c2}/reserve", Ask());
        await RefusedAsync(UndoAsync(w, back), "drawer", 409);
        Assert.False((await StockAsync(w)).Overbooked);
        Assert.Equal(1, (await StockAsync(w)).Reservations);
    }

    [Fact]
    public async Task Undo_whose_place_was_taken_says_so_and_changes_nothing()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var (_, gone) = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/capacitors/{cap}");
        await AddAsync(w, id, board);
        await RefusedAsync(UndoAsync(w, gone), "place", 409);
        Assert.Single((await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!.AsArray());
    }

    [Fact]
    public async Task A_part_that_was_taken_off_is_read_in_the_hand_and_not_in_circuit()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        await StepsAsync(w, id, cap, "remove");
        await ReadAsync(w, id, cap, 12, 9);
        Assert.Equal(12, (await RowAsync(w, id, cap))["readings"]!["microfarads"]!.GetValue<double>());
        await RefusedAsync(
            w.PostAsync(
                $"/api/machines/{id}/capacitors/{cap}/readings",
                new
                {
                    microfarads = 40,
                    esrOhms = (double?)null,
                    esrFrequencyHertz = (double?)null,
                    leakageMicroamps = (double?)null,
                    inCircuit = true,
                    source = "typed",
                }
            ),
            "off the board"
        );
    }

    [Fact]
    public async Task A_finding_that_turns_out_to_be_a_danger_stands_from_then_on_and_not_from_when_it_was_noted()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        var found = await w.DoAsync($"/api/machines/{id}/survey/findings", Finding("rust"));
        await ShortsAsync(w, id);
        Assert.Equal("supplyLook", (await w.GetAsync($"/api/machines/{id}/power"))["next"]!.GetValue<string>());
        var (status, body) = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/survey/findings/{found["id"]}",
            Finding("leakingCell"),
            0
        );
        Assert.True(status == 200, body.ToJsonString());
        await w.CellKeepsAsync(id);
        await w.DoAsync($"/api/machines/{id}/survey/findings/{found["id"]}/dealt-with", new { how = "Out." });
        Assert.Equal("shorts", (await w.GetAsync($"/api/machines/{id}/power"))["next"]!.GetValue<string>());
    }

    static object Finding(string kind) =>
        new
        {
            kind,
            place = "corner",
            seen = "Green or brown.",
            photoId = (string?)null,
        };

    [Fact]
    public async Task What_a_supply_earned_before_a_danger_it_earns_again()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.KnownAsync();
        await ShortsAsync(w, id);
        await CloseAsync(w, id, "supplyLook");
        await w.DoAsync($"/api/machines/{id}/power/load", new { load = "2.0 A on +5" });
        await w.OnLoadForAsync(id, 12);
        foreach (var rail in (await w.GetAsync($"/api/machines/{id}"))["machine"]!["rails"]!.AsArray())
        {
            var name = rail!["name"]!.GetValue<string>();
            await ReadRailAsync(w, id, "supplyLoaded", name, "volts", rail["nominalVolts"]!.GetValue<double>());
            await ReadRailAsync(w, id, "supplyLoaded", name, "rippleVolts", 0.01);
        }
        await CloseAsync(w, id, "supplyLoaded");
        async Task<JsonNode> Supply() => (await w.GetAsync($"/api/machines/{id}/power"))["supply"]!;
        Assert.Equal("loaded", (await Supply())["trust"]!.GetValue<string>());
        var found = await w.DoAsync($"/api/machines/{id}/survey/findings", Finding("leakingCell"));
        await w.CellKeepsAsync(id);
        await w.DoAsync($"/api/machines/{id}/survey/findings/{found["id"]}/dealt-with", new { how = "Out." });
        var supply = await Supply();
        Assert.Equal("none", supply["trust"]!.GetValue<string>());
        Assert.Equal("", supply["load"]!.GetValue<string>());
    }

    [Fact]
    public async Task An_area_that_ate_through_its_mask_with_no_net_marked_under_it_is_not_taken_for_whole()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w, known: true);
        var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area()))["id"]!.GetValue<string>();
        await TreatedAsync(w, id, area);
        Assert.Contains(
            (await w.GetAsync($"/api/machines/{id}/power"))["before"]!.AsArray(),
            b => b!["word"]!.GetValue<string>() == "traces"
        );
        Assert.Equal(200, (await TreatAsync(w, id, area, "mask", why: "No net runs there.")).Item1);
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/power"))["before"]!.AsArray());
    }

    [Fact]
    public async Task A_coin_that_was_fitted_on_a_line_of_which_nothing_is_known_any_more_stands_before_power()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.KnownAsync();
        await SiteAsync(w, id, Site("no"));
        await ChooseAsync(w, id, "coinInHolder");
        await CellAsync(w, id, "oldOut");
        await CellAsync(w, id, "fitted");
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/power"))["before"]!.AsArray());
        await SiteAsync(w, id, Site("notKnown"));
        Assert.Contains(
            (await w.GetAsync($"/api/machines/{id}/power"))["before"]!.AsArray(),
            b => b!["word"]!.GetValue<string>() == "cell"
        );
    }

    [Fact]
    public async Task A_second_look_is_asked_again_when_what_it_was_checked_against_is_another()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove", "checkPads", "clean", "fit", "checkWayRound");
        await ReadAsync(w, id, cap, 46.8, 0.3);
        Assert.Equal("exchanged", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        var edit = JsonNode.Parse(System.Text.Json.JsonSerializer.Serialize(Capacitor("C1", "47 16V")))!;
        edit["minusBefore"] = "down";
        var (status, body) = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/capacitors/{cap}",
            edit,
            (await RowAsync(w, id, cap))["capacitor"]!["version"]!.GetValue<int>()
        );
        Assert.True(status == 200, body.ToJsonString());
        Assert.Equal("checkWayRound", (await RowAsync(w, id, cap))["next"]!.GetValue<string>());
        Assert.Equal("no", (await w.GetAsync($"/api/machines/{id}/power"))["verdict"]!["outcome"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_swollen_pack_stops_power_until_it_is_out()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: ["lithiumPack"]);
        object Pack(bool takenOut) =>
            new
            {
                chemistry = "lithiumRechargeable",
                swollen = true,
                hotOrWet = false,
                takenOut,
            };
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/battery/pack", Pack(false))).Status);
        Assert.Equal("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/battery/pack", Pack(true), 0)).Status);
        Assert.NotEqual("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_step_of_first_power_without_a_rail_to_read_is_not_through()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        var version = (await w.GetAsync($"/api/machines/{id}/power"))["machineVersion"]!.GetValue<int>();
        var (status, _) = await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/power/rails", Array.Empty<object>(), version);
        Assert.True(status is 200 or 400);
        var close = await w.PostAsync($"/api/machines/{id}/power/shorts/close", Close());
        Assert.Equal(400, close.Status);
    }
}
