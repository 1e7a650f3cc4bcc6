using System.Diagnostics;
using System.Globalization;
using System.IO.Compression;
using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json;
using Haar.Bench;
using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Settings;
using Haar.Core.Stripdown;
using Haar.Data;
using Microsoft.Data.Sqlite;
using Lots = Haar.Bench.Lots;

// What ./haar bench measures. Every figure stands beside another from the same run; nothing here passes or fails.
var root = args[0];
var scratch = Path.Combine(Path.GetTempPath(), "haar-bench-" + Guid.NewGuid().ToString("N"));
var table = new List<(string What, string Figure, string Beside, string Ratio, string Aim)>();
try
{
    // ./haar bench boards measures the boards alone, ./haar bench drills the drills, ./haar bench speeds all but the drills.
    var only = args.ElementAtOrDefault(1);
    if (only is "acting")
    {
        // ./haar bench acting measures an act alone.
        var folder = new DataFolder(Path.Combine(scratch, "acting"));
        await Seed.FillAsync(folder, 1000);
        table.Add(await Acting.ReadingAsync(root, folder));
    }
    if (only is "plan")
    {
        // ./haar bench plan measures the plans alone.
        table.AddRange(PlanWork.Run());
        table.AddRange(await PlanServed.RunAsync(root, scratch));
    }
    if (only is "case")
    {
        // ./haar bench case measures what Case looks into.
        table.AddRange(await CaseWork.RunAsync(root, scratch));
    }
    if (only is null or "drills")
    {
        await DrillsAsync();
    }
    if (only is null or "speeds")
    {
        await EverythingElseAsync();
    }
    if (only is null or "speeds" or "boards")
    {
        Console.WriteLine("· boards, orders, and a map of 2,000 marks");
        table.Add(BoardRows.Judging());
        table.Add(BoardRows.Ordering());
        table.Add(await BoardRows.PanningAsync(root, scratch));
    }
}
finally
{
    if (Directory.Exists(scratch))
    {
        Directory.Delete(scratch, true);
    }
}

Console.WriteLine();
Console.WriteLine("| what | figure | beside | ratio | aim |\n|---|---|---|---|---|");
foreach (var r in table)
{
    Console.WriteLine($"| {r.What} | {r.Figure} | {r.Beside} | {r.Ratio} | {r.Aim} |");
}
return 0;

async Task DrillsAsync()
{
    var drills = new Drills(root, scratch);
    foreach (
        var (what, run) in new (string, Func<Task<IReadOnlyList<(string, string, string, string, string)>>>)[]
        {
            ("hard cases", () => Task.FromResult(Drills.Hard())),
            ("what is made to fill a memory", drills.MemoryAsync),
            ("damage", async () => [await drills.DamageAsync()]),
            ("a full disk", async () => [await drills.FullDiskAsync()]),
            ("20,000 made-up requests", async () => [await drills.FuzzAsync(20_000)]),
            ("20 readers and 3 writers for a minute", async () => [await drills.LoadAsync(60)]),
            ("50 kills during the start", async () => [await drills.StartKillsAsync(50)]),
            ("100 kills while three write", async () => [await drills.KillsAsync(100)]),
        }
    )
    {
        // ./haar bench drills memory runs the one with that word.
        if (args.ElementAtOrDefault(2) is { } word && !what.Contains(word, StringComparison.OrdinalIgnoreCase))
        {
            continue;
        }
        Console.WriteLine($"· {what}");
        var rows = await run();
        table.AddRange(rows);
        foreach (var r in rows)
        {
            Console.WriteLine($"  {r}");
        }
    }
}

async Task EverythingElseAsync()
{
    Console.WriteLine("· filling two workshops: 100 machines and 1,000");
    var small = new DataFolder(Path.Combine(scratch, "small"));
    var large = new DataFolder(Path.Combine(scratch, "large"));
    await Seed.FillAsync(small, 100);
    await Seed.FillAsync(large, 1000);
    SqliteConnection.ClearAllPools();

    Console.WriteLine("· starting");
    var hello = await StartMedianAsync(["artifacts/hello/Hello.dll"], "/", false);
    var haar = await StartMedianAsync(["artifacts/app/Haar.Web.dll", "--data", large.Root], "/api/workshop", true);
    Row("Start to first answer (workshop of 1,000)", haar, "bare hello", hello, "under 3×", "ms");

    Console.WriteLine("· asking");
    var (smallWorkshop, smallMachine, _) = await PagesAsync(small);
    var (workshop, machine, memory) = await PagesAsync(large);
    var (rawWorkshop, rawMachine) = Direct(large);
    var (cliWorkshop, cliMachine) = Cli(large);
    Row("Workshop, 1,000 machines", workshop, "sqlite3 shell, same rows as JSON", cliWorkshop, "under 3×", "ms");
    Row("Machine, 1,000 machines", machine, "sqlite3 shell, same rows as JSON", cliMachine, "under 3×", "ms");
    Row("Workshop, 1,000 machines", workshop, "SQLite in this process, same rows", rawWorkshop, "(for scale)", "ms");
    Row("Machine, 1,000 machines", machine, "SQLite in this process, same rows", rawMachine, "(for scale)", "ms");
    Row("Workshop, ten times the data", workshop, "100 machines", smallWorkshop, "under 1.5×", "ms");
    Row("Machine, ten times the data", machine, "100 machines", smallMachine, "under 1.5×", "ms");

    var first = FirstScreen();
    table.Add(
        (
            "First screen's script and styles, gzipped",
            $"{first / 1000.0:0} kB",
            "budget 150 kB",
            $"{first / 150_000.0:0.00}×",
            "under 150 kB"
        )
    );
    table.Add(("Memory after the run", $"{memory / 1e6:0} MB", "budget 250 MB", $"{memory / 250e6:0.00}×", "under 250 MB"));
    table.Add(Substituting());
    table.Add(Triaging());
    Console.WriteLine("· case: a photo of 12 megapixels, a keyboard, the ladder");
    table.AddRange(await CaseWork.RunAsync(root, scratch));
    Console.WriteLine("· plans of 60, 200 and 600 tasks");
    table.AddRange(PlanWork.Run());
    table.AddRange(await PlanServed.RunAsync(root, scratch));
    Console.WriteLine("· acting");
    table.Add(await Acting.ReadingAsync(root, large));
    table.Add(Rebuilding());
}

(string, string, string, string, string) Triaging()
{
    var (small, _) = Measure.Timed(() => Triage.Of(Lots.Large(30, 12)));
    var (large, plan) = Measure.Timed(() => Triage.Of(Lots.Large(60, 12)));
    return (
        "A lot of 60 boxes × 12 kinds, sorted" + (plan.Proven ? " and proven" : ", NOT proven"),
        $"{large:0} ms",
        $"30 boxes: {small:0} ms; limit 2,000 ms",
        $"{large / 2000:0.00}×",
        "under 2 s, proven"
    );
}

(string, string, string, string, string) Rebuilding()
{
    var (small, _) = Measure.Timed(() => RebuildOrder.Plan(Lots.Record(30)));
    var (large, plan) = Measure.Timed(() => RebuildOrder.Plan(Lots.Record(60)));
    return (
        "Order of a rebuild of 60 steps" + (plan.Proven ? ", proven" : ", NOT proven"),
        $"{large:0.0} ms",
        $"30 steps: {small:0.0} ms",
        $"{large / small:0.00}×",
        "(for scale)"
    );
}

void Row(string what, double figure, string beside, double other, string aim, string unit) =>
    table.Add((what, $"{figure:0.0} {unit}", $"{beside}: {other:0.0} {unit}", $"{figure / other:0.00}×", aim));

async Task<double> StartMedianAsync(string[] what, string path, bool isHaar)
{
    var times = new List<double>();
    using var http = new HttpClient();
    for (var i = 0; i < 6; i++)
    {
        var port = Measure.Port();
        var watch = Stopwatch.StartNew();
        using var p = Measure.Start(root, what, port, isHaar);
        while (true)
        {
            try
            {
                using var r = await http.GetAsync($"http://127.0.0.1:{port}{path}");
                r.EnsureSuccessStatusCode();
                break;
            }
            catch (HttpRequestException)
            {
                await Task.Delay(5);
            }
        }

        // The first start warms the disk's cache and does not count.
        if (i > 0)
        {
            times.Add(watch.Elapsed.TotalMilliseconds);
        }
        p.Kill();
        await p.WaitForExitAsync();
    }

    return Median(times);
}

async Task<(double Workshop, double Machine, double Memory)> PagesAsync(DataFolder folder)
{
    var port = Measure.Port();
    using var p = Measure.Start(root, ["artifacts/app/Haar.Web.dll", "--data", folder.Root], port, true);
    using var http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
    for (var i = 0; ; i++)
    {
        try
        {
            (await http.GetAsync("/health")).EnsureSuccessStatusCode();
            break;
        }
        catch (HttpRequestException) when (i < 400)
        {
            await Task.Delay(50);
        }
    }

    var screen = JsonDocument.Parse(await http.GetStringAsync("/api/workshop"));
    var ids = screen.RootElement.GetProperty("machines").EnumerateArray().Select(m => m.GetProperty("id").GetString()!).ToList();
    async Task<double> Ask(Func<int, string> path)
    {
        for (var i = 0; i < 150; i++)
        {
            await http.GetByteArrayAsync(path(i));
        }
        var times = new List<double>();
        for (var i = 0; i < 200; i++)
        {
            var watch = Stopwatch.StartNew();
            await http.GetByteArrayAsync(path(i));
            times.Add(watch.Elapsed.TotalMilliseconds);
        }

        return Median(times);
    }

    var workshop = await Ask(_ => "/api/workshop");
    var machine = await Ask(i => $"/api/machines/{ids[i % ids.Count]}");
    for (var i = 0; i < ids.Count; i++)
    {
        await http.GetByteArrayAsync($"/api/machines/{ids[i]}/capacitors");
    }
    p.Refresh();
    var memory = p.WorkingSet64;
    p.Kill();
    await p.WaitForExitAsync();
    return (workshop, machine, memory);
}

// The rows that the two pages are made of, read by whoever asks SQLite directly.
static string[] WorkshopRows() =>
    [
        "SELECT * FROM Workshops WHERE Id = 1",
        "SELECT HandedOver, count(*), sum(Stopped), sum(HandsMinutesLeft) FROM Standings WHERE Removed = 0 GROUP BY HandedOver",
        "SELECT * FROM Standings WHERE Removed = 0 AND HandedOver = 0 ORDER BY ArrivedAt, MachineId LIMIT 40",
        "SELECT * FROM Standings WHERE Removed = 0 AND HandedOver = 0 AND HasNext = 1 ORDER BY Danger DESC, WantedBy DESC, NextStage, Since LIMIT 6",
        "SELECT w.*, j.Title, m.Name FROM Waits w JOIN Jobs j ON j.Id = w.JobId JOIN Machines m ON m.Id = w.MachineId ORDER BY w.Until LIMIT 6",
    ];

static string[] MachineRows(string id) =>
    [
        $"SELECT * FROM Standings WHERE MachineId = '{id}'",
        $"SELECT * FROM Machines WHERE Id = '{id}'",
        $"SELECT * FROM Photos WHERE MachineId = '{id}' ORDER BY Id",
        $"SELECT * FROM Boards WHERE MachineId = '{id}' ORDER BY Id",
        $"SELECT EXISTS (SELECT 1 FROM Cells WHERE MachineId = '{id}')",
    ];

static List<string> Ids(SqliteConnection c)
{
    using var command = c.CreateCommand();
    command.CommandText = "SELECT MachineId FROM Standings ORDER BY ArrivedAt LIMIT 40";
    using var r = command.ExecuteReader();
    var ids = new List<string>();
    while (r.Read())
    {
        ids.Add(r.GetString(0));
    }
    return ids;
}

(double, double) Direct(DataFolder folder)
{
    using var c = new SqliteConnection(folder.ConnectionString);
    c.Open();
    var ids = Ids(c);
    double Ask(Func<int, string[]> rows)
    {
        var times = new List<double>();
        for (var i = 0; i < 300; i++)
        {
            var watch = Stopwatch.StartNew();
            foreach (var sql in rows(i))
            {
                using var command = c.CreateCommand();
                command.CommandText = sql;
                using var r = command.ExecuteReader();
                while (r.Read())
                {
                    for (var f = 0; f < r.FieldCount; f++)
                    {
                        _ = r.GetValue(f);
                    }
                }
            }

            if (i >= 100)
            {
                times.Add(watch.Elapsed.TotalMilliseconds);
            }
        }

        return Median(times);
    }

    return (Ask(_ => WorkshopRows()), Ask(i => MachineRows(ids[i % ids.Count])));
}

(double, double) Cli(DataFolder folder)
{
    List<string> ids;
    using (var c = new SqliteConnection(folder.ConnectionString))
    {
        c.Open();
        ids = Ids(c);
    }

    double Ask(Func<int, string[]> rows)
    {
        var times = new List<double>();
        for (var i = 0; i < 40; i++)
        {
            var watch = Stopwatch.StartNew();
            var info = new ProcessStartInfo("sqlite3") { RedirectStandardOutput = true };
            foreach (var a in new[] { "-json", "-readonly", folder.Database, string.Join(";", rows(i)) })
            {
                info.ArgumentList.Add(a);
            }
            using var p = Process.Start(info)!;
            p.StandardOutput.ReadToEnd();
            p.WaitForExit();
            if (p.ExitCode != 0)
            {
                throw new InvalidOperationException("sqlite3 could not answer.");
            }
            if (i >= 10)
            {
                times.Add(watch.Elapsed.TotalMilliseconds);
            }
        }

        return Median(times);
    }

    return (Ask(_ => WorkshopRows()), Ask(i => MachineRows(ids[i % ids.Count])));
}

// What the browser has to fetch before the workshop is drawn: the page's script, what it imports at once, the workshop's own, and the styles.
long FirstScreen()
{
    var dist = Path.Combine(root, "web/dist");
    var seen = new HashSet<string>();
    var open = new Stack<string>();
    foreach (
        var m in System
            .Text.RegularExpressions.Regex.Matches(File.ReadAllText(Path.Combine(dist, "index.html")), "/(assets/[^\"]+\\.(?:js|css))")
            .Cast<System.Text.RegularExpressions.Match>()
    )
    {
        open.Push(m.Groups[1].Value);
    }
    var workshop = Directory.GetFiles(Path.Combine(dist, "assets"), "Workshop-*").Select(f => "assets/" + Path.GetFileName(f));
    foreach (var w in workshop)
    {
        open.Push(w);
    }
    while (open.TryPop(out var file))
    {
        if (!seen.Add(file) || !file.EndsWith(".js", StringComparison.Ordinal))
        {
            continue;
        }
        // Static imports only: `from"./x.js"` and `import"./x.js"`; what is loaded when it is shown does not count.
        foreach (
            var m in System
                .Text.RegularExpressions.Regex.Matches(
                    File.ReadAllText(Path.Combine(dist, file)),
                    "(?:from|import)\\s*[\"']\\./([^\"']+\\.js)[\"']"
                )
                .Cast<System.Text.RegularExpressions.Match>()
        )
        {
            open.Push("assets/" + m.Groups[1].Value);
        }
    }

    return seen.Append("theme.js")
        .Sum(f =>
        {
            using var to = new MemoryStream();
            using (var gz = new GZipStream(to, CompressionLevel.SmallestSize, true))
            {
                gz.Write(File.ReadAllBytes(Path.Combine(dist, f)));
            }
            return to.Length;
        });
}

(string, string, string, string, string) Substituting()
{
    var random = new Random(3);
    double[] values = [1, 2.2, 4.7, 10, 22, 47, 100, 220, 470, 1000];
    double[] volts = [6.3, 10, 16, 25, 35, 50];
    CapacitorSpec Spec() =>
        new()
        {
            Kind = CapacitorKind.AluminiumRadial,
            Microfarads = values[random.Next(values.Length)],
            RatedVolts = volts[random.Next(volts.Length)],
            MaxCelsius = random.Next(2) == 0 ? 85 : 105,
        };
    var drawer = Enumerable.Range(0, 500).Select(_ => new DrawerCandidate(Guid.NewGuid(), Spec(), 3, null, "A1")).ToList();
    var parts = Enumerable.Range(0, 100).Select(_ => Spec()).ToList();
    double Run(int n)
    {
        var watch = Stopwatch.StartNew();
        foreach (var p in parts.Take(n))
        {
            Substitution.Rank(p, CapacitorRole.Bulk, drawer, new DateOnly(2026, 1, 1));
        }
        return watch.Elapsed.TotalMilliseconds;
    }

    Run(100);
    var one = Median([.. Enumerable.Range(0, 9).Select(_ => Run(10))]);
    var ten = Median([.. Enumerable.Range(0, 9).Select(_ => Run(100))]);
    return ("Substituting 100 parts from a drawer of 500", $"{ten:0.0} ms", $"10 parts: {one:0.0} ms", $"{ten / one:0.00}×", "about 10×");
}

static double Median(List<double> values)
{
    values.Sort();
    return values.Count % 2 == 1 ? values[values.Count / 2] : (values[values.Count / 2 - 1] + values[values.Count / 2]) / 2;
}
