using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Verdicts;

namespace Haar.Core.Parts;

/// <summary>A whole part in the store: a supply, a drive, a board. Where it came from is kept, since that is half of what it is worth.</summary>
public sealed class StorePart : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public string Kind { get; set; } = "";

    /// <summary>What it fits: parts swap where this is the same.</summary>
    public string Fits { get; set; } = "";
    public int Quantity { get; set; } = 1;
    public PartState State { get; set; }
    public string Place { get; set; } = "";
    public string CameFrom { get; set; } = "";

    /// <summary>The donor.</summary>
    public Guid? DonorId { get; set; }

    /// <summary>Set aside for this machine.</summary>
    public Guid? ForMachineId { get; set; }

    /// <summary>Whose it is; empty for the workshop's own.</summary>
    public string Owner { get; set; } = "";

    /// <summary>When it goes back; null where nobody has said. The machine that it is set aside for has to be ready by then.</summary>
    public DateOnly? DueOn { get; set; }
    public DateTimeOffset At { get; init; }
    public int Version { get; set; }

    /// <exception cref="InvalidInputException">Names the field.</exception>
    public void Check()
    {
        if (Kind.Trim().Length is 0 or > 60)
        {
            throw new InvalidInputException("kind", "Say in 1 to 60 characters what part it is.");
        }
        foreach (
            var (field, text, most) in new[] { ("fits", Fits, 40), ("place", Place, 40), ("cameFrom", CameFrom, 200), ("owner", Owner, 80) }
        )
        {
            if (text.Length > most)
            {
                throw new InvalidInputException(field, $"At most {most} characters.");
            }
        }

        if (DueOn is { Year: < 1970 or > 2200 })
        {
            throw new InvalidInputException("dueOn", "A day of this century.");
        }

        if (Quantity is < 0 or > 10_000)
        {
            throw new InvalidInputException("quantity", "Between 0 and 10 000.");
        }
    }
}

/// <summary>Spare fasteners of one size.</summary>
public sealed class StoreFastener : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public string Thread { get; set; } = "";
    public double LengthMillimetres { get; set; }
    public string Head { get; set; } = "";
    public int Quantity { get; set; }
    public string Place { get; set; } = "";
    public int Version { get; set; }

    /// <exception cref="InvalidInputException">Names the field.</exception>
    public void Check()
    {
        if (Thread.Trim().Length is 0 or > 30)
        {
            throw new InvalidInputException("thread", "Say which thread: M3, 6-32, self-tapping 3.");
        }
        if (Head.Length > 30)
        {
            throw new InvalidInputException("head", "At most 30 characters.");
        }
        if (Place.Length > 40)
        {
            throw new InvalidInputException("place", "At most 40 characters.");
        }
        InvalidInputException.Finite("lengthMillimetres", LengthMillimetres, 0.5, 300, "mm");
        if (Quantity is < 0 or > 100_000)
        {
            throw new InvalidInputException("quantity", "Between 0 and 100 000.");
        }
    }
}
