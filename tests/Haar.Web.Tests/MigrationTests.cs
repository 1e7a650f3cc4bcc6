using Haar.Core.Settings;
using Haar.Core.Survey;
using Haar.Data;
using Haar.Data.Backups;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;
using Microsoft.Extensions.DependencyInjection;

namespace Haar.Web.Tests;

/// <summary>A folder of the first Haar that shipped opens in this one, with a backup taken first and nothing lost.</summary>
public class MigrationTests
{
    [Fact]
    public async Task A_workshop_of_the_first_version_comes_up_to_date()
    {
        var path = Path.Combine(Path.GetTempPath(), "haar-tests", Guid.NewGuid().ToString("N"));
        Directory.CreateDirectory(path);
        var folder = new DataFolder(path);
        var machine = Guid.CreateVersion7();
        var step = Guid.CreateVersion7();
        await using (var db = folder.Open())
        {
            await db.GetService<IMigrator>().MigrateAsync("First");
            var ticks = DateTimeOffset.UtcNow.UtcTicks;
            // As the first version wrote it: every column of its own, none of ours.
            await db.Database.ExecuteSqlRawAsync(
                """
                INSERT INTO Workshops (Id, Name, EventName, Currency, MeterHost, MeterPort, MeterShowsPart, Version) VALUES (1, 'Old', '', 'EUR', '127.0.0.1', 5025, 1, 0);
                INSERT INTO Machines (Id, Name, Kind, Model, Class, Traits, CameFrom, Claimed, RecapSchool, RestorationSchool, Rails, ArrivedAt, Version) VALUES ({0}, 'Old tower', '', '', 'Level386', '["ataDrives"]', '', '', 'Evidence', 'AsShipped', '[]', {2}, 3);
                INSERT INTO PowerSteps (Id, MachineId, Kind, State, Load, Seen, Heard, Smelled, Said, Sentence, Version) VALUES ({1}, {0}, 'WholeBoard', 'Passed', '', '', '', '', '', 'Holds.', 1);
                """,
                machine.ToString().ToUpperInvariant(),
                step.ToString().ToUpperInvariant(),
                ticks
            );
            var changes =
                $$$"""[{"table":"PowerStep","key":"{{{step}}}","before":null,"after":{"id":"{{{step}}}","machineId":"{{{machine}}}","kind":"wholeBoard","state":"passed","load":"","seen":"","heard":"","smelled":"","said":"","sentence":"Holds.","version":1}}]""";
            await db.Database.ExecuteSqlRawAsync(
                "INSERT INTO Log (Id, MachineId, At, Sentence, Changes) VALUES ({0}, {1}, {2}, 'Through.', {3})",
                Guid.CreateVersion7().ToString().ToUpperInvariant(),
                machine.ToString().ToUpperInvariant(),
                ticks,
                changes
            );
        }

        await using var w = await Workshop.OpenAsync(folder: path);
        Assert.NotEmpty(Directory.GetFiles(Path.Combine(path, "backups"), "*migration*.zip"));
        using (var scope = w.Services.CreateScope())
        {
            var db = scope.ServiceProvider.GetRequiredService<HaarDb>();
            Assert.Equal(PowerStepKind.BareBoard, (await db.PowerSteps.SingleAsync()).Kind);
            Assert.Null((await db.Machines.SingleAsync()).Lot);
            Assert.NotNull((await db.Machines.SingleAsync()).Expectation);
        }

        // An act of the first version can still be undone.
        var log = (await w.GetAsync($"/api/machines/{machine}/log"))[0]!;
        Assert.True(log["canUndo"]!.GetValue<bool>());
        await w.DoAsync($"/api/log/{log["id"]!.GetValue<string>()}/undo");
        using (var scope = w.Services.CreateScope())
        {
            Assert.Empty(await scope.ServiceProvider.GetRequiredService<HaarDb>().PowerSteps.ToListAsync());
        }
    }

    [Fact]
    public async Task A_document_of_version_1_is_taken_in_as_the_present_one()
    {
        await using var w = await Workshop.OpenAsync();
        var id = Guid.NewGuid();
        var json = $$"""
            {"format":"haar-machine","version":1,"currency":"EUR","machine":{"id":"{{id}}","name":"Old tower","kind":"","model":"","class":"level386","traits":[],"cameFrom":"","claimed":"","recapSchool":"evidence","restorationSchool":"asShipped","rails":[],"arrivedAt":"2026-01-02T10:00:00+00:00","version":0},
             "powerSteps":[{"id":"{{Guid.NewGuid()}}","machineId":"{{id}}","kind":"wholeBoard","state":"passed","load":"","seen":"","heard":"","smelled":"","said":"","sentence":"Holds.","version":0}]}
            """;
        using var content = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        using var response = await w.Client.PostAsync("/api/machines/import", content);
        Assert.True(response.IsSuccessStatusCode, await response.Content.ReadAsStringAsync());
        using var scope = w.Services.CreateScope();
        var step = await scope.ServiceProvider.GetRequiredService<HaarDb>().PowerSteps.SingleAsync(TestContext.Current.CancellationToken);
        Assert.Equal((PowerStepKind.BareBoard, PowerStepState.Passed), (step.Kind, step.State));
    }

    [Fact]
    public async Task A_wait_of_a_document_of_version_4_is_one_of_its_own()
    {
        await using var w = await Workshop.OpenAsync();
        var (id, job) = (Guid.NewGuid(), Guid.NewGuid());
        var json = $$"""
            {"format":"haar-machine","version":4,"currency":"EUR","machine":{"id":"{{id}}","name":"Old tower","kind":"","model":"","class":"level386","traits":[],"cameFrom":"","claimed":"","recapSchool":"evidence","restorationSchool":"asShipped","rails":[],"arrivedAt":"2026-01-02T10:00:00+00:00","version":0},
             "jobs":[{"id":"{{job}}","machineId":"{{id}}","stage":"case","title":"Turn the shell","why":"","needs":"","minutes":5,"state":"waiting","waitsFor":"drying","waitUntil":"2126-01-02T10:00:00+00:00","after":[],"at":"2026-01-02T10:00:00+00:00","settles":false,"version":0,"orderId":"{{Guid.NewGuid()}}"}]}
            """;
        using var content = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        using var response = await w.Client.PostAsync("/api/machines/import", content);
        Assert.True(response.IsSuccessStatusCode, await response.Content.ReadAsStringAsync());
        var waiting = Assert.Single((await w.GetAsync("/api/workshop"))["withoutHands"]!.AsArray())!;
        Assert.Equal("drying", waiting["waitsFor"]!.GetValue<string>());
        var stage = await w.GetAsync($"/api/machines/{id}/stages/case");
        Assert.Equal("drying", stage["jobs"]![0]!["waitsFor"]!.GetValue<string>());
        // Taken up, it waits no longer; undone, it waits again; done, its wait is over with it.
        var took = await w.DoAsync(
            $"/api/machines/{id}/jobs/{job}/state",
            new
            {
                state = "toDo",
                waitsFor = (string?)null,
                waitUntil = (string?)null,
            }
        );
        Assert.Empty((await w.GetAsync("/api/workshop"))["withoutHands"]!.AsArray());
        await w.DoAsync($"/api/log/{took["logId"]!.GetValue<string>()}/undo");
        Assert.Single((await w.GetAsync("/api/workshop"))["withoutHands"]!.AsArray());
        await w.DoAsync(
            $"/api/machines/{id}/jobs/{job}/state",
            new
            {
                state = "done",
                waitsFor = (string?)null,
                waitUntil = (string?)null,
            }
        );
        Assert.Empty((await w.GetAsync("/api/workshop"))["withoutHands"]!.AsArray());
        // And with the work its wait goes, named, and comes back.
        await w.DoAsync(
            $"/api/machines/{id}/jobs/{job}/state",
            new
            {
                state = "waiting",
                waitsFor = "the sun",
                waitUntil = (string?)null,
            }
        );
        var (status, gone) = await w.SendAsync(HttpMethod.Delete, $"/api/machines/{id}/jobs/{job}");
        Assert.Equal(200, status);
        await w.DoAsync($"/api/log/{gone["logId"]!.GetValue<string>()}/undo");
        Assert.Equal("the sun", (await w.GetAsync($"/api/machines/{id}/stages/case"))["jobs"]![0]!["waitsFor"]!.GetValue<string>());
    }
}
