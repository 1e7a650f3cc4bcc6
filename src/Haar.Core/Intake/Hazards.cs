using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>
/// What in a machine can kill, and whether anybody knows. An answer outranks what follows from its traits; where neither says, it is
/// not known, and every rule counts it as there.
/// </summary>
public static class Hazards
{
    /// <summary>A mains supply inside. An adapter outside, and a pocket computer, say that there is none.</summary>
    public static ThreeState Mains(Machine m) =>
        m.Traits.Contains(Trait.InternalMainsSupply) || m.Traits.Contains(Trait.PlasmaPanel) || Tube(m) == ThreeState.Yes ? ThreeState.Yes
        : m.MainsLead != ThreeState.NotKnown ? m.MainsLead
        : m.Absent.Contains(Trait.InternalMainsSupply) ? ThreeState.No
        : May(m, Trait.InternalMainsSupply) ? ThreeState.NotKnown
        : m.Traits.Contains(Trait.ExternalAdapter) || m.Traits.Contains(Trait.LithiumPack) || m.Class == MachineClass.Pocket ? ThreeState.No
        : ThreeState.NotKnown;

    /// <summary>A picture tube. That the mains goes in says nothing of it; an adapter, a pack and a pocket say that there is none.</summary>
    public static ThreeState Tube(Machine m) =>
        m.Traits.Contains(Trait.PictureTube) ? ThreeState.Yes
        : m.Tube != ThreeState.NotKnown ? m.Tube
        : m.Absent.Contains(Trait.PictureTube) ? ThreeState.No
        : May(m, Trait.PictureTube) ? ThreeState.NotKnown
        : m.Class == MachineClass.Pocket || m.Traits.Any(t => t is Trait.ExternalAdapter or Trait.LithiumPack) ? ThreeState.No
        : ThreeState.NotKnown;

    /// <summary>A cell or battery of any sort.</summary>
    public static ThreeState Battery(Machine m) => m.Traits.Any(IsCell) ? ThreeState.Yes : m.Battery;

    public static bool IsCell(Trait t) =>
        t is Trait.BarrelCell or Trait.CoinCell or Trait.HiddenCell or Trait.LithiumPack or Trait.BatteryBackedMemory;

    /// <summary>Its kind says that it may have this, and nobody has looked.</summary>
    static bool May(Machine m, Trait trait) => m.Possible.Any(p => p.Trait == trait);

    /// <summary>Nobody has said whether mains or a tube is in it.</summary>
    public static bool Unidentified(Machine m) => Mains(m) == ThreeState.NotKnown || Tube(m) == ThreeState.NotKnown;

    /// <summary>Its traits, with mains and tube among them unless it is known that they are not there: what every rule of safety goes by.</summary>
    public static IReadOnlyCollection<Trait> CarefulTraits(Machine m)
    {
        var traits = m.Traits.ToHashSet();
        // A tube has its supply inside: as long as one is not excluded, neither is the other.
        if (Mains(m) != ThreeState.No || Tube(m) != ThreeState.No)
        {
            traits.Add(Trait.InternalMainsSupply);
        }
        if (Tube(m) != ThreeState.No)
        {
            traits.Add(Trait.PictureTube);
        }
        return traits;
    }

    /// <summary>Cautions that stand by themselves, whatever is done with it.</summary>
    public static IReadOnlyList<CautionId> Cautions(Machine m)
    {
        var traits = CarefulTraits(m);
        var list = new List<CautionId>();
        void If(bool there, CautionId caution)
        {
            if (there)
            {
                list.Add(caution);
            }
        }
        If(traits.Contains(Trait.PictureTube), CautionId.PictureTube);
        If(traits.Contains(Trait.InternalMainsSupply), CautionId.MainsSupply);
        // Paper filters sat in mains inlets of their years, and nobody sees them from outside.
        If(
            traits.Contains(Trait.MainsFilterPaper)
                || traits.Contains(Trait.InternalMainsSupply) && May(m, Trait.MainsFilterPaper)
                || Mains(m) == ThreeState.NotKnown && !m.Absent.Contains(Trait.MainsFilterPaper),
            CautionId.LineFilterCapacitor
        );
        If(traits.Contains(Trait.LithiumPack) || May(m, Trait.LithiumPack), CautionId.SwollenCell);
        // What blinds or bites needs no proof: that it may be there is enough.
        If(traits.Contains(Trait.PlasmaPanel) || May(m, Trait.PlasmaPanel), CautionId.PlasmaVolts);
        If(traits.Contains(Trait.BacklightInverter) || May(m, Trait.BacklightInverter), CautionId.InverterVolts);
        If(traits.Contains(Trait.Laser) || May(m, Trait.Laser), CautionId.Laser);
        // A cell that nobody has looked at may have leaked; once it is looked at, what is found says its own.
        If(m.Battery != ThreeState.No && May(m, Trait.BarrelCell) || Battery(m) == ThreeState.NotKnown, CautionId.LeakingCell);
        return list;
    }

    /// <summary>Why an item of the survey is on the list of a machine of which nobody knows what feeds it.</summary>
    public const string NobodyKnows = "Nobody has said that it has none, so it counts as there until somebody looks.";
}
