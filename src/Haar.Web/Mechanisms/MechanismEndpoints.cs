using Haar.Core.Acts;
using Haar.Core.Mechanisms;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Mechanisms;

/// <param name="FromId">The piece that it was put down for.</param>
public sealed record MechanismEdit(
    string Name,
    MechanismKind Kind,
    double? NominalRpm = null,
    ThreeState HasBelt = ThreeState.NotKnown,
    Sliding Rails = Sliding.NotKnown,
    ThreeState HoldsData = ThreeState.NotKnown,
    double? NoiseBefore = null,
    double? CelsiusBefore = null,
    Guid? FromId = null
);

public sealed record MechanismStepAsk(
    MechanismStep Step,
    double? Value = null,
    ThreeState Worthless = ThreeState.NotKnown,
    ThreeState Good = ThreeState.NotKnown,
    LubricantKind With = LubricantKind.NotKnown,
    string Note = ""
);

public sealed record ServiceAgainAsk(MechanismStep From);

public sealed record MechanismStepRow(MechanismStep Step, string Words, DateTimeOffset? At, double? Value);

/// <param name="Belt">By its measured path; null where it is not measured.</param>
/// <param name="Lubricant">What goes on what slides.</param>
public sealed record MechanismRow(
    Mechanism Mechanism,
    Verdict Verdict,
    IReadOnlyList<MechanismStepRow> Steps,
    BeltResult? Belt,
    LubricantResult Lubricant
);

static class MechanismEndpoints
{
    public static void MapMechanisms(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/mechanisms").WithTags("Mechanisms");
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "Mechanism",
            new TypedRows<Mechanism, MechanismEdit>(
                "mechanism",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (x, e) =>
                {
                    (x.Name, x.Kind, x.NominalRpm, x.HasBelt, x.Rails) = (e.Name.Trim(), e.Kind, e.NominalRpm, e.HasBelt, e.Rails);
                    (x.HoldsData, x.NoiseBefore, x.CelsiusBefore, x.FromId) = (
                        e.HoldsData,
                        e.NoiseBefore,
                        e.CelsiusBefore,
                        e.FromId ?? x.FromId
                    );
                },
                x => $"To be serviced: {x.Name}.",
                x => $"{Words.Capital(x.Name)} changed.",
                x => $"{Words.Capital(x.Name)} taken off the list."
            )
            {
                Beside = async (db, x, e, cancel) =>
                {
                    await Finish.MendingEndpoints.FromAsync(db, x.MachineId, e.FromId, cancel);
                    var was = db.Entry(x);
                    // What nobody knew may be found out at any time.
                    if (
                        was.State == EntityState.Modified
                        && was.Property(p => p.Kind) is { IsModified: true, OriginalValue: not MechanismKind.NotKnown }
                        && x.Done.Count > 0
                    )
                    {
                        throw new InvalidInputException("kind", $"The work on {Words.Lower(x.Name)} is begun: what it is stays as it is.");
                    }
                },
            }
        );
        m.MapPost(
                "/{mechanismId:guid}/step",
                (Guid id, Guid mechanismId, MechanismStepAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(
                        id,
                        mechanismId,
                        new TakeMechanismStep(ask.Step, ask.Value, ask.Worthless, ask.Good, ask.With, ask.Note),
                        work,
                        cancel
                    )
            )
            .WithName("TakeMechanismStep");
        m.MapPost(
                "/{mechanismId:guid}/otherwise",
                (Guid id, Guid mechanismId, OtherwiseAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, mechanismId, new ServicedOtherwise(ask.Said), work, cancel)
            )
            .WithName("ServicedOtherwise")
            .WithSummary("It was serviced already, or otherwise; what has to be copied, read or tried is left.");
        m.MapPost(
                "/{mechanismId:guid}/again",
                (Guid id, Guid mechanismId, ServiceAgainAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, mechanismId, new ServiceAgain(ask.From), work, cancel)
            )
            .WithName("ServiceAgain");
    }

    static Task<Acted> DoAsync(Guid id, Guid mechanismId, Command<MechanismFacts> command, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                    new MechanismFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        await db.Mechanisms.FirstOrDefaultAsync(x => x.Id == mechanismId && x.MachineId == id, c).OrNotHere("mechanism"),
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c)
                    ),
                null,
                cancel
            )
            .Said();

    /// <summary>As the case's screen shows them.</summary>
    public static IReadOnlyList<MechanismRow> Rows(MachineFacts f) =>
        [
            .. f.Mechanisms.Select(x => new MechanismRow(
                x,
                Service.Stand(x),
                [.. Service.Procedure.Of(x).Select(s => new MechanismStepRow(s.Step, s.Words, s.DoneAt(x), x.Of(s.Step)?.Value))],
                x.BeltPathMillimetres is { } path ? Belt.Of(path) : null,
                Lubricant.For(x.Rails)
            )),
        ];
}
