using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

public enum VolumeUnit
{
    Millilitres = 0,
    Litres,

    /// <summary>231 cubic inches: 3785.411784 ml. Source: NIST Handbook 44, appendix C.</summary>
    UsGallons,
}

/// <param name="AddMillilitres">Of what is added: the stronger stock, or water.</param>
/// <param name="AllMillilitres">What there is afterwards.</param>
/// <param name="Bottles">Whole bottles of the stock to buy; null when nobody said what one holds, or none is needed.</param>
public sealed record MixResult(double AddMillilitres, double AllMillilitres, double Percent, int? Bottles, Verdict Verdict);

/// <summary>What is in the tray, made stronger, weaker, or mixed with another of its kind. C·V adds up; volumes are taken to add up.</summary>
public static class Mixing
{
    public const double MillilitresPerUsGallon = 3785.411784;

    public static double Millilitres(double volume, VolumeUnit unit) =>
        volume
        * unit switch
        {
            VolumeUnit.Litres => 1000,
            VolumeUnit.UsGallons => MillilitresPerUsGallon,
            _ => 1,
        };

    /// <summary>Brings what is in the tray to another strength: V·(w − h)/(s − w) of stock, or V·(h/w − 1) of water.</summary>
    /// <param name="tray">In the tray.</param>
    /// <param name="stockPercent">Of what is in the bottle; null when there is water alone.</param>
    /// <param name="bottle">What one bottle holds; null when nobody said.</param>
    /// <exception cref="InvalidInputException">A figure that cannot be, or a strength that the bottle does not reach.</exception>
    public static MixResult To(
        double tray,
        double trayPercent,
        double wantedPercent,
        double? stockPercent = null,
        double? bottle = null,
        VolumeUnit unit = VolumeUnit.Millilitres
    )
    {
        var millilitres = Volume("tray", tray, unit);
        InvalidInputException.Finite("trayPercent", trayPercent, 0, 100, "%");
        InvalidInputException.Finite("wantedPercent", wantedPercent, 0.001, 100, "%");
        InvalidInputException.Finite("stockPercent", stockPercent, 0.001, 100, "%");
        var one = bottle is { } b ? Volume("bottle", b, unit) : (double?)null;
        const string question = "How much is added?";
        if (wantedPercent > trayPercent)
        {
            if (stockPercent is not { } s)
            {
                throw new InvalidInputException("stockPercent", "It is to be stronger: say how strong what is in the bottle is.");
            }
            if (s <= wantedPercent)
            {
                throw new InvalidInputException(
                    "wantedPercent",
                    $"What is in the bottle has {Si.Plain(s)} %: nothing gets stronger than that with it."
                );
            }
            var add = millilitres * (wantedPercent - trayPercent) / (s - wantedPercent);
            var bottles = one is { } holds ? (int)Math.Min(int.MaxValue, Math.Ceiling(add / holds - 1e-9)) : (int?)null;
            return new(
                Si.Tidy(add),
                Si.Tidy(millilitres + add),
                wantedPercent,
                bottles,
                Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        $"{Words(add)} of what is in the bottle{(bottles is { } n ? $", {n} {(n == 1 ? "bottle" : "bottles")}" : "")}, a little at a time into what is there: {Words(millilitres + add)} afterwards.",
                        Basis.Rule,
                        new Reason(
                            "What is in both stays in them: C₁V₁ + C₂V₂ = C₃V₃.",
                            new("To add", Si.Tidy(add * 1e-3), "l"),
                            "volumes are taken to add up"
                        ),
                        new Reason("The stronger into the weaker, never the other way.", Source: "safety data sheets of acids and alkalis")
                    )
                    .Changing("Whether the tray holds that much.")
            );
        }
        var water = millilitres * (trayPercent / wantedPercent - 1);
        return new(
            Si.Tidy(water),
            Si.Tidy(millilitres + water),
            wantedPercent,
            null,
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    water < millilitres * 1e-6
                        ? "Nothing: it is as strong as that."
                        : $"{Words(water)} of water makes {Words(millilitres + water)}: put the water in a second vessel and pour this into it.",
                    Basis.Rule,
                    new Reason("C₁V₁ = C₂V₂.", new("Water", Si.Tidy(water * 1e-3), "l"), "volumes are taken to add up")
                )
                .Changing("Whether the tray holds that much.")
        );
    }

    /// <summary>Two of the same kind poured together.</summary>
    /// <exception cref="InvalidInputException">A figure that cannot be.</exception>
    public static MixResult Of(
        double first,
        double firstPercent,
        double second,
        double secondPercent,
        VolumeUnit unit = VolumeUnit.Millilitres
    )
    {
        var (a, b) = (Volume("first", first, unit), Volume("second", second, unit));
        InvalidInputException.Finite("firstPercent", firstPercent, 0, 100, "%");
        InvalidInputException.Finite("secondPercent", secondPercent, 0, 100, "%");
        var percent = Si.Tidy((a * firstPercent + b * secondPercent) / (a + b));
        return new(
            Si.Tidy(b),
            Si.Tidy(a + b),
            percent,
            null,
            Verdict
                .Of(
                    "How strong is it together?",
                    Outcome.YesIf,
                    $"{Words(a + b)} of {Si.Plain(Math.Round(percent, 2))} %, if both are the same thing.",
                    Basis.Rule,
                    new Reason("C₁V₁ + C₂V₂ = C₃V₃.", new("Strength", Si.Tidy(percent / 100), ""), "volumes are taken to add up")
                )
                .Changing("What stands on both bottles: two cleaners that are not the same never meet.")
                .With([Safety.CautionId.MustNotMeet])
        );
    }

    static double Volume(string field, double volume, VolumeUnit unit)
    {
        InvalidInputException.Finite(field, volume, 0, 1e6, "");
        var millilitres = Millilitres(volume, unit);
        return millilitres is < 0.01 or > 1e7
            ? throw new InvalidInputException(field, "Between a hundredth of a millilitre and ten thousand litres.")
            : millilitres;
    }

    static string Words(double v) =>
        v < 100 ? $"{Si.Plain(Math.Round(v, 1))} ml"
        : v < 1000 ? $"{Si.Plain(Math.Round(v))} ml"
        : $"{Si.Plain(Math.Round(v / 1000, 2))} l";
}
