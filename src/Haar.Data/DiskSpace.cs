namespace Haar.Data;

/// <summary>What the data folder takes of its disk, and what is left.</summary>
/// <param name="FreeBytes">That this user may still write.</param>
/// <param name="DatabaseBytes">With its write-ahead log.</param>
/// <param name="Low">Little enough that acts may soon be refused.</param>
/// <param name="Sentence">What to free, when it is low.</param>
public sealed record DiskSpace(long FreeBytes, long DatabaseBytes, long PhotoBytes, long BackupBytes, bool Low, string Sentence)
{
    /// <summary>A default.</summary>
    public const long LowBytes = 64_000_000;

    /// <summary>Kept on the disk for the day on which it is full: SQLite then has room for its log and index, so that Haar opens, reads and exports.</summary>
    public const long ReserveBytes = 8_000_000;

    public static DiskSpace Of(DataFolder folder)
    {
        var free = new DriveInfo(folder.Root).AvailableFreeSpace;
        var photos = Size(folder.Photos);
        var backups = Size(folder.Backups);
        var database = new[] { "", "-wal", "-shm" }.Sum(e =>
            File.Exists(folder.Database + e) ? new FileInfo(folder.Database + e).Length : 0
        );
        var low = free < LowBytes;
        return new(
            free,
            database,
            photos,
            backups,
            low,
            low
                ? $"The disk is nearly full: {Megabytes(free)} are left. Backups take {Megabytes(backups)} in {folder.Backups}: download the older ones to another disk and delete them here. What is in the workshop can be read and exported meanwhile."
                : ""
        );
    }

    /// <summary>Fills the reserve when there is room to spare.</summary>
    public static void KeepReserve(DataFolder folder)
    {
        var path = Reserve(folder);
        try
        {
            if (
                File.Exists(path) && new FileInfo(path).Length == ReserveBytes
                || new DriveInfo(folder.Root).AvailableFreeSpace < ReserveBytes + LowBytes
            )
            {
                return;
            }
            // Written, not only set to that length: a file with holes keeps nothing.
            DurableFile.Write(path, new byte[ReserveBytes]);
        }
        catch (IOException)
        {
            // Full already.
        }
    }

    /// <summary>Gives the reserve back to the disk when next to nothing else is left.</summary>
    /// <returns>Whether there was one to give.</returns>
    public static bool ReleaseReserve(DataFolder folder)
    {
        var path = Reserve(folder);
        if (!File.Exists(path) || new DriveInfo(folder.Root).AvailableFreeSpace > ReserveBytes / 4)
        {
            return false;
        }
        File.Delete(path);
        return true;
    }

    static string Reserve(DataFolder folder) => Path.Combine(folder.Root, "reserve");

    static long Size(string path) => new DirectoryInfo(path).EnumerateFiles("*", SearchOption.AllDirectories).Sum(f => f.Length);

    static string Megabytes(long bytes) =>
        bytes < 10_000_000
            ? $"{(bytes / 1e6).ToString("0.#", System.Globalization.CultureInfo.InvariantCulture)} MB"
            : $"{(bytes / 1e6).ToString("0", System.Globalization.CultureInfo.InvariantCulture)} MB";
}
