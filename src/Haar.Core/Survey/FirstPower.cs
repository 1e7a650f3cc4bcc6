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
/// <param name="Reads">Rails may be read in this step.</param>
/// <param name="Cautions">Said at this step.</param>
public sealed record PowerStepPlan(
    PowerStepKind Kind,
    string Title,
    string How,
    string Expected,
    bool Reads,
    IReadOnlyList<CautionId> Cautions
)
{
    /// <summary>It is closed by its readings; where it is not, what was seen closes it, and a reading may be added.</summary>
    public bool MustRead { get; init; } = Reads;

    /// <summary>It feeds the board, so that everything that stands before the board stands before it.</summary>
    public bool Feeds { get; init; } = Kind >= PowerStepKind.BareBoard;
}

/// <summary>First power as a gate: nothing goes on while a step before it has failed or a danger is open.</summary>
public static class FirstPower
{
    /// <summary>The rails that a machine has, where its profile names none: by class, years and traits. From the supplies usual in each decade.</summary>
    public static IReadOnlyList<RailReading> UsualRails(MachineClass machineClass, int? yearTo, IReadOnlyCollection<Trait> traits) =>
        machineClass switch
        {
            MachineClass.Pocket => [new("+3 V", 3)],
            // What lies inside a laptop is not probed: its adapter is.
            _ when traits.Contains(Trait.LithiumPack) => [new("adapter", 15)],
            MachineClass.EightBit => [new("+5 V", 5), new("+12 V", 12), new("−5 V", -5)],
            MachineClass.Terminal => [new("+5 V", 5), new("+12 V", 12), new("−12 V", -12)],
            MachineClass.Level68k => [new("+5 V", 5), new("+12 V", 12), new("−12 V", -12)],
            _ when yearTo >= 1996 => [new("+3.3 V", 3.3), new("+5 V", 5), new("+12 V", 12), new("−12 V", -12), new("+5 V sb", 5)],
            _ => [new("+5 V", 5), new("+12 V", 12), new("−5 V", -5), new("−12 V", -12)],
        };

    /// <summary>The steps for a machine with these traits, at most eight: what it does not have is not asked for. No step opens a supply or a tube.</summary>
    public static IReadOnlyList<PowerStepPlan> Compose(
        MachineClass machineClass,
        IReadOnlyCollection<Trait> traits,
        PowerRitual ritual = PowerRitual.FromNothing
    ) => new PowerPlan(machineClass, traits, ritual).Steps();

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
