using System.Runtime.InteropServices;

namespace Haar.Web.Http;

/// <summary>Runs a search on one core, whatever threads it starts: the others stay with whoever reads and measures meanwhile. Where the system does not know how, it runs as any other.</summary>
static class OneCore
{
    /// <param name="solve">On a thread of its own. The solver's own threads are born on the same core; threads of .NET are not, so it starts none.</param>
    public static T Run<T>(Func<T> solve)
    {
        T result = default!;
        Exception? failed = null;
        var thread = new Thread(() =>
        {
            try
            {
                if (OperatingSystem.IsLinux() && Environment.ProcessorCount is > 1 and <= 64)
                {
                    // The last one: interrupts and the first requests tend to land on the others.
                    var mask = 1UL << (Environment.ProcessorCount - 1);
                    _ = NativeMethods.sched_setaffinity(0, sizeof(ulong), ref mask);
                }
                result = solve();
            }
            catch (Exception e)
            {
                failed = e;
            }
        })
        {
            IsBackground = true,
            Name = "plan",
        };
        thread.Start();
        thread.Join();
        if (failed is not null)
        {
            // As it was thrown, with its own trace.
            System.Runtime.ExceptionServices.ExceptionDispatchInfo.Throw(failed);
        }
        return result;
    }

    static class NativeMethods
    {
        /// <summary>Of the calling thread where <paramref name="pid"/> is 0; see sched_setaffinity(2).</summary>
        [DllImport("libc", SetLastError = true)]
        [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
        internal static extern int sched_setaffinity(int pid, nint size, ref ulong mask);
    }
}
