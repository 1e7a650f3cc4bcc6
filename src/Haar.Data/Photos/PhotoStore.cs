using System.Security.Cryptography;
using SkiaSharp;

namespace Haar.Data.Photos;

/// <summary>A file that is not a photo that Haar takes. Carries a sentence.</summary>
public sealed class BadPhotoException(string message) : Exception(message);

/// <summary>Full for looking closely, screen for a phone or a wall, thumb for lists.</summary>
public enum PhotoSize
{
    Full = 0,
    Screen,
    Thumb,
}

/// <param name="Hash">SHA-256 of the stored JPEG, lower-case hex.</param>
public sealed record StoredPhoto(string Hash, int Width, int Height);

/// <summary>Photos on disk, named by their content. Every one is decoded and written anew, so nothing of the sender's file, its name or its location tags is kept.</summary>
public sealed class PhotoStore(DataFolder folder)
{
    public const long MostBytes = 25_000_000;

    /// <summary>A 108-megapixel phone photo still passes; a 20,000-pixel square does not.</summary>
    public const long MostPixels = 120_000_000;
    public const int MostSide = 16_000;

    /// <summary>Longest side as stored.</summary>
    public const int FullSide = 2400;
    public const int ScreenSide = 1200;
    public const int ThumbSide = 480;

    /// <summary>Where a stored size lies; the file may not exist.</summary>
    public string PathOf(string hash, PhotoSize size) =>
        hash.Length == 64 && hash.All(char.IsAsciiHexDigitLower)
            ? Path.Combine(
                folder.Photos,
                hash[..2],
                size switch
                {
                    PhotoSize.Thumb => $"{hash}.thumb.jpg",
                    PhotoSize.Screen => $"{hash}.screen.jpg",
                    _ => $"{hash}.jpg",
                }
            )
            : throw new BadPhotoException("That is not the name of a photo.");

    /// <summary>Photos are unpacked one at a time: what each takes of memory is then the most that all take.</summary>
    static readonly SemaphoreSlim Turn = new(1);

    /// <summary>As <see cref="Add"/>, when its turn has come.</summary>
    public Task<StoredPhoto> AddAsync(byte[] bytes, CancellationToken cancel) => InTurnAsync(() => Add(bytes), cancel);

    /// <summary>As <see cref="AddForeign"/>, when its turn has come.</summary>
    public Task<StoredPhoto> AddForeignAsync(string hash, byte[] bytes, CancellationToken cancel) =>
        InTurnAsync(() => AddForeign(hash, bytes), cancel);

    /// <summary>As <see cref="Straighten"/>, when its turn has come.</summary>
    public Task<StoredPhoto> StraightenAsync(string hash, Core.Boards.StraightenPlan plan, CancellationToken cancel) =>
        InTurnAsync(() => Straighten(hash, plan), cancel);

    /// <summary>Looks into a stored photo, when its turn has come.</summary>
    /// <exception cref="BadPhotoException">The photo's file is not here or damaged.</exception>
    public Task<T> ReadAsync<T>(string hash, Func<PhotoPixels, T> look, CancellationToken cancel) =>
        InTurnAsync(
            () =>
            {
                using var pixels = PhotoPixels.Open(this, hash);
                return look(pixels);
            },
            cancel
        );

    static async Task<T> InTurnAsync<T>(Func<T> make, CancellationToken cancel)
    {
        await Turn.WaitAsync(cancel);
        try
        {
            return await Task.Run(make, cancel);
        }
        finally
        {
            MemoryBack.Give();
            Turn.Release();
        }
    }

    /// <summary>Checks, turns upright, shrinks, re-encodes and stores in three sizes.</summary>
    /// <exception cref="BadPhotoException">Not a JPEG, PNG or WebP, cut off, or too large.</exception>
    public StoredPhoto Add(byte[] bytes)
    {
        if (bytes.Length == 0)
        {
            throw new BadPhotoException("The file is empty.");
        }
        if (bytes.LongLength > MostBytes)
        {
            throw new BadPhotoException($"A photo is at most {MostBytes / 1_000_000} MB.");
        }
        if (new DriveInfo(folder.Root).AvailableFreeSpace < DiskSpace.ReserveBytes)
        {
            throw new IOException("No space left on device");
        }
        using var full = PhotoReader.Read(bytes, FullSide);
        var jpeg = Encode(full, 86);
        var hash = Convert.ToHexStringLower(SHA256.HashData(jpeg));
        Write(PathOf(hash, PhotoSize.Full), jpeg);
        Smaller(hash, full);
        return new(hash, full.Width, full.Height);
    }

    /// <summary>The stored photo seen from straight above, stored as a picture of its own.</summary>
    /// <exception cref="BadPhotoException">The photo's file is not here or damaged.</exception>
    public StoredPhoto Straighten(string hash, Core.Boards.StraightenPlan plan)
    {
        var path = PathOf(hash, PhotoSize.Full);
        if (!File.Exists(path))
        {
            throw new BadPhotoException("That photo's file is not here.");
        }
        using var bitmap = SKBitmap.Decode(path) ?? throw new BadPhotoException("That photo's file is damaged: restore a backup.");
        using var to = new SKBitmap(new SKImageInfo(plan.Width, plan.Height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using var canvas = new SKCanvas(to);
        var m = plan.Matrix;
        canvas.SetMatrix(
            new SKMatrix(
                (float)m[0],
                (float)m[1],
                (float)m[2],
                (float)m[3],
                (float)m[4],
                (float)m[5],
                (float)m[6],
                (float)m[7],
                (float)m[8]
            )
        );
        using var image = SKImage.FromBitmap(bitmap);
        canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKCubicResampler.Mitchell));
        using var straight = SKImage.FromBitmap(to);
        using var jpeg = straight.Encode(SKEncodedImageFormat.Jpeg, 90);
        return Add(jpeg.ToArray());
    }

    /// <summary>
    /// Takes a photo from another workshop's document. One that Haar stored is taken as it is, so that it keeps its name; any other is
    /// decoded and written anew like an upload, and gets the name of what is then stored.
    /// </summary>
    /// <param name="hash">What the document calls it.</param>
    /// <param name="bytes">As they came.</param>
    /// <exception cref="BadPhotoException">Not what its name promises, or no photo.</exception>
    public StoredPhoto AddForeign(string hash, byte[] bytes)
    {
        if (Convert.ToHexStringLower(SHA256.HashData(bytes)) != hash)
        {
            throw new BadPhotoException("A photo in the file is not the one that its name promises: the file is damaged.");
        }
        if (!JpegFile.IsBare(bytes))
        {
            return Add(bytes);
        }
        using var full = PhotoReader.Read(bytes, FullSide);
        using var codec = SKCodec.Create(new MemoryStream(bytes));
        if (Math.Max(codec.Info.Width, codec.Info.Height) > FullSide)
        {
            return Add(bytes);
        }
        Write(PathOf(hash, PhotoSize.Full), bytes);
        Smaller(hash, full);
        return new(hash, full.Width, full.Height);
    }

    /// <summary>Takes back what was stored for something that then failed.</summary>
    public void Remove(string hash)
    {
        foreach (var size in Enum.GetValues<PhotoSize>())
        {
            File.Delete(PathOf(hash, size));
        }
    }

    /// <summary>The file of a size; one that an older Haar did not make is made now. Null when the photo is not here.</summary>
    public string? Find(string hash, PhotoSize size)
    {
        var path = PathOf(hash, size);
        if (File.Exists(path))
        {
            return path;
        }
        var full = PathOf(hash, PhotoSize.Full);
        if (size == PhotoSize.Full || !File.Exists(full))
        {
            return null;
        }
        using var bitmap = SKBitmap.Decode(full) ?? throw new BadPhotoException("That photo's file is damaged: restore a backup.");
        Smaller(hash, bitmap);
        // A photo that is no larger than the screen's size is its own.
        return File.Exists(path) ? path : full;
    }

    void Smaller(string hash, SKBitmap full)
    {
        if (
            File.Exists(PathOf(hash, PhotoSize.Thumb))
            && (Math.Max(full.Width, full.Height) <= ScreenSide || File.Exists(PathOf(hash, PhotoSize.Screen)))
        )
        {
            return;
        }
        if (Math.Max(full.Width, full.Height) > ScreenSide)
        {
            using var screen = Shrink(full, ScreenSide);
            Write(PathOf(hash, PhotoSize.Screen), Encode(screen, 82));
        }

        using var thumb = Shrink(full, ThumbSide);
        Write(PathOf(hash, PhotoSize.Thumb), Encode(thumb, 80));
    }

    static void Write(string path, byte[] bytes)
    {
        if (File.Exists(path))
        {
            return;
        }
        DurableFile.Write(path, bytes);
    }

    static byte[] Encode(SKBitmap bitmap, int quality)
    {
        using var image = SKImage.FromBitmap(bitmap);
        using var encoded = image.Encode(SKEncodedImageFormat.Jpeg, quality);
        return encoded.ToArray();
    }

    internal static SKBitmap Shrink(SKBitmap from, int side)
    {
        var scale = Math.Min(1f, (float)side / Math.Max(from.Width, from.Height));
        var info = new SKImageInfo(
            Math.Max(1, (int)MathF.Round(from.Width * scale)),
            Math.Max(1, (int)MathF.Round(from.Height * scale)),
            SKColorType.Rgba8888,
            SKAlphaType.Opaque
        );
        var to = new SKBitmap(info);
        using var canvas = new SKCanvas(to);
        canvas.Clear(SKColors.White);
        // An image of a bitmap that never changes again lies where the bitmap lies; else it would be copied.
        from.SetImmutable();
        using var image = SKImage.FromBitmap(from);
        // Down to a half the four neighbours hold every pixel; only below that are smaller pictures needed between, which cost most of the time.
        var between = scale < 0.5f ? SKMipmapMode.Linear : SKMipmapMode.None;
        canvas.DrawImage(image, new SKRect(0, 0, info.Width, info.Height), new SKSamplingOptions(SKFilterMode.Linear, between));
        return to;
    }
}
