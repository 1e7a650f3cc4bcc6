using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <param name="Behind">Ids of pieces that must be off before it comes off.</param>
/// <param name="OffMinutes">To take it off.</param>
/// <param name="BackMinutes">To put it back.</param>
public sealed record OpeningPiece(string Id, string Title, IReadOnlyList<string> Behind, double OffMinutes = 3, double BackMinutes = 4);

/// <param name="At">Ids of pieces that must be off for it.</param>
/// <param name="Wanted">It is to be done now; otherwise it is due or soon due.</param>
public sealed record OpeningWork(string Id, string Title, IReadOnlyList<string> At, double Minutes = 10, bool Wanted = false);

public sealed record OpeningAsk(IReadOnlyList<OpeningPiece> Pieces, IReadOnlyList<OpeningWork> Work);

/// <param name="More">Pieces that must come off besides; empty for none.</param>
/// <param name="ExtraMinutes">Of opening and closing for it now.</param>
/// <param name="SavedMinutes">Against opening once more for it.</param>
public sealed record OpeningOffer(string Id, string Title, IReadOnlyList<string> More, double ExtraMinutes, double SavedMinutes);

/// <param name="Off">Pieces in the order in which they come off.</param>
/// <param name="Minutes">Of opening and closing.</param>
/// <param name="Offers">What else lies behind the same covers, most saved first.</param>
public sealed record OpeningResult(IReadOnlyList<string> Off, double Minutes, IReadOnlyList<OpeningOffer> Offers, Verdict Verdict);

/// <summary>A machine is opened once: the fewest pieces for the work that is wanted, and what else is due behind them.</summary>
public static class Opening
{
    /// <exception cref="InvalidInputException">A name that is not there, one twice, or pieces behind one another in a circle.</exception>
    public static OpeningResult Of(OpeningAsk ask)
    {
        if (ask.Pieces.Count > 1000 || ask.Work.Count is 0 or > 1000)
        {
            throw new InvalidInputException("work", "Give 1 to 1,000 pieces of work, and at most 1,000 pieces.");
        }
        var pieces = new Dictionary<string, OpeningPiece>();
        for (var i = 0; i < ask.Pieces.Count; i++)
        {
            InvalidInputException.Finite($"pieces[{i}].offMinutes", ask.Pieces[i].OffMinutes, 0, 600, "min");
            InvalidInputException.Finite($"pieces[{i}].backMinutes", ask.Pieces[i].BackMinutes, 0, 600, "min");
            if (!pieces.TryAdd(ask.Pieces[i].Id, ask.Pieces[i]))
            {
                throw new InvalidInputException($"pieces[{i}].id", $"Two pieces are called “{ask.Pieces[i].Id}”.");
            }
        }
        string There(string field, string id) =>
            pieces.ContainsKey(id) ? id : throw new InvalidInputException(field, $"There is no piece “{id}”.");
        foreach (var (p, i) in ask.Pieces.Select((p, i) => (p, i)))
        {
            foreach (var b in p.Behind)
            {
                There($"pieces[{i}].behind", b);
            }
        }
        for (var i = 0; i < ask.Work.Count; i++)
        {
            InvalidInputException.Finite($"work[{i}].minutes", ask.Work[i].Minutes, 0, 100_000, "min");
            foreach (var a in ask.Work[i].At)
            {
                There($"work[{i}].at", a);
            }
        }
        // What must be off for a piece: all that it sits behind, and so on. In the order in which it comes off.
        var off = new List<string>();
        var seen = new Dictionary<string, bool>();
        void Take(string id, List<string> into, Dictionary<string, bool> state)
        {
            if (state.TryGetValue(id, out var done))
            {
                if (!done)
                {
                    throw new InvalidInputException("pieces", $"“{pieces[id].Title}” sits behind itself, by way of others.");
                }
                return;
            }
            state[id] = false;
            foreach (var b in pieces[id].Behind)
            {
                Take(b, into, state);
            }
            state[id] = true;
            into.Add(id);
        }
        foreach (var w in ask.Work.Where(w => w.Wanted))
        {
            foreach (var a in w.At)
            {
                Take(a, off, seen);
            }
        }
        double Minutes(IEnumerable<string> ids) => ids.Sum(i => pieces[i].OffMinutes + pieces[i].BackMinutes);
        var open = off.ToHashSet();
        var offers = ask
            .Work.Where(w => !w.Wanted)
            .Select(w =>
            {
                var own = new List<string>();
                var state = new Dictionary<string, bool>();
                foreach (var a in w.At)
                {
                    Take(a, own, state);
                }
                List<string> more = [.. own.Where(i => !open.Contains(i))];
                return new OpeningOffer(w.Id, w.Title, more, Minutes(more), Minutes(own) - Minutes(more));
            })
            .Where(o => o.SavedMinutes > 0)
            .OrderBy(o => o.More.Count > 0)
            .ThenByDescending(o => o.SavedMinutes - o.ExtraMinutes)
            .ThenBy(o => o.Id, StringComparer.Ordinal)
            .ToList();
        const string question = "What comes off, and what else is done then?";
        var free = offers.Where(o => o.More.Count == 0).ToList();
        var wanted = ask.Work.Count(w => w.Wanted);
        return new(
            off,
            Minutes(off),
            offers,
            wanted == 0
                ? Verdict.Of(question, Outcome.No, "Nothing is wanted: it stays shut.", Basis.Rule).Changing("Work that is to be done now.")
                : Verdict
                    .Of(
                        question,
                        Outcome.Yes,
                        off.Count == 0
                            ? "Nothing has to come off."
                            : $"{off.Count} {(off.Count == 1 ? "piece comes" : "pieces come")} off, {Words.Lower(pieces[off[^1]].Title)} last{(free.Count > 0 ? $"; {free.Count} other {(free.Count == 1 ? "job lies" : "jobs lie")} open then" : "")}.",
                        Basis.Rule,
                        new Reason(
                            $"Opening and closing take {Markings.Si.Plain(Math.Round(Minutes(off)))} min.",
                            new("Opening", Math.Round(Minutes(off), 1), "min")
                        ),
                        new Reason(
                            free.Count > 0
                                ? $"{Words.Capital(free[0].Title)} behind the same covers saves {Markings.Si.Plain(Math.Round(free[0].SavedMinutes))} min of opening once more."
                                : "Nothing else that is due lies behind the same covers.",
                            Source: "the record of what sits behind what"
                        )
                    )
                    .Changing("Other work, or a piece that comes off another way.")
        );
    }
}
