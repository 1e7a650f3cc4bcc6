using Haar.Core.Colour;
using SkiaSharp;

namespace Haar.Data.Labels;

/// <summary>The printed card, twice on A4 and vector throughout: one for the bench, one to keep in the dark and compare it with.</summary>
public static class CardSheet
{
    const float Millimetre = 72f / 25.4f;

    public static void Pdf(Stream to)
    {
        using var stream = new SKManagedWStream(to);
        using var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = "Colour card", Creator = "Haar" });
        var canvas = document.BeginPage(210 * Millimetre, 297 * Millimetre);
        Draw(canvas, 52, 30, "For the bench: beside the part, in the same light.");
        Draw(canvas, 52, 130, "For the drawer: in the dark, to see whether the other has aged.");
        document.EndPage();
        document.Close();
    }

    static void Draw(SKCanvas canvas, float left, float top, string what)
    {
        var (w, h) = ((float)PrintedCard.WidthMillimetres, (float)PrintedCard.HeightMillimetres);
        SKRect At(float x, float y, float width, float height) =>
            SKRect.Create((left + x) * Millimetre, (top + y) * Millimetre, width * Millimetre, height * Millimetre);
        using var ink = new SKPaint { Color = SKColors.Black, IsAntialias = true };
        using var line = new SKPaint
        {
            Color = new SKColor(140, 140, 140),
            IsStroke = true,
            StrokeWidth = 0.4f,
        };
        using var bold = new SKFont(LabelSheet.Font("next-bold"), 9);
        using var regular = new SKFont(LabelSheet.Font("next-regular"), 7);
        canvas.DrawRect(At(0, 0, w, h), line);
        var patches = PrintedCard.Patches;
        var each = (w - 10) / patches.Count;
        for (var i = 0; i < patches.Count; i++)
        {
            var g = patches[i].Grey;
            using var fill = new SKPaint { Color = new SKColor(g, g, g) };
            var area = At(5 + i * each, 5, each - 1, 34);
            canvas.DrawRect(area, fill);
            canvas.DrawRect(area, line);
            canvas.DrawText(patches[i].Name, area.MidX, (top + 43) * Millimetre, SKTextAlign.Center, regular, ink);
        }
        // A rule of 90 mm: a printer that shrinks the page is seen by it.
        for (var mm = 0; mm <= 90; mm++)
        {
            var tall =
                mm % 10 == 0 ? 4f
                : mm % 5 == 0 ? 2.6f
                : 1.5f;
            var x = (left + 7 + mm) * Millimetre;
            canvas.DrawLine(x, (top + 47) * Millimetre, x, (top + 47 + tall) * Millimetre, ink);
        }
        canvas.DrawText(
            "90 mm: if a rule disagrees, the printer has scaled the page.",
            (left + 7) * Millimetre,
            (top + 56) * Millimetre,
            SKTextAlign.Left,
            regular,
            ink
        );
        canvas.DrawText(what, (left + 7) * Millimetre, (top + 63) * Millimetre, SKTextAlign.Left, bold, ink);
        canvas.DrawText(
            "A printed grey has no known colour: figures under this card compare with each other and with nothing else.",
            (left + 7) * Millimetre,
            (top + 68.5f) * Millimetre,
            SKTextAlign.Left,
            new SKFont(LabelSheet.Font("next-regular"), 5.6f),
            ink
        );
    }
}
