using System.Text.Json;
using System.Text.Json.Serialization;
using Haar.Core.Verdicts;

namespace Haar.Web.Http;

/// <summary>
/// Works out how one of our records is read and written when that is first done, and not for every endpoint before the first answer.
/// What is read is also walked through here, once, before any endpoint sees it (<see cref="SoundInput"/>).
/// What goes over the wire is the same; a third of the start was spent on types that a session may never meet.
/// </summary>
/// <param name="served">The options that endpoints use. A copy of them, such as the OpenAPI document makes, sees the records whole.</param>
sealed class LateJson(JsonSerializerOptions served) : JsonConverterFactory
{
    // Copied when the first record is met, after everything has had its say in the options.
    readonly Lazy<JsonSerializerOptions> plain = new(() =>
    {
        var o = new JsonSerializerOptions(served);
        o.Converters.Remove(o.Converters.OfType<LateJson>().Single());
        return o;
    });

    public override bool CanConvert(Type typeToConvert) =>
        typeToConvert is { IsClass: true, IsAbstract: false }
        && typeToConvert.Namespace?.StartsWith("Haar.", StringComparison.Ordinal) == true;

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        ReferenceEquals(options, served)
            ? (JsonConverter)Activator.CreateInstance(typeof(Late<>).MakeGenericType(typeToConvert), plain.Value)!
            : plain.Value.GetConverter(typeToConvert);

    sealed class Late<T>(JsonSerializerOptions plain) : JsonConverter<T>
        where T : class
    {
        public override T? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
        {
            var before = reader;
            try
            {
                var value = JsonSerializer.Deserialize<T>(ref reader, plain);
                if (value is not null)
                {
                    SoundInput.Check(value);
                }
                return value;
            }
            catch (JsonException e) when (e.Path is null or "$" && before.TokenType == JsonTokenType.StartObject)
            {
                // The serializer looks ahead over the whole record, and does not say where that failed.
                throw new JsonException(e.Message, Where(before), e.LineNumber, e.BytePositionInLine, e);
            }
        }

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
            JsonSerializer.Serialize(writer, value, plain);
    }

    /// <summary>The path of the value at which reading breaks off, as the serializer writes paths: $.needs[1].count.</summary>
    internal static string Where(Utf8JsonReader reader)
    {
        // What is open, from the outside in: the name or the place that led there, and how many values an array has had.
        var open = new Stack<(string Step, bool Array, int Had)>();
        var name = "";
        string Next() => open.TryPeek(out var o) && o.Array ? $"[{o.Had}]" : name;
        void Had()
        {
            name = "";
            if (open.TryPop(out var o))
            {
                open.Push(o with { Had = o.Had + 1 });
            }
        }

        try
        {
            do
            {
                switch (reader.TokenType)
                {
                    case JsonTokenType.PropertyName:
                        name = $".{reader.GetString()}";
                        break;
                    case JsonTokenType.StartObject or JsonTokenType.StartArray:
                        open.Push((Next(), reader.TokenType == JsonTokenType.StartArray, 0));
                        name = "";
                        break;
                    case JsonTokenType.EndObject or JsonTokenType.EndArray:
                        open.TryPop(out _);
                        Had();
                        break;
                    default:
                        Had();
                        break;
                }
            } while (reader.Read());
        }
        catch (JsonException)
        {
            // This is the place.
        }

        return $"${string.Concat(open.Reverse().Select(o => o.Step))}{Next()}";
    }
}
