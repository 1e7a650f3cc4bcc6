using Haar.Core.Drying;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>One item that may share a bath, a method or a wait.</summary>
/// <param name="Litres">That it displaces; null when not known.</param>
public sealed record BatchItem(string Name, CleaningFacts Facts, WetPart Dries = WetPart.NotKnown, double? Litres = null);

/// <param name="Items">Their names, as given.</param>
/// <param name="MinutesSaved">Of hands and waits, against one by one.</param>
/// <param name="Split">Why others of the same method are not in it; empty where none are.</param>
public sealed record CleaningBatch(
    string Method,
    string Name,
    IReadOnlyList<string> Items,
    int MinutesSaved,
    IReadOnlyList<string> Split,
    Verdict Verdict
);

/// <param name="Alone">Items that share nothing now, each with why.</param>
public sealed record BatchResult(IReadOnlyList<CleaningBatch> Batches, IReadOnlyList<string> Alone, Verdict Verdict);

/// <summary>Which items are cleaned together: the same next method, and nothing on one that harms another.</summary>
public static class Batch
{
    /// <summary>Minutes to lay out, mix and clear away, once for all. A house figure.</summary>
    public const int LayOutMinutes = 10;

    /// <summary>What lies on these, or on one and in the method, that must not meet in one vessel; null where nothing does.</summary>
    /// <exception cref="InvalidInputException">There is no such method.</exception>
    public static MustNotMeet? Clash(string method, IReadOnlyList<CleaningFacts> items) =>
        Clash(
            Methods.Of(items[0]).FirstOrDefault(m => m.Id == method)
                ?? throw new InvalidInputException("method", $"There is no method “{method}”."),
            items
        );

    static MustNotMeet? Clash(CleaningMethod method, IEnumerable<CleaningFacts> items) =>
        method.Wets
        && Mixing.May([.. items.SelectMany(i => i.On.Concat(Ladder.OnIt(i))).Append(method.Substance)]).Clashes is [var first, ..]
            ? first
            : null;

    /// <exception cref="InvalidInputException">Too many items, or one that cannot be.</exception>
    public static BatchResult Of(IReadOnlyList<BatchItem> items)
    {
        if (items.Count is < 1 or > 200)
        {
            throw new InvalidInputException("items", "Give 1 to 200 items.");
        }
        for (var i = 0; i < items.Count; i++)
        {
            if (items[i].Name.Trim().Length == 0)
            {
                throw new InvalidInputException($"items[{i}].name", "Give each item a name.");
            }
            InvalidInputException.Finite($"items[{i}].litres", items[i].Litres, 0, 1000, "l");
        }
        const string question = "What is cleaned together?";
        var ladders = items.Select(i => (Item: i, Ladder: Ladder.For(i.Facts))).ToList();
        var (batches, alone) = (new List<CleaningBatch>(), new List<string>());
        foreach (var (item, ladder) in ladders.Where(l => l.Ladder.Next is null))
        {
            alone.Add($"{Words.Capital(item.Name)}: {ladder.Verdict.Sentence}");
        }
        foreach (var group in ladders.Where(l => l.Ladder.Next is not null).GroupBy(l => l.Ladder.Next!))
        {
            // In one vessel whatever lies on one meets all the others.
            var left = group.ToList();
            var method = Methods.Of(left[0].Item.Facts).First(m => m.Id == group.Key);
            while (left.Count > 0)
            {
                var together = new List<(BatchItem Item, LadderResult Ladder)> { left[0] };
                var split = new List<string>();
                foreach (var next in left.Skip(1))
                {
                    var clash = Clash(method, together.Append(next).Select(t => t.Item.Facts));
                    if (clash is null)
                    {
                        together.Add(next);
                    }
                    else
                    {
                        split.Add($"{Words.Capital(next.Item.Name)} goes by itself: {Mixing.Sentence(clash)}");
                    }
                }
                left = [.. left.Where(l => !together.Contains(l))];
                if (together.Count == 1)
                {
                    alone.Add($"{Words.Capital(together[0].Item.Name)}: {Words.Lower(method.Name)}, by itself.");
                    continue;
                }
                var saved = (together.Count - 1) * (LayOutMinutes + method.DwellMinutes);
                var spot = together
                    .Where(t => t.Ladder.Rungs.Any(r => r.Method == method.Id && r.SpotTest))
                    .Select(t => t.Item.Name)
                    .ToList();
                batches.Add(
                    new(
                        method.Id,
                        method.Name,
                        [.. together.Select(t => t.Item.Name)],
                        saved,
                        split,
                        Verdict
                            .Of(
                                question,
                                spot.Count > 0 ? Outcome.YesIf : Outcome.Yes,
                                $"{method.Name}: {Words.And(together.Select(t => Words.Lower(t.Item.Name)))} together{(spot.Count > 0 ? $", once a hidden place of {(spot.Count == together.Count ? "each" : Words.And(spot.Select(Words.Lower)))} has borne it" : "")}.",
                                Basis.Rule,
                                [
                                    new Reason(
                                        $"One laying out instead of {together.Count}{(method.DwellMinutes > 0 ? ", and one wait" : "")}: {saved} min saved.",
                                        new("Saved", saved, "min"),
                                        "house figure of 10 min a laying out"
                                    ),
                                    .. split.Select(s => new Reason(s)),
                                ]
                            )
                            .Changing("What lies on one of them.")
                            .With(method.Cautions)
                    )
                );
            }
        }
        batches = [.. batches.OrderByDescending(b => b.MinutesSaved).ThenBy(b => b.Method, StringComparer.Ordinal)];
        return new(
            batches,
            alone,
            batches is [var best, ..]
                ? best.Verdict
                : Verdict
                    .Of(question, Outcome.No, "Nothing shares a method now: one by one.", Basis.Rule, alone.Select(a => new Reason(a)))
                    .Changing("Another pass on one of them.")
        );
    }
}
