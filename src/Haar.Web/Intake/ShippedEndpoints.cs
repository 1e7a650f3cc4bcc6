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
        m.MapTyped(
            "/",
            "/{rowId:guid}",
            "FoundItem",
            new TypedRows<FoundItem, FoundItemEdit>(
                "item",
                x => new() { Id = x.Id, MachineId = x.MachineId },
                (f, e) =>
                    (f.Slot, f.What, f.Absent, f.DateCode, f.Evidence, f.SaidFate) = (
                        e.Slot.Trim(),
                        e.What.Trim(),
                        e.Absent,
                        e.DateCode.Trim(),
                        e.Evidence.Trim(),
                        e.SaidFate
                    ),
                Said,
                Said,
                f => $"No longer noted: {f.Slot}."
            )
            {
                Beside = async (db, f, _, cancel) =>
                {
                    if (await db.Items.AnyAsync(x => x.MachineId == f.MachineId && x.Slot == f.Slot && x.Id != f.Id, cancel))
                    {
                        throw new Core.Verdicts.InvalidInputException("slot", $"“{f.Slot}” is noted already: change that one.");
                    }
                },
            }
        );
    }

    static string Said(FoundItem f) => $"As found: {f.Slot}, {(f.Absent ? "not there" : f.What)}.";

    static async Task<ShippedScreen> ScreenAsync(Guid id, HaarDb db, UnitOfWork work, PackStore packs, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id, cancel).OrNotHere("machine");
        var found = await db.Items.AsNoTracking().Where(i => i.MachineId == id).OrderBy(i => i.Id).ToListAsync(cancel);
        var configurations = (await packs.OfModelAsync(machine.Model, p => p.Configurations.Count > 0, cancel))?.Configurations ?? [];
        return new(
            AsShipped.Of(configurations, found, machine.YearFrom, machine.YearTo, work.Today),
            found,
            [.. configurations.SelectMany(c => c.Items).Select(i => i.Slot).Distinct()],
            configurations.Count > 0
        );
    }
}
