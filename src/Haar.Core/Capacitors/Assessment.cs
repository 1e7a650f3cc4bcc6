using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>Where one part stands on the map.</summary>
public enum CapacitorStand
{
    NotMeasured = 0,
    Sound,
    ComesOut,
    Exchanging,
    Exchanged,

    /// <summary>Measured, and what it may read is not known: another reading would not settle it.</summary>
    Undecided,
}

/// <param name="Stand">For the map and the list.</param>
/// <param name="ComesOut">Under the machine's school.</param>
/// <param name="Sound">By signs and readings alone.</param>
public sealed record CapacitorAssessment(
    Capacitor Capacitor,
    CapacitorReadings Readings,
    CapacitorRiskResult Risk,
    Verdict Sound,
    Verdict ComesOut,
    CapacitorStand Stand
)
{
    /// <summary>Why a person decided against <see cref="ComesOut"/>, on these facts; null when nobody did.</summary>
    public string? Overruled { get; init; }

    /// <summary>Somebody decided against it once, and the facts are others since.</summary>
    public bool OverruleLapsed { get; init; }

    /// <summary>What such a decision would be about.</summary>
    public required Acts.Overrulable Decision { get; init; }
}

/// <summary>Every capacitor of a machine, judged.</summary>
public static class CapacitorAssessments
{
    public static IReadOnlyList<CapacitorAssessment> Of(MachineFacts facts, int thisYear)
    {
        var m = facts.Machine;
        int? made = (m.YearTo ?? m.YearFrom) is { } year ? Math.Clamp(year, 1900, thisYear) : null;
        var bySubject = facts.Readings.Where(r => r.SubjectKind == SubjectKind.Capacitor).ToLookup(r => r.SubjectId);
        return [.. facts.Capacitors.Select(c => Assess(c, bySubject[c.Id], made, thisYear, m.RecapPolicy, facts))];
    }

    static CapacitorAssessment Assess(
        Capacitor c,
        IEnumerable<Reading> readings,
        int? made,
        int thisYear,
        RecapPolicy school,
        MachineFacts facts
    )
    {
        var fitted = c.Fitting.FittedAt is not null;
        var r = MachineFacts.ReadingsOf(c, readings);
        var signs = fitted ? [] : (IReadOnlyCollection<CapacitorSign>)c.Signs;
        var sound = CapacitorJudge.Judge(c.Designator, c.Spec, signs, r);
        var risk = CapacitorRisk.Rank(c.Spec, c.Role, c.Signs, made, thisYear);
        var comesOut = CapacitorRisk.ComesOut(c.Designator, c.Spec, sound, risk, school);
        var decision = new Acts.Overrulable(
            Acts.OverruleKind.ComesOut,
            c.MachineId,
            c.Id.ToString(),
            Acts.Overrulable.Fingerprint(c.Spec, c.Role.ToString(), c.Signs, r, school.ToString(), comesOut.Outcome.ToString())
        );
        var given = facts.Overrules.Where(o => o.Key == decision.Key).ToList();
        var held = given.LastOrDefault(o => decision.HeldBy(o, Outcome.No));
        var kept = held is not null;
        // A new part that reads bad is not an exchanged one: it comes out as the old one did.
        var bad = fitted && sound.Outcome == Outcome.No;
        var stand =
            bad ? (kept ? CapacitorStand.Exchanged : CapacitorStand.ComesOut)
            : c.Fitting.Finished ? CapacitorStand.Exchanged
            : c.Fitting.Started ? CapacitorStand.Exchanging
            : comesOut.Outcome == Outcome.Yes ? (kept ? CapacitorStand.Sound : CapacitorStand.ComesOut)
            : comesOut.Outcome == Outcome.No ? (kept ? CapacitorStand.ComesOut : CapacitorStand.Sound)
            : CapacitorJudge.Complete(c.Spec, r) ? CapacitorStand.Undecided
            : CapacitorStand.NotMeasured;
        return new(c, r, risk, sound, comesOut, stand)
        {
            Overruled = held?.Reason,
            OverruleLapsed = held is null && given.Count > 0,
            Decision = decision,
        };
    }

    /// <summary>What a row says at its end: the reading that decided, or what is missing.</summary>
    public static string InBrief(CapacitorAssessment r)
    {
        var sign = r.Capacitor.Signs.FirstOrDefault(
            s => s is CapacitorSign.Weeping or CapacitorSign.Bulging or CapacitorSign.Cracked,
            (CapacitorSign)(-1)
        );
        if (r.Capacitor.Fitting.FittedAt is null && (int)sign >= 0)
        {
            return sign switch
            {
                CapacitorSign.Weeping => "weeps",
                CapacitorSign.Bulging => "bulges",
                _ => "is cracked",
            };
        }
        if (r.Readings.InCircuit)
        {
            return "measure out of circuit";
        }
        if (!r.Readings.Any)
        {
            return r.Stand == CapacitorStand.ComesOut ? "by kind and age" : "not measured";
        }
        var change =
            r.Readings.Microfarads is { } c && r.Capacitor.Spec.ValueKnown
                ? Math.Round((c / r.Capacitor.Spec.Microfarads - 1) * 100)
                : (double?)null;
        return string.Join(
            ", ",
            new[]
            {
                change is { } d ? $"{(d > 0 ? "+" : "")}{Si.Plain(d)} %"
                : r.Readings.Microfarads is { } left ? Si.Format(left * 1e-6, "F")
                : "",
                r.Readings.EsrOhms is { } e ? Si.Format(e, "Ω", 2) : "",
                r.Readings.LeakageMicroamps is { } l ? $"leaks {Si.Plain(l)} µA" : "",
            }.Where(s => s.Length > 0)
        );
    }

    /// <summary>The order of the list: what the hand has begun, what comes out, what is not known, then the rest; within these the riskiest first.</summary>
    public static IEnumerable<CapacitorAssessment> ByUrgency(IEnumerable<CapacitorAssessment> rows) =>
        rows.OrderBy(r =>
                r.Stand switch
                {
                    CapacitorStand.Exchanging => 0,
                    CapacitorStand.ComesOut => 1,
                    CapacitorStand.NotMeasured => 2,
                    CapacitorStand.Undecided => 3,
                    CapacitorStand.Exchanged => 4,
                    _ => 5,
                }
            )
            .ThenByDescending(r => r.Risk.Score)
            .ThenBy(r => r.Capacitor.Designator, Designators.InOrder);

    /// <summary>The forecast's own view of them.</summary>
    public static IReadOnlyList<ForecastPart> ForForecast(IEnumerable<CapacitorAssessment> rows) =>
        [
            .. rows.Where(r => r.Stand is not (CapacitorStand.Exchanged or CapacitorStand.Exchanging))
                .Select(r => new ForecastPart(
                    r.Capacitor.Designator,
                    r.Capacitor.Spec.Kind,
                    r.Risk.Score,
                    CapacitorRisk.ComesOut(r.Capacitor.Designator, r.Capacitor.Spec, r.Sound, r.Risk, RecapPolicy.Evidence).Outcome
                        == Outcome.Yes,
                    r.Capacitor.Spec.Kind == CapacitorKind.MainsFilterPaper,
                    r.Capacitor.Signs.Contains(CapacitorSign.Weeping)
                )),
        ];
}
