using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>How the machine lies while the step is done. Not known is 0, and costs no turn.</summary>
public enum Orientation
{
    NotKnown = 0,
    AsUsed,
    UpsideDown,
    OnBack,
    OnFront,
    OnLeftSide,
    OnRightSide,
}

/// <summary>What came off, as far as it decides what can go wrong with it.</summary>
public enum PieceKind
{
    Other = 0,
    Cover,
    Board,
    Module,
    Card,
    Drive,
    Supply,
    Display,
    Keyboard,
    Fan,
    Speaker,
    Cell,
    Cage,
}

/// <summary>What holds a module in its socket. Not known is 0, and is not taken for firm.</summary>
public enum Latch
{
    NotKnown = 0,

    /// <summary>It has none: it is held by screws or by its own fit.</summary>
    None,
    Firm,

    /// <summary>Bent, cracked or tired: the module sits crooked if it is not pressed.</summary>
    Weak,
}

/// <summary>A place on the step's photo, in shares of its width and height, with what stands there: a hole's number, a connector's letter, "red edge".</summary>
public sealed record PhotoMark(double X, double Y, string Text);

/// <summary>One step of a strip-down: what came off, what it sat behind, and how it goes back.</summary>
public sealed class StripStep : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>Given when the step arrives and never changed, so that a printed label stays true. Gaps are steps that were taken away.</summary>
    public int Number { get; set; }

    /// <summary>What came off: "Drive cage".</summary>
    public string Title { get; set; } = "";
    public PieceKind Kind { get; set; }

    [JsonPropertyName("lies")]
    public Orientation Orientation { get; set; }

    /// <summary>Steps whose pieces had to be off first: this one sat behind them.</summary>
    public List<Guid> Behind { get; set; } = [];
    public Guid? PhotoId { get; set; }

    /// <summary>Orientation marks and anything else pointed out on the photo.</summary>
    public List<PhotoMark> Marks { get; set; } = [];

    /// <summary>What must not be missed about which way round it goes; empty when it fits one way only.</summary>
    [JsonPropertyName("wayRound")]
    public string Polarity { get; set; } = "";
    public string Note { get; set; } = "";

    /// <summary>What has to be tested once it is back and before anything covers it; empty when nothing.</summary>
    public string TestBeforeCovered { get; set; } = "";

    /// <summary>What holds it, where it is a module.</summary>
    public Latch Latch { get; set; }

    /// <summary>All that is due once it is back and before anything covers it: latches that are not known to be firm are pressed home, and its test.</summary>
    public string DueBeforeCovered
    {
        get
        {
            var press =
                Latch == Latch.Weak ? "Press its weak latches home, until it stands level and both hold"
                : Latch == Latch.NotKnown && Kind == PieceKind.Module ? "Press it home: look whether its latches hold"
                : "";
            return press.Length == 0 ? TestBeforeCovered
                : TestBeforeCovered.Length == 0 ? press
                : $"{press}; then {Words.Lower(TestBeforeCovered)}";
        }
    }

    /// <summary>What goes in instead of it; empty when it goes back itself.</summary>
    public string ExchangedFor { get; set; } = "";

    /// <summary>Stays out for good, like a leaked cell.</summary>
    public bool StaysOut { get; set; }

    /// <summary>A piece of work that must be over first, such as drying or a glue's cure.</summary>
    public Guid? AfterJobId { get; set; }

    /// <summary>When it came off, by the clock of the phone that recorded it.</summary>
    public DateTimeOffset At { get; init; }

    /// <summary>Which device or person recorded it.</summary>
    public string By { get; set; } = "";
    public DateTimeOffset? BackAt { get; set; }

    /// <summary>Somebody looked a second time that it is the right way round.</summary>
    public DateTimeOffset? SecondLookAt { get; set; }
    public DateTimeOffset? TestedAt { get; set; }
    public string TestSaid { get; set; } = "";

    /// <summary>It is out, and belongs in.</summary>
    [JsonIgnore]
    public bool Apart => !StaysOut && BackAt is null;
    public int Version { get; set; }

    public void Check() => StripFacts.Check(this);
}

/// <summary>Fasteners of one size from one step: where they came from and where they lie.</summary>
public sealed class StripFastener : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Guid StepId { get; init; }

    /// <summary>As the field writes it: M3, 6-32, 4-40, "self-tapping 3".</summary>
    public string Thread { get; set; } = "";

    /// <summary>Under the head; null when nobody measured.</summary>
    public double? LengthMillimetres { get; set; }

    /// <summary>Pan, countersunk, hex, flange …</summary>
    public string Head { get; set; } = "";

    /// <summary>How many came out.</summary>
    public int Count { get; set; } = 1;

    /// <summary>Holes that were empty before anybody here touched it.</summary>
    public int MissingBefore { get; set; }

    /// <summary>Which hole or holes: "1 to 4", "left rear".</summary>
    public string Hole { get; set; } = "";
    public List<PhotoMark> Marks { get; set; } = [];
    public string Tray { get; set; } = "";

    /// <summary>What lies behind the hole that a longer one would go into; empty when nobody said.</summary>
    public string Pierces { get; set; } = "";
    public List<FastenerReturn> Returns { get; set; } = [];
    public int Version { get; set; }

    public void Check() => StripFacts.Check(this);
}

/// <summary>Fasteners put into a step's holes at the rebuild.</summary>
/// <param name="Count">How many.</param>
/// <param name="FromStore">Taken from the store in place of one that was missing.</param>
public sealed record FastenerReturn(int Count, string Thread, double? LengthMillimetres, string Head, bool FromStore, DateTimeOffset At);

/// <summary>A lead or board joint opened at a step.</summary>
public sealed class StripConnector : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Guid StepId { get; init; }

    /// <summary>"50-way ribbon", "3-pin fan lead".</summary>
    public string Kind { get; set; } = "";

    /// <summary>Goes in one way only.</summary>
    public ThreeState Keyed { get; set; }

    /// <summary>"red edge up", "black towards the speaker".</summary>
    [JsonPropertyName("wayRound")]
    public string Polarity { get; set; } = "";

    /// <summary>Where its lead ran.</summary>
    public string Route { get; set; } = "";
    public List<PhotoMark> Marks { get; set; } = [];
    public DateTimeOffset? BackAt { get; set; }
    public int Version { get; set; }

    public void Check() => StripFacts.Check(this);
}

/// <summary>What can be wrong with a step as recorded.</summary>
public static class StripFacts
{
    public const int MostCount = 200;

    /// <exception cref="Verdicts.InvalidInputException">Names the first field that cannot be.</exception>
    public static void Check(StripStep s)
    {
        Text("title", s.Title, 80, true);
        Text("note", s.Note, 1000);
        Text("wayRound", s.Polarity, 200);
        Text("testBeforeCovered", s.TestBeforeCovered, 200);
        Text("exchangedFor", s.ExchangedFor, 120);
        Text("by", s.By, 60);
        Marks(s.Marks);
        if (s.Behind.Contains(s.Id))
        {
            throw new Verdicts.InvalidInputException("behind", "A piece cannot sit behind itself.");
        }
        if (s.Behind.Count > 60)
        {
            throw new Verdicts.InvalidInputException("behind", "At most 60 pieces.");
        }
    }

    public static void Check(StripFastener f)
    {
        Text("thread", f.Thread, 30, true);
        Text("head", f.Head, 30);
        Text("hole", f.Hole, 60);
        Text("tray", f.Tray, 12);
        Text("pierces", f.Pierces, 120);
        Marks(f.Marks);
        Verdicts.InvalidInputException.Finite("lengthMillimetres", f.LengthMillimetres, 0.5, 300, "mm");
        if (f.Count is < 0 or > MostCount || f.MissingBefore is < 0 or > MostCount || f.Count + f.MissingBefore == 0)
        {
            throw new Verdicts.InvalidInputException("count", $"Between them, 1 to {MostCount} came out or were missing.");
        }
    }

    public static void Check(StripConnector c)
    {
        Text("kind", c.Kind, 60, true);
        Text("wayRound", c.Polarity, 120);
        Text("route", c.Route, 200);
        Marks(c.Marks);
    }

    static void Marks(List<PhotoMark> marks)
    {
        if (marks.Count > 40)
        {
            throw new Verdicts.InvalidInputException("marks", "At most 40 marks on one photo.");
        }
        foreach (var m in marks)
        {
            Verdicts.InvalidInputException.Finite("marks", m.X, 0, 1, "of the width");
            Verdicts.InvalidInputException.Finite("marks", m.Y, 0, 1, "of the height");
            Text("marks", m.Text, 30);
        }
    }

    static void Text(string field, string text, int most, bool needed = false)
    {
        if (text.Length > most || (needed && text.Trim().Length == 0))
        {
            throw new Verdicts.InvalidInputException(
                field,
                needed && text.Trim().Length == 0
                    ? field switch
                    {
                        "title" => "Say what came off, in a word or two.",
                        "thread" => "Say which thread: M3, 6-32, self-tapping 3.",
                        _ => "Say what kind of connector it is: 50-way ribbon, 3-pin fan lead.",
                    }
                    : $"At most {most} characters."
            );
        }
    }
}
