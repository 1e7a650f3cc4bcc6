using Haar.Core.Planning;
using Haar.Core.Rooms;
using Haar.Core.Verdicts;

namespace Haar.Core.Stripdown;

/// <summary>What came apart, and what goes together again.</summary>
public sealed class StripdownRoom : Room
{
    public override IEnumerable<Share> Progress(MachineNow m)
    {
        var steps = m.Facts.StripSteps;
        if (steps.Count == 0)
        {
            yield break;
        }
        // Nobody knows how many steps are to come: each fills a tenth of what is left of the basin.
        yield return new(Stage.StripDown, 100, 100 * (1 - Math.Pow(0.9, steps.Count)) * 0.9);
        foreach (var s in steps.Where(s => !s.StaysOut))
        {
            yield return new(Stage.Rebuild, 10, s.BackAt is not null);
        }
        var fasteners = m.Fasteners;
        yield return new(Stage.Rebuild, 10, fasteners.Wrong + fasteners.LeftOver + fasteners.InTrays == 0);
    }

    public override string? Beneath(MachineNow m, Stage stage) =>
        m.Facts.StripSteps.Count == 0
            ? null
            : stage switch
            {
                Stage.StripDown => $"step {m.Facts.StripSteps.Max(s => s.Number) + 1}",
                Stage.Rebuild => m.Fasteners.LeftOver > 0
                    ? $"{m.Fasteners.LeftOver} left over"
                    : $"{m.Facts.StripSteps.Count(s => !s.StaysOut && s.BackAt is null)} to go",
                _ => null,
            };

    /// <summary>Put back in one go: what one still has in one's head. A house figure.</summary>
    const int InOneGo = 6;

    public override IEnumerable<WorkTask> Work(MachineNow m)
    {
        var steps = m.Facts.StripSteps;
        if (steps.Count > 0 && !m.Closed.Contains(Stage.StripDown))
        {
            yield return new("strip", "Strip down: the rest, each step recorded", Stage.StripDown, WorkKind.Assembling, new(10, 30, 90))
            {
                Why = "What is recorded now is what goes back right later.",
                Needs = "Phone, trays, driver",
                Screen = "stripdown",
            };
        }
        var back = m.Closed.Contains(Stage.Rebuild)
            ? []
            : steps.Where(s => s is { StaysOut: false, BackAt: null }).OrderByDescending(s => s.Number).ToList();
        for (var i = 0; i * InOneGo < back.Count; i++)
        {
            var here = back.Skip(i * InOneGo).Take(InOneGo).ToList();
            yield return new(
                $"rebuild/{i}",
                here.Count == 1 ? $"{here[0].Title} goes back" : $"{here.Count} pieces go back, {Words.Lower(here[0].Title)} first",
                Stage.Rebuild,
                WorkKind.Assembling,
                new(4 * here.Count, 8 * here.Count, 20 * here.Count)
            )
            {
                Why = "In the order that the record gives, tested before it is covered.",
                Needs = "Trays, driver",
                After = i > 0 ? [$"rebuild/{i - 1}"] : [],
                Screen = "rebuild",
            };
        }
    }

    public override IReadOnlyList<WorkTask> Shape(MachineNow m, IReadOnlyList<WorkTask> work) => CaseOpening.With(m, work);

    public override bool LeavesShut(MachineNow m, Stage stage) => m.Facts.Access?.DownTo is not null && m.Shut.Contains(stage);

    public override IEnumerable<NextAct> Acts(MachineNow m)
    {
        var steps = m.Facts.StripSteps;
        if (steps.Count == 0)
        {
            yield break;
        }
        if (!m.Closed.Contains(Stage.StripDown))
        {
            yield return new(
                $"Strip down: step {steps.Max(s => s.Number) + 1}",
                $"{steps.OrderByDescending(s => s.Number).First().Title} came off last. What is recorded now is what goes back right later.",
                Stage.StripDown,
                20,
                "Phone, trays, driver",
                false,
                0,
                steps.Min(s => s.At),
                "stripdown"
            );
        }
        else if (!m.Closed.Contains(Stage.Rebuild) && Rebuild(m) is { } rebuild)
        {
            yield return rebuild;
        }
    }

    static NextAct? Rebuild(MachineNow m)
    {
        NextAct Act(string title, string why, string screen, string needs = "") =>
            new(title, why, Stage.Rebuild, 10, needs, false, 0, m.Facts.StripSteps.Max(s => s.At), screen);
        var plan = m.Facts.Strip.Plan(m.Now);
        if (plan.Loop.Count > 0)
        {
            return Act("Correct the strip-down's record", plan.Verdict.Sentence, "rebuild");
        }
        var fasteners = m.Fasteners;
        if (fasteners.Wrong + fasteners.LeftOver > 0)
        {
            return Act(
                fasteners.Wrong > 0
                    ? "Take the wrong screw out again"
                    : $"Find the home of {(fasteners.LeftOver == 1 ? "one screw" : $"{fasteners.LeftOver} screws")} left over",
                fasteners.Verdict.Sentence,
                "fasteners"
            );
        }
        return plan.Steps.FirstOrDefault(s => !s.Waits) is { } step
            ? Act(step.Title, step.Why[0], "rebuild", step.Opens.Count > 0 ? $"Tray {string.Join(", ", step.Opens)}" : "")
            : null;
    }

    public override IEnumerable<Left> Left(MachineNow m)
    {
        var apart = m.Facts.StripSteps.Where(s => s is { StaysOut: false, BackAt: null }).ToList();
        if (apart.Count > 0)
        {
            yield return Rooms.Left.No(
                Stage.HandOver,
                $"Not yet. {(apart.Count == 1 ? $"{apart[0].Title} is" : $"{apart.Count} pieces are")} not back in.",
                "What is left out stays behind when the machine leaves.",
                "The rebuild, or a word that it stays out."
            );
        }
        if (m.Facts.StripFasteners.Count > 0 && m.Fasteners.Verdict is { Outcome: not Outcome.Yes } screws)
        {
            yield return new(Stage.Rebuild, screws.Sentence, Holds: false);
        }
    }

    public override IEnumerable<Written> WriteUp(WriteUpFacts w)
    {
        foreach (
            var b in w
                .Facts.BeforeAnswers.Where(b => b is { Skipped: true, Kind: BeforeKind.Measure or BeforeKind.Copy })
                .OrderBy(b => b.At)
        )
        {
            yield return new(
                b.Kind == BeforeKind.Measure ? WriteUpPart.Measured : WriteUpPart.Said,
                b.Kind == BeforeKind.Measure
                    ? $"Not compared, since it was not measured before: {Words.Lower(b.What)} ({b.Why})."
                    : $"Not copied before it was opened: {Words.Lower(b.What)} ({b.Why})."
            );
        }
        var deeper = w.Facts.Access?.DownTo is null ? [] : WorkLeft.Of(w.Now).Where(x => x.Deeper).ToList();
        if (deeper.Count > 0)
        {
            yield return new(
                WriteUpPart.Apart,
                $"Opened less far than all of its work needs, by choice; left for another time: {Words.And(deeper.Take(6).Select(x => Words.Lower(x.Title)))}{(deeper.Count > 6 ? " and more" : "")}."
            );
        }
        var steps = w.Facts.StripSteps;
        if (steps.Count == 0)
        {
            yield break;
        }
        static Written Line(string s) => new(WriteUpPart.Apart, s);
        var back = steps.Count(s => s.BackAt is not null);
        var stays = steps.Where(s => s.StaysOut).Select(s => s.Title.ToLowerInvariant()).ToList();
        yield return Line(
            $"{steps.Count} {(steps.Count == 1 ? "step" : "steps")} apart, {back} back in{(stays.Count > 0 ? $"; {string.Join(", ", stays)} stayed out" : "")}."
        );
        foreach (var s in steps.Where(s => s.ExchangedFor.Length > 0 && s.BackAt is not null))
        {
            yield return Line($"{Words.Capital(s.ExchangedFor)} in the place of {s.Title.ToLowerInvariant()}.");
        }
        foreach (var s in steps.Where(s => s.TestedAt is not null))
        {
            yield return Line($"Tested before it was covered: {Words.Sentence(s.DueBeforeCovered)}");
        }
        if (w.Now.Fasteners is { Rows.Count: > 0 } fasteners)
        {
            yield return Line(fasteners.Verdict.Sentence);
        }
    }
}
