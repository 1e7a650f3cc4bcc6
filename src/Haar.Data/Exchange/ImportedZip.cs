using System.Buffers.Binary;
using System.IO.Compression;

namespace Haar.Data.Exchange;

/// <summary>A ZIP from somebody else: looked at before it is opened, and unpacked only in what the document asks for, each within a limit.</summary>
public sealed class ImportedZip : IDisposable
{
    /// <summary>Of the file itself. A default.</summary>
    public const int MostBytes = 60_000_000;

    /// <summary>Files in it. A default.</summary>
    public const int MostEntries = 5_000;

    /// <summary>A document unpacked. A default.</summary>
    public const int MostDocument = 24_000_000;

    /// <summary>How many times larger a document may become. A default; DEFLATE (RFC 1951) makes at most 1,032 of one.</summary>
    public const int MostRatio = 100;

    readonly ZipArchive zip;

    /// <exception cref="ImportException">Cut off, or holds too many files.</exception>
    public ImportedZip(Stream from)
    {
        if (Entries(from) > MostEntries)
        {
            throw new ImportException($"The file holds more than {MostEntries} files. Nothing was changed.");
        }
        try
        {
            from.Position = 0;
            zip = new ZipArchive(from, ZipArchiveMode.Read, true);
            _ = zip.Entries.Count;
        }
        catch (InvalidDataException)
        {
            throw CutOff();
        }
    }

    public static bool IsZip(Stream from)
    {
        from.Position = 0;
        return from.ReadByte() == 'P' && from.ReadByte() == 'K';
    }

    /// <summary>A plain JSON document.</summary>
    public static byte[] Text(Stream from)
    {
        if (from.Length > MostDocument)
        {
            throw TooLarge();
        }
        from.Position = 0;
        var bytes = new byte[from.Length];
        from.ReadExactly(bytes);
        return bytes;
    }

    public byte[] Document()
    {
        var entry = zip.GetEntry("machine.json") ?? throw new ImportException("The ZIP holds no machine.json. Nothing was changed.");
        return entry.Length > MostDocument || entry.Length > MostRatio * Math.Max(1000, entry.CompressedLength)
            ? throw TooLarge()
            : Unpack(entry, MostDocument);
    }

    /// <summary>The bytes of a photo; null when it is not in the file.</summary>
    public byte[]? Photo(string hash)
    {
        var entry = zip.GetEntry($"photos/{hash}.jpg");
        return entry is null ? null
            : entry.Length > Photos.PhotoStore.MostBytes ? throw TooLarge()
            : Unpack(entry, Photos.PhotoStore.MostBytes);
    }

    /// <summary>What a header promises is not trusted: reading ends at the limit.</summary>
    static byte[] Unpack(ZipArchiveEntry entry, long most)
    {
        try
        {
            using var from = entry.Open();
            var bytes = new byte[entry.Length];
            var n = from.ReadAtLeast(bytes, bytes.Length, false);
            return n < bytes.Length || from.ReadByte() >= 0 || bytes.Length > most ? throw CutOff() : bytes;
        }
        catch (InvalidDataException)
        {
            throw CutOff();
        }
    }

    /// <summary>How many files the central directory lists (APPNOTE 4.3.12 and 4.3.16), counted before anything is made of them.</summary>
    static int Entries(Stream from)
    {
        const int EndLength = 22;
        var tail = new byte[Math.Min(from.Length, EndLength + ushort.MaxValue)];
        from.Position = from.Length - tail.Length;
        from.ReadExactly(tail);
        var end = tail.AsSpan().LastIndexOf("PK\x05\x06"u8);
        if (end < 0 || end + EndLength > tail.Length)
        {
            throw CutOff();
        }
        var promised = BinaryPrimitives.ReadUInt16LittleEndian(tail.AsSpan(end + 10));
        long at = BinaryPrimitives.ReadUInt32LittleEndian(tail.AsSpan(end + 16));
        // 65 535 or a place beyond the file stands for the larger form of the directory, which none of ours needs.
        if (promised > MostEntries)
        {
            return promised;
        }
        var head = new byte[46];
        var count = 0;
        while (count <= MostEntries && at + head.Length <= from.Length)
        {
            from.Position = at;
            from.ReadExactly(head);
            if (!head.AsSpan(0, 4).SequenceEqual("PK\x01\x02"u8))
            {
                break;
            }
            count++;
            at +=
                head.Length
                + BinaryPrimitives.ReadUInt16LittleEndian(head.AsSpan(28))
                + BinaryPrimitives.ReadUInt16LittleEndian(head.AsSpan(30))
                + BinaryPrimitives.ReadUInt16LittleEndian(head.AsSpan(32));
        }
        return count;
    }

    static ImportException CutOff() => new("The file is cut off or damaged. Nothing was changed.");

    static ImportException TooLarge() => new("The file unpacks to more than Haar takes. Nothing was changed.");

    public void Dispose() => zip.Dispose();
}
