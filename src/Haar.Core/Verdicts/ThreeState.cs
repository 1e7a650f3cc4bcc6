using System.Text.Json;
using System.Text.Json.Serialization;

namespace Haar.Core.Verdicts;

/// <summary>Yes, no, or nobody has looked. Default is not known, so that a forgotten answer is never taken for a no.</summary>
public enum ThreeState
{
    NotKnown = 0,
    Yes,
    No,
}

/// <summary>
/// A fact that was a tick once. A tick that was set is a yes; one that was not set said nothing, and is not known. Written as
/// any other <see cref="ThreeState"/>.
/// </summary>
public sealed class OnceATick : JsonConverter<ThreeState>
{
    public override ThreeState Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType switch
        {
            JsonTokenType.True => ThreeState.Yes,
            JsonTokenType.False or JsonTokenType.Null => ThreeState.NotKnown,
            JsonTokenType.String when Enum.TryParse<ThreeState>(reader.GetString(), true, out var said) && Enum.IsDefined(said) => said,
            _ => throw new JsonException("It is yes, no or notKnown."),
        };

    public override void Write(Utf8JsonWriter writer, ThreeState value, JsonSerializerOptions options) =>
        writer.WriteStringValue(
            value switch
            {
                ThreeState.Yes => "yes",
                ThreeState.No => "no",
                _ => "notKnown",
            }
        );
}
