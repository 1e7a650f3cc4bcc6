using Haar.Core.Capacitors;

namespace Haar.Core.Parts;

/// <summary>Parts of one kind lying in the store.</summary>
public sealed class DrawerPart : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public CapacitorSpec Spec { get; set; } = new();

    /// <summary>Pieces bought and not yet fitted, whether reserved or not.</summary>
    public int Quantity { get; set; }

    /// <summary>Pieces set aside for places on boards: the number of its <see cref="Reservation"/>s, counted when the part is read; never above <see cref="Quantity"/>.</summary>
    public int Reserved { get; set; }
    public string Place { get; set; } = "";
    public DateOnly? BoughtOn { get; set; }

    /// <summary>Price of one piece in the workshop's currency.</summary>
    public decimal? Price { get; set; }
    public int Version { get; set; }

    public int Free => Quantity - Reserved;

    /// <summary>Sets one piece aside for a place.</summary>
    /// <exception cref="Verdicts.InvalidInputException">None is free.</exception>
    public Reservation Reserve(Capacitor place, Guid id, DateTimeOffset at, bool booked = false)
    {
        if (Free < 1)
        {
            throw new Verdicts.InvalidInputException(
                "partId",
                "No free piece of this part is left in the drawer: another board has the last one."
            );
        }

        Reserved++;
        return new()
        {
            Id = id,
            MachineId = place.MachineId,
            CapacitorId = place.Id,
            PartId = Id,
            At = at,
            Booked = booked,
        };
    }

    /// <summary>Takes a piece that was set aside out for good.</summary>
    public void Use()
    {
        Reserved = Math.Max(0, Reserved - 1);
        Quantity = Math.Max(0, Quantity - 1);
    }

    /// <summary>Takes a count as the truth. When fewer lie there than are set aside, somebody has taken one by hand: the places that were set aside for last wait again.</summary>
    /// <param name="setAside">Every piece of this part that is set aside.</param>
    /// <returns>The pieces that are set aside no longer.</returns>
    /// <exception cref="Verdicts.InvalidInputException">No count.</exception>
    public IReadOnlyList<Reservation> Count(int quantity, IEnumerable<Reservation> setAside)
    {
        if (quantity is < 0 or > 100_000)
        {
            throw new Verdicts.InvalidInputException("quantity", "Pieces from 0 to 100 000.");
        }
        var all = setAside.Where(r => r.PartId == Id).ToList();
        var lost = all.OrderByDescending(r => r.Id).Take(Math.Max(0, all.Count - quantity)).ToList();
        Reserved = all.Count - lost.Count;
        Quantity = quantity;
        return lost;
    }

    public void Check()
    {
        CapacitorJudge.Check(Spec);
        if (Quantity is < 0 or > 100_000)
        {
            throw new Verdicts.InvalidInputException("quantity", "Pieces from 0 to 100 000.");
        }
        Acts.TextField.Check("place", Place, 40);
        if (BoughtOn is { Year: < 1970 })
        {
            throw new Verdicts.InvalidInputException("boughtOn", "A day from 1970 to today.");
        }
        if (Price is < 0 or > 100_000)
        {
            throw new Verdicts.InvalidInputException("price", "A price of 0 or more.");
        }
        if (Spec.SafetyClass is { Length: > 0 } s && !System.Text.RegularExpressions.Regex.IsMatch(s, "^[XY][1-4]$"))
        {
            throw new Verdicts.InvalidInputException("spec.safetyClass", "A safety class is X1, X2, Y1, Y2 and so on.");
        }
    }
}

/// <summary>One piece from the drawer that is set aside for one place on a board, until it is fitted there or put back.</summary>
public sealed class Reservation
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Guid CapacitorId { get; init; }
    public Guid PartId { get; init; }
    public DateTimeOffset At { get; init; }

    /// <summary>What it cost is in its machine's costs already, since it was ordered for it.</summary>
    public bool Booked { get; init; }
}
