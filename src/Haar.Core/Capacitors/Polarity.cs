using Haar.Core.Verdicts;

namespace Haar.Core.Capacitors;

/// <summary>A direction on the board's picture.</summary>
public enum Direction
{
    NotKnown = 0,
    Up,
    Right,
    Down,
    Left,
}

/// <summary>Does the new part sit the right way round? The photo from before, the board's print and the second look have to agree.</summary>
public static class Polarity
{
    /// <param name="before">Where the old part's minus pointed, on the photo from before.</param>
    /// <param name="printed">Where the board's print has minus.</param>
    /// <param name="seen">Where the new part's stripe points now.</param>
    public static Verdict Check(string designator, Direction before, Direction printed, Direction seen)
    {
        var question = $"Does {designator} sit the right way round?";
        var known = before != Direction.NotKnown ? before : printed;
        if (before != Direction.NotKnown && printed != Direction.NotKnown && before != printed)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    $"The old part's minus pointed {Word(before)} and the board's print says {Word(printed)}: one of them is wrong, and boards have been printed wrong. Find the pad that goes to ground with a meter: that one is minus.",
                    Basis.Guess,
                    new Reason("A part the wrong way round bursts, sometimes hours later.")
                )
                .Changing("Ohms from each pad to ground, with the part out.");
        }

        if (known == Direction.NotKnown)
        {
            return Verdict
                .Of(
                    question,
                    Outcome.Unknown,
                    "Nobody took down which way the old one sat. Find the pad that goes to ground with a meter: that one is minus, on all but negative supplies.",
                    Basis.Guess
                )
                .Changing("The photo from before.", "Ohms from each pad to ground.");
        }

        if (seen == Direction.NotKnown)
        {
            return Verdict
                .Of(question, Outcome.Unknown, $"Look again, best somebody else: its minus has to point {Word(known)}.", Basis.Rule)
                .Changing("A second look.");
        }

        // Only one of the two was taken down: a print may be wrong, and so may a photo that was read wrong.
        if (seen == known && (before == Direction.NotKnown || printed == Direction.NotKnown))
        {
            return Verdict
                .Of(
                    question,
                    Outcome.YesIf,
                    before == Direction.NotKnown
                        ? $"The right way round if the board’s print is right: its minus points {Word(seen)}. Nobody took down how the old one sat."
                        : $"The right way round if the photo from before was read right: its minus points {Word(seen)}. The board’s print says nothing.",
                    Basis.Measured,
                    new Reason("Boards have been printed wrong.")
                )
                .Changing("Ohms from each pad to ground, with the part out: the pad at ground is minus.");
        }

        return seen == known
            ? Verdict.Of(
                question,
                Outcome.Yes,
                $"The right way round: its minus points {Word(seen)}, as the old one's did and the board's print says.",
                Basis.Measured
            )
            : Verdict
                .Of(
                    question,
                    Outcome.No,
                    $"Stop: its minus points {Word(seen)}, and {(before != Direction.NotKnown ? "on the photo the old one's pointed" : "the board's print says")} {Word(known)}. Turn it round before anything is powered.",
                    Basis.Measured,
                    new Reason(
                        "A part the wrong way round bursts, sometimes hours later.",
                        Source: "aluminium electrolytics bear about 1 V the wrong way"
                    )
                )
                .Changing("The photo shown again, if it was read wrong.")
                .Final();
    }

    static string Word(Direction t) =>
        t switch
        {
            Direction.Up => "up",
            Direction.Right => "right",
            Direction.Down => "down",
            _ => "left",
        };
}
