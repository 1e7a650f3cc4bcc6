using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>What drives the bleach.</summary>
public enum BleachLight
{
    NotKnown = 0,
    Sun,

    /// <summary>A lamp of 365 to 405 nm.</summary>
    Lamp,

    /// <summary>A lamp that gives UV-C, as germicidal lamps do: never with people or eyes about.</summary>
    LampUvC,
}

public enum BleachAs
{
    NotKnown = 0,
    Bath,
    Film,
}

/// <summary>How one session whitens.</summary>
public sealed record BleachFacts
{
    /// <summary>Of hydrogen peroxide, by what was mixed.</summary>
    public double? Percent { get; init; }
    public BleachAs As { get; init; }
    public BleachLight Light { get; init; }

    /// <summary>Of the sky that clouds cover, 0 to 1; null counts as half.</summary>
    public double? CloudShare { get; init; }

    /// <summary>North is positive; null takes 55°.</summary>
    public double? Latitude { get; init; }

    /// <summary>Of a lamp against high summer sun; null takes 1.</summary>
    public double? LampStrength { get; init; }

    /// <summary>Of the bath or the part; null takes 25 °C.</summary>
    public double? Celsius { get; init; }

    /// <exception cref="InvalidInputException">A figure that no session has.</exception>
    public void Check(string field = "bleach")
    {
        InvalidInputException.Finite($"{field}.percent", Percent, 0.5, 35, "%");
        InvalidInputException.Finite($"{field}.cloudShare", CloudShare, 0, 1, "");
        InvalidInputException.Finite($"{field}.latitude", Latitude, -70, 70, "°");
        InvalidInputException.Finite($"{field}.lampStrength", LampStrength, 0.01, 20, "");
        InvalidInputException.Finite($"{field}.celsius", Celsius, 0, 60, "°C");
    }
}

/// <param name="Hours">Of full summer sun at 6 % and 25 °C that it counts as.</param>
/// <param name="Light">Against full summer sun, mean over the time.</param>
/// <param name="Rate">Dose an hour.</param>
public sealed record DoseResult(double Hours, double Light, double Rate, Verdict Verdict);

/// <summary>What a session counts as, so that a dull hour and a bright one, a weak bath and a strong one compare: hours × strength × light × warmth.</summary>
public static class Dose
{
    /// <summary>The bath that counts as one.</summary>
    public const double ReferencePercent = 6;

    /// <summary>Rate goes with the root of the strength: half the peroxide whitens at 0.7 of the rate. A house figure; fits correct it.</summary>
    public const double StrengthPower = 0.5;

    /// <summary>Ten kelvins double the rate, as of most reactions near room warmth (van 't Hoff's rule).</summary>
    public const double PerTenKelvin = 2;
    public const double ReferenceCelsius = 25;

    /// <summary>A film under foil against a bath of the same strength. A house figure.</summary>
    public const double FilmShare = 0.8;

    public const double UsualLatitude = 55,
        UsualCloud = 0.5;

    /// <summary>Sine of the sun's height; negative at night.</summary>
    /// <param name="dayOfYear">1 to 366.</param>
    /// <param name="solarHour">12 when the sun stands highest.</param>
    /// <remarks>Declination after Cooper (1969), 23.45° · sin(360°·(284 + n)/365): good to half a degree.</remarks>
    public static double SunHeight(double latitude, int dayOfYear, double solarHour)
    {
        var (lat, decl) = (latitude * Math.PI / 180, 23.45 * Math.PI / 180 * Math.Sin(2 * Math.PI * (284 + dayOfYear) / 365));
        return Math.Sin(lat) * Math.Sin(decl) + Math.Cos(lat) * Math.Cos(decl) * Math.Cos((solarHour - 12) * Math.PI / 12);
    }

    /// <summary>Sunlight against a high summer noon, 0 to about 1.1. Clear sky by height with the path through the air (power 1.25, close to what UV-A meters read), clouds after Kasten and Czeplak (1980): 1 − 0.75·N^3.4.</summary>
    public static double Sun(double latitude, DateTime at, double cloudShare)
    {
        var high = SunHeight(latitude, at.DayOfYear, at.TimeOfDay.TotalHours);
        // 55° of height: noon of June at 55° north, near enough.
        return high <= 0 ? 0 : Math.Pow(high / 0.85, 1.25) * (1 - 0.75 * Math.Pow(cloudShare, 3.4));
    }

    /// <param name="from">By the clock at the bench, taken as the sun's: off by an hour or so, and by another in summer time.</param>
    /// <param name="hours">That it lasts.</param>
    /// <exception cref="InvalidInputException">A figure that no session has.</exception>
    public static DoseResult Of(BleachFacts bleach, DateTime from, double hours)
    {
        bleach.Check();
        InvalidInputException.Finite("hours", hours, 0, 500, "h");
        const string question = "What does the session count as?";
        if (bleach.Percent is not { } percent || bleach.Light == BleachLight.NotKnown || bleach.As == BleachAs.NotKnown)
        {
            return new(
                0,
                0,
                0,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "How strong it is, whether bath or film, and under what light: all three have to be said.",
                        Basis.Rule
                    )
                    .Changing("The strength that was mixed, and the light.")
            );
        }
        var light = bleach.LampStrength ?? 1;
        if (bleach.Light == BleachLight.Sun)
        {
            var (latitude, cloud) = (bleach.Latitude ?? UsualLatitude, bleach.CloudShare ?? UsualCloud);
            var steps = Math.Max(1, (int)Math.Ceiling(hours * 4));
            light = Enumerable.Range(0, steps).Average(i => Sun(latitude, from.AddHours(hours * (i + 0.5) / steps), cloud));
        }
        var rate =
            Math.Pow(percent / ReferencePercent, StrengthPower)
            * (bleach.As == BleachAs.Film ? FilmShare : 1)
            * Math.Pow(PerTenKelvin, ((bleach.Celsius ?? ReferenceCelsius) - ReferenceCelsius) / 10)
            * light;
        return new(
            hours * rate,
            light,
            rate,
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"{Si.Plain(Math.Round(hours, 1))} h count as {Si.Plain(Math.Round(hours * rate, 1))} h of full summer sun at {Si.Plain(ReferencePercent)} %.",
                    bleach.CloudShare is null && bleach.Light == BleachLight.Sun ? Basis.Guess : Basis.Rule,
                    new Reason(
                        $"Light {Si.Plain(Math.Round(light * 100))} % of a summer noon{(bleach.Light == BleachLight.Sun && bleach.CloudShare is null ? ", half the sky taken as covered" : "")}.",
                        new("Light", Math.Round(light, 3), ""),
                        bleach.Light == BleachLight.Sun ? "Cooper 1969; Kasten and Czeplak 1980" : "what the lamp was said to be"
                    ),
                    new Reason(
                        $"{Si.Plain(percent)} % against {Si.Plain(ReferencePercent)} %, at {Si.Plain(bleach.Celsius ?? ReferenceCelsius)} °C.",
                        Source: "house figures; the next readings correct them"
                    )
                )
                .Changing("Cloud, strength or warmth other than that.")
        );
    }
}
