using Haar.Core.Capacitors;
using Haar.Data.Exchange;

namespace Haar.Data.Tests;

/// <summary>Lists of capacitors as people have them: a hundred ways to write one, and what each must come to.</summary>
public class PeoplesListTests
{
    /// <summary>Each list, with the parts it means: "C1=47/16" is C1, 47 µF, 16 V; "~" behind it is bipolar; no volts is "-".</summary>
    public static readonly (string List, string Means)[] All =
    [
        ("C1: 47uF 16V", "C1=47/16"),
        ("C1 = 47uF 16V", "C1=47/16"),
        ("C1 - 47uF 16V", "C1=47/16"),
        ("C1 – 47 µF 16 V", "C1=47/16"),
        ("C1 → 47uF 16V", "C1=47/16"),
        ("C1-47uF 16V", "C1=47/16"),
        ("C1-C3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1–C3: 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1..C3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1 to C3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1-3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1 bis C3: 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1, C2, C3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1, C2, C3: 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1,C2,C3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1 C2 C3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1/C2/C3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1/2/3 47uF 16V", "C1=47/16 C2=47/16 C3=47/16"),
        ("C1 & C2: 47uF 16V", "C1=47/16 C2=47/16"),
        ("C1 + C2: 47uF 16V", "C1=47/16 C2=47/16"),
        ("C1, C4-C6, C9: 10uF 25V", "C1=10/25 C4=10/25 C5=10/25 C6=10/25 C9=10/25"),
        ("47uF 16V C1", "C1=47/16"),
        ("47uF 16V: C1, C2, C3", "C1=47/16 C2=47/16 C3=47/16"),
        ("47uF 16V (C1, C2)", "C1=47/16 C2=47/16"),
        ("47 µF / 16 V – C1, C2", "C1=47/16 C2=47/16"),
        ("3x 47uF 16V: C1, C2, C3", "C1=47/16 C2=47/16 C3=47/16"),
        ("3 x 47uF 16V C1 C2 C3", "C1=47/16 C2=47/16 C3=47/16"),
        ("3x47uF 16V (C1-C3)", "C1=47/16 C2=47/16 C3=47/16"),
        ("47uF 16V x3 C1,C2,C3", "C1=47/16 C2=47/16 C3=47/16"),
        ("47uF @ 16V C1", "C1=47/16"),
        ("C1 47uF @ 16V", "C1=47/16"),
        ("C1 47uF @16V", "C1=47/16"),
        ("C1 4,7uF 50V", "C1=4.7/50"),
        ("C1 4,7 µF 50 V", "C1=4.7/50"),
        ("C1;4,7uF;50V", "C1=4.7/50"),
        ("C1 2,2uF 50V 5x11", "C1=2.2/50"),
        ("C1 47uF 16V 8x11.5", "C1=47/16"),
        ("C1 47uF 16V 8x11,5", "C1=47/16"),
        ("C1 47uF 16V 8 x 11.5 mm", "C1=47/16"),
        ("C1 47uF 16V 8×11.5mm", "C1=47/16"),
        ("C1 47uF 16V Ø8x11", "C1=47/16"),
        ("C1 47uF 16V D8 H11.5", "C1=47/16"),
        ("C1 47uF 16V 5x11 P2.5", "C1=47/16"),
        ("C1 47uF 16V 6.3x5.4 SMD", "C1=47/16"),
        ("C1 47uF 16V 105C", "C1=47/16"),
        ("C1 47uF 16V 105°C", "C1=47/16"),
        ("C1 47uF 16V 105 °C low ESR", "C1=47/16"),
        ("C1 47uF 16V NP", "C1=47/16~"),
        ("C1 47uF 16V BP", "C1=47/16~"),
        ("C1 47uF 16V bipolar", "C1=47/16~"),
        ("C1 47uF 16V (NP)", "C1=47/16~"),
        ("C1 47uF 16V non-polar", "C1=47/16~"),
        ("C1 47uF/16V", "C1=47/16"),
        ("C1 47/16", "C1=47/16"),
        ("C1 47u16V", "C1=47/16"),
        ("C1 47uF16V", "C1=47/16"),
        ("C1 47 16V", "C1=47/16"),
        ("C1 47MFD 16V", "C1=47/16"),
        ("C1 47 mfd 16 V", "C1=47/16"),
        ("C1 47 uF 16 VDC", "C1=47/16"),
        ("c1 47uf 16v", "c1=47/16"),
        ("- C1 47uF 16V", "C1=47/16"),
        ("* C1: 47uF 16V", "C1=47/16"),
        ("• C1 47uF 16V", "C1=47/16"),
        ("1. C1 47uF 16V", "C1=47/16"),
        ("1) C1 47uF 16V", "C1=47/16"),
        ("[ ] C1 47uF 16V", "C1=47/16"),
        ("- [x] C1 47uF 16V", "C1=47/16"),
        ("Main board\nC1 47uF 16V", "C1=47/16"),
        ("# Main board\nC1 47uF 16V", "C1=47/16"),
        ("Capacitors:\n\nC1 47uF 16V\nC2 10uF 25V", "C1=47/16 C2=10/25"),
        ("C1 47uF 16V // near the socket", "C1=47/16"),
        ("C1 47uF 16V # leaks", "C1=47/16"),
        ("C1 47uF 16V (near the socket)", "C1=47/16"),
        ("Electrolytics:\nC1 47uF 16V\nTantalums:\nC2 10uF 25V tantalum", "C1=47/16 C2=10/25"),
        ("47uF 16V:\nC1\nC2", "C1=47/16 C2=47/16"),
        ("47uF 16V:\n- C1\n- C2, C3", "C1=47/16 C2=47/16 C3=47/16"),
        ("| C1 | 47uF | 16V |", "C1=47/16"),
        ("| Ref | Value | Voltage |\n|---|---|---|\n| C1 | 47uF | 16V |\n| C2 | 10uF | 25V |", "C1=47/16 C2=10/25"),
        ("| Ref | Value |\n|:--|--:|\n| C1, C2 | 47uF 16V |", "C1=47/16 C2=47/16"),
        ("Ref,Value,Voltage\n\"C1, C2\",47uF,16V", "C1=47/16 C2=47/16"),
        ("Ref,Value,Voltage\n\"C1,\nC2\",47uF,16V\nC3,10uF,25V", "C1=47/16 C2=47/16 C3=10/25"),
        ("Ref,Qty,Value,Voltage\n\"C1,C2\",2,47uF,16V", "C1=47/16 C2=47/16"),
        ("Ref;Value;Unit;Voltage\nC1;47;uF;16", "C1=47/16"),
        ("Ref\tValue\tUnit\tV\nC1\t4,7\tµF\t50", "C1=4.7/50"),
        ("Bauteil;Wert;Spannung;Bauart\nC1;47µF;16V;Elko", "C1=47/16"),
        ("Bauteil;Wert;Einheit;Spannung\nC1;4,7;µF;50", "C1=4.7/50"),
        ("Repère;Valeur;Tension\nC1;47µF;16V", "C1=47/16"),
        ("Référence;Capacité;Tension;Type\nC1;47µF;16V;chimique", "C1=47/16"),
        ("Referencia;Valor;Voltaje\nC1;47uF;16V", "C1=47/16"),
        ("Riferimento;Valore;Tensione\nC1;47uF;16V", "C1=47/16"),
        ("Onderdeel;Waarde;Spanning\nC1;47uF;16V", "C1=47/16"),
        ("Board rev. C\nRef,Value,Voltage\nC1,47uF,16V", "C1=47/16"),
        ("Ref,Value,Voltage,Size\nC1,47uF,16V,8x11.5", "C1=47/16"),
        ("Ref,Value,Temp\nC1,47uF 16V,105°C", "C1=47/16"),
        ("C1 226C SMD tantalum", "C1=22/16"),
        ("C1 475 25V tantalum", "C1=4.7/25"),
        ("C1 0.1F 5.5V supercap", "C1=100000/5.5"),
        ("C1 0.1uF X2 275V film", "C1=0.1/275"),
        ("C1 8pD ceramic", "C1=0.000008/-"),
        ("C1 100n 50V MLCC", "C1=0.1/50"),
        ("EC1 47uF 16V", "EC1=47/16"),
        ("C1\t47uF\t16V\t(2 pcs)", "C1=47/16"),
        ("**C1** 47uF 16V", "C1=47/16"),
        ("C1 47uF 16V 85C radial\r\nC2 10uF 50V 105C axial\r\n", "C1=47/16 C2=10/50"),
    ];

    public static TheoryData<int> Numbers() => [.. Enumerable.Range(0, All.Length)];

    [Theory]
    [MemberData(nameof(Numbers))]
    public void A_list_as_people_have_it(int i)
    {
        var (list, means) = All[i];
        var r = CapacitorTable.Read(list, Guid.NewGuid(), Guid.NewGuid(), new HashSet<string>(), Guid.NewGuid);
        Assert.True(r.Problems.Count == 0, $"{list}: {string.Join(' ', r.Problems)}");
        Assert.Equal(means, string.Join(' ', r.Rows.Select(x => Say(x.Capacitor))));
    }

    static string Say(Capacitor c) =>
        FormattableString.Invariant(
            $"{c.Designator}={c.Spec.Microfarads:0.############}/{(c.Spec.RatedVolts is { } v ? FormattableString.Invariant($"{v}") : "-")}{(c.Spec.Kind == CapacitorKind.AluminiumBipolar ? "~" : "")}"
        );

    [Fact]
    public void Its_size_and_pitch_go_with_it()
    {
        var c = CapacitorTable
            .Read("C1 47uF 16V 8x11,5 P3.5 105C", Guid.NewGuid(), Guid.NewGuid(), new HashSet<string>(), Guid.NewGuid)
            .Rows.Single()
            .Capacitor.Spec;
        Assert.Equal((8, 11.5, 3.5, 105), (c.DiameterMillimetres, c.HeightMillimetres, c.LeadPitchMillimetres, c.MaxCelsius));
    }

    [Fact]
    public void A_bad_line_is_named_and_can_be_left_out()
    {
        const string list = "C1 47uF 16V\nC2 banana\nC3 10uF 25V";
        CapacitorTableResult Read(bool leaveOut) =>
            CapacitorTable.Read(list, Guid.NewGuid(), Guid.NewGuid(), new HashSet<string>(), Guid.NewGuid, leaveOut);
        Assert.Empty(Read(false).Rows);
        Assert.StartsWith("Line 2 (C2)", Assert.Single(Read(false).Problems), StringComparison.Ordinal);
        Assert.Equal(["C1", "C3"], Read(true).Rows.Select(r => r.Capacitor.Designator));
        Assert.Single(Read(true).Problems);
    }

    [Theory]
    [InlineData("3x 47uF 16V")]
    [InlineData("C1 47uF 16V\n5 of them")]
    [InlineData("C1 -47uF 16V")]
    [InlineData("colour,size\nC1,47uF 16V")]
    [InlineData("Ref,Value\nC1,\"22uF 16V\nC2,10uF 16V\nC3,\"1uF 16V\"")]
    [InlineData("C1-C900 47uF 16V")]
    [InlineData("=cmd|' /C calc'!A0,47uF")]
    [InlineData(
        "Ref,Value\n\"C1,47uF\nC2,10uF\nC3,10uF\nC4,10uF\nC5,10uF\nC6,1u\nC7,1u\nC8,1u\nC9,1u\nC10,1u\nC11,1u\nC12,1u\nC13,1u\nC14,1u"
    )]
    public void What_names_no_place_or_too_many_is_not_taken(string list)
    {
        var r = CapacitorTable.Read(list, Guid.NewGuid(), Guid.NewGuid(), new HashSet<string>(), Guid.NewGuid);
        Assert.Empty(r.Rows);
        Assert.NotEmpty(r.Problems);
    }

    [Fact]
    public void More_said_than_named_is_noted()
    {
        var r = CapacitorTable.Read("3x 47uF 16V: C1, C2", Guid.NewGuid(), Guid.NewGuid(), new HashSet<string>(), Guid.NewGuid);
        Assert.All(r.Rows, x => Assert.Contains("3 are said and 2 named", x.Note, StringComparison.Ordinal));
    }
}
