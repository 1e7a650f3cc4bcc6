using Haar.Core.Intake;
using Haar.Data.Log;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<LogEntry> Log => Set<LogEntry>();
}

sealed class LogEntryTable : IEntityTypeConfiguration<LogEntry>
{
    public void Configure(EntityTypeBuilder<LogEntry> e)
    {
        e.HasOne<Machine>().WithMany().HasForeignKey(l => l.MachineId).OnDelete(DeleteBehavior.Restrict);
        e.HasIndex(l => new { l.MachineId, l.At });
    }
}
