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

    /// <summary>Metal that lies or hangs loose inside.</summary>
    LooseMetal,

    /// <summary>A heatsink or fan that is off, loose or dead.</summary>
    CoolingOff,
}

/// <summary>One thing seen, where, and whether it is dealt with.</summary>
public sealed class Finding : Acts.ICheckedRow
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

    public void Check()
    {
        Acts.TextField.Check("seen", Seen, 500, "Say in 1 to 500 characters what you see.");
        Acts.TextField.Check("place", Place, 120);
    }
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
    /// <summary>Power on a wet part, a swollen cell, and a tube whose cover is open are nobody's to overrule.</summary>
    static bool Final(FindingKind kind) => kind is FindingKind.SaltOrDamp or FindingKind.SwollenCell or FindingKind.PictureTube;

    /// <summary>What does more harm the longer it waits: a leak goes on eating, a swollen cell goes on swelling, damp goes on rusting.</summary>
    public static bool Grows(FindingKind kind) => kind is FindingKind.LeakingCell or FindingKind.SwollenCell or FindingKind.SaltOrDamp;

    /// <summary>What is put right by somebody trained for mains and tubes alone.</summary>
    public static bool ForTheTrained(FindingKind kind) =>
        kind is FindingKind.CrackedMainsFilter or FindingKind.PictureTube or FindingKind.ChafedLead;

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

    public static FindingMeaning Meaning(FindingKind kind)
    {
        var (words, stops, cautions) = Of(kind);
        // The work that it makes is said once: its first piece is what the finding asks for.
        var work = FindingWork.Of(kind) is [var first, ..] ? first : null;
        return new(words, stops, cautions, work?.Title ?? "", work?.Why ?? "", stops ? Stage.Survey : work?.Stage ?? Stage.Survey);
    }

    static (string Words, bool StopsPower, IReadOnlyList<CautionId> Cautions) Of(FindingKind kind) =>
        kind switch
        {
            FindingKind.LeakingCell => ("leaking cell", true, [CautionId.LeakingCell]),
            FindingKind.SwollenCell => ("swollen cell", true, [CautionId.SwollenCell]),
            FindingKind.CrackedMainsFilter => (
                "cracked mains filter capacitor",
                true,
                [CautionId.LineFilterCapacitor, CautionId.MainsSupply]
            ),
            FindingKind.PictureTube => ("picture tube behind an open cover", true, [CautionId.PictureTube]),
            FindingKind.BulgingCapacitor => ("bulging capacitor", true, [CautionId.ChargedCapacitor]),
            FindingKind.WeepingCapacitor => ("weeping capacitor", false, []),
            FindingKind.Rodents => ("rodents have been in", true, [CautionId.RodentsAndMould]),
            FindingKind.Mould => ("mould", false, [CautionId.RodentsAndMould]),
            FindingKind.ChafedLead => ("chafed or gnawed lead", true, [CautionId.MainsSupply]),
            FindingKind.SaltOrDamp => ("salt or damp", true, []),
            FindingKind.LooseMetal => ("loose metal inside", true, []),
            FindingKind.CoolingOff => ("heatsink or fan off", true, [CautionId.BareDie]),
            FindingKind.CrackedCase => ("cracked case", false, []),
            FindingKind.MissingScrew => ("missing screw", false, []),
            FindingKind.MissingPart => ("missing part", false, []),
            FindingKind.EarlierRepair => ("earlier repair", false, []),
            FindingKind.Rust => ("rust", false, []),
            _ => ("something else", false, []),
        };
}
