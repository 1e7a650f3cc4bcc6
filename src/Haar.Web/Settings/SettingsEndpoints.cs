using System.Text.Json.Serialization;
using Haar.Core.Planning;
using Haar.Core.Settings;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Settings;

public sealed record WorkshopEdit(
    string Name,
    string EventName,
    DateOnly? EventDay,
    string Currency,
    string MeterHost,
    int MeterPort,
    bool MeterShowsPart
);

static class SettingsEndpoints
{
    public static void MapSettings(this IEndpointRouteBuilder api)
    {
        api.MapGet(
                "/workshop/settings",
                async (HaarDb db, TimeProvider time) =>
                    WorkshopEndpoints.Head(await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1), time)
            )
            .WithName("GetSettings")
            .WithTags("Workshop");
        api.MapGet(
                "/workshop/people",
                async (HaarDb db, CancellationToken cancel) =>
                    await db
                        .Log.Where(l => l.By != "")
                        .GroupBy(l => l.By)
                        .OrderByDescending(g => g.Max(l => l.At))
                        .Select(g => g.Key)
                        .Take(40)
                        .ToListAsync(cancel)
            )
            .WithName("GetPeople")
            .WithSummary("Who has been at the bench, as the log names them; the latest first.")
            .WithTags("Workshop");
        api.MapPut("/workshop/settings", EditAsync).WithName("EditSettings").WithTags("Workshop");
    }

    static async Task<Acted> EditAsync(
        WorkshopEdit edit,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        OutboundPolicy outbound,
        CancellationToken cancel
    )
    {
        var w = await db.Workshops.FirstAsync(w => w.Id == 1, cancel);
        UnitOfWork.Match(w, w.Version, based.On);
        if (edit.Name.Trim().Length is 0 or > 80)
        {
            throw new InvalidInputException("name", "Give the workshop a name of 1 to 80 characters.");
        }
        if (edit.EventName.Length > 120)
        {
            throw new InvalidInputException("eventName", "At most 120 characters.");
        }
        if (edit.Currency.Length != 3 || !edit.Currency.All(char.IsAsciiLetterUpper))
        {
            throw new InvalidInputException("currency", "A currency is three capital letters (ISO 4217), such as EUR.");
        }
        if (edit.MeterPort is < 1 or > 65535)
        {
            throw new InvalidInputException("meterPort", "A port is 1 to 65535; most meters listen on 5025.");
        }
        if (Uri.CheckHostName(edit.MeterHost) == UriHostNameType.Unknown)
        {
            throw new InvalidInputException("meterHost", "That is no network address.");
        }
        outbound.Check("meterHost", edit.MeterHost);
        (w.Name, w.EventName, w.EventDay, w.Currency, w.MeterHost, w.MeterPort, w.MeterShowsPart) = (
            edit.Name.Trim(),
            edit.EventName.Trim(),
            edit.EventDay,
            edit.Currency,
            edit.MeterHost,
            edit.MeterPort,
            edit.MeterShowsPart
        );
        return (await work.ActAsync(null, "The workshop's settings changed.", cancel)).Said();
    }
}
