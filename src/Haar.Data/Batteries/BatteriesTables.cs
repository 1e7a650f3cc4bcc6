using Haar.Core.Batteries;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<MachineCell> Cells => Set<MachineCell>();
    public DbSet<MachinePack> MachinePacks => Set<MachinePack>();
}

sealed class MachineCellTable : IEntityTypeConfiguration<MachineCell>
{
    public void Configure(EntityTypeBuilder<MachineCell> e)
    {
        e.OfMachine(f => f.MachineId);
        e.Property(c => c.Site).Json();
    }
}

sealed class MachinePackTable : IEntityTypeConfiguration<MachinePack>
{
    public void Configure(EntityTypeBuilder<MachinePack> e)
    {
        e.OfMachine(p => p.MachineId);
        e.Property(p => p.Facts).Json();
    }
}
