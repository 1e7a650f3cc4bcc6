using System.Net;

namespace Haar.Web.Identity;

/// <summary>Every address that Haar is told to listen on, by whatever way it was told, and whether it may.</summary>
sealed record ListenAddresses(IReadOnlyList<string> All)
{
    /// <summary>From <c>urls</c>, and from the endpoints that the web server's own configuration knows (a file, or the environment).</summary>
    public static ListenAddresses From(IConfiguration configuration, string urls) =>
        new([
            .. urls.Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries),
            .. configuration.GetSection("Kestrel:Endpoints").GetChildren().Select(e => e["Url"] ?? "http://*"),
        ]);

    public bool Loopback => All.All(IsLoopback);

    public bool AnyHttps => All.Any(IsHttps);

    /// <returns>Null when Haar may listen there, else why not.</returns>
    public string? Problem(bool passphraseIsSet)
    {
        var there = string.Join(" and ", All);
        if (!Loopback && !passphraseIsSet)
        {
            return $"Haar does not start on {there}: other machines could reach it, and the workshop has no passphrase. Set one with ./haar passphrase, or start on 127.0.0.1.";
        }
        var open = All.Where(a => !IsLoopback(a) && !IsHttps(a)).ToList();
        return open.Count > 0
            ? $"Haar speaks HTTPS to other machines, so that nobody reads the passphrase on the way: start on https instead of {string.Join(" and ", open)}."
            : null;
    }

    static bool IsHttps(string url) => url.StartsWith("https://", StringComparison.OrdinalIgnoreCase);

    /// <summary>Whether an address is this machine's own.</summary>
    public static bool IsLoopback(string url)
    {
        try
        {
            var host = BindingAddress.Parse(url).Host;
            return host.Equals("localhost", StringComparison.OrdinalIgnoreCase)
                || IPAddress.TryParse(host.Trim('[', ']'), out var ip) && IPAddress.IsLoopback(ip);
        }
        catch (FormatException)
        {
            return false;
        }
    }
}
