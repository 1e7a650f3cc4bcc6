using Haar.Core.Survey;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Finding> Findings => Set<Finding>();
    public DbSet<PowerStep> PowerSteps => Set<PowerStep>();
    public DbSet<Observation> Observations => Set<Observation>();
    public DbSet<ChecklistAnswer> Answers => Set<ChecklistAnswer>();
    public DbSet<TestInPieces> TestsInPieces => Set<TestInPieces>();
}

sealed class FindingTable : IEntityTypeConfiguration<Finding>
{
    public void Configure(EntityTypeBuilder<Finding> e)
    {
        e.OfMachine(f => f.MachineId);
    }
}

sealed class PowerStepTable : IEntityTypeConfiguration<PowerStep>
{
    public void Configure(EntityTypeBuilder<PowerStep> e)
    {
        e.OfMachine(f => f.MachineId);
        e.HasIndex(s => new { s.MachineId, s.Kind }).IsUnique();
    }
}

sealed class ObservationTable : IEntityTypeConfiguration<Observation>
{
    public void Configure(EntityTypeBuilder<Observation> e)
    {
        e.Property(o => o.Voided).HasColumnName("Struck");
        e.OfMachine(o => o.MachineId);
    }
}

sealed class ChecklistAnswerTable : IEntityTypeConfiguration<ChecklistAnswer>
{
    public void Configure(EntityTypeBuilder<ChecklistAnswer> e)
    {
        e.OfMachine(a => a.MachineId);
        e.HasIndex(a => new { a.MachineId, a.Item }).IsUnique();
    }
}

sealed class TestInPiecesTable : IEntityTypeConfiguration<TestInPieces>
{
    public void Configure(EntityTypeBuilder<TestInPieces> e)
    {
        e.OfMachine(t => t.MachineId);
        e.Property(t => t.Missing).Json();
    }
}
