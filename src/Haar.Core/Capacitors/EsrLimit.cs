using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <param name="Ohms">Null where nothing gives a limit.</param>
public sealed record EsrLimitResult(double? Ohms, Verdict Verdict);

/// <summary>How much series resistance a part may have: by its sheet, or by the usual loss of its kind.</summary>
public static partial class CapacitorJudge
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
        return spec.ValueKnown && spec.Kind.IsAluminium() && spec.Kind != CapacitorKind.AluminiumLowEsr && spec.RatedVolts is { } volts
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

    /// <summary>Greatest usual dissipation factor up to 100 kHz: polyester film by IEC 60384-2, ceramics of the poorest class by IEC 60384-9; and what clips and leads add, a house figure.</summary>
    const double FilmTanDelta = 0.03,
        CeramicTanDelta = 0.1,
        LeadsOhms = 0.5;

    /// <summary>What no film or ceramic part of this value is sound above, ohms.</summary>
    static double FilmOhms(CapacitorSpec spec, double hertz, CapacitorLimits limits) =>
        LeadsOhms
        + limits.EsrFactor
            * (spec.Kind == CapacitorKind.Ceramic ? CeramicTanDelta : FilmTanDelta)
            / (2 * Math.PI * hertz * spec.Microfarads * 1e-6);

    /// <summary>What no electrolytic of this value is sound above, whatever its kind and volts: twice the loss of the poorest general-purpose one. It proves a part bad, never good.</summary>
    static double WorstOhms(CapacitorSpec spec, double hertz, CapacitorLimits limits) =>
        TypicalEsrOhms(spec.Microfarads, TanDeltaByVolts[0].Volts, hertz, limits.EsrRatioAt100Kilohertz) * limits.EsrFactor;
}
