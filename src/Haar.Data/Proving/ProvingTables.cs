using Haar.Core.Proving;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Proof> Proofs => Set<Proof>();
}

sealed class ProofTable : IEntityTypeConfiguration<Proof>
{
    public void Configure(EntityTypeBuilder<Proof> e)
    {
        e.OfMachine(f => f.MachineId);
    }
}
