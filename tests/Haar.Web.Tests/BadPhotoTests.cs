using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using SkiaSharp;

namespace Haar.Web.Tests;

/// <summary>Photos that are none.</summary>
public partial class BadInputTests
{
    static async Task<(int Status, JsonNode Body)> PhotoAsync(Workshop w, string id, byte[] bytes)
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new("image/jpeg");
        using var response = await w.Client.PostAsync($"/api/machines/{id}/photos", content);
        return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync())!);
    }

    static byte[] Picture(int width, int height, SKEncodedImageFormat format = SKEncodedImageFormat.Jpeg)
    {
        using var bitmap = new SKBitmap(width, height, SKColorType.Gray8, SKAlphaType.Opaque);
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(format, 50);
        return data.ToArray();
    }

    [Fact]
    public async Task A_photo_that_is_none_or_a_bomb_is_refused_and_nothing_is_stored()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        var whole = Picture(1600, 1200);
        foreach (
            var (bytes, part) in new[]
            {
                (Encoding.UTF8.GetBytes("<svg onload=alert(1)>"), "not a photo"),
                (Array.Empty<byte>(), "empty"),
                (Picture(20_000, 400, SKEncodedImageFormat.Png), "20000 by 400 pixels"),
                (whole[..(whole.Length / 2)], "cut off or damaged"),
            }
        )
        {
            var (status, body) = await PhotoAsync(w, id, bytes);
            Assert.Equal(422, status);
            Assert.Contains(part, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        }

        Assert.Empty((await w.GetAsync($"/api/machines/{id}"))["photos"]!.AsArray());
        Assert.Empty(Directory.GetFiles(Path.Combine(w.Folder, "photos"), "*", SearchOption.AllDirectories));
        Assert.Equal(200, (await PhotoAsync(w, id, whole)).Status);
        Assert.Equal(200, (await PhotoAsync(w, id, whole)).Status);
        Assert.Single((await w.GetAsync($"/api/machines/{id}"))["photos"]!.AsArray());
        Assert.Equal(422, (await w.SendAsync(HttpMethod.Get, "/api/photos/..%2f..%2fhaar.db")).Status);
    }

    [Fact]
    public async Task A_photo_is_turned_upright_and_its_place_on_earth_is_taken_off()
    {
        await using var w = await Workshop.OpenAsync();
        var id = await w.TakeInAsync();
        // A JPEG of 40 by 20 with an EXIF block: orientation 6 (turn by 90°) and a maker's note that must not survive.
        var jpeg = Picture(40, 20);
        byte[] tiff =
        [
            .. "Exif\0\0"u8,
            .. "II*\0"u8,
            8,
            0,
            0,
            0,
            2,
            0,
            0x12,
            1,
            3,
            0,
            1,
            0,
            0,
            0,
            6,
            0,
            0,
            0,
            0x0F,
            1,
            2,
            0,
            4,
            0,
            0,
            0,
            .. "GPS!"u8,
            0,
            0,
            0,
            0,
        ];
        byte[] with = [0xFF, 0xD8, 0xFF, 0xE1, (byte)((tiff.Length + 2) >> 8), (byte)(tiff.Length + 2), .. tiff, .. jpeg[2..]];
        Assert.Equal(200, (await PhotoAsync(w, id, with)).Status);
        var photo = (await w.GetAsync($"/api/machines/{id}"))["photos"]![0]!;
        Assert.Equal((20, 40), (photo["width"]!.GetValue<int>(), photo["height"]!.GetValue<int>()));
        var stored = await w.Client.GetByteArrayAsync($"/api/photos/{photo["hash"]!.GetValue<string>()}");
        Assert.DoesNotContain("GPS!", Encoding.Latin1.GetString(stored), StringComparison.Ordinal);
    }
}
