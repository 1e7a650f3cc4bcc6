namespace Haar.Core.Safety;

public enum CautionId
{
    PictureTube,
    MainsSupply,
    LineFilterCapacitor,
    LeakingCell,
    SwollenCell,
    LithiumCell,
    LeadAndFlux,
    SolventAndFlame,
    ChargedCapacitor,
    RodentsAndMould,
    CompressedAir,
    StaticDischarge,
    BareDie,
    Peroxide,
    MustNotMeet,
    PressureWashing,
    SprayAndDust,
    ThionylLeak,
    Disinfectant,
    Laser,
    InverterVolts,
    PlasmaVolts,
}

/// <summary>A danger, said where the act is.</summary>
/// <param name="Id">Which one.</param>
/// <param name="Title">Two to five words.</param>
/// <param name="Text">What it does to a person or a part, and what keeps it from happening.</param>
/// <param name="StopsUntilConfirmed">The act waits until the person says that they are trained for it, or hands it over. Set for mains and tubes, where local codes and licensed practice decide.</param>
public sealed record Caution(CautionId Id, string Title, string Text, bool StopsUntilConfirmed = false);

/// <summary>The cautions of the trade. Sources: IEC 62368-1 hazard classes for the electrical ones, safety data sheets of potassium hydroxide, lithium cells and rosin flux for the rest.</summary>
public static class Cautions
{
    public static readonly IReadOnlyList<Caution> All =
    [
        new(
            CautionId.PictureTube,
            "Picture tube",
            "The tube holds thousands of volts for days after the plug is out, and implodes if its neck is knocked. Leave the cover on unless you are trained for tubes; local codes and licensed practice decide who may open it.",
            true
        ),
        new(
            CautionId.MainsSupply,
            "Mains supply",
            "Capacitors inside hold a lethal charge after the plug is out. The cover stays on: test it from outside, exchange it whole, or hand it to somebody licensed for mains work where you live.",
            true
        ),
        new(
            CautionId.LineFilterCapacitor,
            "Line-filter capacitor",
            "The moulded paper kind cracks, draws damp and goes up in smoke at the next switch-on, sometimes years after it last worked. It sits across the mains: leave it unplugged and have it exchanged for a safety-rated one by somebody trained for mains.",
            true
        ),
        new(
            CautionId.LeakingCell,
            "Leaking cell",
            "What leaks burns skin and eyes and goes on eating copper. Wear gloves and glasses, keep it off your hands and face, and bag the cell for the battery bin."
        ),
        new(
            CautionId.SwollenCell,
            "Swollen cell",
            "A swollen lithium cell can catch fire when it is bent, pierced or charged. Do not charge, press or pry. Put it outdoors in sand or a metal tin, and hand it to a battery collection point."
        ),
        new(
            CautionId.LithiumCell,
            "Lithium cell",
            "Never charge a primary lithium cell, never solder to its can, never short it: it vents and burns. Fit it in a holder, or use one with welded tabs."
        ),
        new(
            CautionId.ThionylLeak,
            "Thionyl leak",
            "What comes out of a 3.6 V lithium cell is an acid and its fumes choke: open the window, gloves and glasses, keep it from water until it has stopped fuming, and bag the cell for the battery collection."
        ),
        new(
            CautionId.LeadAndFlux,
            "Solder and flux",
            "Old solder holds lead and flux smoke harms the lungs. Draw the smoke away, and wash your hands before you eat."
        ),
        new(
            CautionId.SolventAndFlame,
            "Solvent",
            "Alcohol vapour catches fire from a spark or a hot iron. Air the room, iron off, and let it dry before any power."
        ),
        new(
            CautionId.ChargedCapacitor,
            "Charged capacitor",
            "A bulk capacitor stays charged after switch-off and can spoil a meter. Measure its volts first, and let it down through a resistor before you touch or test it."
        ),
        new(
            CautionId.RodentsAndMould,
            "Droppings or mould",
            "Dust from droppings and mould makes people ill. Mask and gloves, wet it before you wipe, and never sweep or vacuum it dry."
        ),
        new(
            CautionId.CompressedAir,
            "Compressed air",
            "Air spins a fan far past its speed and drives dirt into your eyes. Hold the fan still, wear glasses, go outdoors."
        ),
        new(
            CautionId.BareDie,
            "Bare die",
            "Silicon without a lid chips at its corners. No metal scraper, sink straight down, screws crosswise a turn at a time; paste that conducts stays off the parts beside it."
        ),
        new(
            CautionId.Peroxide,
            "Peroxide",
            "It burns skin white and harms eyes for good. Glasses and gloves, a vented lid, out of reach of children and of anything that burns; rinse it off at once."
        ),
        new(
            CautionId.MustNotMeet,
            "Never together",
            "Some cleaners make poisonous gas, fire or an explosive when they meet, also when one follows the other. Rinse with water in between, air the room, and leave it at once if it stings."
        ),
        new(
            CautionId.StaticDischarge,
            "Static",
            "A spark that you cannot feel kills a memory chip. Touch the earthed frame first and wear a wrist strap."
        ),
        new(
            CautionId.PressureWashing,
            "Pressure washer",
            "Its jet cuts skin and throws grit: glasses, closed shoes, nobody else in the yard, and its lead and plug dry behind a residual-current device. Never on a part with windings, a supply, a tube or a board."
        ),
        new(
            CautionId.Disinfectant,
            "Disinfectant",
            "Bleach is made up fresh, one part in ten of water, and never meets acid, vinegar or ammonia: the gas is poisonous. Gloves, glasses, a mask and an open window; never on bare aluminium."
        ),
        new(
            CautionId.Laser,
            "Laser",
            "An optical drive or laser printer holds a laser that blinds, some of it unseen. Never run it with its covers off, and never look into the lens."
        ),
        new(
            CautionId.InverterVolts,
            "Backlight inverter",
            "The inverter of a panel makes hundreds of volts while it is on, and its tubes hold mercury. Keep hands off it under power; a broken tube is aired and swept up wet."
        ),
        new(
            CautionId.PlasmaVolts,
            "Plasma panel",
            "A plasma panel runs on some 200 V made from the mains inside. The cover stays on unless you are trained for mains; local codes and licensed practice decide who may open it.",
            true
        ),
        new(
            CautionId.SprayAndDust,
            "Spray and sanding dust",
            "Old paint may hold lead or chromate, and spray gets into the lungs: wet methods, a fitting mask for dust or for solvents, air that moves, no flame, and nobody beside who is not protected."
        ),
    ];

    /// <exception cref="KeyNotFoundException">There is no such caution.</exception>
    public static Caution Get(CautionId id) => All.First(c => c.Id == id);
}
