using Haar.Core.Boards;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Board> Boards => Set<Board>();
}

sealed class BoardTable : IEntityTypeConfiguration<Board>
{
    public void Configure(EntityTypeBuilder<Board> e)
    {
        e.OfMachine(f => f.MachineId);
        e.Property(x => x.Map).Json();
    }
}
