using Haar.Core.Acts;
using Haar.Core.Boards;
using Haar.Core.Photos;
using Haar.Core.Verdicts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace Haar.Data.Log;

/// <summary>What every row is asked before it is kept, whoever wrote it: whether it can be, and whether what it names is its own machine's.</summary>
static class Belonging
{
    /// <exception cref="InvalidInputException">Names the field.</exception>
    public static void Check(HaarDb db)
    {
        foreach (var e in db.ChangeTracker.Entries().Where(e => e.State is EntityState.Added or EntityState.Modified).ToList())
        {
            (e.Entity as ICheckedRow)?.Check();
            if (e.Metadata.FindProperty("MachineId") is null)
            {
                continue;
            }
            var machine = (Guid)e.Property("MachineId").CurrentValue!;
            if (Named(e, "BoardId") is { } board && !Owns<Board>(db, board, machine))
            {
                throw new InvalidInputException("boardId", "That board is not one of this machine's.");
            }
            if (Named(e, "PhotoId") is { } photo && !Owns<Photo>(db, photo, machine))
            {
                throw new InvalidInputException("photoId", "That photo is not one of this machine's.");
            }
        }
    }

    /// <summary>What it names now; null where it names nothing, or named it before.</summary>
    static Guid? Named(EntityEntry e, string property) =>
        e.Metadata.FindProperty(property) is not null
        && e.Property(property) is { CurrentValue: Guid id } p
        && (e.State == EntityState.Added || p.IsModified)
            ? id
            : null;

    static bool Owns<T>(HaarDb db, Guid id, Guid machine)
        where T : class =>
        db.ChangeTracker.Entries<T>().FirstOrDefault(e => (Guid)e.Property("Id").CurrentValue! == id)
            is { State: not EntityState.Deleted } here
            ? (Guid)here.Property("MachineId").CurrentValue! == machine
            : db.Set<T>().Any(x => EF.Property<Guid>(x, "Id") == id && EF.Property<Guid>(x, "MachineId") == machine);
}
