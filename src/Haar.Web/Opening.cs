using Haar.Core.Planning;
using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Demo;
using Haar.Data.Photos;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web;

/// <summary>Asks once, shortly after the start, what every act will ask: the first screw written down at the bench is not to wait while queries are compiled.</summary>
sealed class WarmUp(IServiceScopeFactory scopes, TimeProvider time, Opened opened, ILogger<WarmUp> log) : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            await Task.WhenAny(opened.Database).WaitAsync(stoppingToken);
            if (!opened.Database.IsCompletedSuccessfully)
            {
                return;
            }
            // Not before the first page has been answered.
            await Task.Delay(TimeSpan.FromSeconds(1), stoppingToken);
            await using var scope = scopes.CreateAsyncScope();
            var db = scope.ServiceProvider.GetRequiredService<HaarDb>();
            var id = await db.Machines.AsNoTracking().OrderBy(m => m.Id).Select(m => (Guid?)m.Id).FirstOrDefaultAsync(stoppingToken);
            var facts = id is { } machine ? await MachineStatusKeeper.FactsAsync(db, machine, stoppingToken) : null;
            if (facts is not null)
            {
                _ = MachineStatusRule.Of(facts, time.GetUtcNow());
            }
        }
        catch (OperationCanceledException)
        {
            // The workshop closes.
        }
        catch (Exception e) when (e is Microsoft.Data.Sqlite.SqliteException or InvalidOperationException)
        {
            log.LogInformation("Nothing was warmed up: {Message}", e.Message);
        }
    }
}

/// <summary>Marks an endpoint that answers before the database is up.</summary>
sealed record WithoutDatabase;

/// <param name="Database">Done once the database is up; failed when it cannot be.</param>
sealed record Opened(Task Database);

/// <summary>Brings the database up before the first request is answered; seeds the demo workshop when asked to.</summary>
static class Opening
{
    public static async Task RunAsync(DataFolder folder, bool demo, string? suppliers = null, bool anew = false)
    {
        if (DiskSpace.ReleaseReserve(folder))
        {
            Console.Error.WriteLine(
                "The disk is full. Haar has given back the room that it kept for this day, so that the workshop can be read and exported: make room before anything new is written down. Settings say what takes how much."
            );
        }
        await using var db = folder.Open();
        await DatabaseStart.RunAsync(db, folder, new BackupStore(folder, TimeProvider.System), TimeProvider.System, anew);
        if (demo)
        {
            await (
                suppliers is null
                    ? new DemoWorkshop(db, new PhotoStore(folder), TimeProvider.System)
                    : new DemoWorkshop(db, new PhotoStore(folder), TimeProvider.System, suppliers)
            ).SeedAsync();
        }
        DiskSpace.KeepReserve(folder);
    }
}
