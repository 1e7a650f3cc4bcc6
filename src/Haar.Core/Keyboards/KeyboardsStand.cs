using Haar.Core.Cleaning;
using Haar.Core.Verdicts;

namespace Haar.Core.Keyboards;

/// <summary>How it stands with a keyboard, in one sentence.</summary>
public static class KeyboardsStand
{
    /// <param name="item">Its caps as they are cleaned; null before any came off.</param>
    public static Verdict Of(Keyboard k, CleanedItem? item)
    {
        const string question = "How is this keyboard?";
        var away = k.Away.Count();
        var missing = k.Caps.Count(c => c.State == CapState.Missing);
        var troubled = k.Caps.Count(c =>
            KeyLadder.Next(c, k.Switch).Verdict.Outcome != Outcome.No
            || c.Trouble != KeyTrouble.None && c.Tries is not [.., { Helped: true }]
        );
        var count = new Reason($"{k.Caps.Count} keys, {away} caps off, {missing} missing, {troubled} with trouble.");
        if (k.Caps.Count == 0)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    "A photo from straight above first: it becomes the map that the caps go back by.",
                    Basis.Rule,
                    new Reason("Caps of one legend are not of one shape, and some go in both ways round.", Source: "practice")
                )
                .Changing("The photo.");
        }
        if (away > 0)
        {
            return item?.Wet == true
                    ? Verdict.Of(
                        question,
                        Outcome.No,
                        $"{away} {(away == 1 ? "cap is" : "caps are")} off and wet: they dry before they go back.",
                        Basis.Measured,
                        count
                    )
                : item is { Sheet.DoneAt: null }
                    ? Verdict.Of(
                        question,
                        Outcome.YesIf,
                        $"{away} {(away == 1 ? "cap is" : "caps are")} off: wash them, and put them back by the map.",
                        Basis.Measured,
                        count
                    )
                : Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"{away} {(away == 1 ? "cap goes" : "caps go")} back by the map.",
                    Basis.Measured,
                    count
                );
        }
        return missing > 0
                ? Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"{missing} {(missing == 1 ? "cap is" : "caps are")} missing: from a donor, by row and width.",
                    Basis.Measured,
                    count
                )
            : troubled > 0
                ? Verdict.Of(
                    question,
                    Outcome.YesIf,
                    $"{troubled} {(troubled == 1 ? "key has" : "keys have")} trouble.",
                    Basis.Measured,
                    count
                )
            : k.Caps.All(c => c.Tested) ? Verdict.Of(question, Outcome.Yes, "Every key works.", Basis.Measured, count)
            : Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"All caps are on; {k.Caps.Count(c => !c.Tested)} keys have not been tested.",
                    Basis.Measured,
                    count
                )
                .Changing("Each key pressed once.");
    }
}
