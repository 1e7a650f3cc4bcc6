using Haar.Core.Colour;
using Haar.Core.Keyboards;
using SkiaSharp;

namespace Haar.Data.Demo;

/// <summary>Draws a made-up shell under a card, a rusted panel and a keyboard, so that the demo workshop's case has photos that are nobody's.</summary>
static class CasePicture
{
    /// <summary>Where the card and the places lie on <see cref="Shell"/>, as shares.</summary>
    public static readonly (double X, double Y) Card = (0.14, 0.2),
        GreyCard = (0.14, 0.36);
    public static readonly (string Name, double X, double Y, bool Unaged)[] Places =
    [
        ("lid, left", 0.42, 0.4, false),
        ("lid, right", 0.74, 0.42, false),
        ("front edge", 0.56, 0.68, false),
        ("under the badge", 0.86, 0.7, true),
    ];

    /// <summary>A lighter field and a darker one of the bought card.</summary>
    public static readonly Lab White = new(95.2, -0.4, 1.1),
        Grey = new(50.1, -0.2, 0.3);

    /// <summary>A shell of such a yellow, in warm window light.</summary>
    /// <param name="b">b* of its lid; the spot under the badge stays at 7.</param>
    /// <param name="spread">By which its places differ.</param>
    public static byte[] Shell(double b, double spread, int seed)
    {
        const int w = 1200,
            h = 900;
        using var bitmap = new SKBitmap(new SKImageInfo(w, h, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(Lit(new(38, 1, 3)));
        var lid = new Lab(84 - (b - 7) * 0.28, -0.8 + (b - 7) * 0.1, b);
        Fill(canvas, SKRect.Create(300, 150, 820, 600), Lit(lid), 40);
        Fill(canvas, SKRect.Create(300, 540, 820, 210), Lit(new(lid.L - 2, lid.A + 0.2, b + spread)), 40);
        Fill(canvas, SKRect.Create(300, 540, 820, 60), Lit(new(lid.L - 2, lid.A + 0.2, b + spread)), 0);
        Fill(canvas, SKRect.Create(720, 190, 380, 330), Lit(new(lid.L + 0.5, lid.A, b - spread)), 26);
        // Slots, and the place under the badge that light never reached.
        for (var i = 0; i < 8; i++)
        {
            Fill(canvas, SKRect.Create(370 + i * 38, 210, 16, 110), Lit(new(30, 0, 2)), 8);
        }
        Fill(canvas, SKRect.Create(975, 590, 115, 80), Lit(new(85, -1, 7)), 4);
        // The card: white over grey.
        Fill(canvas, SKRect.Create(90, 110, 160, 140), Lit(White), 2);
        Fill(canvas, SKRect.Create(90, 255, 160, 140), Lit(Grey), 2);
        Grain(bitmap, seed);
        return Jpeg(bitmap);
    }

    /// <summary>A tower's side, rusted along its lower edge.</summary>
    public static byte[] Rusted(int seed)
    {
        const int w = 1000,
            h = 800;
        using var bitmap = new SKBitmap(new SKImageInfo(w, h, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(new SKColor(0x4b, 0x52, 0x4f));
        Fill(canvas, SKRect.Create(60, 60, 880, 680), new SKColor(0xcb, 0xc6, 0xb4), 6);
        var r = new Random(seed);
        for (var i = 0; i < 260; i++)
        {
            var (x, y) = (80 + r.NextSingle() * 840, 735 - MathF.Pow(r.NextSingle(), 2.4f) * 150);
            var size = 3 + r.NextSingle() * 13 * ((y - 560) / 180);
            using var p = new SKPaint
            {
                Color = new SKColor((byte)(112 + r.Next(46)), (byte)(58 + r.Next(22)), (byte)(24 + r.Next(18))),
                IsAntialias = true,
            };
            canvas.DrawOval(x, y, MathF.Max(2, size), MathF.Max(1.5f, size * 0.7f), p);
        }
        for (var i = 0; i < 5; i++)
        {
            Fill(canvas, SKRect.Create(650, 150 + i * 40, 200, 14), new SKColor(0x6b, 0x69, 0x60), 7);
        }
        Grain(bitmap, seed);
        return Jpeg(bitmap);
    }

    /// <summary>The corners of the keys on <see cref="Keys"/>.</summary>
    public static readonly (double X, double Y)[] KeyCorners = [(0.06, 0.14), (0.94, 0.14), (0.94, 0.86), (0.06, 0.86)];

    /// <summary>A keyboard from straight above, of such a layout.</summary>
    /// <param name="missing">Keys without a cap: the stem is seen.</param>
    public static byte[] Keys(Layout layout, IReadOnlySet<string> missing, int seed)
    {
        const int w = 1800;
        var height = (int)(w * 0.88 * layout.Height / layout.Width / 0.72);
        using var bitmap = new SKBitmap(new SKImageInfo(w, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(new SKColor(0x86, 0x7e, 0x6a));
        Fill(canvas, SKRect.Create(50, 40, w - 100, height - 80), new SKColor(0x3c, 0x3a, 0x33), 18);
        var unit = (float)(w * 0.88 / layout.Width);
        var (left, top) = (w * 0.06f, height * 0.14f);
        var down = (float)(height * 0.72 / layout.Height);
        var r = new Random(seed);
        using var face = Labels.LabelSheet.Font("next-bold");
        using var font = new SKFont(face, unit * 0.26f);
        foreach (var k in layout.Keys)
        {
            var at = SKRect.Create(
                left + (float)k.X * unit + 3,
                top + (float)k.Y * down + 3,
                (float)k.Width * unit - 6,
                (float)k.Height * down - 6
            );
            if (missing.Contains(k.Id))
            {
                Fill(canvas, SKRect.Create(at.MidX - 9, at.MidY - 9, 18, 18), new SKColor(0x8f, 0x8a, 0x7d), 3);
                continue;
            }
            var wide = k.Width > 1.2 || k.Legend.Length > 1;
            var shade = (byte)(r.Next(10));
            var cap = wide
                ? new SKColor((byte)(150 - shade), (byte)(140 - shade), (byte)(112 - shade))
                : new SKColor((byte)(214 - shade), (byte)(203 - shade), (byte)(170 - shade));
            Fill(canvas, at, cap, 7);
            Fill(
                canvas,
                SKRect.Create(at.Left + unit * 0.1f, at.Top + unit * 0.06f, at.Width - unit * 0.2f, at.Height - unit * 0.24f),
                cap.WithRed((byte)Math.Min(255, cap.Red + 12)).WithGreen((byte)Math.Min(255, cap.Green + 12)),
                6
            );
            using var ink = new SKPaint { Color = new SKColor(0x2b, 0x2a, 0x26), IsAntialias = true };
            canvas.DrawText(k.Legend, at.Left + unit * 0.18f, at.Top + unit * 0.38f, SKTextAlign.Left, font, ink);
        }
        Grain(bitmap, seed);
        return Jpeg(bitmap);
    }

    /// <summary>As a camera sees it in warm light: each channel by its own gain.</summary>
    static SKColor Lit(Lab c)
    {
        var l = Srgb.FromXyz(c.ToXyz());
        double[] lamp = [0.86, 0.78, 0.61];
        byte Of(int i) => (byte)Math.Clamp(Math.Round(255 * Srgb.Encoded(Math.Clamp(l[i] * lamp[i], 0, 1))), 0, 255);
        return new SKColor(Of(0), Of(1), Of(2));
    }

    static void Fill(SKCanvas canvas, SKRect at, SKColor colour, float round)
    {
        using var p = new SKPaint { Color = colour, IsAntialias = true };
        canvas.DrawRoundRect(at, round, round, p);
    }

    /// <summary>A sensor's noise, so that no two photos are the same.</summary>
    static void Grain(SKBitmap bitmap, int seed)
    {
        var r = new Random(seed);
        var pixels = bitmap.GetPixelSpan();
        for (var i = 0; i + 3 < pixels.Length; i += 4)
        {
            var g = r.Next(-4, 5);
            for (var c = i; c < i + 3; c++)
            {
                pixels[c] = (byte)Math.Clamp(pixels[c] + g, 0, 255);
            }
        }
    }

    static byte[] Jpeg(SKBitmap bitmap)
    {
        using var image = SKImage.FromBitmap(bitmap);
        using var jpeg = image.Encode(SKEncodedImageFormat.Jpeg, 88);
        return jpeg.ToArray();
    }
}
