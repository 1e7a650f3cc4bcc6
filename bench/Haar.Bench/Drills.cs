using System.Collections.Concurrent;
using System.Diagnostics;
using System.IO.Compression;
using System.Text.Json.Nodes;
using Haar.Core.Parts;
using Haar.Core.Stripdown;
using Haar.Data;
using Haar.Web.Tests.Fuzz;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Row = (string What, string Figure, string Beside, string Ratio, string Aim);

namespace Haar.Bench;

/// <summary>What happens to a workshop when it is killed, damaged, filled up, crowded and attacked.</summary>
sealed class Drills(string root, string scratch)
{
    string Folder(string name) => Directory.CreateDirectory(Path.Combine(scratch, name)).FullName;

    /// <summary>Killed while three people write, a hundred times: every act that was acknowledged is there after the next start.</summary>
    public async Task<Row> KillsAsync(int kills)
    {
        var folder = Folder("kills");
        var random = new Random(1);
        var acknowledged = new ConcurrentBag<string>();
        var (lost, unsound) = (0, 0);
        for (var k = 0; k < kills; k++)
        {
            await using var haar = await Served.OpenAsync(root, folder);
            using var end = new CancellationTokenSource();
            var writers = Enumerable
                .Range(0, 3)
                .Select(w =>
                    Task.Run(async () =>
                    {
                        for (var i = 0; !end.IsCancellationRequested; i++)
                        {
                            var name = $"{k}-{w}-{i}";
                            try
                            {
                                if ((await haar.PostAsync("/api/machines", Served.Machine(name))).Status == 200)
                                {
                                    acknowledged.Add(name);
                                }
                            }
                            catch (Exception e) when (e is HttpRequestException or IOException)
                            {
                                return;
                            }
                        }
                    })
                )
                .ToList();
            // The first act after a start takes half a second.
            await Task.Delay(random.Next(300, 2000));
            await haar.KillAsync();
            await end.CancelAsync();
            await Task.WhenAll(writers);
        }
        await using (var last = await Served.OpenAsync(root, folder))
        {
            unsound += await Sound(last) ? 0 : 1;
        }
        using (var db = new DataFolder(folder).Open())
        {
            var there = db.Machines.Select(m => m.Name).ToHashSet();
            lost = acknowledged.Count(a => !there.Contains(a));
        }
        SqliteConnection.ClearAllPools();
        return (
            $"{kills} kills while three write: acknowledged acts lost",
            $"{lost} of {acknowledged.Count:N0}",
            $"databases unsound: {unsound}",
            "",
            "0"
        );
    }

    static async Task<bool> Sound(Served haar) => JsonNode.Parse(await haar.Client.GetStringAsync("/health"))!["sound"]!.GetValue<bool>();

    /// <summary>Killed while it starts: half of them on a folder that has never been opened, half on one that has.</summary>
    public async Task<Row> StartKillsAsync(int kills)
    {
        var random = new Random(2);
        var (stuck, folder) = (0, "");
        for (var k = 0; k < kills; k++)
        {
            if (k % 5 == 0)
            {
                folder = Folder($"start{k}");
            }
            await using (var begun = Served.Begin(root, folder, "--demo=true"))
            {
                await Task.Delay(random.Next(150, 2600));
                await begun.KillAsync();
            }
            if (k % 5 == 4)
            {
                try
                {
                    await using var haar = await Served.OpenAsync(root, folder, "--demo=true");
                    var machines = JsonNode.Parse(await haar.Client.GetStringAsync("/api/workshop"))!["machines"]!.AsArray().Count;
                    stuck += await Sound(haar) && machines >= 8 ? 0 : 1;
                }
                catch (InvalidOperationException)
                {
                    stuck++;
                }
            }
        }
        return ($"{kills} kills during the start: workshops that do not open whole", $"{stuck} of {kills / 5}", "5 kills each", "", "0");
    }

    /// <summary>The database overwritten, cut, emptied, taken away: ./haar restore brings it back.</summary>
    public async Task<Row> DamageAsync()
    {
        var (back, all) = (0, 0);
        foreach (var harm in new[] { "overwritten", "cut", "empty", "missing", "header" })
        {
            all++;
            var folder = Folder($"damage-{harm}");
            await using (var haar = await Served.OpenAsync(root, folder, "--demo=true"))
            {
                await haar.PostAsync("/api/backups", new { });
            }
            // All of it in the one file, so that harm to the file is harm.
            using (var db = new DataFolder(folder).Open())
            {
                db.Database.OpenConnection();
                using var flush = db.Database.GetDbConnection().CreateCommand();
                flush.CommandText = "PRAGMA wal_checkpoint(TRUNCATE)";
                flush.ExecuteNonQuery();
            }
            SqliteConnection.ClearAllPools();
            var path = Path.Combine(folder, "haar.db");
            foreach (var end in new[] { "-wal", "-shm" })
            {
                File.Delete(path + end);
            }
            var bytes = await File.ReadAllBytesAsync(path);
            switch (harm)
            {
                case "overwritten":
                    new Random(3).NextBytes(bytes.AsSpan(8192, bytes.Length / 2));
                    break;
                case "cut":
                    bytes = bytes[..(bytes.Length / 2)];
                    break;
                case "empty":
                    bytes = [];
                    break;
                case "header":
                    bytes.AsSpan(0, 200).Clear();
                    break;
            }
            await File.WriteAllBytesAsync(path, bytes);
            if (harm == "missing")
            {
                File.Delete(path);
            }
            var backup = Directory.GetFiles(Path.Combine(folder, "backups"), "*-hand.zip").Select(Path.GetFileName).Single()!;
            using var restore = Process.Start(
                new ProcessStartInfo("dotnet", ["artifacts/app/Haar.Web.dll", "restore", backup, "--data", folder])
                {
                    WorkingDirectory = root,
                    RedirectStandardOutput = true,
                }
            )!;
            await restore.WaitForExitAsync();
            await using var again = await Served.OpenAsync(root, folder);
            var machines = JsonNode.Parse(await again.Client.GetStringAsync("/api/workshop"))!["machines"]!.AsArray().Count;
            back += restore.ExitCode == 0 && machines >= 8 && await Sound(again) ? 1 : 0;
        }
        return ("Damaged databases restored by one command", $"{back} of {all}", "overwritten, cut, empty, missing, header", "", $"{all}");
    }

    /// <summary>A disk that is full: it reads and exports, refuses to write with a sentence, starts again, and goes on when there is room.</summary>
    public async Task<Row> FullDiskAsync()
    {
        var disk = Folder("disk");
        using (var mount = Process.Start("mount", ["-t", "tmpfs", "-o", "size=120m", "tmpfs", disk]))
        {
            await mount.WaitForExitAsync();
            if (mount.ExitCode != 0)
            {
                return ("A full disk", "not measured", "this user may not mount", "", "");
            }
        }
        try
        {
            var steps = new List<string>();
            var ballast = Path.Combine(disk, "ballast");
            void Fill()
            {
                using var file = new FileStream(ballast, FileMode.Append);
                foreach (var piece in new[] { 1_000_000, 65_536, 4096 })
                {
                    try
                    {
                        while (true)
                        {
                            file.Write(new byte[piece]);
                            file.Flush();
                        }
                    }
                    catch (IOException)
                    {
                        // No room for a piece of this size.
                    }
                }
            }
            void Step(string what, bool holds) => steps.Add(holds ? "" : what);
            string id;
            await using (var haar = await Served.OpenAsync(root, disk, "--demo=true"))
            {
                id = JsonNode.Parse(await haar.Client.GetStringAsync("/api/workshop"))!["machines"]![0]!["id"]!.GetValue<string>();
                Fill();
                var statuses = new List<int>();
                for (var i = 0; i < 400 && !statuses.Contains(507); i++)
                {
                    statuses.Add((await haar.PostAsync("/api/machines", Served.Machine($"Full {i}"))).Status);
                }
                Step("refuses", statuses[^1] == 507);
                Step("reads", (await haar.Client.GetAsync($"/api/machines/{id}")).IsSuccessStatusCode);
                Step("exports", (await haar.Client.GetAsync($"/api/machines/{id}/export?photos=true")).IsSuccessStatusCode);
                await haar.KillAsync();
            }
            Fill();
            await using (var again = await Served.OpenAsync(root, disk, "--demo=true"))
            {
                Step("starts", await Sound(again));
                Step("reads after the start", (await again.Client.GetAsync($"/api/machines/{id}")).IsSuccessStatusCode);
                Step(
                    "exports after the start",
                    (await again.Client.GetAsync($"/api/machines/{id}/export?photos=true")).IsSuccessStatusCode
                );
                Step(
                    "says what to free",
                    JsonNode.Parse(await again.Client.GetStringAsync("/api/backups/space"))!["sentence"]!.GetValue<string>().Length > 20
                );
                File.Delete(ballast);
                Step("goes on", (await again.PostAsync("/api/machines", Served.Machine("Room again"))).Status == 200);
            }
            var failed = steps.Where(s => s.Length > 0).ToList();
            return (
                "A full disk: refuses, reads, exports, starts, says what to free, goes on",
                failed.Count == 0 ? $"{steps.Count} of {steps.Count}" : $"fails: {string.Join(", ", failed)}",
                "120 MB filled to the last block",
                "",
                $"{steps.Count}"
            );
        }
        catch (InvalidOperationException e)
        {
            return ("A full disk", e.Message, "", "", "");
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            using var unmount = Process.Start("umount", [disk]);
            await unmount.WaitForExitAsync();
        }
    }

    /// <summary>Twenty who read and three who write, for a minute.</summary>
    public async Task<Row> LoadAsync(int seconds)
    {
        var folder = Folder("load");
        await Seed.FillAsync(new DataFolder(folder), 300);
        SqliteConnection.ClearAllPools();
        await using var haar = await Served.OpenAsync(root, folder);
        var ids = JsonNode.Parse(await haar.Client.GetStringAsync("/api/workshop"))!["machines"]!
            .AsArray()
            .Select(m => m!["id"]!.GetValue<string>())
            .ToList();
        var (reads, writes, wrong) = (new ConcurrentBag<double>(), new ConcurrentBag<double>(), 0);
        var refused = new ConcurrentDictionary<int, int>();
        haar.Memory();
        using var end = new CancellationTokenSource(TimeSpan.FromSeconds(seconds));
        async Task Timed(ConcurrentBag<double> times, Func<Task<int>> what)
        {
            var watch = Stopwatch.StartNew();
            if (await what() is var status && status != 200)
            {
                Interlocked.Increment(ref wrong);
                refused.TryAdd(status, status);
            }
            times.Add(watch.Elapsed.TotalMilliseconds);
        }
        var readers = Enumerable
            .Range(0, 20)
            .Select(r =>
                Task.Run(async () =>
                {
                    for (var i = r; !end.IsCancellationRequested; i++)
                    {
                        var path = i % 4 == 0 ? "/api/workshop" : $"/api/machines/{ids[i % ids.Count]}{(i % 4 == 1 ? "/capacitors" : "")}";
                        await Timed(
                            reads,
                            async () =>
                            {
                                using var answer = await haar.Client.GetAsync(path);
                                await answer.Content.ReadAsByteArrayAsync();
                                return (int)answer.StatusCode;
                            }
                        );
                        await Task.Delay(50);
                    }
                })
            );
        var writers = Enumerable
            .Range(0, 3)
            .Select(w =>
                Task.Run(async () =>
                {
                    for (var i = 0; !end.IsCancellationRequested; i++)
                    {
                        await Timed(
                            writes,
                            async () =>
                                (
                                    await haar.PostAsync(
                                        $"/api/machines/{ids[(i * 3 + w) % ids.Count]}/costs",
                                        new
                                        {
                                            what = $"Screws {w} {i}",
                                            amount = 1.2,
                                            minutes = 3,
                                        }
                                    )
                                ).Status
                        );
                        await Task.Delay(100);
                    }
                })
            );
        await Task.WhenAll([.. readers, .. writers]);
        static string At(ConcurrentBag<double> times, double share) => $"{times.Order().ElementAt((int)(times.Count * share)):0.0}";
        return (
            $"20 readers and 3 writers for {seconds} s, read p50 / p99",
            $"{At(reads, 0.5)} / {At(reads, 0.99)} ms ({reads.Count:N0})",
            $"write p50 / p99: {At(writes, 0.5)} / {At(writes, 0.99)} ms ({writes.Count:N0}); not 200: {wrong}{(wrong > 0 ? $" ({string.Join(", ", refused.Keys)})" : "")}; most memory {haar.Memory().Peak / 1e6:0} MB",
            "",
            "no error"
        );
    }

    public async Task<Row> FuzzAsync(int requests)
    {
        await using var haar = await Served.OpenAsync(root, Folder("fuzz"), "--demo=true");
        var result = await FuzzRun.RunAsync(haar.Client, requests, 7);
        foreach (var w in result.Wrong.Take(10))
        {
            Console.WriteLine(w);
        }
        Console.WriteLine($"  slowest: {result.SlowestRequest[..Math.Min(200, result.SlowestRequest.Length)]}");
        return (
            $"{requests:N0} made-up requests: answers that break a promise",
            $"{result.Wrong.Count}",
            $"slowest {result.Slowest.TotalMilliseconds:0} ms; {string.Join(", ", result.By.Select(b => $"{b.Key}: {b.Value}"))}",
            $"{result.Slowest.TotalSeconds / 2:0.00}×",
            "0; under 2 s"
        );
    }

    /// <summary>Pictures and a ZIP that are made to fill a memory.</summary>
    public async Task<IReadOnlyList<Row>> MemoryAsync()
    {
        await using var haar = await Served.OpenAsync(root, Folder("memory"), "--demo=true");
        var id = JsonNode.Parse(await haar.Client.GetStringAsync("/api/workshop"))!["machines"]![0]!["id"]!.GetValue<string>();
        var rows = new List<Row>();
        async Task Send(string what, string path, string type, byte[] bytes)
        {
            haar.Memory();
            using var content = new ByteArrayContent(bytes);
            content.Headers.ContentType = new(type);
            using var answer = await haar.Client.PostAsync(path, content);
            var (peak, _) = haar.Memory();
            await Task.Delay(3000);
            rows.Add(
                (
                    what,
                    $"{peak / 1e6:0} MB at most",
                    $"answered {(int)answer.StatusCode}; {haar.Memory().Now / 1e6:0} MB three seconds later; limit 300 MB",
                    $"{peak / 300e6:0.00}×",
                    "under 300 MB"
                )
            );
        }
        await Send("A JPEG of 16,000 × 7,500", $"/api/machines/{id}/photos", "image/jpeg", Hostile.Jpeg(16_000, 7500));
        await Send("A PNG of 16,000 × 7,500", $"/api/machines/{id}/photos", "image/png", Hostile.Png(16_000, 7500));
        await Send("A ZIP of 2 GB of zeros", "/api/machines/import", "application/zip", Hostile.Zip(2_000_000_000));
        await Send("A ZIP of a million files", "/api/machines/import", "application/zip", Hostile.ManyFiles(1_000_000));
        return rows;
    }

    public static IReadOnlyList<Row> Hard()
    {
        var rows = new List<Row>();
        foreach (var (steps, reach, limit) in new[] { (40, 4, 1000), (60, 8, 1000), (100, 6, 2000), (100, 0, 2000), (400, 5, 0) })
        {
            var (time, plan) = Measure.Timed(() => RebuildOrder.Plan(Hostile.Record(steps, reach)));
            rows.Add(
                (
                    $"A hard rebuild of {steps} steps{(reach == 0 ? ", all free" : "")}: {plan.Turns} turns, {plan.TrayChanges} trays",
                    $"{time:0} ms",
                    plan.Proven ? "proven" : $"bounded: at least {plan.LeastTurns} turns",
                    limit > 0 ? $"{time / limit:0.00}×" : "",
                    limit > 0 ? $"under {limit / 1000} s" : "answers"
                )
            );
        }
        var (few, _) = Measure.Timed(() => Reconcile.Of(Hostile.Fasteners(2000), Hostile.Spares(500)));
        var (many, _) = Measure.Timed(() => Reconcile.Of(Hostile.Fasteners(20_000), Hostile.Spares(5000)));
        rows.Add(
            (
                "Reconciling 20,000 fasteners with 5,000 spares",
                $"{many:0} ms",
                $"a tenth of it: {few:0} ms",
                $"{many / few:0.0}×",
                "n log n: 10 to 13×"
            )
        );
        var watch = Stopwatch.StartNew();
        var (needs, offers, suppliers) = Hostile.Order(400, 10_000);
        var order = OrderPlan.Of(needs, offers, suppliers, new DateOnly(2026, 1, 1), seconds: 8);
        rows.Add(
            (
                "An order of 400 values over 10,000 offers, 8 s allowed",
                $"{watch.Elapsed.TotalSeconds:0.0} s",
                order.Proven ? "proven" : $"{order.Parcels.Count} parcels, bound {order.Bound:0}, cost {order.Cost:0}",
                $"{watch.Elapsed.TotalSeconds / 8:0.00}×",
                "the limit holds"
            )
        );
        return rows;
    }
}
