using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Parts;

public class SupplierAnswerTests
{
    static readonly DateOnly Today = new(2026, 1, 1);

    static CapacitorSpec Spec(double volts) =>
        new()
        {
            Kind = CapacitorKind.AluminiumRadial,
            Microfarads = 100,
            RatedVolts = volts,
        };

    static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    static Capacitor Place(int n, double volts = 16) =>
        new()
        {
            Id = Id(n),
            Designator = $"C{n}",
            Spec = Spec(volts),
            Role = CapacitorRole.Bulk,
        };

    static PartOrder Order(int packs, int packSize, int places) =>
        new() { Id = Id(900), Lines = [new("a1", Spec(25), packSize, packs, 1, [.. Enumerable.Range(1, places).Select(Id)])] };

    static SupplierOrder Says(SupplierLineState state, int packs, CapacitorSpec? instead = null, string sku = "a1") =>
        new()
        {
            Number = "N1",
            Reference = Id(900).ToString(),
            Lines = [new(sku, packs, state, SubstituteSpec: instead)],
        };

    [Fact]
    public void What_is_out_of_stock_or_left_out_waits_for_nothing_any_more()
    {
        foreach (var said in new[] { Says(SupplierLineState.OutOfStock, 0), Says(SupplierLineState.Confirmed, 2, sku: "another") })
        {
            var order = Order(2, 1, 2);
            SupplierAnswer.Take(order, said, [Place(1), Place(2)], Today);
            Assert.Equal((OrderLineState.OutOfStock, 0), (order.Lines[0].State, order.Lines[0].Open));
            Assert.Empty(order.Awaited);
            Assert.NotEmpty(order.Lines[0].Note);
        }
    }

    [Fact]
    public void Fewer_packs_serve_the_most_urgent_places_and_nobody_takes_more_than_was_ordered()
    {
        var order = Order(3, 2, 5);
        SupplierAnswer.Take(order, Says(SupplierLineState.Fewer, 1), [], Today);
        Assert.Equal([Id(1), Id(2)], order.Awaited);
        SupplierAnswer.Take(order, Says(SupplierLineState.Late, 99), [], Today);
        Assert.Equal(3, order.Lines[0].ConfirmedPacks);
    }

    [Fact]
    public void What_comes_instead_is_judged_in_each_place_it_was_for()
    {
        var order = Order(2, 1, 2);
        SupplierAnswer.Take(order, Says(SupplierLineState.Substituted, 2, Spec(16)), [Place(1, 16), Place(2, 25)], Today);
        Assert.Equal([Id(1)], order.Awaited);
        Assert.Contains("It will do in 1 of 2 places.", order.Lines[0].Note, StringComparison.Ordinal);
        Assert.Equal(16, order.Lines[0].Coming.RatedVolts);

        var back = Order(1, 1, 1);
        SupplierAnswer.Take(back, Says(SupplierLineState.Substituted, 1, Spec(6.3)), [Place(1)], Today);
        Assert.EndsWith("Send it back.", back.Lines[0].Note, StringComparison.Ordinal);
        Assert.Empty(back.Awaited);
    }

    [Fact]
    public void Pieces_are_booked_in_for_the_first_places_and_the_order_is_here_when_nothing_is_open()
    {
        var order = Order(2, 2, 3);
        SupplierAnswer.Take(order, Says(SupplierLineState.Confirmed, 2), [], Today);
        Assert.Equal([Id(1)], order.Book("a1", 1).Places);
        Assert.Equal((PartOrderState.PartlyHere, 3), (order.State, order.Lines[0].Open));
        Assert.Equal([Id(2), Id(3)], order.Book("a1", 3).Places);
        Assert.Equal(PartOrderState.Here, order.State);
        Assert.Equal("arrived", Assert.Throws<InvalidInputException>(() => order.Book("a1", 9)).Field);
        Assert.Contains("no zz", Assert.Throws<InvalidInputException>(() => order.Book("zz", 1)).Message, StringComparison.Ordinal);
    }

    [Property]
    public Property However_a_parcel_comes_in_pieces_no_place_is_served_twice() =>
        Prop.ForAll(
            Gen.Choose(1, 4).ToArbitrary(),
            Gen.Choose(1, 5).ToArbitrary(),
            Gen.Choose(0, 5).ListOf().ToArbitrary(),
            (packs, size, parts) =>
            {
                var order = Order(packs, size, packs * size);
                SupplierAnswer.Take(order, Says(SupplierLineState.Confirmed, packs), [], Today);
                var served = new List<Guid>();
                var came = 0;
                foreach (var n in parts.Select(p => Math.Min(p, size)))
                {
                    served.AddRange(order.Book("a1", n).Places);
                    came += n;
                }

                return served.Count == served.Distinct().Count()
                    && served.Count == Math.Min(came, packs * size)
                    && order.Lines[0].Open == Math.Max(0, packs * size - came);
            }
        );

    [Fact]
    public void A_count_below_what_is_set_aside_frees_the_places_marked_last()
    {
        var part = new DrawerPart
        {
            Id = Id(7),
            Spec = Spec(25),
            Quantity = 5,
        };
        List<Reservation> aside = [.. Enumerable.Range(1, 3).Select(n => part.Reserve(Place(n), Id(70 + n), default))];
        Assert.Empty(part.Count(4, aside));
        Assert.Equal((4, 3), (part.Quantity, part.Reserved));
        var lost = part.Count(1, aside);
        Assert.Equal([Id(73), Id(72)], lost.Select(r => r.Id));
        Assert.Equal((1, 1, 0), (part.Quantity, part.Reserved, part.Free));
        Assert.Throws<InvalidInputException>(() => part.Count(-1, aside));
        Assert.Throws<InvalidInputException>(() => part.Reserve(Place(9), Id(79), default));
    }
}
