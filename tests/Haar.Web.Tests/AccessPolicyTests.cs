using System.Net;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.Web.Identity;

namespace Haar.Web.Tests;

/// <summary>Who may come in, and what an answer carries.</summary>
public class AccessPolicyTests
{
    [Theory]
    [InlineData("http://127.0.0.1:5270", true)]
    [InlineData("http://localhost:1", true)]
    [InlineData("http://[::1]:1", true)]
    [InlineData("http://0.0.0.0:5270", false)]
    [InlineData("https://*:5270", false)]
    [InlineData("http://127.0.0.1:1;https://192.0.2.7:2", false)]
    public void Only_this_machine_is_open_without_a_passphrase(string urls, bool open) => Assert.Equal(open, SignIn.IsLoopback(urls));

    [Fact]
    public async Task An_act_without_the_token_is_refused_and_a_rule_needs_none()
    {
        await using var w = new Workshop();
        Assert.Equal(400, (await w.PostAsync("/api/machines", Workshop.Machine())).Status);
        Assert.Equal(200, (await w.PostAsync("/api/calc/markings/capacitor", new { text = "475" })).Status);
        await w.TokenAsync();
        Assert.Equal(200, (await w.PostAsync("/api/machines", Workshop.Machine())).Status);
    }

    [Fact]
    public async Task A_locked_workshop_shows_nothing_until_signed_in_and_counts_the_tries()
    {
        var folder = Path.Combine(Path.GetTempPath(), "haar-tests", Guid.NewGuid().ToString("N"));
        var passphrase = new Passphrase(new Data.DataFolder(folder));
        Assert.NotNull(passphrase.Set("short"));
        Assert.Null(passphrase.Set("four words for a harbour"));
        Assert.DoesNotContain("harbour", await File.ReadAllTextAsync(Path.Combine(folder, "passphrase")), StringComparison.Ordinal);
        await using var w = new Workshop(folder: folder, askPassphrase: true);
        Assert.Equal(401, (await w.SendAsync(HttpMethod.Get, "/api/workshop")).Status);
        Assert.Equal(401, (await w.SendAsync(HttpMethod.Get, "/api/photos/" + new string('a', 64))).Status);
        Assert.Equal(401, (await w.SendAsync(HttpMethod.Get, "/api/live")).Status);
        Assert.Equal(401, (await w.PostAsync("/api/calc/markings/capacitor", new { text = "475" })).Status);
        var session = await w.GetAsync("/api/session");
        Assert.False(session["signedIn"]!.GetValue<bool>());
        Assert.Equal("", session["workshopName"]!.GetValue<string>());
        Assert.False(session["open"]!.GetValue<bool>());
        await w.TokenAsync();
        Assert.Equal(401, (await w.PostAsync("/api/sign-in", new { passphrase = "not this one at all" })).Status);
        Assert.Equal(204, (await w.PostAsync("/api/sign-in", new { passphrase = "four words for a harbour" })).Status);
        await w.TokenAsync();
        Assert.Equal("My workshop", (await w.GetAsync("/api/workshop"))["workshop"]!["name"]!.GetValue<string>());
        Assert.Equal(204, (await w.PostAsync("/api/sign-out")).Status);
        await w.TokenAsync();
        Assert.Equal(401, (await w.SendAsync(HttpMethod.Get, "/api/workshop")).Status);
        for (var i = 0; i < 3; i++)
        {
            Assert.Equal(401, (await w.PostAsync("/api/sign-in", new { passphrase = $"guess number {i}" })).Status);
        }
        Assert.Equal(429, (await w.PostAsync("/api/sign-in", new { passphrase = "four words for a harbour" })).Status);
    }

    [Fact]
    public async Task Every_answer_carries_its_headers_and_no_script_from_elsewhere_runs()
    {
        await using var w = new Workshop();
        using var response = await w.Client.GetAsync("/api/session");
        var policy = response.Headers.GetValues("Content-Security-Policy").Single();
        Assert.Contains("script-src 'self';", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe-eval", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("'unsafe-inline'", policy, StringComparison.Ordinal);
        Assert.Equal("nosniff", response.Headers.GetValues("X-Content-Type-Options").Single());
        Assert.Contains(
            response.Headers.GetValues("Set-Cookie"),
            c =>
                c.Contains("httponly", StringComparison.OrdinalIgnoreCase)
                && c.Contains("samesite=strict", StringComparison.OrdinalIgnoreCase)
        );
    }

    [Fact]
    public async Task What_is_not_there_is_said_under_api_and_is_the_page_elsewhere()
    {
        await using var w = new Workshop();
        Assert.Equal(
            "There is nothing at that address.",
            (await w.SendAsync(HttpMethod.Get, "/api/nothing/here")).Body["detail"]!.GetValue<string>()
        );
        // No front end is built into a test: its absence is a plain 404, and not the interface's own.
        using var page = await w.Client.GetAsync("/m/some/where");
        Assert.DoesNotContain("nothing at that address", await page.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Another_hosts_name_is_not_answered()
    {
        await using var w = new Workshop();
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/session") { Headers = { Host = "evil.example" } };
        using var response = await w.Client.SendAsync(request);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
    }

    [Fact]
    public async Task Every_rule_is_in_the_document_with_an_example_that_works()
    {
        await using var w = new Workshop();
        var document = JsonNode.Parse(await w.Client.GetStringAsync("/openapi/v1.json"))!;
        var rules = document["paths"]!.AsObject().Where(p => p.Key.StartsWith("/api/calc/", StringComparison.Ordinal)).ToList();
        Assert.True(rules.Count >= 12);
        foreach (var (path, methods) in rules)
        {
            var post = methods!["post"]!;
            Assert.NotEmpty(post["summary"]!.GetValue<string>());
            var example = post["requestBody"]!["content"]!["application/json"]!["example"]!.ToJsonString();
            var (status, body) = await w.SendAsync(HttpMethod.Post, path, example);
            Assert.True(status == 200, $"{path}: {body}");
            Assert.DoesNotContain("NaN", body.ToJsonString(), StringComparison.Ordinal);
        }
    }
}
