using System.Text.Json.Nodes;

namespace Haar.Web.Tests;

/// <summary>A connector exchanged over HTTP, and what every typed row and every document holds to.</summary>
public class SolderingTests
{
    static object Connector(int pins = 3, string lacquer = "none", string name = "J4") =>
        new
        {
            name,
            kind = "connector",
            work = "exchange",
            why = "pin 2 is broken",
            side = "front",
            x = 0.5,
            y = 0.5,
            pins,
            rows = 1,
            hasWayRound = "yes",
            openContacts = "notKnown",
            lacquer,
            lacqueredAt = (string?)null,
            cureHours = (double?)null,
        };

    static async Task<(string Id, string Part)> PartAsync(Workshop w, string lacquer = "none")
    {
        var id = await w.TakeInAsync();
        var board = (await w.DoAsync($"/api/machines/{id}/boards", new { name = "Main", photoId = (string?)null }))[
            "id"
        ]!.GetValue<string>();
        var part = (await w.DoAsync($"/api/machines/{id}/boards/{board}/soldered", Connector(lacquer: lacquer)))["id"]!.GetValue<string>();
        return (id, part);
    }

    static Task<(int Status, JsonNode Body)> StepAsync(Workshop w, string id, string part, object step) =>
        w.PostAsync($"/api/machines/{id}/soldered/{part}/step", step);

    static async Task<string> PhotoAsync(Workshop w, string id)
    {
        using var bitmap = new SkiaSharp.SKBitmap(40, 30);
        using var image = SkiaSharp.SKImage.FromBitmap(bitmap);
        using var content = new ByteArrayContent(image.Encode(SkiaSharp.SKEncodedImageFormat.Jpeg, 90).ToArray());
        content.Headers.ContentType = new("image/jpeg");
        using var answer = await w.Client.PostAsync($"/api/machines/{id}/photos?caption=joints", content);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["id"]!.GetValue<string>();
    }

    [Fact]
    public async Task A_connector_is_exchanged_counted_and_measured()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, part) = await PartAsync(w, "notKnown");
        // Nobody has looked for lacquer: the iron stays away.
        Assert.Equal(200, (await StepAsync(w, id, part, new { step = "note", way = "left" })).Status);
        var (status, body) = await StepAsync(w, id, part, new { step = "remove", overruleReason = "there is none, surely" });
        Assert.Equal(400, status);
        Assert.Contains("Look first whether there is lacquer", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.False(body["mayBeOverruled"]?.GetValue<bool>() ?? false);

        var row = (await w.GetAsync($"/api/machines/{id}/capacitors"))["soldered"]![0]!;
        Assert.Equal("remove", row["next"]!.GetValue<string>());
        Assert.Equal(2, row["neighbours"]!.GetValue<int>());
        var version = row["part"]!["version"]!.GetValue<int>();
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/soldered/{part}", Connector(), version)).Status);
        // Once it is begun, its pins stay what was counted on.
        version = (await w.GetAsync($"/api/machines/{id}/capacitors"))["soldered"]![0]!["part"]!["version"]!.GetValue<int>();
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/soldered/{part}", Connector(8), version)).Status);

        foreach (var step in new object[] { new { step = "remove" }, new { step = "checkPads", pads = "sound" }, new { step = "clean" } })
        {
            Assert.Equal(200, (await StepAsync(w, id, part, step)).Status);
        }
        (status, body) = await StepAsync(w, id, part, new { step = "solder", flux = "liquid" });
        Assert.Equal(400, status);
        Assert.True(body["mayBeOverruled"]!.GetValue<bool>());
        Assert.Equal("no", body["verdict"]!["outcome"]!.GetValue<string>());
        Assert.Equal(200, (await StepAsync(w, id, part, new { step = "solder", flux = "gel" })).Status);
        Assert.Equal(400, (await StepAsync(w, id, part, new { step = "checkWayRound", way = "right" })).Status);
        Assert.Equal(200, (await StepAsync(w, id, part, new { step = "checkWayRound", way = "left" })).Status);

        var joints = Enumerable
            .Range(0, 3)
            .Select(i => new
            {
                x = 0.2 * i,
                y = 0.5,
                good = true,
            })
            .ToArray();
        var photo = await PhotoAsync(w, id);
        var other = await PhotoAsync(w, await w.TakeInAsync("Another"));
        Assert.Equal(
            400,
            (
                await StepAsync(
                    w,
                    id,
                    part,
                    new
                    {
                        step = "countJoints",
                        photoId = other,
                        joints,
                    }
                )
            ).Status
        );
        Assert.Equal(
            400,
            (
                await StepAsync(
                    w,
                    id,
                    part,
                    new
                    {
                        step = "countJoints",
                        photoId = photo,
                        joints = joints[..2],
                    }
                )
            ).Status
        );
        Assert.Equal(
            200,
            (
                await StepAsync(
                    w,
                    id,
                    part,
                    new
                    {
                        step = "countJoints",
                        photoId = photo,
                        joints,
                    }
                )
            ).Status
        );
        Assert.Equal(
            400,
            (
                await StepAsync(
                    w,
                    id,
                    part,
                    new
                    {
                        step = "measureNeighbours",
                        pairs = 2,
                        bridged = new[] { "1-2" },
                    }
                )
            ).Status
        );
        Assert.Equal(200, (await StepAsync(w, id, part, new { step = "measureNeighbours", pairs = 2 })).Status);
        Assert.Equal(200, (await StepAsync(w, id, part, new { step = "wash" })).Status);
        (status, body) = await StepAsync(w, id, part, new { step = "dry" });
        Assert.Equal(400, status);
        Assert.Contains("60 minutes", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);

        // It goes with the machine, and comes back as it was; undo takes the last step back.
        var document = await w.GetAsync($"/api/machines/{id}/export");
        Assert.Equal(photo, document["solderedParts"]![0]!["sheet"]!["photoId"]!.GetValue<string>());
        var log = (await w.GetAsync($"/api/machines/{id}/log")).AsArray();
        Assert.Equal("Flux washed off J4.", log[0]!["sentence"]!.GetValue<string>());
        Assert.Equal(200, (await w.PostAsync($"/api/log/{log[0]!["id"]!.GetValue<string>()}/undo")).Status);
        Assert.Equal("wash", (await w.GetAsync($"/api/machines/{id}/capacitors"))["soldered"]![0]!["next"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_row_that_cannot_be_is_refused_on_every_way_in()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, _) = await PartAsync(w);
        await w.DoAsync(
            $"/api/machines/{id}/jobs",
            new
            {
                stage = "case",
                title = "Turn the shell",
                why = "",
                needs = "",
                minutes = 5,
                after = Array.Empty<string>(),
            }
        );
        var document = await w.GetAsync($"/api/machines/{id}/export");
        foreach (
            var (spoil, field) in new (Action<JsonNode>, string)[]
            {
                (d => d["solderedParts"]![0]!["pins"] = 0, "pins"),
                (d => d["solderedParts"]![0]!["name"] = "", "name"),
                (d => d["jobs"]![0]!["minutes"] = 0, "minutes"),
                (d => d["jobs"]![0]!["title"] = new string('x', 200), "title"),
                (d => d["boards"]![0]!["name"] = " ", "name"),
            }
        )
        {
            var bad = JsonNode.Parse(document.ToJsonString())!;
            spoil(bad);
            var (status, body) = await w.PostAsync("/api/machines/import", bad.ToJsonString());
            Assert.True(status == 422, $"{status} {body}");
            Assert.Contains(field, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task The_document_says_of_every_operation_what_it_needs_and_how_it_refuses()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var doc = JsonNode.Parse(await w.Client.GetStringAsync("/openapi/v1.json"))!;
        var versioned = 0;
        foreach (var (path, operations) in doc["paths"]!.AsObject())
        {
            foreach (var (method, operation) in operations!.AsObject())
            {
                var codes = operation!["responses"]!
                    .AsObject()
                    .Select(r => int.Parse(r.Key, System.Globalization.CultureInfo.InvariantCulture))
                    .ToList();
                Assert.True(codes.Any(c => c < 300), $"{method} {path} says nothing of success");
                if (path.Contains('{', StringComparison.Ordinal))
                {
                    Assert.Contains(404, codes);
                }
                var match =
                    operation["parameters"]
                        ?.AsArray()
                        .Any(p => p!["in"]!.GetValue<string>() == "header" && p["name"]!.GetValue<string>() == "If-Match") == true;
                Assert.Equal(match, codes.Contains(412));
                // What the document says of If-Match is what the server asks for: without it, it answers 428 or finds something else wrong first.
                if (method == "put")
                {
                    var (status, body) = await w.SendAsync(
                        HttpMethod.Put,
                        path.Replace("{id}", id, StringComparison.Ordinal).Replace("{rowId}", id, StringComparison.Ordinal),
                        "{}"
                    );
                    Assert.True(status != 428 || match, $"{path} asks for a version and does not say so: {body}");
                }
                versioned += match ? 1 : 0;
                if (method != "get" && operation["security"] is JsonArray security && security.Count > 0)
                {
                    Assert.True(security[0]!["session"] is not null, $"{method} {path}");
                    Assert.Equal(security[0]!["token"] is not null, codes.Contains(403));
                }
            }
        }
        Assert.True(versioned >= 20, $"{versioned}");
    }
}
