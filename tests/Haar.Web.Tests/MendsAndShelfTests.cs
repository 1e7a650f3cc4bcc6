using System.Text.Json.Nodes;

namespace Haar.Web.Tests;

/// <summary>Mends with their waits, what lies on the shelf, where a soil sits, a paint sample on a photo, and the printed card, over real HTTP.</summary>
public class MendsAndShelfTests
{
    static async Task<string> MachineAsync(Workshop w, string name) =>
        (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().First(m => m!["name"]!.GetValue<string>() == name)![
            "id"
        ]!.GetValue<string>();

    static Task<JsonNode> ScreenAsync(Workshop w, string id) => w.GetAsync($"/api/machines/{id}/cleaning");

    static async Task<double> LeftAsync(Workshop w, string kind) =>
        (await w.GetAsync("/api/store/supplies"))["supplies"]!.AsArray().First(s => s!["supply"]!["kind"]!.GetValue<string>() == kind)![
            "left"
        ]!.GetValue<double>();

    [Fact]
    public async Task A_crack_is_glued_waits_and_is_mended_and_the_waiting_stands_at_the_workshop()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Boat-builder's micro");
        JsonNode Row(JsonNode screen) =>
            screen["mendings"]!.AsArray().First(m => m!["mending"]!["name"]!.GetValue<string>() == "Crack at the cartridge slot")!;
        var row = Row(await ScreenAsync(w, id));
        var at = $"/api/machines/{id}/mendings/{row["mending"]!["id"]!.GetValue<string>()}";
        // Not mended before it is.
        Assert.Equal(400, (await w.PostAsync($"{at}/finish", new { asItIs = false })).Status);
        Assert.Equal(400, (await w.PostAsync($"{at}/step", new { step = "Paint it green." })).Status);
        for (var i = 0; i < 2; i++)
        {
            await w.DoAsync($"{at}/step", new { step = Row(await ScreenAsync(w, id))["next"]!.GetValue<string>() });
        }
        row = Row(await ScreenAsync(w, id));
        Assert.NotNull(row["from"]);
        Assert.Equal(400, (await w.PostAsync($"{at}/step", new { step = row["next"]!.GetValue<string>() })).Status);
        Assert.Contains("glue setting", (await w.GetAsync("/api/workshop")).ToJsonString(), StringComparison.Ordinal);
        // Eight at once leave it once.
        var ends = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => w.PostAsync($"{at}/finish", new { asItIs = true })));
        Assert.Equal(1, ends.Count(e => e.Status == 200));
        Assert.True(Row(await ScreenAsync(w, id))["mending"]!["sheet"]!["leftAsItIs"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_pass_takes_from_the_shelf_and_taken_back_alone_it_is_there_again()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Boat-builder's micro");
        async Task<string> AddAsync(string name) =>
            (
                await w.DoAsync(
                    $"/api/machines/{id}/cleaning",
                    new
                    {
                        name,
                        materials = new[] { "abs" },
                        features = Array.Empty<string>(),
                        soils = new[] { "grease" },
                        mains = "no",
                    }
                )
            )["id"]!.GetValue<string>();
        var (one, two) = (await AddAsync("left foot"), await AddAsync("right foot"));
        var before = await LeftAsync(w, "isopropyl alcohol");
        object Pass(double breadths) =>
            new
            {
                method = "alcohol",
                removedShare = 0.2,
                loosened = 0.4,
                breadths,
                spotTested = true,
            };
        var first = await w.DoAsync($"/api/machines/{id}/cleaning/{one}/try", Pass(2));
        await w.DoAsync($"/api/machines/{id}/cleaning/{two}/try", Pass(3));
        Assert.Equal(before - 50, await LeftAsync(w, "isopropyl alcohol"), 3);
        // What was loosened is carried off first, by the same ladder.
        var ladder = (await ScreenAsync(w, id))["items"]!.AsArray().First(i => i!["item"]!["id"]!.GetValue<string>() == one)!["ladder"]!;
        Assert.StartsWith("Carry off", ladder["verdict"]!["sentence"]!.GetValue<string>());
        // Another pass stands beside it, not on it.
        await w.DoAsync($"/api/log/{first["logId"]!.GetValue<string>()}/undo");
        Assert.Equal(before - 30, await LeftAsync(w, "isopropyl alcohol"), 3);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/{two}/try", Pass(-1))).Status);
    }

    [Fact]
    public async Task The_shelf_is_counted_changed_and_cleared_and_refuses_what_cannot_be()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var made = await w.DoAsync(
            "/api/store/supplies",
            new
            {
                kind = "distilled water",
                amount = 900,
                unit = "millilitres",
            }
        );
        var id = made["id"]!.GetValue<string>();
        await w.DoAsync($"/api/store/supplies/{id}/count", new { amount = 250 });
        Assert.Equal(250, await LeftAsync(w, "distilled water"));
        foreach (
            var bad in new object[]
            {
                new { kind = "", amount = 1 },
                new { kind = "x", amount = -1 },
                new
                {
                    kind = "x",
                    amount = 1,
                    keepsMonths = -3,
                },
                new
                {
                    kind = "x",
                    amount = 1,
                    openedOn = "2199-01-01",
                },
            }
        )
        {
            Assert.Equal(400, (await w.PostAsync("/api/store/supplies", bad)).Status);
        }
        Assert.Equal(400, (await w.PostAsync($"/api/store/supplies/{id}/count", new { amount = -5 })).Status);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Delete, $"/api/store/supplies/{id}", null)).Status);
        Assert.Equal(404, (await w.PostAsync($"/api/store/supplies/{id}/count", new { amount = 5 })).Status);
    }

    [Fact]
    public async Task Where_a_soil_sits_is_told_by_tests_and_stops_the_ladder()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Boat-builder's micro");
        var item = (
            await w.DoAsync(
                $"/api/machines/{id}/cleaning",
                new
                {
                    name = "window",
                    materials = new[] { "acrylic" },
                    features = Array.Empty<string>(),
                    soils = Array.Empty<string>(),
                    mains = "no",
                }
            )
        )["id"]!.GetValue<string>();
        async Task<JsonNode> RowAsync() =>
            (await ScreenAsync(w, id))["items"]!.AsArray().First(i => i!["item"]!["id"]!.GetValue<string>() == item)!;
        Assert.Equal("notKnown", (await RowAsync())["seat"]!["seat"]!.GetValue<string>());
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/seat", new { swabTakes = "no", moves = "yes" });
        var row = await RowAsync();
        Assert.Equal("behind", row["seat"]!["seat"]!.GetValue<string>());
        Assert.Null(row["ladder"]!["next"]);
        Assert.Contains("Behind", row["seat"]!["verdict"]!["sentence"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_card_is_printed_and_a_sample_is_measured_against_the_part()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var pdf = await w.Client.GetByteArrayAsync("/api/colour/card.pdf");
        Assert.Equal("%PDF"u8.ToArray(), pdf[..4]);
        var micro = await MachineAsync(w, "Boat-builder's micro");
        var photo = (await ScreenAsync(w, micro))["whitenings"]![0]!["run"]!["readings"]![0]!["photoId"]!.GetValue<string>();
        var panel = (
            await w.DoAsync(
                $"/api/machines/{micro}/panels",
                new
                {
                    name = "bottom plate",
                    rustedPercent = 0,
                    leaked = "no",
                    working = "no",
                    coats = 1,
                }
            )
        )["id"]!.GetValue<string>();
        object Sample(double x, double y, string kind = "printed") =>
            new
            {
                photoId = photo,
                kind,
                card = new object[] { new { at = new { x = 0.14, y = 0.2 } } },
                part = new { x = 0.42, y = 0.4 },
                sample = new { x, y },
            };
        var same = await w.DoAsync($"/api/machines/{micro}/panels/{panel}/sample", Sample(0.42, 0.4));
        Assert.Equal(0, same["apart"]!.GetValue<double>());
        var hidden = await w.DoAsync($"/api/machines/{micro}/panels/{panel}/sample", Sample(0.86, 0.7));
        Assert.Equal("no", hidden["verdict"]!["outcome"]!.GetValue<string>());
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{micro}/panels/{panel}/sample", Sample(3, 0.7))).Status);
        // A panel of another machine, or a photo of one, is not here.
        var server = await MachineAsync(w, "Fish-auction server");
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{server}/panels/{panel}/sample", Sample(0.4, 0.4))).Status);
        // What it was put down for is its own machine's.
        Assert.Equal(
            404,
            (
                await w.PostAsync(
                    $"/api/machines/{server}/mendings",
                    new
                    {
                        name = "x",
                        kind = "feet",
                        fromId = panel,
                    }
                )
            ).Status
        );
    }
}
