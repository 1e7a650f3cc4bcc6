using System.Text.Json.Serialization;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Drying;

/// <summary>What holds the water, and so how long it keeps it.</summary>
public enum WetPart
{
    NotKnown = 0,

    /// <summary>A shell, a panel, key caps: water lies on it.</summary>
    Shell,

    /// <summary>Posts, double walls and clips that hold drops.</summary>
    HollowShell,

    /// <summary>Water creeps under chips and into sockets.</summary>
    Board,

    /// <summary>Connectors, switches and slots: water stays between the contacts.</summary>
    Connectors,

    /// <summary>Foils that lie on each other.</summary>
    Membrane,

    /// <summary>Coils: transformers, motors, deflection.</summary>
    Coils,
    Wood,
}

/// <summary>What wetted it.</summary>
public enum WettedBy
{
    NotKnown = 0,
    Water,

    /// <summary>It takes the water with it and goes of itself.</summary>
    Alcohol,

    /// <summary>Water with soap, acid or peroxide that was not rinsed off: it keeps water.</summary>
    Unrinsed,
}

/// <summary>How the air moves.</summary>
public enum MovingAir
{
    Still = 0,
    Fan,

    /// <summary>A dehydrator: a fan, and the air let out.</summary>
    Dehydrator,
}

/// <summary>Numbers of the house.</summary>
public sealed record DryingDefaults
{
    /// <summary>Hours at 20 °C, half damp, in still air.</summary>
    public double ShellHours { get; init; } = 12;
    public double HollowShellHours { get; init; } = 36;
    public double BoardHours { get; init; } = 48;
    public double ConnectorsHours { get; init; } = 60;
    public double MembraneHours { get; init; } = 72;
    public double CoilsHours { get; init; } = 120;
    public double WoodHours { get; init; } = 168;

    /// <summary>Against water: alcohol is gone in a sixth of the time, from where it reaches. In coils, between foils and in hollow posts the water that it meets stays.</summary>
    public double AlcoholShare { get; init; } = 1.0 / 6;
    public double UnrinsedShare { get; init; } = 1.5;

    /// <summary>How much faster moving air carries the damp off.</summary>
    public double FanFactor { get; init; } = 2;
    public double DehydratorFactor { get; init; } = 3;

    /// <summary>However warm and windy: damp has to creep out, and that takes its time.</summary>
    public double LeastHours { get; init; } = 2;
}

/// <param name="Hours">Least time, from when it stopped dripping.</param>
/// <param name="Factor">How many times faster than at 20 °C, half damp, in still air.</param>
/// <param name="Traps">Where water stays longest: looked at, blown out, tipped.</param>
public sealed record DryingTimeResult(
    double? Hours,
    double? Factor,
    IReadOnlyList<string> Traps,
    Verdict Verdict,
    [property: JsonPropertyName("house")] DryingDefaults Defaults
);

/// <param name="Hours">Since the last weighing before.</param>
/// <param name="Grams">All of it, on one and the same scale.</param>
public sealed record Weighing(double Hours, double Grams);

/// <summary>How long a part dries, and when it counts as dry. Weighing can prove it wet, never dry.</summary>
public static class DryingTime
{
    /// <summary>Saturation pressure of water over liquid, hPa: Magnus formula, WMO-No. 8, annex 4.B.</summary>
    public static double SaturationHectopascals(double celsius) => 6.112 * Math.Exp(17.62 * celsius / (243.12 + celsius));

    /// <summary>How fast water leaves at <paramref name="celsius"/>, against 20 °C at half damp: what the air still takes up. Air warmed from the room keeps the room's water.</summary>
    /// <param name="roomCelsius">Of the room that the air comes from.</param>
    /// <param name="roomHumidity">Relative, percent.</param>
    public static double Factor(double celsius, double roomCelsius, double roomHumidity)
    {
        var held = SaturationHectopascals(roomCelsius) * roomHumidity / 100;
        return (SaturationHectopascals(celsius) - held) / (SaturationHectopascals(20) * 0.5);
    }

    /// <param name="part">Not known counts as the slowest of a bench, coils left out.</param>
    /// <param name="celsius">Where it dries. Never more than <see cref="DryingTemperature"/> allows.</param>
    /// <exception cref="InvalidInputException">A temperature or humidity that no bench has.</exception>
    public static DryingTimeResult Of(
        WetPart part,
        WettedBy by,
        double celsius,
        double roomCelsius = 20,
        double roomHumidity = 50,
        MovingAir air = MovingAir.Still,
        DryingDefaults? house = null
    )
    {
        var h = house ?? new();
        InvalidInputException.Finite("celsius", celsius, 0, 120, "°C");
        InvalidInputException.Finite("roomCelsius", roomCelsius, 0, 45, "°C");
        InvalidInputException.Finite("roomHumidity", roomHumidity, 0, 100, "%");
        foreach (var (name, v) in Figures(h))
        {
            InvalidInputException.Finite($"house.{name}", v, 0.01, 10_000, "");
        }
        if (celsius < roomCelsius - 1e-9)
        {
            throw new InvalidInputException(
                "celsius",
                "It dries where it is at least as warm as the room: colder, the damp settles on it."
            );
        }
        var traps = Traps(part);
        const string question = "How long does it dry?";
        var factor = Factor(celsius, roomCelsius, roomHumidity);
        if (factor < 0.05)
        {
            return new(
                null,
                null,
                traps,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"It does not dry there: air of {Si.Plain(roomHumidity)} % takes up no more.",
                        Basis.Rule,
                        new Reason(
                            "What the warm air still takes up decides.",
                            new("Of dry air at 20 °C", Math.Round(factor, 3), ""),
                            "Magnus formula, WMO-No. 8"
                        )
                    )
                    .Changing("Warmer by ten kelvin, or drier air."),
                h
            );
        }
        var blown = air switch
        {
            MovingAir.Fan => h.FanFactor,
            MovingAir.Dehydrator => h.DehydratorFactor,
            _ => 1,
        };
        var wet = by switch
        {
            WettedBy.Alcohol when part is WetPart.Shell or WetPart.Board or WetPart.Connectors => h.AlcoholShare,
            WettedBy.Unrinsed or WettedBy.NotKnown => h.UnrinsedShare,
            _ => 1,
        };
        var hours = Math.Max(h.LeastHours, BaseHours(part, h) * wet / (factor * blown));
        var assumed = new List<string>();
        if (part == WetPart.NotKnown)
        {
            assumed.Add("What it is nobody said: it counts as foils on each other.");
        }
        if (by == WettedBy.NotKnown)
        {
            assumed.Add("What wetted it nobody said: it counts as not rinsed.");
        }
        var rounded = hours < 10 ? Math.Ceiling(hours * 2 - 1e-9) / 2 : Math.Ceiling(hours - 1e-9);
        var verdict = Verdict.Of(
            question,
            Outcome.YesIf,
            $"{(rounded > 48 ? $"{Si.Plain(Math.Ceiling(rounded / 24 * 2) / 2)} days" : $"{Si.Plain(rounded)} h")} at the least, and two weighings that are equal.",
            Basis.Rule,
            [
                new(
                    $"At {Si.Plain(celsius)} °C water leaves {Si.Plain(Math.Round(factor, 1))} times as fast as at 20 °C{(blown > 1 ? $", and moving air makes that {Si.Plain(Math.Round(factor * blown, 1))}" : "")}.",
                    new("Faster", Math.Round(factor * blown, 3), ""),
                    "Magnus formula, WMO-No. 8; base times are house figures"
                ),
                .. assumed.Select(a => new Reason(a)),
                new("No power before: water under a chip or in a switch conducts, and eats.", Source: "practice"),
            ]
        );
        return new(rounded, factor * blown, traps, verdict.Changing("A weighing that is still less than the one before: it is wet."), h);
    }

    static double BaseHours(WetPart part, DryingDefaults h) =>
        part switch
        {
            WetPart.Shell => h.ShellHours,
            WetPart.HollowShell => h.HollowShellHours,
            WetPart.Board => h.BoardHours,
            WetPart.Connectors => h.ConnectorsHours,
            WetPart.Coils => h.CoilsHours,
            WetPart.Wood => h.WoodHours,
            _ => h.MembraneHours,
        };

    static IEnumerable<(string Name, double Value)> Figures(DryingDefaults h) =>
        [
            ("shellHours", h.ShellHours),
            ("hollowShellHours", h.HollowShellHours),
            ("boardHours", h.BoardHours),
            ("connectorsHours", h.ConnectorsHours),
            ("membraneHours", h.MembraneHours),
            ("coilsHours", h.CoilsHours),
            ("woodHours", h.WoodHours),
            ("alcoholShare", h.AlcoholShare),
            ("unrinsedShare", h.UnrinsedShare),
            ("fanFactor", h.FanFactor),
            ("dehydratorFactor", h.DehydratorFactor),
            ("leastHours", h.LeastHours),
        ];

    static IReadOnlyList<string> Traps(WetPart part) =>
        part switch
        {
            WetPart.Shell => ["behind ribs and in screw posts"],
            WetPart.HollowShell => ["in screw posts", "between double walls", "behind clips"],
            WetPart.Board => ["under chips", "in sockets and slots", "in switches and trimmers"],
            WetPart.Connectors => ["between the contacts", "in switches", "under the shroud"],
            WetPart.Membrane => ["between the foils", "under the spacers"],
            WetPart.Coils => ["between the turns", "in the former"],
            WetPart.Wood => ["in end grain and joints"],
            _ => ["under chips", "in connectors and switches", "in screw posts", "between foils"],
        };

    /// <summary>Two weighings are equal only on a scale that shows what a few drops weigh, g. A house number: kitchen scales show whole grams.</summary>
    public const double CoarsestScaleGrams = 1;

    /// <summary>Whether it counts as dry: least time and two equal weighings, both.</summary>
    /// <param name="leastHours">From <see cref="Of"/>.</param>
    /// <param name="hours">That it has dried.</param>
    /// <param name="weighings">In order of time; empty when nobody weighed it.</param>
    /// <param name="scaleGrams">Least step of the scale.</param>
    /// <param name="takesMains">It takes the mains, or sits in a supply. Where nobody said, it counts as taking them.</param>
    public static Verdict IsDry(
        double leastHours,
        double hours,
        IReadOnlyList<Weighing> weighings,
        double scaleGrams,
        ThreeState takesMains = ThreeState.NotKnown
    )
    {
        var mains = takesMains != ThreeState.No;
        InvalidInputException.Finite("leastHours", leastHours, 0, 10_000, "h");
        InvalidInputException.Finite("hours", hours, 0, 10_000, "h");
        InvalidInputException.Finite("scaleGrams", scaleGrams, 0.001, 1000, "g");
        for (var i = 0; i < weighings.Count; i++)
        {
            InvalidInputException.Finite($"weighings[{i}].grams", weighings[i].Grams, 0.01, 100_000, "g");
            InvalidInputException.Finite($"weighings[{i}].hours", weighings[i].Hours, 0, 10_000, "h");
        }
        const string question = "Is it dry?";
        var w = weighings.OrderBy(x => x.Hours).ToList();
        var time = new Reason(
            $"{Si.Plain(Math.Round(hours, 1))} h of at least {Si.Plain(leastHours)} h.",
            new("Dried", Math.Round(hours, 1), "h", leastHours),
            "least time of its kind"
        );
        if (w.Count > 1)
        {
            var (before, after) = (w[^2], w[^1]);
            var apart = before.Grams - after.Grams;
            var weighed = new Reason(
                $"{Si.Plain(before.Grams)} g, then {Si.Plain(after.Grams)} g; the scale shows {Si.Plain(scaleGrams)} g.",
                new("Lost since", Math.Round(apart, 4), "g", null, scaleGrams)
            );
            if (scaleGrams > CoarsestScaleGrams + 1e-9)
            {
                return Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"This scale cannot tell: it shows steps of {Si.Plain(scaleGrams)} g, and a few drops weigh less. Weigh it on one that shows whole grams.",
                        Basis.Rule,
                        weighed,
                        time
                    )
                    .Changing($"Two weighings on a scale of {Si.Plain(CoarsestScaleGrams)} g or finer.")
                    .Final();
            }
            if (-apart >= scaleGrams - 1e-9)
            {
                return Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"It weighs {Si.Plain(Math.Round(-apart, 3))} g more than before: something lay on the scale, or it took up damp. Weigh it twice again.",
                        Basis.Measured,
                        weighed,
                        time
                    )
                    .Changing("Two weighings an hour apart that are equal.")
                    .Final();
            }
            if (apart >= scaleGrams - 1e-9)
            {
                return Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Still wet: it lost {Si.Plain(Math.Round(apart, 3))} g since the weighing before.",
                        Basis.Measured,
                        weighed,
                        time
                    )
                    .Changing("Two weighings an hour apart that are equal.")
                    .Final();
            }
            if (hours < leastHours - 1e-9)
            {
                return Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not yet: it dries another {Si.Plain(Math.Round(leastHours - hours, 1))} h. A scale does not find what sits under a chip.",
                        Basis.Rule,
                        time,
                        weighed
                    )
                    .Changing("The rest of its time.")
                    .Final();
            }
            if (after.Hours - before.Hours < 1 - 1e-9)
            {
                return Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "The two weighings are less than an hour apart: weigh it again in an hour.",
                        Basis.Measured,
                        weighed,
                        time
                    )
                    .Changing("A weighing an hour after the last.");
            }
            return mains
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        "It may be dry, but what takes the mains and was wet is not put back by drying alone.",
                        Basis.Rule,
                        new Reason(
                            "Salt and damp stay in windings and under sleeves, where mains finds them.",
                            Source: "local codes and licensed practice decide"
                        ),
                        time,
                        weighed
                    )
                    .Changing("An insulation test by somebody trained for mains.")
                    .With(Safety.CautionId.MainsSupply)
                    .Final()
                : Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        "It counts as dry: the time is over, and two weighings are equal.",
                        Basis.Measured,
                        time,
                        weighed
                    )
                    .Changing("A drop seen in a connector, a switch or a post.");
        }
        return hours < leastHours - 1e-9
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not yet: it dries another {Si.Plain(Math.Round(leastHours - hours, 1))} h.",
                        Basis.Rule,
                        time
                    )
                    .Changing("The rest of its time, and two equal weighings.")
                    .Final()
            : mains
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "The time is over; weigh it twice, an hour apart. It takes the mains, or nobody has said that it does not.",
                        Basis.Rule,
                        time
                    )
                    .Changing("Two weighings an hour apart that are equal.")
                    .Final()
            : Verdict
                .Of(question, Outcome.Unknown, "The time is over; weigh it twice, an hour apart.", Basis.Rule, time)
                .Changing("Two weighings an hour apart that are equal.");
    }
}
