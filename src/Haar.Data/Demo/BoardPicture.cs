using SkiaSharp;

namespace Haar.Data.Demo;

/// <summary>Draws a made-up board seen from above, so that the demo workshop has photos that are nobody's.</summary>
static class BoardPicture
{
    public static byte[] Draw(
        int seed,
        IEnumerable<(double X, double Y, float Radius, bool Can)> parts,
        (double X, double Y)? stain = null,
        int width = 1200,
        int height = 809
    )
    {
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(new SKColor(0x8a, 0x93, 0x8c));
        var edge = width * 0.03f;
        var board = new SKRect(edge, edge * 0.9f, width - edge, height - edge);
        using var mask = new SKPaint { Color = new SKColor(0x2c, 0x58, 0x47), IsAntialias = true };
        canvas.DrawRoundRect(board, 12, 12, mask);
        var r = new Random(seed);
        using var trace = new SKPaint
        {
            Color = new SKColor(0x3f, 0x78, 0x60),
            IsStroke = true,
            StrokeWidth = 3,
            IsAntialias = true,
        };
        for (var i = 0; i < 120; i++)
        {
            var x = board.Left + r.NextSingle() * board.Width;
            var y = board.Top + r.NextSingle() * board.Height;
            var dx = (r.Next(2) == 0 ? -1 : 1) * (40 + r.Next(160));
            var bend = (r.Next(2) == 0 ? -1 : 1) * r.Next(16, 44);
            using var path = new SKPathBuilder();
            path.MoveTo(x, y);
            path.LineTo(Math.Clamp(x + dx, board.Left, board.Right), y);
            path.LineTo(
                Math.Clamp(x + dx + Math.Sign(dx) * Math.Abs(bend), board.Left, board.Right),
                Math.Clamp(y + bend, board.Top, board.Bottom)
            );
            path.LineTo(
                Math.Clamp(x + dx + Math.Sign(dx) * Math.Abs(bend), board.Left, board.Right),
                Math.Clamp(y + bend * 4, board.Top, board.Bottom)
            );
            using var drawn = path.Detach();
            canvas.DrawPath(drawn, trace);
        }

        var all = parts.ToList();
        for (var i = 0; i < 40; i++)
        {
            var w = 60 + r.Next(130);
            var h = 50 + r.Next(90);
            var chip = SKRect.Create(
                board.Left + 30 + r.NextSingle() * (board.Width - w - 60),
                board.Top + 30 + r.NextSingle() * (board.Height - h - 60),
                w,
                h
            );
            var clear = SKRect.Inflate(chip, 44, 44);
            if (
                all.Any(p => clear.Contains((float)p.X * width, (float)p.Y * height))
                || stain is { } s0 && SKRect.Inflate(chip, 170, 140).Contains((float)s0.X * width, (float)s0.Y * height)
            )
            {
                continue;
            }
            Chip(canvas, chip);
            all.Add((chip.MidX / width, chip.MidY / height, 0, false));
            all.Add((chip.Left / width, chip.Top / height, 0, false));
            all.Add((chip.Right / width, chip.Bottom / height, 0, false));
            all.Add((chip.Left / width, chip.Bottom / height, 0, false));
            all.Add((chip.Right / width, chip.Top / height, 0, false));
        }

        if (stain is { } s)
        {
            using var glow = new SKPaint
            {
                Color = new SKColor(0x9c, 0xc0, 0xa4, 0x60),
                IsAntialias = true,
                MaskFilter = SKMaskFilter.CreateBlur(SKBlurStyle.Normal, 28),
            };
            canvas.DrawOval((float)s.X * width, (float)s.Y * height, 150, 105, glow);
            canvas.DrawOval((float)s.X * width - 40, (float)s.Y * height + 30, 90, 70, glow);
        }

        foreach (var (x, y, radius, can) in parts.Where(p => p.Radius > 0))
        {
            Part(canvas, (float)x * width, (float)y * height, radius, can);
        }
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, 90);
        return data.ToArray();
    }

    static void Chip(SKCanvas canvas, SKRect chip)
    {
        using var body = new SKPaint { Color = new SKColor(0x1c, 0x20, 0x1e), IsAntialias = true };
        using var leg = new SKPaint { Color = new SKColor(0xb6, 0xbd, 0xb6), IsAntialias = true };
        for (var x = chip.Left + 6; x < chip.Right - 8; x += 12)
        {
            canvas.DrawRect(x, chip.Top - 7, 6, 8, leg);
            canvas.DrawRect(x, chip.Bottom - 1, 6, 8, leg);
        }

        canvas.DrawRoundRect(chip, 3, 3, body);
        using var dot = new SKPaint { Color = new SKColor(0x3b, 0x42, 0x3e), IsAntialias = true };
        canvas.DrawCircle(chip.Left + 10, chip.Bottom - 10, 4, dot);
    }

    static void Part(SKCanvas canvas, float x, float y, float radius, bool can)
    {
        using var shade = new SKPaint { Color = new SKColor(0, 0, 0, 70), IsAntialias = true };
        canvas.DrawCircle(x + 3, y + 4, radius, shade);
        using var metal = new SKPaint { Color = can ? new SKColor(0xc4, 0xca, 0xc6) : new SKColor(0xb8, 0x8a, 0x3a), IsAntialias = true };
        canvas.DrawCircle(x, y, radius, metal);
        if (!can)
        {
            return;
        }
        using var stripe = new SKPaint { Color = new SKColor(0x26, 0x2c, 0x2a), IsAntialias = true };
        canvas.Save();
        using var clip = new SKPathBuilder();
        clip.AddCircle(x, y, radius);
        using var round = clip.Detach();
        canvas.ClipPath(round, SKClipOperation.Intersect, true);
        canvas.DrawRect(x - radius, y - radius, radius * 2, radius * 0.75f, stripe);
        canvas.Restore();
    }
}
