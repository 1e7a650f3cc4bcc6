using Haar.Core.Costs;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<CostEntry> Costs => Set<CostEntry>();
}

sealed class CostEntryTable : IEntityTypeConfiguration<CostEntry>
{
    public void Configure(EntityTypeBuilder<CostEntry> e)
    {
        e.OfMachine(f => f.MachineId);
    }
}
