using Haar.Core.Meters;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Meters;

/// <param name="Quantity">capacitance, esr, ohms, volts or rippleVolts.</param>
/// <param name="Label">Which part comes next, for the meter's own display.</param>
public sealed record MeterAsk(Quantity Quantity, string Label);

static class MeterEndpoints
{
    public static void MapMeters(this IEndpointRouteBuilder api)
    {
        api.MapPost(
                "/meter/read",
                async (MeterAsk ask, HaarDb db, ScpiMeter meter, CancellationToken cancel) =>
                {
                    var w = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
                    return await meter.ReadAsync(w.MeterHost, w.MeterPort, ask.Quantity, ask.Label, w.MeterShowsPart, cancel);
                }
            )
            .WithName("ReadMeter")
            .WithTags("Meters")
            .WithSummary("Reads one settled value from the workshop's meter. Writes nothing.");
    }

    /// <summary>A reading as it is stored: finite, not negative where that cannot be, with its unit's plain size.</summary>
    /// <exception cref="InvalidInputException">No part has such a value.</exception>
    public static void Check(string field, Quantity quantity, double value)
    {
        var (least, most) = quantity switch
        {
            Quantity.Capacitance => (0d, 100d),
            Quantity.Esr => (0, 1e8),
            Quantity.Ohms => (0, 1e9),
            Quantity.Leakage => (0, 10),
            Quantity.RippleVolts => (0, 1000),
            Quantity.Volts => (-1000, 1000),
            _ => (-1e12, 1e12),
        };
        InvalidInputException.Finite(field, value, least, most, quantity.Unit());
    }
}
