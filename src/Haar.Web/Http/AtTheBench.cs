using Haar.Core.Verdicts;
using Haar.Data.Log;

namespace Haar.Web.Http;

/// <summary>Who is at the bench, as the device says it with each act: a name, and no proof of anything.</summary>
static class AtTheBench
{
    /// <summary>The name, percent-encoded as UTF-8, since headers carry ASCII only.</summary>
    public const string Header = "X-Haar-By";

    /// <exception cref="InvalidInputException">Too long, or not a text.</exception>
    public static Hands Of(HttpContext? context)
    {
        var name = Uri.UnescapeDataString(context?.Request.Headers[Header].ToString() ?? "").Trim();
        return name.Length > Hands.MostCharacters || name.Any(char.IsControl)
            ? throw new InvalidInputException(Header, $"A name is at most {Hands.MostCharacters} characters.")
            : new() { Name = name };
    }
}
