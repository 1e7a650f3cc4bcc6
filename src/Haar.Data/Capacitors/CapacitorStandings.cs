using Haar.Core.Capacitors;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Capacitors;

/// <summary>What one capacitor came to when it was last judged. Never the truth itself: it can be thrown away and computed again.</summary>
public sealed class CapacitorStandRow
{
    /// <summary>The capacitor's.</summary>
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Designator { get; set; } = "";
    public CapacitorStand Stand { get; set; }
    public double Score { get; set; }
    public string Sentence { get; set; } = "";
    public FittingStep? Next { get; set; }
    public DateTimeOffset? RemovedAt { get; set; }
    public bool Half { get; set; }
    public string Harm { get; set; } = "";

    /// <summary>Ages count in years, and another build of the rules may judge otherwise.</summary>
    public int Year { get; set; }
    public string Rules { get; set; } = "";

    internal CapacitorStanding Standing => new(Id, Designator, Stand, Score, Sentence, Next, RemovedAt, Half, Harm);
}

/// <summary>Keeps what each capacitor of a machine came to, so that a reading on one of two thousand judges one.</summary>
public static class CapacitorStandings
{
    /// <summary>Machines of which what is kept is not of this year and these rules, or is not there for every capacitor.</summary>
    public static async Task<HashSet<Guid>> OldAsync(HaarDb db, int year, CancellationToken cancel)
    {
        var rules = MachineStatusKeeper.Rules;
        return (
            await db
                .Capacitors.Where(c => !db.CapacitorStands.Any(s => s.Id == c.Id && s.Year == year && s.Rules == rules))
                .Select(c => c.MachineId)
                .Distinct()
                .ToListAsync(cancel)
        ).ToHashSet();
    }

    /// <param name="facts">The machine with its overrules, reservations and orders; no capacitors.</param>
    /// <param name="changed">Those that an act has touched; null when it may be any.</param>
    public static async Task<CapacitorSummary> SummaryAsync(
        HaarDb db,
        MachineFacts facts,
        IReadOnlyCollection<Guid>? changed,
        int year,
        CancellationToken cancel
    )
    {
        var id = facts.Machine.Id;
        var touched = changed?.ToList() ?? [];
        var kept = db.CapacitorStands.Where(s => s.MachineId == id);
        var rules = MachineStatusKeeper.Rules;
        var all =
            changed is null
            || await kept.AnyAsync(s => s.Year != year || s.Rules != rules, cancel)
            || await kept.CountAsync(s => !touched.Contains(s.Id), cancel)
                != await db.Capacitors.CountAsync(c => c.MachineId == id && !touched.Contains(c.Id), cancel);
        if (all || touched.Count > 0)
        {
            await JudgeAsync(db, facts, all ? null : touched, year, cancel);
        }
        return await CountAsync(kept, [.. facts.InThePost], cancel);
    }

    static async Task JudgeAsync(HaarDb db, MachineFacts facts, List<Guid>? only, int year, CancellationToken cancel)
    {
        var id = facts.Machine.Id;
        var caps = await db
            .Capacitors.AsNoTracking()
            .Where(c => c.MachineId == id && (only == null || only.Contains(c.Id)))
            .OrderBy(c => c.Id)
            .ToListAsync(cancel);
        var readings = await db
            .Readings.AsNoTracking()
            .Where(r => r.MachineId == id && r.SubjectKind == SubjectKind.Capacitor && (only == null || only.Contains(r.SubjectId)))
            .OrderBy(r => r.Id)
            .ToListAsync(cancel);
        var rows = await db
            .CapacitorStands.Where(s => s.MachineId == id && (only == null || only.Contains(s.Id)))
            .ToDictionaryAsync(s => s.Id, cancel);
        foreach (var a in CapacitorAssessments.Of(facts with { Capacitors = caps, Readings = readings }, year))
        {
            var s = CapacitorStanding.Of(a);
            if (!rows.Remove(s.Id, out var row))
            {
                row = new CapacitorStandRow { Id = s.Id, MachineId = id };
                db.Add(row);
            }
            (row.Designator, row.Stand, row.Score, row.Sentence) = (s.Designator, s.Stand, s.Score, s.Sentence);
            (row.Next, row.RemovedAt, row.Half, row.Harm) = (s.Next, s.RemovedAt, s.Half, s.Harm);
            (row.Year, row.Rules) = (year, MachineStatusKeeper.Rules);
        }
        db.RemoveRange(rows.Values);
        await db.SaveChangesAsync(cancel);
    }

    static async Task<CapacitorSummary> CountAsync(IQueryable<CapacitorStandRow> kept, List<Guid> inThePost, CancellationToken cancel)
    {
        var rows = kept.AsNoTracking();
        var counts = await rows.GroupBy(s => s.Stand)
            .Select(g => new { g.Key, Count = g.Count() })
            .ToDictionaryAsync(g => g.Key, g => g.Count, cancel);
        var waiting =
            inThePost.Count == 0 ? 0 : await rows.CountAsync(s => s.Stand == CapacitorStand.ComesOut && inThePost.Contains(s.Id), cancel);
        var goes = counts.GetValueOrDefault(CapacitorStand.ComesOut) - waiting;
        var begun = counts.ContainsKey(CapacitorStand.Exchanging)
            ? await rows.Where(s => s.Stand == CapacitorStand.Exchanging).OrderBy(s => s.Id).FirstOrDefaultAsync(cancel)
            : null;
        var first =
            goes == 0
                ? null
                : await rows.Where(s => s.Stand == CapacitorStand.ComesOut && (waiting == 0 || !inThePost.Contains(s.Id)))
                    .OrderByDescending(s => s.Score)
                    .ThenBy(s => s.Id)
                    .FirstOrDefaultAsync(cancel);
        var half = await rows.Where(s => s.Half).OrderBy(s => s.Id).ToListAsync(cancel);
        var harmful = await rows.Where(s => s.Harm != "").OrderBy(s => s.Id).ToListAsync(cancel);
        return new(counts, begun?.Standing, goes, first?.Standing, [.. half.Select(h => h.Standing)], [.. harmful.Select(h => h.Standing)]);
    }
}
