using System.Text;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Haar.Web.Tests;

/// <summary>A walk of acts over every room, undone in order to its start and redone to its end, leaves the same rows.</summary>
public partial class ActDecidesTests
{
    /// <summary>Every row of every table but the log and what is computed from the others; versions and times aside.</summary>
    static async Task<string> RowsAsync(Workshop w)
    {
        using var scope = w.Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<HaarDb>();
        var text = new StringBuilder();
        foreach (var type in db.Model.GetEntityTypes().OrderBy(t => t.GetTableName(), StringComparer.Ordinal))
        {
            var table = type.GetTableName()!;
            if (table is "Log" or "Standings" or "CapacitorStands" or "MachineWork" or "KeptPlans")
            {
                continue;
            }
            var columns = type.GetProperties().Select(p => p.GetColumnName()).Where(c => c != "Version").Order(StringComparer.Ordinal);
            await db.Database.OpenConnectionAsync();
            await using var command = db.Database.GetDbConnection().CreateCommand();
            command.CommandText = $"SELECT {string.Join(", ", columns.Select(c => $"\"{c}\""))} FROM \"{table}\" ORDER BY 1, 2, 3";
            await using var reader = await command.ExecuteReaderAsync();
            while (await reader.ReadAsync())
            {
                var row = new object[reader.FieldCount];
                reader.GetValues(row);
                text.Append(table).Append(": ").AppendJoin(" | ", row).Append('\n');
            }
        }
        return text.ToString();
    }

    sealed class Walker(Workshop w, string id, string board, Random random)
    {
        readonly List<string> caps = [];
        readonly List<string> findings = [];
        readonly List<string> steps = [];
        readonly List<string> areas = [];
        readonly List<string> nets = [];
        readonly List<string> parts = [];
        int serial;

        T? Any<T>(List<T> of) => of.Count == 0 ? default : of[random.Next(of.Count)];

        Task<(int, JsonNode)> Post(string path, object? body = null) => w.PostAsync($"/api/machines/{id}/{path}", body);

        Task<(int, JsonNode)> Delete(string path) => w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/{path}");

        /// <summary>One act, whatever comes of it; null when it was refused.</summary>
        public async Task<JsonNode?> ActAsync()
        {
            var (status, body, into) = random.Next(20) switch
            {
                0 or 1 => With(await Post($"boards/{board}/capacitors", Capacitor($"C{++serial}", "47 16V")), caps),
                2 => With(
                    await w.PostAsync(
                        "/api/drawer",
                        new
                        {
                            spec = new
                            {
                                kind = "aluminiumRadial",
                                microfarads = 47,
                                ratedVolts = 25,
                                maxCelsius = 105,
                            },
                            quantity = random.Next(1, 4),
                            place = "tray",
                            boughtOn = (string?)null,
                            price = 0.3,
                        }
                    ),
                    parts
                ),
                3 or 4 when Any(caps) is { } c && Any(parts) is { } p => With(
                    await Post($"capacitors/{c}/reserve", new { partId = p, overruleReason = "It will do." })
                ),
                5 or 6 or 7 when Any(caps) is { } c => With(await FittingAsync(c)),
                8 when Any(caps) is { } c => With(
                    await Post(
                        $"capacitors/{c}/readings",
                        new
                        {
                            microfarads = random.Next(5, 60),
                            esrOhms = random.NextDouble() * 8,
                            esrFrequencyHertz = 100000,
                            leakageMicroamps = (double?)null,
                            inCircuit = false,
                            source = "typed",
                        }
                    )
                ),
                9 when Any(caps) is { } c => With(await Delete($"capacitors/{c}")),
                10 => With(
                    await Post(
                        "survey/findings",
                        new
                        {
                            kind = random.Next(2) == 0 ? "leakingCell" : "rust",
                            place = "corner",
                            seen = $"Seen {++serial}.",
                            photoId = (string?)null,
                        }
                    ),
                    findings
                ),
                11 when Any(findings) is { } f => With(await Post($"survey/findings/{f}/dealt-with", new { how = "Done." })),
                12 when Any(findings) is { } f => With(
                    await Post(
                        "overrules",
                        new
                        {
                            of = "finding",
                            subject = f,
                            reason = "The owner says so.",
                        }
                    )
                ),
                13 => With(await Post("strip/steps", StripStep()), steps),
                14 when Any(steps) is { } s => With(await Post($"rebuild/{s}/back", new { secondLook = true })),
                15 => With(await Post($"boards/{board}/areas", Area($"corner {++serial}")), areas),
                16 when Any(areas) is { } a => With(
                    await TreatAsync(w, id, a, Any(["neutralise", "rinse", "alcohol", "dry"])!, 0, ph: 7, rinses: 3)
                ),
                17 => With(await Post($"boards/{board}/nets", Net()), nets),
                18 when Any(nets) is { } n => With(
                    await Post(
                        $"nets/{n}/readings",
                        new
                        {
                            ohms = 0.21,
                            open = false,
                            source = "4-wire meter",
                        }
                    )
                ),
                19 => With(
                    await Post(
                        "jobs",
                        new
                        {
                            stage = "case",
                            title = $"Work {++serial}",
                            why = "",
                            needs = "",
                            minutes = 10,
                            after = Array.Empty<string>(),
                        }
                    )
                ),
                _ => (0, new JsonObject(), null),
            };
            Assert.True(status is 0 or 200 or 400 or 404, $"{status} {body}");
            if (status != 200)
            {
                return null;
            }
            if (into is not null && body["id"] is { } made)
            {
                into.Add(made.GetValue<string>());
            }
            return body;
        }

        async Task<(int, JsonNode)> FittingAsync(string cap)
        {
            var step = Any(["remove", "checkPads", "mendPads", "clean", "fit", "checkWayRound"])!;
            return random.Next(8) == 0
                ? await Post($"capacitors/{cap}/again")
                : await ActDecidesTests.FittingAsync(w, id, cap, step, random.Next(2) == 0 ? "sound" : "lifted", "All the same.");
        }

        static (int, JsonNode, List<string>?) With((int Status, JsonNode Body) answer, List<string>? into = null) =>
            (answer.Status, answer.Body, into);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(4)]
    public async Task A_walk_of_acts_undone_to_its_start_and_redone_to_its_end_leaves_the_same_rows(int seed)
    {
        await using var w = await Workshop.OpenAsync();
        var (id, board, _) = await BoardAsync(w);
        var start = await RowsAsync(w);
        var walker = new Walker(w, id, board, new Random(seed));
        var acts = new List<JsonNode>();
        for (var i = 0; i < 70; i++)
        {
            if (await walker.ActAsync() is { } act)
            {
                acts.Add(act);
            }
        }
        Assert.True(acts.Count > 20, $"{acts.Count} acts went through");
        await KeptIsTrueAsync(w, id);
        var end = await RowsAsync(w);
        Assert.NotEqual(start, end);

        var undone = new List<JsonNode>();
        foreach (var act in Enumerable.Reverse(acts))
        {
            var (status, body) = await w.PostAsync($"/api/log/{act["logId"]}/undo");
            Assert.True(status == 200, $"undoing “{act["sentence"]}”: {status} {body}");
            undone.Add(body);
        }
        Assert.Equal(start, await RowsAsync(w));
        await KeptIsTrueAsync(w, id);

        foreach (var act in Enumerable.Reverse(undone))
        {
            var (status, body) = await w.PostAsync($"/api/log/{act["logId"]}/undo");
            Assert.True(status == 200, $"redoing “{act["sentence"]}”: {status} {body}");
        }
        Assert.Equal(end, await RowsAsync(w));
        await KeptIsTrueAsync(w, id);
    }

    /// <summary>What is kept of a machine says what would be computed of all of it.</summary>
    static async Task KeptIsTrueAsync(Workshop w, string id)
    {
        using var scope = w.Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<HaarDb>();
        var machine = Guid.Parse(id);
        var now = DateTimeOffset.UtcNow;
        var facts = await Haar.Data.Planning.MachineStatusKeeper.FactsAsync(db, machine);
        var whole = Haar.Core.Planning.MachineStatusRule.Of(facts!, now);
        var kept = (await db.Statuses.AsNoTracking().SingleAsync(s => s.MachineId == machine)).Status;
        static string Said(Haar.Core.Planning.MachineStatus s) =>
            string.Join(
                "; ",
                s.Others.Append(s.Next!)
                    .Where(a => a is not null)
                    .Select(a => $"{a.Title} {a.Minutes} {a.Danger}")
                    .Order()
                    .Concat(s.Progress.Select(p => $"{p.Stage} {p.Level:0.000} {p.State} {p.Waits}"))
                    .Append($"{s.Headline} {s.Detail} {s.HandsMinutesLeft}")
            );
        Assert.Equal(Said(whole), Said(kept));
    }
}
