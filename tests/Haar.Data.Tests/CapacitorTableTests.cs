using Haar.Core.Capacitors;
using Haar.Data.Exchange;

namespace Haar.Data.Tests;

/// <summary>A board's list as people have it: typed line by line, copied from a spreadsheet, in the screen's own words.</summary>
public class CapacitorTableTests
{
    static CapacitorTableResult Read(string text) =>
        CapacitorTable.Read(text, Guid.NewGuid(), Guid.NewGuid(), new HashSet<string> { "C99" }, Guid.NewGuid);

    [Theory]
    [InlineData("C1 not readable electrolytic")]
    [InlineData("C1;?;;Radial electrolytic")]
    [InlineData("designator,marking,kind\nC1,not readable,aluminiumRadial")]
    public void A_part_that_nobody_could_read_is_on_the_list_too(string text)
    {
        var c = Assert.Single(Read(text).Rows).Capacitor;
        Assert.Equal(("C1", "not readable", 0), (c.Designator, c.Marking, c.Spec.Microfarads));
        Assert.True(c.Spec.Kind.IsElectrolytic());
    }

    [Fact]
    public void The_side_it_sits_on_goes_out_and_comes_back()
    {
        var back = Assert.Single(Read("designator,marking,side\nC1,47 16V,bottom").Rows).Capacitor;
        Assert.Equal(Haar.Core.Boards.Side.Back, back.Side);
        Assert.Equal(Haar.Core.Boards.Side.Back, Assert.Single(Read(CapacitorTable.Write([back])).Rows).Capacitor.Side);
        Assert.Contains("side", Assert.Single(Read("designator,marking,side\nC1,47 16V,left").Problems), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("C1 47 16V")]
    [InlineData("C1 47uF 16V radial electrolytic")]
    [InlineData("C1,47uF,16V")]
    [InlineData("C1;47 µF;16 V;Radial electrolytic")]
    [InlineData("C1\t47/16\tradial")]
    [InlineData("C1 47UF16V")]
    [InlineData("Ref,Value,Voltage\nC1,47u,16V")]
    [InlineData("Designator;Marking;Rated volts;Type\nC1;47;16;Radial electrolytic")]
    [InlineData("Reference\tCapacitance\tV\tD\nC1\t47uF\t16\t8 mm")]
    [InlineData("\uFEFFdesignator,marking\r\nC1,47 16V\r\n\r\n")]
    public void One_part_of_47_microfarads_and_16_volts(string text)
    {
        var r = Read(text);
        Assert.Empty(r.Problems);
        var c = Assert.Single(r.Rows).Capacitor;
        Assert.Equal(("C1", 47, 16), (c.Designator, c.Spec.Microfarads, c.Spec.RatedVolts));
    }

    [Fact]
    public void The_screens_own_words_and_the_exports_are_both_understood()
    {
        var r = Read(
            "designator,marking,kind,what it does there\nC1,226C,Surface-mount tantalum,Output of a switching supply\nC2,0.1u,film,coupling\nC3,47 16V,Mains filter? no\n"
        );
        Assert.Single(r.Problems);
        Assert.Empty(r.Rows);
        r = Read(
            "designator,marking,kind,what it does there\nC1,226C,Surface-mount tantalum,Output of a switching supply\nC2,0.1u,film,coupling\n"
        );
        Assert.Equal([CapacitorKind.TantalumSurfaceMount, CapacitorKind.Film], r.Rows.Select(x => x.Capacitor.Spec.Kind));
        Assert.Equal([CapacitorRole.SwitchingOutput, CapacitorRole.Coupling], r.Rows.Select(x => x.Capacitor.Role));
        var given = CapacitorTable.Write(r.Rows.Select(x => x.Capacitor));
        Assert.Equal(2, Read(given).Rows.Count);
    }

    [Theory]
    [InlineData("47 16V\nC2 10u", "begins with a designator")]
    [InlineData("C1 47 16V\nC1 10u 16V", "Line 2")]
    [InlineData("C1 47 16V\nbanana", "Line 2")]
    [InlineData("C99 47 16V", "already")]
    [InlineData("C1 221", "2 readings fit")]
    [InlineData("C1 ٤٧u 16V", "another script")]
    [InlineData("C1", "Line 1")]
    [InlineData("", "empty")]
    [InlineData("   \n\n", "empty")]
    public void What_cannot_be_read_names_its_line_and_nothing_is_taken(string text, string part)
    {
        var r = Read(text);
        Assert.Empty(r.Rows);
        Assert.Contains(r.Problems, p => p.Contains(part, StringComparison.Ordinal));
    }

    [Fact]
    public void Two_hundred_lines_are_two_hundred_parts()
    {
        var r = Read(string.Join("\n", Enumerable.Range(100, 200).Select(i => $"C{i} 100/16 electrolytic")));
        Assert.Equal(200, r.Rows.Count);
        Assert.All(r.Rows, x => Assert.Equal(CapacitorKind.AluminiumRadial, x.Capacitor.Spec.Kind));
    }
}
