using Haar.Core.Acts;
using Haar.Core.Finish;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Cleaning;
using Haar.Web.Http;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Finish;

/// <param name="Crack">Of a crack; null leaves it as it was.</param>
/// <param name="Scratches">Of scratches; what was polished stays.</param>
/// <param name="Other">Of every other kind; what was ruled out stays.</param>
public sealed record MendingEdit(
    string Name,
    MendingKind Kind,
    CrackFacts? Crack = null,
    PolishFacts? Scratches = null,
    MendFacts? Other = null,
    Guid? FromId = null,
    Guid? PhotoId = null
);

/// <param name="Step">Its words, as they were read.</param>
/// <param name="Helped">Of a button: it comes back by itself now.</param>
/// <param name="LeftShare">Of scratches: in fifths by eye, of what was there before this pass.</param>
public sealed record MendingStepAsk(string Step, ThreeState Helped = ThreeState.NotKnown, double? LeftShare = null);

public sealed record FinishMendingAsk(bool AsItIs = false);

/// <param name="Next">The step that the hand takes; null where none is left.</param>
/// <param name="From">When it may be done; null for now.</param>
/// <param name="MayFinish">What saying that it is mended would be answered.</param>
public sealed record MendingRow(
    Mending Mending,
    Verdict Verdict,
    IReadOnlyList<string> Steps,
    string? Next,
    DateTimeOffset? From,
    Permit MayFinish,
    string? PhotoHash
);

static class MendingEndpoints
{
    public static void MapMending(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/mendings").WithTags("Finish");
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "Mending",
            new TypedRows<Mending, MendingEdit>(
                "mend",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (r, e) =>
                {
                    if (r.Kind != e.Kind && r.Sheet.Steps.Count > 0)
                    {
                        throw new InvalidInputException("kind", "It is begun: what it is stays.");
                    }
                    (r.Name, r.Kind) = (e.Name.Trim(), e.Kind);
                    r.Crack = e.Crack ?? r.Crack;
                    r.Scratches = e.Scratches is { } s ? s with { Passes = r.Scratches.Passes } : r.Scratches;
                    r.Other = e.Other is { } o ? o with { RuledOut = r.Other.RuledOut } : r.Other;
                    (r.FromId, r.PhotoId) = (e.FromId ?? r.FromId, e.PhotoId ?? r.PhotoId);
                },
                r => $"To be mended: {r.Name}.",
                r => $"{Words.Capital(r.Name)} changed.",
                r => $"No longer to be mended: {r.Name}."
            )
            {
                Beside = (db, r, e, cancel) => FromAsync(db, r.MachineId, e.FromId, cancel),
            }
        );
        m.MapPost(
                "/{mendingId:guid}/step",
                (Guid id, Guid mendingId, MendingStepAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, mendingId, new TakeMendingStep(ask.Step, ask.Helped, ask.LeftShare), work, cancel)
            )
            .WithName("TakeMendingStep");
        m.MapPost(
                "/{mendingId:guid}/otherwise",
                (Guid id, Guid mendingId, OtherwiseAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, mendingId, new MendedOtherwise(ask.Said), work, cancel)
            )
            .WithName("MendedOtherwise")
            .WithSummary("It was mended already, or otherwise.");
        m.MapPost(
                "/{mendingId:guid}/finish",
                (Guid id, Guid mendingId, FinishMendingAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, mendingId, new FinishMending(ask.AsItIs), work, cancel)
            )
            .WithName("FinishMending");
    }

    /// <summary>What something was put down for is a piece, a finding or an item of this machine.</summary>
    /// <exception cref="NotHereException">It is none.</exception>
    public static async Task FromAsync(HaarDb db, Guid id, Guid? from, CancellationToken cancel)
    {
        if (
            from is { } f
            && !await db.StripSteps.AnyAsync(s => s.Id == f && s.MachineId == id, cancel)
            && !await db.Findings.AnyAsync(x => x.Id == f && x.MachineId == id, cancel)
            && !await db.CleanedItems.AnyAsync(x => x.Id == f && x.MachineId == id, cancel)
        )
        {
            throw new NotHereException("There is no such piece, finding or item of this machine.");
        }
    }

    static Task<Acted> DoAsync(Guid id, Guid mendingId, Command<MendingFacts> command, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                    new MendingFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        await db.Mendings.FirstOrDefaultAsync(x => x.Id == mendingId && x.MachineId == id, c).OrNotHere("mend"),
                        []
                    ),
                null,
                cancel
            )
            .Said();

    /// <summary>As the case's screen shows them.</summary>
    public static IReadOnlyList<MendingRow> Rows(MachineFacts f, Func<Guid?, string?> hash, DateTimeOffset now) =>
        [
            .. f.Mendings.Select(x => new MendingRow(
                x,
                x.Verdict(),
                x.Steps(),
                x.Next(),
                x.From(),
                new FinishMending(false).May(new(f.Machine, x, []), now),
                hash(x.PhotoId)
            )),
        ];
}
