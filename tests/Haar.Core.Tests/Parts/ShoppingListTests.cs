using Haar.Core.Capacitors;
using Haar.Core.Parts;

namespace Haar.Core.Tests.Parts;

/// <summary>What has to be bought, for whoever has no supplier's list.</summary>
public class ShoppingListTests
{
    static (OrderNeed, IReadOnlyList<string>) Need(
        double microfarads,
        double? volts,
        int count,
        string on,
        CapacitorRole role = CapacitorRole.Bulk,
        double? diameter = null,
        double? headroom = null
    ) =>
        (
            new(
                $"{microfarads} {role} {on}",
                new()
                {
                    Kind = CapacitorKind.AluminiumRadial,
                    Microfarads = microfarads,
                    RatedVolts = volts,
                    DiameterMillimetres = diameter,
                },
                role,
                count,
                headroom
            ),
            [.. Enumerable.Range(1, count).Select(i => $"{on} C{i}")]
        );

    [Fact]
    public void One_line_a_value_volts_kind_and_size_whatever_it_is_for_in_order_of_value()
    {
        var list = ShoppingList.Of([
            Need(100, 16, 2, "Terminal"),
            Need(47, 25, 1, "Terminal"),
            Need(47, 16, 3, "Terminal"),
            Need(47, 16, 2, "Till", CapacitorRole.Decoupling),
            Need(47, 16, 1, "Laptop", headroom: 6),
        ]);
        Assert.Equal(
            [("47 µF", "16 V or more", 5), ("47 µF", "16 V or more", 1), ("47 µF", "25 V or more", 1), ("100 µF", "16 V or more", 2)],
            list.Select(l => (l.Value, l.Volts, l.Pieces))
        );
        Assert.Equal("6 mm high", list[1].Size);
        Assert.Equal(5, list[0].For.Count);
        Assert.Equal("electrolytic", list[0].Kind);
        Assert.Equal(list.Count, list.Select(l => l.Key).Distinct().Count());
    }

    [Fact]
    public void Spares_are_as_in_an_order_and_what_is_not_known_is_left_open()
    {
        var line = Assert.Single(ShoppingList.Of([Need(470, null, 10, "Server", diameter: 8)], new() { SpareShare = 0.1, SpareLeast = 2 }));
        Assert.Equal((12, 2, "", "at most 8 mm across"), (line.Pieces, line.Spares, line.Volts, line.Size));
        // A place whose part nobody could read is on the list, and says so.
        var worn = Assert.Single(ShoppingList.Of([Need(0, null, 1, "Till")]));
        Assert.Equal(("value not known", "electrolytic", "Till C1"), (worn.Value, worn.Kind, Assert.Single(worn.For)));
        Assert.Empty(ShoppingList.Of([]));
    }
}
