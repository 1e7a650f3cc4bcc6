using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Parts;

/// <summary>Somebody who sells parts, with the list as it was last read.</summary>
public sealed class Supplier : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public string Name { get; set; } = "";

    /// <summary>Where its documented interface answers; empty for a list that was typed or imported.</summary>
    public string Address { get; set; } = "";
    public double Postage { get; set; }
    public double? FreeFrom { get; set; }
    public int Days { get; set; } = 7;

    /// <summary>Their offers; the supplier in each is <see cref="Id"/> as text.</summary>
    public List<SupplierOffer> Offers { get; set; } = [];
    public DateTimeOffset? ReadAt { get; set; }
    public int Version { get; set; }

    public SupplierTerms Terms => new(Id.ToString(), Name, Postage, Days, FreeFrom);

    /// <exception cref="InvalidInputException">Names the field.</exception>
    public void Check()
    {
        if (Name.Trim().Length is 0 or > 60)
        {
            throw new InvalidInputException("name", "Give the supplier a name of 1 to 60 characters.");
        }
        if (
            Address.Length > 300
            || Address.Length > 0
                && (
                    !Uri.TryCreate(Address, UriKind.Absolute, out var uri)
                    || uri.Scheme is not ("http" or "https")
                    || uri.UserInfo.Length > 0
                )
        )
        {
            throw new InvalidInputException("address", "An address begins with http:// or https://, and holds no password.");
        }
        InvalidInputException.Finite("postage", Postage, 0, 10_000, "");
        InvalidInputException.Finite("freeFrom", FreeFrom, 0, 1e6, "");
        if (Days is < 0 or > 400)
        {
            throw new InvalidInputException("days", "Days from 0 to 400.");
        }
    }
}

public enum PartOrderState
{
    /// <summary>Written down, not yet accepted by the supplier.</summary>
    NotSent = 0,

    /// <summary>On its way to the supplier: nobody else sends it meanwhile.</summary>
    Sending,
    Confirmed,
    PartlyHere,
    Here,
    Cancelled,
}

public enum OrderLineState
{
    Asked = 0,
    Confirmed,
    OutOfStock,
    Substituted,
    Fewer,
    Late,
    Here,
}

/// <param name="For">Capacitors that it is for, most urgent first; those beyond the pieces wait for the rest.</param>
/// <param name="ConfirmedPacks">That the supplier will send.</param>
/// <param name="ArrivedPieces">Booked in so far.</param>
/// <param name="Instead">What the supplier sends instead.</param>
/// <param name="Note">In the supplier's words, or in ours.</param>
public sealed record PartOrderLine(
    string Sku,
    CapacitorSpec Spec,
    int PackSize,
    int Packs,
    double PackPrice,
    IReadOnlyList<Guid> For,
    OrderLineState State = OrderLineState.Asked,
    int ConfirmedPacks = 0,
    int ArrivedPieces = 0,
    CapacitorSpec? Instead = null,
    string Note = ""
)
{
    /// <summary>Pieces still to come.</summary>
    public int Open =>
        State == OrderLineState.OutOfStock
            ? 0
            : Math.Max(0, (State == OrderLineState.Asked ? Packs : ConfirmedPacks) * PackSize - ArrivedPieces);

    public CapacitorSpec Coming => Instead ?? Spec;
}

/// <summary>One parcel ordered from one supplier.</summary>
public sealed class PartOrder
{
    public Guid Id { get; init; }
    public Guid SupplierId { get; init; }
    public string Supplier { get; init; } = "";
    public PartOrderState State { get; set; }
    public List<PartOrderLine> Lines { get; set; } = [];
    public double Postage { get; set; }
    public DateTimeOffset At { get; init; }
    public DateOnly? ExpectedOn { get; set; }

    /// <summary>The supplier's own number for it.</summary>
    public string TheirNumber { get; set; } = "";

    /// <summary>What went wrong when it was last asked; empty when nothing did.</summary>
    public string Trouble { get; set; } = "";
    public int Version { get; set; }

    /// <summary>The order that was the last one when this was planned, on the first parcel of each sending. After each there is only one next, so that two who press at once send one.</summary>
    public string? After { get; init; }

    /// <summary>When it was last handed to the supplier.</summary>
    public DateTimeOffset? SendingSince { get; set; }

    /// <summary>May be handed to the supplier: not sent, or handed over so long ago that whoever did it is gone. The supplier knows it by its id and takes it once.</summary>
    public bool MayBeSent(DateTimeOffset now, TimeSpan patience) =>
        State == PartOrderState.NotSent || State == PartOrderState.Sending && !(SendingSince > now - patience);

    public bool Open => State is PartOrderState.NotSent or PartOrderState.Sending or PartOrderState.Confirmed or PartOrderState.PartlyHere;

    /// <summary>Books in what lay in the parcel.</summary>
    /// <returns>The line as it was, and the places that the pieces are for, most urgent first.</returns>
    /// <exception cref="InvalidInputException">No such line, or more than can have come.</exception>
    public (PartOrderLine Line, IReadOnlyList<Guid> Places) Book(string sku, int pieces)
    {
        var at = Lines.FindIndex(l => l.Sku == sku);
        if (at < 0)
        {
            throw new InvalidInputException("arrived", $"There is no {sku} in this order.");
        }
        var line = Lines[at];
        // Suppliers do send a pack too many; ten times as many is a slip of the hand.
        if (pieces < 0 || pieces > line.Packs * line.PackSize * 2)
        {
            throw new InvalidInputException("arrived", $"{pieces} pieces of {sku} cannot be: {line.Packs * line.PackSize} were ordered.");
        }
        var here = line.ArrivedPieces + pieces;
        Lines =
        [
            .. Lines.Select(
                (l, i) =>
                    i == at
                        ? l with
                        {
                            ArrivedPieces = here,
                            For = [.. l.For.Skip(pieces)],
                            State = here >= l.ConfirmedPacks * l.PackSize ? OrderLineState.Here : l.State,
                        }
                        : l
            ),
        ];
        State = Lines.All(l => l.Open == 0) ? PartOrderState.Here : PartOrderState.PartlyHere;
        return (line, [.. line.For.Take(pieces)]);
    }

    /// <summary>Capacitors that still wait for a piece of this order.</summary>
    public IEnumerable<Guid> Awaited => Open ? Lines.Where(l => l.Open > 0).SelectMany(l => l.For) : [];
}
