using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Exchange;

/// <summary>Everything that has to be looked at on a day, as one iCalendar file (RFC 5545): cells fitted, corroded areas, orders expected, what goes back to whom, waits that run.</summary>
public static class CheckCalendar
{
    public static async Task<string> OfAsync(HaarDb db, DateTimeOffset now, CancellationToken cancel = default)
    {
        var machines = await db.Machines.AsNoTracking().Where(m => m.RemovedAt == null).ToDictionaryAsync(m => m.Id, m => m.Name, cancel);
        var calendar = new Calendar { ProductId = "-//Haar//Checks//EN" };
        void Add(string uid, DateOnly day, string title, string text)
        {
            calendar.Events.Add(
                new CalendarEvent
                {
                    Uid = $"{uid}@haar",
                    Summary = title,
                    Description = text,
                    DtStamp = new CalDateTime(now.UtcDateTime),
                    Start = new CalDateTime(day),
                    End = new CalDateTime(day.AddDays(1)),
                    Transparency = "TRANSPARENT",
                }
            );
        }

        foreach (var c in await db.Cells.AsNoTracking().Where(c => c.NextCheck != null).OrderBy(c => c.Id).ToListAsync(cancel))
        {
            if (machines.TryGetValue(c.MachineId, out var name))
            {
                Add(
                    $"cell-{c.Id}",
                    c.NextCheck!.Value,
                    $"{name}: look at the cell",
                    $"{c.Place}. Leaks, swelling, volts. Take it out if the machine is stored."
                );
            }
        }

        foreach (var a in await db.Areas.AsNoTracking().Where(a => a.InspectOn != null).OrderBy(a => a.Id).ToListAsync(cancel))
        {
            if (machines.TryGetValue(a.MachineId, out var name))
            {
                Add(
                    $"area-{a.Id}",
                    a.InspectOn!.Value,
                    $"{name}: look at {a.Name} again",
                    "If it has spread or gone a stage further, residue is still under it: clean it again."
                );
            }
        }

        foreach (
            var o in await db
                .Orders.AsNoTracking()
                .Where(o =>
                    o.ExpectedOn != null && o.State != Core.Parts.PartOrderState.Here && o.State != Core.Parts.PartOrderState.Cancelled
                )
                .OrderBy(o => o.Id)
                .ToListAsync(cancel)
        )
        {
            Add($"order-{o.Id}", o.ExpectedOn!.Value, $"Parts from {o.Supplier}", $"{o.Lines.Sum(l => l.Open)} pieces are to come.");
        }

        foreach (
            var m in await db
                .Machines.AsNoTracking()
                .Where(m => m.DueOn != null && m.RemovedAt == null && m.HandedOverAt == null)
                .OrderBy(m => m.Id)
                .ToListAsync(cancel)
        )
        {
            Add(
                $"due-{m.Id}",
                m.DueOn!.Value,
                m.Owner.Length > 0 ? $"{m.Name} goes back to {m.Owner}" : $"{m.Name} has to be ready",
                "What was measured before and after, and what was copied, before it leaves."
            );
        }
        foreach (var p in await db.Store.AsNoTracking().Where(p => p.DueOn != null).OrderBy(p => p.Id).ToListAsync(cancel))
        {
            Add(
                $"lent-{p.Id}",
                p.DueOn!.Value,
                $"{Core.Verdicts.Words.Capital(p.Kind)} goes back{(p.Owner.Length > 0 ? $" to {p.Owner}" : "")}",
                "Measured and copied before it leaves."
            );
        }

        // Waits that run: at their hour, since a closed page cannot ring.
        foreach (var w in await db.MachineWork.AsNoTracking().OrderBy(w => w.MachineId).ToListAsync(cancel))
        {
            if (!machines.TryGetValue(w.MachineId, out var name))
            {
                continue;
            }
            foreach (var t in w.Work.Where(t => t is { WaitsFor.Length: > 0, From: not null } && t.From > now.AddDays(-2)))
            {
                calendar.Events.Add(
                    new CalendarEvent
                    {
                        Uid = $"wait-{w.MachineId:N}-{t.Key}@haar",
                        Summary = $"{name}: {t.Title}",
                        Description = $"{Core.Verdicts.Words.Capital(t.WaitsFor)} until then.",
                        DtStamp = new CalDateTime(now.UtcDateTime),
                        Start = new CalDateTime(t.From!.Value.UtcDateTime),
                        End = new CalDateTime(t.From.Value.AddMinutes(15).UtcDateTime),
                        Transparency = "TRANSPARENT",
                    }
                );
            }
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? "";
    }
}
