using System.Text.Json.Serialization;
using Haar.Core.Costs;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <param name="ComesOutNow">Under the evidence school.</param>
/// <param name="MustGo">Whatever it measures.</param>
/// <param name="RiskScore">From <see cref="CapacitorRisk"/>.</param>
public sealed record ForecastPart(
    string Designator,
    CapacitorKind Kind,
    double RiskScore,
    bool ComesOutNow,
    bool MustGo = false,
    bool Weeping = false,
    double Price = 0.4
);

/// <summary>Numbers of the house for leaving or taking.</summary>
public sealed record ForecastDefaults
{
    public double Years { get; init; } = 2;

    /// <summary>Yearly chance of failing at a score of 100; falls with the square of the score. A guess: half of a family known as bad is gone within two years of being looked at.</summary>
    public double YearlyAtFullScore { get; init; } = 0.5;

    /// <summary>What an hour is worth, in the workshop's currency.</summary>
    public double HourWorth { get; init; } = 15;

    /// <summary>Hours when one fails later: found, taken apart again, exchanged, and what it ate put right.</summary>
    public double FailureHours { get; init; } = 3;

    /// <summary>Hours to take the machine apart once more, shared by all that fail in that time.</summary>
    public double OpeningHours { get; init; } = 1.5;
    public double MinutesEach { get; init; } = 12;

    /// <summary>Hours to mend one lifted pad.</summary>
    public double PadHours { get; init; } = 0.75;
}

/// <param name="FailShare">Chance that it fails within the years.</param>
/// <param name="LeaveCost">Expected cost of leaving it.</param>
/// <param name="TakeCost">Part, time and the risk of a pad.</param>
/// <param name="PadRisk">Chance that a pad lifts.</param>
public sealed record ForecastRow(
    string Designator,
    double FailShare,
    double LeaveCost,
    double TakeCost,
    double PadRisk,
    bool ComesOutNow,
    Verdict Verdict
);

/// <param name="Now">By evidence.</param>
/// <param name="Likely">By evidence within the years: those now and the expected ones to come.</param>
/// <param name="Preventive">Under the preventive school now.</param>
/// <param name="EvidenceCost">Of taking those now, and of what fails later.</param>
/// <param name="PreventiveCost">Of taking all of them now, and of what is left.</param>
public sealed record Forecast(
    int Now,
    int Likely,
    int Preventive,
    Estimate EvidenceCost,
    Estimate PreventiveCost,
    IReadOnlyList<ForecastRow> Rows,
    Verdict Verdict,
    [property: JsonPropertyName("house")] ForecastDefaults Defaults
);

/// <summary>Recap now, or wait? The expected cost of leaving each part against the cost and risk of taking it out, and the sum for the board.</summary>
public static class RecapForecast
{
    /// <summary>From this score on the preventive school takes a part; see <see cref="CapacitorRisk.ComesOut"/>.</summary>
    public const double PreventiveScore = 55;

    /// <summary>Chance that a pad lifts when the part comes out: surface-mount aluminium on old glue about one in thirty, after a leak one in eight, leads in plated holes one in eighty. Guesses from what recappers report.</summary>
    public static double PadRisk(CapacitorKind kind, bool weeping) =>
        weeping
            ? kind.IsSurfaceMount()
                ? 0.125
                : 0.05
            : kind.IsSurfaceMount()
                ? 0.033
                : 0.0125;

    public static double FailShare(double score, ForecastDefaults h) =>
        1 - Math.Exp(-h.YearlyAtFullScore * Math.Pow(Math.Clamp(score, 0, 100) / 100, 2) * h.Years);

    /// <exception cref="InvalidInputException">No parts, or a number of the house that cannot be.</exception>
    public static Forecast Of(IReadOnlyList<ForecastPart> parts, ForecastDefaults? house = null, string currency = "EUR")
    {
        var h = house ?? new();
        if (parts.Count is 0 or > 10_000)
        {
            throw new InvalidInputException("parts", "Give 1 to 10 000 parts.");
        }
        InvalidInputException.Finite("house.years", h.Years, 0.1, 30, "years");
        InvalidInputException.Finite("house.yearlyAtFullScore", h.YearlyAtFullScore, 0, 10, "");
        InvalidInputException.Finite("house.hourWorth", h.HourWorth, 0, 10_000, "");
        InvalidInputException.Finite("house.failureHours", h.FailureHours, 0, 1000, "h");
        InvalidInputException.Finite("house.openingHours", h.OpeningHours, 0, 1000, "h");
        InvalidInputException.Finite("house.minutesEach", h.MinutesEach, 0, 1000, "min");
        InvalidInputException.Finite("house.padHours", h.PadHours, 0, 1000, "h");
        var rows = new List<ForecastRow>();
        for (var i = 0; i < parts.Count; i++)
        {
            var p = parts[i];
            InvalidInputException.Finite($"parts[{i}].riskScore", p.RiskScore, 0, 100, "");
            InvalidInputException.Finite($"parts[{i}].price", p.Price, 0, 100_000, currency);
            var fail = p.ComesOutNow || p.MustGo ? 1 : FailShare(p.RiskScore, h);
            var pad = PadRisk(p.Kind, p.Weeping);
            var take = p.Price + h.HourWorth * (h.MinutesEach / 60 + pad * h.PadHours);
            var leave = fail * (p.Price + h.HourWorth * h.FailureHours);
            rows.Add(
                new(
                    p.Designator,
                    Math.Round(fail, 4),
                    Math.Round(leave, 2),
                    Math.Round(take, 2),
                    pad,
                    p.ComesOutNow || p.MustGo,
                    One(p, fail, leave, take, pad, h, currency)
                )
            );
        }

        bool Taken(ForecastPart p) => p.ComesOutNow || p.MustGo;
        bool Prevented(ForecastPart p) => Taken(p) || p.RiskScore >= PreventiveScore;
        var now = parts.Count(Taken);
        var prevent = parts.Count(Prevented);
        double Later(Func<int, bool> left) => Enumerable.Range(0, parts.Count).Where(left).Sum(i => rows[i].FailShare);
        double Cost(Func<ForecastPart, bool> taken)
        {
            double sum = 0,
                none = 1;
            for (var i = 0; i < parts.Count; i++)
            {
                if (taken(parts[i]))
                {
                    sum += rows[i].TakeCost;
                }
                else
                {
                    sum += rows[i].LeaveCost;
                    none *= 1 - rows[i].FailShare;
                }
            }

            return sum + (1 - none) * h.OpeningHours * h.HourWorth;
        }

        var later = Later(i => !Taken(parts[i]));
        var likely = now + (int)Math.Round(later);
        var (evidence, preventive) = (Cost(Taken), Cost(Prevented));
        // The failure rate is a guess within a factor of two either way; what is taken now costs what it costs.
        Estimate Around(double cost, Func<ForecastPart, bool> taken)
        {
            var firm = Enumerable.Range(0, parts.Count).Where(i => taken(parts[i])).Sum(i => rows[i].TakeCost);
            return new(Math.Round(firm + (cost - firm) / 2, 2), Math.Round(cost, 2), Math.Round(firm + (cost - firm) * 2, 2));
        }

        string Money(double v) => Costs.Money.Of(v, currency, 0);
        var reasons = new[]
        {
            new Reason(
                $"By evidence: {Money(evidence)} over {Si.Plain(h.Years)} years, parts, hours and what fails later.",
                new("Evidence", Math.Round(evidence, 2), currency),
                "expected cost; failure rates are a guess"
            ),
            new Reason(
                $"Preventive: {Money(preventive)}, with {Si.Plain(Math.Round(Enumerable.Range(0, parts.Count).Where(i => Prevented(parts[i])).Sum(i => rows[i].PadRisk), 1))} lifted pads to be expected.",
                new("Preventive", Math.Round(preventive, 2), currency),
                "expected cost; pad risks are a guess"
            ),
        };
        var counts =
            $"By evidence {now} now, {likely} within {(h.Years == 2 ? "two" : Si.Plain(h.Years))} years likely; preventive {prevent} now.";
        var closeCall = Math.Abs(evidence - preventive) < 0.15 * Math.Max(evidence, preventive);
        var strangers = parts.Count(p => p.Kind == CapacitorKind.Unknown && !Taken(p));
        var verdict =
            2 * strangers > parts.Count
                ? Verdict.Of(
                    "Recap now, or by evidence?",
                    Outcome.Unknown,
                    $"What kind {strangers} of {parts.Count} {(parts.Count == 1 ? "part" : "parts")} {(strangers == 1 ? "is" : "are")} is not known, so nobody can say what they will cost.",
                    Basis.Guess,
                    new Reason("How often a part fails goes by its kind and age: look at each case and its marking.")
                )
            : prevent == now
                ? Verdict.Of("Recap now, or by evidence?", Outcome.No, $"{counts} Both schools take the same parts.", Basis.Guess, reasons)
            : closeCall
                ? Verdict.Of(
                    "Recap now, or by evidence?",
                    Outcome.YesIf,
                    $"{counts} It costs much the same either way: choose by how often you want to open it.",
                    Basis.Guess,
                    reasons
                )
            : preventive < evidence
                ? Verdict.Of(
                    "Recap now, or by evidence?",
                    Outcome.Yes,
                    $"{counts} Taking them all now is the cheaper, by about {Money(evidence - preventive)}.",
                    Basis.Guess,
                    reasons
                )
            : Verdict.Of(
                "Recap now, or by evidence?",
                Outcome.No,
                $"{counts} Waiting is the cheaper, by about {Money(preventive - evidence)}.",
                Basis.Guess,
                reasons
            );
        return new(
            now,
            likely,
            prevent,
            Around(evidence, Taken),
            Around(preventive, Prevented),
            rows,
            verdict.Changing("What an hour is worth to you.", "How many of this family have failed on boards that you know."),
            h
        );
    }

    static Verdict One(ForecastPart p, double fail, double leave, double take, double pad, ForecastDefaults h, string currency)
    {
        var question = $"Take {p.Designator} out, or leave it?";
        string Money(double v) => Costs.Money.Of(v, currency);
        var reasons = new[]
        {
            new Reason(
                $"It fails within {Si.Plain(h.Years)} years with a chance of {Si.Plain(Math.Round(fail * 100))} %.",
                new("Fails", Math.Round(fail * 100), "%"),
                "risk score; a guess"
            ),
            new Reason(
                $"Leaving it costs {Money(leave)} on average, taking it out {Money(take)}, a pad lifting in {Si.Plain(Math.Round(pad * 100, 1))} of 100 included.",
                new("Leave less take", Math.Round(leave - take, 2), currency)
            ),
        };
        return p.MustGo
                ? Verdict.Of(
                    question,
                    Outcome.Yes,
                    $"{p.Designator} goes: this kind must not stay whatever it measures.",
                    Basis.Rule,
                    reasons
                )
            : p.ComesOutNow ? Verdict.Of(question, Outcome.Yes, $"{p.Designator} goes: it is bad now.", Basis.Measured, reasons)
            : leave > take ? Verdict.Of(question, Outcome.Yes, $"{p.Designator} is cheaper taken out now.", Basis.Guess, reasons)
            : Verdict.Of(question, Outcome.No, $"{p.Designator} is cheaper left in and measured again.", Basis.Guess, reasons);
    }
}
