using Haar.Core.Intake;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Intake;

public sealed record FoundItemEdit(string Slot, string What, bool Absent, string DateCode, string Evidence, ItemFate? SaidFate);

/// <param name="Found">As recorded, by id.</param>
/// <param name="Slots">Every slot that any configuration has, for the list to choose from.</param>
public sealed record ShippedScreen(AsShippedResult Result, IReadOnlyList<FoundItem> Found, IReadOnlyList<string> Slots, bool HasProfile);

static class ShippedEndpoints
{
    public static void MapShipped(this IEndpointRouteBuilder api)
    {
        var m = api.MapGroup("/machines/{id:guid}/shipped").WithTags("Intake");
        m.MapGet("/", ScreenAsync).WithName("GetShipped");
        m.MapPost(
                "/",
                async (Guid id, FoundItemEdit e, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    await db.OnTheListAsync(id, cancel);
                    var f = new FoundItem { Id = work.NewId(), MachineId = id };
                    Apply(f, e);
                    if (await db.Items.AnyAsync(x => x.MachineId == id && x.Slot == f.Slot, cancel))
                    {
                        throw new Core.Verdicts.InvalidInputException("slot", $"“{f.Slot}” is noted already: change that one.");
                    }
                    db.Add(f);
                    return (await work.ActAsync(id, $"As found: {f.Slot}, {(f.Absent ? "not there" : f.What)}.", cancel)).Said(f.Id);
                }
            )
            .WithName("AddFoundItem");
        m.MapPut(
                "/{itemId:guid}",
                async (Guid id, Guid itemId, FoundItemEdit e, HttpRequest request, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var f = await db.Items.FirstOrDefaultAsync(x => x.Id == itemId && x.MachineId == id, cancel).OrNotHere("item");
                    UnitOfWork.Match(f, f.Version, request.Version());
                    Apply(f, e);
                    return (await work.ActAsync(id, $"As found: {f.Slot}, {(f.Absent ? "not there" : f.What)}.", cancel)).Said(itemId);
                }
            )
            .WithName("EditFoundItem");
        m.MapDelete(
                "/{itemId:guid}",
                async (Guid id, Guid itemId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var f = await db.Items.FirstOrDefaultAsync(x => x.Id == itemId && x.MachineId == id, cancel).OrNotHere("item");
                    db.Remove(f);
                    return (await work.ActAsync(id, $"No longer noted: {f.Slot}.", cancel)).Said(itemId);
                }
            )
            .WithName("RemoveFoundItem");
    }

    static void Apply(FoundItem f, FoundItemEdit e)
    {
        (f.Slot, f.What, f.Absent, f.DateCode, f.Evidence, f.SaidFate) = (
            e.Slot.Trim(),
            e.What.Trim(),
            e.Absent,
            e.DateCode.Trim(),
            e.Evidence.Trim(),
            e.SaidFate
        );
        AsShipped.Check(f);
    }

    static async Task<ShippedScreen> ScreenAsync(Guid id, HaarDb db, UnitOfWork work, PackStore packs, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        var found = await db.Items.AsNoTracking().Where(i => i.MachineId == id).OrderBy(i => i.Id).ToListAsync(cancel);
        var configurations =
            machine.Model.Length == 0
                ? []
                : (await packs.AllAsync(cancel))
                    .SelectMany(p => p.Machines)
                    .FirstOrDefault(p => p.Model == machine.Model && p.Configurations.Count > 0)
                    ?.Configurations
                    ?? [];
        return new(
            AsShipped.Of(configurations, found, machine.YearFrom, machine.YearTo, work.Today),
            found,
            [.. configurations.SelectMany(c => c.Items).Select(i => i.Slot).Distinct()],
            configurations.Count > 0
        );
    }
}
