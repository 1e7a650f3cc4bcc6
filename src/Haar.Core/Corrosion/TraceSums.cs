using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Corrosion;

/// <param name="Millimetres">Least width.</param>
/// <param name="AwgStandIn">Thinnest wire of the common gauges that carries as much; null when none does.</param>
public sealed record TraceWidthResult(double Millimetres, int? AwgStandIn, Verdict Verdict);

/// <param name="Ohms">Of all together.</param>
public sealed record OhmsResult(double Ohms, string Sentence);

/// <summary>Sums on traces and resistances.</summary>
public static class TraceSums
{
    public const int Most = 60;

    /// <summary>A = (I/(k·ΔT^0.44))^(1/0.725) square mils, IPC-2221 (6.2); width is area over thickness.</summary>
    /// <param name="inside">Whether the copper lies inside the board, where it sheds half as much; not known counts as inside.</param>
    /// <exception cref="InvalidInputException">A figure that no trace has.</exception>
    public static TraceWidthResult Width(double amps, double copperMicrometres, double riseKelvin, ThreeState inside)
    {
        InvalidInputException.Finite("amps", amps, 0.001, 100, "A");
        InvalidInputException.Finite("copperMicrometres", copperMicrometres, 5, 420, "µm");
        InvalidInputException.Finite("riseKelvin", riseKelvin, 1, 60, "K");
        var deep = inside != ThreeState.No;
        var k = deep ? 0.024 : 0.048;
        var squareMils = Math.Pow(amps / (k * Math.Pow(riseKelvin, 0.44)), 1 / 0.725);
        var width = squareMils * 0.0254 * 0.0254 / (copperMicrometres * 1e-3);
        var awg = Jumper.Awgs.Where(g => Jumper.ChassisAmps(g) >= amps).Select(g => (int?)g).FirstOrDefault();
        const string question = "How wide must a trace be?";
        // Tenths of a millimetre, and always up: a trace that is a little wider is cooler.
        var up = Math.Ceiling(width * 100 - 1e-9) / 100;
        return new(
            Si.Tidy(up),
            awg,
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"At least {Si.Plain(up)} mm of {Si.Plain(copperMicrometres)} µm copper {(deep ? "inside the board" : "on its outside")}{(inside == ThreeState.NotKnown ? ", taken as inside since nobody has said" : "")}: then it is {Si.Plain(riseKelvin)} K warmer than the board.",
                    Basis.Rule,
                    new Reason(
                        $"{Si.Plain(amps)} A want {Si.Plain(Math.Round(squareMils, 1))} square mils.",
                        new("Width", Si.Tidy(up * 1e-3), "m"),
                        "IPC-2221 (6.2): I = k·ΔT^0.44·A^0.725"
                    )
                )
                .Changing(
                    awg is { } g
                        ? $"A wire in its place: AWG {g} carries it."
                        : "Two wires in its place: none of the common gauges carries it alone."
                )
        );
    }

    /// <summary>One piece after another: their resistances add up.</summary>
    /// <exception cref="InvalidInputException">No pieces, too many, or one that no trace has; named by its place.</exception>
    public static OhmsResult Segments(IReadOnlyList<TraceFacts> segments)
    {
        if (segments.Count is 0 or > Most)
        {
            throw new InvalidInputException("segments", $"Give 1 to {Most} pieces of the trace.");
        }
        var ohms = Si.Tidy(segments.Sum(Trace.Ohms));
        return new(
            ohms,
            $"{Si.Format(ohms, "Ω")} over {Si.Plain(segments.Sum(s => s.LengthMillimetres))} mm, of which the piece with the most has {Si.Plain(Math.Round(segments.Max(Trace.Ohms) / segments.Sum(Trace.Ohms) * 100))} %."
        );
    }

    /// <summary>1/R = Σ 1/Rᵢ.</summary>
    /// <exception cref="InvalidInputException">None, too many, or one that is no resistance.</exception>
    public static OhmsResult Parallel(IReadOnlyList<double> ohms)
    {
        if (ohms.Count is 0 or > Most)
        {
            throw new InvalidInputException("ohms", $"Give 1 to {Most} resistances.");
        }
        for (var i = 0; i < ohms.Count; i++)
        {
            InvalidInputException.Finite($"ohms[{i}]", ohms[i], 1e-6, 1e12, "Ω");
        }
        var all = Si.Tidy(1 / ohms.Sum(r => 1 / r));
        return new(all, $"{Si.Format(all, "Ω")}, less than the least of them, {Si.Format(ohms.Min(), "Ω")}.");
    }
}
