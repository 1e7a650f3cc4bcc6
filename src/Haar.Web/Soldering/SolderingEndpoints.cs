using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Soldering;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Haar.Web.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Soldering;

/// <param name="LacqueredAt">When a fresh coat was put on; null when nobody knows.</param>
public sealed record SolderedEdit(
    string Name,
    SolderedKind Kind,
    SolderWork Work,
    string Why,
    Side Side,
    double? X,
    double? Y,
    int Pins,
    int Rows,
    ThreeState HasWayRound,
    ThreeState OpenContacts,
    Lacquer Lacquer,
    DateTimeOffset? LacqueredAt,
    double? CureHours
);

/// <param name="Pads">When the pads are looked at.</param>
/// <param name="Way">Where pin 1, a notch or a key points.</param>
/// <param name="Flux">When it is soldered.</param>
/// <param name="PhotoId">Of the joints, with <paramref name="Joints"/>: each pin tapped on it.</param>
/// <param name="Pairs">Neighbours that were measured.</param>
/// <param name="Bridged">Pairs that read joined, such as 4-5.</param>
/// <param name="JoinedByBoard">Of these, those that the board itself joins.</param>
public sealed record SolderStepAsk(
    SolderStep Step,
    PadState? Pads = null,
    Direction Way = Direction.NotKnown,
    Flux? Flux = null,
    Guid? PhotoId = null,
    IReadOnlyList<JointMark>? Joints = null,
    int? Pairs = null,
    IReadOnlyList<string>? Bridged = null,
    IReadOnlyList<string>? JoinedByBoard = null,
    string? OverruleReason = null
);

/// <param name="Neighbours">Pairs of its pins that lie beside one another.</param>
/// <param name="Steps">Those that this part has, in order, each with when it was done.</param>
/// <param name="Verdict">What stands in the way of its next step, or how its joints are.</param>
public sealed record SolderedRow(
    SolderedPart Part,
    SolderStep? Next,
    string NextWords,
    int Neighbours,
    IReadOnlyList<SolderStepRow> Steps,
    Verdict Verdict,
    Verdict Flux,
    string? PhotoHash
);

public sealed record SolderStepRow(SolderStep Step, string Words, DateTimeOffset? At);

public sealed record JointsAsk(
    SolderedKind Kind,
    int Pins,
    int Rows = 1,
    int Counted = 0,
    int Bad = 0,
    int? Measured = null,
    IReadOnlyList<string>? Bridged = null,
    string Name = "the part"
);

/// <param name="Neighbours">Pairs of pins that lie beside one another.</param>
public sealed record JointsAnswer(int Neighbours, Verdict Verdict);

public sealed record FluxAsk(Flux Flux, bool OpenContacts = true, string Name = "the part");

/// <param name="HoursSince">Since a fresh coat was put on; null when nobody knows.</param>
/// <param name="CureHours">By the can; 24 unless said.</param>
public sealed record LacquerAsk(Lacquer Lacquer, double? HoursSince = null, double? CureHours = null, string Name = "the part");

static class SolderingEndpoints
{
    public static void MapSoldering(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Soldering");
        m.MapTypedOnBoard(
            "/boards/{boardId:guid}/soldered",
            "/soldered/{rowId:guid}",
            "SolderedPart",
            new TypedRows<SolderedPart, SolderedEdit>(
                "soldered part",
                x =>
                    new()
                    {
                        Id = x.Id,
                        MachineId = x.MachineId,
                        BoardId = x.On,
                    },
                (p, e) =>
                {
                    (p.Name, p.Kind, p.Work, p.Why, p.Side, p.X, p.Y) = (e.Name.Trim(), e.Kind, e.Work, e.Why.Trim(), e.Side, e.X, e.Y);
                    (p.Pins, p.Rows, p.HasWayRound, p.OpenContacts) = (e.Pins, e.Rows, e.HasWayRound, e.OpenContacts);
                    (p.Lacquer, p.LacqueredAt, p.CureHours) = (e.Lacquer, e.LacqueredAt, e.CureHours);
                },
                p => $"To be soldered: {p.Name}.",
                p => $"{p.Name} changed.",
                p => $"Taken off the map: {p.Name}."
            )
            {
                Beside = (db, p, _, _) =>
                {
                    // What was counted and measured was so on other pins.
                    var was = db.Entry(p);
                    if (
                        was.State == EntityState.Modified
                        && p.Begun
                        && new[] { "Kind", "Work", "Pins", "Rows", "HasWayRound" }.Any(x => was.Property(x).IsModified)
                    )
                    {
                        throw new InvalidInputException(
                            "pins",
                            $"The work on {p.Name} is begun: what it is and how many pins it has stay as they are. Do it once more to change them."
                        );
                    }
                    return Task.CompletedTask;
                },
                Taking = async (db, p, cancel) =>
                {
                    var key = Overrulable.KeyOf(OverruleKind.Flux, p.Id.ToString());
                    db.RemoveRange(await db.Overrules.Where(o => o.MachineId == p.MachineId && o.Key == key).ToListAsync(cancel));
                },
            }
        );
        m.MapPost(
                "/soldered/{partId:guid}/otherwise",
                (Guid id, Guid partId, OtherwiseAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, partId, new SolderedOtherwise(ask.Said), null, null, work, cancel)
            )
            .WithName("SolderedOtherwise")
            .WithSummary("It was soldered already, or otherwise; its joints, neighbours and flux are still looked at.");
        m.MapPost(
                "/soldered/{partId:guid}/step",
                (Guid id, Guid partId, SolderStepAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(
                        id,
                        partId,
                        new TakeSolderStep(
                            ask.Step,
                            ask.Pads,
                            ask.Way,
                            ask.Flux,
                            ask.PhotoId,
                            ask.Joints,
                            ask.Pairs,
                            ask.Bridged,
                            ask.JoinedByBoard
                        ),
                        ask.PhotoId,
                        ask.OverruleReason,
                        work,
                        cancel
                    )
            )
            .WithName("TakeSolderStep");
        m.MapPost(
                "/soldered/{partId:guid}/again",
                (Guid id, Guid partId, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, partId, new SolderAgain(), null, null, work, cancel)
            )
            .WithName("SolderAgain");
    }

    static Task<Acted> DoAsync(
        Guid id,
        Guid partId,
        Command<SolderFacts> command,
        Guid? photoId,
        string? reason,
        UnitOfWork work,
        CancellationToken cancel
    ) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                {
                    var part = await db
                        .SolderedParts.FirstOrDefaultAsync(p => p.Id == partId && p.MachineId == id, c)
                        .OrNotHere("soldered part");
                    return new SolderFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        part,
                        (await db.Photos.Where(p => p.MachineId == id && p.Id == photoId).Select(p => p.Id).ToListAsync(c)).ToHashSet(),
                        await db.Areas.AsNoTracking().Where(a => a.BoardId == part.BoardId).ToListAsync(c),
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c)
                    );
                },
                reason,
                cancel
            )
            .Said();

    /// <summary>As the boards' screen shows them.</summary>
    public static IReadOnlyList<SolderedRow> Rows(Core.Planning.MachineFacts f, DateTimeOffset now) =>
        [
            .. f.SolderedParts.Select(p =>
            {
                var heat = new SolderFacts(
                    f.Machine,
                    p,
                    new HashSet<Guid>(),
                    [.. f.Areas.Where(a => a.BoardId == p.BoardId)],
                    f.Overrules
                ).MayHeat(now);
                var hot = p.Next is { } n && SolderSteps.Hot(n);
                return new SolderedRow(
                    p,
                    p.Next,
                    p.Next is { } next ? SolderSteps.Procedure.Words(next) : "",
                    Joints.Neighbours(p.Kind, p.Pins, p.Rows),
                    [.. SolderSteps.Procedure.Of(p).Select(s => new SolderStepRow(s.Step, s.Words, s.DoneAt(p)))],
                    hot && heat.Outcome is not Outcome.Yes ? heat : SolderSteps.Stand(p),
                    SolderGates.MayFlux(p.Name, Flux.Liquid, p.Open),
                    f.Photos.FirstOrDefault(x => x.Id == p.Sheet.PhotoId)?.Hash
                );
            }),
        ];

    public static void MapSolderingCalc(this IEndpointRouteBuilder calc)
    {
        var g = calc.MapGroup("/soldering").WithTags("Calc: soldering");
        g.MapPost(
                "/joints",
                (JointsAsk ask) =>
                    new JointsAnswer(
                        Joints.Neighbours(ask.Kind, ask.Pins, ask.Rows),
                        Joints.Judge(ask.Name, ask.Kind, ask.Pins, ask.Rows, ask.Counted, ask.Bad, ask.Measured, ask.Bridged ?? [])
                    )
            )
            .WithName("CalcJoints")
            .WithSummary("How many neighbours a part's pins have, and whether its joints are good.")
            .Asking("rows", "Say in how many rows its pins stand.")
            .Asking("bad", "Say how many joints are not good.")
            .WithExample("""{"name":"J4","kind":"connector","pins":34,"rows":2,"counted":34,"bad":0,"measured":49}""")
            .ProducesValidationProblem();
        g.MapPost("/flux", (FluxAsk ask) => SolderGates.MayFlux(ask.Name, ask.Flux, ask.OpenContacts))
            .WithName("CalcFlux")
            .WithSummary("May this flux go on here?")
            .WithExample("""{"name":"J4","flux":"liquid","openContacts":true}""")
            .ProducesValidationProblem();
        g.MapPost(
                "/lacquer",
                (LacquerAsk ask) =>
                {
                    InvalidInputException.Finite("hoursSince", ask.HoursSince, 0, 1e6, "h");
                    InvalidInputException.Finite("cureHours", ask.CureHours, 0, 24 * 60, "h");
                    var now = DateTimeOffset.UnixEpoch.AddYears(200);
                    return SolderGates.MayHeat(
                        ask.Name,
                        ask.Lacquer,
                        ask.HoursSince is { } h ? now.AddHours(-h) : null,
                        ask.CureHours,
                        now
                    );
                }
            )
            .WithName("CalcLacquer")
            .WithSummary("May an iron come near a coat of lacquer?")
            .Asking("cureHours", "Say how long the lacquer cures, from its label.")
            .WithExample("""{"name":"J4","lacquer":"fresh","hoursSince":6,"cureHours":24}""")
            .ProducesValidationProblem();
    }
}
