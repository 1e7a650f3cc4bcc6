using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Verdicts;

namespace Haar.Core.Keyboards;

/// <summary>What makes a key's contact.</summary>
public enum KeySwitch
{
    NotKnown = 0,

    /// <summary>Two foils that a cup or a spring presses together.</summary>
    Membrane,

    /// <summary>A switch of its own under each key, with metal contacts.</summary>
    Contacts,

    /// <summary>A foil on foam that comes near a pad.</summary>
    FoilOnFoam,

    /// <summary>Rubber with a conducting pill on a board.</summary>
    RubberPill,

    /// <summary>A magnet, without a contact.</summary>
    Magnet,
}

public enum CapState
{
    On = 0,
    Off,
    Missing,

    /// <summary>Off, and another from a donor is to go there.</summary>
    Donor,
    Back,
}

public enum KeyTrouble
{
    None = 0,
    Sticks,

    /// <summary>Nothing comes.</summary>
    Dead,

    /// <summary>It comes twice, or now and then.</summary>
    Bounces,
}

/// <summary>What is cleaned or mended under a key, in this order.</summary>
public enum KeyRung
{
    Cap = 0,
    Plunger,
    Contact,
    Membrane,
    Foil,
}

/// <param name="Helped">The key works again.</param>
public sealed record KeyTry(KeyRung Rung, bool Helped);

/// <summary>One key and its cap.</summary>
/// <param name="Key">Of the layout: "2-5".</param>
/// <param name="X">Left edge on the straightened picture, as a share; the same of the others.</param>
/// <param name="Row">Profile row.</param>
/// <param name="Width">In units of a letter key.</param>
public sealed record Cap(string Key, string Legend, int Row, double Width, double Height, double X, double Y, double W, double H)
{
    /// <summary>What tells its way round, where it can go in wrongly: "the notch to the back".</summary>
    public string WayRound { get; init; } = "";
    public CapState State { get; init; }

    /// <summary>Whose cap it is, where it is a donor's.</summary>
    public string From { get; init; } = "";
    public KeyTrouble Trouble { get; init; }
    public IReadOnlyList<KeyTry> Tries { get; init; } = [];

    /// <summary>Pressed in the test, and it came once.</summary>
    public bool Tested { get; init; }
}

/// <summary>A keyboard: a photo that became a map of its caps, and what each of them came to.</summary>
public sealed class Keyboard : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string Name { get; set; } = "";

    /// <summary>The piece of the strip-down or the finding that it was put down for.</summary>
    public Guid? FromId { get; set; }
    public KeySwitch Switch { get; set; }

    /// <summary>The photo as taken, before any cap came off.</summary>
    public Guid? PhotoId { get; set; }

    /// <summary>The same, seen from straight above.</summary>
    public Guid? PictureId { get; set; }
    public string Layout { get; set; } = "";

    /// <summary>Of the keys: top left, top right, bottom right, bottom left, as shares of the photo.</summary>
    public IReadOnlyList<Point> Corners { get; set; } = [];
    public IReadOnlyList<Cap> Caps { get; set; } = [];

    /// <summary>The caps as a cleaned item: washed by the ladder, and dry before they go back.</summary>
    public Guid? ItemId { get; set; }
    public int Version { get; set; }

    [JsonIgnore]
    public IEnumerable<Cap> Away => Caps.Where(c => c.State is CapState.Off or CapState.Donor);

    public void Check()
    {
        TextField.Check("name", Name, 60, "Give the keyboard a name of 1 to 60 characters.");
        if (Caps.Count > 200)
        {
            throw new InvalidInputException("caps", "At most 200 keys.");
        }
        foreach (var c in Caps)
        {
            TextField.Check("legend", c.Legend, 20);
            TextField.Check("wayRound", c.WayRound, 100);
            TextField.Check("from", c.From, 100);
            InvalidInputException.Finite("x", c.X, -0.2, 1.2, "(a share of the picture)");
            InvalidInputException.Finite("y", c.Y, -0.2, 1.2, "(a share of the picture)");
            InvalidInputException.Finite("w", c.W, 0.001, 1, "(a share of the picture)");
            InvalidInputException.Finite("h", c.H, 0.001, 1, "(a share of the picture)");
        }
        if (Caps.Select(c => c.Key).Distinct().Count() != Caps.Count)
        {
            throw new InvalidInputException("caps", "A key is in the map twice.");
        }
    }
}

/// <summary>What each key comes to.</summary>
public static class KeyLadder
{
    /// <summary>The rungs that such a switch has, in the order in which they are tried: dirt first, and what is opened last.</summary>
    public static IReadOnlyList<KeyRung> Rungs(KeySwitch s) =>
        s switch
        {
            KeySwitch.Membrane => [KeyRung.Cap, KeyRung.Plunger, KeyRung.Membrane],
            KeySwitch.Contacts => [KeyRung.Cap, KeyRung.Plunger, KeyRung.Contact],
            KeySwitch.FoilOnFoam => [KeyRung.Cap, KeyRung.Plunger, KeyRung.Foil],
            KeySwitch.RubberPill => [KeyRung.Cap, KeyRung.Contact],
            KeySwitch.Magnet => [KeyRung.Cap, KeyRung.Plunger],
            _ => [KeyRung.Cap, KeyRung.Plunger],
        };

    public static string Words(KeyRung r, KeySwitch s) =>
        r switch
        {
            KeyRung.Cap => "take the cap off, wash it, and clean round the stem",
            KeyRung.Plunger => "clean the stem and its guide; no oil, or a trace of dry lubricant",
            KeyRung.Contact => s == KeySwitch.RubberPill
                ? "wipe pill and pad with alcohol on a lint-free cloth"
                : "a drop of contact cleaner into the switch, and press it fifty times",
            KeyRung.Membrane => "open the sandwich, wipe both foils with alcohol, measure the trace; conductive lacquer where it is broken",
            _ => "exchange foil and foam: the foam crumbles with age on all keys, not on one",
        };

    /// <summary>What is tried next on a key.</summary>
    public static (KeyRung? Rung, Verdict Verdict) Next(Cap cap, KeySwitch s)
    {
        const string question = "What is tried on this key?";
        var name = cap.Legend.Length > 0 ? $"“{cap.Legend}”" : $"Key {cap.Key}";
        if (cap.Trouble == KeyTrouble.None || cap.Tries is [.., { Helped: true }])
        {
            return (
                null,
                Verdict.Of(question, Outcome.No, $"{name} works.", Basis.Measured).Changing("A press that does not come, or comes twice.")
            );
        }
        var rungs = Rungs(s)
            .Where(r => cap.Trouble != KeyTrouble.Dead && cap.Trouble != KeyTrouble.Bounces || r != KeyRung.Plunger)
            .ToList();
        KeyRung? next = rungs.Select(r => (KeyRung?)r).FirstOrDefault(r => cap.Tries.All(t => t.Rung != r));
        if (next is not { } n)
        {
            return (
                null,
                s == KeySwitch.NotKnown
                    ? Verdict
                        .Of(question, Outcome.Unknown, $"{name}: look first what makes its contact.", Basis.Rule)
                        .Changing("One key opened: foils, metal contacts, a pill of rubber, a foil on foam, a magnet.")
                    : Verdict
                        .Of(
                            question,
                            Outcome.No,
                            $"{name}: every rung has been tried; its switch is exchanged from a donor.",
                            Basis.Measured
                        )
                        .Changing("A donor of the same kind.")
            );
        }
        return (
            n,
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"{name}: {Words(n, s)}.",
                    Basis.Rule,
                    new Reason("Dirt first, then what sticks, then what is opened.", Source: "practice")
                )
                .Changing("That it works.")
        );
    }
}
