using System.Text.Json;
using System.Text.Json.Serialization;

namespace Haar.Data;

/// <summary>The one way in which our own documents are written: camelCase, enums as words, numbers as numbers, nothing computed.</summary>
public static class HaarJson
{
    /// <summary>For columns and change records: compact.</summary>
    public static readonly JsonSerializerOptions Compact = Make(false);

    /// <summary>For documents that a person may open: indented, with a stable order of properties.</summary>
    public static readonly JsonSerializerOptions Readable = Make(true);

    /// <summary>For documents that are walked before they are read: a name stands once.</summary>
    public static readonly JsonDocumentOptions Strict = new() { AllowDuplicateProperties = false };

    static JsonSerializerOptions Make(bool indented)
    {
        var o = new JsonSerializerOptions(JsonSerializerDefaults.Web)
        {
            WriteIndented = indented,
            NewLine = "\n",
            NumberHandling = JsonNumberHandling.Strict,
            IgnoreReadOnlyProperties = true,
            DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
            Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
            AllowDuplicateProperties = false,
        };
        o.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        o.MakeReadOnly(true);
        return o;
    }
}
