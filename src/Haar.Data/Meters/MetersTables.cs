using Haar.Core.Meters;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Reading> Readings => Set<Reading>();
}

sealed class ReadingTable : IEntityTypeConfiguration<Reading>
{
    public void Configure(EntityTypeBuilder<Reading> e)
    {
        e.OfMachine(f => f.MachineId);
        e.HasIndex(r => r.SubjectId);
        e.Property(r => r.Voided).HasColumnName("Struck");
    }
}
