using Haar.Data;
using Haar.Data.Log;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Http;

/// <summary>Marks an act that reaches outside, or reads a body that comes only once: it is never begun a second time.</summary>
sealed record NotTwice;

/// <summary>Marks what is written elsewhere than in the database, or nowhere: asking a meter, a backup, a rule.</summary>
sealed record WritesNoRow;

/// <summary>Marks an act that thinks for long before it writes: it takes the database's one writing place itself, when it has its answer.</summary>
sealed record ThinksFirst;

/// <summary>
/// Every act is one transaction: it takes the database's one writing place before it reads what it is decided on, and gives it back
/// when it is done or refused. Marks on the endpoint say where that is otherwise.
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
        var marks = http.GetEndpoint()?.Metadata;
        if (
            HttpMethods.IsGet(http.Request.Method)
            || marks?.GetMetadata<NotTwice>() is not null
            || marks?.GetMetadata<WritesNoRow>() is not null
        )
        {
            return await next(context);
        }
        var itself = marks?.GetMetadata<ThinksFirst>() is not null;
        for (var tries = 1; ; tries++)
        {
            try
            {
                return itself
                    ? await next(context)
                    : await http
                        .RequestServices.GetRequiredService<UnitOfWork>()
                        .InOneAsync(async () => await next(context), http.RequestAborted);
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
