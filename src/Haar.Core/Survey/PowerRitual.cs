using Haar.Core.Intake;
using Haar.Core.Planning;

namespace Haar.Core.Survey;

/// <summary>When a machine was last seen running. What nobody has said counts as never.</summary>
public enum LastRan
{
    NotKnown = 0,
    Never,

    /// <summary>For somebody else, by that person's word.</summary>
    ForSomebody,

    /// <summary>Here, in front of whoever says so.</summary>
    Here,
}

/// <summary>How a machine is brought to power, by how it came.</summary>
public enum PowerRitual
{
    /// <summary>Never seen running: supply alone, bare board, then one thing more at a time.</summary>
    FromNothing = 0,

    /// <summary>It ran whole for somebody: its supply is measured, and it is switched on as it is.</summary>
    AsItRan,

    /// <summary>It runs here: it is looked at, and switched on as it is.</summary>
    RunsHere,
}

/// <summary>What was said of a machine's last running, and for how long it counts.</summary>
public static class Rituals
{
    /// <summary>Clocks of two devices differ by so much at most. A house figure.</summary>
    static readonly TimeSpan Apart = TimeSpan.FromMinutes(5);

    /// <summary>
    /// A word counts while the machine is as it was when it was said: a danger found, work on a board, or anything but a cover taken off
    /// since then makes it a machine that was never seen running.
    /// </summary>
    public static PowerRitual Of(MachineFacts f, DateTimeOffset now) =>
        f.Machine.RanAt is not { } said || said > now + Apart || ChangedSince(f, said) ? PowerRitual.FromNothing : Of(f.Machine.Ran);

    public static PowerRitual Of(LastRan ran) =>
        ran switch
        {
            LastRan.ForSomebody => PowerRitual.AsItRan,
            LastRan.Here => PowerRitual.RunsHere,
            _ => PowerRitual.FromNothing,
        };

    /// <summary>What ran “here” in another workshop ran for somebody: whoever reads the document has not seen it.</summary>
    public static void TakenIn(Machine m)
    {
        if (m.Ran == LastRan.Here)
        {
            m.Ran = LastRan.ForSomebody;
        }
    }

    /// <summary>What was done to it since somebody saw it run.</summary>
    static bool ChangedSince(MachineFacts f, DateTimeOffset said) =>
        f.CountsFrom > said
        || f.LastOnCircuit?.At > said
        || f.StripSteps.Any(s => s.At > said && s.Kind != Stripdown.PieceKind.Cover)
        || f.PowerSteps.Any(s => s.State == PowerStepState.Failed && s.At > said);
}

/// <summary>
/// What is read in a step of first power. Rails behind covers that stay shut (a tube's, a laptop's inside) are not asked for: what can be
/// read from outside stands for them. Whoever has read every rail all the same has no need of it.
/// </summary>
public static class PowerReadings
{
    /// <summary>Ohms between the two pins of the mains plug, with the plug out of the wall and the switch on.</summary>
    public const string Plug = "plug, pin to pin";

    /// <summary>Nominal, so that the row has volts; only ohms are read on it.</summary>
    const double MainsVolts = 230;

    /// <summary>Its rails lie with a picture tube behind covers that stay shut: the machine is measured at its plug, and is its own load.</summary>
    public static bool Closed(Machine m) => Closed(Hazards.CarefulTraits(m));

    public static bool Closed(IReadOnlyCollection<Trait> traits) => traits.Contains(Trait.PictureTube);

    /// <summary>What must be read in this step; empty where seeing, hearing and smelling stand for it, or no rail is named.</summary>
    public static IReadOnlyList<RailReading> In(Machine m, PowerStepKind kind)
    {
        if (Closed(m))
        {
            return kind == PowerStepKind.Shorts ? [new(Plug, MainsVolts)] : [];
        }
        if (kind == PowerStepKind.BareBoard)
        {
            return Opens(m) ? m.Rails : [];
        }
        var outside = m.Rails.Where(r => r.Name.Contains("adapter", StringComparison.OrdinalIgnoreCase)).ToList();
        return m.Traits.Contains(Trait.LithiumPack) && outside.Count > 0 ? outside : m.Rails;
    }

    /// <summary>Its board is reached without opening what stays shut: not a laptop's or a pocket machine's.</summary>
    static bool Opens(Machine m) => m.Class != MachineClass.Pocket && !m.Traits.Contains(Trait.LithiumPack);
}
