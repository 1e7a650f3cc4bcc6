namespace Haar.Data;

/// <summary>Gives memory back to the machine after something large: Haar shares a corner of the club room with other programs.</summary>
public static class MemoryBack
{
    /// <summary>Below this nothing is done. A default.</summary>
    const long Enough = 200_000_000;

    static readonly TimeSpan NotOftener = TimeSpan.FromSeconds(5);
    static long last = -(long)NotOftener.TotalMilliseconds;

    static int large;

    /// <summary>Something was read that takes far more than usual: what it took is given back at once, however short ago that was done.</summary>
    public static void Large() => Interlocked.Exchange(ref large, 1);

    public static void Give()
    {
        var soon = Interlocked.Exchange(ref large, 0) == 1;
        var now = Environment.TickCount64;
        var before = Interlocked.Read(ref last);
        if (
            Environment.WorkingSet < Enough
            || !soon && now - before < NotOftener.TotalMilliseconds
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
