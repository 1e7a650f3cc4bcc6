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

static partial class BoardEndpoints
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
            .WithMetadata(new ThinksFirst())
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
        await db.Machines.FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
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
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, based.On);
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
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        PhotoStore store,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, based.On);
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
        var picture = await store.StraightenAsync(taken.Hash, plan, cancel);
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
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, based.On);
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
        IfMatch based,
        HaarDb db,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var b = await BoardAsync(db, id, boardId, cancel);
        UnitOfWork.Match(b, b.Version, based.On);
        if (ask.Pairs.Count > 20)
        {
            throw new InvalidInputException("pairs", "At most 20 holes.");
        }
        var r = Registration.Of(ask.Pairs, ask.Turned, b.Map.Front.WidthMillimetres, b.Map.Front.HeightMillimetres);
        b.Map = b.Map with { Turned = ask.Turned, Pairs = ask.Pairs, BackShift = r.Verdict.Outcome == Outcome.No ? new(0, 0) : r.Shift };
        return (await work.ActAsync(id, $"{b.Name}, front and back: {r.Verdict.Sentence}", cancel)).Said(b.Id);
    }
}
