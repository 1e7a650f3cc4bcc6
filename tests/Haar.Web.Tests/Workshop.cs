using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

[assembly: CaptureConsole]

namespace Haar.Web.Tests;

/// <summary>A workshop of its own: the real application, a real SQLite file in a folder of its own, real HTTP.</summary>
public sealed class Workshop : IAsyncDisposable
{
    readonly WebApplicationFactory<Program> factory;

    public Workshop(bool demo = false, string? folder = null, bool askPassphrase = false, int meterPort = 0)
    {
        Folder = folder ?? Path.Combine(Path.GetTempPath(), "haar-tests", Guid.NewGuid().ToString("N"));
        Directory.CreateDirectory(Folder);
        factory = new WebApplicationFactory<Program>().WithWebHostBuilder(b =>
        {
            b.UseSetting("data", Folder);
            b.UseSetting("urls", "http://127.0.0.1:0");
            if (demo)
            {
                b.UseSetting("demo", "true");
            }
            if (askPassphrase)
            {
                b.UseSetting("ask-passphrase", "true");
            }
        });
        factory.UseKestrel(0);
        factory.StartServer();
        Client = factory.CreateClient();
        MeterPort = meterPort;
    }

    public string Folder { get; }
    public HttpClient Client { get; }
    public int MeterPort { get; }
    public IServiceProvider Services => factory.Services;

    public static async Task<Workshop> OpenAsync(bool demo = false, string? folder = null)
    {
        var w = new Workshop(demo, folder);
        await w.TokenAsync();
        return w;
    }

    public async Task TokenAsync()
    {
        var session = await Client.GetFromJsonAsync<JsonNode>("/api/session");
        Client.DefaultRequestHeaders.Remove("X-Haar-Token");
        Client.DefaultRequestHeaders.Add("X-Haar-Token", session!["token"]!.GetValue<string>());
    }

    /// <summary>Sends JSON and gives status and body.</summary>
    public async Task<(int Status, JsonNode Body)> SendAsync(HttpMethod method, string path, object? body = null, int? version = null)
    {
        using var request = new HttpRequestMessage(method, path);
        if (body is not null)
        {
            request.Content = body is string raw
                ? new StringContent(raw, System.Text.Encoding.UTF8, "application/json")
                : JsonContent.Create(body);
        }
        if (version is { } v)
        {
            request.Headers.TryAddWithoutValidation("If-Match", $"\"{v}\"");
        }
        using var response = await Client.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, text.Length == 0 ? new JsonObject() : JsonNode.Parse(text)!);
    }

    public Task<(int Status, JsonNode Body)> PostAsync(string path, object? body = null) =>
        SendAsync(HttpMethod.Post, path, body ?? new { });

    /// <summary>An act that has to go through.</summary>
    public async Task<JsonNode> DoAsync(string path, object? body = null)
    {
        var (status, answer) = await PostAsync(path, body);
        Assert.True(status == 200, $"{path}: {status} {answer}");
        return answer;
    }

    public async Task<JsonNode> GetAsync(string path)
    {
        var (status, answer) = await SendAsync(HttpMethod.Get, path);
        Assert.True(status == 200, $"{path}: {status} {answer}");
        return answer;
    }

    public static object Machine(
        string name = "Harbour office till",
        string[]? traits = null,
        string? profileId = null,
        int? from = 1990,
        int? to = 1992
    ) =>
        new
        {
            name,
            kind = "luggable",
            model = "",
            @class = "level286",
            yearFrom = from,
            yearTo = to,
            traits = traits ?? ["internalMainsSupply", "barrelCell"],
            cameFrom = "a jumble sale",
            paid = 20,
            claimed = "",
            recapSchool = "evidence",
            restorationSchool = "asShipped",
            profileId,
        };

    public async Task<string> TakeInAsync(string name = "Harbour office till", string[]? traits = null, string? profileId = null) =>
        (await DoAsync("/api/machines", Machine(name, traits, profileId)))["id"]!.GetValue<string>();

    public async Task<string> DemoMachineAsync(string name) =>
        (await GetAsync("/api/workshop"))["machines"]!.AsArray().First(m => m!["name"]!.GetValue<string>() == name)![
            "id"
        ]!.GetValue<string>();

    public async ValueTask DisposeAsync()
    {
        await factory.DisposeAsync();
        Client.Dispose();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        try
        {
            Directory.Delete(Folder, true);
        }
        catch (IOException)
        {
            // A folder that another workshop of the same test still uses.
        }
    }
}
