using SkiaSharp;

namespace Haar.Data.Tests;

/// <summary>Pictures made here: a grey field with a darker square.</summary>
static class Pictures
{
    public static byte[] Png(int width, int height, byte shade = 90)
    {
        using var bitmap = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(new SKColor(150, 160, 160));
            using var paint = new SKPaint { Color = new SKColor(shade, shade, shade) };
            canvas.DrawRect(width / 4f, height / 4f, width / 3f, height / 3f, paint);
        }
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Png, 100);
        return data.ToArray();
    }
}
