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

    /// <summary>Listens from this moment on, not only once something is read: what is touched in between is heard. A slow listener loses the oldest: it will read the machine as it is anyway.</summary>
    public Listener Listen() => new(this);

    /// <summary>One screen that listens, until it is disposed of.</summary>
    public sealed class Listener : IDisposable
    {
        readonly Live live;
        readonly Guid id = Guid.NewGuid();
        readonly Channel<Guid> channel = Channel.CreateBounded<Guid>(
            new BoundedChannelOptions(64) { FullMode = BoundedChannelFullMode.DropOldest }
        );

        internal Listener(Live live)
        {
            this.live = live;
            live.listeners[id] = channel;
        }

        /// <summary>Ids of touched machines, until cancelled.</summary>
        public IAsyncEnumerable<Guid> TouchedAsync(CancellationToken cancel) => channel.Reader.ReadAllAsync(cancel);

        public void Dispose() => live.listeners.TryRemove(id, out _);
    }
}
