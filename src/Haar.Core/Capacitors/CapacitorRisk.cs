using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>How likely a part is to fail, or to have failed, judged without a reading.</summary>
/// <param name="Score">0 to 100; ranks parts, is not a probability.</param>
/// <param name="Word">low, raised, high or certain.</param>
/// <param name="Family">The maker-free family that it belongs to.</param>
/// <param name="Reasons">What raised it, most telling first.</param>
public sealed record CapacitorRiskResult(double Score, string Word, string Family, IReadOnlyList<Reason> Reasons);

/// <summary>Ranks parts by kind, years, heat and signs, and decides by school which come out.</summary>
public static class CapacitorRisk
{
    /// <param name="Kind">The kinds it covers.</param>
    /// <param name="FromYear">First year of make.</param>
    /// <param name="ToYear">Last year; counts.</param>
    /// <param name="Score">Base score for a part of this family at twenty years and more.</param>
    sealed record Family(Func<CapacitorKind, bool> Kind, int FromYear, int ToYear, double Score, string Name, string Why);

    /// <summary>Families that the trade knows as bad, worst first. Common practice of recappers: a guess with a long record, not a standard.</summary>
    static readonly Family[] Families =
    [
        new(
            k => k == CapacitorKind.MainsFilterPaper,
            1900,
            2100,
            95,
            "moulded paper mains filter",
            "its case cracks with age, draws damp and shorts across the mains"
        ),
        new(
            k => k == CapacitorKind.AluminiumSurfaceMount,
            1988,
            1996,
            80,
            "surface-mount aluminium electrolytic of 1988 to 1996",
            "its rubber seals were cooked in soldering, and a water-based electrolyte weeps out"
        ),
        new(
            k => k is CapacitorKind.AluminiumLowEsr or CapacitorKind.AluminiumRadial,
            1999,
            2007,
            60,
            "low-ESR electrolytic of 1999 to 2007",
            "many were filled with an electrolyte that makes gas"
        ),
        new(
            k => k == CapacitorKind.TantalumBead,
            1970,
            1992,
            40,
            "tantalum bead before 1992",
            "it fails as a short, at the first switch-on after years of rest"
        ),
        new(
            k => k == CapacitorKind.DoubleLayer,
            1980,
            2005,
            45,
            "double-layer backup capacitor",
            "it dries out and weeps an acid or alkaline electrolyte"
        ),
        new(k => k == CapacitorKind.AluminiumAxial, 1970, 1990, 45, "axial electrolytic before 1990", "its end seals dry out"),
        new(k => k.IsAluminium(), 1970, 2100, 35, "aluminium electrolytic", "its electrolyte dries out"),
        new(k => k.IsTantalum(), 1970, 2100, 15, "tantalum", "it fails rarely, but as a short"),
        new(k => k == CapacitorKind.MainsFilterFilm, 1900, 2100, 15, "film mains filter", "it loses capacitance by self-healing"),
        new(k => k == CapacitorKind.Polymer, 1970, 2100, 8, "polymer", "it has no liquid to lose"),
        new(
            k => k == CapacitorKind.Unknown,
            1900,
            2100,
            35,
            "part of unknown kind",
            "nobody knows how it is made, so it counts as an electrolytic"
        ),
        new(_ => true, 1900, 2100, 4, "film or ceramic", "it hardly ages"),
    ];

    /// <summary>Age from which a family's base score counts in full, years.</summary>
    public const int FullAgeYears = 20;

    /// <param name="spec">What the part is.</param>
    /// <param name="role">What it does.</param>
    /// <param name="signs">What is seen on it.</param>
    /// <param name="madeYear">Year of make, or of the machine; null where nobody knows it, and it counts as of the worst years of its kind.</param>
    /// <param name="thisYear">The year now.</param>
    public static CapacitorRiskResult Rank(
        CapacitorSpec spec,
        CapacitorRole role,
        IReadOnlyCollection<CapacitorSign> signs,
        int? madeYear,
        int thisYear
    )
    {
        if (madeYear < 1900 || madeYear > thisYear)
        {
            throw new InvalidInputException("madeYear", $"The year of make lies between 1900 and {thisYear}.");
        }

        CapacitorJudge.Check(spec, place: true);
        var family = Families.First(f => f.Kind(spec.Kind) && (madeYear is not { } y || y >= f.FromYear && y <= f.ToYear));
        var years = thisYear - madeYear ?? FullAgeYears;
        var score = family.Score * Math.Min(1.0, 0.4 + 0.6 * years / FullAgeYears);
        var reasons = new List<Reason> { new($"A {family.Name}: {family.Why}.", Source: "common practice") };
        if (madeYear is null)
        {
            reasons.Add(new("Nobody knows its year: it counts as old, and as of the worst years of its kind."));
        }
        else if (years >= 10)
        {
            reasons.Add(new($"{years} years old.", new("Age", years, "years")));
        }

        if (signs.Contains(CapacitorSign.NearHeat))
        {
            // Every 10 K halves the life (Arrhenius rule of electrolytic makers): a hot neighbour counts as twice the age.
            score = Math.Min(99, score * 1.3);
            reasons.Add(new("It sits beside a hot part: every 10 K more halves its life.", Source: "L = L₀·2^((T₀−T)/10)"));
        }

        if (role == CapacitorRole.SwitchingOutput)
        {
            score = Math.Min(99, score * 1.2);
            reasons.Add(new("It smooths a switching supply, whose ripple warms it from inside."));
        }

        if (spec.MaxCelsius is <= 85)
        {
            score = Math.Min(99, score * 1.1);
            reasons.Add(new("Rated for 85 °C only.", new("Rated temperature", spec.MaxCelsius.Value, "°C")));
        }

        foreach (var sign in signs)
        {
            var (add, text) = sign switch
            {
                CapacitorSign.Bulging => (100, "It bulges."),
                CapacitorSign.Weeping => (100, "It weeps."),
                CapacitorSign.Cracked => (100, "It is cracked."),
                CapacitorSign.FishySmell => (25, "It smells of fish when warmed: electrolyte is getting out."),
                CapacitorSign.DullJoint => (20, "Its joints are dull: electrolyte has crept onto them."),
                _ => (0, ""),
            };
            if (add > 0)
            {
                score = Math.Min(100, score + add);
                reasons.Insert(0, new(text, Source: "seen"));
            }
        }

        var word =
            score >= 95 ? "certain"
            : score >= 55 ? "high"
            : score >= 25 ? "raised"
            : "low";
        return new(Math.Round(score), word, family.Name, reasons);
    }

    /// <summary>Should it come out, under the board's school? Readings and signs decide first, then kinds that no one should keep, then the school.</summary>
    public static Verdict ComesOut(string designator, CapacitorSpec spec, Verdict judged, CapacitorRiskResult risk, RecapPolicy school)
    {
        var question = $"Does {designator} come out?";
        if (judged.Outcome == Outcome.No)
        {
            return judged with { Question = question, Outcome = Outcome.Yes };
        }

        if (spec.Kind == CapacitorKind.MainsFilterPaper)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"{designator} comes out whatever it measures: no one should keep a moulded paper filter across the mains.",
                    Basis.Rule,
                    risk.Reasons
                )
                .With(CautionId.LineFilterCapacitor, CautionId.MainsSupply);
        }

        if (school == RecapPolicy.Preventive && risk.Score >= 55)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"{designator} comes out by the preventive school: a {risk.Family}.",
                    Basis.Rule,
                    [.. risk.Reasons, .. judged.Reasons]
                )
                .Changing("The evidence school would keep it while it measures well.");
        }

        return judged.Outcome switch
        {
            Outcome.Yes => Verdict
                .Of(question, Outcome.No, $"{designator} stays. It is sound.", judged.Basis, [.. judged.Reasons, .. risk.Reasons])
                .Changing(risk.Score >= 25 ? ["The preventive school, for a part of this kind and age."] : []),
            Outcome.YesIf => judged with { Question = question, Outcome = Outcome.Unknown },
            _ => judged with { Question = question },
        };
    }

    /// <summary>Expected life in hours at a working temperature: L₀·2^((T₀−T)/10), the ten-kelvin rule of electrolytic makers.</summary>
    public static double LifeHours(double ratedHours, double ratedCelsius, double workingCelsius)
    {
        InvalidInputException.Finite("ratedHours", ratedHours, 1, 1e6, "h");
        InvalidInputException.Finite("ratedCelsius", ratedCelsius, 20, 300, "°C");
        InvalidInputException.Finite("workingCelsius", workingCelsius, -60, 300, "°C");
        return ratedHours * Math.Pow(2, (ratedCelsius - workingCelsius) / 10);
    }
}
