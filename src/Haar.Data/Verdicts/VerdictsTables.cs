using Haar.Core.Verdicts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Overrule> Overrules => Set<Overrule>();
}

sealed class OverruleTable : IEntityTypeConfiguration<Overrule>
{
    public void Configure(EntityTypeBuilder<Overrule> e)
    {
        e.OfMachine(f => f.MachineId);
    }
}
