using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>Composes what to look at on one machine: by what it has in it, when it was made, and what has been found already. Sources: the dated families of failing parts named in the rules of the capacitors and batteries, and bench practice.</summary>
public static class Checklist
{
    /// <summary>The same for a machine as it is known: what nobody has said counts as there, and says so.</summary>
    public static ChecklistResult For(Machine m, IReadOnlyCollection<FindingKind> found)
    {
        var careful = Hazards.CarefulTraits(m);
        // An answer about the mains lead or the tube outranks what is usual; of the rest, the kind's word stands until somebody looks.
        var may = m
            .Possible.Where(p => p.Trait is not (Trait.InternalMainsSupply or Trait.PictureTube) && !careful.Contains(p.Trait))
            .Where(p => p.Trait != Trait.MainsFilterPaper || careful.Contains(Trait.InternalMainsSupply))
            .ToDictionary(p => p.Trait, p => p.Likelihood);
        // Traits that only one look at the same place can tell apart are one item, whose word is the likelier's.
        var list = Compose(m.Class, [.. careful, .. may.Keys], m.YearFrom, m.YearTo, found);
        var (mains, tube) = (Hazards.Mains(m) == ThreeState.NotKnown, Hazards.Tube(m) == ThreeState.NotKnown);
        return list with
        {
            Items =
            [
                .. list.Items.Select(i =>
                    i.Id == "tube" && tube || i.Id is "supply" or "lead" && (mains || tube) ? i with { Because = Nobody(m, i) }
                    : i.Of.Count > 0 && i.Of.All(may.ContainsKey) ? i with { Because = Kinds.Because(i.Of.Min(t => may[t])) }
                    : i
                ),
                .. AnyCell(m),
            ],
        };
    }

    /// <summary>Nobody has said whether it has a cell, and nothing names one: all of it is looked over for one.</summary>
    static IEnumerable<ChecklistItem> AnyCell(Machine m) =>
        Hazards.Battery(m) != ThreeState.No && !m.Traits.Any(Hazards.IsCell) && !m.Possible.Any(p => Hazards.IsCell(p.Trait))
            ?
            [
                new(
                    "any-cell",
                    Zone.Cells,
                    "Any cell or battery: on the board, on a lead, in a bay",
                    "A barrel, a coin, a pack in a sleeve, a clock module; crust or a bulge on any of them.",
                    m.Battery == ThreeState.Yes ? "It has a cell or battery, and nobody has said which." : Hazards.NobodyKnows,
                    FindingKind.LeakingCell,
                    [CautionId.LeakingCell],
                    []
                ),
            ]
            : [];

    static string Nobody(Machine m, ChecklistItem i) =>
        m.Possible.Where(p => i.Of.Contains(p.Trait)).Select(p => (Likelihood?)p.Likelihood).FirstOrDefault() is { } l
            ? $"{Kinds.Because(l)} Until then it counts as there."
            : Hazards.NobodyKnows;

    /// <summary>Which traits an item's place shows.</summary>
    static Trait[] Shows(string id, MachineClass machineClass, IReadOnlyCollection<Trait> traits)
    {
        var mains = traits.Contains(Trait.InternalMainsSupply) || traits.Contains(Trait.PictureTube);
        Trait[] all = id switch
        {
            // A mains lead that is not here is lost, and says nothing of what is inside.
            "lead" => mains || machineClass == MachineClass.Pocket ? [] : [Trait.ExternalAdapter],
            "mains-filter" => [Trait.MainsFilterPaper],
            "supply" => [Trait.InternalMainsSupply],
            "tube" => [Trait.PictureTube],
            "linear" => [Trait.LinearSupply],
            "barrel-cell" => [Trait.BarrelCell],
            "coin-cell" => [Trait.CoinCell],
            "hidden-cell" => [Trait.HiddenCell],
            "pack" => [Trait.LithiumPack],
            "smd-caps" => [Trait.SurfaceMountElectrolytics],
            "low-esr-caps" => [Trait.LowEsrElectrolytics],
            "drives" => [.. new[] { Trait.ScsiDrives, Trait.AtaDrives }.Where(traits.Contains)],
            "floppy" => [Trait.FloppyDrive],
            "tape" => [Trait.TapeLoading],
            "keyboard" => [.. new[] { Trait.MembraneKeyboard }.Where(traits.Contains)],
            _ => [],
        };
        return all;
    }

    /// <param name="found">Kinds of everything found and still open; droppings, mould and leaks change the list.</param>
    /// <exception cref="InvalidInputException">The years are upside down.</exception>
    public static ChecklistResult Compose(
        MachineClass machineClass,
        IReadOnlyCollection<Trait> traits,
        int? yearFrom,
        int? yearTo,
        IReadOnlyCollection<FindingKind> found
    )
    {
        if (yearFrom > yearTo)
        {
            throw new InvalidInputException("yearTo", "The last year comes second.");
        }
        var items = new List<ChecklistItem>();
        bool Has(Trait t) => traits.Contains(t);
        bool Seen(FindingKind k) => found.Contains(k);
        bool Between(int a, int b) => yearFrom is null && yearTo is null || ((yearFrom ?? yearTo) <= b && (yearTo ?? yearFrom) >= a);
        var unknownYear = yearFrom is null && yearTo is null;
        string Years(string dated, string what) => unknownYear ? $"{what}, and nobody knows its year" : dated;
        void Look(string id, Zone zone, string title, string looks, string because, FindingKind raises, params CautionId[] cautions) =>
            items.Add(new(id, zone, title, looks, because, raises, cautions, Shows(id, machineClass, traits)));
        var pocket = machineClass == MachineClass.Pocket;
        var tube = Has(Trait.PictureTube);
        var mains = Has(Trait.InternalMainsSupply) || tube;

        Look(
            "case-cracks",
            Zone.Outside,
            "Case, corners and hinges",
            "Hairlines at screw posts, white stress marks, a corner that gives.",
            "It is on every machine's list.",
            FindingKind.CrackedCase
        );
        Look(
            "screws",
            Zone.Outside,
            "Outside screws",
            "Empty holes, heads of another kind, fresh scratches: somebody was in before you.",
            "Every machine; what is missing now is not your loss later.",
            FindingKind.MissingScrew
        );
        Look(
            "parts-missing",
            Zone.Outside,
            "Covers, feet, blanking plates, key caps",
            "Gaps where something plainly was.",
            "It is on every machine's list.",
            FindingKind.MissingPart
        );
        if (!pocket && machineClass != MachineClass.EightBit)
        {
            Look(
                "rust-case",
                Zone.Outside,
                "Metal edges and the bottom of the case",
                "Bubbled paint, brown edges, flakes in the dust.",
                "A metal case.",
                FindingKind.Rust
            );
        }
        Look(
            "lead",
            Zone.Ports,
            mains ? "Mains lead and inlet"
                : pocket ? "Battery contacts"
                : "Adapter, its lead and plug",
            mains ? "Nicks, kinks, gnawed places, a loose earth pin, brown pins."
                : pocket ? "White or green crust on the springs."
                : "Nicks, kinks at the plug, a cracked shell; volts and polarity other than printed on the machine.",
            mains ? "It brings mains in." : "It is what feeds it.",
            pocket ? FindingKind.LeakingCell : FindingKind.ChafedLead,
            mains ? [CautionId.MainsSupply]
                : pocket ? [CautionId.LeakingCell]
                : []
        );
        Look(
            "ports",
            Zone.Ports,
            "Ports and slots",
            "White or green crust, bent pins, something pushed in.",
            "Every machine; salt and damp come in here first.",
            FindingKind.SaltOrDamp
        );
        if (Has(Trait.MainsFilterPaper))
        {
            Look(
                "mains-filter",
                Zone.Ports,
                "Line-filter capacitor behind the inlet, through the grille",
                "A clear yellow or brown block with crazed sides.",
                "It has a moulded paper mains filter, the kind that cracks and smokes.",
                FindingKind.CrackedMainsFilter,
                CautionId.LineFilterCapacitor,
                CautionId.MainsSupply
            );
        }
        if (!Seen(FindingKind.Rodents))
        {
            Look(
                "rodents",
                Zone.Opening,
                "Droppings, nest, gnawed leads",
                "Black grains, shredded paper, a sharp smell, stripped insulation.",
                "Every machine that stood in a shed or a loft. Look before you breathe on it.",
                FindingKind.Rodents,
                CautionId.RodentsAndMould
            );
        }
        if (!Seen(FindingKind.Mould))
        {
            Look(
                "mould",
                Zone.Opening,
                "Mould",
                "Grey or green fur, dark spots on labels, an earthy smell.",
                "Every machine that stood damp.",
                FindingKind.Mould,
                CautionId.RodentsAndMould
            );
        }
        if (Seen(FindingKind.Rodents) || Seen(FindingKind.Mould))
        {
            Look(
                "wet-clean",
                Zone.Opening,
                "Wet clean: damp cloths in a bag, mask and gloves on",
                "Dry grains or fur left anywhere.",
                $"You found {(Seen(FindingKind.Rodents) ? "droppings" : "mould")}: nothing else is touched before they are gone.",
                FindingKind.Rodents,
                CautionId.RodentsAndMould
            );
            if (Seen(FindingKind.Rodents))
            {
                Look(
                    "gnawed",
                    Zone.Opening,
                    "Every lead, along its whole length",
                    "Bare copper, tooth marks, wet spots eaten green.",
                    "You found droppings: what nests also gnaws, and urine eats traces.",
                    FindingKind.ChafedLead
                );
            }
        }

        Look(
            "loose",
            Zone.Opening,
            "Anything loose inside: tilt it slowly, and listen",
            "Something slides or rattles: a screw, a clip, a chip out of its socket.",
            "Every machine: loose metal lands on a board, and shorts it at the first switch-on.",
            FindingKind.LooseMetal
        );
        Look(
            "repair",
            Zone.Opening,
            "Earlier repairs",
            "Flux stains, wires that the factory did not lay, parts with later date codes.",
            "Every machine: it shows what failed before.",
            FindingKind.EarlierRepair
        );
        if (mains)
        {
            Look(
                "supply",
                Zone.Supply,
                tube ? "Supply and tube, covers on" : "Supply, cover on",
                tube
                    ? "Smell of burning, brown patches behind the grille, a cracked tube neck or a whitish getter spot."
                    : "Smell, swelling seen through the grille, a fan that does not turn by finger.",
                tube ? "Its supply sits with the picture tube." : "It has a mains supply inside.",
                FindingKind.ChafedLead,
                tube ? [CautionId.PictureTube, CautionId.MainsSupply] : [CautionId.MainsSupply]
            );
        }
        if (mains)
        {
            Look(
                "earth",
                Zone.Supply,
                "Earth lead, from the inlet to the metal of the case",
                "A tag that is off its post, a lead cut or painted under; where nothing metal can be touched it is not here.",
                "Without it a fault makes the case live.",
                FindingKind.ChafedLead,
                CautionId.MainsSupply
            );
        }
        if (
            !pocket
            && machineClass is not (MachineClass.EightBit or MachineClass.SixteenBit or MachineClass.Level286 or MachineClass.Terminal)
        )
        {
            Look(
                "cooling",
                Zone.Board,
                "Heatsink and fan of the processor",
                "A heatsink that moves or lies beside, a clip broken, a fan that does not turn by finger, no fan where its plug is free.",
                "A processor of its class, or of one that nobody knows, may be past its limit within seconds without it.",
                FindingKind.CoolingOff
            );
        }
        if (Has(Trait.LinearSupply))
        {
            Look(
                "linear",
                Zone.Supply,
                mains ? "Regulator and its heat sink" : "The adapter's transformer and the regulator inside",
                "A browned board under it, cracked joints, paste gone to dust.",
                "A linear supply burns off what it does not need as heat.",
                FindingKind.Other
            );
        }
        if (Has(Trait.BarrelCell))
        {
            Look(
                "barrel-cell",
                Zone.Cells,
                "Barrel cell on the board",
                "Green or white crust, dull copper around it, corroded sockets near it.",
                "It has a barrel cell: nickel-cadmium leaks alkali after about ten years.",
                FindingKind.LeakingCell,
                CautionId.LeakingCell
            );
        }
        if (Has(Trait.CoinCell))
        {
            Look(
                "coin-cell",
                Zone.Cells,
                "Coin cell and its holder",
                "White crust, a bulge, a holder without spring.",
                "It has a coin cell.",
                FindingKind.LeakingCell,
                CautionId.LithiumCell
            );
        }
        if (Has(Trait.HiddenCell))
        {
            Look(
                "hidden-cell",
                Zone.Cells,
                "Clock module with a cell inside",
                "Nothing to see: the date on it is all there is. Ten years is its life.",
                "Its clock module hides a cell.",
                FindingKind.Other,
                CautionId.LithiumCell
            );
        }
        if (Has(Trait.BatteryBackedMemory))
        {
            Look(
                "kept-data",
                Zone.Cells,
                "What the cell keeps alive",
                "A cell read under 2.5 V while nobody has copied the data.",
                "Memory is kept by a cell: copy before anything is taken out.",
                FindingKind.Other
            );
        }
        if (Has(Trait.LithiumPack))
        {
            Look(
                "pack",
                Zone.Cells,
                "Battery pack",
                "A bulge, a split seam, a pack that no longer sits flush.",
                "It has a lithium pack.",
                FindingKind.SwollenCell,
                CautionId.SwollenCell
            );
        }
        if (Seen(FindingKind.LeakingCell))
        {
            Look(
                "leak-reach",
                Zone.Cells,
                "How far the leak reached",
                "Dull or green copper, lifted mask, black pads: mark the edge on the photo.",
                "You found a leaking cell.",
                FindingKind.Other,
                CautionId.LeakingCell
            );
        }
        if (
            Has(Trait.SurfaceMountElectrolytics)
            || Between(1988, 1996)
                && !pocket
                && !tube
                && machineClass is not (MachineClass.EightBit or MachineClass.Terminal)
                && unknownYear
        )
        {
            Look(
                "smd-caps",
                Zone.Board,
                "Surface-mount electrolytics",
                "Dull, wet or brown joints, a smell of fish, a can that moves.",
                Years("It has surface-mount electrolytics, the weeping kind of 1988 to 1996.", "They weep when they are of 1988 to 1996"),
                FindingKind.WeepingCapacitor
            );
        }

        if (
            Has(Trait.LowEsrElectrolytics)
            || (Between(1999, 2007) && !unknownYear && machineClass is MachineClass.Level586 or MachineClass.Level686)
        )
        {
            Look(
                "low-esr-caps",
                Zone.Board,
                "Tall electrolytics round the processor",
                "Domed tops, brown crust at the vent, a can that stands askew.",
                Has(Trait.LowEsrElectrolytics)
                    ? "It has low-ESR electrolytics of 1999 to 2007, many of which were bad from the start."
                    : "It was made in the years of the bad low-ESR electrolytics, 1999 to 2007.",
                FindingKind.BulgingCapacitor,
                CautionId.ChargedCapacitor
            );
        }
        if (!pocket && Between(1975, 1995) && !Has(Trait.LowEsrElectrolytics))
        {
            Look(
                "tantalum",
                Zone.Board,
                "Tantalum beads",
                "A bead burnt, cracked or gone, soot beside it.",
                unknownYear
                    ? "Boards up to the middle 1990s have them, and nobody knows its year."
                    : "Boards of its years have tantalum beads, which short without warning.",
                FindingKind.Other
            );
        }
        Look(
            "board",
            Zone.Board,
            "The board itself",
            "Green copper, dark patches, cracks at the corners, a bent edge.",
            "It is on every machine's list.",
            FindingKind.SaltOrDamp
        );
        if (machineClass is not (MachineClass.EightBit or MachineClass.Terminal or MachineClass.Pocket))
        {
            Look(
                "modules",
                Zone.Memory,
                "Memory modules and their sockets",
                "Grey contacts, broken latches, modules of mixed marking.",
                "A machine of its class carries its memory on modules.",
                FindingKind.Other,
                CautionId.StaticDischarge
            );
        }
        if (pocket && Has(Trait.BatteryBackedMemory))
        {
            Look(
                "card",
                Zone.Memory,
                "Memory card and its cell",
                "A low cell sign, crust in the card's cell drawer.",
                "Its data live on a card with a cell of its own.",
                FindingKind.Other
            );
        }
        if (Has(Trait.ScsiDrives) || Has(Trait.AtaDrives))
        {
            Look(
                "drives",
                Zone.Drives,
                "Drives and their leads",
                "Loose rubber buffers, a label over the breather hole, ribbons nicked at the edge.",
                Has(Trait.ScsiDrives) && Has(Trait.AtaDrives) ? "It has drives."
                    : Has(Trait.ScsiDrives) ? "It has SCSI drives."
                    : "It has ATA drives.",
                FindingKind.Other
            );
        }
        if (Has(Trait.FloppyDrive))
        {
            Look(
                "floppy",
                Zone.Drives,
                "Floppy drive",
                "A disk left in, a broken eject button, fur on the head.",
                "It has a floppy drive.",
                FindingKind.Other
            );
        }
        if (Has(Trait.TapeLoading))
        {
            Look("tape", Zone.Drives, "Tape sockets", "Dull or loose sockets.", "It loads from tape.", FindingKind.Other);
        }
        if (tube)
        {
            Look(
                "tube",
                Zone.Display,
                "Picture tube, from the front",
                "Cracks, scratches, a cloudy edge where the safety screen parts, burn-in.",
                "It has a picture tube.",
                FindingKind.PictureTube,
                CautionId.PictureTube
            );
        }
        if (Has(Trait.LithiumPack) || pocket)
        {
            Look(
                "panel",
                Zone.Display,
                "Panel",
                "Dark tide marks, vinegar smell, lines that press away.",
                "It has a flat panel.",
                FindingKind.Other
            );
        }
        if (
            machineClass is not MachineClass.Unknown
            && (
                machineClass is MachineClass.EightBit or MachineClass.Pocket or MachineClass.Terminal
                || Has(Trait.LithiumPack)
                || Has(Trait.MembraneKeyboard)
            )
        )
        {
            Look(
                "keyboard",
                Zone.Keyboard,
                Has(Trait.MembraneKeyboard) ? "Membrane keyboard and its tails" : "Keyboard, every key",
                Has(Trait.MembraneKeyboard) ? "Cracked tails, rows that do nothing, caps gone." : "Caps gone, keys that stick, crumbs.",
                Has(Trait.MembraneKeyboard)
                    ? "It has a membrane keyboard; its tails crack when they are pulled."
                    : "Its keyboard is part of it.",
                FindingKind.MissingPart
            );
        }

        var refused = new List<RefusedAct>();
        if (Seen(FindingKind.Rodents) || Seen(FindingKind.Mould))
        {
            refused.Add(
                new(
                    "Vacuuming and dry brushing",
                    $"Refused: {(Seen(FindingKind.Rodents) ? "droppings were" : "mould was")} found, and a vacuum blows the dust of it into the room. Wet it, wipe it, bag it."
                )
            );
            refused.Add(new("Compressed air", "Refused for the same reason: it spreads what makes people ill."));
        }
        if (Seen(FindingKind.LeakingCell))
        {
            refused.Add(
                new("Brushing the crust dry", "Refused: the dust of a leaked cell burns eyes and skin. Damp it first, glasses on.")
            );
        }
        if (Seen(FindingKind.SwollenCell))
        {
            refused.Add(new("Charging it", "Refused: a swollen lithium cell catches fire when it is charged."));
        }
        if (found.Any(k => FindingRules.Meaning(k).StopsPower))
        {
            refused.Add(new("Switching on", "Refused until what stops power is dealt with."));
        }
        return new([.. items.OrderBy(i => i.Zone)], refused);
    }
}

/// <param name="After">Index in the same list of what has to be done first; null for none.</param>
/// <param name="Settles">Doing it deals with the finding.</param>
public sealed record ImpliedWork(Stage Stage, string Title, int Minutes, string Why, string Needs, int? After, bool Settles)
{
    /// <summary>The screen that does it; empty where a hand does, and says so.</summary>
    public string Screen { get; init; } = "";

    /// <summary>Who may do it.</summary>
    public Planning.WorkFor For { get; init; } = Planning.WorkFor.Anyone;

    /// <summary>What kind of work it is, and so what it takes and where it is done; null for what is usual of its stage.</summary>
    public Planning.WorkKind? Kind { get; init; }
}
