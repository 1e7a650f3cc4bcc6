using Haar.Core.Finish;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Finish;

/// <summary>Rust and paint.</summary>
public class FinishTests
{
    /// <summary>ISO 4628-3, table 1.</summary>
    [Theory]
    [InlineData(0, 0)]
    [InlineData(0.05, 1)]
    [InlineData(0.051, 2)]
    [InlineData(0.5, 2)]
    [InlineData(1, 3)]
    [InlineData(8, 4)]
    [InlineData(40, 5)]
    public void Grades_of_rusting(double percent, int grade) => Assert.Equal(grade, Rust.Grade(percent));

    [Fact]
    public void A_leak_is_neutralised_first_and_nobody_knowing_is_asked()
    {
        Assert.Equal(Outcome.Unknown, Rust.Plan(5, Coating.Paint).Verdict.Outcome);
        Assert.Equal(Outcome.No, Rust.Plan(5, Coating.Paint, residue: true).Verdict.Outcome);
        Assert.Equal(Outcome.Yes, Rust.Plan(5, Coating.Paint, residue: false).Verdict.Outcome);
    }

    [Fact]
    public void Poisonous_coatings_stay_and_unknown_ones_count_as_old_paint()
    {
        foreach (var c in new[] { Coating.Cadmium, Coating.YellowPassivated })
        {
            var v = Rust.Plan(5, c, residue: false).Verdict;
            Assert.Equal((Outcome.No, false), (v.Outcome, v.MayBeOverruled));
        }
        var unknown = Rust.Plan(0.3, Coating.NotKnown, residue: false);
        Assert.Equal(Outcome.YesIf, unknown.Verdict.Outcome);
        Assert.StartsWith("Nothing dry", unknown.Steps[0], StringComparison.Ordinal);
    }

    [Fact]
    public void Paint_by_area_coats_cover_and_overspray()
    {
        // 0.42 m² · 3 coats / 8 m²/l / 0.6.
        var p = Paint.Plan(4200, 3, 19, 55);
        Assert.Equal((262.5, 1, 20), (p.Millilitres, p.Cans, p.Minutes));
        Assert.Equal(Outcome.YesIf, p.Verdict.Outcome);
        Assert.Equal(2, Paint.Plan(6500, 3, 19, 55).Cans);
        Assert.Equal(Outcome.Unknown, Paint.Plan(4200, 3, 19).Verdict.Outcome);
        Assert.Equal(Outcome.No, Paint.Plan(4200, 3, 9, 55).Verdict.Outcome);
        Assert.Equal(Outcome.No, Paint.Plan(4200, 3, 19, 85).Verdict.Outcome);
        var hard = Paint.Plan(4200, 3, 19, 55, paint: new() { TwoPart = true }).Verdict;
        Assert.Equal((Outcome.No, false), (hard.Outcome, hard.MayBeOverruled));
    }

    [Theory]
    [InlineData(20, 50, 9.3)]
    [InlineData(20, 100, 20)]
    [InlineData(25, 60, 16.7)]
    public void The_dew_point_as_the_tables_have_it(double celsius, double humidity, double dew) =>
        Assert.Equal(dew, Paint.DewPoint(celsius, humidity), 1);

    [Fact]
    public void A_cold_part_gathers_dew()
    {
        Assert.Equal(Outcome.No, Paint.Plan(4200, 1, 20, 60, surfaceCelsius: 13).Verdict.Outcome);
        Assert.Equal("coats", Assert.Throws<InvalidInputException>(() => Paint.Plan(10, 0)).Field);
    }
}
