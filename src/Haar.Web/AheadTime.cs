using System.Globalization;

namespace Haar.Web;

/// <summary>A clock that runs ahead by so much: the demo workshop, opened as if days had passed.</summary>
sealed class AheadTime(TimeSpan by) : TimeProvider
{
    /// <summary>Farther ahead nothing of a demo is left to see.</summary>
    public const double MostDays = 400;

    public override DateTimeOffset GetUtcNow() => base.GetUtcNow() + by;

    /// <param name="days">As it was typed; null for the clock as it is.</param>
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
        return double.TryParse(days, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var ahead) && ahead <= MostDays
            ? new AheadTime(TimeSpan.FromDays(ahead))
            : throw new FormatException($"--ahead takes 0 to {MostDays:0} days, such as 3 or 2.5; “{days}” is none.");
    }
}
