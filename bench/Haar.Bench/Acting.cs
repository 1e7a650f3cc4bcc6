using System.Diagnostics;
using Haar.Data;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Haar.Bench;

/// <summary>What an act costs, on a small machine and on a large one.</summary>
static class Acting
{
    const int Runs = 60,
        Small = 20,
        Large = 2000;

    /// <summary>A reading on a board of 2,000 capacitors against one on 20, in a workshop of 1,000 machines; the median over HTTP, one after the other in turn.</summary>
    public static async Task<(string, string, string, string, string)> ReadingAsync(string root, DataFolder folder)
    {
        var small = await BoardWork.MapAsync(folder, Small);
        var large = await BoardWork.MapAsync(folder, Large);
        async Task<List<Guid>> Parts(Guid machine)
        {
            await using var db = folder.Open();
            return await db.Capacitors.Where(c => c.MachineId == machine).Select(c => c.Id).Take(Runs).ToListAsync();
        }
        var (few, many) = (await Parts(small), await Parts(large));
        SqliteConnection.ClearAllPools();
        await using var haar = await Served.OpenAsync(root, folder.Root);
        async Task<double> ReadAsync(Guid machine, Guid part)
        {
            var watch = Stopwatch.StartNew();
            var (status, body) = await haar.PostAsync(
                $"/api/machines/{machine}/capacitors/{part}/readings",
                new
                {
                    microfarads = 40.0 + Random.Shared.NextDouble(),
                    esrOhms = 0.5,
                    esrFrequencyHertz = 100_000,
                    leakageMicroamps = (double?)null,
                    inCircuit = false,
                    source = "typed",
                }
            );
            return status == 200 ? watch.Elapsed.TotalMilliseconds : throw new InvalidOperationException($"{status} {body}");
        }
        List<double> a = [],
            b = [];
        for (var i = 0; i < Runs; i++)
        {
            a.Add(await ReadAsync(small, few[i % few.Count]));
            b.Add(await ReadAsync(large, many[i % many.Count]));
        }
        // The first ones compile.
        double Median(List<double> times) => times.Skip(Runs / 3).Order().ElementAt(Runs / 3);
        return (
            $"A reading on a board of {Large:N0} capacitors",
            $"{Median(b):0.0} ms",
            $"on one of {Small}: {Median(a):0.0} ms; workshop of 1,000",
            $"{Median(b) / Median(a):0.00}×",
            "under 1.5×"
        );
    }
}
