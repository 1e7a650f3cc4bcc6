using System.Reflection;
using Microsoft.AspNetCore.Http.Metadata;

namespace Haar.Web.Http;

/// <summary>Marks an operation that changes a row as it was: it says in If-Match which version that was.</summary>
sealed record Versioned;

/// <summary>The version that a change was based on, from the If-Match header. An endpoint that takes it is listed with it in the interface's document.</summary>
sealed class IfMatch : IEndpointParameterMetadataProvider
{
    readonly int? on;

    IfMatch(int? on) => this.on = on;

    /// <exception cref="NoVersionException">None was sent.</exception>
    public int On => on ?? throw new NoVersionException();

    public static ValueTask<IfMatch> BindAsync(HttpContext context)
    {
        var header = context.Request.Headers.IfMatch.ToString().Trim().Trim('"');
        return ValueTask.FromResult(new IfMatch(int.TryParse(header, out var v) ? v : null));
    }

    public static void PopulateMetadata(ParameterInfo parameter, EndpointBuilder builder) => builder.Metadata.Add(new Versioned());
}
