using Google.OrTools.Sat;
using Google.OrTools.Util;

namespace Haar.Core.Planning;

public static partial class Schedule
{
    /// <summary>The plan as a program for the solver, begun from a whole plan.</summary>
    static class Solver
    {
        /// <summary>Up to so many pairs of a task and hours in which somebody could do it, each is said by itself: proves small plans, and would drown large ones. A house figure.</summary>
        const int MostLiterals = 4000;

        /// <returns>A better plan or null, a lower bound of the latest readiness, and whether it is proven.</returns>
        public static (Plan? Plan, int Lower, bool Optimal) Improve(
            Problem p,
            Plan first,
            int bound,
            double seconds,
            CancellationToken cancel
        )
        {
            var step = ScheduleSteps.Of(p.Ask);
            if (step == 1)
            {
                return Search(p, first, bound, seconds, cancel);
            }
            // All is counted in the greatest step that divides it: the same question with fewer answers.
            var (plan, lower, optimal) = Search(
                new(ScheduleSteps.In(p.Ask, step)),
                ScheduleSteps.Times(first, 1, step),
                (bound + step - 1) / step,
                seconds,
                cancel
            );
            return (plan is null ? null : ScheduleSteps.Times(plan, step, 1), lower * step, optimal);
        }

        static (Plan? Plan, int Lower, bool Optimal) Search(Problem p, Plan first, int bound, double seconds, CancellationToken cancel)
        {
            var model = new CpModel();
            var tasks = p.Tasks;
            // Never later than what is had already.
            var horizon = Math.Max(first.ReadyAt!.Value, 1);
            var ready = model.NewIntVar(bound, horizon, "ready");
            var start = tasks.Select((t, i) => model.NewIntVarFromDomain(When(p, i, horizon), $"s{i}")).ToArray();
            var whole = new IntervalVar[tasks.Count];
            var (size, end) = (new LinearExpr[tasks.Count], new LinearExpr[tasks.Count]);
            var by = new BoolVar[tasks.Count][];
            var own = p.Ask.People.Select(_ => new List<IntervalVar>()).ToArray();
            var held = new Dictionary<string, List<IntervalVar>>();
            var at = first.Tasks.ToDictionary(x => x.Id);
            var within = new Dictionary<(int Person, int Hours), List<(BoolVar In, int Minutes)>>();
            var few = Enumerable.Range(0, tasks.Count).Sum(i => p.Who[i].Sum(w => p.Hours[w].Count(h => h.From < horizon))) <= MostLiterals;
            for (var i = 0; i < tasks.Count; i++)
            {
                var t = tasks[i];
                by[i] = [.. p.Who[i].Select(w => model.NewBoolVar($"b{i}_{w}"))];
                model.AddExactlyOne(by[i]);
                // Of one length whoever does it, or as long as whoever does it takes.
                size[i] = LinearExpr.Constant(p.Least(i));
                if (p.Least(i) == p.Most(i))
                {
                    end[i] = start[i] + p.Least(i);
                    whole[i] = model.NewFixedSizeIntervalVar(start[i], p.Least(i), $"t{i}");
                }
                else
                {
                    var takes = model.NewIntVar(p.Least(i), p.Most(i), $"d{i}");
                    var ends = model.NewIntVar(0, horizon, $"e{i}");
                    for (var k = 0; k < by[i].Length; k++)
                    {
                        model.Add(takes == p.Length(i, p.Who[i][k])).OnlyEnforceIf(by[i][k]);
                    }
                    model.Add(ends == start[i] + takes);
                    model.AddHint(takes, at[t.Id].End - at[t.Id].Start);
                    model.AddHint(ends, at[t.Id].End);
                    (size[i], end[i]) = (takes, ends);
                    whole[i] = model.NewIntervalVar(start[i], takes, ends, $"t{i}");
                }
            }
            for (var i = 0; i < tasks.Count; i++)
            {
                var t = tasks[i];
                for (var k = 0; k < by[i].Length; k++)
                {
                    var w = p.Who[i][k];
                    own[w].Add(model.NewOptionalFixedSizeIntervalVar(start[i], p.Length(i, w), by[i][k], $"o{i}_{w}"));
                    if (few)
                    {
                        In(i, w, by[i][k]);
                    }
                    else
                    {
                        model.AddLinearExpressionInDomain(start[i], Starts(p.Hours[w], p.Length(i, w), horizon)).OnlyEnforceIf(by[i][k]);
                    }
                }
                if (t.Start is { } pinned)
                {
                    model.Add(start[i] == pinned);
                }
                if (t.From is { } from)
                {
                    model.Add(start[i] >= from);
                }
                foreach (var b in p.Before[i])
                {
                    model.Add(start[i] >= end[b] + tasks[b].WaitMinutes);
                    if (tasks[b].WaitMostMinutes is { } most && p.Before[i].Length == 1)
                    {
                        model.Add(start[i] <= end[b] + most);
                    }
                }
                foreach (var place in t.Places)
                {
                    if (p.PlaceHours(place) is { } hours)
                    {
                        for (var k = 0; k < by[i].Length; k++)
                        {
                            var fits = model.AddLinearExpressionInDomain(start[i], Starts(hours, p.Length(i, p.Who[i][k]), horizon));
                            if (p.Least(i) == p.Most(i))
                            {
                                break;
                            }
                            fits.OnlyEnforceIf(by[i][k]);
                        }
                    }
                    var wait = place == t.WaitPlace ? t.WaitMinutes : 0;
                    Hold(
                        place,
                        t.HeldBefore ? model.NewIntervalVar(0, end[i] + wait, end[i] + wait, $"h{i}_{place}")
                            : wait == 0 ? whole[i]
                            : model.NewIntervalVar(start[i], size[i] + wait, end[i] + wait, $"w{i}")
                    );
                }
                if (t.WaitPlace.Length > 0 && !t.Places.Contains(t.WaitPlace))
                {
                    Hold(t.WaitPlace, model.NewFixedSizeIntervalVar(end[i], t.WaitMinutes, $"w{i}"));
                }
            }
            foreach (var o in own)
            {
                model.AddNoOverlap(o);
            }
            // What is done within one's hours is no longer than they are: says at once what the intervals say only when all are placed.
            foreach (var ((w, k), of) in within)
            {
                var hours = p.Hours[w][k];
                if (hours.From <= bound && bound < hours.To)
                {
                    // The last of them are over when all is ready.
                    model.Add(LinearExpr.WeightedSum(of.Select(x => x.In), of.Select(x => (long)x.Minutes)) <= ready - hours.From);
                }
                model.Add(
                    LinearExpr.WeightedSum(of.Select(x => x.In), of.Select(x => (long)x.Minutes))
                        <= Math.Min(hours.To, horizon) - hours.From
                );
            }
            foreach (var (place, h) in held)
            {
                if (p.CountOf(place) is > 1 and var count)
                {
                    model.AddCumulative(count).AddDemands(h, Enumerable.Repeat(1, h.Count));
                }
                else
                {
                    model.AddNoOverlap(h);
                }
            }
            for (var i = 0; i < tasks.Count; i++)
            {
                foreach (var who in Enumerable.Range(0, own.Length).Where(w => p.Ask.People[w].Avoids.Intersect(tasks[i].Gives).Any()))
                {
                    model.AddNoOverlap(own[who].Append(whole[i]));
                }
            }
            var late = new List<LinearExpr>();
            for (var i = 0; i < tasks.Count; i++)
            {
                var t = tasks[i];
                model.Add(ready >= end[i] + t.WaitMinutes);
                if (t.Deadline is { } d && first.Late > 0)
                {
                    var over = model.NewIntVar(0, Math.Max(0, horizon - d), $"l{i}");
                    model.Add(over >= end[i] + t.WaitMinutes - d);
                    late.Add(over);
                }
                else if (t.Deadline is { } due)
                {
                    model.Add(end[i] + t.WaitMinutes <= due);
                }
                // The whole plan, assignments too: a half hint is worth nothing.
                model.AddHint(start[i], at[t.Id].Start);
                for (var k = 0; k < by[i].Length; k++)
                {
                    model.AddHint(by[i][k], p.Ask.People[p.Who[i][k]].Name == at[t.Id].Person);
                }
            }
            model.AddHint(ready, first.ReadyAt.Value);
            // In time before early: a minute late outweighs the whole plan.
            model.Minimize(late.Count > 0 ? LinearExpr.Sum(late) * (horizon + 1) + ready : ready);
            var solver = new CpSolver
            {
                StringParameters = string.Create(
                    System.Globalization.CultureInfo.InvariantCulture,
                    $"num_workers:8,max_time_in_seconds:{seconds},random_seed:7{(few ? ",linearization_level:2" : "")}"
                ),
            };
            using var stop = cancel.Register(solver.StopSearch);
            var status = solver.Solve(model);
            if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
            {
                return (null, bound, false);
            }
            List<PlannedTask> planned =
            [
                .. tasks
                    .Select(
                        (t, i) =>
                        {
                            var s = (int)solver.Value(start[i]);
                            var who = p.Who[i][Array.FindIndex(by[i], solver.BooleanValue)];
                            var over = s + p.Length(i, who);
                            return new PlannedTask(t.Id, p.Ask.People[who].Name, s, over, over + t.WaitMinutes);
                        }
                    )
                    .OrderBy(x => x.Start)
                    .ThenBy(x => x.Id, StringComparer.Ordinal),
            ];
            var lower = late.Count > 0 ? bound : (int)Math.Ceiling(solver.BestObjectiveBound - 1e-6);
            return (new(planned, [], planned.Max(x => x.ReadyAt), p.Late(planned)), lower, status == CpSolverStatus.Optimal);

            // In which of somebody's hours: one literal each.
            void In(int i, int w, BoolVar does)
            {
                var t = tasks[i];
                var one = new List<ILiteral> { does.Not() };
                for (var k = 0; k < p.Hours[w].Length; k++)
                {
                    var length = p.Length(i, w);
                    var (from, to) = (p.Hours[w][k].From, Math.Min((long)p.Hours[w][k].To - length, horizon - length));
                    if (to < from || to < (t.From ?? 0))
                    {
                        continue;
                    }
                    var b = model.NewBoolVar($"in{i}_{w}_{k}");
                    model.AddLinearConstraint(start[i], from, to).OnlyEnforceIf(b);
                    one.Add(b);
                    if (!within.TryGetValue((w, k), out var list))
                    {
                        within[(w, k)] = list = [];
                    }
                    list.Add((b, length));
                    model.AddHint(b, at[t.Id].Person == p.Ask.People[w].Name && at[t.Id].Start >= from && at[t.Id].Start <= to);
                }
                model.AddExactlyOne(one);
            }

            void Hold(string place, IntervalVar what)
            {
                if (!held.TryGetValue(place, out var list))
                {
                    held[place] = list = [];
                }
                list.Add(what);
            }
        }

        /// <summary>All minutes at which anybody could begin it: told once, so that what comes after it knows at once that it is not tonight.</summary>
        static Domain When(Problem p, int i, int horizon)
        {
            var all = Domain.FromValues([]);
            foreach (var w in p.Who[i])
            {
                var starts = Starts(p.Hours[w], p.Length(i, w), horizon);
                foreach (var place in p.Tasks[i].Places)
                {
                    if (p.PlaceHours(place) is { } open)
                    {
                        starts = starts.IntersectionWith(Starts(open, p.Length(i, w), horizon));
                    }
                }
                all = all.UnionWith(starts);
            }
            return all;
        }

        static Domain Starts(Window[] hours, int length, int horizon)
        {
            var spans = hours
                .Select(w => (From: (long)w.From, To: Math.Min(w.To - length, (long)horizon)))
                .Where(w => w.To >= w.From)
                .ToList();
            return spans.Count == 0 ? Domain.FromValues([]) : Domain.FromIntervals([.. spans.Select(s => new[] { s.From, s.To })]);
        }
    }
}
