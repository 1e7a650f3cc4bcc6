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
        using var data = SKData.CreateCopy(bytes);
        using var codec = SKCodec.Create(data);
        if (
            codec is null
            || codec.EncodedFormat is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp)
        )
        {
            throw new BadPhotoException("That file is not a photo: Haar takes JPEG, PNG and WebP, whatever the name says.");
        }

        var info = codec.Info;
        if (info.Width > MostSide || info.Height > MostSide || (long)info.Width * info.Height > MostPixels)
        {
            throw new BadPhotoException(
                $"That picture is {info.Width} by {info.Height} pixels; the most is {MostSide} on a side. Nothing was stored."
            );
        }

        // JPEG decodes at a fraction of its size directly, which keeps a large photo out of memory.
        var wanted = Math.Min(1f, FullSide * 1.5f / Math.Max(info.Width, info.Height));
        var size = codec.GetScaledDimensions(wanted);
        using var raw = new SKBitmap(new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        var result = codec.GetPixels(raw.Info, raw.GetPixels());
        if (result is not SKCodecResult.Success)
        {
            throw new BadPhotoException("The photo is cut off or damaged: send it again. Nothing was stored.");
        }

        using var upright = Upright(raw, codec.EncodedOrigin);
        using var full = Shrink(upright, FullSide);
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

    /// <summary>Takes a stored JPEG as it is, when it is what its hash says; for imports.</summary>
    public void AddStored(string hash, byte[] jpeg)
    {
        if (Convert.ToHexStringLower(SHA256.HashData(jpeg)) != hash)
        {
            throw new BadPhotoException("A photo in the file is not the one that its name promises: the file is damaged.");
        }
        using var bitmap = SKBitmap.Decode(jpeg) ?? throw new BadPhotoException("A photo in the file cannot be read.");
        Write(PathOf(hash, PhotoSize.Full), jpeg);
        Smaller(hash, bitmap);
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
        Directory.CreateDirectory(Path.GetDirectoryName(path)!);
        var part = $"{path}.{Guid.NewGuid():N}.part";
        try
        {
            File.WriteAllBytes(part, bytes);
            File.Move(part, path, true);
        }
        catch
        {
            File.Delete(part);
            throw;
        }
    }

    static byte[] Encode(SKBitmap bitmap, int quality)
    {
        using var image = SKImage.FromBitmap(bitmap);
        using var encoded = image.Encode(SKEncodedImageFormat.Jpeg, quality);
        return encoded.ToArray();
    }

    static SKBitmap Shrink(SKBitmap from, int side)
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
        using var image = SKImage.FromBitmap(from);
        canvas.DrawImage(image, new SKRect(0, 0, info.Width, info.Height), new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return to;
    }

    static SKBitmap Upright(SKBitmap raw, SKEncodedOrigin origin)
    {
        var swap =
            origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (w, h) = swap ? (raw.Height, raw.Width) : (raw.Width, raw.Height);
        var to = new SKBitmap(new SKImageInfo(w, h, SKColorType.Rgba8888, SKAlphaType.Premul));
        using var canvas = new SKCanvas(to);
        canvas.Concat(
            origin switch
            {
                SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, w, 0, 1, 0, 0, 0, 1),
                SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, w, 0, -1, h, 0, 0, 1),
                SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, h, 0, 0, 1),
                SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightTop => new SKMatrix(0, -1, w, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, w, -1, 0, h, 0, 0, 1),
                SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, h, 0, 0, 1),
                _ => SKMatrix.Identity,
            }
        );
        using var image = SKImage.FromBitmap(raw);
        canvas.DrawImage(image, 0, 0, SKSamplingOptions.Default);
        return to;
    }
}
