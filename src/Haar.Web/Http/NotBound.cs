using System.Text.RegularExpressions;

namespace Haar.Web.Http;

/// <summary>What the framework says of a request that it could not read, in words for whoever sent it. It names C# parameters; they stand here by the field that they are on the wire.</summary>
static partial class NotBound
{
    /// <returns>The field, and one sentence.</returns>
    public static (string Field, string Sentence) Of(string message) =>
        Unread().Match(message) is { Success: true } unread
            ? (unread.Groups[1].Value, $"“{unread.Groups[1].Value}” is not of the expected kind.")
        : message.Contains("body", StringComparison.OrdinalIgnoreCase) ? ("body", "Nothing was sent: a JSON object is asked for here.")
        : Absent().Match(message) is { Success: true } absent ? (absent.Groups[1].Value, $"“{absent.Groups[1].Value}” has to be given.")
        : ("body", "The body is no JSON of the expected shape.");

    [GeneratedRegex("""^Failed to bind parameter "(?:.* )?(\w+)" from """)]
    private static partial Regex Unread();

    [GeneratedRegex("""^Required parameter "(?:.* )?(\w+)" was not provided""")]
    private static partial Regex Absent();
}
