using Haar.Core.Stripdown;
using SkiaSharp;

namespace Haar.Data.Demo;

/// <summary>Draws a made-up chassis with one piece in the middle of it, so that the demo workshop's strip-downs have photos that are nobody's.</summary>
static class StepPicture
{
    static readonly SKColor Dark = new(0x2a, 0x31, 0x2f);
    static readonly SKColor Steel = new(0x8a, 0x97, 0x91);
    static readonly SKColor Plate = new(0x6e, 0x7a, 0x74);

    public static byte[] Draw(PieceKind kind, int seed, bool beige = false, int width = 960, int height = 720)
    {
        const int drawnWidth = 1200,
            drawnHeight = 900;
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using var canvas = new SKCanvas(bitmap);
        var r = new Random(seed);
        canvas.Clear(new SKColor(0x53, 0x5c, 0x57));
        canvas.Scale((float)width / drawnWidth, (float)height / drawnHeight);
        Fill(canvas, new SKRect(90, 70, drawnWidth - 90, drawnHeight - 60), beige ? new SKColor(0xb9, 0xae, 0x93) : Plate, 14);
        Fill(
            canvas,
            new SKRect(130, 110, drawnWidth - 130, drawnHeight - 100),
            beige ? new SKColor(0x9a, 0x92, 0x7c) : new SKColor(0x5f, 0x6b, 0x65),
            8
        );
        for (var i = 0; i < 14; i++)
        {
            Screw(canvas, 140 + r.Next(drawnWidth - 280), 120 + r.Next(drawnHeight - 240), 7, Plate);
        }
        var piece = new SKRect(250, 190, 860, 720);
        switch (kind)
        {
            case PieceKind.Cage or PieceKind.Drive:
                Fill(canvas, piece, Steel, 6);
                for (var y = 0; y < (kind == PieceKind.Cage ? 3 : 1); y++)
                {
                    Fill(canvas, SKRect.Create(300, 240 + y * 150, 510, kind == PieceKind.Cage ? 120 : 420), Dark, 3);
                }
                Ribbon(canvas, 820, 330);
                break;
            case PieceKind.Board:
                Fill(canvas, piece, new SKColor(0x2c, 0x58, 0x47), 6);
                for (var i = 0; i < 16; i++)
                {
                    Fill(canvas, SKRect.Create(280 + r.Next(480), 220 + r.Next(420), 40 + r.Next(70), 30 + r.Next(50)), Dark, 2);
                }
                Ribbon(canvas, 820, 480);
                break;
            case PieceKind.Card:
                Fill(canvas, new SKRect(240, 330, 900, 540), new SKColor(0x2c, 0x58, 0x47), 4);
                Fill(canvas, new SKRect(220, 270, 250, 600), Steel, 2);
                for (var i = 0; i < 9; i++)
                {
                    Fill(canvas, SKRect.Create(280 + i * 66, 360 + r.Next(60), 46, 60), Dark, 2);
                }
                Fill(canvas, new SKRect(330, 540, 800, 562), new SKColor(0xdd, 0xa2, 0x3a), 0);
                break;
            case PieceKind.Module:
                for (var i = 0; i < 4; i++)
                {
                    Fill(canvas, SKRect.Create(300, 230 + i * 110, 560, 64), new SKColor(0x2c, 0x58, 0x47), 3);
                    for (var c = 0; c < 8; c++)
                    {
                        Fill(canvas, SKRect.Create(320 + c * 66, 242 + i * 110, 46, 38), Dark, 2);
                    }
                }
                break;
            case PieceKind.Supply:
                Fill(canvas, piece, Steel, 6);
                using (
                    var grille = new SKPaint
                    {
                        Color = Dark,
                        IsAntialias = true,
                        IsStroke = true,
                        StrokeWidth = 10,
                    }
                )
                {
                    for (var i = 1; i < 6; i++)
                    {
                        canvas.DrawCircle(520, 450, i * 34, grille);
                    }
                }
                for (var i = 0; i < 4; i++)
                {
                    Lead(
                        canvas,
                        860,
                        380 + i * 40,
                        i switch
                        {
                            0 => new SKColor(0x9d, 0x2f, 0x22),
                            1 => new SKColor(0xdd, 0xa2, 0x3a),
                            _ => Dark,
                        }
                    );
                }
                break;
            case PieceKind.Keyboard:
                Fill(canvas, new SKRect(200, 320, 1000, 620), new SKColor(0xc9, 0xc2, 0xae), 10);
                for (var y = 0; y < 5; y++)
                {
                    for (var x = 0; x < 13; x++)
                    {
                        Fill(canvas, SKRect.Create(226 + x * 59, 342 + y * 53, 48, 43), Dark, 5);
                    }
                }
                break;
            case PieceKind.Display:
                Fill(canvas, piece, Dark, 16);
                Fill(canvas, SKRect.Inflate(piece, -50, -50), new SKColor(0x3e, 0x57, 0x5c), 8);
                break;
            case PieceKind.Fan or PieceKind.Speaker:
                using (var round = new SKPaint { Color = Dark, IsAntialias = true })
                {
                    canvas.DrawCircle(550, 450, 190, round);
                }
                using (var hub = new SKPaint { Color = Steel, IsAntialias = true })
                {
                    canvas.DrawCircle(550, 450, 60, hub);
                }
                Lead(canvas, 720, 520, new SKColor(0x9d, 0x2f, 0x22));
                break;
            default:
                Fill(canvas, piece, beige ? new SKColor(0xd3, 0xca, 0xb0) : new SKColor(0x9c, 0xa8, 0xa1), 18);
                Fill(canvas, SKRect.Inflate(piece, -70, -90), beige ? new SKColor(0xc2, 0xb8, 0x9c) : Steel, 10);
                break;
        }

        foreach (var (x, y) in new[] { (250f, 190f), (860f, 190f), (250f, 720f), (860f, 720f) })
        {
            Screw(canvas, x + (x < 500 ? 26 : -26), y + (y < 400 ? 26 : -26), 13, new SKColor(0xc4, 0xca, 0xc6));
        }
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, 88);
        return data.ToArray();
    }

    static void Fill(SKCanvas canvas, SKRect at, SKColor colour, float round)
    {
        using var p = new SKPaint { Color = colour, IsAntialias = true };
        canvas.DrawRoundRect(at, round, round, p);
    }

    static void Screw(SKCanvas canvas, float x, float y, float radius, SKColor colour)
    {
        using var head = new SKPaint { Color = colour, IsAntialias = true };
        using var slot = new SKPaint
        {
            Color = Dark,
            IsAntialias = true,
            IsStroke = true,
            StrokeWidth = radius / 4,
        };
        canvas.DrawCircle(x, y, radius, head);
        canvas.DrawLine(x - radius * 0.6f, y, x + radius * 0.6f, y, slot);
        canvas.DrawLine(x, y - radius * 0.6f, x, y + radius * 0.6f, slot);
    }

    static void Lead(SKCanvas canvas, float x, float y, SKColor colour)
    {
        using var p = new SKPaint
        {
            Color = colour,
            IsAntialias = true,
            IsStroke = true,
            StrokeWidth = 12,
            StrokeCap = SKStrokeCap.Round,
        };
        using var path = new SKPathBuilder();
        path.MoveTo(x, y);
        path.CubicTo(x + 120, y, x + 60, y + 180, x + 170, y + 190);
        using var drawn = path.Detach();
        canvas.DrawPath(drawn, p);
    }

    static void Ribbon(SKCanvas canvas, float x, float y)
    {
        using var path = new SKPathBuilder();
        path.MoveTo(x, y);
        path.CubicTo(x + 170, y - 30, x + 60, y + 260, x + 220, y + 330);
        using var drawn = path.Detach();
        using var band = new SKPaint
        {
            Color = new SKColor(0xcf, 0xc5, 0xa4),
            IsAntialias = true,
            IsStroke = true,
            StrokeWidth = 58,
        };
        canvas.DrawPath(drawn, band);
        canvas.Translate(25, -12);
        using var edge = new SKPaint
        {
            Color = new SKColor(0x9d, 0x2f, 0x22),
            IsAntialias = true,
            IsStroke = true,
            StrokeWidth = 8,
        };
        canvas.DrawPath(drawn, edge);
        canvas.Translate(-25, 12);
    }
}
