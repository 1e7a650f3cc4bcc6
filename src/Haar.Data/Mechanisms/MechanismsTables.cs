using Haar.Core.Mechanisms;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Mechanism> Mechanisms => Set<Mechanism>();
}

sealed class MechanismTable : IEntityTypeConfiguration<Mechanism>
{
    public void Configure(EntityTypeBuilder<Mechanism> e)
    {
        e.OfMachine(m => m.MachineId);
        e.Property(m => m.Done).Json();
    }
}
