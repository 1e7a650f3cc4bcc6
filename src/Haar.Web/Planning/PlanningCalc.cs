using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Web.Http;

namespace Haar.Web.Planning;

static class PlanningCalc
{
    public static void MapPlanningCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/planning").WithTags("Calc: planning");
        g.MapPost("/schedule", (ScheduleAsk ask, CancellationToken cancel) => Schedule.Of(ask, cancel))
            .WithName("CalcSchedule")
            .WithSummary("Who does what when, so that all is ready soonest: with the bound, and proven where it is.")
            .Asking("tasks.minutes", "Say how long it takes.")
            .Asking("people.windows.from", "Say when it begins.")
            .Asking("people.windows.to", "Say when it ends.")
            .WithExample(
                """{"tasks":[{"id":"wash","title":"Wash the shell","minutes":20,"waitMinutes":360,"places":["bath"]},{"id":"recap","title":"Recap the board","minutes":90,"skills":["solders"],"places":["iron"]},{"id":"close","title":"Put it together","minutes":30,"after":["wash","recap"]}],"people":[{"name":"Ines","skills":["solders"],"windows":[{"from":0,"to":120},{"from":1440,"to":1560}]},{"name":"Tam","windows":[{"from":0,"to":90},{"from":1440,"to":1560}]}],"seconds":1}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/next", (PlanNextAsk ask) => PlanNext.Of(ask))
            .WithName("CalcPlanNext")
            .WithSummary("What somebody does now, and why; and the next best where that cannot be.")
            .Asking("plan.tasks.minutes", "Say how long it takes.")
            .Asking("plan.people.windows.from", "Say when it begins.")
            .Asking("plan.people.windows.to", "Say when it ends.")
            .WithExample(
                """{"plan":{"tasks":[{"id":"wash","title":"Wash the shell","minutes":20,"waitMinutes":360},{"id":"recap","title":"Recap the board","minutes":90,"skills":["solders"],"places":["iron"]},{"id":"close","title":"Put it together","minutes":30,"after":["wash","recap"]}],"people":[{"name":"Ines","skills":["solders"],"windows":[{"from":0,"to":120},{"from":1440,"to":1560}]},{"name":"Tam","windows":[{"from":0,"to":90},{"from":1440,"to":1560}]}]},"person":"Ines","without":["iron"]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/rescue", (RescueAsk ask, CancellationToken cancel) => PlanChance.Of(ask, cancel))
            .WithName("CalcRescue")
            .WithSummary("How likely it is ready by the day, from a thousand runs, and what each rescue gains.")
            .Asking("plan.tasks.minutes", "Say how long it takes.")
            .Asking("plan.people.windows.from", "Say when it begins.")
            .Asking("plan.people.windows.to", "Say when it ends.")
            .WithExample(
                """{"plan":{"tasks":[{"id":"wash","title":"Wash the shell","minutes":20,"waitMinutes":360},{"id":"recap","title":"Recap the board","minutes":90,"skills":["solders"],"places":["iron"]},{"id":"close","title":"Put it together","minutes":30,"after":["wash","recap"]}],"people":[{"name":"Ines","skills":["solders"],"windows":[{"from":0,"to":120},{"from":1440,"to":1560}]},{"name":"Tam","windows":[{"from":0,"to":90},{"from":1440,"to":1560}]}]},"readyBy":1500,"rescues":[{"name":"Another evening of Tam","cost":1,"person":"Tam","hours":[{"from":300,"to":420}]}],"runs":1000,"seed":1}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/clash", (ClashAsk ask) => Clash.Of(ask.Plan, ask.Wishes))
            .WithName("CalcClash")
            .WithSummary("Which wishes cannot all come true, as few of them as prove it.")
            .Asking("plan.tasks.minutes", "Say how long it takes.")
            .Asking("plan.people.windows.from", "Say when it begins.")
            .Asking("plan.people.windows.to", "Say when it ends.")
            .WithExample(
                """{"plan":{"tasks":[{"id":"micro","title":"The micro","minutes":100},{"id":"server","title":"The server","minutes":90},{"id":"palmtop","title":"The palmtop","minutes":10}],"people":[{"name":"Ines","windows":[{"from":0,"to":120},{"from":1440,"to":1560}]}]},"wishes":[{"name":"Micro","tasks":["micro"],"readyBy":600},{"name":"Server","tasks":["server"],"readyBy":600},{"name":"Palmtop","tasks":["palmtop"],"readyBy":600}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/opening", (OpeningAsk ask) => Core.Planning.Opening.Of(ask))
            .WithName("CalcOpening")
            .WithSummary("The fewest pieces that come off for the work that is wanted, and what else lies behind them.")
            .WithExample(
                """{"pieces":[{"id":"cover","title":"Cover","behind":[]},{"id":"cage","title":"Drive cage","behind":["cover"],"offMinutes":6,"backMinutes":8},{"id":"board","title":"Main board","behind":["cage"],"offMinutes":15,"backMinutes":20}],"work":[{"id":"cell","title":"Take the cell out","at":["cage"],"minutes":10,"wanted":true},{"id":"fan","title":"Oil the fan","at":["cover"],"minutes":10},{"id":"caps","title":"Recap the board","at":["board"],"minutes":90}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/depth", (OpeningDepthAsk ask) => OpeningDepth.Of(ask))
            .WithName("CalcDepth")
            .WithSummary("How deep to open it: each depth with its minutes, its risks and what it leaves, and which is deep enough.")
            .Asking("work.danger", "Say whether it must not wait.")
            .Asking("work.out", "Say whether the piece itself has to come out.")
            .WithExample(
                """{"pieces":[{"id":"cover","title":"Cover","kind":"cover"},{"id":"cage","title":"Drive cage","kind":"cage","behind":["cover"]},{"id":"board","title":"Main board","kind":"board","behind":["cage"]}],"work":[{"id":"cell","title":"Take the cell out","piece":"board","minutes":10,"danger":true,"out":false},{"id":"fan","title":"Oil the fan","piece":"cover","out":true,"danger":false},{"id":"under","title":"Clean under the board","piece":"board","out":true,"minutes":5,"danger":false}]}"""
            )
            .ProducesValidationProblem();
    }
}
