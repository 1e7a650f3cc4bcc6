using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Stripdown;

/// <param name="Pieces">Outermost first; all of them.</param>
public sealed record PiecesAsk(IReadOnlyList<ApartPiece> Pieces);

/// <param name="Piece">Id; empty for outside, null to leave it open again.</param>
/// <param name="Out">That piece itself is out for it.</param>
public sealed record BehindAsk(string Key, string? Piece = null, bool Out = false);

/// <param name="Depth">Null for as deep as its work needs.</param>
public sealed record DepthAsk(OpenDepth? Depth = null);

/// <param name="Proposal">Id of what is proposed.</param>
public sealed record WhileOpenAsk(string Proposal);

/// <summary>How a machine opens: what comes off for which work, how deep, and what else is done then.</summary>
static class OpeningEndpoints
{
    public static void MapOpening(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/opening").WithTags("Stripdown");
        m.MapGet(
                "/",
                async (Guid id, HaarDb db, TimeProvider time, UnitOfWork work, CancellationToken cancel) =>
                    (await FactsAsync(id, false, work.Today, db, time.GetUtcNow(), cancel)).Opening
            )
            .WithName("GetOpening")
            .WithSummary(
                "What comes off for the work that is left, how deep it could be opened with hours and risk, and what else lies open then."
            );
        m.MapPut(
                "/pieces",
                (Guid id, PiecesAsk ask, UnitOfWork work, TimeProvider time, CancellationToken cancel) =>
                    DoAsync(id, new SayPieces(ask.Pieces), work, time, cancel)
            )
            .WithName("SayPieces")
            .WithSummary("What sits in front of what, outermost first; the strip-down's record outranks it.");
        m.MapPost(
                "/behind",
                (Guid id, BehindAsk ask, UnitOfWork work, TimeProvider time, CancellationToken cancel) =>
                    DoAsync(id, new SayBehind(ask.Key ?? "", ask.Piece, ask.Out), work, time, cancel)
            )
            .WithName("SayBehind")
            .WithSummary("Where a piece of work lies.");
        m.MapPost(
                "/depth",
                (Guid id, DepthAsk ask, UnitOfWork work, TimeProvider time, CancellationToken cancel) =>
                    DoAsync(id, new OpenDownTo(ask.Depth), work, time, cancel)
            )
            .WithName("OpenDownTo")
            .WithSummary("How deep it is opened this time; what lies deeper is kept, and not planned.");
        m.MapPost(
                "/too",
                (Guid id, WhileOpenAsk ask, UnitOfWork work, TimeProvider time, CancellationToken cancel) =>
                    DoAsync(id, new DoWhileOpen(ask.Proposal ?? ""), work, time, cancel)
            )
            .WithName("DoWhileOpen")
            .WithSummary("What is proposed while it is open becomes listed work.");
    }

    static Task<Acted> DoAsync(Guid id, Command<OpeningFacts> command, UnitOfWork work, TimeProvider time, CancellationToken cancel) =>
        work.DoAsync(id, command, (db, c) => FactsAsync(id, true, work.Today, db, time.GetUtcNow(), c), null, cancel).Said();

    static async Task<OpeningFacts> FactsAsync(
        Guid id,
        bool change,
        DateOnly today,
        HaarDb db,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        var facts = await (
            change ? MachineStatusKeeper.FactsToChangeAsync(db, id, cancel) : MachineStatusKeeper.FactsAsync(db, id, cancel)
        ).OrNotHere("machine");
        var m = new MachineNow(facts, now);
        return new(facts.Machine, facts.Access, CaseOpening.Of(m, WorkLeft.Of(m), today));
    }

    /// <summary>What is known of how a machine of that model or kind comes apart; what a person has said of it stands.</summary>
    public static async Task TakeKnownAsync(HaarDb db, UnitOfWork work, Machine m, PackStore packs, CancellationToken cancel)
    {
        var model = m.Model.Length > 0 ? await packs.OfModelAsync(m.Model, p => p.StripOrder.Count > 0, cancel) : null;
        var kind = m.KindId.Length > 0 ? await packs.KindAsync(m.KindId, cancel) : null;
        var pieces = KnownPieces.Of(model, kind);
        var row = await db.Accesses.FirstOrDefaultAsync(a => a.MachineId == m.Id, cancel);
        if (row is null && pieces.Count > 0)
        {
            db.Add(
                new MachineAccess
                {
                    Id = work.NewId(),
                    MachineId = m.Id,
                    Pieces = pieces,
                }
            );
        }
        else if (
            row is { ByPerson: false }
            && pieces.Count > 0
            && !row.Pieces.Select(p => p.Title).SequenceEqual(pieces.Select(p => p.Title))
        )
        {
            row.Pieces = pieces;
        }
    }
}
