using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Intake;
using Haar.Core.Photos;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Photos;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Boards;

/// <summary>Plans of boards: taken from a pack, an earlier board or a list, and kept for the next.</summary>
static partial class BoardEndpoints
{
    static async Task<IReadOnlyList<BoardPlanChoice>> PlansAsync(Guid id, HaarDb db, PackStore packs, CancellationToken cancel)
    {
        var fromPacks = (await packs.AllAsync(cancel)).SelectMany(p =>
            p.Boards.Select(b => new BoardPlanChoice(b.Id, null, b.Name, p.Name, b.Capacitors.Count, b.Nets.Count))
        );
        var boards = await db
            .Boards.AsNoTracking()
            .Join(
                db.Machines.Where(m => m.Id != id && m.RemovedAt == null),
                b => b.MachineId,
                m => m.Id,
                (b, m) =>
                    new
                    {
                        b.Id,
                        b.Name,
                        Machine = m.Name,
                    }
            )
            .OrderBy(b => b.Id)
            .Take(200)
            .ToListAsync(cancel);
        var ids = boards.Select(b => b.Id).ToList();
        var caps = await db
            .Capacitors.Where(c => ids.Contains(c.BoardId))
            .GroupBy(c => c.BoardId)
            .Select(g => new { g.Key, Count = g.Count() })
            .ToDictionaryAsync(g => g.Key, g => g.Count, cancel);
        var nets = await db
            .Nets.Where(n => ids.Contains(n.BoardId))
            .GroupBy(n => n.BoardId)
            .Select(g => new { g.Key, Count = g.Count() })
            .ToDictionaryAsync(g => g.Key, g => g.Count, cancel);
        return
        [
            .. fromPacks,
            .. boards
                .Where(b => caps.ContainsKey(b.Id))
                .Select(b => new BoardPlanChoice(null, b.Id, b.Name, b.Machine, caps[b.Id], nets.GetValueOrDefault(b.Id))),
        ];
    }

    static async Task<BoardProfile> ProfileOf(HaarDb db, Board b, string profileId, string name, CancellationToken cancel) =>
        new()
        {
            Id = profileId,
            Name = name,
            WidthMillimetres = b.Map.Front.WidthMillimetres,
            HeightMillimetres = b.Map.Front.HeightMillimetres,
            Capacitors =
            [
                .. (await db.Capacitors.AsNoTracking().Where(c => c.BoardId == b.Id).OrderBy(c => c.Id).ToListAsync(cancel)).Select(
                    c => new CapacitorProfile
                    {
                        Designator = c.Designator,
                        Marking = c.Marking,
                        Spec = c.Spec,
                        Role = c.Role,
                        X = c.X,
                        Y = c.Y,
                        Side = c.Side,
                        MinusPrinted = c.MinusPrinted,
                        HeadroomMillimetres = c.HeadroomMillimetres,
                    }
                ),
            ],
            Nets =
            [
                .. (await db.Nets.AsNoTracking().Where(n => n.BoardId == b.Id).OrderBy(n => n.Id).ToListAsync(cancel)).Select(
                    n => new NetProfile
                    {
                        Name = n.Name,
                        From = n.From,
                        To = n.To,
                        Side = n.Side,
                        Path = n.Path,
                        Trace = n.Trace,
                    }
                ),
            ],
            HotParts =
            [
                .. (await db.HotParts.AsNoTracking().Where(h => h.BoardId == b.Id).OrderBy(h => h.Id).ToListAsync(cancel)).Select(
                    h => new HotPartProfile
                    {
                        Name = h.Name,
                        Side = h.Side,
                        X = h.X,
                        Y = h.Y,
                        Facts = h.Facts,
                    }
                ),
            ],
        };

    static async Task<Acted> TakePlanAsync(
        Guid id,
        Guid boardId,
        PlanAsk ask,
        HaarDb db,
        UnitOfWork work,
        PackStore packs,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        var plan = ask.ProfileId is { Length: > 0 } profile
            ? (await packs.AllAsync(cancel)).SelectMany(p => p.Boards).FirstOrDefault(p => p.Id == profile)
                ?? throw new InvalidInputException("profileId", "That plan is in no pack here.")
            : await ProfileOf(
                db,
                await db.Boards.AsNoTracking().FirstOrDefaultAsync(x => x.Id == ask.BoardId, cancel).OrNotHere("board"),
                "earlier",
                "earlier",
                cancel
            );
        if (ask.BoardId == boardId)
        {
            throw new InvalidInputException("boardId", "That is this board itself.");
        }
        var have = (await db.Capacitors.Where(c => c.BoardId == boardId).Select(c => c.Designator).ToListAsync(cancel)).ToHashSet(
            StringComparer.OrdinalIgnoreCase
        );
        var nets = (await db.Nets.Where(n => n.BoardId == boardId).Select(n => n.Name).ToListAsync(cancel)).ToHashSet(
            StringComparer.OrdinalIgnoreCase
        );
        var hot = (await db.HotParts.Where(n => n.BoardId == boardId).Select(n => n.Name).ToListAsync(cancel)).ToHashSet(
            StringComparer.OrdinalIgnoreCase
        );
        var caps = plan.Capacitors.Where(c => have.Add(c.Designator)).ToList();
        db.AddRange(caps.Select(c => PlanParts.Make(c, work.NewId(), id, boardId)));
        var newNets = plan.Nets.Where(n => nets.Add(n.Name)).ToList();
        db.AddRange(newNets.Select(n => PlanParts.Make(n, work.NewId(), id, boardId)));
        db.AddRange(plan.HotParts.Where(h => hot.Add(h.Name)).Select(h => PlanParts.Make(h, work.NewId(), id, boardId)));
        if (b.Map.Front.WidthMillimetres is null && plan.WidthMillimetres is { } w && b.Map.Front.Corners.Count == 4)
        {
            b.Map = b.Map.With(Side.Front, b.Map.Front with { WidthMillimetres = w, HeightMillimetres = plan.HeightMillimetres });
        }
        if (caps.Count + newNets.Count == 0 && !plan.HotParts.Any())
        {
            throw new InvalidInputException("profileId", "That plan has nothing that this board has not.");
        }
        return (await work.ActAsync(id, $"{b.Name}: {caps.Count} capacitors and {newNets.Count} nets from a plan.", cancel)).Said(b.Id);
    }

    static async Task<Acted> KeepAsync(
        Guid id,
        Guid boardId,
        KeepPlanAsk ask,
        HaarDb db,
        UnitOfWork work,
        PackStore packs,
        CancellationToken cancel
    )
    {
        CheckName(ask.Name);
        if (!System.Text.RegularExpressions.Regex.IsMatch(ask.ProfileId, "^[a-z0-9][a-z0-9-]{0,59}$"))
        {
            throw new InvalidInputException("profileId", "Lower-case letters, digits and hyphens, such as quire-main-rev-c.");
        }
        var b = await BoardAsync(db, id, boardId, cancel);
        await packs.KeepAsync(await ProfileOf(db, b, ask.ProfileId, ask.Name.Trim(), cancel), cancel);
        return (await work.ActAsync(id, $"{b.Name} kept as a plan: {ask.Name.Trim()}.", cancel)).Said(b.Id);
    }

    static async Task<CsvTaken> CsvAsync(Guid id, Guid boardId, CapacitorCsv csv, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        await db.Boards.FirstOrDefaultAsync(b => b.Id == boardId && b.MachineId == id, cancel).OrNotHere("board");
        var taken = (await db.Capacitors.Where(c => c.BoardId == boardId).Select(c => c.Designator).ToListAsync(cancel)).ToHashSet(
            StringComparer.OrdinalIgnoreCase
        );
        var read = CapacitorTable.Read(csv.Text, id, boardId, taken, work.NewId, csv.LeaveOut);
        if (read.Problems.Count > 0 && read.Rows.Count == 0)
        {
            throw new InvalidInputException("text", string.Join("\n", read.Problems.Append("Nothing was taken.")));
        }
        db.AddRange(read.Rows.Select(r => r.Capacitor));
        var log = await work.ActAsync(
            id,
            $"{read.Rows.Count} {(read.Rows.Count == 1 ? "capacitor" : "capacitors")} taken from a list.{(read.Problems.Count == 0 ? "" : $" {read.Problems.Count} {(read.Problems.Count == 1 ? "line was" : "lines were")} left out.")}",
            cancel
        );
        return new(
            log.Id,
            log.Sentence,
            read.Rows.Count,
            [.. read.Rows.Where(r => r.Note.Length > 0).Select(r => $"Line {r.Line}, {r.Capacitor.Designator}: {r.Note}")],
            read.Problems
        );
    }
}
