using System.Diagnostics;
using System.Text.Json;
using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Data;
using Microsoft.Data.Sqlite;

namespace Haar.Bench;

/// <summary>The rows of the table that are about boards.</summary>
static class BoardRows
{
    public static (string, string, string, string, string) Judging()
    {
        static double Run(int parts, int drawer)
        {
            var (all, stock) = (BoardWork.Parts(parts), BoardWork.Drawer(drawer));
            return Measure
                .Timed(() =>
                {
                    // The drawer is laid out anew each time, as a request does it.
                    var index = new DrawerIndex(stock, new DateOnly(2026, 1, 1));
                    return all.Count(p =>
                        CapacitorJudge.Judge("C1", p.Spec, [], p.Readings).Outcome == Haar.Core.Verdicts.Outcome.No
                        && index.Usable(p.Spec, p.Role).Count > 0
                    );
                })
                .Milliseconds;
        }

        var (small, large) = (Run(400, 500), Run(400, 5000));
        return (
            "Judging and substituting 400 parts, drawer of 5,000",
            $"{large:0.0} ms",
            $"drawer of 500: {small:0.0} ms; limit 100 ms",
            $"{large / small:0.00}×",
            "under 100 ms"
        );
    }

    public static (string, string, string, string, string) Ordering()
    {
        static (double Milliseconds, OrderResult Answer) Run(int values) =>
            Measure.Timed(() =>
                BoardWork.Order(values) is var (needs, offers, suppliers)
                    ? OrderPlan.Of(needs, offers, suppliers, new DateOnly(2026, 1, 1), seconds: 20)
                    : throw new InvalidOperationException()
            );
        var (small, _) = Run(20);
        var (large, plan) = Run(60);
        return (
            "An order of 60 values over 3 suppliers" + (plan.Proven ? ", proven" : ", NOT proven"),
            $"{large:0} ms",
            $"20 values: {small:0} ms; limit 2,000 ms",
            $"{large / small:0.00}×",
            "under 2 s, proven"
        );
    }

    public static async Task<(string, string, string, string, string)> PanningAsync(string root, string scratch)
    {
        async Task<JsonElement> Frames(int marks)
        {
            var folder = new DataFolder(Path.Combine(scratch, $"map{marks}"));
            var id = await BoardWork.MapAsync(folder, marks);
            SqliteConnection.ClearAllPools();
            var port = Measure.Port();
            using var haar = Measure.Start(root, ["artifacts/app/Haar.Web.dll", "--data", folder.Root], port, true);
            try
            {
                using var http = new HttpClient();
                for (var i = 0; i < 200; i++)
                {
                    try
                    {
                        if ((await http.GetAsync(new Uri($"http://127.0.0.1:{port}/health"))).IsSuccessStatusCode)
                        {
                            break;
                        }
                    }
                    catch (HttpRequestException)
                    {
                        // Not open yet.
                    }

                    await Task.Delay(100);
                }

                var info = new ProcessStartInfo("node") { WorkingDirectory = Path.Combine(root, "e2e"), RedirectStandardOutput = true };
                info.ArgumentList.Add("frames.mjs");
                info.ArgumentList.Add($"http://127.0.0.1:{port}/m/{id}/capacitors");
                using var node = Process.Start(info)!;
                var said = await node.StandardOutput.ReadToEndAsync();
                await node.WaitForExitAsync();
                return JsonDocument.Parse(said).RootElement;
            }
            finally
            {
                haar.Kill();
                await haar.WaitForExitAsync();
            }
        }

        var few = await Frames(20);
        var many = await Frames(2000);
        double Of(JsonElement e, string name) => e.GetProperty(name).GetDouble();
        return (
            $"Panning a map of {Of(many, "marks"):0} marks",
            $"{Of(many, "perSecond"):0.0} frames/s",
            $"{Of(few, "marks"):0} marks: {Of(few, "perSecond"):0.0} frames/s; 95 % within {Of(many, "worst"):0.0} ms",
            $"{Of(many, "perSecond") / Of(few, "perSecond"):0.00}×",
            "60 frames/s"
        );
    }
}
