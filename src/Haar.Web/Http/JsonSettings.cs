using System.Text.Json;
using System.Text.Json.Serialization;

namespace Haar.Web.Http;

/// <summary>JSON over HTTP: camelCase, enums as words only, numbers as numbers only, nothing left out that a record needs.</summary>
static class JsonSettings
{
    /// <summary>Writes an enum's value as its word on the wire.</summary>
    public static readonly JsonSerializerOptions Words = new()
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
    };

    public static void Configure(JsonSerializerOptions o)
    {
        o.NumberHandling = JsonNumberHandling.Strict;
        o.RespectNullableAnnotations = true;
        o.RespectRequiredConstructorParameters = true;
        o.AllowDuplicateProperties = false;
        // A misspelled field would be a fact that nobody was told of.
        o.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        o.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        o.Converters.Add(new LateJson(o));
    }
}
