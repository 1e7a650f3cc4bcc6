using System.Globalization;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Haar.Core.Markings;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Markings;

public class DateCodeTests
{
    static readonly DateOnly Today = new(2026, 11, 25);

    [Theory]
    [InlineData("9214", 1991, 1993, 1992, 14, "1992-03-30")]
    [InlineData("3089", 1988, 1990, 1989, 30, "1989-07-24")]
    [InlineData("108", 1990, 1992, 1991, 8, "1991-02-18")]
    [InlineData("0253", 1998, 2005, 0, 0, "")] // 2002 has 52 weeks; 5302 is no reading either
    [InlineData("9853", 1997, 1999, 1998, 53, "1998-12-28")]
    public void Resolves_against_the_machines_years(string code, int from, int to, int year, int week, string monday)
    {
        var r = DateCode.Read(code, from, to, Today);
        if (year == 0)
        {
            Assert.DoesNotContain(r.Readings, x => x.Week == 53);
            return;
        }

        Assert.Equal((year, week), (r.Resolved!.Year, r.Resolved.Week));
        Assert.Equal(DateOnly.Parse(monday, CultureInfo.InvariantCulture), r.Resolved.From);
        Assert.Equal(r.Resolved.From.AddDays(6), r.Resolved.To);
    }

    [Fact]
    public void Says_when_two_orders_fit()
    {
        var r = DateCode.Read("8885", 1984, 1990, Today);
        Assert.Null(DateCode.Read("8988", 1987, 1990, Today).Readings.FirstOrDefault(x => x.Week > 53));
        Assert.Empty(r.Readings);
        var both = DateCode.Read("0203", 2001, 2004, Today);
        Assert.Null(both.Resolved);
        Assert.Equal(2, both.Readings.Count(x => x.Fit == DateCodeFit.Within));
        Assert.Contains("2 readings fit", both.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_part_newer_than_the_machine_is_an_earlier_repair()
    {
        var r = DateCode.Read("9911", 1990, 1992, Today);
        Assert.True(r.NewerThanMachine);
        Assert.Contains("earlier repair", r.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Nothing_lies_after_today() =>
        Assert.DoesNotContain(DateCode.Read("2652", null, null, new DateOnly(2026, 6, 1)).Readings, x => x.From > new DateOnly(2026, 6, 1));

    [Fact]
    public void The_pivot_decides_the_century()
    {
        Assert.Equal(1985, DateCode.Read("8520", null, null, Today).Readings.First(x => x.Form == DateCodeForm.YearYearWeekWeek).Year);
        Assert.DoesNotContain(
            DateCode.Read("8555", null, null, Today, pivotYear: 90).Readings,
            x => x.Form == DateCodeForm.YearYearWeekWeek
        );
    }

    [Theory]
    [InlineData("")]
    [InlineData("12")]
    [InlineData("92A4")]
    [InlineData("12345")]
    public void Refuses_what_is_no_code(string code) =>
        Assert.Equal("code", Assert.Throws<InvalidInputException>(() => DateCode.Read(code, null, null, Today)).Field);

    [Fact]
    public void Refuses_a_window_upside_down() =>
        Assert.Equal("windowTo", Assert.Throws<InvalidInputException>(() => DateCode.Read("9214", 1993, 1991, Today)).Field);

    [Fact]
    public void The_newest_original_code_gives_the_boards_earliest_day()
    {
        var (day, codes) = DateCode.EarliestBuild(["9148", "9207", "9911"], 1991, 1993, Today);
        Assert.Equal(new DateOnly(1992, 2, 10), day);
        Assert.True(codes[2].NewerThanMachine);
        Assert.Null(DateCode.EarliestBuild(["9911"], 1991, 1993, Today).Day);
    }

    [Property]
    public Property Every_reading_is_the_week_that_it_says() =>
        Prop.ForAll(
            Gen.Choose(0, 9999).ToArbitrary(),
            n =>
            {
                var r = DateCode.Read(n.ToString("0000", CultureInfo.InvariantCulture), null, null, Today);
                return r.Readings.All(x =>
                    x.From.DayOfWeek == DayOfWeek.Monday
                    && ISOWeek.GetWeekOfYear(x.From.ToDateTime(default)) == x.Week
                    && ISOWeek.GetYear(x.From.ToDateTime(default)) == x.Year
                    && x.From <= Today
                );
            }
        );
}
