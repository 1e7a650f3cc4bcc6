using System.Text.Json.Serialization;

namespace Haar.Core.Meters;

public enum Quantity
{
    Capacitance = 0,
    Esr,
    Leakage,
    Volts,
    RippleVolts,
    Ohms,
    Seconds,
    Celsius,
    Frames,
    Rate,
}

/// <summary>What a reading was taken of.</summary>
public enum SubjectKind
{
    Capacitor = 0,
    Rail,
    Proof,
    Net,
    HotPart,
}

/// <summary>
/// One value read, in the base SI unit of its quantity (F, Ω, A, V, s, °C). Readings are never changed: a newer one of the
/// same subject, channel and quantity stands in its place and the older one is kept; a wrong one is struck.
/// </summary>
public sealed class Reading
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public SubjectKind SubjectKind { get; init; }
    public Guid SubjectId { get; init; }

    /// <summary>Rail name; "old" or "new" part; "before" or "after".</summary>
    public string Channel { get; init; } = "";
    public Quantity Quantity { get; init; }
    public double Value { get; init; }
    public double? FrequencyHertz { get; init; }
    public bool InCircuit { get; init; }

    /// <summary>"typed", or the meter's own identification.</summary>
    public string Source { get; init; } = "typed";

    /// <summary>What it was read with.</summary>
    public Instrument Instrument { get; init; }

    /// <summary>The smallest step that the range shows, in the unit of the quantity; null when nobody said.</summary>
    public double? Step { get; init; }
    public DateTimeOffset At { get; init; }

    [JsonPropertyName("struck")]
    public bool Voided { get; set; }
}

/// <summary>What a reading can be at all.</summary>
public static class ReadingLimits
{
    /// <summary>No rail of a supply that still works shows more peak to peak.</summary>
    public const double MostRippleVolts = 100;

    /// <summary>A reading as it is stored: finite, not negative where that cannot be, with its unit's plain size.</summary>
    /// <exception cref="Verdicts.InvalidInputException">No part has such a value.</exception>
    public static void Check(string field, Quantity quantity, double value)
    {
        var (least, most) = quantity switch
        {
            Quantity.Capacitance => (0d, 100d),
            Quantity.Esr => (0, 1e8),
            Quantity.Ohms => (0, 1e9),
            Quantity.Leakage => (0, 10),
            Quantity.RippleVolts => (0, MostRippleVolts),
            Quantity.Volts => (-1000, 1000),
            // A time, a count of frames, a rate: nothing runs backwards.
            Quantity.Seconds or Quantity.Frames or Quantity.Rate => (0, 1e12),
            Quantity.Celsius => (-60, 400),
            _ => (-1e12, 1e12),
        };
        Verdicts.InvalidInputException.Finite(field, value, least, most, quantity.Unit());
    }
}

/// <summary>A slip of the unit or the decimal point, caught by its size.</summary>
public static class Slips
{
    /// <summary>What it most likely was, where a reading is a hundred or a thousand times what is expected, or a thousandth: nobody's rail is off by so much and so exactly. Null where it is no slip.</summary>
    /// <param name="expected">Not zero.</param>
    public static double? Of(double value, double expected)
    {
        foreach (var times in new[] { 100.0, 1000, 0.001, 10_000 })
        {
            if (Math.Abs(value) / Math.Abs(expected) / times is > 0.8 and < 1.25)
            {
                return Markings.Si.Tidy(value / times);
            }
        }
        return null;
    }
}

public static class Readings
{
    /// <summary>The newest reading that is not struck; of two taken at the same instant the one with the greater id (ids rise with time). Null when there is none.</summary>
    public static Reading? Latest(this IEnumerable<Reading> readings, string channel, Quantity quantity) =>
        readings
            .Where(r => !r.Voided && r.Quantity == quantity && r.Channel == channel)
            .OrderBy(r => r.At)
            .ThenBy(r => r.Id)
            .LastOrDefault();

    /// <summary>Voids the last go at one part: of the readings that are not struck and were taken at the instant of its newest one, the newest of each quantity. What they replaced stands again.</summary>
    /// <returns>Whether there was one to strike.</returns>
    public static bool VoidLast(this IReadOnlyCollection<Reading> ofOnePart)
    {
        var standing = ofOnePart.Where(r => !r.Voided).ToList();
        foreach (var r in standing.Where(r => r.At == standing.Max(x => x.At)).GroupBy(r => r.Quantity).Select(g => g.MaxBy(r => r.Id)!))
        {
            r.Voided = true;
        }
        return standing.Count > 0;
    }

    public static string Unit(this Quantity quantity) =>
        quantity switch
        {
            Quantity.Capacitance => "F",
            Quantity.Esr or Quantity.Ohms => "Ω",
            Quantity.Leakage => "A",
            Quantity.Volts or Quantity.RippleVolts => "V",
            Quantity.Seconds => "s",
            Quantity.Celsius => "°C",
            Quantity.Frames => "frames/s",
            _ => "",
        };
}
