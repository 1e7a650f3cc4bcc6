namespace Haar.Core.Planning;

/// <summary>The eleven stages of a machine's life in the workshop, in the order in which the work goes. A machine may go back.</summary>
public enum Stage
{
    Arrive = 0,
    Survey,
    StripDown,
    Boards,
    Case,
    Parts,
    Rebuild,
    BringUp,
    System,
    Prove,
    HandOver,
}

public static class Stages
{
    public static readonly IReadOnlyList<Stage> All = Enum.GetValues<Stage>();
}

public enum JobState
{
    ToDo = 0,
    Waiting,
    Done,
}

/// <summary>One piece of work on one machine.</summary>
public sealed class Job
{
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

    /// <summary>What it waits for without hands, such as "drying at 40 °C"; empty unless waiting.</summary>
    public string WaitsFor { get; set; } = "";
    public DateTimeOffset? WaitUntil { get; set; }

    /// <summary>Jobs, on any machine, that must be done first.</summary>
    public List<Guid> After { get; set; } = [];
    public DateTimeOffset At { get; init; }
    public DateTimeOffset? DoneAt { get; set; }

    /// <summary>The finding that made this work; null when a person added it.</summary>
    public Guid? FindingId { get; set; }

    /// <summary>Doing it deals with that finding.</summary>
    public bool Settles { get; set; }
    public int Version { get; set; }

    /// <summary>Waiting, and the wait is not over. A wait without an end lasts until a person says so.</summary>
    public bool Waits(DateTimeOffset now) => State == JobState.Waiting && (WaitUntil is null || WaitUntil > now);
}

/// <summary>A person's word that a stage needs nothing more, with a reason.</summary>
public sealed class StageClosing
{
    public Guid Id { get; init; }
    public Guid MachineId { get; init; }
    public Stage Stage { get; init; }
    public string Reason { get; init; } = "";
    public DateTimeOffset At { get; init; }
}

/// <summary>The workshop itself.</summary>
public sealed class Workshop
{
    public int Id { get; init; } = 1;
    public string Name { get; set; } = "Workshop";

    /// <summary>What everything has to be ready for; empty when nothing presses.</summary>
    public string EventName { get; set; } = "";
    public DateOnly? EventDay { get; set; }

    /// <summary>ISO 4217.</summary>
    public string Currency { get; set; } = "EUR";
    public string MeterHost { get; set; } = "127.0.0.1";
    public int MeterPort { get; set; } = 5025;

    /// <summary>Show on the meter's own display which part is to be probed next (DISPlay:TEXT).</summary>
    public bool MeterShowsPart { get; set; } = true;
    public int Version { get; set; }
}
