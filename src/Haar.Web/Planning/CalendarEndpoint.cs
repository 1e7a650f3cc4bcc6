using Haar.Data;
using Haar.Data.Exchange;

namespace Haar.Web.Planning;

static class CalendarEndpoint
{
    public static void MapCheckCalendar(this IEndpointRouteBuilder api) =>
        api.MapGet(
                "/workshop/checks.ics",
                async (HaarDb db, TimeProvider time, CancellationToken cancel) =>
                    Results.Text(await CheckCalendar.OfAsync(db, time.GetUtcNow(), cancel), "text/calendar")
            )
            .WithName("GetCheckCalendar")
            .WithTags("Planning")
            .WithSummary("What has to be looked at on which day, as iCalendar.")
            .Produces(200, contentType: "text/calendar");
}
