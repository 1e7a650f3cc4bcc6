using Google.OrTools.Sat;
using Google.OrTools.Util;

namespace Haar.Core.Planning;

public static partial class Schedule
{
    /// <summary>The plan as a program for the solver, begun from a whole plan.</summary>
    static class Solver
    {
        /// <returns>A better plan or null, a lower bound of the latest readiness, and whether it is proven.</returns>
        public static (Plan? Plan, int Lower, bool Optimal) Improve(
            Problem p,
            Plan first,
            int bound,
            double seconds,
            CancellationToken cancel
        )
        {
            var model = new CpModel();
            var tasks = p.Tasks;
            // Never later than what is had already.
            var horizon = Math.Max(first.ReadyAt!.Value, 1);
            var start = tasks.Select((t, i) => model.NewIntVar(0, horizon, $"s{i}")).ToArray();
            var whole = new IntervalVar[tasks.Count];
            var by = new BoolVar[tasks.Count][];
            var own = p.Ask.People.Select(_ => new List<IntervalVar>()).ToArray();
            var held = new Dictionary<string, List<IntervalVar>>();
            var at = first.Tasks.ToDictionary(x => x.Id);
            for (var i = 0; i < tasks.Count; i++)
            {
                var t = tasks[i];
                whole[i] = model.NewFixedSizeIntervalVar(start[i], t.Minutes, $"t{i}");
                by[i] = [.. p.Who[i].Select(w => model.NewBoolVar($"b{i}_{w}"))];
                model.AddExactlyOne(by[i]);
                for (var k = 0; k < by[i].Length; k++)
                {
                    var w = p.Who[i][k];
                    own[w].Add(model.NewOptionalFixedSizeIntervalVar(start[i], t.Minutes, by[i][k], $"o{i}_{w}"));
                    model.AddLinearExpressionInDomain(start[i], Starts(p.Hours[w], t.Minutes, horizon)).OnlyEnforceIf(by[i][k]);
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
                    model.Add(start[i] >= start[b] + tasks[b].Minutes + tasks[b].WaitMinutes);
                }
                foreach (var place in t.Places)
                {
                    if (p.PlaceHours(place) is { } hours)
                    {
                        model.AddLinearExpressionInDomain(start[i], Starts(hours, t.Minutes, horizon));
                    }
                    Hold(
                        place,
                        place == t.WaitPlace ? model.NewFixedSizeIntervalVar(start[i], t.Minutes + t.WaitMinutes, $"w{i}") : whole[i]
                    );
                }
                if (t.WaitPlace.Length > 0 && !t.Places.Contains(t.WaitPlace))
                {
                    Hold(t.WaitPlace, model.NewFixedSizeIntervalVar(start[i] + t.Minutes, t.WaitMinutes, $"w{i}"));
                }
            }
            foreach (var o in own)
            {
                model.AddNoOverlap(o);
            }
            foreach (var h in held.Values)
            {
                model.AddNoOverlap(h);
            }
            for (var i = 0; i < tasks.Count; i++)
            {
                foreach (var who in Enumerable.Range(0, own.Length).Where(w => p.Ask.People[w].Avoids.Intersect(tasks[i].Gives).Any()))
                {
                    model.AddNoOverlap(own[who].Append(whole[i]));
                }
            }
            var ready = model.NewIntVar(bound, horizon, "ready");
            var late = new List<LinearExpr>();
            for (var i = 0; i < tasks.Count; i++)
            {
                var t = tasks[i];
                model.Add(ready >= start[i] + t.Minutes + t.WaitMinutes);
                if (t.Deadline is { } d && first.Late > 0)
                {
                    var over = model.NewIntVar(0, Math.Max(0, horizon - d), $"l{i}");
                    model.Add(over >= start[i] + t.Minutes + t.WaitMinutes - d);
                    late.Add(over);
                }
                else if (t.Deadline is { } due)
                {
                    model.Add(start[i] + t.Minutes + t.WaitMinutes <= due);
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
                    $"num_workers:8,max_time_in_seconds:{seconds},random_seed:7"
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
                            var who = p.Ask.People[p.Who[i][Array.FindIndex(by[i], solver.BooleanValue)]].Name;
                            return new PlannedTask(t.Id, who, s, s + t.Minutes, s + t.Minutes + t.WaitMinutes);
                        }
                    )
                    .OrderBy(x => x.Start)
                    .ThenBy(x => x.Id, StringComparer.Ordinal),
            ];
            var lower = late.Count > 0 ? bound : (int)Math.Ceiling(solver.BestObjectiveBound - 1e-6);
            return (new(planned, [], planned.Max(x => x.ReadyAt), p.Late(planned)), lower, status == CpSolverStatus.Optimal);

            void Hold(string place, IntervalVar what)
            {
                if (!held.TryGetValue(place, out var list))
                {
                    held[place] = list = [];
                }
                list.Add(what);
            }
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
