using Haar.Core.Cleaning;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<CleanedItem> CleanedItems => Set<CleanedItem>();
}

sealed class CleanedItemTable : IEntityTypeConfiguration<CleanedItem>
{
    public void Configure(EntityTypeBuilder<CleanedItem> e)
    {
        e.OfMachine(i => i.MachineId);
        e.Property(i => i.Facts).Json();
        e.Property(i => i.Sheet).Json();
        e.Property(i => i.Worth).HasConversion<JsonText<WorthFacts>, JsonTextComparer<WorthFacts>>();
        e.Property(i => i.Odour).Json();
    }
}
