using System.Text.Json;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Proving;
using Haar.Core.Safety;
using Haar.Core.Settings;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;
using Haar.Data.Capacitors;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Haar.Data;

/// <summary>The workshop's one database. The types are the core's own; all mapping is here.</summary>
public sealed class HaarDb(DbContextOptions<HaarDb> options) : DbContext(options)
{
    public DbSet<Workshop> Workshops => Set<Workshop>();
    public DbSet<Machine> Machines => Set<Machine>();
    public DbSet<MachineStatusRow> Statuses => Set<MachineStatusRow>();
    public DbSet<Finding> Findings => Set<Finding>();
    public DbSet<PowerStep> PowerSteps => Set<PowerStep>();
    public DbSet<MachineCell> Cells => Set<MachineCell>();
    public DbSet<Board> Boards => Set<Board>();
    public DbSet<Capacitor> Capacitors => Set<Capacitor>();
    public DbSet<Reading> Readings => Set<Reading>();
    public DbSet<Proof> Proofs => Set<Proof>();
    public DbSet<Job> Jobs => Set<Job>();
    public DbSet<StageClosing> Closings => Set<StageClosing>();
    public DbSet<Overrule> Overrules => Set<Overrule>();
    public DbSet<CostEntry> Costs => Set<CostEntry>();
    public DbSet<Photo> Photos => Set<Photo>();
    public DbSet<Observation> Observations => Set<Observation>();
    public DbSet<ChecklistAnswer> Answers => Set<ChecklistAnswer>();
    public DbSet<FoundItem> Items => Set<FoundItem>();
    public DbSet<LotBox> Boxes => Set<LotBox>();
    public DbSet<StripStep> StripSteps => Set<StripStep>();
    public DbSet<StripFastener> StripFasteners => Set<StripFastener>();
    public DbSet<StripConnector> StripConnectors => Set<StripConnector>();
    public DbSet<CorrosionArea> Areas => Set<CorrosionArea>();
    public DbSet<BoardNet> Nets => Set<BoardNet>();
    public DbSet<HotPart> HotParts => Set<HotPart>();
    public DbSet<MachinePack> MachinePacks => Set<MachinePack>();
    public DbSet<Supplier> Suppliers => Set<Supplier>();
    public DbSet<PartOrder> Orders => Set<PartOrder>();
    public DbSet<StorePart> Store => Set<StorePart>();
    public DbSet<StoreFastener> Fasteners => Set<StoreFastener>();
    public DbSet<DrawerPart> Drawer => Set<DrawerPart>();
    public DbSet<CapacitorStandRow> CapacitorStands => Set<CapacitorStandRow>();
    public DbSet<Reservation> Reservations => Set<Reservation>();
    public DbSet<TestInPieces> TestsInPieces => Set<TestInPieces>();
    public DbSet<Danger> Dangers => Set<Danger>();
    public DbSet<PackRow> Packs => Set<PackRow>();
    public DbSet<LogEntry> Log => Set<LogEntry>();

    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        // SQLite cannot order DateTimeOffset; ticks in UTC can be ordered and lose nothing.
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<UtcTicks>();
        configurationBuilder.Properties<Enum>().HaveConversion<string>();
        configurationBuilder.Properties<decimal>().HaveConversion<string>();
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        var b = modelBuilder;
        b.Entity<Workshop>().Property(w => w.Id).ValueGeneratedNever();
        b.Entity<Machine>(e =>
        {
            Json(e.Property(m => m.Traits));
            Json(e.Property(m => m.Rails));
            Json(e.Property(m => m.Expectation));
            e.Property(m => m.Lot).HasConversion<JsonText<LotPlan>, JsonTextComparer<LotPlan>>();
            e.Property(m => m.RecapPolicy).HasColumnName("RecapSchool");
            e.Property(m => m.RestorationPolicy).HasColumnName("RestorationSchool");
            e.HasIndex(m => m.Name);
        });
        // What is kept on the disk keeps the names that it was first given; the code's own may become clearer.
        b.Entity<MachineStatusRow>(e =>
        {
            e.ToTable("Standings");
            e.Property(s => s.Status).HasColumnName("Standing");
            e.HasKey(s => s.MachineId);
            e.HasOne<Machine>().WithOne().HasForeignKey<MachineStatusRow>(s => s.MachineId).OnDelete(DeleteBehavior.Cascade);
            Json(e.Property(s => s.Status));
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
        });
        Child<Finding>(b, f => f.MachineId);
        Child<PowerStep>(b, f => f.MachineId);
        b.Entity<PowerStep>().HasIndex(s => new { s.MachineId, s.Kind }).IsUnique();
        Child<MachineCell>(b, f => f.MachineId);
        Json(b.Entity<MachineCell>().Property(c => c.Site));
        Child<Board>(b, f => f.MachineId);
        Json(b.Entity<Board>().Property(x => x.Map));
        Child<Capacitor>(b, f => f.MachineId);
        b.Entity<Capacitor>(e =>
        {
            e.HasOne<Board>().WithMany().HasForeignKey(c => c.BoardId).OnDelete(DeleteBehavior.Restrict);
            Json(e.Property(c => c.Spec));
            Json(e.Property(c => c.Signs));
            Json(e.Property(c => c.Fitting));
            e.HasIndex(c => new { c.BoardId, c.Designator }).IsUnique();
        });
        Child<Reading>(b, f => f.MachineId);
        b.Entity<Reading>().HasIndex(r => r.SubjectId);
        b.Entity<Reading>().Property(r => r.Voided).HasColumnName("Struck");
        b.Entity<Observation>().Property(o => o.Voided).HasColumnName("Struck");
        Child<Proof>(b, f => f.MachineId);
        Child<Job>(b, f => f.MachineId);
        b.Entity<Job>(e =>
        {
            Json(e.Property(j => j.After));
            e.HasIndex(j => new { j.State, j.WaitUntil });
            e.HasIndex(j => j.OrderId);
            // Work that comes after other work: few of many, and looked through at every act.
            e.HasIndex(j => j.State, "IX_Jobs_Dependent").HasFilter(""" "After" <> '[]' """.Trim());
        });
        Child<StageClosing>(b, f => f.MachineId);
        b.Entity<StageClosing>().HasIndex(s => new { s.MachineId, s.Stage }).IsUnique();
        Child<Overrule>(b, f => f.MachineId);
        Child<CostEntry>(b, f => f.MachineId);
        Child<Photo>(b, f => f.MachineId);
        b.Entity<Photo>().HasIndex(p => p.Hash);
        Child<Observation>(b, o => o.MachineId);
        Child<ChecklistAnswer>(b, a => a.MachineId);
        b.Entity<ChecklistAnswer>().HasIndex(a => new { a.MachineId, a.Item }).IsUnique();
        Child<FoundItem>(b, i => i.MachineId);
        Child<LotBox>(b, x => x.MachineId);
        b.Entity<LotBox>(e =>
        {
            Json(e.Property(x => x.Parts));
            Json(e.Property(x => x.Money));
            Json(e.Property(x => x.Hours));
        });
        Child<StripStep>(b, s => s.MachineId);
        b.Entity<StripStep>(e =>
        {
            Json(e.Property(s => s.Behind));
            Json(e.Property(s => s.Marks));
            e.Property(s => s.Orientation).HasColumnName("Lies");
            e.Property(s => s.Polarity).HasColumnName("WayRound");
            e.HasIndex(s => new { s.MachineId, s.Number }).IsUnique();
        });
        Child<StripFastener>(b, f => f.MachineId);
        b.Entity<StripFastener>(e =>
        {
            e.HasOne<StripStep>().WithMany().HasForeignKey(f => f.StepId).OnDelete(DeleteBehavior.Restrict);
            Json(e.Property(f => f.Marks));
            Json(e.Property(f => f.Returns));
        });
        Child<StripConnector>(b, c => c.MachineId);
        b.Entity<StripConnector>(e =>
        {
            e.HasOne<StripStep>().WithMany().HasForeignKey(c => c.StepId).OnDelete(DeleteBehavior.Restrict);
            Json(e.Property(c => c.Marks));
            e.Property(c => c.Polarity).HasColumnName("WayRound");
        });
        OnBoard<CorrosionArea>(b, a => a.MachineId, a => a.BoardId);
        b.Entity<CorrosionArea>(e =>
        {
            Json(e.Property(a => a.Outline));
            Json(e.Property(a => a.Inspections).HasColumnName("Looks"));
            Json(e.Property(a => a.Treatment));
            e.HasIndex(a => a.InspectOn);
        });
        OnBoard<BoardNet>(b, n => n.MachineId, n => n.BoardId);
        b.Entity<BoardNet>(e =>
        {
            Json(e.Property(n => n.Path));
            Json(e.Property(n => n.Trace));
        });
        OnBoard<HotPart>(b, h => h.MachineId, h => h.BoardId);
        b.Entity<HotPart>(e =>
        {
            Json(e.Property(h => h.Facts));
            e.Property(h => h.Fan).HasConversion<JsonText<FanFacts>, JsonTextComparer<FanFacts>>();
        });
        Child<MachinePack>(b, p => p.MachineId);
        Json(b.Entity<MachinePack>().Property(p => p.Facts));
        Json(b.Entity<Supplier>().Property(s => s.Offers));
        b.Entity<PartOrder>(e =>
        {
            Json(e.Property(o => o.Lines));
            e.HasIndex(o => o.State);
            e.HasIndex(o => o.After).IsUnique();
        });
        b.Entity<StorePart>().HasIndex(p => p.Kind);
        b.Entity<DrawerPart>(e =>
        {
            Json(e.Property(p => p.Spec));
            // Counted from the rows of what is set aside, and kept nowhere else.
            e.Ignore(p => p.Reserved);
        });
        Child<Reservation>(b, r => r.MachineId);
        b.Entity<Reservation>(e =>
        {
            e.HasOne<Capacitor>().WithMany().HasForeignKey(r => r.CapacitorId).OnDelete(DeleteBehavior.Restrict);
            e.HasOne<DrawerPart>().WithMany().HasForeignKey(r => r.PartId).OnDelete(DeleteBehavior.Restrict);
        });
        b.Entity<CapacitorStandRow>(e =>
        {
            e.HasIndex(s => new
            {
                s.MachineId,
                s.Stand,
                s.Score,
            });
            e.HasIndex(s => new { s.MachineId, s.Half });
            e.HasIndex(s => new
            {
                s.MachineId,
                s.Year,
                s.Rules,
            });
        });
        Child<TestInPieces>(b, t => t.MachineId);
        Json(b.Entity<TestInPieces>().Property(t => t.Missing));
        Child<Danger>(b, d => d.MachineId);
        b.Entity<Danger>().HasIndex(d => new { d.MachineId, d.AnsweredAt });
        b.Entity<PackRow>().HasKey(p => p.Id);
        b.Entity<LogEntry>(e =>
        {
            e.HasOne<Machine>().WithMany().HasForeignKey(l => l.MachineId).OnDelete(DeleteBehavior.Restrict);
            e.HasIndex(l => new { l.MachineId, l.At });
        });
        foreach (var entity in b.Model.GetEntityTypes())
        {
            if (entity.FindProperty("Version") is { } version)
            {
                version.IsConcurrencyToken = true;
            }

            if (entity.FindPrimaryKey()?.Properties is [{ ClrType: var type } key] && type == typeof(Guid))
            {
                key.ValueGenerated = Microsoft.EntityFrameworkCore.Metadata.ValueGenerated.Never;
            }
        }
    }

    /// <summary>Nothing goes with a row that it hangs on: what is taken away is named, and taken away by itself.</summary>
    static void Child<T>(ModelBuilder b, System.Linq.Expressions.Expression<Func<T, object?>> machineId)
        where T : class
    {
        b.Entity<T>().HasOne<Machine>().WithMany().HasForeignKey(machineId).OnDelete(DeleteBehavior.Restrict);
    }

    static void OnBoard<T>(
        ModelBuilder b,
        System.Linq.Expressions.Expression<Func<T, object?>> machineId,
        System.Linq.Expressions.Expression<Func<T, object?>> boardId
    )
        where T : class
    {
        Child(b, machineId);
        b.Entity<T>().HasOne<Board>().WithMany().HasForeignKey(boardId).OnDelete(DeleteBehavior.Restrict);
    }

    static void Json<T>(PropertyBuilder<T> property)
        where T : class => property.HasConversion<JsonText<T>, JsonTextComparer<T>>();
}

/// <summary>Instants as ticks in UTC.</summary>
public sealed class UtcTicks() : ValueConverter<DateTimeOffset, long>(v => v.UtcTicks, t => new DateTimeOffset(t, TimeSpan.Zero));

/// <summary>A value that is read and written whole, as JSON text.</summary>
public sealed class JsonText<T>()
    : ValueConverter<T, string>(
        v => JsonSerializer.Serialize(v, HaarJson.Compact),
        s => JsonSerializer.Deserialize<T>(s, HaarJson.Compact)!
    )
    where T : class;

/// <summary>Two such values are the same when their text is.</summary>
public sealed class JsonTextComparer<T>()
    : ValueComparer<T>(
        (a, b) => JsonSerializer.Serialize(a, HaarJson.Compact) == JsonSerializer.Serialize(b, HaarJson.Compact),
        v => JsonSerializer.Serialize(v, HaarJson.Compact).GetHashCode(StringComparison.Ordinal),
        v => JsonSerializer.Deserialize<T>(JsonSerializer.Serialize(v, HaarJson.Compact), HaarJson.Compact)!
    )
    where T : class;
