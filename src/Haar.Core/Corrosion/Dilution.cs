using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

/// <param name="StockMillilitres">Out of the bottle.</param>
/// <param name="WaterMillilitres">Distilled, and in the vessel first.</param>
public sealed record DilutionResult(double StockMillilitres, double WaterMillilitres, Verdict Verdict);

/// <summary>How much of what is in the bottle, and how much water.</summary>
public static class Dilution
{
    /// <param name="stockPercent">Of what is in the bottle.</param>
    /// <param name="wantedPercent">Of what is to be used.</param>
    /// <param name="millilitres">Wanted in all.</param>
    /// <param name="left">What is left in the bottle, ml; null when nobody looked.</param>
    /// <exception cref="InvalidInputException">A figure that cannot be, or one that would have to be made stronger.</exception>
    public static DilutionResult Of(double stockPercent, double wantedPercent, double millilitres, double? left = null)
    {
        InvalidInputException.Finite("stockPercent", stockPercent, 0.1, 100, "%");
        InvalidInputException.Finite("wantedPercent", wantedPercent, 0.01, 100, "%");
        InvalidInputException.Finite("millilitres", millilitres, 1, 100_000, "ml");
        if (left is { } l)
        {
            InvalidInputException.Finite("leftMillilitres", l, 0, 100_000, "ml");
        }
        if (wantedPercent > stockPercent)
        {
            throw new InvalidInputException(
                "wantedPercent",
                $"What is in the bottle has {Si.Plain(stockPercent)} %: nothing can be diluted upwards."
            );
        }
        var stock = millilitres * wantedPercent / stockPercent;
        var water = millilitres - stock;
        const string question = "How much of it, and how much water?";
        var sum = new Reason(
            "Its volume times its strength stays the same: C₁V₁ = C₂V₂.",
            new("From the bottle", Si.Tidy(stock * 1e-3), "l"),
            "C₁V₁ = C₂V₂; volumes are taken to add up"
        );
        var verdict =
            left < stock - 1e-9
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"{Millilitres(stock)} are wanted and {Millilitres(left!.Value)} are left: that makes {Millilitres(left.Value * stockPercent / wantedPercent)} in all.",
                        Basis.Rule,
                        sum
                    )
                    .Changing("More of it, or a smaller tray.")
                : Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        water < millilitres * 1e-6
                            ? $"{Millilitres(stock)}, as it is."
                            : $"{Millilitres(stock)} into {Millilitres(water)} of water: the water first, then what is in the bottle.",
                        Basis.Rule,
                        sum,
                        new Reason(
                            "An acid or an alkali into water, and never water onto it: it boils where they meet.",
                            Source: "safety data sheets of acids and alkalis"
                        )
                    )
                    .Changing("Another strength or volume.");
        return new(Si.Tidy(stock), Si.Tidy(water), verdict);
    }

    static string Millilitres(double v) => v < 100 ? $"{Si.Plain(Math.Round(v, 1))} ml" : $"{Si.Plain(Math.Round(v))} ml";
}
