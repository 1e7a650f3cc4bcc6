using System.Globalization;
using Haar.Core.Acts;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>What is decided on when a machine is set aside, taken up again, or given a day.</summary>
/// <param name="Running">Somebody is at it now.</param>
/// <param name="Today">At the bench.</param>
public sealed record ParkingFacts(Machine Machine, bool Running, DateOnly Today) : IActFacts
{
    public IReadOnlyList<Overrule> Overrules => [];
}

/// <summary>Whose it is, and when it goes back or has to be ready.</summary>
/// <param name="DueOn">Null takes the workshop's day.</param>
public sealed record SayDue(string Owner, DateOnly? DueOn) : Command<ParkingFacts>
{
    public override Permit May(ParkingFacts f, DateTimeOffset now)
    {
        TextField.Check("owner", Owner, 80);
        return DueOn is { Year: < 1970 or > 2200 } ? Permit.No("dueOn", "A day of this century.") : Permit.Yes();
    }

    protected override Done Do(ParkingFacts f, Moment at)
    {
        (f.Machine.Owner, f.Machine.DueOn) = (Owner.Trim(), DueOn);
        return new(
            $"{(f.Machine.Owner.Length > 0 ? $"It belongs to {f.Machine.Owner}" : "It is the workshop’s own")}{(DueOn is { } d ? $", and is due on {d.ToString("d MMMM yyyy", CultureInfo.InvariantCulture)}" : "")}."
        );
    }
}

/// <summary>Set aside with its reason, and what wakes it: it neither nags nor counts until then.</summary>
/// <param name="WakesFor">A part, as the store names it; empty for none.</param>
/// <param name="WakesBelow">What it may cost at most; null where no price wakes it.</param>
public sealed record Park(string Why, DateOnly? WakesOn, string WakesFor, decimal? WakesBelow = null) : Command<ParkingFacts>
{
    public override Permit May(ParkingFacts f, DateTimeOffset now)
    {
        TextField.Check("why", Why.Trim(), 200, "Say in 1 to 200 characters why it is set aside.");
        TextField.Check("wakesFor", WakesFor, 60);
        return WakesOn <= f.Today ? Permit.No("wakesOn", "A day to come.")
            : !Parking.IsPrice(WakesBelow) ? Permit.No("wakesBelow", Parking.PriceWanted)
            : f.Running ? Permit.No("id", "Somebody is at it: end that first.")
            : Permit.Yes();
    }

    protected override Done Do(ParkingFacts f, Moment at)
    {
        var m = f.Machine;
        (m.ParkedAt, m.ParkedWhy, m.WakesOn, m.WakesFor) = (at.Now, Why.Trim(), WakesOn, WakesFor.Trim());
        (m.WakesBelow, m.SeenFor) = (WakesBelow, null);
        return new($"Set aside: {Words.Sentence(Words.Lower(m.ParkedWhy))}");
    }
}

/// <summary>In hand again.</summary>
public sealed record Unpark : Command<ParkingFacts>
{
    public override Permit May(ParkingFacts f, DateTimeOffset now) =>
        f.Machine.ParkedAt is null ? Permit.No("id", "It is not set aside.") : Permit.Yes();

    protected override Done Do(ParkingFacts f, Moment at)
    {
        var m = f.Machine;
        (m.ParkedAt, m.ParkedWhy, m.WakesOn, m.WakesFor) = (null, "", null, "");
        (m.WakesBelow, m.SeenFor) = (null, null);
        return new("In hand again.");
    }
}

/// <summary>What it waits for was seen at a price: the lowest stands.</summary>
public sealed record SeePrice(decimal Price) : Command<ParkingFacts>
{
    public override Permit May(ParkingFacts f, DateTimeOffset now) =>
        !Parking.IsPrice(Price) ? Permit.No("price", Parking.PriceWanted)
        : f.Machine.ParkedAt is null ? Permit.No("id", "It is not set aside: nothing waits for a price.")
        : f.Machine.WakesBelow is null ? Permit.No("price", "No price wakes it: say one when it is set aside.")
        : Permit.Yes();

    protected override Done Do(ParkingFacts f, Moment at)
    {
        var m = f.Machine;
        m.SeenFor = Math.Min(m.SeenFor ?? Price, Price);
        return new(
            $"{Words.Capital(Parking.Wanted(m))} was seen for {Parking.Plain(Price)}: {(m.WakesBelow is { } most && Price > most ? $"it wakes at {Parking.Plain(most)} or less" : "cheap enough")}."
        );
    }
}

public static class Parking
{
    /// <summary>More than any such machine costs in any currency: what is beyond was mistyped. A house figure.</summary>
    const decimal MostPrice = 10_000_000;

    internal const string PriceWanted = "A price is from 0 to 10,000,000.";

    internal static bool IsPrice(decimal? price) => price is null or >= 0 and <= MostPrice;

    /// <summary>What its price is of.</summary>
    public static string Wanted(Machine m) => m.WakesFor.Length > 0 ? Words.Lower(m.WakesFor) : "a complete one";

    /// <summary>What would wake it, in words: a part, a price, a day. Empty where it is not set aside, or nothing but a person wakes it.</summary>
    public static string Wakes(Machine m)
    {
        if (m.ParkedAt is null)
        {
            return "";
        }
        List<string> by =
        [
            .. m.WakesFor.Length > 0 ? [$"{Words.Lower(m.WakesFor)} in the store"] : Array.Empty<string>(),
            .. m.WakesBelow is { } most
                ? [m.WakesFor.Length > 0 ? $"seen for {Plain(most)} or less" : $"a complete one for {Plain(most)} or less"]
                : Array.Empty<string>(),
            .. m.WakesOn is { } day ? [day.ToString("d MMMM", CultureInfo.InvariantCulture)] : Array.Empty<string>(),
        ];
        return by.Count > 0 ? $"Wakes for {string.Join(", or ", by)}." : "";
    }

    internal static string Plain(decimal price) => price.ToString("0.00", CultureInfo.InvariantCulture);

    /// <summary>What has woken it: the part that it waits for is free in the store, it was seen at its price, or its day has come. Empty for nothing, and where it is not set aside.</summary>
    public static string WokenBy(Machine m, IEnumerable<StorePart> store, DateOnly today) =>
        m.ParkedAt is null ? ""
        : m.WakesFor.Length > 0
        && store.FirstOrDefault(p =>
            // What is lent to the workshop is nobody's to build in.
            p is { Quantity: > 0, ForMachineId: null, Owner.Length: 0 }
            && $"{p.Kind} {p.Fits}".Contains(m.WakesFor, StringComparison.OrdinalIgnoreCase)
        )
            is { } part
            ? $"{Words.Capital(part.Kind)} is in the store{(part.Place.Length > 0 ? $", {part.Place}" : "")}."
        : m.SeenFor is { } seen && seen <= m.WakesBelow ? $"{Words.Capital(Wanted(m))} was seen for {Plain(seen)}."
        : m.WakesOn <= today ? "Its day has come."
        : "";
}
