using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>Where a soil sits.</summary>
public enum Seat
{
    NotKnown = 0,

    /// <summary>On the surface: it can be carried off.</summary>
    On,

    /// <summary>Drawn into it: what dissolves it may fetch some of it back.</summary>
    In,

    /// <summary>Behind a clear part: nothing on its face reaches it.</summary>
    Behind,

    /// <summary>It is the surface: pits, or yellowing.</summary>
    Surface,
}

/// <summary>What a fingernail feels across it.</summary>
public enum NailFeels
{
    NotKnown = 0,
    Raised,
    Level,
    Pitted,
}

/// <summary>What mild tests have shown, each harmless by itself.</summary>
public sealed record SeatTests
{
    /// <summary>A white swab with a little water, turned on it for a minute, comes away coloured.</summary>
    public ThreeState SwabTakes { get; init; }

    /// <summary>It moves against the surface when the head does. Asked of clear parts only.</summary>
    public ThreeState Moves { get; init; }
    public NailFeels Nail { get; init; }

    /// <summary>A swab with alcohol comes away coloured, where a hidden place bore it.</summary>
    public ThreeState SpiritTakes { get; init; }

    /// <summary>It looks the same where light never reached, under a label or a flange.</summary>
    public ThreeState SameUnderCover { get; init; }
}

/// <param name="Next">The mildest test that would say more; empty where none is needed.</param>
public sealed record SeatResult(Seat Seat, string Next, Verdict Verdict);

/// <summary>Whether what is seen lies on, in or behind the surface, or is the surface itself.</summary>
public static class SoilSeat
{
    public static SeatResult Of(SeatTests t)
    {
        const string question = "Where does it sit?";
        SeatResult Say(Seat seat, string sentence, string why, string change = "Another look in raking light.") =>
            new(
                seat,
                "",
                Verdict.Of(question, Outcome.Yes, sentence, Basis.Measured, new Reason(why, Source: "practice")).Changing(change)
            );
        if (t.SwabTakes == ThreeState.Yes)
        {
            return Say(Seat.On, "On the surface, and water takes it.", "The swab came away coloured.");
        }
        if (t.Moves == ThreeState.Yes)
        {
            return Say(
                Seat.Behind,
                "Behind the surface: nothing on its face reaches it.",
                "What moves against the surface when the head does lies at another depth."
            );
        }
        if (t.Nail == NailFeels.Pitted)
        {
            return Say(Seat.Surface, "It is the surface: pits, which no cleaner fills.", "The nail falls in.");
        }
        if (t.Nail == NailFeels.Raised)
        {
            return Say(Seat.On, "On the surface, and hard: paint, glue or a crust.", "The nail catches on its edge.");
        }
        if (t.SpiritTakes == ThreeState.Yes)
        {
            return Say(Seat.On, "On the surface, as a film that water does not take.", "Alcohol brought colour, and water did not.");
        }
        if (t is { SwabTakes: ThreeState.No, SpiritTakes: ThreeState.No, Nail: NailFeels.Level })
        {
            switch (t.SameUnderCover)
            {
                case ThreeState.No:
                    return Say(
                        Seat.Surface,
                        "It is the surface: light has yellowed it, and no cleaner moves that.",
                        "Where light never reached it is another colour, and neither water nor alcohol brings any away.",
                        "A whitened patch."
                    );
                case ThreeState.Yes:
                    return Say(
                        Seat.In,
                        "Drawn in: what dissolves it may fetch some back, and scrubbing takes the surface with it.",
                        "Level, under the cover too, and no swab takes it."
                    );
            }
        }
        var next =
            t.SwabTakes == ThreeState.NotKnown ? "Turn a white swab with a little water on it for a minute: does it take colour?"
            : t.Moves == ThreeState.NotKnown ? "Move your head: does it move against the surface?"
            : t.Nail == NailFeels.NotKnown ? "Draw a fingernail across it: raised, level, or does it fall in?"
            : t.SpiritTakes == ThreeState.NotKnown ? "A swab with alcohol, where a hidden place bore it: does it take colour?"
            : "Look where light never reached, under a label or a flange: is it the same there?";
        return new(
            Seat.NotKnown,
            next,
            Verdict
                .Of(question, Outcome.Unknown, next, Basis.Rule, new Reason("The mildest test first: none of these does harm."))
                .Changing("That test.")
        );
    }
}
