using System.Text.Json.Serialization;

namespace Haar.Core.Planning;

public enum JobState
{
    ToDo = 0,
    Waiting,
    Done,
}

/// <summary>One piece of work on one machine.</summary>
public sealed class Job : Acts.ICheckedRow
{
    const int MostTitle = 120;

    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Stage Stage { get; set; }

    /// <summary>What the hand does, as an order: "Rinse the memory corner".</summary>
    public string Title { get; set; } = "";

    /// <summary>Why it matters now; one sentence.</summary>
    public string Why { get; set; } = "";

    /// <summary>What it needs on the bench.</summary>
    public string Needs { get; set; } = "";

    /// <summary>Hands-on minutes, likely.</summary>
    public int Minutes { get; set; } = 15;
    public JobState State { get; set; }

    /// <summary>What it waits for without hands; null unless it is waiting.</summary>
    [JsonIgnore]
    public Wait? Wait { get; private set; }

    /// <summary>"drying at 40 °C"; empty unless waiting.</summary>
    public string WaitsFor => Wait?.For ?? "";
    public DateTimeOffset? WaitUntil => Wait?.Until;

    /// <summary>Jobs, on any machine, that must be done first.</summary>
    public List<Guid> After { get; set; } = [];
    public DateTimeOffset At { get; init; }
    public DateTimeOffset? DoneAt { get; set; }

    /// <summary>The finding that made this work; null when a person added it.</summary>
    public Guid? FindingId { get; set; }

    /// <summary>Doing it deals with that finding.</summary>
    public bool Settles { get; set; }

    /// <summary>Who may do it: by the rule that made it, or as somebody said who typed it.</summary>
    public WorkFor For { get; set; }

    /// <summary>The part, area or piece that it is about; null when it is about none in particular.</summary>
    public Guid? SubjectId { get; set; }

    /// <summary>The order in the post that it waits for; null when it waits for none.</summary>
    public Guid? OrderId => Wait?.OrderId;
    public int Version { get; set; }

    /// <summary>Waits from now on. Two waits of one piece of work are one: the later stands.</summary>
    /// <param name="until">Null where nobody knows: it lasts until a person says that it is over.</param>
    public void WaitFor(Func<Guid> newId, string what, DateTimeOffset? until, DateTimeOffset now, Guid? orderId = null)
    {
        (State, DoneAt) = (JobState.Waiting, null);
        if (Wait is { } there)
        {
            (there.For, there.Until, there.OrderId) = (what, until, orderId);
            return;
        }
        Wait = new()
        {
            Id = newId(),
            MachineId = MachineId,
            JobId = Id,
            For = what,
            Until = until,
            OrderId = orderId,
            Since = now,
        };
    }

    /// <summary>To be done, and no longer waiting.</summary>
    public void TakeUp() => (State, DoneAt, Wait) = (JobState.ToDo, null, null);

    public void Finish(DateTimeOffset now) => (State, DoneAt, Wait) = (JobState.Done, now, null);

    /// <summary>Waiting, and the wait is not over. A wait without an end lasts until a person says so.</summary>
    public bool Waits(DateTimeOffset now) => State == JobState.Waiting && (WaitUntil is null || WaitUntil > now);

    public void Check()
    {
        Acts.TextField.Check("title", Title, MostTitle, "Say in 1 to 120 characters what the hand does.");
        if (Minutes is < 1 or > 10_000)
        {
            throw new Verdicts.InvalidInputException("minutes", "Hands-on minutes from 1 to 10 000.");
        }
        Acts.TextField.Check("why", Why, 400);
        Acts.TextField.Check("needs", Needs, 200);
        if (!Enum.IsDefined(For))
        {
            throw new Verdicts.InvalidInputException("for", "Say who may do it.");
        }
    }
}
