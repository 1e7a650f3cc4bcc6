using Haar.Core.Costs;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

public enum SolderExperience
{
    Never = 0,
    Few,
    Practised,
}

public enum BenchTool
{
    Iron = 0,
    Flux,
    Wick,
    SecondIron,
    Multimeter,
    EsrMeter,
    Magnifier,
    FumeDraw,
}

/// <param name="SurfaceMount">How many of the parts.</param>
/// <param name="Weeping">How many of them weep.</param>
/// <param name="WideCopper">How many sit in wide copper.</param>
/// <param name="Worth">What a working board like it costs.</param>
/// <param name="ServicePrice">Asked by somebody who does it; null when nobody was asked.</param>
public sealed record RecapWork(
    int Parts,
    int SurfaceMount,
    int Weeping,
    int WideCopper,
    double Worth,
    double? ServicePrice,
    int? ServiceDays,
    SolderExperience Experience,
    IReadOnlyCollection<BenchTool> Owned,
    double HourWorth = 0
);

/// <param name="Hours">At the bench.</param>
/// <param name="SpoilRisk">Chance that the board is worse afterwards than a service would leave it.</param>
/// <param name="Missing">To be bought, with what it costs about.</param>
/// <param name="OwnCost">Tools, hours and the risk.</param>
public sealed record DoItResult(Estimate Hours, double SpoilRisk, IReadOnlyList<string> Missing, double OwnCost, Verdict Verdict);

/// <summary>Do it, or have it done? For the first-timer above all.</summary>
public static class DoItOrNot
{
    /// <summary>Minutes a part and chance of spoiling it by experience. House guesses from first-timers' and practised hands' evenings.</summary>
    static (double Minutes, double Spoil) By(SolderExperience e) =>
        e switch
        {
            SolderExperience.Never => (25, 0.020),
            SolderExperience.Few => (15, 0.007),
            _ => (9, 0.002),
        };

    /// <summary>Usual prices of a plain one of each. A guess that the person corrects by owning it.</summary>
    static double Price(BenchTool t) =>
        t switch
        {
            BenchTool.Iron => 60,
            BenchTool.SecondIron => 40,
            BenchTool.Multimeter => 30,
            BenchTool.EsrMeter => 70,
            BenchTool.Magnifier => 15,
            BenchTool.FumeDraw => 35,
            _ => 8,
        };

    public static string Words(BenchTool t) =>
        t switch
        {
            BenchTool.Iron => "an iron with a set temperature",
            BenchTool.Flux => "flux",
            BenchTool.Wick => "wick",
            BenchTool.SecondIron => "a second iron or hot tweezers",
            BenchTool.Multimeter => "a multimeter",
            BenchTool.EsrMeter => "an ESR meter",
            BenchTool.Magnifier => "a magnifier",
            _ => "a fume draw",
        };

    /// <exception cref="InvalidInputException">Counts that contradict each other.</exception>
    public static DoItResult Of(RecapWork w, string currency = "EUR")
    {
        if (w.Parts is < 1 or > 2000)
        {
            throw new InvalidInputException("parts", "1 to 2000 parts.");
        }
        if (w.SurfaceMount < 0 || w.SurfaceMount > w.Parts)
        {
            throw new InvalidInputException("surfaceMount", "No more than there are parts.");
        }
        if (w.Weeping < 0 || w.Weeping > w.Parts)
        {
            throw new InvalidInputException("weeping", "No more than there are parts.");
        }
        if (w.WideCopper < 0 || w.WideCopper > w.Parts)
        {
            throw new InvalidInputException("wideCopper", "No more than there are parts.");
        }
        InvalidInputException.Finite("worth", w.Worth, 0, 1e6, currency);
        InvalidInputException.Finite("servicePrice", w.ServicePrice, 0, 1e6, currency);
        InvalidInputException.Finite("hourWorth", w.HourWorth, 0, 10_000, currency);
        var (minutes, each) = By(w.Experience);
        // Wet joints and wide copper are where first-timers lift pads.
        var spoil = 1 - Math.Pow(1 - each, w.Parts + 2 * w.Weeping + 2 * w.WideCopper + 0.5 * w.SurfaceMount);
        var likely = (w.Parts * minutes + w.Weeping * 6) / 60;
        var hours = new Estimate(Math.Round(likely * 0.7, 1), Math.Round(likely, 1), Math.Round(likely * 1.8, 1));
        var needed = new List<BenchTool>
        {
            BenchTool.Iron,
            BenchTool.Flux,
            BenchTool.Wick,
            BenchTool.Multimeter,
            BenchTool.Magnifier,
            BenchTool.FumeDraw,
        };
        if (w.SurfaceMount > 0)
        {
            needed.Add(BenchTool.SecondIron);
        }
        var missing = needed.Where(t => !w.Owned.Contains(t)).ToList();
        var tools = missing.Sum(Price);
        var own = tools + spoil * w.Worth + hours.Likely * w.HourWorth;
        const string question = "Do it, or have it done?";
        string Money(double v) => Costs.Money.Of(v, currency, 0);
        var reasons = new List<Reason>
        {
            new(
                $"{w.Parts} parts take about {Si.Plain(hours.Likely)} hours ({Si.Plain(hours.Low)} to {Si.Plain(hours.High)}).",
                new("Hours", hours.Likely, "h"),
                "house figures by experience"
            ),
            new(
                $"The board comes out worse in {Si.Plain(Math.Round(spoil * 100))} of 100 tries like this one, which is {Money(spoil * w.Worth)} of its {Money(w.Worth)}.",
                new("Risk", Math.Round(spoil * 100, 1), "%"),
                "house figures by experience, wet joints and wide copper"
            ),
        };
        if (missing.Count > 0)
        {
            reasons.Add(
                new(
                    $"Missing: {Verdicts.Words.And(missing.Select(Words))}, about {Money(tools)} in all; they stay with you.",
                    new("Tools", tools, currency)
                )
            );
        }
        if (w.ServicePrice is { } asked)
        {
            reasons.Add(
                new(
                    $"A service asks {Money(asked)}{(w.ServiceDays is { } d ? $" and takes {d} days" : "")}.",
                    new("Service", asked, currency)
                )
            );
        }
        var practice = w.Experience == SolderExperience.Never;
        var verdict =
            practice && spoil > 0.2
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Have this one done{(w.ServicePrice is { } p0 ? $" for {Money(p0)}" : "")}: {w.Parts} parts{(w.Weeping > 0 ? $", {w.Weeping} of them wet," : "")} are too much for a first board. Learn on a scrap board with parts of the same kind.",
                        Basis.Guess,
                        reasons
                    )
                    .Changing("Ten parts exchanged on a scrap board.", "A board with fewer or dry parts.")
            : w.ServicePrice is not { } price
                ? Verdict
                    .Of(
                        question,
                        practice ? Outcome.YesIf : Outcome.Yes,
                        practice
                            ? $"Do it, after ten parts on a scrap board: about {Si.Plain(hours.Likely)} hours."
                            : $"Do it: about {Si.Plain(hours.Likely)} hours.",
                        Basis.Guess,
                        reasons
                    )
                    .Changing("What a service would ask.")
            : own <= price
                ? Verdict.Of(
                    question,
                    practice ? Outcome.YesIf : Outcome.Yes,
                    $"Do it{(practice ? ", after ten parts on a scrap board" : "")}: {Money(own)} with tools and risk, against {Money(price)}.",
                    Basis.Guess,
                    reasons
                )
            : Verdict
                .Of(question, Outcome.No, $"Have it done: {Money(price)}, against {Money(own)} with tools and risk.", Basis.Guess, reasons)
                .Changing(missing.Count > 0 ? ["Owning the tools: they serve the next board too."] : ["A lower worth of the board."]);
        return new(hours, Math.Round(spoil, 4), [.. missing.Select(Words)], Math.Round(own, 2), verdict);
    }
}
