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

    /// <summary>What this very part read when it was new; null where nobody knows. End of life counts from there, and from the nominal value only in its place.</summary>
    public double? FirstMicrofarads { get; init; }
    public double? FirstEsrOhms { get; init; }

    /// <summary>It is new: this is its first reading, and it has lost nothing yet.</summary>
    public bool Fresh { get; init; }

    public bool Any => Microfarads is not null || EsrOhms is not null || LeakageMicroamps is not null;
}

/// <param name="Ohms">Null where nothing gives a limit.</param>
public sealed record EsrLimitResult(double? Ohms, Verdict Verdict);

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
        // Above 100 V it rises again: .15 to .25 by maker; the greater, since a limit must not be met by guessing.
        (160, .25),
    ];

    /// <summary>Up to here a lay person measures leakage with a bench supply; above it is work for somebody trained. A house limit, under the 60 V DC of IEC 61140.</summary>
    public const double MostLeakageVolts = 50;

    const string EndOfLife = "end-of-life criteria of IEC 60384-4";

    /// <summary>Dissipation factor at 120 Hz: by rated volts, plus 0.02 for each full 1000 µF above 1000. Between two ratings the lower one's (higher) figure is taken; below 6.3 V that of 6.3 V, from 160 V .25, the most that makers print there.</summary>
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

        // A low-ESR part is made to far less than general-purpose loss: only its own sheet says to how much.
        return spec.Kind.IsAluminium() && spec.Kind != CapacitorKind.AluminiumLowEsr && spec.RatedVolts is { } volts
            ? (
                TypicalEsrOhms(spec.Microfarads, volts, hertz, limits.EsrRatioAt100Kilohertz) * limits.EsrFactor,
                $"{Si.Plain(limits.EsrFactor)} times tan δ/(2πfC) of a new part, at {Si.Format(hertz, "Hz")}"
            )
            : null;
    }

    /// <summary>What ESR a part may have, asked without a part in hand.</summary>
    /// <exception cref="InvalidInputException">A figure that no part has.</exception>
    public static EsrLimitResult MostEsr(CapacitorKind kind, double microfarads, double? ratedVolts, double? sheetEsrOhms, double hertz)
    {
        InvalidInputException.Finite("microfarads", microfarads, 1e-6, 1e8, "µF");
        InvalidInputException.Finite("hertz", hertz, 20, 2e6, "Hz");
        if (ratedVolts is { } v)
        {
            InvalidInputException.Finite("ratedVolts", v, 0.5, 100_000, "V");
        }
        if (sheetEsrOhms is { } s)
        {
            InvalidInputException.Finite("sheetEsrOhms", s, 1e-4, 1e4, "Ω");
        }
        var spec = new CapacitorSpec
        {
            Kind = kind,
            Microfarads = microfarads,
            RatedVolts = ratedVolts,
            EsrOhms = sheetEsrOhms,
            EsrFrequencyHertz = hertz,
        };
        var limits = new CapacitorLimits();
        const string question = "What ESR may it have?";
        if (EsrLimit(spec, hertz, limits) is { } limit)
        {
            return new(
                Si.Tidy(limit.Ohms),
                Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        $"Up to {Si.Format(limit.Ohms, "Ω")} at {Si.Format(hertz, "Hz")}; above that it comes out.",
                        Basis.Rule,
                        new Reason($"The limit is {limit.Source}.", new("Most ESR", Si.Tidy(limit.Ohms), "Ω"), limit.Source)
                    )
                    .Changing("Its own data sheet.")
            );
        }
        var (sentence, settles) =
            kind == CapacitorKind.Unknown ? ("What kind it is decides that: look at its case and its stripe.", "Its kind.")
            : kind.IsAluminium() && ratedVolts is null ? ("Its rated volts decide that.", "Its rated volts, or its data sheet.")
            : kind.IsElectrolytic()
                ? ($"A {kind.Words()} has no usual ESR: only its own data sheet says what it may have.", "The ESR of its data sheet.")
            : ($"A {kind.Words()} is not judged by its ESR.", "Its capacitance.");
        return new(null, Verdict.Of(question, Outcome.Unknown, sentence, Basis.Rule).Changing(settles));
    }

    /// <summary>What no electrolytic of this value is sound above, whatever its kind and volts: twice the loss of the poorest general-purpose one. It proves a part bad, never good.</summary>
    static double WorstOhms(CapacitorSpec spec, double hertz, CapacitorLimits limits) =>
        TypicalEsrOhms(spec.Microfarads, TanDeltaByVolts[0].Volts, hertz, limits.EsrRatioAt100Kilohertz) * limits.EsrFactor;

    /// <summary>Something that keeps a part from being called sound, and what would settle it.</summary>
    readonly record struct Doubt(Outcome Outcome, string Sentence, Reason Reason, string Settles);

    /// <summary>All that a meter gives has been read, out of circuit and without a slip of the unit: what is still open is a fact that no reading brings.</summary>
    public static bool Complete(CapacitorSpec spec, CapacitorReadings r) =>
        r is { InCircuit: false, Microfarads: { } c }
        && UnitSlip(c / spec.Microfarads) is null
        && (r.EsrOhms is not null || !spec.Kind.IsElectrolytic());

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
        Check(spec, r, place: true);
        var question = $"Is {designator} sound?";
        var bad = new List<(string Short, Reason Reason)>();
        var good = new List<Reason>();
        var doubts = new List<Doubt>();
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

        if (!spec.ValueKnown)
        {
            if (bad.Count == 0)
            {
                return Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"Nobody could read what {designator} is, and so not what it may measure.",
                        Basis.Guess,
                        new Reason(
                            r.Microfarads is { } left
                                ? $"It reads {Si.Format(left * 1e-6, "F")}: an aged part has lost some of what was printed, so that is no value to buy by."
                                : "Its marking is not readable.",
                            r.Microfarads is { } figure ? new("Capacitance", figure * 1e-6, "F") : null
                        )
                    )
                    .Changing("Its value: from a plan of the board, a twin beside it, or the same place on another board.")
                    .With(cautions);
            }
            // What is seen is enough; what was read has nothing to be held against.
            r = r with
            {
                Microfarads = null,
                EsrOhms = null,
                LeakageMicroamps = null,
            };
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

            JudgeCapacitance(designator, c, spec, r, limits, bad, good, doubts);
        }

        if (r.EsrOhms is { } esr)
        {
            JudgeEsr(designator, esr, spec, r, limits, bad, good, doubts);
        }

        if (r.LeakageMicroamps is { } leak && !r.InCircuit)
        {
            var most = Math.Max(limits.LeakagePerCapacitanceVolt * spec.Microfarads * (spec.RatedVolts ?? 0), limits.LeakageFloorMicroamps);
            var reason = new Reason(
                $"Leakage {Si.Plain(leak)} µA, limit {Si.Plain(most)} µA.",
                new("Leakage", Si.Tidy(leak * 1e-6), "A", null, Si.Tidy(most * 1e-6)),
                "0.01·C·V or 3 µA, whichever is greater"
            );
            if (spec.Kind.IsMainsFilter())
            {
                doubts.Add(
                    new(
                        Outcome.Unknown,
                        $"{designator} sits on the mains side: its leakage is not measured here.",
                        new("What is across the mains is exchanged for a part with its own safety mark.", Source: "IEC 60384-14"),
                        "A part with its own safety mark."
                    )
                );
            }
            else if (leak > most && spec.RatedVolts is null && leak > limits.LeakageFloorMicroamps)
            {
                doubts.Add(
                    new(
                        Outcome.Unknown,
                        $"{designator} leaks {Si.Plain(leak)} µA; what it may is not known without its rated volts.",
                        reason,
                        "Its rated volts."
                    )
                );
            }
            else if (leak > most)
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

        if (spec.Kind == CapacitorKind.Unknown)
        {
            doubts.Insert(
                0,
                new(
                    Outcome.Unknown,
                    $"Nobody knows what kind {designator} is, and so not what it may read.",
                    new("A film part keeps its value for decades, an electrolytic does not."),
                    "Its kind: look at its case, its marking, its stripe."
                )
            );
        }
        if (r.EsrOhms is null && spec.Kind.IsAluminium())
        {
            doubts.Add(
                new(
                    Outcome.YesIf,
                    $"{designator} holds its capacitance; it is sound if its ESR is too.",
                    new("Electrolyte dries out long before capacitance falls."),
                    "Its ESR: electrolyte dries out long before capacitance falls."
                )
            );
        }
        else if (r.EsrOhms is null && spec.Kind.IsElectrolytic())
        {
            doubts.Add(
                new(
                    Outcome.YesIf,
                    $"{designator} holds its capacitance; it is sound if its leakage and ESR are too.",
                    new($"A {spec.Kind.Words()} fails by leaking, while its capacitance still reads well."),
                    "Its leakage at rated volts, after two minutes; its ESR against its data sheet."
                )
            );
        }
        if (r.Microfarads is null && good.Count > 0)
        {
            doubts.Add(
                new(
                    Outcome.YesIf,
                    $"{designator} is sound if its capacitance is too.",
                    new("One reading of two says nothing of the other."),
                    "Its capacitance."
                )
            );
        }
        if (good.Count == 0 && doubts.Count == 0)
        {
            doubts.Add(
                new(
                    Outcome.Unknown,
                    $"What was read says nothing of {designator}.",
                    new("There is no limit to hold it against."),
                    "Its capacitance and ESR."
                )
            );
        }
        // Not known before on a condition; the first of each says it.
        if (doubts.Count > 0)
        {
            var first = doubts.Any(d => d.Outcome == Outcome.Unknown) ? doubts.First(d => d.Outcome == Outcome.Unknown) : doubts[0];
            return Verdict
                .Of(question, first.Outcome, first.Sentence, Basis.Measured, [.. doubts.Select(d => d.Reason), .. good])
                .Changing(doubts.Select(d => d.Settles).Distinct())
                .With(cautions);
        }

        return Verdict
            .Of(question, Outcome.Yes, $"{designator} is sound.", Basis.Measured, good)
            .Changing("A reading when it is warm, or a year from now.")
            .With(cautions);
    }

    static void JudgeCapacitance(
        string designator,
        double c,
        CapacitorSpec spec,
        CapacitorReadings r,
        CapacitorLimits limits,
        List<(string, Reason)> bad,
        List<Reason> good,
        List<Doubt> doubts
    )
    {
        var began = r.FirstMicrofarads ?? spec.Microfarads;
        // From nominal it may have begun as low as its tolerance allows: dead below that, suspect above it.
        var suspect = began * (1 - limits.CapacitanceLossShare);
        var least = r.FirstMicrofarads is null && !r.Fresh ? suspect * (1 - spec.ToleranceMinusShare) : suspect;
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
        else if (c < suspect)
        {
            doubts.Add(
                new(
                    Outcome.Unknown,
                    $"{designator} reads {Si.Plain(Math.Round(-change))} % low: it may have begun so, or be at its end.",
                    new(
                        $"{Si.Format(c * 1e-6, "F")} of {Si.Format(spec.Microfarads * 1e-6, "F")}: under {Si.Format(suspect * 1e-6, "F")}, and a new one may be as low as {Si.Format(spec.Microfarads * (1 - spec.ToleranceMinusShare) * 1e-6, "F")}.",
                        figure,
                        EndOfLife
                    ),
                    "What it read when it was new, or its neighbours of the same batch."
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
        string designator,
        double esr,
        CapacitorSpec spec,
        CapacitorReadings r,
        CapacitorLimits limits,
        List<(string, Reason)> bad,
        List<Reason> good,
        List<Doubt> doubts
    )
    {
        if (!spec.Kind.IsElectrolytic() && spec.Kind != CapacitorKind.Unknown && esr <= WorstOhms(spec, r.EsrFrequencyHertz, limits))
        {
            good.Add(new($"ESR {Si.Format(esr, "Ω")}; a {spec.Kind.Words()} is not judged by it.", new("ESR", esr, "Ω")));
            return;
        }
        (double Ohms, string Source)? known = r.FirstEsrOhms is { } first
            ? (first * limits.EsrFactor, $"{Si.Plain(limits.EsrFactor)} times the {Si.Format(first, "Ω")} that it had when new")
            : EsrLimit(spec, r.EsrFrequencyHertz, limits);
        if (known is not { } limit)
        {
            var worst = WorstOhms(spec, r.EsrFrequencyHertz, limits);
            if (esr > worst)
            {
                bad.Add(
                    (
                        $"has an ESR of {Si.Format(esr, "Ω")}",
                        new(
                            $"ESR {Si.Format(esr, "Ω")}; even the poorest electrolytic of this value is sound up to {Si.Format(worst, "Ω")} only.",
                            new("ESR", esr, "Ω", null, worst),
                            $"{Si.Plain(limits.EsrFactor)} times tan δ/(2πfC) at the greatest usual loss"
                        )
                    )
                );
                return;
            }
            doubts.Add(
                new(
                    spec.Kind == CapacitorKind.Unknown ? Outcome.Unknown : Outcome.YesIf,
                    $"{designator} has an ESR of {Si.Format(esr, "Ω")}; it is sound if its data sheet allows that.",
                    new(
                        $"What a {spec.Kind.Words()}{(spec.RatedVolts is null ? " of unknown volts" : "")} may have is not known without its sheet.",
                        new("ESR", esr, "Ω")
                    ),
                    spec.RatedVolts is null ? "Its rated volts, or the ESR of its data sheet." : "The ESR of its data sheet."
                )
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
            var within = new Reason(
                $"ESR {Si.Format(esr, "Ω")}, limit {Si.Format(limit.Ohms, "Ω")}.",
                new("ESR", esr, "Ω", null, limit.Ohms),
                limit.Source
            );
            // What is printed is the most that a new one has; most have far less, so above it a part has aged or is a poor one.
            if (r.FirstEsrOhms is null && esr > limit.Ohms / limits.EsrFactor)
            {
                doubts.Add(
                    new(
                        Outcome.YesIf,
                        $"{designator} is sound if its ESR was as high as {Si.Format(esr, "Ω")} from the start.",
                        within,
                        "What it read when it was new, or a new one of its kind beside it."
                    )
                );
            }
            else
            {
                good.Add(within);
            }
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

    /// <param name="place">Of a place on a board, whose value nobody may have been able to read; a part in hand has one.</param>
    internal static void Check(CapacitorSpec spec, CapacitorReadings? r = null, bool place = false)
    {
        if (!(place && spec.Microfarads == 0))
        {
            InvalidInputException.Finite("microfarads", spec.Microfarads, 1e-7, 1e8, "µF");
        }
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
            InvalidInputException.Finite("readings.firstMicrofarads", r.FirstMicrofarads, 1e-7, 1e8, "µF");
            InvalidInputException.Finite("readings.firstEsrOhms", r.FirstEsrOhms, 0, 1e8, "Ω");
            InvalidInputException.Finite("readings.leakageMicroamps", r.LeakageMicroamps, 0, 1e9, "µA");
        }
    }
}
