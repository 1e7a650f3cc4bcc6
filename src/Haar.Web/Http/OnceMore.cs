using Haar.Data;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Http;

/// <summary>Marks an act that reaches outside, or reads a body that comes only once: it is never begun a second time.</summary>
sealed record NotTwice;

/// <summary>
/// Two people who press in the same moment are not a conflict: the later act is decided again on what is there by then. What really
/// conflicts is found by that second decision: an edit names the version it was made on, and is then refused with both versions.
/// </summary>
sealed class OnceMore : IEndpointFilter
{
    /// <summary>A default: fifty who press at once are all through (AtOnceTests).</summary>
    const int Tries = 24;

    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var http = context.HttpContext;
        if (HttpMethods.IsGet(http.Request.Method) || http.GetEndpoint()?.Metadata.GetMetadata<NotTwice>() is not null)
        {
            return await next(context);
        }
        for (var tries = 1; ; tries++)
        {
            try
            {
                return await next(context);
            }
            catch (DbUpdateConcurrencyException) when (tries < Tries)
            {
                http.RequestServices.GetRequiredService<HaarDb>().ChangeTracker.Clear();
                // Not all at the same moment again.
                await Task.Delay(Random.Shared.Next(2, 6 + 4 * tries), http.RequestAborted);
            }
        }
    }
}
