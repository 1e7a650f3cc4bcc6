using System.Collections.Concurrent;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Haar.StandIns.Suppliers;

/// <summary>
/// Suppliers that are none, on loopback, which answer as real ones would: out of stock, fewer, substituted, late, part-delivered.
/// <c>GET /{id}</c> is the list, <c>POST /{id}/orders</c> takes an order, <c>GET /{id}/orders/{number}</c> says how it stands: the
/// first time it is asked half is delivered, the second time all of it. <c>POST /{id}/fault/{late|error|half|none}</c> makes the next answer go wrong.
/// </summary>
public sealed class StandInSupplier : IAsyncDisposable
{
    readonly HttpListener listener = new();
    readonly Dictionary<string, JsonObject> suppliers;
    readonly ConcurrentDictionary<string, string> faults = new();
    readonly ConcurrentDictionary<string, (JsonObject Order, int Asked)> orders = new();

    /// <summary>Orders that were taken, each counted once.</summary>
    public int OrdersTaken => orders.Count;
    readonly Func<DateOnly> today;
    readonly CancellationTokenSource stop = new();
    Task running = Task.CompletedTask;

    public StandInSupplier(int port, Func<DateOnly>? today = null)
    {
        Port = port > 0 ? port : FreePort();
        this.today = today ?? (() => DateOnly.FromDateTime(DateTime.Now));
        listener.Prefixes.Add($"http://127.0.0.1:{Port}/");
        using var s = typeof(StandInSupplier).Assembly.GetManifestResourceStream("suppliers.json")!;
        suppliers = JsonNode.Parse(s)!.AsArray().Select(n => n!.AsObject()).ToDictionary(n => n["id"]!.GetValue<string>());
    }

    public int Port { get; }

    public IEnumerable<string> Ids => suppliers.Keys;

    static int FreePort()
    {
        using var probe = new System.Net.Sockets.TcpListener(IPAddress.Loopback, 0);
        probe.Start();
        return ((IPEndPoint)probe.LocalEndpoint).Port;
    }

    public void Start()
    {
        listener.Start();
        running = Task.Run(async () =>
        {
            while (!stop.IsCancellationRequested)
            {
                try
                {
                    var context = await listener.GetContextAsync();
                    _ = Task.Run(() => AnswerAsync(context));
                }
                catch (Exception e) when (e is HttpListenerException or ObjectDisposedException)
                {
                    return;
                }
            }
        });
    }

    async Task AnswerAsync(HttpListenerContext context)
    {
        try
        {
            var path = context.Request.Url!.AbsolutePath.Trim('/').Split('/');
            if (!suppliers.TryGetValue(path[0], out var supplier))
            {
                await SendAsync(context, 404, new JsonObject { ["detail"] = "No such supplier." });
                return;
            }
            if (path is [_, "fault", var fault] && context.Request.HttpMethod == "POST")
            {
                faults[path[0]] = fault;
                await SendAsync(context, 200, new JsonObject());
                return;
            }

            var wrong = faults.TryRemove(path[0], out var f) ? f : "none";
            if (wrong == "late")
            {
                await Task.Delay(TimeSpan.FromSeconds(20), stop.Token);
            }
            if (wrong == "error")
            {
                await SendAsync(context, 503, new JsonObject { ["detail"] = "Closed for stocktaking." });
                return;
            }
            JsonNode? answer = path switch
            {
                [_] => Public(supplier),
                [_, "orders"] when context.Request.HttpMethod == "POST" => await OrderAsync(path[0], supplier, context.Request),
                [_, "orders", var number] => Stands(number),
                _ => null,
            };
            await (
                answer is null
                    ? SendAsync(context, 404, new JsonObject { ["detail"] = "Nothing at that address." })
                    : SendAsync(context, path is [_, "orders"] ? 202 : 200, answer, wrong == "half")
            );
        }
        catch (Exception e) when (e is HttpListenerException or OperationCanceledException or ObjectDisposedException or IOException)
        {
            // The asker hung up, or the stand-in ends.
        }
    }

    static JsonObject Public(JsonObject supplier)
    {
        var copy = supplier.DeepClone().AsObject();
        copy.Remove("trouble");
        copy.Remove("id");
        return copy;
    }

    async Task<JsonNode> OrderAsync(string id, JsonObject supplier, HttpListenerRequest request)
    {
        using var reader = new StreamReader(request.InputStream, Encoding.UTF8);
        var ask = JsonNode.Parse(await reader.ReadToEndAsync())!;
        var reference = ask["reference"]!.GetValue<string>();
        // The same reference is the same order, however often it is sent.
        if (orders.Values.FirstOrDefault(o => o.Order["reference"]!.GetValue<string>() == reference).Order is { } before)
        {
            return before.DeepClone();
        }
        var days = supplier["days"]!.GetValue<int>();
        var lines = new JsonArray();
        foreach (var l in ask["lines"]!.AsArray())
        {
            var sku = l!["sku"]!.GetValue<string>();
            var packs = l["packs"]!.GetValue<int>();
            var line = new JsonObject
            {
                ["sku"] = sku,
                ["packs"] = packs,
                ["state"] = "confirmed",
                ["deliveredPacks"] = 0,
            };
            if (supplier["trouble"]?[sku] is JsonObject trouble)
            {
                line["state"] = trouble["state"]!.GetValue<string>();
                line["note"] = trouble["note"]?.GetValue<string>() ?? "";
                switch (line["state"]!.GetValue<string>())
                {
                    case "outOfStock":
                        line["packs"] = 0;
                        break;
                    case "fewer":
                        line["packs"] = Math.Min(packs, trouble["packs"]!.GetValue<int>());
                        break;
                    case "late":
                        days = Math.Max(days, trouble["days"]!.GetValue<int>());
                        break;
                    default:
                        line["substituteSku"] = trouble["sku"]!.GetValue<string>();
                        line["substituteSpec"] = supplier["offers"]!
                            .AsArray()
                            .First(o => o!["sku"]!.GetValue<string>() == trouble["sku"]!.GetValue<string>())!["spec"]!.DeepClone();
                        break;
                }
            }

            lines.Add(line);
        }

        var number = $"{id[..2].ToUpperInvariant()}-{1000 + orders.Count}";
        var order = new JsonObject
        {
            ["number"] = number,
            ["reference"] = reference,
            ["expectedOn"] = today().AddDays(days).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
            ["lines"] = lines,
        };
        orders[number] = (order, 0);
        return order.DeepClone();
    }

    JsonNode? Stands(string number)
    {
        if (!orders.TryGetValue(number, out var o))
        {
            return null;
        }
        orders[number] = (o.Order, o.Asked + 1);
        foreach (var (line, i) in o.Order["lines"]!.AsArray().Select((l, i) => (l!, i)))
        {
            var packs = line["packs"]!.GetValue<int>();
            // The first parcel holds every other line, the second the rest.
            line["deliveredPacks"] = o.Asked > 0 || i % 2 == 0 ? packs : 0;
            if (o.Asked > 0 && packs > 0 && line["state"]!.GetValue<string>() is "confirmed" or "late")
            {
                line["state"] = "delivered";
            }
        }

        return o.Order.DeepClone();
    }

    static async Task SendAsync(HttpListenerContext context, int status, JsonNode body, bool half = false)
    {
        var bytes = Encoding.UTF8.GetBytes(body.ToJsonString());
        context.Response.StatusCode = status;
        context.Response.ContentType = "application/json";
        if (half)
        {
            context.Response.SendChunked = true;
            await context.Response.OutputStream.WriteAsync(bytes.AsMemory(0, bytes.Length / 2));
            context.Response.Close();
            return;
        }

        context.Response.ContentLength64 = bytes.Length;
        await context.Response.OutputStream.WriteAsync(bytes);
        context.Response.Close();
    }

    public async ValueTask DisposeAsync()
    {
        await stop.CancelAsync();
        listener.Close();
        await running;
        stop.Dispose();
    }
}
