using SkiaSharp;

namespace Haar.Data.Photos;

/// <summary>Reads a picture from outside: what it is by its content, its size before anything is unpacked, and then no more of it than is kept.</summary>
static class PhotoReader
{
    /// <summary>What cannot be read in parts (progressive JPEG, interlaced PNG, WebP) has to be unpacked whole: 40 million pixels take 160 MB. A default.</summary>
    public const long MostPixelsWhole = 40_000_000;

    /// <summary>The picture, not larger than needed for <paramref name="side"/>, upright.</summary>
    /// <exception cref="BadPhotoException">Not a JPEG, PNG or WebP, cut off, or too large.</exception>
    public static SKBitmap Read(byte[] bytes, int side)
    {
        // Read where it lies: a second copy of a large picture would be one too many.
        using var lies = new Lies(bytes);
        using var data = SKData.Create(lies.Address, bytes.Length);
        using var codec = SKCodec.Create(data);
        if (
            codec is null
            || codec.EncodedFormat is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp)
        )
        {
            throw new BadPhotoException(
                IsHeic(bytes)
                    ? "That is an HEIC picture, as some phones take them: set the camera to “most compatible”, or save it as JPEG, and send it again. Nothing was stored."
                    : "That file is not a photo: Haar takes JPEG, PNG and WebP, whatever the name says. Nothing was stored."
            );
        }

        var info = codec.Info;
        var pixels = (long)info.Width * info.Height;
        if (info.Width > PhotoStore.MostSide || info.Height > PhotoStore.MostSide || pixels > PhotoStore.MostPixels)
        {
            throw new BadPhotoException(
                $"That picture is {info.Width} by {info.Height} pixels; the most is {PhotoStore.MostSide} on a side. Nothing was stored."
            );
        }
        if (pixels > MostPixelsWhole)
        {
            MemoryBack.Large();
        }
        if (pixels > MostPixelsWhole && HasToBeWhole(bytes, codec.EncodedFormat) is { } kind)
        {
            throw new BadPhotoException(
                $"That picture is {info.Width} by {info.Height} pixels in a {kind}, which cannot be read in parts: save it as a plain JPEG, or smaller. Nothing was stored."
            );
        }

        using var small = Small(codec, bytes, side);
        return Upright(small, codec.EncodedOrigin);
    }

    /// <summary>What was unpacked is gone before anything else is made of it.</summary>
    static SKBitmap Small(SKCodec codec, byte[] bytes, int side)
    {
        var inBands =
            codec.EncodedFormat == SKEncodedImageFormat.Png
            && (long)codec.Info.Width * codec.Info.Height > MostPixelsWhole / 4
            && bytes[28] == 0;
        using var some = inBands ? InBands(codec, side) : Scaled(codec, side);
        return PhotoStore.Shrink(some, side);
    }

    /// <summary>Keeps the bytes where they are while they are read from outside the garbage collector's heap.</summary>
    sealed class Lies(byte[] bytes) : IDisposable
    {
        System.Runtime.InteropServices.GCHandle handle = System.Runtime.InteropServices.GCHandle.Alloc(
            bytes,
            System.Runtime.InteropServices.GCHandleType.Pinned
        );

        public nint Address => handle.AddrOfPinnedObject();

        public void Dispose() => handle.Free();
    }

    /// <summary>JPEG and WebP are unpacked at a fraction of their size; what cannot be is unpacked as it is.</summary>
    static SKBitmap Scaled(SKCodec codec, int side)
    {
        // Half as large again as what is kept, so that the last shrinking is a smooth one.
        var wanted = Math.Min(1f, side * 1.5f / Math.Max(codec.Info.Width, codec.Info.Height));
        var size = codec.GetScaledDimensions(wanted);
        var raw = new SKBitmap(new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        try
        {
            Whole(codec.GetPixels(raw.Info, raw.GetPixels()));
            return raw;
        }
        catch
        {
            raw.Dispose();
            throw;
        }
    }

    /// <summary>Bytes of a band of rows. A default: twenty bands of the largest picture, each read from the top.</summary>
    const int BandBytes = 24_000_000;

    /// <summary>A large PNG is read in bands of rows, and each square of its pixels becomes their mean.</summary>
    static SKBitmap InBands(SKCodec codec, int side)
    {
        var (w, h) = (codec.Info.Width, codec.Info.Height);
        var step = Math.Max(1, (int)(Math.Max(w, h) / (side * 1.5)));
        var to = new SKBitmap(new SKImageInfo(Math.Max(1, w / step), Math.Max(1, h / step), SKColorType.Rgba8888, SKAlphaType.Premul));
        try
        {
            var whole = new SKImageInfo(w, h, SKColorType.Rgba8888, SKAlphaType.Premul);
            var lines = Math.Max(1, BandBytes / (w * 4 * step));
            using var band = new SKBitmap(new SKImageInfo(w, lines * step, SKColorType.Rgba8888, SKAlphaType.Premul));
            var sums = new int[to.Width * 4];
            for (var top = 0; top < to.Height; top += lines)
            {
                var rows = Math.Min(lines, to.Height - top);
                var part = new SKCodecOptions(new SKRectI(0, top * step, w, (top + rows) * step));
                Whole(codec.StartIncrementalDecode(whole, band.GetPixels(), band.RowBytes, part));
                Whole(codec.IncrementalDecode(out _));
                for (var y = 0; y < rows; y++)
                {
                    Array.Clear(sums);
                    for (var r = 0; r < step; r++)
                    {
                        var row = band.GetPixelSpan().Slice((y * step + r) * band.RowBytes, to.Width * step * 4);
                        for (var x = 0; x < to.Width * step; x++)
                        {
                            var sum = x / step * 4;
                            var from = x * 4;
                            sums[sum] += row[from];
                            sums[sum + 1] += row[from + 1];
                            sums[sum + 2] += row[from + 2];
                            sums[sum + 3] += row[from + 3];
                        }
                    }
                    var line = to.GetPixelSpan().Slice((top + y) * to.RowBytes, to.Width * 4);
                    for (var i = 0; i < sums.Length; i++)
                    {
                        line[i] = (byte)(sums[i] / (step * step));
                    }
                }
            }
            return to;
        }
        catch
        {
            to.Dispose();
            throw;
        }
    }

    static void Whole(SKCodecResult result)
    {
        if (result is not SKCodecResult.Success)
        {
            throw CutOff();
        }
    }

    static BadPhotoException CutOff() => new("The photo is cut off or damaged: send it again. Nothing was stored.");

    static string? HasToBeWhole(byte[] bytes, SKEncodedImageFormat format) =>
        format switch
        {
            SKEncodedImageFormat.Webp => "WebP",
            SKEncodedImageFormat.Png => bytes[28] != 0 ? "interlaced PNG" : null,
            _ => JpegFile.IsProgressive(bytes) ? "progressive JPEG" : null,
        };

    /// <summary>ISO/IEC 23008-12: a box “ftyp” with one of these brands.</summary>
    static bool IsHeic(ReadOnlySpan<byte> b) =>
        b.Length > 12
        && b[4..8].SequenceEqual("ftyp"u8)
        && (
            b[8..12].SequenceEqual("heic"u8)
            || b[8..12].SequenceEqual("heix"u8)
            || b[8..12].SequenceEqual("mif1"u8)
            || b[8..12].SequenceEqual("avif"u8)
        );

    static SKBitmap Upright(SKBitmap raw, SKEncodedOrigin origin)
    {
        var swap =
            origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (w, h) = swap ? (raw.Height, raw.Width) : (raw.Width, raw.Height);
        var to = new SKBitmap(new SKImageInfo(w, h, SKColorType.Rgba8888, SKAlphaType.Opaque));
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

/// <summary>The segments of a JPEG file (ITU-T T.81, annex B), as far as they tell what else it carries.</summary>
static class JpegFile
{
    /// <summary>Its frame is a progressive one (SOF2, SOF6, SOF10, SOF14).</summary>
    public static bool IsProgressive(ReadOnlySpan<byte> b)
    {
        foreach (var (marker, _, _) in Segments(b))
        {
            if (marker is >= 0xC0 and <= 0xCF and not (0xC4 or 0xC8 or 0xCC))
            {
                return marker is 0xC2 or 0xC6 or 0xCA or 0xCE;
            }
        }
        return false;
    }

    /// <summary>It holds a picture and nothing besides: no EXIF, no XMP, no comment, no profile, nothing after its end.</summary>
    public static bool IsBare(ReadOnlySpan<byte> b)
    {
        if (b.Length < 4 || b[0] != 0xFF || b[1] != 0xD8 || b[^2] != 0xFF || b[^1] != 0xD9)
        {
            return false;
        }
        var scan = -1;
        foreach (var (marker, at, length) in Segments(b))
        {
            switch (marker)
            {
                case 0xE0 when length == 16 && b.Slice(at + 4, 5).SequenceEqual("JFIF\0"u8):
                case 0xDB or 0xC0 or 0xC1 or 0xC4 or 0xDD:
                    continue;
                case 0xDA:
                    scan = at + 2 + length;
                    break;
                default:
                    return false;
            }
        }
        if (scan < 0)
        {
            return false;
        }
        // In the scan a marker is a restart, or the end, and the end is the file's end.
        for (var i = scan; i < b.Length - 2; i++)
        {
            if (b[i] == 0xFF && b[i + 1] is not (0x00 or (>= 0xD0 and <= 0xD7)))
            {
                return false;
            }
        }
        return true;
    }

    /// <summary>Marker, place and length of each segment up to the first scan.</summary>
    static List<(byte Marker, int At, int Length)> Segments(ReadOnlySpan<byte> b)
    {
        var found = new List<(byte, int, int)>();
        for (var i = 2; i + 4 <= b.Length && b[i] == 0xFF; )
        {
            if (b[i + 1] == 0xFF)
            {
                i++;
                continue;
            }
            var length = b[i + 2] << 8 | b[i + 3];
            if (length < 2 || i + 2 + length > b.Length)
            {
                break;
            }
            found.Add((b[i + 1], i, length));
            if (b[i + 1] == 0xDA)
            {
                break;
            }
            i += 2 + length;
        }
        return found;
    }
}
