using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Finish;

/// <summary>A paint by its sheet.</summary>
public sealed record PaintFacts
{
    /// <summary>Square metres that a litre covers in one coat, by its sheet; null takes 8, usual of spray cans.</summary>
    public double? SquareMetresPerLitre { get; init; }

    /// <summary>Of one can, millilitres.</summary>
    public double CanMillilitres { get; init; } = 400;

    /// <summary>Share that lands beside the part; 0.4 is usual of cans.</summary>
    public double OversprayShare { get; init; } = 0.4;
    public double LeastCelsius { get; init; } = 15;
    public double MostCelsius { get; init; } = 28;

    /// <summary>Relative, percent.</summary>
    public double MostHumidity { get; init; } = 70;

    /// <summary>After this the next coat goes on, at 20 °C; until the second, or only after the third.</summary>
    public double RecoatFromMinutes { get; init; } = 10;
    public double RecoatUntilMinutes { get; init; } = 60;
    public double RecoatAgainHours { get; init; } = 24;

    /// <summary>With a hardener: isocyanates.</summary>
    public bool TwoPart { get; init; }
}

/// <param name="Millilitres">For all coats, overspray in it.</param>
/// <param name="Minutes">From the first coat to the last.</param>
public sealed record PaintResult(double Millilitres, int Cans, double Minutes, Verdict Verdict);

/// <summary>How much paint, how many cans, and when the next coat may go on.</summary>
public static class Paint
{
    /// <summary>Usual of spray cans, square metres a litre and coat.</summary>
    public const double UsualCover = 8;

    /// <summary>Kelvin above the dew point that a surface keeps while it is painted: ISO 8502-4.</summary>
    public const double AboveDewPoint = 3;

    /// <summary>Dew point in °C, from the Magnus formula (WMO-No. 8).</summary>
    public static double DewPoint(double celsius, double humidity)
    {
        var g = Math.Log(Math.Max(humidity, 1e-6) / 100) + 17.62 * celsius / (243.12 + celsius);
        return 243.12 * g / (17.62 - g);
    }

    /// <param name="squareCentimetres">To be painted.</param>
    /// <param name="celsius">Of the air; null when nobody measured, and then it is asked.</param>
    /// <param name="surfaceCelsius">Of the part; null takes the air's.</param>
    /// <exception cref="InvalidInputException">A figure that no job has.</exception>
    public static PaintResult Plan(
        double squareCentimetres,
        int coats,
        double? celsius = null,
        double? humidity = null,
        double? surfaceCelsius = null,
        PaintFacts? paint = null
    )
    {
        var p = paint ?? new();
        InvalidInputException.Finite("squareCentimetres", squareCentimetres, 1, 1e6, "cm²");
        InvalidInputException.Finite("coats", (double)coats, 1, 10, "coats");
        InvalidInputException.Finite("celsius", celsius, -20, 50, "°C");
        InvalidInputException.Finite("humidity", humidity, 0, 100, "%");
        InvalidInputException.Finite("surfaceCelsius", surfaceCelsius, -20, 80, "°C");
        InvalidInputException.Finite("paint.squareMetresPerLitre", p.SquareMetresPerLitre, 0.5, 50, "m² a litre");
        InvalidInputException.Finite("paint.canMillilitres", p.CanMillilitres, 10, 20_000, "ml");
        InvalidInputException.Finite("paint.oversprayShare", p.OversprayShare, 0, 0.9, "");
        InvalidInputException.Finite("paint.recoatFromMinutes", p.RecoatFromMinutes, 0, 10_000, "min");
        InvalidInputException.Finite("paint.recoatUntilMinutes", p.RecoatUntilMinutes, p.RecoatFromMinutes, 100_000, "min");
        InvalidInputException.Finite("paint.recoatAgainHours", p.RecoatAgainHours, 0, 10_000, "h");
        var millilitres = squareCentimetres * 1e-4 * coats / (p.SquareMetresPerLitre ?? UsualCover) * 1000 / (1 - p.OversprayShare);
        var cans = (int)Math.Ceiling(millilitres / p.CanMillilitres - 1e-9);
        var minutes = p.RecoatFromMinutes * (coats - 1);
        const string question = "How much paint, and may it go on now?";
        var much = new Reason(
            $"{Si.Plain(Math.Round(squareCentimetres))} cm², {coats} {(coats == 1 ? "coat" : "coats")}, {Si.Plain(p.SquareMetresPerLitre ?? UsualCover)} m² a litre, {Si.Plain(p.OversprayShare * 100)} % beside it.",
            new("Paint", Math.Round(millilitres, 1), "ml"),
            p.SquareMetresPerLitre is null ? "usual of spray cans" : "its sheet"
        );
        var recoat = new Reason(
            $"The next coat from {Si.Plain(p.RecoatFromMinutes)} to {Si.Plain(p.RecoatUntilMinutes)} min after the last, or only after {Si.Plain(p.RecoatAgainHours)} h: between, it wrinkles.",
            Source: "sheets of synthetic resin sprays"
        );
        var amount = $"{Si.Plain(Math.Ceiling(millilitres))} ml, {(cans == 1 ? "one can" : $"{cans} cans")}";
        PaintResult Say(Verdict v) => new(Math.Round(millilitres, 1), cans, minutes, v.With(CautionId.SolventAndFlame));
        if (p.TwoPart)
        {
            return Say(
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        "Not at a bench: a paint with hardener gives off isocyanates.",
                        Basis.Rule,
                        new Reason(
                            "They sensitise the lungs for life; a dust mask does not hold them.",
                            Source: "Regulation (EU) 2020/1149"
                        ),
                        much
                    )
                    .Changing("A one-part paint, or somebody with air-fed breathing apparatus.")
                    .Final()
            );
        }
        if (celsius is not { } air || humidity is not { } damp)
        {
            return Say(
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"{amount}. Whether it may go on now, temperature and humidity say.",
                        Basis.Rule,
                        much,
                        recoat
                    )
                    .Changing("A thermometer and a hygrometer beside the part.")
            );
        }
        var (part, dew) = (surfaceCelsius ?? air, DewPoint(air, damp));
        var stops = new List<string>();
        if (air < p.LeastCelsius || air > p.MostCelsius)
        {
            stops.Add($"{Si.Plain(air)} °C is out of {Si.Plain(p.LeastCelsius)} to {Si.Plain(p.MostCelsius)} °C");
        }
        if (damp > p.MostHumidity)
        {
            stops.Add($"{Si.Plain(damp)} % is damper than {Si.Plain(p.MostHumidity)} %");
        }
        if (part < dew + AboveDewPoint)
        {
            stops.Add($"the part is within {Si.Plain(AboveDewPoint)} K of the dew point, {Si.Plain(Math.Round(dew, 1))} °C");
        }
        var weather = new Reason(
            $"Dew point {Si.Plain(Math.Round(dew, 1))} °C.",
            new("Above the dew point", Math.Round(part - dew, 2), "K", AboveDewPoint),
            "ISO 8502-4; Magnus formula"
        );
        return Say(
            stops.Count > 0
                ? Verdict
                    .Of(question, Outcome.No, $"Not now: {Words.And(stops)}. {amount} will be wanted.", Basis.Rule, much, recoat, weather)
                    .Changing("A warmer or drier hour.")
                : Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"{amount}, if the test card has dried to the right shade.",
                        Basis.Rule,
                        much,
                        recoat,
                        weather
                    )
                    .Changing("A test card that came out another shade or wrinkled.")
        );
    }
}
