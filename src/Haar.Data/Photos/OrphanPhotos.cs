using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Photos;

/// <summary>Photo files that no row speaks of any more, and what a power cut left half-written.</summary>
public static class OrphanPhotos
{
    /// <summary>A default: an act of a month ago can still be undone, and its photo is then wanted.</summary>
    public static readonly TimeSpan Kept = TimeSpan.FromDays(30);

    /// <summary>Half-written files are of no use; one that is a day old is no longer being written.</summary>
    static readonly TimeSpan PartKept = TimeSpan.FromDays(1);

    /// <returns>How many files were thrown away.</returns>
    public static async Task<int> SweepAsync(HaarDb db, DataFolder folder, DateTimeOffset now, CancellationToken cancel = default)
    {
        var gone = 0;
        foreach (var at in new[] { folder.Root, folder.Photos, folder.Backups })
        {
            foreach (var part in new DirectoryInfo(at).EnumerateFiles($"*{DurableFile.Part}", Deep(at != folder.Root)).ToList())
            {
                if (part.LastWriteTimeUtc < now.UtcDateTime - PartKept)
                {
                    part.Delete();
                    gone++;
                }
            }
        }
        var spoken = (await db.Photos.Select(p => p.Hash).Distinct().ToListAsync(cancel)).ToHashSet();
        foreach (var file in new DirectoryInfo(folder.Photos).EnumerateFiles("*.jpg", Deep(true)).ToList())
        {
            var hash = file.Name.Split('.')[0];
            if (
                spoken.Contains(hash)
                || file.LastWriteTimeUtc >= now.UtcDateTime - Kept
                // What the log can still put back is kept as long as the log can.
                || await db.Log.AnyAsync(l => l.UndoneAt == null && l.Changes != null && l.Changes.Contains(hash), cancel)
            )
            {
                continue;
            }
            file.Delete();
            gone++;
        }
        return gone;
    }

    static SearchOption Deep(bool deep) => deep ? SearchOption.AllDirectories : SearchOption.TopDirectoryOnly;
}
