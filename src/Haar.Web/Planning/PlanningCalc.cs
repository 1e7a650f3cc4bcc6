using Haar.Core.Planning;
using Haar.Web.Http;

namespace Haar.Web.Planning;

static class PlanningCalc
{
    public static void MapPlanningCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/planning").WithTags("Calc: planning");
        g.MapPost("/schedule", (PlanAsk ask, CancellationToken cancel) => Schedule.Of(ask, cancel))
            .WithName("CalcSchedule")
            .WithSummary("Who does what when, so that all is ready soonest: with the bound, and proven where it is.")
            .WithExample(
                """{"tasks":[{"id":"wash","title":"Wash the shell","minutes":20,"waitMinutes":360,"places":["bath"]},{"id":"recap","title":"Recap the board","minutes":90,"skills":["solders"],"places":["iron"]},{"id":"close","title":"Put it together","minutes":30,"after":["wash","recap"]}],"people":[{"name":"Ines","skills":["solders"],"windows":[{"from":0,"to":120},{"from":1440,"to":1560}]},{"name":"Tam","windows":[{"from":0,"to":90},{"from":1440,"to":1560}]}],"places":[],"seconds":1}"""
            )
            .ProducesValidationProblem();
    }
}
