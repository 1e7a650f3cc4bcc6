using Haar.Core.Verdicts;

namespace Haar.Core.Costs;

/// <summary>Money or minutes spent on a machine; either may be absent, not both.</summary>
public sealed class CostEntry : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public string What { get; set; } = "";

    /// <summary>In the workshop's currency.</summary>
    public decimal? Amount { get; set; }
    public int? Minutes { get; set; }
    public DateTimeOffset At { get; init; }

    /// <summary>The order that it was paid with; null when it was none of ours.</summary>
    public Guid? OrderId { get; init; }

    /// <summary>Pieces from the drawer that went into a machine, at what they cost; null when nobody knows that.</summary>
    public static CostEntry? OfPieces(
        Guid id,
        Guid machineId,
        string what,
        decimal? price,
        int pieces,
        DateTimeOffset at,
        Guid? order = null
    ) =>
        price is not { } p || p == 0 || pieces == 0
            ? null
            : new()
            {
                Id = id,
                MachineId = machineId,
                What = what,
                Amount = Math.Round(p * pieces, 2),
                At = at,
                OrderId = order,
            };

    public void Check() => CostSums.Check(this);
}

/// <param name="Paid">What the machine itself cost; null when not known.</param>
/// <param name="Spent">Everything spent on it since.</param>
/// <param name="Total">Both; a machine whose price is not known counts as 0, and <paramref name="Paid"/> says so.</param>
/// <param name="Minutes">Hands-on time.</param>
public sealed record CostSum(decimal? Paid, decimal Spent, decimal Total, int Minutes, string Currency);

public static class CostSums
{
    public static CostSum Of(decimal? paid, IEnumerable<CostEntry> entries, string currency)
    {
        var list = entries.ToList();
        var spent = list.Sum(e => e.Amount ?? 0);
        return new(paid, spent, (paid ?? 0) + spent, list.Sum(e => e.Minutes ?? 0), currency);
    }

    /// <exception cref="InvalidInputException">Neither money nor minutes, or not an amount.</exception>
    public static void Check(CostEntry e)
    {
        if (e.What.Trim().Length is 0 or > 200)
        {
            throw new InvalidInputException("what", "Say in 1 to 200 characters what it was for.");
        }

        if (e.Amount is null && e.Minutes is null)
        {
            throw new InvalidInputException("amount", "Give an amount, or minutes, or both.");
        }

        if (e.Amount is < -100_000 or > 1_000_000)
        {
            throw new InvalidInputException("amount", "An amount from −100 000 to 1 000 000.");
        }

        if (e.Minutes is < 0 or > 100_000)
        {
            throw new InvalidInputException("minutes", "Minutes from 0 to 100 000.");
        }
    }
}
