using System.Text.Json.Nodes;
using Haar.Web.Identity;
using Microsoft.AspNetCore.Authorization;
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
                document.Components ??= new();
                document.Components.SecuritySchemes = new Dictionary<string, IOpenApiSecurityScheme>
                {
                    [Session] = new OpenApiSecurityScheme
                    {
                        Type = SecuritySchemeType.ApiKey,
                        In = ParameterLocation.Cookie,
                        Name = "haar-session",
                        Description = "Given by /api/session, on this machine without asking.",
                    },
                    [Token] = new OpenApiSecurityScheme
                    {
                        Type = SecuritySchemeType.ApiKey,
                        In = ParameterLocation.Header,
                        Name = "X-Haar-Token",
                        Description = "Answered by /api/session; goes with everything that may change something.",
                    },
                };
                document.Components.Schemas ??= new Dictionary<string, IOpenApiSchema>();
                document.Components.Schemas[Problem] = new OpenApiSchema
                {
                    Type = JsonSchemaType.Object,
                    Description = "RFC 9457. Nothing was changed.",
                    Properties = new Dictionary<string, IOpenApiSchema>
                    {
                        ["title"] = new OpenApiSchema { Type = JsonSchemaType.String },
                        ["detail"] = new OpenApiSchema { Type = JsonSchemaType.String, Description = "A whole sentence." },
                        ["status"] = new OpenApiSchema { Type = JsonSchemaType.Integer },
                        ["errors"] = new OpenApiSchema
                        {
                            Type = JsonSchemaType.Object,
                            Description = "Sentences by the field's path, as it was sent.",
                            AdditionalProperties = new OpenApiSchema
                            {
                                Type = JsonSchemaType.Array,
                                Items = new OpenApiSchema { Type = JsonSchemaType.String },
                            },
                        },
                        ["verdict"] = new OpenApiSchema
                        {
                            Type = JsonSchemaType.Object,
                            Description = "Where an act is refused: the same as on the screen that proposes it.",
                        },
                        ["mayBeOverruled"] = new OpenApiSchema
                        {
                            Type = JsonSchemaType.Boolean,
                            Description = "Sent again with overruleReason, it is done.",
                        },
                        ["current"] = new OpenApiSchema { Type = JsonSchemaType.Object, Description = "The row as it is now (409, 412)." },
                    },
                };
                document.Components.Responses = Refused.ToDictionary(
                    r => $"{Problem}{r.Status}",
                    IOpenApiResponse (r) =>
                        new OpenApiResponse
                        {
                            Description = r.Sentence,
                            Content = new Dictionary<string, OpenApiMediaType>
                            {
                                ["application/problem+json"] = new() { Schema = new OpenApiSchemaReference(Problem, document) },
                            },
                        }
                );
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
                // A fact with a converter of its own, which reads what was a tick once.
                if (type == typeof(Core.Verdicts.ThreeState) && schema.Enum is null or { Count: 0 })
                {
                    schema.Type = JsonSchemaType.String;
                    schema.Enum = [.. new[] { "notKnown", "yes", "no" }.Select(w => (JsonNode)w)];
                }
                // What is only answered is as its getter says; the generator asks the setter that it has not.
                if (context.JsonPropertyInfo is { Set: null, IsGetNullable: false })
                {
                    schema.Type &= ~JsonSchemaType.Null;
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
                Refusals(operation, context);
                if (context.Description.ActionDescriptor.EndpointMetadata.OfType<AskedFact>().ToList() is { Count: > 0 } asked)
                {
                    operation.Description =
                        $"{operation.Description} Asked for: {string.Join("; ", asked.Select(a => $"`{a.Path}`: {a.Sentence}"))}".Trim();
                }

                return Task.CompletedTask;
            }
        );
    }

    const string Session = "session",
        Token = "token",
        Problem = "Problem";

    /// <summary>What may be answered instead, from what the endpoint is marked with: the same marks that the server acts by.</summary>
    static void Refusals(OpenApiOperation operation, OpenApiOperationTransformerContext context)
    {
        var marks = context.Description.ActionDescriptor.EndpointMetadata;
        var policies = marks.OfType<IAuthorizeData>().Select(a => a.Policy).ToList();
        var open = marks.OfType<IAllowAnonymous>().Any();
        var changes = context.Description.HttpMethod is not "GET";
        var token = changes && !open && !policies.Contains(AccessPolicy.Rule);
        var versioned = marks.OfType<Versioned>().Any();
        if (!open)
        {
            var needs = new OpenApiSecurityRequirement { [new OpenApiSecuritySchemeReference(Session, context.Document)] = [] };
            if (token)
            {
                needs[new OpenApiSecuritySchemeReference(Token, context.Document)] = [];
            }
            operation.Security = [needs];
        }
        if (versioned)
        {
            operation.Parameters ??= [];
            operation.Parameters.Add(
                new OpenApiParameter
                {
                    Name = "If-Match",
                    In = ParameterLocation.Header,
                    Required = true,
                    Description = "The version that the change was based on, as it was read.",
                    Schema = new OpenApiSchema { Type = JsonSchemaType.Integer },
                }
            );
        }
        void May(bool when, int status)
        {
            operation.Responses ??= [];
            if (when)
            {
                operation.Responses.TryAdd($"{status}", new OpenApiResponseReference($"{Problem}{status}", context.Document));
            }
        }

        var asks = operation.RequestBody is not null || operation.Parameters is { Count: > 0 };
        var path = context.Description.RelativePath ?? "";
        May(asks, 400);
        May(!open, 401);
        May(token, 403);
        May(path.Contains('{'), 404);
        May(token, 409);
        May(token && path.Contains("machines/{"), 410);
        May(versioned, 412);
        May(operation.RequestBody is not null, 413);
        May(operation.RequestBody is not null, 415);
        May(token, 422);
        May(versioned, 428);
        May(!open, 503);
        May(token, 507);
    }

    static readonly IReadOnlyList<(int Status, string Sentence)> Refused =
    [
        (400, "It cannot be: the field is named. Where an act is refused, its verdict, and whether a person may decide against it."),
        (401, "No session."),
        (403, "No token, or another site's page."),
        (404, "There is no such thing here."),
        (409, "Somebody was faster, or what was asked stands against what is there."),
        (410, "The machine was taken off the list."),
        (412, "Changed by somebody since that version: carries both."),
        (413, "Larger than is taken."),
        (415, "Another kind of content."),
        (422, "Understood, and cannot be done, such as a file that is none."),
        (428, "No If-Match."),
        (503, "Busy, or the workshop is not open yet; Retry-After says when to ask again."),
        (507, "The disk is full. Nothing was changed."),
    ];
}
