using System.Globalization;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Meters;

/// <summary>What a meter answered.</summary>
/// <param name="Value">In the quantity's base unit; null on overload.</param>
/// <param name="Overload">It sent 9.9E37, the SCPI word for "off the scale".</param>
public sealed record ScpiReply(double? Value, bool Overload);

/// <summary>The meter answered, but not with a number. Carries a sentence for the person.</summary>
public sealed class MeterAnswerException(string message) : Exception(message);

/// <summary>Reads SCPI (SCPI-1999, IEEE 488.2) numeric replies and decides when a reading has settled.</summary>
public static class Scpi
{
    /// <summary>SCPI-1999 volume 1, 7.2.1.4: infinity is sent as 9.9E37.</summary>
    public const double Infinity = 9.9e37;

    /// <summary>Readings in a row that have to agree. A house figure.</summary>
    public const int SettledCount = 3;

    /// <summary>How near they have to be, as a share. A house figure; bench meters scatter by less.</summary>
    public const double SettledShare = 0.001;

    /// <param name="with">Ohms by four wires are another function of the meter than ohms by two.</param>
    public static string Query(Quantity quantity, Instrument with = Instrument.NotKnown) =>
        quantity switch
        {
            Quantity.Ohms or Quantity.Esr when with == Instrument.FourWire => "MEAS:FRES?",
            Quantity.Capacitance => "MEAS:CAP?",
            Quantity.Esr or Quantity.Ohms => "MEAS:RES?",
            Quantity.Volts => "MEAS:VOLT?",
            Quantity.RippleVolts => "MEAS:VOLT:AC?",
            _ => throw new InvalidInputException("quantity", "A bench meter is asked for capacitance, resistance or volts only."),
        };

    /// <exception cref="MeterAnswerException">Not one plain number.</exception>
    public static ScpiReply Parse(string? line)
    {
        var text = line?.Trim() ?? "";
        if (
            !double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value)
            || !double.IsFinite(value)
            || text.Length > 40
        )
        {
            var shown = new string([.. text.Where(c => !char.IsControl(c)).Take(24)]);
            throw new MeterAnswerException(
                shown.Length == 0 ? "The meter answered with an empty line." : $"The meter answered “{shown}”, which is no number."
            );
        }

        return Math.Abs(value) >= Infinity * 0.99 ? new(null, true) : new(value, false);
    }

    /// <summary>The mean of the last <paramref name="count"/> values if they agree within <paramref name="share"/> of their mean; null while they still move.</summary>
    public static double? Settled(IReadOnlyList<double> values, int count = SettledCount, double share = SettledShare)
    {
        if (values.Count < count)
        {
            return null;
        }

        var last = values.Skip(values.Count - count).ToList();
        var mean = last.Average();
        return last.Max() - last.Min() <= Math.Abs(mean) * share + 1e-15 ? Si.Tidy(mean) : null;
    }
}
