using Haar.Core.Markings;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>What the thing is, as far as it decides what cleaning can be trusted to have done.</summary>
public enum TrustKind
{
    /// <summary>A shell, a panel, a bracket: what one sees is what one gets.</summary>
    Plain = 0,
    Supply,

    /// <summary>A drive that was wet.</summary>
    WetDrive,
    Board,
    Mechanism,
}

/// <summary>What is known of it working.</summary>
public enum KnownWorking
{
    NotKnown = 0,

    /// <summary>Seen here, by us.</summary>
    SeenHere,

    /// <summary>Somebody said so.</summary>
    Said,
    KnownBroken,
}

/// <summary>Effort against what a tested one costs.</summary>
public sealed record WorthFacts
{
    /// <summary>Hands still to be spent on it, hours; null when nobody guessed.</summary>
    public Estimate? HoursLeft { get; init; }

    /// <summary>That it comes out usable, 0 to 1; null when nobody guessed.</summary>
    public double? Chance { get; init; }

    /// <summary>Of a tested one, postage with it, in the workshop's currency; null when none was found.</summary>
    public double? Replacement { get; init; }

    /// <summary>Of an hour of one's own, in that currency; null for whoever does it for its own sake.</summary>
    public double? HourWorth { get; init; }
    public TrustKind Kind { get; init; }
    public KnownWorking Working { get; init; }

    /// <summary>Whose word, and when: "the seller, in spring".</summary>
    public string OnWhoseWord { get; init; } = "";

    /// <summary>It is exchanged whatever it looks like. Not known counts as no.</summary>
    public ThreeState Exchanged { get; init; }

    /// <exception cref="InvalidInputException">A figure that cannot be.</exception>
    public void Check(string field = "worth")
    {
        if (HoursLeft is { } h)
        {
            _ = Estimate.Check($"{field}.hoursLeft", h, 1000, "h");
        }
        InvalidInputException.Finite($"{field}.chance", Chance, 0, 1, "");
        InvalidInputException.Finite($"{field}.replacement", Replacement, 0, 1e6, "");
        InvalidInputException.Finite($"{field}.hourWorth", HourWorth, 0, 1e5, "");
        Acts.TextField.Check($"{field}.onWhoseWord", OnWhoseWord, 200);
    }
}

/// <param name="Cost">Of cleaning it, in hours' worth for each time that it succeeds; low, likely, high. Null where it cannot be said.</param>
/// <param name="Earns">What would earn it trust afterwards; empty where it is plain to see.</param>
public sealed record WorthResult(Estimate? Cost, IReadOnlyList<string> Earns, Verdict Verdict);

/// <summary>Whether the cleaning is worth it: hours against the price of a tested one, and what one knows afterwards.</summary>
public static class Worth
{
    /// <summary>Cost over price up to which it is a matter of taste. A house figure.</summary>
    public const double TasteShare = 1.3;

    /// <exception cref="InvalidInputException">A figure that cannot be.</exception>
    public static WorthResult Of(WorthFacts w)
    {
        w.Check();
        const string question = "Is it worth the cleaning?";
        IReadOnlyList<string> earns = w.Kind switch
        {
            TrustKind.Supply =>
            [
                "Its insulation tested by somebody trained for mains.",
                "Every rail measured under load, with its ripple, before it feeds anything.",
            ],
            TrustKind.WetDrive =>
            [
                "A known disk that is worth nothing, read from end to end without an error.",
                "A surface test, twice, a day apart.",
            ],
            TrustKind.Board => ["No rail shorted, and its draw on a bench supply with a limit."],
            TrustKind.Mechanism => ["Its speed against nominal, and a worthless disk or sheet through it first."],
            _ => [],
        };
        CautionId[] cautions = w.Kind == TrustKind.Supply ? [CautionId.MainsSupply] : [];
        var word = w.Working switch
        {
            KnownWorking.SeenHere => new Reason(
                $"It was seen working here{(w.OnWhoseWord.Length > 0 ? $", {w.OnWhoseWord}" : "")}: a failure afterwards is ours.",
                Source: "our own record"
            ),
            KnownWorking.Said => new Reason(
                $"It is said to work{(w.OnWhoseWord.Length > 0 ? $", by {w.OnWhoseWord}" : "")}: a failure afterwards proves nothing of the cleaning.",
                Source: "hearsay"
            ),
            KnownWorking.KnownBroken => new Reason("It is known not to work: clean it only to find out why."),
            _ => new Reason("Nobody knows whether it works: a failure afterwards proves nothing."),
        };
        if (w.Exchanged == ThreeState.Yes)
        {
            return new(
                null,
                [],
                Verdict
                    .Of(question, Outcome.No, "No: it is exchanged anyway, and is not cleaned.", Basis.Rule, word)
                    .Changing("That it stays in after all.")
            );
        }
        if ((w.HoursLeft, w.Chance) is not ({ } hours, { } chance))
        {
            return new(
                null,
                earns,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "How long it will take and how likely it comes out well have to be guessed first.",
                        Basis.Guess,
                        word
                    )
                    .Changing("Low, likely and high hours, and a chance.")
                    .With(cautions)
            );
        }
        if (chance <= 0)
        {
            return new(
                null,
                earns,
                Verdict
                    .Of(question, Outcome.No, "No: it has no chance to come out well.", Basis.Guess, word)
                    .Changing("Another method.")
                    .With(cautions)
            );
        }
        if ((w.Replacement, w.HourWorth) is not ({ } price, { } worth))
        {
            return new(
                null,
                earns,
                Verdict
                    .Of(
                        question,
                        w.Replacement is null ? Outcome.Unknown : Outcome.YesIf,
                        w.Replacement is null
                            ? "What a tested one costs is not known yet."
                            : $"If {Si.Plain(hours.Likely)} h of your own are worth less to you than {Si.Plain(w.Replacement.Value)}.",
                        Basis.Guess,
                        word
                    )
                    .Changing(
                        w.Replacement is null ? "A price, postage with it, or that none is to be had." : "What an hour is worth to you."
                    )
                    .With(cautions)
            );
        }
        // Hours are spent whether it succeeds or not.
        var cost = new Estimate(hours.Low * worth / chance, hours.Likely * worth / chance, hours.High * worth / chance);
        var figure = new Reason(
            $"{Si.Plain(hours.Low)} to {Si.Plain(hours.High)} h at {Si.Plain(worth)}, and {Si.Plain(Math.Round(chance * 100))} % that it comes out well: {Si.Plain(Math.Round(cost.Low))} to {Si.Plain(Math.Round(cost.High))} for each that does. A tested one costs {Si.Plain(price)}.",
            new("Cost", Math.Round(cost.Likely, 2), "", null, price),
            "hours × worth ÷ chance"
        );
        var (outcome, sentence) =
            cost.High <= price ? (Outcome.Yes, "Yes: even the long way it costs less than a tested one.")
            : cost.Likely <= price ? (Outcome.YesIf, "Yes, if it goes as it usually does.")
            : cost.Low <= price * TasteShare ? (Outcome.YesIf, "Only if it means something to you: a tested one is as cheap.")
            : (Outcome.No, "No: a tested one costs less than the hours.");
        var trusted = earns.Count > 0 && outcome != Outcome.No;
        return new(
            cost,
            earns,
            Verdict
                .Of(
                    question,
                    trusted ? Outcome.YesIf : outcome,
                    trusted ? $"{sentence.TrimEnd('.')}; clean is not sound: it earns trust by measurement." : sentence,
                    Basis.Guess,
                    [figure, word, .. earns.Select(e => new Reason(e))]
                )
                .Changing("Another price, another chance, or that none is to be had.")
                .With(cautions)
        );
    }
}
