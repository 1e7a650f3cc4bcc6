using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>What was touched since the machine last worked, as the check needs it.</summary>
/// <param name="Leads">Leads and board joints that were opened with it.</param>
public sealed record TouchedPiece(
    string Id,
    int Number,
    string Title,
    PieceKind Kind,
    bool BackIn,
    bool StaysOut,
    string ExchangedFor,
    [property: JsonPropertyName("wayRound")] string Polarity,
    bool SecondLook,
    IReadOnlyList<TouchedLead> Leads
);

/// <param name="Keyed">Null when nobody said.</param>
public sealed record TouchedLead(
    string Id,
    string Kind,
    bool? Keyed,
    [property: JsonPropertyName("wayRound")] string Polarity,
    bool BackIn
);

/// <param name="Id">Of what is looked at.</param>
/// <param name="Title">An order.</param>
/// <param name="Why">From this machine's own record.</param>
/// <param name="Share">How likely it is the fault, as a share of everything listed; from practice and from what was touched.</param>
/// <param name="Minutes">To look.</param>
public sealed record SeatingCheck(string Id, string Title, string Why, double Share, int Minutes);

/// <summary>How dead it is, which moves what is likely.</summary>
public enum Silence
{
    NothingAtAll = 0,
    FansOnly,
    BeepsOnly,
    NoPicture,
}

/// <summary>
/// Nothing on after a rebuild: what was touched since it last worked, most likely first for the minutes it takes. The weights
/// are bench practice, not a standard: unseated modules and leads first, then the way round, then what was left over.
/// </summary>
public static class NoPowerDiagnosis
{
    /// <param name="touched">From this machine's record.</param>
    /// <param name="leftOver">Fasteners not accounted for.</param>
    /// <param name="cleared">Ids looked at and found right.</param>
    /// <param name="silence">What it does instead of working.</param>
    public static (Verdict Verdict, IReadOnlyList<SeatingCheck> Checks) Of(
        IReadOnlyList<TouchedPiece> touched,
        int leftOver,
        IReadOnlySet<string> cleared,
        Silence silence = Silence.NothingAtAll
    )
    {
        const string question = "Why is nothing on?";
        var list = new List<(SeatingCheck Check, double Weight)>();
        void Add(string id, string title, string why, double weight, int minutes) => list.Add((new(id, title, why, 0, minutes), weight));
        var away = touched.Where(t => t is { StaysOut: false, BackIn: false }).ToList();
        if (away.Count > 2)
        {
            Add(
                "rebuild:out",
                "Finish the rebuild",
                $"{away.Count} pieces are not back in yet, {Words.Lower(away[0].Title)} and {Words.Lower(away[1].Title)} among them: a machine in pieces may well be silent.",
                60,
                2
            );
        }
        foreach (var p in touched.Where(t => !t.StaysOut && (t.BackIn || away.Count <= 2)))
        {
            var beeps = silence == Silence.BeepsOnly;
            var picture = silence == Silence.NoPicture;
            if (!p.BackIn)
            {
                Add($"{p.Id}:out", $"{p.Title} is not back in", $"Step {p.Number} has not been put back.", 40, 2);
            }
            switch (p.Kind)
            {
                case PieceKind.Module:
                    Add(
                        $"{p.Id}:seat",
                        $"Take {Words.Lower(p.Title)} out and seat it again",
                        $"It came out at step {p.Number}, and a module half in its socket is the commonest cause of a silent machine.",
                        beeps ? 45 : 30,
                        3
                    );
                    break;
                case PieceKind.Card:
                    Add(
                        $"{p.Id}:seat",
                        $"Seat {Words.Lower(p.Title)} again",
                        $"It came out at step {p.Number}; a card held by its bracket can stand proud at one end.",
                        picture ? 35 : 18,
                        3
                    );
                    break;
                case PieceKind.Supply:
                    Add(
                        $"{p.Id}:seat",
                        $"Look at every plug of {Words.Lower(p.Title)}",
                        $"It came out at step {p.Number}: a main plug not fully home leaves everything dead.",
                        silence == Silence.NothingAtAll ? 30 : 8,
                        3
                    );
                    break;
                case PieceKind.Display:
                    Add(
                        $"{p.Id}:seat",
                        $"Look at the lead of {Words.Lower(p.Title)}",
                        $"It came off at step {p.Number}.",
                        picture ? 35 : 6,
                        5
                    );
                    break;
                case PieceKind.Keyboard:
                    Add(
                        $"{p.Id}:seat",
                        $"Look at the flat lead of {Words.Lower(p.Title)}",
                        $"It came off at step {p.Number}; the power key often sits on it.",
                        silence == Silence.NothingAtAll ? 12 : 4,
                        5
                    );
                    break;
                case PieceKind.Board:
                    Add(
                        $"{p.Id}:jumper",
                        $"Look at the jumpers and switches of {Words.Lower(p.Title)}",
                        $"It was in hand at step {p.Number}: a jumper is easily knocked off.",
                        8,
                        8
                    );
                    break;
                default:
                    break;
            }

            if (p.Polarity.Length > 0)
            {
                Add(
                    $"{p.Id}:way",
                    $"{p.Title}: {p.Polarity}?",
                    p.SecondLook
                        ? "A second look was confirmed; look once more."
                        : "Nobody confirmed a second look at which way round it went.",
                    p.SecondLook ? 4 : 22,
                    2
                );
            }
            if (p.ExchangedFor.Length > 0 && p.BackIn)
            {
                Add(
                    $"{p.Id}:new",
                    $"Put the old one back in for {Words.Lower(p.ExchangedFor)}",
                    $"{p.ExchangedFor} is new since it last worked.",
                    12,
                    15
                );
            }
            foreach (var l in p.Leads)
            {
                var loose = l.Keyed != true && l.Polarity.Length > 0;
                Add(
                    $"{l.Id}:lead",
                    $"Press {Words.Lower(l.Kind)} home at both ends",
                    $"Opened at step {p.Number}, {Words.Lower(p.Title)}{(l.BackIn ? "" : ", and not ticked as back")}.",
                    l.BackIn ? 14 : 34,
                    2
                );
                if (loose)
                {
                    Add(
                        $"{l.Id}:way",
                        $"{l.Kind}: {l.Polarity}?",
                        l.Keyed == false
                            ? "It goes in both ways, and the wrong one holds the machine dead."
                            : "Nobody said whether it goes in one way only.",
                        16,
                        2
                    );
                }
            }
        }

        if (leftOver > 0)
        {
            Add(
                "screws",
                $"Find the {(leftOver == 1 ? "screw that is" : $"{leftOver} screws that are")} left over",
                "One that lies under the board shorts it: plug out before you look.",
                20,
                10
            );
        }
        var total = list.Sum(x => x.Weight);
        var open = list.Where(x => !cleared.Contains(x.Check.Id))
            .Select(x =>
                (
                    Check: x.Check with
                    {
                        Share = Math.Round(x.Weight / Math.Max(1, list.Where(y => !cleared.Contains(y.Check.Id)).Sum(y => y.Weight)), 3),
                    },
                    x.Weight
                )
            )
            .OrderByDescending(x => x.Weight / x.Check.Minutes)
            .ThenByDescending(x => x.Weight)
            .ThenBy(x => x.Check.Id, StringComparer.Ordinal)
            .Select(x => x.Check)
            .ToList();
        var verdict =
            total == 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "Nothing is recorded as touched since it last worked, so the record cannot say.",
                        Basis.Guess
                    )
                    .Changing("A strip-down step.")
            : open.Count == 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        "Everything that was touched has been looked at again: the cause is something that nobody touched, or it failed meanwhile.",
                        Basis.Rule
                    )
                    .Changing("First power taken again, step by step.")
            : Verdict
                .Of(
                    question,
                    Outcome.YesIf,
                    $"Plug out, then: {Words.Lower(open[0].Title)}.",
                    Basis.Guess,
                    [
                        .. open.Take(3)
                            .Select(c => new Reason(
                                $"{c.Title}. {c.Why}",
                                new("likely", Math.Round(c.Share * 100), "%"),
                                "bench practice, and the record of this machine"
                            )),
                    ]
                )
                .Changing("Each look: found right, or that was it.");
        return (verdict, open);
    }
}
