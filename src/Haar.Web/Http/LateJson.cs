using System.Text.Json;
using System.Text.Json.Serialization;

namespace Haar.Web.Http;

/// <summary>
/// Works out how one of our records is read and written when that is first done, and not for every endpoint before the first answer.
/// What goes over the wire is the same; a third of the start was spent on types that a session may never meet.
/// </summary>
/// <param name="served">The options that endpoints use. A copy of them, such as the OpenAPI document makes, sees the records whole.</param>
sealed class LateJson(JsonSerializerOptions served) : JsonConverterFactory
{
    JsonSerializerOptions? plain;

    JsonSerializerOptions Plain => plain ??= Without();

    JsonSerializerOptions Without()
    {
        var o = new JsonSerializerOptions(served);
        o.Converters.Remove(this);
        return o;
    }

    public override bool CanConvert(Type typeToConvert) => typeToConvert is { IsClass: true, IsAbstract: false } && typeToConvert.Namespace?.StartsWith("Haar.", StringComparison.Ordinal) == true;

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        ReferenceEquals(options, served) ? (JsonConverter)Activator.CreateInstance(typeof(Late<>).MakeGenericType(typeToConvert), Plain)! : Plain.GetConverter(typeToConvert);

    sealed class Late<T>(JsonSerializerOptions plain) : JsonConverter<T> where T : class
    {
        public override T? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
        {
            var before = reader;
            try
            {
                return JsonSerializer.Deserialize<T>(ref reader, plain);
            }
            catch (JsonException e) when (e.Path is null or "$")
            {
                // The serializer looks ahead over the whole record, and does not say where that failed.
                throw new JsonException(e.Message, Where(before), e.LineNumber, e.BytePositionInLine, e);
            }
        }

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) => JsonSerializer.Serialize(writer, value, plain);
    }

    /// <summary>The path of the value at which reading breaks off, as the serializer writes paths: $.spec.microfarads.</summary>
    static string Where(Utf8JsonReader reader)
    {
        var open = new Stack<string>();
        var name = "";
        try
        {
            do
            {
                switch (reader.TokenType)
                {
                    case JsonTokenType.PropertyName: name = $".{reader.GetString()}"; break;
                    case JsonTokenType.StartObject or JsonTokenType.StartArray: open.Push(name); name = ""; break;
                    case JsonTokenType.EndObject or JsonTokenType.EndArray when open.Count > 0: open.Pop(); name = ""; break;
                    default: name = ""; break;
                }
            }
            while (reader.Read());
        }
        catch (JsonException)
        {
            // This is the place.
        }

        return $"${string.Concat(open.Reverse())}{name}";
    }
}
