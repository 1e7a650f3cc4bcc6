using System.Text;
using System.Text.Json.Nodes;
using Haar.Core.Settings;

namespace Haar.Web.Tests;

/// <summary>Machines and packs passed on, backups put back.</summary>
public class ExchangeTests
{
    static async Task<(int Status, JsonNode Body)> ImportAsync(Workshop w, byte[] bytes)
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new("application/octet-stream");
        using var response = await w.Client.PostAsync("/api/machines/import", content);
        return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync())!);
    }

    [Fact]
    public async Task A_document_imported_into_an_empty_workshop_exports_again_equal_byte_for_byte()
    {
        await using var from = await Workshop.OpenAsync(demo: true);
        foreach (var name in new[] { "Newsletter desktop", "Fish-auction server", "Lifeboat editor", "House-clearance lot" })
        {
            var id = await from.DemoMachineAsync(name);
            if (name == "Newsletter desktop")
            {
                var cap = (await from.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!
                    .AsArray()
                    .First(c => c!["stand"]!.GetValue<string>() == "comesOut")!["capacitor"]!["id"]!.GetValue<string>();
                var part = (await from.GetAsync($"/api/machines/{id}/capacitors/{cap}/substitutes"))["singles"]![0]!["candidate"]![
                    "id"
                ]!.GetValue<string>();
                await from.DoAsync($"/api/machines/{id}/capacitors/{cap}/reserve", new { partId = part, overruleReason = (string?)null });
                await from.DoAsync(
                    $"/api/machines/{id}/overrules",
                    new
                    {
                        of = "comesOut",
                        subject = cap,
                        reason = "“Kept” for the look; 5 < 6 & é",
                    }
                );
            }

            var json = await from.Client.GetByteArrayAsync($"/api/machines/{id}/export");
            var zip = await from.Client.GetByteArrayAsync($"/api/machines/{id}/export?photos=true");
            foreach (var document in new[] { json, zip })
            {
                await using var to = await Workshop.OpenAsync();
                var (status, body) = await ImportAsync(to, document);
                Assert.True(status == 200, body.ToString());
                Assert.Equal(json, await to.Client.GetByteArrayAsync($"/api/machines/{id}/export"));
                await to.GetAsync($"/api/machines/{id}/write-up");
                foreach (var p in (await to.GetAsync($"/api/machines/{id}"))["photos"]!.AsArray())
                {
                    var photo = await to.Client.GetAsync($"/api/photos/{p!["hash"]!.GetValue<string>()}");
                    Assert.Equal(document == zip ? 200 : 404, (int)photo.StatusCode);
                    if (document == zip)
                    {
                        Assert.Equal(
                            p["hash"]!.GetValue<string>(),
                            Convert.ToHexStringLower(
                                System.Security.Cryptography.SHA256.HashData(await photo.Content.ReadAsByteArrayAsync())
                            )
                        );
                    }
                }
            }
        }
    }

    [Fact]
    public async Task What_cannot_be_taken_in_is_said_and_leaves_nothing_behind()
    {
        await using var from = await Workshop.OpenAsync(demo: true);
        var id = await from.DemoMachineAsync("Newsletter desktop");
        var json = Encoding.UTF8.GetString(await from.Client.GetByteArrayAsync($"/api/machines/{id}/export"));
        var zip = await from.Client.GetByteArrayAsync($"/api/machines/{id}/export?photos=true");
        await using var to = await Workshop.OpenAsync();
        async Task Refused(byte[] bytes, string part)
        {
            var (status, body) = await ImportAsync(to, bytes);
            Assert.Equal(422, status);
            Assert.Contains(part, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
            Assert.Contains("Nothing was changed", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
            Assert.Empty((await to.GetAsync("/api/workshop"))["machines"]!.AsArray());
        }

        await Refused(Encoding.UTF8.GetBytes(json[..(json.Length / 2)]), "cut off");
        await Refused(zip[..(zip.Length / 2)], "cut off");
        await Refused(
            Encoding.UTF8.GetBytes(
                new System.Text.RegularExpressions.Regex($"\"version\": {Data.Exchange.MachineDocument.CurrentVersion},").Replace(
                    json,
                    "\"version\": 99,",
                    1
                )
            ),
            "newer Haar"
        );
        await Refused(Encoding.UTF8.GetBytes("{\"format\":\"shopping-list\"}"), "not a machine");
        await Refused(Encoding.UTF8.GetBytes("not json at all"), "cut off or damaged");
        await Refused(
            Encoding.UTF8.GetBytes(json.Replace("\"microfarads\": 47", "\"microfarads\": -47", StringComparison.Ordinal)),
            "microfarads"
        );
        var two = JsonNode.Parse(json)!;
        two["findings"]!.AsArray().Add(two["findings"]![0]!.DeepClone());
        await Refused(Encoding.UTF8.GetBytes(two.ToJsonString()), "");
        await Refused(new byte[] { 0x50, 0x4B, 1, 2, 3 }, "cut off");
        var (again, said) = await ImportAsync(from, Encoding.UTF8.GetBytes(json));
        Assert.Equal(422, again);
        Assert.Contains("in this workshop already", said["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_backup_put_back_is_the_workshop_as_it_was()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var before = (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().Count;
        var backup = (await w.DoAsync("/api/backups"))["name"]!.GetValue<string>();
        await w.TakeInAsync("One more");
        await w.DoAsync($"/api/backups/{backup}/restore");
        Assert.Equal(before, (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().Count);
        Assert.True((await w.GetAsync("/health"))["sound"]!.GetValue<bool>());
        // What was there before the restore is a backup too.
        var kept = (await w.GetAsync("/api/backups")).AsArray().First(b => b!["why"]!.GetValue<string>() == "restore")![
            "name"
        ]!.GetValue<string>();
        await w.DoAsync($"/api/backups/{kept}/restore");
        Assert.Equal(before + 1, (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_damaged_backup_is_refused_and_changes_nothing()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var name = (await w.DoAsync("/api/backups"))["name"]!.GetValue<string>();
        var path = Path.Combine(w.Folder, "backups", name);
        var bytes = await File.ReadAllBytesAsync(path);
        await File.WriteAllBytesAsync(path, bytes[..(bytes.Length / 2)]);
        var (status, body) = await w.PostAsync($"/api/backups/{name}/restore");
        Assert.Equal(422, status);
        Assert.Contains("Nothing was changed", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(8, (await w.GetAsync("/api/workshop"))["machines"]!.AsArray().Count);
        Assert.Equal(404, (await w.PostAsync("/api/backups/..%2F..%2Fhaar.db/restore")).Status);
    }

    [Fact]
    public async Task A_pack_is_checked_by_its_schema_imported_used_and_exported_unchanged()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var shipped = await w.Client.GetStringAsync("/api/packs/harbour");
        Assert.Equal(422, (await w.PostAsync("/api/packs", new { text = shipped })).Status);
        var mine = shipped.Replace("\"id\": \"harbour\"", "\"id\": \"mine\"", StringComparison.Ordinal);
        await w.DoAsync("/api/packs", new { text = mine });
        Assert.Equal(mine, await w.Client.GetStringAsync("/api/packs/mine"));
        var id = await w.TakeInAsync("By profile", profileId: "pellardine-quire-20");
        Assert.Equal(28, (await w.GetAsync($"/api/machines/{id}/capacitors"))["capacitors"]!.AsArray().Count);
        foreach (
            var (bad, part) in new[]
            {
                (mine[..500], "cut off"),
                (mine.Replace("\"version\": 1", "\"version\": 2", StringComparison.Ordinal), "newer Haar"),
                (mine.Replace("\"microfarads\": 47", "\"microfarads\": -1", StringComparison.Ordinal), "schema"),
                (mine.Replace("\"class\": \"terminal\"", "\"class\": \"toaster\"", StringComparison.Ordinal), "schema"),
                (mine.Replace("\"designator\": \"C2\"", "\"designator\": \"C1\"", StringComparison.Ordinal), "C1 twice"),
            }
        )
        {
            var (status, body) = await w.PostAsync("/api/packs", new { text = bad });
            Assert.Equal(422, status);
            Assert.Contains(part, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_workshop_survives_being_closed_and_opened_again_and_takes_its_daily_backup()
    {
        var folder = Path.Combine(Path.GetTempPath(), "haar-tests", Guid.NewGuid().ToString("N"));
        await using (var w = await Workshop.OpenAsync(folder: folder))
        {
            await w.TakeInAsync("Kept");
            var copy = folder + "-copy";
            Directory.CreateDirectory(copy);
            // As after a crash: the files as they lie there, write-ahead log and all.
            foreach (var f in Directory.GetFiles(folder, "haar.db*"))
            {
                File.Copy(f, Path.Combine(copy, Path.GetFileName(f)));
            }
            await using var again = await Workshop.OpenAsync(folder: copy);
            Assert.Equal("Kept", (await again.GetAsync("/api/workshop"))["machines"]![0]!["name"]!.GetValue<string>());
            Assert.Contains((await again.GetAsync("/api/backups")).AsArray(), b => b!["why"]!.GetValue<string>() == "daily");
        }
    }
}
