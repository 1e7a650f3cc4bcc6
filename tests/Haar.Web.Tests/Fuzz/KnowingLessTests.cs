using System.Text;
using System.Text.Json.Nodes;

namespace Haar.Web.Tests.Fuzz;

/// <summary>What is not known is not safe, and no figure is too small, too large or too odd to be answered.</summary>
public class KnowingLessTests
{
    static async Task<(int, JsonNode?)> AskAsync(Workshop w, string path, JsonNode body)
    {
        using var content = new StringContent(body.ToJsonString(), Encoding.UTF8, "application/json");
        using var answer = await w.Client.PostAsync(path, content);
        var text = await answer.Content.ReadAsStringAsync();
        return ((int)answer.StatusCode, text.Length > 0 && text[0] is '{' or '[' ? JsonNode.Parse(text) : null);
    }

    static async Task<JsonNode> DocumentAsync(Workshop w) => JsonNode.Parse(await w.Client.GetStringAsync("/openapi/v1.json"))!;

    [Fact]
    public async Task No_rule_answers_more_easily_for_want_of_a_fact()
    {
        await using var w = await Workshop.OpenAsync();
        var walk = new KnowingLess(await DocumentAsync(w), (path, body) => AskAsync(w, path, body), 7);
        await walk.RunAsync(mutations: 3);
        TestContext.Current.TestOutputHelper?.WriteLine($"{walk.Rules} rules, {walk.Bodies} bodies, {walk.Facts} facts left out");
        Assert.True(walk.Found.Count == 0, $"{walk.Found.Count}:\n{string.Join("\n", walk.Found.Distinct().Take(60))}");
        // The walk is worth something only when much of it is answered.
        Assert.True(walk.Rules > 60 && walk.Facts > 2000, $"{walk.Rules} rules, {walk.Facts} facts");
    }

    [Fact]
    public void Every_exemption_has_its_reason() =>
        Assert.All(KnowingLess.Exempt, e => Assert.True(e.Why.Length > 5, $"{e.Rule} {e.Field}"));

    /// <summary>Figures and texts that nobody means, in the place of each figure and text of each example.</summary>
    [Fact]
    public async Task No_figure_or_text_of_an_example_can_be_one_that_is_answered_with_a_fault()
    {
        await using var w = await Workshop.OpenAsync();
        var document = await DocumentAsync(w);
        var wrong = new List<string>();
        foreach (var (path, ops) in document["paths"]!.AsObject())
        {
            if (
                !path.StartsWith("/api/calc/", StringComparison.Ordinal)
                || ops?["post"]?["requestBody"]?["content"]?["application/json"]?["example"] is not { } example
            )
            {
                continue;
            }
            foreach (var odd in Odd(example))
            {
                var (status, _) = await AskAsync(w, path, odd);
                if (status >= 500)
                {
                    wrong.Add($"{path}: {odd.ToJsonString()[..Math.Min(300, odd.ToJsonString().Length)]}");
                    break;
                }
            }
        }
        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
    }

    static IEnumerable<JsonNode> Odd(JsonNode example)
    {
        IEnumerable<Func<JsonNode, JsonNode>> Ways(JsonNode? n, Func<JsonNode, JsonNode> to)
        {
            switch (n)
            {
                case JsonObject o:
                    foreach (var (k, v) in o.ToList())
                    {
                        foreach (var way in Ways(v, root => to(root)[k]!))
                        {
                            yield return way;
                        }
                    }
                    break;
                case JsonArray a:
                    for (var i = 0; i < Math.Min(2, a.Count); i++)
                    {
                        var at = i;
                        foreach (var way in Ways(a[i], root => to(root)[at]!))
                        {
                            yield return way;
                        }
                    }
                    break;
                case JsonValue:
                    yield return to;
                    break;
            }
        }
        foreach (var way in Ways(example, root => root))
        {
            var figure = way(example).AsValue().TryGetValue<double>(out _);
            JsonNode[] values = figure ? [5e-324, 0, 1e308, 1e-300, -1, 100.000004] : ["", " ", "\0"];
            foreach (var value in values)
            {
                var odd = example.DeepClone();
                var at = way(odd);
                at.ReplaceWith(value);
                yield return odd;
            }
        }
    }
}
