using Haar.Core.Markings;
using Haar.Core.Meters;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>One supply rail as read.</summary>
/// <param name="Name">As printed, such as "+12 V" or "+5 V sb".</param>
/// <param name="NominalVolts">With its sign; never 0.</param>
/// <param name="Volts">Read; null when not read yet.</param>
/// <param name="RippleMillivolts">Peak to peak; null when not read.</param>
/// <param name="OhmsToGround">With the power off and the plug out; null when not read.</param>
public sealed record RailReading(
    string Name,
    double NominalVolts,
    double? Volts = null,
    double? RippleMillivolts = null,
    double? OhmsToGround = null
);

/// <param name="Name">The rail.</param>
/// <param name="LeastVolts">Nearer to zero or not, the lower number.</param>
/// <param name="MostVolts">The higher number; both count as within.</param>
/// <param name="MostRippleMillivolts">Peak to peak.</param>
/// <param name="Outcome">Yes is within; unknown is not read.</param>
/// <param name="Sentence">A few words for the row.</param>
public sealed record RailResult(
    string Name,
    double LeastVolts,
    double MostVolts,
    double MostRippleMillivolts,
    double? Volts,
    double? RippleMillivolts,
    double? OhmsToGround,
    Outcome Outcome,
    string Sentence
);

/// <summary>Limits of the house. Defaults: the tolerance tables of desktop supply design guides of the 1990s and 2000s (±5 % positive, ±10 % negative; ripple 50 mV on 3.3 and 5 V, 120 mV on the rest).</summary>
public sealed record RailLimits
{
    public double PositiveShare { get; init; } = 0.05;
    public double NegativeShare { get; init; } = 0.10;

    /// <summary>For rails of 5 V and less.</summary>
    public double LowRailRippleMillivolts { get; init; } = 50;
    public double OtherRippleMillivolts { get; init; } = 120;

    /// <summary>At or below this to ground, with the power off, a rail is shorted.</summary>
    public double ShortOhms { get; init; } = 2;

    /// <summary>At or below this it is low enough to look at again.</summary>
    public double DoubtfulOhms { get; init; } = 10;
}

/// <param name="Verdict">May it go on?</param>
/// <param name="Rails">Each rail against its limits.</param>
/// <param name="Limits">The figures used.</param>
public sealed record RailsResult(Verdict Verdict, IReadOnlyList<RailResult> Rails, RailLimits Limits);

/// <summary>Supply rails against their limits, and what a bad one points at. Never an instruction to open a supply.</summary>
public static class Rails
{
    /// <summary>What no supply has: no rails, too many, one of no volts.</summary>
    /// <exception cref="InvalidInputException">Names the first rail that cannot be.</exception>
    public static void Check(IReadOnlyList<RailReading> rails) => Check(rails, new());

    /// <summary>Rails measured for shorts with the plug out.</summary>
    /// <exception cref="InvalidInputException">No rails, or a figure that no rail has.</exception>
    public static RailsResult Shorts(IReadOnlyList<RailReading> rails, RailLimits? limits = null)
    {
        limits ??= new();
        Check(rails, limits);
        var rows = rails
            .Select(r =>
                Row(
                    r,
                    limits,
                    r.OhmsToGround switch
                    {
                        null => (Outcome.Unknown, "not measured"),
                        { } o when o <= limits.ShortOhms => (Outcome.No, $"shorted: {Si.Format(o, "Ω")}"),
                        { } o when o <= limits.DoubtfulOhms => (Outcome.YesIf, $"low: {Si.Format(o, "Ω")}"),
                        { } o => (Outcome.Yes, $"no short: {Si.Format(o, "Ω")}"),
                    }
                )
            )
            .ToList();
        const string question = "Is any rail shorted?";
        var reasons = rails
            .Where(r => r.OhmsToGround is not null)
            .OrderBy(r => r.OhmsToGround)
            .Select(r => new Reason(
                $"{r.Name} to ground {Si.Format(r.OhmsToGround!.Value, "Ω")}.",
                new(r.Name, r.OhmsToGround.Value, "Ω", limits.ShortOhms),
                "measured with the plug out"
            ))
            .ToArray();
        var shorted = rows.Where(r => r.Outcome == Outcome.No).ToList();
        if (shorted.Count > 0)
        {
            return new(
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Go no further. {Words.And(shorted.Select(r => r.Name))} {(shorted.Count == 1 ? "is" : "are")} shorted to ground.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing(
                        "The same reading with every card, module and drive out: one of them may hold the short.",
                        "A tantalum bead found shorted and taken out."
                    ),
                rows,
                limits
            );
        }

        if (rows.Any(r => r.Outcome == Outcome.Unknown))
        {
            return new(
                Verdict.Of(
                    question,
                    Outcome.Unknown,
                    $"Measure {Words.And(rows.Where(r => r.Outcome == Outcome.Unknown).Select(r => r.Name))} to ground first, with the plug out.",
                    Basis.Guess,
                    reasons
                ),
                rows,
                limits
            );
        }

        var low = rows.FirstOrDefault(r => r.Outcome == Outcome.YesIf);
        return new(
            low is null
                ? Verdict.Of(question, Outcome.Yes, $"No short. The lowest is {reasons[0].Text}", Basis.Measured, reasons)
                : Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"{low.Name} is low but not shorted; a loaded board of many chips reads so. Watch it at the first switch-on.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing("The meter's leads the other way round: a short reads the same both ways."),
            rows,
            limits
        );
    }

    /// <summary>Rails under power: volts within their share, ripple within its limit.</summary>
    /// <param name="rails">Every rail of the supply.</param>
    /// <param name="loaded">Whether a stated load hangs on it; idle readings earn less trust.</param>
    /// <param name="limits">House figures.</param>
    /// <param name="supplyIsInternal">A mains part that stays closed.</param>
    public static RailsResult Powered(
        IReadOnlyList<RailReading> rails,
        bool loaded,
        RailLimits? limits = null,
        bool supplyIsInternal = true
    )
    {
        limits ??= new();
        Check(rails, limits);
        var rows = rails.Select(r => Judge(r, limits)).ToList();
        const string question = "Do the rails hold?";
        var reasons = rows.Where(r => r.Volts is not null)
            .OrderBy(r => r.Outcome == Outcome.No ? 0 : 1)
            .Select(r => new Reason(
                $"{r.Name}: {Volts(r.Volts!.Value)} V, {r.Sentence}.",
                new(r.Name, r.Volts.Value, "V", r.LeastVolts, r.MostVolts),
                "design guides of desktop supplies"
            ))
            .ToArray();
        var bad = rows.Where(r => r.Outcome == Outcome.No).ToList();
        if (bad.Count > 0)
        {
            var v = Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Go no further. {Words.And(bad.Select(Fault))}.",
                    Basis.Measured,
                    [.. reasons, new Reason(PointsAt(rows, bad, loaded))]
                )
                .Changing("A tested supply in its place.", "The same rails read again on another meter.");
            return new(supplyIsInternal ? v.With(CautionId.MainsSupply) : v, rows, limits);
        }

        var open = rows.Where(r => r.Outcome == Outcome.Unknown).ToList();
        if (open.Count > 0)
        {
            return new(
                Verdict
                    .Of(question, Outcome.Unknown, $"Read {Words.And(open.Select(r => r.Name))} next.", Basis.Guess, reasons)
                    .Changing("A reading of every rail."),
                rows,
                limits
            );
        }

        var noRipple = rows.Where(r => r.RippleMillivolts is null).ToList();
        return new(
            noRipple.Count > 0 || !loaded
                ? Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        noRipple.Count > 0
                            ? $"Every rail is within its volts; ripple has not been read on {Words.And(noRipple.Select(r => r.Name))}."
                            : "Every rail is within its limits, but without a load: a tired supply shows it under load only.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing(
                        noRipple.Count > 0
                            ? "Ripple, read in AC millivolts or on a scope, under load."
                            : "The same readings on a stated load for five minutes."
                    )
                : Verdict
                    .Of(question, Outcome.Yes, "Every rail holds under load, and its ripple is within limits.", Basis.Measured, reasons)
                    .Changing("An hour under load: a supply earns trust by time."),
            rows,
            limits
        );
    }

    static RailResult Judge(RailReading r, RailLimits limits)
    {
        var row = Row(r, limits, (Outcome.Unknown, "not read"));
        if (r.Volts is not { } v)
        {
            return row;
        }

        var parts = new List<string>();
        var bad = false;
        if (v < row.LeastVolts || v > row.MostVolts)
        {
            bad = true;
            var weak = Math.Abs(v) < Math.Abs(r.NominalVolts);
            var edge = weak ? (r.NominalVolts > 0 ? row.LeastVolts : row.MostVolts) : (r.NominalVolts > 0 ? row.MostVolts : row.LeastVolts);
            parts.Add(
                Math.Sign(v) * Math.Sign(r.NominalVolts) < 0 ? "wrong sign" : $"{Volts(Math.Abs(v - edge))} V {(weak ? "under" : "over")}"
            );
        }
        else
        {
            parts.Add("within");
        }

        if (r.RippleMillivolts is { } ripple)
        {
            bad |= ripple > row.MostRippleMillivolts;
            parts.Add($"ripple {Si.Plain(Math.Round(ripple, ripple < 10 ? 1 : 0))} mV");
        }

        return row with
        {
            Outcome = bad ? Outcome.No : Outcome.Yes,
            Sentence = string.Join(", ", parts),
        };
    }

    static RailResult Row(RailReading r, RailLimits limits, (Outcome, string) said)
    {
        var share = r.NominalVolts > 0 ? limits.PositiveShare : limits.NegativeShare;
        var (a, b) = (Si.Tidy(r.NominalVolts * (1 - share)), Si.Tidy(r.NominalVolts * (1 + share)));
        var ripple = Math.Abs(r.NominalVolts) <= 5.01 && r.NominalVolts > 0 ? limits.LowRailRippleMillivolts : limits.OtherRippleMillivolts;
        return new(r.Name, Math.Min(a, b), Math.Max(a, b), ripple, r.Volts, r.RippleMillivolts, r.OhmsToGround, said.Item1, said.Item2);
    }

    /// <summary>Two decimals, which is what a limit of five per cent can use.</summary>
    static string Volts(double v) => Si.Plain(Math.Round(v, 2, MidpointRounding.AwayFromZero));

    static string Fault(RailResult r)
    {
        var volts = r.Volts!.Value;
        var ripple =
            r.RippleMillivolts > r.MostRippleMillivolts ? Math.Round(r.RippleMillivolts.Value / r.MostRippleMillivolts, 1) : (double?)null;
        var inVolts = volts >= r.LeastVolts && volts <= r.MostVolts;
        var first =
            inVolts ? $"{r.Name} holds its volts"
            : Math.Abs(volts) < 0.3 ? $"{r.Name} is dead"
            : $"{r.Name} reads {Volts(volts)} V";
        return ripple is { } times ? $"{first}{(inVolts ? " but" : " and")} its ripple is {Si.Plain(times)} times the limit" : first;
    }

    /// <summary>What the pattern of bad rails points at. UnitOfWork practice; said as a pointer, never as a procedure.</summary>
    static string PointsAt(List<RailResult> rows, List<RailResult> bad, bool loaded)
    {
        bool Ripple(RailResult r) => r.RippleMillivolts > r.MostRippleMillivolts;
        bool Low(RailResult r) => r.Volts is { } v && Math.Abs(v) < Math.Min(Math.Abs(r.LeastVolts), Math.Abs(r.MostVolts));
        bool High(RailResult r) => r.Volts is { } v && Math.Abs(v) > Math.Max(Math.Abs(r.LeastVolts), Math.Abs(r.MostVolts));
        var main = rows.Where(r => r.Volts is not null).ToList();
        return bad.Any(High) ? "Too much volts points at regulation lost: take every board off it now, since this is what kills them."
            : main.Count > 1 && main.All(r => Math.Abs(r.Volts!.Value) < 0.3)
                ? "All rails dead points at a fuse, a supply that wants its power-on line pulled or a minimum load, or one that has shut itself down on a short."
            : bad.Any(r => Low(r) && Ripple(r)) ? "Low volts with high ripple point at dried output capacitors in the supply."
            : bad.Any(Ripple) ? "High ripple alone points at dried output capacitors in the supply."
            : bad.Count(Low) == main.Count ? "All rails low together point at an overload or a tired primary side."
            : bad.Any(r => Math.Abs(r.Volts!.Value) < 0.3)
                ? "One dead rail beside good ones points at its own fuse, rectifier or a short on that rail."
            : loaded ? "A rail that sags under load points at its own regulator or rectifier."
            : "A rail that is off without load may want a minimum load before it regulates.";
    }

    static void Check(IReadOnlyList<RailReading> rails, RailLimits limits)
    {
        if (rails.Count is 0 or > 24)
        {
            throw new InvalidInputException("rails", "Name between one and 24 rails.");
        }

        for (var i = 0; i < rails.Count; i++)
        {
            InvalidInputException.Finite($"rails[{i}].nominalVolts", rails[i].NominalVolts, -400, 400, "V");
            if (rails[i].NominalVolts == 0)
            {
                throw new InvalidInputException($"rails[{i}].nominalVolts", "A rail of 0 V is ground: name its volts.");
            }

            InvalidInputException.Finite($"rails[{i}].volts", rails[i].Volts, -1000, 1000, "V");
            InvalidInputException.Finite(
                $"rails[{i}].rippleMillivolts",
                rails[i].RippleMillivolts,
                0,
                ReadingLimits.MostRippleVolts * 1000,
                "mV"
            );
            InvalidInputException.Finite($"rails[{i}].ohmsToGround", rails[i].OhmsToGround, 0, 1e9, "Ω");
        }

        InvalidInputException.Finite("limits.positiveShare", limits.PositiveShare, 0.001, 0.5, "");
        InvalidInputException.Finite("limits.negativeShare", limits.NegativeShare, 0.001, 0.5, "");
        InvalidInputException.Finite("limits.lowRailRippleMillivolts", limits.LowRailRippleMillivolts, 1, 10_000, "mV");
        InvalidInputException.Finite("limits.otherRippleMillivolts", limits.OtherRippleMillivolts, 1, 10_000, "mV");
        InvalidInputException.Finite("limits.shortOhms", limits.ShortOhms, 0, 10_000, "Ω");
        InvalidInputException.Finite("limits.doubtfulOhms", limits.DoubtfulOhms, limits.ShortOhms, 100_000, "Ω");
    }
}
