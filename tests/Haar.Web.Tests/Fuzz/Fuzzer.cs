using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Haar.Web.Tests.Fuzz;

/// <summary>One request that is sent.</summary>
/// <param name="Kind">How it was made: valid, nearly, hostile.</param>
public sealed record FuzzRequest(
    string Method,
    string Path,
    byte[]? Body,
    string ContentType,
    string? IfMatch,
    string Kind,
    string Operation
)
{
    public override string ToString() =>
        $"{Kind} {Method} {Path} {ContentType} {(Body is null ? "" : Encoding.UTF8.GetString(Body.AsSpan(0, Math.Min(Body.Length, 400))))}";
}

/// <summary>
/// Makes requests from an OpenAPI document: valid by its schemas, valid but for one thing, and hostile. The same seed makes the same
/// requests as long as the same answers come back, since ids are learnt from them.
/// </summary>
public sealed class Fuzzer
{
    readonly JsonObject schemas;
    readonly List<(string Path, string Method, JsonObject Operation)> operations = [];
    readonly Random random;
    readonly List<string> ids = [];
    readonly HashSet<string> known = [];
    readonly List<string> machines = [];

    /// <summary>What would end the run, or everybody's, rather than be answered.</summary>
    static readonly string[] LeftOut = ["/restore", "/api/live", "/api/sign-out", "/api/sign-in"];

    public Fuzzer(JsonNode document, int seed)
    {
        random = new(seed);
        schemas = document["components"]!["schemas"]!.AsObject();
        foreach (var (path, methods) in document["paths"]!.AsObject())
        {
            foreach (var (method, operation) in methods!.AsObject())
            {
                if (!LeftOut.Any(l => path.EndsWith(l, StringComparison.Ordinal)))
                {
                    operations.Add((path, method.ToUpperInvariant(), operation!.AsObject()));
                }
            }
        }
    }

    public int Operations => operations.Count;

    /// <summary>Ids in an answer are used in later requests.</summary>
    public void Learn(string path, JsonNode? answer)
    {
        if (path == "/api/workshop" && answer?["machines"] is JsonArray all)
        {
            machines.AddRange(all.Select(m => m!["id"]!.GetValue<string>()).Where(known.Add));
        }
        if (ids.Count < 4000)
        {
            Ids(answer);
        }
    }

    void Ids(JsonNode? node)
    {
        switch (node)
        {
            case JsonObject o:
                foreach (var (_, value) in o)
                {
                    Ids(value);
                }
                break;
            case JsonArray a:
                foreach (var value in a.Take(5))
                {
                    Ids(value);
                }
                break;
            case JsonValue v when v.TryGetValue<string>(out var s) && s.Length == 36 && Guid.TryParse(s, out _) && known.Add(s):
                ids.Add(s);
                break;
        }
    }

    public FuzzRequest Next()
    {
        var (path, method, operation) = Pick(operations);
        var kind = Pick<string>(["valid", "valid", "nearly", "nearly", "nearly", "hostile"]);
        var query = new List<string>();
        foreach (var p in operation["parameters"]?.AsArray() ?? [])
        {
            var name = p!["name"]!.GetValue<string>();
            if (p["in"]!.GetValue<string>() == "path")
            {
                path = path.Replace($"{{{name}}}", Uri.EscapeDataString(PathValue(name, kind)), StringComparison.Ordinal);
            }
            else if (p["in"]!.GetValue<string>() == "query" && (p["required"]?.GetValue<bool>() == true || random.Next(2) == 0))
            {
                query.Add($"{name}={Uri.EscapeDataString(kind == "valid" ? Value(p["schema"]!, 0)?.ToString() ?? "" : Pick(Words))}");
            }
        }
        if (query.Count > 0)
        {
            path += "?" + string.Join('&', query);
        }
        var content = operation["requestBody"]?["content"]?.AsObject();
        byte[]? body = null;
        var type = "application/json";
        if (content is not null)
        {
            if (content.TryGetPropertyValue("application/json", out var json) && json?["schema"] is { } schema)
            {
                var value = json["example"] is { } example && random.Next(3) == 0 ? example.DeepClone() : Value(schema, 0);
                if (kind == "nearly")
                {
                    value = Broken(value);
                }
                body = kind == "hostile" ? Hostile(value) : Encoding.UTF8.GetBytes(value?.ToJsonString() ?? "null");
            }
            else
            {
                body = Bytes();
                type = Pick<string>(["image/jpeg", "image/png", "application/octet-stream", "application/zip", "image/jpg", "image/heic"]);
            }
            if (kind == "hostile" && random.Next(5) == 0)
            {
                type = Pick<string>([
                    "text/plain",
                    "application/x-www-form-urlencoded",
                    "multipart/form-data; boundary=x",
                    "application/xml",
                    "nonsense",
                ]);
            }
        }
        var ifMatch =
            method is "PUT" or "DELETE" || random.Next(3) == 0
                ? Pick<string>(["\"0\"", "\"1\"", "\"2\"", "*", "\"-7\"", "\"99999999999\""])
                : null;
        return new(method, path, body, type, ifMatch, kind, operation["operationId"]?.GetValue<string>() ?? "");
    }

    T Pick<T>(IReadOnlyList<T> from) => from[random.Next(from.Count)];

    string PathValue(string name, string kind) =>
        kind == "hostile" && random.Next(3) == 0
            // The server itself refuses an address with a nought in it, before any of ours is asked.
            ? Pick(Words).Replace("\0", "0", StringComparison.Ordinal)
        : name == "id" && machines.Count > 0 && random.Next(5) > 0 ? Pick(machines)
        : ids.Count > 0 && random.Next(5) > 0 ? Pick(ids)
        : random.Next(2) == 0 ? Guid.Empty.ToString()
        : Pick<string>(["harbour", "boards", "gone", "1"]);

    static readonly string[] Words =
    [
        "C14",
        "47 16V",
        "475",
        "M3",
        "A1",
        "EUR",
        "2026-11-26",
        "µ Ω ″ é 中",
        "",
        " ",
        "'; DROP TABLE Machines; --",
        "<script>alert(1)</script>",
        "../../etc/passwd",
        "=1+1",
        "\u0000",
        "a\u0007b",
        "-1",
        "1e400",
        "NaN",
        "٤٧",
        new('x', 5000),
    ];

    static readonly double[] Numbers = [0, 1, 2, 5, 10, 47, 100, 0.5, 0.001, 1e-9, -1, -0.25, 1e6, 1e12, 9e14];

    JsonNode? Value(JsonNode schema, int depth)
    {
        if (schema["$ref"]?.GetValue<string>() is { } reference)
        {
            return Value(schemas[reference.Split('/')[^1]]!, depth + 1);
        }
        foreach (var either in new[] { "oneOf", "anyOf", "allOf" })
        {
            if (schema[either] is JsonArray { Count: > 0 } some)
            {
                return Value(some[random.Next(some.Count)]!, depth + 1);
            }
        }
        if (schema["enum"] is JsonArray { Count: > 0 } words)
        {
            return words[random.Next(words.Count)]?.DeepClone();
        }
        var type = schema["type"] switch
        {
            JsonArray types => Pick(types.Select(t => t!.GetValue<string>()).ToList()),
            JsonValue v => v.GetValue<string>(),
            _ => schema["properties"] is not null ? "object" : "null",
        };
        return type switch
        {
            "object" => Object(schema, depth),
            "array" => new JsonArray([
                .. Enumerable.Range(0, depth > 8 ? 0 : random.Next(4)).Select(_ => schema["items"] is { } i ? Value(i, depth + 1) : null),
            ]),
            "string" => Text(schema["format"]?.GetValue<string>()),
            "integer" => random.Next(4) == 0 ? random.Next(-5, 100_000) : random.Next(0, 12),
            "number" => Pick(Numbers),
            "boolean" => random.Next(2) == 0,
            _ => null,
        };
    }

    JsonNode Text(string? format) =>
        format switch
        {
            "uuid" => ids.Count > 0 && random.Next(4) > 0 ? Pick(ids) : Guid.NewGuid().ToString(),
            "date" => new DateOnly(1980 + random.Next(80), 1 + random.Next(12), 1 + random.Next(28)).ToString(
                "O",
                CultureInfo.InvariantCulture
            ),
            "date-time" => new DateTimeOffset(
                1990 + random.Next(60),
                1 + random.Next(12),
                1 + random.Next(28),
                random.Next(24),
                0,
                0,
                TimeSpan.Zero
            ).ToString("O", CultureInfo.InvariantCulture),
            _ => Words[random.Next(random.Next(3) > 0 ? 8 : Words.Length)],
        };

    JsonObject Object(JsonNode schema, int depth)
    {
        var o = new JsonObject();
        var required = (schema["required"]?.AsArray() ?? []).Select(r => r!.GetValue<string>()).ToHashSet();
        foreach (var (name, property) in schema["properties"]?.AsObject() ?? [])
        {
            if (required.Contains(name) || depth < 6 && random.Next(3) > 0)
            {
                o[name] = Value(property!, depth + 1);
            }
        }
        return o;
    }

    /// <summary>One place of it is wrong.</summary>
    JsonNode? Broken(JsonNode? value)
    {
        var places = new List<(JsonNode Parent, string? Name, int At)>();
        void Walk(JsonNode? n)
        {
            if (n is JsonObject o)
            {
                foreach (var (name, inner) in o)
                {
                    places.Add((o, name, 0));
                    Walk(inner);
                }
            }
            else if (n is JsonArray a)
            {
                for (var i = 0; i < a.Count; i++)
                {
                    places.Add((a, null, i));
                    Walk(a[i]);
                }
            }
        }
        Walk(value);
        if (places.Count == 0)
        {
            return Wrong();
        }
        var (parent, key, at) = Pick(places);
        if (parent is JsonObject obj)
        {
            switch (random.Next(8))
            {
                case 0:
                    obj.Remove(key!);
                    break;
                case 1:
                    obj["nobodyAskedForThis"] = 1;
                    break;
                default:
                    obj[key!] = Wrong();
                    break;
            }
        }
        else
        {
            ((JsonArray)parent)[at] = Wrong();
        }
        return value;
    }

    JsonNode? Wrong() =>
        random.Next(16) switch
        {
            0 or 1 or 2 => null,
            3 => JsonNode.Parse("7.9e28"),
            4 => JsonNode.Parse("-1"),
            5 => JsonNode.Parse("1e308"),
            6 => JsonNode.Parse("2147483648"),
            7 => "9999-12-31",
            8 => "0001-01-01T00:00:00Z",
            9 => new JsonArray((JsonNode?)null),
            10 => new JsonObject(),
            11 => new string('9', 20_000),
            12 => true,
            13 => JsonNode.Parse("-0.0000001"),
            14 => JsonNode.Parse("2147483647"),
            _ => Words[random.Next(Words.Length)],
        };

    byte[] Hostile(JsonNode? value)
    {
        var text = value?.ToJsonString() ?? "null";
        return random.Next(10) switch
        {
            0 => Encoding.UTF8.GetBytes(text[..(text.Length / 2)]),
            1 => Encoding.UTF8.GetBytes(new string('[', 300) + new string(']', 300)),
            2 => "null"u8.ToArray(),
            3 => "[]"u8.ToArray(),
            4 => "{}"u8.ToArray(),
            5 => [0xFF, 0xFE, 0x00, 0x80],
            6 => [],
            7 => Encoding.UTF8.GetBytes("{\"a\":1,\"a\":2}"),
            8 => Encoding.UTF8.GetBytes(text + text),
            _ => Encoding.UTF8.GetBytes(text.Replace("\"", "'", StringComparison.Ordinal)),
        };
    }

    byte[] Bytes()
    {
        switch (random.Next(5))
        {
            case 0:
                return [];
            case 1:
                var noise = new byte[random.Next(4000)];
                random.NextBytes(noise);
                return noise;
            case 2:
                return [0xFF, 0xD8, 0xFF, 0xE0, 0, 16, .. "JFIF\0"u8, 1, 1, 0, 0, 1, 0, 1, 0, 0, 0xFF, 0xD9];
            case 3:
                return [.. "PK\x03\x04"u8, .. new byte[60]];
            default:
                return Encoding.UTF8.GetBytes(
                    JsonSerializer.Serialize(
                        new
                        {
                            format = Pick<object>(["haar-machine", 7, "x"]),
                            version = Pick<object>([1, 3, "3", 99, -1, 2.5]),
                            machine = Pick<object?>([null, new { }, new { id = Guid.NewGuid(), name = "Ferry clock" }, 3]),
                            findings = Pick<object?>([null, new object?[] { null }, Array.Empty<object>()]),
                        }
                    )
                );
        }
    }
}
