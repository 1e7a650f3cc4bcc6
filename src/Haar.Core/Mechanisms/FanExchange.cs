using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Mechanisms;

/// <summary>A fan by its label; null is not known.</summary>
public sealed record FanLabel
{
    public double? FrameMillimetres { get; init; }
    public double? ThicknessMillimetres { get; init; }
    public double? Volts { get; init; }
    public double? Amps { get; init; }

    /// <summary>Free air, cubic metres an hour.</summary>
    public double? CubicMetresPerHour { get; init; }

    /// <summary>Most static pressure, pascal: what pushes air through a narrow grille.</summary>
    public double? Pascals { get; init; }
    public string Plug { get; init; } = "";

    /// <summary>Air leaves on the side of the struts, as almost always; false for the other way.</summary>
    public bool? AwayFromHub { get; init; }
}

/// <param name="Broken">Rules that it breaks.</param>
public sealed record FanExchangeResult(IReadOnlyList<string> Broken, IReadOnlyList<string> NotKnown, Verdict Verdict);

/// <summary>Whether another fan may take a fan's place: size, volts, current, flow against pressure, direction, plug.</summary>
public static class FanExchange
{
    /// <summary>A header or supply that ran the old one bears this much more; above it nobody has promised anything. A house figure.</summary>
    public const double MostAmpsShare = 1.1;

    /// <summary>Flow and pressure that are no less, but for what labels round. A house figure.</summary>
    public const double LeastFlowShare = 0.95;

    /// <param name="room">Depth that there is, mm; null takes the old fan's.</param>
    /// <exception cref="InvalidInputException">A figure that no fan has.</exception>
    public static FanExchangeResult Judge(FanLabel old, FanLabel offered, double? room = null)
    {
        foreach (var (name, f) in new[] { ("old", old), ("offered", offered) })
        {
            InvalidInputException.Finite($"{name}.frameMillimetres", f.FrameMillimetres, 10, 400, "mm");
            InvalidInputException.Finite($"{name}.thicknessMillimetres", f.ThicknessMillimetres, 3, 200, "mm");
            InvalidInputException.Finite($"{name}.volts", f.Volts, 1, 400, "V");
            InvalidInputException.Finite($"{name}.amps", f.Amps, 0.001, 20, "A");
            InvalidInputException.Finite($"{name}.cubicMetresPerHour", f.CubicMetresPerHour, 0.1, 5000, "m³/h");
            InvalidInputException.Finite($"{name}.pascals", f.Pascals, 0.1, 5000, "Pa");
        }
        InvalidInputException.Finite("roomMillimetres", room, 3, 300, "mm");
        var (broken, open, met) = (new List<string>(), new List<string>(), new List<Reason>());
        void Rule(string what, double? was, double? has, Func<double, double, bool> holds, string unit, string says)
        {
            if (was is not { } w || has is not { } h)
            {
                open.Add(what);
            }
            else if (holds(w, h))
            {
                met.Add(new($"{Verdicts.Words.Capital(what)}: {Si.Plain(h)} {unit}, the old one {Si.Plain(w)} {unit}."));
            }
            else
            {
                broken.Add($"{Verdicts.Words.Capital(what)}: {Si.Plain(h)} {unit}, {says} {Si.Plain(w)} {unit}.");
            }
        }

        Rule("frame", old.FrameMillimetres, offered.FrameMillimetres, (w, h) => Math.Abs(w - h) < 0.6, "mm", "the holes are for");
        Rule(
            "thickness",
            room ?? old.ThicknessMillimetres,
            offered.ThicknessMillimetres,
            (w, h) => h <= w + 0.3,
            "mm",
            "there is room for"
        );
        Rule("volts", old.Volts, offered.Volts, (w, h) => Math.Abs(h / w - 1) < 0.02, "V", "the old one ran on");
        Rule("current", old.Amps, offered.Amps, (w, h) => h <= w * MostAmpsShare, "A", "the old one drew");
        Rule("flow", old.CubicMetresPerHour, offered.CubicMetresPerHour, (w, h) => h >= w * LeastFlowShare, "m³/h", "the old one moved");
        Rule("pressure", old.Pascals, offered.Pascals, (w, h) => h >= w * LeastFlowShare, "Pa", "the old one pushed");
        if (old.AwayFromHub is { } o && offered.AwayFromHub is { } a)
        {
            if (o != a)
            {
                met.Add(new("It blows the other way: turn it round, if its holes go through."));
            }
        }
        else
        {
            open.Add("which way it blows");
        }
        if (old.Plug.Length == 0 || offered.Plug.Length == 0)
        {
            open.Add("its plug");
        }
        else if (!string.Equals(old.Plug.Trim(), offered.Plug.Trim(), StringComparison.OrdinalIgnoreCase))
        {
            open.Add("whether its plug can be exchanged pin by pin");
        }
        const string question = "May it take its place?";
        return new(
            broken,
            open,
            broken.Count > 0
                    ? Verdict
                        .Of(question, Outcome.No, $"No. {broken[0]}", Basis.Rule, [.. broken.Select(b => new Reason(b)), .. met])
                        .Changing("Another fan.")
                : open.Count > 0
                    ? Verdict
                        .Of(
                            question,
                            Outcome.YesIf,
                            $"It may, if {Words.And(open)} {(open.Count == 1 ? "is" : "are")} right.",
                            Basis.Rule,
                            met
                        )
                        .Changing(open.Select(x => $"{Verdicts.Words.Capital(x)}, by label or measured."))
                : Verdict
                    .Of(question, Outcome.Yes, "It may: size, volts, current, flow, pressure and plug are right.", Basis.Rule, met)
                    .Changing("Temperatures at one load, and noise by phone at one distance, before and after.")
        );
    }
}
