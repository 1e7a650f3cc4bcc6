using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Cleaning;

/// <summary>One time that somebody smelled at it.</summary>
/// <param name="Centimetres">From as far it is smelled; 0 for nose on it and nothing.</param>
/// <param name="HoursClosed">That it stood shut in a box or bag before; null when nobody counted.</param>
/// <param name="Warm">It had run, or lain in the sun. Not known counts as no.</param>
/// <param name="FreshNose">Whoever smelled had not cleaned within the hour. Not known counts as no.</param>
public sealed record OdourRating(
    double Centimetres,
    double? HoursClosed = null,
    ThreeState Warm = ThreeState.NotKnown,
    ThreeState FreshNose = ThreeState.NotKnown
);

/// <summary>What has been done against a smell, mildest first.</summary>
public enum OdourRung
{
    Airing = 0,
    Washing,

    /// <summary>Charcoal or soda beside it in a closed box.</summary>
    Sorbent,

    /// <summary>What holds it is lacquered over, or goes: foam, felt, paper.</summary>
    Sealing,
}

/// <param name="Done">In order; the same rung may stand there twice.</param>
public sealed record OdourFacts(IReadOnlyList<OdourRating> Ratings, IReadOnlyList<OdourRung> Done);

/// <param name="Next">Null where one stops, or has to smell again first.</param>
/// <param name="Days">That the rung takes without hands.</param>
public sealed record OdourResult(OdourRung? Next, double Days, Verdict Verdict);

/// <summary>A smell, rated by the distance at which it is noticed: cold and open it hides, and a nose that has cleaned smells nothing.</summary>
public static class Odour
{
    /// <summary>That it stands shut before it is rated. A house figure, hours.</summary>
    public const double LeastClosedHours = 8;

    /// <summary>Nearer than this nobody's nose comes in use. A house figure, cm.</summary>
    public const double Enough = 10;

    /// <summary>A rung that brings the distance down by less than this has had its turn.</summary>
    public const double LeastGain = 0.2;

    static readonly (OdourRung Rung, double Days, string Words, string Why)[] Rungs =
    [
        (OdourRung.Airing, 2, "Air it, open, in moving air and out of the sun", "What evaporates goes by itself."),
        (
            OdourRung.Washing,
            0,
            "Wash what holds the film: it is up the ladder as any soil",
            "Tobacco and vapour film smell as long as they are there."
        ),
        (
            OdourRung.Sorbent,
            7,
            "Shut it in a box with charcoal or soda, not touching, for a week",
            "They take up what goes on evaporating."
        ),
        (
            OdourRung.Sealing,
            1,
            "Take out foam, felt and paper that hold it, and lacquer bare metal and wood",
            "What it has crept into gives it back for years."
        ),
    ];

    /// <exception cref="InvalidInputException">A figure that cannot be, or too many.</exception>
    public static OdourResult Of(OdourFacts f)
    {
        if (f.Ratings.Count > 100 || f.Done.Count > 100)
        {
            throw new InvalidInputException("ratings", "At most 100 of each.");
        }
        for (var i = 0; i < f.Ratings.Count; i++)
        {
            InvalidInputException.Finite($"ratings[{i}].centimetres", f.Ratings[i].Centimetres, 0, 1000, "cm");
            InvalidInputException.Finite($"ratings[{i}].hoursClosed", f.Ratings[i].HoursClosed, 0, 10_000, "h");
        }
        const string question = "What is done against the smell?";
        var counts = f
            .Ratings.Where(r => r.HoursClosed >= LeastClosedHours && r is { Warm: ThreeState.Yes, FreshNose: ThreeState.Yes })
            .ToList();
        if (f.Ratings.Count == 0 || !ReferenceEquals(f.Ratings[^1], counts.LastOrDefault()))
        {
            return new(
                null,
                LeastClosedHours / 24,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        f.Ratings.Count == 0 ? "Rate it first." : "The last rating does not count.",
                        Basis.Rule,
                        new Reason(
                            $"Shut for {Si.Plain(LeastClosedHours)} h, then warm, and by somebody who has not cleaned within the hour.",
                            Source: "practice: a nose goes blind to what it has smelled for minutes"
                        )
                    )
                    .Changing("Such a rating: from how far is it noticed?")
            );
        }
        var now = counts[^1].Centimetres;
        var figure = new Reason(
            counts.Count == 1
                ? $"It is noticed from {Si.Plain(now)} cm."
                : $"It was noticed from {Si.Plain(counts[0].Centimetres)} cm at first, and from {Si.Plain(now)} cm now.",
            new("Noticed from", now, "cm", null, Enough),
            "shut, warm, and by a fresh nose"
        );
        if (now <= Enough)
        {
            return new(
                null,
                0,
                Verdict
                    .Of(question, Outcome.No, "Stop: nobody who uses it will notice.", Basis.Measured, figure)
                    .Changing("Rate it once more in a month: what has crept in comes back.")
            );
        }
        var last = f.Done.Count == 0 ? (OdourRung?)null : f.Done[^1];
        var gained = counts.Count < 2 ? 1 : 1 - now / Math.Max(counts[^2].Centimetres, 1e-9);
        // Once more with what has just gained.
        var next =
            last is { } l && counts.Count > 1 && gained >= LeastGain
                ? l
                : Rungs.Select(r => (OdourRung?)r.Rung).FirstOrDefault(r => !f.Done.Contains(r!.Value));
        if (next is not { } n)
        {
            return new(
                null,
                0,
                Verdict
                    .Of(question, Outcome.No, "Stop: every rung has had its turn. What holds it has to go.", Basis.Measured, figure)
                    .Changing("Another case, or to live with it.")
            );
        }
        var rung = Rungs.First(r => r.Rung == n);
        return new(
            n,
            rung.Days,
            Verdict
                .Of(
                    question,
                    Outcome.Yes,
                    $"{rung.Words}{(n == last ? ", once more" : "")}.",
                    Basis.Rule,
                    figure,
                    new Reason(rung.Why, Source: "practice")
                )
                .Changing("A rating after it, shut and warm.")
        );
    }
}
