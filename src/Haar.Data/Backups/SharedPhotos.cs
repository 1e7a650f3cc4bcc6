using System.IO.Compression;
using System.Text;

namespace Haar.Data.Backups;

/// <summary>
/// Backups that Haar takes by itself share their photos: each is copied once into <c>backups/photos/</c>, by its content, and a
/// backup lists those that belong to it. One taken by hand, or downloaded, holds everything in one file.
/// </summary>
public sealed partial class BackupStore
{
    const string ListOfPhotos = "photos.txt";

    string Pool => Path.Combine(folder.Backups, "photos");

    static string InPool(string pool, string hash) => Path.Combine(pool, hash[..2], $"{hash}.jpg");

    static bool IsHash(string text) => text.Length == 64 && text.All(char.IsAsciiHexDigitLower);

    IEnumerable<string> PhotoFiles() =>
        Directory
            .EnumerateFiles(folder.Photos, "*.jpg", SearchOption.AllDirectories)
            .Where(p => Path.GetFileName(p).Length == 68)
            .Order(StringComparer.Ordinal);

    /// <summary>Copies what the pool does not have yet, and writes the list. A photo that is not what its name says is not copied: an older, good copy stays.</summary>
    void Share(ZipArchive zip)
    {
        var list = new List<string>();
        foreach (var photo in PhotoFiles())
        {
            var hash = Path.GetFileNameWithoutExtension(photo);
            var to = InPool(Pool, hash);
            if (!File.Exists(to) && HashOf(photo) == hash)
            {
                DurableFile.Write(to, File.ReadAllBytes(photo));
            }
            list.Add(hash);
        }
        using var writer = new StreamWriter(zip.CreateEntry(ListOfPhotos, CompressionLevel.Fastest).Open(), new UTF8Encoding(false));
        foreach (var hash in list)
        {
            writer.Write(hash + "\n");
        }
    }

    static List<string> Listed(ZipArchive zip)
    {
        if (zip.GetEntry(ListOfPhotos) is not { } entry)
        {
            return [];
        }
        using var reader = new StreamReader(entry.Open(), Encoding.UTF8);
        var list = new List<string>();
        while (reader.ReadLine() is { } line)
        {
            if (IsHash(line))
            {
                list.Add(line);
            }
        }
        return list;
    }

    /// <summary>Photos that the backup shares with others, from beside it or from this folder's pool.</summary>
    (int Back, int Damaged) RestoreShared(ZipArchive zip, string beside)
    {
        var (back, damaged) = (0, 0);
        foreach (var hash in Listed(zip))
        {
            var to = Path.Combine(folder.Photos, hash[..2], $"{hash}.jpg");
            if (File.Exists(to) && HashOf(to) == hash)
            {
                continue;
            }
            var copies = new[] { Path.Combine(beside, "photos"), Pool }.Select(p => InPool(p, hash)).Where(File.Exists).ToList();
            if (copies.FirstOrDefault(c => HashOf(c) == hash) is not { } good)
            {
                damaged += copies.Count > 0 ? 1 : 0;
                continue;
            }
            PutBack(to, hash, File.ReadAllBytes(good));
            back++;
        }
        return (back, damaged);
    }

    /// <summary>A backup with everything in it, written as it is packed.</summary>
    public void Whole(string name, Stream to)
    {
        using var from = Open(Path.Combine(folder.Backups, name));
        using var zip = new ZipArchive(to, ZipArchiveMode.Create, true);
        foreach (var entry in from.Entries.Where(e => e.FullName != ListOfPhotos))
        {
            using var source = entry.Open();
            using var target = zip.CreateEntry(entry.FullName, CompressionLevel.Fastest).Open();
            source.CopyTo(target);
        }
        foreach (var hash in Listed(from))
        {
            if (InPool(Pool, hash) is var photo && File.Exists(photo))
            {
                zip.CreateEntryFromFile(photo, $"photos/{hash}.jpg", CompressionLevel.NoCompression);
            }
        }
    }

    /// <summary>Clears away copies that no backup lists any more.</summary>
    void Sweep()
    {
        if (!Directory.Exists(Pool))
        {
            return;
        }
        var listed = new HashSet<string>();
        foreach (var backup in List())
        {
            try
            {
                using var zip = Open(Path.Combine(folder.Backups, backup.Name));
                listed.UnionWith(Listed(zip));
            }
            catch (BackupException)
            {
                // Which photos a damaged backup had nobody can say: all stay.
                return;
            }
        }
        foreach (var photo in Directory.EnumerateFiles(Pool, "*.jpg", SearchOption.AllDirectories))
        {
            if (!listed.Contains(Path.GetFileNameWithoutExtension(photo)))
            {
                File.Delete(photo);
            }
        }
    }
}
