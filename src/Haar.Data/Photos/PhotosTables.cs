using Haar.Core.Photos;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Photo> Photos => Set<Photo>();
}

sealed class PhotoTable : IEntityTypeConfiguration<Photo>
{
    public void Configure(EntityTypeBuilder<Photo> e)
    {
        e.OfMachine(f => f.MachineId);
        e.HasIndex(p => p.Hash);
    }
}
