using Haar.Core.Finish;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<SheetMetal> SheetMetals => Set<SheetMetal>();
    public DbSet<Mending> Mendings => Set<Mending>();
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

sealed class MendingTable : IEntityTypeConfiguration<Mending>
{
    public void Configure(EntityTypeBuilder<Mending> e)
    {
        e.OfMachine(m => m.MachineId);
        e.Property(m => m.Crack).Json();
        e.Property(m => m.Scratches).Json();
        e.Property(m => m.Other).Json();
        e.Property(m => m.Sheet).Json();
    }
}
