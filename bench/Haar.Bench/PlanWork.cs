using System.Diagnostics;
using Haar.Core.Planning;

namespace Haar.Bench;

/// <summary>Plans of many tasks: how near to the bound, and how long it takes.</summary>
static class PlanWork
{
    /// <summary>Machines of a dozen tasks each, in loose chains with waits; one iron, one bath; three people.</summary>
    /// <param name="evenings">Two hours an evening; otherwise always at the bench.</param>
    static ScheduleAsk Ask(int tasks, bool evenings, double seconds)
    {
        var r = new Random(5);
        var list = new List<PlanTask>();
        for (var i = 0; i < tasks; i++)
        {
            var first = i / 12 * 12;
            var place = r.Next(6) switch
            {
                0 => "iron",
                1 => "bath",
                _ => "",
            };
            list.Add(
                new()
                {
                    Id = $"t{i}",
                    Minutes = 10 + 5 * r.Next(14),
                    WaitMinutes = r.Next(5) == 0 ? 60 * (1 + r.Next(24)) : 0,
                    Places = place.Length > 0 ? [place] : [],
                    Skills = r.Next(8) == 0 ? ["solders"] : [],
                    Kind = $"k{r.Next(5)}",
                    After = i > first && r.Next(10) < 7 ? [$"t{first + r.Next(i - first)}"] : [],
                }
            );
        }
        Window[] Hours(int shift) =>
            evenings
                ? [.. Enumerable.Range(0, 380).Select(d => new Window(d * 1440 + 1080 + shift, d * 1440 + 1200 + shift))]
                : [new(0, Schedule.MostMinutes)];
        return new()
        {
            Tasks = list,
            Seconds = seconds,
            People =
            [
                new()
                {
                    Name = "Ines",
                    Skills = ["solders"],
                    Windows = Hours(0),
                },
                new() { Name = "Tam", Windows = Hours(30) },
                new()
                {
                    Name = "Odo",
                    Skills = ["solders"],
                    Windows = Hours(60),
                },
            ],
        };
    }

    public static IReadOnlyList<(string, string, string, string, string)> Run()
    {
        var rows = new List<(string, string, string, string, string)>();
        foreach (var (tasks, evenings) in new[] { (60, false), (60, true), (200, true), (600, false), (600, true) })
        {
            var watch = Stopwatch.StartNew();
            var first = Schedule.Of(Ask(tasks, evenings, 0));
            var list = watch.Elapsed.TotalMilliseconds;
            watch.Restart();
            var best = Schedule.Of(Ask(tasks, evenings, 5));
            var aim = evenings ? 0.07 : 0.02;
            rows.Add(
                (
                    $"A plan of {tasks} tasks{(evenings ? ", evenings" : "")}{(best.Proven ? ", proven" : "")}",
                    $"{100 * (best.Gap ?? 0):0.0} % over the bound in {watch.Elapsed.TotalSeconds:0.0} s",
                    $"first plan {100 * (double)(first.ReadyAt! - best.Bound) / best.Bound:0.0} % after {list:0} ms",
                    $"{(best.Gap ?? 0) / aim:0.00}×",
                    tasks == 60 ? "proven; first under 1 s" : $"under {100 * aim:0} % in 5 s"
                )
            );
        }
        var (chance, _) = Measure.Timed(() => PlanChance.Of(new(Ask(200, true, 0), 30 * 1440)));
        var (few, _) = Measure.Timed(() => PlanChance.Of(new(Ask(200, true, 0), 30 * 1440, Runs: 100)));
        rows.Add(
            (
                "The chance of 200 tasks, 1,000 runs",
                $"{chance:0} ms",
                $"100 runs: {few:0} ms; limit 2,000 ms",
                $"{chance / 2000:0.00}×",
                "under 2 s"
            )
        );
        var (next, _) = Measure.Timed(() => PlanNext.Of(new(Ask(600, false, 0), "Ines", ["iron"], 60)));
        rows.Add(("“Something else”, of 600 tasks", $"{next:0.0} ms", "limit 100 ms", $"{next / 100:0.00}×", "under 100 ms"));
        return rows;
    }
}
