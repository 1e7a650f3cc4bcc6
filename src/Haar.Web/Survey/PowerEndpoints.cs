using Haar.Core.Acts;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Survey;

static class PowerEndpoints
{
    public static void MapPower(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/power").WithTags("Survey");
        m.MapGet("/", ScreenAsync).WithName("GetPower");
        m.MapPost(
                "/{kind}/readings",
                (Guid id, [FromRoute(Name = "kind")] string word, RailReadingAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(
                        id,
                        new ReadRail(word.As<PowerStepKind>("kind"), ask.Rail, ask.Quantity, ask.Value, ask.Source, ask.Instrument),
                        work,
                        cancel
                    )
            )
            .WithName("ReadRail");
        m.MapPost(
                "/{kind}/close",
                (Guid id, [FromRoute(Name = "kind")] string word, ClosePowerStepAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(
                        id,
                        new ClosePowerStep(word.As<PowerStepKind>("kind"), ask.Notes, ask.ConfirmedCautions, ask.FailedBecause),
                        work,
                        cancel
                    )
            )
            .WithName("ClosePowerStep")
            .WithSummary("Judges the step from its readings: passes it, or stops everything after it.");
        m.MapPost(
                "/{kind}/again",
                (Guid id, [FromRoute(Name = "kind")] string word, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, new TakePowerStepAgain(word.As<PowerStepKind>("kind")), work, cancel)
            )
            .WithName("TakePowerStepAgain");
        m.MapPost(
                "/{kind}/overrule",
                (Guid id, [FromRoute(Name = "kind")] string word, OverrulePowerStepAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, new OverrulePowerStep(word.As<PowerStepKind>("kind")), work, cancel, ask.Reason)
            )
            .WithName("OverrulePowerStep");
        m.MapPost(
                "/load",
                (Guid id, LoadAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, new PutOnLoad(ask.Load, ask.MinutesAgo), work, cancel)
            )
            .WithName("LoadOn")
            .WithSummary("States the load that the supply hangs on from now; the hour that earns full trust begins.");
        m.MapPost(
                "/in-pieces",
                (Guid id, TestInPiecesAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, new AllowTestInPieces(ask.Test), work, cancel, ask.OverruleReason)
            )
            .WithName("AllowTestInPieces")
            .WithSummary("Powered although it is in pieces: what it lies on, what hangs loose, what is missing, for how long.");
        m.MapDelete("/in-pieces", (Guid id, UnitOfWork work, CancellationToken cancel) => DoAsync(id, new EndTestInPieces(), work, cancel))
            .WithName("EndTestInPieces");
        api.MapPost(
                "/machines/{id:guid}/dangers/{dangerId:guid}/looked",
                (Guid id, Guid dangerId, LookAgainAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, new LookAgain(dangerId, ask.Saw), work, cancel)
            )
            .WithTags("Survey")
            .WithName("LookAgain")
            .WithSummary("A danger whose entry was deleted or reworded ends here: somebody looks again and says what is there.");
        m.MapPut("/rails", RailsAsync).WithName("SetRails");
        m.MapPost(
                "/ran",
                (Guid id, RanAsk ask, UnitOfWork work, CancellationToken cancel) => DoAsync(id, new SayRan(ask.Ran, ask.Word), work, cancel)
            )
            .WithName("SayRan")
            .WithSummary("Says when the machine was last seen running: from that follows how it is brought to power.");
    }

    static Task<MachineFacts> FactsAsync(HaarDb db, Guid id, CancellationToken cancel) =>
        MachineStatusKeeper.FactsToChangeAsync(db, id, cancel).OrNotHere("machine");

    static async Task<PowerScreen> ScreenAsync(Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var f = await MachineStatusKeeper.FactsAsync(db, id, cancel).OrNotHere("machine");
        var session = PowerSession.Of(f, work.Now);
        return new(
            [
                .. session.Plan.Select(p =>
                {
                    var step = f.PowerSteps.FirstOrDefault(s => s.Kind == p.Kind);
                    var mine = step is null ? [] : f.ReadingsOf(step).ToList();
                    var standing = mine.GroupBy(r => (r.Channel, r.Quantity))
                        .Select(g => g.Latest(g.Key.Channel, g.Key.Quantity)!.Id)
                        .ToHashSet();
                    return new PowerStepView(
                        p,
                        step,
                        p.Reads ? PowerAct.Judge(f.Machine, p.Kind, mine) : null,
                        step is null ? [] : [.. f.Readings.Where(r => r.SubjectId == step.Id && !r.Voided && !standing.Contains(r.Id))],
                        session.May(p.Kind),
                        session.Lapsed.Contains(p.Kind),
                        p.Kind == PowerStepKind.Shorts && session.Lapsed.Contains(p.Kind) && f.LastOnCircuit?.At > step?.At
                            ? f.LastOnCircuit.What
                            : ""
                    );
                }),
            ],
            session.Next,
            session.Verdict,
            PowerAct.SupplyInside(f.Machine),
            session.Supply,
            [.. f.Observations.Where(o => !o.Voided)],
            [.. session.Before.Select(BeforePowerRow.Of)],
            [.. session.List.Select(BeforePowerRow.Of)],
            [.. session.LeftBehind.Select(d => new LeftBehindRow(d.LeftBehind!.Value, d.Sentence, d.Why, d.Since))],
            f.Machine.Rails,
            f.Machine.Version,
            session.AnsweredOn,
            session.Ritual,
            f.Machine.Ran,
            f.Machine.RanWord,
            f.TestsInPieces.LastOrDefault(t => t.Covers(f, work.Now))
        );
    }

    static Task<Acted> DoAsync(Guid id, Command<MachineFacts> command, UnitOfWork work, CancellationToken cancel, string? reason = null) =>
        work.DoAsync(id, command, (db, c) => FactsAsync(db, id, c), reason, cancel).Said();

    static async Task<Acted> RailsAsync(
        Guid id,
        IReadOnlyList<RailReading> rails,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var machine = await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        UnitOfWork.Match(machine, machine.Version, based.On);
        _ = Rails.Shorts(rails);
        if (rails.Any(r => r.Name.Trim().Length is 0 or > 20) || rails.Select(r => r.Name).Distinct().Count() != rails.Count)
        {
            throw new InvalidInputException("rails", "Every rail has a name of its own, 1 to 20 characters.");
        }
        machine.Rails = [.. rails.Select(r => new RailReading(r.Name.Trim(), r.NominalVolts))];
        return (await work.ActAsync(id, "The supply's rails changed.", cancel)).Said(id);
    }
}
