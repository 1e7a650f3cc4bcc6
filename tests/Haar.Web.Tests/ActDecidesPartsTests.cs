using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Microsoft.Extensions.DependencyInjection;

namespace Haar.Web.Tests;

/// <summary>Parts are judged where they are fitted, and pieces are given once.</summary>
public partial class ActDecidesTests
{
    static object Capacitor(string designator, string marking, string role = "bulk") =>
        new
        {
            designator,
            marking,
            kind = "aluminiumRadial",
            role,
            ratedVolts = (double?)null,
            maxCelsius = 105.0,
            diameterMillimetres = (double?)null,
            heightMillimetres = (double?)null,
            leadPitchMillimetres = (double?)null,
            signs = Array.Empty<string>(),
            x = 0.5,
            y = 0.5,
            side = "front",
            minusBefore = "up",
            minusPrinted = "notKnown",
            headroomMillimetres = (double?)null,
        };

    static async Task<(string Machine, string Board, string BoardLog)> BoardAsync(Workshop w, bool known = false)
    {
        var id = known ? await w.KnownAsync() : await w.TakeInAsync(traits: []);
        var made = await w.DoAsync(
            $"/api/machines/{id}/boards",
            new
            {
                name = "Main",
                photoId = (string?)null,
                side = "front",
            }
        );
        return (id, made["id"]!.GetValue<string>(), made["logId"]!.GetValue<string>());
    }

    static async Task<string> AddAsync(Workshop w, string id, string board, string designator = "C1", string marking = "47 16V") =>
        (await w.DoAsync($"/api/machines/{id}/boards/{board}/capacitors", Capacitor(designator, marking)))["id"]!.GetValue<string>();

    static async Task<string> DrawerAsync(Workshop w, double microfarads, double volts, int quantity = 5)
    {
        await w.DoAsync(
            "/api/drawer",
            new
            {
                spec = new
                {
                    kind = "aluminiumRadial",
                    microfarads,
                    ratedVolts = volts,
                    maxCelsius = 105.0,
                },
                quantity,
                place = "tray 1",
                boughtOn = (string?)null,
                price = (double?)null,
            }
        );
        return (await w.GetAsync("/api/drawer"))["parts"]!
            .AsArray()
            .Select(p => p!["part"]!)
            .First(p => p["spec"]!["microfarads"]!.GetValue<double>() == microfarads)["id"]!.GetValue<string>();
    }

    static Task<(int, JsonNode)> FittingAsync(Workshop w, string id, string cap, string step, string? pads = null, string? why = null) =>
        w.PostAsync(
            $"/api/machines/{id}/capacitors/{cap}/fitting",
            new
            {
                step,
                pads,
                minusSeen = step == "checkWayRound" ? "up" : "notKnown",
                overruleReason = why,
            }
        );

    static Task ReadAsync(Workshop w, string id, string cap, double? microfarads, double? esr) =>
        w.DoAsync(
            $"/api/machines/{id}/capacitors/{cap}/readings",
            new
            {
                microfarads,
                esrOhms = esr,
                esrFrequencyHertz = 100000,
                leakageMicroamps = (double?)null,
                inCircuit = false,
                source = "typed",
            }
        );

    static async Task<JsonNode> RowAsync(Workshop w, string id, string cap) =>
        (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!
            .AsArray()
            .First(c => c!["capacitor"]!["id"]!.GetValue<string>() == cap)!;

    static async Task StepsAsync(Workshop w, string id, string cap, params string[] steps)
    {
        foreach (var step in steps)
        {
            var (status, body) = await FittingAsync(w, id, cap, step, step == "checkPads" ? "sound" : null);
            Assert.True(status == 200, $"{step}: {body}");
        }
    }

    [Fact]
    public async Task A_part_set_aside_for_another_value_is_not_fitted()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove", "checkPads", "clean");
        var row = (await RowAsync(w, id, cap))["capacitor"]!;
        var (status, body) = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/capacitors/{cap}",
            Capacitor("C1", "100 25V"),
            row["version"]!.GetValue<int>()
        );
        Assert.True(status == 200, body.ToJsonString());
        await RefusedAsync(FittingAsync(w, id, cap, "fit"), "47");
        Assert.Null((await RowAsync(w, id, cap))["capacitor"]!["fitting"]!["fittedAt"]);
    }

    [Fact]
    public async Task A_new_part_that_reads_bad_is_not_exchanged_and_can_be_exchanged_again()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove", "checkPads", "clean", "fit", "checkWayRound");
        await ReadAsync(w, id, cap, 9.4, 5);
        var row = await RowAsync(w, id, cap);
        Assert.NotEqual("exchanged", row["stand"]!.GetValue<string>());
        Assert.NotEqual("sound", row["stand"]!.GetValue<string>());
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/again");
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove", "checkPads", "clean", "fit", "checkWayRound");
        await ReadAsync(w, id, cap, 46.8, 0.3);
        Assert.Equal("exchanged", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        // Two pieces are gone from the drawer.
        Assert.Equal(3, (await w.GetAsync("/api/drawer"))["parts"]![0]!["part"]!["quantity"]!.GetValue<int>());
    }

    [Fact]
    public async Task Nothing_is_fitted_on_a_pad_that_was_found_lifted_until_it_is_mended()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var part = await DrawerAsync(w, 47, 16);
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        await StepsAsync(w, id, cap, "remove");
        Assert.Equal(200, (await FittingAsync(w, id, cap, "checkPads", "lifted")).Item1);
        Assert.Equal("mendPads", (await RowAsync(w, id, cap))["next"]!.GetValue<string>());
        await RefusedAsync(FittingAsync(w, id, cap, "fit"), "pad");
        await StepsAsync(w, id, cap, "mendPads", "clean", "fit");
        Assert.DoesNotContain(
            (await w.GetAsync($"/api/machines/{id}/stages/boards"))["jobs"]!.AsArray(),
            j => j!["state"]!.GetValue<string>() != "done"
        );
    }

    [Fact]
    public async Task A_part_kept_out_against_the_verdict_stays_in_once_it_reads_good()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        await ReadAsync(w, id, cap, 12, 9);
        Assert.Equal("comesOut", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        await w.DoAsync(
            $"/api/machines/{id}/overrules",
            new
            {
                of = "comesOut",
                subject = cap,
                reason = "The owner wants it kept.",
            }
        );
        Assert.Equal("sound", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        await ReadAsync(w, id, cap, 47.2, 0.3);
        Assert.Equal("sound", (await RowAsync(w, id, cap))["stand"]!.GetValue<string>());
        // And what was decided on other readings counts no longer when it reads bad again, another way.
        await ReadAsync(w, id, cap, 5, 40);
        var row = await RowAsync(w, id, cap);
        Assert.Equal("comesOut", row["stand"]!.GetValue<string>());
        Assert.True(row["overruleLapsed"]!.GetValue<bool>());
    }

    [Fact]
    public async Task Only_what_may_be_overruled_is_and_the_sentence_is_Haars_own()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var cap = await AddAsync(w, id, board);
        var (status, _) = await w.PostAsync(
            $"/api/machines/{id}/overrules",
            new
            {
                key = "anything/at/all",
                sentence = "The moon is a cheese.",
                reason = "Because I say so.",
            }
        );
        Assert.Equal(400, status);
        await ReadAsync(w, id, cap, 12, 9);
        await w.DoAsync(
            $"/api/machines/{id}/overrules",
            new
            {
                of = "comesOut",
                subject = cap,
                reason = "The owner wants it kept.",
            }
        );
        Assert.DoesNotContain("moon", (await w.GetAsync($"/api/machines/{id}/log")).ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/overrules",
                    new
                    {
                        of = "comesOut",
                        subject = Guid.NewGuid(),
                        reason = "Of nothing.",
                    }
                )
            ).Status
        );
        // Data, substitutes and choices are overruled where they are done, not beside it.
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/overrules",
                    new
                    {
                        of = "cellData",
                        subject = "",
                        reason = "Out with it.",
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_pair_is_set_aside_in_one_press_and_each_piece_once()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var (c1, c2) = (await AddAsync(w, id, board), await AddAsync(w, id, board, "C2"));
        var part = await DrawerAsync(w, 27, 25, 3);
        await w.DoAsync(
            $"/api/machines/{id}/capacitors/{c1}/reserve",
            new { partIds = new[] { part, part }, overruleReason = (string?)null }
        );
        JsonNode Part(JsonNode drawer) => drawer["parts"]!.AsArray().First(p => p!["part"]!["id"]!.GetValue<string>() == part)!;
        Assert.Equal(1, Part(await w.GetAsync("/api/drawer"))["free"]!.GetValue<int>());
        await RefusedAsync(
            w.PostAsync(
                $"/api/machines/{id}/capacitors/{c2}/reserve",
                new { partIds = new[] { part, part }, overruleReason = "all the same" }
            ),
            "left"
        );
        Assert.Equal(1, Part(await w.GetAsync("/api/drawer"))["free"]!.GetValue<int>());
    }
}
