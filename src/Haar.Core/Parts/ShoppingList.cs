using Haar.Core.Capacitors;
using Haar.Core.Markings;

namespace Haar.Core.Parts;

/// <summary>One kind of part to be bought, wherever one buys it.</summary>
/// <param name="Key">The same for the same list: names a price that was typed in.</param>
/// <param name="Value">"47 µF".</param>
/// <param name="Volts">"16 V or more"; empty where the old part's are not known.</param>
/// <param name="Kind">"electrolytic".</param>
/// <param name="Celsius">"105 °C"; empty where it is not known.</param>
/// <param name="Size">What it has to fit, in millimetres; empty where nothing was measured.</param>
/// <param name="Pieces">With its spares.</param>
/// <param name="For">"Newsletter desktop C14", in order.</param>
public sealed record ShoppingLine(
    string Key,
    string Value,
    string Volts,
    string Kind,
    string Celsius,
    string Size,
    int Pieces,
    int Spares,
    IReadOnlyList<string> For
);

/// <summary>What has to be bought, by value, volts, kind and size, without any supplier: to be printed, copied or taken along.</summary>
public static class ShoppingList
{
    /// <param name="needs">Places, each with what it is for.</param>
    public static IReadOnlyList<ShoppingLine> Of(
        IEnumerable<(OrderNeed Need, IReadOnlyList<string> For)> needs,
        OrderPolicy? policy = null
    ) =>
        [
            .. needs
                .GroupBy(n =>
                    (
                        n.Need.Spec.Microfarads,
                        n.Need.Spec.RatedVolts,
                        Kind: Substitution.Describe(Substitution.ToBuy(n.Need.Spec) with { RatedVolts = null, MaxCelsius = null }),
                        n.Need.Spec.MaxCelsius,
                        Size: Size(n.Need)
                    )
                )
                .OrderBy(g => g.Key.Microfarads)
                .ThenBy(g => g.Key.RatedVolts ?? 0)
                .ThenBy(g => g.Key.Kind, StringComparer.Ordinal)
                .ThenBy(g => g.Key.Size, StringComparer.Ordinal)
                .Select(g =>
                {
                    var count = g.Sum(n => n.Need.Count);
                    var all = OrderPlan.Wanted(count, policy ?? new());
                    var value = g.Key.Microfarads > 0 ? Si.Format(g.Key.Microfarads * 1e-6, "F") : "value not known";
                    var volts = g.Key.RatedVolts is { } v ? $"{Si.Plain(v)} V or more" : "";
                    var asked = g.First().Need.Spec is { SafetyClass: null } s && s.Kind.IsMainsFilter();
                    var kind = g.Key.Kind[value.Length..].Trim(' ', ',') + (asked ? ", safety class to be read from the old part" : "");
                    var celsius = g.Key.MaxCelsius is { } t ? $"{Si.Plain(t)} °C or more" : "";
                    return new ShoppingLine(
                        string.Join(", ", new[] { value, volts, kind, celsius, g.Key.Size }.Where(x => x.Length > 0)),
                        value,
                        volts,
                        kind,
                        celsius,
                        g.Key.Size,
                        all,
                        all - count,
                        [.. g.SelectMany(n => n.For)]
                    );
                }),
        ];

    static string Size(OrderNeed n)
    {
        var s = n.Spec;
        var high = n.HeadroomMillimetres ?? s.HeightMillimetres;
        return string.Join(
            ", ",
            new[]
            {
                s.DiameterMillimetres is { } d ? $"at most {Si.Plain(d)} mm across" : "",
                high is { } h ? $"{Si.Plain(h)} mm high" : "",
                s.LeadPitchMillimetres is { } p ? $"pitch {Si.Plain(p)} mm" : "",
            }.Where(x => x.Length > 0)
        );
    }
}
