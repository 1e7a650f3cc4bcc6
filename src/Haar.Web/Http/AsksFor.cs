using System.Text.Json;
using Haar.Core.Verdicts;

namespace Haar.Web.Http;

/// <summary>A fact that decides, and that a question is not answered without: left out or null, it is asked for.</summary>
/// <param name="Path">As it is sent, members of lists without an index: "fasteners.lengthMillimetres". A field of something that is left out itself is not asked for.</param>
/// <param name="Sentence">What to say, to a person.</param>
sealed record AskedFact(string Path, string Sentence);

/// <summary>
/// Facts that decide are asked for, and never taken for the harmless one. A rule that can say which fact it lacks does so itself; where
/// it cannot, because the fact's absence is a value of its own (an empty list, a false, a nought), the question is not put to it.
/// </summary>
static class AsksFor
{
    public static TBuilder Asking<TBuilder>(this TBuilder builder, string path, string sentence)
        where TBuilder : IEndpointConventionBuilder
    {
        builder.WithMetadata(new AskedFact(path, sentence));
        return builder;
    }

    public static void UseAskedFacts(this IApplicationBuilder app) =>
        app.Use(
            async (context, next) =>
            {
                if (context.GetEndpoint()?.Metadata.GetOrderedMetadata<AskedFact>() is { Count: > 0 } asked)
                {
                    context.Request.EnableBuffering();
                    await CheckAsync(context.Request.Body, asked, context.RequestAborted);
                    context.Request.Body.Position = 0;
                }
                await next(context);
            }
        );

    static async Task CheckAsync(Stream body, IReadOnlyList<AskedFact> asked, CancellationToken cancel)
    {
        try
        {
            using var document = await JsonDocument.ParseAsync(body, cancellationToken: cancel);
            foreach (var fact in asked)
            {
                if (Missing(document.RootElement, fact.Path.Split('.'), "") is { } at)
                {
                    throw new InvalidInputException(at, fact.Sentence);
                }
            }
        }
        catch (JsonException)
        {
            // What cannot be read is said by whoever reads it.
        }
    }

    /// <summary>The path of the first that is missing; null where none is.</summary>
    static string? Missing(JsonElement at, ReadOnlySpan<string> path, string so)
    {
        if (at.ValueKind == JsonValueKind.Array)
        {
            var i = 0;
            foreach (var member in at.EnumerateArray())
            {
                if (Missing(member, path, $"{so}[{i++}]") is { } missing)
                {
                    return missing;
                }
            }
            return null;
        }
        if (at.ValueKind != JsonValueKind.Object)
        {
            return null;
        }
        var here = so.Length == 0 ? path[0] : $"{so}.{path[0]}";
        var there = at.TryGetProperty(path[0], out var value) && value.ValueKind is not (JsonValueKind.Null or JsonValueKind.Undefined);
        return path.Length == 1
            ? there
                ? null
                : here
            : there
                ? Missing(value, path[1..], here)
                : null;
    }
}
