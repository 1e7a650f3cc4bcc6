using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>CIE 1931 tristimulus values under D65, 2° observer; Y is 1 for a perfect white.</summary>
public readonly record struct Xyz(double X, double Y, double Z)
{
    /// <summary>D65, 2° observer (IEC 61966-2-1, ASTM E308).</summary>
    public static readonly Xyz White = new(0.95047, 1, 1.08883);
}

/// <summary>CIELAB under D65, 2° observer.</summary>
/// <param name="L">Lightness, 0 to 100.</param>
/// <param name="A">Green to red.</param>
/// <param name="B">Blue to yellow: what an aged case gains.</param>
public readonly record struct Lab(double L, double A, double B)
{
    /// <summary>The turning point of the CIE's cube root, (6/29)³, and its slope below, (29/3)³ (ISO/CIE 11664-4).</summary>
    const double Epsilon = 216.0 / 24389,
        Kappa = 24389.0 / 27;

    public static Lab Of(Xyz c)
    {
        static double F(double t) => t > Epsilon ? Math.Cbrt(t) : (Kappa * t + 16) / 116;
        var (x, y, z) = (F(c.X / Xyz.White.X), F(c.Y / Xyz.White.Y), F(c.Z / Xyz.White.Z));
        // White itself comes out a few millionths over 100 by the rounding of its own matrix.
        var l = 116 * y - 16;
        return new(l is > 100 and < 100.001 ? 100 : l, 500 * (x - y), 200 * (y - z));
    }

    public Xyz ToXyz()
    {
        var y = (L + 16) / 116;
        var (x, z) = (y + A / 500, y - B / 200);
        static double Inverse(double f) => f * f * f > Epsilon ? f * f * f : (116 * f - 16) / Kappa;
        return new(Inverse(x) * Xyz.White.X, (L > Kappa * Epsilon ? y * y * y : L / Kappa) * Xyz.White.Y, Inverse(z) * Xyz.White.Z);
    }

    /// <exception cref="InvalidInputException">No colour that a surface has.</exception>
    internal static Lab Check(string field, Lab c)
    {
        InvalidInputException.Finite($"{field}.l", c.L, 0, 100, "");
        InvalidInputException.Finite($"{field}.a", c.A, -150, 150, "");
        InvalidInputException.Finite($"{field}.b", c.B, -150, 150, "");
        return c;
    }
}

/// <summary>sRGB after IEC 61966-2-1: its curve, and its primaries under D65.</summary>
public static class Srgb
{
    /// <summary>Linear light of one channel, both 0 to 1.</summary>
    public static double Linear(double v) => v <= 0.04045 ? v / 12.92 : Math.Pow((v + 0.055) / 1.055, 2.4);

    /// <summary>The channel that shows such a light, both 0 to 1.</summary>
    public static double Encoded(double v) => v <= 0.0031308 ? v * 12.92 : 1.055 * Math.Pow(v, 1 / 2.4) - 0.055;

    /// <summary>From linear light to CIE XYZ (IEC 61966-2-1, as the standard prints its matrix).</summary>
    public static Xyz ToXyz(double red, double green, double blue) =>
        new(
            0.4124564 * red + 0.3575761 * green + 0.1804375 * blue,
            0.2126729 * red + 0.7151522 * green + 0.0721750 * blue,
            0.0193339 * red + 0.1191920 * green + 0.9503041 * blue
        );

    /// <summary>Linear light of the three channels, in the order red, green, blue; outside 0 to 1 for what no screen can show.</summary>
    public static double[] FromXyz(Xyz c) =>
        [
            3.2404542 * c.X - 1.5371385 * c.Y - 0.4985314 * c.Z,
            -0.9692660 * c.X + 1.8760108 * c.Y + 0.0415560 * c.Z,
            0.0556434 * c.X - 0.2040259 * c.Y + 1.0572252 * c.Z,
        ];

    /// <param name="red">0 to 255, as in a photo; the same of the others.</param>
    /// <exception cref="InvalidInputException">Out of that range.</exception>
    public static Lab ToLab(double red, double green, double blue)
    {
        InvalidInputException.Finite("red", red, 0, 255, "");
        InvalidInputException.Finite("green", green, 0, 255, "");
        InvalidInputException.Finite("blue", blue, 0, 255, "");
        return Lab.Of(ToXyz(Linear(red / 255), Linear(green / 255), Linear(blue / 255)));
    }
}
