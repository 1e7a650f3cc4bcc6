using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Planning;
using Haar.Web.Http;

namespace Haar.Web.Stripdown;

/// <param name="Skipped">And why; otherwise it is done.</param>
public sealed record BeforeAsk(string Key, bool Skipped = false, string Why = "");

/// <summary>The page that is read before a machine is opened.</summary>
static class BeforeOpeningEndpoints
{
    public static void MapBeforeOpening(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Stripdown");
        m.MapGet(
                "/before",
                async (Guid id, HaarDb db, PackStore packs, TimeProvider time, CancellationToken cancel) =>
                    (await BeforeAsync(id, false, db, packs, time, cancel)).Page
            )
            .WithName("GetBeforeOpening")
            .WithSummary("Before it is opened: what to measure, copy, photograph and have ready; traps; how many evenings.");
        m.MapPost(
                "/before",
                (Guid id, BeforeAsk ask, PackStore packs, TimeProvider time, UnitOfWork work, CancellationToken cancel) =>
                    work.DoAsync(
                            id,
                            new AnswerBefore(ask.Key ?? "", ask.Skipped, ask.Why ?? ""),
                            (db, c) => BeforeAsync(id, true, db, packs, time, c),
                            null,
                            cancel
                        )
                        .Said()
            )
            .WithName("AnswerBefore");
    }

    static async Task<BeforeFacts> BeforeAsync(
        Guid id,
        bool change,
        HaarDb db,
        PackStore packs,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        var facts = await (
            change ? MachineStatusKeeper.FactsToChangeAsync(db, id, cancel) : MachineStatusKeeper.FactsAsync(db, id, cancel)
        ).OrNotHere("machine");
        var m = new MachineNow(facts, time.GetUtcNow());
        var kind = facts.Machine.KindId.Length > 0 ? await packs.KindAsync(facts.Machine.KindId, cancel) : null;
        var work = WorkLeft.Of(m);
        return new(facts.Machine, BeforeOpening.Of(m, work, kind?.Watch ?? []), facts.BeforeAnswers);
    }
}
