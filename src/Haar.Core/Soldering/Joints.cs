using Haar.Core.Verdicts;

namespace Haar.Core.Soldering;

/// <summary>How many pairs of pins lie beside one another, where a bridge of solder can form.</summary>
public static class Joints
{
    /// <summary>Pairs of neighbouring pins.</summary>
    /// <param name="pins">1 or more.</param>
    /// <param name="rows">Rows of a connector or switch, whose rows lie beside one another; sides of a chip or socket, whose sides do not, nor do pins round a corner.</param>
    /// <remarks>
    /// Rows of equal length face each other pin by pin. Where they differ, as in 13 and 12, they are staggered, and each pin of a
    /// shorter row lies beside two of the longer.
    /// </remarks>
    /// <exception cref="InvalidInputException">No such part.</exception>
    public static int Neighbours(SolderedKind kind, int pins, int rows)
    {
        if (pins is < 1 or > SolderedPart.MostPins)
        {
            throw new InvalidInputException("pins", $"Between 1 and {SolderedPart.MostPins} pins.");
        }
        var flat = kind is SolderedKind.Chip or SolderedKind.Socket;
        if (rows < 1 || rows > (flat ? 4 : 8) || rows > pins)
        {
            throw new InvalidInputException(
                "rows",
                flat
                    ? "A chip or socket has pins on 1 to 4 sides, and no more sides than pins."
                    : "Between 1 and 8 rows, and no more rows than pins."
            );
        }
        var along = pins - rows;
        var shortest = pins / rows;
        return flat ? along
            : pins % rows == 0 ? along + (rows - 1) * shortest
            : along + (rows - 1) * 2 * shortest;
    }

    /// <summary>Are all joints good, and is none bridged to its neighbour?</summary>
    /// <param name="counted">Joints that were looked at, on a photo.</param>
    /// <param name="bad">Of them, those that are not good.</param>
    /// <param name="measured">Pairs of neighbours that were measured; null when they were not yet.</param>
    /// <param name="bridged">Of them, those that read joined and are not joined by the board.</param>
    public static Verdict Judge(
        string name,
        SolderedKind kind,
        int pins,
        int rows,
        int counted,
        int bad,
        int? measured,
        IReadOnlyList<string> bridged
    )
    {
        const string question = "Are its joints good?";
        var pairs = Neighbours(kind, pins, rows);
        if (counted < 0 || bad < 0 || bad > counted)
        {
            throw new InvalidInputException("counted", "No more joints can be bad than were counted.");
        }
        if (measured < 0)
        {
            throw new InvalidInputException("measured", "A count is 0 or more.");
        }
        Figure Count() => new("joints counted", counted, "", pins, null);
        if (counted != pins)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    counted < pins
                        ? $"{name}: {counted} of {pins} joints are counted; {pins - counted} nobody has looked at."
                        : $"{name}: {counted} joints are counted, and it has {pins} pins.",
                    Basis.Measured,
                    new Reason("The joint that was not looked at is the one that was missed.", Count())
                )
                .Changing(counted < pins ? "Each pin tapped on the photo." : "The number of its pins, or the marks that are too many.");
        }
        if (bad > 0)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"{name}: {(bad == 1 ? "one joint is" : $"{bad} joints are")} not good. Touch {(bad == 1 ? "it" : "them")} up and count again.",
                    Basis.Measured,
                    new Reason("Solder that has not run all round a pin works loose with warmth.", Count(), "IPC-A-610, wetting of joints")
                )
                .Changing("A fresh photo with every joint good.");
        }
        if (measured is null || measured < pairs)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    measured is null
                        ? $"{name}: all {pins} joints look good; its {pairs} pairs of neighbours are not measured yet."
                        : $"{name}: {measured} of {pairs} pairs of neighbours are measured.",
                    Basis.Measured,
                    new Reason(
                        "A hair of solder between two pins hides under the part.",
                        new("pairs measured", measured ?? 0, "", pairs, null)
                    )
                )
                .Changing("Each pin measured against the next, with the power off.");
        }
        return bridged.Count > 0
            ? Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"{name}: {Words.And(bridged)} {(bridged.Count == 1 ? "reads" : "read")} joined. Draw the bridge off with wick and measure again.",
                    Basis.Measured,
                    new Reason("A bridge feeds what it should not at the first switch-on.")
                )
                .Changing("The pair open, or known to be joined by the board itself.")
            : Verdict.Of(
                question,
                Outcome.Yes,
                pairs == 0
                    ? $"{name}: its joint is good."
                    : $"{name}: all {pins} joints are good, and none of {pairs} pairs of neighbours is bridged.",
                Basis.Measured,
                new Reason("Counted pin by pin on a photo.", Count())
            );
    }
}

/// <summary>May this flux go on here, and may an iron come near?</summary>
public static class SolderGates
{
    /// <summary>Hours that one-part lacquers and masks need at room warmth until solvent no longer leaves them; data sheets of acrylic sprays have about a day, and the can's own figure outranks this.</summary>
    public const double UsualCureHours = 24;

    /// <summary>Hours that alcohol needs to leave a connector or the gap under a chip in a warm room; a house figure on the side of care.</summary>
    public const double DryHours = 1;

    /// <param name="open">The part's contacts lie open.</param>
    public static Verdict MayFlux(string name, Flux flux, bool open)
    {
        const string question = "May this flux go on?";
        return flux == Flux.Liquid && open
            ? Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"No liquid flux at {name}: it runs along the pins into the contacts, and stays there.",
                    Basis.Rule,
                    new Reason(
                        "Flux that was not heated conducts when damp and eats contacts.",
                        Source: "IPC J-STD-004, activity of unheated flux"
                    )
                )
                .Changing("Gel flux on a stick, or only what the wire carries.", "A part that is known to be closed.")
            : Verdict.Of(question, Outcome.Yes, "It may: wash off what is left of it.", Basis.Rule);
    }

    /// <param name="since">When a fresh coat was put on; null when nobody said.</param>
    /// <param name="cureHours">By its can; null for <see cref="UsualCureHours"/>.</param>
    public static Verdict MayHeat(string name, Lacquer lacquer, DateTimeOffset? since, double? cureHours, DateTimeOffset now)
    {
        const string question = "May an iron come near?";
        var hours = cureHours ?? UsualCureHours;
        switch (lacquer)
        {
            case Lacquer.None:
                return Verdict.Of(question, Outcome.Yes, "It may.", Basis.Rule);
            case Lacquer.Old:
                return Verdict
                    .Of(
                        question,
                        Outcome.YesIf,
                        $"Yes, if the lacquer over the joints of {name} is scraped or wiped off first: solder does not run on it, and it smokes.",
                        Basis.Rule
                    )
                    .With(Safety.CautionId.LeadAndFlux);
            case Lacquer.NotKnown:
                return Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"Look first whether there is lacquer over the joints of {name}: a shine, a yellow edge, a drop that beads.",
                        Basis.Rule,
                        new Reason("Solder does not run through lacquer, and a fresh coat burns.")
                    )
                    .Changing("Whether there is lacquer, and whether it is the maker's or fresh.");
            default:
                var ready = since?.AddHours(hours);
                return ready is { } at && at <= now
                    ? Verdict.Of(question, Outcome.Yes, "It may: the coat has cured.", Basis.Rule)
                    : Verdict
                        .Of(
                            question,
                            ready is null ? Outcome.Unknown : Outcome.No,
                            ready is null
                                ? $"Say when the lacquer at {name} was put on: it has to cure before an iron comes near."
                                : $"Not yet: the lacquer at {name} cures for {Markings.Si.Plain(Math.Ceiling((ready.Value - now).TotalHours * 10) / 10)} h more.",
                            Basis.Rule,
                            new Reason(
                                "Solvent leaves it until then: it catches fire at an iron, and bubbles.",
                                new("cure", hours, "h"),
                                cureHours is null ? "usual of one-part acrylic coats; the can's figure outranks it" : "the can"
                            )
                        )
                        .Changing(ready is null ? "The hour it was put on." : "The cure over.")
                        .With(Safety.CautionId.SolventAndFlame)
                        .Final();
        }
    }
}
