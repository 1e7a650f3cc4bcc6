using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Haar.Web.Http;

/// <summary>An example request, shown in the OpenAPI document beside the endpoint.</summary>
sealed record Example(string Json);

static class OpenApi
{
    public static TBuilder WithExample<TBuilder>(this TBuilder builder, string json)
        where TBuilder : IEndpointConventionBuilder
    {
        builder.WithMetadata(new Example(json));
        return builder;
    }

    public static void Configure(OpenApiOptions o)
    {
        o.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info = new()
                {
                    Title = "Haar",
                    Version = "1",
                    Description = "The bench companion. Every rule can be asked under /api/calc without a machine.",
                };
                document.Servers?.Clear();
                return Task.CompletedTask;
            }
        );
        o.AddSchemaTransformer(
            (schema, context, _) =>
            {
                // JsonStringEnumConverter without integers leaves the type out.
                var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
                if (type.IsEnum && schema.Enum is { Count: > 0 })
                {
                    schema.Type = JsonSchemaType.String;
                }
                return Task.CompletedTask;
            }
        );
        o.AddOperationTransformer(
            (operation, context, _) =>
            {
                if (
                    context.Description.ActionDescriptor.EndpointMetadata.OfType<Example>().FirstOrDefault() is { } example
                    && operation.RequestBody?.Content?.TryGetValue("application/json", out var media) == true
                )
                {
                    media.Example = JsonNode.Parse(example.Json);
                }

                return Task.CompletedTask;
            }
        );
    }
}
