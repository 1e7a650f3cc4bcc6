using System.Globalization;

namespace Haar.Web;

/// <summary>A clock that runs ahead: the demo workshop, as if days had passed.</summary>
/// <param name="by">By how much, asked each time: who changes it while the workshop is open lets days pass in it.</param>
sealed class AheadTime(Func<TimeSpan> by) : TimeProvider
{
    /// <summary>Farther ahead nothing of a demo is left to see.</summary>
    public const double MostDays = 400;

    /// <summary>How long a jump goes unseen by what waits. A house figure.</summary>
    static readonly TimeSpan Look = TimeSpan.FromMilliseconds(100);

    public override DateTimeOffset GetUtcNow() => base.GetUtcNow() + by();

    /// <summary>What waits is due by this clock, also when it jumps.</summary>
    public override ITimer CreateTimer(TimerCallback callback, object? state, TimeSpan dueTime, TimeSpan period) =>
        new JumpTimer(this, callback, state, dueTime, period);

    ITimer Real(TimerCallback tick) => base.CreateTimer(tick, null, Look, Look);

    /// <param name="days">As it was typed, or a file's whole path that says them and may be written anew; null for the clock as it is.</param>
    /// <param name="demo">A workshop of one's own keeps the true time.</param>
    /// <exception cref="FormatException">It is no number of days, or not the demo's.</exception>
    public static TimeProvider Of(string? days, bool demo)
    {
        if (string.IsNullOrEmpty(days))
        {
            return System;
        }
        if (!demo)
        {
            throw new FormatException("Only the demo workshop is opened ahead of its time: leave --ahead out.");
        }
        if (Path.IsPathFullyQualified(days))
        {
            return new AheadTime(new DaysFile(days).Ask);
        }
        var ahead = Days(days);
        return new AheadTime(() => ahead);
    }

    static TimeSpan Days(string days) =>
        double.TryParse(days.Trim(), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var ahead) && ahead <= MostDays
            ? TimeSpan.FromDays(ahead)
            : throw new FormatException($"--ahead takes 0 to {MostDays:0} days, such as 3 or 2.5; “{days}” is none.");

    /// <summary>The days that a file says; as before while it is being written.</summary>
    sealed class DaysFile(string path)
    {
        readonly Lock guard = new();
        DateTime written;
        TimeSpan days;

        public TimeSpan Ask()
        {
            lock (guard)
            {
                var changed = File.GetLastWriteTimeUtc(path);
                if (changed != written)
                {
                    try
                    {
                        days = Days(File.ReadAllText(path));
                        written = changed;
                    }
                    catch (Exception e) when (e is IOException or FormatException)
                    {
                        // Half written: asked again at once.
                    }
                }
                return days;
            }
        }
    }

    sealed class JumpTimer : ITimer
    {
        readonly AheadTime clock;
        readonly TimerCallback callback;
        readonly object? state;
        readonly ITimer real;
        readonly Lock guard = new();
        DateTimeOffset? next;
        TimeSpan each;

        public JumpTimer(AheadTime clock, TimerCallback callback, object? state, TimeSpan due, TimeSpan period)
        {
            (this.clock, this.callback, this.state) = (clock, callback, state);
            Change(due, period);
            real = clock.Real(_ => Tick());
        }

        public bool Change(TimeSpan dueTime, TimeSpan period)
        {
            lock (guard)
            {
                next = dueTime == Timeout.InfiniteTimeSpan ? null : clock.GetUtcNow() + dueTime;
                each = period;
                return true;
            }
        }

        void Tick()
        {
            lock (guard)
            {
                var now = clock.GetUtcNow();
                if (next is null || now < next)
                {
                    return;
                }
                next = each == Timeout.InfiniteTimeSpan || each == TimeSpan.Zero ? null : now + each;
            }
            callback(state);
        }

        public void Dispose() => real.Dispose();

        public ValueTask DisposeAsync() => real.DisposeAsync();
    }
}
