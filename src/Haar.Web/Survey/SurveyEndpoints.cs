using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Survey;

public sealed record FindingEdit(FindingKind Kind, string Place, string Seen, Guid? PhotoId);

public sealed record DealtWith(string How);

/// <param name="Meaning">What it implies.</param>
/// <param name="Power">May it be powered with this: whether somebody has decided so, and whether that still holds.</param>
public sealed record FindingRow(Finding Finding, FindingMeaning Meaning, string? PhotoHash, Permit Power);

/// <param name="Kinds">Every kind that can be found, with its words, for the list to choose from.</param>
/// <param name="Standing">Cautions that hold for this machine whatever is found.</param>
public sealed record SurveyScreen(
    IReadOnlyList<FindingRow> Findings,
    DateTimeOffset? SurveyedAt,
    Verdict Power,
    IReadOnlyList<CautionId> Standing,
    IReadOnlyList<FindingChoice> Kinds
);

public sealed record FindingChoice(FindingKind Kind, string Words, bool StopsPower);

/// <param name="Without">Why places that nobody has looked at are left out; null when there are none.</param>
public sealed record LookedOver(string? Without = null);

static class SurveyEndpoints
{
    static async Task<SurveyFacts> FactsAsync(HaarDb db, Guid id, CancellationToken cancel) =>
        new(
            await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine"),
            await db.Findings.Where(f => f.MachineId == id).ToListAsync(cancel),
            await db.Answers.Where(a => a.MachineId == id).ToListAsync(cancel)
        );

    public static void MapSurvey(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/survey").WithTags("Survey");
        m.MapGet("/", ScreenAsync).WithName("GetSurvey");
        m.MapPost("/findings", AddAsync).WithName("AddFinding");
        m.MapPut("/findings/{findingId:guid}", EditAsync).WithName("EditFinding");
        m.MapPost("/findings/{findingId:guid}/dealt-with", DealAsync).WithName("DealWithFinding");
        m.MapDelete("/findings/{findingId:guid}", RemoveAsync).WithName("RemoveFinding");
        m.MapPost(
                "/looked",
                async (Guid id, LookedOver? looked, UnitOfWork work, CancellationToken cancel) =>
                {
                    var (entry, done) = await work.DoAsync(
                        id,
                        new CloseSurvey(looked?.Without),
                        (db, c) => FactsAsync(db, id, c),
                        cancel: cancel
                    );
                    return entry.Said(done.Subject);
                }
            )
            .WithName("LookedOver")
            .WithSummary("Closes the survey once every place has its answer, or with why the rest is left out.");
    }

    static async Task<SurveyScreen> ScreenAsync(Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        var findings = await db.Findings.AsNoTracking().Where(f => f.MachineId == id).OrderBy(f => f.Id).ToListAsync(cancel);
        var facts = await MachineStatusKeeper.FactsAsync(db, id, cancel).OrNotHere("machine");
        var photos = facts.Photos.ToDictionary(p => p.Id, p => p.Hash);
        var gate = PowerSession.Of(facts, work.Now);
        return new(
            [
                .. findings
                    .OrderBy(f =>
                        f.Open && FindingRules.Meaning(f.Kind).StopsPower ? 0
                        : f.Open ? 1
                        : 2
                    )
                    .ThenBy(f => f.Id)
                    .Select(f => new FindingRow(
                        f,
                        FindingRules.Meaning(f.Kind),
                        f.PhotoId is { } p ? photos.GetValueOrDefault(p) : null,
                        FindingRules.StopsPower(f, facts.Overrules)
                    )),
            ],
            machine.SurveyedAt,
            gate.Verdict,
            Hazards.Cautions(machine),
            [
                .. Enum.GetValues<FindingKind>()
                    .OrderBy(k => k == FindingKind.Other)
                    .Select(k => new FindingChoice(k, FindingRules.Meaning(k).Words, FindingRules.Meaning(k).StopsPower)),
            ]
        );
    }

    static async Task<Acted> AddAsync(Guid id, FindingEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        var f = new Finding
        {
            Id = work.NewId(),
            MachineId = id,
            Kind = e.Kind,
            Place = e.Place.Trim(),
            Seen = e.Seen.Trim(),
            PhotoId = e.PhotoId,
            At = work.Now,
        };
        db.Add(f);
        await FindingActs.RaiseAsync(f, db, work, cancel);

        return (
            await work.ActAsync(
                id,
                $"Found: {FindingRules.Meaning(e.Kind).Words}{(f.Place.Length > 0 ? $", {f.Place}" : "")}. {f.Seen}",
                cancel
            )
        ).Said(f.Id);
    }

    static async Task<Acted> EditAsync(
        Guid id,
        Guid findingId,
        FindingEdit e,
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var f = await db.Findings.FirstOrDefaultAsync(x => x.Id == findingId && x.MachineId == id, cancel).OrNotHere("finding");
        UnitOfWork.Match(f, f.Version, based.On);
        var another = f.Kind != e.Kind;
        (f.Kind, f.Place, f.Seen, f.PhotoId) = (e.Kind, e.Place.Trim(), e.Seen.Trim(), e.PhotoId);
        if (another)
        {
            // Other work than was thought; what nobody has begun goes.
            db.RemoveRange(await db.Jobs.Where(j => j.FindingId == f.Id && j.State == Core.Planning.JobState.ToDo).ToListAsync(cancel));
            await FindingActs.RaiseAsync(f, db, work, cancel);
        }
        return (await work.ActAsync(id, $"Finding changed: {FindingRules.Meaning(e.Kind).Words}. {f.Seen}", cancel)).Said(f.Id);
    }

    static async Task<Acted> DealAsync(Guid id, Guid findingId, DealtWith ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var f = await db.Findings.FirstOrDefaultAsync(x => x.Id == findingId && x.MachineId == id, cancel).OrNotHere("finding");
        if (ask.How.Trim().Length is 0 or > 300)
        {
            throw new InvalidInputException("how", "Say in 1 to 300 characters how it was dealt with.");
        }
        if (!f.Open)
        {
            throw new InvalidInputException("finding", "This finding is dealt with already.");
        }
        // By hand or by its work, it is the same act: what stands against the one stands against the other.
        if (
            await MachineStatusKeeper.FactsAsync(db, id, cancel) is { } facts
            && Core
                .Rooms.AllRooms.InOrder.Select(r => r.Holds(new(facts, work.Now), new() { FindingId = f.Id, Settles = true }))
                .FirstOrDefault(h => h is not null)
                is { } held
        )
        {
            throw new Core.Acts.RefusedException(held);
        }
        f.DealtWithAt = work.Now;
        f.DealtWith = ask.How.Trim();
        await FindingActs.CellOutAsync(f.Id, db, work, cancel);
        await FindingActs.SettleAsync(f, db, work, cancel);
        return (await work.ActAsync(id, $"Dealt with: {FindingRules.Meaning(f.Kind).Words}. {f.DealtWith}", cancel)).Said(f.Id);
    }

    static async Task<Acted> RemoveAsync(Guid id, Guid findingId, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var f = await db.Findings.FirstOrDefaultAsync(x => x.Id == findingId && x.MachineId == id, cancel).OrNotHere("finding");
        db.RemoveRange(await db.Jobs.Where(j => j.FindingId == findingId && j.State == Core.Planning.JobState.ToDo).ToListAsync(cancel));
        db.Remove(f);
        return (await work.ActAsync(id, $"Finding taken back: {FindingRules.Meaning(f.Kind).Words}.", cancel)).Said(f.Id);
    }
}
