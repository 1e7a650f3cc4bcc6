using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Core.Parts;

/// <param name="Waits">What work waits for of it, on any machine.</param>
/// <param name="Today">At the bench.</param>
public sealed record ParcelFacts(PartOrder Order, IReadOnlyList<Wait> Waits, DateOnly Today) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];
}

/// <summary>A parcel comes on another day than was thought; the work that waits for it waits until then.</summary>
public sealed record ParcelComes(DateOnly On) : Command<ParcelFacts>
{
    public override Permit May(ParcelFacts f, DateTimeOffset now) =>
        !f.Order.Open ? Permit.No("order", "This order is closed: nothing of it is in the post.")
        : On < f.Today ? Permit.No("expectedOn", "That day is past: book it in, or say a day to come.")
        : On > f.Today.AddYears(2) ? Permit.No("expectedOn", "At most two years ahead.")
        : Permit.Yes();

    protected override Done Do(ParcelFacts f, Moment at)
    {
        var was = f.Order.ExpectedOn;
        f.Order.ExpectedOn = On;
        Parcels.Move(f.Order, f.Waits);
        return new(
            $"{f.Order.Supplier}: the parcel comes {(On > was ? "later, " : On < was ? "sooner, " : "")}by {On.ToString("d MMMM", System.Globalization.CultureInfo.InvariantCulture)}.",
            f.Order.Id
        );
    }
}

public static class Parcels
{
    /// <summary>When work may count on what is expected on a day: it lies on the bench the morning after.</summary>
    public static DateTimeOffset? Here(DateOnly? expectedOn) =>
        expectedOn is { } day ? new DateTimeOffset(day.AddDays(1), TimeOnly.MinValue, TimeSpan.Zero) : null;

    /// <summary>What waits for the order waits until it is expected. One that was told without a day is open.</summary>
    public static void Move(PartOrder order, IEnumerable<Wait> waits)
    {
        foreach (var w in waits.Where(w => w.OrderId == order.Id))
        {
            w.Until = Here(order.ExpectedOn);
        }
    }
}
