using System.Text.Json.Serialization;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>What kind of work it is: what is underestimated once is underestimated for all of its kind, and it says what hands and clothes it takes.</summary>
public enum WorkKind
{
    Looking = 0,
    Measuring,
    Soldering,

    /// <summary>Anything wet: baths, rinsing, cloths.</summary>
    Washing,

    /// <summary>Sanding, brushing, blowing out.</summary>
    Dusty,
    Painting,

    /// <summary>Oil, belts, heads, keys.</summary>
    Mechanics,

    /// <summary>Off and on again: covers, drives, screws.</summary>
    Assembling,

    /// <summary>At the machine, powered: systems, drivers, runs.</summary>
    AtTheMachine,
    Deciding,
}

/// <summary>What somebody has to be able to do, as they say of themselves.</summary>
public enum BenchSkill
{
    Soldering = 0,

    /// <summary>Trained for mains and picture tubes.</summary>
    Mains,
}

/// <summary>What work puts into the air.</summary>
public enum Airborne
{
    Dust = 0,
    Solvent,
}

/// <summary>One piece of what is left to do on a machine, as its room sees it. Computed from the room's rows, never typed.</summary>
/// <param name="Key">The same for the same work from one plan to the next: "job/…", "item/…/pass".</param>
/// <param name="Title">An order, without the machine's name.</param>
/// <param name="Minutes">Hands on: at best, as is likely, at worst.</param>
public sealed record WorkTask(string Key, string Title, Stage Stage, WorkKind Kind, Estimate Minutes)
{
    public string Why { get; init; } = "";

    /// <summary>On the bench.</summary>
    public string Needs { get; init; } = "";

    /// <summary>Keys on the same machine, or "job/…" of any, that come before.</summary>
    public IReadOnlyList<string> After { get; init; } = [];

    /// <summary>That go on without hands when it is done, and what it is called: "drying".</summary>
    public int WaitMinutes { get; init; }
    public string WaitFor { get; init; } = "";

    /// <summary>A place that the wait holds; empty for none.</summary>
    public string WaitPlace { get; init; } = "";
    public IReadOnlyList<string> Places { get; init; } = [];

    /// <summary>Something of it lies in its places already, and holds them until it is done.</summary>
    public bool HeldBefore { get; init; }
    public IReadOnlyList<BenchSkill> Skills { get; init; } = [];
    public IReadOnlyList<Airborne> Gives { get; init; } = [];
    public IReadOnlyList<SupplyNeed> Uses { get; init; } = [];

    /// <summary>A wait that runs holds it until then.</summary>
    public DateTimeOffset? From { get; init; }

    /// <summary>What it waits for now; empty for nothing.</summary>
    public string WaitsFor { get; init; } = "";

    /// <summary>It waits, and nobody knows until when: counted as <see cref="WorkPlan.OpenWaitDays"/>.</summary>
    public bool OpenWait { get; init; }

    /// <summary>It deals with a danger.</summary>
    public bool Danger { get; init; }

    /// <summary>What it deals with does more harm the longer it waits, as a leak does: it goes before everything, by whoever may.</summary>
    public bool Grows { get; init; }

    /// <summary>The machine can be finished without it: where it cannot be planned it holds up nothing.</summary>
    public bool Optional { get; init; }

    /// <summary>Done on the bench before the machine is put together again.</summary>
    public bool OnTheBench { get; init; }

    /// <summary>The wait that follows must be ended by then, counted as it is: what lies in the light, or in a bath. Null where it may last.</summary>
    public int? WaitMostMinutes { get; init; }

    /// <summary>Nothing is listed there yet: what such a stage usually takes.</summary>
    public bool Guess { get; init; }

    /// <summary>No row says that it is done: somebody who was at it does.</summary>
    public bool ByWord { get; init; }

    /// <summary>Since when it is as it is here; null where nobody kept that.</summary>
    public DateTimeOffset? Since { get; init; }

    /// <summary>Where in the machine it lies, by what machines are made of; null for outside it, or where nobody knows.</summary>
    public Reach? At { get; init; }

    /// <summary>Something that is still on comes off for it, or nobody knows whether.</summary>
    public bool Behind { get; init; }

    /// <summary>It lies deeper than the machine is opened this time, by somebody's choice: kept, and not planned.</summary>
    public bool Deeper { get; init; }

    /// <summary>Where it is done.</summary>
    public string Screen { get; init; } = "";
    public Guid? JobId { get; init; }

    /// <summary>The order in the post that it waits for; null for none.</summary>
    public Guid? OrderId { get; init; }

    /// <summary>Where it is done, from the root; a screen of the workshop begins with a slash.</summary>
    public string Path(Guid machineId) => Screen.StartsWith('/') ? Screen : $"/m/{machineId}/{Screen}";

    /// <summary>A figure by practice: half of it at best, twice at worst.</summary>
    public static Estimate About(double minutes) => new(Math.Ceiling(minutes / 2), Math.Ceiling(minutes), Math.Ceiling(minutes * 2));

    /// <summary>The listed work that a key names; null where it names other work.</summary>
    public static Guid? JobOf(string key) =>
        key.StartsWith("job/", StringComparison.Ordinal) && Guid.TryParse(key[4..], out var id) ? id : null;

    /// <summary>It lies inside: something has to come off for it, whether or not anybody knows what.</summary>
    [JsonIgnore]
    public bool Inside => At is not null || Stage == Stage.Boards && Kind != WorkKind.Deciding;

    /// <summary>One goes and washes after it, and does not touch a clean board with the same hands.</summary>
    [JsonIgnore]
    public bool Dirty => Kind is WorkKind.Washing or WorkKind.Dusty or WorkKind.Painting or WorkKind.Mechanics;

    /// <summary>Done sitting down.</summary>
    [JsonIgnore]
    public bool Seated =>
        Kind is WorkKind.Measuring or WorkKind.Soldering or WorkKind.Mechanics or WorkKind.AtTheMachine or WorkKind.Deciding;
}
