using System.Text.Json;
using System.Text.Json.Serialization;

namespace Haar.Web.Http;

/// <summary>JSON over HTTP: camelCase, enums as words only, numbers as numbers only, nothing left out that a record needs.</summary>
static class JsonSettings
{
    public static void Configure(JsonSerializerOptions o)
    {
        o.NumberHandling = JsonNumberHandling.Strict;
        o.RespectNullableAnnotations = true;
        o.RespectRequiredConstructorParameters = true;
        o.AllowDuplicateProperties = false;
        o.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        o.Converters.Add(new LateJson(o));
    }
}
