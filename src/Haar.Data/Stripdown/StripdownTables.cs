using Haar.Core.Stripdown;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<StripStep> StripSteps => Set<StripStep>();
    public DbSet<BeforeAnswer> BeforeAnswers => Set<BeforeAnswer>();
    public DbSet<MachineAccess> Accesses => Set<MachineAccess>();
    public DbSet<StripFastener> StripFasteners => Set<StripFastener>();
    public DbSet<StripConnector> StripConnectors => Set<StripConnector>();
}

sealed class StripStepTable : IEntityTypeConfiguration<StripStep>
{
    public void Configure(EntityTypeBuilder<StripStep> e)
    {
        e.OfMachine(s => s.MachineId);
        e.Property(s => s.Behind).Json();
        e.Property(s => s.Marks).Json();
        e.Property(s => s.Orientation).HasColumnName("Lies");
        e.Property(s => s.Polarity).HasColumnName("WayRound");
        e.HasIndex(s => new { s.MachineId, s.Number }).IsUnique();
    }
}

sealed class StripFastenerTable : IEntityTypeConfiguration<StripFastener>
{
    public void Configure(EntityTypeBuilder<StripFastener> e)
    {
        e.OfMachine(f => f.MachineId);
        e.HasOne<StripStep>().WithMany().HasForeignKey(f => f.StepId).OnDelete(DeleteBehavior.Restrict);
        e.Property(f => f.Marks).Json();
        e.Property(f => f.Returns).Json();
    }
}

sealed class StripConnectorTable : IEntityTypeConfiguration<StripConnector>
{
    public void Configure(EntityTypeBuilder<StripConnector> e)
    {
        e.OfMachine(c => c.MachineId);
        e.HasOne<StripStep>().WithMany().HasForeignKey(c => c.StepId).OnDelete(DeleteBehavior.Restrict);
        e.Property(c => c.Marks).Json();
        e.Property(c => c.Polarity).HasColumnName("WayRound");
    }
}

sealed class BeforeAnswerTable : IEntityTypeConfiguration<BeforeAnswer>
{
    public void Configure(EntityTypeBuilder<BeforeAnswer> e)
    {
        e.OfMachine(b => b.MachineId);
        e.HasIndex(b => new { b.MachineId, b.Key }).IsUnique();
    }
}

sealed class MachineAccessTable : IEntityTypeConfiguration<MachineAccess>
{
    public void Configure(EntityTypeBuilder<MachineAccess> e)
    {
        e.OfMachine(a => a.MachineId);
        e.HasIndex(a => a.MachineId).IsUnique();
        e.Property(a => a.Pieces).Json();
        e.Property(a => a.Behind).Json();
        e.Property(a => a.DownTo!).Json();
    }
}
