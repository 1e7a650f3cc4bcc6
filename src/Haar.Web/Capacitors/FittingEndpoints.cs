using Haar.Core.Acts;
using Haar.Core.Capacitors;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Capacitors;
using Haar.Data.Log;
using Haar.Data.Parts;
using Haar.Web.Http;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Capacitors;

/// <param name="PartId">One part; or</param>
/// <param name="PartIds">the two of a pair, the same one twice when it serves twice.</param>
public sealed record ReserveAsk(Guid? PartId = null, string? OverruleReason = null, IReadOnlyList<Guid>? PartIds = null);

/// <param name="Pads">Needed when the pads are looked at.</param>
/// <param name="MinusSeen">Needed at the second look: where the new part's minus points.</param>
/// <param name="OverruleReason">Why a part is fitted although it breaks a rule in this place as it is now.</param>
public sealed record FittingAsk(FittingStep Step, PadState? Pads, Direction MinusSeen = Direction.NotKnown, string? OverruleReason = null);

/// <param name="Singles">Best first, with every rule.</param>
/// <param name="Pairs">Two parts, where no single one does without a condition.</param>
public sealed record SubstitutesScreen(IReadOnlyList<Substitute> Singles, IReadOnlyList<PairOption> Pairs, int Refused);

static class FittingEndpoints
{
    public static void MapFitting(this IEndpointRouteBuilder api)
    {
        var c = api.MapGroup("/machines/{id:guid}/capacitors/{capacitorId:guid}").WithTags("Capacitors");
        c.MapGet(
                "/substitutes",
                async (Guid id, Guid capacitorId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var cap = await db
                        .Capacitors.AsNoTracking()
                        .FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel)
                        .OrNotHere("capacitor");
                    // Only parts within a factor of four can serve any role.
                    var drawer = (await db.Stock().FreeAsync(cancel))
                        .Select(p => new DrawerCandidate(p.Id, p.Spec, p.Free, p.BoughtOn, p.Place))
                        .ToList();
                    var singles = Substitution.Rank(
                        cap.Spec,
                        cap.Role,
                        drawer.Where(p => p.Spec.Microfarads / cap.Spec.Microfarads is > 0.25 and < 4),
                        work.Today,
                        cap.HeadroomMillimetres
                    );
                    var pairs = singles.Any(s => s.Verdict.Outcome is Outcome.Yes or Outcome.YesIf)
                        ? []
                        : Combination.Find(
                            cap.Spec,
                            cap.Role,
                            [.. drawer.Where(p => p.Spec.Microfarads / cap.Spec.Microfarads is > 0.05 and < 6)],
                            work.Today,
                            cap.HeadroomMillimetres
                        );
                    return new SubstitutesScreen(singles, pairs, singles.Count(s => s.Verdict.Outcome == Outcome.No));
                }
            )
            .WithName("GetSubstitutes")
            .WithSummary("What from the drawer will do, best first, with every rule.");
        c.MapPost("/reserve", ReserveAsync).WithName("ReservePart");
        c.MapDelete(
                "/reserve",
                (Guid id, Guid capacitorId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, capacitorId, new PutPartBack(), work, cancel)
            )
            .WithName("ReleasePart");
        c.MapPost(
                "/fitting",
                (Guid id, Guid capacitorId, FittingAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, capacitorId, new TakeFittingStep(ask.Step, ask.Pads, ask.MinusSeen), work, cancel, ask.OverruleReason)
            )
            .WithName("TakeFittingStep");
        c.MapPost(
                "/otherwise",
                (Guid id, Guid capacitorId, OtherwiseAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, capacitorId, new CapacitorOtherwise(ask.Said), work, cancel)
            )
            .WithName("CapacitorOtherwise")
            .WithSummary("It was exchanged already, or otherwise; its way round and a reading are still wanted.");
        c.MapPost(
                "/again",
                (Guid id, Guid capacitorId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, capacitorId, new ExchangeAgain(), work, cancel)
            )
            .WithName("ExchangeAgain")
            .WithSummary("The new part comes out again, because it is bad or the wrong one; its readings are kept.");
    }

    static async Task<Acted> ReserveAsync(Guid id, Guid capacitorId, ReserveAsk ask, UnitOfWork work, CancellationToken cancel)
    {
        IReadOnlyList<Guid> parts = ask.PartIds ?? (ask.PartId is { } one ? [one] : []);
        return await work.DoAsync(
                id,
                new SetPartAside(parts),
                (db, c) => CapacitorActLoader.OfAsync(db, id, capacitorId, work.Today, c, parts),
                ask.OverruleReason,
                cancel
            )
            .Said();
    }

    static Task<Acted> DoAsync(
        Guid id,
        Guid capacitorId,
        Command<CapacitorActFacts> command,
        UnitOfWork work,
        CancellationToken cancel,
        string? reason = null
    ) => work.DoAsync(id, command, (db, c) => CapacitorActLoader.OfAsync(db, id, capacitorId, work.Today, c), reason, cancel).Said();
}
