namespace Haar.Core.Planning;

/// <summary>Hours of people and places, in minutes from the plan's start.</summary>
public static partial class WorkPlan
{
    static PlanPerson Person(BenchPerson p, WorkPlanAsk ask, DateTimeOffset start) =>
        new()
        {
            Name = p.Name,
            Skills = [.. p.Skills.Distinct().Select(s => s.ToString())],
            Avoids = [.. p.Avoids.Distinct().Select(a => a.ToString())],
            Windows = Windows(ask, start, p.On),
        };

    static List<Window> Windows(WorkPlanAsk ask, DateTimeOffset start, Func<DateOnly, IEnumerable<(TimeOnly From, TimeOnly To)>> on)
    {
        var first = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(start, ask.Zone).DateTime);
        int At(DateOnly day, TimeOnly time)
        {
            var local = day.ToDateTime(time);
            // An hour that the clock leaps over begins when it has leapt.
            local = ask.Zone.IsInvalidTime(local) ? local.AddHours(1) : local;
            return (int)Math.Round((new DateTimeOffset(local, ask.Zone.GetUtcOffset(local)) - start).TotalMinutes);
        }
        return
        [
            .. Enumerable
                .Range(0, HorizonDays)
                .SelectMany(d => on(first.AddDays(d)).Select(h => new Window(At(first.AddDays(d), h.From), At(first.AddDays(d), h.To))))
                .Where(w => w.To > 0 && w.To > w.From)
                .Select(w => w with { From = Math.Max(0, w.From) }),
        ];
    }

    static List<Window> Daylight(WorkPlanAsk ask, DateTimeOffset start) =>
        Windows(
            ask,
            start,
            day =>
            {
                var half = HalfDayHours(day.DayOfYear, ask.Latitude);
                return half < 0.5
                    ? []
                    :
                    [
                        (
                            TimeOnly.FromTimeSpan(TimeSpan.FromHours(Math.Max(0, 12.5 - half))),
                            TimeOnly.FromTimeSpan(TimeSpan.FromHours(Math.Min(23.9, 12.5 + half)))
                        ),
                    ];
            }
        );

    /// <summary>Half of a day's length, hours: declination after Cooper (1969), sunrise equation without refraction.</summary>
    public static double HalfDayHours(int dayOfYear, double latitude)
    {
        var declination = 23.45 * Math.Sin(2 * Math.PI * (284 + dayOfYear) / 365.0) * Math.PI / 180;
        var cos = -Math.Tan(Math.Clamp(latitude, -89, 89) * Math.PI / 180) * Math.Tan(declination);
        return Math.Acos(Math.Clamp(cos, -1, 1)) * 12 / Math.PI;
    }
}
