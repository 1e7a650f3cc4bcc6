using Haar.Core.Acts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<CircuitWork> CircuitWorks => Set<CircuitWork>();
    public DbSet<DoneOtherwise> Otherwise => Set<DoneOtherwise>();
}

sealed class CircuitWorkTable : IEntityTypeConfiguration<CircuitWork>
{
    public void Configure(EntityTypeBuilder<CircuitWork> e) => e.OfMachine(w => w.MachineId);
}

sealed class DoneOtherwiseTable : IEntityTypeConfiguration<DoneOtherwise>
{
    public void Configure(EntityTypeBuilder<DoneOtherwise> e) => e.OfMachine(o => o.MachineId);
}
