using System.Reflection;
using QRCoder;
using SkiaSharp;

namespace Haar.Data.Labels;

/// <summary>One label of a tray or a drawer.</summary>
/// <param name="Large">Read from a metre away: "C2".</param>
/// <param name="Of">The machine, or the drawer.</param>
/// <param name="Title">The step, "14 · Drive cage", or the part.</param>
/// <param name="Lines">What lies in it, each a line.</param>
/// <param name="Address">What the QR code opens.</param>
public sealed record Label(string Large, string Of, string Title, IReadOnlyList<string> Lines, string Address);

/// <summary>A sheet of labels as PDF: A4, three by eight, 70 × 37 mm, the common sheet of 24; vector throughout, fonts inside.</summary>
public static class LabelSheet
{
    const float Millimetre = 72f / 25.4f;
    public const int Columns = 3;
    public const int Rows = 8;
    static readonly Lazy<(SKTypeface Bold, SKTypeface Regular, SKTypeface Mono)> Fonts = new(() =>
        (Font("next-bold"), Font("next-regular"), Font("mono-semibold"))
    );

    /// <param name="skip">Labels already peeled off the first sheet.</param>
    /// <param name="labels">Drawn as they come, and never held all at once.</param>
    /// <param name="to">Written to page by page.</param>
    public static void Pdf(IEnumerable<Label> labels, Stream to, int skip = 0)
    {
        using var stream = new SKManagedWStream(to);
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = "Labels", Creator = "Haar" }))
        {
            var (w, h) = (70 * Millimetre, 37 * Millimetre);
            var perPage = Columns * Rows;
            var cell = Math.Clamp(skip, 0, perPage - 1);
            SKCanvas? canvas = null;
            foreach (var label in labels)
            {
                canvas ??= document.BeginPage(210 * Millimetre, 297 * Millimetre);
                Draw(canvas, label, SKRect.Create(cell % Columns * w, 0.5f * Millimetre + cell / Columns * h, w, h));
                if (++cell == perPage)
                {
                    document.EndPage();
                    (canvas, cell) = (null, 0);
                }
            }

            if (canvas is not null)
            {
                document.EndPage();
            }
            document.Close();
        }
    }

    /// <summary>As one piece, for a handful of labels.</summary>
    public static byte[] Pdf(IReadOnlyList<Label> labels, int skip = 0)
    {
        using var stream = new MemoryStream();
        Pdf(labels, stream, skip);
        return stream.ToArray();
    }

    static void Draw(SKCanvas canvas, Label label, SKRect cell)
    {
        var (bold, regular, mono) = Fonts.Value;
        using var ink = new SKPaint { Color = new SKColor(0x14, 0x2e, 0x2b), IsAntialias = true };
        var area = SKRect.Inflate(cell, -3.5f * Millimetre, -3 * Millimetre);
        var qr = Math.Min(area.Height, 24 * Millimetre);
        Code(canvas, label.Address, SKRect.Create(area.Right - qr, area.Top, qr, qr), ink);
        var width = area.Width - qr - 2 * Millimetre;
        using var large = new SKFont(mono, 24);
        using var title = new SKFont(bold, 9.5f);
        using var line = new SKFont(regular, 8);
        var y = area.Top + 18;
        canvas.DrawText(Cut(label.Large, large, width), area.Left, y, SKTextAlign.Left, large, ink);
        canvas.DrawText(Cut(label.Title, title, width), area.Left, y += 14, SKTextAlign.Left, title, ink);
        foreach (var l in label.Lines.Take(4))
        {
            canvas.DrawText(Cut(l, line, width), area.Left, y += 10.5f, SKTextAlign.Left, line, ink);
        }
        canvas.DrawText(Cut(label.Of, line, area.Width), area.Left, area.Bottom, SKTextAlign.Left, line, ink);
    }

    static void Code(SKCanvas canvas, string text, SKRect area, SKPaint ink)
    {
        using var data = new QRCodeGenerator().CreateQrCode(text, QRCodeGenerator.ECCLevel.M);
        var m = data.ModuleMatrix;
        var size = area.Width / m.Count;
        using var path = new SKPathBuilder();
        for (var r = 0; r < m.Count; r++)
        {
            for (var c = 0; c < m.Count; c++)
            {
                if (m[r][c])
                {
                    path.AddRect(SKRect.Create(area.Left + c * size, area.Top + r * size, size, size));
                }
            }
        }

        using var modules = path.Detach();
        canvas.DrawPath(modules, ink);
    }

    static string Cut(string text, SKFont font, float width)
    {
        if (font.MeasureText(text) <= width)
        {
            return text;
        }
        while (text.Length > 1 && font.MeasureText(text + "…") > width)
        {
            text = text[..^1];
        }
        return text + "…";
    }

    internal static SKTypeface Font(string name)
    {
        using var s =
            Assembly.GetExecutingAssembly().GetManifestResourceStream($"Haar.Data.Labels.fonts.{name}.ttf")
            ?? throw new InvalidOperationException($"{name} does not ship.");
        return SKTypeface.FromStream(s) ?? throw new InvalidOperationException($"{name} cannot be read.");
    }
}
