using System.Diagnostics;
using System.Net.Http.Headers;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Haar.Web.Tests.Fuzz;

/// <param name="Sent">Requests.</param>
/// <param name="By">How many of each status.</param>
/// <param name="Wrong">Answers that break a promise, with their requests.</param>
/// <param name="Slowest">The longest answer.</param>
public sealed record FuzzResult(int Sent, SortedDictionary<int, int> By, List<string> Wrong, TimeSpan Slowest, string SlowestRequest);

/// <summary>Sends made-up requests and holds every answer to what is promised of answers.</summary>
public static class FuzzRun
{
    /// <param name="client">With the session's cookie and token.</param>
    public static async Task<FuzzResult> RunAsync(HttpClient client, int count, int seed, CancellationToken cancel = default)
    {
        var fuzzer = new Fuzzer(JsonNode.Parse(await client.GetStringAsync("/openapi/v1.json", cancel))!, seed);
        fuzzer.Learn("/api/workshop", JsonNode.Parse(await client.GetStringAsync("/api/workshop", cancel)));
        var by = new SortedDictionary<int, int>();
        var wrong = new List<string>();
        var (slowest, slowestRequest) = (TimeSpan.Zero, "");
        for (var i = 0; i < count; i++)
        {
            var ask = fuzzer.Next();
            using var request = new HttpRequestMessage(new HttpMethod(ask.Method), ask.Path);
            if (ask.Body is not null)
            {
                request.Content = new ByteArrayContent(ask.Body);
                request.Content.Headers.TryAddWithoutValidation("Content-Type", ask.ContentType);
            }
            if (ask.IfMatch is not null)
            {
                request.Headers.TryAddWithoutValidation("If-Match", ask.IfMatch);
            }
            var watch = Stopwatch.StartNew();
            using var response = await client.SendAsync(request, cancel);
            var bytes = await response.Content.ReadAsByteArrayAsync(cancel);
            if (watch.Elapsed > slowest)
            {
                (slowest, slowestRequest) = (watch.Elapsed, ask.ToString());
            }
            var status = (int)response.StatusCode;
            by[status] = by.GetValueOrDefault(status) + 1;
            var isJson = response.Content.Headers.ContentType?.MediaType?.EndsWith("json", StringComparison.Ordinal) == true;
            JsonNode? answer = null;
            try
            {
                answer = isJson && bytes.Length is > 0 and < 2_000_000 ? JsonNode.Parse(bytes) : null;
            }
            catch (JsonException)
            {
                wrong.Add($"{status}, no JSON: {ask}");
            }
            if (Complaint(status, response.Content.Headers.ContentType, answer) is { } complaint)
            {
                wrong.Add($"{complaint} {status}: {ask}\n    {answer?.ToJsonString()}");
            }
            else if (status < 300 && ask.Method == "GET")
            {
                fuzzer.Learn(ask.Path, answer);
            }
        }
        return new(count, by, wrong, slowest, slowestRequest);
    }

    static string? Complaint(int status, MediaTypeHeaderValue? type, JsonNode? answer)
    {
        if (status < 400)
        {
            return null;
        }
        if (status >= 500)
        {
            // Deliberate: busy, out of reach, or nowhere to write.
            return status is 503 or 507 ? null : "a fault";
        }
        if (type?.MediaType != "application/problem+json" || answer is null)
        {
            return "no problem document";
        }
        if (answer["detail"]?.GetValue<string>() is not { Length: > 10 } || answer["title"]?.GetValue<string>() is not { Length: > 2 })
        {
            return "no sentence";
        }
        return status == 400 && answer["errors"] is not JsonObject { Count: > 0 } ? "names no field" : null;
    }
}
