using Haar.Core.Boards;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

public enum NetState
{
    NotMeasured = 0,
    Sound,
    Thin,
    Open,
    Repaired,
    MeasureBetter,

    /// <summary>Far less than whole copper has: bridged, or the probes are on two other points.</summary>
    Bridged,
}

/// <summary>What is known of a trace. Lengths in millimetres.</summary>
public sealed record TraceFacts
{
    public double LengthMillimetres { get; init; }
    public double WidthMillimetres { get; init; } = 0.3;

    /// <summary>35 µm is 1 oz copper.</summary>
    public double CopperMicrometres { get; init; } = 35;

    /// <summary>Plated holes in the way.</summary>
    public int Vias { get; init; }

    /// <summary>Most current that the net carries; null when not known.</summary>
    public double? Amps { get; init; }
}

/// <summary>One net that has to be measured end to end.</summary>
public sealed class BoardNet : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Guid BoardId { get; init; }
    public string Name { get; set; } = "";

    /// <summary>Where the probes go: "U6 pin 14".</summary>
    public string From { get; set; } = "";
    public string To { get; set; } = "";
    public Side Side { get; set; }

    /// <summary>Its run on the picture, from end to end; two points or more, or none.</summary>
    public List<Point> Path { get; set; } = [];
    public TraceFacts Trace { get; set; } = new();

    /// <summary>How it was mended; empty when it was not.</summary>
    public string Repair { get; set; } = "";
    public DateTimeOffset? RepairedAt { get; set; }
    public int Version { get; set; }

    public void Check()
    {
        Acts.TextField.Check("name", Name, 60, "1 to 60 characters.");
        Acts.TextField.Check("from", From, 60);
        Acts.TextField.Check("to", To, 60);
        Acts.TextField.Check("repair", Repair, 200);
        _ = Corrosion.Trace.Ohms(Trace);
        if (Path.Count == 1 || Path.Count > 400)
        {
            throw new InvalidInputException("path", "A run has two to 400 points, or none.");
        }
        for (var i = 0; i < Path.Count; i++)
        {
            InvalidInputException.Finite($"path[{i}].x", Path[i].X, 0, 1, "");
            InvalidInputException.Finite($"path[{i}].y", Path[i].Y, 0, 1, "");
        }
    }
}

/// <param name="ExpectedOhms">Of whole copper.</param>
/// <param name="LimitOhms">Above it counts as thin.</param>
/// <param name="CopperLeftLow">Least share of copper left: expected over read, contact error included; null when nothing was read.</param>
public sealed record TraceResult(
    double ExpectedOhms,
    double LimitOhms,
    double? CopperLeftLow,
    double? CopperLeftHigh,
    NetState State,
    Verdict Verdict,
    double ContactErrorOhms,
    double ThinFactor
);

/// <summary>Is a trace whole? Its resistance end to end against that of whole copper.</summary>
public static class Trace
{
    /// <summary>Resistivity of annealed copper at 20 °C, Ω·m; IEC 60028 has 1.7241e-8.</summary>
    public const double CopperOhmMetres = 1.72e-8;

    /// <summary>What two probes add by themselves after zeroing; a good hand's figure.</summary>
    public const double ContactErrorOhms = 0.010;

    /// <summary>Half as much again means a third of the copper is gone. A house figure.</summary>
    public const double ThinFactor = 1.5;

    /// <summary>Under this share of whole copper it is no trace of that length: its width and thickness are known to a third at best. A house figure.</summary>
    public const double BridgedShare = 0.5;

    /// <summary>Above this no trace is whole, whatever its length.</summary>
    public const double OpenOhms = 100;

    /// <summary>A plated hole of 0.4 mm through 1.6 mm with 20 µm of copper: ρ·h/(π·d·t), about 1.1 mΩ.</summary>
    public const double ViaOhms = 0.0011;

    /// <summary>R = ρ·L/(w·t), plus the plated holes; ohms at 20 °C.</summary>
    /// <exception cref="InvalidInputException">A length, width or thickness that no trace has.</exception>
    public static double Ohms(TraceFacts t)
    {
        InvalidInputException.Finite("trace.lengthMillimetres", t.LengthMillimetres, 0.1, 5000, "mm");
        InvalidInputException.Finite("trace.widthMillimetres", t.WidthMillimetres, 0.03, 100, "mm");
        InvalidInputException.Finite("trace.copperMicrometres", t.CopperMicrometres, 5, 420, "µm");
        InvalidInputException.Finite("trace.amps", t.Amps, 0, 100, "A");
        if (t.Vias is < 0 or > 200)
        {
            throw new InvalidInputException("trace.vias", "Between 0 and 200 plated holes.");
        }
        return CopperOhmMetres * (t.LengthMillimetres * 1e-3) / (t.WidthMillimetres * 1e-3 * t.CopperMicrometres * 1e-6) + t.Vias * ViaOhms;
    }

    /// <param name="mended">A wire was laid over it, which has less than the copper it stands for.</param>
    /// <param name="readOhms">Null when not measured; infinity is not sent: an overload is <paramref name="overload"/>.</param>
    public static TraceResult Judge(
        string net,
        TraceFacts t,
        double? readOhms,
        bool overload = false,
        double contactErrorOhms = ContactErrorOhms,
        double thinFactor = ThinFactor,
        bool mended = false
    )
    {
        var expected = Ohms(t);
        InvalidInputException.Finite("readOhms", readOhms, 0, 1e9, "Ω");
        InvalidInputException.Finite("contactErrorOhms", contactErrorOhms, 0, 10, "Ω");
        InvalidInputException.Finite("thinFactor", thinFactor, 1.05, 10, "");
        var question = $"Is {net} whole?";
        var limit = expected * thinFactor;
        var source = "R = ρ·L/(w·t), ρ of copper at 20 °C";
        var expects = new Reason(
            $"{Si.Plain(t.LengthMillimetres)} mm of {Si.Plain(t.WidthMillimetres)} mm trace in {Si.Plain(t.CopperMicrometres)} µm copper{(t.Vias > 0 ? $" and {t.Vias} plated {(t.Vias == 1 ? "hole" : "holes")}" : "")}: {Si.Format(expected, "Ω")} when whole.",
            new("Expected", Si.Tidy(expected), "Ω"),
            source
        );
        TraceResult Result(NetState state, Verdict v, double? low = null, double? high = null) =>
            new(Si.Tidy(expected), Si.Tidy(limit), low, high, state, v, contactErrorOhms, thinFactor);
        if (overload || readOhms >= OpenOhms)
        {
            return Result(
                NetState.Open,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"{net} is open: {(overload ? "open circuit on the meter" : Si.Format(readOhms!.Value, "Ω"))} where whole copper has {Si.Format(expected, "Ω")}. A jumper, end to end.",
                        Basis.Measured,
                        readOhms is { } r0
                            ? new Reason($"{Si.Format(r0, "Ω")} end to end.", new("Read", r0, "Ω", null, Si.Tidy(limit)))
                            : new Reason("Nothing gets through."),
                        expects
                    )
                    .Changing("Probes on bright metal, and the same again."),
                0,
                0
            );
        }

        if (readOhms is not { } read)
        {
            return Result(
                NetState.NotMeasured,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"{net} has not been measured. Whole, it reads {Si.Format(expected, "Ω")} end to end.",
                        Basis.Guess,
                        expects
                    )
                    .Changing("Ohms end to end, probes zeroed, on the parts' own pins.")
            );
        }

        var (least, most) = (Math.Max(0, read - contactErrorOhms), read + contactErrorOhms);
        var (low, high) = (Math.Min(1, expected / most), least <= 0 ? 1 : Math.Min(1, expected / least));
        var reading = new Reason(
            $"{Si.Format(read, "Ω")} read, ± {Si.Format(contactErrorOhms, "Ω")} at the probes: {Percent(low)}{(Percent(low) == Percent(high) ? "" : $" to {Percent(high)}")} % of the copper is left.",
            new("Read", read, "Ω", null, Si.Tidy(limit)),
            "expected over read, with the contact error both ways"
        );
        if (!mended && most < expected * BridgedShare)
        {
            return Result(
                NetState.Bridged,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"{net} reads {Si.Format(read, "Ω")} where whole copper alone has {Si.Format(expected, "Ω")}: something joins it on a shorter way, or these are not its two ends.",
                        Basis.Measured,
                        new Reason(
                            $"{Si.Format(read, "Ω")} read, ± {Si.Format(contactErrorOhms, "Ω")} at the probes.",
                            new("Read", read, "Ω", Si.Tidy(expected * BridgedShare), Si.Tidy(limit))
                        ),
                        expects
                    )
                    .Changing("The two ends looked up again, and its neighbours measured against it.")
            );
        }

        if (most <= limit)
        {
            return Result(
                NetState.Sound,
                Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        $"{net} is sound: {Si.Format(read, "Ω")}, and whole copper has {Si.Format(expected, "Ω")}.",
                        Basis.Measured,
                        reading,
                        expects
                    )
                    .Changing("The look a season from now."),
                low,
                high
            );
        }

        if (least > limit)
        {
            return Result(
                NetState.Thin,
                Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"{net} is thin: {Si.Format(read, "Ω")} where whole copper has {Si.Format(expected, "Ω")}, so {(Percent(low) == Percent(high) ? $"about {Percent(low)}" : $"{Percent(low)} to {Percent(high)}")} % of it is left. Tin it over or lay a jumper.",
                        Basis.Measured,
                        reading,
                        expects
                    )
                    .Changing("A four-wire reading."),
                low,
                high
            );
        }

        return Result(
            NetState.MeasureBetter,
            Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"Cannot say: the leads may add up to {Si.Format(contactErrorOhms, "Ω")}, and {Si.Format(Math.Abs(limit - expected), "Ω")} lies between whole and thin here. Measure with four wires, or zero the leads on each other first.",
                    Basis.Measured,
                    reading,
                    expects
                )
                .Changing("A four-wire reading, good to 1 mΩ."),
            low,
            high
        );
    }

    /// <summary>Milliohms typed as ohms: a thousand times whole copper to within a factor of three, and an ohm or more. Null when it is none; a sentence when it is.</summary>
    public static string? UnitSlip(TraceFacts t, double ohms)
    {
        var whole = Ohms(t);
        return ohms >= 1 && ohms / whole is > 300 and < 3000
            ? $"{Si.Format(ohms, "Ω")} is a thousand times what whole copper has here ({Si.Format(whole, "Ω")}): was it mΩ? Type {Si.Plain(ohms / 1000)}, or say that it is open."
            : null;
    }

    static string Percent(double share) => Si.Plain(Math.Round(share * 100));
}
