using System.Collections.Concurrent;
using System.Threading.Channels;

namespace Haar.Data.Log;

/// <summary>Tells every screen that listens which machine an act has touched, so that a phone and a wall see each other. Nothing is kept: who was away reads anew.</summary>
public sealed class Live
{
    readonly ConcurrentDictionary<Guid, Channel<Guid>> listeners = new();

    /// <summary>How many screens listen.</summary>
    public int Listeners => listeners.Count;

    /// <summary>Called after an act is committed, once for each machine that it touched.</summary>
    public void Say(IEnumerable<Guid> machines)
    {
        foreach (var m in machines)
        {
            foreach (var l in listeners.Values)
            {
                l.Writer.TryWrite(m);
            }
        }
    }

    /// <summary>Ids of touched machines, until cancelled. A slow listener loses the oldest: it will read the machine as it is anyway.</summary>
    public async IAsyncEnumerable<Guid> ListenAsync(
        [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken cancel = default
    )
    {
        var id = Guid.NewGuid();
        var channel = Channel.CreateBounded<Guid>(new BoundedChannelOptions(64) { FullMode = BoundedChannelFullMode.DropOldest });
        listeners[id] = channel;
        try
        {
            await foreach (var m in channel.Reader.ReadAllAsync(cancel))
            {
                yield return m;
            }
        }
        finally
        {
            listeners.TryRemove(id, out _);
        }
    }
}
