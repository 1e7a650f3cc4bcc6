using Haar.Core.Boards;
using Haar.Core.Colour;
using SkiaSharp;

namespace Haar.Data.Photos;

/// <summary>Pieces of a stored photo as linear light, for the rules that look at colours.</summary>
public sealed class PhotoPixels : IDisposable
{
    static readonly float[] Linear = [.. Enumerable.Range(0, 256).Select(v => (float)Srgb.Linear(v / 255.0))];

    readonly SKBitmap _bitmap;

    PhotoPixels(SKBitmap bitmap) => _bitmap = bitmap;

    /// <summary>The photo as stored, at most 2400 pixels a side.</summary>
    /// <exception cref="BadPhotoException">Its file is not here, or damaged.</exception>
    public static PhotoPixels Open(PhotoStore store, string hash)
    {
        var path = store.Find(hash, PhotoSize.Full) ?? throw new BadPhotoException("That photo's file is not here.");
        using var codec = SKCodec.Create(path) ?? throw new BadPhotoException("That photo's file is damaged: restore a backup.");
        var bitmap = new SKBitmap(new SKImageInfo(codec.Info.Width, codec.Info.Height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        if (codec.GetPixels(bitmap.Info, bitmap.GetPixels()) is not (SKCodecResult.Success or SKCodecResult.IncompleteInput))
        {
            bitmap.Dispose();
            throw new BadPhotoException("That photo's file is damaged: restore a backup.");
        }
        return new(bitmap);
    }

    public int Width => _bitmap.Width;
    public int Height => _bitmap.Height;

    /// <summary>A square round a tapped place.</summary>
    /// <param name="at">Shares of the photo.</param>
    /// <param name="radiusShare">Half its side, as a share of the photo's shorter side.</param>
    public PixelGrid Square(Point at, double radiusShare = 0.012)
    {
        var r = Math.Max(2, (int)(radiusShare * Math.Min(Width, Height)));
        var (cx, cy) = ((int)(at.X * Width), (int)(at.Y * Height));
        var (x0, y0) = (Math.Clamp(cx - r, 0, Math.Max(0, Width - 1)), Math.Clamp(cy - r, 0, Math.Max(0, Height - 1)));
        var (x1, y1) = (Math.Clamp(cx + r, x0, Width - 1), Math.Clamp(cy + r, y0, Height - 1));
        return Read(_bitmap, x0, y0, x1 - x0 + 1, y1 - y0 + 1);
    }

    /// <summary>Four corners laid out as a rectangle.</summary>
    /// <param name="corners">Top left, top right, bottom right, bottom left, as shares.</param>
    public PixelGrid Quad(IReadOnlyList<Point> corners, int width, int height, double margin = 0)
    {
        var plan = Straighten.Of(corners, Width, Height, (double)width / height);
        var m = plan.Matrix;
        using var to = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using (var canvas = new SKCanvas(to))
        {
            // The margin lies outside the corners, and is drawn with them.
            var inner = 1 - 2 * margin;
            canvas.SetMatrix(
                SKMatrix
                    .CreateScaleTranslation(
                        (float)(inner * width / plan.Width),
                        (float)(inner * height / plan.Height),
                        (float)(margin * width),
                        (float)(margin * height)
                    )
                    .PreConcat(
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
                    )
            );
            _bitmap.SetImmutable();
            using var image = SKImage.FromBitmap(_bitmap);
            canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        }
        return Read(to, 0, 0, width, height);
    }

    static PixelGrid Read(SKBitmap from, int x0, int y0, int w, int h)
    {
        var light = new float[3 * w * h];
        var pixels = from.GetPixelSpan();
        for (var y = 0; y < h; y++)
        {
            var row = pixels.Slice((y0 + y) * from.RowBytes + 4 * x0, 4 * w);
            for (var x = 0; x < w; x++)
            {
                var i = 3 * (y * w + x);
                light[i] = Linear[row[4 * x]];
                light[i + 1] = Linear[row[4 * x + 1]];
                light[i + 2] = Linear[row[4 * x + 2]];
            }
        }
        return new(w, h, light);
    }

    public void Dispose() => _bitmap.Dispose();
}
