using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>What each reading says by itself.</summary>
public static partial class CapacitorJudge
{
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
        // What it has lost is counted from where it began, where somebody read that.
        var lost = (1 - c / began) * 100;
        var figure = new Figure("Capacitance", Si.Tidy(c * 1e-6), "F", Si.Tidy(least * 1e-6), Si.Tidy(most * 1e-6));
        if (c < least)
        {
            bad.Add(
                (
                    $"has lost {Si.Plain(Math.Round(lost))} % of its capacitance",
                    new(
                        $"{Si.Format(c * 1e-6, "F")} of {Si.Format(began * 1e-6, "F")}{(r.FirstMicrofarads is null ? "" : " at its first reading")}: less than {Si.Format(least * 1e-6, "F")}.",
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

    /// <summary>From here an ESR may be milliohms typed as ohms: a sound electrolytic of a few milliohms is none of the old ones.</summary>
    const double SlipOhms = 5;

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
        if (!spec.Kind.IsElectrolytic() && spec.Kind != CapacitorKind.Unknown)
        {
            var film = FilmOhms(spec, r.EsrFrequencyHertz, limits);
            if (esr > film)
            {
                bad.Add(
                    (
                        $"has an ESR of {Si.Format(esr, "Ω")}",
                        new(
                            $"ESR {Si.Format(esr, "Ω")}, and a {spec.Kind.Words()} of this value has less than {Si.Format(film, "Ω")}.",
                            new("ESR", esr, "Ω", null, film),
                            $"{Si.Plain(limits.EsrFactor)} times tan δ/(2πfC) at the greatest usual loss of its kind"
                        )
                    )
                );
                return;
            }
            good.Add(new($"ESR {Si.Format(esr, "Ω")}; a {spec.Kind.Words()} is not judged by it.", new("ESR", esr, "Ω")));
            return;
        }
        (double Ohms, string Source)? known = r.FirstEsrOhms is { } first
            ? (first * limits.EsrFactor, $"{Si.Plain(limits.EsrFactor)} times the {Si.Format(first, "Ω")} that it had when new")
            : EsrLimit(spec, r.EsrFrequencyHertz, limits);
        var most = known?.Ohms ?? WorstOhms(spec, r.EsrFrequencyHertz, limits);
        if (r.EsrReadTwice != ThreeState.Yes && esr >= SlipOhms && esr / 1000 <= most && esr / 1000 >= most / 50)
        {
            doubts.Add(
                new(
                    Outcome.Unknown,
                    $"{designator}: {Si.Format(esr, "Ω")} of ESR looks like milliohms typed as ohms: read it again.",
                    new($"{Si.Format(esr / 1000, "Ω")} is what such a part has, limit {Si.Format(most, "Ω")}.", new("ESR", esr, "Ω")),
                    "The same reading with its unit checked on the meter; read alike twice, it stands."
                )
            );
            return;
        }
        // Leads only add: what is within the limit with them is within it, and what is above it by less than they add may be.
        if (esr > most && esr - r.EsrOffBy <= most)
        {
            doubts.Add(
                new(
                    Outcome.Unknown,
                    $"Cannot say of {designator}: it reads {Si.Format(esr, "Ω")}, of which the leads may be up to {Si.Format(r.EsrOffBy, "Ω")}, and the limit is {Si.Format(most, "Ω")}.",
                    new("Milliohms take four wires, or leads zeroed on each other.", new("ESR", esr, "Ω", null, most)),
                    "Its ESR by four wires, or with the leads zeroed on each other."
                )
            );
            return;
        }
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
}
