using Haar.Core.Corrosion;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<CorrosionArea> Areas => Set<CorrosionArea>();
    public DbSet<BoardNet> Nets => Set<BoardNet>();
}

sealed class CorrosionAreaTable : IEntityTypeConfiguration<CorrosionArea>
{
    public void Configure(EntityTypeBuilder<CorrosionArea> e)
    {
        e.OnBoard(a => a.MachineId, a => a.BoardId);
        e.Property(a => a.Outline).Json();
        e.Property(a => a.Inspections).HasColumnName("Looks").Json();
        e.Property(a => a.Treatment).Json();
        e.HasIndex(a => a.InspectOn);
    }
}

sealed class BoardNetTable : IEntityTypeConfiguration<BoardNet>
{
    public void Configure(EntityTypeBuilder<BoardNet> e)
    {
        e.OnBoard(n => n.MachineId, n => n.BoardId);
        e.Property(n => n.Path).Json();
        e.Property(n => n.Trace).Json();
    }
}
