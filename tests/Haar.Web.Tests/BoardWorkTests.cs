using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using SkiaSharp;

namespace Haar.Web.Tests;

/// <summary>Work on a board: what the cell ate, and the cell itself.</summary>
public partial class BoardTests
{
    [Fact]
    public async Task A_corner_is_marked_cleaned_its_nets_measured_mended_and_measured_again()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board) = await BoardAsync(w);
        var bow = Corners((0.1, 0.1), (0.4, 0.4), (0.4, 0.1), (0.1, 0.4));
        var square = Corners((0.1, 0.1), (0.4, 0.1), (0.4, 0.4), (0.1, 0.4));
        object Area(object[] outline, double? cm2) =>
            new
            {
                name = "the corner",
                side = "front",
                source = "nickelCell",
                outline,
                stage = "maskLifted",
                squareCentimetres = cm2,
                phBefore = (double?)null,
            };
        Assert.Contains(
            "crosses itself",
            (await w.PostAsync($"/api/machines/{id}/boards/{board}/areas", Area(bow, 9))).Body.ToJsonString(),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "no scale",
            (await w.PostAsync($"/api/machines/{id}/boards/{board}/areas", Area(square, null))).Body.ToJsonString(),
            StringComparison.Ordinal
        );
        var area = (await w.DoAsync($"/api/machines/{id}/boards/{board}/areas", Area(square, 9)))["id"]!.GetValue<string>();
        var net = (
            await w.DoAsync(
                $"/api/machines/{id}/boards/{board}/nets",
                new
                {
                    name = "A7",
                    from = "U1",
                    to = "U2",
                    side = "front",
                    path = Corners((0.05, 0.2), (0.6, 0.2)),
                    trace = new
                    {
                        lengthMillimetres = 100,
                        widthMillimetres = 0.25,
                        copperMicrometres = 35,
                        vias = 0,
                    },
                }
            )
        )["id"]!.GetValue<string>();
        var screen = await Screen(w, id);
        Assert.Equal([net], screen["areas"]![0]!["nets"]!.AsArray().Select(n => n!.GetValue<string>()));
        Assert.Equal("aceticAcid", screen["areas"]![0]!["plan"]!["neutraliser"]!.GetValue<string>());
        Assert.False(screen["nets"]![0]!["ready"]!.GetValue<bool>());
        // It was done this morning and is written down now.
        async Task Take(string step, double hoursAgo, double? ph = null, int rinses = 0) =>
            await w.DoAsync(
                $"/api/machines/{id}/areas/{area}/step",
                new
                {
                    step,
                    ph,
                    rinses,
                    hoursAgo,
                    celsius = 40,
                }
            );
        await Take("neutralise", 6);
        Assert.Contains(
            "still alkaline",
            (
                await w.PostAsync(
                    $"/api/machines/{id}/areas/{area}/step",
                    new
                    {
                        step = "rinse",
                        ph = 9.0,
                        rinses = 3,
                    }
                )
            ).Body.ToJsonString(),
            StringComparison.Ordinal
        );
        await Take("rinse", 5.5, ph: 7, rinses: 3);
        await Take("alcohol", 5);
        await Take("dry", 0);
        Assert.True((await Screen(w, id))["nets"]![0]!["ready"]!.GetValue<bool>());
        Assert.Contains(
            "was it mΩ",
            (
                await w.PostAsync(
                    $"/api/machines/{id}/nets/{net}/readings",
                    new
                    {
                        ohms = 210.0,
                        open = false,
                        source = "typed",
                    }
                )
            ).Body["detail"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/nets/{net}/readings",
                    new
                    {
                        ohms = 0.2,
                        open = true,
                        source = "typed",
                    }
                )
            ).Status
        );
        await w.DoAsync(
            $"/api/machines/{id}/nets/{net}/readings",
            new
            {
                ohms = (double?)null,
                open = true,
                source = "typed",
            }
        );
        var open = (await Screen(w, id))["nets"]![0]!;
        Assert.Equal("open", open["state"]!.GetValue<string>());
        Assert.NotNull(open["jumper"]!["chosen"]);
        await w.DoAsync($"/api/machines/{id}/nets/{net}/repair", new { repair = "Jumper, AWG 30" });
        Assert.Equal("notMeasured", (await Screen(w, id))["nets"]![0]!["state"]!.GetValue<string>());
        await w.DoAsync(
            $"/api/machines/{id}/nets/{net}/readings",
            new
            {
                ohms = 0.05,
                open = false,
                source = "typed",
                instrument = "zeroedLeads",
            }
        );
        Assert.Equal("repaired", (await Screen(w, id))["nets"]![0]!["state"]!.GetValue<string>());
        await Take("mask", 0);
        Assert.NotNull((await Screen(w, id))["areas"]![0]!["area"]!["inspectOn"]);

        // A look that finds more means it is cleaned again, and the calendar knows the day.
        await w.DoAsync($"/api/machines/{id}/areas/{area}/looks", new { stage = "copperEaten", squareCentimetres = 11.0 });
        Assert.Equal("neutralise", (await Screen(w, id))["areas"]![0]!["next"]!.GetValue<string>());
        var calendar = await w.Client.GetStringAsync("/api/workshop/checks.ics");
        Assert.Contains("BEGIN:VCALENDAR", calendar, StringComparison.Ordinal);
        Assert.Contains("look at the corner again", calendar.Replace("\r\n ", "", StringComparison.Ordinal), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_charging_line_read_at_the_bench_is_written_into_the_cells_site_and_a_swollen_pack_is_out()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Lifeboat editor");
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"/api/machines/{id}/battery/charging",
                    new
                    {
                        offVolts = 0.0,
                        onVolts = -3.0,
                        loadedVolts = (double?)null,
                        loadOhms = 1000,
                    }
                )
            ).Status
        );
        await w.DoAsync(
            $"/api/machines/{id}/battery/charging",
            new
            {
                offVolts = 0.01,
                onVolts = 3.4,
                loadedVolts = 0.9,
                loadOhms = 1000,
            }
        );
        var battery = await w.GetAsync($"/api/machines/{id}/battery");
        Assert.Equal(
            ("yes", 0.9),
            (battery["cell"]!["site"]!["charges"]!.GetValue<string>(), battery["cell"]!["site"]!["chargeMilliamps"]!.GetValue<double>())
        );
        Assert.Contains(
            battery["plan"]!["options"]!.AsArray(),
            o =>
                o!["kind"]!.GetValue<string>() == "coinInHolder"
                && o["verdict"]!["outcome"]!.GetValue<string>() == "no"
                && !o["verdict"]!["mayBeOverruled"]!.GetValue<bool>()
        );
        var laptop = await w.DemoMachineAsync("Pilot-launch laptop");
        var pack = (await w.GetAsync($"/api/machines/{laptop}/battery"))["pack"]!;
        Assert.Equal("no", pack["result"]!["verdict"]!["outcome"]!.GetValue<string>());
        var (status, _) = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{laptop}/battery/pack",
            new
            {
                chemistry = "lithiumRechargeable",
                designMilliampHours = 3600,
                fullChargeMilliampHours = 3500,
                swollen = true,
                hotOrWet = false,
            },
            pack["version"]!.GetValue<int>()
        );
        Assert.Equal(200, status);
        Assert.Contains(
            "swollen",
            (await w.GetAsync($"/api/machines/{laptop}/battery"))["pack"]!["result"]!["verdict"]!["sentence"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }
}
