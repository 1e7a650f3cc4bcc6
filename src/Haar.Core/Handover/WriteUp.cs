using Haar.Core.Capacitors;
using Haar.Core.Costs;
using Haar.Core.Planning;
using Haar.Core.Proving;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Handover;

/// <param name="Title">Of the section.</param>
/// <param name="Lines">Whole sentences.</param>
public sealed record WriteUpSection(string Title, IReadOnlyList<string> Lines);

/// <summary>The sheet that leaves with a machine.</summary>
/// <param name="Summary">One sentence: what it was and what it is now.</param>
public sealed record WriteUp(
    string Machine,
    string Summary,
    IReadOnlyList<WriteUpSection> Sections,
    CostSum Costs,
    DateOnly? NextCellCheck,
    IReadOnlyList<Comparison> Proofs
);

/// <summary>Writes up a machine from its record: found, done, replaced, overruled and why, still open, cost, hours, next battery check.</summary>
public static class WriteUps
{
    static readonly IReadOnlyList<(WriteUpPart Part, string Title)> Sections =
    [
        (WriteUpPart.AsItCame, "As it came"),
        (WriteUpPart.Found, "What was found"),
        (WriteUpPart.Done, "What was done"),
        (WriteUpPart.Replaced, "Replaced and kept"),
        (WriteUpPart.Eaten, "What was eaten, and what runs hot"),
        (WriteUpPart.Measured, "Measured before and after"),
        (WriteUpPart.FirstPower, "First power"),
        (WriteUpPart.Said, "What it said"),
        (WriteUpPart.Apart, "Taken apart and put together"),
        (WriteUpPart.Overruled, "Overruled, and why"),
    ];

    public static WriteUp Of(MachineFacts f, string currency, DateTimeOffset now, IReadOnlyDictionary<Guid, CapacitorSpec> parts)
    {
        var (m, at) = (f.Machine, new MachineNow(f, now));
        var facts = new WriteUpFacts(at, currency, parts);
        var written = AllRooms.InOrder.SelectMany(r => r.WriteUp(facts)).Where(w => w.Line.Length > 0).ToLookup(w => w.Part, w => w.Line);
        var left = HandoverReadiness.Left(at).ToList();
        var sections = Sections
            .Select(s => new WriteUpSection(s.Title, [.. written[s.Part]]))
            .Append(new("Still open", [.. left.SelectMany(l => l.Lines)]))
            .Where(s => s.Lines.Count > 0);
        var open = left.Sum(l => l.Count);
        var year =
            m.YearFrom is null ? ""
            : m.YearFrom == m.YearTo || m.YearTo is null ? $" of {m.YearFrom}"
            : $" of {m.YearFrom} to {m.YearTo}";
        var said = written[WriteUpPart.Summary]
            .Append(
                open == 0 ? "nothing left open"
                : open == 1 ? "one point still open"
                : $"{open} points still open"
            );
        return new(
            m.Name,
            $"{Words.Capital(m.Kind.Length > 0 ? m.Kind : "machine")}{year}: {string.Join(", ", said)}.",
            [.. sections],
            CostSums.Of(m.Paid, f.Costs, currency),
            f.Cell?.NextCheck,
            [.. f.Proofs.Select(p => ProvingRoom.Compare(p, f.Readings)).OfType<Comparison>()]
        );
    }
}
