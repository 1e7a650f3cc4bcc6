using System.Net;
using System.Net.Sockets;
using Haar.Core.Verdicts;

namespace Haar.Web.Http;

/// <summary>An address that Haar does not call. Carries a sentence.</summary>
public sealed class OutboundException(string message) : Exception(message);

/// <summary>
/// Which addresses Haar calls by itself: those of meters and suppliers. By default this machine and the workshop's own network;
/// more by name or by network with <c>--outbound</c>. An address is judged when it is typed, and again at each call when its name
/// has become a number, so that a name which later points elsewhere is refused too.
/// </summary>
public sealed class OutboundPolicy
{
    /// <summary>This machine (RFC 1122, RFC 4291) and private networks (RFC 1918, RFC 4193).</summary>
    static readonly IPNetwork[] Own =
    [
        IPNetwork.Parse("127.0.0.0/8"),
        IPNetwork.Parse("::1/128"),
        IPNetwork.Parse("10.0.0.0/8"),
        IPNetwork.Parse("172.16.0.0/12"),
        IPNetwork.Parse("192.168.0.0/16"),
        IPNetwork.Parse("fc00::/7"),
    ];

    /// <summary>Never, whoever asks: "this network", link-local (where machines in a data centre keep their keys), multicast and broadcast (RFC 1122, 3927, 4291, 5771).</summary>
    static readonly IPNetwork[] Never =
    [
        IPNetwork.Parse("0.0.0.0/8"),
        IPNetwork.Parse("169.254.0.0/16"),
        IPNetwork.Parse("224.0.0.0/4"),
        IPNetwork.Parse("255.255.255.255/32"),
        IPNetwork.Parse("::/128"),
        IPNetwork.Parse("fe80::/10"),
        IPNetwork.Parse("ff00::/8"),
    ];

    readonly HashSet<string> names = new(StringComparer.OrdinalIgnoreCase);
    readonly List<IPNetwork> networks = [.. Own];

    /// <param name="allowed">Names, addresses and networks (CIDR), parted by commas; null for none beyond the default.</param>
    /// <exception cref="FormatException">One of them is none of these.</exception>
    public OutboundPolicy(string? allowed = null)
    {
        foreach (var word in (allowed ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            if (IPNetwork.TryParse(word, out var network))
            {
                networks.Add(network);
            }
            else if (IPAddress.TryParse(word, out var address))
            {
                networks.Add(new(address, address.AddressFamily == AddressFamily.InterNetwork ? 32 : 128));
            }
            else if (Uri.CheckHostName(word) == UriHostNameType.Dns)
            {
                names.Add(word);
            }
            else
            {
                throw new FormatException($"“{word}” in --outbound is neither a name nor an address nor a network such as 203.0.113.0/24.");
            }
        }
    }

    /// <summary>Whether Haar calls this number.</summary>
    /// <param name="named">The name that led there was allowed.</param>
    public bool Allows(IPAddress address, bool named = false)
    {
        var a = address.IsIPv4MappedToIPv6 ? address.MapToIPv4() : address;
        return !Never.Any(n => n.Contains(a)) && (named || networks.Any(n => n.Contains(a)));
    }

    /// <summary>Judges an address as it is typed. A name is judged when it is called, since only then is it known where it leads.</summary>
    /// <exception cref="InvalidInputException">Haar would never call it.</exception>
    public void Check(string field, string host)
    {
        if (IPAddress.TryParse(host.Trim('[', ']'), out var address) && !Allows(address))
        {
            throw new InvalidInputException(field, Refused(host));
        }
    }

    /// <summary>Calls one of a host's numbers that may be called.</summary>
    /// <exception cref="OutboundException">None may.</exception>
    /// <exception cref="SocketException">Nobody answers there, or the name is not known.</exception>
    public async Task<Socket> ConnectAsync(string host, int port, CancellationToken cancel)
    {
        var bare = host.Trim('[', ']');
        var all = IPAddress.TryParse(bare, out var one) ? [one] : await Dns.GetHostAddressesAsync(bare, cancel);
        var allowed = all.Where(a => Allows(a, names.Contains(bare))).ToArray();
        if (allowed.Length == 0)
        {
            throw new OutboundException(Refused(host));
        }
        var socket = new Socket(SocketType.Stream, ProtocolType.Tcp) { NoDelay = true };
        try
        {
            await socket.ConnectAsync(allowed, port, cancel);
            return socket;
        }
        catch
        {
            socket.Dispose();
            throw;
        }
    }

    static string Refused(string host) =>
        $"Haar does not call {host}: it calls this machine and the workshop's own network. Whoever runs Haar can allow more with --outbound.";
}
