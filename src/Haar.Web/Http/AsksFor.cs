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
        // What is wrong is said before what is missing: the rule has had its say when this is looked at.
        builder.AddEndpointFilter(
            async (context, next) =>
            {
                var answer = await next(context);
                return context.HttpContext.Items[Lacking] is InvalidInputException asked ? throw asked : answer;
            }
        );
        return builder;
    }

    static readonly object Lacking = new();

    public static void UseAskedFacts(this IApplicationBuilder app) =>
        app.Use(
            async (context, next) =>
            {
                if (context.GetEndpoint()?.Metadata.GetOrderedMetadata<AskedFact>() is { Count: > 0 } asked)
                {
                    var body = new MemoryStream();
                    await context.Request.Body.CopyToAsync(body, context.RequestAborted);
                    context.Items[Lacking] = FirstLacking(body.ToArray(), asked);
                    body.Position = 0;
                    context.Request.Body = body;
                }
                await next(context);
            }
        );

    /// <exception cref="BadHttpRequestException">It breaks off inside an object: the reader of records is not told where, once it is kept in memory.</exception>
    static InvalidInputException? FirstLacking(byte[] body, IReadOnlyList<AskedFact> asked)
    {
        try
        {
            using var document = JsonDocument.Parse(body);
            foreach (var fact in asked)
            {
                if (Missing(document.RootElement, fact.Path.Split('.'), "") is { } at)
                {
                    return new(at, fact.Sentence);
                }
            }
            return null;
        }
        catch (JsonException e)
        {
            var reader = new Utf8JsonReader(body);
            if (body.Length > 0 && body[0] == (byte)'{' && reader.Read())
            {
                throw new BadHttpRequestException(
                    "The body is no JSON.",
                    StatusCodes.Status400BadRequest,
                    new JsonException(e.Message, LateJson.Where(reader), e.LineNumber, e.BytePositionInLine, e)
                );
            }
            // What is nothing, or no object, is said by whoever reads it.
            return null;
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
