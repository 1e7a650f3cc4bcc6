using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Capacitors;

public sealed record ReserveAsk(Guid PartId, string? OverruleReason);

/// <param name="Pads">Needed when the pads are looked at.</param>
/// <param name="MinusSeen">Needed at the second look: where the new part's minus points.</param>
public sealed record FittingAsk(FittingStep Step, PadState? Pads, Direction MinusSeen = Direction.NotKnown);

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
                    var drawer = (await db.Drawer.AsNoTracking().Where(p => p.Quantity > p.Reserved).ToListAsync(cancel))
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
        c.MapDelete("/reserve", ReleaseAsync).WithName("ReleasePart");
        c.MapPost("/fitting", StepAsync).WithName("TakeFittingStep");
    }

    static async Task<Acted> ReserveAsync(Guid id, Guid capacitorId, ReserveAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var cap = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        if (cap.Fitting.FittedAt is not null)
        {
            throw new InvalidInputException("partId", $"{cap.Designator} has its new part already.");
        }
        var part = await db.Drawer.FirstOrDefaultAsync(p => p.Id == ask.PartId, cancel).OrNotHere("drawer part");
        if (
            cap.Fitting.PartId is { } before
            && before != part.Id
            && await db.Drawer.FirstOrDefaultAsync(p => p.Id == before, cancel) is { } old
        )
        {
            old.Release();
        }
        if (cap.Fitting.PartId == part.Id)
        {
            throw new InvalidInputException("partId", $"A piece of it is set aside for {cap.Designator} already.");
        }
        var verdict = Substitution
            .Judge(cap.Spec, cap.Role, new(part.Id, part.Spec, part.Free, part.BoughtOn, part.Place), work.Today, cap.HeadroomMillimetres)
            .Verdict;
        if (verdict.Outcome == Outcome.No)
        {
            if (!verdict.MayBeOverruled)
            {
                throw new InvalidInputException("partId", $"{verdict.Sentence} Across the mains this cannot be overruled.");
            }
            if ((ask.OverruleReason ?? "").Trim().Length is < 3 or > 500)
            {
                throw new InvalidInputException("overruleReason", $"{verdict.Sentence} To take it all the same, say why.");
            }
            db.Add(
                new Overrule
                {
                    Id = work.NewId(),
                    MachineId = id,
                    Key = $"capacitors/substitute/{cap.Id}",
                    Sentence = $"{cap.Designator}: {verdict.Sentence}",
                    Reason = ask.OverruleReason!.Trim(),
                    At = work.Now,
                }
            );
        }

        part.Reserve();
        cap.Fitting = cap.Fitting with { PartId = part.Id };
        return (
            await work.ActAsync(id, $"Set aside for {cap.Designator}: {Substitution.Describe(part.Spec)}, from {part.Place}.", cancel)
        ).Said(cap.Id);
    }

    static async Task<Acted> ReleaseAsync(Guid id, Guid capacitorId, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var cap = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        if (cap.Fitting.PartId is not { } partId || cap.Fitting.FittedAt is not null)
        {
            throw new InvalidInputException("partId", "Nothing is set aside for it.");
        }
        if (await db.Drawer.FirstOrDefaultAsync(p => p.Id == partId, cancel) is { } part)
        {
            part.Release();
        }
        cap.Fitting = cap.Fitting with { PartId = null };
        return (await work.ActAsync(id, $"Put back into the drawer: the part for {cap.Designator}.", cancel)).Said(cap.Id);
    }

    static async Task<Acted> StepAsync(Guid id, Guid capacitorId, FittingAsk ask, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var cap = await db.Capacitors.FirstOrDefaultAsync(x => x.Id == capacitorId && x.MachineId == id, cancel).OrNotHere("capacitor");
        if (ask.Step == FittingStep.Remeasure)
        {
            throw new InvalidInputException("step", "Measure it: a reading is what closes this step.");
        }
        if (ask.Step == FittingStep.CheckPolarity)
        {
            var way = Polarity.Check(cap.Designator, cap.MinusBefore, cap.MinusPrinted, ask.MinusSeen);
            if (way.Outcome == Outcome.No || way.Outcome == Outcome.Unknown && ask.MinusSeen == Direction.NotKnown)
            {
                throw new InvalidInputException("minusSeen", way.Sentence);
            }
        }

        cap.Fitting = cap.Fitting.Take(ask.Step, cap.Spec.Polarised, work.Now, ask.Pads, ask.MinusSeen);
        if (
            ask.Step == FittingStep.Fit
            && cap.Fitting.PartId is { } partId
            && await db.Drawer.FirstOrDefaultAsync(p => p.Id == partId, cancel) is { } part
        )
        {
            part.Use();
        }
        if (ask is { Step: FittingStep.CheckPads, Pads: PadState.Lifted })
        {
            var repair = PadRepair.Of(cap.Designator, PadState.Lifted);
            db.Add(
                new Job
                {
                    Id = work.NewId(),
                    MachineId = id,
                    Stage = Stage.Boards,
                    Title = $"Mend the lifted pad under {cap.Designator}",
                    Why = string.Join(" ", repair.Steps),
                    Needs = repair.Needs,
                    Minutes = repair.Minutes,
                    At = work.Now,
                }
            );
        }

        var said = ask.Step switch
        {
            FittingStep.Remove => $"{cap.Designator} is off.",
            FittingStep.CheckPads => $"Pads under {cap.Designator}: {ask.Pads.ToString()!.ToLowerInvariant()}.",
            FittingStep.Clean => $"Pads under {cap.Designator} cleaned.",
            FittingStep.Fit => $"{cap.Designator} fitted.",
            _ => $"{cap.Designator}: way round checked by a second look.",
        };
        return (await work.ActAsync(id, said, cancel)).Said(cap.Id);
    }
}
