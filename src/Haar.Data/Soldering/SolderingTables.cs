using Haar.Core.Soldering;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<SolderedPart> SolderedParts => Set<SolderedPart>();
}

sealed class SolderedPartTable : IEntityTypeConfiguration<SolderedPart>
{
    public void Configure(EntityTypeBuilder<SolderedPart> e)
    {
        e.OnBoard(p => p.MachineId, p => p.BoardId);
        e.Property(p => p.Sheet).Json();
    }
}
