using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Planning;

/// <summary>What somebody who comes back has forgotten, and what goes on without anybody.</summary>
static class WhereWere
{
    public static async Task<WhereWereWe> OfAsync(Guid id, HaarDb db, PlanService plans, CancellationToken cancel)
    {
        var facts = await MachineStatusKeeper.FactsAsync(db, id, cancel).OrNotHere("machine");
        var now = plans.Now;
        var m = new MachineNow(facts, now);
        var status = MachineStatusRule.Of(facts, now);
        var last = await db
            .Log.AsNoTracking()
            .Where(l => l.MachineId == id && l.UndoneAt == null && l.Undoes == null)
            .OrderByDescending(l => l.At)
            .ThenByDescending(l => l.Id)
            .Take(3)
            .Select(l => new LogRow(l.Id, l.At, l.Sentence, false, false, l.By))
            .ToListAsync(cancel);
        var (plan, _) = await plans.CurrentAsync(cancel);
        var planned = plan?.Tasks.Where(t => t.MachineId == id).MinBy(t => t.Start);
        var trays = facts
            .StripSteps.Where(s => s is { StaysOut: false, BackAt: null })
            .OrderByDescending(s => s.Number)
            .Take(6)
            .Select(s => $"{s.Number} · {s.Title}")
            .ToList();
        var needs = planned?.Work.Needs is { Length: > 0 } n ? n : status.Next?.Needs ?? "";
        return new(
            facts.Machine.Name,
            last.Count > 0 ? last[0].At : null,
            last.Count > 0 ? (int)(now - last[0].At).TotalDays : null,
            last,
            Tried(facts),
            [.. Waits(m)],
            trays,
            status.Next,
            planned,
            [.. needs.Split([',', ';'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Select(Words.Capital)],
            Parking.Wakes(facts.Machine),
            (await ParkedMachines.AllAsync(db, plans.Today, cancel)).FirstOrDefault(p => p.Machine.Id == id)?.WokenBy ?? ""
        );
    }

    /// <summary>The last things that were tried and came to little: so that nobody tries them again.</summary>
    static List<string> Tried(MachineFacts f) =>
        [
            .. f
                .CleanedItems.Where(i => i.Open && i.Facts.Trials.Count > 0)
                .Select(i =>
                {
                    var t = i.Facts.Trials[^1];
                    var name = Core.Cleaning.Methods.Of(i.Facts).FirstOrDefault(x => x.Id == t.Method)?.Name ?? t.Method;
                    return $"{Words.Capital(i.Name)}: {Words.Lower(name.Split(',')[0])}, {Math.Round(t.RemovedShare * 100)} % off{(t.Damage == true ? ", and damage" : "")}.";
                }),
            .. f
                .Mendings.Where(x => x is { Open: true, Sheet.Steps.Count: > 0 })
                .Select(x => $"{Words.Capital(x.Name)}: {Words.Lower(x.Sheet.Steps[^1].Words)}"),
            .. f.Keyboards.SelectMany(k =>
                k.Caps.Where(c => c.Tries.Count > 0).Select(c => $"{Words.Capital(k.Name)}, key {c.Legend}: {c.Tries.Count} tried.")
            ),
        ];

    static IEnumerable<WaitRow> Waits(MachineNow m) =>
        AllRooms
            .InOrder.SelectMany(r => r.Waits(m))
            .OrderBy(w => w.Until ?? DateTimeOffset.MaxValue)
            .Select(w => new WaitRow(
                m.Machine.Id,
                m.Machine.Name,
                w.For,
                w.Then,
                w.Until,
                w.Until <= m.Now,
                $"/m/{m.Machine.Id}/{(w.Stage == Stage.Case && !w.Listed ? "cleaning" : PlanningRoom.ScreenOf(w.Stage))}"
            ));

    /// <summary>Longest over first, then what is over next; what nobody knows the end of last.</summary>
    public static async Task<IReadOnlyList<WaitRow>> WaitsAsync(HaarDb db, TimeProvider time, CancellationToken cancel)
    {
        var now = time.GetUtcNow();
        var rows = await db
            .MachineWork.AsNoTracking()
            .Join(
                db.Machines.Where(m => m.RemovedAt == null && m.HandedOverAt == null),
                w => w.MachineId,
                m => m.Id,
                (w, m) =>
                    new
                    {
                        w.Work,
                        m.Id,
                        m.Name,
                    }
            )
            .ToListAsync(cancel);
        // What was waited for stands with the work that it frees, also after it is over and until somebody has gone.
        return
        [
            .. rows.SelectMany(r =>
                    r.Work.Where(w => w.WaitsFor.Length > 0)
                        .Select(w => new WaitRow(r.Id, r.Name, w.WaitsFor, w.Title, w.From, w.From <= now, w.Path(r.Id), w.OrderId))
                )
                .OrderBy(w => w.Until ?? DateTimeOffset.MaxValue)
                .ThenBy(w => w.Machine, StringComparer.Ordinal),
        ];
    }
}
