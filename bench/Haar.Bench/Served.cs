using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Haar.Bench;

/// <summary>A started Haar and somebody with a session on it.</summary>
sealed class Served : IAsyncDisposable
{
    readonly Process process;

    Served(Process process, HttpClient client) => (this.process, Client) = (process, client);

    public HttpClient Client { get; }

    public int Pid => process.Id;

    public static async Task<Served> OpenAsync(string root, string folder, params string[] more)
    {
        var served = Begin(root, folder, more);
        await served.ReadyAsync();
        return served;
    }

    /// <summary>Started, and not waited for.</summary>
    public static Served Begin(string root, string folder, params string[] more)
    {
        var port = Measure.Port();
        var process = Measure.Start(root, ["artifacts/app/Haar.Web.dll", "--data", folder, .. more], port, true);
        var client = new HttpClient(new SocketsHttpHandler { CookieContainer = new CookieContainer(), MaxConnectionsPerServer = 64 })
        {
            BaseAddress = new Uri($"http://127.0.0.1:{port}"),
            Timeout = TimeSpan.FromSeconds(60),
        };
        return new(process, client);
    }

    /// <exception cref="InvalidOperationException">It ended, or did not open within half a minute.</exception>
    public async Task ReadyAsync()
    {
        for (var watch = Stopwatch.StartNew(); watch.Elapsed < TimeSpan.FromSeconds(30); await Task.Delay(20))
        {
            if (process.HasExited)
            {
                throw new InvalidOperationException($"Haar ended with {process.ExitCode}.");
            }
            try
            {
                using var health = await Client.GetAsync("/health");
                if (health.IsSuccessStatusCode)
                {
                    var session = JsonNode.Parse(await Client.GetStringAsync("/api/session"));
                    Client.DefaultRequestHeaders.Remove("X-Haar-Token");
                    Client.DefaultRequestHeaders.Add("X-Haar-Token", session!["token"]!.GetValue<string>());
                    return;
                }
            }
            catch (HttpRequestException)
            {
                // Not open yet.
            }
        }
        throw new InvalidOperationException("Haar did not open within half a minute.");
    }

    public async Task<(int Status, JsonNode? Body)> PostAsync(string path, object body)
    {
        using var response = await Client.PostAsJsonAsync(path, body);
        var text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, text.Length > 0 && text[0] is '{' or '[' ? JsonNode.Parse(text) : null);
    }

    public static object Machine(string name) =>
        new
        {
            name,
            kind = "luggable",
            model = "",
            @class = "level286",
            yearFrom = 1990,
            yearTo = 1992,
            traits = Array.Empty<string>(),
            cameFrom = "a jumble sale",
            paid = 20,
            claimed = "",
            recapSchool = "evidence",
            restorationSchool = "asShipped",
            profileId = (string?)null,
        };

    /// <summary>Most memory since it was last asked, and memory now, in bytes.</summary>
    public (long Peak, long Now) Memory()
    {
        long Of(string name) =>
            long.Parse(
                File.ReadLines($"/proc/{process.Id}/status")
                    .First(l => l.StartsWith(name, StringComparison.Ordinal))
                    .Split(' ', StringSplitOptions.RemoveEmptyEntries)[1],
                CultureInfo.InvariantCulture
            ) * 1024;
        var both = (Of("VmHWM:"), Of("VmRSS:"));
        // proc(5): 5 sets the peak back to what is used now.
        File.WriteAllText($"/proc/{process.Id}/clear_refs", "5");
        return both;
    }

    /// <summary>Ends it without a word, as a power cut would.</summary>
    public async Task KillAsync()
    {
        if (!process.HasExited)
        {
            process.Kill();
        }
        await process.WaitForExitAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await KillAsync();
        process.Dispose();
        Client.Dispose();
    }
}
