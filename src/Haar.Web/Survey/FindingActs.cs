using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Survey;

/// <summary>What a finding sets going, whichever screen it was noted on.</summary>
static class FindingActs
{
    /// <summary>Adds the work that it implies, with its dependencies, and tells the battery's screen of a leak.</summary>
    public static async Task RaiseAsync(Finding f, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var implied = FindingWork.Of(f.Kind);
        var ids = implied.Select(_ => work.NewId()).ToList();
        for (var i = 0; i < implied.Count; i++)
        {
            var w = implied[i];
            db.Add(
                new Job
                {
                    Id = ids[i],
                    MachineId = f.MachineId,
                    Stage = w.Stage,
                    Title = w.Title,
                    Why = w.Why,
                    Needs = w.Needs,
                    Minutes = w.Minutes,
                    For = w.For,
                    After = w.After is { } a ? [ids[a]] : [],
                    At = work.Now,
                    FindingId = f.Id,
                    Settles = w.Settles,
                }
            );
        }

        if (f.Kind is FindingKind.LeakingCell or FindingKind.SwollenCell)
        {
            var machine = await db.Machines.FirstAsync(m => m.Id == f.MachineId, cancel);
            if (f.Kind == FindingKind.SwollenCell && machine.Traits.Contains(Core.Intake.Trait.LithiumPack))
            {
                // It is the pack that swells, and its own screen asks about it.
                return;
            }
            if (await db.Cells.FirstOrDefaultAsync(c => c.MachineId == f.MachineId, cancel) is not { } cell)
            {
                // A cell that leaks is there, whatever else is known of it.
                cell = new()
                {
                    Id = work.NewId(),
                    MachineId = f.MachineId,
                    Place = f.Place,
                };
                db.Add(cell);
            }

            // What is found is what the battery's own screen has to know.
            cell.Site = cell.Site with
            {
                Leaking = f.Kind == FindingKind.LeakingCell ? ThreeState.Yes : cell.Site.Leaking,
                Swollen = f.Kind == FindingKind.SwollenCell ? ThreeState.Yes : cell.Site.Swollen,
            };
        }
    }

    /// <summary>The cell that a finding wanted out is out: said in the survey, it is known on the battery's screen.</summary>
    public static async Task CellOutAsync(Guid findingId, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        if (
            await db.Findings.FirstOrDefaultAsync(f => f.Id == findingId, cancel)
                is { Kind: FindingKind.LeakingCell or FindingKind.SwollenCell } f
            && await db.Cells.FirstOrDefaultAsync(c => c.MachineId == f.MachineId && c.OldOutAt == null, cancel) is { } cell
        )
        {
            cell.OldOutAt = work.Now;
        }
    }

    /// <summary>Work that settles a finding is done: the finding is dealt with, and the other way round.</summary>
    public static async Task SettleAsync(Finding f, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        // Whatever its work is, hands were where it says.
        var works = await db.Jobs.AsNoTracking().Where(j => j.FindingId == f.Id).ToListAsync(cancel);
        if (works.Select(j => Core.Acts.CircuitWork.Of(j, work.Now, work.NewId)).FirstOrDefault(w => w is not null) is { } touched)
        {
            db.Add(touched);
        }
        foreach (var j in await db.Jobs.Where(j => j.FindingId == f.Id && j.Settles && j.State != JobState.Done).ToListAsync(cancel))
        {
            j.Finish(work.Now);
        }
    }
}
