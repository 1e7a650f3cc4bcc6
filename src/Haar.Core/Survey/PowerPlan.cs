using Haar.Core.Intake;
using Haar.Core.Safety;

namespace Haar.Core.Survey;

/// <summary>
/// The steps of a first power-up, composed for one machine: for what it is and for how it came. Every step can be finished with a
/// multimeter; none opens a supply, a tube or a laptop's inside.
/// </summary>
sealed class PowerPlan(MachineClass machineClass, IReadOnlyCollection<Trait> traits, PowerRitual ritual)
{
    bool Has(Trait t) => traits.Contains(t);

    bool Pocket => machineClass == MachineClass.Pocket;
    bool Tube => PowerReadings.Closed(traits);
    bool Laptop => Has(Trait.LithiumPack);
    bool Inside => Has(Trait.InternalMainsSupply) || Tube;
    bool HomeMicro => machineClass == MachineClass.EightBit;

    /// <summary>Its board can be fed bare, with a hand at it.</summary>
    bool BoardAlone => !Tube;
    IReadOnlyList<CautionId> Mains => Inside ? [CautionId.MainsSupply] : [];
    IReadOnlyList<CautionId> Glass => Tube ? [CautionId.PictureTube] : [];

    public IReadOnlyList<PowerStepPlan> Steps()
    {
        List<PowerStepPlan> steps = [];
        if (ritual != PowerRitual.RunsHere)
        {
            steps.Add(Shorts());
        }
        steps.Add(Look());
        if (ritual != PowerRitual.RunsHere)
        {
            steps.Add(Tube ? OnFromOutside() : SupplyAlone());
        }
        if (ritual == PowerRitual.FromNothing && BoardAlone)
        {
            steps.Add(BareBoard());
            steps.AddRange(Memory());
        }
        steps.Add(Picture());
        steps.AddRange(Drives());
        steps.Add(WhatItSaid());
        return steps;
    }

    PowerStepPlan Shorts() =>
        Tube
            ? new(
                PowerStepKind.Shorts,
                "Measured at its plug",
                "Plug out, ten minutes after it was last in. Switch on: ohms between the two pins of the plug. The covers stay on, and no rail is probed.",
                "Above 10 Ω, or no reading at all: a transformer or a degaussing coil reads some tens of ohms, a switching supply almost nothing. Near 0 Ω is a short.",
                true,
                Glass
            )
            : new(
                PowerStepKind.Shorts,
                Pocket ? "Contacts measured for shorts"
                    : Laptop ? "Its socket measured for shorts"
                    : "Rails measured for shorts",
                Pocket ? "Cells and card out. Ohms across the battery contacts, both ways round."
                    : Laptop
                        ? "Adapter off, pack out. Ohms across the contacts of its power socket, both ways round. Nothing inside it is probed."
                    : "Plug out. Ohms from each rail to ground, both ways round.",
                "Above 10 Ω; it climbs while capacitors charge.",
                true,
                Glass
            );

    PowerStepPlan Look() =>
        Inside
            ? new(
                PowerStepKind.SupplyLook,
                Tube ? "Supply and tube looked at, covers on" : "Supply looked at, covers on",
                Tube
                    ? "Through the grille only: smell, brown patches, the tube’s neck. The covers stay on."
                    : "Smell, swelling seen through the grille, fan turned by a finger, lead whole. The cover stays on.",
                "No smell, no swelling, a fan that turns, a whole lead.",
                false,
                [.. Mains, .. Glass]
            )
            : new(
                PowerStepKind.SupplyLook,
                Pocket ? "Cells looked at" : "The adapter looked at",
                Pocket
                    ? "New cells: their volts alone, and the way round printed in the bay."
                    : "Volts, current and polarity printed on the adapter against those printed on the machine; the lead whole.",
                Pocket ? "Each cell within a tenth of a volt of the others." : "The same volts and polarity, and at least the current.",
                false,
                Mains
            );

    /// <summary>A machine with a tube is its own load: its supply cannot be had alone, and its rails are behind covers that stay on.</summary>
    PowerStepPlan OnFromOutside() =>
        new(
            PowerStepKind.SupplyLoaded,
            "Switched on from outside, covers on",
            "Nothing plugged into it. A socket with a residual-current device, a hand on the switch, not alone. On a series lamp, if somebody trained has one: it flashes once and goes dim where nothing is shorted, and stays bright on a short. Ten minutes; smell and listen.",
            "No smell, no crackle, no smoke, and it hums evenly for ten minutes.",
            true,
            [.. Mains, .. Glass]
        )
        {
            MustRead = false,
            Feeds = true,
        };

    PowerStepPlan SupplyAlone() =>
        new(
            PowerStepKind.SupplyLoaded,
            Inside ? "Supply alone, on a load"
                : Pocket ? "The cells alone, on a load"
                : "The adapter alone, on a load",
            Inside
                    ? "Board unplugged. A resistor or lamp on each main rail for ten minutes; volts, then ripple. State the load. One with a soft switch starts when its power-on line, usually the green lead, is joined to ground."
                : Pocket ? "A resistor across the cells for a minute. State the load."
                : Has(Trait.LinearSupply)
                    ? "A lamp across the adapter for ten minutes: without a load an unregulated one reads far too high, and that is no fault. State the load."
                : "A lamp or resistor across the adapter for ten minutes; volts, then ripple. State the load.",
            "Every rail within its limits, ripple too, and nothing gets hot.",
            true,
            Mains
        );

    PowerStepPlan BareBoard()
    {
        var whole = HomeMicro || machineClass == MachineClass.Terminal || Pocket;
        return new(
            PowerStepKind.BareBoard,
            Pocket ? "Alone on its cells, card out"
                : Laptop ? "On its adapter, pack and drives out"
                : HomeMicro ? "Board alone, nothing plugged in"
                : "Bare board, speaker only",
            Pocket ? "Cells in, a finger ready to take them out. Smell, and feel after a minute."
                : Laptop
                    ? "A hand on the plug. Pack out, drives and cards out of their bays; nothing is opened. Smell, and feel for heat after a minute."
                : $"{(Inside ? "A hand on the switch" : "A hand on the plug")}. {(whole ? "" : "No memory, cards or drives; heatsink, fan and earth clip stay on. ")}Read the rails at once, smell, and feel for heat after a minute.",
            Pocket ? "Nothing hot after a minute."
                : Laptop ? "A lamp, a fan or a beep, and nothing hot after a minute."
                : whole ? "Rails hold; nothing hot after a minute."
                : "Rails hold; it beeps because memory is missing: that beep is the first good sign.",
            true,
            Mains
        )
        {
            MustRead = !Pocket && !Laptop,
        };
    }

    IEnumerable<PowerStepPlan> Memory()
    {
        if (!HomeMicro && machineClass != MachineClass.Terminal && !Pocket)
        {
            yield return new(
                PowerStepKind.OneMemory,
                machineClass is MachineClass.Level386 or MachineClass.Level486 or MachineClass.Level286 or MachineClass.Level68k
                    ? "One bank of memory"
                    : "One memory module",
                Laptop
                    ? "Switched off, adapter and pack out. What is soldered in counts by itself; a module goes in behind its own door only."
                    : "Switched off and unplugged first. The first bank only, each module pressed home on both sides. Then the same with each of the others.",
                "Another beep than before, or none. Write down what it counted.",
                false,
                [CautionId.StaticDischarge, .. Mains]
            );
        }
        else if (Pocket && Has(Trait.BatteryBackedMemory))
        {
            yield return new(
                PowerStepKind.OneMemory,
                "Its memory card in",
                "Switched off. The card’s own cell was read before, and its data copied or bridged.",
                "It lists what is on the card.",
                false,
                []
            );
        }
    }

    PowerStepPlan Picture()
    {
        var asItIs = ritual != PowerRitual.FromNothing;
        var how =
            Tube ? "Wait a minute for the tube to warm. Brightness up, then down to where the raster just goes."
            : Laptop ? "Its own panel first, then a display outside: one of them dark tells which half is at fault."
            : Pocket ? "Contrast wheel end to end."
            : HomeMicro ? "A display that is known to work, tuned or plugged in; then the display it belongs to."
            : asItIs ? "A display that is known to work."
            : "The graphics card if it has one, seated home; a display that is known to work.";
        return new(
            PowerStepKind.Picture,
            asItIs ? "Switched on as it is" : "Picture",
            asItIs ? $"A hand on the {(Inside ? "switch" : "plug")}; smell and listen for the first minute. {how}" : how,
            Tube ? "A steady raster, no smell, no crackle." : "Letters, or a cursor.",
            false,
            [.. Glass, .. Tube || asItIs ? Mains : []]
        );
    }

    IEnumerable<PowerStepPlan> Drives()
    {
        if (!Has(Trait.ScsiDrives) && !Has(Trait.AtaDrives) && !Has(Trait.FloppyDrive) && !Has(Trait.TapeLoading))
        {
            yield break;
        }
        var tape = Has(Trait.TapeLoading) && !Has(Trait.FloppyDrive);
        yield return new(
            PowerStepKind.Drives,
            tape ? "Loading from tape"
                : ritual == PowerRitual.FromNothing && BoardAlone ? "Drives, one at a time"
                : "Its drives",
            tape ? "A tape that is known to be good, level up slowly."
                : ritual == PowerRitual.FromNothing && BoardAlone
                    ? "Off and unplugged between each. Listen before you trust: a drive that scrapes is stopped, and copied off before it is used."
                : "Listen before you trust: a drive that scrapes is stopped, and copied off before it is used.",
            "It is found by name or geometry, and it sounds even.",
            false,
            Mains
        );
    }

    static PowerStepPlan WhatItSaid() =>
        new(
            PowerStepKind.WhatItSaid,
            "What it said, beeped and counted",
            "Write down every word, beep and figure: later steps rest on them.",
            "Nothing at all is an answer too.",
            false,
            []
        );
}
