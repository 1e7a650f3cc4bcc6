using Haar.Core.Meters;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Meters;

/// <param name="Quantity">capacitance, esr, ohms, volts or rippleVolts.</param>
/// <param name="Label">Which part comes next, for the meter's own display.</param>
/// <param name="Instrument">How it is connected, where that asks for another function of the meter: ohms by four wires.</param>
public sealed record MeterAsk(Quantity Quantity, string Label, Instrument Instrument = Instrument.NotKnown);

static class MeterEndpoints
{
    public static void MapMeters(this IEndpointRouteBuilder api)
    {
        api.MapPost(
                "/meter/read",
                async (MeterAsk ask, HaarDb db, ScpiMeter meter, CancellationToken cancel) =>
                {
                    var w = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
                    return await meter.ReadAsync(
                        w.MeterHost,
                        w.MeterPort,
                        ask.Quantity,
                        ask.Label,
                        w.MeterShowsPart,
                        ask.Instrument,
                        cancel
                    );
                }
            )
            .WithName("ReadMeter")
            .WithMetadata(new WritesNoRow())
            .WithTags("Meters")
            .WithSummary("Reads one settled value from the workshop's meter. Writes nothing.");
    }
}
