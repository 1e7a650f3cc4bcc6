using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.StandIns.Meters;

namespace Haar.Web.Tests;

/// <summary>One machine from the box it came in to the sheet that leaves with it, over HTTP.</summary>
public partial class JourneyTests
{
    [Fact]
    public async Task A_danger_found_raises_its_caution_and_stops_power_until_dealt_with()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var finding = (
            await w.DoAsync(
                $"/api/machines/{id}/survey/findings",
                new
                {
                    kind = "leakingCell",
                    place = "by the memory",
                    seen = "Green crust.",
                    photoId = (string?)null,
                }
            )
        )["id"]!.GetValue<string>();
        var survey = await w.GetAsync($"/api/machines/{id}/survey");
        Assert.Equal("no", survey["power"]!["outcome"]!.GetValue<string>());
        Assert.Contains("leakingCell", survey["findings"]![0]!["meaning"]!["cautions"]!.AsArray().Select(c => c!.GetValue<string>()));
        var (status, refused) = await w.PostAsync(
            $"/api/machines/{id}/power/shorts/readings",
            new
            {
                rail = "+5 V",
                quantity = "ohms",
                value = 40,
                source = "typed",
            }
        );
        Assert.Equal(400, status);
        Assert.Contains("Leave it unplugged", refused["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal("yes", (await w.GetAsync($"/api/machines/{id}/battery"))["cell"]!["site"]!["leaking"]!.GetValue<string>());
        Assert.True((await w.GetAsync("/api/workshop"))["next"]!["act"]!["danger"]!.GetValue<bool>());
        await w.CellKeepsAsync(id);
        await w.DoAsync($"/api/machines/{id}/survey/findings/{finding}/dealt-with", new { how = "Cut out, brushed wet." });
        await w.DoAsync(
            $"/api/machines/{id}/power/shorts/readings",
            new
            {
                rail = "+5 V",
                quantity = "ohms",
                value = 40,
                source = "typed",
            }
        );
    }

    [Fact]
    public async Task The_cell_of_somebodys_data_comes_out_only_copied_or_overruled_with_a_reason()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Harbour log palmtop");
        var battery = await w.GetAsync($"/api/machines/{id}/battery");
        Assert.Equal("no", battery["plan"]!["data"]!["outcome"]!.GetValue<string>());
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/battery/step", new { step = "oldOut", overruleReason = (string?)null })).Status
        );
        await w.DoAsync(
            $"/api/machines/{id}/battery/step",
            new { step = "oldOut", overruleReason = "The harbour master has the log on paper." }
        );
        var writeUp = (await w.GetAsync($"/api/machines/{id}/write-up"))["writeUp"]!.ToJsonString();
        Assert.Contains("has the log on paper", writeUp, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_primary_lithium_cell_on_a_charging_line_cannot_be_overruled()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Fish-auction server");
        var (status, body) = await w.PostAsync(
            $"/api/machines/{id}/battery/choose",
            new { kind = "coinInHolder", overruleReason = "I know better" }
        );
        Assert.Equal(400, status);
        Assert.Contains("cannot be overruled", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_capacitor_is_measured_exchanged_from_the_drawer_and_measured_again()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Newsletter desktop");
        async Task<JsonNode> C14() =>
            (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!
                .AsArray()
                .First(c => c!["capacitor"]!["designator"]!.GetValue<string>() == "C14")!;
        var c14 = await C14();
        Assert.Equal("comesOut", c14["stand"]!.GetValue<string>());
        Assert.Contains("8.6 Ω", c14["comesOut"]!["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        var cap = c14["capacitor"]!["id"]!.GetValue<string>();
        var substitutes = (await w.GetAsync($"/api/machines/{id}/capacitors/{cap}/substitutes"))["singles"]!.AsArray();
        Assert.NotEqual("no", substitutes[0]!["verdict"]!["outcome"]!.GetValue<string>());
        var part = substitutes[0]!["candidate"]!["id"]!.GetValue<string>();
        async Task<(int Quantity, int Reserved)> Stock()
        {
            var p = (await w.GetAsync("/api/drawer"))["parts"]!.AsArray().First(x => x!["part"]!["id"]!.GetValue<string>() == part)![
                "part"
            ]!;
            return (p["quantity"]!.GetValue<int>(), p["reserved"]!.GetValue<int>());
        }

        var before = await Stock();
        await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
        Assert.Equal((before.Quantity, before.Reserved + 1), await Stock());
        Assert.Equal(
            400,
            (
                await w.PostAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null })
            ).Status
        );
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/capacitors/{cap}/fitting", new { step = "fit", pads = (string?)null })).Status
        );
        foreach (var step in new[] { "remove", "checkPads", "mendPads", "clean", "fit" })
        {
            await w.DoAsync($"/api/machines/{id}/capacitors/{cap}/fitting", new { step, pads = step == "checkPads" ? "lifted" : null });
        }
        // The photo from before has its minus up: a second look that says otherwise is not let pass.
        var (status, wrong) = await w.PostAsync(
            $"/api/machines/{id}/capacitors/{cap}/fitting",
            new
            {
                step = "checkWayRound",
                pads = (string?)null,
                minusSeen = "left",
            }
        );
        Assert.Equal(400, status);
        Assert.Contains("Turn it round", wrong["errors"]!["minusSeen"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        await w.DoAsync(
            $"/api/machines/{id}/capacitors/{cap}/fitting",
            new
            {
                step = "checkWayRound",
                pads = (string?)null,
                minusSeen = "up",
            }
        );
        Assert.Equal((before.Quantity - 1, before.Reserved), await Stock());
        await w.DoAsync(
            $"/api/machines/{id}/capacitors/{cap}/readings",
            new
            {
                microfarads = 46.8,
                esrOhms = 0.3,
                esrFrequencyHertz = 100000,
                leakageMicroamps = (double?)null,
                inCircuit = false,
                source = "typed",
            }
        );
        var after = await C14();
        Assert.Equal("exchanged", after["stand"]!.GetValue<string>());
        Assert.Equal("yes", after["sound"]!["outcome"]!.GetValue<string>());
        Assert.Contains(
            "lifted pad under C14",
            (await w.GetAsync($"/api/machines/{id}/stages/boards")).ToJsonString(),
            StringComparison.Ordinal
        );
        Assert.Contains(
            (await w.GetAsync($"/api/machines/{id}/write-up"))["writeUp"]!["sections"]!.AsArray().SelectMany(s => s!["lines"]!.AsArray()),
            l => l!.GetValue<string>().Contains("(32.4 µF, 8.6 Ω) exchanged for", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task Readings_pulled_from_the_meter_settle_and_a_rail_out_of_limits_stops_the_gate()
    {
        await using var meter = new StandInMeter(System.Net.IPAddress.Loopback, 0);
        meter.Start();
        await using var w = await Workshop.OpenAsync(demo: true);
        await MeterTests.PointAtAsync(w, meter.Port);
        var id = await w.DemoMachineAsync("Lifeboat editor");
        foreach (var rail in new[] { "+3.3 V", "+5 V", "+12 V", "−12 V", "+5 V sb" })
        {
            foreach (var quantity in new[] { "volts", "rippleVolts" })
            {
                var m = await w.DoAsync("/api/meter/read", new { quantity, label = rail });
                await w.DoAsync(
                    $"/api/machines/{id}/power/supplyLoaded/readings",
                    new
                    {
                        rail,
                        quantity,
                        value = m["value"]!.GetValue<double>(),
                        source = m["identification"]!.GetValue<string>(),
                    }
                );
            }
        }

        var notes = new
        {
            load = "2.0 A on +5",
            seen = "",
            heard = "",
            smelled = "",
            said = "",
        };
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/power/supplyLoaded/close",
                    new
                    {
                        notes,
                        confirmedCautions = false,
                        failedBecause = (string?)null,
                    }
                )
            ).Status
        );
        await w.DoAsync(
            $"/api/machines/{id}/power/supplyLoaded/close",
            new
            {
                notes,
                confirmedCautions = true,
                failedBecause = (string?)null,
            }
        );
        var power = await w.GetAsync($"/api/machines/{id}/power");
        Assert.StartsWith(
            "Go no further. +12 V reads 11.21 V",
            power["verdict"]!["sentence"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/power/bareBoard/readings",
                    new
                    {
                        rail = "+5 V",
                        quantity = "volts",
                        value = 5,
                        source = "typed",
                    }
                )
            ).Status
        );
        // Read again with a tested supply: the earlier reading is kept.
        await w.DoAsync(
            $"/api/machines/{id}/power/supplyLoaded/readings",
            new
            {
                rail = "+12 V",
                quantity = "volts",
                value = 12.02,
                source = "typed",
            }
        );
        await w.DoAsync(
            $"/api/machines/{id}/power/supplyLoaded/readings",
            new
            {
                rail = "+12 V",
                quantity = "rippleVolts",
                value = 0.05,
                source = "typed",
            }
        );
        await w.DoAsync(
            $"/api/machines/{id}/power/supplyLoaded/close",
            new
            {
                notes,
                confirmedCautions = true,
                failedBecause = (string?)null,
            }
        );
        power = await w.GetAsync($"/api/machines/{id}/power");
        Assert.Equal("passed", power["steps"]![2]!["step"]!["state"]!.GetValue<string>());
        Assert.Contains(power["steps"]![2]!["earlier"]!.AsArray(), e => Math.Abs(e!["value"]!.GetValue<double>() - 11.21) < 0.02);
    }

    [Fact]
    public async Task Proved_and_handed_over_with_what_is_open_said()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var proof = (
            await w.DoAsync(
                $"/api/machines/{id}/proofs",
                new
                {
                    what = "Start to prompt",
                    unit = "s",
                    better = "lower",
                    resolution = 0.1,
                }
            )
        )["id"]!.GetValue<string>();
        foreach (var (side, values) in new[] { ("before", new[] { 41.2, 40.8, 41.9, 41.0 }), ("after", new[] { 33.0, 32.6, 33.4, 32.9 }) })
        {
            foreach (var value in values)
            {
                await w.DoAsync($"/api/machines/{id}/proofs/{proof}/runs", new { side, value });
            }
        }

        var comparison = (await w.GetAsync($"/api/machines/{id}/proofs"))[0]!["comparison"]!;
        Assert.Equal("yes", comparison["verdict"]!["outcome"]!.GetValue<string>());
        await w.DoAsync(
            $"/api/machines/{id}/costs",
            new
            {
                what = "Cells",
                amount = 4.5,
                minutes = 40,
            }
        );
        await w.DoAsync($"/api/machines/{id}/hand-over", new { overruleReason = (string?)null });
        Assert.Empty((await w.GetAsync("/api/workshop"))["machines"]!.AsArray());
        Assert.Single((await w.GetAsync("/api/workshop?handedOver=true"))["machines"]!.AsArray());
        var costs = (await w.GetAsync($"/api/machines/{id}/write-up"))["writeUp"]!["costs"]!;
        Assert.Equal(24.5, costs["total"]!.GetValue<double>(), 6);
    }
}
