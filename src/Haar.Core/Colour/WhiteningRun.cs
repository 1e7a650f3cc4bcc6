using System.Text.Json.Serialization;
using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Colour;

/// <summary>What is done about the colour that age has given a case: a policy of the machine, decided by a person.</summary>
public enum ColourPolicy
{
    NotDecided = 0,
    Whiten,
    Paint,

    /// <summary>Its age belongs to it.</summary>
    Leave,
}

/// <summary>Whitening once, from the light on to the light off.</summary>
/// <param name="PlannedHours">When one goes and looks.</param>
/// <param name="Until">Null while it runs.</param>
/// <param name="Dose">Hours of full summer sun at 6 % that it counted as; null while it runs.</param>
public sealed record WhiteningSession(
    DateTimeOffset From,
    double PlannedHours,
    BleachFacts Bleach,
    DateTimeOffset? Until = null,
    double? Dose = null
)
{
    /// <summary>The tray that it lies in; empty for a film under foil or glass.</summary>
    public string Tray { get; init; } = "";
}

/// <summary>The colour of a part as it was measured once.</summary>
/// <param name="Dose">That it had had by then.</param>
/// <param name="PhotoId">The photo that it was measured on; null for figures of an instrument.</param>
/// <param name="Bloom">A white bloom or streaks were seen.</param>
public sealed record ColourReading(
    DateTimeOffset At,
    double Dose,
    double B,
    double? Evenness,
    bool Absolute,
    IReadOnlyList<MeasuredPatch> Patches,
    Guid? PhotoId = null,
    bool Bloom = false
)
{
    /// <summary>What lay beside the part.</summary>
    public CardKind Card { get; init; }
}

/// <summary>The whitening of one cleaned item: its sessions and its readings.</summary>
public sealed class WhiteningRun : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>What is whitened, as it is cleaned: what it is made of and what was on it decide with.</summary>
    public Guid ItemId { get; set; }

    /// <summary>b* that is wanted: of the spot that light never reached, or of the part beside it. Null for as far as it goes.</summary>
    public double? TargetB { get; set; }

    /// <summary>Labels, bare metal and printed lettering are off it or masked. Not known counts as no.</summary>
    public ThreeState Masked { get; set; }

    /// <summary>Its holes, slots and edges are those of its place: asked of a part from a donor. Not known is said.</summary>
    public ThreeState Fits { get; set; }

    /// <summary>Means of b* of one patch in photos taken anew: how far one can be trusted.</summary>
    public IReadOnlyList<double> Repeats { get; set; } = [];
    public IReadOnlyList<WhiteningSession> Sessions { get; set; } = [];

    /// <summary>Oldest first.</summary>
    public IReadOnlyList<ColourReading> Readings { get; set; } = [];
    public DateTimeOffset? DoneAt { get; set; }
    public int Version { get; set; }

    [JsonIgnore]
    public WhiteningSession? Running => Sessions is [.., { Until: null } last] ? last : null;

    /// <summary>What it has had in all.</summary>
    [JsonIgnore]
    public double Dose => Sessions.Sum(s => s.Dose ?? 0);

    /// <summary>Those that compare with the last one: under a card of the same standing.</summary>
    [JsonIgnore]
    public IReadOnlyList<ColourReading> Comparable =>
        Readings.Count == 0
            ? []
            :
            [
                .. Readings
                    .Where(r => r.Absolute ? Readings[^1].Absolute : !Readings[^1].Absolute && r.Card == Readings[^1].Card)
                    .GroupBy(r => r.Dose)
                    .Select(g => g.Last()),
            ];

    /// <summary>Dose an hour of the last session that ended; 1 before there was one. A night outdoors counts as hardly anything, and not as nothing.</summary>
    [JsonIgnore]
    public double Rate
    {
        get
        {
            var last = Sessions.LastOrDefault(s => s is { Until: not null, Dose: > 0 });
            var hours = last is null ? 0 : (last.Until!.Value - last.From).TotalHours;
            var rate = hours > 0.05 ? Math.Clamp(last!.Dose!.Value / hours, LeastRate, MostRate) : 1;
            // Whatever it has had stays within what can be fitted.
            return Math.Max(rate, Readings.Select(r => r.Dose).DefaultIfEmpty(0).Max() / 9000);
        }
    }

    const double LeastRate = 0.05,
        MostRate = 100;

    /// <summary>How it goes on, in hours like those of the last session; null before there are two readings that compare, with a session between.</summary>
    public WhiteningResult? Forecast()
    {
        var usual = new WhiteningDefaults { Noise = PhotoColour.NoiseOf(Repeats) };
        return Comparable is { Count: >= 2 } c
            ? Whitening.Of(
                [.. c.Select(r => new WhiteningPoint(r.Dose / Rate, r.B))],
                TargetB,
                usual with
                {
                    UsualPerHour = usual.UsualPerHour * Rate,
                }
            )
            : null;
    }

    /// <summary>As a part that is to look like another; null before it was measured.</summary>
    public MatchPart? AsMatch(string name, ColourPolicy policy)
    {
        var aged = Readings is [.., var last] ? last.Patches.Where(p => !p.Unaged).Select(p => p.Lab).ToList() : [];
        return aged.Count == 0
            ? null
            : new()
            {
                Name = name,
                Colour = new(aged.Average(l => l.L), aged.Average(l => l.A), aged.Average(l => l.B)),
                // In hours like those of its own last session where it had one.
                Points = Comparable is { Count: >= 2 } c ? [.. c.Select(r => new WhiteningPoint(r.Dose, r.B))] : [],
                Whitens =
                    DoneAt is not null || policy is ColourPolicy.Leave or ColourPolicy.Paint ? ThreeState.No
                    : policy == ColourPolicy.Whiten ? ThreeState.Yes
                    : ThreeState.NotKnown,
                Fits = Fits,
            };
    }

    /// <summary>Two readings compare: both absolute, or both under the same kind of card.</summary>
    public static bool Compare(ColourReading a, ColourReading b) => a.Absolute ? b.Absolute : !b.Absolute && a.Card == b.Card;

    /// <summary>Whether its patches part from one another: the last reading is less even than the first by more than is seen.</summary>
    [JsonIgnore]
    public bool Parting => Comparable is [{ Evenness: { } first }, .., { Evenness: { } last }] && last - first > ColourDifference.SeenFrom;

    public void Check()
    {
        InvalidInputException.Finite("targetB", TargetB, -30, 80, "");
        if (Sessions.Count > 200 || Readings.Count > 200 || Repeats.Count > 50)
        {
            throw new InvalidInputException("readings", "At most 200 sessions and readings.");
        }
        for (var i = 0; i < Sessions.Count; i++)
        {
            Sessions[i].Bleach.Check($"sessions[{i}].bleach");
            InvalidInputException.Finite($"sessions[{i}].plannedHours", Sessions[i].PlannedHours, 0, 500, "h");
            InvalidInputException.Finite($"sessions[{i}].dose", Sessions[i].Dose, 0, 10_000, "h");
        }
        for (var i = 0; i < Readings.Count; i++)
        {
            InvalidInputException.Finite($"readings[{i}].dose", Readings[i].Dose, 0, 10_000, "h");
            InvalidInputException.Finite($"readings[{i}].b", Readings[i].B, -100, 100, "");
            InvalidInputException.Finite($"readings[{i}].evenness", Readings[i].Evenness, 0, 200, "");
        }
        for (var i = 0; i < Repeats.Count; i++)
        {
            InvalidInputException.Finite($"repeats[{i}]", Repeats[i], -150, 150, "");
        }
    }
}
