using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Labels;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Stripdown;

/// <param name="Model">What it is saved under; the next machine of this model gets the order with its traps.</param>
public sealed record SaveProfileAsk(string Model);

/// <summary>What leaves the record on paper or for the next of its kind: tray labels and a profile.</summary>
static class StripPaper
{
    public static void MapStripPaper(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/strip").WithTags("Stripdown");
        m.MapGet("/labels.pdf", LabelsAsync)
            .WithName("GetTrayLabels")
            .WithSummary("A sheet of tray labels, A4, 24 to a sheet; each QR code opens its step.")
            .Produces(200, contentType: "application/pdf");
        m.MapPost("/profile", SaveAsync).WithName("SaveStripProfile");
    }

    static async Task<IResult> LabelsAsync(Guid id, HttpRequest request, HaarDb db, CancellationToken cancel, int skip = 0)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        if (skip is < 0 or > 23)
        {
            throw new InvalidInputException("skip", "0 to 23 labels are gone from the first sheet.");
        }
        var steps = await db.StripSteps.AsNoTracking().Where(s => s.MachineId == id).ToDictionaryAsync(s => s.Id, cancel);
        var fasteners = await db.StripFasteners.AsNoTracking().Where(f => f.MachineId == id && f.Tray != "").ToListAsync(cancel);
        var labels = fasteners
            .GroupBy(f => f.Tray)
            .OrderBy(g => g.Key, StringComparer.Ordinal)
            .Select(g =>
            {
                var first = g.Select(f => steps[f.StepId]).OrderBy(s => s.Number).First();
                var numbers = g.Select(f => steps[f.StepId]).DistinctBy(s => s.Id).OrderBy(s => s.Number).ToList();
                return new Label(
                    g.Key,
                    machine.Name,
                    numbers.Count == 1 ? $"{first.Number} · {first.Title}" : $"Steps {string.Join(", ", numbers.Select(n => n.Number))}",
                    [
                        .. g.Select(f =>
                            $"{f.Count} × {Reconcile.Size(f.Thread, f.LengthMillimetres, f.Head)}{(f.Hole.Length > 0 ? $", {f.Hole}" : "")}"
                        ),
                    ],
                    $"{request.Scheme}://{request.Host}/m/{id}/stripdown?step={first.Id}"
                );
            });
        return Blocking.Answer(
            to => LabelSheet.Pdf(labels, to, skip),
            "application/pdf",
            $"tray labels {string.Concat(machine.Name.Where(c => char.IsAsciiLetterOrDigit(c) || c is ' ' or '-'))}.pdf"
        );
    }

    static async Task<Acted> SaveAsync(Guid id, SaveProfileAsk ask, HaarDb db, UnitOfWork work, PackStore packs, CancellationToken cancel)
    {
        await db.OnTheListAsync(id, cancel);
        var machine = await db.Machines.FirstAsync(m => m.Id == id, cancel);
        var model = ask.Model.Trim();
        if (model.Length is 0 or > 80)
        {
            throw new InvalidInputException(
                "model",
                "Name the model, as printed, in 1 to 80 characters: the next one of it is known by that."
            );
        }
        var steps = await db.StripSteps.AsNoTracking().Where(s => s.MachineId == id).OrderBy(s => s.Number).ToListAsync(cancel);
        if (steps.Count == 0)
        {
            throw new InvalidInputException("steps", "Nothing has been recorded yet that could be saved.");
        }
        var fasteners = (
            await db.StripFasteners.AsNoTracking().Where(f => f.MachineId == id).OrderBy(f => f.Id).ToListAsync(cancel)
        ).ToLookup(f => f.StepId);
        var connectors = (
            await db.StripConnectors.AsNoTracking().Where(c => c.MachineId == id).OrderBy(c => c.Id).ToListAsync(cancel)
        ).ToLookup(c => c.StepId);
        var index = steps.Select((s, i) => (s.Id, i)).ToDictionary(x => x.Id, x => x.i + 1);
        var order = steps
            .Select(s => new StripProfileStep
            {
                Title = s.Title,
                Kind = s.Kind,
                Orientation = s.Orientation,
                Behind = [.. s.Behind.Where(index.ContainsKey).Select(b => index[b])],
                Traps = s.Note.Length == 0 ? [] : [s.Note.Length > 200 ? s.Note[..200] : s.Note],
                Polarity = s.Polarity,
                TestBeforeCovered = s.TestBeforeCovered,
                Fasteners =
                [
                    .. fasteners[s.Id]
                        .Select(f => new StripProfileFastener(
                            f.Thread,
                            f.LengthMillimetres,
                            f.Head,
                            f.Count + f.MissingBefore,
                            f.Hole,
                            f.Pierces
                        )),
                ],
                Connectors = [.. connectors[s.Id].Select(c => new StripProfileConnector(c.Kind, c.Keyed, c.Polarity, c.Route))],
            })
            .ToList();
        var profileId = string.Join(
            '-',
            new string([.. model.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : ' ')]).Split(
                ' ',
                StringSplitOptions.RemoveEmptyEntries
            )
        )
            is { Length: > 0 } slug
            ? slug
            : "machine";
        var pack = await packs.KeepAsync(
            new MachineProfile
            {
                Id = profileId,
                Model = model,
                Kind = machine.Kind,
                Class = machine.Class,
                YearFrom = machine.YearFrom,
                YearTo = machine.YearTo,
                Traits = machine.Traits,
                Rails = [.. machine.Rails.Select(r => r with { Volts = null, RippleMillivolts = null, OhmsToGround = null })],
                StripOrder = order,
            },
            cancel
        );
        if (machine.Model.Length == 0)
        {
            machine.Model = model;
        }
        return (
            await work.ActAsync(
                id,
                $"How it came apart is saved for the next {model}, in {steps.Count} steps, in the pack “{pack.Name}”.",
                cancel
            )
        ).Said(id);
    }
}
