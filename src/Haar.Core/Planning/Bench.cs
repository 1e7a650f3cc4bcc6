using Haar.Core.Acts;
using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>Every week on that day, by the bench's clock. The end does not belong to it.</summary>
public sealed record WeeklyHours(DayOfWeek Day, TimeOnly From, TimeOnly To);

/// <summary>One day that is not as its week says.</summary>
/// <param name="From">Null, with <paramref name="To"/>, for not there at all.</param>
public sealed record DayHours(DateOnly Day, TimeOnly? From, TimeOnly? To);

/// <summary>A name that somebody bore, and until when: work of that time is theirs.</summary>
public sealed record FormerName(string Name, DateTimeOffset Until);

/// <summary>Somebody who works here, with the hours at the bench.</summary>
public sealed class BenchPerson : ICheckedRow
{
    public Guid Id { get; init; }
    public string Name { get; set; } = "";

    /// <summary>As they say of themselves.</summary>
    public IReadOnlyList<BenchSkill> Skills { get; set; } = [];

    /// <summary>What they cannot be near.</summary>
    public IReadOnlyList<Airborne> Avoids { get; set; } = [];
    public IReadOnlyList<WeeklyHours> Hours { get; set; } = [];

    /// <summary>Days that differ; of two on one day the later counts.</summary>
    public IReadOnlyList<DayHours> Days { get; set; } = [];

    /// <summary>Names that they bore here before, oldest first.</summary>
    public IReadOnlyList<FormerName> Formerly { get; set; } = [];
    public int Version { get; set; }

    /// <summary>What they who bore a name at that time are called now; the name itself where nobody has changed it since.</summary>
    public static string CalledNow(IEnumerable<BenchPerson> people, string name, DateTimeOffset at) =>
        people
            .SelectMany(p => p.Formerly.Where(f => f.Name == name && at < f.Until).Select(f => (f.Until, p.Name)))
            .OrderBy(x => x.Until)
            .Select(x => x.Name)
            .FirstOrDefault(name);

    /// <summary>When they are at the bench on a day: in order, none where they are not.</summary>
    public IEnumerable<(TimeOnly From, TimeOnly To)> On(DateOnly day) =>
        Days.LastOrDefault(d => d.Day == day) is { } differs
            ? differs is { From: { } f, To: { } t } && t > f
                ? [(f, t)]
                : []
            : Hours.Where(h => h.Day == day.DayOfWeek && h.To > h.From).OrderBy(h => h.From).Select(h => (h.From, h.To));

    public void Check()
    {
        TextField.Check("name", Name, 40, "Give a name of 1 to 40 characters.");
        if (Hours.Count > 42 || Days.Count > 400 || Formerly.Count > 400)
        {
            throw new InvalidInputException("hours", "At most 42 times in a week, and 400 days that differ or names of before.");
        }
        for (var i = 0; i < Hours.Count; i++)
        {
            if (!Enum.IsDefined(Hours[i].Day) || Hours[i].To <= Hours[i].From)
            {
                throw new InvalidInputException($"hours[{i}].to", $"The hours of {Name} end before they begin.");
            }
        }
        for (var i = 0; i < Days.Count; i++)
        {
            if (Days[i].Day.Year is < 1970 or > 2200 || Days[i].From is null != Days[i].To is null || Days[i].To <= Days[i].From)
            {
                throw new InvalidInputException($"days[{i}]", "A day with hours that end after they begin, or with none.");
            }
        }
    }
}

/// <summary>When a place may be used.</summary>
public enum PlaceOpen
{
    Always = 0,

    /// <summary>From sunrise to sunset.</summary>
    Daylight,

    /// <summary>From sunrise to sunset, on days that are fit for it.</summary>
    Outdoors,
}

/// <summary>A place or a tool that work holds: the iron, the meter, the bath, the sill, the yard.</summary>
public sealed class BenchPlace : ICheckedRow
{
    public const int MostOfOne = 20;

    public Guid Id { get; init; }

    /// <summary>As work asks for it.</summary>
    public string Name { get; set; } = "";
    public PlaceOpen Open { get; set; }

    /// <summary>How many there are.</summary>
    public int Count { get; set; } = 1;

    /// <summary>Of ten days so many are fit for work outdoors; null takes <see cref="WorkPlan.UsualFitDays"/>.</summary>
    public double? FitDaysInTen { get; set; }
    public int Version { get; set; }

    public void Check()
    {
        TextField.Check("name", Name, 40, "Give it a name of 1 to 40 characters: the iron, the sill.");
        InvalidInputException.Finite("count", (double)Count, 1, MostOfOne, "");
        InvalidInputException.Finite("fitDaysInTen", FitDaysInTen, 0, 10, "days of ten");
    }
}

/// <summary>Something that a person has laid down for one piece of work: when, by whom, in how many goes.</summary>
public sealed class PlanPin : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid ForMachineId { get; init; }

    /// <summary>Key of the work.</summary>
    public string Key { get; set; } = "";

    /// <summary>Empty for whoever can.</summary>
    public string Person { get; set; } = "";
    public DateTimeOffset? At { get; set; }

    /// <summary>In so many goes; 0 as it is.</summary>
    public int Split { get; set; }
    public int Version { get; set; }

    public void Check()
    {
        TextField.Check("key", Key, 200, "Say which work.");
        TextField.Check("person", Person, 40);
        InvalidInputException.Finite("split", (double)Split, 0, 20, "goes");
    }
}

/// <summary>How an evening left a piece of work.</summary>
public enum WorkEnd
{
    Running = 0,
    Done,

    /// <summary>Goes on another time.</summary>
    Unfinished,

    /// <summary>It did not come out; it is to be done again, or another way.</summary>
    Failed,
}

/// <summary>Work that somebody took up: planned against taken, from which estimates are corrected.</summary>
public sealed class WorkTaken : ICheckedRow
{
    public Guid Id { get; init; }
    public Guid ForMachineId { get; init; }
    public string Key { get; init; } = "";
    public string Title { get; init; } = "";
    public WorkKind Kind { get; init; }
    public string Person { get; init; } = "";
    public double PlannedMinutes { get; init; }
    public DateTimeOffset BegunAt { get; init; }
    public DateTimeOffset? EndedAt { get; set; }
    public double? TakenMinutes { get; set; }
    public WorkEnd End { get; set; }

    /// <summary>That are still to do, of what is unfinished; null takes what was planned, less what was taken.</summary>
    public double? LeftMinutes { get; set; }
    public int Version { get; set; }

    public void Check()
    {
        TextField.Check("key", Key, 200, "Say which work.");
        TextField.Check("title", Title, 200);
        TextField.Check("person", Person, 40);
        InvalidInputException.Finite("plannedMinutes", PlannedMinutes, 0, 100_000, "min");
        InvalidInputException.Finite("takenMinutes", TakenMinutes, 0, 100_000, "min");
        InvalidInputException.Finite("leftMinutes", LeftMinutes, 0, 100_000, "min");
    }
}

/// <param name="Factor">What is planned is multiplied by it.</param>
/// <param name="From">How many pieces of work say so.</param>
/// <param name="Median">Taken over planned, of those alone.</param>
/// <param name="Person">Whose work it is of; empty for everybody's.</param>
public sealed record WorkCorrection(WorkKind Kind, double Factor, int From, double Median, string Person = "");

/// <summary>What the workshop's own past says of estimates, by kind of work.</summary>
public static class WorkPast
{
    /// <summary>To write down on its own screen what was done. A house figure.</summary>
    public static readonly Verdicts.Estimate WriteDown = new(2, 5, 15);

    public static string WriteDownTitle(WorkTask work) => $"Write down what was done: {Verdicts.Words.Lower(work.Title)}";

    /// <summary>
    /// Somebody who was at it said that it is done, and nothing of it has been written down since: not the same work once more. The
    /// first who said so: what goes on without hands has gone on since then, however often it is said again.
    /// </summary>
    public static WorkTaken? SaidDone(WorkTask work, IEnumerable<WorkTaken> ofIt) =>
        work is { ByWord: false, JobId: null, Since: { } since }
            ? ofIt.Where(t => t is { End: WorkEnd.Done, EndedAt: { } ended } && ended >= since).MinBy(t => t.EndedAt)
            : null;

    /// <summary>What is thought before anything was timed counts as so many pieces of work that took as long as planned. A house figure.</summary>
    public const double PriorWeight = 3;

    /// <summary>No estimate is corrected by more, either way: beyond that, something else was done. House figures.</summary>
    public const double LeastFactor = 0.4,
        MostFactor = 3;

    /// <summary>
    /// For each kind of which something ended one of everybody's work: the geometric mean of taken over planned, held back by what is thought before.
    /// Where more than one person was at that kind, one for each of them besides, held back by everybody's.
    /// </summary>
    /// <param name="called">Who is called otherwise now than when it was done.</param>
    public static IReadOnlyList<WorkCorrection> Of(IEnumerable<WorkTaken> past, IReadOnlyList<BenchPerson>? called = null) =>
        [
            .. past.Where(p => p is { End: WorkEnd.Done, TakenMinutes: > 0, PlannedMinutes: > 0 })
                .GroupBy(p => p.Kind)
                .OrderBy(g => g.Key)
                .SelectMany(g =>
                {
                    var all = Correction(g.Key, g, 1, "");
                    var people = g.GroupBy(p => BenchPerson.CalledNow(called ?? [], p.Person, p.BegunAt))
                        .Where(x => x.Key.Length > 0)
                        .OrderBy(x => x.Key, StringComparer.Ordinal)
                        .ToList();
                    return people.Count > 1 ? people.Select(x => Correction(g.Key, x, all.Factor, x.Key)).Prepend(all) : [all];
                }),
        ];

    /// <param name="before">What is thought before any of these was timed.</param>
    static WorkCorrection Correction(WorkKind kind, IEnumerable<WorkTaken> past, double before, string person)
    {
        var ratios = past.Select(p => Math.Clamp(p.TakenMinutes!.Value / p.PlannedMinutes, 0.1, 10)).Order().ToList();
        var mean = Math.Exp((ratios.Sum(Math.Log) + PriorWeight * Math.Log(before)) / (ratios.Count + PriorWeight));
        return new(
            kind,
            Math.Round(Math.Clamp(mean, LeastFactor, MostFactor), 3),
            ratios.Count,
            Math.Round(ratios.Count % 2 == 1 ? ratios[ratios.Count / 2] : (ratios[ratios.Count / 2 - 1] + ratios[ratios.Count / 2]) / 2, 3),
            person
        );
    }
}
