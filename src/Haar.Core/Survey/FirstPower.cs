using Haar.Core.Acts;
using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>The steps of a first power-up, in the only order in which they are taken.</summary>
public enum PowerStepKind
{
    Shorts = 0,
    SupplyLook,
    SupplyLoaded,
    BareBoard,
    OneMemory,
    Picture,
    Drives,
    WhatItSaid,
}

public enum PowerStepState
{
    NotYet = 0,
    Passed,
    Failed,
    Overruled,
}

/// <summary>One step as it was taken on one machine. Rail readings are kept as <see cref="Meters.Reading"/>s.</summary>
public sealed class PowerStep
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public PowerStepKind Kind { get; init; }
    public PowerStepState State { get; set; }

    /// <summary>The load it was read on, such as "2.0 A on +5, 1.0 A on +12, 5 min".</summary>
    public string Load { get; set; } = "";
    public string Seen { get; set; } = "";
    public string Heard { get; set; } = "";
    public string Smelled { get; set; } = "";

    /// <summary>What the screen said, the beeps, the memory it counted.</summary>
    public string Said { get; set; } = "";

    /// <summary>The verdict's sentence when the step was closed.</summary>
    public string Sentence { get; set; } = "";
    public DateTimeOffset? At { get; set; }

    /// <summary>Since when it has been left on its load, for the hour that earns a supply full trust.</summary>
    public DateTimeOffset? OnLoadSince { get; set; }
    public int Version { get; set; }

    public bool Through => State is PowerStepState.Passed or PowerStepState.Overruled;
}

/// <param name="Kind">Which step.</param>
/// <param name="Title">Few words.</param>
/// <param name="How">What the hand does, and what it must not.</param>
/// <param name="Expected">What is right to read, see and hear.</param>
/// <param name="Reads">Rails are read in this step.</param>
/// <param name="Cautions">Said at this step.</param>
public sealed record PowerStepPlan(
    PowerStepKind Kind,
    string Title,
    string How,
    string Expected,
    bool Reads,
    IReadOnlyList<CautionId> Cautions
);

/// <summary>First power as a gate: nothing goes on while a step before it has failed or a danger is open.</summary>
public static class FirstPower
{
    /// <summary>The rails that a machine has, where its profile names none: by class, years and traits. From the supplies usual in each decade.</summary>
    public static IReadOnlyList<RailReading> UsualRails(MachineClass machineClass, int? yearTo, IReadOnlyCollection<Trait> traits) =>
        machineClass switch
        {
            MachineClass.Pocket => [new("+3 V", 3)],
            _ when traits.Contains(Trait.LithiumPack) => [new("adapter", 15), new("+5 V", 5), new("+3.3 V", 3.3)],
            MachineClass.EightBit => [new("+5 V", 5), new("+12 V", 12), new("−5 V", -5)],
            MachineClass.Terminal => [new("+5 V", 5), new("+12 V", 12), new("−12 V", -12)],
            MachineClass.Level68k => [new("+5 V", 5), new("+12 V", 12), new("−12 V", -12)],
            _ when yearTo >= 1996 => [new("+3.3 V", 3.3), new("+5 V", 5), new("+12 V", 12), new("−12 V", -12), new("+5 V sb", 5)],
            _ => [new("+5 V", 5), new("+12 V", 12), new("−5 V", -5), new("−12 V", -12)],
        };

    /// <summary>The steps for a machine with these traits, at most eight: what it does not have is not asked for. No step opens a supply or a tube.</summary>
    public static IReadOnlyList<PowerStepPlan> Compose(MachineClass machineClass, IReadOnlyCollection<Trait> traits)
    {
        bool Has(Trait t) => traits.Contains(t);
        var pocket = machineClass == MachineClass.Pocket;
        var tube = Has(Trait.PictureTube);
        var laptop = Has(Trait.LithiumPack);
        var inside = Has(Trait.InternalMainsSupply) || tube;
        var linear = Has(Trait.LinearSupply);
        CautionId[] mains = inside ? [CautionId.MainsSupply] : [];
        CautionId[] glass = tube ? [CautionId.PictureTube] : [];
        var source = pocket ? "cells" : "adapter";
        var steps = new List<PowerStepPlan>
        {
            new(
                PowerStepKind.Shorts,
                pocket ? "Contacts measured for shorts" : "Rails measured for shorts",
                pocket ? "Cells and card out. Ohms across the battery contacts, both ways round."
                    : laptop ? "Adapter off, pack out. Ohms from each rail to ground, both ways round."
                    : "Plug out. Ohms from each rail to ground, both ways round.",
                "Above 10 Ω on every rail; it climbs while capacitors charge.",
                true,
                glass
            ),
            inside
                ? new(
                    PowerStepKind.SupplyLook,
                    tube ? "Supply and tube looked at, covers on" : "Supply looked at, covers on",
                    tube
                        ? "Through the grille only: smell, brown patches, the tube's neck. The covers stay on."
                        : "Smell, swelling seen through the grille, fan turned by a finger, lead whole. The cover stays on.",
                    "No smell, no swelling, a fan that turns, a whole lead.",
                    false,
                    [.. mains, .. glass]
                )
                : new(
                    PowerStepKind.SupplyLook,
                    pocket ? "Cells looked at" : "The adapter looked at",
                    pocket
                        ? "New cells: their volts alone, and the way round printed in the bay."
                        : "Volts, current and polarity printed on the adapter against those printed on the machine; the lead whole.",
                    pocket ? "Each cell within a tenth of a volt of the others." : "The same volts and polarity, and at least the current.",
                    false,
                    mains
                ),
            tube
                ? new(
                    PowerStepKind.SupplyLoaded,
                    "Supply read at the board's plug, board off",
                    "It sits with the tube and cannot be taken out: covers on, board unplugged, a load on the plug's rails. Only by somebody trained for tubes.",
                    "Every rail within its limits on a stated load for ten minutes.",
                    true,
                    [.. mains, .. glass]
                )
                : new(
                    PowerStepKind.SupplyLoaded,
                    inside ? "Supply alone, on a load"
                        : pocket ? "The cells alone, on a load"
                        : "The adapter alone, on a load",
                    inside ? "Board unplugged. A resistor or lamp on each main rail for ten minutes; volts, then ripple. State the load."
                        : pocket ? "A resistor across the cells for a minute. State the load."
                        : linear
                            ? "A lamp across the adapter for ten minutes: without a load an unregulated one reads far too high, and that is no fault. State the load."
                        : "A lamp or resistor across the adapter for ten minutes; volts, then ripple. State the load.",
                    "Every rail within its limits, ripple too, and nothing gets hot.",
                    true,
                    mains
                ),
            new(
                PowerStepKind.BareBoard,
                pocket ? "Alone on its cells, card out"
                    : laptop ? "Board on its adapter, pack and drives out"
                    : machineClass == MachineClass.EightBit ? "Board alone, nothing plugged in"
                    : tube ? "Board plugged in, keyboard off"
                    : "Bare board, speaker only",
                pocket
                    ? "Cells in, a finger ready to take them out. Read at once, smell, feel after a minute."
                    : $"{(inside || laptop ? "A hand on the switch" : "A hand on the plug")}. {(machineClass is MachineClass.EightBit or MachineClass.Terminal ? "" : "No memory, cards or drives. ")}Read the rails at once, smell, and feel for heat after a minute.",
                machineClass is MachineClass.EightBit or MachineClass.Terminal or MachineClass.Pocket
                    ? "Rails hold; nothing hot after a minute."
                    : "Rails hold; it beeps because memory is missing: that beep is the first good sign.",
                true,
                [.. mains, .. glass]
            ),
        };
        if (machineClass is not (MachineClass.EightBit or MachineClass.Terminal or MachineClass.Pocket))
        {
            steps.Add(
                new(
                    PowerStepKind.OneMemory,
                    machineClass is MachineClass.Level386 or MachineClass.Level486 or MachineClass.Level286 or MachineClass.Level68k
                        ? "One bank of memory"
                        : "One memory module",
                    "Switched off and unplugged first. The first bank only, each module pressed home on both sides. Then the same with each of the others.",
                    "Another beep than before, or none. Write down what it counted.",
                    false,
                    [CautionId.StaticDischarge, .. mains]
                )
            );
        }
        else if (pocket && Has(Trait.BatteryBackedMemory))
        {
            steps.Add(
                new(
                    PowerStepKind.OneMemory,
                    "Its memory card in",
                    "Switched off. The card's own cell was read before, and its data copied or bridged.",
                    "It lists what is on the card.",
                    false,
                    []
                )
            );
        }

        steps.Add(
            new(
                PowerStepKind.Picture,
                "Picture",
                tube ? "Wait a minute for the tube to warm. Brightness up, then down to where the raster just goes."
                    : laptop ? "Its own panel first, then a display outside: one of them dark tells which half is at fault."
                    : pocket ? "Contrast wheel end to end."
                    : machineClass == MachineClass.EightBit
                        ? "A display that is known to work, tuned or plugged in; then the display it belongs to."
                    : "The graphics card if it has one, seated home; a display that is known to work.",
                tube ? "A steady raster, no smell, no crackle." : "Letters, or a cursor.",
                false,
                [.. glass, .. tube ? mains : []]
            )
        );
        if (Has(Trait.ScsiDrives) || Has(Trait.AtaDrives) || Has(Trait.FloppyDrive) || Has(Trait.TapeLoading))
        {
            steps.Add(
                new(
                    PowerStepKind.Drives,
                    Has(Trait.TapeLoading) && !Has(Trait.FloppyDrive) ? "Loading from tape" : "Drives, one at a time",
                    Has(Trait.TapeLoading) && !Has(Trait.FloppyDrive)
                        ? "A tape that is known to be good, level up slowly."
                        : "Off and unplugged between each. Listen before you trust: a drive that scrapes is stopped, and copied off before it is used.",
                    "It is found by name or geometry, and it sounds even.",
                    false,
                    inside ? mains : []
                )
            );
        }

        steps.Add(
            new(
                PowerStepKind.WhatItSaid,
                "What it said, beeped and counted",
                "Write down every word, beep and figure: later steps rest on them.",
                "Nothing at all is an answer too.",
                false,
                []
            )
        );
        return steps;
    }

    /// <summary>What stands between this machine and the next step.</summary>
    /// <param name="Next">The step to take; null when all are through.</param>
    /// <param name="Verdict">May it be taken?</param>
    public sealed record Gate(PowerStepKind? Next, Verdict Verdict);

    /// <summary>The steps that a machine's plan has, in their order. Where the board has been fed, one that has been through a later step was powered before an earlier one was asked for.</summary>
    public static readonly Procedure<(IReadOnlyList<PowerStepPlan> Plan, IReadOnlyCollection<PowerStep> Steps), PowerStepKind> Procedure =
        new(
            "It has been through every step of its first power-up.",
            [
                .. Enum.GetValues<PowerStepKind>()
                    .Select(kind => new ProcedureStep<
                        (IReadOnlyList<PowerStepPlan> Plan, IReadOnlyCollection<PowerStep> Steps),
                        PowerStepKind
                    >(
                        kind,
                        kind.ToString(),
                        s =>
                            s.Steps.FirstOrDefault(x => x.Kind == kind) is { } taken
                                ? taken.Through
                                    ? taken.At ?? DateTimeOffset.MinValue
                                    : null
                                : kind > PowerStepKind.BareBoard && s.Steps.Any(x => x.Kind > kind && x.Through)
                                    ? DateTimeOffset.MinValue
                                    : null,
                        s => s.Plan.Any(p => p.Kind == kind)
                    )),
            ]
        );

    /// <summary>What stands against power while any of these is open; null when none is.</summary>
    public static Verdict? Against(IReadOnlyList<RaisedDanger> dangers) =>
        dangers.Count == 0
            ? null
            : Verdict
                .Of(
                    "May it be powered?",
                    Outcome.No,
                    $"Leave it unplugged: {Words.Lower(dangers[0].Work)} first.",
                    Basis.Rule,
                    [.. dangers.Select(d => new Reason($"{d.Sentence.TrimEnd('.')}. {d.Why}".Trim()))]
                )
                .Changing(dangers.Select(d => $"{d.Work}, and say so where it was found."))
                .With(dangers.SelectMany(d => d.Cautions).Distinct())
                .Final();

    /// <param name="plan">From <see cref="Compose"/>.</param>
    /// <param name="steps">As taken so far, at most one a kind; only those that still count.</param>
    /// <param name="supply">What the supply has earned; one of which nobody has said anything has earned nothing.</param>
    public static Gate Stand(IReadOnlyList<PowerStepPlan> plan, IReadOnlyCollection<PowerStep> steps, SupplyTrustResult? supply)
    {
        const string question = "May it be powered?";
        var next = plan.FirstOrDefault(p => p.Kind == Procedure.Next((plan, steps)));
        var failed = plan.Select(p => (Plan: p, Step: steps.FirstOrDefault(s => s.Kind == p.Kind)))
            .FirstOrDefault(x => x.Step?.State == PowerStepState.Failed && (next is null || x.Plan.Kind <= next.Kind));
        if (failed is { Step: { } taken, Plan: { } of })
        {
            return new(
                of.Kind,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        taken.Sentence.Length > 0 ? taken.Sentence : $"Go no further. “{of.Title}” has failed.",
                        Basis.Measured,
                        new Reason("Nothing goes on while a step has failed: read it again, mend it, or overrule it with a reason.")
                    )
                    .Changing("The same step read again and passed.")
                    .With(of.Cautions)
            );
        }

        supply ??= SupplyTrust.Of((RailsResult?)null, "", 0);
        if (
            supply.Trust < Trust.Loaded
            && next?.Kind is null or >= PowerStepKind.BareBoard
            && steps.FirstOrDefault(s => s.Kind == PowerStepKind.SupplyLoaded)?.State != PowerStepState.Overruled
        )
        {
            return new(next?.Kind, supply.Verdict with { Question = question });
        }

        if (next is null)
        {
            return new(null, Verdict.Of(question, Outcome.Yes, "It has been through every step of its first power-up.", Basis.Measured));
        }

        return new(
            next.Kind,
            Verdict
                .Of(
                    question,
                    next.Kind == PowerStepKind.Shorts ? Outcome.Yes : Outcome.YesIf,
                    next.Kind == PowerStepKind.Shorts
                        ? "Start with the plug out: measure the rails for shorts."
                        : $"So far sound. Next: {char.ToLowerInvariant(next.Title[0])}{next.Title[1..]}.",
                    Basis.Rule
                )
                .With(next.Cautions)
        );
    }
}
