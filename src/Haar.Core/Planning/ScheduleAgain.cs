using Haar.Core.Verdicts;

namespace Haar.Core.Planning;

/// <summary>Where a piece of work stood in the plan before; minutes from the start of the new one, and so perhaps before it.</summary>
public sealed record StoodAt(string Id, string Person, int Start);

/// <param name="From">Where it stood; null for not at all.</param>
/// <param name="To">Where it stands now; null for nowhere.</param>
/// <param name="Why">One sentence.</param>
public sealed record PlanMove(string Id, int? From, int? To, string PersonBefore, string Person, string Why);

/// <param name="Kept">The order of before was kept, since nothing better was worth the moving.</param>
public sealed record AgainResult(ScheduleResult Plan, IReadOnlyList<PlanMove> Moves, bool Kept);

public static partial class Schedule
{
    /// <summary>A new order has to be ready sooner by this share of what is left, and by this many minutes, before what people have in their heads is thrown over. House figures.</summary>
    public const double WorthMoving = 0.02;

    public const int WorthMovingMinutes = 60;

    /// <summary>Later by less than this nobody calls it moved; sooner within the same half day is told by nobody either, since it is next as it was. House figures.</summary>
    public const int SameTimeMinutes = 15,
        SoonerMinutes = 12 * 60;

    /// <summary>Plans again around what stood: the order and people of before wherever that is no later, and what moved with why.</summary>
    /// <exception cref="InvalidInputException">See <see cref="Check"/>.</exception>
    public static AgainResult Again(ScheduleAsk ask, IReadOnlyList<StoodAt> before, CancellationToken cancel = default)
    {
        var fresh = Of(ask, cancel);
        var stood = before.GroupBy(b => b.Id).ToDictionary(g => g.Key, g => g.First());
        if (!ask.Tasks.Any(t => stood.ContainsKey(t.Id)))
        {
            return new(fresh, [], false);
        }
        var whole = ask;
        (ask, var without) = Needed(ask);
        if (ask.Tasks.Count == 0)
        {
            return new(fresh, [], false);
        }
        ask = Urgent(ask);
        var p = new Problem(ask);
        var starts = fresh.Tasks.ToDictionary(t => t.Id, t => t.Start);
        var old = p.InOrderOf(
            id => stood.TryGetValue(id, out var s) ? (s.Person, s.Start) : null,
            id => starts.GetValueOrDefault(id, MostMinutes)
        );
        if (p.AsItStood(stood) is { } same && !p.WorthMovingTo(old, same))
        {
            old = same;
        }
        old = old with { Unplanned = [.. old.Unplanned, .. without] };
        var gain = (fresh.ReadyAt ?? 0) - (old.ReadyAt ?? 0);
        var kept =
            old.Unplanned.Count <= fresh.Unplanned.Count
            && old.Late <= fresh.Late
            && -gain <= Math.Max(WorthMovingMinutes, WorthMoving * (fresh.ReadyAt ?? 0));
        var plan = kept ? Say(whole, old, fresh.Bound, fresh.Proven && old.Late <= fresh.Late && old.ReadyAt <= fresh.ReadyAt) : fresh;
        return new(plan, Moves(whole, plan, stood), kept);
    }

    static List<PlanMove> Moves(ScheduleAsk ask, ScheduleResult plan, Dictionary<string, StoodAt> stood)
    {
        var now = plan.Tasks.ToDictionary(t => t.Id);
        var tasks = ask.Tasks.ToDictionary(t => t.Id);
        string Title(string id) => tasks[id].Title.Length > 0 ? tasks[id].Title : id;
        bool Moved(string id) =>
            stood.TryGetValue(id, out var s)
            && now.TryGetValue(id, out var n)
            && (n.Start - s.Start > SameTimeMinutes || s.Start - n.Start > SoonerMinutes || n.Person != s.Person);
        var moves = new List<PlanMove>();
        foreach (
            var (id, s) in stood.Where(s => tasks.ContainsKey(s.Key)).OrderBy(s => s.Value.Start).ThenBy(s => s.Key, StringComparer.Ordinal)
        )
        {
            if (!now.TryGetValue(id, out var n))
            {
                moves.Add(
                    new(id, s.Start, null, s.Person, "", plan.Unplanned.FirstOrDefault(u => u.Id == id)?.Why ?? "It cannot be planned now.")
                );
                continue;
            }
            if (!Moved(id))
            {
                continue;
            }
            var later = n.Start > s.Start + SameTimeMinutes;
            var before = tasks[id].After.FirstOrDefault(a => Moved(a) && now[a].ReadyAt > s.Start);
            var inWay = plan.Tasks.FirstOrDefault(o =>
                o.Id != id
                && o.Start < s.Start + tasks[id].Minutes
                && o.End > s.Start
                && (o.Person == s.Person || tasks[o.Id].Places.Intersect(tasks[id].Places).Any())
            );
            moves.Add(
                new(
                    id,
                    s.Start,
                    n.Start,
                    s.Person,
                    n.Person,
                    tasks[id].Start is not null ? "It was laid down, or has begun."
                        : s.Start < 0 ? "It was not begun when it was its turn."
                        : tasks[id].From > s.Start ? "What it waits for comes later."
                        : before is not null ? $"{Words.Capital(Title(before))} is ready later."
                        : inWay is not null && later ? $"{Words.Capital(Title(inWay.Id))} is done then."
                        : later ? "There are no hours for it where it stood."
                        : n.Person != s.Person ? $"{n.Person} has the time for it."
                        : "There is room for it sooner."
                )
            );
        }
        // What is moved by something from outside stands before what that has moved.
        return
        [
            .. moves.OrderBy(m =>
                m.To is null ? 0
                : tasks[m.Id].From > m.From ? 1
                : m.From < 0 ? 2
                : 3
            ),
        ];
    }
}
