using Haar.Core.Costs;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>What a lot is sorted by.</summary>
public sealed record LotPlan
{
    /// <summary>In the workshop's currency.</summary>
    public double BudgetMoney { get; init; }
    public double BudgetHours { get; init; }
    public TriageAim Aim { get; init; }
    public IReadOnlyList<PartPrice> Prices { get; init; } = [];
    public DateTimeOffset? SortedAt { get; init; }
}

/// <summary>One box of a lot, as it was opened on the floor.</summary>
public sealed class LotBox : Acts.ICheckedRow
{
    public Guid Id { get; init; }

    /// <summary>The lot.</summary>
    public Guid MachineId { get; init; }

    /// <summary>As chalked on it: 1, 2, 3.</summary>
    public int Number { get; set; }
    public string Name { get; set; } = "";

    /// <summary>What it is, in a few words.</summary>
    public string Kind { get; set; } = "";

    /// <summary>A machine profile, when it is one of a kind that is known here.</summary>
    public string ProfileId { get; set; } = "";
    public string Note { get; set; } = "";
    public List<BoxPart> Parts { get; set; } = [];
    public Estimate Money { get; set; } = Estimate.None;
    public Estimate Hours { get; set; } = Estimate.None;
    public double? Complete { get; set; }
    public double Worth { get; set; } = 1;
    public BoxLock Lock { get; set; }
    public Guid? PhotoId { get; set; }

    /// <summary>The machine or donor that it became.</summary>
    public Guid? BecameId { get; set; }
    public int Version { get; set; }

    public void Check() => Lots.Check(this);
}

public static class Lots
{
    /// <summary>The question that <see cref="Triage"/> answers for these boxes.</summary>
    public static TriageAsk Ask(LotPlan plan, IEnumerable<LotBox> boxes) =>
        new()
        {
            Boxes =
            [
                .. boxes
                    .OrderBy(b => b.Number)
                    .Select(b => new TriageBox(b.Id.ToString(), b.Name, b.Parts, b.Money, b.Hours, b.Complete, b.Worth, b.Lock)),
            ],
            Prices = plan.Prices,
            BudgetMoney = plan.BudgetMoney,
            BudgetHours = plan.BudgetHours,
            Aim = plan.Aim,
        };

    /// <exception cref="InvalidInputException">Names the field.</exception>
    public static void Check(LotBox b)
    {
        if (b.Name.Trim().Length is 0 or > 80)
        {
            throw new InvalidInputException("name", "Give the box a name of 1 to 80 characters: what you think is in it.");
        }
        if (b.Kind.Length > 80)
        {
            throw new InvalidInputException("kind", "At most 80 characters.");
        }
        if (b.Note.Length > 500)
        {
            throw new InvalidInputException("note", "At most 500 characters.");
        }
        if (b.Parts.Count > 60)
        {
            throw new InvalidInputException("parts", "At most 60 kinds of part in a box.");
        }
        if (b.Parts.FirstOrDefault(p => p.Kind.Trim().Length is 0 or > 60) is not null)
        {
            throw new InvalidInputException("parts", "Every part has a name of 1 to 60 characters.");
        }
        if (b.Parts.FirstOrDefault(p => p.Count is < 1 or > 100) is { } many)
        {
            throw new InvalidInputException("parts", $"{many.Kind}: between 1 and 100 of them.");
        }
        Estimate.Check("money", b.Money, 1e6, "");
        Estimate.Check("hours", b.Hours, 1e5, "h");
        InvalidInputException.Finite("complete", b.Complete, 0, 1e6, "");
        InvalidInputException.Finite("worth", b.Worth, 0.01, 1000, "");
        if (
            b
                .Parts.GroupBy(p => (p.Kind.Trim().ToLowerInvariant(), p.Fits.Trim().ToLowerInvariant()))
                .FirstOrDefault(g =>
                    g.Any(p => p.State == PartState.Good) && g.Any(p => p.State is PartState.Missing or PartState.Damaged)
                ) is
            { } own
        )
        {
            throw new InvalidInputException(
                "parts",
                $"It has a good {own.First().Kind} and needs one: a box cannot give to itself. If it needs two, list the good one under another name."
            );
        }
    }

    /// <exception cref="InvalidInputException">Names the field.</exception>
    public static void Check(LotPlan p)
    {
        InvalidInputException.Finite("budgetMoney", p.BudgetMoney, 0, 1e6, "");
        InvalidInputException.Finite("budgetHours", p.BudgetHours, 0, 1e5, "h");
        if (p.Prices.Count > 200)
        {
            throw new InvalidInputException("prices", "At most 200 prices.");
        }
        foreach (var price in p.Prices)
        {
            if (price.Kind.Trim().Length is 0 or > 60)
            {
                throw new InvalidInputException("prices", "Every price names its part, in 1 to 60 characters.");
            }
            Estimate.Check("prices", price.Money, 1e6, "");
        }
    }
}
