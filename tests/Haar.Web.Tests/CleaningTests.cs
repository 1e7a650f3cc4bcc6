using System.Text.Json.Nodes;

namespace Haar.Web.Tests;

/// <summary>Items cleaned rung by rung; wet ones are kept from power on every way.</summary>
public class CleaningTests
{
    static object Shell(string name = "Upper shell", string[]? features = null, string mains = "notKnown") =>
        new
        {
            name,
            materials = new[] { "abs" },
            features = features ?? [],
            soils = new[] { "vapourFilm" },
            dries = "shell",
            mains,
        };

    static object Try(string method, double share, bool spot = false) =>
        new
        {
            method,
            removedShare = share,
            damage = false,
            spotTested = spot,
        };

    static async Task<JsonNode> RowAsync(Workshop w, string id, int at = 0) =>
        (await w.GetAsync($"/api/machines/{id}/cleaning"))["items"]![at]!;

    [Fact]
    public async Task Many_pieces_go_on_the_list_and_through_a_pass_in_one_act_each_and_are_undone_as_one()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var items = new List<string>();
        foreach (var name in new[] { "Cap one", "Cap two", "Cap three" })
        {
            items.Add((await w.DoAsync($"/api/machines/{id}/cleaning", Shell(name)))["id"]!.GetValue<string>());
        }
        object Pass(bool? damage, IEnumerable<string> of) =>
            new
            {
                method = "cloth-damp",
                items = of,
                removedShare = 0.6,
                damage,
            };
        // What nobody looked at for damage is wet all the same.
        var unseen = await w.DoAsync($"/api/machines/{id}/cleaning/together", Pass(null, items));
        Assert.True((await RowAsync(w, id))["wet"]!.GetValue<bool>());
        Assert.Contains("look at it in raking light", unseen["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        await w.DoAsync($"/api/log/{unseen["logId"]}/undo");
        Assert.Equal(
            404,
            (await w.PostAsync($"/api/machines/{id}/cleaning/together", Pass(false, [.. items, Guid.NewGuid().ToString()]))).Status
        );
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/together", Pass(false, items[..1]))).Status);
        var log = await w.DoAsync($"/api/machines/{id}/cleaning/together", Pass(false, items));
        for (var i = 0; i < 3; i++)
        {
            var row = await RowAsync(w, id, i);
            Assert.Equal((true, 1), (row["wet"]!.GetValue<bool>(), row["item"]!["facts"]!["trials"]!.AsArray().Count));
        }
        await w.DoAsync($"/api/log/{log["logId"]}/undo");
        for (var i = 0; i < 3; i++)
        {
            Assert.Empty((await RowAsync(w, id, i))["item"]!["facts"]!["trials"]!.AsArray());
        }
    }

    [Fact]
    public async Task What_came_off_goes_on_the_list_at_once_and_not_twice()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var id = await w.DemoMachineAsync("Fish-auction server");
        var from = (await w.GetAsync($"/api/machines/{id}/cleaning"))["candidates"]!
            .AsArray()
            .Select(c => (c!["pieceId"] ?? c["findingId"])!.GetValue<string>())
            .ToList();
        Assert.True(from.Count > 2);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/list", new { from = new[] { Guid.NewGuid() } })).Status);
        var log = await w.DoAsync($"/api/machines/{id}/cleaning/list", new { from });
        Assert.Empty((await w.GetAsync($"/api/machines/{id}/cleaning"))["candidates"]!.AsArray());
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/list", new { from })).Status);
        await w.DoAsync($"/api/log/{log["logId"]}/undo");
        Assert.Equal(from.Count, (await w.GetAsync($"/api/machines/{id}/cleaning"))["candidates"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_shell_goes_up_the_ladder_is_wet_until_it_is_dry_and_stands_in_the_write_up()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var item = (await w.DoAsync($"/api/machines/{id}/cleaning", Shell()))["id"]!.GetValue<string>();
        Assert.Equal("cloth-damp", (await RowAsync(w, id))["ladder"]!["next"]!.GetValue<string>());
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/try", Try("cloth-damp", 0));
        var row = await RowAsync(w, id);
        Assert.Equal(("soap", true), (row["ladder"]!["next"]!.GetValue<string>(), row["wet"]!.GetValue<bool>()));
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/try", Try("soap", 1));
        // Wet: nothing is fed, and it neither counts as done nor comes off the list.
        var power = (await w.GetAsync($"/api/machines/{id}/power")).ToJsonString();
        Assert.Contains("upper shell is wet", power, StringComparison.Ordinal);
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/{item}/finish")).Status);
        Assert.Equal(400, (await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/cleaning/{item}", null)).Status);
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/rinse");
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/{item}/rinse")).Status);
        var dry = await w.PostAsync($"/api/machines/{id}/cleaning/{item}/dry", new { scaleGrams = 1 });
        Assert.Equal(400, dry.Status);
        Assert.Equal(
            dry.Body!["verdict"]!["sentence"]!.GetValue<string>(),
            (await RowAsync(w, id))["mayDry"]!["verdict"]!["sentence"]!.GetValue<string>()
        );
        // A person may know better, and says why; a scale that still falls has the last word.
        // No reason stands against the time that drying takes; that it was wetted earlier is a fact, and is said as one.
        Assert.Equal(
            400,
            (await w.PostAsync($"/api/machines/{id}/cleaning/{item}/dry", new { scaleGrams = 1, overruleReason = "In a hurry." })).Status
        );
        await w.DoAsync(
            $"/api/machines/{id}/cleaning/{item}/dry",
            new
            {
                scaleGrams = 1,
                hoursAgo = 200,
                overruleReason = "Looked into: nothing wet.",
            }
        );
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/finish");
        Assert.DoesNotContain("is wet", (await w.GetAsync($"/api/machines/{id}/power")).ToJsonString(), StringComparison.Ordinal);
        Assert.Contains(
            "Upper shell cleaned:",
            (await w.GetAsync($"/api/machines/{id}/write-up")).ToJsonString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task What_loses_weight_is_wet_and_no_reason_stands_against_it()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var item = (await w.DoAsync($"/api/machines/{id}/cleaning", Shell()))["id"]!.GetValue<string>();
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/{item}/weigh", new { grams = 412 })).Status);
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/try", Try("cloth-damp", 0.4));
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/weigh", new { grams = 412 });
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/weigh", new { grams = 405 });
        var (status, body) = await w.PostAsync(
            $"/api/machines/{id}/cleaning/{item}/dry",
            new { scaleGrams = 1, overruleReason = "It feels dry to me." }
        );
        Assert.Equal(400, status);
        Assert.StartsWith("Still wet", body!["verdict"]!["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.False(body["mayBeOverruled"]!.GetValue<bool>());
    }

    [Fact]
    public async Task The_act_asks_again_what_may_be_tried()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var item = (await w.DoAsync($"/api/machines/{id}/cleaning", Shell(features: ["printedLegend"])))["id"]!.GetValue<string>();
        async Task<int> TryAsync(string method, bool spot = false) =>
            (await w.PostAsync($"/api/machines/{id}/cleaning/{item}/try", Try(method, 0.2, spot))).Status;
        Assert.Equal(400, await TryAsync("melamine", true));
        Assert.Equal(400, await TryAsync("alcohol"));
        Assert.Equal(400, await TryAsync("sandblast"));
        Assert.Equal(200, await TryAsync("alcohol", true));
        // The fact has changed since the screen was drawn.
        var version = (await RowAsync(w, id))["item"]!["version"]!.GetValue<int>();
        Assert.Equal(
            200,
            (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/cleaning/{item}", Shell(features: ["softTouch"]), version)).Status
        );
        Assert.Equal(400, await TryAsync("alcohol", true));
        Assert.Single((await RowAsync(w, id))["item"]!["facts"]!["trials"]!.AsArray());
        Assert.Equal(412, (await w.SendAsync(HttpMethod.Put, $"/api/machines/{id}/cleaning/{item}", Shell(), version)).Status);
    }

    [Fact]
    public async Task What_takes_the_mains_and_was_wet_is_a_danger_until_it_is_tested()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var item = (await w.DoAsync($"/api/machines/{id}/cleaning", Shell("Mains switch panel", mains: "yes")))["id"]!.GetValue<string>();
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/try", Try("cloth-damp", 1));
        Assert.Contains(
            "Mains switch panel is wet",
            (await w.GetAsync($"/api/machines/{id}/power")).ToJsonString(),
            StringComparison.Ordinal
        );
        var (status, body) = await w.PostAsync(
            $"/api/machines/{id}/cleaning/{item}/dry",
            new { scaleGrams = 1, testedBy = "Ines, over 200 MΩ at 500 V" }
        );
        Assert.Equal((400, false), (status, body["mayBeOverruled"]!.GetValue<bool>()));
        // Tested by somebody trained, and its time is over.
        await w.DoAsync(
            $"/api/machines/{id}/cleaning/{item}/dry",
            new
            {
                scaleGrams = 1,
                testedBy = "Ines, over 200 MΩ at 500 V",
                hoursAgo = 300,
                overruleReason = "Looked into: nothing wet.",
            }
        );
        Assert.DoesNotContain("is wet", (await w.GetAsync($"/api/machines/{id}/power")).ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_dried_on_it_can_be_rinsed_off_still_and_makes_it_wet_again()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var item = (await w.DoAsync($"/api/machines/{id}/cleaning", Shell()))["id"]!.GetValue<string>();
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/try", Try("soap", 0.4));
        await w.DoAsync(
            $"/api/machines/{id}/cleaning/{item}/dry",
            new
            {
                scaleGrams = 1,
                hoursAgo = 200,
                overruleReason = "Looked into: nothing wet.",
            }
        );
        Assert.Equal("soap", (await RowAsync(w, id))["item"]!["facts"]!["on"]![0]!.GetValue<string>());
        Assert.Equal(400, (await w.PostAsync($"/api/machines/{id}/cleaning/{item}/finish")).Status);
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{id}/cleaning/{Guid.NewGuid()}/rinse")).Status);
        Assert.Equal(404, (await w.PostAsync($"/api/machines/{Guid.NewGuid()}/cleaning/{item}/rinse")).Status);
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/rinse");
        var row = await RowAsync(w, id);
        Assert.True(row["wet"]!.GetValue<bool>());
        Assert.Empty(row["item"]!["facts"]!["on"]!.AsArray());
    }

    [Fact]
    public async Task A_pass_is_undone_and_the_document_brings_it_all()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var item = (await w.DoAsync($"/api/machines/{id}/cleaning", Shell()))["id"]!.GetValue<string>();
        var act = await w.DoAsync($"/api/machines/{id}/cleaning/{item}/try", Try("soap", 0.6));
        await w.DoAsync($"/api/log/{act["logId"]!.GetValue<string>()}/undo");
        var row = await RowAsync(w, id);
        Assert.False(row["wet"]!.GetValue<bool>());
        Assert.Empty(row["item"]!["facts"]!["trials"]!.AsArray());
        await w.DoAsync($"/api/machines/{id}/cleaning/{item}/try", Try("soap", 0.6));
        var document = await w.Client.GetStringAsync($"/api/machines/{id}/export");
        Assert.Contains("\"soap\"", document, StringComparison.Ordinal);
    }
}
