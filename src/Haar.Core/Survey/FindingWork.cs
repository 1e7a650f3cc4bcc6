using Haar.Core.Planning;

namespace Haar.Core.Survey;

/// <summary>The work that a finding implies, in the order in which it can be done. Minutes are bench practice for one board or case.</summary>
public static class FindingWork
{
    /// <summary>The board map, where what a leak reached is drawn round: from its outline come neutraliser, volume and rinses.</summary>
    const string MarkArea = "capacitors?mark=area";

    public static IReadOnlyList<ImpliedWork> Of(FindingKind kind)
    {
        static ImpliedWork First(Stage stage, string title, int minutes, string why, string needs = "", bool settles = true) =>
            new(stage, title, minutes, why, needs, null, settles);
        static ImpliedWork Then(Stage stage, string title, int minutes, string why, string needs = "", int after = 0) =>
            new(stage, title, minutes, why, needs, after, false);
        return kind switch
        {
            FindingKind.LeakingCell =>
            [
                First(
                    Stage.Boards,
                    "Take the leaking cell out",
                    15,
                    "What leaks goes on eating copper every day that it stays.",
                    "Gloves, glasses, side cutters, a bag"
                ) with
                {
                    For = WorkFor.WhoSolders,
                    Kind = WorkKind.Soldering,
                    Screen = "battery",
                },
                Then(
                    Stage.Boards,
                    "Neutralise what it reached, then rinse and dry",
                    60,
                    "The residue draws damp and goes on eating.",
                    "Mild acid, pH strips, distilled water, alcohol"
                ) with
                {
                    Kind = WorkKind.Washing,
                    Screen = MarkArea,
                },
                Then(
                    Stage.Boards,
                    "Measure the traces under it",
                    40,
                    "A trace that looks whole may be eaten through.",
                    "Multimeter, board map",
                    1
                ) with
                {
                    Kind = WorkKind.Measuring,
                    Screen = "capacitors",
                },
            ],
            FindingKind.SwollenCell =>
            [
                First(
                    Stage.Survey,
                    "Take the swollen cell out and outside",
                    10,
                    "Outdoors, in sand or a metal tin, to a collection point.",
                    "Gloves, metal tin"
                ) with
                {
                    Kind = WorkKind.Assembling,
                    Screen = "battery",
                },
            ],
            FindingKind.CrackedMainsFilter =>
            [
                First(
                    Stage.Survey,
                    "Have the mains filter capacitor exchanged",
                    30,
                    "It shorts across the mains and goes up in smoke at the next switch-on.",
                    "Somebody trained for mains"
                ) with
                {
                    For = WorkFor.TheTrained,
                },
            ],
            FindingKind.PictureTube =>
            [
                First(
                    Stage.Survey,
                    "Close the tube's cover, or hand it to somebody trained",
                    20,
                    "The tube holds its charge for days."
                ) with
                {
                    For = WorkFor.TheTrained,
                },
            ],
            FindingKind.BulgingCapacitor =>
            [
                First(
                    Stage.Boards,
                    "Exchange the bulging capacitor",
                    20,
                    "Its vent is next to open, and it no longer filters.",
                    "Iron, wick, flux"
                ) with
                {
                    For = WorkFor.WhoSolders,
                    Kind = WorkKind.Soldering,
                    Screen = "capacitors",
                },
                Then(
                    Stage.Boards,
                    "Measure its neighbours of the same kind",
                    20,
                    "They are of the same batch and as old.",
                    "ESR meter"
                ) with
                {
                    Kind = WorkKind.Measuring,
                    Screen = "capacitors",
                },
            ],
            FindingKind.WeepingCapacitor =>
            [
                First(
                    Stage.Boards,
                    "Exchange the weeping capacitor and clean under it",
                    25,
                    "Its electrolyte eats pads and traces and makes leaks between them.",
                    "Iron, wick, alcohol"
                ) with
                {
                    For = WorkFor.WhoSolders,
                    Kind = WorkKind.Soldering,
                    Screen = "capacitors",
                },
                Then(Stage.Boards, "Measure the traces under it", 20, "What it wept on may be eaten.", "Multimeter") with
                {
                    Kind = WorkKind.Measuring,
                    Screen = "capacitors",
                },
            ],
            FindingKind.Rodents =>
            [
                First(
                    Stage.Survey,
                    "Wet-clean the droppings",
                    40,
                    "Droppings make people ill: wet, never dry.",
                    "Mask, gloves, damp cloths, bag"
                ) with
                {
                    Kind = WorkKind.Washing,
                },
                Then(Stage.Survey, "Look along every lead for gnawing", 15, "Gnawed insulation shorts.", "Torch") with
                {
                    Kind = WorkKind.Looking,
                },
            ],
            FindingKind.Mould =>
            [
                First(Stage.Case, "Wet-clean the mould", 40, "Spores go wherever a dry brush sends them.", "Mask, gloves, damp cloths") with
                {
                    Kind = WorkKind.Washing,
                },
            ],
            FindingKind.ChafedLead =>
            [
                First(
                    Stage.Survey,
                    "Exchange the chafed lead",
                    30,
                    "Bare copper touches whatever is next to it.",
                    "A lead of the same rating"
                ),
            ],
            FindingKind.SaltOrDamp =>
            [
                First(
                    Stage.Survey,
                    "Rinse the salt off and dry the part",
                    30,
                    "Salt water conducts, and eats contacts with power on them.",
                    "Distilled water, alcohol"
                ) with
                {
                    Kind = WorkKind.Washing,
                },
            ],
            FindingKind.LooseMetal =>
            [
                First(
                    Stage.Survey,
                    "Take the loose metal out, and find where it belongs",
                    15,
                    "It lands on a board, and shorts it at the first switch-on.",
                    "Torch, tweezers, magnet on a stick"
                ) with
                {
                    Kind = WorkKind.Looking,
                },
            ],
            FindingKind.CoolingOff =>
            [
                First(
                    Stage.Boards,
                    "Put heatsink and fan in order",
                    30,
                    "Without them a processor is past its limit within seconds.",
                    "Paste or pad, clip, fan"
                ) with
                {
                    Kind = WorkKind.Assembling,
                },
            ],
            FindingKind.CrackedCase =>
            [
                First(Stage.Case, "Mend the crack", 30, "A crack runs on when the case is stressed.", "Glue for its plastic, clamps"),
            ],
            FindingKind.MissingScrew =>
            [
                First(
                    Stage.Parts,
                    "Find a screw of the same thread and length",
                    10,
                    "Somebody before you lost it.",
                    "The store's fasteners"
                ),
            ],
            FindingKind.MissingPart => [First(Stage.Parts, "Find the missing part", 20, "It was plainly there once.")],
            FindingKind.EarlierRepair =>
            [
                First(
                    Stage.Boards,
                    "Check the earlier repair",
                    20,
                    "It shows what failed before, and how well it was mended.",
                    "Magnifier, multimeter"
                ) with
                {
                    Kind = WorkKind.Measuring,
                },
            ],
            FindingKind.Rust =>
            [
                First(Stage.Case, "Treat the rust", 40, "It goes on under paint.", "Wire brush, dust mask") with
                {
                    Kind = WorkKind.Dusty,
                },
            ],
            _ => [],
        };
    }

    /// <summary>What kind of work a finding's piece is; null for work of no finding, and for what is usual of its stage.</summary>
    public static WorkKind? KindOf(Job job, IEnumerable<Finding> findings) => Implied(job, findings)?.Kind;

    static ImpliedWork? Implied(Job job, IEnumerable<Finding> findings) =>
        job.FindingId is { } id && findings.FirstOrDefault(f => f.Id == id) is { } finding
            ? Of(finding.Kind).FirstOrDefault(w => w.Title == job.Title)
            : null;

    /// <summary>The screen that does a piece of work that a finding implied; empty where there is none.</summary>
    public static string ScreenOf(Job job, IEnumerable<Finding> findings) => Implied(job, findings)?.Screen ?? "";
}
