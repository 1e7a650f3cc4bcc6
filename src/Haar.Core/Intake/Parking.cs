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
public sealed record Park(string Why, DateOnly? WakesOn, string WakesFor) : Command<ParkingFacts>
{
    public override Permit May(ParkingFacts f, DateTimeOffset now)
    {
        TextField.Check("why", Why.Trim(), 200, "Say in 1 to 200 characters why it is set aside.");
        TextField.Check("wakesFor", WakesFor, 60);
        return WakesOn <= f.Today ? Permit.No("wakesOn", "A day to come.")
            : f.Running ? Permit.No("id", "Somebody is at it: end that first.")
            : Permit.Yes();
    }

    protected override Done Do(ParkingFacts f, Moment at)
    {
        var m = f.Machine;
        (m.ParkedAt, m.ParkedWhy, m.WakesOn, m.WakesFor) = (at.Now, Why.Trim(), WakesOn, WakesFor.Trim());
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
        return new("In hand again.");
    }
}

public static class Parking
{
    /// <summary>What wakes it: the part that it waits for is free in the store, or its day has come. Empty for nothing.</summary>
    public static string WokenBy(Machine m, IEnumerable<StorePart> store, DateOnly today) =>
        m.WakesFor.Length > 0
        && store.FirstOrDefault(p =>
            p is { Quantity: > 0, ForMachineId: null } && $"{p.Kind} {p.Fits}".Contains(m.WakesFor, StringComparison.OrdinalIgnoreCase)
        )
            is { } part
            ? $"{Words.Capital(part.Kind)} is in the store{(part.Place.Length > 0 ? $", {part.Place}" : "")}."
        : m.WakesOn <= today ? "Its day has come."
        : "";
}
