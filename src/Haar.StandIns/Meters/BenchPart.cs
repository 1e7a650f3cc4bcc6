using System.Globalization;
using System.Text.RegularExpressions;

namespace Haar.StandIns.Meters;

/// <summary>What lies under the stand-in's probes: true values in farads, ohms and volts.</summary>
public sealed record BenchPart(double Farads, double Ohms, double Volts, double RippleVolts)
{
    /// <summary>Nothing between the probes.</summary>
    public static readonly BenchPart Open = new(12e-12, 9.9e37, 0.0004, 0.0001);
}

/// <summary>
/// Guesses what a person would probe from the words on the meter's display: "C14 47 µF 16 V" lies there with about that value,
/// a rail with about its volts. The same words always give the same part.
/// </summary>
public static partial class BenchParts
{
    /// <summary>Rails whose supply in the demo is tired, by their words.</summary>
    static readonly Dictionary<string, (double Volts, double Ripple)> Rails = new()
    {
        ["+3.3 V"] = (3.31, 0.022),
        ["+5 V"] = (5.07, 0.038),
        ["+12 V"] = (11.21, 0.360),
        ["-12 V"] = (-11.6, 0.071),
        ["+5 V sb"] = (5.02, 0.019),
        ["-5 V"] = (-5.08, 0.03),
        ["+3 V"] = (2.96, 0.008),
    };

    public static BenchPart For(string display)
    {
        var text = display.Replace('−', '-').Trim();
        foreach (var (rail, value) in Rails.OrderByDescending(r => r.Key.Length))
        {
            if (text.EndsWith(rail, StringComparison.Ordinal) && !Value().IsMatch(text))
            {
                return new(12e-12, 41 + Seed(text) * 100, value.Volts, value.Ripple);
            }
        }

        // A film part of its own that the bench keeps to try the meter on.
        if (text.Equals("reference", StringComparison.OrdinalIgnoreCase))
        {
            return new(1.003e-6, 0.02, 0, 0);
        }

        // A net, shown with what whole copper has: most are whole, some thin, a few open; a mended one is whole.
        if (Net().Match(text) is { Success: true } net)
        {
            var whole = double.Parse(net.Groups[1].Value, CultureInfo.InvariantCulture) / 1000;
            var fate = text.Contains("mended", StringComparison.OrdinalIgnoreCase) ? 0 : Seed(text.Split(',')[0]);
            return new(12e-12, fate > 0.85 ? 9.9e37 : whole * (fate > 0.65 ? 2.6 : 1.02 + 0.1 * Seed(text)), 0, 0);
        }

        if (Value().Match(text) is { Success: true } m)
        {
            var unit = m.Groups[2].Value switch
            {
                "p" => 1e-12,
                "n" => 1e-9,
                "m" => 1e-3,
                _ => 1e-6,
            };
            var nominal = double.Parse(m.Groups[1].Value, CultureInfo.InvariantCulture) * unit;
            var isNew = text.Contains("new", StringComparison.OrdinalIgnoreCase);
            var tired = !isNew && Seed(text) > 0.8;
            var esr = 0.08 / (2 * Math.PI * 120 * nominal) * (tired ? 9 : 1);
            return new(nominal * (tired ? 0.66 : 0.94 + 0.08 * Seed(text + "c")), Math.Round(esr, 4), 0.0002, 0.0001);
        }

        return BenchPart.Open;
    }

    /// <summary>0 to 1, the same on every machine (FNV-1a).</summary>
    static double Seed(string text)
    {
        var hash = 2166136261u;
        foreach (var c in text)
        {
            hash = (hash ^ c) * 16777619u;
        }
        return (hash >> 8) / (double)(1 << 24);
    }

    [GeneratedRegex(@"(\d+(?:\.\d+)?)\s*mΩ")]
    private static partial Regex Net();

    [GeneratedRegex(@"(\d+(?:\.\d+)?)\s*([pnuµm])F")]
    private static partial Regex Value();
}
