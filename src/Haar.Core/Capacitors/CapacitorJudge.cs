using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>Thresholds of the house for judging a reading. Defaults: end-of-life criteria of IEC 60384-4 (aluminium electrolytics) and usual data-sheet leakage.</summary>
public sealed record CapacitorLimits
{
    /// <summary>Share of nominal capacitance lost at end of life; a reading exactly at it is still sound.</summary>
    public double CapacitanceLossShare { get; init; } = 0.20;

    /// <summary>Times the initial ESR at end of life.</summary>
    public double EsrFactor { get; init; } = 2;

    /// <summary>Leakage limit in amps for each microfarad-volt: 0.01 µA/(µF·V).</summary>
    public double LeakagePerCapacitanceVolt { get; init; } = 0.01;

    /// <summary>The leakage limit never falls below this.</summary>
    public double LeakageFloorMicroamps { get; init; } = 3;

    /// <summary>Beyond its plus tolerance by this share of nominal, a reading means leakage and not health.</summary>
    public double HighShare { get; init; } = 0.20;

    /// <summary>ESR at 100 kHz over ESR at 120 Hz, where no data sheet is given.</summary>
    public double EsrRatioAt100Kilohertz { get; init; } = 0.44;
}

/// <summary>What was measured on one part. Null is not measured.</summary>
public sealed record CapacitorReadings
{
    public double? Microfarads { get; init; }
    public double? EsrOhms { get; init; }

    /// <summary>The meter's own test frequency for ESR.</summary>
    public double EsrFrequencyHertz { get; init; } = 100_000;
    public double? LeakageMicroamps { get; init; }

    /// <summary>Measured without lifting a leg.</summary>
    public bool InCircuit { get; init; }

    public bool Any => Microfarads is not null || EsrOhms is not null || LeakageMicroamps is not null;
}

/// <summary>Is this capacitor sound? Judges readings and signs against limits.</summary>
public static class CapacitorJudge
{
    /// <summary>Usual dissipation factor at 120 Hz and 20 °C by rated volts, as general-purpose aluminium data sheets print it.</summary>
    static readonly (double Volts, double TanDelta)[] TanDeltaByVolts =
    [
        (6.3, .28),
        (10, .24),
        (16, .20),
        (25, .16),
        (35, .14),
        (50, .12),
        (63, .10),
        (100, .08),
    ];

    const string EndOfLife = "end-of-life criteria of IEC 60384-4";

    /// <summary>Dissipation factor at 120 Hz: by rated volts, plus 0.02 for each full 1000 µF above 1000. Between two ratings the lower one's (higher) figure is taken; below 6.3 V that of 6.3 V, above 100 V that of 100 V.</summary>
    public static double TanDelta(double microfarads, double ratedVolts)
    {
        var basic = TanDeltaByVolts[0].TanDelta;
        foreach (var (volts, tan) in TanDeltaByVolts)
        {
            if (ratedVolts >= volts - 1e-9)
            {
                basic = tan;
            }
        }

        return basic + 0.02 * Math.Max(0, Math.Floor((microfarads - 1000) / 1000 + 1e-9));
    }

    /// <summary>
    /// Usual ESR of a new general-purpose aluminium electrolytic, ohms. At 120 Hz it is tan δ/(2πfC). Above, ESR falls as
    /// the loss of the oxide falls; the ratio follows from the ripple-current multipliers of such data sheets
    /// (1.30 at 1 kHz, 1.45 at 10 kHz, 1.50 at 100 kHz: ESR goes with one over the multiplier squared). Interpolated in the logarithm of frequency.
    /// </summary>
    public static double TypicalEsrOhms(double microfarads, double ratedVolts, double hertz, double ratioAt100Kilohertz = 0.44)
    {
        var at120 = TanDelta(microfarads, ratedVolts) / (2 * Math.PI * 120 * microfarads * 1e-6);
        if (hertz <= 120)
        {
            return at120 * 120 / hertz;
        }

        (double Log, double Ratio)[] curve =
        [
            (Math.Log10(120), 1),
            (3, Math.Max(.59, ratioAt100Kilohertz)),
            (4, Math.Max(.48, ratioAt100Kilohertz)),
            (5, ratioAt100Kilohertz),
        ];
        var log = Math.Log10(hertz);
        for (var i = 1; i < curve.Length; i++)
        {
            if (log <= curve[i].Log)
            {
                var t = (log - curve[i - 1].Log) / (curve[i].Log - curve[i - 1].Log);
                return at120 * (curve[i - 1].Ratio + t * (curve[i].Ratio - curve[i - 1].Ratio));
            }
        }

        return at120 * ratioAt100Kilohertz;
    }

    /// <summary>Most ESR that is still sound, ohms; null where neither a data sheet nor the kind gives one.</summary>
    public static (double Ohms, string Source)? EsrLimit(CapacitorSpec spec, double hertz, CapacitorLimits limits)
    {
        if (spec.EsrOhms is { } sheet)
        {
            return (sheet * limits.EsrFactor, $"{Si.Plain(limits.EsrFactor)} times the data sheet's {Si.Format(sheet, "Ω")}");
        }

        return spec.Kind.IsAluminium() && spec.RatedVolts is { } volts
            ? (
                TypicalEsrOhms(spec.Microfarads, volts, hertz, limits.EsrRatioAt100Kilohertz) * limits.EsrFactor,
                $"{Si.Plain(limits.EsrFactor)} times tan δ/(2πfC) of a new part, at {Si.Format(hertz, "Hz")}"
            )
            : null;
    }

    /// <exception cref="InvalidInputException">A figure is negative, not finite, or no part has it.</exception>
    public static Verdict Judge(
        string designator,
        CapacitorSpec spec,
        IReadOnlyCollection<CapacitorSign> signs,
        CapacitorReadings r,
        CapacitorLimits? limits = null
    )
    {
        limits ??= new();
        Check(spec, r);
        var question = $"Is {designator} sound?";
        var bad = new List<(string Short, Reason Reason)>();
        var good = new List<Reason>();
        var cautions = spec.Kind.IsMainsFilter() ? [CautionId.LineFilterCapacitor] : Array.Empty<CautionId>();
        var founded = r.Any ? Basis.Measured : Basis.Rule;

        foreach (var sign in signs.Where(s => s is CapacitorSign.Bulging or CapacitorSign.Weeping or CapacitorSign.Cracked))
        {
            bad.Add(
                (
                    sign switch
                    {
                        CapacitorSign.Bulging => "bulges",
                        CapacitorSign.Weeping => "weeps",
                        _ => "is cracked",
                    },
                    new(
                        sign switch
                        {
                            CapacitorSign.Bulging => "Its vent has risen: gas has formed inside.",
                            CapacitorSign.Weeping => "Its electrolyte is outside; it eats pads and traces while it stays.",
                            _ => "Its case is cracked and lets damp in.",
                        },
                        Source: "a leaking, bulging or cracked part stays under neither school"
                    )
                )
            );
        }

        if (r.Microfarads is { } c)
        {
            if (UnitSlip(c / spec.Microfarads) is { } slip)
            {
                return Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"The reading of {Si.Format(c * 1e-6, "F")} on a {Si.Format(spec.Microfarads * 1e-6, "F")} part looks like {slip}: read it again.",
                        Basis.Guess,
                        new Reason(
                            "A thousand times too much or too little is a slip of the unit far more often than a fault.",
                            new("Capacitance", c * 1e-6, "F")
                        )
                    )
                    .Changing("The same reading with its unit checked on the meter.")
                    .With(cautions);
            }

            JudgeCapacitance(c, spec, r, limits, bad, good);
        }

        if (r.EsrOhms is { } esr)
        {
            JudgeEsr(esr, spec, r, limits, bad, good);
        }

        if (r.LeakageMicroamps is { } leak && !r.InCircuit)
        {
            var most = Math.Max(limits.LeakagePerCapacitanceVolt * spec.Microfarads * (spec.RatedVolts ?? 0), limits.LeakageFloorMicroamps);
            var reason = new Reason(
                $"Leakage {Si.Plain(leak)} µA, limit {Si.Plain(most)} µA.",
                new("Leakage", Si.Tidy(leak * 1e-6), "A", null, Si.Tidy(most * 1e-6)),
                "0.01·C·V or 3 µA, whichever is greater"
            );
            if (leak > most)
            {
                bad.Add(($"leaks {Si.Plain(leak)} µA", reason));
            }
            else
            {
                good.Add(reason);
            }
        }

        if (bad.Count > 0)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"{designator} comes out. It {Words.And(bad.Select(b => b.Short))}.",
                    founded,
                    [.. bad.Select(b => b.Reason), .. good]
                )
                .Changing(r.Any && signs.Count == 0 ? ["A second reading out of circuit that is within all limits."] : [])
                .With(cautions);
        }

        if (!r.Any)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"{designator} has not been measured.",
                    Basis.Guess,
                    new Reason($"Nothing can be seen on it, and a {spec.Kind.Words()} fails without showing.")
                )
                .Changing("Capacitance and ESR, with one leg lifted.")
                .With(cautions);
        }

        if (r.InCircuit)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"Measure {designator} out of circuit: what lies beside it on the board can hide its fault.",
                    Basis.Measured,
                    [
                        .. good,
                        new Reason(
                            "Parallel paths add capacitance and lower resistance, so a good reading in circuit proves little; a bad one stands.",
                            Source: "parallel impedances"
                        ),
                    ]
                )
                .Changing("The same readings with one leg lifted.")
                .With(cautions);
        }

        if (good.Count == 0 || (r.EsrOhms is null && spec.Kind.IsAluminium()))
        {
            return Verdict
                .Of(question, Outcome.YesIf, $"{designator} holds its capacitance; it is sound if its ESR is too.", Basis.Measured, good)
                .Changing("Its ESR: electrolyte dries out long before capacitance falls.")
                .With(cautions);
        }

        return Verdict
            .Of(question, Outcome.Yes, $"{designator} is sound.", Basis.Measured, good)
            .Changing("A reading when it is warm, or a year from now.")
            .With(cautions);
    }

    static void JudgeCapacitance(
        double c,
        CapacitorSpec spec,
        CapacitorReadings r,
        CapacitorLimits limits,
        List<(string, Reason)> bad,
        List<Reason> good
    )
    {
        var least = spec.Microfarads * (1 - limits.CapacitanceLossShare);
        var most = spec.Microfarads * (1 + spec.TolerancePlusShare + limits.HighShare);
        var change = (c / spec.Microfarads - 1) * 100;
        var figure = new Figure("Capacitance", Si.Tidy(c * 1e-6), "F", Si.Tidy(least * 1e-6), Si.Tidy(most * 1e-6));
        if (c < least)
        {
            bad.Add(
                (
                    $"has lost {Si.Plain(Math.Round(-change))} % of its capacitance",
                    new(
                        $"{Si.Format(c * 1e-6, "F")} of {Si.Format(spec.Microfarads * 1e-6, "F")}: less than {Si.Format(least * 1e-6, "F")}.",
                        figure,
                        EndOfLife
                    )
                )
            );
        }
        else if (c > most && !r.InCircuit)
        {
            bad.Add(
                (
                    $"reads {Si.Plain(Math.Round(change))} % high, which is leakage and not health",
                    new(
                        $"{Si.Format(c * 1e-6, "F")} on a {Si.Format(spec.Microfarads * 1e-6, "F")} part: a leaking dielectric loads the meter as more capacitance would.",
                        figure,
                        "capacitance meters time a charge; leakage lengthens it"
                    )
                )
            );
        }
        else
        {
            if (c > most)
            {
                good.Add(
                    new(
                        $"{Si.Plain(Math.Round(change))} % high in circuit proves nothing: parts beside it add theirs.",
                        Source: "parallel impedances"
                    )
                );
            }
            good.Add(
                new(
                    $"{Si.Format(c * 1e-6, "F")} of {Si.Format(spec.Microfarads * 1e-6, "F")}, {(change < 0 ? "" : "+")}{Si.Plain(Math.Round(change))} %.",
                    figure,
                    EndOfLife
                )
            );
        }
    }

    static void JudgeEsr(
        double esr,
        CapacitorSpec spec,
        CapacitorReadings r,
        CapacitorLimits limits,
        List<(string, Reason)> bad,
        List<Reason> good
    )
    {
        if (EsrLimit(spec, r.EsrFrequencyHertz, limits) is not { } limit)
        {
            good.Add(
                new($"ESR {Si.Format(esr, "Ω")}; no limit is known for a {spec.Kind.Words()} without its data sheet.", new("ESR", esr, "Ω"))
            );
        }
        else if (esr > limit.Ohms)
        {
            bad.Add(
                (
                    $"has an ESR of {Si.Format(esr, "Ω")}",
                    new(
                        $"ESR {Si.Format(esr, "Ω")}, limit {Si.Format(limit.Ohms, "Ω")}.",
                        new("ESR", esr, "Ω", null, limit.Ohms),
                        limit.Source
                    )
                )
            );
        }
        else
        {
            good.Add(
                new($"ESR {Si.Format(esr, "Ω")}, limit {Si.Format(limit.Ohms, "Ω")}.", new("ESR", esr, "Ω", null, limit.Ohms), limit.Source)
            );
        }
    }

    /// <summary>A reading within a factor of two of a thousand or a thousandth of nominal.</summary>
    static string? UnitSlip(double ratio) =>
        ratio switch
        {
            > 500 and < 2000 => "nanofarads taken for microfarads, or microfarads for millifarads",
            > 0.0005 and < 0.002 => "microfarads taken for nanofarads",
            _ => null,
        };

    internal static void Check(CapacitorSpec spec, CapacitorReadings? r = null)
    {
        InvalidInputException.Finite("microfarads", spec.Microfarads, 1e-7, 1e8, "µF");
        InvalidInputException.Finite("ratedVolts", spec.RatedVolts, 0.5, 100_000, "V");
        InvalidInputException.Finite("toleranceMinusShare", spec.ToleranceMinusShare, 0, 0.95, "");
        InvalidInputException.Finite("tolerancePlusShare", spec.TolerancePlusShare, 0, 5, "");
        InvalidInputException.Finite("maxCelsius", spec.MaxCelsius, -20, 300, "°C");
        InvalidInputException.Finite("esrOhms", spec.EsrOhms, 0, 1e6, "Ω");
        InvalidInputException.Finite("diameterMillimetres", spec.DiameterMillimetres, 0.2, 200, "mm");
        InvalidInputException.Finite("heightMillimetres", spec.HeightMillimetres, 0.2, 300, "mm");
        InvalidInputException.Finite("leadPitchMillimetres", spec.LeadPitchMillimetres, 0.2, 200, "mm");
        if (r is not null)
        {
            InvalidInputException.Finite("readings.microfarads", r.Microfarads, 0, 1e8, "µF");
            InvalidInputException.Finite("readings.esrOhms", r.EsrOhms, 0, 1e8, "Ω");
            InvalidInputException.Finite("readings.esrFrequencyHertz", r.EsrFrequencyHertz, 1, 1e8, "Hz");
            InvalidInputException.Finite("readings.leakageMicroamps", r.LeakageMicroamps, 0, 1e9, "µA");
        }
    }
}
