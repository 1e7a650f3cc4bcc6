using Haar.Core.Capacitors;
using Haar.Core.Handover;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Planning;
using Haar.Web.Http;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.WebUtilities;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Handover;

/// <param name="Ready">May it be handed over?</param>
public sealed record HandoverScreen(WriteUp WriteUp, Verdict Ready, DateTimeOffset? HandedOverAt);

public sealed record HandOverAsk(string? OverruleReason);

public sealed record Imported(Guid MachineId, string Sentence);

static class HandoverEndpoints
{
    /// <summary>However an import ends, what it took of memory is given back.</summary>
    sealed class GiveBack : IDisposable
    {
        public void Dispose() => MemoryBack.Give();
    }

    public static void MapHandover(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}").WithTags("Handover");
        m.MapGet("/write-up", ScreenAsync).WithName("GetWriteUp");
        m.MapPost("/hand-over", HandOverAsync).WithName("HandOver");
        m.MapDelete(
                "/hand-over",
                async (Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var machine = await db.Machines.FirstOrDefaultAsync(x => x.Id == id, cancel).OrNotHere("machine");
                    machine.HandedOverAt = null;
                    return (await work.ActAsync(id, $"{machine.Name} came back.", cancel)).Said(id);
                }
            )
            .WithName("TakeBack");
        m.MapGet(
                "/export",
                async (Guid id, MachineExchange exchange, CancellationToken cancel, bool photos = false) =>
                    photos
                        ? Blocking.Answer(
                            await exchange.ExportZipAsync(id, cancel).OrNotHere("machine"),
                            "application/zip",
                            $"machine-{id:N}.zip"
                        )
                        : Blocking.Answer(
                            await exchange.ExportJsonAsync(id, cancel).OrNotHere("machine"),
                            "application/json",
                            $"machine-{id:N}.json"
                        )
            )
            .WithName("ExportMachine")
            .WithSummary("The machine's document as JSON; with photos=true a ZIP of it and its photos.")
            .Produces(200, contentType: "application/json");
        api.MapPost(
                "/machines/import",
                async (HttpRequest request, MachineExchange exchange, DataFolder folder, CancellationToken cancel) =>
                {
                    // What is larger than a megabyte waits on the disk, not in memory.
                    await using var body = new FileBufferingReadStream(request.Body, 1_000_000, ImportedZip.MostBytes, folder.Root);
                    try
                    {
                        await body.DrainAsync(cancel);
                    }
                    catch (IOException e) when (e.Message.Contains("limit", StringComparison.OrdinalIgnoreCase))
                    {
                        throw new ImportException($"A document is at most {ImportedZip.MostBytes / 1_000_000} MB. Nothing was changed.");
                    }
                    body.Position = 0;
                    using var after = new GiveBack();
                    var (machineId, photos, missing) = await exchange.ImportAsync(body, cancel);
                    return new Imported(
                        machineId,
                        missing == 0 ? $"Taken in with {photos} photos." : $"Taken in; {missing} of its {photos} photos did not come along."
                    );
                }
            )
            .WithMetadata(new RequestSizeLimitAttribute(ImportedZip.MostBytes))
            .WithMetadata(new NotTwice())
            .WithName("ImportMachine")
            .WithTags("Handover")
            .Accepts<byte[]>("application/octet-stream", "application/json", "application/zip", "application/x-zip-compressed", "text/json")
            .Produces<Imported>();
    }

    static async Task<HandoverScreen> ScreenAsync(Guid id, HaarDb db, UnitOfWork work, CancellationToken cancel)
    {
        var facts = await MachineStatusKeeper.FactsAsync(db, id, cancel).OrNotHere("machine");
        var w = await db.Workshops.AsNoTracking().FirstAsync(w => w.Id == 1, cancel);
        var ids = facts.PartsUsed.ToHashSet();
        var parts = await db.Drawer.AsNoTracking().Where(p => ids.Contains(p.Id)).ToDictionaryAsync(p => p.Id, p => p.Spec, cancel);
        return new(WriteUps.Of(facts, w.Currency, work.Now, parts), Ready(facts, work.Now), facts.Machine.HandedOverAt);
    }

    static Verdict Ready(MachineFacts f, DateTimeOffset now) => HandoverReadiness.Judge(f, now);

    static Task<Acted> HandOverAsync(Guid id, HandOverAsk ask, UnitOfWork work, CancellationToken cancel) =>
        work.DoAsync(
                id,
                new HandOver(),
                (db, c) => MachineStatusKeeper.FactsToChangeAsync(db, id, c).OrNotHere("machine"),
                ask.OverruleReason,
                cancel
            )
            .Said();
}
