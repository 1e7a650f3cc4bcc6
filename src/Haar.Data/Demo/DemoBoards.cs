using System.Reflection;
using System.Text.Json;
using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Planning;
using Haar.Core.Soldering;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

namespace Haar.Data.Demo;

/// <summary>What leaked, what it ate, what runs hot, and who sells the parts.</summary>
public sealed partial class DemoWorkshop
{
    sealed record DemoSupplier(string Id, string Name, double Postage, double? FreeFrom, int Days, IReadOnlyList<DemoOffer> Offers);

    sealed record DemoOffer(string Sku, CapacitorSpec Spec, int PackSize, IReadOnlyList<PriceBreak> Breaks, int? StockPacks = null);

    void Suppliers()
    {
        using var s = Assembly.GetExecutingAssembly().GetManifestResourceStream("Haar.Data.Demo.suppliers.json")!;
        foreach (var d in JsonSerializer.Deserialize<List<DemoSupplier>>(s, HaarJson.Compact)!)
        {
            var supplier = new Supplier
            {
                Id = Id(),
                Name = d.Name,
                Address = $"{suppliers}/{d.Id}",
                Postage = d.Postage,
                FreeFrom = d.FreeFrom,
                Days = d.Days,
                ReadAt = Ago(1),
            };
            supplier.Offers =
            [
                .. d.Offers.Select(o => new SupplierOffer(supplier.Id.ToString(), o.Sku, o.Spec, o.PackSize, o.Breaks, o.StockPacks)),
            ];
            db.Add(supplier);
        }
    }

    /// <summary>A blot round a middle, a little uneven, as leaks are.</summary>
    static List<Point> Blot(double x, double y, double across, double down, int seed)
    {
        var r = new Random(seed);
        return
        [
            .. Enumerable
                .Range(0, 14)
                .Select(i => i * Math.PI * 2 / 14)
                .Select(a =>
                    0.85 + 0.3 * r.NextDouble() is var k
                        ? new Point(Math.Round(x + Math.Cos(a) * across * k, 4), Math.Round(y + Math.Sin(a) * down * k, 4))
                        : default
                ),
        ];
    }

    CorrosionArea Area(
        Machine m,
        Board b,
        string name,
        LeakSource source,
        CorrosionStage stage,
        List<Point> outline,
        double daysAgo,
        double? ph = null
    )
    {
        var map = b.Map.Front;
        var a = new CorrosionArea
        {
            Id = Id(),
            MachineId = m.Id,
            BoardId = b.Id,
            Name = name,
            Source = source,
            PhBefore = ph,
            Outline = outline,
            Inspections =
            [
                new(
                    Ago(daysAgo),
                    stage,
                    Math.Round(Outline.SquareCentimetres(outline, map.WidthMillimetres!.Value, map.HeightMillimetres!.Value), 2)
                ),
            ],
        };
        db.Add(a);
        return a;
    }

    void Net(
        Machine m,
        Board b,
        string name,
        string from,
        string to,
        double length,
        double width,
        int vias,
        double? amps,
        params (double X, double Y)[] path
    ) =>
        db.Add(
            new BoardNet
            {
                Id = Id(),
                MachineId = m.Id,
                BoardId = b.Id,
                Name = name,
                From = from,
                To = to,
                Path = [.. path.Select(p => new Point(p.X, p.Y))],
                Trace = new()
                {
                    LengthMillimetres = length,
                    WidthMillimetres = width,
                    Vias = vias,
                    Amps = amps,
                },
            }
        );

    void ServerBoard(Machine m, Board b, Job rinse)
    {
        var corner = Area(
            m,
            b,
            "the memory corner",
            LeakSource.NickelCell,
            CorrosionStage.CopperEaten,
            Blot(0.2, 0.72, 0.075, 0.083, 4),
            18
        );
        corner.Treatment = new() { NeutralisedAt = Ago(1) };
        db.Add(CircuitWork.Of(m.Id, $"{corner.Name}: {AreaTreatment.Procedure.Words(AreaStep.Neutralise)}", Ago(1), Id));
        corner.JobId = rinse.Id;
        Area(m, b, "the keyboard socket", LeakSource.NickelCell, CorrosionStage.Bloom, Blot(0.335, 0.86, 0.028, 0.035, 9), 18);
        Net(m, b, "A7", "U31 pin 12", "memory slot 1 pin 7", 82, 0.3, 2, null, (0.11, 0.66), (0.2, 0.66), (0.31, 0.6));
        Net(m, b, "D3", "U31 pin 21", "memory slot 1 pin 30", 74, 0.3, 1, null, (0.12, 0.7), (0.24, 0.7), (0.33, 0.64));
        Net(m, b, "RAS0", "U28 pin 4", "memory slot 1 pin 27", 61, 0.3, 2, null, (0.13, 0.74), (0.22, 0.74), (0.3, 0.7));
        Net(m, b, "CAS1", "U28 pin 6", "memory slot 2 pin 2", 66, 0.3, 2, null, (0.13, 0.77), (0.25, 0.77), (0.31, 0.74));
        Net(m, b, "WE", "U28 pin 9", "memory slot 2 pin 21", 58, 0.3, 0, null, (0.16, 0.79), (0.26, 0.72), (0.32, 0.72));
        Net(m, b, "+5 V, slots", "supply plug P2", "memory slot 2 pin 1", 48, 1.5, 0, 0.9, (0.15, 0.83), (0.2, 0.76), (0.29, 0.76));
        foreach (var c in db.Cells.Local.Where(c => c.MachineId == m.Id))
        {
            (c.BoardId, c.X, c.Y) = (b.Id, 0.16, 0.72);
        }
    }

    void NewsletterBoard(Machine m, Board b)
    {
        Area(m, b, "by the sound chip", LeakSource.CapacitorElectrolyte, CorrosionStage.MaskLifted, Blot(0.215, 0.7, 0.1, 0.132, 2), 27, 9);
        Net(m, b, "SND L", "U14 pin 3", "C15 plus", 34, 0.25, 0, null, (0.13, 0.66), (0.19, 0.68), (0.24, 0.72));
        Net(m, b, "SND R", "U14 pin 5", "C14 plus", 31, 0.25, 0, null, (0.14, 0.75), (0.2, 0.75), (0.27, 0.72));
        Net(m, b, "MUTE", "U14 pin 8", "U12 pin 40", 118, 0.2, 2, null, (0.16, 0.62), (0.26, 0.66), (0.45, 0.75));
        Net(m, b, "+5 V, sound", "L3", "U14 pin 16", 42, 0.8, 0, 0.25, (0.1, 0.72), (0.18, 0.72), (0.22, 0.65));
        Net(m, b, "RESET", "U12 pin 2", "U3 pin 11", 96, 0.2, 1, null, (0.2, 0.8), (0.24, 0.7), (0.4, 0.62));
    }

    void LaptopPack(Machine m) =>
        db.Add(
            new MachinePack
            {
                Id = Id(),
                MachineId = m.Id,
                Facts = new()
                {
                    Chemistry = CellChemistry.LithiumRechargeable,
                    DesignMilliampHours = 3600,
                    FullChargeMilliampHours = 900,
                    Cycles = 610,
                    Volts = 10.9,
                    Series = 3,
                },
            }
        );

    void EditorHeat(Machine m, Board b)
    {
        var cpu = new HotPart
        {
            Id = Id(),
            MachineId = m.Id,
            BoardId = b.Id,
            Name = "the processor",
            X = 0.44,
            Y = 0.44,
            Load = "the editor's own demo film, 20 minutes",
            Facts = new()
            {
                Watts = 46,
                SquareMillimetres = 128,
                GapMillimetres = new Estimate(0.02, 0.04, 0.06),
                BareDie = true,
            },
            Fan = new()
            {
                RatedVolts = 12,
                RatedRpm = 4200,
                ReadRpm = 3350,
                StartVolts = 8.1,
                Noise = FanNoise.Rattle,
            },
        };
        db.Add(cpu);
        foreach (var (part, room) in new[] { (71.0, 18.5), (72.5, 18.5), (71.5, 19.0), (72.0, 19.0), (73.0, 19.0) })
        {
            Read(m, SubjectKind.HotPart, cpu.Id, "before", Quantity.Celsius, part, 3);
            Read(m, SubjectKind.HotPart, cpu.Id, "before room", Quantity.Celsius, room, 3);
        }

        db.Add(
            new HotPart
            {
                Id = Id(),
                MachineId = m.Id,
                BoardId = b.Id,
                Name = "the bridge chip",
                X = 0.62,
                Y = 0.6,
                Facts = new()
                {
                    Watts = 4,
                    SquareMillimetres = 900,
                    OldPadMillimetres = 1.15,
                },
            }
        );
        db.Add(
            new SolderedPart
            {
                Id = Id(),
                MachineId = m.Id,
                BoardId = b.Id,
                Name = "J9, the fan’s header",
                Kind = SolderedKind.Connector,
                Why = "pin 2 broke off with the old fan",
                X = 0.53,
                Y = 0.33,
                Pins = 3,
                HasWayRound = ThreeState.Yes,
                OpenContacts = ThreeState.No,
                Lacquer = Lacquer.None,
            }
        );
    }
}
