using Haar.Core.Acts;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Verdicts;

namespace Haar.Web.Planning;

/// <param name="ReadyAt">By the plan.</param>
public sealed record PlanMachineRow(Guid Id, string Name, DateTimeOffset? DueAt, DateTimeOffset? ReadyAt, int HandsMinutes);

/// <param name="Hours">When they are at the bench in the days that are shown.</param>
public sealed record PlanPersonRow(BenchPerson Person, IReadOnlyList<PlanHours> Hours);

public sealed record PlanHours(DateTimeOffset From, DateTimeOffset To);

/// <param name="Wakes">What wakes it, in words; empty for nothing but a person.</param>
/// <param name="WokenBy">What it waits for is here, was seen at its price, or its day has come; empty for nothing.</param>
public sealed record ParkedRow(Guid Id, string Name, string Why, string Wakes, string WokenBy);

/// <param name="Plan">Null where there is nobody, or nothing to do.</param>
/// <param name="Better">A better one may be found by asking for it.</param>
/// <param name="UsualPlaces">Places that work may ask for and of which nobody has said anything, as the plan takes them.</param>
/// <param name="Running">What somebody is at now.</param>
/// <param name="Clash">Machines that cannot all be ready by their day; null where the plan is in time.</param>
public sealed record PlanScreen(
    DateTimeOffset Now,
    KeptPlan? Plan,
    bool Better,
    IReadOnlyList<PlanMachineRow> Machines,
    IReadOnlyList<PlanPersonRow> People,
    IReadOnlyList<BenchPlace> Places,
    IReadOnlyList<UsualPlace> UsualPlaces,
    IReadOnlyList<PlanPin> Pins,
    IReadOnlyList<WorkTaken> Running,
    IReadOnlyList<ShortSupply> RunsShort,
    IReadOnlyList<WorkCorrection> Corrections,
    IReadOnlyList<ParkedRow> Parked,
    string EventName,
    DateOnly? EventDay,
    ClashResult? Clash
);

/// <summary>A schedule and what is wished of it.</summary>
public sealed record ClashAsk(ScheduleAsk Plan, IReadOnlyList<Wish> Wishes);

/// <param name="Names">Everybody who works here.</param>
/// <param name="Running">What this person is at; null for nothing.</param>
public sealed record TonightScreen(
    string Person,
    IReadOnlyList<string> Names,
    DateTimeOffset From,
    DateTimeOffset Until,
    EveningResult? Evening,
    EnoughResult? Shelf,
    WorkTaken? Running,
    IReadOnlyList<WorkTaken> EndedToday,
    IReadOnlyList<KeptMove> Moves
);

/// <param name="MostMinutes">They have no longer; null for as long as it takes.</param>
/// <param name="Without">Places that they will not use: the iron.</param>
/// <param name="Dirty">Their hands are: no clean work.</param>
/// <param name="Seated">Sitting down only.</param>
/// <param name="NotThese">Ids that were offered already.</param>
public sealed record SomethingElseAsk(
    string Person,
    int? MostMinutes = null,
    IReadOnlyList<string>? Without = null,
    bool Dirty = false,
    bool Seated = false,
    IReadOnlyList<string>? NotThese = null
);

/// <param name="Path">Where it is done.</param>
public sealed record ElseRow(
    string Id,
    Guid MachineId,
    string Machine,
    string Key,
    string Title,
    string Why,
    string Needs,
    int Minutes,
    string Path
);

public sealed record SomethingElse(IReadOnlyList<ElseRow> Choices, Verdict Verdict);

public sealed record TakeUpAsk(Guid MachineId, string Key, string Person);

/// <param name="TakenMinutes">At the bench; null takes the clock's.</param>
/// <param name="LeftMinutes">Of what is unfinished.</param>
public sealed record EndWorkAsk(WorkEnd End, double? TakenMinutes = null, double? LeftMinutes = null);

/// <param name="Person">Empty for whoever can.</param>
/// <param name="At">Null for whenever.</param>
/// <param name="Split">In so many goes; 0 as it is.</param>
public sealed record PinAsk(Guid MachineId, string Key, string Person = "", DateTimeOffset? At = null, int Split = 0);

/// <param name="Chance">That it is ready by its day.</param>
public sealed record RiskRow(Guid MachineId, string Machine, double Chance, DateTimeOffset? ReadyAt, DateTimeOffset DueAt);

/// <param name="Chance">Null where no day is named, or nothing is planned.</param>
public sealed record DayScreen(
    string EventName,
    DateOnly? EventDay,
    int? DaysLeft,
    PlanChanceResult? Chance,
    IReadOnlyList<RiskRow> Machines,
    IReadOnlyList<KeptUnplanned> Unplanned,
    IReadOnlyList<string> Said
);

public sealed record PersonEdit(
    string Name,
    IReadOnlyList<BenchSkill> Skills,
    IReadOnlyList<Airborne> Avoids,
    IReadOnlyList<WeeklyHours> Hours,
    IReadOnlyList<DayHours>? Days = null
)
{
    public KeepPerson As(Guid? id) => new(id, Name, Skills, Avoids, Hours, Days);
}

/// <summary>One day that differs: not there at all, or other hours.</summary>
public sealed record PersonDay(DateOnly Day, TimeOnly? From = null, TimeOnly? To = null);

/// <param name="Count">How many there are.</param>
/// <param name="FitDaysInTen">Of a place outdoors; null takes what is usual.</param>
public sealed record PlaceEdit(string Name, PlaceOpen Open = PlaceOpen.Always, int Count = 1, double? FitDaysInTen = null)
{
    public KeepPlace As(Guid? id) => new(id, Name, Open, Count, FitDaysInTen);
}

/// <param name="DueOn">Null takes the workshop's day.</param>
public sealed record DueAsk(string Owner = "", DateOnly? DueOn = null);

/// <param name="WakesFor">A part that wakes it once one is in the store; empty for none.</param>
/// <param name="WakesBelow">What that part, or a complete machine where none is named, may cost at most; null where no price wakes it.</param>
public sealed record ParkAsk(string Why, DateOnly? WakesOn = null, string WakesFor = "", decimal? WakesBelow = null);

/// <param name="Price">In the workshop's currency.</param>
public sealed record PriceAsk(decimal Price);

/// <param name="Until">Null where nobody knows.</param>
/// <param name="Over">It is over, and nobody has gone.</param>
/// <param name="OrderId">The order in the post that it waits for; null for none.</param>
public sealed record WaitRow(
    Guid MachineId,
    string Machine,
    string For,
    string Then,
    DateTimeOffset? Until,
    bool Over,
    string Path,
    Guid? OrderId = null
);

/// <param name="Last">What was done last, the latest first.</param>
/// <param name="Tried">What was tried on it, and came to what.</param>
/// <param name="Trays">That are open: what came off and is not back.</param>
/// <param name="Wakes">What wakes it where it is set aside; empty where it is not, or nothing but a person does.</param>
/// <param name="WokenBy">What has woken it; empty for nothing.</param>
public sealed record WhereWereWe(
    string Machine,
    DateTimeOffset? LastAt,
    int? DaysAgo,
    IReadOnlyList<LogRow> Last,
    IReadOnlyList<string> Tried,
    IReadOnlyList<WaitRow> Waits,
    IReadOnlyList<string> Trays,
    NextAct? Next,
    KeptTask? Planned,
    IReadOnlyList<string> LayOut,
    string Wakes,
    string WokenBy
);
