using System.Net;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.Web.Identity;
using Microsoft.Extensions.Configuration;

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
    public void Only_this_machine_is_open_without_a_passphrase(string urls, bool open) =>
        Assert.Equal(open, new ListenAddresses(urls.Split(';')).Loopback);

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
    public async Task A_session_ends_when_it_is_signed_out_and_when_the_passphrase_changes_also_for_who_kept_its_cookie()
    {
        await using var w = Workshop.Locked();
        await w.SignInAsync();
        var session = Assert.Single(Directory.GetFiles(Path.Combine(w.Folder, "sessions")));
        Assert.Equal(200, (await w.SendAsync(HttpMethod.Get, "/api/workshop")).Status);
        // Somebody has a copy of what signed in.
        var copied = await File.ReadAllBytesAsync(session);
        Assert.DoesNotContain("four words", System.Text.Encoding.UTF8.GetString(copied), StringComparison.Ordinal);
        Assert.Null(new Passphrase(new Data.DataFolder(w.Folder)).Set("other words for a harbour"));
        Assert.Equal(401, (await w.SendAsync(HttpMethod.Get, "/api/workshop")).Status);
        Assert.Equal(401, (await w.PostAsync("/api/machines", Workshop.Machine())).Status);
    }

    [Fact]
    public async Task A_session_that_was_signed_out_is_gone_on_the_server_and_not_only_in_the_browser()
    {
        await using var w = Workshop.Locked();
        await w.TokenAsync();
        var (cookie, token) = await CookieAsync(w);
        Assert.Equal(200, await StatusAsync(w, cookie));
        using var signOut = new HttpRequestMessage(HttpMethod.Post, "/api/sign-out")
        {
            Headers = { { "Cookie", cookie }, { "X-Haar-Token", token } },
        };
        using var plain = Plain(w);
        Assert.Equal(HttpStatusCode.NoContent, (await plain.SendAsync(signOut)).StatusCode);
        Assert.Equal(401, await StatusAsync(w, cookie));
    }

    [Fact]
    public async Task A_page_that_listens_hears_nothing_more_once_its_session_has_ended()
    {
        await using var w = Workshop.Locked();
        await w.SignInAsync();
        using var listening = await w.Client.GetAsync("/api/live", HttpCompletionOption.ResponseHeadersRead);
        using var lines = new StreamReader(await listening.Content.ReadAsStreamAsync());
        Assert.Equal("retry: 1000", await lines.ReadLineAsync());
        var live = (Data.Log.Live)w.Services.GetService(typeof(Data.Log.Live))!;
        var (heard, unheard) = (Guid.NewGuid(), Guid.NewGuid());
        while (live.Listeners == 0)
        {
            await Task.Yield();
        }
        live.Say([heard]);
        string? line;
        while ((line = await lines.ReadLineAsync()) != $"data: {heard}")
        {
            Assert.NotNull(line);
        }
        Assert.Null(new Passphrase(new Data.DataFolder(w.Folder)).Set("other words for a harbour"));
        live.Say([unheard]);
        var rest = await lines.ReadToEndAsync().WaitAsync(TimeSpan.FromSeconds(15));
        Assert.DoesNotContain(unheard.ToString(), rest, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_session_lasts_two_weeks_and_not_a_minute_longer()
    {
        var folder = new Data.DataFolder(Path.Combine(Path.GetTempPath(), "haar-tests", Guid.NewGuid().ToString("N")));
        var time = new Microsoft.Extensions.Time.Testing.FakeTimeProvider(DateTimeOffset.UtcNow);
        var store = new SessionStore(folder, time);
        var ticket = new Microsoft.AspNetCore.Authentication.AuthenticationTicket(
            new(new System.Security.Claims.ClaimsIdentity("test")),
            new() { ExpiresUtc = time.GetUtcNow() + SessionStore.Lasts },
            "test"
        );
        var key = await store.StoreAsync(ticket);
        time.Advance(SessionStore.Lasts - TimeSpan.FromMinutes(1));
        Assert.NotNull(await store.RetrieveAsync(key));
        time.Advance(TimeSpan.FromMinutes(2));
        Assert.Null(await store.RetrieveAsync(key));
        Assert.Null(await store.RetrieveAsync("../passphrase"));
        for (var i = 0; i < SessionStore.Most + 20; i++)
        {
            await store.StoreAsync(ticket);
        }
        Assert.True(Directory.GetFiles(Path.Combine(folder.Root, "sessions")).Length <= SessionStore.Most);
        Directory.Delete(folder.Root, true);
    }

    static HttpClient Plain(Workshop w) => new(new SocketsHttpHandler { UseCookies = false }) { BaseAddress = w.Client.BaseAddress };

    static async Task<int> StatusAsync(Workshop w, string cookie)
    {
        using var plain = Plain(w);
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/workshop") { Headers = { { "Cookie", cookie } } };
        return (int)(await plain.SendAsync(request)).StatusCode;
    }

    /// <summary>Signs in by hand and answers what the browser would keep, with the token that goes with it.</summary>
    static async Task<(string Cookie, string Token)> CookieAsync(Workshop w)
    {
        using var plain = Plain(w);
        static string Of(HttpResponseMessage r) => string.Join("; ", r.Headers.GetValues("Set-Cookie").Select(c => c.Split(';')[0]));
        using var first = await plain.GetAsync("/api/session");
        var token = JsonNode.Parse(await first.Content.ReadAsStringAsync())!["token"]!.GetValue<string>();
        using var signIn = new HttpRequestMessage(HttpMethod.Post, "/api/sign-in")
        {
            Headers = { { "Cookie", Of(first) }, { "X-Haar-Token", token } },
            Content = System.Net.Http.Json.JsonContent.Create(new { passphrase = Workshop.TestPassphrase }),
        };
        using var signedIn = await plain.SendAsync(signIn);
        var cookie = $"{Of(first)}; {Of(signedIn)}";
        using var again = new HttpRequestMessage(HttpMethod.Get, "/api/session") { Headers = { { "Cookie", cookie } } };
        using var session = await plain.SendAsync(again);
        return (cookie, JsonNode.Parse(await session.Content.ReadAsStringAsync())!["token"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("Kestrel:Endpoints:Extra:Url", "http://0.0.0.0:0", "no passphrase")]
    [InlineData("Kestrel:Endpoints:Extra:Url", "https://*:0", "no passphrase")]
    [InlineData("Kestrel:Endpoints:Extra:Url", "http://[::]:0", "no passphrase")]
    public void A_second_way_in_by_configuration_needs_a_passphrase_too(string key, string url, string why)
    {
        var configuration = new ConfigurationBuilder().AddInMemoryCollection([new(key, url)]).Build();
        var listens = ListenAddresses.From(configuration, "http://127.0.0.1:5270");
        Assert.False(listens.Loopback);
        Assert.Contains(why, listens.Problem(passphraseIsSet: false), StringComparison.Ordinal);
        Assert.Equal(url.StartsWith("https", StringComparison.Ordinal), listens.Problem(passphraseIsSet: true) is null);
        Assert.Null(ListenAddresses.From(new ConfigurationBuilder().Build(), "http://localhost:1").Problem(passphraseIsSet: false));
    }

    [Fact]
    public async Task Guessing_is_slowed_for_all_addresses_together()
    {
        await using var w = Workshop.Locked();
        await w.TokenAsync();
        var tries = await Task.WhenAll(
            Enumerable.Range(0, 12).Select(i => w.PostAsync("/api/sign-in", new { passphrase = $"guess number {i}" }))
        );
        Assert.Equal(SignIn.TriesByAddress, tries.Count(t => t.Status == 401));
        Assert.All(tries.Where(t => t.Status != 401), t => Assert.Equal(429, t.Status));
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
        foreach (
            var (name, value) in new[]
            {
                ("X-Content-Type-Options", "nosniff"),
                ("X-Frame-Options", "DENY"),
                ("Referrer-Policy", "no-referrer"),
                ("Cross-Origin-Opener-Policy", "same-origin"),
                ("Cross-Origin-Resource-Policy", "same-origin"),
                ("X-Permitted-Cross-Domain-Policies", "none"),
                ("Cache-Control", "no-store"),
            }
        )
        {
            Assert.Equal(value, response.Headers.GetValues(name).Single());
        }
        Assert.False(response.Headers.Contains("Server"));
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

    /// <summary>The document knows a type by its name alone: of two of one name one would take the other's place, unseen.</summary>
    [Fact]
    public async Task No_two_types_of_the_interface_have_one_name()
    {
        await using var w = new Workshop();
        var document = JsonNode.Parse(await w.Client.GetStringAsync("/openapi/v1.json"))!;
        var named = document["components"]!["schemas"]!.AsObject().Select(s => s.Key).ToHashSet();
        var twice = new[] { typeof(Program).Assembly, typeof(Core.Planning.Schedule).Assembly, typeof(Data.HaarDb).Assembly }
            .SelectMany(a => a.GetExportedTypes())
            .Where(t => named.Contains(t.Name))
            .GroupBy(t => t.Name)
            .Where(g => g.Count() > 1)
            .Select(g => string.Join(" and ", g.Select(t => t.FullName)));
        Assert.Empty(twice);
    }
}
