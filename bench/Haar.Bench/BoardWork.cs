using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Planning;

namespace Haar.Bench;

/// <summary>Made-up boards, drawers and suppliers of a given size; the same at every run.</summary>
static class BoardWork
{
    static readonly double[] Values = [1, 2.2, 3.3, 4.7, 6.8, 10, 15, 22, 33, 47, 68, 100, 150, 220, 330, 470, 680, 1000, 1500, 2200];
    static readonly double[] Volts = [6.3, 10, 16, 25, 35, 50];
    static readonly CapacitorKind[] Kinds =
    [
        CapacitorKind.AluminiumRadial,
        CapacitorKind.AluminiumSurfaceMount,
        CapacitorKind.AluminiumLowEsr,
    ];
    static readonly CapacitorRole[] Roles =
    [
        CapacitorRole.Bulk,
        CapacitorRole.Decoupling,
        CapacitorRole.Coupling,
        CapacitorRole.SwitchingOutput,
    ];

    static CapacitorSpec Spec(Random r) =>
        new()
        {
            Kind = Kinds[r.Next(3)],
            Microfarads = Values[r.Next(Values.Length)],
            RatedVolts = Volts[r.Next(6)],
            MaxCelsius = r.Next(2) == 0 ? 85 : 105,
            DiameterMillimetres = 5 + r.Next(6),
            HeightMillimetres = 5 + r.Next(20),
        };

    public static List<DrawerCandidate> Drawer(int count)
    {
        var r = new Random(3);
        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(i => new DrawerCandidate(new Guid(i + 1, 0, 0, new byte[8]), Spec(r), 1 + r.Next(5), null, "A1")),
        ];
    }

    public static List<(CapacitorSpec Spec, CapacitorRole Role, CapacitorReadings Readings)> Parts(int count)
    {
        var r = new Random(4);
        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(_ => Spec(r))
                .Select(s =>
                    (
                        s,
                        Roles[r.Next(4)],
                        new CapacitorReadings { Microfarads = s.Microfarads * (0.6 + 0.5 * r.NextDouble()), EsrOhms = r.NextDouble() * 5 }
                    )
                ),
        ];
    }

    public static (List<OrderNeed> Needs, List<SupplierOffer> Offers, List<SupplierTerms> Suppliers) Order(int values)
    {
        var r = new Random(6);
        var specs = Enumerable
            .Range(0, values)
            .Select(i => new CapacitorSpec
            {
                Kind = Kinds[i % 3],
                Microfarads = Values[i % Values.Length],
                RatedVolts = Volts[(i / Values.Length + i) % 6],
                MaxCelsius = 105,
            })
            .ToList();
        var needs = specs.Select((s, i) => new OrderNeed($"{i}", s, CapacitorRole.Decoupling, 1 + r.Next(12))).ToList();
        var offers = Enumerable
            .Range(0, 3)
            .SelectMany(k =>
                specs
                    .Where(_ => r.Next(10) > 0)
                    .Select(
                        (s, i) =>
                            new SupplierOffer(
                                $"s{k}",
                                $"{k}-{i}",
                                s,
                                k == 1 ? 10 : 1,
                                [
                                    new(1, Math.Round((0.1 + r.NextDouble()) * (k == 1 ? 7 : 1), 2)),
                                    new(10, Math.Round((0.05 + r.NextDouble() * 0.6) * (k == 1 ? 6 : 1), 2)),
                                ],
                                r.Next(5) == 0 ? 8 : null
                            )
                    )
            )
            .ToList();
        return (needs, offers, [new("s0", "S0", 4.9, 3, 60), new("s1", "S1", 6.5, 9), new("s2", "S2", 3.2, 5, 25)]);
    }

    /// <summary>A machine with one board of so many marked parts.</summary>
    public static async Task<Guid> MapAsync(DataFolder folder, int marks)
    {
        await using (var start = folder.Open())
        {
            await DatabaseStart.RunAsync(start, folder, new BackupStore(folder, TimeProvider.System), TimeProvider.System);
        }
        await using var db = folder.Open();
        var r = new Random(9);
        var now = DateTimeOffset.UtcNow;
        var m = new Machine
        {
            Id = Guid.CreateVersion7(),
            Name = "A board of many marks",
            ArrivedAt = now,
            SurveyedAt = now,
        };
        var board = new Board
        {
            Id = Guid.CreateVersion7(),
            MachineId = m.Id,
            Name = "Main board",
        };
        db.AddRange(m, board);
        for (var i = 0; i < marks; i++)
        {
            db.Add(
                new Capacitor
                {
                    Id = Guid.CreateVersion7(),
                    MachineId = m.Id,
                    BoardId = board.Id,
                    Designator = $"C{i}",
                    Marking = "47 16V",
                    Spec = new()
                    {
                        Kind = CapacitorKind.AluminiumSurfaceMount,
                        Microfarads = 47,
                        RatedVolts = 16,
                    },
                    X = r.NextDouble(),
                    Y = r.NextDouble(),
                    Signs = i % 3 == 0 ? [CapacitorSign.Weeping] : [],
                }
            );
        }

        await db.SaveChangesAsync();
        await MachineStatusKeeper.RefreshAsync(db, m.Id, now);
        return m.Id;
    }
}
