using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Drying;
using Haar.Core.Finish;
using Haar.Core.Keyboards;
using Haar.Core.Mechanisms;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Packs;
using Haar.Data.Parts;
using Haar.Data.Planning;
using Haar.Web.Colour;
using Haar.Web.Finish;
using Haar.Web.Http;
using Haar.Web.Keyboards;
using Haar.Web.Mechanisms;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Cleaning;

/// <summary>What Case shows: everything of its rooms, in one answer.</summary>
static class CaseScreen
{
    public static async Task<IReadOnlyList<Candidate>> CandidatesAsync(Guid id, HaarDb db, CancellationToken cancel) =>
        Candidates.Of(await FactsAsync(id, db, cancel));

    static async Task<MachineFacts> FactsAsync(Guid id, HaarDb db, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
        var facts = new MachineFacts { Machine = machine };
        await RowsOfMachine.FillAsync(
            db,
            id,
            facts,
            false,
            cancel,
            RowsOfMachine
                .Types.Except([
                    typeof(CleanedItem),
                    typeof(WhiteningRun),
                    typeof(SheetMetal),
                    typeof(Mending),
                    typeof(Keyboard),
                    typeof(Mechanism),
                    typeof(StripStep),
                    typeof(Finding),
                    typeof(Overrule),
                    typeof(Photo),
                ])
                .ToList()
        );
        return facts;
    }

    public static async Task<CleaningScreen> OfAsync(Guid id, HaarDb db, TimeProvider time, CancellationToken cancel)
    {
        var facts = await FactsAsync(id, db, cancel);
        var machine = facts.Machine;
        var now = time.GetUtcNow();
        var photos = facts.Photos.ToDictionary(p => p.Id, p => p.Hash);
        string? Hash(Guid? photo) => photo is { } p ? photos.GetValueOrDefault(p) : null;
        var shelf = await db.Stock().ShelfAsync(cancel);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var own = await PackStore.CleaningAsync(db, cancel);
        var waiting = facts.CleanedItems.Where(i => i is { Open: true, Wet: false, GoesAnyway: false }).ToList();
        return new(
            [
                .. facts.CleanedItems.Select(i =>
                {
                    var ladder = i.Rungs();
                    var next = Methods.Of(i.Facts).FirstOrDefault(x => x.Id == ladder.Next);
                    return new CleanedRow(
                        i,
                        ladder,
                        i.Wet,
                        i.TakesMains,
                        i.Wet ? i.DryingNeeded() : null,
                        i.DryFrom(),
                        i.Wet ? new DryItem().May(new(machine, i, facts.Overrules), now) : null,
                        next?.Needs ?? "",
                        i.Sheet.NotedAt is null ? Ladder.BeforeWet(i.Facts) : [],
                        i.IsItWorth(),
                        i.Facts.AllSoils.Contains(Soil.Odour) ? Odour.Of(i.Odour) : null,
                        Hash(i.PhotoId),
                        next?.Bath == true,
                        next?.Substance,
                        next is { Uses.Count: > 0 } ? Supplies.Enough(next.Uses, shelf, today) : null,
                        i.Facts.Seat is { } seat ? SoilSeat.Of(seat)
                            : i.Facts.AllSoils.Contains(Soil.NotKnown) ? SoilSeat.Of(new())
                            : null
                    );
                }),
            ],
            Candidates.Of(facts),
            waiting.Count > 1 ? Batch.Of([.. waiting.Select(i => new BatchItem(i.Name, i.Facts, i.Dries))]) : null,
            machine.ColourPolicy,
            WhiteningEndpoints.Rows(facts, Hash, now),
            WhiteningEndpoints.Matches(facts),
            FinishEndpoints.Rows(facts, Hash),
            MendingEndpoints.Rows(facts, Hash, now),
            KeyboardEndpoints.Rows(facts, Hash),
            MechanismEndpoints.Rows(facts),
            own.Materials,
            own.Soils
        );
    }
}
