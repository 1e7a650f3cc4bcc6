using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

public enum Joined
{
    Parallel = 0,
    Series,
}

/// <param name="Parts">The two parts; twice the same when one kind serves.</param>
/// <param name="Spec">What the two are together.</param>
/// <param name="Needs">What else is needed, such as balancing resistors.</param>
public sealed record PairOption(
    Joined Joined,
    IReadOnlyList<DrawerCandidate> Parts,
    CapacitorSpec Spec,
    string Needs,
    Verdict Verdict,
    IReadOnlyList<SubstitutionRule> Rules
);

/// <summary>Two parts where one will not do: in parallel they add capacitance, in series volts. Never across the mains.</summary>
public static class Combination
{
    /// <summary>Current through balancing resistors against the leakage of the parts, so that the leakage does not share the volts out. Practice of makers' application notes.</summary>
    public const double BalancingFactor = 10;

    public static CapacitorSpec InParallel(CapacitorSpec a, CapacitorSpec b) =>
        a with
        {
            Kind = a.Kind == b.Kind ? a.Kind : CapacitorKind.Unknown,
            Microfarads = Si.Tidy(a.Microfarads + b.Microfarads),
            RatedVolts = Least(a.RatedVolts, b.RatedVolts),
            MaxCelsius = Least(a.MaxCelsius, b.MaxCelsius),
            HeightMillimetres = Most(a.HeightMillimetres, b.HeightMillimetres),
            // Ripple shares itself out by ESR; the pair bears what the weaker leaves it.
            EsrOhms = a.EsrOhms is { } x && b.EsrOhms is { } y && x + y > 0 ? x * y / (x + y) : null,
            RippleAmps = Shared(a, b),
            DiameterMillimetres = null,
            LeadPitchMillimetres = null,
            SafetyClass = null,
        };

    /// <summary>
    /// Ripple that two in parallel bear. It shares itself out by ESR, I₁/I₂ = R₂/R₁, so the part of the lower ESR is the first at its
    /// limit: I = min(I₁·(R₁ + R₂)/R₂, I₂·(R₁ + R₂)/R₁). Null where an ESR or a limit is not known.
    /// </summary>
    static double? Shared(CapacitorSpec a, CapacitorSpec b) =>
        a is { RippleAmps: { } i1, EsrOhms: { } r1 } && b is { RippleAmps: { } i2, EsrOhms: { } r2 } && r1 > 0 && r2 > 0
            ? Math.Min(i1 * (r1 + r2) / r2, i2 * (r1 + r2) / r1)
            : null;

    public static CapacitorSpec InSeries(CapacitorSpec a, CapacitorSpec b) =>
        a with
        {
            Kind = a.Kind == b.Kind ? a.Kind : CapacitorKind.Unknown,
            Microfarads = Si.Tidy(a.Microfarads * b.Microfarads / (a.Microfarads + b.Microfarads)),
            // With balancing resistors, and equal parts: twice the lower rating.
            RatedVolts = Least(a.RatedVolts, b.RatedVolts) * 2,
            MaxCelsius = Least(a.MaxCelsius, b.MaxCelsius),
            HeightMillimetres = Most(a.HeightMillimetres, b.HeightMillimetres),
            EsrOhms = a.EsrOhms + b.EsrOhms,
            RippleAmps = Least(a.RippleAmps, b.RippleAmps),
            DiameterMillimetres = null,
            LeadPitchMillimetres = null,
            SafetyClass = null,
        };

    /// <summary>Pairs that will do, best first: parallel before series, nearest value first. Empty across the mains, and where nobody knows the value.</summary>
    public static IReadOnlyList<PairOption> Find(
        CapacitorSpec original,
        CapacitorRole role,
        IReadOnlyList<DrawerCandidate> drawer,
        DateOnly today,
        double? headroomMillimetres = null,
        int most = 6
    )
    {
        CapacitorJudge.Check(original, place: true);
        if (!original.ValueKnown || role == CapacitorRole.MainsFilter || original.SafetyClass is not null || original.Kind.IsMainsFilter())
        {
            return [];
        }
        var (least, top) = Substitution.ValueRange(role, original);
        var found = new List<PairOption>();
        var free = drawer.Where(d => d.Free > 0).ToList();
        foreach (var joined in new[] { Joined.Parallel, Joined.Series })
        {
            for (var i = 0; i < free.Count; i++)
            {
                for (var j = i; j < free.Count; j++)
                {
                    var (a, b) = (free[i], free[j]);
                    if (i == j && a.Free < 2)
                    {
                        continue;
                    }
                    // Unequal electrolytics in series never share the volts out.
                    if (
                        joined == Joined.Series
                        && (a.Spec.Kind != b.Spec.Kind || Math.Abs(a.Spec.Microfarads / b.Spec.Microfarads - 1) > 0.01)
                    )
                    {
                        continue;
                    }
                    var ratio =
                        (
                            joined == Joined.Parallel
                                ? a.Spec.Microfarads + b.Spec.Microfarads
                                : a.Spec.Microfarads * b.Spec.Microfarads / (a.Spec.Microfarads + b.Spec.Microfarads)
                        ) / original.Microfarads;
                    if (ratio < least || ratio > top)
                    {
                        continue;
                    }
                    if (Pair(original, role, joined, a, b, today, headroomMillimetres) is { } pair)
                    {
                        found.Add(pair);
                    }
                }
            }
        }

        return
        [
            .. found
                .OrderBy(p => p.Joined)
                .ThenBy(p => Math.Abs(Math.Log(p.Spec.Microfarads / original.Microfarads)))
                .ThenBy(p => p.Parts[0].Id == p.Parts[1].Id ? 0 : 1)
                .ThenBy(p => p.Parts[0].Id)
                .Take(most),
        ];
    }

    /// <summary>Will these two do, in parallel or in series, as one person has picked them?</summary>
    public static Verdict Judge(
        CapacitorSpec original,
        CapacitorRole role,
        DrawerCandidate a,
        DrawerCandidate b,
        DateOnly today,
        double? headroomMillimetres = null
    )
    {
        var names = $"{Substitution.Describe(a.Spec)} and {Substitution.Describe(b.Spec)}";
        var question = $"Will {names} do together?";
        if (role == CapacitorRole.MainsFilter || original.SafetyClass is not null || original.Kind.IsMainsFilter())
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    "Across the mains never two in place of one: a part with its own safety mark goes there.",
                    Basis.Rule,
                    new Reason("Two parts share volts and faults out as nobody has tested them.", Source: "IEC 60384-14")
                )
                .Final();
        }
        var (least, top) = Substitution.ValueRange(role, original);
        foreach (var joined in new[] { Joined.Parallel, Joined.Series })
        {
            var spec = joined == Joined.Parallel ? InParallel(a.Spec, b.Spec) : InSeries(a.Spec, b.Spec);
            var ratio = spec.Microfarads / original.Microfarads;
            var unequal = a.Spec.Kind != b.Spec.Kind || Math.Abs(a.Spec.Microfarads / b.Spec.Microfarads - 1) > 0.01;
            if (
                ratio >= least
                && ratio <= top
                && !(joined == Joined.Series && unequal)
                && Pair(original, role, joined, a, b, today, headroomMillimetres) is { } pair
            )
            {
                return pair.Verdict;
            }
        }
        return Verdict
            .Of(
                question,
                Outcome.No,
                $"{names} will not do in place of {Substitution.Describe(original)}, neither in parallel nor in series.",
                Basis.Rule,
                new Reason(
                    $"In parallel they are {Si.Format((a.Spec.Microfarads + b.Spec.Microfarads) * 1e-6, "F")}, in series {Si.Format(a.Spec.Microfarads * b.Spec.Microfarads / (a.Spec.Microfarads + b.Spec.Microfarads) * 1e-6, "F")}."
                )
            )
            .Changing("Another pair.");
    }

    static PairOption? Pair(
        CapacitorSpec original,
        CapacitorRole role,
        Joined joined,
        DrawerCandidate a,
        DrawerCandidate b,
        DateOnly today,
        double? headroom
    )
    {
        var spec = joined == Joined.Parallel ? InParallel(a.Spec, b.Spec) : InSeries(a.Spec, b.Spec);
        // Each one alone has to be of a kind that may sit there; the pair then has value, volts and ESR.
        var judged = Substitution.Judge(original, role, a with { Spec = spec with { Kind = a.Spec.Kind } }, today, headroom);
        var other = Substitution.Judge(original, role, b with { Spec = spec with { Kind = b.Spec.Kind } }, today, headroom);
        if (judged.Verdict.Outcome == Outcome.No || other.Verdict.Outcome == Outcome.No)
        {
            return null;
        }
        var needs = "";
        if (joined == Joined.Series && spec.RatedVolts is { } volts && a.Spec.Kind.IsElectrolytic())
        {
            var leak = Math.Max(0.01 * a.Spec.Microfarads * (a.Spec.RatedVolts ?? 0), 3);
            needs =
                $"a resistor of about {Si.Format(Math.Round(volts / 2 / (leak * 1e-6 * BalancingFactor), 0), "Ω", 2)} across each, so that they share the volts";
        }

        var room = new SubstitutionRule(
            "size",
            RuleResult.JustMet,
            joined == Joined.Parallel
                ? "The second one needs a place beside the first, or across its legs under the board: look before you cut."
                : "Two in a row need room between the holes, or one stands up."
        );
        IReadOnlyList<SubstitutionRule> rules = [room, .. judged.Rules.Where(r => r.Rule is not ("diameter" or "pitch"))];
        var name =
            a.Id == b.Id ? $"2 × {Substitution.Describe(a.Spec)}" : $"{Substitution.Describe(a.Spec)} and {Substitution.Describe(b.Spec)}";
        var verdict = Verdict.Of(
            $"Will {name} {(joined == Joined.Parallel ? "in parallel" : "in series")} do?",
            Outcome.YesIf,
            $"{name} {(joined == Joined.Parallel ? "in parallel" : "in series")} will do: together {Si.Format(spec.Microfarads * 1e-6, "F")}{(spec.RatedVolts is { } v ? $" {Si.Plain(v)} V" : "")}, if there is room for two{(needs.Length > 0 ? $", with {needs}" : "")}.",
            Basis.Rule,
            rules.Select(r => new Reason(r.Text))
        );
        return new(joined, [a, b], spec, needs, verdict, rules);
    }

    static double? Least(double? a, double? b) => a is { } x && b is { } y ? Math.Min(x, y) : null;

    static double? Most(double? a, double? b) => a is { } x && b is { } y ? Math.Max(x, y) : a ?? b;
}
