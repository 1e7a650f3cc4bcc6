using System.Buffers.Binary;
using System.IO.Compression;
using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Stripdown;
using SkiaSharp;

namespace Haar.Bench;

/// <summary>Inputs that are made to be as hard as the limits allow.</summary>
static class Hostile
{
    public static byte[] Jpeg(int width, int height) => Picture(width, height, SKEncodedImageFormat.Jpeg);

    public static byte[] Png(int width, int height) => Picture(width, height, SKEncodedImageFormat.Png);

    static byte[] Picture(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height, SKColorType.Gray8, SKAlphaType.Opaque);
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(format, 50);
        return data.ToArray();
    }

    public static byte[] Zip(long unpacked)
    {
        using var to = new MemoryStream();
        using (var zip = new ZipArchive(to, ZipArchiveMode.Create, true))
        {
            using var entry = zip.CreateEntry("machine.json", CompressionLevel.SmallestSize).Open();
            var zeros = new byte[1_000_000];
            for (long n = 0; n < unpacked; n += zeros.Length)
            {
                entry.Write(zeros);
            }
        }
        return to.ToArray();
    }

    public static byte[] ManyFiles(int files)
    {
        // Directory entries of no length and one letter each: 47 bytes a file, and an end that promises a few.
        using var to = new MemoryStream();
        var entry = new byte[47];
        "PK\x01\x02"u8.CopyTo(entry);
        BinaryPrimitives.WriteUInt16LittleEndian(entry.AsSpan(28), 1);
        entry[46] = (byte)'a';
        for (var i = 0; i < files && to.Length < 58_000_000; i++)
        {
            to.Write(entry);
        }
        var end = new byte[22];
        "PK\x05\x06"u8.CopyTo(end);
        BinaryPrimitives.WriteUInt16LittleEndian(end.AsSpan(8), 3);
        BinaryPrimitives.WriteUInt16LittleEndian(end.AsSpan(10), 3);
        BinaryPrimitives.WriteInt32LittleEndian(end.AsSpan(12), (int)to.Length);
        to.Write(end);
        var bytes = to.ToArray();
        // It begins as a ZIP does.
        bytes[2] = 1;
        return bytes;
    }

    public static List<RebuildPiece> Record(int steps, int reach)
    {
        var r = new Random(1);
        return
        [
            .. Enumerable
                .Range(1, steps)
                .Select(n => new RebuildPiece(
                    $"{n}",
                    n,
                    $"Piece {n}",
                    [
                        .. Enumerable
                            .Range(Math.Max(1, n - reach), Math.Min(reach, n - 1))
                            .Where(_ => r.Next(reach) < 2)
                            .Take(2)
                            .Select(b => $"{b}"),
                    ],
                    (Orientation)r.Next(5),
                    r.Next(5) == 0 ? [] : [$"T{r.Next(8)}"]
                )),
        ];
    }

    public static List<FastenerFact> Fasteners(int count)
    {
        var r = new Random(2);
        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(i => new FastenerFact(
                    $"{i}",
                    i,
                    $"Step {i}",
                    $"M{2 + r.Next(4)}",
                    4 + r.Next(200) / 10.0,
                    "pan",
                    4,
                    0,
                    "",
                    "A1",
                    "",
                    [],
                    false
                )),
        ];
    }

    public static List<SpareFastener> Spares(int count)
    {
        var r = new Random(3);
        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(i => new SpareFastener($"s{i}", $"M{2 + r.Next(4)}", 4 + r.Next(200) / 10.0, "pan", 10, $"F{i}")),
        ];
    }

    public static (List<OrderNeed>, List<SupplierOffer>, List<SupplierTerms>) Order(int needs, int offers)
    {
        var r = new Random(4);
        double[] values = [1, 2.2, 4.7, 10, 22, 47, 100, 220];
        CapacitorSpec Spec(double volts) =>
            new()
            {
                Kind = CapacitorKind.AluminiumSurfaceMount,
                Microfarads = values[r.Next(values.Length)],
                RatedVolts = volts,
                MaxCelsius = 105,
            };
        return (
            [
                .. Enumerable
                    .Range(0, needs)
                    .Select(i => new OrderNeed($"n{i}", Spec(16), CapacitorRole.Decoupling, 1 + r.Next(9), 4 + i / 100.0)),
            ],
            [
                .. Enumerable
                    .Range(0, offers)
                    .Select(i => new SupplierOffer(
                        $"s{i % 5}",
                        $"k{i}",
                        Spec(16 + 9 * r.Next(3)),
                        1 + r.Next(10),
                        [new(1, 0.2 + r.NextDouble()), new(10, 0.1 + r.NextDouble() / 10)],
                        r.Next(3) == 0 ? r.Next(20) : null
                    )),
            ],
            [.. Enumerable.Range(0, 5).Select(i => new SupplierTerms($"s{i}", $"Supplier {i}", 3 + i, 2 + i, 20 + 10 * i))]
        );
    }
}
