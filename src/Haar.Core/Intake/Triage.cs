using Google.OrTools.Sat;
using Haar.Core.Costs;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>
/// Sorts a lot: the set of boxes to restore that leaves the most finished within money and hours, where boxes that are not
/// restored give each good part once. Solved exactly, by a constraint solver: first most finished (or most worth), then
/// least money, then least hours.
/// </summary>
public static partial class Triage
{
    public const int MostBoxes = 200;

    /// <summary>For the proof of each of the two choices. A default.</summary>
    const int SolveSeconds = 6;

    /// <exception cref="InvalidInputException">Nothing to sort, a budget that is none, a range upside down, a box or price listed twice.</exception>
    public static TriagePlan Of(TriageAsk ask, CancellationToken cancel = default)
    {
        Check(ask);
        var t = new Model(ask, cancel);
        var best = t.Solve(null);
        var locked = best is null && ask.Boxes.Any(b => b.Lock == BoxLock.Restore);
        const string question = "Which of these are worth finishing?";
        if (best is null)
        {
            var why = locked
                ? "The boxes that are locked to be restored cannot all be finished within the budget and their stop-loss: unlock one, or raise it."
                : "No choice keeps within the budget.";
            return new(
                Verdict.Of(question, Outcome.No, why, Basis.Rule).Changing("A higher budget.", "A box unlocked."),
                [],
                [],
                Estimate.None,
                Estimate.None,
                0,
                "",
                [],
                true,
                ask.FittingHours,
                ask.StopLossShare
            );
        }

        var second = best.Chosen.Count > 0 ? t.Solve(best.Chosen) : null;
        return t.Describe(best, second, question);
    }

    static void Check(TriageAsk ask)
    {
        if (ask.Boxes.Count == 0)
        {
            throw new InvalidInputException("boxes", "There is nothing to sort: put at least one box in.");
        }
        if (ask.Boxes.Count > MostBoxes)
        {
            throw new InvalidInputException("boxes", $"At most {MostBoxes} boxes at once.");
        }
        InvalidInputException.Finite("budgetMoney", ask.BudgetMoney, 0, 1e6, "");
        InvalidInputException.Finite("budgetHours", ask.BudgetHours, 0, 1e5, "h");
        InvalidInputException.Finite("fittingHours", ask.FittingHours, 0, 100, "h");
        InvalidInputException.Finite("stopLossShare", ask.StopLossShare, 0.05, 10, "");
        var ids = new HashSet<string>();
        for (var i = 0; i < ask.Boxes.Count; i++)
        {
            var b = ask.Boxes[i];
            if (b.Id.Length == 0 || !ids.Add(b.Id))
            {
                throw new InvalidInputException($"boxes[{i}].id", $"“{b.Name}” has no id, or one that another box has.");
            }
            Estimate.Check($"boxes[{i}].money", b.Money, 1e6, "");
            Estimate.Check($"boxes[{i}].hours", b.Hours, 1e5, "h");
            InvalidInputException.Finite($"boxes[{i}].complete", b.Complete, 0, 1e6, "");
            InvalidInputException.Finite($"boxes[{i}].worth", b.Worth, 0.01, 1000, "");
            if (b.Parts.Count > 60)
            {
                throw new InvalidInputException($"boxes[{i}].parts", "At most 60 kinds of part in a box.");
            }
            foreach (var p in b.Parts)
            {
                if (p.Kind.Trim().Length is 0 or > 60 || p.Fits.Length > 40)
                {
                    throw new InvalidInputException($"boxes[{i}].parts", $"A part of {b.Name} has no name, or too long a one.");
                }
                if (p.Count is < 1 or > 100)
                {
                    throw new InvalidInputException($"boxes[{i}].parts", $"{b.Name}, {p.Kind}: between 1 and 100 of them.");
                }
            }

            // A box that has one good supply and needs another of the same kind would be its own donor.
            if (
                b
                    .Parts.GroupBy(Type)
                    .FirstOrDefault(g =>
                        g.Any(p => p.State == PartState.Good) && g.Any(p => p.State is PartState.Missing or PartState.Damaged)
                    ) is
                { } own
            )
            {
                throw new InvalidInputException(
                    $"boxes[{i}].parts",
                    $"{b.Name} has a good {own.Key.Kind} and needs one: a box cannot give to itself. If it needs two, list the good one under another name."
                );
            }
        }

        for (var i = 0; i < ask.Prices.Count; i++)
        {
            Estimate.Check($"prices[{i}].money", ask.Prices[i].Money, 1e6, "");
        }
        if (ask.Prices.GroupBy(p => (Key(p.Kind), Key(p.Fits))).FirstOrDefault(g => g.Count() > 1) is { } twice)
        {
            throw new InvalidInputException("prices", $"“{twice.First().Kind}” has two prices.");
        }
    }

    static (string Kind, string Fits) Type(BoxPart p) => (Key(p.Kind), Key(p.Fits));

    static string Key(string s) => s.Trim().ToLowerInvariant();

    sealed record Answer(IReadOnlyList<int> Chosen, int[,] Given, bool Proven, long Money);
}
