using System.Net;
using System.Net.Sockets;
using System.Text;
using Haar.Core.Settings;
using Haar.StandIns.Meters;

namespace Haar.Web.Tests;

/// <summary>A meter on the network: as it should be, slow, silent, talking nonsense, dropping off, never settling, not there.</summary>
public class MeterTests
{
    internal static async Task PointAtAsync(Workshop w, int port)
    {
        var s = await w.GetAsync("/api/workshop/settings");
        var (status, body) = await w.SendAsync(
            HttpMethod.Put,
            "/api/workshop/settings",
            new
            {
                name = s["name"]!.GetValue<string>(),
                eventName = "",
                eventDay = (string?)null,
                currency = "EUR",
                meterHost = "127.0.0.1",
                meterPort = port,
                meterShowsPart = true,
            },
            s["version"]!.GetValue<int>()
        );
        Assert.True(status == 200, body.ToString());
    }

    static async Task<(int Status, System.Text.Json.Nodes.JsonNode Body, StandInMeter Meter)> ReadAsync(
        Workshop w,
        Action<StandInMeter> set,
        string quantity = "capacitance"
    )
    {
        var meter = new StandInMeter(IPAddress.Loopback, 0);
        meter.Start();
        set(meter);
        await PointAtAsync(w, meter.Port);
        var (status, body) = await w.PostAsync("/api/meter/read", new { quantity, label = "C14 47 µF 16 V" });
        await meter.DisposeAsync();
        return (status, body, meter);
    }

    [Fact]
    public async Task A_settled_value_with_the_meters_name_and_the_part_on_its_display()
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body, meter) = await ReadAsync(w, m => m.Put(new BenchPart(32.4e-6, 8.6, 0, 0)));
        Assert.Equal(200, status);
        Assert.Equal(32.4e-6, body["value"]!.GetValue<double>(), 1e-7);
        Assert.Equal(StandInMeter.Identification, body["identification"]!.GetValue<string>());
        Assert.True(body["taken"]!.GetValue<int>() >= 3);
        Assert.Equal("C14 47 µF 16 V", meter.Display);
    }

    [Fact]
    public async Task An_open_input_is_overload_and_no_number()
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body, _) = await ReadAsync(w, m => m.Put(BenchPart.Open), "esr");
        Assert.Equal(200, status);
        Assert.True(body["overload"]!.GetValue<bool>());
        Assert.Null(body["value"]);
    }

    [Theory]
    [InlineData(Mood.Garbage, "no number")]
    [InlineData(Mood.Silent, "did not answer")]
    [InlineData(Mood.Slow, "did not answer")]
    [InlineData(Mood.Drops, "dropped off the network")]
    [InlineData(Mood.Restless, "never settled")]
    public async Task A_bad_meter_is_said_in_a_sentence(Mood mood, string part)
    {
        await using var w = await Workshop.OpenAsync();
        var (status, body, _) = await ReadAsync(
            w,
            m =>
            {
                m.Put(new BenchPart(32.4e-6, 8.6, 0, 0));
                m.Set(mood);
            }
        );
        Assert.Equal(503, status);
        Assert.Contains(part, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task No_meter_at_all_is_said()
    {
        await using var w = await Workshop.OpenAsync();
        await PointAtAsync(w, 1);
        var (status, body) = await w.PostAsync("/api/meter/read", new { quantity = "volts", label = "" });
        Assert.Equal(503, status);
        Assert.Contains("No meter answers", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_stand_in_talks_to_any_client_line_by_line()
    {
        await using var meter = new StandInMeter(IPAddress.Loopback, 0);
        meter.Start();
        using var client = new TcpClient();
        await client.ConnectAsync(IPAddress.Loopback, meter.Port);
        using var stream = client.GetStream();
        using var reader = new StreamReader(stream);
        async Task<string> Ask(string line)
        {
            await stream.WriteAsync(Encoding.UTF8.GetBytes(line + "\n"));
            return (await reader.ReadLineAsync())!;
        }

        Assert.Equal(StandInMeter.Identification, await Ask("*IDN?"));
        Assert.Equal("-113,\"Undefined header\"", await Ask("WHO:ARE:YOU\nSYST:ERR?"));
        Assert.Equal("0,\"No error\"", await Ask("SYST:ERR?"));
        var first = double.Parse(await Ask("FIXT:CAP 1E-6\nMEAS:CAP?"), System.Globalization.CultureInfo.InvariantCulture);
        var last = first;
        for (var i = 0; i < 8; i++)
        {
            last = double.Parse(await Ask("MEAS:CAP?"), System.Globalization.CultureInfo.InvariantCulture);
        }
        Assert.NotEqual(1e-6, first, 1e-9);
        Assert.Equal(1e-6, last, 1e-10);
        Assert.Equal("+9.90000000E+37", await Ask("FIXT:OPEN;MEAS:RES?"));
        Assert.InRange(
            double.Parse(await Ask("FIXT:AUTO;DISP:TEXT \"+12 V\";MEAS:VOLT?"), System.Globalization.CultureInfo.InvariantCulture),
            11,
            11.5
        );
    }
}
