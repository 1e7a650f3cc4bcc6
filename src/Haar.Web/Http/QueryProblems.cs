using System.ComponentModel;
using System.Globalization;
using System.Reflection;

namespace Haar.Web.Http;

/// <summary>A refusal that the framework gives without a word gets one: which value of the address cannot be read, and what was expected.</summary>
static class QueryProblems
{
    public static void Complete(ProblemDetailsContext context)
    {
        var problem = context.ProblemDetails;
        if (problem.Detail is not null)
        {
            return;
        }
        problem.Instance = context.HttpContext.Request.Path;
        switch (problem.Status)
        {
            case 400:
                var bad = Unreadable(context.HttpContext);
                problem.Title = "That cannot be read";
                problem.Detail =
                    bad.Count > 0
                        ? string.Join(" ", bad.Select(b => $"“{b.Key}” is not of the expected kind: {b.Value[0]}"))
                        : "What was sent is not what is asked for here. Nothing was changed.";
                problem.Extensions["errors"] = bad.Count > 0 ? bad : new() { ["request"] = ["It cannot be read."] };
                break;
            case 404:
                problem.Detail = "There is no page at that address.";
                break;
            case 405:
                problem.Detail = $"{context.HttpContext.Request.Method} is not among what can be done at that address.";
                break;
            case 415:
                problem.Detail = "This does not take that kind of content. Nothing was changed.";
                break;
        }
    }

    /// <summary>The values that the endpoint's own parameters cannot be made of.</summary>
    static Dictionary<string, string[]> Unreadable(HttpContext http)
    {
        var found = new Dictionary<string, string[]>();
        foreach (var p in http.GetEndpoint()?.Metadata.GetMetadata<MethodInfo>()?.GetParameters() ?? [])
        {
            var type = Nullable.GetUnderlyingType(p.ParameterType) ?? p.ParameterType;
            if (Expected(type) is not { } expected || !http.Request.Query.TryGetValue(p.Name!, out var given))
            {
                continue;
            }
            try
            {
                _ = TypeDescriptor.GetConverter(type).ConvertFromString(null, CultureInfo.InvariantCulture, given.ToString());
                if (given.Count == 1 && given.ToString().Length > 0)
                {
                    continue;
                }
            }
            catch (Exception e) when (e is FormatException or ArgumentException or NotSupportedException or OverflowException)
            {
                // Named below.
            }
            found[p.Name!] = [expected];
        }
        return found;
    }

    static string? Expected(Type type) =>
        type == typeof(int) ? "a whole number."
        : type == typeof(double) || type == typeof(decimal) ? "a number, with a point."
        : type == typeof(bool) ? "true or false."
        : type == typeof(Guid) ? "an id of 36 characters."
        : type == typeof(DateOnly) ? "a day, such as 2026-11-26."
        : null;
}
