using System.Text;
using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Packs;

public sealed record PackSummary(
    string Id,
    string Name,
    bool BuiltIn,
    IReadOnlyList<ProfileRow> Machines,
    int Boards,
    int Parts,
    int Kinds,
    IReadOnlyList<string> Methods
);

public sealed record ProfileRow(
    string Id,
    string Model,
    string Kind,
    MachineClass Class,
    int? YearFrom,
    int? YearTo,
    IReadOnlyList<Trait> Traits
);

public sealed record PackText(string Text);

static class PackEndpoints
{
    public static void MapPacks(this IEndpointRouteBuilder api)
    {
        var p = api.MapGroup("/packs").WithTags("Packs");
        p.MapGet(
                "/",
                async (HaarDb db, PackStore packs, CancellationToken cancel) =>
                {
                    var built = (await db.Packs.AsNoTracking().Where(x => x.BuiltIn).Select(x => x.Id).ToListAsync(cancel)).ToHashSet();
                    return (await packs.AllAsync(cancel))
                        .Select(k => new PackSummary(
                            k.Id,
                            k.Name,
                            built.Contains(k.Id),
                            [.. k.Machines.Select(m => new ProfileRow(m.Id, m.Model, m.Kind, m.Class, m.YearFrom, m.YearTo, m.Traits))],
                            k.Boards.Count,
                            k.Parts.Count,
                            k.Kinds.Count,
                            [.. k.Methods.Select(m => m.Name)]
                        ))
                        .ToList();
                }
            )
            .WithName("GetPacks");
        api.MapGet("/kinds", async (PackStore packs, CancellationToken cancel) => await packs.KindsAsync(cancel))
            .WithTags("Packs")
            .WithName("GetKinds")
            .WithSummary("What is usual of kinds of machines: likelihoods, to be confirmed by looking.");
        p.MapPost(
                "/",
                async (PackText pack, PackStore packs, CancellationToken cancel) =>
                {
                    var k = await packs.ImportAsync(pack.Text, cancel);
                    return new Acted(Guid.Empty, $"Pack “{k.Name}” imported.");
                }
            )
            .WithName("ImportPack");
        p.MapGet(
                "/{packId}",
                async (string packId, HaarDb db, CancellationToken cancel) =>
                {
                    var row = await db.Packs.AsNoTracking().FirstOrDefaultAsync(x => x.Id == packId, cancel).OrNotHere("pack");
                    return Results.File(Encoding.UTF8.GetBytes(row.Json), "application/json", $"{row.Id}.haar-pack.json");
                }
            )
            .WithName("ExportPack")
            .Produces(200, contentType: "application/json");
        p.MapDelete(
                "/{packId}",
                async (string packId, HaarDb db, PackStore packs, CancellationToken cancel) =>
                {
                    var row = await db.Packs.FirstOrDefaultAsync(x => x.Id == packId, cancel).OrNotHere("pack");
                    if (row.BuiltIn)
                    {
                        throw new InvalidInputException("packId", "The pack that ships with Haar stays.");
                    }
                    return (await packs.RemoveAsync(row, cancel)).Said();
                }
            )
            .WithName("RemovePack");
    }
}
