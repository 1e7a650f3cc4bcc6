namespace Haar.Data.Backups;

/// <summary>The workshop is being put back from a backup, or was since this act began: it was decided on what is no longer there.</summary>
public sealed class RestoredException()
    : Exception("A backup has just been put back. Nothing of yours was written: look at the workshop as it is now, and do it again.");

/// <summary>
/// Between acts and a restore. An act that began before a restore is refused when it comes to write, so that nothing is acknowledged
/// that the restore then overwrites.
/// </summary>
public sealed class RestoreGate
{
    int restoring;

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
