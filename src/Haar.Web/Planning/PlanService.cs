using Haar.Core.Planning;
using Haar.Data;
using Haar.Data.Planning;
using Haar.Web.Http;

namespace Haar.Web.Planning;

/// <summary>How many seconds of search go into a better plan while somebody looks at it.</summary>
sealed record PlanPatience(double Seconds)
{
    public static readonly PlanPatience Default = new(4);
}

/// <summary>The plan of this workshop, for whoever asks: made at once, and made better when somebody looks at it.</summary>
sealed class PlanService(HaarDb db, TimeProvider time, LongAnswers answers, PlanPatience patience)
{
    public DateTimeOffset Now => time.GetUtcNow();
    public TimeZoneInfo Zone => time.LocalTimeZone;
    public DateOnly Today => DateOnly.FromDateTime(time.GetLocalNow().DateTime);

    /// <summary>The first that is found, or the one that is kept.</summary>
    public Task<(KeptPlan? Plan, WorkPlanProblem Problem)> CurrentAsync(CancellationToken cancel) =>
        PlanKeeper.CurrentAsync(db, Now, Zone, 0, (solve, c) => Task.Run(() => solve(c), c), cancel);

    /// <summary>After a search of some seconds; one after another, and on one core.</summary>
    public Task<(KeptPlan? Plan, WorkPlanProblem Problem)> BetterAsync(CancellationToken cancel) =>
        PlanKeeper.CurrentAsync(
            db,
            Now,
            Zone,
            patience.Seconds,
            (solve, c) => answers.RunAsync(x => OneCore.Run(() => solve(x)), c),
            cancel
        );
}
