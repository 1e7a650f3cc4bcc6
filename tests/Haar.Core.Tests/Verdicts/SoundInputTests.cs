using System.Text.Json;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Verdicts;

/// <summary>What every record from outside has to be.</summary>
public class SoundInputTests
{
    public sealed record Inner(string Name, double Volts, double? Ohms = null, DateOnly? On = null);

    public sealed record Outer(IReadOnlyList<Inner> Rows, string Title, decimal? Paid, IReadOnlyList<string?> MayBeEmpty, DateTimeOffset At)
    {
        public string WorkedOut => throw new InvalidOperationException("What is worked out is not walked.");
    }

    static Outer Good(params Inner[] rows) => new(rows, "Readings", 12.5m, ["a", null], new(2026, 11, 26, 8, 0, 0, TimeSpan.Zero));

    static InvalidInputException Bad(object value) => Assert.Throws<InvalidInputException>(() => SoundInput.Check(value));

    [Fact]
    public void A_whole_record_passes() =>
        SoundInput.Check(Good(new Inner("C14", 16, 0.3, new(1994, 5, 1)), new Inner("µ Ω 中 😀\ttab\nline", -5.2)));

    [Fact]
    public void Nothing_inside_a_list_is_named_by_its_place() => Assert.Equal("rows[1]", Bad(Good(new Inner("C1", 1), null!)).Field);

    [Fact]
    public void Nothing_where_something_has_to_be_is_named() => Assert.Equal("rows[0].name", Bad(Good(new Inner(null!, 1))).Field);

    [Theory]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    [InlineData(1e16)]
    [InlineData(-1e300)]
    public void A_number_of_nothing_in_this_world_is_refused(double volts) =>
        Assert.Equal("rows[0].volts", Bad(Good(new Inner("C1", volts))).Field);

    [Theory]
    [InlineData(9999)]
    [InlineData(1)]
    [InlineData(1899)]
    [InlineData(2200)]
    public void A_year_in_which_nothing_was_made_or_will_be_shown_is_refused(int year)
    {
        Assert.Equal("rows[0].on", Bad(Good(new Inner("C1", 1, null, new(year, 6, 1)))).Field);
        Assert.Equal("at", Bad(Good() with { At = new(year, 6, 1, 0, 0, 0, TimeSpan.Zero) }).Field);
    }

    [Theory]
    [InlineData("\0")]
    [InlineData("bell\u0007")]
    [InlineData("\u007f")]
    public void Text_that_cannot_be_printed_is_refused(string text) => Assert.Equal("title", Bad(Good() with { Title = text }).Field);

    [Fact]
    public void Half_a_character_is_refused()
    {
        Assert.Equal("title", Bad(Good() with { Title = $"{(char)0xD800} alone" }).Field);
        Assert.Equal("title", Bad(Good() with { Title = $"alone {(char)0xDC00}" }).Field);
    }

    [Fact]
    public void More_money_than_any_machine_costs_is_refused() => Assert.Equal("paid", Bad(Good() with { Paid = 7.9e28m }).Field);

    [Fact]
    public void A_list_may_be_long_but_not_without_end()
    {
        SoundInput.Check(Good() with { MayBeEmpty = [.. Enumerable.Repeat<string?>(null, SoundInput.MostRows)] });
        Assert.Equal("mayBeEmpty", Bad(Good() with { MayBeEmpty = [.. Enumerable.Repeat<string?>(null, SoundInput.MostRows + 1)] }).Field);
    }

    [Fact]
    public void What_json_lets_through_is_found()
    {
        var read = JsonSerializer.Deserialize<Outer>(
            """{"rows":[{"name":"C1","volts":1},null],"title":"x","mayBeEmpty":[],"at":"2026-11-26T08:00:00Z"}""",
            JsonSerializerOptions.Web
        )!;
        Assert.Equal("rows[1]", Bad(read).Field);
    }
}
