using Haar.Core.Finish;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<SheetMetal> SheetMetals => Set<SheetMetal>();
}

sealed class SheetMetalTable : IEntityTypeConfiguration<SheetMetal>
{
    public void Configure(EntityTypeBuilder<SheetMetal> e)
    {
        e.OfMachine(m => m.MachineId);
        e.Property(m => m.Paint).Json();
        e.Property(m => m.Sheet).Json();
    }
}
