using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Data.Capacitors;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Capacitor> Capacitors => Set<Capacitor>();
    public DbSet<CapacitorStandRow> CapacitorStands => Set<CapacitorStandRow>();
}

sealed class CapacitorTable : IEntityTypeConfiguration<Capacitor>
{
    public void Configure(EntityTypeBuilder<Capacitor> e)
    {
        e.OfMachine(f => f.MachineId);
        e.HasOne<Board>().WithMany().HasForeignKey(c => c.BoardId).OnDelete(DeleteBehavior.Restrict);
        e.Property(c => c.Spec).Json();
        e.Property(c => c.Signs).Json();
        e.Property(c => c.Fitting).Json();
        e.HasIndex(c => new { c.BoardId, c.Designator }).IsUnique();
    }
}

sealed class CapacitorStandRowTable : IEntityTypeConfiguration<CapacitorStandRow>
{
    public void Configure(EntityTypeBuilder<CapacitorStandRow> e)
    {
        e.HasIndex(s => new
        {
            s.MachineId,
            s.Stand,
            s.Score,
        });
        e.HasIndex(s => new { s.MachineId, s.Half });
        e.HasIndex(s => new
        {
            s.MachineId,
            s.Year,
            s.Rules,
        });
    }
}
