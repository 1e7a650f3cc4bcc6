using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Drying;

/// <summary>What a temperature was typed in.</summary>
public enum TemperatureUnit
{
    /// <summary>Nobody said: it is asked, never assumed.</summary>
    NotSaid = 0,
    Celsius,
    Fahrenheit,
}

/// <summary>What may be on a part and does not bear every warmth.</summary>
public enum HeatShy
{
    NotKnown = 0,
    Abs,
    Polystyrene,
    Polycarbonate,
    Acrylic,
    Nylon,
    PaperLabel,
    FoilLabel,
    Adhesive,
    Foam,
    SoftTouch,
    Membrane,
    Electrolytics,
    Cell,
    LiquidCrystalPanel,
    PictureTube,
    Disk,
    BareBoard,
    Metal,
    Wood,
}

/// <param name="MostCelsius">Null where nothing may be warmed at all.</param>
/// <param name="Because">What sets that limit.</param>
public sealed record DryingTemperatureResult(double? MostCelsius, string Because, double? AskedCelsius, Verdict Verdict);

/// <summary>How warm a part may get while it dries: the lowest limit of anything on it.</summary>
public static class DryingTemperature
{
    /// <summary>A thermostat overshoots by about this much between its marks. Usual of kitchen ovens and dehydrators; a house figure, K.</summary>
    public const double OvershootKelvin = 10;

    /// <summary>
    /// Most degrees Celsius, and why. Plastics about 30 K below their heat deflection temperature (ISO 75, 0.45 MPa, usual grades:
    /// ABS 95, PS 85, PMMA 95, PC 138, PA 6 190 °C); electrolytics below their rating; the rest is practice.
    /// </summary>
    static (double? Most, string Words) Limit(HeatShy what) =>
        what switch
        {
            HeatShy.Abs => (60, "ABS, which warps"),
            HeatShy.Polystyrene => (50, "polystyrene, which warps"),
            HeatShy.Polycarbonate => (80, "polycarbonate"),
            HeatShy.Acrylic => (60, "acrylic, which warps and crazes"),
            HeatShy.Nylon => (80, "nylon"),
            HeatShy.PaperLabel => (50, "a paper label, whose glue lets go"),
            HeatShy.FoilLabel => (50, "a foil label, whose glue creeps"),
            HeatShy.Adhesive => (45, "glue that creeps"),
            HeatShy.Foam => (45, "foam that crumbles"),
            HeatShy.SoftTouch => (40, "a soft-touch coating, which turns sticky"),
            HeatShy.Membrane => (50, "membrane foils, which part"),
            HeatShy.Electrolytics => (70, "electrolytic capacitors"),
            HeatShy.LiquidCrystalPanel => (null, "a liquid crystal panel"),
            HeatShy.Cell => (null, "a cell"),
            HeatShy.PictureTube => (null, "a picture tube"),
            HeatShy.Disk => (45, "a disk"),
            HeatShy.BareBoard => (80, "a board"),
            HeatShy.Metal => (100, "metal"),
            HeatShy.Wood => (35, "wood, which splits"),
            _ => (40, "something nobody has identified"),
        };

    /// <summary>Most warmth that shortens a part's drying, °C: no more than its least limit bears. Null where nothing of it is known to bear warmth.</summary>
    public static double? MostFor(IEnumerable<HeatShy> on) =>
        on.Select(x => Limit(x).Most).ToList() is { Count: > 0 } most && most.All(m => m is not null) ? most.Min() : null;

    public static double ToCelsius(double fahrenheit) => (fahrenheit - 32) / 1.8;

    /// <param name="on">Everything on the part; empty counts as not known.</param>
    /// <param name="asked">As read off the dial; null where no oven is set yet.</param>
    /// <param name="solvent">There is solvent or fuel on it. Where nobody said, it is asked before anything is warmed.</param>
    /// <exception cref="InvalidInputException">A figure that no dial has.</exception>
    public static DryingTemperatureResult Of(
        IReadOnlyCollection<HeatShy> on,
        double? asked = null,
        TemperatureUnit unit = TemperatureUnit.NotSaid,
        ThreeState solvent = ThreeState.NotKnown
    )
    {
        InvalidInputException.Finite("asked", asked, -40, 600, "degrees");
        const string question = "How warm may it get?";
        var what = on.Count == 0 ? [HeatShy.NotKnown] : on.Distinct().ToList();
        var forbids = what.Select(Limit).Where(l => l.Most is null).Select(l => l.Words).ToList();
        if (forbids.Count > 0)
        {
            return new(
                null,
                forbids[0],
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not at all while {Words.And(forbids)} {(forbids.Count == 1 ? "is" : "are")} in it: take {(forbids.Count == 1 ? "it" : "them")} out first.",
                        Basis.Rule,
                        new Reason("A cell swells, a panel delaminates, a tube can implode.", Source: "practice")
                    )
                    .Changing("The same part without it.")
                    .Final()
            );
        }
        if (solvent == ThreeState.Yes)
        {
            return new(
                null,
                "solvent",
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        "No warmth while there is solvent on it: let it air off in the open first.",
                        Basis.Rule,
                        new Reason("Its vapour catches fire at a heater.", Source: "safety data sheets of solvents")
                    )
                    .Changing("No smell of it any more.")
                    .With(Safety.CautionId.SolventAndFlame)
                    .Final()
            );
        }
        var (most, because) = what.Select(Limit).MinBy(l => l.Most);
        var why = new Reason(
            $"The lowest limit of anything on it: {because}, {Si.Plain(most!.Value)} °C.",
            new("Most", most.Value, "°C", null, most),
            "ISO 75 less 30 K for plastics; practice for the rest"
        );
        var dial = most.Value - OvershootKelvin;
        var overshoot = new Reason(
            $"A thermostat overshoots by about {Si.Plain(OvershootKelvin)} K: set {Si.Plain(dial)} °C, with a thermometer beside the part.",
            new("Set", dial, "°C")
        );
        var oven = new Reason("A box or a dehydrator: never an oven for food, and never gas.", Source: "practice");
        if (asked is not { } degrees)
        {
            if (solvent == ThreeState.NotKnown)
            {
                return new(
                    most,
                    because,
                    null,
                    Verdict
                        .Of(
                            question,
                            Outcome.Unknown,
                            $"Up to {Si.Plain(most.Value)} °C if no solvent is on it: say first whether there is.",
                            Basis.Rule,
                            why,
                            oven
                        )
                        .Changing("No smell of solvent on it.")
                        .With(Safety.CautionId.SolventAndFlame)
                );
            }
            return new(
                most,
                because,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"Up to {Si.Plain(most.Value)} °C, so set the dial to {Si.Plain(dial)} °C.",
                        Basis.Rule,
                        why,
                        overshoot,
                        oven
                    )
                    .Changing("Something on it that bears less.")
            );
        }
        if (unit == TemperatureUnit.NotSaid)
        {
            return new(
                most,
                because,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"{Si.Plain(degrees)} of what? {Si.Plain(degrees)} °F is {Si.Plain(Math.Round(ToCelsius(degrees)))} °C, {Si.Plain(degrees)} °C is {Si.Plain(Math.Round(degrees * 1.8 + 32))} °F.",
                        Basis.Rule,
                        why
                    )
                    .Changing("The unit on the dial.")
            );
        }
        var celsius = unit == TemperatureUnit.Fahrenheit ? ToCelsius(degrees) : degrees;
        if (celsius <= most.Value + 1e-9 && (solvent == ThreeState.NotKnown || what.Contains(HeatShy.NotKnown)))
        {
            return new(
                most,
                because,
                celsius,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        what.Contains(HeatShy.NotKnown)
                            ? "Say first what is on it: a cell, a panel or a tube bears no warmth at all."
                            : "Say first whether there is solvent on it: its vapour catches fire at a heater.",
                        Basis.Guess,
                        why
                    )
                    .Changing(what.Contains(HeatShy.NotKnown) ? "Everything on the part, by name." : "No smell of solvent on it.")
                    .With(solvent == ThreeState.NotKnown ? [Safety.CautionId.SolventAndFlame] : [])
            );
        }
        var said = $"{Si.Plain(Math.Round(celsius))} °C";
        return new(
            most,
            because,
            celsius,
            celsius > most.Value + 1e-9
                    ? Verdict
                        .Of(
                            question,
                            Outcome.No,
                            $"{said} is too warm: {because} bears {Si.Plain(most.Value)} °C.",
                            Basis.Rule,
                            why,
                            overshoot,
                            oven
                        )
                        .Changing($"{Si.Plain(dial)} °C on the dial.")
                : celsius > dial + 1e-9
                    ? Verdict
                        .Of(
                            question,
                            Outcome.YesIf,
                            $"{said} will do if a thermometer beside the part never shows more than {Si.Plain(most.Value)} °C.",
                            Basis.Rule,
                            why,
                            overshoot,
                            oven
                        )
                        .Changing($"{Si.Plain(dial)} °C on the dial.")
                : Verdict.Of(question, Outcome.Yes, $"{said} will do.", Basis.Rule, why, oven).Changing("Something on it that bears less.")
        );
    }
}
