using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Cleaning;
using Haar.Core.Keyboards;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Photos;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Keyboards;

/// <param name="FromId">The piece that it was put down for.</param>
public sealed record KeyboardEdit(string Name, KeySwitch Switch = KeySwitch.NotKnown, Guid? FromId = null);

/// <param name="Corners">Of the keys: top left and on with the clock, as shares of the photo.</param>
public sealed record LayKeysAsk(Guid PhotoId, string Layout, IReadOnlyList<Point> Corners, string? OverruleReason = null);

/// <param name="Keys">Null for all of them.</param>
public sealed record CapsOffAsk(IReadOnlyList<string>? Keys = null);

public sealed record ChangeCapAsk(double X, double Y, double W, double H, string Legend = "", string WayRound = "");

/// <param name="Way">They sit as the picture shows them.</param>
public sealed record CapsBackAsk(IReadOnlyList<string> Keys, ThreeState Way = ThreeState.NotKnown);

/// <param name="Row">Profile row of the donor's cap; null when nobody knows.</param>
public sealed record FillCapAsk(string From, int? Row = null, double? Width = null, ThreeState Stem = ThreeState.NotKnown);

public sealed record TestKeyAsk(KeyTrouble Trouble);

public sealed record TryKeyAsk(KeyRung Rung, bool Helped);

public sealed record LayoutRow(string Id, string Name, int Keys);

/// <param name="Next">What is tried next on a key that has trouble; null for none.</param>
public sealed record KeyRow(string Key, KeyRung? Next, string Words);

public sealed record KeyboardRow(
    Keyboard Keyboard,
    IReadOnlyList<LayoutRow> Layouts,
    IReadOnlyList<KeyRow> Troubled,
    Verdict Verdict,
    bool Wet,
    bool Washed,
    string? PhotoHash,
    string? PictureHash,
    int PictureWidth,
    int PictureHeight
);

static class KeyboardEndpoints
{
    public static void MapKeyboards(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/keyboards").WithTags("Keyboards");
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "Keyboard",
            new TypedRows<Keyboard, KeyboardEdit>(
                "keyboard",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (k, e) => (k.Name, k.Switch, k.FromId) = (e.Name.Trim(), e.Switch, e.FromId ?? k.FromId),
                k => $"To be gone through key by key: {k.Name}.",
                k => $"{Words.Capital(k.Name)} changed.",
                k => $"{Words.Capital(k.Name)} taken off the list."
            )
            {
                Beside = (db, k, e, cancel) => Finish.MendingEndpoints.FromAsync(db, k.MachineId, e.FromId, cancel),
                Taking = async (db, k, cancel) =>
                {
                    if (k.Away.Any())
                    {
                        throw new InvalidInputException("keyboard", "Caps are off: without the map nobody knows where they go.");
                    }
                    var key = Overrulable.KeyOf(OverruleKind.Keys, k.Id.ToString());
                    db.RemoveRange(await db.Overrules.Where(o => o.MachineId == k.MachineId && o.Key == key).ToListAsync(cancel));
                },
            }
        );
        m.MapPost("/{keyboardId:guid}/lay", LayAsync).WithName("LayKeys");
        m.MapPost(
                "/{keyboardId:guid}/off",
                (Guid id, Guid keyboardId, CapsOffAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, keyboardId, new TakeCapsOff(ask.Keys), null, work, cancel)
            )
            .WithName("TakeCapsOff");
        m.MapPost(
                "/{keyboardId:guid}/back",
                (Guid id, Guid keyboardId, CapsBackAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, keyboardId, new PutCapBack(ask.Keys, ask.Way), null, work, cancel)
            )
            .WithName("PutCapsBack");
        m.MapPost(
                "/{keyboardId:guid}/keys/{key}",
                (Guid id, Guid keyboardId, string key, ChangeCapAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, keyboardId, new ChangeCap(key, ask.X, ask.Y, ask.W, ask.H, ask.Legend, ask.WayRound), null, work, cancel)
            )
            .WithName("ChangeCap");
        m.MapPost(
                "/{keyboardId:guid}/keys/{key}/fill",
                (Guid id, Guid keyboardId, string key, FillCapAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, keyboardId, new FillCap(key, ask.From, ask.Row, ask.Width, ask.Stem), null, work, cancel)
            )
            .WithName("FillCap");
        m.MapPost(
                "/{keyboardId:guid}/keys/{key}/test",
                (Guid id, Guid keyboardId, string key, TestKeyAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, keyboardId, new TestKey(key, ask.Trouble), null, work, cancel)
            )
            .WithName("TestKey");
        m.MapPost(
                "/{keyboardId:guid}/keys/{key}/try",
                (Guid id, Guid keyboardId, string key, TryKeyAsk ask, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, keyboardId, new TryKey(key, ask.Rung, ask.Helped), null, work, cancel)
            )
            .WithName("TryKey");
        m.MapPost(
                "/{keyboardId:guid}/keys/{key}/missing",
                (Guid id, Guid keyboardId, string key, UnitOfWork work, CancellationToken cancel) =>
                    DoAsync(id, keyboardId, new MissCap(key), null, work, cancel)
            )
            .WithName("MissCap");
    }

    static async Task<Acted> LayAsync(
        Guid id,
        Guid keyboardId,
        LayKeysAsk ask,
        HaarDb db,
        PhotoStore store,
        UnitOfWork work,
        CancellationToken cancel
    )
    {
        var layout = Layouts.Named(ask.Layout);
        var photo = await db
            .Photos.AsNoTracking()
            .FirstOrDefaultAsync(p => p.Id == ask.PhotoId && p.MachineId == id, cancel)
            .OrNotHere("photo");
        var plan = Straighten.Of(ask.Corners, photo.Width, photo.Height, layout.Width / layout.Height);
        // Looked into at a size at which a gap is still three pixels wide.
        var (w, h) = (1200, (int)Math.Round(1200 * layout.Height / layout.Width));
        var grid = await store.ReadAsync(photo.Hash, p => p.Quad(ask.Corners, w, h), cancel);
        var map = CapMap.Of(layout, grid);
        var stored = await store.StraightenAsync(photo.Hash, plan, cancel);
        var picture = new Photo
        {
            Id = work.NewId(),
            MachineId = id,
            Hash = stored.Hash,
            Width = stored.Width,
            Height = stored.Height,
            Caption = "The keys, from straight above",
            At = work.Now,
        };
        return await DoAsync(
            id,
            keyboardId,
            new LayKeys(ask.Layout, photo.Id, picture.Id, ask.Corners, map),
            ask.OverruleReason,
            work,
            cancel,
            picture
        );
    }

    static Task<Acted> DoAsync(
        Guid id,
        Guid keyboardId,
        Command<KeyboardFacts> command,
        string? reason,
        UnitOfWork work,
        CancellationToken cancel,
        Photo? picture = null
    ) =>
        work.DoAsync(
                id,
                command,
                async (db, c) =>
                {
                    var k = await db.Keyboards.FirstOrDefaultAsync(x => x.Id == keyboardId && x.MachineId == id, c).OrNotHere("keyboard");
                    if (picture is not null)
                    {
                        db.Add(picture);
                    }
                    return new KeyboardFacts(
                        await db.Machines.FirstAsync(x => x.Id == id, c),
                        k,
                        k.ItemId is { } item ? await db.CleanedItems.FirstOrDefaultAsync(i => i.Id == item, c) : null,
                        await db.Overrules.AsNoTracking().Where(o => o.MachineId == id).OrderBy(o => o.Id).ToListAsync(c)
                    );
                },
                reason,
                cancel
            )
            .Said();

    /// <summary>As the case's screen shows them.</summary>
    public static IReadOnlyList<KeyboardRow> Rows(MachineFacts f, Func<Guid?, string?> hash) =>
        [
            .. f.Keyboards.Select(k =>
            {
                var item = f.CleanedItems.FirstOrDefault(i => i.Id == k.ItemId);
                var picture = f.Photos.FirstOrDefault(p => p.Id == k.PictureId);
                return new KeyboardRow(
                    k,
                    [.. Layouts.All.Select(l => new LayoutRow(l.Id, l.Name, l.Keys.Count))],
                    [
                        .. k
                            .Caps.Where(c => c.Trouble != KeyTrouble.None)
                            .Select(c => KeyLadder.Next(c, k.Switch) is var (rung, v) ? new KeyRow(c.Key, rung, v.Sentence) : null!),
                    ],
                    KeyboardsStand.Of(k, item),
                    item?.Wet == true,
                    item is { Wet: false, Sheet.DoneAt: not null },
                    hash(k.PhotoId),
                    picture?.Hash,
                    picture?.Width ?? 0,
                    picture?.Height ?? 0
                );
            }),
        ];
}
