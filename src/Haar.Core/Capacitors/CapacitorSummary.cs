namespace Haar.Core.Capacitors;

/// <summary>One capacitor as a machine's status needs it; kept, so that an act on one part judges that part alone.</summary>
/// <param name="Score">Its risk, 0 to 100.</param>
/// <param name="Sentence">Why it comes out, or stays.</param>
/// <param name="Next">The step of its exchange that the hand takes next.</param>
/// <param name="RemovedAt">Since when it has been off the board; null when it is not.</param>
/// <param name="Half">Its exchange is begun and not finished.</param>
/// <param name="Harm">What it does when its board is fed; empty where nothing is known against it.</param>
public sealed record CapacitorStanding(
    Guid Id,
    string Designator,
    CapacitorStand Stand,
    double Score,
    string Sentence,
    FittingStep? Next,
    DateTimeOffset? RemovedAt,
    bool Half,
    string Harm = ""
)
{
    public static CapacitorStanding Of(CapacitorAssessment a) =>
        new(
            a.Capacitor.Id,
            a.Capacitor.Designator,
            a.Stand,
            a.Risk.Score,
            a.ComesOut.Sentence,
            a.Capacitor.Fitting.Next(a.Capacitor.Spec.WayRoundCounts),
            a.Capacitor.Fitting.RemovedAt,
            a.Capacitor.Fitting.Half,
            CapacitorHarm.Of(a.Capacitor, a.Readings)
        );
}

/// <summary>All capacitors of a machine, counted: what its status says of them, however many there are.</summary>
/// <param name="Begun">The first whose exchange is begun.</param>
/// <param name="Goes">How many come out and can be exchanged now; those whose part is in the post wait.</param>
/// <param name="First">The riskiest of these.</param>
/// <param name="Half">Those half exchanged.</param>
/// <param name="Harmful">Those that must not be fed as they are.</param>
public sealed record CapacitorSummary(
    IReadOnlyDictionary<CapacitorStand, int> Counts,
    CapacitorStanding? Begun,
    int Goes,
    CapacitorStanding? First,
    IReadOnlyList<CapacitorStanding> Half,
    IReadOnlyList<CapacitorStanding> Harmful
)
{
    public int Of(CapacitorStand stand) => Counts.GetValueOrDefault(stand);

    public int All => Counts.Values.Sum();

    /// <summary>Nothing is left to measure or exchange.</summary>
    public bool Settled => All == Of(CapacitorStand.Sound) + Of(CapacitorStand.Exchanged);

    /// <param name="inThePost">Those whose new part is ordered, with none set aside.</param>
    public static CapacitorSummary Of(IReadOnlyCollection<CapacitorStanding> all, IReadOnlySet<Guid> inThePost)
    {
        var goes = all.Where(c => c.Stand == CapacitorStand.ComesOut && !inThePost.Contains(c.Id)).ToList();
        return new(
            all.GroupBy(c => c.Stand).ToDictionary(g => g.Key, g => g.Count()),
            all.OrderBy(c => c.Id).FirstOrDefault(c => c.Stand == CapacitorStand.Exchanging),
            goes.Count,
            goes.OrderByDescending(c => c.Score).ThenBy(c => c.Id).FirstOrDefault(),
            [.. all.Where(c => c.Half).OrderBy(c => c.Id)],
            [.. all.Where(c => c.Harm.Length > 0).OrderBy(c => c.Id)]
        );
    }
}
