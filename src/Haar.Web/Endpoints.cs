using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Photos;
using Haar.Web.Backups;
using Haar.Web.Batteries;
using Haar.Web.Boards;
using Haar.Web.Capacitors;
using Haar.Web.Cleaning;
using Haar.Web.Colour;
using Haar.Web.Corrosion;
using Haar.Web.Costs;
using Haar.Web.Drying;
using Haar.Web.Finish;
using Haar.Web.Handover;
using Haar.Web.Http;
using Haar.Web.Identity;
using Haar.Web.Intake;
using Haar.Web.Keyboards;
using Haar.Web.Markings;
using Haar.Web.Mechanisms;
using Haar.Web.Meters;
using Haar.Web.Packs;
using Haar.Web.Parts;
using Haar.Web.Photos;
using Haar.Web.Planning;
using Haar.Web.Proving;
using Haar.Web.Settings;
using Haar.Web.Soldering;
using Haar.Web.Stripdown;
using Haar.Web.Survey;
using Haar.Web.Thermal;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web;

/// <param name="Sound">The database answers and passes its own quick check.</param>
public sealed record Health(bool Sound, string Sentence);

static class Endpoints
{
    public static void MapHaar(this WebApplication app)
    {
        var api = app.MapGroup("/api");
        api.AddEndpointFilter<OnceMore>();
        api.MapIdentity();
        api.MapWorkshop();
        api.MapSettings();
        api.MapMachines();
        api.MapPhotos();
        api.MapShipped();
        api.MapLots();
        api.MapSurvey();
        api.MapChecklist();
        api.MapStripdown();
        api.MapRebuild();
        api.MapBeforeOpening();
        api.MapOpening();
        api.MapStripPaper();
        api.MapStore();
        api.MapSupplies();
        api.MapLive();
        api.MapPower();
        api.MapBatteries();
        api.MapBoards();
        api.MapCapacitors();
        api.MapCorrosion();
        api.MapThermal();
        api.MapSoldering();
        api.MapCleaning();
        api.MapWhitening();
        api.MapFinish();
        api.MapMending();
        api.MapKeyboards();
        api.MapMechanisms();
        api.MapSuppliers();
        api.MapOrders();
        api.MapCheckCalendar();
        api.MapFitting();
        api.MapMeters();
        api.MapDrawer();
        api.MapPacks();
        api.MapProving();
        api.MapHandover();
        api.MapPlanning();
        api.MapPlan();
        api.MapBench();
        api.MapCosts();
        api.MapBackups();
        // A rule changes nothing, and scripts ask it.
        var calc = api.MapGroup("/calc");
        calc.RequireAuthorization(AccessPolicy.Rule);
        calc.WithMetadata(new WritesNoRow());
        calc.MapMarkingsCalc();
        calc.MapBatteriesCalc();
        calc.MapBoardsCalc();
        calc.MapCapacitorsCalc();
        calc.MapCorrosionCalc();
        calc.MapThermalCalc();
        calc.MapSolderingCalc();
        calc.MapCleaningCalc();
        calc.MapDryingCalc();
        calc.MapColourCalc();
        calc.MapFinishCalc();
        calc.MapPartsCalc();
        calc.MapMechanismsCalc();
        calc.MapIntakeCalc();
        calc.MapSurveyCalc();
        calc.MapStripdownCalc();
        calc.MapCostsCalc();
        calc.MapProvingCalc();
        calc.MapPlanningCalc();
        app.MapGet("/health", HealthAsync).WithName("Health").WithTags("Health").AllowAnonymous();
        app.MapGet("/schemas/haar-pack-1.schema.json", () => Results.Text(Data.Packs.PackStore.SchemaText, "application/schema+json"))
            .ExcludeFromDescription()
            .AllowAnonymous();
        app.Map("/api/{**rest}", () => Results.Problem("There is nothing at that address.", statusCode: 404, title: "Not here"))
            .ExcludeFromDescription()
            .WithOrder(int.MaxValue - 1);
        app.MapFallbackToFile("{**path:nonfile}", "index.html", Headers.Files).WithMetadata(new WithoutDatabase()).AllowAnonymous();
    }

    static async Task<IResult> HealthAsync(HaarDb db, CancellationToken cancel)
    {
        try
        {
            var said = (await db.Database.SqlQuery<string>($"SELECT quick_check AS Value FROM pragma_quick_check").ToListAsync(cancel))[0];
            return said == "ok"
                ? Results.Ok(new Health(true, "The database is sound."))
                : Results.Json(new Health(false, $"The database is damaged: {said}. Restore a backup."), statusCode: 503);
        }
        catch (Microsoft.Data.Sqlite.SqliteException e)
        {
            return Results.Json(new Health(false, $"The database does not answer: {e.Message}"), statusCode: 503);
        }
    }
}

/// <summary>Takes the day's backup, also when the workshop is never closed, and clears away what nothing speaks of any more.</summary>
sealed class DailyBackup(BackupStore backups, DataFolder folder, TimeProvider time, IServiceScopeFactory scopes, ILogger<DailyBackup> log)
    : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromHours(1));
        try
        {
            while (await timer.WaitForNextTickAsync(stoppingToken))
            {
                try
                {
                    backups.TakeDaily();
                    DiskSpace.KeepReserve(folder);
                    await using var scope = scopes.CreateAsyncScope();
                    await OrphanPhotos.SweepAsync(
                        scope.ServiceProvider.GetRequiredService<HaarDb>(),
                        folder,
                        time.GetUtcNow(),
                        stoppingToken
                    );
                }
                catch (Exception e) when (e is BackupException or IOException or Microsoft.Data.Sqlite.SqliteException)
                {
                    log.LogWarning("{Message}", e.Message);
                }
            }
        }
        catch (OperationCanceledException)
        {
            // The workshop closes.
        }
    }
}
