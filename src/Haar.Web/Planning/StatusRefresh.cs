using Haar.Data;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Planning;

/// <summary>Computes again what another build of the rules computed, and what a day that has come changes: a few machines at a time, so that nobody waits for it.</summary>
sealed class StatusRefresh(IServiceScopeFactory scopes, TimeProvider time, Opened opened, ILogger<StatusRefresh> log) : BackgroundService
{
    /// <summary>Defaults: some tens of milliseconds of work, then others' turn; and often enough for a day that has come.</summary>
    const int AtOnce = 5;
    static readonly TimeSpan Between = TimeSpan.FromMilliseconds(200),
        Afterwards = TimeSpan.FromMinutes(10);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            await Task.WhenAny(opened.Database).WaitAsync(stoppingToken);
            while (opened.Database.IsCompletedSuccessfully)
            {
                await Task.Delay(await SomeAsync(stoppingToken) > 0 ? Between : Afterwards, time, stoppingToken);
            }
        }
        catch (OperationCanceledException)
        {
            // The workshop closes.
        }
    }

    /// <returns>How many were computed; none when the disk is full or the database busy, which is no reason to close the workshop: a later turn does it.</returns>
    async Task<int> SomeAsync(CancellationToken cancel)
    {
        try
        {
            await using var scope = scopes.CreateAsyncScope();
            return await MachineStatusKeeper.RefreshOldAsync(
                scope.ServiceProvider.GetRequiredService<HaarDb>(),
                time.GetUtcNow(),
                AtOnce,
                cancel
            );
        }
        catch (Exception e)
            when (e is Microsoft.Data.Sqlite.SqliteException or DbUpdateException or IOException or InvalidOperationException)
        {
            log.LogInformation("Computed again later: {Message}", e.Message);
            return 0;
        }
    }
}
