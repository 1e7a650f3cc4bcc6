using Google.OrTools.Sat;
using Haar.Core.Costs;
using Haar.Core.Verdicts;

namespace Haar.Core.Intake;

/// <summary>The lot as a program for the solver, and what its answer means.</summary>
public static partial class Triage
{
    sealed class Model
    {
        const double Cents = 100;
        const double Minutes = 60;
        readonly TriageAsk ask;
        readonly List<(string Kind, string Fits)> types;
        readonly Dictionary<(string, string), PartPrice> prices;
        readonly int[,] have;
        readonly int[,] need;
        readonly int boxes;

        readonly CancellationToken cancel;

        public Model(TriageAsk ask, CancellationToken cancel)
        {
            this.cancel = cancel;
            this.ask = ask;
            boxes = ask.Boxes.Count;
            types = [.. ask.Boxes.SelectMany(b => b.Parts).Select(Type).Distinct()];
            prices = ask.Prices.ToDictionary(p => (Key(p.Kind), Key(p.Fits)));
            have = new int[boxes, types.Count];
            need = new int[boxes, types.Count];
            for (var i = 0; i < boxes; i++)
            {
                foreach (var p in ask.Boxes[i].Parts)
                {
                    var k = types.IndexOf(Type(p));
                    if (p.State == PartState.Good)
                    {
                        have[i, k] += p.Count;
                    }
                    if (p.State is PartState.Missing or PartState.Damaged)
                    {
                        need[i, k] += p.Count;
                    }
                }
            }
        }

        static long C(double money) => (long)Math.Round(money * Cents);

        static long M(double hours) => (long)Math.Round(hours * Minutes);

        PartPrice? Price(int k) => prices.GetValueOrDefault(types[k]) ?? prices.GetValueOrDefault((types[k].Kind, ""));

        /// <param name="except">A set that may not come out again; null for the best of all.</param>
        /// <param name="budgetFree">Budgets do not bind: what would it take?</param>
        public Answer? Solve(IReadOnlyList<int>? except, bool budgetFree = false, int? atLeast = null)
        {
            var model = new CpModel();
            var x = Enumerable.Range(0, boxes).Select(i => model.NewBoolVar($"x{i}")).ToArray();
            var given = new IntVar?[boxes, types.Count];
            var money = new LinearExpr[boxes];
            for (var i = 0; i < boxes; i++)
            {
                var b = ask.Boxes[i];
                if (b.Lock == BoxLock.Restore)
                {
                    model.Add(x[i] == 1);
                }
                if (b.Lock is BoxLock.Donor or BoxLock.Aside)
                {
                    model.Add(x[i] == 0);
                }
                var cost = new List<LinearExpr> { x[i] * C(b.Money.Likely) };
                for (var k = 0; k < types.Count; k++)
                {
                    if (need[i, k] == 0)
                    {
                        continue;
                    }
                    var g = model.NewIntVar(0, need[i, k], $"g{i},{k}");
                    given[i, k] = g;
                    model.Add(g <= x[i] * need[i, k]);
                    if (Price(k) is { } price)
                    {
                        cost.Add((x[i] * need[i, k] - g) * C(price.Money.Likely));
                    }
                    else
                    {
                        model.Add(g == x[i] * need[i, k]);
                    }
                }

                money[i] = LinearExpr.Sum(cost);
                // Where one was locked to be restored, the person has decided against the stop-loss.
                if (b.Complete is { } complete && b.Lock != BoxLock.Restore)
                {
                    model.Add(money[i] <= C(complete * ask.StopLossShare)).OnlyEnforceIf(x[i]);
                }
            }

            for (var k = 0; k < types.Count; k++)
            {
                var takers = Enumerable.Range(0, boxes).Select(i => given[i, k]).OfType<IntVar>().ToArray();
                if (takers.Length == 0)
                {
                    continue;
                }
                var supply = Enumerable
                    .Range(0, boxes)
                    .Where(i => have[i, k] > 0 && ask.Boxes[i].Lock != BoxLock.Aside)
                    .Select(i => (1 - x[i]) * have[i, k])
                    .ToArray();
                model.Add(LinearExpr.Sum(takers) <= (supply.Length == 0 ? LinearExpr.Constant(0) : LinearExpr.Sum(supply)));
            }

            var total = LinearExpr.Sum(money);
            var hours = LinearExpr.Sum(
                Enumerable
                    .Range(0, boxes)
                    .Select(i =>
                        x[i] * (M(ask.Boxes[i].Hours.Likely) + M(ask.FittingHours) * Enumerable.Range(0, types.Count).Sum(k => need[i, k]))
                    )
            );
            if (!budgetFree)
            {
                model.Add(total <= C(ask.BudgetMoney));
                model.Add(hours <= M(ask.BudgetHours));
            }

            if (except is not null)
            {
                model.AddBoolOr(Enumerable.Range(0, boxes).Select(i => except.Contains(i) ? x[i].Not() : (ILiteral)x[i]));
            }
            var worth = LinearExpr.WeightedSum(
                x,
                Enumerable.Range(0, boxes).Select(i => ask.Aim == TriageAim.MostFinished ? 1L : (long)Math.Round(ask.Boxes[i].Worth * 100))
            );
            if (atLeast is { } n)
            {
                model.Add(LinearExpr.Sum(x) >= n);
            }
            // One sum for the three aims in their order: each outweighs everything that comes after it.
            var mostHours =
                Enumerable
                    .Range(0, boxes)
                    .Sum(i => M(ask.Boxes[i].Hours.Likely) + M(ask.FittingHours) * Enumerable.Range(0, types.Count).Sum(k => need[i, k]))
                + 1;
            var mostMoney =
                Enumerable
                    .Range(0, boxes)
                    .Sum(i =>
                        C(ask.Boxes[i].Money.Likely)
                        + Enumerable.Range(0, types.Count).Sum(k => need[i, k] * C(Price(k)?.Money.Likely ?? 0))
                    ) + 1;
            if (budgetFree)
            {
                model.Minimize(total * mostHours + hours);
            }
            else if (Fits(worthMost: ask.Aim == TriageAim.MostFinished ? boxes : ask.Boxes.Sum(b => b.Worth * 100), mostMoney, mostHours))
            {
                model.Maximize(worth * (mostMoney * mostHours) - total * mostHours - hours);
            }
            else
            {
                throw new InvalidInputException(
                    "boxes",
                    "The figures are too large to be weighed exactly: use whole units of money, or fewer boxes."
                );
            }
            var solver = new CpSolver { StringParameters = $"num_workers:8,max_time_in_seconds:{SolveSeconds},random_seed:7" };
            cancel.ThrowIfCancellationRequested();
            using var left = cancel.Register(solver.StopSearch);
            var status = solver.Solve(model);
            cancel.ThrowIfCancellationRequested();
            if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
            {
                return null;
            }
            var chosen = Enumerable.Range(0, boxes).Where(i => solver.BooleanValue(x[i])).ToList();
            var parts = new int[boxes, types.Count];
            for (var i = 0; i < boxes; i++)
            {
                for (var k = 0; k < types.Count; k++)
                {
                    parts[i, k] = given[i, k] is { } g ? (int)solver.Value(g) : 0;
                }
            }
            return new(chosen, parts, status == CpSolverStatus.Optimal, solver.Value(total));
        }

        static bool Fits(double worthMost, double money, double hours) => worthMost * money * hours < 4e18;

        /// <summary>Which donor gives which part to whom: any donor's part of one kind is as good as another's, so the first that has one left gives it.</summary>
        List<PartMove> Moves(Answer a)
        {
            var moves = new List<PartMove>();
            var left = (int[,])have.Clone();
            foreach (var i in a.Chosen)
            {
                for (var k = 0; k < types.Count; k++)
                {
                    var name = ask.Boxes.SelectMany(b => b.Parts).First(p => Type(p) == types[k]);
                    for (var n = 0; n < need[i, k]; n++)
                    {
                        if (n < a.Given[i, k])
                        {
                            var donor = Enumerable
                                .Range(0, boxes)
                                .First(j => !a.Chosen.Contains(j) && ask.Boxes[j].Lock != BoxLock.Aside && left[j, k] > 0);
                            left[donor, k]--;
                            moves.Add(
                                new(
                                    name.Kind,
                                    name.Fits,
                                    ask.Boxes[donor].Id,
                                    ask.Boxes[donor].Name,
                                    ask.Boxes[i].Id,
                                    ask.Boxes[i].Name,
                                    Estimate.None
                                )
                            );
                        }
                        else
                        {
                            moves.Add(new(name.Kind, name.Fits, null, null, ask.Boxes[i].Id, ask.Boxes[i].Name, Price(k)!.Money));
                        }
                    }
                }
            }

            return moves;
        }

        Estimate MoneyOf(int i, IEnumerable<PartMove> moves) =>
            moves.Where(m => m.To == ask.Boxes[i].Id).Aggregate(ask.Boxes[i].Money, (sum, m) => sum + m.Money) + Risk(i);

        /// <summary>Parts that nobody knows may have to be bought: that is in the high figure only.</summary>
        Estimate Risk(int i) =>
            new(
                0,
                0,
                ask.Boxes[i]
                    .Parts.Where(p => p.State == PartState.NotKnown)
                    .Sum(p => p.Count * (Price(types.IndexOf(Type(p)))?.Money.High ?? 0))
            );

        Estimate HoursOf(int i)
        {
            var fitting = ask.FittingHours * Enumerable.Range(0, types.Count).Sum(k => need[i, k]);
            return ask.Boxes[i].Hours + new Estimate(fitting, fitting, fitting);
        }

        public TriagePlan Describe(Answer best, Answer? second, string question)
        {
            var moves = Moves(best);
            var plans = Enumerable.Range(0, boxes).Select(i => Plan(i, best, moves)).ToList();
            var restored = plans.Where(p => p.Fate == BoxFate.Restore).ToList();
            var money = restored.Aggregate(Estimate.None, (s, p) => s + p.Money);
            var hours = restored.Aggregate(Estimate.None, (s, p) => s + p.Hours);
            var n = best.Chosen.Count;
            var given = moves.Count(m => m.From is not null);
            var (lost, lostSet) = Lost(best, second);
            var sentence =
                n == 0
                    ? "None is worth it: no box can be finished within the budget and for less than a complete one costs."
                    : $"Finish {(n <= 4 ? Words.And([.. restored.Select(p => p.Name)]) : $"these {n}")}: {given} {(given == 1 ? "part comes" : "parts come")} from the others, {(moves.Count - given) switch { 0 => "none is", 1 => "1 is", var k => $"{k} are" }} bought.";
            var untried = restored.Sum(p => ask.Boxes.First(b => b.Id == p.Id).Parts.Count(x => x.State == PartState.NotKnown));
            if (n > 0 && untried > 0)
            {
                sentence +=
                    $" {(untried == 1 ? "One part" : $"{untried} parts")} of {(n == 1 ? "it" : "them")} nobody has tried: it holds if {(untried == 1 ? "that works" : "those work")}.";
            }
            var over = money.High > ask.BudgetMoney || hours.High > ask.BudgetHours;
            var verdict = Verdict
                .Of(
                    question,
                    n == 0 ? Outcome.No
                        : over || untried > 0 ? Outcome.YesIf
                        : Outcome.Yes,
                    n > 0 && over ? $"{sentence} At the worst it goes past the budget." : sentence,
                    Basis.Rule,
                    new Reason(
                        $"Money: likely {Plain(money.Likely)}, {Plain(money.Low)} to {Plain(money.High)}, of {Plain(ask.BudgetMoney)}.",
                        new("money", money.Likely, "", null, ask.BudgetMoney),
                        "the boxes' own figures and the price list"
                    ),
                    new Reason(
                        $"Hours: likely {Plain(hours.Likely)}, {Plain(hours.Low)} to {Plain(hours.High)}, of {Plain(ask.BudgetHours)}.",
                        new("hours", hours.Likely, "h", null, ask.BudgetHours),
                        $"the boxes' own figures, and {Plain(ask.FittingHours)} h for each part that is fitted"
                    ),
                    new Reason(
                        best.Proven
                            ? "No other choice of boxes and parts is better: the solver proved it."
                            : "The solver ran out of time: a better choice may exist."
                    )
                )
                .Changing(WouldChange(best));
            return new(verdict, plans, moves, money, hours, n, lost, lostSet, best.Proven, ask.FittingHours, ask.StopLossShare);
        }

        BoxPlan Plan(int i, Answer a, List<PartMove> moves)
        {
            var b = ask.Boxes[i];
            if (a.Chosen.Contains(i))
            {
                var mine = moves.Where(m => m.To == b.Id).ToList();
                var bought = mine.Where(m => m.From is null).ToList();
                return new(
                    b.Id,
                    b.Name,
                    BoxFate.Restore,
                    MoneyOf(i, moves),
                    HoursOf(i),
                    mine,
                    mine.Count == 0
                        ? "Nothing is missing from it."
                        : string.Join(
                            " ",
                            new[]
                            {
                                mine.Any(m => m.From is not null)
                                    ? $"{Words.Capital(string.Join("; ", mine.Where(m => m.From is not null).GroupBy(m => m.FromName).Select(g => $"{Words.And([.. g.Select(m => m.Kind)])} from {g.Key}")))}."
                                    : "",
                                bought.Count > 0 ? $"Bought: {string.Join(", ", bought.Select(m => m.Kind))}." : "",
                            }.Where(s => s.Length > 0)
                        )
                );
            }

            if (b.Lock == BoxLock.Aside)
            {
                return new(
                    b.Id,
                    b.Name,
                    BoxFate.Aside,
                    Estimate.None,
                    Estimate.None,
                    [],
                    "Kept aside: you said so, so it neither gives nor is finished."
                );
            }
            var gives = moves.Where(m => m.From == b.Id).ToList();
            var giving =
                gives.Count > 0
                    ? $" It gives {string.Join(", ", gives.Select(g => $"{g.Kind} to {g.ToName}"))}."
                    : " Nothing of it is wanted now; its good parts go into the store.";
            return new(
                b.Id,
                b.Name,
                BoxFate.Donor,
                Estimate.None,
                Estimate.None,
                gives,
                (b.Lock == BoxLock.Donor ? "A donor because you said so." : WhyNot(i)) + giving
            );
        }

        string WhyNot(int i)
        {
            var b = ask.Boxes[i];
            var stuck = Enumerable
                .Range(0, types.Count)
                .Where(k =>
                    need[i, k] > 0
                    && Price(k) is null
                    && Enumerable.Range(0, boxes).Where(j => j != i && ask.Boxes[j].Lock != BoxLock.Aside).Sum(j => have[j, k]) < need[i, k]
                )
                .Select(k => types[k].Kind)
                .FirstOrDefault();
            if (stuck is not null)
            {
                return $"No other box has a {stuck} to give, and no price says that one can be bought.";
            }
            // The least that it can cost: every donor of the lot gives to it alone.
            double alone =
                b.Money.Likely
                + Enumerable
                    .Range(0, types.Count)
                    .Sum(k =>
                        Math.Max(
                            0,
                            need[i, k]
                                - Enumerable
                                    .Range(0, boxes)
                                    .Where(j => j != i && ask.Boxes[j].Lock is BoxLock.Free or BoxLock.Donor)
                                    .Sum(j => have[j, k])
                        ) * (Price(k)?.Money.Likely ?? 0)
                    );
            if (b.Complete is { } complete && alone > complete * ask.StopLossShare)
            {
                return $"Finishing it costs {Plain(alone)}, more than a complete one ({Plain(complete)}), whoever gives to it.";
            }
            if (alone > ask.BudgetMoney)
            {
                return $"Alone it would take {Plain(alone)}, more than the whole budget.";
            }
            return HoursOf(i).Likely > ask.BudgetHours
                ? $"Alone it would take {Plain(HoursOf(i).Likely)} h, more than there are."
                : "Finishing it would leave fewer finished, or cost more: it does more as a donor.";
        }

        (string, IReadOnlyList<string>) Lost(Answer best, Answer? second)
        {
            if (second is null)
            {
                return (best.Chosen.Count == 0 ? "" : "There is no other choice within the budget.", []);
            }
            var names = second.Chosen.Count == 0 ? "finishing none" : Words.And([.. second.Chosen.Select(i => ask.Boxes[i].Name)]);
            var fewer = best.Chosen.Count - second.Chosen.Count;
            double Worth(Answer a) => a.Chosen.Sum(i => ask.Boxes[i].Worth);
            var dearer = (second.Money - best.Money) / Cents;
            double Hours(Answer a) => a.Chosen.Sum(i => HoursOf(i).Likely);
            var why =
                ask.Aim == TriageAim.MostWorth && Worth(best) - Worth(second) > 1e-9 ? $"is worth {Plain(Worth(best) - Worth(second))} less"
                : ask.Aim == TriageAim.MostFinished && fewer > 0 ? $"finishes {(fewer == 1 ? "one fewer" : $"{fewer} fewer")}"
                : dearer > 0 ? $"finishes as many and costs {Plain(dearer)} more"
                : Hours(second) > Hours(best) + 1e-9 ? $"costs the same and takes {Plain(Hours(second) - Hours(best))} h longer"
                : "comes out the same in every figure";
            return ($"The next best, {names}, {why}.", [.. second.Chosen.Select(i => ask.Boxes[i].Id)]);
        }

        List<string> WouldChange(Answer best)
        {
            var list = new List<string>();
            if (best.Chosen.Count < ask.Boxes.Count(b => b.Lock is BoxLock.Free or BoxLock.Restore))
            {
                var more = Solve(null, budgetFree: true, atLeast: best.Chosen.Count + 1);
                if (more is null)
                {
                    list.Add("A price for a part that no box can give: no budget finishes one more as it is.");
                }
                else
                {
                    var hours = more.Chosen.Sum(i => HoursOf(i).Likely);
                    var parts = new[]
                    {
                        more.Money / Cents > ask.BudgetMoney
                            ? $"{Plain(Math.Ceiling(more.Money / Cents - ask.BudgetMoney))} more money"
                            : "",
                        hours > ask.BudgetHours ? $"{Plain(Math.Round(hours - ask.BudgetHours, 1))} more hours" : "",
                    }
                        .Where(s => s.Length > 0)
                        .ToList();
                    if (parts.Count > 0)
                    {
                        list.Add($"{string.Join(" and ", parts)} would finish one more.");
                    }
                }
            }

            list.AddRange(
                ask.Boxes.Where(b => b.Lock != BoxLock.Free)
                    .Select(b =>
                        $"{b.Name} is locked ({b.Lock switch { BoxLock.Restore => "to be finished", BoxLock.Donor => "as a donor", _ => "aside" }}): unlock it and the sum is made again."
                    )
            );
            if (ask.Boxes.Any(b => b.Parts.Any(p => p.State == PartState.NotKnown)))
            {
                list.Add("A look at the parts that nobody has tried.");
            }
            if (list.Count == 0)
            {
                list.Add("A dearer or cheaper part, or a box found to be better or worse.");
            }
            return list;
        }

        static string Plain(double v) => Markings.Si.Plain(Math.Round(v, 2));
    }
}
