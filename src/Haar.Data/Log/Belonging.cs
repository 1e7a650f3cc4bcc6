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
        // Looked for once: asked for every row, it would look through all of them each time.
        db.ChangeTracker.DetectChanges();
        var detects = db.ChangeTracker.AutoDetectChangesEnabled;
        db.ChangeTracker.AutoDetectChangesEnabled = false;
        try
        {
            var owned = new Dictionary<(Type, Guid, Guid), bool>();
            bool Mine<T>(Guid id, Guid machine)
                where T : class =>
                owned.TryGetValue((typeof(T), id, machine), out var mine)
                    ? mine
                    : owned[(typeof(T), id, machine)] = Owns<T>(db, id, machine);
            foreach (var e in db.ChangeTracker.Entries().Where(e => e.State is EntityState.Added or EntityState.Modified).ToList())
            {
                (e.Entity as ICheckedRow)?.Check();
                if (e.Metadata.FindProperty("MachineId") is null)
                {
                    continue;
                }
                var machine = (Guid)e.Property("MachineId").CurrentValue!;
                if (Named(e, "BoardId") is { } board && !Mine<Board>(board, machine))
                {
                    throw new InvalidInputException("boardId", "That board is not one of this machine's.");
                }
                if (Named(e, "PhotoId") is { } photo && !Mine<Photo>(photo, machine))
                {
                    throw new InvalidInputException("photoId", "That photo is not one of this machine's.");
                }
            }
        }
        finally
        {
            db.ChangeTracker.AutoDetectChangesEnabled = detects;
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
