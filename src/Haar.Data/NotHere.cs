using Microsoft.EntityFrameworkCore;

namespace Haar.Data;

/// <summary>There is no such thing here.</summary>
public sealed class NotHereException(string message) : Exception(message);

/// <summary>The machine was taken off the list while somebody was away with it. Nothing of theirs is lost: it can be put back.</summary>
public sealed class OffTheListException(Core.Intake.Machine machine)
    : Exception(
        $"“{machine.Name}” was taken off the list{(machine.RemovedAt is { } at ? $" on {at:d MMMM}" : "")}. What you recorded is kept where you are: put the machine back on the list, and it is sent."
    )
{
    public Guid MachineId { get; } = machine.Id;
}

public static class Here
{
    /// <summary>Throws unless the machine is here and on the list.</summary>
    public static async Task OnTheListAsync(this HaarDb db, Guid machineId, CancellationToken cancel)
    {
        var machine = await db.Machines.AsNoTracking().FirstOrDefaultAsync(m => m.Id == machineId, cancel).OrNotHere("machine");
        if (machine.RemovedAt is not null)
        {
            throw new OffTheListException(machine);
        }
    }

    public static async Task<T> OrNotHere<T>(this Task<T?> find, string what)
        where T : class =>
        await find ?? throw new NotHereException($"There is no such {what} here: it may have been taken away on another screen.");
}
