namespace Haar.Data;

/// <summary>Gives memory back to the machine after something large: Haar shares a corner of the club room with other programs.</summary>
public static class MemoryBack
{
    /// <summary>Below this nothing is done. A default.</summary>
    const long Enough = 200_000_000;

    static readonly TimeSpan NotOftener = TimeSpan.FromSeconds(1);
    static long last = -(long)NotOftener.TotalMilliseconds;

    public static void Give()
    {
        var now = Environment.TickCount64;
        var before = Interlocked.Read(ref last);
        if (
            Environment.WorkingSet < Enough
            || now - before < NotOftener.TotalMilliseconds
            || Interlocked.CompareExchange(ref last, now, before) != before
        )
        {
            return;
        }
        GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, true, true);
        try
        {
            // Pictures are unpacked outside the garbage collector's heap, and glibc keeps what was freed there.
            _ = Trim(0);
        }
        catch (EntryPointNotFoundException)
        {
            // Another C library, which gives it back by itself.
        }
    }

    [System.Runtime.InteropServices.DllImport("libc", EntryPoint = "malloc_trim")]
    [System.Runtime.InteropServices.DefaultDllImportSearchPaths(System.Runtime.InteropServices.DllImportSearchPath.SafeDirectories)]
    static extern int Trim(nuint keep);
}
