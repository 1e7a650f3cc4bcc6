using System.Threading.Channels;

namespace Haar.Data.Backups;

/// <summary>The workshop is being put back from a backup, or was since this act began: it was decided on what is no longer there.</summary>
public sealed class RestoredException()
    : Exception("A backup has just been put back. Nothing of yours was written: look at the workshop as it is now, and do it again.");

/// <summary>
/// Between acts, and between acts and a restore. Acts take their turn in the order in which they came. An act that began before a
/// restore is refused when it comes to write, so that nothing is acknowledged that the restore then overwrites.
/// </summary>
public sealed class RestoreGate
{
    /// <summary>How long an act stands in line before it asks the database itself, which waits ten seconds more and then says that it is busy.</summary>
    static readonly TimeSpan Longest = TimeSpan.FromSeconds(30);

    /// <summary>Holds the one turn while nobody writes; who asks for it is answered in order.</summary>
    readonly Channel<bool> turn = Channel.CreateBounded<bool>(1);
    int restoring;

    public RestoreGate() => turn.Writer.TryWrite(true);

    /// <summary>
    /// Waits until those who came before have written. SQLite lets waiting writers in by chance: of many, one may wait until it is
    /// refused while later ones write.
    /// </summary>
    /// <returns>Disposed by the caller when it has written.</returns>
    public async Task<IDisposable> TurnAsync(CancellationToken cancel)
    {
        using var end = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        end.CancelAfter(Longest);
        try
        {
            await turn.Reader.ReadAsync(end.Token);
            return new Turn(turn.Writer);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            return new Turn(null);
        }
    }

    sealed class Turn(ChannelWriter<bool>? back) : IDisposable
    {
        public void Dispose() => Interlocked.Exchange(ref back, null)?.TryWrite(true);
    }

    /// <summary>Rises when a restore begins and when it ends.</summary>
    public int Generation { get; private set; }

    /// <param name="generation">As it was when the act began.</param>
    /// <exception cref="RestoredException">A restore is under way or has been.</exception>
    public void Pass(int generation)
    {
        if (Volatile.Read(ref restoring) != 0 || generation != Generation)
        {
            throw new RestoredException();
        }
    }

    /// <exception cref="BackupException">Another restore is under way.</exception>
    public IDisposable Close()
    {
        if (Interlocked.CompareExchange(ref restoring, 1, 0) != 0)
        {
            throw new BackupException("A backup is being put back already. Nothing was changed.");
        }
        Generation++;
        return new Closed(this);
    }

    sealed class Closed(RestoreGate gate) : IDisposable
    {
        public void Dispose()
        {
            // What was read while the gate was closed may be of before: it is no longer enough either.
            gate.Generation++;
            Volatile.Write(ref gate.restoring, 0);
        }
    }
}
