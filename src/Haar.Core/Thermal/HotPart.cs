using Haar.Core.Boards;
using Haar.Core.Markings;
using Haar.Core.Proving;
using Haar.Core.Verdicts;

namespace Haar.Core.Thermal;

/// <summary>A hot part of one machine. Temperatures hang on it as readings: channels "before" and "after", with the room's beside each as "before room" and "after room".</summary>
public sealed class HotPart : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }

    /// <summary>Null for a part off any board: a supply, a drive.</summary>
    public Guid? BoardId { get; set; }
    public string Name { get; set; } = "";
    public Side Side { get; set; }
    public double? X { get; set; }
    public double? Y { get; set; }
    public HotPartFacts Facts { get; set; } = new();

    /// <summary>What was put on it.</summary>
    public GapFiller? Fitted { get; set; }
    public DateTimeOffset? FittedAt { get; set; }

    /// <summary>The work that the machine did while it was read, so that both are the same.</summary>
    public string Load { get; set; } = "";
    public FanFacts? Fan { get; set; }
    public int Version { get; set; }

    public void Check()
    {
        Acts.TextField.Check("name", Name, 60, "1 to 60 characters.");
        Acts.TextField.Check("load", Load, 200);
        InvalidInputException.Finite("x", X, 0, 1, "");
        InvalidInputException.Finite("y", Y, 0, 1, "");
        _ = Gap.Choose(Name, Facts);
        if (Fan is { } fan)
        {
            _ = Thermal.Fan.Judge(fan);
        }
    }
}

public enum FanNoise
{
    Quiet = 0,
    Hum,
    Rattle,
    Scrape,
}

/// <summary>What is known of a fan. Null was not measured.</summary>
public sealed record FanFacts
{
    public double RatedVolts { get; init; } = 12;
    public double? RatedRpm { get; init; }
    public double? ReadRpm { get; init; }

    /// <summary>Least volts from which it starts by itself.</summary>
    public double? StartVolts { get; init; }
    public FanNoise Noise { get; init; }

    /// <summary>Play at the hub that a finger feels.</summary>
    public bool Play { get; init; }
}

/// <summary>Is the fan's bearing sound?</summary>
public static class Fan
{
    /// <summary>Speed below 85 % of rated (makers allow 10 to 15 %), start above 60 % of rated volts (12 V fans are made to start at 5 to 7 V).</summary>
    public const double LeastSpeedShare = 0.85,
        MostStartShare = 0.6;

    public static Verdict Judge(FanFacts f)
    {
        InvalidInputException.Finite("fan.ratedVolts", f.RatedVolts, 1, 60, "V");
        InvalidInputException.Finite("fan.ratedRpm", f.RatedRpm, 100, 30_000, "rpm");
        InvalidInputException.Finite("fan.readRpm", f.ReadRpm, 0, 30_000, "rpm");
        InvalidInputException.Finite("fan.startVolts", f.StartVolts, 0, 60, "V");
        const string question = "Is the fan's bearing sound?";
        var bad = new List<Reason>();
        var good = new List<Reason>();
        if (f is { RatedRpm: { } rated, ReadRpm: { } read })
        {
            var r = new Reason(
                $"{Si.Plain(read)} turns a minute of {Si.Plain(rated)}.",
                new("Speed", read, "rpm", Math.Round(rated * LeastSpeedShare)),
                "usual tolerance of fan data sheets"
            );
            if (read < rated * LeastSpeedShare)
            {
                bad.Add(r);
            }
            else
            {
                good.Add(r);
            }
        }

        if (f.StartVolts is { } start)
        {
            var r = new Reason(
                $"It starts at {Si.Plain(start)} V of {Si.Plain(f.RatedVolts)}.",
                new("Starts at", start, "V", null, Math.Round(f.RatedVolts * MostStartShare, 1)),
                "a dry bearing needs more to break loose"
            );
            if (start > f.RatedVolts * MostStartShare)
            {
                bad.Add(r);
            }
            else
            {
                good.Add(r);
            }
        }

        if (f.Play)
        {
            bad.Add(new("The hub has play.", Source: "felt"));
        }
        if (f.Noise >= FanNoise.Rattle)
        {
            bad.Add(new(f.Noise == FanNoise.Scrape ? "It scrapes." : "It rattles.", Source: "heard"));
        }
        return bad.Count > 0
                ? Verdict
                    .Of(
                        question,
                        Outcome.No,
                        $"Change the fan, or its bearing: {Words.Lower(bad[0].Text)}",
                        bad[0].Figure is null ? Basis.Rule : Basis.Measured,
                        [.. bad, .. good]
                    )
                    .Changing("One drop of oil behind the label buys weeks, not years.")
                    .With(Safety.CautionId.CompressedAir)
            : good.Count == 0
                ? Verdict
                    .Of(question, Outcome.Unknown, "Cannot say yet: read its speed, or the volts from which it starts.", Basis.Guess)
                    .Changing("Turns a minute against the label.", "Volts from which it starts by itself.")
            : Verdict.Of(question, Outcome.Yes, "The bearing is sound.", Basis.Measured, good).With(Safety.CautionId.CompressedAir);
    }
}

/// <summary>One temperature with the room's at that moment, °C.</summary>
public sealed record HeatReading(double Celsius, double RoomCelsius);

/// <param name="Before">Rise above the room, K.</param>
/// <param name="After">Rise above the room, K.</param>
/// <param name="SavedKelvin">Median before minus median after.</param>
public sealed record HeatComparison(Series? Before, Series? After, double? SavedKelvin, double? Probability, Verdict Verdict);

/// <summary>Did it help? Temperatures before and after, each less its own room, at one load.</summary>
public static class HeatProof
{
    /// <summary>Rooms further apart than this are not to be compared even less the room: fans turn faster and air is thinner. A house figure.</summary>
    public const double MostRoomGapKelvin = 8;

    /// <summary>°F read as °C is caught by its size: no working part is read above this in °C.</summary>
    public const double MostCelsius = 130;

    /// <exception cref="InvalidInputException">A temperature that no part has, or a part cooler than its room by more than a kelvin.</exception>
    public static HeatComparison Compare(
        string name,
        IReadOnlyList<HeatReading> before,
        IReadOnlyList<HeatReading> after,
        bool sameLoad = true,
        double resolutionKelvin = 0.5
    )
    {
        Check("before", before);
        Check("after", after);
        InvalidInputException.Finite("resolutionKelvin", resolutionKelvin, 0, 10, "K");
        var question = $"Is {name} cooler?";
        if (before.Count == 0 || after.Count == 0)
        {
            return new(
                before.Count > 0 ? SignificanceTest.Summary([.. before.Select(Rise)]) : null,
                null,
                null,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        before.Count == 0
                            ? "Nobody measured it before: five readings at one load, with the room beside each."
                            : "Measure it again: five readings at the same load, with the room beside each.",
                        Basis.Guess
                    )
                    .Changing("Five readings before and five after.")
            );
        }

        var (b, a) = (before.Select(Rise).ToList(), after.Select(Rise).ToList());
        var (sb, sa) = (SignificanceTest.Summary(b), SignificanceTest.Summary(a));
        if (!sameLoad)
        {
            return new(
                sb,
                sa,
                null,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        "Cannot say: the two were not read under the same load.",
                        Basis.Measured,
                        new Reason("Heat follows the work, not the paste.")
                    )
                    .Changing("The same work, for as long, before each reading.")
            );
        }

        var rooms = Math.Abs(before.Average(r => r.RoomCelsius) - after.Average(r => r.RoomCelsius));
        if (rooms > MostRoomGapKelvin)
        {
            return new(
                sb,
                sa,
                null,
                null,
                Verdict
                    .Of(
                        question,
                        Outcome.Unknown,
                        $"Cannot say: the room was {Si.Plain(Math.Round(rooms))} K apart between the two.",
                        Basis.Measured,
                        new Reason(
                            "Fans and air change with the room.",
                            new("Rooms apart", Math.Round(rooms, 1), "K", null, MostRoomGapKelvin)
                        )
                    )
                    .Changing("Readings in a room like the first one.")
            );
        }

        var c = SignificanceTest.Compare($"{name}: rise above the room", b, a, "K", Better.Lower, resolutionKelvin);
        var saved = Si.Tidy(sb.Median - sa.Median);
        var figures = new[]
        {
            new Reason(
                $"{Si.Plain(Math.Round(sb.Median, 1))} K above the room before, {Si.Plain(Math.Round(sa.Median, 1))} K after, at the same load.",
                new("Rise", Math.Round(sa.Median, 2), "K", null, Math.Round(sb.Median, 2)),
                "each reading less its own room"
            ),
        };
        var verdict = c.Verdict with
        {
            Question = question,
            Sentence = c.Verdict.Outcome switch
            {
                Outcome.Yes => $"{Words.Capital(name)} runs {Si.Plain(Math.Round(saved, 1))} K cooler, and the difference is real.",
                Outcome.No when saved < 0 && c.Probability < c.AlphaUsed =>
                    $"{Words.Capital(name)} runs {Si.Plain(Math.Round(-saved, 1))} K hotter than before: take it apart again.",
                _ => c.Verdict.Sentence,
            },
            Reasons = [.. figures, .. c.Verdict.Reasons],
        };
        return new(sb, sa, saved, c.Probability, verdict);
    }

    static double Rise(HeatReading r) => Si.Tidy(r.Celsius - r.RoomCelsius);

    static void Check(string field, IReadOnlyList<HeatReading> readings)
    {
        if (readings.Count > 200)
        {
            throw new InvalidInputException(field, "At most 200 readings.");
        }
        for (var i = 0; i < readings.Count; i++)
        {
            var r = readings[i];
            if (r.Celsius is > MostCelsius and < 300)
            {
                throw new InvalidInputException(
                    $"{field}[{i}].celsius",
                    $"{Si.Plain(r.Celsius)} °C would have destroyed it: was that °F? Then it is {Si.Plain(Math.Round((r.Celsius - 32) / 1.8, 1))} °C."
                );
            }
            InvalidInputException.Finite($"{field}[{i}].celsius", r.Celsius, -40, MostCelsius, "°C");
            if (r.RoomCelsius is > 45 and < 120)
            {
                throw new InvalidInputException(
                    $"{field}[{i}].roomCelsius",
                    $"A room of {Si.Plain(r.RoomCelsius)} °C? Was that °F? Then it is {Si.Plain(Math.Round((r.RoomCelsius - 32) / 1.8, 1))} °C."
                );
            }
            InvalidInputException.Finite($"{field}[{i}].roomCelsius", r.RoomCelsius, -20, 45, "°C");
            if (r.Celsius < r.RoomCelsius - 1)
            {
                throw new InvalidInputException(
                    $"{field}[{i}].celsius",
                    "A part that works is not cooler than its room: were the two exchanged?"
                );
            }
        }
    }
}
