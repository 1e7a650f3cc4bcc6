using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<WhiteningRun> WhiteningRuns => Set<WhiteningRun>();
}

sealed class WhiteningRunTable : IEntityTypeConfiguration<WhiteningRun>
{
    public void Configure(EntityTypeBuilder<WhiteningRun> e)
    {
        e.OfMachine(r => r.MachineId);
        e.HasOne<CleanedItem>().WithMany().HasForeignKey(r => r.ItemId).OnDelete(DeleteBehavior.Restrict);
        e.Ignore(r => r.Running).Ignore(r => r.Comparable);
        e.Property(r => r.Repeats).Json();
        e.Property(r => r.Sessions).Json();
        e.Property(r => r.Readings).Json();
    }
}
