using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>Is this capacitor sound? Judges readings and signs against limits.</summary>
public static partial class CapacitorJudge
{
    /// <summary>Up to here a lay person measures leakage with a bench supply; above it is work for somebody trained. A house limit, under the 60 V DC of IEC 61140.</summary>
    public const double MostLeakageVolts = 50;

    const string EndOfLife = "end-of-life criteria of IEC 60384-4";

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
        if (r.Microfarads is null)
        {
            doubts.Insert(
                0,
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
            .Changing(
                r.LeakageMicroamps is null && spec.Kind.IsElectrolytic()
                    ?
                    [
                        "Its leakage at rated volts, after two minutes: it may fail a part that reads well.",
                        "A reading when it is warm, or a year from now.",
                    ]
                    : ["A reading when it is warm, or a year from now."]
            )
            .With(cautions);
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
        if (spec.Contradicts)
        {
            throw new InvalidInputException(
                "polarised",
                $"A {spec.Kind.Words()} has a plus and a minus. If this one has none, its kind is “bipolar electrolytic”: say that."
            );
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
