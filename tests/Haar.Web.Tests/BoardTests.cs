using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using SkiaSharp;

namespace Haar.Web.Tests;

/// <summary>A board from its photo to its cleaned corner and its cooled chip, over real HTTP.</summary>
public partial class BoardTests
{
    static async Task<string> PhotoAsync(Workshop w, string id, int width = 800, int height = 600)
    {
        using var bitmap = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(new SKColor(0x2c, 0x58, 0x47));
        }
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, 90);
        using var content = new ByteArrayContent(data.ToArray());
        content.Headers.ContentType = new MediaTypeHeaderValue("image/jpeg");
        using var response = await w.Client.PostAsync($"/api/machines/{id}/photos?caption=front", content);
        return JsonNode.Parse(await response.Content.ReadAsStringAsync())!["id"]!.GetValue<string>();
    }

    static async Task<JsonNode> Screen(Workshop w, string id) => await w.GetAsync($"/api/machines/{id}/capacitors");

    static object[] Corners(params (double X, double Y)[] p) => [.. p.Select(q => (object)new { x = q.X, y = q.Y })];

    static async Task<(string Machine, string Board)> BoardAsync(Workshop w)
    {
        var id = await w.TakeInAsync();
        var photo = await PhotoAsync(w, id);
        var board = (
            await w.DoAsync(
                $"/api/machines/{id}/boards",
                new
                {
                    name = "Main board",
                    photoId = photo,
                    side = "front",
                }
            )
        )["id"]!.GetValue<string>();
        return (id, board);
    }

    [Fact]
    public async Task A_photo_is_straightened_scaled_and_what_was_marked_on_it_moves_along()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board) = await BoardAsync(w);
        var cap = (
            await w.DoAsync(
                $"/api/machines/{id}/boards/{board}/capacitors",
                new
                {
                    designator = "C1",
                    marking = "47 16V",
                    kind = "aluminiumRadial",
                    role = "bulk",
                    ratedVolts = (double?)null,
                    maxCelsius = (double?)null,
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
                }
            )
        )["id"]!.GetValue<string>();
        var sheet = (await Screen(w, id))["boards"]![0]!;
        var taken = sheet["front"]!["photoId"]!.GetValue<string>();
        var (status, body) = await w.SendAsync(
            HttpMethod.Post,
            $"/api/machines/{id}/boards/{board}/straighten",
            new
            {
                side = "front",
                photoId = taken,
                corners = Corners((0.1, 0.1), (0.9, 0.9), (0.9, 0.1), (0.1, 0.9)),
            },
            0
        );
        Assert.Equal(400, status);
        Assert.Contains("cross", body["errors"]!["corners"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        (status, body) = await w.SendAsync(
            HttpMethod.Post,
            $"/api/machines/{id}/boards/{board}/straighten",
            new
            {
                side = "front",
                photoId = taken,
                corners = Corners((0.25, 0.25), (0.75, 0.25), (0.75, 0.75), (0.25, 0.75)),
            },
            0
        );
        Assert.True(status == 200, body.ToJsonString());
        var screen = await Screen(w, id);
        var front = screen["boards"]![0]!["front"]!;
        Assert.NotEqual(taken, front["photoId"]!.GetValue<string>());
        Assert.Equal(4.0 / 3, front["pixelsWide"]!.GetValue<double>() / front["pixelsHigh"]!.GetValue<double>(), 1);
        Assert.Equal(0.5, screen["capacitors"]![0]!["capacitor"]!["x"]!.GetValue<double>(), 6);
        var version = screen["boards"]![0]!["version"]!.GetValue<int>();
        (status, _) = await w.SendAsync(
            HttpMethod.Post,
            $"/api/machines/{id}/boards/{board}/scale",
            new
            {
                side = "front",
                known = new
                {
                    from = new { x = 0, y = 0.5 },
                    to = new { x = 1, y = 0.5 },
                    millimetres = 0,
                },
            },
            version
        );
        Assert.Equal(400, status);
        (status, body) = await w.SendAsync(
            HttpMethod.Post,
            $"/api/machines/{id}/boards/{board}/scale",
            new
            {
                side = "front",
                known = new
                {
                    from = new { x = 0, y = 0.5 },
                    to = new { x = 1, y = 0.5 },
                    millimetres = 200,
                },
            },
            version
        );
        Assert.True(status == 200, body.ToJsonString());
        Assert.Equal(200, (await Screen(w, id))["boards"]![0]!["front"]!["widthMillimetres"]!.GetValue<double>(), 3);
        // Straightened again from the same photo, the part is still where it was on the board.
        version = (await Screen(w, id))["boards"]![0]!["version"]!.GetValue<int>();
        (status, body) = await w.SendAsync(
            HttpMethod.Post,
            $"/api/machines/{id}/boards/{board}/straighten",
            new
            {
                side = "front",
                photoId = taken,
                corners = Corners((0, 0), (1, 0), (1, 1), (0, 1)),
            },
            version
        );
        Assert.True(status == 200, body.ToJsonString());
        Assert.Equal(0.5, (await Screen(w, id))["capacitors"]![0]!["capacitor"]!["x"]!.GetValue<double>(), 2);
        Assert.Equal(
            412,
            (
                await w.SendAsync(
                    HttpMethod.Post,
                    $"/api/machines/{id}/boards/{board}/scale",
                    new
                    {
                        side = "front",
                        known = new
                        {
                            from = new { x = 0, y = 0.5 },
                            to = new { x = 1, y = 0.5 },
                            millimetres = 100,
                        },
                    },
                    version
                )
            ).Status
        );
        Assert.NotNull(cap);
    }

    [Fact]
    public async Task A_plan_is_kept_in_the_workshops_own_pack_and_taken_on_another_board_without_changing_what_is_there()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var server = await w.DemoMachineAsync("Fish-auction server");
        var from = (await Screen(w, server))["boards"]![0]!["id"]!.GetValue<string>();
        await w.DoAsync(
            $"/api/machines/{server}/boards/{from}/keep",
            new { profileId = "my-server-board", name = "Server board as we know it" }
        );
        var (id, board) = await BoardAsync(w);
        var plans = await w.GetAsync($"/api/machines/{id}/plans");
        Assert.Contains(plans.AsArray(), p => p!["profileId"]?.GetValue<string>() == "my-server-board" && p["nets"]!.GetValue<int>() == 6);
        await w.DoAsync($"/api/machines/{id}/boards/{board}/plan", new { profileId = "my-server-board", boardId = (string?)null });
        Assert.Equal(6, (await Screen(w, id))["nets"]!.AsArray().Count);
        Assert.Equal(21, (await Screen(w, id))["capacitors"]!.AsArray().Count);
        Assert.Equal(
            400,
            (
                await w.PostAsync($"/api/machines/{id}/boards/{board}/plan", new { profileId = "my-server-board", boardId = (string?)null })
            ).Status
        );
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/boards/{board}/keep", new { profileId = "Not a short name", name = "x" })).Status
        );
    }

    [Fact]
    public async Task A_hot_part_is_read_before_and_after_and_a_refused_choice_asks_for_a_reason()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Lifeboat editor");
        async Task<JsonNode> Cpu() =>
            (await Screen(w, id))["hotParts"]!.AsArray().First(h => h!["part"]!["name"]!.GetValue<string>() == "the processor")!;
        var hot = (await Cpu())["part"]!["id"]!.GetValue<string>();
        Assert.Equal(5, (await Cpu())["before"]!.GetValue<int>());
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/hot/{hot}/fitted", new { filler = "pad" })).Status);
        await w.DoAsync($"/api/machines/{id}/hot/{hot}/fitted", new { filler = "paste" });
        Assert.Contains(
            "°F",
            (
                await w.PostAsync(
                    $"/api/machines/{id}/hot/{hot}/readings",
                    new
                    {
                        after = true,
                        celsius = new[] { 142.0 },
                        roomCelsius = new[] { 20.0 },
                        source = "typed",
                    }
                )
            ).Body["detail"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        await w.DoAsync(
            $"/api/machines/{id}/hot/{hot}/readings",
            new
            {
                after = true,
                celsius = new[] { 61, 61.5, 60.5, 61, 62 },
                roomCelsius = new[] { 21.0 },
                source = "typed",
            }
        );
        var heat = (await Cpu())["heat"]!;
        Assert.Equal("yes", heat["verdict"]!["outcome"]!.GetValue<string>());
        Assert.True(heat["savedKelvin"]!.GetValue<double>() is > 10 and < 16);
    }

    [Fact]
    public async Task The_last_readings_of_a_drifting_sitting_are_struck_in_one_act_and_what_they_replaced_stands_again()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Fish-auction server");
        async Task<System.Text.Json.Nodes.JsonNode> Of(string designator) =>
            (await Screen(w, id))["capacitors"]!.AsArray().Single(r => r!["capacitor"]!["designator"]!.GetValue<string>() == designator)!;
        var (c1, c2) = ((await Of("C1"))["capacitor"]!["id"]!.GetValue<string>(), (await Of("C2"))["capacitor"]!["id"]!.GetValue<string>());
        async Task Read(string cap, double microfarads) =>
            await w.DoAsync(
                $"/api/machines/{id}/capacitors/{cap}/readings",
                new
                {
                    microfarads,
                    esrOhms = (double?)null,
                    esrFrequencyHertz = (double?)null,
                    leakageMicroamps = (double?)null,
                    inCircuit = false,
                    source = "typed",
                }
            );
        await Read(c1, 21.9);
        await Read(c1, 9);
        await Read(c1, 8.9);
        await Read(c2, 8);
        Assert.Equal("comesOut", (await Of("C1"))["stand"]!.GetValue<string>());

        var struck = await w.DoAsync($"/api/machines/{id}/capacitors/readings/strike", new { capacitorIds = new[] { c1, c2, c1 } });
        Assert.Equal(21.9, (await Of("C1"))["readings"]!["microfarads"]!.GetValue<double>());
        Assert.NotEqual("comesOut", (await Of("C1"))["stand"]!.GetValue<string>());
        Assert.Equal("notMeasured", (await Of("C2"))["stand"]!.GetValue<string>());
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/capacitors/readings/strike", new { capacitorIds = new[] { c2 } })).Status
        );
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/capacitors/readings/strike", new { capacitorIds = new[] { Guid.NewGuid() } })).Status
        );
        await w.DoAsync($"/api/log/{struck["logId"]!.GetValue<string>()}/undo", new { });
        Assert.Equal("comesOut", (await Of("C2"))["stand"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_part_that_is_measured_and_cannot_be_judged_is_not_asked_to_be_measured_again()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var board = (await w.DoAsync($"/api/machines/{id}/boards", new { name = "Main", photoId = (string?)null }))[
            "id"
        ]!.GetValue<string>();
        object Edit(double? esrOhms) =>
            new
            {
                designator = "C1",
                marking = "1000 16V",
                kind = "aluminiumLowEsr",
                role = "bulk",
                ratedVolts = (double?)null,
                maxCelsius = (double?)null,
                diameterMillimetres = (double?)null,
                heightMillimetres = (double?)null,
                leadPitchMillimetres = (double?)null,
                signs = Array.Empty<string>(),
                x = (double?)null,
                y = (double?)null,
                esrOhms,
            };
        var c = (await w.DoAsync($"/api/machines/{id}/boards/{board}/capacitors", Edit(null)))["id"]!.GetValue<string>();
        await w.DoAsync(
            $"/api/machines/{id}/capacitors/{c}/readings",
            new
            {
                microfarads = 990,
                esrOhms = 0.05,
                esrFrequencyHertz = 100_000,
                leakageMicroamps = (double?)null,
                inCircuit = false,
                source = "typed",
            }
        );
        async Task<JsonNode> Row() => (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]![0]!;
        Assert.Equal("undecided", (await Row())["stand"]!.GetValue<string>());
        var others = (await w.GetAsync($"/api/machines/{id}"))["standing"]!.ToJsonString();
        Assert.Contains("Say what one measured capacitor may read", others, StringComparison.Ordinal);
        Assert.DoesNotContain("Measure 1 capacitor", others, StringComparison.Ordinal);

        var version = (await Row())["capacitor"]!["version"]!.GetValue<int>();
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/capacitors/{c}", Edit(-1), version)).Status);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/capacitors/{c}", Edit(0.06), version)).Status);
        Assert.Equal("sound", (await Row())["stand"]!.GetValue<string>());
    }
}
