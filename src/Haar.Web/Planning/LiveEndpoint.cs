using Haar.Data.Log;
using Haar.Web.Identity;

namespace Haar.Web.Planning;

/// <summary>Server-sent events: which machine was touched, as soon as it was, so that a phone at the bench and a screen on the wall see each other.</summary>
static class LiveEndpoint
{
    /// <summary>A line now and then, so that a phone that is gone is noticed.</summary>
    static readonly TimeSpan Heartbeat = TimeSpan.FromSeconds(20);

    public static void MapLive(this IEndpointRouteBuilder api) =>
        api.MapGet("/live", (RequestDelegate)ListenAsync).WithName("Live").WithTags("Planning").ExcludeFromDescription();

    static async Task ListenAsync(HttpContext context)
    {
        var live = context.RequestServices.GetRequiredService<Live>();
        using var end = CancellationTokenSource.CreateLinkedTokenSource(
            context.RequestAborted,
            context.RequestServices.GetRequiredService<IHostApplicationLifetime>().ApplicationStopping
        );
        context.Response.ContentType = "text/event-stream";
        context.Response.Headers.CacheControl = "no-store";
        var turn = new SemaphoreSlim(1);
        var sessions = context.RequestServices.GetRequiredService<SessionStore>();
        async Task Write(string text)
        {
            // The door is passed once and the page listens for hours: a session that has ended hears nothing more.
            if (!sessions.Lives(context.User))
            {
                await end.CancelAsync();
            }
            await turn.WaitAsync(end.Token);
            try
            {
                await context.Response.WriteAsync(text, end.Token);
                await context.Response.Body.FlushAsync(end.Token);
            }
            finally
            {
                turn.Release();
            }
        }

        try
        {
            using var listener = live.Listen();
            await Write("retry: 1000\n: here\n\n");
            var beat = Task.Run(
                async () =>
                {
                    using var timer = new PeriodicTimer(Heartbeat);
                    while (await timer.WaitForNextTickAsync(end.Token))
                    {
                        await Write(": here\n\n");
                    }
                },
                end.Token
            );
            await foreach (var machine in listener.TouchedAsync(end.Token))
            {
                await Write($"data: {machine}\n\n");
            }
            await beat;
        }
        catch (OperationCanceledException)
        {
            // The screen is closed, or the workshop is.
        }
    }
}
