using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<MachineStatusRow> Statuses => Set<MachineStatusRow>();
    public DbSet<Job> Jobs => Set<Job>();
    public DbSet<Wait> Waits => Set<Wait>();
    public DbSet<StageClosing> Closings => Set<StageClosing>();
}

sealed class MachineStatusRowTable : IEntityTypeConfiguration<MachineStatusRow>
{
    public void Configure(EntityTypeBuilder<MachineStatusRow> e)
    {
        // What is kept on the disk keeps the names that it was first given; the code's own may become clearer.
        e.ToTable("Standings");
        e.Property(s => s.Status).HasColumnName("Standing");
        e.HasKey(s => s.MachineId);
        e.HasOne<Machine>().WithOne().HasForeignKey<MachineStatusRow>(s => s.MachineId).OnDelete(DeleteBehavior.Cascade);
        e.Property(s => s.Status).Json();
        e.HasIndex(s => new
        {
            s.Removed,
            s.HandedOver,
            s.ArrivedAt,
        });
        e.HasIndex(s => new
            {
                s.Removed,
                s.HandedOver,
                s.HasNext,
                s.Danger,
                s.WantedBy,
                s.NextStage,
                s.Since,
            })
            .IsDescending(false, false, true, true, true, false, false);
        // The counts along the top read this alone, and never the wide rows.
        e.HasIndex(s => new
        {
            s.Removed,
            s.HandedOver,
            s.Stopped,
            s.HandsMinutesLeft,
        });
        e.HasIndex(s => s.StaleAt);
        e.HasIndex(s => s.UnlistedUntil).HasFilter("UnlistedUntil IS NOT NULL");
    }
}

sealed class JobTable : IEntityTypeConfiguration<Job>
{
    public void Configure(EntityTypeBuilder<Job> e)
    {
        e.OfMachine(f => f.MachineId);
        e.Property(j => j.After).Json();
        e.Ignore(j => j.WaitsFor);
        e.Ignore(j => j.WaitUntil);
        e.Ignore(j => j.OrderId);
        // Read with its wait, always: work whose wait was left out would look as if it were ready. Ended with it too, and named in the log.
        e.HasOne(j => j.Wait).WithOne().HasForeignKey<Wait>(w => w.JobId).OnDelete(DeleteBehavior.ClientCascade);
        e.Navigation(j => j.Wait).AutoInclude();
        // Work that comes after other work: few of many, and looked through at every act.
        e.HasIndex(j => j.State, "IX_Jobs_Dependent").HasFilter(""" "After" <> '[]' """.Trim());
    }
}

sealed class WaitTable : IEntityTypeConfiguration<Wait>
{
    public void Configure(EntityTypeBuilder<Wait> e)
    {
        e.OfMachine(w => w.MachineId);
        e.HasOne<Core.Parts.PartOrder>().WithMany().HasForeignKey(w => w.OrderId).OnDelete(DeleteBehavior.Restrict);
        e.HasIndex(w => w.Until);
    }
}

sealed class StageClosingTable : IEntityTypeConfiguration<StageClosing>
{
    public void Configure(EntityTypeBuilder<StageClosing> e)
    {
        e.OfMachine(f => f.MachineId);
        e.HasIndex(s => new { s.MachineId, s.Stage }).IsUnique();
    }
}
