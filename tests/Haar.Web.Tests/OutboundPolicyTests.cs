using System.Net;
using System.Net.Sockets;
using Haar.Web.Http;

namespace Haar.Web.Tests;

/// <summary>Whom Haar calls by itself, and whom never.</summary>
public class OutboundPolicyTests
{
    [Theory]
    [InlineData("127.0.0.1", true)]
    [InlineData("::1", true)]
    [InlineData("10.1.2.3", true)]
    [InlineData("172.16.0.9", true)]
    [InlineData("172.32.0.9", false)]
    [InlineData("192.168.7.20", true)]
    [InlineData("fd12::7", true)]
    [InlineData("203.0.113.9", false)]
    [InlineData("2001:db8::1", false)]
    [InlineData("169.254.169.254", false)]
    [InlineData("::ffff:169.254.169.254", false)]
    [InlineData("::ffff:203.0.113.9", false)]
    [InlineData("fe80::1", false)]
    [InlineData("0.0.0.0", false)]
    [InlineData("224.0.0.251", false)]
    [InlineData("255.255.255.255", false)]
    public void This_machine_and_the_workshops_network_are_called_and_nobody_else(string address, bool called) =>
        Assert.Equal(called, new OutboundPolicy().Allows(IPAddress.Parse(address)));

    [Fact]
    public void What_is_allowed_in_addition_is_called_but_link_local_never()
    {
        var some = new OutboundPolicy("203.0.113.0/24, parts.example, 169.254.0.0/16, 2001:db8::5");
        Assert.True(some.Allows(IPAddress.Parse("203.0.113.9")));
        Assert.True(some.Allows(IPAddress.Parse("2001:db8::5")));
        Assert.False(some.Allows(IPAddress.Parse("2001:db8::6")));
        Assert.False(some.Allows(IPAddress.Parse("169.254.169.254")));
        Assert.False(some.Allows(IPAddress.Parse("169.254.169.254"), named: true));
        Assert.Throws<FormatException>(() => new OutboundPolicy("https://parts.example/list"));
    }

    [Fact]
    public async Task An_address_that_is_never_called_is_refused_when_it_is_typed_and_when_it_is_called()
    {
        await using var w = await Workshop.OpenAsync();
        foreach (
            var address in new[] { "http://169.254.169.254/latest", "http://[fe80::1]/", "http://203.0.113.9/list", "http://0.0.0.0/" }
        )
        {
            var (status, body) = await w.PostAsync(
                "/api/suppliers",
                new
                {
                    name = "Elsewhere",
                    address,
                    postage = 0,
                    freeFrom = (double?)null,
                    days = 1,
                }
            );
            Assert.Equal(400, status);
            Assert.NotNull(body["errors"]!["address"]);
        }
        var settings = await w.GetAsync("/api/workshop/settings");
        settings["meterHost"] = "169.254.169.254";
        Assert.Equal(
            400,
            (await w.SendAsync(HttpMethod.Put, "/api/workshop/settings", settings, settings["version"]!.GetValue<int>())).Status
        );
        var refused = await Assert.ThrowsAsync<OutboundException>(() =>
            new OutboundPolicy().ConnectAsync("203.0.113.9", 80, TestContext.Current.CancellationToken)
        );
        Assert.Contains("--outbound", refused.Message, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_supplier_that_sends_its_callers_elsewhere_is_not_followed()
    {
        using var elsewhere = new TcpListener(IPAddress.Loopback, 0);
        elsewhere.Start();
        using var supplier = new TcpListener(IPAddress.Loopback, 0);
        supplier.Start();
        var answering = Task.Run(
            async () =>
            {
                using var call = await supplier.AcceptTcpClientAsync();
                await using var stream = call.GetStream();
                _ = await stream.ReadAsync(new byte[4096]);
                await stream.WriteAsync(
                    System.Text.Encoding.ASCII.GetBytes(
                        $"HTTP/1.1 302 Found\r\nLocation: http://127.0.0.1:{((IPEndPoint)elsewhere.LocalEndpoint).Port}/list\r\nContent-Length: 0\r\n\r\n"
                    )
                );
            },
            TestContext.Current.CancellationToken
        );
        await using var w = await Workshop.OpenAsync();
        var id = (
            await w.DoAsync(
                "/api/suppliers",
                new
                {
                    name = "Moved away",
                    address = $"http://127.0.0.1:{((IPEndPoint)supplier.LocalEndpoint).Port}/list",
                    postage = 0,
                    freeFrom = (double?)null,
                    days = 1,
                }
            )
        )["id"];
        var (status, body) = await w.PostAsync($"/api/suppliers/{id}/read");
        await answering;
        Assert.Equal(503, status);
        Assert.Contains("302", body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.False(elsewhere.Pending());
    }
}
