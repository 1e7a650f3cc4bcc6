using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Survey;

/// <summary>What the look-over owes first power: what feeds the machine, and every place whose state decides whether it may be fed.</summary>
public static class LookList
{
    /// <summary>
    /// Places that are looked at before anything is fed, and the first step that waits for them: those that bring the mains or the
    /// adapter in before the supply is switched on by itself, the rest before the board. Places that are not here (a scratch, a
    /// missing foot, a key) stop no power; what a finding puts on the list stands by that finding until it is dealt with.
    /// </summary>
    static readonly Dictionary<string, PowerStepKind> Places = new Dictionary<string, PowerStepKind>
    {
        ["lead"] = PowerStepKind.SupplyLoaded,
        ["mains-filter"] = PowerStepKind.SupplyLoaded,
        ["supply"] = PowerStepKind.SupplyLoaded,
        ["linear"] = PowerStepKind.SupplyLoaded,
        ["tube"] = PowerStepKind.SupplyLoaded,
        ["earth"] = PowerStepKind.SupplyLoaded,
        ["pack"] = PowerStepKind.BareBoard,
        ["ports"] = PowerStepKind.BareBoard,
        ["rodents"] = PowerStepKind.BareBoard,
        ["any-cell"] = PowerStepKind.BareBoard,
        ["barrel-cell"] = PowerStepKind.BareBoard,
        ["coin-cell"] = PowerStepKind.BareBoard,
        ["hidden-cell"] = PowerStepKind.BareBoard,
        ["smd-caps"] = PowerStepKind.BareBoard,
        ["low-esr-caps"] = PowerStepKind.BareBoard,
        ["tantalum"] = PowerStepKind.BareBoard,
        ["board"] = PowerStepKind.BareBoard,
        ["cooling"] = PowerStepKind.BareBoard,
        ["loose"] = PowerStepKind.BareBoard,
    };

    /// <summary>Whether a place of the look-over decides on power.</summary>
    public static bool Decides(string item) => Places.ContainsKey(item);

    public static IEnumerable<BeforePower> Of(MachineFacts f)
    {
        yield return Identity(f);
        var answers = f.Answers.ToDictionary(a => a.Item);
        // What was found changes the list for good; what is open now is on it too.
        foreach (var i in Checklist.For(f.Machine, [.. f.Findings.Select(x => x.Kind)]).Items)
        {
            if (Places.TryGetValue(i.Id, out var from))
            {
                yield return Place(f, i, answers.GetValueOrDefault(i.Id)) with
                {
                    From = from,
                    Screen = "survey",
                    Lapses = "The place is answered otherwise, or something is found there.",
                };
            }
        }
    }

    static BeforePower Identity(MachineFacts f)
    {
        const string word = "identity",
            title = "What feeds it, and whether it has a tube";
        var (mains, tube) = (Hazards.Mains(f.Machine), Hazards.Tube(f.Machine));
        return (
            mains == ThreeState.NotKnown || tube == ThreeState.NotKnown
                ? BeforePower.By(
                    f,
                    word,
                    title,
                    Verdict
                        .Of(
                            BeforePower.Question,
                            Outcome.Unknown,
                            mains == ThreeState.NotKnown
                                ? "Leave it unplugged: nobody has said whether it takes a mains lead."
                                : "Leave it unplugged: nobody has said whether it has a picture tube.",
                            Basis.Guess,
                            new Reason("Until somebody says so it counts as both, and both are for trained people.")
                        )
                        .Changing("A look from outside: the inlet, the lead, the screen.")
                        .Final()
                )
                : BeforePower.Is(
                    word,
                    title,
                    $"{(mains == ThreeState.Yes ? "Mains inside" : "No mains inside")}, {(tube == ThreeState.Yes ? "a picture tube" : "no picture tube")}."
                )
        ) with
        {
            From = PowerStepKind.SupplyLoaded,
            Screen = "arrive",
        };
    }

    static BeforePower Place(MachineFacts f, ChecklistItem i, ChecklistAnswer? a)
    {
        var word = $"look/{i.Id}";
        BeforePower Is(string known) => BeforePower.Is(word, i.Title, known) with { Since = a?.At };
        // The battery's own screen knows of the cell what this place shows, or the cell is out.
        if (i.Id is "barrel-cell" or "coin-cell" or "hidden-cell" or "any-cell" && f.Cell is { } cell)
        {
            if (cell.OldOutAt is { } outAt)
            {
                return Is("The old cell is out.") with { Since = outAt };
            }
            if (cell.Site is { Leaking: ThreeState.No, Swollen: ThreeState.No })
            {
                return Is("The battery’s own screen says that it neither leaks nor swells.");
            }
        }
        if (i.Id == "pack" && f.Pack is { Facts: { TakenOut: true } or { Swollen: ThreeState.No, HotOrWet: ThreeState.No } } pack)
        {
            return Is(pack.Facts.TakenOut ? "The pack is out." : "The battery’s own screen says that it is neither swollen, hot nor wet.");
        }
        return a?.Answer switch
        {
            LookAnswer.Sound => Is("Looked at, and sound."),
            LookAnswer.NotHere => Is("Looked for, and not here."),
            LookAnswer.Bad => Bad(f, i, a, word),
            LookAnswer.CannotTell => BeforePower.Open(
                f,
                word,
                i.Title,
                $"{i.Title}: nobody could tell.",
                i.LooksLike,
                "A look with more light, with a mirror, or with the cover off.",
                a.Answer.ToString(),
                a.At
            ),
            _ => BeforePower.Open(
                f,
                word,
                i.Title,
                $"{i.Title}: nobody has looked.",
                i.LooksLike,
                "A look, and one tap on the look-over.",
                a?.Answer.ToString(),
                a?.At
            ),
        };
    }

    /// <summary>Bad is known, and known to be bad: it stands before power until it is dealt with. What stops power as a danger stands there already.</summary>
    static BeforePower Bad(MachineFacts f, ChecklistItem i, ChecklistAnswer a, string word)
    {
        var found = f.Findings.FirstOrDefault(x => x.Id == a.FindingId);
        if (found is { Open: false })
        {
            return BeforePower.Is(word, i.Title, $"It was bad, and is dealt with. {Words.Sentence(found.DealtWith)}") with
            {
                Since = found.DealtWithAt,
            };
        }
        if (found is not null && FindingRules.Meaning(found.Kind).StopsPower)
        {
            return BeforePower.Is(word, i.Title, "Looked at. What was found there stands as a danger of its own.") with { Since = a.At };
        }
        return BeforePower.By(
            f,
            word,
            i.Title,
            Verdict
                .Of(
                    BeforePower.Question,
                    Outcome.No,
                    $"{i.Title}: it is not as it should be, and nobody has dealt with it.",
                    Basis.Rule,
                    new Reason(found?.Seen ?? i.LooksLike)
                )
                .Changing("Dealt with, and said so on the finding; or the place looked at again."),
            a.Answer.ToString(),
            a.At,
            found?.Seen
        );
    }
}
