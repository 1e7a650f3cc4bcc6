using System.Globalization;

namespace Haar.Core.Markings;

/// <summary>Numbers as they are written at the bench: three significant figures, an SI prefix, a true minus sign.</summary>
public static class Si
{
    static readonly (double Factor, string Prefix)[] Prefixes =
    [
        (1e9, "G"),
        (1e6, "M"),
        (1e3, "k"),
        (1, ""),
        (1e-3, "m"),
        (1e-6, "µ"),
        (1e-9, "n"),
        (1e-12, "p"),
    ];

    /// <summary>Such as <c>32.4 µF</c>. Rounds half away from zero to <paramref name="digits"/> significant figures. Capacitance never takes the prefix m or G, because no part is printed so.</summary>
    public static string Format(double value, string unit, int digits = 3)
    {
        if (value == 0 || unit is "%" or "" or "years" or "°C")
        {
            return unit.Length == 0 ? Plain(value) : $"{Plain(value)} {unit}";
        }

        var size = Math.Abs(value);
        var (factor, prefix) = Prefixes.FirstOrDefault(
            p => size >= p.Factor * (1 - 1e-9) && !(unit == "F" && p.Prefix is "m" or "G" or "k" or "M"),
            Prefixes[^1]
        );
        return $"{Plain(RoundTo(value / factor, digits))} {prefix}{unit}";
    }

    /// <summary>Up to six significant figures, no exponent, with a true minus sign.</summary>
    public static string Plain(double value) =>
        RoundTo(value, 6).ToString("0.############", CultureInfo.InvariantCulture).Replace('-', '−');

    /// <summary>Nine significant figures: what is left of a unit conversion without its binary dust.</summary>
    public static double Tidy(double value) => RoundTo(value, 9);

    static double RoundTo(double value, int digits)
    {
        if (value == 0 || !double.IsFinite(value))
        {
            return value;
        }

        var scale = Math.Pow(10, digits - 1 - Math.Floor(Math.Log10(Math.Abs(value))));
        return Math.Round(value * scale, MidpointRounding.AwayFromZero) / scale;
    }
}
