using System.Text.Json.Serialization;
using Haar.Core.Batteries;
using Haar.Core.Capacitors;
using Haar.Core.Costs;
using Haar.Core.Survey;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>What the processor can do, which decides what fits and what runs.</summary>
public enum MachineClass
{
    Unknown = 0,
    EightBit,
    SixteenBit,
    Level286,
    Level386,
    Level486,
    Level586,
    Level686,
    Level68k,
    Risc,
    Pocket,
    Terminal,
}

/// <summary>What a machine has in it that decides what can go wrong.</summary>
public enum Trait
{
    PictureTube,
    InternalMainsSupply,
    ExternalAdapter,
    LinearSupply,
    MainsFilterPaper,
    BarrelCell,
    CoinCell,
    HiddenCell,
    LithiumPack,
    BatteryBackedMemory,
    SurfaceMountElectrolytics,
    LowEsrElectrolytics,
    ScsiDrives,
    AtaDrives,
    FloppyDrive,
    TapeLoading,
    MembraneKeyboard,

    /// <summary>A laser: an optical drive, or a laser printer.</summary>
    Laser,

    /// <summary>The inverter of a panel lit by cathode tubes.</summary>
    BacklightInverter,

    /// <summary>A plasma panel, fed from the mains inside.</summary>
    PlasmaPanel,
}

/// <summary>A machine in the workshop, from the box it came in to the sheet that leaves with it.</summary>
public sealed class Machine
{
    public Guid Id { get; init; }

    /// <summary>What it is called here.</summary>
    public string Name { get; set; } = "";

    /// <summary>What it is, in a few words: "rugged laptop".</summary>
    public string Kind { get; set; } = "";

    /// <summary>Maker and model as printed; may be empty.</summary>
    public string Model { get; set; } = "";
    public MachineClass Class { get; set; }

    /// <summary>First year that it can be from.</summary>
    public int? YearFrom { get; set; }

    /// <summary>Last year; counts.</summary>
    public int? YearTo { get; set; }
    public List<Trait> Traits { get; set; } = [];

    /// <summary>The kind of a pack that it is one of; empty where nobody chose one.</summary>
    public string KindId { get; set; } = "";

    /// <summary>What may be in it because it is so in its kind, and nobody has looked yet.</summary>
    public List<Possible> Possible { get; set; } = [];

    /// <summary>What somebody looked for and did not find.</summary>
    public List<Trait> Absent { get; set; } = [];

    /// <summary>Does it take a mains lead? Asked at take-in; what nobody has answered counts as yes (<see cref="Hazards"/>).</summary>
    public ThreeState MainsLead { get; set; }

    /// <summary>Is there a picture tube in it?</summary>
    public ThreeState Tube { get; set; }

    /// <summary>Is there a battery or cell in it?</summary>
    public ThreeState Battery { get; set; }
    public string CameFrom { get; set; } = "";

    /// <summary>What was paid, in the workshop's currency; null when not known, 0 when given.</summary>
    public decimal? Paid { get; set; }

    /// <summary>What the seller or giver said of it.</summary>
    public string Claimed { get; set; } = "";

    /// <summary>When it was last seen running.</summary>
    public Survey.LastRan Ran { get; set; }

    /// <summary>Whose word that is, or what was seen when it ran here.</summary>
    public string RanWord { get; set; } = "";

    /// <summary>When that was said; it counts while nothing of the machine has changed since.</summary>
    public DateTimeOffset? RanAt { get; set; }

    [JsonPropertyName("recapSchool")]
    public RecapPolicy RecapPolicy { get; set; }

    [JsonPropertyName("restorationSchool")]
    public RestorationPolicy RestorationPolicy { get; set; }

    /// <summary>What is done about the colour of its age.</summary>
    public Colour.ColourPolicy ColourPolicy { get; set; }

    /// <summary>Rails of its supply; volts in them are nominal only.</summary>
    public List<RailReading> Rails { get; set; } = [];

    /// <summary>What finishing is expected to cost, what a complete one costs, and where to stop.</summary>
    public Expectation Expectation { get; set; } = new();

    /// <summary>Set when this is no machine but a lot of boxes that arrived together and are not sorted yet.</summary>
    public LotPlan? Lot { get; set; }

    /// <summary>A donor: kept for its parts.</summary>
    public bool Donor { get; set; }
    public DateTimeOffset ArrivedAt { get; init; }
    public DateTimeOffset? SurveyedAt { get; set; }
    public DateTimeOffset? HandedOverAt { get; set; }

    /// <summary>Whose it is; empty for the workshop's own.</summary>
    public string Owner { get; set; } = "";

    /// <summary>When it goes back, or has to be ready; null takes the workshop's day.</summary>
    public DateOnly? DueOn { get; set; }

    /// <summary>Set aside with its reason: it neither nags nor counts until something wakes it.</summary>
    public DateTimeOffset? ParkedAt { get; set; }
    public string ParkedWhy { get; set; } = "";

    /// <summary>The day that wakes it; null for none.</summary>
    public DateOnly? WakesOn { get; set; }

    /// <summary>The part that wakes it once one is in the store; empty for none.</summary>
    public string WakesFor { get; set; } = "";

    /// <summary>What that part, or a complete machine where none is named, may cost at most for it to wake, in the workshop's currency; null where no price wakes it.</summary>
    public decimal? WakesBelow { get; set; }

    /// <summary>The lowest that it was seen for since it was set aside; null where nobody has looked.</summary>
    public decimal? SeenFor { get; set; }

    /// <summary>Set aside still on that day.</summary>
    public bool Parked(DateOnly today) => ParkedAt is not null && !(WakesOn <= today);

    /// <summary>Taken off the workshop's list; everything about it is kept.</summary>
    public DateTimeOffset? RemovedAt { get; set; }
    public int Version { get; set; }
}

/// <summary>What can be wrong with a machine as typed, before it is taken in.</summary>
public static class Arrivals
{
    public const int FirstYear = 1970;

    /// <exception cref="InvalidInputException">Names the first field that cannot be.</exception>
    public static void Check(Machine m, int thisYear)
    {
        if (m.Name.Trim().Length is 0 or > 80)
        {
            throw new InvalidInputException("name", "Give the machine a name of 1 to 80 characters: what you will call it at the bench.");
        }

        foreach (var (field, year) in new[] { ("yearFrom", m.YearFrom), ("yearTo", m.YearTo) })
        {
            if (year < FirstYear || year > thisYear)
            {
                throw new InvalidInputException(field, $"A year from {FirstYear} to {thisYear}; {year} is not.");
            }
        }

        if (m.YearFrom > m.YearTo)
        {
            throw new InvalidInputException(
                "yearTo",
                $"It cannot be from before {m.YearTo} and after {m.YearFrom}: the last year comes second."
            );
        }

        if (m.Paid is < 0 or > 10_000_000)
        {
            throw new InvalidInputException("paid", "What was paid is 0 or more.");
        }

        foreach (
            var (field, text, most) in new[]
            {
                ("kind", m.Kind, 80),
                ("model", m.Model, 80),
                ("cameFrom", m.CameFrom, 300),
                ("claimed", m.Claimed, 1000),
                ("owner", m.Owner, 80),
                ("parkedWhy", m.ParkedWhy, 200),
                ("wakesFor", m.WakesFor, 60),
            }
        )
        {
            if (text.Length > most)
            {
                throw new InvalidInputException(field, $"At most {most} characters.");
            }
        }

        foreach (var (field, price) in new[] { ("wakesBelow", m.WakesBelow), ("seenFor", m.SeenFor) })
        {
            if (!Parking.IsPrice(price))
            {
                throw new InvalidInputException(field, Parking.PriceWanted);
            }
        }

        if (m.Traits.Contains(Trait.PictureTube) && m.Class == MachineClass.Pocket)
        {
            throw new InvalidInputException("traits", "A pocket computer has no picture tube: change the class or the trait.");
        }
    }
}
