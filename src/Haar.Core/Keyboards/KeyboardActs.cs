using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Cleaning;
using Haar.Core.Drying;
using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Keyboards;

/// <summary>What an act on a keyboard is decided on.</summary>
/// <param name="Item">Its caps, as they are cleaned; null before any came off.</param>
public sealed record KeyboardFacts(Machine Machine, Keyboard Keyboard, CleanedItem? Item, IReadOnlyList<Overrule> Overrules) : IActFacts
{
    public Cap Of(string key) =>
        Keyboard.Caps.FirstOrDefault(c => c.Key == key)
        ?? throw new InvalidInputException("key", $"There is no key “{key}” on this keyboard.");

    public void Change(Func<Cap, bool> which, Func<Cap, Cap> how) => Keyboard.Caps = [.. Keyboard.Caps.Select(c => which(c) ? how(c) : c)];
}

/// <summary>A layout is laid over the photo; the picture was looked into before.</summary>
/// <param name="PictureId">Of the straightened photo.</param>
public sealed record LayKeys(string Layout, Guid PhotoId, Guid PictureId, IReadOnlyList<Point> Corners, CapMapResult Map)
    : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now) =>
        f.Keyboard.Caps.Any(c => c.State is not CapState.On)
            ? Permit.No("layout", "Caps are off already: the map that they came off by stays.")
        : Map.Verdict.Outcome == Outcome.No
            ? Permit.By(
                Map.Verdict,
                "corners",
                new(
                    OverruleKind.Keys,
                    f.Machine.Id,
                    f.Keyboard.Id.ToString(),
                    Overrulable.Fingerprint(Layout, PhotoId.ToString(), Corners)
                ),
                f.Overrules
            )
        : Permit.Yes();

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        var k = f.Keyboard;
        (k.Layout, k.PhotoId, k.PictureId, k.Corners, k.Caps) = (Layout, PhotoId, PictureId, Corners, Map.Caps);
        return new($"{Words.Capital(k.Name)}: {Map.Caps.Count} keys laid over its photo.", k.Id);
    }
}

/// <summary>A key put right by hand: its place, its legend, its way round.</summary>
public sealed record ChangeCap(string Key, double X, double Y, double W, double H, string Legend, string WayRound) : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now)
    {
        _ = f.Of(Key);
        return Permit.Yes();
    }

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        f.Change(c => c.Key == Key, c => c with { X = X, Y = Y, W = W, H = H, Legend = Legend.Trim(), WayRound = WayRound.Trim() });
        return new($"{Words.Capital(f.Keyboard.Name)}: key {Key} put right.", f.Keyboard.Id);
    }
}

/// <summary>Caps come off; all of them, or those named.</summary>
public sealed record TakeCapsOff(IReadOnlyList<string>? Keys) : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now)
    {
        foreach (var k in Keys ?? [])
        {
            _ = f.Of(k);
        }
        return f.Keyboard.PictureId is null || f.Keyboard.Caps.Count == 0
                ? Permit.No("photo", "First the photo: without it nobody knows which cap sat where, and which way round.")
            : f.Keyboard.Caps.Any(c => Named(c) && c.State is CapState.On or CapState.Back) ? Permit.Yes()
            : Permit.No("keys", "None of these is on.");
    }

    bool Named(Cap c) => Keys is null || Keys.Contains(c.Key);

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        var n = f.Keyboard.Caps.Count(c => Named(c) && c.State is CapState.On or CapState.Back);
        f.Change(c => Named(c) && c.State is CapState.On or CapState.Back, c => c with { State = CapState.Off, Tested = false });
        var done = new Done($"{Words.Capital(f.Keyboard.Name)}: {n} {(n == 1 ? "cap" : "caps")} off.", f.Keyboard.Id);
        if (f.Item is not null)
        {
            return done;
        }
        var item = new CleanedItem
        {
            Id = at.NewId(),
            MachineId = f.Machine.Id,
            Name = $"Key caps of {Words.Lower(f.Keyboard.Name)}",
            Facts = new() { Soils = [Soil.Grease, Soil.Dust] },
            Dries = WetPart.Shell,
            Mains = ThreeState.No,
        };
        f.Keyboard.ItemId = item.Id;
        return done.Adding(item);
    }
}

/// <summary>It is not there, or broken.</summary>
public sealed record MissCap(string Key) : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now) =>
        f.Of(Key).State is CapState.Missing ? Permit.No("key", "It is down as missing already.") : Permit.Yes();

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        f.Change(c => c.Key == Key, c => c with { State = CapState.Missing, From = "" });
        return new($"{Words.Capital(f.Keyboard.Name)}: the cap of key {Key} is missing.", f.Keyboard.Id);
    }
}

/// <summary>Another's cap takes a missing one's place.</summary>
/// <param name="Row">Its profile row; null when nobody knows.</param>
public sealed record FillCap(string Key, string From, int? Row, double? Width, ThreeState Stem) : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now)
    {
        TextField.Check("from", From, 100, "Say whose cap it is: the donor's name.");
        var cap = f.Of(Key);
        if (cap.State != CapState.Missing)
        {
            return Permit.No("key", "Its own cap is there.");
        }
        var serves = CapMap.Serves(cap, Row, Width, Stem);
        return serves.Outcome == Outcome.Yes ? Permit.Yes() : new(serves.Final(), "row");
    }

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        f.Change(c => c.Key == Key, c => c with { State = CapState.Donor, From = From.Trim() });
        return new($"{Words.Capital(f.Keyboard.Name)}: a cap from {From.Trim()} for key {Key}.", f.Keyboard.Id);
    }
}

/// <summary>A cap goes back where it was, by the map.</summary>
/// <param name="Way">It sits as the picture shows it. Not known counts as no where a cap can go in wrongly.</param>
public sealed record PutCapBack(IReadOnlyList<string> Keys, ThreeState Way) : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now)
    {
        var caps = Keys.Select(f.Of).ToList();
        return caps.Count == 0 ? Permit.No("keys", "Which one?")
            : caps.Find(c => c.State is not (CapState.Off or CapState.Donor)) is { } on
                ? Permit.No(
                    "keys",
                    on.State == CapState.Missing ? $"The cap of key {on.Key} is missing." : $"The cap of key {on.Key} is on."
                )
            : f.Item is { Wet: true } ? Permit.No("keys", "The caps are wet: water runs down the stems into the switches.")
            : f.Item?.Facts.On.Any(RinseItem.Rinsable) == true
                ? Permit.No("keys", "What cleaned the caps is still on them: rinse them first.")
            : caps.Find(c => c.WayRound.Length > 0) is { } turned && Way != ThreeState.Yes
                ? Permit.No("way", $"Key {turned.Key} can go in wrongly: {turned.WayRound}. Look at the picture, and say that it sits so.")
            : Permit.Yes();
    }

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        f.Change(c => Keys.Contains(c.Key), c => c with { State = CapState.Back });
        var left = f.Keyboard.Away.Count();
        return new(
            $"{Words.Capital(f.Keyboard.Name)}: {(Keys.Count == 1 ? $"the cap of key {Keys[0]} is" : $"{Keys.Count} caps are")} back{(left > 0 ? $", {left} to go" : ", all of them")}.",
            f.Keyboard.Id
        );
    }
}

/// <summary>How a key behaves.</summary>
public sealed record TestKey(string Key, KeyTrouble Trouble) : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now)
    {
        _ = f.Of(Key);
        return f.Item is { Wet: true } ? Permit.No("key", "The caps are wet: nothing is fed before they are dry.") : Permit.Yes();
    }

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        // What was tried did not help for long.
        f.Change(
            c => c.Key == Key,
            c =>
                c with
                {
                    Trouble = Trouble,
                    Tested = Trouble == KeyTrouble.None,
                    Tries = Trouble == KeyTrouble.None ? c.Tries : [.. c.Tries.Where(t => !t.Helped)],
                }
        );
        return new(
            $"{Words.Capital(f.Keyboard.Name)}: key {Key} {Trouble switch { KeyTrouble.None => "works", KeyTrouble.Sticks => "sticks", KeyTrouble.Dead => "is dead", _ => "bounces" }}.",
            f.Keyboard.Id
        );
    }
}

/// <summary>A rung of a key's own ladder was tried.</summary>
public sealed record TryKey(string Key, KeyRung Rung, bool Helped) : Command<KeyboardFacts>
{
    public override Permit May(KeyboardFacts f, DateTimeOffset now)
    {
        var (next, verdict) = KeyLadder.Next(f.Of(Key), f.Keyboard.Switch);
        return next == Rung ? Permit.Yes() : new(verdict with { Outcome = Outcome.No, MayBeOverruled = false }, "rung");
    }

    protected override Done Do(KeyboardFacts f, Moment at)
    {
        f.Change(c => c.Key == Key, c => c with { Tries = [.. c.Tries, new(Rung, Helped)], Tested = Helped });
        return new(
            $"{Words.Capital(f.Keyboard.Name)}, key {Key}: {KeyLadder.Words(Rung, f.Keyboard.Switch)}; {(Helped ? "it works" : "no help")}.",
            f.Keyboard.Id
        );
    }
}
