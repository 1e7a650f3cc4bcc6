using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>A piece of a photo as linear light, row by row.</summary>
/// <param name="Light">Red, green and blue of each pixel in turn, each 0 to 1: 3 × width × height.</param>
public sealed record PixelGrid(int Width, int Height, float[] Light)
{
    /// <summary>The mean of it all, what is blown out, and how even the light is over it.</summary>
    public PatchSample Sample()
    {
        var n = Width * Height;
        if (n == 0 || Light.Length < 3 * n)
        {
            throw new InvalidInputException("photo", "That place is not in the photo.");
        }
        double r = 0,
            g = 0,
            b = 0;
        var clipped = 0;
        var quarter = new double[4];
        var count = new int[4];
        for (var y = 0; y < Height; y++)
        {
            for (var x = 0; x < Width; x++)
            {
                var i = 3 * (y * Width + x);
                var (red, green, blue) = (Light[i], Light[i + 1], Light[i + 2]);
                r += red;
                g += green;
                b += blue;
                // 254.5 of 255 in linear light.
                clipped += red > 0.995 || green > 0.995 || blue > 0.995 ? 1 : 0;
                var q = (2 * y < Height ? 0 : 2) + (2 * x < Width ? 0 : 1);
                quarter[q] += 0.2126 * red + 0.7152 * green + 0.0722 * blue;
                count[q]++;
            }
        }
        var means = quarter.Zip(count).Where(q => q.Second > 0).Select(q => q.First / q.Second).ToList();
        return new(
            255 * Srgb.Encoded(Math.Clamp(r / n, 0, 1)),
            255 * Srgb.Encoded(Math.Clamp(g / n, 0, 1)),
            255 * Srgb.Encoded(Math.Clamp(b / n, 0, 1)),
            (double)clipped / n,
            means.Min() <= 1e-6 ? 0 : means.Max() / means.Min() - 1
        );
    }

    /// <summary>Colour of one pixel, uncorrected.</summary>
    public Lab At(int x, int y)
    {
        var i = 3 * (y * Width + x);
        return Lab.Of(Srgb.ToXyz(Light[i], Light[i + 1], Light[i + 2]));
    }
}
