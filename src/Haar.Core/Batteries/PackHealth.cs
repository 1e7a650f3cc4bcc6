using System.Text.Json.Serialization;
using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>A laptop's pack. Null was not read.</summary>
public sealed record PackFacts
{
    public CellChemistry Chemistry { get; init; } = CellChemistry.LithiumRechargeable;
    public double? DesignMilliampHours { get; init; }

    /// <summary>What its own gauge says it takes now.</summary>
    public double? FullChargeMilliampHours { get; init; }
    public int? Cycles { get; init; }

    [JsonConverter(typeof(OnceATick))]
    public ThreeState Swollen { get; init; }

    /// <summary>It gets hot, smells, or leaks.</summary>
    [JsonConverter(typeof(OnceATick))]
    public ThreeState HotOrWet { get; init; }

    /// <summary>It is out of the machine. What nobody has said of it counts as in.</summary>
    public bool TakenOut { get; init; }

    /// <summary>Draw during a run-down test, on average.</summary>
    public double? RunDownMilliamps { get; init; }

    /// <summary>Minutes from full to switched off.</summary>
    public double? RunDownMinutes { get; init; }

    /// <summary>Volts with the pack out, open.</summary>
    public double? Volts { get; init; }

    /// <summary>Cells in series.</summary>
    public int? Series { get; init; }
}

/// <summary>The pack of one machine.</summary>
public sealed class MachinePack : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public PackFacts Facts { get; set; } = new();
    public int Version { get; set; }

    public void Check() => _ = PackHealth.Of(Facts);
}

/// <param name="MilliampHours">By run-down, or by the gauge; null when neither was read.</param>
/// <param name="HealthShare">Of design.</param>
public sealed record PackResult(double? MilliampHours, bool Measured, double? HealthShare, Verdict Verdict);

/// <summary>Is a pack still worth having, and is it safe? A rebuild is handed to a professional and never described.</summary>
public static class PackHealth
{
    /// <summary>Usual end of life of a pack: 60 % of design; makers promise 300 to 500 cycles to 80 %.</summary>
    public const double EndShare = 0.6,
        GoodShare = 0.8;
    public const int UsualCycles = 500;

    /// <summary>Below this a lithium cell's copper has dissolved and it must not be charged, V; IEC 62133 deep discharge.</summary>
    public const double LeastLithiumVolts = 2.0;

    /// <exception cref="InvalidInputException">A figure that no pack has.</exception>
    public static PackResult Of(PackFacts p)
    {
        InvalidInputException.Finite("designMilliampHours", p.DesignMilliampHours, 50, 50_000, "mAh");
        InvalidInputException.Finite("fullChargeMilliampHours", p.FullChargeMilliampHours, 0, 50_000, "mAh");
        InvalidInputException.Finite("runDownMilliamps", p.RunDownMilliamps, 1, 20_000, "mA");
        InvalidInputException.Finite("runDownMinutes", p.RunDownMinutes, 0, 6000, "min");
        InvalidInputException.Finite("volts", p.Volts, 0, 60, "V");
        if (p.Cycles is < 0 or > 20_000)
        {
            throw new InvalidInputException("cycles", "Cycles from 0 to 20 000.");
        }
        if (p.Series is < 1 or > 16)
        {
            throw new InvalidInputException("series", "Cells in series from 1 to 16.");
        }
        const string question = "Is the pack still worth having?";
        var measured = p is { RunDownMilliamps: not null, RunDownMinutes: not null };
        var capacity = measured ? Math.Round(p.RunDownMilliamps!.Value * p.RunDownMinutes!.Value / 60) : p.FullChargeMilliampHours;
        if ((p.RunDownMilliamps is null) != (p.RunDownMinutes is null))
        {
            throw new InvalidInputException(
                p.RunDownMinutes is null ? "runDownMinutes" : "runDownMilliamps",
                "A run-down is a draw and its minutes: give both, or neither."
            );
        }
        var health = capacity / p.DesignMilliampHours;
        if (health > 1.6)
        {
            throw new InvalidInputException(
                measured ? "runDownMinutes" : "fullChargeMilliampHours",
                "That is far more than the pack was made with: was it mWh and not mAh, or the wrong label?"
            );
        }
        var lithium = p.Chemistry is CellChemistry.LithiumRechargeable or CellChemistry.LithiumIonCoin;
        PackResult Say(Verdict v) => new(capacity, measured, health is { } h ? Math.Round(h, 3) : null, v);
        var swollen = p.Swollen == ThreeState.Yes;
        if (swollen || p.HotOrWet == ThreeState.Yes)
        {
            return Say(
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Take it out and outside: {(swollen ? "it is swollen" : "it gets hot, smells or leaks")}. Not charged, not pressed, not opened; outdoors in sand or a tin, then to a battery collection point.",
                        Basis.Rule,
                        new Reason(
                            swollen
                                ? "Gas has formed inside; the next charge or bend can set it alight."
                                : "Something inside is shorted or open.",
                            Source: "IEC 62133 and fire services' advice"
                        )
                    )
                    .Final()
                    .With(CautionId.SwollenCell)
            );
        }

        if (lithium && p is { Volts: { } volts, Series: { } series } && volts / series < LeastLithiumVolts)
        {
            return Say(
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Do not charge it: {Si.Plain(Math.Round(volts / series, 2))} V a cell is below {Si.Plain(LeastLithiumVolts)} V. To the collection point; run the machine from its adapter.",
                        Basis.Measured,
                        new Reason(
                            "A lithium cell so deep has dissolved copper in it and shorts when it is charged.",
                            new("A cell", Math.Round(volts / series, 2), "V", LeastLithiumVolts),
                            "IEC 62133"
                        )
                    )
                    .Final()
                    .With(CautionId.SwollenCell)
            );
        }

        if (health is not { } share)
        {
            return Say(
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        p.DesignMilliampHours is null
                            ? "Cannot say yet: read what it was made with off its label."
                            : "Cannot say yet: run it down once from full, with the draw and the minutes.",
                        Basis.Guess
                    )
                    .Changing(
                        p.DesignMilliampHours is null ? ["Milliamp-hours on the label."] : ["Average draw and minutes from full to off."]
                    )
            );
        }

        if (share >= EndShare && Unseen(p, lithium) is { } unseen)
        {
            return Say(
                Verdict
                    .Of(question, Outcome.Unknown, unseen, Basis.Guess, new Reason("How much it holds says nothing of whether it is safe."))
                    .Changing(unseen)
                    .With(lithium ? [CautionId.LithiumCell, CautionId.SwollenCell] : [])
            );
        }

        var reasons = new List<Reason>
        {
            new(
                $"{Si.Plain(capacity!.Value)} mAh of {Si.Plain(p.DesignMilliampHours!.Value)}{(measured ? ", run down" : ", by its own gauge, which guesses")}.",
                new("Health", Math.Round(share * 100), "%", EndShare * 100),
                measured ? "draw × time" : "the pack's gauge"
            ),
        };
        if (p.Cycles is { } cycles)
        {
            reasons.Add(new($"{cycles} cycles; makers promise about {UsualCycles} to 80 %.", new("Cycles", cycles, "", null, UsualCycles)));
        }
        const string rebuild = "A rebuild is work for a professional with the right welder and tester; Haar gives no procedure for it.";
        var founded = measured ? Basis.Measured : Basis.Guess;
        var verdict =
            share < EndShare
                ? Verdict.Of(
                    question,
                    Outcome.No,
                    $"Worn out: {Si.Plain(Math.Round(share * 100))} % of design. Use the adapter, or have the pack rebuilt by a professional.",
                    founded,
                    [.. reasons, new(rebuild)]
                )
            : share < GoodShare
                ? Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"Tired, {Si.Plain(Math.Round(share * 100))} % of design: it does if an adapter is at hand.",
                    founded,
                    reasons
                )
            : Verdict.Of(question, Outcome.Yes, $"Sound: {Si.Plain(Math.Round(share * 100))} % of design.", founded, reasons);
        return Say(
            verdict.Changing(measured ? [] : ["A run-down from full: the gauge only guesses."]).With(lithium ? [CautionId.LithiumCell] : [])
        );
    }

    /// <summary>What must be known before a pack is called sound and is not; null where all of it is.</summary>
    static string? Unseen(PackFacts p, bool lithium) =>
        p.Swollen == ThreeState.NotKnown ? "Look first whether it is swollen: on a flat table it must not rock."
        : p.HotOrWet == ThreeState.NotKnown ? "Say first whether it gets hot, smells or leaks."
        : !lithium ? null
        : p.Volts is null ? "Read its volts first, with the pack out: a lithium cell that has been too low is not charged again."
        : p.Series is null ? "Say how many cells it has in series: only the volts of one cell tell whether it may be charged."
        : null;
}
