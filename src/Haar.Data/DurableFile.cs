using System.Runtime.InteropServices;

namespace Haar.Data;

/// <summary>Files that are whole or not there: written beside, flushed to the disk, then moved into their place, and the folder's own entry flushed too.</summary>
public static class DurableFile
{
    /// <summary>What is written beside ends so; one that is found later was left by a power cut.</summary>
    public const string Part = ".part";

    /// <param name="secret">Readable for its owner only.</param>
    public static void Write(string path, ReadOnlySpan<byte> bytes, bool secret = false)
    {
        var folder = Path.GetDirectoryName(path)!;
        Directory.CreateDirectory(folder);
        var part = $"{path}.{Guid.NewGuid():N}{Part}";
        try
        {
            var options = new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.Write };
            if (secret && !OperatingSystem.IsWindows())
            {
                options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
            }
            using (var file = new FileStream(part, options))
            {
                file.Write(bytes);
                file.Flush(true);
            }
            File.Move(part, path, true);
            FlushFolder(folder);
        }
        catch
        {
            File.Delete(part);
            throw;
        }
    }

    /// <summary>Makes sure that a new name in a folder outlives a power cut (fsync of the directory, POSIX.1-2017).</summary>
    public static void FlushFolder(string folder)
    {
        if (OperatingSystem.IsWindows())
        {
            return;
        }
        var handle = Open(folder, 0);
        if (handle < 0)
        {
            return;
        }
        _ = Fsync(handle);
        _ = Close(handle);
    }

    [DllImport("libc", EntryPoint = "open", CharSet = CharSet.Ansi, BestFitMapping = false, ThrowOnUnmappableChar = true)]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    static extern int Open(string path, int flags);

    [DllImport("libc", EntryPoint = "fsync")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    static extern int Fsync(int handle);

    [DllImport("libc", EntryPoint = "close")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    static extern int Close(int handle);
}
