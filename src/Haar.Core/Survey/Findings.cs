using Haar.Core.Acts;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>What can be found on a machine before it is powered.</summary>
public enum FindingKind
{
    Other = 0,
    LeakingCell,
    SwollenCell,
    CrackedMainsFilter,
    PictureTube,
    BulgingCapacitor,
    WeepingCapacitor,
    Rodents,
    Mould,
    CrackedCase,
    MissingScrew,
    MissingPart,
    EarlierRepair,
    Rust,
    SaltOrDamp,
    ChafedLead,
}

/// <summary>One thing seen, where, and whether it is dealt with.</summary>
public sealed class Finding
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public FindingKind Kind { get; set; }
    public string Place { get; set; } = "";
    public string Seen { get; set; } = "";
    public Guid? PhotoId { get; set; }
    public DateTimeOffset At { get; init; }
    public DateTimeOffset? DealtWithAt { get; set; }

    /// <summary>How it was dealt with; empty while it is open.</summary>
    public string DealtWith { get; set; } = "";
    public int Version { get; set; }

    public bool Open => DealtWithAt is null;
}

/// <summary>What a kind of finding means.</summary>
/// <param name="Words">For a person.</param>
/// <param name="StopsPower">No power while it is open.</param>
/// <param name="Cautions">Raised at once.</param>
/// <param name="Work">What it implies, as an act; empty when there is none.</param>
/// <param name="Why">Why that matters, in a sentence.</param>
/// <param name="WorkStage">The stage in which that work is done.</param>
public sealed record FindingMeaning(
    string Words,
    bool StopsPower,
    IReadOnlyList<CautionId> Cautions,
    string Work,
    string Why,
    Stage WorkStage = Stage.Survey
);

public static class FindingRules
{
    /// <summary>Power on a wet part, and a swollen cell, are nobody's to overrule.</summary>
    static bool Final(FindingKind kind) => kind is FindingKind.SaltOrDamp or FindingKind.SwollenCell;

    /// <summary>May it be powered with this found? A person may decide so, on what it was found to be.</summary>
    public static Permit StopsPower(Finding f, IEnumerable<Overrule> overrules)
    {
        const string question = "May it be powered with this?";
        var m = Meaning(f.Kind);
        if (!f.Open || !m.StopsPower)
        {
            return Permit.Yes(question);
        }
        var verdict = Verdict.Of(
            question,
            Outcome.No,
            $"{Words.Capital(m.Words)}{(f.Place.Length > 0 ? $", {f.Place}" : "")}: no power until it is dealt with.",
            Basis.Rule,
            new Reason(m.Why)
        );
        return Permit.By(
            Final(f.Kind) ? verdict.Final() : verdict,
            "finding",
            new(OverruleKind.Finding, f.MachineId, f.Id.ToString(), Overrulable.Fingerprint(f.Kind.ToString(), f.Place, f.Seen)),
            overrules
        );
    }

    public static FindingMeaning Meaning(FindingKind kind) =>
        kind switch
        {
            FindingKind.LeakingCell => new(
                "leaking cell",
                true,
                [CautionId.LeakingCell],
                "Take the leaking cell out",
                "What leaks goes on eating copper every day that it stays."
            ),
            FindingKind.SwollenCell => new(
                "swollen cell",
                true,
                [CautionId.SwollenCell],
                "Take the swollen cell out and away",
                "A swollen lithium cell can catch fire, and charging is what sets it off."
            ),
            FindingKind.CrackedMainsFilter => new(
                "cracked mains filter capacitor",
                true,
                [CautionId.LineFilterCapacitor, CautionId.MainsSupply],
                "Have the mains filter capacitor exchanged",
                "It shorts across the mains and goes up in smoke at the next switch-on."
            ),
            FindingKind.PictureTube => new(
                "picture tube behind an open cover",
                true,
                [CautionId.PictureTube],
                "Close the tube's cover, or hand it to somebody trained",
                "The tube holds its charge for days."
            ),
            FindingKind.BulgingCapacitor => new(
                "bulging capacitor",
                true,
                [CautionId.ChargedCapacitor],
                "Exchange the bulging capacitor",
                "Its vent is next to open, and it no longer filters.",
                Stage.Boards
            ),
            FindingKind.WeepingCapacitor => new(
                "weeping capacitor",
                false,
                [],
                "Exchange the weeping capacitor and clean under it",
                "Its electrolyte eats pads and traces and makes leaks between them.",
                Stage.Boards
            ),
            FindingKind.Rodents => new(
                "rodents have been in",
                true,
                [CautionId.RodentsAndMould],
                "Wet-clean the droppings and look for gnawed leads",
                "Droppings make people ill, and gnawed insulation shorts."
            ),
            FindingKind.Mould => new(
                "mould",
                false,
                [CautionId.RodentsAndMould],
                "Wet-clean the mould",
                "Spores go wherever a dry brush sends them.",
                Stage.Case
            ),
            FindingKind.ChafedLead => new(
                "chafed or gnawed lead",
                true,
                [CautionId.MainsSupply],
                "Exchange the chafed lead",
                "Bare copper touches whatever is next to it."
            ),
            FindingKind.SaltOrDamp => new(
                "salt or damp",
                true,
                [],
                "Rinse the salt off and dry the part",
                "Salt water conducts, and eats contacts with power on them."
            ),
            FindingKind.CrackedCase => new(
                "cracked case",
                false,
                [],
                "Mend the crack",
                "A crack runs on when the case is stressed.",
                Stage.Case
            ),
            FindingKind.MissingScrew => new(
                "missing screw",
                false,
                [],
                "Find a screw of the same thread and length",
                "Somebody before you lost it.",
                Stage.Parts
            ),
            FindingKind.MissingPart => new("missing part", false, [], "Find the missing part", "It was plainly there once.", Stage.Parts),
            FindingKind.EarlierRepair => new(
                "earlier repair",
                false,
                [],
                "Check the earlier repair",
                "It shows what failed before, and how well it was mended."
            ),
            FindingKind.Rust => new("rust", false, [], "Treat the rust", "It goes on under paint.", Stage.Case),
            _ => new("something else", false, [], "", ""),
        };
}
