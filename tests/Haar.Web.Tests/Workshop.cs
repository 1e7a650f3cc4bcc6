using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using Haar.Core.Settings;
using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Demo;
using Haar.Data.Photos;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

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
        if (folder is null)
        {
            Copy((demo ? Seeded : Begun).Value, Folder);
        }
        factory = new WebApplicationFactory<Program>().WithWebHostBuilder(b =>
        {
            b.UseSetting("data", Folder);
            b.UseSetting("urls", "http://127.0.0.1:0");
            b.UseSetting("supplier-seconds", "1.2");
            b.UseSetting("plan-seconds", "1");
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

    /// <summary>The demo workshop, made once for all tests of this run; each gets a copy of its folder.</summary>
    static readonly Lazy<string> Seeded = new(() => Made(true));

    /// <summary>An empty workshop that was just begun, likewise.</summary>
    static readonly Lazy<string> Begun = new(() => Made(false));

    static string Made(bool demo)
    {
        var root = Path.Combine(Path.GetTempPath(), "haar-tests", $"seed-{Guid.NewGuid():N}");
        var folder = new DataFolder(root);
        using (var db = folder.Open())
        {
            DatabaseStart.RunAsync(db, folder, new BackupStore(folder, TimeProvider.System), TimeProvider.System).GetAwaiter().GetResult();
            if (demo)
            {
                new DemoWorkshop(db, new PhotoStore(folder), TimeProvider.System).SeedAsync().GetAwaiter().GetResult();
            }
            // One file, whole: what lies in the write-ahead log goes into it.
            db.Database.ExecuteSqlRaw("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(root, true);
        return root;
    }

    static void Copy(string from, string to)
    {
        foreach (var file in Directory.EnumerateFiles(from, "*", SearchOption.AllDirectories))
        {
            var target = Path.Combine(to, Path.GetRelativePath(from, file));
            Directory.CreateDirectory(Path.GetDirectoryName(target)!);
            File.Copy(file, target);
        }
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

    public const string TestPassphrase = "four words for a harbour";

    /// <summary>One that asks for its passphrase, as on a network.</summary>
    public static Workshop Locked()
    {
        var folder = Path.Combine(Path.GetTempPath(), "haar-tests", Guid.NewGuid().ToString("N"));
        Assert.Null(new Identity.Passphrase(new DataFolder(folder)).Set(TestPassphrase));
        return new(folder: folder, askPassphrase: true);
    }

    public async Task SignInAsync()
    {
        await TokenAsync();
        Assert.Equal(204, (await PostAsync("/api/sign-in", new { passphrase = TestPassphrase })).Status);
        await TokenAsync();
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
            // Whoever ticks what is in it says of the tube too; who ticks nothing has said nothing.
            tube = traits is { Length: 0 } ? "notKnown"
            : traits?.Contains("pictureTube") == true ? "yes"
            : "no",
            cameFrom = "a jumble sale",
            paid = 20,
            claimed = "",
            recapSchool = "evidence",
            restorationSchool = "asShipped",
            profileId,
        };

    public async Task<string> TakeInAsync(string name = "Harbour office till", string[]? traits = null, string? profileId = null) =>
        (await DoAsync("/api/machines", Machine(name, traits, profileId)))["id"]!.GetValue<string>();

    /// <summary>A machine on an adapter, without a tube, looked over: everything that power asks of the machine itself is known.</summary>
    public async Task<string> KnownAsync()
    {
        var id = await TakeInAsync(traits: ["externalAdapter"]);
        await LookOverAsync(id);
        return id;
    }

    /// <summary>Looks the machine over: every place sound, also those that a sound answer brings.</summary>
    public async Task LookOverAsync(string id)
    {
        var done = new HashSet<string>();
        while (true)
        {
            var rows = (await GetAsync($"/api/machines/{id}/checklist"))["rows"]!.AsArray();
            var open = rows.Select(r => r!["item"]!["id"]!.GetValue<string>()).Where(done.Add).ToList();
            if (open.Count == 0)
            {
                return;
            }
            foreach (var item in open)
            {
                await DoAsync(
                    $"/api/machines/{id}/checklist/{item}",
                    new
                    {
                        answer = "sound",
                        note = "",
                        photoId = (string?)null,
                    }
                );
            }
        }
    }

    /// <summary>As if an item had been wetted so many days ago.</summary>
    public async Task WetSinceAsync(string item, double days)
    {
        using var scope = Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<HaarDb>();
        var row = await db.CleanedItems.FirstAsync(i => i.Id == Guid.Parse(item));
        row.Sheet = row.Sheet with { WetAt = row.Sheet.WetAt - TimeSpan.FromDays(days) };
        await db.SaveChangesAsync();
    }

    /// <summary>As if the supply had hung on its load for so many minutes when it was read.</summary>
    public async Task OnLoadForAsync(string id, double minutes)
    {
        using var scope = Services.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<HaarDb>();
        var step = await db.PowerSteps.FirstAsync(s => s.MachineId == Guid.Parse(id) && s.Kind == Core.Survey.PowerStepKind.SupplyLoaded);
        step.OnLoadSince -= TimeSpan.FromMinutes(minutes);
        await db.SaveChangesAsync();
    }

    /// <summary>Says what the machine's cell keeps alive, which is asked before it comes out.</summary>
    public async Task CellKeepsAsync(string id, string keeps = "nothing")
    {
        var cell = (await GetAsync($"/api/machines/{id}/battery"))["cell"]!;
        var site = JsonNode.Parse(cell["site"]!.ToJsonString())!;
        site["keeps"] = keeps;
        var (status, body) = await SendAsync(
            HttpMethod.Put,
            $"/api/machines/{id}/battery",
            new { place = cell["place"]!.GetValue<string>(), site },
            cell["version"]!.GetValue<int>()
        );
        Assert.True(status == 200, body.ToJsonString());
    }

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
