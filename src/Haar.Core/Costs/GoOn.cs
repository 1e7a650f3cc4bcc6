using Haar.Core.Verdicts;

namespace Haar.Core.Costs;

/// <summary>What a machine is expected to come to, as a person says it on the first day.</summary>
public sealed record Expectation
{
    /// <summary>Still to be spent until it is finished, in the workshop's currency; null when nobody has said.</summary>
    public Estimate? ToFinish { get; init; }

    /// <summary>What a complete, tested one costs.</summary>
    public Estimate? Complete { get; init; }

    /// <summary>The sum at which the person wants to stop; null for the house's rule.</summary>
    public double? StopLoss { get; init; }
}

/// <param name="Spent">Paid and spent so far.</param>
/// <param name="AtTheEnd">Spent plus what is expected; null when nobody has said.</param>
/// <param name="StopLoss">The sum at which going on costs more than a complete one; null when neither is known.</param>
/// <param name="Left">Stop-loss minus spent; negative when it is passed.</param>
public sealed record GoOnResult(Verdict Verdict, double Spent, Estimate? AtTheEnd, double? StopLoss, double? Left);

/// <summary>Go on, or stop? What has been spent and what is still to come, against what a complete one costs.</summary>
public static class GoOn
{
    /// <summary>Where nobody named a stop-loss: the likely price of a complete one. A house number.</summary>
    public const double StopLossShare = 1.0;

    /// <param name="spent">Price and purchases so far, before this decision.</param>
    /// <param name="next">What this decision would cost; 0 for none.</param>
    public static GoOnResult Of(double spent, Expectation e, double next = 0, string currency = "EUR", double stopLossShare = StopLossShare)
    {
        InvalidInputException.Finite("spent", spent, 0, 1e7, currency);
        InvalidInputException.Finite("next", next, 0, 1e7, currency);
        InvalidInputException.Finite("stopLossShare", stopLossShare, 0.05, 10, "");
        InvalidInputException.Finite("expectation.stopLoss", e.StopLoss, 0, 1e7, currency);
        if (e.ToFinish is { } f)
        {
            Estimate.Check("expectation.toFinish", f, 1e7, currency);
        }
        if (e.Complete is { } c)
        {
            Estimate.Check("expectation.complete", c, 1e7, currency);
        }
        var stop = e.StopLoss ?? (e.Complete is { } complete ? Math.Round(complete.Likely * stopLossShare, 2) : null);
        // What is bought now is part of what was expected, until it is more than that.
        var end = e.ToFinish is { } to
            ? new Estimate(spent + Math.Max(next, to.Low), spent + Math.Max(next, to.Likely), spent + Math.Max(next, to.High))
            : null;
        var left = stop - spent;
        const string question = "Go on, or stop?";
        string Money(double v) => Costs.Money.Of(v, currency);
        var reasons = new List<Reason>
        {
            new($"Paid and spent so far: {Money(spent)}.", new("spent", spent, currency, null, stop), "the machine's own ledger"),
        };
        if (end is not null)
        {
            reasons.Add(
                new(
                    $"Finished it will have cost {Money(end.Low)} to {Money(end.High)}, likely {Money(end.Likely)}.",
                    new("at the end", end.Likely, currency, null, stop),
                    "what was expected when it came"
                )
            );
        }
        if (stop is { } s)
        {
            reasons.Add(
                new(
                    e.StopLoss is null
                        ? $"A complete one costs about {Money(e.Complete!.Likely)}."
                        : $"The stop-loss was set at {Money(s)}.",
                    new("stop-loss", s, currency)
                )
            );
        }
        var v =
            stop is not { } limit
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"{Money(spent)} so far; nobody has said what a complete one costs, so there is no point at which to stop.",
                        Basis.Guess,
                        reasons
                    )
                    .Changing("The price of a complete, tested one.", "A stop-loss of your own.")
            : spent > limit
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Stop: {Money(spent)} is spent, {Money(spent - limit)} past the point at which a complete one is cheaper.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing("A reason that is not money: say it, and go on.", "Selling what is left over.")
            : spent + next > limit
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Not this: {Money(next)} more would go {Money(spent + next - limit)} past the stop-loss.",
                        Basis.Measured,
                        reasons
                    )
                    .Changing("A cheaper part, or one from a donor.")
            : end is null
                ? Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"{Money(limit - spent - next)} are left before a complete one is cheaper; nobody has said what finishing will cost.",
                        Basis.Guess,
                        reasons
                    )
                    .Changing("What finishing is expected to cost.")
            : end.Low > limit
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Stop: even at the least, finishing comes to {Money(end.Low)}, {Money(end.Low - limit)} more than the stop-loss.",
                        Basis.Rule,
                        reasons
                    )
                    .Changing("Parts from a donor.", "A higher price for a complete one.")
            : end.Likely > limit
                ? Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"Doubtful: it likely ends at {Money(end.Likely)}, {Money(end.Likely - limit)} past the stop-loss. Go on only if the cheap case is in sight.",
                        Basis.Rule,
                        reasons
                    )
                    .Changing("Parts from a donor.", "A look inside, before more is spent.")
            : end.High > limit
                ? Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"Go on, with an eye on it: likely {Money(end.Likely)}, but at the worst {Money(end.High - limit)} past the stop-loss.",
                        Basis.Rule,
                        reasons
                    )
                    .Changing("What the dearest unknown turns out to be.")
            : Verdict.Of(
                question,
                Outcome.Yes,
                $"Go on: even at the worst it ends at {Money(end.High)}, {Money(limit - end.High)} under the stop-loss.",
                Basis.Rule,
                reasons
            );
        return new(v, spent, end, stop, left);
    }
}
