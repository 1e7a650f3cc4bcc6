using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Batteries;

/// <summary>What was read across the cell's pads with the cell out: red lead on its plus pad, black on ground. Null is not read.</summary>
public sealed record ChargingReadings
{
    /// <summary>Board off.</summary>
    public double? OffVolts { get; init; }

    /// <summary>Board on.</summary>
    public double? OnVolts { get; init; }

    /// <summary>Board on, with the load across the pads.</summary>
    public double? LoadedVolts { get; init; }

    /// <summary>The load; 1 kΩ is usual.</summary>
    public double? LoadOhms { get; init; }

    /// <summary>What is put across them when nobody says otherwise, Ω. A house figure.</summary>
    internal const double UsualLoadOhms = 1000;
}

/// <param name="Charges">For the cell's site.</param>
/// <param name="Volts">Open line.</param>
/// <param name="Milliamps">Through the load: V/R.</param>
/// <param name="SourceOhms">What the line comes through: R·(V₀/V − 1).</param>
/// <param name="Measure">What to read next, which way round, board off or on; empty when nothing is left.</param>
public sealed record ChargingResult(
    ThreeState Charges,
    double? Volts,
    double? Milliamps,
    double? SourceOhms,
    IReadOnlyList<string> Measure,
    Verdict Verdict
);

/// <summary>Does the board charge its cell? From three readings with the cell out.</summary>
public static class ChargingLine
{
    /// <summary>Less than this on an open line is what a 10 MΩ meter picks up. A house figure.</summary>
    public const double NothingVolts = 0.3;

    /// <summary>Less than this through the load is the leak of a diode, not a charge. Small-signal diodes leak nanoamps to a few microamps.</summary>
    public const double LeakMicroamps = 20;

    /// <exception cref="InvalidInputException">A figure that no board has.</exception>
    public static ChargingResult Detect(ChargingReadings r)
    {
        InvalidInputException.Finite("offVolts", r.OffVolts, -60, 60, "V");
        InvalidInputException.Finite("onVolts", r.OnVolts, -60, 60, "V");
        InvalidInputException.Finite("loadedVolts", r.LoadedVolts, -60, 60, "V");
        InvalidInputException.Finite("loadOhms", r.LoadOhms, 10, 10_000_000, "Ω");
        if (r is { LoadedVolts: not null, LoadOhms: null })
        {
            throw new InvalidInputException(
                "loadOhms",
                "Say what was put across the pads, in ohms: the same volts are a charge into 1 kΩ and a leak into 100 kΩ."
            );
        }
        const string question = "Does the board charge its cell?";
        const string off = "Cell out, board off: volts from its plus pad (red) to ground (black).";
        const string on = "Cell out, board on: the same two places.";
        var load = $"Board on, {Si.Format(r.LoadOhms ?? ChargingReadings.UsualLoadOhms, "Ω")} across the pads: the same two places.";
        ChargingResult Say(
            ThreeState charges,
            Outcome outcome,
            string sentence,
            Basis founded,
            IReadOnlyList<Reason> reasons,
            params string[] measure
        ) =>
            new(
                charges,
                r.OnVolts,
                r.LoadedVolts is { } l ? Si.Tidy(Math.Abs(l) / r.LoadOhms!.Value * 1000) : null,
                r is { OnVolts: { } o, LoadedVolts: { } m } && m > 0.001 && o > m ? Math.Round(r.LoadOhms!.Value * (o / m - 1)) : null,
                measure,
                Verdict.Of(question, outcome, sentence, founded, reasons).Changing(measure)
            );

        if (r.OffVolts is > NothingVolts or < -NothingVolts)
        {
            return Say(
                ThreeState.NotKnown,
                Outcome.Unknown,
                $"Cannot say: {Si.Plain(r.OffVolts.Value)} V stand on the pads with the board off. Something is still charged, or a second cell is on the line: wait a minute and read again.",
                Basis.Measured,
                [
                    new(
                        "With the cell out and the board off nothing should drive the line.",
                        new("Board off", r.OffVolts.Value, "V", null, NothingVolts)
                    ),
                ],
                off
            );
        }

        if (r.OnVolts is < -NothingVolts)
        {
            return Say(
                ThreeState.NotKnown,
                Outcome.Unknown,
                "The reading is negative: the leads are exchanged, or that is not the plus pad. Red on the pad marked +, black on ground.",
                Basis.Measured,
                [new("A charging line is positive at the cell's plus.", new("Board on", r.OnVolts.Value, "V"))],
                on
            );
        }

        if (r is { OffVolts: null, OnVolts: not null })
        {
            return Say(
                ThreeState.NotKnown,
                Outcome.Unknown,
                $"Cannot say yet. {off}",
                Basis.Guess,
                [new("What stands there with the board off is no charge of the board’s.")],
                off
            );
        }

        if (r.OnVolts is not { } volts)
        {
            return Say(
                ThreeState.NotKnown,
                Outcome.Unknown,
                $"Cannot say yet. {(r.OffVolts is null ? off : on)}",
                Basis.Guess,
                [],
                r.OffVolts is null ? [off, on, load] : [on, load]
            );
        }

        if (volts <= NothingVolts)
        {
            return Say(
                ThreeState.No,
                Outcome.No,
                "No: with the board on nothing stands on the pads. Nothing charges here.",
                Basis.Measured,
                [new($"{Si.Plain(volts)} V with the board on.", new("Board on", volts, "V", null, NothingVolts))]
            );
        }

        if (r.LoadedVolts is not { } loaded)
        {
            return Say(
                ThreeState.Yes,
                Outcome.Unknown,
                $"Taken as yes: {Si.Plain(volts)} V stand on the pads with the board on, until a load shows whether anything is behind them.",
                Basis.Measured,
                [
                    new(
                        $"{Si.Plain(volts)} V with the board on; a leaky diode shows that too, into a meter of 10 MΩ.",
                        new("Board on", volts, "V")
                    ),
                ],
                load
            );
        }

        if (loaded > volts + 0.05)
        {
            throw new InvalidInputException(
                "loadedVolts",
                $"A load cannot raise the line from {Si.Plain(volts)} V to {Si.Plain(loaded)} V: one of the two was read wrong."
            );
        }

        var microamps = Math.Abs(loaded) / r.LoadOhms!.Value * 1e6;
        var figure = new Figure("Through the load", Si.Tidy(microamps), "µA", null, LeakMicroamps);
        return microamps < LeakMicroamps
            ? Say(
                ThreeState.No,
                Outcome.No,
                $"No: {Si.Plain(volts)} V stand there, but {Si.Format(r.LoadOhms!.Value, "Ω")} pull them down to {Si.Format(loaded, "V")}. That is a diode's leak and no charge.",
                Basis.Measured,
                [new($"{Si.Plain(Math.Round(microamps, 1))} µA through the load.", figure, "V/R")]
            )
            : Say(
                ThreeState.Yes,
                Outcome.Yes,
                $"Yes: {Si.Plain(volts)} V, and {Si.Format(microamps * 1e-6, "A")} into {Si.Format(r.LoadOhms!.Value, "Ω")}. No primary cell without a diode.",
                Basis.Measured,
                [new($"{Si.Format(microamps * 1e-6, "A")} through the load.", figure, "V/R")]
            );
    }
}
