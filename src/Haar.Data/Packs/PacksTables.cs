using Haar.Data.Packs;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<PackRow> Packs => Set<PackRow>();
}

sealed class PackRowTable : IEntityTypeConfiguration<PackRow>
{
    public void Configure(EntityTypeBuilder<PackRow> e)
    {
        e.HasKey(p => p.Id);
    }
}
