using Haar.Core.Stripdown;
using Haar.Web.Http;

namespace Haar.Web.Stripdown;

/// <param name="MostStates">Search limit; 20 000 when left out, which is also the most.</param>
public sealed record RebuildOrderAsk(IReadOnlyList<RebuildPiece> Pieces, int MostStates = RebuildOrder.DefaultMostStates);

public sealed record ReconcileAsk(IReadOnlyList<FastenerFact> Fasteners, IReadOnlyList<SpareFastener>? Spares = null);

static class StripdownCalc
{
    public static void MapStripdownCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/stripdown").WithTags("Calc: strip-down");
        g.MapPost(
                "/rebuild-order",
                (RebuildOrderAsk ask, LongAnswers answers, CancellationToken cancel) =>
                    answers.RunAsync(stop => RebuildOrder.Plan(ask.Pieces, ask.MostStates, stop), cancel)
            )
            .WithName("CalcRebuildOrder")
            .WithSummary(
                "The order of a rebuild with the fewest turns and tray changes, and why each step is where it is; or the shortest contradiction in the record."
            )
            .WithExample(
                """{"pieces":[{"id":"lid","number":1,"title":"Lid","behind":[],"lies":"asUsed","trays":["A1"]},{"id":"cage","number":2,"title":"Drive cage","behind":["lid"],"lies":"asUsed","trays":["A2"]},{"id":"supply","number":3,"title":"Supply","behind":["lid"],"lies":"onLeftSide","trays":["A3"],"testBeforeCovered":"Rails on a load"},{"id":"board","number":4,"title":"Main board","behind":["cage","supply"],"lies":"onLeftSide","trays":["A4"]}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/reconcile", (ReconcileAsk ask) => Reconcile.Of(ask.Fasteners, ask.Spares))
            .WithName("CalcReconcile")
            .WithSummary(
                "Every fastener: out, back in, left over, missing from before, wrong length in a hole, still in a tray, and the spares that fit."
            )
            .Asking("fasteners.returns.fromStore", "Say whether the screws came from the store.")
            .Asking("fasteners.lengthMillimetres", "Measure the length.")
            .Asking("fasteners.returns.lengthMillimetres", "Measure the length.")
            .WithExample(
                """{"fasteners":[{"id":"a","stepNumber":14,"stepTitle":"Drive cage","thread":"M3","lengthMillimetres":6,"head":"pan","count":4,"missingBefore":0,"hole":"1 to 4","tray":"C2","pierces":"the drive's board","returns":[{"count":3,"thread":"M3","lengthMillimetres":6,"head":"pan","fromStore":false},{"count":1,"thread":"M3","lengthMillimetres":10,"head":"pan","fromStore":false}],"stepBack":true}],"spares":[{"id":"s","thread":"M3","lengthMillimetres":6,"head":"pan","quantity":12,"place":"F1"}]}"""
            )
            .ProducesValidationProblem();
    }
}
