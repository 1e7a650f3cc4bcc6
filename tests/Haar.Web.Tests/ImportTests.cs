using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace Haar.Web.Tests;

/// <summary>Documents from somebody else.</summary>
public class ImportTests
{
    static async Task<(int Status, JsonNode Body)> SendAsync(Workshop w, byte[] bytes)
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new("application/octet-stream");
        using var response = await w.Client.PostAsync("/api/machines/import", content);
        return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync())!);
    }

    /// <summary>A machine's document with one photo of that name, and the ZIP's files.</summary>
    static async Task<byte[]> ZipAsync(Workshop from, string hash, params (string Name, byte[] Bytes)[] files)
    {
        var id = await from.DemoMachineAsync("Newsletter desktop");
        var d = JsonNode.Parse(await from.Client.GetStringAsync($"/api/machines/{id}/export"))!;
        d["photos"] = new JsonArray(
            new JsonObject
            {
                ["id"] = Guid.NewGuid(),
                ["machineId"] = id,
                ["hash"] = hash,
                ["width"] = 40,
                ["height"] = 30,
                ["caption"] = "Front",
                ["at"] = "2026-01-01T00:00:00Z",
            }
        );
        foreach (var board in d["boards"]!.AsArray())
        {
            board!.AsObject().Remove("photoId");
            board.AsObject().Remove("backPhotoId");
        }
        using var to = new MemoryStream();
        using (var zip = new ZipArchive(to, ZipArchiveMode.Create, true))
        {
            foreach (var (name, bytes) in files.Prepend(("machine.json", Encoding.UTF8.GetBytes(d.ToJsonString()))))
            {
                await using var entry = zip.CreateEntry(name).Open();
                entry.Write(bytes);
            }
        }
        return to.ToArray();
    }

    static byte[] Jpeg()
    {
        using var bitmap = new SKBitmap(40, 30, SKColorType.Gray8, SKAlphaType.Opaque);
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, 80);
        return data.ToArray();
    }

    static string Hash(byte[] bytes) => Convert.ToHexStringLower(SHA256.HashData(bytes));

    static string[] PhotoFiles(Workshop w) => Directory.GetFiles(Path.Combine(w.Folder, "photos"), "*.jpg", SearchOption.AllDirectories);

    [Fact]
    public async Task A_photo_in_a_document_is_written_anew_when_it_carries_anything_besides_the_picture()
    {
        await using var from = await Workshop.OpenAsync(demo: true);
        var bare = Jpeg();
        byte[] after = [.. bare, .. "<?php hidden ?>"u8];
        byte[] exif = [0xFF, 0xD8, 0xFF, 0xE1, 0, 14, .. "Exif\0\0GPS!!!"u8[..12], .. bare[2..]];
        byte[] comment = [0xFF, 0xD8, 0xFF, 0xFE, 0, 8, .. "secret"u8, .. bare[2..]];
        foreach (var (bytes, word) in new[] { (after, "hidden"), (exif, "GPS"), (comment, "secret") })
        {
            await using var to = await Workshop.OpenAsync();
            var (status, body) = await SendAsync(to, await ZipAsync(from, Hash(bytes), ($"photos/{Hash(bytes)}.jpg", bytes)));
            Assert.True(status == 200, body.ToJsonString());
            var photo = (await to.GetAsync($"/api/machines/{body["machineId"]}"))["photos"]![0]!;
            Assert.NotEqual(Hash(bytes), photo["hash"]!.GetValue<string>());
            Assert.Equal((40, 30), (photo["width"]!.GetValue<int>(), photo["height"]!.GetValue<int>()));
            var stored = await to.Client.GetByteArrayAsync($"/api/photos/{photo["hash"]}");
            Assert.DoesNotContain(word, Encoding.Latin1.GetString(stored), StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_photo_that_haar_stored_keeps_its_name()
    {
        await using var from = await Workshop.OpenAsync(demo: true);
        var photo = PhotoFiles(from).First(f => Path.GetFileName(f).Length == 68);
        var bytes = await File.ReadAllBytesAsync(photo);
        await using var to = await Workshop.OpenAsync();
        var (status, body) = await SendAsync(to, await ZipAsync(from, Hash(bytes), ($"photos/{Hash(bytes)}.jpg", bytes)));
        Assert.True(status == 200, body.ToJsonString());
        Assert.Equal(Hash(bytes), (await to.GetAsync($"/api/machines/{body["machineId"]}"))["photos"]![0]!["hash"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_failed_import_leaves_nothing()
    {
        await using var from = await Workshop.OpenAsync(demo: true);
        var (good, bad) = (Jpeg(), "no picture"u8.ToArray());
        await using var to = await Workshop.OpenAsync();
        foreach (
            var zip in new[]
            {
                await ZipAsync(from, Hash(bad), ($"photos/{Hash(bad)}.jpg", bad)),
                await ZipAsync(from, Hash(good), ($"photos/{Hash(good)}.jpg", bad)),
                (await ZipAsync(from, Hash(good), ($"photos/{Hash(good)}.jpg", good)))[..^300],
            }
        )
        {
            Assert.Equal(422, (await SendAsync(to, zip)).Status);
        }
        // One whose rows contradict themselves, after its photo has been stored.
        var twice = await ZipAsync(from, Hash(good), ($"photos/{Hash(good)}.jpg", good));
        Assert.Equal(200, (await SendAsync(to, twice)).Status);
        var before = PhotoFiles(to).Length;
        Assert.Equal(422, (await SendAsync(to, twice)).Status);
        Assert.Equal(before, PhotoFiles(to).Length);
        Assert.Single((await to.GetAsync("/api/workshop"))["machines"]!.AsArray());
    }

    [Fact]
    public async Task A_zip_made_to_fill_a_memory_is_refused_before_it_is_unpacked()
    {
        await using var w = await Workshop.OpenAsync();
        using var bomb = new MemoryStream();
        using (var zip = new ZipArchive(bomb, ZipArchiveMode.Create, true))
        {
            await using var entry = zip.CreateEntry("machine.json", CompressionLevel.SmallestSize).Open();
            for (var i = 0; i < 30; i++)
            {
                entry.Write(new byte[1_000_000]);
            }
        }
        var (status, body) = await SendAsync(w, bomb.ToArray());
        Assert.Equal(422, status);
        Assert.Contains("more than Haar takes", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);

        using var many = new MemoryStream();
        using (var zip = new ZipArchive(many, ZipArchiveMode.Create, true))
        {
            for (var i = 0; i < 5200; i++)
            {
                zip.CreateEntry($"{i}");
            }
        }
        Assert.Contains(
            "more than 5000 files",
            (await SendAsync(w, many.ToArray())).Body["detail"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("""{"format":7,"version":3}""")]
    [InlineData("""{"format":null,"version":3}""")]
    [InlineData("""{"format":"haar-machine","version":"3"}""")]
    [InlineData("""{"format":"haar-machine","version":2.5}""")]
    [InlineData("""{"format":"haar-machine","version":3}""")]
    [InlineData("""{"format":"haar-machine","version":3,"machine":null}""")]
    [InlineData("""{"format":"haar-machine","version":2,"machine":{},"powerSteps":7}""")]
    [InlineData("""{"format":"haar-machine","version":1,"powerSteps":[null]}""")]
    [InlineData("[]")]
    [InlineData("null")]
    [InlineData("")]
    public async Task A_document_of_another_shape_is_refused_with_a_sentence(string text)
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body) = await SendAsync(w, Encoding.UTF8.GetBytes(text));
        Assert.True(status == 422, $"{status} {body}");
        Assert.Contains("Nothing was changed", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("findings", "null")]
    [InlineData("readings", "null")]
    [InlineData("costs", "null")]
    [InlineData("jobs", "null")]
    [InlineData("boards", "null")]
    public async Task Nothing_inside_a_documents_lists_is_refused_by_its_place(string list, string what)
    {
        await using var from = await Workshop.OpenAsync(demo: true);
        var id = await from.DemoMachineAsync("Newsletter desktop");
        var d = JsonNode.Parse(await from.Client.GetStringAsync($"/api/machines/{id}/export"))!;
        d[list] = new JsonArray(JsonNode.Parse(what));
        await using var to = await Workshop.OpenAsync();
        var (status, body) = await SendAsync(to, Encoding.UTF8.GetBytes(d.ToJsonString()));
        Assert.Equal(422, status);
        Assert.Contains($"{list}[0]", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("7.9e28")]
    [InlineData("-1e12")]
    public async Task Money_that_cannot_be_is_refused_by_its_place(string money)
    {
        await using var from = await Workshop.OpenAsync(demo: true);
        var id = await from.DemoMachineAsync("Newsletter desktop");
        var d = JsonNode.Parse(await from.Client.GetStringAsync($"/api/machines/{id}/export"))!;
        d["machine"]!["paid"] = JsonNode.Parse(money);
        await using var to = await Workshop.OpenAsync();
        Assert.Equal(422, (await SendAsync(to, Encoding.UTF8.GetBytes(d.ToJsonString()))).Status);
    }
}
