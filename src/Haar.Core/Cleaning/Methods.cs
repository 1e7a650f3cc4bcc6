using System.Text.Json;
using System.Text.Json.Serialization;

namespace Haar.Core.Cleaning;

/// <summary>Methods as they are usual at a bench, mildest first: <c>methods.json</c> beside this file, each with where it is from and how sure it is. A workshop's packs add to them.</summary>
public static class Methods
{
    static readonly Lazy<string> Shipped = new(() =>
    {
        using var s =
            typeof(Methods).Assembly.GetManifestResourceStream("Haar.Core.Cleaning.methods.json")
            ?? throw new InvalidOperationException("methods.json does not ship.");
        using var r = new StreamReader(s);
        return r.ReadToEnd();
    });

    static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    static readonly Lazy<IReadOnlyList<CleaningMethod>> All = new(() =>
        JsonSerializer.Deserialize<IReadOnlyList<CleaningMethod>>(Shipped.Value, Json)!
    );

    /// <summary>As text, as a pack has them.</summary>
    public static string Text => Shipped.Value;

    public static IReadOnlyList<CleaningMethod> Usual => All.Value;

    /// <summary>Those that an item is cleaned by: the usual ones, and its workshop's own, which take the place of one of the same id.</summary>
    public static IReadOnlyList<CleaningMethod> Of(CleaningFacts item) =>
        item.OwnMethods.Count == 0 ? Usual : [.. item.OwnMethods.Concat(Usual).DistinctBy(m => m.Id)];

    /// <summary>The ids that lead round in a circle, each following the one before; null where none do.</summary>
    public static IReadOnlyList<string>? Circle(IEnumerable<CleaningMethod> methods)
    {
        var then = methods.Concat(Usual).DistinctBy(m => m.Id).ToDictionary(m => m.Id, m => m.Then);
        foreach (var start in then.Keys)
        {
            var way = new List<string>();
            for (var at = start; at.Length > 0 && then.TryGetValue(at, out var next); at = next)
            {
                if (way.IndexOf(at) is var i and >= 0)
                {
                    return way[i..];
                }
                way.Add(at);
            }
        }
        return null;
    }
}
