using Haar.Core.Batteries;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Survey;

public sealed record ChecklistAsk(LookAnswer Answer, string Note, Guid? PhotoId);

public sealed record ChecklistRow(ChecklistItem Item, ChecklistAnswer? Answer, string? PhotoHash);

/// <param name="Next">The first item that nobody has looked at; null when all have an answer.</param>
public sealed record ChecklistScreen(IReadOnlyList<ChecklistRow> Rows, IReadOnlyList<RefusedAct> Refused, string? Next, int Looked);

public sealed record ObservationAsk(ObservationKind Kind, string Text, int? Kilobytes, PowerStepKind? During);

static class ChecklistEndpoints
{
    public static void MapChecklist(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Survey");
        m.MapGet("/checklist", ScreenAsync).WithName("GetChecklist");
        m.MapPost("/checklist/{item}", AnswerAsync)
            .WithName("AnswerChecklist")
            .WithSummary("Bad raises the finding that the item stands for, with its cautions and the work that it implies.");
        m.MapGet(
                "/observations",
                async (Guid id, HaarDb db, CancellationToken cancel) =>
                    await db.Observations.AsNoTracking().Where(o => o.MachineId == id && !o.Voided).OrderBy(o => o.Id).ToListAsync(cancel)
            )
            .WithName("GetObservations");
        m.MapPost(
                "/observations",
                async (Guid id, ObservationAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    var o = new Observation
                    {
                        Id = work.NewId(),
                        MachineId = id,
                        Kind = ask.Kind,
                        Text = ask.Text.Trim(),
                        Kilobytes = ask.Kilobytes,
                        During = ask.During,
                        At = work.Now,
                    };
                    Observations.Check(o);
                    db.Add(o);
                    return (
                        await work.ActAsync(
                            id,
                            $"{ask.Kind switch { ObservationKind.Beep => "It beeped", ObservationKind.ErrorCode => "Error code", ObservationKind.MemoryCount => "It counted", ObservationKind.Sound => "Heard", ObservationKind.Smell => "Smelled", ObservationKind.Picture => "Picture", _ => "It said" }}: {o.Text}{(o.Kilobytes is { } kb ? $" ({kb} KB)" : "")}.",
                            cancel
                        )
                    ).Said(o.Id);
                }
            )
            .WithName("Observe");
        m.MapDelete(
                "/observations/{observationId:guid}",
                async (Guid id, Guid observationId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var o = await db
                        .Observations.FirstOrDefaultAsync(x => x.Id == observationId && x.MachineId == id, cancel)
                        .OrNotHere("observation");
                    o.Voided = true;
                    return (await work.ActAsync(id, $"Struck: {o.Text}.", cancel)).Said(o.Id);
                }
            )
            .WithName("VoidObservation");
    }

    static async Task<ChecklistResult> ComposeAsync(Guid id, HaarDb db, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        // What was found changes the list for good: a leak that was dealt with still reached somewhere; only what is open forbids.
        var findings = await db.Findings.AsNoTracking().Where(f => f.MachineId == id).ToListAsync(cancel);
        var all = Checklist.For(machine, [.. findings.Select(f => f.Kind)]);
        var open = Checklist.For(machine, [.. findings.Where(f => f.Open).Select(f => f.Kind)]);
        return all with { Refused = open.Refused };
    }

    static async Task<ChecklistScreen> ScreenAsync(Guid id, HaarDb db, CancellationToken cancel)
    {
        var list = await ComposeAsync(id, db, cancel);
        var answers = (await db.Answers.AsNoTracking().Where(a => a.MachineId == id).ToListAsync(cancel)).ToDictionary(a => a.Item);
        var photos = await db.Photos.AsNoTracking().Where(p => p.MachineId == id).ToDictionaryAsync(p => p.Id, p => p.Hash, cancel);
        // Something that was found by this very list stays on it with its answer.
        var gone = answers
            .Values.Where(a => a.Answer == LookAnswer.Bad && list.Items.All(i => i.Id != a.Item))
            .Select(a => a.Item)
            .ToHashSet();
        var machine = await db.Machines.AsNoTracking().FirstAsync(x => x.Id == id, cancel);
        var extra = gone.Count == 0 ? [] : Checklist.For(machine, []).Items.Where(i => gone.Contains(i.Id));
        var rows = list
            .Items.Concat(extra)
            .OrderBy(i => i.Zone)
            .Select(i => new ChecklistRow(
                i,
                answers.GetValueOrDefault(i.Id),
                answers.GetValueOrDefault(i.Id)?.PhotoId is { } p ? photos.GetValueOrDefault(p) : null
            ))
            .ToList();
        return new(
            rows,
            list.Refused,
            rows.FirstOrDefault(r => r.Answer is null or { Answer: LookAnswer.NotLooked })?.Item.Id,
            rows.Count(r => r.Answer is { Answer: not LookAnswer.NotLooked })
        );
    }

    static async Task<Acted> AnswerAsync(
        Guid id,
        string item,
        ChecklistAsk ask,
        HaarDb db,
        UnitOfWork work,
        PackStore packs,
        CancellationToken cancel
    )
    {
        await db.OnTheListAsync(id, cancel);
        var screen = await ScreenAsync(id, db, cancel);
        var of =
            screen.Rows.FirstOrDefault(r => r.Item.Id == item)?.Item ?? throw new NotHereException("That is not on this machine's list.");
        if (ask.Note.Length > 500)
        {
            throw new InvalidInputException("note", "At most 500 characters.");
        }
        if (ask.PhotoId is { } p && !await db.Photos.AnyAsync(x => x.Id == p && x.MachineId == id, cancel))
        {
            throw new InvalidInputException("photoId", "That photo is not one of this machine's.");
        }
        var a = await db.Answers.FirstOrDefaultAsync(x => x.MachineId == id && x.Item == item, cancel);
        if (a is null)
        {
            a = new ChecklistAnswer
            {
                Id = work.NewId(),
                MachineId = id,
                Item = item,
            };
            db.Add(a);
        }

        (a.Answer, a.Note, a.PhotoId, a.At) = (ask.Answer, ask.Note.Trim(), ask.PhotoId, work.Now);
        var machine = await db.Machines.FirstAsync(x => x.Id == id, cancel);
        Looked.Apply(machine, of, ask.Answer);
        if (ask.Answer == LookAnswer.Sound && UsualCell.Of(of.Of) is not null && !await db.Cells.AnyAsync(c => c.MachineId == id, cancel))
        {
            // Seen, and not described yet: what is usual of its kind until somebody does.
            var kind = of.Of.Contains(Core.Intake.Trait.BarrelCell) ? null : await packs.KindAsync(machine.KindId, cancel);
            db.Add(
                new MachineCell
                {
                    Id = work.NewId(),
                    MachineId = id,
                    Site = kind?.Cell ?? UsualCell.Of(machine.Traits)!,
                }
            );
        }
        var finding = a.FindingId is { } f ? await db.Findings.FirstOrDefaultAsync(x => x.Id == f, cancel) : null;
        if (ask.Answer == LookAnswer.Bad)
        {
            // What bad looks like is the list's; what was seen is the person's, who has not said it yet.
            var seen = a.Note.Length > 0 ? a.Note : "Not as it should be; nobody has written down what is seen.";
            if (finding is null)
            {
                finding = new Finding
                {
                    Id = work.NewId(),
                    MachineId = id,
                    Kind = of.Raises,
                    Place = char.ToLowerInvariant(of.Title[0]) + of.Title[1..],
                    Seen = seen,
                    PhotoId = a.PhotoId,
                    At = work.Now,
                };
                a.FindingId = finding.Id;
                db.Add(finding);
                await FindingActs.RaiseAsync(finding, db, work, cancel);
            }
            else
            {
                (finding.Seen, finding.PhotoId) = (seen, a.PhotoId ?? finding.PhotoId);
            }
        }
        else if (finding is { Open: true })
        {
            // It was answered bad by mistake, or looked at again: the work that nobody has begun goes. A danger that was noted is corrected
            // with a word on what is there; without one its entry goes, and the danger stands until somebody says so.
            db.RemoveRange(await db.Jobs.Where(j => j.FindingId == finding.Id && j.State == JobState.ToDo).ToListAsync(cancel));
            if (
                FindingRules.Meaning(finding.Kind).StopsPower
                && ask.Answer is (LookAnswer.Sound or LookAnswer.NotHere)
                && a.Note.Length > 0
            )
            {
                (finding.DealtWithAt, finding.DealtWith) = (work.Now, $"Looked at again: {a.Note}");
            }
            else
            {
                db.Remove(finding);
                a.FindingId = null;
            }
        }

        // What was just seen may have put more on the list, or taken something off it.
        var found = await db.Findings.AsNoTracking().Where(f => f.MachineId == id).ToListAsync(cancel);
        var answers = await db.Answers.AsNoTracking().Where(x => x.MachineId == id && x.Item != item).ToListAsync(cancel);
        var last =
            machine.SurveyedAt is null
            && ask.Answer is not (LookAnswer.Bad or LookAnswer.NotLooked)
            && new SurveyFacts(machine, found, [.. answers, a]).Unseen.Count == 0;
        if (last)
        {
            machine.SurveyedAt ??= work.Now;
        }

        return (
            await work.ActAsync(
                id,
                $"{of.Title}: {ask.Answer switch { LookAnswer.Sound => "sound", LookAnswer.Bad => "bad", LookAnswer.CannotTell => "cannot tell", LookAnswer.NotHere => "not here", _ => "to be looked at again" }}{(a.Note.Length > 0 ? $". {a.Note}" : "")}{(last ? " Looked over, outside to inside." : "")}",
                cancel
            )
        ).Said(a.Id);
    }
}
