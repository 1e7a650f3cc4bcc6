using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>One piece of work with its place in the plan.</summary>
/// <param name="Id">In the plan; <see cref="Key"/> on its machine.</param>
/// <param name="ReadyAt">When its wait is over too.</param>
/// <param name="Pinned">Laid down by a person, or begun.</param>
public sealed record KeptTask(
    string Id,
    Guid MachineId,
    string Machine,
    string Key,
    string Title,
    string Person,
    DateTimeOffset Start,
    DateTimeOffset End,
    DateTimeOffset ReadyAt,
    bool Pinned,
    WorkTask Work
);

/// <param name="From">Where it stood; null for not at all.</param>
/// <param name="To">Null for nowhere.</param>
/// <param name="At">When the plan was made in which it moved.</param>
public sealed record KeptMove(
    string Id,
    Guid MachineId,
    string Machine,
    string Title,
    DateTimeOffset? From,
    DateTimeOffset? To,
    string PersonBefore,
    string Person,
    string Why,
    DateTimeOffset At
);

public sealed record KeptUnplanned(string Id, Guid MachineId, string Machine, string Key, string Title, string Why);

/// <summary>The plan that everybody sees, with instants in place of minutes. Computed, and kept while nothing changes.</summary>
/// <param name="Gap">Of the latest readiness over what no plan can beat, as a share; null where nothing is planned.</param>
/// <param name="LateMinutes">Over the machines' days, summed.</param>
/// <param name="Said">What it supposes, whole sentences.</param>
public sealed record KeptPlan(
    DateTimeOffset Start,
    IReadOnlyList<KeptTask> Tasks,
    IReadOnlyList<KeptUnplanned> Unplanned,
    DateTimeOffset? ReadyAt,
    DateTimeOffset? Bound,
    double? Gap,
    int LateMinutes,
    bool Proven,
    IReadOnlyList<KeptMove> Moves,
    IReadOnlyList<string> Said,
    Verdict Verdict
)
{
    /// <summary>Not begun so long after its time, the plan is no longer what is being done. A house figure.</summary>
    public const int OverdueMinutes = 30;

    /// <summary>What moved is told for so long, so that somebody who comes in the evening hears of the morning. A house figure.</summary>
    public const int ToldHours = 12;

    /// <summary>With what moved before, and is still to be told.</summary>
    public KeptPlan Telling(IReadOnlyList<KeptMove> before, DateTimeOffset now) =>
        this with
        {
            Moves =
            [
                .. Moves
                    .Concat(before.Where(b => b.At > now.AddHours(-ToldHours) && Tasks.Any(t => t.Id == b.Id)))
                    .DistinctBy(m => m.Id)
                    .Take(60),
            ],
        };

    /// <summary>Something should have been begun by now.</summary>
    public bool Overdue(DateTimeOffset now) => // What has begun stands at the plan's own start; what is only laid down can be late as any other.
        Tasks.Any(t => !(t.Pinned && t.Start == Start) && t.Start.AddMinutes(OverdueMinutes) < now);

    /// <summary>Where its work stood, for the next plan.</summary>
    /// <param name="people">As they are called now.</param>
    public IReadOnlyList<StoodAt> Stood(DateTimeOffset start, IReadOnlyList<BenchPerson> people) =>
        [
            .. Tasks.Select(t => new StoodAt(
                t.Id,
                BenchPerson.CalledNow(people, t.Person, Start),
                (int)Math.Round((t.Start - start).TotalMinutes)
            )),
        ];

    public static KeptPlan Of(WorkPlanProblem p, AgainResult again)
    {
        var plan = again.Plan;
        DateTimeOffset At(int minutes) => p.Start.AddMinutes(minutes);
        var pinned = p.Ask.Tasks.Where(t => t.Start is not null).Select(t => t.Id).ToHashSet();
        return new(
            p.Start,
            [
                .. plan.Tasks.Select(t =>
                {
                    var e = p.Entries[t.Id];
                    return new KeptTask(
                        t.Id,
                        e.Machine.Id,
                        e.Machine.Name,
                        e.Work.Key,
                        e.Title,
                        t.Person,
                        At(t.Start),
                        At(t.End),
                        At(t.ReadyAt),
                        pinned.Contains(t.Id),
                        e.Said ? e.Work with { Needs = "Phone or paper", Uses = [] } : e.Work
                    );
                }),
            ],
            [
                .. plan.Unplanned.Select(u =>
                    p.Entries[u.Id] is var e ? new KeptUnplanned(u.Id, e.Machine.Id, e.Machine.Name, e.Work.Key, e.Title, u.Why) : null!
                ),
            ],
            plan.ReadyAt is { } r ? At(r) : null,
            plan.ReadyAt is null ? null : At(plan.Bound),
            plan.Gap,
            plan.Late,
            plan.Proven,
            [
                .. again
                    .Moves.Where(m => !p.Entries[m.Id].Said)
                    .Select(m =>
                    {
                        var e = p.Entries[m.Id];
                        return new KeptMove(
                            m.Id,
                            e.Machine.Id,
                            e.Machine.Name,
                            e.Title,
                            m.From is { } f ? At(f) : null,
                            m.To is { } t ? At(t) : null,
                            m.PersonBefore,
                            m.Person,
                            m.Why,
                            p.Start
                        );
                    }),
            ],
            [.. p.Said, .. Schedule.TripsSaid(p.Ask, plan.Tasks) is { Length: > 0 } trips ? [trips] : Array.Empty<string>()],
            plan.Verdict
        );
    }
}
