using System.Text.Json.Nodes;

namespace Haar.Web.Tests;

/// <summary>How deep a machine is opened, over real HTTP: chosen, undone, carried in its document, and from what its kind says.</summary>
public class OpeningTests
{
    static Task<JsonNode> PlanAsync(Workshop w) => w.GetAsync("/api/plan");

    static JsonArray Tasks(JsonNode screen) => screen["plan"]!["tasks"]!.AsArray();

    static async Task<string> MachineAsync(Workshop w, string name) =>
        (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().First(m => m!["name"]!.GetValue<string>() == name)![
            "id"
        ]!.GetValue<string>();

    static string Of(JsonNode n, string field) => n[field]!.GetValue<string>();

    [Fact]
    public async Task A_machine_is_opened_so_deep_and_what_lies_deeper_is_kept_undone_and_carried_in_its_document()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await MachineAsync(w, "Lifeboat editor");
        async Task<JsonNode> OpeningAsync() => await w.GetAsync($"/api/machines/{id}/opening");
        async Task<string[]> PlannedAsync() =>
            [.. Tasks(await PlanAsync(w)).Where(t => Of(t!, "machineId") == id).Select(t => Of(t!, "key"))];
        var o = await OpeningAsync();
        Assert.Equal(["Shut", "Board uncovered", "Board off"], o["levels"]!.AsArray().Select(l => Of(l!, "name")));
        Assert.Contains("capacitors/exchange/0", await PlannedAsync());
        var level = o["levels"]![1]!["depth"]!;
        var chosen = await w.DoAsync($"/api/machines/{id}/opening/depth", new { depth = level.DeepClone() });
        Assert.DoesNotContain("capacitors/exchange/0", await PlannedAsync());
        Assert.Equal(1, (await OpeningAsync())["chosen"]!.GetValue<int>());
        var refused = await w.PostAsync(
            "/api/plan/take",
            new
            {
                machineId = id,
                key = "capacitors/exchange/0",
                person = "Ines",
            }
        );
        Assert.Equal(400, refused.Status);
        Assert.Contains("deeper", refused.Body.ToJsonString(), StringComparison.Ordinal);
        // It goes with the machine, and back in as it was.
        var document = await w.GetAsync($"/api/machines/{id}/export");
        Assert.Equal(Of(level, "piece"), Of(document["access"]!["downTo"]!, "piece"));
        await using (var other = await Workshop.OpenAsync())
        {
            Assert.Equal(200, (await other.PostAsync("/api/machines/import", document.DeepClone())).Status);
            Assert.Equal(1, (await other.GetAsync($"/api/machines/{id}/opening"))["chosen"]!.GetValue<int>());
        }
        await w.DoAsync($"/api/log/{chosen["logId"]}/undo");
        Assert.Contains("capacitors/exchange/0", await PlannedAsync());
        Assert.Null((await OpeningAsync())["chosen"]);
        // What the screen offered is no longer so: the piece is gone meanwhile.
        await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/opening/pieces",
            new
            {
                pieces = new[]
                {
                    new
                    {
                        id = "lid",
                        title = "Lid",
                        kind = "cover",
                        behind = Array.Empty<string>(),
                        destroys = "",
                    },
                },
            }
        );
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/opening/depth", new { depth = new { piece = "cards", @out = true } })).Status
        );
        // Of nobody's machine, and of a circle.
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{Guid.NewGuid()}/opening/depth", new { depth = (object?)null })).Status);
        var circle = await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/opening/pieces",
            new
            {
                pieces = new[]
                {
                    new
                    {
                        id = "a",
                        title = "A",
                        kind = "cover",
                        behind = new[] { "b" },
                    },
                    new
                    {
                        id = "b",
                        title = "B",
                        kind = "board",
                        behind = new[] { "a" },
                    },
                },
            }
        );
        Assert.Equal(400, circle.Status);
        Assert.Contains("pieces[0].behind", circle.Body.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Four_who_choose_at_once_leave_one_choice_and_one_row()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 4).Select(_ => w.PostAsync($"/api/machines/{id}/opening/depth", new { depth = (object?)null }))
        );
        Assert.All(answers, a => Assert.True(a.Status is 200 or 409 or 412, a.Body.ToJsonString()));
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Get, $"/api/machines/{id}/opening")).Status);
    }

    [Fact]
    public async Task A_kind_says_how_it_comes_apart_until_a_person_does()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        async Task<string[]> PiecesAsync() =>
            [.. (await w.GetAsync($"/api/machines/{id}/opening"))["pieces"]!.AsArray().Select(p => Of(p!, "title"))];
        Assert.Equal(["Cover", "Board"], await PiecesAsync());
        async Task KindAsync(string kind)
        {
            var m = (await w.GetAsync($"/api/machines/{id}"))["machine"]!;
            var edit = System
                .Text.Json.Nodes.JsonNode.Parse(System.Text.Json.JsonSerializer.Serialize(Workshop.Machine("till")))!
                .AsObject();
            edit["kindId"] = kind;
            var (status, body) = await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}", edit, m["version"]!.GetValue<int>());
            Assert.True(status == 200, body.ToJsonString());
        }
        await KindAsync("laptop-late");
        Assert.Equal(["Pack", "Memory door", "Keyboard", "Palm rest", "Panel", "Board"], await PiecesAsync());
        await w.SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/opening/pieces",
            new
            {
                pieces = new[]
                {
                    new
                    {
                        id = "keyboard",
                        title = "Keyboard",
                        kind = "keyboard",
                        behind = Array.Empty<string>(),
                    },
                },
            }
        );
        await KindAsync("desktop-486");
        Assert.Equal(["Keyboard", "Board"], await PiecesAsync());
    }
}
