using System.Diagnostics;
using System.Globalization;
using System.Text.Json.Nodes;
using Haar.Data;

namespace Haar.Bench;

/// <summary>The plan as the server makes it: what a search takes of the machine that somebody works at, and what a thousand machines cost.</summary>
static class PlanServed
{
    const double MostMegabytes = 400;

    public static async Task<IReadOnlyList<(string, string, string, string, string)>> RunAsync(string root, string scratch)
    {
        var rows = new List<(string, string, string, string, string)>();
        await using (var demo = await Served.OpenAsync(root, Path.Combine(scratch, "plan"), "--demo=true"))
        {
            var idle = Megabytes(demo.Pid, "VmRSS");
            var watch = Stopwatch.StartNew();
            var first = JsonNode.Parse(await demo.Client.GetStringAsync("/api/plan"))!;
            var once = watch.Elapsed.TotalMilliseconds;
            var kept = await TimedAsync(demo, "/api/plan");
            await QuietAsync(demo.Pid);
            var (cpu, wall) = (ProcessorSeconds(demo.Pid), Stopwatch.StartNew());
            var (_, better) = await demo.PostAsync("/api/plan/better", new { });
            var cores = (ProcessorSeconds(demo.Pid) - cpu) / wall.Elapsed.TotalSeconds;
            var most = Megabytes(demo.Pid, "VmHWM");
            rows.Add(
                (
                    "The demo's plan, first and kept",
                    $"{once:0} ms, kept {kept:0} ms",
                    $"{first["plan"]!["tasks"]!.AsArray().Count} tasks; limit 1,000 ms",
                    $"{once / 1000:0.00}×",
                    "first under 1 s"
                )
            );
            rows.Add(
                (
                    "The demo's plan, after a search on one core",
                    $"{100 * better!["plan"]!["gap"]!.GetValue<double>():0.0} % over the bound in {wall.Elapsed.TotalSeconds:0.0} s",
                    $"first {100 * first["plan"]!["gap"]!.GetValue<double>():0.0} %",
                    $"{better["plan"]!["gap"]!.GetValue<double>() / 0.07:0.00}×",
                    "under 7 %"
                )
            );
            rows.Add(
                (
                    "Memory while a plan is searched",
                    $"{most:0} MB at most",
                    $"{idle:0} MB before; limit {MostMegabytes:0} MB",
                    $"{most / MostMegabytes:0.00}×",
                    "under 400 MB"
                )
            );
            rows.Add(
                (
                    "Cores that a search holds",
                    $"{cores:0.00}",
                    $"of {Environment.ProcessorCount}; limit 1",
                    $"{cores:0.00}×",
                    "no more than one"
                )
            );
        }
        var folder = new DataFolder(Path.Combine(scratch, "plan-thousand"));
        await Seed.FillAsync(folder, 1000);
        await using var thousand = await Served.OpenAsync(root, folder.Root);
        await thousand.PostAsync(
            "/api/plan/people",
            new
            {
                name = "Ines",
                skills = new[] { "soldering", "mains" },
                avoids = Array.Empty<string>(),
                hours = new[]
                {
                    new
                    {
                        day = "saturday",
                        from = "10:00:00",
                        to = "16:00:00",
                    },
                },
            }
        );
        var begun = Stopwatch.StartNew();
        await thousand.Client.GetStringAsync("/api/plan");
        var made = begun.Elapsed.TotalMilliseconds;
        var again = await TimedAsync(thousand, "/api/plan");
        var workshop = await TimedAsync(thousand, "/api/workshop");
        rows.Add(
            (
                "A kept plan, of 1,000 machines",
                $"{again:0} ms",
                $"made in {made:0} ms; the workshop's page {workshop:0} ms",
                $"{again / Math.Max(1, workshop):0.0}×",
                "no limit; beside the page"
            )
        );
        return rows;
    }

    /// <summary>A server that has just been opened still works by itself: waits until a second takes it next to nothing, half a minute at most.</summary>
    static async Task QuietAsync(int pid)
    {
        for (var i = 0; i < 30; i++)
        {
            var before = ProcessorSeconds(pid);
            await Task.Delay(1000);
            if (ProcessorSeconds(pid) - before < 0.05)
            {
                return;
            }
        }
    }

    static async Task<double> TimedAsync(Served served, string path)
    {
        await served.Client.GetStringAsync(path);
        var times = new List<double>();
        for (var i = 0; i < 5; i++)
        {
            var watch = Stopwatch.StartNew();
            await served.Client.GetStringAsync(path);
            times.Add(watch.Elapsed.TotalMilliseconds);
        }
        times.Sort();
        return times[times.Count / 2];
    }

    /// <summary>As the kernel keeps it: VmRSS is now, VmHWM the most so far.</summary>
    static double Megabytes(int pid, string what) =>
        double.Parse(
            File.ReadLines($"/proc/{pid}/status")
                .First(l => l.StartsWith(what, StringComparison.Ordinal))
                .Split(':')[1]
                .Replace("kB", "", StringComparison.Ordinal),
            CultureInfo.InvariantCulture
        ) / 1024;

    /// <summary>User and system time, in the hundredths of a second that Linux counts in.</summary>
    static double ProcessorSeconds(int pid)
    {
        var fields = File.ReadAllText($"/proc/{pid}/stat").Split(')')[^1].Split(' ', StringSplitOptions.RemoveEmptyEntries);
        return (double.Parse(fields[11], CultureInfo.InvariantCulture) + double.Parse(fields[12], CultureInfo.InvariantCulture)) / 100;
    }
}
