using System.Text;
using Haar.Web.Identity;
using Microsoft.AspNetCore.Routing;
using Microsoft.AspNetCore.Routing.Patterns;
using Microsoft.Extensions.DependencyInjection;

namespace Haar.Web.Tests;

/// <summary>Every endpoint that there is, by every way of writing its address, knocked at by somebody who may not come in.</summary>
public class EndpointWalkTests
{
    /// <summary>All that is open to somebody without a session. Whatever is added to it is added here by hand.</summary>
    static readonly HashSet<string> OpenToAll =
    [
        "GET /health",
        "GET /schemas/haar-pack-1.schema.json",
        "GET /api/session",
        // The script of the reference page, as its package brings it.
        "GET /reference/api/scalar.js",
        "GET /reference/api/scalar.aspnetcore.js",
        "GET /reference/api/favicon.svg",
        "GET /{**path:nonfile}",
        "HEAD /{**path:nonfile}",
    ];

    /// <summary>Open to somebody without a session who has a token.</summary>
    const string SignInItself = "POST /api/sign-in";

    sealed record Door(string Method, string Pattern, string Path)
    {
        public string Name => $"{Method} {Pattern}";
        public bool Writes => Method is not ("GET" or "HEAD" or "OPTIONS");
    }

    static List<Door> Doors(Workshop w) =>
        [
            .. w
                .Services.GetServices<EndpointDataSource>()
                .SelectMany(s => s.Endpoints)
                .OfType<RouteEndpoint>()
                .SelectMany(e =>
                    (
                        e.Metadata.GetMetadata<IHttpMethodMetadata>()?.HttpMethods is { Count: > 0 } some ? some : ["GET", "POST", "DELETE"]
                    ).Select(m => new Door(m, "/" + e.RoutePattern.RawText!.TrimStart('/'), Filled(e.RoutePattern)))
                )
                .Distinct(),
        ];

    /// <summary>The address with something in each of its places.</summary>
    static string Filled(RoutePattern pattern)
    {
        var path = new StringBuilder();
        foreach (var segment in pattern.PathSegments)
        {
            path.Append('/');
            foreach (var part in segment.Parts)
            {
                path.Append(
                    part switch
                    {
                        RoutePatternLiteralPart l => l.Content,
                        RoutePatternSeparatorPart s => s.Content,
                        RoutePatternParameterPart p => p.ParameterPolicies.Any(x => x.Content == "guid") ? Guid.Empty.ToString()
                        : p.ParameterPolicies.Any(x => x.Content == "int") ? "1"
                        : "some",
                        _ => "",
                    }
                );
            }
        }
        return path.Length == 0 ? "/" : path.ToString();
    }

    static IEnumerable<string> Spellings(string path)
    {
        yield return path;
        yield return path.ToUpperInvariant();
        yield return string.Concat(path.Select((c, i) => i % 2 == 0 ? char.ToUpperInvariant(c) : c));
        yield return "/" + path;
        yield return path.Replace("/api/", "/api//", StringComparison.Ordinal);
        yield return path + "/";
        yield return path + ".";
        yield return path.Replace("api", "%61pi", StringComparison.Ordinal);
        yield return path.Replace("/api/", "/api%2f", StringComparison.Ordinal);
        yield return path.Replace("/api/", "/./api/", StringComparison.Ordinal);
        yield return path.Replace("/api/", "/x/../api/", StringComparison.Ordinal);
        yield return path + ";v=1";
        yield return path + "?x=/api/session";
    }

    static async Task<(int Status, string Text)> KnockAsync(
        HttpClient client,
        Door door,
        string path,
        params (string Name, string Value)[] headers
    )
    {
        var uri = new Uri(
            client.BaseAddress!.GetLeftPart(UriPartial.Authority) + path,
            new UriCreationOptions { DangerousDisablePathAndQueryCanonicalization = true }
        );
        using var request = new HttpRequestMessage(new HttpMethod(door.Method), uri);
        if (door.Writes)
        {
            request.Content = new StringContent("{}", Encoding.UTF8, "application/json");
        }
        foreach (var (name, value) in headers)
        {
            if (name == "Host")
            {
                request.Headers.Host = value;
            }
            else
            {
                request.Headers.TryAddWithoutValidation(name, value);
            }
        }
        using var response = await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead);
        return ((int)response.StatusCode, (int)response.StatusCode >= 400 ? await response.Content.ReadAsStringAsync() : "");
    }

    [Fact]
    public async Task Without_a_session_nothing_is_let_in_that_is_not_marked_open_however_it_is_written()
    {
        await using var w = Workshop.Locked();
        var doors = Doors(w);
        Assert.True(doors.Count > 200, $"{doors.Count} endpoints were found");
        var letIn = new List<string>();
        var notSaid = new List<string>();
        await Parallel.ForEachAsync(
            doors,
            async (door, _) =>
            {
                if (door.Name == SignInItself)
                {
                    return;
                }
                foreach (var path in Spellings(door.Path).Distinct())
                {
                    var (status, text) = await KnockAsync(w.Client, door, path);
                    var open = OpenToAll.Contains(door.Name);
                    // Written otherwise, an address may be the page's, or nobody's: then nothing is behind it.
                    if (!open && status is not (401 or 404 or 405 or 400))
                    {
                        lock (letIn)
                        {
                            letIn.Add($"{door.Method} {path}: {status}");
                        }
                    }
                    if (!open && path == door.Path && (status != 401 || !text.Contains("passphrase", StringComparison.Ordinal)))
                    {
                        lock (notSaid)
                        {
                            notSaid.Add($"{door.Method} {path}: {status} {text}");
                        }
                    }
                }
            }
        );
        Assert.True(letIn.Count == 0, string.Join("\n", letIn));
        Assert.True(notSaid.Count == 0, string.Join("\n", notSaid));
        Assert.Equal(400, (await KnockAsync(w.Client, new("POST", "", ""), "/api/sign-in")).Status);
    }

    [Fact]
    public async Task With_a_session_no_write_goes_through_without_its_token_or_from_another_sites_page()
    {
        await using var w = Workshop.Locked();
        await w.SignInAsync();
        var token = w.Client.DefaultRequestHeaders.GetValues("X-Haar-Token").Single();
        w.Client.DefaultRequestHeaders.Remove("X-Haar-Token");
        var through = new List<string>();
        foreach (var door in Doors(w).Where(d => d.Writes && !d.Pattern.StartsWith("/api/calc/", StringComparison.Ordinal)))
        {
            foreach (var path in Spellings(door.Path).Distinct())
            {
                // Guessing is slowed before it is looked at.
                if ((await KnockAsync(w.Client, door, path)).Status is not (400 or 404 or 405 or 429))
                {
                    through.Add($"no token: {door.Method} {path}");
                }
            }
            foreach (
                var (name, value) in new[]
                {
                    ("Origin", "https://elsewhere.example"),
                    ("Origin", "null"),
                    ("Origin", "http://127.0.0.1:1"),
                    ("Sec-Fetch-Site", "cross-site"),
                }
            )
            {
                var status = (await KnockAsync(w.Client, door, door.Path, (name, value), ("X-Haar-Token", token))).Status;
                if (status is not (403 or 429))
                {
                    through.Add($"{name} {value}: {door.Method} {door.Path}: {status}");
                }
            }
        }
        Assert.True(through.Count == 0, string.Join("\n", through));
    }

    [Fact]
    public async Task Another_hosts_name_opens_nothing_on_a_machine_that_is_open_to_itself()
    {
        await using var w = await Workshop.OpenAsync();
        foreach (var door in Doors(w))
        {
            Assert.Equal(400, (await KnockAsync(w.Client, door, door.Path, ("Host", "elsewhere.example"))).Status);
        }
    }

    [Fact]
    public async Task Every_operation_of_the_document_is_among_the_endpoints_that_are_walked()
    {
        await using var w = await Workshop.OpenAsync();
        static string Bare(string pattern) => System.Text.RegularExpressions.Regex.Replace(pattern, @"\{(\w+)[^}]*\}", "{$1}").TrimEnd('/');
        var walked = Doors(w).Select(d => $"{d.Method} {Bare(d.Pattern)}").ToHashSet(StringComparer.OrdinalIgnoreCase);
        var document = System.Text.Json.Nodes.JsonNode.Parse(await w.Client.GetStringAsync("/openapi/v1.json"))!;
        Assert.All(
            document["paths"]!.AsObject().SelectMany(p => p.Value!.AsObject().Select(m => $"{m.Key} {Bare(p.Key)}")),
            o => Assert.Contains(o, walked)
        );
    }
}
