using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Demo;
using Haar.Data.Photos;

namespace Haar.Web;

/// <summary>Brings the database up before the first request is answered; seeds the demo workshop when asked to.</summary>
static class Opening
{
    public static async Task RunAsync(DataFolder folder, bool demo)
    {
        await using var db = folder.Open();
        await DatabaseStart.RunAsync(db, folder, new BackupStore(folder, TimeProvider.System), TimeProvider.System);
        if (demo) { await new DemoWorkshop(db, new PhotoStore(folder), TimeProvider.System).SeedAsync(); }
    }
}
