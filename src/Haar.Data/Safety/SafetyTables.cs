using Haar.Core.Safety;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Danger> Dangers => Set<Danger>();
}

sealed class DangerTable : IEntityTypeConfiguration<Danger>
{
    public void Configure(EntityTypeBuilder<Danger> e)
    {
        e.OfMachine(d => d.MachineId);
        e.HasIndex(d => new { d.MachineId, d.AnsweredAt });
    }
}
