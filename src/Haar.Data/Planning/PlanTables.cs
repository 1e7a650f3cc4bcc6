using Haar.Core.Intake;
using Haar.Core.Planning;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data.Planning
{
    /// <summary>What is left to do on a machine, as it was computed in the act that last touched it. Never the truth itself.</summary>
    public sealed class MachineWorkRow
    {
        public Guid MachineId { get; init; }
        public IReadOnlyList<WorkTask> Work { get; set; } = [];
    }

    /// <summary>The plan that everybody sees; one row, computed from the others.</summary>
    public sealed class KeptPlanRow
    {
        public int Id { get; init; } = 1;
        public DateTimeOffset MadeAt { get; set; }

        /// <summary>A fingerprint of all that it was made from.</summary>
        public string Facts { get; set; } = "";

        /// <summary>Seconds that went into a better one, for these facts.</summary>
        public double Seconds { get; set; }
        public KeptPlan Plan { get; set; } = null!;

        /// <summary>What comes first of it, so that the workshop reads a few and not the whole plan.</summary>
        public IReadOnlyList<KeptTask> Firsts { get; set; } = [];
    }
}

namespace Haar.Data
{
    public sealed partial class HaarDb
    {
        public DbSet<BenchPerson> People => Set<BenchPerson>();
        public DbSet<BenchPlace> Places => Set<BenchPlace>();
        public DbSet<PlanPin> Pins => Set<PlanPin>();
        public DbSet<WorkTaken> Taken => Set<WorkTaken>();
        public DbSet<MachineWorkRow> MachineWork => Set<MachineWorkRow>();
        public DbSet<KeptPlanRow> Plans => Set<KeptPlanRow>();
    }

    sealed class BenchPersonTable : IEntityTypeConfiguration<BenchPerson>
    {
        public void Configure(EntityTypeBuilder<BenchPerson> e)
        {
            e.Property(p => p.Skills).Json();
            e.Property(p => p.Avoids).Json();
            e.Property(p => p.Hours).Json();
            e.Property(p => p.Days).Json();
            e.Property(p => p.Formerly).Json();
            e.HasIndex(p => p.Name).IsUnique();
        }
    }

    sealed class BenchPlaceTable : IEntityTypeConfiguration<BenchPlace>
    {
        public void Configure(EntityTypeBuilder<BenchPlace> e) => e.HasIndex(p => p.Name).IsUnique();
    }

    sealed class PlanPinTable : IEntityTypeConfiguration<PlanPin>
    {
        public void Configure(EntityTypeBuilder<PlanPin> e) => e.HasIndex(p => new { p.ForMachineId, p.Key }).IsUnique();
    }

    sealed class WorkTakenTable : IEntityTypeConfiguration<WorkTaken>
    {
        public void Configure(EntityTypeBuilder<WorkTaken> e)
        {
            e.HasIndex(t => new { t.ForMachineId, t.Key });
            // One piece of work is begun by one at a time, and nobody begins two.
            e.HasIndex(t => new { t.ForMachineId, t.Key }, "IX_Taken_Running").IsUnique().HasFilter(""" "End" = 'Running' """.Trim());
            e.HasIndex(t => t.Person, "IX_Taken_Person").IsUnique().HasFilter(""" "End" = 'Running' """.Trim());
        }
    }

    sealed class MachineWorkRowTable : IEntityTypeConfiguration<MachineWorkRow>
    {
        public void Configure(EntityTypeBuilder<MachineWorkRow> e)
        {
            e.HasKey(w => w.MachineId);
            e.HasOne<Machine>().WithOne().HasForeignKey<MachineWorkRow>(w => w.MachineId).OnDelete(DeleteBehavior.Cascade);
            e.Property(w => w.Work).Json();
        }
    }

    sealed class KeptPlanRowTable : IEntityTypeConfiguration<KeptPlanRow>
    {
        public void Configure(EntityTypeBuilder<KeptPlanRow> e)
        {
            e.ToTable("KeptPlans");
            e.Property(p => p.Id).ValueGeneratedNever();
            e.Property(p => p.Plan).Json();
            e.Property(p => p.Firsts).Json();
        }
    }
}
