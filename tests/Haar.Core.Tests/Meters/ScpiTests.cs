using Haar.Core.Meters;

namespace Haar.Core.Tests.Meters;

public class ScpiTests
{
    [Theory]
    [InlineData("+3.24000000E-05", 3.24e-5)]
    [InlineData("11.21\r", 11.21)]
    [InlineData(" -4.9E0 ", -4.9)]
    public void Reads_numbers(string line, double value) => Assert.Equal(value, Scpi.Parse(line).Value!.Value, 12);

    [Theory]
    [InlineData("+9.90000000E+37")]
    [InlineData("9.9E37")]
    [InlineData("-9.9E37")]
    public void Overload_is_no_value(string line) => Assert.Equal(new ScpiReply(null, true), Scpi.Parse(line));

    [Theory]
    [InlineData("")]
    [InlineData(null)]
    [InlineData("#!ERR??")]
    [InlineData("NaN")]
    [InlineData("1,2,3")]
    [InlineData("1e999")]
    public void Garbage_is_said(string? line) => Assert.Throws<MeterAnswerException>(() => Scpi.Parse(line));

    [Fact]
    public void A_reading_has_settled_when_three_in_a_row_agree()
    {
        Assert.Null(Scpi.Settled([10, 10.0001]));
        Assert.Null(Scpi.Settled([12, 10.5, 10.01]));
        Assert.Equal(10.001, Scpi.Settled([12, 10, 10.001, 10.002])!.Value, 9);
    }

    [Fact]
    public void The_newest_reading_that_is_not_struck_stands()
    {
        var at = DateTimeOffset.UnixEpoch;
        Reading R(int minutes, double v, bool struck = false) =>
            new()
            {
                Id = Guid.CreateVersion7(),
                Channel = "old",
                Quantity = Quantity.Esr,
                Value = v,
                At = at.AddMinutes(minutes),
                Voided = struck,
            };
        Assert.Equal(2, new[] { R(2, 2), R(1, 1), R(3, 3, struck: true) }.Latest("old", Quantity.Esr)!.Value);
        Assert.Null(new[] { R(1, 1) }.Latest("new", Quantity.Esr));
    }
}
