using Haar.Core.Intake;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Machine> Machines => Set<Machine>();
    public DbSet<FoundItem> Items => Set<FoundItem>();
    public DbSet<LotBox> Boxes => Set<LotBox>();
}

sealed class MachineTable : IEntityTypeConfiguration<Machine>
{
    public void Configure(EntityTypeBuilder<Machine> e)
    {
        e.Property(m => m.Traits).Json();
        e.Property(m => m.Possible).Json();
        e.Property(m => m.Absent).Json();
        e.Property(m => m.Rails).Json();
        e.Property(m => m.Expectation).Json();
        e.Property(m => m.Lot).HasConversion<JsonText<LotPlan>, JsonTextComparer<LotPlan>>();
        e.Property(m => m.RecapPolicy).HasColumnName("RecapSchool");
        e.Property(m => m.RestorationPolicy).HasColumnName("RestorationSchool");
        e.HasIndex(m => m.Name);
    }
}

sealed class FoundItemTable : IEntityTypeConfiguration<FoundItem>
{
    public void Configure(EntityTypeBuilder<FoundItem> e)
    {
        e.OfMachine(i => i.MachineId);
    }
}

sealed class LotBoxTable : IEntityTypeConfiguration<LotBox>
{
    public void Configure(EntityTypeBuilder<LotBox> e)
    {
        e.OfMachine(x => x.MachineId);
        e.Property(x => x.Parts).Json();
        e.Property(x => x.Money).Json();
        e.Property(x => x.Hours).Json();
    }
}
