using System.Text.Json.Nodes;

namespace Haar.Web.Tests;

/// <summary>Case over real HTTP: whitening with photos, a panel to its earth points, a keyboard key by key, a drive's service, a workshop's own methods.</summary>
public class CaseTests
{
    static async Task<string> MachineAsync(Workshop w, string name) =>
        (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().First(m => m!["name"]!.GetValue<string>() == name)![
            "id"
        ]!.GetValue<string>();

    static Task<JsonNode> ScreenAsync(Workshop w, string id) => w.GetAsync($"/api/machines/{id}/cleaning");

    static object Point(double x, double y) => new { x, y };

    /// <summary>Where the card and the places lie on the demo's photos of the shell.</summary>
    static object Taps(string photoId, string cleaned = "yes", bool card = true) =>
        new
        {
            photoId,
            kind = "published",
            card = card
                ? new object[]
                {
                    new
                    {
                        at = Point(0.14, 0.2),
                        published = new
                        {
                            l = 95.2,
                            a = -0.4,
                            b = 1.1,
                        },
                    },
                    new
                    {
                        at = Point(0.14, 0.36),
                        published = new
                        {
                            l = 50.1,
                            a = -0.2,
                            b = 0.3,
                        },
                    },
                }
                : [],
            patches = new object[]
            {
                new
                {
                    name = "lid",
                    at = Point(0.42, 0.4),
                    unaged = false,
                },
                new
                {
                    name = "front edge",
                    at = Point(0.56, 0.68),
                    unaged = false,
                },
                new
                {
                    name = "under the badge",
                    at = Point(0.86, 0.7),
                    unaged = true,
                },
            },
            cleaned,
        };

    [Fact]
    public async Task The_micro_s_shell_comes_out_of_the_light_is_dried_and_measured_and_the_forecast_follows()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Boat-builder's micro");
        var row = (await ScreenAsync(w, id))["whitenings"]![0]!;
        var (run, item) = (row["run"]!["id"]!.GetValue<string>(), row["run"]!["itemId"]!.GetValue<string>());
        var photo = row["run"]!["readings"]![2]!["photoId"]!.GetValue<string>();
        // The demo's photos were measured as any other: drawn at 24.6, 18.3 and 14.2.
        Assert.Equal(
            [24.6, 18.3, 14.2],
            row["run"]!["readings"]!.AsArray().Select(r => r!["b"]!.GetValue<double>()),
            (a, b) => Math.Abs(a - b) < 0.7
        );
        Assert.NotNull(row["hoursToGo"]);
        var at = $"/api/machines/{id}/whitening/{run}";
        // In the light: not measured, not begun once more, not taken off the list.
        Assert.Equal(400, (await w.PostAsync($"{at}/measure", Taps(photo))).Status);
        Assert.Equal(400, (await w.PostAsync($"{at}/start", Session())).Status);
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Delete, at, null)).Status);
        await w.DoAsync($"{at}/end", new { localHours = 0 });
        Assert.Equal(400, (await w.PostAsync($"{at}/measure", Taps(photo))).Status);
        Assert.Contains("upper shell is wet", (await w.GetAsync($"/api/machines/{id}/power")).ToJsonString(), StringComparison.Ordinal);
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/rinse");
        // Power to a wet part is nobody's to decide: before its time no reason counts, and after it looking into it is one.
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/cleaning/{item}/dry", new { scaleGrams = 1, overruleReason = "In a hurry." })).Status
        );
        await w.WetSinceAsync(item, 9);
        await w.DoAsync(
            $"/api/machines/{id}/cleaning/{item}/dry",
            new { scaleGrams = 1, overruleReason = "Nine days on the line, looked into." }
        );
        // Not measured since: a reason would be needed.
        var (status, body) = await w.PostAsync($"{at}/start", Session());
        Assert.Equal((400, true), (status, body["mayBeOverruled"]!.GetValue<bool>()));
        Assert.Equal(400, (await w.PostAsync($"{at}/measure", Taps(photo, card: false))).Status);
        Assert.Equal(400, (await w.PostAsync($"{at}/measure", Taps(photo, cleaned: "notKnown"))).Status);
        await w.DoAsync($"{at}/measure", Taps(photo));
        row = (await ScreenAsync(w, id))["whitenings"]![0]!;
        Assert.Equal(4, row["run"]!["readings"]!.AsArray().Count);
        Assert.Equal("start", row["next"]!.GetValue<string>());
        // The same photo again is as yellow as before: three hours under the lamp gained nothing, and the forecast says so.
        Assert.NotEqual("yes", row["forecast"]!["verdict"]!["outcome"]!.GetValue<string>());
        await w.DoAsync($"{at}/repeat", Taps(photo));
        await w.DoAsync($"{at}/start", Session("The rates are taken from one photo.", "a tray"));
        // Another machine's part does not go into the same tray.
        Assert.Equal("in the light", Word(await ScreenAsync(w, id)));
        static string Word(JsonNode s) => s["whitenings"]![0]!["next"]!.GetValue<string>() == "end" ? "in the light" : "out";
    }

    static object Session(string? reason = null, string tray = "") =>
        new
        {
            bleach = new
            {
                percent = 6,
                @as = "bath",
                light = "lamp",
            },
            hours = 3,
            @protected = "yes",
            tray,
            overruleReason = reason,
        };

    [Fact]
    public async Task A_colour_policy_and_a_mask_stand_before_the_light()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var item = (
            await w.DoAsync(
                $"/api/machines/{id}/cleaning",
                new
                {
                    name = "Lid",
                    materials = new[] { "abs" },
                    features = Array.Empty<string>(),
                    soils = new[] { "dust" },
                    mains = "no",
                }
            )
        )["id"]!.GetValue<string>();
        var run = (await w.DoAsync($"/api/machines/{id}/whitening", new { itemId = item }))["id"]!.GetValue<string>();
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/whitening", new { itemId = item })).Status);
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{id}/whitening", new { itemId = Guid.NewGuid() })).Status);
        var at = $"/api/machines/{id}/whitening/{run}";
        async Task<string> RefusedAsync() => (await w.PostAsync($"{at}/start", Session()))!.Body.ToJsonString();
        Assert.Contains("whiten, paint, or leave", await RefusedAsync(), StringComparison.Ordinal);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/whitening/policy", new { policy = "whiten" })).Status);
        Assert.Contains("masked first", await RefusedAsync(), StringComparison.Ordinal);
        // What is cleaned stays on the list while it is whitened.
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/cleaning/{item}", null)).Status);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Delete, at, null)).Status);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/cleaning/{item}", null)).Status);
    }

    [Fact]
    public async Task The_tower_goes_through_rust_and_paint_and_is_not_fed_before_it_earths()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Fish-auction server");
        var panel = (await ScreenAsync(w, id))["panels"]![0]!;
        Assert.InRange(panel["panel"]!["rustedPercent"]!.GetValue<double>(), 1, 8);
        var at = $"/api/machines/{id}/panels/{panel["panel"]!["id"]!.GetValue<string>()}";
        Assert.Contains(
            "earth points of left side cover",
            (await w.GetAsync($"/api/machines/{id}/power")).ToJsonString(),
            StringComparison.Ordinal
        );
        // Old paint: dry is refused, and so is a coat before its turn.
        Assert.Equal(400, (await w.PostAsync($"{at}/step", new { step = "removeRust" })).Status);
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"{at}/step",
                    new
                    {
                        step = "coat",
                        celsius = 19,
                        humidity = 50,
                    }
                )
            ).Status
        );
        await w.DoAsync($"{at}/step", new { step = "removeRust", wet = "yes" });
        await w.DoAsync($"{at}/step", new { step = "dry" });
        Assert.Equal(400, (await w.PostAsync($"{at}/step", new { step = "prime" })).Status);
        var damp = await w.PostAsync(
            $"{at}/step",
            new
            {
                step = "prime",
                celsius = 8,
                humidity = 96,
            }
        );
        Assert.Equal((400, true), (damp.Status, damp.Body["mayBeOverruled"]!.GetValue<bool>()));
        await w.DoAsync(
            $"{at}/step",
            new
            {
                step = "prime",
                celsius = 19,
                humidity = 50,
            }
        );
        Assert.Equal(400, (await w.PostAsync($"{at}/step", new { step = "testCard", looks = "notKnown" })).Status);
        await w.DoAsync(
            $"{at}/step",
            new
            {
                step = "testCard",
                looks = "yes",
                apart = 1.1,
            }
        );
        await w.DoAsync(
            $"{at}/step",
            new
            {
                step = "coat",
                celsius = 19,
                humidity = 50,
                overruleReason = "Sprayed ten minutes ago, typed in late.",
            }
        );
        Assert.Equal("paint drying", Beneath(await w.GetAsync($"/api/machines/{id}")));
        static string Beneath(JsonNode head) =>
            head["standing"]!["tides"]!.AsArray().First(t => t!["stage"]!.GetValue<string>() == "case")!["waitUntil"] is null
                ? ""
                : "paint drying";
    }

    [Fact]
    public async Task The_terminal_s_caps_go_back_by_the_map()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Tide-gauge terminal");
        var row = (await ScreenAsync(w, id))["keyboards"]![0]!;
        var at = $"/api/machines/{id}/keyboards/{row["keyboard"]!["id"]!.GetValue<string>()}";
        var off = row["keyboard"]!["caps"]!
            .AsArray()
            .Where(c => c!["state"]!.GetValue<string>() == "off")
            .Select(c => c!["key"]!.GetValue<string>())
            .ToList();
        Assert.True(off.Count > 25);
        Assert.Equal(400, (await w.PostAsync($"{at}/back", new { keys = off })).Status);
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Delete, at, null)).Status);
        var done = await w.DoAsync($"{at}/back", new { keys = off, way = "yes" });
        Assert.Equal(400, (await w.PostAsync($"{at}/back", new { keys = off, way = "yes" })).Status);
        await w.DoAsync($"/api/log/{done["logId"]!.GetValue<string>()}/undo");
        await w.DoAsync($"{at}/back", new { keys = off, way = "yes" });
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    $"{at}/keys/2-14/fill",
                    new
                    {
                        from = "grey donor",
                        row = 2,
                        width = 1,
                        stem = "yes",
                    }
                )
            ).Status
        );
        await w.DoAsync(
            $"{at}/keys/2-14/fill",
            new
            {
                from = "grey donor",
                row = 2,
                width = 2,
                stem = "yes",
            }
        );
        await w.DoAsync($"{at}/back", new { keys = new[] { "2-14" } });
        await w.DoAsync($"{at}/keys/2-5/try", new { rung = "cap", helped = true });
        Assert.Equal(400, (await w.PostAsync($"{at}/keys/9-9/try", new { rung = "cap", helped = true })).Status);
        Assert.Contains("from grey donor", (await w.GetAsync($"/api/machines/{id}/write-up")).ToJsonString(), StringComparison.Ordinal);
        // A photo of something else: the caps are off its map no longer, and it is not taken for one.
        var board = (await w.GetAsync($"/api/machines/{id}"))["photos"]!
            .AsArray()
            .First(p => !p!["caption"]!.GetValue<string>().Contains("ey", StringComparison.Ordinal))!;
        var fresh = (await w.DoAsync($"/api/machines/{id}/keyboards", new { name = "Another" }))["id"]!.GetValue<string>();
        var lay = new
        {
            photoId = board["id"]!.GetValue<string>(),
            layout = "office-105",
            corners = new[] { Point(0.1, 0.1), Point(0.9, 0.1), Point(0.9, 0.9), Point(0.1, 0.9) },
        };
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/keyboards/{fresh}/lay", lay)).Status);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/keyboards/{fresh}/off", new { keys = (string[]?)null })).Status);
    }

    [Fact]
    public async Task A_floppy_drive_is_trusted_with_something_worthless_first()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Fish-auction server");
        var drive = (await ScreenAsync(w, id))["mechanisms"]![0]!["mechanism"]!["id"]!.GetValue<string>();
        var at = $"/api/machines/{id}/mechanisms/{drive}/step";
        Assert.Equal(400, (await w.PostAsync(at, new { step = "rails", with = "lithiumGrease" })).Status);
        await w.DoAsync(at, new { step = "rails", with = "plasticSafeGrease" });
        await w.DoAsync(at, new { step = "turnByHand", good = "yes" });
        Assert.Equal(400, (await w.PostAsync(at, new { step = "speed", value = 280 })).Status);
        await w.DoAsync(at, new { step = "speed", value = 300.4 });
        Assert.Equal(
            400,
            (
                await w.PostAsync(
                    at,
                    new
                    {
                        step = "firstRun",
                        value = 0,
                        good = "yes",
                    }
                )
            ).Status
        );
        await w.DoAsync(
            at,
            new
            {
                step = "firstRun",
                value = 0,
                good = "yes",
                worthless = "yes",
            }
        );
        await w.DoAsync(at, new { step = "real", good = "yes" });
        Assert.Equal(400, (await w.PostAsync(at, new { step = "real", good = "yes" })).Status);
        Assert.Contains(
            "Floppy drive serviced: 300.4 turns a minute",
            (await w.GetAsync($"/api/machines/{id}/write-up")).ToJsonString(),
            StringComparison.Ordinal
        );
    }

    static string Pack(string id, string methods) =>
        $$"""{"format":"haar-pack","version":1,"id":"{{id}}","name":"Our ways","methods":[{{methods}}]}""";

    static string Method(string id, string then = "") =>
        $$"""{"id":"{{id}}","name":"Our own wax","strength":1,"substance":"water","moves":{"ink":0.95},"materials":{"abs":"safe"},"features":{},"why":"","leaves":"","rinse":false,"wets":false,"then":"{{then}}","dwellMinutes":0,"handsMinutes":2,"needs":"Wax","cautions":[],"founded":"measured","source":"our own trials"}""";

    [Fact]
    public async Task A_workshop_s_own_methods_come_in_as_a_pack_and_a_circle_does_not()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        await w.DoAsync(
            $"/api/machines/{id}/cleaning",
            new
            {
                name = "Lid",
                materials = new[] { "abs" },
                features = Array.Empty<string>(),
                soils = new[] { "ink" },
                mains = "no",
            }
        );
        async Task<string?> NextAsync() => (await ScreenAsync(w, id))["items"]![0]!["ladder"]!["next"]?.GetValue<string>();
        Assert.Equal("alcohol", await NextAsync());
        foreach (
            var bad in new[]
            {
                Method("a", "b") + "," + Method("b", "a"),
                Method("a", "a"),
                Method("a", "nowhere"),
                Method("a") + "," + Method("a"),
            }
        )
        {
            var (status, body) = await w.PostAsync("/api/packs", new { text = Pack("ours", bad) });
            Assert.True(status is 400 or 422, body.ToJsonString());
            Assert.Contains("Nothing was changed", body.ToJsonString(), StringComparison.Ordinal);
        }
        await w.DoAsync("/api/packs", new { text = Pack("ours", Method("our-wax")) });
        Assert.Equal("our-wax", await NextAsync());
        // The usual ones can be taken out, and are as the schema has them.
        var usual = await w.Client.GetStringAsync("/api/packs/methods");
        Assert.Equal("methods", Haar.Data.Packs.PackStore.Read(usual).Id);
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Delete, "/api/packs/ours", null)).Status);
        Assert.Equal("alcohol", await NextAsync());
    }

    [Fact]
    public async Task A_piece_that_came_off_is_put_down_by_one_tap_and_only_once()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Fish-auction server");
        var offered = (await ScreenAsync(w, id))["candidates"]!.AsArray();
        var cover = offered.First(c => c!["kind"]!.GetValue<string>() == "item" && c["pieceId"] is not null)!;
        object Body() =>
            new
            {
                name = cover["name"]!.GetValue<string>(),
                materials = Array.Empty<string>(),
                features = (string[]?)null,
                soils = Array.Empty<string>(),
                pieceId = cover["pieceId"]!.GetValue<string>(),
                photoId = cover["photoId"]?.GetValue<string>(),
            };
        await w.DoAsync($"/api/machines/{id}/cleaning", Body());
        var screen = await ScreenAsync(w, id);
        Assert.Equal(offered.Count - 1, screen["candidates"]!.AsArray().Count);
        // Another machine's piece is not this one's.
        var other = await MachineAsync(w, "Boat-builder's micro");
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{other}/cleaning", Body())).Status);
    }

    [Fact]
    public async Task Everything_of_a_case_goes_out_with_its_machine_and_comes_in_again()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        await using var there = await Workshop.OpenAsync();
        foreach (var name in new[] { "Boat-builder's micro", "Fish-auction server", "Tide-gauge terminal" })
        {
            var id = await MachineAsync(w, name);
            var zip = await w.Client.GetByteArrayAsync($"/api/machines/{id}/export?photos=true");
            using var content = new ByteArrayContent(zip);
            content.Headers.ContentType = new("application/zip");
            using var answer = await there.Client.PostAsync("/api/machines/import", content);
            Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
            var (here, copied) = (await ScreenAsync(w, id), await ScreenAsync(there, await MachineAsync(there, name)));
            foreach (var part in new[] { "items", "whitenings", "panels", "keyboards", "mechanisms", "candidates" })
            {
                Assert.Equal(here[part]!.AsArray().Count, copied[part]!.AsArray().Count);
            }
            Assert.Equal(
                here["whitenings"]!.AsArray().Select(x => x!["photoHash"]?.GetValue<string>()),
                copied["whitenings"]!.AsArray().Select(x => x!["photoHash"]?.GetValue<string>())
            );
            Assert.Equal(
                here["keyboards"]!.AsArray().Select(x => x!["pictureHash"]?.GetValue<string>()),
                copied["keyboards"]!.AsArray().Select(x => x!["pictureHash"]?.GetValue<string>())
            );
        }
    }
}
