using Haar.Data.Photos;
using SkiaSharp;

namespace Haar.Data.Tests;

/// <summary>Photos on the disk: what is taken, at what cost, and how long it is kept.</summary>
public class PhotoKeepingTests
{
    static byte[] Encoded(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height, SKColorType.Gray8, SKAlphaType.Opaque);
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(format, 50);
        return data.ToArray();
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Png)]
    public async Task A_picture_of_a_hundred_million_pixels_is_taken_in_part(SKEncodedImageFormat format)
    {
        await using var store = await Store.OpenAsync();
        var stored = new PhotoStore(store.Folder).Add(Encoded(14_000, 7000, format));
        Assert.Equal((PhotoStore.FullSide, PhotoStore.FullSide / 2), (stored.Width, stored.Height));
    }

    [Fact]
    public async Task A_large_picture_that_cannot_be_read_in_part_is_refused_with_what_to_do()
    {
        await using var store = await Store.OpenAsync();
        var photos = new PhotoStore(store.Folder);
        var refused = Assert.Throws<BadPhotoException>(() => photos.Add(Encoded(8000, 6000, SKEncodedImageFormat.Webp)));
        Assert.Contains("WebP, which cannot be read in parts", refused.Message, StringComparison.Ordinal);
        // The frame's marker of a baseline JPEG made a progressive one.
        var jpeg = Encoded(8000, 6000, SKEncodedImageFormat.Jpeg);
        jpeg[jpeg.AsSpan().IndexOf([(byte)0xFF, (byte)0xC0]) + 1] = 0xC2;
        Assert.Contains("progressive JPEG", Assert.Throws<BadPhotoException>(() => photos.Add(jpeg)).Message, StringComparison.Ordinal);
        Assert.Contains(
            "HEIC",
            Assert.Throws<BadPhotoException>(() => photos.Add([0, 0, 0, 24, .. "ftypheic"u8, .. new byte[40]])).Message,
            StringComparison.Ordinal
        );
        Assert.Empty(Directory.GetFiles(store.Folder.Photos, "*", SearchOption.AllDirectories));
    }

    [Fact]
    public async Task A_png_read_row_by_row_has_its_colours_in_their_places()
    {
        await using var store = await Store.OpenAsync();
        using var bitmap = new SKBitmap(6000, 4000);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.White);
            using var red = new SKPaint { Color = SKColors.Red };
            canvas.DrawRect(0, 0, 3000, 2000, red);
            using var blue = new SKPaint { Color = SKColors.Blue };
            canvas.DrawRect(3000, 2000, 3000, 2000, blue);
        }
        using var image = SKImage.FromBitmap(bitmap);
        using var png = image.Encode(SKEncodedImageFormat.Png, 100);
        var photos = new PhotoStore(store.Folder);
        var stored = photos.Add(png.ToArray());
        using var read = SKBitmap.Decode(photos.PathOf(stored.Hash, PhotoSize.Full));
        bool Near(float x, float y, SKColor c)
        {
            var p = read.GetPixel((int)(x * read.Width), (int)(y * read.Height));
            return Math.Abs(p.Red - c.Red) + Math.Abs(p.Green - c.Green) + Math.Abs(p.Blue - c.Blue) < 30;
        }
        Assert.True(Near(0.2f, 0.2f, SKColors.Red) && Near(0.8f, 0.8f, SKColors.Blue) && Near(0.8f, 0.2f, SKColors.White));
    }

    [Fact]
    public async Task What_nothing_speaks_of_is_cleared_away_after_a_month_and_what_the_log_can_put_back_is_not()
    {
        await using var store = await Store.OpenAsync();
        var photos = new PhotoStore(store.Folder);
        var id = await store.TakeInAsync();
        var (kept, taken, orphan) = (
            photos.Add(Pictures.Png(40, 30, 10)),
            photos.Add(Pictures.Png(40, 30, 60)),
            photos.Add(Pictures.Png(40, 30, 120))
        );
        foreach (var (photo, away) in new[] { (kept, false), (taken, true) })
        {
            var (db, work) = store.Request();
            var row = new Core.Photos.Photo
            {
                Id = work.NewId(),
                MachineId = id,
                Hash = photo.Hash,
                Width = 40,
                Height = 30,
                At = store.Now,
            };
            db.Photos.Add(row);
            await work.ActAsync(id, "Photo taken.");
            if (away)
            {
                var (then, undo) = store.Request();
                then.Photos.Remove(then.Photos.Single(p => p.Id == row.Id));
                await undo.ActAsync(id, "Photo taken away.");
            }
        }
        await File.WriteAllBytesAsync(Path.Combine(store.Folder.Photos, $"x{DurableFile.Part}"), [1]);
        var now = DateTimeOffset.UtcNow;
        Assert.Equal(0, await OrphanPhotos.SweepAsync(store.Db(), store.Folder, now));
        var gone = await OrphanPhotos.SweepAsync(store.Db(), store.Folder, now + OrphanPhotos.Kept + TimeSpan.FromDays(1));
        Assert.True(gone >= 2);
        Assert.NotNull(photos.Find(kept.Hash, PhotoSize.Full));
        Assert.NotNull(photos.Find(taken.Hash, PhotoSize.Full));
        Assert.Null(photos.Find(orphan.Hash, PhotoSize.Full));
        Assert.Empty(Directory.GetFiles(store.Folder.Photos, $"*{DurableFile.Part}", SearchOption.AllDirectories));
    }
}
