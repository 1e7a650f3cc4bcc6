using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;

namespace Haar.Web.Tests;

/// <summary>A supplier whose list is wrong.</summary>
public class SupplierListTests
{
    const string Good =
        """{"format":"haar-supplier","version":1,"currency":"EUR","postage":4.5,"days":3,"offers":[{"sku":"A-1","spec":{"kind":"aluminiumSurfaceMount","microfarads":47,"ratedVolts":16,"maxCelsius":105},"packSize":1,"breaks":[{"fromPacks":1,"packPrice":0.3},{"fromPacks":10,"packPrice":0.2}],"stockPacks":40}]}""";

    /// <summary>A shop that answers every question with one text.</summary>
    static async Task<(int Status, JsonNode Body)> ReadAsync(Workshop w, string list)
    {
        using var shop = new TcpListener(IPAddress.Loopback, 0);
        shop.Start();
        var answering = Task.Run(async () =>
        {
            using var call = await shop.AcceptTcpClientAsync();
            await using var stream = call.GetStream();
            _ = await stream.ReadAsync(new byte[4096]);
            var body = Encoding.UTF8.GetBytes(list);
            await stream.WriteAsync(
                Encoding.ASCII.GetBytes(
                    $"HTTP/1.1 200 OK\r\nContent-Type: application/json\r\nContent-Length: {body.Length}\r\nConnection: close\r\n\r\n"
                )
            );
            await stream.WriteAsync(body);
        });
        var id = (
            await w.DoAsync(
                "/api/suppliers",
                new
                {
                    name = "Corner shop",
                    address = $"http://127.0.0.1:{((IPEndPoint)shop.LocalEndpoint).Port}/list",
                    postage = 0,
                    freeFrom = (double?)null,
                    days = 1,
                }
            )
        )["id"];
        var answer = await w.PostAsync($"/api/suppliers/{id}/read");
        await answering;
        return answer;
    }

    [Fact]
    public async Task A_sound_list_is_taken()
    {
        await using var w = await Workshop.OpenAsync();
        Assert.Equal(200, (await ReadAsync(w, Good)).Status);
    }

    [Theory]
    [InlineData("\"packPrice\":0.3", "\"packPrice\":-1")]
    [InlineData("\"packSize\":1", "\"packSize\":0")]
    [InlineData("\"stockPacks\":40", "\"stockPacks\":-1")]
    [InlineData("\"maxCelsius\":105", "\"maxCelsius\":5000")]
    [InlineData("\"fromPacks\":10", "\"fromPacks\":1")]
    [InlineData("\"packPrice\":0.2", "\"packPrice\":7.9e28")]
    [InlineData("\"breaks\":[{\"fromPacks\":1,\"packPrice\":0.3},{\"fromPacks\":10,\"packPrice\":0.2}]", "\"breaks\":[null]")]
    [InlineData("\"breaks\":[{\"fromPacks\":1,\"packPrice\":0.3},{\"fromPacks\":10,\"packPrice\":0.2}]", "\"breaks\":null")]
    [InlineData("\"offers\":[", "\"offers\":[null,")]
    [InlineData("\"offers\":[", "\"offers\":[{\"sku\":null,\"spec\":null,\"packSize\":1,\"breaks\":[]},")]
    [InlineData("\"postage\":4.5", "\"postage\":-4.5")]
    [InlineData("\"days\":3", "\"days\":-3")]
    [InlineData("\"microfarads\":47", "\"microfarads\":0")]
    [InlineData("\"sku\":\"A-1\"", "\"sku\":\"\\u0000\"")]
    [InlineData("\"version\":1", "\"version\":\"1\"")]
    public async Task A_list_that_cannot_be_is_refused_and_hides_no_others(string was, string now)
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var before = (await w.GetAsync("/api/orders"))["plan"]!["cost"]!.GetValue<double>();
        Assert.Contains(was, Good, StringComparison.Ordinal);
        var (status, body) = await ReadAsync(w, Good.Replace(was, now, StringComparison.Ordinal));
        Assert.True(status == 503, $"{status} {body}");
        Assert.Equal("The supplier", body["title"]!.GetValue<string>());
        Assert.Equal(before, (await w.GetAsync("/api/orders"))["plan"]!["cost"]!.GetValue<double>());
    }

    [Fact]
    public async Task A_bad_list_that_an_older_haar_took_hides_no_others()
    {
        await using var w = await Workshop.OpenAsync(demo: true);
        var before = (await w.GetAsync("/api/orders"))["plan"]!["parcels"]!.AsArray().Count;
        await using (var db = new Data.DataFolder(w.Folder).Open())
        {
            db.Suppliers.Add(
                new()
                {
                    Id = Guid.NewGuid(),
                    Name = "From before",
                    Offers = [new("x", "B-1", new() { Microfarads = 47, MaxCelsius = 5000 }, 0, [new(1, -1)], -1)],
                }
            );
            await db.SaveChangesAsync();
        }
        var after = await w.GetAsync("/api/orders");
        Assert.Equal(before, after["plan"]!["parcels"]!.AsArray().Count);
        Assert.Contains(
            "From before",
            after["plan"]!["verdict"]!["reasons"]!
                .AsArray()
                .Select(r => r!["text"]!.GetValue<string>())
                .FirstOrDefault(t => t.Contains("From before", StringComparison.Ordinal))
                ?? "",
            StringComparison.Ordinal
        );
    }
}
