using Haar.Core.Settings;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Workshop> Workshops => Set<Workshop>();
}

sealed class WorkshopTable : IEntityTypeConfiguration<Workshop>
{
    public void Configure(EntityTypeBuilder<Workshop> e)
    {
        e.Property(w => w.Id).ValueGeneratedNever();
    }
}
