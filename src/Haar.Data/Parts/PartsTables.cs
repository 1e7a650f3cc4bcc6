using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Haar.Data;

public sealed partial class HaarDb
{
    public DbSet<Supplier> Suppliers => Set<Supplier>();
    public DbSet<PartOrder> Orders => Set<PartOrder>();
    public DbSet<StorePart> Store => Set<StorePart>();
    public DbSet<StoreFastener> Fasteners => Set<StoreFastener>();
    public DbSet<DrawerPart> Drawer => Set<DrawerPart>();
    public DbSet<Supply> Supplies => Set<Supply>();
    public DbSet<SupplyUse> SupplyUses => Set<SupplyUse>();
    public DbSet<Reservation> Reservations => Set<Reservation>();
}

sealed class SupplierTable : IEntityTypeConfiguration<Supplier>
{
    public void Configure(EntityTypeBuilder<Supplier> e)
    {
        e.Property(s => s.Offers).Json();
    }
}

sealed class PartOrderTable : IEntityTypeConfiguration<PartOrder>
{
    public void Configure(EntityTypeBuilder<PartOrder> e)
    {
        e.Property(o => o.Lines).Json();
        e.HasIndex(o => o.State);
        e.HasIndex(o => o.After).IsUnique();
    }
}

sealed class StorePartTable : IEntityTypeConfiguration<StorePart>
{
    public void Configure(EntityTypeBuilder<StorePart> e)
    {
        e.HasIndex(p => p.Kind);
    }
}

sealed class DrawerPartTable : IEntityTypeConfiguration<DrawerPart>
{
    public void Configure(EntityTypeBuilder<DrawerPart> e)
    {
        e.Property(p => p.Spec).Json();
        // Counted from the rows of what is set aside, and kept nowhere else.
        e.Ignore(p => p.Reserved);
    }
}

sealed class ReservationTable : IEntityTypeConfiguration<Reservation>
{
    public void Configure(EntityTypeBuilder<Reservation> e)
    {
        e.OfMachine(r => r.MachineId);
        e.HasOne<Capacitor>().WithMany().HasForeignKey(r => r.CapacitorId).OnDelete(DeleteBehavior.Restrict);
        e.HasOne<DrawerPart>().WithMany().HasForeignKey(r => r.PartId).OnDelete(DeleteBehavior.Restrict);
    }
}

sealed class SupplyTable : IEntityTypeConfiguration<Supply>
{
    public void Configure(EntityTypeBuilder<Supply> e)
    {
        e.HasIndex(s => s.Kind);
        e.Ignore(s => s.KeepsUntil);
    }
}

sealed class SupplyUseTable : IEntityTypeConfiguration<SupplyUse>
{
    public void Configure(EntityTypeBuilder<SupplyUse> e)
    {
        e.HasOne<Supply>().WithMany().HasForeignKey(u => u.SupplyId).OnDelete(DeleteBehavior.Restrict);
    }
}
