namespace Haar.Web.Http;

/// <summary>Others wait already. Carries how many.</summary>
public sealed class BusyException(int before)
    : Exception($"{before} others are already waiting for a long calculation. Nothing was changed: ask again in a moment.")
{
    public int Before { get; } = before;
}

/// <summary>
/// What takes a solver is answered one after another, so that a processor is left for everybody who reads and measures meanwhile.
/// Whoever leaves loses its place, and ends the search that runs for it.
/// </summary>
public sealed class LongAnswers : IDisposable
{
    /// <summary>Waiting at once; more are asked to come again. A default.</summary>
    public const int MostWaiting = 8;

    readonly SemaphoreSlim turn = new(1);
    int here;

    /// <summary>Asked for and not answered yet.</summary>
    public int Here => Volatile.Read(ref here);

    /// <param name="solve">Gets the time at which to stop, by its token.</param>
    /// <exception cref="BusyException">Too many wait.</exception>
    public async Task<T> RunAsync<T>(Func<CancellationToken, T> solve, CancellationToken cancel)
    {
        var place = Interlocked.Increment(ref here) - 1;
        try
        {
            if (place > MostWaiting)
            {
                throw new BusyException(place);
            }
            await turn.WaitAsync(cancel);
            try
            {
                return await Task.Run(() => solve(cancel), cancel);
            }
            finally
            {
                turn.Release();
            }
        }
        finally
        {
            Interlocked.Decrement(ref here);
        }
    }

    public void Dispose() => turn.Dispose();
}
