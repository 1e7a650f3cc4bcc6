using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Haar.Web.Tests.Fuzz;

/// <summary>
/// Takes every fact away from every rule of the interface's own document, one by one: from its example and from random mutations of it,
/// left out and set to null. No answer may get easier by it: no, unknown or yes-if become no yes, and a caution stays.
/// </summary>
sealed class KnowingLess(JsonNode document, Func<string, JsonNode, Task<(int Status, JsonNode? Answer)>> ask, int seed)
{
    const string Calc = "/api/calc/";

    /// <summary>What is no fact: a wish, an aim, a house number, words of a sentence. Rule and field with * for anything, and why.</summary>
    public static readonly (string Rule, string Field, string Why)[] Exempt =
    [
        ("*", "school", "a choice of the person"),
        ("*", "turned", "a choice of the person"),
        ("*", "house*", "house numbers"),
        ("*", "*.house*", "house numbers"),
        ("*", "limits*", "house numbers"),
        ("*", "*.limits*", "house numbers"),
        ("*", "names", "words in the sentence"),
        ("*", "currency", "a sign in the sentence"),
        ("*", "*hourWorth", "the person's own yardstick"),
        ("*", "*stopLoss*", "a limit that a person sets"),
        ("batteries/options", "schottkyVolts", "a house number"),
        ("batteries/options", "siliconVolts", "a house number"),
        ("capacitors/order", "policy*", "wishes of the buyer"),
        ("*/bath", "leftMillilitres", "limits the batch, not the recipe"),
        ("*/dilution", "leftMillilitres", "limits the batch, not the recipe"),
        ("cleaning/ladder", "trials*", "a list of what was tried: without it the ladder begins at its foot"),
        ("cleaning/ladder", "soils", "the no of a known soil is “nothing moves it further”; an unknown one begins with the mildest"),
        ("cleaning/ladder", "replacement", "when to stop for money"),
        ("cleaning/worth", "exchanged", "a plan of the person"),
        ("colour/whitening", "target", "an aim"),
        ("corrosion/jumper", "mostDropMillivolts", "a limit of the house"),
        ("capacitors/*", "*tolerance*Share", "a house number where nothing is printed"),
        ("corrosion/trace", "trace.vias", "a plated hole that nobody named is none"),
        ("corrosion/trace", "trace.copperMicrometres", "a house number: 1 oz"),
        ("corrosion/trace", "overload", "by itself, leaving it out leaves no reading"),
        ("costs/go-on", "next*", "a question"),
        ("drying/temperature", "asked", "a question"),
        ("drying/dry", "scaleGrams", "a house number: a kitchen scale"),
        ("finish/crack", "threadlocker", "a wish"),
        ("finish/polish", "passes*", "a list of what was done"),
        ("intake/triage", "boxes.lock", "a choice"),
        ("intake/triage", "fittingHours", "a house number"),
        ("intake/triage", "prices*", "what is not on the list cannot be bought"),
        ("intake/triage", "boxes.parts.count", "a part named once is one part"),
        ("intake/triage", "boxes.parts.fits", "empty is a kind of its own"),
        ("mechanisms/lubricant", "with", "a question"),
        ("planning/depth", "pieces.behind", "behind nothing, if nothing is named"),
        ("planning/next", "mostMinutes", "a wish"),
        ("planning/next", "without", "a question"),
        ("planning/*", "*tasks.highMinutes", "twice the likely, where nobody knows"),
        ("planning/*", "*tasks.*", "a condition of a task that nobody named is none"),
        ("stripdown/rebuild-order", "pieces.endless", "a wait that nobody put down is none"),
        ("survey/first-power", "taken*", "a list of what was done: without it one begins with the plug out"),
        ("capacitors/judge", "readings.leakageMicroamps", "a reading that only ever fails a part; without it the answer asks for it"),
        (
            "capacitors/judge",
            "readings.firstMicrofarads",
            "what it began at; without it the tolerance printed stands for it, and the answer says so"
        ),
        ("capacitors/forecast", "*", "a sum of money: neither way is the easy one"),
        ("capacitors/risk", "*", "that a part comes out is the careful answer"),
    ];

    /// <summary>Where a no or unknown becomes a yes-if for want of a fact, and rightly so: the words by which its sentence names what is missing.</summary>
    public static readonly (string Rule, string Field, string Words)[] Asks =
    [
        ("batteries/options", "site.drainMicroamps", "until the drain"),
        ("batteries/options", "site.roomForHolder", "if there is room"),
        ("batteries/options", "site.windowLowVolts", "down to the volts"),
        ("capacitors/judge", "readings.microfarads", "if its capacitance"),
        ("capacitors/judge", "readings.esrOhms", "ESR"),
        ("capacitors/judge", "readings.firstEsrOhms", "from the start"),
        ("capacitors/judge", "spec.esrOhms", "if its ESR was"),
        ("capacitors/judge", "spec.ratedVolts", "data sheet"),
        ("capacitors/substitute", "original.kind", "of a kind"),
        ("capacitors/substitute", "original.ratedVolts", "the volts that the line carries"),
        ("capacitors/substitute", "role", "if its place"),
        ("capacitors/substitute", "candidates.spec.kind", "of a kind"),
        ("capacitors/substitute", "candidates.spec.ratedVolts", "if its rating"),
        ("capacitors/substitute", "candidates.spec.maxCelsius", "if it is rated for"),
        ("cleaning/bath", "with", "must not meet"),
        ("colour/match", "parts.fits", "if their holes and edges"),
        ("thermal/gap", "part.watts", "needs its watts"),
        ("thermal/gap", "part.squareMillimetres", "needs its watts"),
        ("mechanisms/fan", "*.volts", "volts"),
        ("mechanisms/fan", "*.amps", "current"),
        ("mechanisms/fan", "*.pascals", "pressure"),
        ("mechanisms/fan", "*.frameMillimetres", "frame"),
        ("mechanisms/fan", "*.thicknessMillimetres", "thickness"),
        ("mechanisms/fan", "*.cubicMetresPerHour", "flow"),
        ("mechanisms/fan", "roomMillimetres", "thickness"),
    ];

    public List<string> Found { get; } = [];
    public int Facts { get; private set; }
    public int Bodies { get; private set; }
    public int Rules { get; private set; }

    public async Task RunAsync(int mutations)
    {
        foreach (var (path, ops) in document["paths"]!.AsObject())
        {
            if (
                !path.StartsWith(Calc, StringComparison.Ordinal)
                || ops?["post"]?["requestBody"]?["content"]?["application/json"] is not { } content
            )
            {
                continue;
            }
            Rules++;
            var rule = path[Calc.Length..];
            if (content["example"] is not { } example)
            {
                Found.Add($"{rule}: has no example in the document");
                continue;
            }
            var random = new Random(seed ^ string.GetHashCode(rule, StringComparison.Ordinal) * 0 ^ rule.Sum(c => c * 31));
            for (var i = 0; i <= mutations; i++)
            {
                var body = example.DeepClone();
                if (i > 0)
                {
                    Mutate(body, content["schema"]!, random);
                }
                await WithoutEachAsync(path, rule, body);
            }
        }
    }

    async Task WithoutEachAsync(string path, string rule, JsonNode body)
    {
        var (status, answer) = await ask(path, body);
        if (status >= 500)
        {
            Found.Add($"{rule}: {status} to {Short(body)}");
        }
        if (status != 200 || answer is null)
        {
            return;
        }
        Bodies++;
        var before = Verdicts(answer);
        foreach (var (at, name) in Places(body))
        {
            if (Why(rule, name) is not null)
            {
                continue;
            }
            foreach (var gone in new[] { true, false })
            {
                var less = body.DeepClone();
                var holder = At(less, at[..^1])!.AsObject();
                if (gone)
                {
                    holder.Remove((string)at[^1]);
                }
                else
                {
                    holder[(string)at[^1]] = null;
                }
                var (s, now) = await ask(path, less);
                Facts++;
                if (s >= 500)
                {
                    Found.Add($"{rule} {name}: {s} without it");
                }
                if (s != 200 || now is null)
                {
                    continue;
                }
                var after = Verdicts(now);
                foreach (var (place, was) in before)
                {
                    if (!after.TryGetValue(place, out var v))
                    {
                        continue;
                    }
                    if (
                        Tone(v.Outcome) > Tone(was.Outcome)
                        && !(
                            v.Outcome == "yesIf"
                            && Asks.Any(a =>
                                Like(rule, a.Rule)
                                && Like(name, a.Field)
                                && v.Sentence.Contains(a.Words, StringComparison.OrdinalIgnoreCase)
                            )
                        )
                    )
                    {
                        Found.Add($"{rule} {name}: {was.Outcome} → {v.Outcome}: “{was.Sentence}” → “{v.Sentence}”");
                    }
                    else if (was.Cautions.Except(v.Cautions).ToList() is { Count: > 0 } lost && Tone(v.Outcome) > 0)
                    {
                        Found.Add($"{rule} {name}: loses {string.Join(", ", lost)}");
                    }
                }
            }
        }
    }

    public static string? Why(string rule, string field) => Exempt.FirstOrDefault(e => Like(rule, e.Rule) && Like(field, e.Field)).Why;

    static bool Like(string text, string pattern) =>
        Regex.IsMatch(text, "^" + Regex.Escape(pattern).Replace("\\*", ".*", StringComparison.Ordinal) + "$");

    static int Tone(string outcome) =>
        outcome switch
        {
            "yes" => 2,
            "yesIf" => 1,
            _ => 0,
        };

    static string Short(JsonNode n) => n.ToJsonString() is var s && s.Length > 300 ? s[..300] : n.ToJsonString();

    /// <summary>Every property of the body at any depth, by its way and by its name without indexes.</summary>
    static List<(object[] Way, string Name)> Places(JsonNode body)
    {
        var all = new List<(object[], string)>();
        void Walk(JsonNode? n, object[] way, string name)
        {
            if (n is JsonObject o)
            {
                foreach (var (k, v) in o)
                {
                    var here = name.Length == 0 ? k : $"{name}.{k}";
                    all.Add(([.. way, k], here));
                    Walk(v, [.. way, k], here);
                }
            }
            else if (n is JsonArray a)
            {
                for (var i = 0; i < Math.Min(a.Count, 2); i++)
                {
                    Walk(a[i], [.. way, i], name);
                }
            }
        }
        Walk(body, [], "");
        return all;
    }

    static JsonNode? At(JsonNode n, object[] way) => way.Aggregate((JsonNode?)n, (x, k) => k is int i ? x![i] : x![(string)k]);

    sealed record Said(string Outcome, string Sentence, IReadOnlyList<string> Cautions);

    static Dictionary<string, Said> Verdicts(JsonNode answer)
    {
        var all = new Dictionary<string, Said>();
        void Walk(JsonNode? n, string at)
        {
            if (n is JsonObject o)
            {
                if (o["outcome"] is JsonValue v && o["sentence"] is JsonValue s)
                {
                    all[at] = new(
                        v.GetValue<string>(),
                        s.GetValue<string>(),
                        [.. (o["cautions"] as JsonArray ?? []).Select(c => c!.ToString())]
                    );
                }
                foreach (var (k, x) in o)
                {
                    Walk(x, $"{at}/{k}");
                }
            }
            else if (n is JsonArray a)
            {
                for (var i = 0; i < a.Count; i++)
                {
                    // What is ranked is known again by its name, not by its place.
                    var name = a[i] is JsonObject m
                        ? new[] { "kind", "name", "id", "designator", "method", "key", "rail", "index" }
                            .Select(k => m[k] is JsonValue x ? x.ToString() : null)
                            .FirstOrDefault(x => x is not null)
                        : null;
                    Walk(a[i], $"{at}/{name ?? i.ToString(System.Globalization.CultureInfo.InvariantCulture)}");
                }
            }
        }
        Walk(answer, "");
        return all;
    }

    /// <summary>Some figures, words and switches of a body changed, and some facts added.</summary>
    void Mutate(JsonNode body, JsonNode schema, Random random)
    {
        var leaves = Places(body).Where(p => At(body, p.Way) is JsonValue).ToList();
        for (var n = random.Next(1, 4); n > 0 && leaves.Count > 0; n--)
        {
            var (way, _) = leaves[random.Next(leaves.Count)];
            var holder = At(body, way[..^1])!.AsObject();
            var key = (string)way[^1];
            holder[key] = Other(holder[key]!, SchemaAt(schema, way), random);
        }
        var properties = Whole(schema)["properties"]?.AsObject();
        if (body is JsonObject o && properties is not null)
        {
            foreach (var (k, s) in properties)
            {
                if (!o.ContainsKey(k) && random.Next(4) == 0 && Value(s!, random) is { } v)
                {
                    o[k] = v;
                }
                else if (o[k] is JsonObject inner && Whole(s!)["properties"] is JsonObject more)
                {
                    foreach (var (k2, s2) in more)
                    {
                        if (!inner.ContainsKey(k2) && random.Next(6) == 0 && Value(s2!, random) is { } v2)
                        {
                            inner[k2] = v2;
                        }
                    }
                }
            }
        }
    }

    JsonNode? Other(JsonNode now, JsonNode? schema, Random random)
    {
        if (schema is not null && Words(schema) is { Count: > 0 } words)
        {
            return words[random.Next(words.Count)];
        }
        var value = now.AsValue();
        if (value.TryGetValue<bool>(out var b))
        {
            return !b;
        }
        if (value.TryGetValue<int>(out var i))
        {
            return (int)(i * Factors[random.Next(Factors.Length)]);
        }
        return value.TryGetValue<double>(out var d) ? d * Factors[random.Next(Factors.Length)] : now.DeepClone();
    }

    static readonly double[] Factors = [.01, .1, .5, .8, 1.2, 2, 5, 20, 100];

    JsonNode? Value(JsonNode schema, Random random)
    {
        if (Words(schema) is { Count: > 0 } words)
        {
            return words[random.Next(words.Count)];
        }
        var s = Whole(schema);
        var types = s["type"] is JsonArray a ? [.. a.Select(x => x!.ToString())] : new List<string> { s["type"]?.ToString() ?? "" };
        return types.Contains("boolean") ? JsonValue.Create(true)
            : types.Contains("integer") ? JsonValue.Create(random.Next(1, 30))
            : types.Contains("number") ? JsonValue.Create(new[] { .1, 1, 2, 5, 10, 100 }[random.Next(6)])
            : null;
    }

    List<string> Words(JsonNode schema) =>
        [.. (Whole(schema)["enum"] as JsonArray ?? []).Where(x => x is not null).Select(x => x!.ToString())];

    JsonNode? SchemaAt(JsonNode schema, object[] way)
    {
        var s = Whole(schema);
        foreach (var k in way)
        {
            var next = k is int ? s["items"] : s["properties"]?[(string)k];
            if (next is null)
            {
                return null;
            }
            s = Whole(next);
        }
        return s;
    }

    JsonNode Whole(JsonNode schema)
    {
        while (true)
        {
            if (schema["$ref"] is { } r)
            {
                schema = document["components"]!["schemas"]![r.ToString().Split('/')[^1]]!;
                continue;
            }
            var one = (schema["oneOf"] ?? schema["anyOf"]) as JsonArray;
            if (one?.FirstOrDefault(x => x!["type"]?.ToString() != "null") is { } some)
            {
                schema = some;
                continue;
            }
            return schema;
        }
    }
}
