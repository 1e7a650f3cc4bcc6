using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Microsoft.Extensions.DependencyInjection;

namespace Haar.Web.Tests;

/// <summary>Areas, first power and the rebuild ask again.</summary>
public partial class ActDecidesTests
{
    static object Area(string name = "the corner") =>
        new
        {
            name,
            side = "front",
            source = "nickelCell",
            outline = new[] { new { x = 0.1, y = 0.1 }, new { x = 0.4, y = 0.1 }, new { x = 0.4, y = 0.4 }, new { x = 0.1, y = 0.4 } },
            stage = "maskLifted",
            squareCentimetres = 9.0,
            phBefore = (double?)null,
        };

    static object Net() =>
        new
        {
            name = "A7",
            from = "U1",
            to = "U2",
            side = "front",
            path = new[] { new { x = 0.05, y = 0.2 }, new { x = 0.6, y = 0.2 } },
            trace = new
            {
                lengthMillimetres = 100,
                widthMillimetres = 0.25,
                copperMicrometres = 35,
                vias = 0,
            },
        };

    static Task<(int, JsonNode)> TreatAsync(
        Workshop w,
        string id,
        string area,
        string step,
        double hoursAgo = 0,
        double? ph = null,
        int rinses = 0,
        string? why = null
    ) =>
        w.PostAsync(
            $"/api/machines/{id}/areas/{area}/step",
            new
            {
                step,
                ph,
                rinses,
                hoursAgo,
                celsius = step == "dry" ? 40 : (double?)null,
                overruleReason = why,
            }
        );

    static async Task TreatedAsync(Workshop w, string id, string area, bool dry = true)
    {
        Assert.Equal(200, (await TreatAsync(w, id, area, "neutralise", 6)).Item1);
        Assert.Equal(200, (await TreatAsync(w, id, area, "rinse", 5.8, ph: 7, rinses: 3)).Item1);
        Assert.Equal(200, (await TreatAsync(w, id, area, "alcohol", 5)).Item1);
        if (dry)
        {
            var (status, body) = await TreatAsync(w, id, area, "dry");
            Assert.True(status == 200, body.ToJsonString());
        }
    }

    [Fact]
    public async Task An_area_is_rinsed_as_often_as_it_needs_dry_when_it_can_be_and_masked_over_measured_nets()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area()))["id"]!.GetValue<string>();
        var net = (await w.DoAsync($"/api/machines/{id}/boards/{board}/nets", Net()))["id"]!.GetValue<string>();
        Assert.Equal(200, (await TreatAsync(w, id, area, "neutralise")).Item1);
        await RefusedAsync(TreatAsync(w, id, area, "rinse", rinses: 1), "2 more");
        Assert.Equal(200, (await TreatAsync(w, id, area, "rinse", ph: 7, rinses: 3)).Item1);
        Assert.Equal(200, (await TreatAsync(w, id, area, "alcohol")).Item1);
        await RefusedAsync(TreatAsync(w, id, area, "dry"), "hours");
        await RefusedAsync(TreatAsync(w, id, area, "dry", why: "It looks dry"), "hours");

        var other = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area("the same, earlier")))["id"]!.GetValue<string>();
        await TreatedAsync(w, id, other);
        await RefusedAsync(TreatAsync(w, id, other, "mask"), "measured");
        await w.DoAsync(
            $"/api/machines/{id}/nets/{net}/readings",
            new
            {
                ohms = 0.21,
                open = false,
                source = "4-wire meter",
            }
        );
        Assert.Equal(200, (await TreatAsync(w, id, other, "mask")).Item1);
    }

    [Fact]
    public async Task A_day_on_which_an_area_is_looked_at_again_comes_up_by_itself()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area()))["id"]!.GetValue<string>();
        await TreatedAsync(w, id, area);
        Assert.Equal(200, (await TreatAsync(w, id, area, "mask", why: "No net runs under it.")).Item1);
        using var scope = w.Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<Haar.Data.HaarDb>();
        var stale = db.Statuses.Single(s => s.MachineId == Guid.Parse(id)).StaleAt;
        Assert.NotNull(stale);
        Assert.True(stale <= DateTimeOffset.UtcNow.AddMonths(24));
    }

    // ---- first power

    static Task<(int, JsonNode)> ReadRailAsync(Workshop w, string id, string step, string rail, string quantity, double value) =>
        w.PostAsync(
            $"/api/machines/{id}/power/{step}/readings",
            new
            {
                rail,
                quantity,
                value,
                source = "typed",
                instrument = quantity == "rippleVolts" ? "oscilloscope" : "multimeter",
            }
        );

    static async Task ShortsAsync(Workshop w, string id)
    {
        foreach (var rail in (await w.GetAsync($"/api/machines/{id}"))["machine"]!["rails"]!.AsArray())
        {
            var (status, body) = await ReadRailAsync(w, id, "shorts", rail!["name"]!.GetValue<string>(), "ohms", 1200);
            Assert.True(status == 200, body.ToJsonString());
        }
        await CloseAsync(w, id, "shorts");
    }

    static async Task CloseAsync(Workshop w, string id, string step)
    {
        var (status, body) = await w.PostAsync($"/api/machines/{id}/power/{step}/close", Close());
        Assert.True(status == 200, body.ToJsonString());
    }

    static object Close() =>
        new
        {
            notes = new
            {
                load = "2.0 A on +5",
                seen = "Nothing swollen.",
                heard = "A fan.",
                smelled = "",
                said = "One beep.",
            },
            confirmedCautions = true,
            failedBecause = (string?)null,
        };

    static async Task<JsonNode> GateAsync(Workshop w, string id) => (await w.GetAsync($"/api/machines/{id}/power"))["verdict"]!;

    [Fact]
    public async Task First_power_that_was_through_closes_again_when_a_danger_is_found()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        await ShortsAsync(w, id);
        Assert.Equal("supplyLook", (await w.GetAsync($"/api/machines/{id}/power"))["next"]!.GetValue<string>());
        var found = await w.DoAsync(
            $"/api/machines/{id}/survey/findings",
            new
            {
                kind = "leakingCell",
                place = "corner",
                seen = "Green crust.",
                photoId = (string?)null,
            }
        );
        Assert.Equal("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
        await RefusedAsync(w.PostAsync($"/api/machines/{id}/power/supplyLook/close", Close()), "leaking cell");
        await w.CellKeepsAsync(id);
        await w.DoAsync($"/api/machines/{id}/survey/findings/{found["id"]}/dealt-with", new { how = "Out, and its corner is clean." });
        // What was measured before it was found says nothing of the machine as it is now.
        Assert.Equal("shorts", (await w.GetAsync($"/api/machines/{id}/power"))["next"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("residue")]
    [InlineData("wet")]
    [InlineData("traces")]
    [InlineData("apart")]
    public async Task First_power_does_not_open_on_a_board_that_is_not_fit_for_it(string what)
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w, known: true);
        if (what == "apart")
        {
            await w.DoAsync($"/api/machines/{id}/strip/steps", StripStep());
        }
        else
        {
            var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area()))["id"]!.GetValue<string>();
            if (what == "traces")
            {
                await w.DoAsync($"/api/machines/{id}/boards/{board}/nets", Net());
                await TreatedAsync(w, id, area);
            }
            else if (what == "wet")
            {
                await TreatedAsync(w, id, area, dry: false);
            }
        }
        // Ohms with the plug out hurt nobody; nothing is fed before it is put right.
        await ShortsAsync(w, id);
        Assert.Equal("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
        await CloseAsync(w, id, "supplyLook");
        await w.DoAsync($"/api/machines/{id}/power/load", new { load = "2.0 A on +5" });
        await w.OnLoadForAsync(id, 12);
        foreach (var rail in (await w.GetAsync($"/api/machines/{id}"))["machine"]!["rails"]!.AsArray())
        {
            var volts = rail!["nominalVolts"]!.GetValue<double>();
            Assert.Equal(200, (await ReadRailAsync(w, id, "supplyLoaded", rail["name"]!.GetValue<string>(), "volts", volts)).Item1);
            Assert.Equal(200, (await ReadRailAsync(w, id, "supplyLoaded", rail["name"]!.GetValue<string>(), "rippleVolts", 0.01)).Item1);
        }
        await CloseAsync(w, id, "supplyLoaded");
        var (status, body) = await ReadRailAsync(w, id, "bareBoard", "+5 V", "volts", 5);
        Assert.True(status == 400, body.ToJsonString());
        var mayBe = (await GateAsync(w, id))["mayBeOverruled"]!.GetValue<bool>();
        // Power to a wet part nobody overrules; in pieces it has a test of its own.
        Assert.Equal(what is not ("wet" or "apart"), mayBe);
        if (what == "apart")
        {
            object Test(string on) =>
                new
                {
                    test = new
                    {
                        on,
                        looseMetal = "no",
                        missing = new[] { "shield" },
                        minutes = 5,
                    },
                };
            await RefusedAsync(w.PostAsync($"/api/machines/{id}/power/in-pieces", Test("staticBag")), "conducts");
            await w.DoAsync($"/api/machines/{id}/power/in-pieces", Test("insulator"));
            Assert.NotEqual("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
            var over = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/power/in-pieces");
            Assert.Equal(200, over.Status);
            Assert.Equal("no", (await GateAsync(w, id))["outcome"]!.GetValue<string>());
        }
    }

    [Fact]
    public async Task The_survey_the_power_screen_and_the_tideline_trust_a_supply_alike()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        await ShortsAsync(w, id);
        await CloseAsync(w, id, "supplyLook");
        foreach (var rail in (await w.GetAsync($"/api/machines/{id}"))["machine"]!["rails"]!.AsArray())
        {
            var volts = rail!["nominalVolts"]!.GetValue<double>();
            await ReadRailAsync(w, id, "supplyLoaded", rail["name"]!.GetValue<string>(), "volts", volts);
        }
        // Without its ripple and a load nobody can vouch for it.
        var close = await w.PostAsync(
            $"/api/machines/{id}/power/supplyLoaded/close",
            new
            {
                notes = new
                {
                    load = "",
                    seen = "",
                    heard = "",
                    smelled = "",
                    said = "",
                },
                confirmedCautions = true,
                failedBecause = (string?)null,
            }
        );
        Assert.True(close.Status is 200 or 400, close.Body.ToJsonString());
        var power = await GateAsync(w, id);
        var survey = (await w.GetAsync($"/api/machines/{id}/survey"))["power"]!;
        Assert.Equal(power["outcome"]!.GetValue<string>(), survey["outcome"]!.GetValue<string>());
        Assert.Equal(power["sentence"]!.GetValue<string>(), survey["sentence"]!.GetValue<string>());
    }

    // ---- rebuild

    static object StripStep() =>
        new
        {
            id = Guid.NewGuid(),
            step = new
            {
                title = "Drive cage",
                kind = "cage",
                lies = "asUsed",
                behind = Array.Empty<string>(),
                photoId = (string?)null,
                marks = Array.Empty<object>(),
                wayRound = "",
                note = "",
                testBeforeCovered = "",
                exchangedFor = "",
                staysOut = false,
                afterJobId = (string?)null,
            },
            at = DateTimeOffset.UtcNow,
            by = "bench",
        };

    [Fact]
    public async Task The_cell_comes_out_by_the_strip_down_as_by_every_other_way()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: ["externalAdapter", "coinCell"]);
        object Step() =>
            new
            {
                id = Guid.NewGuid(),
                step = new
                {
                    title = "The cell",
                    kind = "cell",
                    lies = "asUsed",
                    behind = Array.Empty<string>(),
                    photoId = (string?)null,
                    marks = Array.Empty<object>(),
                    wayRound = "",
                    note = "",
                    testBeforeCovered = "",
                    exchangedFor = "",
                    staysOut = false,
                    afterJobId = (string?)null,
                },
                at = DateTimeOffset.UtcNow,
                by = "bench",
            };
        await RefusedAsync(w.PostAsync($"/api/machines/{id}/strip/steps", Step()), "keeps alive");
        await w.CellKeepsAsync(id);
        var act = await w.DoAsync($"/api/machines/{id}/strip/steps", Step());
        Assert.Contains("The old cell is out.", act["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        async Task<bool> Out() => (await w.GetAsync($"/api/machines/{id}/battery"))["cell"]!["oldOutAt"] is not null;
        Assert.True(await Out());
        // One act: taken back, the piece is on and the cell is in.
        await w.DoAsync($"/api/log/{act["logId"]!.GetValue<string>()}/undo");
        Assert.False(await Out());
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/strip"))["steps"]!.AsArray());
    }

    [Fact]
    public async Task A_screw_does_not_go_in_before_its_piece_is_back()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync(traits: []);
        var step = (await w.DoAsync($"/api/machines/{id}/strip/steps", StripStep()))["id"]!.GetValue<string>();
        var fastener = (
            await w.DoAsync(
                $"/api/machines/{id}/strip/steps/{step}/fasteners",
                new
                {
                    id = Guid.NewGuid(),
                    fastener = new
                    {
                        thread = "M3",
                        lengthMillimetres = 6.0,
                        head = "pan",
                        count = 2,
                        missingBefore = 0,
                        hole = "",
                        marks = Array.Empty<object>(),
                        tray = "A1",
                        pierces = "",
                    },
                }
            )
        )["id"]!.GetValue<string>();
        var back = new
        {
            count = 1,
            thread = "M3",
            lengthMillimetres = 6.0,
            head = "pan",
            fromStoreId = (string?)null,
        };
        await RefusedAsync(w.PostAsync($"/api/machines/{id}/rebuild/fasteners/{fastener}", back), "Drive cage");
        var put = await w.DoAsync($"/api/machines/{id}/rebuild/{step}/back", new { secondLook = false });
        await w.DoAsync($"/api/machines/{id}/rebuild/fasteners/{fastener}", back);
        // Nor is the piece taken out from under its screws by an undo.
        var (status, body) = await w.PostAsync($"/api/log/{put["logId"]}/undo", new { });
        Assert.True(
            status is 400 or 409 && body["detail"]!.GetValue<string>().Contains("screws", StringComparison.Ordinal),
            $"{status} {body}"
        );
    }
}
