using Haar.Core.Capacitors;
using Haar.Core.Verdicts;

namespace Haar.Core.Parts;

public enum SupplierLineState
{
    Confirmed = 0,
    OutOfStock,
    Substituted,
    Fewer,
    Late,
    Delivered,
}

/// <param name="Packs">That will come; 0 when out of stock.</param>
/// <param name="DeliveredPacks">That have been handed over so far.</param>
/// <param name="SubstituteSpec">What comes instead.</param>
public sealed record SupplierOrderLine(
    string Sku,
    int Packs,
    SupplierLineState State,
    int DeliveredPacks = 0,
    string? SubstituteSku = null,
    CapacitorSpec? SubstituteSpec = null,
    string Note = ""
);

/// <summary>What the supplier says of an order: the answer to the POST, and <c>GET {address}/orders/{number}</c>.</summary>
public sealed record SupplierOrder
{
    public required string Number { get; init; }
    public required string Reference { get; init; }
    public DateOnly? ExpectedOn { get; init; }
    public required IReadOnlyList<SupplierOrderLine> Lines { get; init; }
}

/// <summary>What a supplier's word means for an order: which lines come, which come otherwise, and which places are free to be ordered again.</summary>
public static class SupplierAnswer
{
    /// <summary>Writes the supplier's word into the order. A line that it leaves out, or has none of, waits for nothing any more; what comes instead is judged in every place that it was for.</summary>
    /// <param name="waiting">The places that the order is for. One that is no longer on any board is not among them.</param>
    public static void Take(PartOrder order, SupplierOrder said, IEnumerable<Capacitor> waiting, DateOnly today)
    {
        var places = waiting.ToDictionary(c => c.Id);
        (order.TheirNumber, order.Trouble) = (Cut(said.Number, 60), "");
        if (said.ExpectedOn is { } day)
        {
            order.ExpectedOn = day;
        }
        if (order.State is PartOrderState.NotSent or PartOrderState.Sending)
        {
            order.State = PartOrderState.Confirmed;
        }
        order.Lines =
        [
            .. order.Lines.Select(line =>
                said.Lines.FirstOrDefault(l => l.Sku == line.Sku) is { } l
                    ? Line(line, l, places, today)
                    : line with
                    {
                        State = OrderLineState.OutOfStock,
                        ConfirmedPacks = 0,
                        For = [],
                        Note = "The supplier's answer leaves this line out.",
                    }
            ),
        ];
    }

    static PartOrderLine Line(PartOrderLine line, SupplierOrderLine said, Dictionary<Guid, Capacitor> places, DateOnly today)
    {
        var note = Cut(said.Note, 200);
        string Or(string otherwise) => note.Length > 0 ? note : otherwise;
        // Nobody is made to take more than was ordered.
        var packs = Math.Clamp(said.Packs, 0, line.Packs);
        return said.State switch
        {
            SupplierLineState.OutOfStock => line with
            {
                State = OrderLineState.OutOfStock,
                ConfirmedPacks = 0,
                For = [],
                Note = Or("Out of stock."),
            },
            SupplierLineState.Substituted when said.SubstituteSpec is { } spec => Instead(line, packs, spec, note, places, today),
            SupplierLineState.Fewer => line with
            {
                State = OrderLineState.Fewer,
                ConfirmedPacks = packs,
                For = [.. line.For.Take(packs * line.PackSize)],
                Note = Or("Fewer than ordered."),
            },
            SupplierLineState.Late => line with { State = OrderLineState.Late, ConfirmedPacks = packs, Note = Or("Late.") },
            _ => line with { State = OrderLineState.Confirmed, ConfirmedPacks = packs, Note = note },
        };
    }

    /// <summary>Where what comes instead breaks a rule, that place is ordered again.</summary>
    static PartOrderLine Instead(
        PartOrderLine line,
        int packs,
        CapacitorSpec spec,
        string note,
        Dictionary<Guid, Capacitor> places,
        DateOnly today
    )
    {
        var judged = line
            .For.Where(places.ContainsKey)
            .Select(f => places[f])
            .Select(c =>
                (c.Id, Substitution.Judge(c.Spec, c.Role, new(Guid.Empty, spec, 1, null, ""), today, c.HeadroomMillimetres).Verdict)
            )
            .ToList();
        var refused = judged.Where(j => j.Verdict.Outcome == Outcome.No).ToList();
        var name = Substitution.Describe(spec);
        var said =
            refused.Count == 0
                ? $"Sends {name} instead: it will do."
                : $"Sends {name} instead. {refused[0].Verdict.Sentence} {(refused.Count == judged.Count ? "Send it back." : $"It will do in {judged.Count - refused.Count} of {judged.Count} places.")}";
        return line with
        {
            State = OrderLineState.Substituted,
            ConfirmedPacks = packs,
            Instead = spec,
            For = [.. line.For.Where(f => refused.All(r => r.Id != f))],
            Note = said + (note.Length > 0 ? $" {note}" : ""),
        };
    }

    static string Cut(string text, int most) => text.Length <= most ? text : text[..most];
}
