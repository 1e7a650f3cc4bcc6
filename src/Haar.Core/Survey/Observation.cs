using System.Text.Json.Serialization;

namespace Haar.Core.Survey;

public enum ObservationKind
{
    Message = 0,
    Beep,
    ErrorCode,
    MemoryCount,
    Sound,
    Smell,
    Picture,
}

/// <summary>What the machine itself said, as it was heard or read. Kept, and used by what comes later: an error code by the faults, a memory count by the parts.</summary>
public sealed class Observation : Acts.ICheckedRow
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public ObservationKind Kind { get; init; }

    /// <summary>As read: "1 long, 2 short", "161", "No drive".</summary>
    public string Text { get; init; } = "";

    /// <summary>For a memory count.</summary>
    public int? Kilobytes { get; init; }

    /// <summary>The step of first power at which it was made.</summary>
    public PowerStepKind? During { get; init; }
    public DateTimeOffset At { get; init; }

    /// <summary>Taken back as wrong; kept.</summary>
    [JsonPropertyName("struck")]
    public bool Voided { get; set; }

    public void Check() => Observations.Check(this);
}

public static class Observations
{
    /// <exception cref="Verdicts.InvalidInputException">Names the field.</exception>
    public static void Check(Observation o)
    {
        if (o.Text.Trim().Length is 0 or > 200)
        {
            throw new Verdicts.InvalidInputException(
                "text",
                "Write it down as it was, in 1 to 200 characters; “nothing” is an answer too."
            );
        }
        if (o.Kind == ObservationKind.MemoryCount && o.Kilobytes is not (>= 1 and <= 67_108_864))
        {
            throw new Verdicts.InvalidInputException("kilobytes", "A memory count is 1 to 67 108 864 KB.");
        }
    }

    /// <summary>How dead it was when it last said anything, for the check after a rebuild.</summary>
    public static Stripdown.Silence Silence(IEnumerable<Observation> all)
    {
        var last = all.Where(o => !o.Voided).OrderBy(o => o.At).ThenBy(o => o.Id).LastOrDefault();
        return last?.Kind switch
        {
            ObservationKind.Beep => Stripdown.Silence.BeepsOnly,
            ObservationKind.Picture => Stripdown.Silence.NoPicture,
            ObservationKind.Sound => Stripdown.Silence.FansOnly,
            _ => Stripdown.Silence.NothingAtAll,
        };
    }
}
