using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Parts;

/// <param name="Kind">As the work asks for it.</param>
/// <param name="KeepsUntil">The last day on which it is good; null keeps.</param>
public sealed record ShelfLine(
    string Kind,
    double Left,
    SupplyUnit Unit = SupplyUnit.Millilitres,
    DateOnly? KeepsUntil = null,
    bool Tool = false
);

/// <param name="Today">Null takes the day of the bench.</param>
public sealed record EnoughAsk(IReadOnlyList<SupplyNeed> Needs, IReadOnlyList<ShelfLine> Shelf, DateOnly? Today = null);

public sealed record StandInAsk(string Wanted, string AtHand);

static class PartsCalc
{
    public static void MapPartsCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/parts").WithTags("Calc: parts");
        g.MapPost(
                "/enough",
                (EnoughAsk ask, TimeProvider time) =>
                {
                    if (ask.Shelf.Count > 500)
                    {
                        throw new InvalidInputException("shelf", "At most 500 things on the shelf.");
                    }
                    var stock = ask
                        .Shelf.Select(
                            (l, i) =>
                            {
                                InvalidInputException.Finite($"shelf[{i}].left", l.Left, 0, 1_000_000, "");
                                return new SupplyStock(
                                    new()
                                    {
                                        Id = new Guid(i + 1, 0, 0, new byte[8]),
                                        Kind = l.Kind,
                                        Unit = l.Unit,
                                        Tool = l.Tool,
                                        OpenedOn = l.KeepsUntil,
                                        KeepsMonths = l.KeepsUntil is null ? null : 0,
                                    },
                                    l.Left
                                );
                            }
                        )
                        .ToList();
                    return Supplies.Enough(ask.Needs, stock, ask.Today ?? DateOnly.FromDateTime(time.GetLocalNow().DateTime));
                }
            )
            .WithName("CalcEnough")
            .WithSummary("Whether what lies on the shelf is enough for the work, what is missing, and what may stand in for it.")
            .Asking("shelf.unit", "Say what the shelf counts in.")
            .WithExample(
                """{"needs":[{"supply":"isopropyl alcohol","amount":40,"unit":"millilitres"}],"shelf":[{"kind":"isopropyl alcohol","left":25,"unit":"millilitres"},{"kind":"denatured alcohol","left":500,"unit":"millilitres"}]}"""
            )
            .ProducesValidationProblem();
        g.MapPost("/standin", (StandInAsk ask) => Supplies.MayStandIn(ask.Wanted ?? "", ask.AtHand ?? ""))
            .WithName("CalcStandIn")
            .WithSummary("Whether a supply at hand may stand in for the one that is wanted.")
            .WithExample("""{"wanted":"isopropyl alcohol","atHand":"acetone"}""")
            .ProducesValidationProblem();
    }
}
