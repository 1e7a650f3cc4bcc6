using Haar.Data;
using Haar.Data.Backups;
using Haar.Web.Http;

namespace Haar.Web.Backups;

static class BackupEndpoints
{
    public static void MapBackups(this IEndpointRouteBuilder api)
    {
        var b = api.MapGroup("/backups").WithTags("Backups").WithMetadata(new WritesNoRow());
        b.MapGet("/", (BackupStore store) => store.List()).WithName("GetBackups");
        b.MapPost("/", (BackupStore store) => store.Take("hand")).WithName("TakeBackup");
        b.MapGet("/space", (Data.DataFolder folder) => Data.DiskSpace.Of(folder))
            .WithName("GetDiskSpace")
            .WithSummary("What the workshop takes of its disk, what is left, and what to free when that is little.");
        b.MapDelete(
                "/{name}",
                (string name, BackupStore store) =>
                {
                    store.Remove(name);
                    return new Acted(Guid.Empty, $"Backup deleted: {name}.");
                }
            )
            .WithName("RemoveBackup")
            .WithSummary("Deletes one backup, to make room. The newest always stays.");
        b.MapPost(
                "/{name}/restore",
                (string name, BackupStore store) =>
                {
                    if (store.List().All(x => x.Name != name))
                    {
                        throw new NotHereException($"There is no backup “{name}”. Nothing was changed.");
                    }
                    return new Acted(Guid.Empty, store.Restore(name).Sentence);
                }
            )
            .WithName("RestoreBackup");
        b.MapGet(
                "/{name}",
                (string name, BackupStore store) =>
                    store.List().Any(x => x.Name == name)
                        ? Blocking.Answer(to => store.Whole(name, to), "application/zip", name)
                        : throw new NotHereException("There is no such backup.")
            )
            .WithName("DownloadBackup")
            .Produces(200, contentType: "application/zip");
    }
}
