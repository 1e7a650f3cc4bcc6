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

public sealed record BoardEdit(string Name, Guid? PhotoId, Side Side = Side.Front);

public sealed record CapacitorCsv(string Text);

/// <param name="Notes">Ambiguities and how they were taken.</param>
public sealed record CsvTaken(Guid LogId, string Sentence, int Count, IReadOnlyList<string> Notes);

/// <param name="PhotoId">The photo as taken.</param>
/// <param name="Corners">Top left, top right, bottom right, bottom left, as shares of it.</param>
/// <param name="Aspect">Width over height of the board, where it is known; worked out from the slant when left out.</param>
public sealed record StraightenAsk(Side Side, Guid PhotoId, IReadOnlyList<Point> Corners, double? Aspect = null);

public sealed record ScaleAsk(Side Side, KnownLength Known);

public sealed record RegisterAsk(Turned Turned, IReadOnlyList<SidePair> Pairs);

/// <param name="ProfileId">A board's plan from a pack; null to take the other.</param>
/// <param name="BoardId">An earlier board of the same kind, on any machine.</param>
public sealed record PlanAsk(string? ProfileId, Guid? BoardId);

public sealed record KeepPlanAsk(string ProfileId, string Name);

public sealed record PlanChoice(string? ProfileId, Guid? BoardId, string Name, string From, int Capacitors, int Nets);

static class BoardEndpoints
{
    public static void MapBoards(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Boards");
        m.MapGet(
                "/capacitors",
                (Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel) => BoardScreen.OfAsync(id, db, work, cancel)
            )
            .WithName("GetCapacitors")
            .WithSummary("Everything on the machine's boards, judged.");
        m.MapPost("/boards", AddBoardAsync).WithName("AddBoard");
        m.MapPut("/boards/{boardId:guid}", EditBoardAsync).WithName("EditBoard");
        m.MapPost("/boards/{boardId:guid}/straighten", StraightenAsync)
            .WithName("StraightenBoard")
            .WithSummary("The photo from straight above, from its four corners; what is marked on it moves along.");
        m.MapPost("/boards/{boardId:guid}/scale", ScaleAsync).WithName("ScaleBoard");
        m.MapPost("/boards/{boardId:guid}/register", RegisterAsync)
            .WithName("RegisterBoard")
            .WithSummary("Lays the back on the front by holes seen on both.");
        m.MapGet("/plans", PlansAsync).WithName("GetBoardPlans").WithSummary("Where a board's plan can come from.");
        m.MapPost("/boards/{boardId:guid}/plan", TakePlanAsync)
            .WithName("TakeBoardPlan")
            .WithSummary("Adds what a plan has and this board has not; nothing is overwritten.");
        m.MapPost("/boards/{boardId:guid}/keep", KeepAsync)
            .WithName("KeepBoardPlan")
            .WithSummary("Saves what is marked as a plan in the workshop's own pack.");
        m.MapPost("/boards/{boardId:guid}/csv", CsvAsync).WithName("ImportCapacitors").WithSummary("Takes a whole list or nothing.");
        m.MapGet(
                "/boards/{boardId:guid}/csv",
                async (Guid id, Guid boardId, HaarDb db, CancellationToken cancel) =>
                    Results.Text(
                        CapacitorTable.Write(
                            await db
                                .Capacitors.AsNoTracking()
                                .Where(c => c.BoardId == boardId && c.MachineId == id)
                                .OrderBy(c => c.Id)
                                .ToListAsync(cancel)
                        ),
                        "text/csv"
                    )
            )
            .WithName("ExportCapacitors")
            .Produces(200, contentType: "text/csv");
    }

    static void CheckName(string name)
    {
        if (name.Trim().Length is 0 or > 80)
        {
            throw new InvalidInputException("name", "Give the board a name of 1 to 80 characters.");
        }
    }

    static Task<Board> BoardAsync(HaarDb db, Guid id, Guid boardId, CancellationToken cancel) =>
        db.Boards.FirstOrDefaultAsync(x => x.Id == boardId && x.MachineId == id, cancel).OrNotHere("board");

    static async Task<Photo?> PhotoOf(Guid id, Guid? photoId, HaarDb db, CancellationToken cancel) =>
        photoId is not { } p
            ? null
            : await db.Photos.FirstOrDefaultAsync(x => x.Id == p && x.MachineId == id, cancel)
                ?? throw new InvalidInputException("photoId", "That photo is not one of this machine's.");

    static async Task<Acted> AddBoardAsync(Guid id, BoardEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        CheckName(e.Name);
        await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        await PhotoOf(id, e.PhotoId, db, cancel);
        var b = new Board
        {
            Id = work.NewId(),
            MachineId = id,
            Name = e.Name.Trim(),
            PhotoId = e.PhotoId,
        };
        db.Add(b);
        return (await work.ActAsync(id, $"Board: {b.Name}.", cancel)).Said(b.Id);
    }

    static async Task<Acted> EditBoardAsync(
        Guid id,
        Guid boardId,
        BoardEdit e,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        CheckName(e.Name);
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, request.Version());
        await PhotoOf(id, e.PhotoId, db, cancel);
        b.Name = e.Name.Trim();
        if (b.PictureOf(e.Side) != e.PhotoId)
        {
            b.Show(e.Side, e.PhotoId, new());
        }
        return (await work.ActAsync(id, $"Board changed: {b.Name}.", cancel)).Said(b.Id);
    }

    static async Task<Acted> StraightenAsync(
        Guid id,
        Guid boardId,
        StraightenAsk ask,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        PhotoStore store,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, request.Version());
        var taken = (await PhotoOf(id, ask.PhotoId, db, cancel))!;
        var plan = Straighten.Of(ask.Corners, taken.Width, taken.Height, ask.Aspect);
        var before = b.Map.Of(ask.Side);
        // Marks move along when they were placed on this very photo, or on an earlier straightening of it.
        Func<Point, Point>? move =
            b.PictureOf(ask.Side) == taken.Id ? p => plan.Map(p, taken.Width, taken.Height)
            : before.TakenId == taken.Id
            && before.Corners.Count == 4
            && Straighten.Of(before.Corners, taken.Width, taken.Height, before.WidthMillimetres / before.HeightMillimetres) is var old
                ? p => plan.Map(old.Unmap(p, taken.Width, taken.Height), taken.Width, taken.Height)
            : null;
        var picture = store.Straighten(taken.Hash, plan);
        var photo = new Photo
        {
            Id = work.NewId(),
            MachineId = id,
            Hash = picture.Hash,
            Width = picture.Width,
            Height = picture.Height,
            Caption = $"{b.Name}, {(ask.Side == Side.Front ? "front" : "back")}, from straight above",
            At = work.Now,
        };
        db.Add(photo);
        var other = b.Map.Of(ask.Side == Side.Front ? Side.Back : Side.Front);
        // It is one board: a scale known on the other side holds here too, when that one was straightened.
        var (w, h) = other is { WidthMillimetres: { } ow, Corners.Count: 4 }
            ? ((double?)ow, (double?)Math.Round(ow / plan.Aspect, 2))
            : (null, null);
        b.Show(
            ask.Side,
            photo.Id,
            new SideMap
            {
                TakenId = taken.Id,
                Corners = ask.Corners,
                WidthMillimetres = w,
                HeightMillimetres = h,
            }
        );
        var off = move is null ? 0 : await MoveAsync(db, b, ask.Side, move, cancel);
        return (
            await work.ActAsync(
                id,
                $"{b.Name}: straightened{(off > 0 ? $"; {off} marks lay off the board and were drawn to its edge" : "")}.",
                cancel
            )
        ).Said(b.Id);
    }

    /// <returns>How many lay off the board.</returns>
    static async Task<int> MoveAsync(HaarDb db, Board b, Side side, Func<Point, Point> move, CancellationToken cancel)
    {
        var off = 0;
        Point To(Point p)
        {
            var q = move(p);
            var inside = new Point(Math.Clamp(q.X, 0, 1), Math.Clamp(q.Y, 0, 1));
            if (inside != q)
            {
                off++;
            }
            return inside;
        }

        (double?, double?) Place(double? x, double? y) =>
            x is { } a && y is { } c
                ? To(new(a, c)) is var p
                    ? (p.X, p.Y)
                    : default
                : (x, y);
        foreach (var c in await db.Capacitors.Where(c => c.BoardId == b.Id && c.Side == side).ToListAsync(cancel))
        {
            (c.X, c.Y) = Place(c.X, c.Y);
        }
        foreach (var h in await db.HotParts.Where(h => h.BoardId == b.Id && h.Side == side).ToListAsync(cancel))
        {
            (h.X, h.Y) = Place(h.X, h.Y);
        }
        foreach (var a in await db.Areas.Where(a => a.BoardId == b.Id && a.Side == side).ToListAsync(cancel))
        {
            a.Outline = [.. a.Outline.Select(To)];
        }
        foreach (var n in await db.Nets.Where(n => n.BoardId == b.Id && n.Side == side).ToListAsync(cancel))
        {
            n.Path = [.. n.Path.Select(To)];
        }
        if (side == Side.Front)
        {
            foreach (var c in await db.Cells.Where(c => c.BoardId == b.Id).ToListAsync(cancel))
            {
                (c.X, c.Y) = Place(c.X, c.Y);
            }
        }
        return off;
    }

    static async Task<Acted> ScaleAsync(
        Guid id,
        Guid boardId,
        ScaleAsk ask,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, request.Version());
        var picture =
            await PhotoOf(id, b.PictureOf(ask.Side), db, cancel)
            ?? throw new InvalidInputException("photo", "There is no photo of this side to scale.");
        var (w, h) = BoardScale.Of(ask.Known, picture.Width, picture.Height);
        b.Map = b.Map.With(ask.Side, b.Map.Of(ask.Side) with { WidthMillimetres = w, HeightMillimetres = h });
        var other = ask.Side == Side.Front ? Side.Back : Side.Front;
        if (
            b.Map.Front.Corners.Count == 4
            && b.Map.Back.Corners.Count == 4
            && await PhotoOf(id, b.PictureOf(other), db, cancel) is { } second
        )
        {
            b.Map = b.Map.With(
                other,
                b.Map.Of(other) with
                {
                    WidthMillimetres = w,
                    HeightMillimetres = Math.Round(w * second.Height / second.Width, 2),
                }
            );
        }

        foreach (var a in await db.Areas.Where(a => a.BoardId == b.Id).ToListAsync(cancel))
        {
            var side = b.Map.Of(a.Side);
            if (a.Inspections.Count > 0 && side is { WidthMillimetres: { } sw, HeightMillimetres: { } sh })
            {
                a.Inspections =
                [
                    .. a.Inspections.SkipLast(1),
                    a.Inspections[^1] with
                    {
                        SquareCentimetres = Math.Round(Outline.SquareCentimetres(a.Outline, sw, sh), 3),
                    },
                ];
            }
        }

        return (
            await work.ActAsync(
                id,
                $"{b.Name}: its picture is {Core.Markings.Si.Plain(Math.Round(w))} × {Core.Markings.Si.Plain(Math.Round(h))} mm.",
                cancel
            )
        ).Said(b.Id);
    }

    static async Task<Acted> RegisterAsync(
        Guid id,
        Guid boardId,
        RegisterAsk ask,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, request.Version());
        if (ask.Pairs.Count > 20)
        {
            throw new InvalidInputException("pairs", "At most 20 holes.");
        }
        var r = Registration.Of(ask.Pairs, ask.Turned, b.Map.Front.WidthMillimetres, b.Map.Front.HeightMillimetres);
        b.Map = b.Map with { Turned = ask.Turned, Pairs = ask.Pairs, BackShift = r.Verdict.Outcome == Outcome.No ? new(0, 0) : r.Shift };
        return (await work.ActAsync(id, $"{b.Name}, front and back: {r.Verdict.Sentence}", cancel)).Said(b.Id);
    }

    static async Task<IReadOnlyList<PlanChoice>> PlansAsync(Guid id, HaarDb db, PackStore packs, CancellationToken cancel)
    {
        var fromPacks = (await packs.AllAsync(cancel)).SelectMany(p =>
            p.Boards.Select(b => new PlanChoice(b.Id, null, b.Name, p.Name, b.Capacitors.Count, b.Nets.Count))
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
                .Select(b => new PlanChoice(null, b.Id, b.Name, b.Machine, caps[b.Id], nets.GetValueOrDefault(b.Id))),
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
        var read = CapacitorTable.Read(csv.Text, id, boardId, taken, work.NewId);
        if (read.Problems.Count > 0)
        {
            throw new InvalidInputException("text", string.Join("\n", read.Problems.Append("Nothing was taken.")));
        }
        db.AddRange(read.Rows.Select(r => r.Capacitor));
        var log = await work.ActAsync(id, $"{read.Rows.Count} capacitors taken from a list.", cancel);
        return new(
            log.Id,
            log.Sentence,
            read.Rows.Count,
            [.. read.Rows.Where(r => r.Note.Length > 0).Select(r => $"Line {r.Line}, {r.Capacitor.Designator}: {r.Note}")]
        );
    }
}
