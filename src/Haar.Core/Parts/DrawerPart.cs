using Haar.Core.Capacitors;

namespace Haar.Core.Parts;

/// <summary>Parts of one kind lying in the store.</summary>
public sealed class DrawerPart
{
    public Guid Id { get; init; }
    public CapacitorSpec Spec { get; set; } = new();

    /// <summary>Pieces bought and not yet fitted, whether reserved or not.</summary>
    public int Quantity { get; set; }

    /// <summary>Pieces reserved for a place on a board; never above <see cref="Quantity"/>.</summary>
    public int Reserved { get; set; }
    public string Place { get; set; } = "";
    public DateOnly? BoughtOn { get; set; }

    /// <summary>Price of one piece in the workshop's currency.</summary>
    public decimal? Price { get; set; }
    public int Version { get; set; }

    public int Free => Quantity - Reserved;

    /// <summary>Sets one piece aside.</summary>
    /// <exception cref="Verdicts.InvalidInputException">None is free.</exception>
    public void Reserve()
    {
        if (Free < 1)
        {
            throw new Verdicts.InvalidInputException(
                "partId",
                "No free piece of this part is left in the drawer: another board has the last one."
            );
        }

        Reserved++;
    }

    public void Release() => Reserved = Math.Max(0, Reserved - 1);

    /// <summary>Takes the reserved piece out for good.</summary>
    public void Use()
    {
        Reserved = Math.Max(0, Reserved - 1);
        Quantity = Math.Max(0, Quantity - 1);
    }

    /// <summary>Takes a count as the truth. When fewer lie there than are set aside, somebody has taken one by hand: the places that were marked last wait again.</summary>
    /// <param name="setAside">All places that a piece of this part is set aside for.</param>
    /// <returns>The places that have lost their piece.</returns>
    /// <exception cref="Verdicts.InvalidInputException">No count.</exception>
    public IReadOnlyList<Capacitor> Count(int quantity, IEnumerable<Capacitor> setAside)
    {
        if (quantity is < 0 or > 100_000)
        {
            throw new Verdicts.InvalidInputException("quantity", "Pieces from 0 to 100 000.");
        }
        var lost = setAside
            .Where(c => c.Fitting.PartId == Id && c.Fitting.FittedAt is null)
            .OrderByDescending(c => c.Id)
            .Take(Math.Max(0, Reserved - quantity))
            .ToList();
        foreach (var c in lost)
        {
            c.Fitting = c.Fitting with { PartId = null };
            Release();
        }

        Quantity = Math.Max(quantity, Reserved);
        return lost;
    }
}
