using Haar.Core.Cleaning;
using Haar.Core.Keyboards;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Keyboard> Keyboards => Set<Keyboard>();
}

sealed class KeyboardTable : IEntityTypeConfiguration<Keyboard>
{
    public void Configure(EntityTypeBuilder<Keyboard> e)
    {
        e.OfMachine(k => k.MachineId);
        e.HasOne<CleanedItem>().WithMany().HasForeignKey(k => k.ItemId).OnDelete(DeleteBehavior.Restrict);
        e.Ignore(k => k.Away);
        e.Property(k => k.Corners).Json();
        e.Property(k => k.Caps).Json();
    }
}
