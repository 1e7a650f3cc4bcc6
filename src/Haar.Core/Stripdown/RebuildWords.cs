using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>An order, said: each step with why it stands where it stands.</summary>
public static partial class RebuildOrder
{
    sealed partial class Search
    {
        static (int Turn, int Trays) Cost(Orientation lies, string[] open, Orientation nextOrientation, string[] nextTrays) =>
            (
                nextOrientation != Orientation.NotKnown && lies != Orientation.NotKnown && nextOrientation != lies ? 1 : 0,
                nextTrays.Count(t => !open.Contains(t))
            );

        public List<RebuildStep> Describe(List<int> order)
        {
            var steps = new List<RebuildStep>();
            var lies = Orientation.NotKnown;
            string[] open = [];
            // Tests of what is on already come first: nothing may cover it before.
            foreach (var x in p.Where(x => x.BackIn && !x.StaysOut && x.TestBeforeCovered.Length > 0 && !x.Tested))
            {
                steps.Add(Test(x));
            }
            for (var n = 0; n < order.Count; n++)
            {
                var x = p[order[n]];
                var (turn, trayChanges) = Cost(lies, open, x.Orientation, trays[order[n]]);
                var opens = trays[order[n]].Where(t => !open.Contains(t)).ToList();
                var ready = phase[order[n]] > 0 ? p.Where((_, i) => phase[i] > 0 && phase[i] <= phase[order[n]]).Max(z => z.Ready) : null;
                steps.Add(
                    new(
                        x.Id,
                        x.Number,
                        RebuildAct.PutBack,
                        x.ExchangedFor.Length > 0 ? $"Put in the {Words.Lower(x.ExchangedFor)}" : $"Put back the {Words.Lower(x.Title)}",
                        Why(order, n, turn > 0, trayChanges > 0, lies),
                        x.Orientation,
                        turn > 0,
                        opens,
                        ready == DateTimeOffset.MaxValue ? null : ready,
                        ready is not null
                    )
                );
                if (x.Orientation != Orientation.NotKnown)
                {
                    lies = x.Orientation;
                }
                if (trays[order[n]].Length > 0)
                {
                    open = trays[order[n]];
                }
                if (x.TestBeforeCovered.Length > 0 && !x.Tested)
                {
                    steps.Add(Test(x));
                }
            }

            return steps;
        }

        RebuildStep Test(RebuildPiece x)
        {
            var covers = coveredBy[Array.IndexOf(p, x)].Select(c => Words.Lower(p[c].Title)).ToList();
            return new(
                x.Id,
                x.Number,
                RebuildAct.Test,
                x.TestBeforeCovered,
                [
                    covers.Count > 0
                        ? $"Now, before {Words.And(covers)} {(covers.Count == 1 ? "covers" : "cover")} it."
                        : "As soon as it can be: a fault found now costs no taking apart.",
                ],
                Orientation.NotKnown,
                false,
                [],
                null
            );
        }

        List<string> Why(List<int> order, int n, bool turn, bool tray, Orientation lies)
        {
            var i = order[n];
            var why = new List<string>();
            var behindIt = before[i].Where(b => !p[b].StaysOut).Select(b => Words.Lower(p[b].Title)).ToList();
            if (behindIt.Count > 0)
            {
                why.Add($"After {Words.And(behindIt)}, which {(behindIt.Count == 1 ? "sits" : "sit")} behind it.");
            }
            if (coveredBy[i].Length > 0)
            {
                why.Add(
                    $"Before {Words.And([.. coveredBy[i].Select(c => Words.Lower(p[c].Title))])}, which {(coveredBy[i].Length == 1 ? "goes" : "go")} over it."
                );
            }
            if (p[i].StaysOut is false && p[i].ExchangedFor.Length > 0)
            {
                why.Add($"In place of {Words.Lower(p[i].Title)}: its holes and lead may differ.");
            }
            if (phase[i] > 0)
            {
                why.Add(
                    p[i].WaitsFor.Length > 0
                        ? $"Late, because it waits: {p[i].WaitsFor}."
                        : "Late, because what sits behind it still waits."
                );
            }
            if (turn)
            {
                why.Add("The machine is turned here because nothing more can be done as it lies.");
            }
            else if (!tray && n > 0 && lies != Orientation.NotKnown && p[i].Orientation == lies)
            {
                why.Add("Here, because the machine lies right for it and no other tray is needed.");
            }
            if (why.Count == 0)
            {
                why.Add(
                    n == 0
                        ? "First, because it was the last to come off and nothing has to go before it."
                        : "Nothing asks for another place, so it goes on in the strip-down's order, backwards."
                );
            }
            return why;
        }
    }
}
