using Haar.Core.Thermal;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<HotPart> HotParts => Set<HotPart>();
}

sealed class HotPartTable : IEntityTypeConfiguration<HotPart>
{
    public void Configure(EntityTypeBuilder<HotPart> e)
    {
        e.OnBoard(h => h.MachineId, h => h.BoardId);
        e.Property(h => h.Facts).Json();
        e.Property(h => h.Fan).HasConversion<JsonText<FanFacts>, JsonTextComparer<FanFacts>>();
    }
}
