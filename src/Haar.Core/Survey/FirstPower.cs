using Haar.Core.Intake;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>The steps of a first power-up, in the only order in which they are taken.</summary>
public enum PowerStepKind { Shorts = 0, SupplyLook, SupplyLoaded, WholeBoard, WhatItSaid }

public enum PowerStepState { NotYet = 0, Passed, Failed, Overruled }

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
    public int Version { get; set; }

    public bool Through => State is PowerStepState.Passed or PowerStepState.Overruled;
}

/// <param name="Kind">Which step.</param>
/// <param name="Title">Few words.</param>
/// <param name="How">What the hand does, and what it must not.</param>
/// <param name="Reads">Rails are read in this step.</param>
/// <param name="Cautions">Said at this step.</param>
public sealed record PowerStepPlan(PowerStepKind Kind, string Title, string How, bool Reads, IReadOnlyList<CautionId> Cautions);

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

    /// <summary>The steps for a machine with these traits.</summary>
    public static IReadOnlyList<PowerStepPlan> Compose(MachineClass machineClass, IReadOnlyCollection<Trait> traits)
    {
        var inside = traits.Contains(Trait.InternalMainsSupply) || traits.Contains(Trait.PictureTube);
        CautionId[] mains = inside ? [CautionId.MainsSupply] : [];
        CautionId[] tube = traits.Contains(Trait.PictureTube) ? [CautionId.PictureTube] : [];
        var source = machineClass == MachineClass.Pocket ? "cells" : inside ? "supply" : "adapter";
        return
        [
            new(PowerStepKind.Shorts, "Rails measured for shorts", "Plug out, cells out. Ohms from each rail to ground, both ways round.", true, tube),
            new(PowerStepKind.SupplyLook, inside ? "Supply looked at, covers on" : $"The {source} looked at",
                inside ? "Smell, swelling seen through the grille, fan turned by a finger, lead whole. The cover stays on." : $"Volts and polarity printed on the {source} against those printed on the machine; the lead whole.", false, mains),
            new(PowerStepKind.SupplyLoaded, inside ? "Supply alone, on a load" : $"The {source} alone, on a load",
                "Board unplugged. A resistor or lamp on each main rail for five minutes; volts, then ripple.", true, mains),
            new(PowerStepKind.WholeBoard, "Bare board, then one thing more at a time", "A hand on the switch. Read the rails at once, smell, and feel for heat after a minute.", true, [.. mains, .. tube]),
            new(PowerStepKind.WhatItSaid, "What it said, beeped and counted", "Write down every word, beep and figure: later steps rest on them.", false, []),
        ];
    }

    /// <summary>What stands between this machine and the next step.</summary>
    /// <param name="Next">The step to take; null when all are through.</param>
    /// <param name="Verdict">May it be taken?</param>
    public sealed record Gate(PowerStepKind? Next, Verdict Verdict);

    /// <param name="plan">From <see cref="Compose"/>.</param>
    /// <param name="steps">As taken so far, at most one a kind.</param>
    /// <param name="findings">Everything found; open dangers stop the gate.</param>
    /// <param name="overruledFindings">Findings whose stop a person has overruled with a reason.</param>
    public static Gate Stand(IReadOnlyList<PowerStepPlan> plan, IReadOnlyCollection<PowerStep> steps, IReadOnlyCollection<Finding> findings, IReadOnlySet<Guid> overruledFindings)
    {
        const string question = "May it be powered?";
        var danger = findings.Where(f => f.Open && !overruledFindings.Contains(f.Id) && FindingRules.Meaning(f.Kind).StopsPower).ToList();
        PowerStepPlan? next = null;
        foreach (var p in plan)
        {
            var taken = steps.FirstOrDefault(s => s.Kind == p.Kind);
            if (taken?.State == PowerStepState.Failed)
            {
                return new(p.Kind, Verdict.Of(question, Outcome.No, taken.Sentence.Length > 0 ? taken.Sentence : $"Go no further. “{p.Title}” has failed.", Founded.Measured,
                    new Reason("Nothing goes on while a step has failed: read it again, mend it, or overrule it with a reason."))
                    .Changing("The same step read again and passed.").With(p.Cautions));
            }

            if (taken is not { Through: true })
            {
                next = p;
                break;
            }
        }

        if (next is null)
        {
            return new(null, Verdict.Of(question, Outcome.Yes, "It has been through every step of its first power-up.", Founded.Measured));
        }

        if (danger.Count > 0)
        {
            var meanings = danger.Select(f => FindingRules.Meaning(f.Kind)).ToList();
            return new(next.Kind, Verdict.Of(question, Outcome.No,
                $"Leave it unplugged: {char.ToLowerInvariant(meanings[0].Work[0])}{meanings[0].Work[1..]} first.", Founded.Rule,
                [.. danger.Select(f => new Reason($"{FindingRules.Meaning(f.Kind).Words[..1].ToUpperInvariant()}{FindingRules.Meaning(f.Kind).Words[1..]}{(f.Place.Length > 0 ? $", {f.Place}" : "")}: {f.Seen} {FindingRules.Meaning(f.Kind).Why}".Trim()))])
                .Changing(danger.Select(f => $"{FindingRules.Meaning(f.Kind).Work}, and say so on the finding.")).With(meanings.SelectMany(m => m.Cautions).Distinct()));
        }

        return new(next.Kind, Verdict.Of(question, next.Kind == PowerStepKind.Shorts ? Outcome.Yes : Outcome.YesIf,
            next.Kind == PowerStepKind.Shorts ? "Start with the plug out: measure the rails for shorts." : $"So far sound. Next: {char.ToLowerInvariant(next.Title[0])}{next.Title[1..]}.", Founded.Rule).With(next.Cautions));
    }
}
